#pragma once
// What is bought, line by line, ticked as ordered, on its way, arrived.
#include "making/shopping.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class ShoppingView : public Canvas {
    Q_OBJECT
  public:
    ShoppingView(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override { return sizeHint(); }
    QSize sizeHint() const override;
    const Shopping& list() const { return list_; }

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;

  private:
    void renew();
    void paint_row(QPainter& p, const ShoppingLine& line, const QRectF& area);
    static void draw_box(QPainter& p, const QRectF& area, const ShoppingLine& line, bool here);
    void state_menu(const ShoppingLine& line);
    void ask_arrival(const ShoppingLine& line);
    void next_state(const ShoppingLine& line);
    void say_at_hand(const ShoppingLine& line);
    Document& document_;
    Shopping list_;
    std::shared_ptr<const Plan> of_;
};

}  // namespace sangre::app
