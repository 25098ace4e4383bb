#include "harness/reach.h"

#include <algorithm>
#include <limits>

#include "base/words/list.h"
#include "base/words/say.h"

namespace sangre {
namespace {

/// The bodies round it that have lids, the outermost first.
std::vector<Id> lids_round(const Plan& plan, const Id& body) {
    std::vector<Id> lids;
    for (const auto* b = by_id(plan.bodies, body); b; b = by_id(plan.bodies, b->in))
        if (!b->open) lids.insert(lids.begin(), b->id);
    return lids;
}

bool holds_parts(const Plan& plan, const Id& place) {
    const auto any = [&](const auto& list) {
        return std::any_of(list.begin(), list.end(), [&](const auto& p) { return p.place == place; });
    };
    return any(plan.sources) || any(plan.hubs) || any(plan.converters) || any(plan.loads) ||
           any(plan.passives);
}

}  // namespace

InTheWay in_the_way_of_place(const Plan& plan, const Id& place) {
    InTheWay way;
    const auto* here = by_id(plan.places, place);
    if (!here) return way;
    way.lids = lids_round(plan, here->body);
    for (const auto* over = by_id(plan.places, here->under); over; over = by_id(plan.places, over->under))
        if (holds_parts(plan, over->id)) way.places.insert(way.places.begin(), over->id);
    return way;
}

InTheWay in_the_way_of_part(const Plan& plan, const Id& part) {
    return in_the_way_of_place(plan, place_of(plan, part));
}

InTheWay in_the_way_of_item(const Plan& plan, const Lead& lead, const Device& item, Metre at, Metre length) {
    if (const auto* body = by_id(plan.bodies, item.panel)) return {lids_round(plan, body->in), {}};
    return in_the_way_of_part(plan, at <= length / 2.0 ? lead.from : lead.to);
}

size_t most_in_the_way(Reach reach) {
    return reach == Reach::closed ? 0 : reach == Reach::one_lid ? 1 : std::numeric_limits<size_t>::max();
}

Words said_in_the_way(const Plan& plan, const InTheWay& way) {
    std::vector<Words> all;
    for (const auto& lid : way.lids) all.push_back(say("the lid of {part}", name_of(plan, lid)));
    for (const auto& place : way.places) all.push_back(say("what stands on {part}", name_of(plan, place)));
    return listed(all);
}

}  // namespace sangre
