#include "proposal/tidying.h"

#include <set>

#include "proposal/idle_fuses.h"
#include "proposal/trunk.h"

namespace sangre {

void give_ids_of_their_own(Plan& next) {
    std::set<Id> used;
    const auto take = [&](const auto& list) {
        for (const auto& x : list) used.insert(x.id);
    };
    take(next.sources), take(next.hubs), take(next.converters), take(next.loads), take(next.passives);
    take(next.signal_leads()), take(next.places), take(next.bodies), take(next.openings), take(next.ways);
    take(next.sides), take(next.zones), take(next.phases), take(next.own_steps), take(next.own_readings);
    take(next.at_hand);
    for (const auto& c : next.signal_leads()) take(c.devices);
    const auto own = [&](Id& id) {
        const auto stem = id;
        for (int n = 2; !used.insert(id).second; ++n) id = stem + "-" + std::to_string(n);
    };
    for (auto& f : next.feeds()) own(f.id);
    for (auto& f : next.feeds())
        for (auto& d : f.devices) own(d.id);
}

void without_idle_hubs(Plan& plan, const Plan& old) {
    for (size_t h = plan.hubs.size(); h-- > 0;) {
        const auto id = plan.hubs[h].id;
        const auto in = feeds_into(plan, id), out = feeds_from(plan, id);
        if (by_id(old.hubs, id) || in.size() != 1 || out.size() != 1) continue;
        auto& first = plan.feeds()[in.front()];
        auto second = plan.feeds()[out.front()];
        // One fuse, at the source; what is switched or parted stays in its order.
        if (has_fuse(first)) take_fuse_out(second);
        const bool switched = device(first, DeviceKind::power_switch);
        for (auto& d : second.devices)
            if (d.kind != DeviceKind::power_switch || !switched) first.devices.push_back(d);
        first.to = second.to, first.joint_to = second.joint_to;
        first.id = "feed-" + first.from + "-" + first.to;
        first.supply_colour = second.supply_colour;
        plan.leads.erase(plan.leads.begin() + static_cast<std::ptrdiff_t>(out.front()));
        plan.hubs.erase(plan.hubs.begin() + static_cast<std::ptrdiff_t>(h));
    }
}

}  // namespace sangre
