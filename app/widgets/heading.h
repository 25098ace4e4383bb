#pragma once
// A station's title line: what it is, how to work it, and its buttons at the right.
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <QWidget>

#include "comparison/next.h"

namespace sangre::app {

class Document;
class Line;

class Heading : public QWidget {
  public:
    Heading(const QString& title, const QString& hint, QWidget* parent = nullptr, double size = 18);
    void add(QWidget* w) { row_->addWidget(w); }
    void set_title(const QString& words);
    void set_hint(const QString& words);
    /// Says, for as long as it is seen, what comes next there; the hint becomes its tip.
    void say_next(Document& document, Stage stage);

    /// As narrow as its title or its buttons: they stand one above the other then.
    QSize minimumSizeHint() const override;

  protected:
    void showEvent(QShowEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;

  private:
    void say_next();
    void place_hint();
    void place_title();
    int buttons_width() const;
    Document* document_ = nullptr;
    Stage stage_{};
    QString hint_words_;
    QVBoxLayout* column_;
    QHBoxLayout* row_;
    Line *title_, *hint_;
};

}  // namespace sangre::app
