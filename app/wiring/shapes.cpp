#include "wiring/shapes.h"

#include <cmath>

#include "output/diagram/paper_ink.h"

#include "theme/theme.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

QColor colour_of(const Ink& ink, bool on_paper) {
    const auto name = words_of(ink);
    if (name.startsWith(QLatin1String("wire:"))) {
        const auto colour = name.mid(5);
        return on_paper && colour == QLatin1String("white") ? QColor("#BDB6AA") : wire_colour(colour);
    }
    const auto& t = theme();
    QColor colour = on_paper && (name == "card" || name == "paper") ? QColor(Qt::white)
                    : on_paper || name == "copper" || name == "solder" || name == "good"
                        ? QColor(words_of(paper_colour(ink)))
                    : name == "muted"                   ? t.muted
                    : name == "card"                    ? t.card
                    : name == "paper"                   ? t.paper
                    : name == "accent"                  ? t.accent
                    : name == "caution"                 ? t.caution
                    : name == "tube" || name == "glass" ? t.cool
                                                        : t.ink;
    colour.setAlphaF(static_cast<float>(ink_cover(ink)));
    return colour;
}

QPointF at(const PaperPoint& p) { return {p.x, p.y}; }

}  // namespace

void draw_shapes(QPainter& p, const std::vector<DiagramShape>& shapes, bool on_paper) {
    for (const auto& s : shapes) {
        p.setPen(s.stroke.empty() ? QPen(Qt::NoPen)
                                  : QPen(colour_of(s.stroke, on_paper), s.width,
                                         s.dashed ? Qt::DashLine : Qt::SolidLine, Qt::RoundCap));
        p.setBrush(s.fill.empty() ? QBrush(Qt::NoBrush) : QBrush(colour_of(s.fill, on_paper)));
        switch (s.kind) {
            case ShapeKind::line:
                p.drawLine(at(s.points.front()), at(s.points.back()));
                break;
            case ShapeKind::rectangle: {
                const QRectF box(at(s.points.front()), at(s.points.back()));
                const double corner = corner_of(s);
                p.drawRoundedRect(box, corner, corner);
                break;
            }
            case ShapeKind::circle: {
                const double r = std::hypot(s.points[1].x - s.points[0].x, s.points[1].y - s.points[0].y);
                p.drawEllipse(at(s.points.front()), r, r);
                break;
            }
            case ShapeKind::text: {
                // Letters are made at a size that is whole in pixels and then scaled to the paper.
                QFont f(QStringLiteral("B612"));
                f.setPixelSize(40);
                f.setBold(s.bold);
                const double scale = s.size / 40;
                const double wide = QFontMetricsF(f).horizontalAdvance(words_of(s.text)) * scale;
                const double left = s.align == TextAlign::left     ? 0
                                    : s.align == TextAlign::centre ? wide / 2
                                                                   : wide;
                p.save();
                p.translate(s.points.front().x - left, s.points.front().y);
                p.scale(scale, scale);
                p.setFont(f);
                p.setPen(colour_of(s.fill, on_paper));
                p.drawText(QPointF(0, 0), words_of(s.text));
                p.restore();
                break;
            }
        }
    }
}

}  // namespace sangre::app
