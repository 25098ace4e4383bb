#include "plan/machine_edits.h"

#include <algorithm>

#include "plan/drawn.h"
#include "plan/list_edits.h"

namespace sangre {
namespace {

/// Without the opening where no way goes through it any more and it has no name of its own to be kept for.
Plan forget_unused(Plan plan, const Id& opening) {
    for (const auto& way : plan.ways)
        for (const auto& thing : way.on_it)
            if (thing.opening == opening) return plan;
    std::erase_if(plan.openings, [&](const auto& o) { return o.id == opening && o.name.empty(); });
    return plan;
}

}  // namespace

Plan put_body(Plan plan, Body body) {
    if (body.id.empty()) body.id = fresh_id(plan, "body", body.name);
    put(plan.bodies, std::move(body));
    return plan;
}

Plan remove_body(Plan plan, const Id& body) {
    const auto* gone = by_id(plan.bodies, body);
    if (!gone) return plan;
    const Id around = gone->in;
    std::erase_if(plan.bodies, [&](const auto& b) { return b.id == body; });
    for (auto& b : plan.bodies)
        if (b.in == body) b.in = around;
    for (auto& p : plan.places)
        if (p.body == body) p.body = around;
    for (auto& o : plan.openings)
        if (o.body == body) o.body.clear();
    for (auto& lead : plan.feeds())
        for (auto& item : lead.devices)
            if (item.panel == body) item.panel = around;
    return plan;
}

Plan set_place_body(Plan plan, const Id& place, const Id& body) {
    change(plan.places, place, [&](auto& p) { p.body = body; });
    return plan;
}

Plan move_place(Plan plan, const Id& place, double x, double y) {
    change(plan.places, place, [&](auto& p) {
        p.x = std::clamp(x, 0.0, 1.0);
        p.y = std::clamp(y, 0.0, 1.0);
    });
    return as_drawn(std::move(plan));
}

Plan put_place(Plan plan, Place place) {
    if (place.id.empty()) place.id = fresh_id(plan, "place", place.name);
    put(plan.places, std::move(place));
    return as_drawn(std::move(plan));
}

Plan remove_place(Plan plan, const Id& place) {
    std::erase_if(plan.places, [&](const auto& p) { return p.id == place; });
    for (auto& p : plan.places)
        if (p.under == place) p.under.clear();
    const auto clear = [&](auto& list) {
        for (auto& part : list)
            if (part.place == place) part.place.clear();
    };
    clear(plan.sources), clear(plan.hubs), clear(plan.converters), clear(plan.loads), clear(plan.passives);
    std::vector<Id> ways;
    for (const auto& w : plan.ways)
        if (w.from == place || w.to == place) ways.push_back(w.id);
    for (const auto& way : ways) plan = remove_way(std::move(plan), way);
    return plan;
}

Plan put_way(Plan plan, Way way) {
    if (way.id.empty()) way.id = fresh_id(plan, "way", name_of(plan, way.from) + " " + name_of(plan, way.to));
    put(plan.ways, std::move(way));
    return as_drawn(std::move(plan));
}

Plan remove_way(Plan plan, const Id& way) {
    std::vector<Id> openings;
    if (const auto* gone = by_id(plan.ways, way))
        for (const auto& thing : gone->on_it)
            if (!thing.opening.empty()) openings.push_back(thing.opening);
    std::erase_if(plan.ways, [&](const auto& w) { return w.id == way; });
    for (auto& lead : plan.leads)
        if (std::find(lead.by.begin(), lead.by.end(), way) != lead.by.end()) lead.by.clear();
    for (const auto& opening : openings) plan = forget_unused(std::move(plan), opening);
    return plan;
}

Plan put_opening(Plan plan, Opening opening) {
    put(plan.openings, std::move(opening));
    return plan;
}

Plan add_opening(Plan plan, const Id& way, Opening opening, std::optional<Metre> at) {
    if (!by_id(plan.ways, way)) return plan;
    if (opening.id.empty())
        opening.id = fresh_id(plan, "opening", opening.name.empty() ? name_of(plan, way) : opening.name);
    change(plan.ways, way, [&](auto& w) { w.on_it.push_back({OnWayKind::opening, at, opening.id}); });
    put(plan.openings, std::move(opening));
    return plan;
}

Plan remove_from_way(Plan plan, const Id& way, size_t thing) {
    Id opening;
    change(plan.ways, way, [&](auto& w) {
        if (thing >= w.on_it.size()) return;
        opening = w.on_it[thing].opening;
        w.on_it.erase(w.on_it.begin() + static_cast<std::ptrdiff_t>(thing));
    });
    return opening.empty() ? plan : forget_unused(std::move(plan), opening);
}

Plan set_part_place(Plan plan, const Id& part, const Id& place) {
    const auto at = [&](auto& list) { change(list, part, [&](auto& p) { p.place = place; }); };
    at(plan.sources);
    at(plan.hubs);
    at(plan.converters);
    at(plan.loads);
    at(plan.passives);
    return plan;
}

}  // namespace sangre
