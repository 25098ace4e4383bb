#include "wiring/core_drawing.h"

#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

/// Twisted cores wind round each other: up and down in step, partners in counter-step.
QPainterPath wound(double left, double right, double y, double swing, double wave) {
    QPainterPath path(QPointF(left, y));
    const int waves = std::max(1, static_cast<int>((right - left) / wave));
    const double one = (right - left) / waves;
    for (int i = 0; i < waves; ++i) {
        const double x = left + i * one;
        path.cubicTo(x + one * 0.3, y + swing, x + one * 0.7, y + swing, x + one, y);
    }
    return path;
}

QPainterPath straight(double left, double right, double y) {
    QPainterPath path(QPointF(left, y));
    path.lineTo(right, y);
    return path;
}

}  // namespace

void draw_core(QPainter& p, const Lead& cable, size_t core, double left, double right, double y, double tall,
               double thick) {
    const auto& k = cable.cores[core];
    const auto& t = theme();
    const auto colour = wire_colour(words_of(k.colour));
    const auto stroke = [&](const QPainterPath& path) {
        // A thin edge keeps white on paper and black at night visible.
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.muted, thick + u(1), Qt::SolidLine, Qt::FlatCap));
        p.drawPath(path);
        p.setPen(QPen(colour, thick, Qt::SolidLine, Qt::FlatCap));
        p.drawPath(path);
    };
    if (k.role != CoreRole::unused) {
        if (k.twist == 0) return stroke(straight(left, right, y));
        size_t nth = 0;
        for (size_t i = 0; i < core; ++i) nth += cable.cores[i].twist == k.twist;
        return stroke(wound(left, right, y, nth % 2 ? -tall * 0.36 : tall * 0.36, tall * 1.3));
    }
    const double stub = (right - left) * 0.16;
    stroke(straight(left, left + stub, y));
    stroke(straight(right - stub, right, y));
    if (!k.cut_back) return;
    const double cap = thick * 2.4;
    p.setPen(QPen(t.cool, 1.4));
    p.setBrush(t.card);
    for (const double x : {left + stub, right - stub})
        p.drawRoundedRect(QRectF(x - cap / 2, y - cap / 2, cap, cap), 3, 3);
}

}  // namespace sangre::app
