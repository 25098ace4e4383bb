#include "wiring/joint_drawing.h"

#include <QPainterPath>

#include "widgets/words.h"

namespace sangre::app {
namespace {

QColor bare_copper() { return QColor("#C08A4A"); }

/// One joint on its way to the paper: millimetres along the wire, `x` of the end of the insulation.
struct Bench {
    QPainter& p;
    const QRectF& area;
    const JointWork& work;
    QColor insulation;
    double scale = 1, x = 0, y = 0;

    double mm(Millimetre m) const { return raw(m) * scale; }
    double at(double millimetres) const { return x + millimetres * scale; }

    void bar(double from, double to, double middle, double thick, const QColor& c, double round = 3) const {
        p.setPen(QPen(c.darker(130), 1));
        p.setBrush(c);
        p.drawRoundedRect(QRectF(from, middle - thick / 2, to - from, thick), round, round);
    }
    /// Strands of a bared end.
    void copper(double from, double to, double middle, double thick) const {
        bar(from, to, middle, thick, bare_copper());
        p.setPen(QPen(bare_copper().darker(118), 1));
        for (const double k : {-0.25, 0.0, 0.25})
            p.drawLine(QPointF(from + 2, middle + k * thick), QPointF(to - 2, middle + k * thick));
    }
    void metal(const QPainterPath& path) const {
        p.setPen(QPen(theme().muted, 1.2));
        p.setBrush(theme().line);
        p.drawPath(path);
    }
    void metal(const QRectF& r, double round = 3) const {
        QPainterPath path;
        path.addRoundedRect(r, round, round);
        metal(path);
    }
    /// The conductors of this side come in from the left.
    void lead() const {
        const int n = work.wires.conductors;
        const double one = mm(work.wires.wire->outer);
        if (n == 1) return bar(area.left(), x, y, one, insulation);
        // Those in parallel are drawn as many lines as are seen from the side.
        const double wide = mm(work.bundle);
        const int seen = std::max(2, static_cast<int>(std::lround(wide / one)));
        for (int i = 0; i < seen; ++i)
            bar(area.left(), x, y - wide / 2 + (i + 0.5) * wide / seen, wide / seen, insulation);
    }
    double joint() const { return raw(work.joint_length); }
    /// Between wires that lie side by side in a clamp.
    double pitch() const { return std::max(mm(work.bundle) * 1.3, thick() * 1.8); }
    double thick() const { return mm(work.copper); }
    QColor far_insulation() const {
        return work.wires.other ? insulation.lighter(insulation.lightness() < 60 ? 200 : 125) : insulation;
    }
    double far_thick() const { return work.wires.other ? mm(work.wires.other->conductor) : thick(); }

    /// From the wire's middle to the outermost of what is drawn beside it.
    double half_height() const {
        const double wide = std::max({mm(work.bundle), mm(work.far), 2 * thick()});
        switch (work.kind->end) {
            case JointEnd::screw:
                return std::max(wide * 1.5, 4 * scale) / 2 + 2.8 * scale;
            case JointEnd::housing:
                return std::max(wide * 1.5, 2.6 * scale) * 0.8;
            case JointEnd::stud:
                return std::max(wide * 0.9, 4.2 * scale);
            case JointEnd::cup:
                return std::max(wide, 2.2 * scale);
            case JointEnd::blade:
                return std::max(wide / 2, 3.4 * scale);
            case JointEnd::pigtail:
            case JointEnd::splice:
                return work.kind->method == JointMethod::lever ? wide * 1.25 : wide / 2;
            case JointEnd::branch:
                return work.kind->method == JointMethod::lever ? 1.6 * pitch() : wide / 2;
            case JointEnd::pad:
                break;
        }
        return wide / 2;
    }

    void splice() const;
    void stud() const;
    void cup() const;
    void pad() const;
    void housing() const;
    void screw() const;
    void blade() const;
    void branch() const;
};

void Bench::splice() const {
    const double strip = raw(work.size.strip), end = at(joint());
    bar(end, area.right(), y, mm(work.far), far_insulation());
    if (work.kind->method == JointMethod::lever) {
        copper(x, at(strip), y, thick());
        copper(at(joint() - strip), end, y, far_thick());
        const double tall = std::max(mm(work.bundle), thick()) * 2.4;
        p.setOpacity(0.86);
        metal(QRectF(at(-1), y - tall / 2, (joint() + 2) * scale, tall), 5);
        p.setOpacity(1);
        p.setPen(QPen(theme().accent, 2));
        for (const double c : {0.28, 0.72})
            p.drawLine(QPointF(at(joint() * c) - u(8), y - tall / 2 + 3),
                       QPointF(at(joint() * c) + u(8), y - tall / 2 + 3));
        return;
    }
    if (raw(work.size.overlap) <= 0) {  // in a barrel, end to end
        copper(x, at(joint() / 2), y, thick());
        copper(at(joint() / 2), end, y, far_thick());
        const double tall = std::max(thick(), far_thick()) * 1.7;
        p.setOpacity(0.85);
        metal(QRectF(at(1), y - tall / 2, (joint() - 2) * scale, tall), 4);
        p.setOpacity(1);
        for (const double c : {0.25, 0.75})
            metal(QRectF(at(joint() * c) - u(4), y - tall * 0.36, u(8), tall * 0.72));
        return;
    }
    copper(x, at(strip), y - thick() / 2, thick());
    copper(at(joint() - strip), end, y + far_thick() / 2, far_thick());
    if (work.kind->strip > Millimetre(15)) {  // wound round each other
        p.setPen(QPen(bare_copper().darker(125), std::max(1.5, thick() * 0.4)));
        const double from = joint() - strip + 1, pitch = std::max(1.6, raw(work.copper));
        for (int turn = 0; from + turn * pitch < strip - 1; ++turn) {
            const double k = from + turn * pitch;
            p.drawLine(QPointF(at(k), y - thick()), QPointF(at(k + 1), y + far_thick()));
        }
    }
}

void Bench::stud() const {
    const double strip = raw(work.size.strip), barrel = std::max(mm(work.bundle) * 1.15, thick() * 1.6);
    copper(x, at(strip), y, thick());
    if (work.kind->method == JointMethod::lever) {
        metal(QRectF(at(1), y - barrel, (strip + 7) * scale, barrel * 2), 5);
        copper(x, at(1), y, thick());
        return;
    }
    const double eye = std::max(barrel * 1.5, 8 * scale), middle = at(strip + 1) + eye / 2;
    QPainterPath ring, barrels;
    ring.addEllipse(QPointF(middle, y), eye / 2, eye / 2);
    QPainterPath hole;
    hole.addEllipse(QPointF(middle, y), eye * 0.27, eye * 0.27);
    barrels.addRoundedRect(QRectF(at(0.5), y - barrel / 2, (strip + 1) * scale, barrel), 4, 4);
    metal(ring.united(barrels).subtracted(hole));
    copper(at(strip - 0.4), at(strip + 0.6), y, thick() * 0.9);
    if (work.kind->method == JointMethod::crimp)
        metal(QRectF(at(strip / 2) - u(4), y - barrel * 0.34, u(8), barrel * 0.68));
}

void Bench::cup() const {
    const double strip = raw(work.size.strip), tall = std::max(thick() * 1.5, 3.5 * scale);
    copper(x, at(strip), y, thick());
    // Cut open at the top, so that the strands in it are seen.
    QPainterPath body;
    body.moveTo(at(0.6), y - tall * 0.12);
    body.lineTo(at(0.6), y + tall / 2);
    body.lineTo(at(strip + 1), y + tall / 2);
    body.lineTo(at(strip + 1), y - tall / 2);
    body.lineTo(at(strip - 1), y - tall / 2);
    body.lineTo(at(strip - 1), y - tall * 0.12);
    body.closeSubpath();
    p.setOpacity(0.85), metal(body), p.setOpacity(1);
    metal(QRectF(at(strip + 1), y - tall * 0.62, 2 * scale, tall * 1.24));
    metal(QRectF(at(strip + 3), y - tall * 0.4, 9 * scale, tall * 0.8), tall * 0.35);
}

void Bench::pad() const {
    const double strip = raw(work.size.strip), under = y + thick() / 2;
    copper(x, at(strip), y, thick());
    p.setPen(QPen(theme().good.darker(120), 1));
    p.setBrush(theme().good.darker(150));
    p.drawRoundedRect(QRectF(at(-2), under + 1.2 * scale, (strip + 8) * scale, 1.6 * scale), 2, 2);
    metal(QRectF(at(-0.6), under + 0.7 * scale, (strip + 2.4) * scale, 0.6 * scale));
    QPainterPath fillet;
    fillet.moveTo(at(-0.6), under + 0.7 * scale);
    fillet.quadTo(at(0.2), y - thick() * 0.2, at(strip * 0.5), y - thick() * 0.35);
    fillet.quadTo(at(strip + 0.6), y, at(strip + 1.8), under + 0.7 * scale);
    fillet.closeSubpath();
    p.setOpacity(0.55), metal(fillet), p.setOpacity(1);
}

void Bench::housing() const {
    const double strip = raw(work.size.strip), tall = std::max(mm(work.bundle) * 1.5, 2.6 * scale);
    copper(x, at(strip), y, thick());
    metal(QRectF(at(-1.6), y - mm(work.bundle) * 0.62, 1.8 * scale, mm(work.bundle) * 1.24));
    metal(QRectF(at(0.8), y - thick() * 0.7, (strip - 1.2) * scale, thick() * 1.4));
    metal(QRectF(at(strip + 0.2), y - tall * 0.3, 6 * scale, tall * 0.6));
    p.setPen(QPen(theme().muted, 1.2, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(QRectF(at(-2.6), y - tall * 0.75, (strip + 10) * scale, tall * 1.5), 3, 3);
}

void Bench::screw() const {
    const double strip = raw(work.size.strip), tall = std::max(mm(work.bundle) * 1.5, 4 * scale);
    const bool ferrule = has_ferrule(*work.kind);
    copper(x, at(strip), y, thick());
    if (ferrule) {
        metal(QRectF(at(0), y - thick() * 0.62, strip * scale, thick() * 1.24));
        bar(at(-2.4), at(0.6), y, std::max(mm(work.bundle) * 1.15, thick() * 1.5), theme().cool);
    }
    p.setOpacity(0.82);
    metal(QRectF(at(1.4), y - tall / 2, (strip + 3) * scale, tall));
    p.setOpacity(1);
    metal(QRectF(at(strip * 0.55) - 1.8 * scale, y - tall / 2 - 2.6 * scale, 3.6 * scale, 2.6 * scale));
    p.setPen(QPen(theme().ink, 1.4));
    p.drawLine(QPointF(at(strip * 0.55) - scale, y - tall / 2 - 2 * scale),
               QPointF(at(strip * 0.55) + scale, y - tall / 2 - 2 * scale));
}

void Bench::blade() const {
    const double strip = raw(work.size.strip), barrel = std::max(mm(work.bundle) * 1.15, thick() * 1.6);
    copper(x, at(strip), y, thick());
    p.setOpacity(0.9);
    metal(QRectF(at(0.5), y - barrel / 2, strip * scale, barrel), 4);
    p.setOpacity(1);
    const double flat = std::max(6.3 * scale, barrel);
    metal(QRectF(at(strip + 0.8), y - flat / 2, 8 * scale, flat), 4);
    metal(QRectF(at(strip / 2) - u(4), y - barrel * 0.34, u(8), barrel * 0.68));
}

void Bench::branch() const {
    const double strip = raw(work.size.strip), middle = at(joint() / 2);
    if (work.kind->method == JointMethod::lever) {  // the through wire is cut: three ends side by side
        for (const double row : {-1.0, 0.0, 1.0}) {
            if (row != 0) bar(area.left(), x, y + row * pitch(), mm(work.bundle), insulation);
            copper(x, at(strip), y + row * pitch(), thick());
        }
        p.setOpacity(0.82);
        metal(QRectF(at(0.6), y - 1.6 * pitch(), (strip + 3) * scale, 3.2 * pitch()), 5);
        p.setOpacity(1);
        for (const double row : {-1.0, 0.0, 1.0}) {
            p.setPen(QPen(theme().accent, 2));
            p.drawLine(QPointF(at(strip - 3), y + row * pitch()), QPointF(at(strip + 2), y + row * pitch()));
        }
        return;
    }
    bar(at(joint() / 2 + strip / 2), area.right(), y, mm(work.bundle), insulation);
    copper(x, at(joint() / 2 + strip / 2), y, thick());
    bar(middle - mm(work.bundle) / 2, middle + mm(work.bundle) / 2, (y + mm(work.bundle) + area.bottom()) / 2,
        area.bottom() - y - mm(work.bundle), insulation);
    p.setPen(QPen(bare_copper().darker(125), std::max(1.5, thick() * 0.5)));
    for (int turn = -1; turn <= 1; ++turn)
        p.drawLine(QPointF(middle + turn * thick() * 0.7 - 2, y - thick() * 0.8),
                   QPointF(middle + turn * thick() * 0.7 + 2, y + thick() * 0.8));
    copper(middle - thick() / 2, middle + thick() / 2, y + mm(work.bundle) * 0.9, mm(work.bundle) * 0.6);
}

void dimension(QPainter& p, double x0, double x1, double y, const QString& words, const QColor& colour,
               bool above, const QRectF& within) {
    y = std::clamp(y, within.top() + u(19), std::max(within.top() + u(19), within.bottom() - u(19)));
    p.setPen(QPen(colour, 1));
    p.drawLine(QPointF(x0, y), QPointF(x1, y));
    p.drawLine(QPointF(x0, y - 3), QPointF(x0, y + 3));
    p.drawLine(QPointF(x1, y - 3), QPointF(x1, y + 3));
    p.setFont(face(12));
    const double w = QFontMetricsF(p.font()).horizontalAdvance(words) + 6;
    const double left =
        std::clamp((x0 + x1 - w) / 2, within.left(), std::max(within.left(), within.right() - w));
    p.drawText(QRectF(left, above ? y - u(18) : y + u(3), w, u(16)), Qt::AlignCenter, words);
}

}  // namespace

void draw_joint(QPainter& p, const QRectF& area, const JointWork& work, const QColor& insulation,
                bool tube_waits) {
    if (!work.kind || !work.wires.wire) return;
    const double joint = raw(work.joint_length), over = std::max(raw(work.bundle), raw(work.far));
    const double tube = work.tube ? raw(work.tube_cut) : 0,
                 parking = tube_waits && work.tube ? raw(work.parking) : 0;
    // A parked tube stands off by centimetres: the gap is broken, not drawn to scale.
    const double shown_parking = std::min(parking, 12.0);
    const double span = joint + std::max(tube, 14.0) + 16 + shown_parking + (tube_waits ? tube : 0);
    // Three wires and the walls of their clamp lie one above the other.
    const bool clamp = work.kind->end == JointEnd::branch && work.kind->method == JointMethod::lever;
    const double scale =
        std::min(area.width() / span, area.height() * 0.42 / std::max(over * (clamp ? 4.2 : 2), 4.0));
    Bench b{p, area, work, insulation, scale, 0, area.center().y() + (tube_waits ? u(4) : 0)};
    // Two dimensions above a branch.
    if (work.kind->end == JointEnd::branch && !clamp) b.y += u(14);
    b.x = area.center().x() - joint * scale / 2 + (tube_waits ? (tube + shown_parking) * scale / 2 : 0);
    p.save();
    p.setClipRect(area, Qt::IntersectClip);
    b.lead();
    switch (work.kind->end) {
        case JointEnd::pigtail:
        case JointEnd::splice:
            b.splice();
            break;
        case JointEnd::branch:
            b.branch();
            break;
        case JointEnd::stud:
            b.stud();
            break;
        case JointEnd::cup:
            b.cup();
            break;
        case JointEnd::pad:
            b.pad();
            break;
        case JointEnd::housing:
            b.housing();
            break;
        case JointEnd::screw:
            b.screw();
            break;
        case JointEnd::blade:
            b.blade();
            break;
    }
    p.restore();
    const double x0 = b.x, x1 = b.at(joint), half = b.half_height();
    const bool branch = work.kind->end == JointEnd::branch, through = branch || is_splice(*work.kind);
    const double top = b.y - half, bottom = b.y + half;
    if (work.tube) {
        // Over a terminal it ends with the barrel: what is bolted or plugged stays bare.
        const double from = tube_waits ? x0 - (shown_parking + tube) * scale
                            : through  ? (x0 + x1 - tube * scale) / 2
                                       : b.at(raw(work.size.strip) + 1 - tube);
        const double tall = std::max(raw(work.widest), over * 1.35) * scale;
        const QRectF sleeve(from, b.y - tall / 2, tube * scale, tall);
        QColor glass = theme().cool;
        glass.setAlpha(90);
        p.setPen(QPen(theme().cool, 1.4));
        p.setBrush(glass);
        p.drawRoundedRect(sleeve, 5, 5);
        if (tube_waits && parking > 0) {
            dimension(p, sleeve.right(), x0, bottom + u(14), QStringLiteral("≥ ") + said(work.parking),
                      theme().danger, false, area);
            dimension(p, sleeve.left(), sleeve.right(), top - u(14),
                      Canvas::tr("tube waits here, %1").arg(said(work.tube_cut)), theme().cool, true, area);
        } else
            dimension(p, sleeve.left(), sleeve.right(), branch ? top - u(14) : bottom + u(14),
                      Canvas::tr("%1, cut %2").arg(words_of(work.tube->name), said(work.tube_cut)),
                      theme().cool, branch, area);
    }
    const double strip = raw(work.size.strip);
    const bool both = is_splice(*work.kind);
    const QString words =
        both && raw(work.size.overlap) > 0
            ? Canvas::tr("strip %1 each, overlap %2").arg(said(work.size.strip), said(work.size.overlap))
        : both ? Canvas::tr("strip %1 each").arg(said(work.size.strip))
               : Canvas::tr("strip %1").arg(said(work.size.strip));
    const bool clash = work.tube && (tube_waits || branch);
    // Above a screw stands its head: measured below it.
    const bool below = work.kind->end == JointEnd::screw;
    dimension(p, x0, both ? x1 : b.at(strip), below ? bottom - u(4) : top - u(clash ? 36 : 14), words,
              theme().ink, !below, area);
}

}  // namespace sangre::app
