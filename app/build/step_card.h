#pragma once
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// Round; filled with a hook where it is done.
void draw_tick(QPainter& p, const QRectF& area, bool done);

/// One step, large, readable from a metre away, with its drawing.
class StepCard : public Canvas {
    Q_OBJECT
  public:
    StepCard(Document& document, QWidget* parent = nullptr);
    void show_step(const Step* step, size_t number, size_t of);

  protected:
    void paint(QPainter& p) override;

  private:
    double paint_joint(QPainter& p, double y);
    double paint_lead(QPainter& p, double y);
    double paint_target(QPainter& p, double y);
    double paint_item(QPainter& p, double y);
    double paint_cable(QPainter& p, const Lead& cable, double y);
    const Lead* cable() const;
    double cable_height() const;
    double figure_height() const;
    Document& document_;
    const Step* step_ = nullptr;
    size_t number_ = 0, of_ = 0;
};

}  // namespace sangre::app
