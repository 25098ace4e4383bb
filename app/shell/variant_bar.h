#pragma once
// Plan A kept beside the one on screen: what got better, what worse, and the way back.
#include "comparison/variants.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// Hidden while no A is kept.
class VariantBar : public Canvas {
    Q_OBJECT
  public:
    VariantBar(Document& document, QWidget* parent = nullptr);
    const std::vector<VariantFigure>& figures() const { return figures_; }

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().sunken; }

  private:
    void refresh();
    Document& document_;
    std::vector<VariantFigure> figures_;
};

}  // namespace sangre::app
