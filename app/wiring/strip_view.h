#pragma once
// The selected feed as a strip from source to end: what stands on it, what each piece drops, and a short
// where you point.
#include "electrical/protection/fault_explorer.h"
#include "harness/feed_strip.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class StripView : public Canvas {
    Q_OBJECT
  public:
    StripView(Document& document, QWidget* parent = nullptr);
    /// Points a short at a share of the wire; its story goes to the Why panel.
    void short_at(double along);
    void set_shorting(bool on);
    bool shorting() const { return shorting_; }
    const std::optional<ExploredFault>& explored() const { return explored_; }

  signals:
    void fuse_asked(size_t feed, QPoint at);
    void wire_asked(size_t feed, QPoint at);
    void length_asked(size_t feed);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    void renew();
    void lay_out(double left, double right);
    void paint_item(QPainter& p, const StripItem& item, const QRectF& area);
    void paint_symbol(QPainter& p, const StripItem& item, QPointF on, QPointF back);
    void paint_end(QPainter& p, const StripItem& item, const QRectF& area);
    void paint_short(QPainter& p);
    double supply_y() const { return u(72); }
    double return_y() const { return u(104); }
    Document& document_;
    std::optional<size_t> feed_;
    FeedStrip strip_;
    std::vector<QRectF> areas_;
    QRectF wire_;
    bool shorting_ = false;
    double along_ = 1, hover_ = -1;
    std::optional<ExploredFault> explored_;
};

}  // namespace sangre::app
