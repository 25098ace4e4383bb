// Bodies on the machine map: drawn round the places that are in them.
#include <QMenu>
#include <algorithm>

#include "base/enum_words.h"
#include "plan/machine_edits.h"
#include "plan/machine_text.h"
#include "plan/outline.h"
#include "routing/machine_map.h"
#include "widgets/words.h"

namespace sangre::app {

QRectF MachineMap::around(const Body& body) const {
    const auto& plan = document_.plan();
    QRectF area;
    for (const auto& place : plan.places)
        if (place.body == body.id) area |= box(place);
    for (const auto& inner : plan.bodies)
        if (inner.in == body.id) area |= around(inner);
    if (area.isNull()) return area;
    area.adjust(-u(12), -u(24), u(12), u(12));
    // As large as it is, where that is known; never smaller than what is drawn in it.
    if (const auto* shown = side())
        if (const auto outline = outline_on(plan, *shown, body))
            area |= QRectF(to_map(outline->from), to_map(outline->to));
    return area;
}

void MachineMap::paint_bodies(QPainter& p) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto outermost_first = [&] {
        std::vector<std::pair<QRectF, const Body*>> all;
        for (const auto& body : plan.bodies) all.emplace_back(around(body), &body);
        std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) {
            return a.first.width() * a.first.height() > b.first.width() * b.first.height();
        });
        return all;
    }();
    double empty_left = machine().left();
    for (const auto& [area, body] : outermost_first) {
        const bool selected = document_.selects(body->id), metal = body->material == BodyMaterial::metal;
        const auto name = words_of(body->name);
        const auto kind =
            tell("{material}{sealed|, sealed|}", words_of(said_word(body->material)), body->sealed);
        const double wide = text_width(name, face(12, true)) + text_width(kind, face(11)) + u(16);
        // One that nothing stands in yet waits at the foot of the map.
        QRectF tab;
        if (area.isNull()) {
            tab = QRectF(empty_left, machine().bottom() - u(14), wide, u(19));
            empty_left += wide + u(8);
            room_.take(tab);
        } else {
            std::vector<QRectF> candidates;
            // What is wider than the body would cross its walls: beside it then.
            const bool holds = wide <= area.width() - u(12);
            const std::vector<double> inside{area.top() + u(2), area.bottom() - u(21)};
            const std::vector<double> beside{area.top() - u(20), area.bottom() + u(1)};
            auto rows = holds ? inside : beside;
            rows.insert(rows.end(), (holds ? beside : inside).begin(), (holds ? beside : inside).end());
            for (const double y : rows)
                for (const double x :
                     {area.left() + u(8), area.right() - wide - u(8), area.center().x() - wide / 2})
                    candidates.emplace_back(x, y, wide, u(19));
            tab = room_.find(candidates);
            p.setPen(QPen(selected ? t.accent
                          : metal  ? t.ink
                                   : t.muted,
                          metal ? 2.4 : 1.4, body->sealed || metal ? Qt::SolidLine : Qt::DashLine));
            p.setBrush(Qt::NoBrush);
            p.drawRoundedRect(area, u(10), u(10));
            if (body->sealed) p.drawRoundedRect(area.adjusted(3, 3, -3, -3), u(8), u(8));
        }
        text(p, QRectF(tab.left() + u(4), tab.top(), tab.width(), tab.height()), name,
             selected ? t.accent : t.ink, face(12, true));
        text(p,
             QRectF(tab.left() + u(10) + text_width(name, face(12, true)), tab.top(), tab.width(),
                    tab.height()),
             kind, t.muted, face(11));
        const auto where = tab.bottomLeft().toPoint();
        auto& spot =
            add_spot({tab, "body:" + QString::fromStdString(body->id), words_of(body_line(plan, *body)),
                      [this, id = body->id, tab] {
                          if (document_.selection() == id)
                              edit_body(id, tab);
                          else
                              document_.select(id);
                      },
                      [this, id = body->id, where] { body_menu(id, where); }});
        spot.name = name, spot.selected = document_.selects(body->id);
        spot.how = tr("Click for what is in it; right-click changes or removes it.");
    }
}

void MachineMap::edit_body(const Id& id, const QRectF& area) {
    const auto* there = by_id(document_.plan().bodies, id);
    const Body like = there ? *there : Body{};
    const double wide = std::min<double>(u(460), width() - 8);
    const QRectF field(std::clamp(area.left(), 4.0, std::max(4.0, width() - wide - 4)), area.top(), wide,
                       u(30));
    edit_at(field, there ? words_of(body_line(document_.plan(), *there)) : QString(),
            [this, like](const QString& typed) -> QString {
                const auto read = parse_body(document_.plan(), like, typed.toStdString());
                if (!read) return words_of(read.error().message);
                auto body = *read;
                if (body.id.empty()) body.id = fresh_id(document_.plan(), "body", body.name);
                close_editor();
                document_.apply([body](const Plan& p) { return put_body(p, body); },
                                like.id.empty() ? tr("Add a body") : tr("Change a body"));
                document_.select(body.id);
                repaint();
                focus_spot("body:" + QString::fromStdString(body.id));
                return {};
            });
    if (!there) editor()->setPlaceholderText(tr("Deck box, plastic, sealed, 220 × 140 × 80 mm, wall 3 mm"));
}

void MachineMap::add_body() { edit_body({}, QRectF(width() / 2.0 - u(230), u(40), u(460), u(30))); }

void MachineMap::body_menu(const Id& id, const QPoint& where) {
    document_.select(id);
    QMenu menu(this);
    menu.addAction(tr("Type it anew…"), [this, id, where] { edit_body(id, QRectF(where, QSizeF(1, 1))); });
    auto* places = menu.addMenu(tr("Places in it"));
    for (const auto& place : document_.plan().places) {
        auto* a = places->addAction(menu_words(words_of(place.name)), [this, id, place] {
            document_.apply(
                [=](const Plan& p) { return set_place_body(p, place.id, place.body == id ? Id() : id); },
                tr("Say what a place is in"));
        });
        a->setCheckable(true);
        a->setChecked(place.body == id);
    }
    places->setEnabled(!document_.plan().places.empty());
    menu.addSeparator();
    menu.addAction(tr("Remove it; what is in it stays"), [this, id] {
        document_.apply([id](const Plan& p) { return remove_body(p, id); }, tr("Remove a body"));
    });
    menu.exec(mapToGlobal(where));
}

}  // namespace sangre::app
