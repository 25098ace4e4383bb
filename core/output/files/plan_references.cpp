#include "output/files/plan_references.h"

#include <fmt/format.h>

#include <unordered_set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "lines/field_types.h"
#include "plan/drawn.h"

namespace sangre {
namespace {

/// Places, walls and ways must stand in what is there, and nothing inside itself.
void check_machine(const Plan& plan, const std::unordered_set<Id>& places,
                   const std::unordered_set<Id>& bodies, const std::unordered_set<Id>& openings) {
    const auto in_body = [&](const Id& body, const std::string& at) {
        if (!body.empty() && !bodies.contains(body))
            throw BadPlace{at, say("there is no body “{name}”", body)};
    };
    for (size_t i = 0; i < plan.bodies.size(); ++i) {
        const auto at = fmt::format("/bodies/{}/in", i);
        in_body(plan.bodies[i].in, at);
        size_t steps = 0;
        for (const auto* b = &plan.bodies[i]; b && !b->in.empty(); b = by_id(plan.bodies, b->in))
            if (b->in == plan.bodies[i].id || ++steps > plan.bodies.size())
                throw BadPlace{at, say("“{id}” is inside itself", plan.bodies[i].id)};
    }
    const auto on_side = [&](const Id& side, const std::string& at) {
        if (!side.empty() && !by_id(plan.sides, side))
            throw BadPlace{at, say("there is no side “{side}”", side)};
    };
    for (size_t i = 0; i < plan.places.size(); ++i)
        on_side(plan.places[i].side, fmt::format("/places/{}/side", i));
    for (size_t i = 0; i < plan.zones.size(); ++i) {
        on_side(plan.zones[i].side, fmt::format("/zones/{}/side", i));
        if (plan.zones[i].kind == OnWayKind::opening)
            throw BadPlace{fmt::format("/zones/{}/kind", i), say("an opening is no area; say it of a way")};
    }
    for (size_t i = 0; i < plan.places.size(); ++i) {
        const auto at = fmt::format("/places/{}/under", i);
        if (const auto& under = plan.places[i].under; !under.empty() && !places.contains(under))
            throw BadPlace{at, say("there is no place “{name}”", under)};
        size_t steps = 0;
        for (const auto* p = &plan.places[i]; p && !p->under.empty(); p = by_id(plan.places, p->under))
            if (p->under == plan.places[i].id || ++steps > plan.places.size())
                throw BadPlace{at, say("“{id}” is under itself", plan.places[i].id)};
    }
    for (size_t i = 0; i < plan.places.size(); ++i)
        in_body(plan.places[i].body, fmt::format("/places/{}/body", i));
    for (size_t i = 0; i < plan.openings.size(); ++i)
        in_body(plan.openings[i].body, fmt::format("/openings/{}/body", i));
    for (size_t i = 0; i < plan.ways.size(); ++i) {
        const auto& way = plan.ways[i];
        for (const auto& end : {way.from, way.to})
            if (!places.contains(end))
                throw BadPlace{fmt::format("/ways/{}", i), say("there is no place “{name}”", end)};
        if (!bends_of(way)) throw BadPlace{fmt::format("/ways/{}/bends", i), bends_wanted()};
        for (size_t k = 0; k < way.on_it.size(); ++k) {
            const auto& thing = way.on_it[k];
            const auto at = fmt::format("/ways/{}/on_it/{}", i, k);
            if (thing.kind == OnWayKind::opening && !openings.contains(thing.opening))
                throw BadPlace{at + "/opening", say("there is no opening “{opening}”", thing.opening)};
            if (!thing.zone.empty() && !by_id(plan.zones, thing.zone))
                throw BadPlace{at + "/zone", say("there is no zone “{zone}”", thing.zone)};
            if (thing.kind != OnWayKind::opening && !thing.opening.empty())
                throw BadPlace{at + "/opening", say("only what is an opening goes through one")};
        }
    }
}

}  // namespace

void check_references(const Plan& plan, const std::vector<size_t>& lead_places) {
    const auto lead_at = [&](size_t i) {
        return fmt::format("/leads/{}", i < lead_places.size() ? lead_places[i] : i);
    };
    std::unordered_set<Id> ids, passives, parts, loads, places, bodies, openings;
    const auto unique_at = [&](const auto& list, const auto& at, std::unordered_set<Id>* also = nullptr) {
        for (size_t i = 0; i < list.size(); ++i) {
            if (!ids.insert(list[i].id).second)
                throw BadPlace{at(i) + "/id", say("“{id}” is used twice", list[i].id)};
            if (also) also->insert(list[i].id);
        }
    };
    const auto unique = [&](const auto& list, const char* key, std::unordered_set<Id>* also = nullptr) {
        unique_at(
            list, [key](size_t i) { return fmt::format("/{}/{}", key, i); }, also);
    };
    unique(plan.sources, "sources", &parts), unique(plan.hubs, "hubs", &parts);
    unique(plan.converters, "converters", &parts), unique(plan.loads, "loads", &loads);
    unique_at(plan.leads, lead_at), unique(plan.places, "places", &places);
    unique(plan.bodies, "bodies", &bodies), unique(plan.openings, "openings", &openings);
    unique(plan.sides, "sides"), unique(plan.zones, "zones");
    unique(plan.ways, "ways"), unique(plan.phases, "phases");
    unique(plan.passives, "passives", &passives);
    unique(plan.own_steps, "own_steps"), unique(plan.own_readings, "own_readings");
    unique(plan.at_hand, "at_hand");
    for (size_t i = 0; i < plan.leads.size(); ++i)
        unique_at(plan.leads[i].devices, [&](size_t d) { return lead_at(i) + fmt::format("/items/{}", d); });
    for (size_t i = 0; i < plan.loads.size(); ++i)
        if (plan.loads[i].v_min > plan.loads[i].v_max)
            throw BadPlace{fmt::format("/loads/{}/max_V", i),
                           say("{highest} is below the minimum voltage, {lowest}",
                               format(plan.loads[i].v_max), format(plan.loads[i].v_min))};
    for (size_t i = 0; i < plan.own_readings.size(); ++i)
        if (plan.own_readings[i].low > plan.own_readings[i].high)
            throw BadPlace{fmt::format("/own_readings/{}/low", i), say("it is above the high limit")};
    const auto part = [&](const Id& id) { return parts.contains(id) || loads.contains(id); };
    const auto feeds = plan.feeds();
    for (size_t i = 0; i < feeds.size(); ++i) {
        const auto& f = feeds[i];
        const auto at = [&](const char* key) { return lead_at(i) + "/" + key; };
        if (!part(f.from)) throw BadPlace{at("from"), say("there is no part “{name}”", f.from)};
        if (!part(f.to)) throw BadPlace{at("to"), say("there is no part “{name}”", f.to)};
        if (f.from == f.to) throw BadPlace{at("to"), say("“{to}” feeds itself", f.to)};
        if (f.ret == Return::shared && !by_id(feeds, f.shared_with))
            throw BadPlace{at("shared_with"), say("there is no feed “{shared_with}”", f.shared_with)};
        if (f.ret == Return::shared && f.shared_with == f.id)
            throw BadPlace{at("shared_with"), say("“{id}” shares its return with itself", f.id)};
    }
    for (size_t i = feeds.size(); i < plan.leads.size(); ++i)
        for (const auto& [key, end] : {std::pair{"from", plan.leads[i].from}, {"to", plan.leads[i].to}})
            if (!part(end) && !passives.contains(end))
                throw BadPlace{lead_at(i) + "/" + key, say("there is no part “{name}”", end)};
    check_machine(plan, places, bodies, openings);
    for (size_t i = 0; i < plan.leads.size(); ++i)
        for (size_t k = 0; k < plan.leads[i].by.size(); ++k)
            if (!by_id(plan.ways, plan.leads[i].by[k]))
                throw BadPlace{lead_at(i) + fmt::format("/by/{}", k),
                               say("there is no way “{by}”", plan.leads[i].by[k])};
    for (const auto& [id, terminals] : plan.terminals) {
        if (!part(id) && !passives.contains(id))
            throw BadPlace{"/terminals/" + id, say("there is no part “{name}”", id)};
        for (size_t i = 0; i < terminals.size(); ++i)
            for (size_t k = 0; k < i; ++k)
                if (terminals[i].name == terminals[k].name)
                    throw BadPlace{fmt::format("/terminals/{}/{}/name", id, i),
                                   say("“{id}” is used twice", terminals[i].name)};
    }
    for (size_t i = 0; i < plan.leads.size(); ++i)
        for (size_t d = 0; d < plan.leads[i].devices.size(); ++d) {
            const auto& device = plan.leads[i].devices[d];
            for (const auto& [key, id] : {std::pair{"coil_from", device.coil_from},
                                          {"control", device.control},
                                          {"sits_on", device.sits_on}})
                if (!id.empty() && !part(id) && !passives.contains(id))
                    throw BadPlace{lead_at(i) + fmt::format("/items/{}/{}", d, key),
                                   say("there is no part “{name}”", id)};
            if (!device.panel.empty() && !bodies.contains(device.panel))
                throw BadPlace{lead_at(i) + fmt::format("/items/{}/panel", d),
                               say("there is no body “{name}”", device.panel)};
        }
}

}  // namespace sangre
