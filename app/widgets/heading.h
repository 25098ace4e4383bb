#pragma once
// A station's title line: what it is, how to work it, and its buttons at the right.
#include <QHBoxLayout>
#include <QLabel>

namespace sangre::app {

class Heading : public QWidget {
  public:
    Heading(const QString& title, const QString& hint, QWidget* parent = nullptr, double size = 18);
    void add(QWidget* w) { row_->addWidget(w); }
    void set_title(const QString& words) { title_->setText(words); }
    void set_hint(const QString& words) { hint_->setText(words); }

  private:
    QHBoxLayout* row_;
    QLabel *title_, *hint_;
};

}  // namespace sangre::app
