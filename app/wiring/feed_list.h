#pragma once
// Every feed, worst case, as a line to scan: fuse, wire, length, drop, warmest point, and what a short does.
#include "shell/document.h"
#include "widgets/canvas.h"

class QMenu;

namespace sangre::app {

class FeedList : public Canvas {
    Q_OBJECT
  public:
    FeedList(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    /// The fuses this feed may have, the fitting ones marked; filled for showing or for tests.
    void fill_fuse_menu(QMenu& menu, size_t feed);
    void fill_wire_menu(QMenu& menu, size_t feed);
    void edit_length(size_t feed);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void wheelEvent(QWheelEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    struct Columns {
        double fuse, wire, length, drop, warm, fault, end;
    };
    Columns columns() const;
    QRectF row(size_t i) const;
    /// What a spot's value is by so many sizes; null for a spot without sizes.
    std::function<Plan(const Plan&, int)> stepping(const QString& spot) const;
    void step(const QString& spot, int steps, int gesture);
    void paint_row(QPainter& p, size_t i);
    void paint_bar(QPainter& p, const QRectF& area, double share, Tone tone, const QString& words);
    Document& document_;
    QString dragged_;  ///< the spot whose value follows the hand
    QPointF drag_from_;
    int gesture_ = 0;
    bool moved_ = false;
    std::function<Plan(const Plan&, int)> stepping_;
};

}  // namespace sangre::app
