#pragma once
#include <QPushButton>
#include <QScrollArea>

#include "build/step_card.h"

namespace sangre::app {

/// The steps in order, the done ones ticked.
class StepList : public Canvas {
    Q_OBJECT
  public:
    StepList(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    void set_current(const std::string& key);
    double row_top(const std::string& key) const;

  signals:
    void chosen(const QString& key);

  protected:
    void paint(QPainter& p) override;

  private:
    void paint_row(QPainter& p, const Step& step, int number, const QRectF& area);
    Document& document_;
    std::string current_;
};

class BuildStation : public QWidget {
    Q_OBJECT
  public:
    BuildStation(Document& document, QWidget* parent = nullptr);
    /// Marks the current step done, or not done after all, and goes on to the next.
    void toggle_done();
    void take_note();
    const Step* current() const;
    QLineEdit* note_field() { return note_; }

  signals:
    void measure_asked();

  protected:
    void keyPressEvent(QKeyEvent* e) override;
    /// Out of sight nothing is refreshed: the list is worked out when somebody looks.
    void showEvent(QShowEvent* e) override;

  private:
    void refresh();
    void go_to(const std::string& key);
    Document& document_;
    StepCard* card_;
    StepList* list_;
    QScrollArea* area_;
    QLabel* summary_;
    QPushButton *done_, *measure_, *note_button_;
    QLineEdit* note_;
    std::string key_;
};

}  // namespace sangre::app
