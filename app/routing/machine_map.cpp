#include "routing/machine_map.h"

#include <QMouseEvent>
#include <QPainterPath>
#include <array>
#include <limits>

#include "plan/machine_edits.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

/// Where things stand on a way whose distance nobody has said: between its middle and its ends.
double unsaid_share(size_t thing) { return std::array{0.42, 0.62, 0.3, 0.78}[thing % 4]; }

/// How far along its way a thing is drawn.
double share_of(const Way& way, size_t i) {
    const auto& at = way.on_it[i].at;
    return at && raw(way.length) > 0 ? std::clamp(raw(*at) / raw(way.length), 0.0, 1.0) : unsaid_share(i);
}

}  // namespace

MachineMap::MachineMap(Document& document, QWidget* parent)
    : Canvas(tr("Machine from above"), parent), document_(document) {
    setMinimumSize(u(420), u(360));
    connect(&document_, &Document::changed, this, [this] { update(); });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

QRectF MachineMap::machine() const { return QRectF(u(46), u(34), width() - u(92), height() - u(62)); }

QPointF MachineMap::at(const Place& place) const {
    const auto m = machine();
    if (place.id == dragged_ && moved_) return drag_at_;
    return {m.left() + m.width() * place.x, m.top() + m.height() * place.y};
}

QRectF MachineMap::box(const Place& place) const {
    const double w = text_width(QString::fromStdString(place.name), face(13, true)) + u(24);
    const auto c = at(place);
    QRectF b(c.x() - w / 2, c.y() - u(15), w, u(30));
    b.moveLeft(std::clamp(b.left(), 4.0, std::max(4.0, width() - w - 4)));
    return b;
}

void MachineMap::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    p.setPen(QPen(t.line, 1.5));
    p.setBrush(t.paper);
    const auto outline = machine().adjusted(-u(30), -u(14), u(30), u(14));
    p.drawRoundedRect(outline, u(44), u(44));
    text(p, QRectF(outline.left(), outline.top() - u(19), outline.width(), u(17)), tr("front"), t.muted,
         face(11), Qt::AlignCenter);
    paint_bodies(p);
    if (document_.plan().places.empty()) {
        text(p, QRectF(u(30), height() / 2.0 - u(30), width() - u(60), u(26)), tr("No places yet."), t.ink,
             face(16, true), Qt::AlignCenter);
        text(p, QRectF(u(30), height() / 2.0, width() - u(60), u(20)),
             tr("Press + Place, then right-click a place to measure a way to the next."), t.muted, face(13),
             Qt::AlignCenter);
        return;
    }
    for (size_t i = 0; i < document_.plan().ways.size(); ++i) paint_way(p, i);
    for (const auto& place : document_.plan().places) paint_place(p, place);
}

/// In the middle of its way, or where it is clear of what is on the way, of places and of bodies' names.
QRectF MachineMap::label_on(const Way& way, const QPainterPath& path, double wide) const {
    constexpr double enough = 0.13;  // of the way, between the label and a thing
    QRectF best;
    double most = -std::numeric_limits<double>::infinity();
    for (const double share : {0.5, 0.36, 0.64, 0.24, 0.76}) {
        const auto centre = path.pointAtPercent(share);
        const QRectF label(centre.x() - wide / 2, centre.y() - u(10), wide, u(20));
        double clear = enough;
        for (size_t i = 0; i < way.on_it.size(); ++i)
            clear = std::min(clear, std::abs(share - share_of(way, i)));
        for (const auto& name : body_names_) clear -= name.intersects(label);
        for (const auto& place : document_.plan().places) clear -= box(place).intersects(label);
        if (clear > most + 1e-9) best = label, most = clear;
    }
    return best;
}

void MachineMap::paint_way(QPainter& p, size_t i) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& way = plan.ways[i];
    const auto *from = by_id(plan.places, way.from), *to = by_id(plan.places, way.to);
    if (!from || !to) return;
    const auto& s = document_.study();
    const auto a = at(*from), b = at(*to);
    const QPointF middle = (a + b) / 2;
    // A slight bow tells two ways between the same region apart.
    const QPointF normal(-(b - a).y() * 0.08, (b - a).x() * 0.08);
    QPainterPath path(a);
    path.quadTo(middle + normal, b);
    const bool used = !s.harness.feeds_on_way[i].empty(), selected = document_.selects(way.id);
    // Bundles are drawn at three pixels to the millimetre, so that thick tells from thin.
    const double thick = used ? std::clamp(raw(s.harness.bundle[i]) * 1.1, 2.0, 22.0) * text_scale() : 1.4;
    p.setPen(QPen(selected ? t.accent
                  : used   ? t.flow
                           : t.line,
                  thick, used ? Qt::SolidLine : Qt::DashLine, Qt::RoundCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
    const QString length = said(way.length);
    const auto label = label_on(way, path, text_width(length, face(12)) + u(14));
    p.setPen(QPen(selected ? t.accent : t.line, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(label, 4, 4);
    text(p, label, length, t.ink, face(12), Qt::AlignCenter);
    const auto key = QString::fromStdString(way.id);
    QStringList on_it;
    for (const auto& thing : way.on_it) {
        const auto* opening = by_id(plan.openings, thing.opening);
        on_it << words_of(opening ? opening_size(*opening) : std::string(on_way_word(thing.kind)));
    }
    if (on_it.isEmpty()) on_it << tr("open");
    const auto tip =
        tr("%1: %2, %3, %4 feeds, bundle %5. Double-click types the length; right-click for more.")
            .arg(QString::fromStdString(name_of(plan, way.id)), length, on_it.join(QStringLiteral(", ")))
            .arg(s.harness.feeds_on_way[i].size())
            .arg(said(s.harness.bundle[i]));
    add_spot({label, "way:" + key, tip,
              [this, id = way.id] {
                  if (document_.selection() == id)
                      edit_length(id);
                  else
                      document_.select(id);
              },
              [this, id = way.id] { way_menu(id); }});
    paint_things(p, way, path, tip);
}

void MachineMap::paint_things(QPainter& p, const Way& way, const QPainterPath& path, const QString& tip) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    for (size_t i = 0; i < way.on_it.size(); ++i) {
        const auto& thing = way.on_it[i];
        const auto* opening = by_id(plan.openings, thing.opening);
        const bool full =
            opening &&
            !document_.study().harness.holes[static_cast<size_t>(opening - plan.openings.data())].fits;
        const auto sign = path.pointAtPercent(share_of(way, i));
        const bool selected = opening && document_.selects(opening->id);
        if (opening) {
            p.setPen(QPen(selected ? t.accent : full ? t.danger : t.ink, 2));
            p.setBrush(t.card);
            p.drawEllipse(sign, u(9), u(9));
            if (opening->kind != OpeningKind::hole) p.drawEllipse(sign, u(5), u(5));
        } else {
            p.setPen(Qt::NoPen);
            p.setBrush(t.caution);
            p.drawPolygon(
                QPolygonF{sign + QPointF(0, -u(9)), sign + QPointF(u(9), u(7)), sign + QPointF(-u(9), u(7))});
        }
        const auto words = words_of(opening ? opening_size(*opening) : std::string(on_way_word(thing.kind)));
        const double ww = text_width(words, face(11)) + u(6);
        const double left = sign.x() + u(12) + ww < width() - u(6) ? sign.x() + u(12) : sign.x() - u(12) - ww;
        const QRectF beside(left, sign.y() - u(8), ww, u(16));
        auto behind = t.paper;
        behind.setAlpha(200);
        p.fillRect(beside, behind);
        text(p, beside, words, full ? t.danger : opening ? t.ink : t.caution, face(11, true));
        add_spot({QRectF(sign - QPointF(u(9), u(9)), QSizeF(u(18), u(18))),
                  QStringLiteral("sign:%1:%2").arg(QString::fromStdString(way.id)).arg(i),
                  opening ? tr("%1. Click for what goes through it; right-click for more.")
                                .arg(words_of(opening_name(plan, *opening)))
                          : tip,
                  [this, id = opening ? opening->id : way.id] { document_.select(id); },
                  [this, id = way.id] { way_menu(id); }, Qt::PointingHandCursor, true,
                  tr("%1 on %2").arg(words, words_of(name_of(plan, way.id)))});
    }
}

void MachineMap::paint_place(QPainter& p, const Place& place) {
    const auto& t = theme();
    const auto area = box(place);
    QStringList here;
    const auto& plan = document_.plan();
    const auto collect = [&](const auto& parts) {
        for (const auto& part : parts)
            if (part.place == place.id) here << QString::fromStdString(part.name);
    };
    collect(plan.sources), collect(plan.hubs), collect(plan.converters), collect(plan.loads),
        collect(plan.passives);
    const bool selected = document_.selects(place.id);
    p.setPen(QPen(selected ? t.accent : t.ink, selected ? 2 : 1.2));
    p.setBrush(t.card);
    p.drawRoundedRect(area, 6, 6);
    text(p, area, QString::fromStdString(place.name), t.ink, face(13, true), Qt::AlignCenter);
    add_spot({area, "place:" + QString::fromStdString(place.id),
              tr("%1\nDrag it where it is; right-click for a way to another place.")
                  .arg(here.isEmpty() ? tr("Nothing stands here yet") : here.join(QStringLiteral(", "))),
              [this, id = place.id] { document_.select(id); }, [this, id = place.id] { place_menu(id); },
              Qt::OpenHandCursor});
}

void MachineMap::mousePressEvent(QMouseEvent* e) {
    moved_ = false;
    dragged_.clear();
    if (e->button() == Qt::LeftButton)
        for (const auto& place : document_.plan().places)
            if (box(place).contains(e->position())) dragged_ = place.id, grab_ = e->position();
    Canvas::mousePressEvent(e);
}

void MachineMap::mouseMoveEvent(QMouseEvent* e) {
    if (!dragged_.empty() && (e->buttons() & Qt::LeftButton) &&
        (moved_ || (e->position() - grab_).manhattanLength() > u(6))) {
        moved_ = true;
        const auto m = machine();
        drag_at_ = {std::clamp(e->position().x(), m.left(), m.right()),
                    std::clamp(e->position().y(), m.top(), m.bottom())};
        return update();
    }
    Canvas::mouseMoveEvent(e);
}

void MachineMap::mouseReleaseEvent(QMouseEvent* e) {
    const Id id = std::exchange(dragged_, {});
    if (std::exchange(moved_, false)) {
        const auto m = machine();
        const double x = (drag_at_.x() - m.left()) / m.width(), y = (drag_at_.y() - m.top()) / m.height();
        document_.apply([=](const Plan& p) { return move_place(p, id, x, y); }, tr("Move a place"));
    }
    Canvas::mouseReleaseEvent(e);
}

}  // namespace sangre::app
