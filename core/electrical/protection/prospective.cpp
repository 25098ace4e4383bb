#include "electrical/protection/prospective.h"

#include <algorithm>
#include <cmath>

#include "physics/battery/pack.h"
#include "physics/network/elements.h"

namespace sangre {
namespace {

constexpr double bolted_ohm = 1e-4;
constexpr double noticed = 0.05;  // A: below it no fuse takes notice
const Celsius cold_wire{20};

Demand quiet(const Plan& plan) {
    Demand d;
    d.states.assign(plan.loads.size(), LoadState::off);
    d.open.assign(plan.feeds().size(), false);
    d.charge = 1, d.sun = 1;
    d.air = cold_wire;
    d.brief = true;
    return d;
}

/// The feeds from the short up to the pack when the plan is a tree below one pack and the way is by own
/// returns and without diodes; empty otherwise.
std::vector<size_t> plain_way(const Plan& plan, const PlanIndex& index, size_t feed) {
    if (plan.sources.size() != 1) return {};
    std::vector<size_t> way{feed};
    for (;;) {
        const auto f = way.back();
        const auto& x = plan.feeds()[f];
        if (x.ret != Return::own || way.size() > plan.feeds().size()) return {};
        for (const auto& d : x.devices)
            if (d.kind == DeviceKind::diode) return {};
        if (index.end_of(f).kind == PartKind::source) return {};
        if (index.source_of(f).kind == PartKind::source) return way;
        const auto& into = index.into(x.from);
        if (into.size() != 1) return {};
        way.push_back(into.front());
    }
}

}  // namespace

ShortCircuit short_circuit_by_network(const Plan& plan, const Solver& solver, size_t feed) {
    auto demand = quiet(plan);
    const auto before = solver.solve(demand);
    demand.short_at = feed;
    const auto p = solver.solve(demand);
    ShortCircuit s;
    s.found = p.found && before.found;
    if (!s.found) return s;
    s.current = p.feeds[feed].supply;
    s.at_source = p.feeds[feed].at_source;
    s.open = before.feeds[feed].at_source;
    for (const auto& c : p.converters) s.limited = s.limited || (c.limiting && !c.passing);
    for (const auto& source : p.sources) s.limited = s.limited || source.limiting;
    for (size_t f = 0; f < p.feeds.size(); ++f)
        if (std::abs(raw(p.feeds[f].supply)) > noticed) s.through.emplace_back(f, p.feeds[f].supply);
    return s;
}

ShortCircuit short_circuit(const Plan& plan, const Catalogue& catalogue, const Solver& solver, size_t feed) {
    const auto& index = solver.index();
    const auto way = plain_way(plan, index, feed);
    const auto* chemistry =
        plan.sources.empty() ? nullptr : find(catalogue.chemistries, plan.sources[0].chemistry);
    if (way.empty() || !chemistry || !index.is_tree()) return short_circuit_by_network(plan, solver, feed);
    const auto ohm = [&](size_t f) {
        return solver.circuit().branches[2 * f].ohm + solver.circuit().branches[2 * f + 1].ohm;
    };
    const auto& pack = plan.sources[0];
    const double rest = raw(pack_rest_voltage(pack, *chemistry, std::max(0.0, 1 - pack.charge_behind)));
    ShortCircuit s;
    s.found = true;
    double path = bolted_ohm, volts_in = rest;
    size_t i = 0;
    for (; i < way.size(); ++i) {
        path += ohm(way[i]);
        const auto source = index.source_of(way[i]);
        if (source.kind != PartKind::converter) continue;
        const auto* type = find(catalogue.converters, plan.converters[source.index].type);
        // A boost lets the short through to what is before it, which then gives way.
        if (!type || type->kind == ConverterKind::boost) return short_circuit_by_network(plan, solver, feed);
        const double set = raw(plan.converters[source.index].set);
        // What the module pushes into this path: its characteristic meets I = V/R.
        double low = 0, high = std::max(set, volts_in);
        for (int k = 0; k < 60; ++k) {
            const double v = (low + high) / 2;
            (converter_currents(*type, set, volts_in, v).out.value > v / path ? low : high) = v;
        }
        const auto at = converter_currents(*type, set, volts_in, (low + high) / 2);
        s.current = Ampere(at.out.value);
        s.limited = at.limiting;
        s.open = Volt(converter_currents(*type, set, volts_in, set).locked_out ? 0 : set);
        for (size_t k = 0; k <= i; ++k) s.through.emplace_back(way[k], s.current);
        for (size_t k = i + 1; k < way.size(); ++k)
            if (at.in.value > noticed) s.through.emplace_back(way[k], Ampere(at.in.value));
        break;
    }
    if (i == way.size()) {
        const double inside =
            raw(pack_resistance(pack, *chemistry, std::max(0.0, 1 - pack.charge_behind), cold_wire));
        s.current = Ampere(rest / (path + inside));
        s.open = Volt(rest);
        for (const auto f : way) s.through.emplace_back(f, s.current);
    }
    s.at_source = Volt(raw(s.current) * (ohm(feed) + bolted_ohm));
    return s;
}

std::vector<ShortCircuit> short_circuits(const Plan& plan, const Catalogue& catalogue, const Solver& solver) {
    std::vector<ShortCircuit> all;
    for (size_t f = 0; f < plan.feeds().size(); ++f) all.push_back(short_circuit(plan, catalogue, solver, f));
    return all;
}

}  // namespace sangre
