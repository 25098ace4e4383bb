#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "rules/review/exchange.h"

namespace sangre {
namespace {

template <class Check>
void each_switch(const Context& c, Check check) {
    for (size_t i = 0; i < c.plan.feeds().size(); ++i)
        for (const auto& d : c.plan.feeds()[i].devices)
            if (d.kind == DeviceKind::power_switch) check(i, d);
}

const SwitchType* fitting(const Context& c, size_t feed, const SwitchType* instead = nullptr) {
    return cheapest_switch(c.catalogue, item_need(c.figures.protection[feed], c.figures.worst.feeds[feed]),
                           instead);
}

std::vector<Fix> stronger(const Context& c, size_t feed, const Device& d) {
    const auto* best = fitting(c, feed, find(c.catalogue.switches, d.type));
    if (!best || best->id == d.type) return {};
    return {{say("Use a {part}", best->name),
             [id = d.id, to = best->id](const Plan& p) { return set_device_type(p, id, to); }}};
}

void no_main(const Context& c, std::vector<Finding>& out) {
    if (c.plan.feeds().empty()) return;
    for (size_t l = 0; l < c.plan.loads.size(); ++l) {
        const auto& load = c.plan.loads[l];
        const auto chain = c.index().upstream(load.id);
        // What cranks has its own solenoid, and no switch in its thick lead.
        if (load.always_on || cranks(load) || chain.empty()) continue;
        const bool switched = std::any_of(chain.begin(), chain.end(), [&](size_t f) {
            return hand_switch(c.catalogue, c.plan.feeds()[f]) != nullptr;
        });
        if (switched) continue;
        // What flies is turned off by its pack's plug: a switch there is one more thing to fail in the air.
        if (c.plan.flies && device(c.plan.feeds()[chain.back()], DeviceKind::connector)) continue;
        // The key is a switch too.
        if (const auto* source = by_id(c.plan.sources, c.plan.feeds()[chain.back()].from);
            source && source->kind == SourceKind::circuit && source->with_key)
            continue;
        Finding f{Severity::caution, {}, {load.id}, say("Nothing turns {load} off.", load.name), {}, {}};
        if (const auto* type = fitting(c, chain.front()))
            f.fixes.push_back({say("Put a switch in its feed"),
                               [id = c.plan.feeds()[chain.front()].id, to = type->id,
                                name = load.name](const Plan& p) { return add_switch(p, id, to, name); }});
        out.push_back(std::move(f));
    }
}

void overloaded(const Context& c, std::vector<Finding>& out) {
    each_switch(c, [&](size_t f, const Device& d) {
        const auto* type = find(c.catalogue.switches, d.type);
        const auto& x = c.figures.worst.feeds[f];
        if (!type || (x.continuous <= type->rated && x.peak <= type->rated * 1.5)) return;
        out.push_back({Severity::danger,
                       {},
                       {c.plan.feeds()[f].id},
                       say("{device} switch: {type} carries {rated}; {continuous} is drawn (peak {peak}).",
                           d.name, type->name, format(type->rated), format(x.continuous), format(x.peak)),
                       {},
                       stronger(c, f, d)});
    });
}

void cannot_break(const Context& c, std::vector<Finding>& out) {
    each_switch(c, [&](size_t f, const Device& d) {
        const auto* type = find(c.catalogue.switches, d.type);
        const auto& x = c.figures.worst.feeds[f];
        if (!type || x.highest_end <= type->breaks) return;
        Finding found{Severity::danger,
                      {},
                      {c.plan.feeds()[f].id},
                      say("{device} switch: {type} breaks {breaks} DC at most; here {highest_end}.", d.name,
                          type->name, format(type->breaks), format(x.highest_end)),
                      {},
                      stronger(c, f, d)};
        found.why.add(
            say("A DC arc does not go out by itself; the printed AC voltage says nothing about it."));
        out.push_back(std::move(found));
    });
}

void unknown(const Context& c, std::vector<Finding>& out) {
    each_switch(c, [&](size_t f, const Device& d) {
        if (!find(c.catalogue.switches, d.type))
            out.push_back({Severity::danger,
                           {},
                           {c.plan.feeds()[f].id},
                           say("{lead} names a switch “{type}” that the catalogue does not hold.",
                               c.index().feed_name(c.plan.feeds()[f]), d.type),
                           {},
                           stronger(c, f, d)});
    });
}

void always_on_behind(const Context& c, std::vector<Finding>& out) {
    each_switch(c, [&](size_t f, const Device& d) {
        for (const auto l : c.index().loads_behind(f))
            if (c.plan.loads[l].always_on)
                out.push_back({Severity::danger,
                               {},
                               {c.plan.loads[l].id, c.plan.feeds()[f].id},
                               say("{loads} must stay on but is behind the {device} switch.",
                                   c.plan.loads[l].name, d.name),
                               {},
                               {}});
    });
}

void plug_overloaded(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f)
        for (const auto& d : c.plan.feeds()[f].devices) {
            const auto* type =
                d.kind == DeviceKind::connector ? find(c.catalogue.connectors, d.type) : nullptr;
            const auto& x = c.figures.worst.feeds[f];
            if (!type || (x.continuous <= type->rated && x.peak <= type->rated * 1.5)) continue;
            Finding found{Severity::danger,
                          {},
                          {c.plan.feeds()[f].id},
                          say("{lead}: {type} carries {rated}; {continuous} is drawn (peak {peak}).",
                              c.index().feed_name(c.plan.feeds()[f]), type->name, format(type->rated),
                              format(x.continuous), format(x.peak)),
                          {},
                          {}};
            if (const auto* better = fitting_plug(c, f, {.anti_spark = type->anti_spark}))
                found.fixes.push_back(
                    {say("Use a {part}", better->name), exchanged(c.plan.feeds()[f].id, d.id, better->id)});
            out.push_back(std::move(found));
        }
}

}  // namespace

const std::vector<Rule> rules_of::switches{
    {"switch-missing", to_say("Every load that may be turned off has a switch"), no_main},
    {"switch-unknown", to_say("Every switch is in the catalogue"), unknown},
    {"switch-overloaded", to_say("A switch carries its current"), overloaded},
    {"switch-cannot-break", to_say("A switch breaks its DC voltage"), cannot_break},
    {"switch-before-always-on", to_say("Always-on loads branch before every switch"), always_on_behind},
    {"connector-overloaded", to_say("A connector carries its current"), plug_overloaded},
};

}  // namespace sangre
