#pragma once
#include <QElapsedTimer>
#include <QPixmap>
#include <QTimer>

#include "output/diagram/step_drawing.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// Round; filled with a hook where it is done.
void draw_tick(QPainter& p, const QRectF& area, bool done);

/// One step, large, readable from a metre away: its drawing, what the hands do with a tick for each, a clock
/// for what is counted, its caution.
class StepCard : public Canvas {
    Q_OBJECT
  public:
    StepCard(Document& document, QWidget* parent = nullptr);
    void show_step(const Step* step, size_t number, size_t of);
    /// Starts the clock of this step, or stops it.
    void toggle_clock();
    bool counting() const { return clock_.isActive(); }
    /// Seconds that are left on the clock; 0 where there is none.
    double seconds_left() const;
    /// Where its drawing stands; empty where it has none.
    QRectF drawn_at() const { return drawn().isEmpty() ? QRectF() : drawn_at_; }
    /// Minutes that this step has been looked at.
    double minutes_shown() const {
        return static_cast<double>(shown_.isValid() ? shown_.elapsed() : 0) / 60000;
    }

  signals:
    void clock_ran_out();

  protected:
    void showEvent(QShowEvent*) override;
    void paint(QPainter& p) override;
    void resizeEvent(QResizeEvent* e) override;
    bool event(QEvent* e) override;
    bool eventFilter(QObject* watched, QEvent* e) override;

  private:
    /// How the drawing and the words share the card.
    struct Layout {
        int letters = 16;                 ///< of the actions
        bool beside = false;              ///< the drawing stands at their left, else over them
        double actions = 0, drawing = 0;  ///< heights; no drawing where there is none
    };
    Layout layout(double room) const;
    QSizeF drawn() const;  ///< of the drawing or the photograph, in its own units
    double actions_height(double wide, int letters) const;
    double heading_height() const;
    double foot_height() const;
    void settle_height();
    double seconds() const;
    double paint_heading(QPainter& p, bool done);
    void paint_drawing(QPainter& p, const QRectF& room);
    void paint_actions(QPainter& p, const QRectF& area, int letters, bool done);
    void paint_clock(QPainter& p, const QRectF& area);
    void paint_caution(QPainter& p);
    void paint_foot(QPainter& p);
    Document& document_;
    const Step* step_ = nullptr;
    size_t number_ = 0, of_ = 0;
    DiagramSheet drawing_;
    QRectF drawn_at_;
    QPixmap photo_;
    QString photo_file_;
    QTimer clock_;
    QElapsedTimer since_, shown_;
    std::string key_;
};

}  // namespace sangre::app
