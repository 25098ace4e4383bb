// Parts that have no place on the machine yet, at the foot of its map.
#include <QMenu>

#include "plan/edits.h"
#include "plan/machine_edits.h"
#include "plan/placing.h"
#include "routing/machine_map.h"
#include "widgets/words.h"

namespace sangre::app {

/// What has no place yet waits at the foot: dragged to a place, or given one by its menu.
void MachineMap::paint_tray(QPainter& p) {
    const auto waiting = unplaced(document_.plan());
    if (waiting.empty() || mode_ != Mode::usual) return;  // what the next click does stands there
    const auto& t = theme();
    const double y = height() - u(40);
    double x = u(10);
    const auto chip = [&](const QString& words, const QString& key, const QString& tip, bool acts,
                          std::function<void()> act, std::function<void()> menu) {
        const double wide = text_width(words, face(12, acts)) + u(18);
        const QRectF area(x, y, wide, u(26));
        p.setPen(QPen(acts ? t.accent : t.line, 1));
        p.setBrush(t.card);
        p.drawRoundedRect(area, u(13), u(13));
        text(p, area, words, acts ? t.accent : t.ink, face(12, acts), Qt::AlignCenter);
        room_.take(area);
        add_spot({area, key, tip, std::move(act), std::move(menu),
                  acts ? Qt::PointingHandCursor : Qt::OpenHandCursor});
        x += wide + u(6);
    };
    chip(tr("Place all"), QStringLiteral("place all"),
         tr("A place for each of them, laid out by what is joined to what"), true,
         [this] { document_.apply([](const Plan& q) { return place_all(q); }, tr("Place all")); }, {});
    for (size_t i = 0; i < waiting.size(); ++i) {
        const auto name = words_of(name_of(document_.plan(), waiting[i]));
        const double room = width() - x - u(70);
        if (text_width(name, face(12)) + u(18) > room) {
            const std::vector<Id> rest(waiting.begin() + static_cast<std::ptrdiff_t>(i), waiting.end());
            chip(tell("+ {count}", rest.size()), QStringLiteral("tray more"),
                 tell("{count} more have no place yet", rest.size()), false,
                 [this, rest, at = QPoint(static_cast<int>(x), static_cast<int>(y))] { rest_menu(rest, at); },
                 {});
            break;
        }
        chip(
            name, "tray:" + words_of(waiting[i]), tell("{name} has no place yet", name), false,
            [this, id = waiting[i], at = QPoint(static_cast<int>(x), static_cast<int>(y))] {
                tray_menu(id, at);
            },
            [this, id = waiting[i], at = QPoint(static_cast<int>(x), static_cast<int>(y))] {
                tray_menu(id, at);
            });
    }
}

void MachineMap::rest_menu(const std::vector<Id>& parts, const QPoint& where) {
    QMenu menu(this);
    for (const auto& part : parts)
        menu.addAction(menu_words(words_of(name_of(document_.plan(), part))), this,
                       [this, part, where] { tray_menu(part, where); });
    menu.exec(mapToGlobal(where));
}

void MachineMap::tray_menu(const Id& part, const QPoint& where) {
    QMenu menu(this);
    for (const auto& place : document_.plan().places)
        menu.addAction(menu_words(words_of(place.name)), this, [this, part, to = place.id] {
            document_.apply([=](const Plan& p) { return set_part_place(p, part, to); }, tr("Place a part"));
        });
    menu.addAction(tr("A place of its own"), this, [this, part] {
        document_.apply(
            [part](const Plan& p) {
                Place place;
                place.name = name_of(p, part), place.id = fresh_id(p, "place", place.name);
                return set_part_place(put_place(p, place), part, place.id);
            },
            tr("Place a part"));
    });
    menu.exec(mapToGlobal(where));
}

}  // namespace sangre::app
