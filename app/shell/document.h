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
    void undo();
    void redo();
    bool can_undo() const { return at_ > 0; }
    bool can_redo() const { return at_ + 1 < history_.size(); }
    QString undo_text() const { return can_undo() ? history_[at_].what : QString(); }
    QString redo_text() const { return can_redo() ? history_[at_ + 1].what : QString(); }

    void set_conditions(const Conditions& conditions);
    void select(const Id& id);
    /// Proposes wiring; on refusal says which load and why, and changes nothing.
    bool propose_wiring();

    /// Opens a plan file; unsaved work that was left for it is taken up, with a word. False with a message on
    /// error.
    bool open(const QString& file);
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

  private:
    struct Version {
        std::shared_ptr<const Plan> plan;
        QString what;
    };
    void start_with(Plan plan, const QString& file);
    void refresh();
    void touched();
    std::shared_ptr<const Catalogue> catalogue_;
    std::vector<Version> history_;
    size_t at_ = 0;
    std::shared_ptr<const Plan> saved_;
    Study study_;
    Id selection_;
    QString file_, recovery_folder_;
    QTimer autosave_;
};

}  // namespace sangre::app
