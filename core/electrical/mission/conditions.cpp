#include "electrical/mission/conditions.h"

#include <algorithm>
#include <set>

namespace sangre {

std::vector<size_t> loads_behind(const Plan& plan, size_t feed) { return PlanIndex(plan).loads_behind(feed); }

std::vector<bool> open_feeds(const Plan& plan, const PlanIndex& index, const Phase& phase) {
    std::vector<bool> open(plan.feeds().size());
    for (const auto f : index.switched()) {
        const auto& behind = index.loads_behind(f);
        open[f] = std::none_of(behind.begin(), behind.end(),
                               [&](size_t l) { return state_in(phase, plan.loads[l]) != LoadState::off; });
    }
    return open;
}

std::vector<bool> open_feeds(const Plan& plan, const Phase& phase) {
    return open_feeds(plan, PlanIndex(plan), phase);
}

const Phase* phase_of(const Plan& plan, const Conditions& conditions) {
    if (const auto* named = by_id(plan.phases, conditions.phase)) return named;
    for (const auto& phase : plan.phases)
        if (!phase.charging) return &phase;
    return plan.phases.empty() ? nullptr : &plan.phases.front();
}

Conditions usual_conditions(const Plan& plan) {
    Conditions c;
    double longest = 0;
    for (const auto& p : plan.phases) {
        if (p.charging) continue;
        if (c.phase.empty()) c.phase = p.id;
        if (p.states.size() > 1 && raw(p.duration) > longest) longest = raw(p.duration), c.phase = p.id;
    }
    return c;
}

Demand demand_in_phase(const Plan& plan, const Phase& phase, bool all_peak) {
    return demand_in_phase(plan, PlanIndex(plan), phase, all_peak);
}

Demand demand_in_phase(const Plan& plan, const PlanIndex& index, const Phase& phase, bool all_peak) {
    Demand d;
    for (const auto& load : plan.loads) {
        auto state = state_in(phase, load);
        if (all_peak && state == LoadState::typical) state = LoadState::peak;
        d.states.push_back(state);
        if (phase.shares.empty()) continue;
        d.load_scale.resize(plan.loads.size(), 1);
        if (state == LoadState::typical) d.load_scale[d.states.size() - 1] = share_in(phase, load);
    }
    d.open = open_feeds(plan, index, phase);
    d.charging = phase.charging;
    return d;
}

Demand demand_for(const Plan& plan, const Conditions& conditions) {
    return demand_for(plan, PlanIndex(plan), conditions);
}

Demand demand_for(const Plan& plan, const PlanIndex& index, const Conditions& conditions) {
    Demand d;
    const auto* phase = phase_of(plan, conditions);
    if (conditions.worst || !phase) {
        d.states.assign(plan.loads.size(), LoadState::off);
        d.open.assign(plan.feeds().size(), false);
        for (size_t i = 0; i < plan.loads.size(); ++i) {
            bool ever = plan.phases.empty();
            for (const auto& p : plan.phases) ever = ever || state_in(p, plan.loads[i]) != LoadState::off;
            if (ever) d.states[i] = conditions.worst ? LoadState::peak : LoadState::typical;
        }
    } else
        d = demand_in_phase(plan, index, *phase, false);
    d.charge = conditions.worst ? nearly_empty : std::clamp(conditions.charge, 0.0, 1.0);
    d.air = conditions.worst ? plan.coldest_air : conditions.air;
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        for (const auto& dev : plan.feeds()[f].devices)
            if (const auto set = conditions.switches.find(dev.id); set != conditions.switches.end())
                d.open[f] = !set->second;
    return d;
}

}  // namespace sangre
