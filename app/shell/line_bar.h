#pragma once
// A field over the station in which a whole line is typed: of what is selected, or of something new.
#include <QCompleter>
#include <QLabel>
#include <QLineEdit>
#include <QStringListModel>
#include <QWidget>
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "shell/document.h"

namespace sangre::app {

class LineBar : public QWidget {
    Q_OBJECT
  public:
    explicit LineBar(Document& document, QWidget* parent = nullptr);
    /// Opens with the line of that thing and `more` behind it.
    void change(const Id& id, const QString& more = {});
    /// Opens for a new thing, with what its line begins with: “load Horn 12 V 2 A, at Mast”.
    void add(const QString& begun = {});
    /// Shuts without taking anything over.
    void leave();
    QLineEdit* field() const { return field_; }
    QString problem() const { return problem_->isVisibleTo(this) ? problem_->text() : QString(); }

  protected:
    bool eventFilter(QObject* watched, QEvent* e) override;

  private:
    void open(const QString& title, const QString& text, const QString& example);
    /// The plan with the line in the field.
    tl::expected<Plan, ParseError> read() const;
    void commit();
    void enter();
    void complete();
    void take_completion(const QString& words);
    void show_problem(const QString& words, int begin, int end);
    Document& document_;
    QLabel *title_, *problem_;
    QLineEdit* field_;
    QCompleter* completer_;
    QStringListModel* offers_;
    Id subject_;
    bool adding_ = false;
    int offered_from_ = 0;  ///< where in the field what is offered would begin
};

}  // namespace sangre::app
