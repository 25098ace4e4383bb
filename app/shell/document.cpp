#include "shell/document.h"
#include "shell/pictures.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

#include "decide/variants.h"
#include "files/plan_file.h"
#include "mends/mends.h"
#include "next_action/next.h"
#include "shell/settings.h"
#include "widgets/words.h"

namespace sangre::app {

namespace {

/// Never further behind than this and the time it takes to write.
constexpr int autosave_ms = 1000;
const auto plan_ending = QStringLiteral(".json");

bool is_demo(const QString& file) {
    const QDir demos(QString::fromStdString((data_directory() / "demos").string()));
    return QFileInfo(file).canonicalPath() == demos.canonicalPath() && !demos.canonicalPath().isEmpty();
}

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
    say_anew();
}

void Document::say_anew() {
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

bool Document::keep_work(bool aside) {
    if (!modified()) return recovery_.drop(), true;
    const Recovery::About about{copy_of_.isEmpty() ? file_ : copy_of_, {}, base_, !copy_of_.isEmpty()};
    if (aside) {
        recovery_.keep_aside(kept_plan(), about, [this](const auto& written) {
            QMetaObject::invokeMethod(
                this, [this, why = written ? std::string() : written.error()] { could_not_keep(why); },
                Qt::QueuedConnection);
        });
        return true;
    }
    const auto written = recovery_.keep(plan(), about);
    could_not_keep(written ? std::string() : written.error());
    return written.has_value();
}

/// Said once for each reason; an empty one is that all is well.
void Document::could_not_keep(const std::string& why) {
    if (std::exchange(not_kept_, why) == why || why.empty()) return;
    emit said(tell("Unsaved work cannot be kept for the next start; save it to a file: {why}",
                   QString::fromStdString(why)),
              true, false);
}

bool Document::may_leave() {
    notice_gone();
    return write_recovery() || (may_lose_ && may_lose_(QString::fromStdString(not_kept_)));
}

bool Document::notice_gone() {
    if (file_.isEmpty() || base_.isEmpty() || QFile::exists(file_)) return false;
    if (std::exchange(gone_, true)) return true;
    emit said(tell("{fileName} is gone from disk. What is on screen is kept as unsaved work; saving writes "
                   "the file again.",
                   QFileInfo(file_).fileName()),
              true, false);
    keep_work(true);
    emit file_changed();
    return true;
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
    if (!may_leave()) return;
    recovery_.begin_another();
    auto read = ahead.plan;
    const bool demo = is_demo(file);
    start_with(std::move(read), demo ? QString() : file, std::move(ahead));
    if (demo) copy_of_ = QFileInfo(file).absoluteFilePath(), base_ = fingerprint(file);
    if (auto a = QFile::exists(variant_file()) ? load_plan(variant_file().toStdString())
                                               : tl::unexpected(std::string()))
        set_variant(std::make_shared<const Plan>(std::move(*a)));
    watch();
    recover_for_file();
}

/// Unsaved work on the file that was just opened.
void Document::recover_for_file() {
    const auto of = copy_of_.isEmpty() ? file_ : copy_of_;
    for (const auto& left : recovery_.left()) {
        if (left.about.of.isEmpty() || QFileInfo(left.about.of) != QFileInfo(of)) continue;
        auto plan = load_plan(left.file.toStdString());
        if (!plan) {
            emit said(tell("Unsaved work on this plan cannot be read and stays where it is: {error}",
                           QString::fromStdString(plan.error())),
                      true, false);
            continue;
        }
        if (!left.about.base.isEmpty() && left.about.base != base_) {
            emit said(tr("The file has changed since unsaved work on it was left. Both are kept: the plan "
                         "menu has it "
                         "under Unsaved plans."),
                      true, false);
            continue;
        }
        if (*plan != this->plan()) {
            apply([next = *plan](const Plan&) { return next; }, tr("Recover unsaved work"));
            if (this->plan() != *plan) continue;
            write_recovery();
            emit said(tr("Unsaved work from last time is back."), false, true);
        }
        Recovery::remove(left);
        return;
    }
}

bool Document::take_up(const Recovery::Left& left) {
    auto plan = load_plan(left.file.toStdString());
    if (!plan) {
        emit said(
            tell("It cannot be read and stays where it is: {error}", QString::fromStdString(plan.error())),
            true, false);
        return false;
    }
    if (!may_leave()) return false;
    recovery_.begin_another();
    start_with(std::make_shared<const Plan>(), {});
    if (left.about.copy) copy_of_ = left.about.of, base_ = left.about.base;
    watch();
    apply([next = *plan](const Plan&) { return next; }, tr("Recover unsaved work"));
    write_recovery();
    if (QFile::exists(recovery_file())) Recovery::remove(left);
    emit said(tr("Unsaved work from last time is back."), false, true);
    return true;
}

void Document::take_up_newest() {
    for (const auto& left : recovery_.left())
        if ((left.about.of.isEmpty() || left.about.copy || !QFile::exists(left.about.of)) && take_up(left))
            return;
}

void Document::watch() {
    watcher_.reset();
    if (file_.isEmpty()) return;
    watcher_ = std::make_unique<QFileSystemWatcher>(QStringList{file_});
    // Programs that write carefully put another file in its place: then it has to be watched anew.
    connect(watcher_.get(), &QFileSystemWatcher::fileChanged, this, [this] {
        QTimer::singleShot(200, this, [this] {
            check_disk();
            if (watcher_ && QFile::exists(file_)) watcher_->addPath(file_);
        });
    });
}

void Document::check_disk() {
    if (file_.isEmpty() || notice_gone()) return;
    if (std::exchange(gone_, false)) emit file_changed();
    const auto now = fingerprint(file_);
    if (now.isEmpty() || now == base_) return;
    if (modified()) {
        emit said(
            tell("Another program has changed {fileName}. Saving keeps both.", QFileInfo(file_).fileName()),
            true, false);
        return;
    }
    auto plan = load_plan(file_.toStdString());
    if (!plan) {
        emit said(tell("Another program has changed the file: {error}", QString::fromStdString(plan.error())),
                  true, false);
        return;
    }
    base_ = now;
    history_.resize(at_ + 1);
    history_.push_back(
        {std::make_shared<const Plan>(std::move(*plan)), tr("Take what another program wrote"), 0});
    ++at_;
    saved_ = history_[at_].plan;
    refresh();
    emit file_changed();
    emit said(
        tell("Another program has changed {fileName}: this is what it wrote.", QFileInfo(file_).fileName()),
        false, true);
}

bool Document::save() { return !file_.isEmpty() && save_as(file_); }

QString Document::version_before() const {
    const auto file = file_.isEmpty() ? QString() : beside(file_, ".before.json");
    return QFile::exists(file) ? file : QString();
}

void Document::back_to_version_before() {
    const auto before = load_plan(version_before().toStdString());
    if (!before) {
        emit said(QString::fromStdString(before.error()), true, false);
        return;
    }
    apply([next = *before](const Plan&) { return next; }, tr("Back to the version before"));
}

/// What stands in the file now, as the version before the one to be written. That it cannot be kept does not
/// hold saving up; only what another program wrote is not written over unkept.
bool Document::keep_version_before(const QString& file, QString& not_kept) {
    if (!QFileInfo(file).isFile()) return true;
    const auto fail = [&](const std::string& why) {
        emit said(QString::fromStdString(why), true, false);
        return false;
    };
    const auto text = read_text(file.toStdString());
    if (!text) return QFileInfo(file).size() == 0 || fail(text.error());
    const bool another = file == file_ && !base_.isEmpty() && fingerprint(file) != base_;
    QDir().mkpath(recovery_.folder());
    if (const auto kept = write_whole(*text, beside(file, ".before.json").toStdString()); !kept)
        not_kept = QString::fromStdString(kept.error());
    if (!another) return true;
    const QFileInfo info(file);
    QString other;
    for (int n = 1; other.isEmpty() || QFile::exists(other); ++n)
        other = QStringLiteral("%1/%2 (%3).json")
                    .arg(info.absolutePath(), info.completeBaseName(),
                         n == 1 ? tr("changed elsewhere") : tell("changed elsewhere {count}", n));
    if (const auto kept = write_whole(*text, other.toStdString()); !kept) return fail(kept.error());
    emit said(tell("Another program had changed the file; what it wrote is in {other}.", other), false,
              false);
    return true;
}

bool Document::save_as(QString file) {
    if (QFileInfo(file).suffix().isEmpty()) file += plan_ending;
    QString not_kept;
    if (!keep_version_before(file, not_kept)) return false;
    // A plan that never had a name takes that of its first file.
    if (file_.isEmpty() && plan().name == Plan{}.name)
        apply(
            [name = QFileInfo(file).completeBaseName().toStdString()](const Plan& p) {
                auto named = p;
                named.name = name;
                return named;
            },
            tr("Name the plan"));
    const auto written = save_plan(plan(), file.toStdString());
    if (!written) {
        emit said(QString::fromStdString(written.error()), true, false);
        return false;
    }
    if (const auto missing = bring_pictures(plan(), origin(), file, pictures_pool()); !missing.isEmpty())
        emit said(tell("Not there to be kept beside the plan: {list}.", missing.join(QStringLiteral(", "))),
                  true, false);
    recovery_.drop();
    const auto old_variant = variant_file();
    if (!not_kept.isEmpty())
        emit said(tell("Saved to {file}; the version before could not be kept: {not_kept}", file, not_kept),
                  true, false);
    file_ = file, copy_of_.clear();
    gone_ = false, not_kept_.clear();
    base_ = fingerprint(file);
    if (variant_ && old_variant != variant_file()) {
        QFile::remove(variant_file());
        QFile::copy(old_variant, variant_file());
    }
    saved_ = history_[at_].plan;
    watch();
    emit file_changed();
    return true;
}

QString Document::pictures_pool() const {
    return QFileInfo(recovery_file()).path() + QStringLiteral("/pictures");
}

bool Document::new_plan() {
    if (!may_leave()) return false;
    recovery_.begin_another();
    Plan fresh;
    fresh.practices = new_plan_practices(*catalogue_);
    start_with(std::make_shared<const Plan>(std::move(fresh)), {});
    watch();
    return true;
}

void Document::discard_recovered() {
    apply([saved = saved_](const Plan&) { return *saved; }, tr("Discard recovered work"));
    recovery_.drop();
}

}  // namespace sangre::app
