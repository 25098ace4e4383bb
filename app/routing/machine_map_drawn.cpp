// What lies on a side of the machine: zones, the bends of a way's line, and taking hold of either.
#include <QMenu>
#include <cmath>

#include <QPainterPath>

#include "base/words/say.h"
#include "plan/edits.h"
#include "plan/machine_edits.h"
#include "plan/on_way.h"
#include "routing/machine_map.h"
#include "widgets/words.h"

namespace sangre::app {

void MachineMap::add_zone(OnWayKind kind) {
    if (!side()) return;
    Zone zone;
    zone.kind = kind, zone.name = sangre::said(on_way_word(kind)), zone.side = side()->id;
    zone.id = fresh_id(document_.plan(), "zone", zone.name);
    document_.apply([zone](const Plan& p) { return put_zone(p, zone); }, tr("Add a zone"));
    document_.select(zone.id);
}

Zone MachineMap::as_held(const Zone& zone, const Held& held) {
    return held.what == Held::What::corner
               ? with_corner(zone, held.now)
               : moved_by(zone, held.now.x - held.from.x, held.now.y - held.from.y);
}

void MachineMap::paint_zones(QPainter& p) {
    const auto* shown = side();
    if (!shown) return;
    const auto& t = theme();
    for (auto zone : document_.plan().zones) {
        if (side_of(document_.plan(), zone) != shown) continue;
        if (held_.id == zone.id) zone = as_held(zone, held_);
        const QRectF area(to_map({zone.left, zone.top}),
                          to_map({zone.left + zone.width, zone.top + zone.height}));
        auto fill = t.caution;
        fill.setAlpha(60);
        p.setPen(QPen(document_.selects(zone.id) ? t.accent : t.caution, document_.selects(zone.id) ? 2 : 1.2,
                      Qt::DashLine));
        p.setBrush(QBrush(fill, Qt::BDiagPattern));
        p.drawRect(area);
        p.setPen(Qt::NoPen);
        p.setBrush(t.caution);
        p.drawRect(QRectF(area.bottomRight() - QPointF(u(8), u(8)), QSizeF(u(8), u(8))));
        auto words = words_of(zone.name);
        if (zone.hot) words += QStringLiteral(" ") + app::said(*zone.hot);
        const QRectF label(area.left() + u(3), area.top() + u(2),
                           std::min(area.width() - u(6), text_width(words, face(11, true)) + u(6)), u(17));
        auto behind = t.paper;
        behind.setAlpha(210);
        p.fillRect(label, behind);
        text(p, label, words, t.caution, face(11, true), Qt::AlignCenter);
        room_.take(label);
        auto& spot = add_spot(
            {label, "zone:" + words_of(zone.id), tell("{words}: ways drawn through it meet it there.", words),
             [this, id = zone.id] { document_.select(id); }, [this, id = zone.id] { zone_menu(id); }});
        spot.how = tr("Drag it, or its corner; right-click for more.");
    }
}

void MachineMap::take_bend(const Id& id, size_t bend) {
    const auto* way = by_id(document_.plan().ways, id);
    auto less = way ? bends_of(*way).value_or(std::vector<SidePoint>{}) : std::vector<SidePoint>{};
    if (bend >= less.size()) return;
    less.erase(less.begin() + static_cast<std::ptrdiff_t>(bend));
    document_.apply([=](const Plan& q) { return set_bends(q, id, less); }, tr("Draw a way"));
}

/// Handles of the selected way's line.
void MachineMap::paint_bends(QPainter& p) {
    const auto& t = theme();
    for (const auto& way : document_.plan().ways) {
        if (!document_.selects(way.id) || path_of(way).isEmpty() || !side()) continue;
        const auto bends = bends_of(way).value_or(std::vector<SidePoint>{});
        for (size_t i = 0; i < bends.size(); ++i) {
            const bool moved = held_.what == Held::What::bend && held_.id == way.id && held_.bend == i;
            const auto at = to_map(moved ? held_.now : bends[i]);
            p.setPen(QPen(t.accent, 1.5));
            p.setBrush(t.card);
            p.drawEllipse(at, u(5), u(5));
            auto& spot = add_spot({QRectF(at.x() - u(7), at.y() - u(7), u(14), u(14)),
                                   QStringLiteral("bend:%1:%2").arg(words_of(way.id)).arg(i),
                                   tr("Enter takes it away."), [this, id = way.id, i] { take_bend(id, i); },
                                   [this, id = way.id, i] { take_bend(id, i); }, Qt::SizeAllCursor, true,
                                   tell("Bend {number}", i + 1)});
            spot.how = tr("Drag it; a click with the right button takes it away.");
        }
    }
}

bool MachineMap::press_on_drawing(QPointF at) {
    held_ = {};
    if (const auto* spot = spot_under(at); spot && spot->key.startsWith(QLatin1String("tray:"))) {
        held_.what = Held::What::part, held_.id = spot->key.mid(5).toStdString(), held_.at = at;
        return true;
    }
    if (press_on_lead(at)) return true;
    if (!side()) return false;
    const auto near = [&](QPointF to) { return std::hypot(at.x() - to.x(), at.y() - to.y()) < u(9); };
    for (const auto& way : document_.plan().ways) {
        if (!document_.selects(way.id)) continue;
        const auto bends = bends_of(way).value_or(std::vector<SidePoint>{});
        for (size_t i = 0; i < bends.size(); ++i)
            if (near(to_map(bends[i]))) {
                held_.what = Held::What::bend, held_.id = way.id, held_.bend = i, held_.now = bends[i],
                held_.at = at;
                return true;
            }
    }
    for (const auto& zone : document_.plan().zones) {
        if (side_of(document_.plan(), zone) != side()) continue;
        const QRectF area(to_map({zone.left, zone.top}),
                          to_map({zone.left + zone.width, zone.top + zone.height}));
        const bool corner =
            QRectF(area.bottomRight() - QPointF(u(10), u(10)), QSizeF(u(12), u(12))).contains(at);
        const bool label = spot_under(at) && spot_under(at)->key == "zone:" + words_of(zone.id);
        if (!corner && !label) continue;
        document_.select(zone.id);
        held_.what = corner ? Held::What::corner : Held::What::zone, held_.id = zone.id,
        held_.from = held_.now = to_side(at), held_.at = at;
        return true;
    }
    return false;
}

bool MachineMap::drag_on_drawing(QPointF at) {
    if (held_.what == Held::What::nothing) return false;
    if (side()) held_.now = to_side(at);
    held_.at = at, moved_ = true;
    if (held_.what == Held::What::lead) drag_lead(at);
    update();
    return true;
}

bool MachineMap::release_on_drawing() {
    const auto held = std::exchange(held_, {});
    if (held.what == Held::What::nothing) return false;
    if (!std::exchange(moved_, false)) {
        if (held.what == Held::What::part) tray_menu(held.id, held.at.toPoint());
        would_go_ = {}, price_.clear();
        return update(), true;
    }
    if (held.what == Held::What::lead) {
        drop_lead();
    } else if (held.what == Held::What::bend) {
        auto bends = bends_of(*by_id(document_.plan().ways, held.id)).value_or(std::vector<SidePoint>{});
        bends.at(held.bend) = held.now;
        document_.apply([id = held.id, bends](const Plan& p) { return set_bends(p, id, bends); },
                        tr("Draw a way"));
    } else if (held.what == Held::What::part) {
        for (const auto& place : document_.plan().places)
            if (on_side(place) && box(place).contains(held.at))
                document_.apply(
                    [part = held.id, to = place.id](const Plan& p) { return set_part_place(p, part, to); },
                    tr("Place a part"));
    } else if (const auto* zone = by_id(document_.plan().zones, held.id)) {
        document_.apply([next = as_held(*zone, held)](const Plan& p) { return put_zone(p, next); },
                        tr("Move a zone"));
    }
    update();
    return true;
}

void MachineMap::zone_menu(const Id& id) {
    document_.select(id);
    QMenu menu(this);
    menu.addAction(tr("Remove"), this, [this, id] {
        document_.apply([id](const Plan& p) { return remove_zone(p, id); }, tr("Remove a zone"));
    });
    menu.exec(mapToGlobal(spot_centre("zone:" + words_of(id))));
}

}  // namespace sangre::app
