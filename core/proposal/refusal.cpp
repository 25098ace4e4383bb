#include "proposal/refusal.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "proposal/battery_choice.h"
#include "proposal/sold_packs.h"

namespace sangre {

Refusals impossible_loads(const Plan& plan) {
    Refusals refused;
    for (const auto& l : plan.loads) {
        if (l.v_min > l.v_max)
            refused.push_back({l.id, say("its minimum voltage, {lowest}, is above its maximum, {highest}",
                                         format(l.v_min), format(l.v_max))});
        else if (raw(l.v_max) <= 0)
            refused.push_back({l.id, say("it has no voltage; type one, such as 12 V")});
        else if (l.v_min >= highest_voltage)
            refused.push_back(
                {l.id, say("it needs {lowest}, and everything from 60 V up is outside this tool",
                           format(l.v_min))});
        else if (raw(draw(l, LoadState::peak)) <= 0)
            refused.push_back({l.id, say("it draws nothing; type a current or a power")});
    }
    return refused;
}

namespace {

bool served(const Plan& plan, const Catalogue& catalogue, std::vector<Load> loads) {
    Plan some = plan;
    some.loads = std::move(loads);
    return choose_battery(some, catalogue).has_value();
}

/// Of the packs that are sold, the one whose volts need the least change of what the load stands.
Words nearest_pack(const Load& load, const Catalogue& catalogue) {
    constexpr double too_far = 0.35;  // of its volts: another thing would be meant
    double least = too_far * raw(load.nominal);
    Words words;
    for (const auto& sold : sold_packs(catalogue)) {
        const auto range = pack_range(*sold.chemistry, sold.series);
        const double off = std::max({raw(load.v_min - range.low), raw(range.high - load.v_max), 0.0});
        if (off >= least) continue;
        least = off;
        words = say("{chemistry}, {series} in series, is {low} – {high}", sold.chemistry->name, sold.series,
                    format_number(raw(range.low)), format(range.high));
    }
    return words;
}

/// What one load asks that no module and no pack gives, and the ways out.
Words no_module(const Load& load, const Catalogue& catalogue) {
    constexpr int most_parts = 12;
    Ampere strongest(0);
    Volt lowest(1e9), highest(0);
    for (const auto& t : catalogue.converters) {
        if (!t.module) continue;
        lowest = std::min(lowest, t.out_min), highest = std::max(highest, t.out_max);
        if (load.nominal >= t.out_min && load.nominal <= t.out_max)
            strongest = std::max(strongest, t.rated * t.trusted);
    }
    const auto drawn = draw(load, LoadState::peak);
    Words words =
        raw(strongest) <= 0
            ? say("no module of the catalogue makes {nominal}; they end at {lowest} and {highest}",
                  format(load.nominal), format(lowest), format(highest))
            : say("it draws up to {drawn} at {nominal}, and the strongest converter in the catalogue is "
                  "derated to {strongest}",
                  format(drawn), format(load.nominal), format(strongest));
    const auto pack = nearest_pack(load, catalogue);
    if (!pack.empty())
        words = say("{reason}; straight from a pack it would have to withstand what the pack has: {pack}",
                    words, pack);
    const double parts = raw(strongest) > 0 ? std::ceil(raw(drawn) / raw(strongest)) : 0;
    if (parts >= 2 && parts <= most_parts)
        words = say("{reason}; or type it as {parts} loads, where it can be wired as such", words,
                    static_cast<int>(parts));
    return say("{words}; or add a module that does to Parts", words);
}

/// Whether a module could make what it wants from any pack.
bool makeable(const Plan& plan, const Catalogue& catalogue, const Load& load) {
    const auto packs = sold_packs(catalogue);
    return std::any_of(packs.begin(), packs.end(), [&](const auto& sold) {
        const auto range = pack_range(*sold.chemistry, sold.series);
        const auto groups = group_rails(plan, range);
        return accepts(load, range) || std::any_of(groups.begin(), groups.end(), [&](const auto& group) {
                   return modules_for(plan, catalogue, range, group).has_value();
               });
    });
}

}  // namespace

/// The loads that no battery serves even alone; where each would do alone, two that no battery serves
/// together; else the plan as a whole.
Refusals unserved(const Plan& plan, const Catalogue& catalogue, const Words& reason) {
    constexpr size_t strongest = 8;  // what wants a pack of its own is among them
    Refusals refused;
    for (const auto& l : plan.loads) {
        Plan alone = plan;
        alone.loads = {l};
        if (const auto choice = choose_battery(alone, catalogue); !choice)
            refused.push_back(
                {l.id, makeable(alone, catalogue, l) ? choice.error() : no_module(l, catalogue)});
    }
    if (!refused.empty()) return refused;
    auto loads = plan.loads;
    const auto watts = [](const Load& l) {
        return raw(l.nominal) * std::max(raw(draw(l, LoadState::peak)), raw(l.start));
    };
    std::stable_sort(loads.begin(), loads.end(),
                     [&](const auto& a, const auto& b) { return watts(a) > watts(b); });
    for (size_t j = 1; j < std::min(strongest, loads.size()); ++j)
        for (size_t i = 0; i < j; ++i)
            if (!served(plan, catalogue, {loads[i], loads[j]}))
                return {{loads[j].id,
                         say("no pack below 60 V suits both it ({lowest} – {highest}, {watts}) and {loads} "
                             "({lowest_2} – {highest_2}, {watts_2}), and no module "
                             "of the catalogue carries either; give one of them a pack of its own",
                             format_number(raw(loads[j].v_min)), format(loads[j].v_max),
                             format(Watt(watts(loads[j]))), loads[i].name, format_number(raw(loads[i].v_min)),
                             format(loads[i].v_max), format(Watt(watts(loads[i]))))}};
    return {{"", reason}};
}

}  // namespace sangre
