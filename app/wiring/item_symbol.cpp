#include "wiring/item_symbol.h"

#include "theme/theme.h"

namespace sangre::app {

void draw_item(QPainter& p, DeviceKind kind, QPointF on, QPointF back, bool open) {
    const auto& t = theme();
    p.setPen(QPen(t.ink, 1.5));
    p.setBrush(t.card);
    const QRectF box(on.x() - u(14), on.y() - u(7), u(28), u(14));
    switch (kind) {
        case DeviceKind::fuse:
            p.drawRoundedRect(box, 3, 3);
            p.drawLine(QPointF(box.left(), on.y()), QPointF(box.right(), on.y()));
            break;
        case DeviceKind::power_switch: {
            p.setPen(Qt::NoPen);
            p.drawRect(box);
            p.setPen(QPen(t.ink, 2));
            p.drawLine(QPointF(box.left(), on.y()),
                       QPointF(box.right() - u(4), open ? box.top() - u(4) : on.y()));
            p.setBrush(t.ink);
            p.drawEllipse(QPointF(box.left(), on.y()), 3, 3);
            p.drawEllipse(QPointF(box.right(), on.y()), 3, 3);
            break;
        }
        case DeviceKind::connector:
            for (const auto at : {on, back}) {
                p.drawRect(QRectF(at.x() - u(9), at.y() - u(6), u(8), u(12)));
                p.drawRect(QRectF(at.x() + u(1), at.y() - u(6), u(8), u(12)));
            }
            break;
        case DeviceKind::diode: {
            const QPolygonF arrow{QPointF(on.x() - u(8), on.y() - u(7)), QPointF(on.x() + u(7), on.y()),
                                  QPointF(on.x() - u(8), on.y() + u(7))};
            p.drawPolygon(arrow);
            p.drawLine(QPointF(on.x() + u(7), on.y() - u(7)), QPointF(on.x() + u(7), on.y() + u(7)));
            break;
        }
        case DeviceKind::filter: {
            p.setPen(Qt::NoPen);
            p.drawRect(box);
            p.setPen(QPen(t.ink, 1.6));
            p.setBrush(Qt::NoBrush);
            for (int k = 0; k < 4; ++k)
                p.drawArc(QRectF(box.left() + k * box.width() / 4, on.y() - u(5), box.width() / 4, u(10)), 0,
                          180 * 16);
            break;
        }
        case DeviceKind::shunt:
            p.drawEllipse(on, u(9), u(9));
            p.setFont(face(11, true));
            p.drawText(QRectF(on.x() - u(9), on.y() - u(9), u(18), u(18)), Qt::AlignCenter,
                       QStringLiteral("A"));
            break;
        case DeviceKind::precharge:
            p.drawRect(box.adjusted(0, -u(10), 0, -u(10)));
            p.drawLine(QPointF(box.left() - u(6), on.y()), QPointF(box.left(), on.y() - u(10)));
            p.drawLine(QPointF(box.right() + u(6), on.y()), QPointF(box.right(), on.y() - u(10)));
            break;
    }
}

}  // namespace sangre::app
