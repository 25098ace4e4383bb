#include "plan/placing.h"

#include "base/words/say.h"
#include "plan/drawn.h"

namespace sangre {

std::vector<Id> unplaced(const Plan& plan) {
    std::vector<Id> all;
    const auto take = [&](const auto& list) {
        for (const auto& part : list)
            if (!by_id(plan.places, part.place)) all.push_back(part.id);
    };
    take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.passives);
    return all;
}

Plan place_all(Plan plan) {
    const auto has_place = [&](const auto& part) { return by_id(plan.places, part.place) != nullptr; };
    const auto named = [&](const std::string& name, double x, double y) {
        Place place;
        place.id = fresh_id(plan, "place", name), place.name = name, place.x = x, place.y = y;
        plan.places.push_back(place);
        return place.id;
    };
    // Sources at the left, where power begins; hubs and modules share a board in the middle; loads at the
    // right, one under the other in the order of their list.
    size_t sources = 0, loads = 0;
    for (const auto& s : plan.sources) sources += !has_place(s);
    for (const auto& l : plan.loads) loads += !has_place(l);
    const auto row = [](size_t i, size_t n) {
        return (static_cast<double>(i) + 0.5) / static_cast<double>(n);
    };
    size_t i = 0;
    for (auto& s : plan.sources)
        if (!has_place(s)) s.place = named(s.name, 0.08, row(i++, sources));
    Id board;
    for (const auto& h : plan.hubs)
        if (has_place(h)) board = h.place;
    const auto on_board = [&](auto& list) {
        for (auto& part : list)
            if (!has_place(part)) {
                if (board.empty()) board = named(say("Board"), 0.4, 0.5);
                part.place = board;
            }
    };
    on_board(plan.hubs), on_board(plan.converters);
    i = 0;
    for (auto& l : plan.loads)
        if (!has_place(l)) {
            const size_t columns = loads > 10 ? 2 : 1, each = (loads + columns - 1) / columns;
            l.place = named(l.name, 0.92 - 0.24 * static_cast<double>(i / each), row(i % each, each)), ++i;
        }
    for (auto& p : plan.passives)
        if (!has_place(p))
            p.place = named(p.name, 0.62,
                            row(static_cast<size_t>(&p - plan.passives.data()), plan.passives.size()));
    return as_drawn(std::move(plan));
}

}  // namespace sangre
