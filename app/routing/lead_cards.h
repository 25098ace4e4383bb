#pragma once
// Every lead laid straight, to scale, with everything on it at its distance; beneath it the order in which it
// goes on.
#include "making/laid_straight.h"
#include "shell/document.h"
#include "widgets/canvas.h"
#include "widgets/free_room.h"

namespace sangre::app {

class LeadCards : public Canvas {
    Q_OBJECT
  public:
    LeadCards(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;

  private:
    void paint_card(QPainter& p, const QRectF& area, size_t feed);
    double paint_lead(QPainter& p, const QRectF& area, const LaidStraight& laid, size_t feed);
    void paint_thing(QPainter& p, const LaidThing& thing, double x, double y, double wide);
    void paint_order(QPainter& p, const QRectF& area, const LaidStraight& laid);
    const LaidStraight& laid(size_t feed) const;
    double card_tall(size_t feed) const;
    size_t columns() const;
    bool movable(const LaidThing& thing) const;
    /// A thing of a lead, and the stretch of screen that the lead lies on.
    struct Grip {
        size_t feed = 0, thing = 0;
        double x = 0, left = 0, wide = 1;
    };
    Document& document_;
    FreeRoom room_;
    std::vector<std::pair<QRectF, Grip>> grips_;  ///< as they were painted last
    std::optional<Grip> held_;
    QPointF grabbed_at_;
    bool moved_ = false;
    mutable std::vector<std::optional<LaidStraight>> laid_;  ///< as they were asked for, until the next edit
};

}  // namespace sangre::app
