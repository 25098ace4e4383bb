#include "proposal/rails.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "electrical/mission/start_up.h"
#include "physics/network/elements.h"

namespace sangre {
namespace {

/// What the load that stands least is made for, within what all of the group take.
Volt volts_for(const Plan& plan, const std::vector<size_t>& loads) {
    const auto least = *std::min_element(loads.begin(), loads.end(), [&](size_t a, size_t b) {
        return plan.loads[a].v_max < plan.loads[b].v_max;
    });
    Volt low(0);
    for (const auto l : loads) low = std::max(low, plan.loads[l].v_min);
    const auto top = plan.loads[least].v_max;
    return std::clamp(rail_voltage_of(plan.loads[least]), std::min(low, top), top);
}

/// Splits one class of loads into the fewest voltages: take the lowest upper bound, give it to all who accept
/// it.
void stab(const Plan& plan, std::vector<size_t> loads, bool always_on, std::vector<RailGroup>& groups) {
    std::sort(loads.begin(), loads.end(),
              [&](size_t a, size_t b) { return plan.loads[a].v_max < plan.loads[b].v_max; });
    while (!loads.empty()) {
        const Volt lowest_top = plan.loads[loads.front()].v_max;
        RailGroup g;
        g.always_on = always_on;
        for (const auto l : loads) {
            // Room for the module’s tolerance on both sides and the drop to the far end.
            if (plan.loads[l].v_min * 1.06 > lowest_top && l != loads.front()) continue;
            g.loads.push_back(l);
        }
        std::erase_if(
            loads, [&](size_t l) { return std::find(g.loads.begin(), g.loads.end(), l) != g.loads.end(); });
        g.volts = volts_for(plan, g.loads);
        std::sort(g.loads.begin(), g.loads.end());
        groups.push_back(std::move(g));
    }
}

/// Takes the noisy loads of a group that also holds sensitive ones into a group of their own.
void part_noise(const Plan& plan, std::vector<RailGroup>& groups) {
    for (size_t i = 0; i < groups.size(); ++i) {
        // What is both noisy and sensitive stays with the quiet ones: it would suffer from the loud.
        const auto noisy = [&](size_t l) { return plan.loads[l].noisy && !plan.loads[l].sensitive; };
        const bool sensitive = std::any_of(groups[i].loads.begin(), groups[i].loads.end(),
                                           [&](size_t l) { return plan.loads[l].sensitive; });
        if (!sensitive || std::none_of(groups[i].loads.begin(), groups[i].loads.end(), noisy)) continue;
        RailGroup loud = groups[i];
        std::erase_if(loud.loads, [&](size_t l) { return !noisy(l); });
        std::erase_if(groups[i].loads, noisy);
        loud.volts = volts_for(plan, loud.loads);
        groups[i].volts = volts_for(plan, groups[i].loads);
        groups.insert(groups.begin() + static_cast<std::ptrdiff_t>(i), std::move(loud));
        ++i;
    }
}

}  // namespace

std::vector<RailGroup> group_rails(const Plan& plan, SourceRange source) {
    std::vector<RailGroup> groups;
    for (const bool always_on : {false, true}) {
        std::vector<size_t> loads;
        for (size_t l = 0; l < plan.loads.size(); ++l)
            if (plan.loads[l].always_on == always_on && !accepts(plan.loads[l], source)) loads.push_back(l);
        stab(plan, loads, always_on, groups);
    }
    if (plan.practices.noise == NoiseSchool::own_converter) part_noise(plan, groups);
    return groups;
}

RailCurrent rail_current(const Plan& plan, const RailGroup& g) {
    RailCurrent sum;
    Ampere surge(0);
    for (const auto l : g.loads) {
        const auto& load = plan.loads[l];
        const double scale =
            load.kind == LoadKind::power && raw(g.volts) > 0 ? raw(load.nominal) / raw(g.volts) : 1;
        sum.typical += load.typical * scale;
        sum.peak += draw(load, LoadState::peak) * scale;
        // What starts alone only starts slower; beside what would restart it must not pull the rail down.
        const bool beside = std::any_of(g.loads.begin(), g.loads.end(), [&](size_t other) {
            return other != l && restarts(plan.loads[other]);
        });
        if (beside) surge = std::max(surge, (start_current(load) - load.typical) * scale);
    }
    // A module gives a quarter more than printed for a moment.
    sum.peak = std::max(sum.peak, (sum.typical + surge) / 1.2);
    return sum;
}

tl::expected<std::vector<RailModule>, Refusals> modules_for(const Plan& plan, const Catalogue& catalogue,
                                                            SourceRange source, const RailGroup& group,
                                                            const std::vector<Id>& there) {
    const auto [typical, peak] = rail_current(plan, group);
    Volt least(0), most(1e9);
    for (const auto l : group.loads)
        least = std::max(least, plan.loads[l].v_min), most = std::min(most, plan.loads[l].v_max);
    const double window = raw(group.volts) > 0 ? raw(most - least) / raw(group.volts) : 1;
    // Generous where there is something stronger; where there is not, what carries it.
    const double margin = sizing_margin(plan.practices);
    auto chosen =
        choose_converter(catalogue, source, group.volts, typical * margin, peak * margin, window, there);
    if (!chosen) chosen = choose_converter(catalogue, source, group.volts, typical, peak, window, there);
    if (chosen) return std::vector<RailModule>{{group, *chosen}};
    if (group.loads.size() == 1)
        return tl::unexpected(Refusals{{plan.loads[group.loads.front()].id, chosen.error()}});
    // Dealt out by size, so that the two halves ask about the same; a hard starter goes apart from what would
    // restart.
    const auto hard = [&](size_t l) { return start_current(plan.loads[l]) > plan.loads[l].typical; };
    if (const auto starters = std::count_if(group.loads.begin(), group.loads.end(), hard);
        starters > 0 && starters < static_cast<std::ptrdiff_t>(group.loads.size())) {
        RailGroup calm = group, loud = group;
        std::erase_if(calm.loads, hard);
        std::erase_if(loud.loads, [&](size_t l) { return !hard(l); });
        auto first = modules_for(plan, catalogue, source, calm, there),
             others = modules_for(plan, catalogue, source, loud, there);
        if (first && others) {
            first->insert(first->end(), others->begin(), others->end());
            return first;
        }
    }
    auto by_size = group.loads;
    std::sort(by_size.begin(), by_size.end(),
              [&](size_t a, size_t b) { return plan.loads[a].typical > plan.loads[b].typical; });
    RailGroup half = group, rest = group;
    half.loads.clear(), rest.loads.clear();
    for (size_t i = 0; i < by_size.size(); ++i) (i % 2 == 0 ? half : rest).loads.push_back(by_size[i]);
    std::sort(half.loads.begin(), half.loads.end());
    std::sort(rest.loads.begin(), rest.loads.end());
    auto first = modules_for(plan, catalogue, source, half, there);
    auto others = modules_for(plan, catalogue, source, rest, there);
    if (!first || !others) {
        Refusals all = first ? Refusals{} : first.error();
        if (!others) all.insert(all.end(), others.error().begin(), others.error().end());
        return tl::unexpected(all);
    }
    first->insert(first->end(), others->begin(), others->end());
    return first;
}

}  // namespace sangre
