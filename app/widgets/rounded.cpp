#include "widgets/rounded.h"

#include <QHash>
#include <QImage>
#include <QPaintEngine>

namespace sangre::app {
namespace {

void draw_outlines(QPainter& p, const QRectF& area, double radius, const QColor& fill, const QColor& edge,
                   double edge_width) {
    // Two fills, the edge and what it leaves: stroking a rounded edge takes several times as long.
    const double w = edge_width;
    p.setPen(Qt::NoPen);
    p.setBrush(edge);
    p.drawRoundedRect(area, radius, radius);
    p.setBrush(fill);
    p.drawRoundedRect(area.adjusted(w, w, -w, -w), std::max(radius - w, 0.0), std::max(radius - w, 0.0));
}

struct Kind {
    int radius_256, edge_256;
    QRgb fill, edge;
    bool operator==(const Kind&) const = default;
};
size_t qHash(const Kind& k, size_t seed = 0) {
    return qHashMulti(seed, k.radius_256, k.edge_256, k.fill, k.edge);
}

/// The smallest box of a kind, and the colours of its side from the edge inwards until there is only fill.
struct Smallest {
    QImage picture;
    int corner = 0;
    std::vector<QColor> side;
};

const Smallest& smallest(double radius, const QColor& fill, const QColor& edge, double edge_width) {
    static QHash<Kind, Smallest> known;
    if (known.size() > 400) known.clear();
    auto& s =
        known[{static_cast<int>(radius * 256), static_cast<int>(edge_width * 256), fill.rgba(), edge.rgba()}];
    if (s.corner) return s;
    s.corner = static_cast<int>(std::ceil(std::max(radius, edge_width)));
    s.picture = QImage(2 * s.corner + 1, 2 * s.corner + 1, QImage::Format_ARGB32_Premultiplied);
    s.picture.fill(Qt::transparent);
    QPainter p(&s.picture);
    p.setRenderHint(QPainter::Antialiasing);
    draw_outlines(p, s.picture.rect(), radius, fill, edge, edge_width);
    p.end();
    for (int y = 0; y < s.corner && y < edge_width; ++y) s.side.push_back(s.picture.pixelColor(s.corner, y));
    return s;
}

/// Whether a unit of the painter is a pixel of the screen.
bool by_pixels(const QPainter& p) {
    const auto* engine = p.paintEngine();
    return engine && engine->type() == QPaintEngine::Raster &&
           p.transform().type() <= QTransform::TxTranslate && p.device()->devicePixelRatioF() == 1;
}

}  // namespace

void draw_rounded(QPainter& p, const QRectF& area, double radius, const QColor& fill, const QColor& edge,
                  double edge_width) {
    const auto at = p.transform().map(area.topLeft());
    const QRect box(QPoint(qRound(at.x()), qRound(at.y())),
                    QPoint(qRound(at.x() + area.width()) - 1, qRound(at.y() + area.height()) - 1));
    radius = std::min({radius, box.width() / 2.0, box.height() / 2.0});
    // What is narrower than its corners, or lets the ground through, is not put together from parts.
    const int corner = static_cast<int>(std::ceil(std::max(radius, edge_width)));
    if (!by_pixels(p) || fill.alpha() < 255 || edge.alpha() < 255 ||
        std::min(box.width(), box.height()) < 2 * corner)
        return draw_outlines(p, area, radius, fill, edge, edge_width);
    const auto& s = smallest(radius, fill, edge, edge_width);
    const auto hints = p.renderHints();
    const auto transform = p.transform();
    p.resetTransform();
    p.setRenderHint(QPainter::Antialiasing, false);
    const int c = s.corner, far = c + 1;
    const int right = box.right() - c + 1, bottom = box.bottom() - c + 1;
    p.drawImage(box.topLeft(), s.picture, QRect(0, 0, c, c));
    p.drawImage(QPoint(right, box.top()), s.picture, QRect(far, 0, c, c));
    p.drawImage(QPoint(box.left(), bottom), s.picture, QRect(0, far, c, c));
    p.drawImage(QPoint(right, bottom), s.picture, QRect(far, far, c, c));
    const int wide = box.width() - 2 * c, tall = box.height() - 2 * c;
    int in = 0;
    for (const auto& colour : s.side) {
        p.fillRect(box.left() + c, box.top() + in, wide, 1, colour);
        p.fillRect(box.left() + c, box.bottom() - in, wide, 1, colour);
        p.fillRect(box.left() + in, box.top() + c, 1, tall, colour);
        p.fillRect(box.right() - in, box.top() + c, 1, tall, colour);
        ++in;
    }
    // Of the cross that is left, the upright and what sticks out on either side.
    p.fillRect(box.left() + c, box.top() + in, wide, box.height() - 2 * in, fill);
    p.fillRect(box.left() + in, box.top() + c, c - in, tall, fill);
    p.fillRect(right, box.top() + c, c - in, tall, fill);
    p.setRenderHint(QPainter::Antialiasing, hints.testFlag(QPainter::Antialiasing));
    p.setTransform(transform);
}

}  // namespace sangre::app
