// What fires once must not fire by one mistake.
#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "plan/edits.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

constexpr int actions_wanted = 2;

/// Switches on its way that a hand moves, and plugs that are pulled, the pack's own not counted.
int actions_before(const Context& c, const Load& load) {
    int count = 0;
    for (const auto f : c.index().upstream(load.id))
        for (const auto& d : c.plan.feeds()[f].devices) {
            if (d.kind == DeviceKind::power_switch && !is_thermal(c.catalogue, d)) ++count;
            if (d.kind == DeviceKind::connector && c.index().source_of(f).kind != PartKind::source) ++count;
        }
    return count;
}

void one_action(const Context& c, std::vector<Finding>& out) {
    for (const auto& load : c.plan.loads) {
        if (!load.igniter || c.index().into(load.id).empty()) continue;
        const int count = actions_before(c, load);
        if (count >= actions_wanted) continue;
        const auto feed = c.index().into(load.id).front();
        const auto need = item_need(c.figures.protection[feed], c.figures.worst.feeds[feed]);
        Finding f{Severity::danger,
                  {},
                  {load.id},
                  count == 0 ? say("{load} fires as soon as there is power: nothing is between.", load.name)
                             : say("One action fires {load}: two separate ones are wanted, arm and fire.",
                                   load.name),
                  {},
                  {}};
        f.why.add(say("A switch that sticks or a hand that slips is one fault; two at once are rare."));
        f.why.caution =
            say("Until it is meant to fire, its leads are twisted together and kept away from everything; a "
                "lamp takes its place.");
        const auto* lead_switch = cheapest_switch(c.catalogue, need);
        const auto* plug = cheapest_plug(c.catalogue, need, {});
        const bool has_switch = device(c.plan.feeds()[feed], DeviceKind::power_switch) != nullptr;
        if (lead_switch && plug)
            f.fixes.push_back({has_switch ? say("An arming plug in its lead")
                                          : say("An arming plug and a switch in its lead"),
                               [catalogue = &c.catalogue, id = c.plan.feeds()[feed].id, to = lead_switch->id,
                                name = load.name, type = plug->id](Plan p) {
                                   const auto* lead = by_id(p.feeds(), id);
                                   if (lead && !device(*lead, DeviceKind::power_switch))
                                       p = add_device(std::move(p), id, DeviceKind::power_switch, to,
                                                      as_name(say("Fire {load}", name)));
                                   p = add_device(std::move(p), id, DeviceKind::connector, type,
                                                  as_name(say("Arming plug of {load}", name)));
                                   return fit_item_joints(std::move(p), *catalogue, id);
                               }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::igniters{
    {"igniter-one-action", to_say("An igniter fires by two separate actions"), one_action},
};

}  // namespace sangre
