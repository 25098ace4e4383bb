#pragma once
// Where the power goes: band height is watts, losses fall out as heat, what is off is a ghost.
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class FlowMap : public Canvas {
    Q_OBJECT
  public:
    FlowMap(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    QSize sizeHint() const override { return minimumSizeHint(); }

    /// Rails rearranged, as the menu and the drags do; each says what got better and worse.
    void split(const Id& rail, const std::vector<Id>& loads);
    void merge(const Id& stays, const Id& gone);
    void feed_from(const Id& rail, const Id& source);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;

  private:
    /// A part with its place in the picture.
    struct Block {
        Id id;
        PartKind kind{};
        size_t index = 0;
        int column = 0;
        QRectF area;
        double out_y = 0;  ///< where its next outgoing band starts
        bool off = false;
    };
    void lay_out();
    void order(const Id& part, int column, std::vector<Id>& seen);
    double band_height(Watt power) const;
    void paint_bands(QPainter& p);
    void paint_block(QPainter& p, const Block& b);
    void paint_load(QPainter& p, const Block& b);
    void paint_converter(QPainter& p, const Block& b);
    void paint_battery(QPainter& p, const Block& b);
    void paint_heat(QPainter& p);
    void set_voltage(const Id& converter, const QRectF& area);
    void rail_menu(const Id& rail, QPointF at);
    void drop_load(const Id& load, const Id& source);
    void drop_rail(const Id& rail, const Block& onto, QPoint at);
    Block* block(const Id& id);
    const Block* block_at(QPointF at, PartKind kind) const;
    Document& document_;
    std::vector<Block> blocks_;
    double pixels_per_watt_ = 1;
    Id dragged_;
    QPointF drag_at_;
    bool dragging_ = false;
};

}  // namespace sangre::app
