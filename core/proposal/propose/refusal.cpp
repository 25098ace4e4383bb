#include "propose/refusal.h"

#include <fmt/format.h>

#include <algorithm>

#include "propose/battery_choice.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {

Refusals impossible_loads(const Plan& plan) {
    Refusals refused;
    for (const auto& l : plan.loads) {
        if (l.v_min > l.v_max)
            refused.push_back({l.id, say("its least voltage, {}, is above its greatest, {}", format(l.v_min),
                                         format(l.v_max))});
        else if (raw(l.v_max) <= 0)
            refused.push_back({l.id, say("it has no voltage; type one, such as 12 V")});
        else if (l.v_min >= highest_voltage)
            refused.push_back({l.id, say("it wants {}, and everything from 60 V up is outside this tool",
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

}  // namespace

/// The loads that no battery serves even alone; where each would do alone, two that no battery serves
/// together; else the plan as a whole.
Refusals unserved(const Plan& plan, const Catalogue& catalogue, const std::string& reason) {
    constexpr size_t strongest = 8;  // what wants a pack of its own is among them
    Refusals refused;
    for (const auto& l : plan.loads) {
        Plan alone = plan;
        alone.loads = {l};
        if (const auto choice = choose_battery(alone, catalogue); !choice)
            refused.push_back({l.id, choice.error()});
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
                return {
                    {loads[j].id,
                     say("no pack below 60 V suits both it ({} – {}, {}) and {} ({} – {}, {}), and no module "
                         "of the catalogue carries either; give one of them a pack of its own",
                         format_number(raw(loads[j].v_min)), format(loads[j].v_max),
                         format(Watt(watts(loads[j]))), loads[i].name, format_number(raw(loads[i].v_min)),
                         format(loads[i].v_max), format(Watt(watts(loads[i]))))}};
    return {{"", reason}};
}

}  // namespace sangre
