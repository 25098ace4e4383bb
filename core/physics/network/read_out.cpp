// From voltages to what every feed and part sees, and by how much the starved are starved.
#include <cmath>

#include "physics/network/inside.h"

namespace sangre {

OperatingPoint NodalSolver::Inside::read(const Instant& now, const Demand& demand, const Vector& v) const {
    OperatingPoint p;
    p.found = true;
    p.node_volts.assign(v.begin(), v.end());
    p.branch_amps.reserve(circuit.branches.size());
    p.feeds.reserve(circuit.feeds);
    p.loads.reserve(circuit.loads.size());
    for (size_t b = 0; b < circuit.branches.size(); ++b) {
        p.branch_amps.push_back(branch_current(now.conductance[b], circuit.branches[b].forward,
                                               v[circuit.branches[b].a] - v[circuit.branches[b].b])
                                    .amps);
        p.scale = std::max(p.scale, std::abs(p.branch_amps.back()));
    }
    p.branch_rise = now.rise;
    p.residual = residual(now, demand, v).cwiseAbs().maxCoeff();
    const auto across = [&](Terminals t) { return Volt(v[t.positive] - v[t.negative]); };
    for (size_t i = 0; i < circuit.feeds; ++i) {
        const auto &s = circuit.branches[2 * i], &r = circuit.branches[2 * i + 1];
        FeedPoint f;
        f.supply = Ampere(p.branch_amps[2 * i]);
        f.back = Ampere(p.branch_amps[2 * i + 1]);
        f.at_source = Volt(v[s.a] - v[r.b]);
        f.at_end = Volt(v[s.b] - v[r.a]);
        f.lift = Volt(v[r.a] - v[r.b]);
        f.drop = Volt(demand.open.size() > i && demand.open[i] ? 0 : raw(f.at_source - f.at_end));
        f.heat =
            Watt(p.branch_amps[2 * i] * (v[s.a] - v[s.b]) + p.branch_amps[2 * i + 1] * (v[r.a] - v[r.b]));
        f.sent = Watt(raw(f.at_source) * p.branch_amps[2 * i]);
        f.copper = Celsius(now.air + now.rise[2 * i]), f.copper_back = Celsius(now.air + now.rise[2 * i + 1]);
        p.wire_heat += f.heat;
        p.feeds.push_back(f);
    }
    for (size_t i = 0; i < circuit.sources.size(); ++i) {
        const Volt volts = across(circuit.sources[i]);
        const double amps = source_current(now.sources[i], raw(volts)).amps;
        p.sources.push_back({volts, Ampere(amps), Watt(raw(volts) * amps), at_limit(now.sources[i], amps)});
    }
    for (const auto& h : circuit.hubs) p.hubs.push_back({across(h), Ampere(0), Watt(0), false});
    for (size_t i = 0; i < circuit.loads.size(); ++i) {
        const Volt volts = across(circuit.loads[i]);
        const double amps = load_current(laws[i], now.load_amps[i], raw(volts), now.at_rest[i]).amps;
        p.loads.push_back({volts, Ampere(amps), Watt(raw(volts) * amps), false});
        p.drawn += p.loads.back().watts;
        // A load whose own switch is open is off, not starved.
        bool fed = false;
        for (const auto f : network->into_load[i]) fed = fed || !(f < demand.open.size() && demand.open[f]);
        if (now.load_amps[i] > 0 && fed && volts < network->loads[i].v_min - Volt(1e-6))
            p.brown_outs.push_back({i, volts, network->loads[i].v_min, {}, {}});
    }
    for (size_t i = 0; i < circuit.converter_in.size(); ++i) {
        ConverterPoint c;
        c.in = across(circuit.converter_in[i]), c.out = across(circuit.converter_out[i]);
        if (types[i]) {
            const auto k = converter_currents(*types[i], now.set_volts[i], raw(c.in), raw(c.out),
                                              i < demand.locked.size() && demand.locked[i]);
            c.in_amps = Ampere(k.in.value), c.out_amps = Ampere(k.out.value);
            c.dropout = k.dropout, c.limiting = k.limiting, c.locked_out = k.locked_out;
            c.cycling = k.cycling, c.passing = k.passing;
            c.heat = Watt(raw(c.in) * k.in.value - raw(c.out) * k.out.value);
        }
        p.converter_heat += c.heat;
        p.converters.push_back(c);
    }
    for (size_t i = 0; i < circuit.coils.size(); ++i) {
        const double volts = raw(across(circuit.coils[i].across));
        p.coils.emplace_back(volts * now.coils[i]);
        p.coil_heat += Watt(volts * raw(p.coils.back()));
    }
    return p;
}

/// What the small-signal resistance seen by a starved load says of its path: how much of it, or of the load's
/// current, is too much.
void NodalSolver::Inside::margins(const Instant& now, const Demand& demand, const Vector& v,
                                  OperatingPoint& p) const {
    if (p.brown_outs.empty()) return;
    assemble(now, demand, v);
    auto& solver = demand.short_at ? shorted_lu : lu;
    if (!solver.factorize(demand.short_at ? shorted : jacobian, demand.short_at.has_value())) return;
    for (auto& b : p.brown_outs) {
        const auto [plus, minus] = circuit.loads[b.load];
        Vector unit = Vector::Zero(v.size());
        unit[plus] = 1, unit[minus] = -1;
        unit[0] = 0;
        const Vector x = solver.solve(unit);
        const double seen = x[plus] - x[minus];
        const double slope =
            load_current(laws[b.load], now.load_amps[b.load], raw(b.gets), now.at_rest[b.load]).slope;
        // The load's own conductance is part of what is seen.
        const double path = std::abs(1 - seen * slope) > 1e-9 ? seen / (1 - seen * slope) : seen;
        const double missing = raw(b.needs - b.gets), amps = raw(p.loads[b.load].amps);
        if (std::isfinite(path) && path > 0) b.too_much_amps = Ampere(missing / path);
        if (amps > 1e-9) b.too_much_ohm = Ohm(missing / amps);
    }
}

}  // namespace sangre
