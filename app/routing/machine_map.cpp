#include "routing/machine_map.h"

#include <QMouseEvent>
#include <QPainterPath>
#include <array>

#include "plan/machine_edits.h"
#include "plan/on_way.h"
#include "plan/placing.h"
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
    connect(&document_, &Document::changed, this, [this] {
        leave_what_is_gone();
        update();
    });
    connect(&document_, &Document::selection_changed, this, [this] { update(); });
}

/// The room for the machine; with a side, as much of it as has that side's shape.
QRectF MachineMap::machine() const {
    const bool waits = !unplaced(document_.plan()).empty();
    const double edge = side() ? u(14) : u(46);
    const QRectF room(edge, u(40), width() - 2 * edge, height() - u(side() ? 54 : 68) - (waits ? u(38) : 0));
    const auto* shown = side();
    if (!shown) return room;
    const double wide = std::min(room.width(), room.height() / shown->tall), tall = wide * shown->tall;
    return {room.center().x() - wide / 2, room.center().y() - tall / 2, wide, tall};
}

QPointF MachineMap::at(const Place& place) const {
    const auto m = machine();
    if (place.id == dragged_ && moved_) return drag_at_;
    return {m.left() + m.width() * place.x, m.top() + m.height() * place.y};
}

QRectF MachineMap::box(const Place& place) const {
    const auto at = boxes_.find(place.id);
    return at == boxes_.end() ? QRectF() : at->second;
}

/// Where places stand, pushed apart where large letters would have one lie on another.
void MachineMap::lay_boxes() {
    boxes_.clear();
    const auto& places = document_.plan().places;
    const auto held = [&](QRectF& b) {
        b.moveLeft(std::clamp(b.left(), 4.0, std::max(4.0, width() - b.width() - 4)));
        b.moveTop(std::clamp(b.top(), 4.0, std::max(4.0, height() - b.height() - 4)));
    };
    for (const auto& place : places) {
        if (!on_side(place)) continue;
        const double w = text_width(words_of(place.name), face(13, true)) + u(24);
        const auto c = at(place);
        held(boxes_[place.id] = QRectF(c.x() - w / 2, c.y() - u(15), w, u(30)));
    }
    // Without a picture nobody minds them a little farther apart than they stand: for what is on the way
    // between.
    const auto apart = [&](const Place& a, const Place& b) {
        const bool met =
            !side() &&
            std::any_of(document_.plan().ways.begin(), document_.plan().ways.end(), [&](const Way& w) {
                return !w.on_it.empty() &&
                       ((w.from == a.id && w.to == b.id) || (w.from == b.id && w.to == a.id));
            });
        return met ? u(26) : u(3);
    };
    for (int round = 0; round < 24; ++round) {
        bool moved = false;
        for (size_t i = 0; i < places.size(); ++i)
            for (size_t j = 0; j < i; ++j) {
                if (!on_side(places[i]) || !on_side(places[j])) continue;
                auto &a = boxes_[places[i].id], &b = boxes_[places[j].id];
                if (a.adjusted(-u(26), -u(26), u(26), u(26)).intersected(b).isEmpty()) continue;
                const auto gap = apart(places[i], places[j]);
                const auto both = a.adjusted(-gap, -gap, gap, gap).intersected(b);
                if (both.isEmpty()) continue;
                moved = true;
                const bool down = both.height() <= both.width();
                const double by = (down ? both.height() : both.width()) / 2 + 0.5;
                const bool after = down ? a.center().y() >= b.center().y() : a.center().x() >= b.center().x();
                const QPointF way = (down ? QPointF(0, by) : QPointF(by, 0)) * (after ? 1 : -1);
                a.translate(way), b.translate(-way);
                held(a), held(b);
            }
        if (!moved) break;
    }
}

void MachineMap::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    p.setPen(QPen(t.line, 1.5));
    p.setBrush(t.paper);
    const auto outline = machine().adjusted(-u(30), -u(14), u(30), u(14));
    if (!side()) {
        p.drawRoundedRect(outline, u(44), u(44));
        text(p, QRectF(outline.left(), outline.top() - u(19), outline.width(), u(17)), tr("front"), t.muted,
             face(11), Qt::AlignCenter);
    }
    paint_side(p);
    // What may not be covered is taken first; then each label finds the room nearest to what it speaks of.
    lay_boxes();
    room_.begin(rect().adjusted(4, 4, -4, -4));
    for (const auto& place : document_.plan().places)
        if (on_side(place)) room_.take(box(place));
    paint_zones(p);
    paint_bodies(p);
    paint_tray(p);
    if (document_.plan().places.empty() && unplaced(document_.plan()).empty()) {
        text(p, QRectF(u(30), height() / 2.0 - u(30), width() - u(60), u(26)), tr("No places yet."), t.ink,
             face(16, true), Qt::AlignCenter);
        text(p, QRectF(u(30), height() / 2.0, width() - u(60), u(20)),
             tr("Press + Place, then right-click a place to measure a way to the next."), t.muted, face(13),
             Qt::AlignCenter);
        return;
    }
    struct DrawnWay {
        size_t way;
        QPainterPath path;
        std::vector<QRectF> signs;
    };
    std::vector<DrawnWay> drawn;
    for (size_t i = 0; i < document_.plan().ways.size(); ++i)
        if (auto path = path_of(document_.plan().ways[i]); !path.isEmpty()) {
            paint_way(p, i, path);
            auto signs = signs_on(document_.plan().ways[i], path);
            for (const auto& sign : signs)
                if (!sign.isEmpty()) room_.take(sign);
            drawn.push_back({i, std::move(path), std::move(signs)});
        }
    paint_lead(p);
    for (const auto& d : drawn) paint_length(p, d.way, d.path);
    for (const auto& d : drawn) paint_things(p, document_.plan().ways[d.way], d.path, d.signs);
    paint_bends(p);
    for (const auto& place : document_.plan().places)
        if (on_side(place)) paint_place(p, place);
    paint_marks(p);
}

/// Bowed slightly, which tells two ways between the same region apart; empty where an end is no place.
QPainterPath MachineMap::path_of(const Way& way) const {
    const auto& places = document_.plan().places;
    const auto *from = by_id(places, way.from), *to = by_id(places, way.to);
    if (!from || !to || !on_side(*from) || !on_side(*to)) return {};
    if (side() && (way.drawn || !way.bends.empty())) {
        QPainterPath line(box(*from).center());
        for (const auto& bend : bends_of(way).value_or(std::vector<SidePoint>{})) line.lineTo(to_map(bend));
        line.lineTo(box(*to).center());
        return line;
    }
    const auto a = box(*from).center(), b = box(*to).center();
    const QPointF normal(-(b - a).y() * 0.08, (b - a).x() * 0.08);
    QPainterPath path(a);
    path.quadTo((a + b) / 2 + normal, b);
    return path;
}

void MachineMap::paint_way(QPainter& p, size_t i, const QPainterPath& path) {
    const auto& t = theme();
    const auto& s = document_.study();
    const bool used = !s.harness.feeds_on_way[i].empty(),
               selected = document_.selects(document_.plan().ways[i].id);
    // Bundles are drawn at three pixels to the millimetre, so that thick tells from thin.
    const double thick = used ? std::clamp(raw(s.harness.bundle[i]) * 1.1, 2.0, 22.0) * text_scale() : 1.4;
    p.setPen(QPen(selected ? t.accent
                  : used   ? t.flow
                           : t.line,
                  thick, used ? Qt::SolidLine : Qt::DashLine, Qt::RoundCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
}

/// How long it is, on the way where there is room.
void MachineMap::paint_length(QPainter& p, size_t i, const QPainterPath& path) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto& way = plan.ways[i];
    const auto& s = document_.study();
    const QString length = said(way.length);
    const double wide = text_width(length, face(12)) + u(14);
    std::vector<QRectF> candidates;
    for (const int off : {0, u(16), -u(16), u(30), -u(30), u(44), -u(44)})
        for (const double share : {0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74, 0.18, 0.82}) {
            const auto centre = path.pointAtPercent(share);
            candidates.emplace_back(centre.x() - wide / 2, centre.y() - u(10) + off, wide, u(20));
        }
    const auto middle = path.pointAtPercent(0.5);
    const auto label = room_.find_near(std::move(candidates), middle, u(40), u(160));
    // Out of the crowd, it is tied to what it speaks of.
    if (std::abs(label.center().y() - middle.y()) > u(46) ||
        std::abs(label.center().x() - middle.x()) > path.boundingRect().width() / 2 + wide)
        p.setPen(QPen(t.muted, 1)), p.drawLine(middle, label.center());
    p.setPen(QPen(document_.selects(way.id) ? t.accent : t.line, 1));
    p.setBrush(t.card);
    p.drawRoundedRect(label, 4, 4);
    text(p, label, length, t.ink, face(12), Qt::AlignCenter);
    const auto figures = tell("{length}, {things_on}, {feeds} {feeds|feed|feeds}, bundle {bundle}", length,
                              things_on(way), s.harness.feeds_on_way[i].size(), said(s.harness.bundle[i]));
    auto& spot = add_spot({label, "way:" + words_of(way.id),
                           words_of(name_of(plan, way.id)) + QStringLiteral(": ") + figures,
                           [this, id = way.id] {
                               if (document_.selection() == id)
                                   edit_length(id);
                               else
                                   document_.select(id);
                           },
                           [this, id = way.id] { way_menu(id); }});
    spot.name = words_of(name_of(plan, way.id)), spot.value = figures;
    spot.selected = document_.selects(way.id);
    spot.how = tr("Double-click types the length; right-click for more.");
}

QString MachineMap::thing_words(const OnWay& thing) const {
    const auto* opening = by_id(document_.plan().openings, thing.opening);
    return words_of(opening ? opening_size(*opening) : on_way_words(thing));
}

QString MachineMap::things_on(const Way& way) const {
    QStringList words;
    for (const auto& thing : way.on_it) words << thing_words(thing);
    return words.isEmpty() ? tr("open") : words.join(QStringLiteral(", "));
}

/// Where each thing lies on its way; where a place or another of them is drawn over that, beside it. Empty of
/// what a zone is drawn for.
std::vector<QRectF> MachineMap::signs_on(const Way& way, const QPainterPath& path) const {
    std::vector<QRectF> signs;
    for (size_t i = 0; i < way.on_it.size(); ++i) {
        if (!way.on_it[i].zone.empty()) {
            signs.emplace_back();
            continue;
        }
        const double share = share_of(way, i);
        const auto at = [&](double along) {
            return QRectF(path.pointAtPercent(std::clamp(along, 0.0, 1.0)) - QPointF(u(9), u(9)),
                          QSizeF(u(18), u(18)));
        };
        const auto covered = [&](const QRectF& sign) {
            return std::any_of(boxes_.begin(), boxes_.end(),
                               [&](const auto& box) { return box.second.intersects(sign); }) ||
                   std::any_of(signs.begin(), signs.end(), [&](const auto& s) { return s.intersects(sign); });
        };
        auto sign = at(share);
        constexpr double step = 0.02;
        for (double off = 0; off <= 1 && covered(sign); off += step)
            for (const double along : {share + off, share - off})
                if (along >= 0 && along <= 1 && covered(sign) && !covered(at(along))) sign = at(along);
        if (covered(sign)) {
            // All of the way is behind places: beside it, as near as there is room.
            std::vector<QRectF> near;
            FreeRoom::around(near, at(share).center(), sign.size(), u(10), u(120));
            const auto clear = std::find_if(near.begin(), near.end(), [&](const auto& area) {
                return !covered(area) && QRectF(rect()).contains(area);
            });
            if (clear != near.end()) sign = *clear;
        }
        signs.push_back(sign);
    }
    return signs;
}

void MachineMap::paint_things(QPainter& p, const Way& way, const QPainterPath& path,
                              const std::vector<QRectF>& signs) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    for (size_t i = 0; i < way.on_it.size(); ++i) {
        if (signs[i].isEmpty()) continue;
        const auto* opening = by_id(plan.openings, way.on_it[i].opening);
        const bool full =
            opening &&
            !document_.study().harness.holes[static_cast<size_t>(opening - plan.openings.data())].fits;
        const bool harms = !opening && role_of(way.on_it[i].kind).detour > 1;
        const auto area = signs[i];
        const auto sign = area.center();
        const auto on_way = path.pointAtPercent(share_of(way, i));
        if (QLineF(sign, on_way).length() > u(40)) p.setPen(QPen(t.muted, 1)), p.drawLine(sign, on_way);
        if (opening) {
            p.setPen(QPen(document_.selects(opening->id) ? t.accent : full ? t.danger : t.ink, 2));
            p.setBrush(t.card);
            p.drawEllipse(sign, u(9), u(9));
            if (opening->kind != OpeningKind::hole) p.drawEllipse(sign, u(5), u(5));
        } else {
            p.setPen(Qt::NoPen);
            p.setBrush(harms ? t.caution : t.muted);
            p.drawPolygon(
                QPolygonF{sign + QPointF(0, -u(9)), sign + QPointF(u(9), u(7)), sign + QPointF(-u(9), u(7))});
        }
        const auto words = thing_words(way.on_it[i]);
        const double wide = text_width(words, face(11, true)) + u(6), tall = u(16);
        std::vector<QRectF> candidates;
        for (const int far : {u(12), u(22), u(34), u(48)})
            for (const int rise : {0, -u(14), u(14), -u(28), u(28), -u(42), u(42)}) {
                candidates.emplace_back(sign.x() + far, sign.y() - tall / 2 + rise, wide, tall);
                candidates.emplace_back(sign.x() - far - wide, sign.y() - tall / 2 + rise, wide, tall);
                candidates.emplace_back(sign.x() - wide / 2, sign.y() - far - tall, wide, tall);
                candidates.emplace_back(sign.x() - wide / 2, sign.y() + far, wide, tall);
            }
        const auto beside = room_.find_near(std::move(candidates), sign, u(40), u(140));
        auto behind = t.paper;
        behind.setAlpha(200);
        p.fillRect(beside, behind);
        text(p, beside, words, full ? t.danger : harms ? t.caution : t.ink, face(11, true), Qt::AlignCenter);
        auto& spot = add_spot({area, QStringLiteral("sign:%1:%2").arg(words_of(way.id)).arg(i),
                               opening ? words_of(opening_name(plan, *opening))
                                       : tell("{words} on {part}", words, words_of(name_of(plan, way.id))),
                               [this, id = opening ? opening->id : way.id] { document_.select(id); },
                               [this, id = way.id] { way_menu(id); }, Qt::PointingHandCursor, true,
                               tell("{words} on {part}", words, words_of(name_of(plan, way.id)))});
        spot.how = opening ? tr("Click for what goes through it; right-click for more.")
                           : tr("Click for the way; right-click for more.");
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
    const auto standing = here.isEmpty() ? tr("Nothing stands here yet") : here.join(QStringLiteral(", "));
    auto& spot = add_spot({area, "place:" + QString::fromStdString(place.id), standing,
                           [this, id = place.id] { document_.select(id); },
                           [this, id = place.id] { place_menu(id); }, Qt::OpenHandCursor});
    spot.name = QString::fromStdString(place.name), spot.selected = selected;
    spot.how = tr("Drag it where it is; right-click for a way to another place.");
}

void MachineMap::mousePressEvent(QMouseEvent* e) {
    moved_ = false;
    dragged_.clear();
    if (e->button() == Qt::LeftButton && mark_at(e->position())) return;
    if (e->button() == Qt::LeftButton && press_on_drawing(e->position())) return;
    if (e->button() == Qt::LeftButton)
        for (const auto& place : document_.plan().places)
            if (on_side(place) && box(place).contains(e->position()))
                dragged_ = place.id, grab_ = e->position();
    Canvas::mousePressEvent(e);
}

void MachineMap::mouseMoveEvent(QMouseEvent* e) {
    if ((e->buttons() & Qt::LeftButton) && drag_on_drawing(e->position())) return;
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
    if (release_on_drawing()) return;
    const Id id = std::exchange(dragged_, {});
    if (std::exchange(moved_, false)) {
        const auto m = machine();
        const double x = (drag_at_.x() - m.left()) / m.width(), y = (drag_at_.y() - m.top()) / m.height();
        document_.apply([=](const Plan& p) { return move_place(p, id, x, y); }, tr("Move a place"));
    }
    Canvas::mouseReleaseEvent(e);
}

}  // namespace sangre::app
