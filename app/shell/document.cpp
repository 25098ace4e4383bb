#include "shell/document.h"
#include "shell/pictures.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

#include "comparison/next.h"
#include "comparison/variants.h"
#include "output/files/plan_file.h"
#include "rules/mends.h"
#include "shell/settings.h"
#include "widgets/words.h"

namespace sangre::app {

namespace {

/// Never further behind than this and the time it takes to write.
constexpr int autosave_ms = 1000;

}  // namespace

Document::Document(std::shared_ptr<const Catalogue> catalogue, QString recovery_folder, QObject* parent)
    : QObject(parent), catalogue_(std::move(catalogue)), recovery_(std::move(recovery_folder)) {
    autosave_.setSingleShot(true);
    autosave_.setInterval(autosave_ms);
    connect(&autosave_, &QTimer::timeout, this, [this] { keep_work(true); });
    start_with(std::make_shared<const Plan>(), {});
}

void Document::start_with(std::shared_ptr<const Plan> plan, const QString& file, std::optional<Study> ahead) {
    ++opened_;
    file_ = file;
    copy_of_.clear();
    gone_ = false;
    base_ = file.isEmpty() ? QByteArray() : fingerprint(file);
    saved_ = std::move(plan);
    history_ = {{saved_, {}, 0}};
    at_ = 0;
    selection_.clear(), selected_before_.clear();
    shown_why_.reset();
    const auto conditions = usual_conditions(*saved_);
    study_ = ahead ? std::move(*ahead) : sangre::study(*saved_, *catalogue_, conditions);
    set_variant(nullptr);
    emit changed();
    emit file_changed();
    emit selection_changed();
}

void Document::set_catalogue(std::shared_ptr<const Catalogue> catalogue) {
    // What is studied points into the old one, which has to live until then.
    const auto old = std::exchange(catalogue_, std::move(catalogue));
    study_ = sangre::study(plan(), *catalogue_, study_.conditions);
    if (variant_) variant_study_ = sangre::study(*variant_, *catalogue_, study_.conditions);
    emit changed();
}

void Document::refresh() {
    study_ = sangre::study(plan(), *catalogue_, study_.conditions, study_);
    emit changed();
}

void Document::touched() {
    // Not begun anew: at any pace of edits it comes due.
    if (!autosave_.isActive()) autosave_.start();
    refresh();
    emit file_changed();
}

bool Document::accepts(const Plan& next) {
    const auto fits = check_edit(plan(), next);
    if (!fits)
        emit said(
            tell("Not done, since it could not be saved: {error}", QString::fromStdString(fits.error())),
            true, false);
    return fits.has_value();
}

void Document::apply(const Edit& edit, const QString& what) {
    if (!edit) return;
    auto next = edit(plan());
    if (next == plan() || !accepts(next)) return;
    history_.resize(at_ + 1);
    history_.push_back({std::make_shared<const Plan>(std::move(next)), what, 0});
    ++at_;
    touched();
}

void Document::apply_within(int gesture, const Edit& edit, const QString& what) {
    const bool again = at_ > 0 && history_[at_].gesture == gesture;
    auto next = std::make_shared<const Plan>(edit(*history_[again ? at_ - 1 : at_].plan));
    if (*next == plan() || !accepts(*next)) return;
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
    emit said(tell("{subject} — {change}", what, QString::fromStdString(change)), false, true);
}

bool Document::apply_and_tell(const tl::expected<Plan, std::string>& next, const QString& what) {
    if (!next) {
        emit said(tell("{task}: {error}.", what, QString::fromStdString(next.error())), true, false);
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

std::vector<QString> Document::history() const {
    std::vector<QString> done;
    for (size_t i = 1; i <= at_; ++i) done.push_back(history_[i].what);
    return done;
}

void Document::undo_to(size_t change) {
    if (change >= at_) return;
    at_ = change;
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

std::vector<Id> Document::selected() const {
    auto all = selected_before_;
    if (!selection_.empty()) all.push_back(selection_);
    return all;
}

bool Document::selects(const Id& id) const {
    return id == selection_ ||
           std::find(selected_before_.begin(), selected_before_.end(), id) != selected_before_.end();
}

void Document::select(const Id& id) {
    if (extending_ && !id.empty() && !selection_.empty()) {
        auto all = selected();
        if (std::erase(all, id) == 0) all.push_back(id);
        selection_ = all.empty() ? Id() : all.back();
        if (!all.empty()) all.pop_back();
        selected_before_ = std::move(all);
    } else if (selection_ == id && !shown_why_ && selected_before_.empty())
        return;
    else
        selection_ = id, selected_before_.clear();
    shown_why_.reset();
    emit selection_changed();
}

void Document::select_all(std::vector<Id> all) {
    if (all.empty()) return;
    selection_ = all.back();
    all.pop_back();
    selected_before_ = std::move(all);
    shown_why_.reset();
    emit selection_changed();
}

QString Document::folder() const {
    if (!file_.isEmpty()) return QFileInfo(file_).absolutePath();
    const auto last = QSettings().value("recent").toStringList().value(0);
    const QFileInfo there(last);
    return !last.isEmpty() && there.absoluteDir().exists()
               ? there.absolutePath()
               : QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
}

void Document::show_why(Why why) {
    selection_.clear(), selected_before_.clear();
    shown_why_ = std::move(why);
    emit selection_changed();
}

bool Document::propose_wiring() {
    const auto proposal = propose_and_mend(plan(), *catalogue_);
    if (!proposal) {
        QString why;
        for (const auto& r : proposal.error()) {
            if (!why.isEmpty()) why += QStringLiteral("  ");
            const auto reason = QString::fromStdString(r.reason);
            why += r.load.empty() ? tell("No proposal: {reason}.", reason)
                                  : tell("{part} cannot be served: {reason}.",
                                         QString::fromStdString(name_of(plan(), r.load)), reason);
        }
        if (!proposal.error().front().load.empty()) select_only(proposal.error().front().load);
        emit said(why, true, false);
        return false;
    }
    const auto before = plan().feeds().size();
    apply([next = proposal->plan](const Plan&) { return next; }, tr("Propose wiring"));
    const auto wired = plan().feeds().size();
    emit proposed();
    // What it rests on comes first: that is what to say otherwise.
    QStringList taken;
    for (const auto& one : assumptions(plan(), study_)) taken << QString::fromStdString(one);
    auto words =
        taken.isEmpty() ? QString() : tell("Assumed: {list}.", taken.join(QStringLiteral("; "))) + ' ';
    words += tell("{first|Wired|Wired anew}: {feeds} {feeds|feed|feeds}.", before == 0, wired);
    const auto dangers = count(study_.findings, Severity::danger);
    if (dangers > 0)
        words +=
            ' ' + tell("{dangers} {dangers|danger left; F8 shows it|dangers left; F8 shows them}.", dangers);
    emit said(words, dangers > 0, true);
    return true;
}

QString Document::beside(const QString& file, const char* what) const {
    const auto key = QFileInfo(file).absoluteFilePath().toUtf8();
    return recovery_.folder() + "/" +
           QCryptographicHash::hash(key, QCryptographicHash::Sha1).toHex().left(16) + what;
}

QString Document::variant_file() const {
    return beside(file_.isEmpty() ? recovery_.file() : file_, ".a.json");
}

void Document::set_variant(std::shared_ptr<const Plan> plan) {
    variant_ = std::move(plan);
    if (variant_) variant_study_ = sangre::study(*variant_, *catalogue_, study_.conditions);
    emit variant_changed();
}

void Document::keep_variant() {
    set_variant(kept_plan());
    QDir().mkpath(recovery_.folder());
    if (const auto written = save_plan(*variant_, variant_file().toStdString()); !written)
        emit said(
            tell("Plan A is kept only until you leave: {error}", QString::fromStdString(written.error())),
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

bool Document::write_recovery() { return keep_work(false); }

}  // namespace sangre::app
