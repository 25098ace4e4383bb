#include "wiring/item_symbol.h"

#include "output/diagram/pen.h"
#include "theme/theme.h"
#include "wiring/shapes.h"

namespace sangre::app {

void draw_item(QPainter& p, DeviceKind kind, QPointF on, QPointF back, bool open) {
    const double dots_per_mm = u(28) / 6.4;  // a fuse is 6.4 mm long on paper
    const auto to_back = (back - on) / dots_per_mm;
    DiagramSheet sheet;
    DiagramPen(sheet).item(kind, {0, 0}, {to_back.x(), to_back.y()}, open);
    p.save();
    p.translate(on);
    p.scale(dots_per_mm, dots_per_mm);
    draw_shapes(p, sheet.shapes, false);
    p.restore();
}

}  // namespace sangre::app
