// What the document keeps on disk: its file, the version before, work left by a program that is gone.
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

#include "output/files/plan_file.h"
#include "shell/document.h"
#include "shell/pictures.h"
#include "shell/settings.h"
#include "widgets/words.h"

namespace sangre::app {

namespace {

const auto plan_ending = QStringLiteral(".json");

bool is_demo(const QString& file) {
    const QDir demos(QString::fromStdString((data_directory() / "demos").string()));
    return QFileInfo(file).canonicalPath() == demos.canonicalPath() && !demos.canonicalPath().isEmpty();
}

}  // namespace

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
