#include "electrical/protection/wire_heat.h"

namespace sangre {

std::vector<WireDay> wire_heat_over_day(const Plan& plan, const Solver& solver,
                                        const std::vector<FeedProtection>& protection) {
    std::vector<WireDay> day(plan.feeds().size());
    std::vector<Celsius> now(plan.feeds().size(), plan.hottest_air);
    for (size_t f = 0; f < day.size(); ++f)
        now[f] = day[f].hottest = std::max(protection[f].air, plan.hottest_air);
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        auto demand = demand_in_phase(plan, solver.index(), plan.phases[i], false);
        demand.charge = nearly_empty, demand.air = plan.hottest_air;
        const auto p = solver.solve(demand);
        for (size_t f = 0; f < plan.feeds().size() && p.found; ++f) {
            if (!protection[f].thermal) continue;
            now[f] = protection[f].thermal->after(p.feeds[f].supply, plan.phases[i].duration, now[f]);
            if (now[f] <= day[f].hottest) continue;
            const double rise = raw(protection[f].thermal->steady(p.feeds[f].supply) - protection[f].air);
            day[f] = {now[f], i, rise > 0 ? raw(now[f] - protection[f].air) / rise : 1};
        }
    }
    return day;
}

}  // namespace sangre
