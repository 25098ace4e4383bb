#include "electrical/mission/thermal_switches.h"

#include <algorithm>

namespace sangre {
namespace {

double typical_watts(const Load& load) { return raw(load.typical) * raw(load.nominal); }

double rise_of(const Plan& plan, const ThermalItem& item, const OperatingPoint& p) {
    if (item.on.kind == PartKind::converter) {
        const auto heat = p.converters[item.on.index].heat;
        if (item.warmer_k) return raw(heat) > 0 ? *item.warmer_k : 0;
        return item.type ? temperature_rise(*item.type, heat) : 0;
    }
    if (item.on.kind != PartKind::load || !item.warmer_k) return 0;
    const double usual = typical_watts(plan.loads[item.on.index]);
    return usual > 0 ? *item.warmer_k * raw(p.loads[item.on.index].watts) / usual : 0;
}

bool open_at(const ThermalItem& item, Celsius warm) {
    return (item.opens_above && warm >= *item.opens_above) ||
           (item.closes_above && warm < *item.closes_above);
}

/// Which parts some way of closed feeds leads to from a source.
std::vector<bool> loads_fed(const Plan& plan, const PlanIndex& index, const std::vector<bool>& open) {
    std::vector<bool> passed(plan.feeds().size()), fed(plan.loads.size());
    std::vector<size_t> todo;
    for (const auto& s : plan.sources)
        for (const auto f : index.from(s.id)) todo.push_back(f);
    while (!todo.empty()) {
        const auto f = todo.back();
        todo.pop_back();
        if (passed[f] || open[f]) continue;
        passed[f] = true;
        if (const auto end = index.end_of(f); end.kind == PartKind::load) fed[end.index] = true;
        for (const auto next : index.from(plan.feeds()[f].to)) todo.push_back(next);
    }
    return fed;
}

/// The demand with these switches as they are.
Demand applied(const Plan& plan, const PlanIndex& index, const Demand& asked,
               const std::vector<ThermalSwitch>& switches) {
    auto demand = asked;
    for (const auto& s : switches) demand.open[s.feed] = demand.open[s.feed] || s.open;
    if (demand.open == asked.open) return demand;
    const auto before = loads_fed(plan, index, asked.open), now = loads_fed(plan, index, demand.open);
    for (size_t l = 0; l < before.size(); ++l)
        if (before[l] && !now[l]) demand.states[l] = LoadState::off;
    return demand;
}

}  // namespace

Demand at_temperature(const Plan& plan, const Solver& solver, Demand demand,
                      std::vector<ThermalSwitch>* found) {
    const auto& items = solver.thermal_items();
    if (items.empty()) return demand;
    std::vector<ThermalSwitch> now;
    for (const auto& item : items)
        now.push_back({item.feed, item.device, demand.air, 0, open_at(item, demand.air)});
    std::vector<bool> moved(items.size());
    const bool warmed = std::any_of(items.begin(), items.end(), [](const auto& item) {
        return item.type || (item.warmer_k && item.on.kind != PartKind::none);
    });
    for (size_t round = 0; warmed && round <= items.size(); ++round) {
        const auto p = solver.solve(applied(plan, solver.index(), demand, now));
        if (!p.found) break;
        bool again = false;
        for (size_t i = 0; i < items.size(); ++i) {
            // What has opened for the heat is not closed again by the cold that follows.
            if (moved[i]) continue;
            now[i].rise = rise_of(plan, items[i], p);
            const bool open = open_at(items[i], now[i].warm());
            if (open == now[i].open) continue;
            now[i].open = open, moved[i] = again = true;
        }
        if (!again) break;
    }
    demand = applied(plan, solver.index(), demand, now);
    if (found) *found = std::move(now);
    return demand;
}

ThermalSpan thermal_span(const Plan& plan, const ThermalItem& item, const WorstCase& worst,
                         Celsius hottest_air) {
    ThermalSpan span{plan.coldest_air, std::max(plan.hottest_air, hottest_air), true};
    double rise = item.on.kind == PartKind::none ? 0 : item.warmer_k.value_or(0);
    if (item.type) rise = temperature_rise(*item.type, worst.converters[item.on.index].heat);
    span.known = item.on.kind == PartKind::none || item.type || item.warmer_k;
    span.hottest = Celsius(raw(span.hottest) + rise);
    return span;
}

}  // namespace sangre
