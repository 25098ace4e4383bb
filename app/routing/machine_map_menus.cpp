// What the machine map offers: menus of its places and ways, and the fields typed into.
#include <QMenu>
#include <algorithm>

#include "base/units/number.h"
#include "base/words/say.h"
#include "plan/edits.h"
#include "plan/machine_text.h"
#include "plan/on_way.h"
#include "routing/machine_map.h"
#include "widgets/words.h"

namespace sangre::app {

void MachineMap::edit_length(const Id& id) {
    const auto* way = by_id(document_.plan().ways, id);
    if (!way) return;
    const auto centre = spot_centre("way:" + QString::fromStdString(id));
    edit_value_at(QRectF(centre.x() - u(55), centre.y() - u(15), u(110), u(30)),
                  QString::number(raw(way->length)) + " m", Dimension::length, "m",
                  [this, way = *way](double metres) -> QString {
                      if (metres <= 0 || metres > 100)
                          return tr("A length above zero, up to 100 m, is expected.");
                      auto next = way;
                      next.length = Metre(metres), next.drawn = false;
                      close_editor();
                      document_.apply([next](const Plan& p) { return put_way(p, next); },
                                      tr("Measure a way"));
                      return {};
                  });
}

QRectF MachineMap::line_at(const Id& way) const {
    const auto centre = spot_centre("way:" + QString::fromStdString(way));
    const double wide = std::min<double>(u(300), width() - 8);
    const double left = std::clamp(centre.x() - wide / 2, 4.0, std::max(4.0, width() - wide - 4));
    return QRectF(left, centre.y() - u(15), wide, u(30));
}

void MachineMap::edit_opening(const Id& way, const Id& opening) {
    const auto* there = by_id(document_.plan().openings, opening);
    const Opening like = there ? *there : Opening{};
    edit_at(line_at(way),
            there ? QString::fromStdString(opening_line(document_.plan(), *there)) : tr("12 mm grommet"),
            [this, way, like](const QString& typed) -> QString {
                const auto read =
                    parse_opening(document_.plan(), document_.catalogue(), like, typed.toStdString());
                if (!read) return words_of(read.error().message);
                close_editor();
                if (like.id.empty())
                    document_.apply([way, o = *read](const Plan& p) { return add_opening(p, way, o); },
                                    tr("Make an opening"));
                else
                    document_.apply([o = *read](const Plan& p) { return put_opening(p, o); },
                                    tr("Change an opening"));
                return {};
            });
}

void MachineMap::edit_distance(const Id& id, size_t thing) {
    const auto* way = by_id(document_.plan().ways, id);
    if (!way || thing >= way->on_it.size()) return;
    const auto at = way->on_it[thing].at.value_or(way->length / 2);
    edit_value_at(
        line_at(id), said(at), Dimension::length, "m", [this, way = *way, thing](double metres) -> QString {
            if (metres < 0 || metres > raw(way.length))
                return tell("It lies on the way: from 0 to {length} is expected.", said(way.length));
            auto next = way;
            next.on_it[thing].at = Metre(metres);
            close_editor();
            document_.apply([next](const Plan& p) { return put_way(p, next); },
                            tr("Say where it lies on the way"));
            return {};
        });
}

void MachineMap::edit_heat(const Id& id, size_t thing) {
    const auto* way = by_id(document_.plan().ways, id);
    if (!way || thing >= way->on_it.size()) return;
    const auto now = way->on_it[thing].hot.value_or(Celsius(80));
    edit_value_at(line_at(id), said(now), Dimension::temperature, "°C",
                  [this, id, thing](double hot) -> QString {
                      if (hot < -40 || hot > 400) return tr("−40 to 400 °C is expected.");
                      close_editor();
                      document_.apply(
                          [=](const Plan& p) {
                              auto next = p;
                              if (auto* w = by_id(next.ways, id); w && thing < w->on_it.size())
                                  w->on_it[thing].hot = Celsius(hot);
                              return next;
                          },
                          tr("How hot it gets"));
                      return {};
                  });
}

void MachineMap::edit_radius(const Id& id, size_t thing) {
    const auto* way = by_id(document_.plan().ways, id);
    if (!way || thing >= way->on_it.size()) return;
    edit_value_at(line_at(id), said(way->on_it[thing].radius), Dimension::length, "mm",
                  [this, id, thing](double metres) -> QString {
                      if (metres <= 0 || metres > 10) return tr("Above 0 and up to 10 m is expected.");
                      close_editor();
                      document_.apply(
                          [=](const Plan& p) {
                              auto next = p;
                              if (auto* w = by_id(next.ways, id); w && thing < w->on_it.size())
                                  w->on_it[thing].radius = Millimetre(metres * 1e3);
                              return next;
                          },
                          tr("How round a corner is"));
                      return {};
                  });
}

void MachineMap::edit_turn(const Id& id, size_t thing) {
    const auto* way = by_id(document_.plan().ways, id);
    if (!way || thing >= way->on_it.size()) return;
    edit_at(line_at(id), words_of(format_number(turn_of(way->on_it[thing]))),
            [this, id, thing](const QString& typed) -> QString {
                auto words = typed.trimmed();
                if (words.endsWith(QChar(0xB0))) words.chop(1);
                const auto degrees = plain_number(words.trimmed().toStdString());
                if (!degrees || *degrees <= 0 || *degrees > 3600)
                    return tr("Degrees above 0 and up to 3600 are expected, such as 120.");
                close_editor();
                document_.apply(
                    [=](const Plan& p) {
                        auto next = p;
                        if (auto* w = by_id(next.ways, id); w && thing < w->on_it.size())
                            w->on_it[thing].degrees = *degrees;
                        return next;
                    },
                    tr("How far it turns"));
                return {};
            });
}

void MachineMap::offer_new_things(QMenu& menu, const Way& way) {
    menu.addAction(tr("An opening…"), [this, id = way.id] { edit_opening(id, {}); });
    for (const auto& opening : document_.plan().openings) {
        if (std::any_of(way.on_it.begin(), way.on_it.end(),
                        [&](const auto& thing) { return thing.opening == opening.id; }))
            continue;
        menu.addAction(
            tell("Through the {opening}", menu_words(words_of(opening_name(document_.plan(), opening)))),
            [this, id = way.id, opening] {
                document_.apply([=](const Plan& p) { return add_opening(p, id, opening); },
                                tr("Go through an opening"));
            });
    }
    menu.addSeparator();
    for (const auto& role : on_way_roles()) {
        if (role.kind == OnWayKind::opening) continue;
        menu.addAction(words_of(sangre::said(role.word)), [this, way, kind = role.kind] {
            auto next = way;
            OnWay met;
            met.kind = kind;
            next.on_it.push_back(met);
            document_.apply([next](const Plan& p) { return put_way(p, next); }, tr("Say what is on the way"));
        });
    }
}

void MachineMap::offer_thing(QMenu& menu, const Way& way, size_t i) {
    const auto& plan = document_.plan();
    const auto& thing = way.on_it[i];
    const auto* opening = by_id(plan.openings, thing.opening);
    auto* here =
        menu.addMenu(menu_words(words_of(opening ? opening_name(plan, *opening) : on_way_words(thing))));
    if (const auto* zone = by_id(plan.zones, thing.zone)) {
        // It is the zone's, not the way's: whatever were changed here would be as the zone says at the next
        // edit.
        here->addAction(tell("In the zone {zone}", menu_words(words_of(zone->name))),
                        [this, id = zone->id] { document_.select(id); });
        return;
    }
    if (opening)
        here->addAction(tr("Type it anew…"),
                        [this, way = way.id, id = opening->id] { edit_opening(way, id); });
    here->addAction(tell("Type its distance from {place}…", menu_words(words_of(name_of(plan, way.from)))),
                    [this, id = way.id, i] { edit_distance(id, i); });
    if (thing.kind == OnWayKind::heat)
        here->addAction(tr("Type how hot it gets…"), [this, id = way.id, i] { edit_heat(id, i); });
    if (thing.kind == OnWayKind::corner)
        here->addAction(tr("Type its inside radius…"), [this, id = way.id, i] { edit_radius(id, i); });
    if (role_of(thing.kind).moves)
        here->addAction(tr("Type how far it turns…"), [this, id = way.id, i] { edit_turn(id, i); });
    here->addAction(tr("Take it off the way"), [this, id = way.id, i] {
        document_.apply([=](const Plan& p) { return remove_from_way(p, id, i); }, tr("Take it off the way"));
    });
}

void MachineMap::way_menu(const Id& id) {
    document_.select(id);
    const auto* found = by_id(document_.plan().ways, id);
    if (!found) return;
    const auto way = *found;
    QMenu menu(this);
    menu.addAction(tr("Type its length"), [this, id] { edit_length(id); });
    if (side()) {
        menu.addAction(tr("Draw its line…"), [this, id] { begin_line(id); });
        if (!way.bends.empty())
            menu.addAction(tr("Straight"), [this, id] {
                document_.apply([id](const Plan& p) { return set_bends(p, id, {}); }, tr("Draw a way"));
            });
    }
    offer_new_things(*menu.addMenu(tr("It meets")), way);
    for (size_t i = 0; i < way.on_it.size(); ++i) offer_thing(menu, way, i);
    menu.addSeparator();
    menu.addAction(tr("Remove"), [this, id] {
        document_.apply([id](const Plan& p) { return remove_way(p, id); }, tr("Remove a way"));
    });
    menu.exec(mapToGlobal(spot_centre("way:" + QString::fromStdString(id))));
}

void MachineMap::rename_place(const Id& id) {
    const auto* place = by_id(document_.plan().places, id);
    if (!place) return;
    edit_at(box(*place), QString::fromStdString(place->name),
            [this, place = *place](const QString& typed) -> QString {
                if (typed.trimmed().isEmpty()) return tr("A place needs a name.");
                auto next = place;
                next.name = typed.trimmed().toStdString();
                close_editor();
                document_.apply([next](const Plan& p) { return put_place(p, next); }, tr("Name a place"));
                return {};
            });
}

void MachineMap::add_place() {
    Place place;
    place.name = "Place " + std::to_string(document_.plan().places.size() + 1);
    place.id = fresh_id(document_.plan(), "place", place.name);
    document_.apply([place](const Plan& p) { return put_place(p, place); }, tr("Add a place"));
    document_.select(place.id);
    rename_place(place.id);
}

void MachineMap::place_menu(const Id& id) {
    // All that are selected at once, before the place itself is: Ctrl+A, then here.
    std::vector<Id> chosen;
    for (const auto& one : document_.selected())
        if (find_part(document_.plan(), one).kind != PartKind::none || by_id(document_.plan().passives, one))
            chosen.push_back(one);
    document_.select(id);
    QMenu menu(this);
    menu.addAction(tr("Rename"), [this, id] { rename_place(id); });
    auto* ways = menu.addMenu(tr("Measure a way to"));
    for (const auto& other : document_.plan().places) {
        if (other.id == id) continue;
        ways->addAction(menu_words(QString::fromStdString(other.name)), [this, id, to = other.id] {
            Way way;
            way.from = id, way.to = to, way.length = Metre(0.5);
            way.id = fresh_id(document_.plan(), "way",
                              name_of(document_.plan(), id) + " " + name_of(document_.plan(), to));
            document_.apply([way](const Plan& p) { return put_way(p, way); }, tr("Add a way"));
            document_.select(way.id);
            repaint();
            edit_length(way.id);
        });
    }
    auto* bodies = menu.addMenu(tr("It is in"));
    const auto in_body = [&](const QString& name, const Id& body) {
        auto* a = bodies->addAction(name, [this, id, body] {
            document_.apply([=](const Plan& p) { return set_place_body(p, id, body); },
                            tr("Say what a place is in"));
        });
        a->setCheckable(true);
        const auto* place = by_id(document_.plan().places, id);
        a->setChecked(place && place->body == body);
    };
    for (const auto& body : document_.plan().bodies) in_body(menu_words(words_of(body.name)), body.id);
    in_body(tr("no body"), {});
    auto* parts = menu.addMenu(tr("Put here"));
    if (chosen.size() > 1) {
        parts->addAction(tell("The {count} that are selected", chosen.size()), [this, chosen, id] {
            document_.apply(
                [=](const Plan& p) {
                    auto next = p;
                    for (const auto& part : chosen) next = set_part_place(std::move(next), part, id);
                    return next;
                },
                tr("Place parts"));
        });
        parts->addSeparator();
    }
    const auto offer = [&](const auto& list) {
        for (const auto& part : list) {
            auto* a = parts->addAction(
                menu_words(QString::fromStdString(part.name)), [this, part_id = part.id, id] {
                    document_.apply([=](const Plan& p) { return set_part_place(p, part_id, id); },
                                    tr("Place a part"));
                });
            a->setCheckable(true);
            a->setChecked(part.place == id);
        }
    };
    offer(document_.plan().sources), offer(document_.plan().hubs), offer(document_.plan().converters),
        offer(document_.plan().loads), offer(document_.plan().passives);
    menu.addSeparator();
    menu.addAction(tr("Remove it, with its ways"), [this, id] {
        document_.apply([id](const Plan& p) { return remove_place(p, id); }, tr("Remove a place"));
    });
    menu.exec(mapToGlobal(spot_centre("place:" + QString::fromStdString(id))));
}

}  // namespace sangre::app
