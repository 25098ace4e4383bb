#pragma once
// Every lead laid straight, to scale, with everything on it at its distance; beneath it the order in which it
// goes on.
#include "shell/document.h"
#include "straight/laid_straight.h"
#include "widgets/canvas.h"
#include "widgets/free_room.h"

namespace sangre::app {

class LeadCards : public Canvas {
    Q_OBJECT
  public:
    LeadCards(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    /// Every feed's card into a .pdf, as many as a page holds; what went wrong, or nothing.
    QString export_cards(const QString& file);

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;

  private:
    void paint_card(QPainter& p, const QRectF& area, size_t feed);
    double paint_lead(QPainter& p, const QRectF& area, const LaidStraight& laid, size_t feed);
    void paint_thing(QPainter& p, const LaidThing& thing, double x, double y, double wide);
    void paint_order(QPainter& p, const QRectF& area, const LaidStraight& laid);
    const LaidStraight& laid(size_t feed);
    Document& document_;
    FreeRoom room_;
    std::vector<std::optional<LaidStraight>> laid_;  ///< as they were asked for, until the next edit
};

}  // namespace sangre::app
