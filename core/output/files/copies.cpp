#include "output/files/copies.h"

#include <algorithm>

namespace sangre {
namespace {

std::vector<Id> ids_of(const Plan& plan) {
    std::vector<Id> all;
    const auto take = [&](const auto& list) {
        for (const auto& x : list) all.push_back(x.id);
    };
    take(plan.sides), take(plan.zones), take(plan.bodies), take(plan.places), take(plan.openings),
        take(plan.ways);
    take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.passives);
    for (const auto& lead : plan.leads) all.push_back(lead.id), take(lead.devices);
    take(plan.phases), take(plan.own_steps), take(plan.own_readings), take(plan.at_hand);
    return all;
}

}  // namespace

std::set<Id> with_what_is_theirs(const Plan& plan, const std::set<Id>& things) {
    auto all = things;
    const auto take = [&](const auto& list) {
        for (const auto& x : list)
            if (things.contains(x.from) || things.contains(x.to)) all.insert(x.id);
    };
    take(plan.leads), take(plan.ways);
    return all;
}

std::vector<Id> new_things(const Plan& before, const Plan& after) {
    const auto was = ids_of(before);
    const std::set<Id> old(was.begin(), was.end());
    auto now = ids_of(after);
    std::erase_if(now, [&](const Id& id) { return old.contains(id); });
    return now;
}

tl::expected<Plan, TextError> with_duplicates(const Plan& plan, const Catalogue& catalogue,
                                              const std::set<Id>& things) {
    // An item goes once more into its own lead.
    Id beneath;
    for (const auto& lead : plan.leads)
        for (const auto& item : lead.devices)
            if (things.contains(item.id)) beneath = lead.id;
    auto next = plan_from_text(things_to_text(plan, catalogue, with_what_is_theirs(plan, things)), catalogue,
                               plan, beneath);
    if (!next) return next;
    size_t copy = plan.loads.size();
    for (const auto& load : plan.loads) {
        if (!things.contains(load.id)) continue;
        const Id id = next->loads[copy++].id;
        for (auto& phase : next->phases) {
            phase.states.erase(id);
            if (phase.states.contains(load.id)) phase.states[id] = phase.states.at(load.id);
            if (phase.shares.contains(load.id)) phase.shares[id] = phase.shares.at(load.id);
        }
    }
    return next;
}

}  // namespace sangre
