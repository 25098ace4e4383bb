#pragma once
// The wiring diagram on screen: sheets one below the other, as the core lays them out; pointed at, zoomed,
// written to a file.
#include "output/diagram/diagram.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class DiagramView : public Canvas {
    Q_OBJECT
  public:
    DiagramView(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    const Diagram& diagram() const { return diagram_; }

  protected:
    void paint(QPainter& p) override;
    void wheelEvent(QWheelEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    void showEvent(QShowEvent* e) override;

  private:
    void renew();
    /// Millimetres of paper to pixels of the drawing.
    double pixels() const;
    Document& document_;
    Diagram diagram_;
    std::shared_ptr<const Plan> of_;
};

}  // namespace sangre::app
