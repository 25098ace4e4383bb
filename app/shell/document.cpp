#include "shell/document.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>

#include "decide/variants.h"
#include "files/plan_file.h"

namespace sangre::app {

Document::Document(std::shared_ptr<const Catalogue> catalogue, QString recovery_folder, QObject* parent)
    : QObject(parent), catalogue_(std::move(catalogue)), recovery_folder_(std::move(recovery_folder)) {
    autosave_.setSingleShot(true);
    autosave_.setInterval(1500);
    connect(&autosave_, &QTimer::timeout, this, &Document::write_recovery);
    start_with(std::make_shared<const Plan>(), {});
}

void Document::start_with(std::shared_ptr<const Plan> plan, const QString& file, std::optional<Study> ahead) {
    file_ = file;
    saved_ = std::move(plan);
    history_ = {{saved_, {}, 0}};
    at_ = 0;
    selection_.clear();
    shown_why_.reset();
    const auto conditions = usual_conditions(*saved_);
    study_ = ahead ? std::move(*ahead) : sangre::study(*saved_, *catalogue_, conditions);
    set_variant(nullptr);
    emit changed();
    emit file_changed();
    emit selection_changed();
}

void Document::refresh() {
    study_ = sangre::study(plan(), *catalogue_, study_.conditions, study_);
    emit changed();
}

void Document::touched() {
    autosave_.start();
    refresh();
    emit file_changed();
}

void Document::apply(const Edit& edit, const QString& what) {
    if (!edit) return;
    auto next = edit(plan());
    if (next == plan()) return;
    history_.resize(at_ + 1);
    history_.push_back({std::make_shared<const Plan>(std::move(next)), what, 0});
    ++at_;
    touched();
}

void Document::apply_within(int gesture, const Edit& edit, const QString& what) {
    const bool again = at_ > 0 && history_[at_].gesture == gesture;
    auto next = std::make_shared<const Plan>(edit(*history_[again ? at_ - 1 : at_].plan));
    if (*next == plan()) return;
    history_.resize(at_ + 1);
    if (again)
        history_[at_].plan = std::move(next);
    else
        history_.push_back({std::move(next), what, gesture}), ++at_;
    touched();
}

void Document::apply_and_tell(const Edit& edit, const QString& what) {
    const auto before = kept_plan();
    const auto study_before = study_;
    apply(edit, what);
    if (kept_plan() == before) return;
    const auto change = tell_change(compare_variants(*before, study_before, plan(), study_));
    emit said(tr("%1 — %2").arg(what, QString::fromStdString(change)), false, true);
}

bool Document::apply_and_tell(const tl::expected<Plan, std::string>& next, const QString& what) {
    if (!next) {
        emit said(tr("%1: %2.").arg(what, QString::fromStdString(next.error())), true, false);
        return false;
    }
    apply_and_tell(Edit([made = *next](const Plan&) { return made; }), what);
    return true;
}

void Document::undo() {
    if (!can_undo()) return;
    --at_;
    touched();
}

void Document::redo() {
    if (!can_redo()) return;
    ++at_;
    touched();
}

void Document::set_conditions(const Conditions& conditions) {
    if (conditions == study_.conditions) return;
    study_ = at_conditions(plan(), *catalogue_, study_, conditions);
    if (variant_) variant_study_ = at_conditions(*variant_, *catalogue_, variant_study_, conditions);
    emit changed();
}

void Document::select(const Id& id) {
    if (selection_ == id && !shown_why_) return;
    selection_ = id;
    shown_why_.reset();
    emit selection_changed();
}

void Document::show_why(Why why) {
    selection_.clear();
    shown_why_ = std::move(why);
    emit selection_changed();
}

bool Document::propose_wiring() {
    const auto proposal = propose(plan(), *catalogue_);
    if (!proposal) {
        QString why;
        for (const auto& r : proposal.error()) {
            if (!why.isEmpty()) why += QStringLiteral("  ");
            const auto reason = QString::fromStdString(r.reason);
            why += r.load.empty() ? tr("No proposal: %1.").arg(reason)
                                  : tr("%1 cannot be served: %2.")
                                        .arg(QString::fromStdString(name_of(plan(), r.load)), reason);
        }
        if (!proposal.error().front().load.empty()) select(proposal.error().front().load);
        emit said(why, true, false);
        return false;
    }
    const auto before = plan().feeds.size();
    apply([next = proposal->plan](const Plan&) { return next; }, tr("Propose wiring"));
    const auto wired = plan().feeds.size();
    emit said(before == 0 ? tr("Wired: %1 feeds, each with its fuse and wire.").arg(wired)
                          : tr("Wired anew: %1 feeds.").arg(wired),
              false, true);
    return true;
}

QString Document::beside(const char* what) const {
    const auto key = file_.isEmpty() ? QByteArray("unnamed") : QFileInfo(file_).absoluteFilePath().toUtf8();
    return recovery_folder_ + "/" + QCryptographicHash::hash(key, QCryptographicHash::Sha1).toHex().left(16) +
           what;
}

QString Document::recovery_file() const { return beside(".autosave.json"); }

QString Document::variant_file() const { return beside(".a.json"); }

void Document::set_variant(std::shared_ptr<const Plan> plan) {
    variant_ = std::move(plan);
    if (variant_) variant_study_ = sangre::study(*variant_, *catalogue_, study_.conditions);
    emit variant_changed();
}

void Document::keep_variant() {
    set_variant(kept_plan());
    QDir().mkpath(recovery_folder_);
    if (const auto written = save_plan(*variant_, variant_file().toStdString()); !written)
        emit said(tr("Plan A is kept only until you leave: %1").arg(QString::fromStdString(written.error())),
                  true, false);
}

void Document::swap_variants() {
    if (!variant_ || *variant_ == plan()) return;
    const auto a = variant_;
    keep_variant();
    apply([a](const Plan&) { return *a; }, tr("Change over to plan A"));
}

void Document::forget_variant() {
    QFile::remove(variant_file());
    set_variant(nullptr);
}

void Document::write_recovery() {
    if (!modified()) {
        QFile::remove(recovery_file());
        return;
    }
    QDir().mkpath(recovery_folder_);
    if (const auto written = save_plan(plan(), recovery_file().toStdString()); !written)
        emit said(tr("Unsaved work could not be kept: %1").arg(QString::fromStdString(written.error())), true,
                  false);
}

bool Document::open(const QString& file) {
    auto loaded = load_plan(file.toStdString());
    if (!loaded) {
        emit said(QString::fromStdString(loaded.error()), true, false);
        return false;
    }
    open(file, sangre::study(*loaded, *catalogue_, usual_conditions(*loaded)));
    return true;
}

void Document::open(const QString& file, Study ahead) {
    // Work on the plan that is open now is kept for it before it leaves the screen.
    write_recovery();
    auto read = ahead.plan;
    start_with(std::move(read), file, std::move(ahead));
    if (auto a = QFile::exists(variant_file()) ? load_plan(variant_file().toStdString())
                                               : tl::unexpected(std::string()))
        set_variant(std::make_shared<const Plan>(std::move(*a)));
    if (!QFile::exists(recovery_file())) return;
    auto left = load_plan(recovery_file().toStdString());
    if (left && *left != plan()) {
        apply([next = *left](const Plan&) { return next; }, tr("Recover unsaved work"));
        emit said(tr("Unsaved work from last time is back."), false, true);
    }
}

bool Document::save() { return !file_.isEmpty() && save_as(file_); }

bool Document::save_as(const QString& file) {
    const auto written = save_plan(plan(), file.toStdString());
    if (!written) {
        emit said(QString::fromStdString(written.error()), true, false);
        return false;
    }
    QFile::remove(recovery_file());
    const auto old_variant = variant_file();
    file_ = file;
    if (variant_ && old_variant != variant_file()) {
        QFile::remove(variant_file());
        QFile::copy(old_variant, variant_file());
    }
    saved_ = history_[at_].plan;
    QFile::remove(recovery_file());
    emit file_changed();
    return true;
}

void Document::new_plan() {
    write_recovery();
    start_with(std::make_shared<const Plan>(), {});
}

void Document::discard_recovered() {
    apply([saved = saved_](const Plan&) { return *saved; }, tr("Give recovered work up"));
    QFile::remove(recovery_file());
}

}  // namespace sangre::app
