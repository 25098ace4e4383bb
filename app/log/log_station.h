#pragma once
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// What was done, measured and noted, the newest first, by day.
class LogList : public Canvas {
    Q_OBJECT
  public:
    LogList(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;

  protected:
    void paint(QPainter& p) override;

  private:
    Document& document_;
};

class LogStation : public QWidget {
    Q_OBJECT
  public:
    LogStation(Document& document, QWidget* parent = nullptr);
    QLineEdit* note_field() { return note_; }

  private:
    Document& document_;
    QLineEdit* note_;
};

}  // namespace sangre::app
