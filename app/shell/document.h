#pragma once
// The open plan: its history, its file, what is selected, and the study that every view draws from.
#include <QDateTime>
#include <QObject>
#include <QTimer>
#include <memory>

#include "propose/propose.h"
#include "study.h"

namespace sangre::app {

class Document : public QObject {
    Q_OBJECT
  public:
    /// `recovery_folder` holds the unsaved work; tests give one of their own.
    Document(std::shared_ptr<const Catalogue> catalogue, QString recovery_folder, QObject* parent = nullptr);

    const Plan& plan() const { return *history_[at_].plan; }
    const Study& study() const { return study_; }
    const Catalogue& catalogue() const { return *catalogue_; }
    const Conditions& conditions() const { return study_.conditions; }
    const Id& selection() const { return selection_; }
    const QString& file() const { return file_; }
    bool modified() const { return plan() != *saved_; }

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
    bool can_undo() const { return at_ > 0; }
    bool can_redo() const { return at_ + 1 < history_.size(); }
    QString undo_text() const { return can_undo() ? history_[at_].what : QString(); }
    QString redo_text() const { return can_redo() ? history_[at_ + 1].what : QString(); }

    void set_conditions(const Conditions& conditions);
    void select(const Id& id);
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

    /// Opens a plan file; unsaved work that was left for it is taken up, with a word. False with a message on
    /// error.
    bool open(const QString& file);
    /// The same with what has been read from it and studied at its usual conditions meanwhile.
    void open(const QString& file, Study ahead);
    bool save();
    bool save_as(const QString& file);
    void new_plan();
    /// Back to the file as saved, giving the recovered work up.
    void discard_recovered();

    /// Now as the log writes it.
    static std::string now() { return QDateTime::currentDateTime().toString(Qt::ISODate).toStdString(); }
    QString recovery_file() const;
    void write_recovery();

  signals:
    void changed();  ///< plan or conditions, and with them every number
    void selection_changed();
    void said(const QString& text, bool error, bool undoable);
    void file_changed();
    void variant_changed();

  private:
    struct Version {
        std::shared_ptr<const Plan> plan;
        QString what;
        int gesture = 0;
    };
    void start_with(std::shared_ptr<const Plan> plan, const QString& file, std::optional<Study> ahead = {});
    void set_variant(std::shared_ptr<const Plan> plan);
    /// A file in the recovery folder that belongs to the open plan.
    QString beside(const char* what) const;
    QString variant_file() const;
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
    std::optional<Why> shown_why_;
    QString file_, recovery_folder_;
    QTimer autosave_;
};

}  // namespace sangre::app
