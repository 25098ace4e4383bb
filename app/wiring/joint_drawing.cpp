#include "wiring/joint_drawing.h"

#include "widgets/words.h"

namespace sangre::app {
namespace {

void dimension(QPainter& p, double x0, double x1, double y, const QString& words, const QColor& colour,
               bool above) {
    p.setPen(QPen(colour, 1));
    p.drawLine(QPointF(x0, y), QPointF(x1, y));
    p.drawLine(QPointF(x0, y - 3), QPointF(x0, y + 3));
    p.drawLine(QPointF(x1, y - 3), QPointF(x1, y + 3));
    p.setFont(face(12));
    const double w = QFontMetricsF(p.font()).horizontalAdvance(words);
    p.drawText(QRectF((x0 + x1 - w) / 2 - 2, above ? y - u(18) : y + u(3), w + 6, u(16)), Qt::AlignCenter,
               words);
}

}  // namespace

void draw_joint(QPainter& p, const QRectF& area, const JointWork& work, const QColor& insulation,
                bool tube_waits) {
    if (!work.kind || !work.wire) return;
    const bool lap = work.kind->id == "lap-splice";
    const double strip = raw(work.kind->strip), over = raw(work.wire->outer),
                 copper = raw(work.wire->conductor);
    const double overlap = lap ? raw(work.kind->overlap) : 0, joint = lap ? 2 * strip - overlap : strip;
    const double tube = work.tube ? raw(work.tube_cut) : 0,
                 parking = tube_waits && work.tube ? raw(work.parking) : 0;
    // A parked tube stands off by centimetres: the gap is broken, not drawn to scale.
    const double shown_parking = std::min(parking, 12.0);
    const double span = joint + std::max(tube, 14.0) + 16 + shown_parking + (tube_waits ? tube : 0);
    const double scale = std::min(area.width() / span, area.height() * 0.42 / std::max(over * 2, 4.0));
    const double y = area.center().y() + (tube_waits ? u(4) : 0);
    const double x0 = area.center().x() - joint * scale / 2 +
                      (tube_waits ? (tube + shown_parking) * scale / 2 : 0),
                 x1 = x0 + joint * scale;
    const auto bar = [&](double from, double to, double middle, double thick, const QColor& c) {
        p.setPen(QPen(c.darker(130), 1));
        p.setBrush(c);
        p.drawRoundedRect(QRectF(from, middle - thick * scale / 2, to - from, thick * scale), 3, 3);
    };
    const QColor bare("#C08A4A");
    bar(area.left(), x0, y, over, insulation);
    if (lap) {
        bar(x0, x0 + strip * scale, y - copper * scale / 2, copper, bare);
        bar(x1 - strip * scale, x1, y + copper * scale / 2, copper, bare);
        bar(x1, area.right(), y, over, insulation);
    } else {
        bar(x0, x1, y, copper, bare);
        const double barrel = std::max(over * 1.25, copper * 1.7);
        p.setPen(QPen(theme().muted, 1));
        p.setBrush(theme().line);
        p.drawRoundedRect(
            QRectF(x1 - strip * scale * 0.8, y - barrel * scale / 2, strip * scale * 1.6, barrel * scale), 4,
            4);
        bar(x0, x1 - strip * scale * 0.8, y, copper, bare);
    }
    const double top = y - std::max(over, copper * 2) * scale / 2,
                 bottom = y + std::max(over, copper * 2) * scale / 2;
    if (work.tube) {
        const double from = tube_waits ? x0 - (shown_parking + tube) * scale : (x0 + x1 - tube * scale) / 2;
        const QRectF sleeve(from, y - over * 1.35 * scale / 2, tube * scale, over * 1.35 * scale);
        QColor glass = theme().cool;
        glass.setAlpha(90);
        p.setPen(QPen(theme().cool, 1.4));
        p.setBrush(glass);
        p.drawRoundedRect(sleeve, 5, 5);
        if (tube_waits && parking > 0) {
            dimension(p, sleeve.right(), x0, bottom + u(14), QStringLiteral("≥ ") + said(work.parking),
                      theme().danger, false);
            dimension(p, sleeve.left(), sleeve.right(), top - u(14),
                      Canvas::tr("tube waits here, %1").arg(said(work.tube_cut)), theme().cool, true);
        } else
            dimension(
                p, sleeve.left(), sleeve.right(), bottom + u(14),
                Canvas::tr("%1, cut %2").arg(QString::fromStdString(work.tube->name), said(work.tube_cut)),
                theme().cool, false);
    }
    const QString strip_words =
        lap ? Canvas::tr("strip %1 each, overlap %2").arg(said(work.kind->strip), said(work.kind->overlap))
            : Canvas::tr("strip %1").arg(said(work.kind->strip));
    const bool clash = tube_waits && work.tube;
    dimension(p, x0, x1, clash ? top - u(36) : top - u(14), strip_words, theme().ink, true);
}

}  // namespace sangre::app
