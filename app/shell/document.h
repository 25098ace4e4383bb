#pragma once
// The open plan: its history, its file, what is selected, and the study that every view draws from.
#include <QDateTime>
#include <QFileSystemWatcher>
#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>

#include "proposal/propose.h"
#include "rules/study.h"
#include "shell/recovery.h"

namespace sangre::app {

class Document : public QObject {
    Q_OBJECT
  public:
    /// `recovery_folder` holds the unsaved work; tests give one of their own.
    Document(std::shared_ptr<const Catalogue> catalogue, QString recovery_folder, QObject* parent = nullptr);

    const Plan& plan() const { return *history_[at_].plan; }
    const Study& study() const { return study_; }
    const Catalogue& catalogue() const { return *catalogue_; }
    /// The catalogue as a value that outlives the next one, for work in the background.
    std::shared_ptr<const Catalogue> kept_catalogue() const { return catalogue_; }
    /// Another catalogue from now on; everything is worked out anew from it.
    void set_catalogue(std::shared_ptr<const Catalogue> catalogue);
    const Conditions& conditions() const { return study_.conditions; }
    /// What was selected last; empty: nothing, which stands for the plan.
    const Id& selection() const { return selection_; }
    /// All that is selected, in the order in which it was.
    std::vector<Id> selected() const;
    bool selects(const Id& id) const;
    const QString& file() const { return file_; }
    /// Another number for every plan that is opened or begun: what was started for one is not for the next.
    int opened() const { return opened_; }
    /// True where the plan on screen stands in no file: edited, or its file is gone from disk.
    bool modified() const { return gone_ || plan() != *saved_; }

    /// An edit whose result could not be saved and opened again is refused with a word, and changes nothing.
    void apply(const Edit& edit, const QString& what);
    /// One of a row of edits that a drag makes: it takes the place of the one before it of the same gesture,
    /// so that the row is undone at once.
    void apply_within(int gesture, const Edit& edit, const QString& what);
    /// A number for the next gesture.
    int new_gesture() { return ++gestures_; }
    /// The same, and says what got better and what worse by it.
    void apply_and_tell(const Edit& edit, const QString& what);
    /// The same for an edit that may be refused: the reason is said, and nothing changes.
    bool apply_and_tell(const tl::expected<Plan, std::string>& next, const QString& what);
    void undo();
    void redo();
    /// What was done, oldest first, that can be undone.
    std::vector<QString> history() const;
    /// Back to before the change of that number in history().
    void undo_to(size_t change);
    bool can_undo() const { return at_ > 0; }
    bool can_redo() const { return at_ + 1 < history_.size(); }
    QString undo_text() const { return can_undo() ? history_[at_].what : QString(); }
    QString redo_text() const { return can_redo() ? history_[at_ + 1].what : QString(); }

    void set_conditions(const Conditions& conditions);
    void select(const Id& id);
    /// That and nothing else, whatever keys are held.
    void select_only(const Id& id) {
        extending_ = false;
        select(id);
    }
    /// All of these, the last as the one that is shown.
    void select_all(std::vector<Id> all);
    /// Where a file dialog begins: beside the plan, else where one was last, else in the documents.
    QString folder() const;
    /// While this holds, select() adds to what is selected, or takes out of it.
    void extend_selection(bool extending) { extending_ = extending; }
    /// Arithmetic that belongs to no part of the plan, until something is selected.
    void show_why(Why why);
    const std::optional<Why>& shown_why() const { return shown_why_; }
    /// The plan as a value that outlives the next edit, for work in the background.
    std::shared_ptr<const Plan> kept_plan() const { return history_[at_].plan; }
    /// Proposes wiring; on refusal says which load and why, and changes nothing.
    bool propose_wiring();

    /// Keeps the plan as it is now as A, to compare what comes after with; kept beside the recovery files.
    void keep_variant();
    /// A on screen, as an edit that can be undone, and what was there as A.
    void swap_variants();
    void forget_variant();
    const Plan* variant() const { return variant_.get(); }
    const Study& variant_study() const { return variant_study_; }

    /// Opens a plan file; unsaved work that was left for it is taken up, with a word, unless the file has
    /// changed since. A shipped demo opens as a copy without a file. False with a message on error.
    bool open(const QString& file);
    /// The same with what has been read from it and studied at its usual conditions meanwhile.
    void open(const QString& file, Study ahead);
    bool save();
    /// Adds the ending of plans where there is none. What stood there is kept as the version before; what
    /// another program has written there since it was opened is kept beside it.
    bool save_as(QString file);
    /// An empty plan; false where the one on screen would be lost by it and is to stay.
    bool new_plan();
    /// Keeps what is unsaved for the next start. Where that cannot be done, asks; false: stay with this plan.
    bool may_leave();
    /// Asked with the reason why unsaved work cannot be kept; true gives it up. Without one nothing is given
    /// up.
    void ask_before_losing(std::function<bool(const QString&)> ask) { may_lose_ = std::move(ask); }
    /// Never-saved plans and work on files that changed meanwhile, left by programs that are gone.
    std::vector<Recovery::Left> left_behind() const { return recovery_.left(); }
    /// Opens what was left; false with a message where it cannot be read: then it stays.
    bool take_up(const Recovery::Left& left);
    /// The newest never-saved plan that was left, if there is one.
    void take_up_newest();
    /// What this file held before it was last saved; empty where nothing did.
    QString version_before() const;
    void back_to_version_before();
    /// Looks whether another program has changed the file; says so, and reads it anew where nothing is
    /// unsaved.
    void check_disk();
    /// Back to the file as saved, giving the recovered work up.
    void discard_recovered();

    /// Now as the log writes it.
    static std::string now() { return QDateTime::currentDateTime().toString(Qt::ISODate).toStdString(); }
    QString recovery_file() const { return recovery_.file(); }
    /// The file that it is, or that it was copied from: pictures lie beside it.
    QString origin() const { return file_.isEmpty() ? copy_of_ : file_; }
    /// Where pictures wait until the plan is saved.
    QString pictures_pool() const;
    bool write_recovery();

  signals:
    void changed();  ///< plan or conditions, and with them every number
    void selection_changed();
    void said(const QString& text, bool error, bool undoable);
    void file_changed();
    void variant_changed();
    void proposed();  ///< wiring was, and is in the plan

  private:
    struct Version {
        std::shared_ptr<const Plan> plan;
        QString what;
        int gesture = 0;
    };
    void start_with(std::shared_ptr<const Plan> plan, const QString& file, std::optional<Study> ahead = {});
    void set_variant(std::shared_ptr<const Plan> plan);
    bool accepts(const Plan& next);
    /// Kept in the recovery folder for the open plan's file.
    QString beside(const QString& file, const char* what) const;
    QString variant_file() const;
    bool keep_version_before(const QString& file, QString& not_kept);
    void recover_for_file();
    bool keep_work(bool aside);
    void could_not_keep(const std::string& why);
    /// True where the file that was open here has gone from disk; said once.
    bool notice_gone();
    void watch();
    void refresh();
    void touched();
    std::shared_ptr<const Catalogue> catalogue_;
    std::vector<Version> history_;
    size_t at_ = 0;
    int gestures_ = 0;
    std::shared_ptr<const Plan> saved_;
    Study study_, variant_study_;
    std::shared_ptr<const Plan> variant_;
    Id selection_;
    std::vector<Id> selected_before_;  ///< beside `selection_`
    bool extending_ = false;
    std::optional<Why> shown_why_;
    int opened_ = 0;
    QString file_;
    QString copy_of_;    ///< the shipped demo that this began as
    QByteArray base_;    ///< fingerprint of the file as last read or written
    bool gone_ = false;  ///< the file was there and is no longer
    std::function<bool(const QString&)> may_lose_;
    std::string not_kept_;  ///< why unsaved work could not be kept the last time; empty: it was
    Recovery recovery_;
    QTimer autosave_;
    std::unique_ptr<QFileSystemWatcher> watcher_;
};

}  // namespace sangre::app
