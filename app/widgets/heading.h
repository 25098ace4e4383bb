#pragma once
// A station's title line: what it is, how to work it, and its buttons at the right.
#include <QHBoxLayout>
#include <QWidget>

namespace sangre::app {

class Line;

class Heading : public QWidget {
  public:
    Heading(const QString& title, const QString& hint, QWidget* parent = nullptr, double size = 18);
    void add(QWidget* w) { row_->addWidget(w); }
    void set_title(const QString& words);
    void set_hint(const QString& words);

  private:
    QHBoxLayout* row_;
    Line *title_, *hint_;
};

}  // namespace sangre::app
