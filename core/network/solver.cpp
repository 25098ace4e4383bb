#include "network/solver.h"

#include <Eigen/KLUSupport>
#include <Eigen/SparseCore>
#include <array>
#include <cmath>

#include "battery/pack.h"
#include "wire/conductor.h"

namespace sangre {
namespace {

constexpr double leak_siemens = 1e-12;  // keeps islands behind open switches regular
constexpr double output_ohm = 0.004;    // load regulation of a module
constexpr double limit_ratio = 1.25;    // current limit over printed current
constexpr double charger_ohm = 0.005;

using Matrix = Eigen::SparseMatrix<double>;
using Vector = Eigen::VectorXd;

/// A current with its derivatives by (in, ground, out) of a converter.
struct Sensitive {
    double value = 0;
    std::array<double, 3> by{};
};

struct ConverterCurrents {
    Sensitive in, out;  ///< drawn from the in node; pushed into the out node
    bool dropout = false, limiting = false, locked_out = false;
};

ConverterCurrents converter_currents(const ConverterType& type, double set, double v_in, double v_out) {
    ConverterCurrents c;
    // Below its least input a module lets go over the last tenth of a volt per volt.
    const double low = 0.9 * raw(type.in_min);
    const double x = std::clamp((v_in - low) / (raw(type.in_min) - low), 0.0, 1.0);
    const double alive = x * x * (3 - 2 * x);
    const double alive_slope = x > 0 && x < 1 ? 6 * x * (1 - x) / (raw(type.in_min) - low) : 0;
    c.locked_out = alive < 0.5;

    double target = set, target_slope = 0;
    const double follow = v_in - raw(type.dropout);
    const bool steps_down = type.kind == ConverterKind::buck || type.kind == ConverterKind::linear;
    if (steps_down && follow < set) target = follow, target_slope = 1, c.dropout = true;
    if (type.kind == ConverterKind::boost && follow > set) target = follow, target_slope = 1;
    target_slope = target_slope * alive + target * alive_slope;
    target *= alive;

    const double limit = raw(type.rated) * limit_ratio;
    double out = (target - v_out) / output_ohm, by_in = target_slope / output_ohm, by_out = -1 / output_ohm;
    if (out > limit) c.limiting = true, out = limit, by_in = 0, by_out = 0;
    if (out < 0) out *= 1e-6, by_in *= 1e-6, by_out *= 1e-6;  // it does not sink
    c.out = {out, {by_in, -by_in - by_out, by_out}};

    if (type.kind == ConverterKind::linear) {
        c.in = {out + raw(type.quiescent) * alive, c.out.by};
        c.in.by[0] += raw(type.quiescent) * alive_slope, c.in.by[1] -= raw(type.quiescent) * alive_slope;
        return c;
    }
    const double supply = std::max(v_in, 0.3 * raw(type.in_min));
    const double power = std::max(0.0, out * v_out) / type.efficiency;
    const double idle = raw(type.quiescent) * alive;
    const bool gives = power > 0;
    const double d_power_in = gives ? by_in * v_out / type.efficiency : 0;
    const double d_power_out = gives ? (by_out * v_out + out) / type.efficiency : 0;
    const double shrink = v_in > supply - 1e-12 ? power / (supply * supply) : 0;
    const double in_by_in = d_power_in / supply - shrink + raw(type.quiescent) * alive_slope;
    const double in_by_out = d_power_out / supply;
    c.in = {power / supply + idle, {in_by_in, -in_by_in - in_by_out, in_by_out}};
    return c;
}

struct BatterySource {
    double volts = 0, ohms = 1;
};

}  // namespace

LoadCurrent load_current(const Load& load, double amps, double volts) {
    if (amps == 0) return {0, 0};
    const double nominal = raw(load.nominal) > 0 ? raw(load.nominal) : std::max(raw(load.v_min), 1.0);
    if (load.kind == LoadKind::resistance) return {volts * amps / nominal, amps / nominal};
    const double knee = std::max(0.75 * raw(load.v_min), 0.1);
    const double at_knee = load.kind == LoadKind::power ? amps * nominal / knee : amps;
    if (volts < knee) return {at_knee * volts / knee, at_knee / knee};
    if (load.kind == LoadKind::power) return {amps * nominal / volts, -amps * nominal / (volts * volts)};
    return {amps, 0};
}

struct Solver::Inside {
    const Plan plan;
    Circuit circuit;
    std::vector<const ConverterType*> types;
    std::vector<const Chemistry*> chemistries;
    mutable Eigen::KLU<Matrix> klu;
    mutable bool analysed = false;
    mutable Matrix jacobian, shorted;
    mutable std::vector<std::ptrdiff_t> slots;  ///< where each stamp lands among the Jacobian's values

    /// One instant's numbers, resolved from the demand once and read in every iteration.
    struct Instant {
        std::vector<double> conductance, load_amps, set_volts;
        std::vector<BatterySource> sources;
    };

    Instant instant(const Demand& demand, double share) const {
        Instant now;
        const double warm = temperature_factor(demand.air) * demand.wire_scale;
        for (size_t b = 0; b < circuit.branches.size(); ++b) {
            const auto& branch = circuit.branches[b];
            const bool open =
                !branch.in_return && branch.feed < demand.open.size() && demand.open[branch.feed];
            const double ohm = branch.ohm * (1 + circuit.copper_share[b] * (warm - 1));
            now.conductance.push_back(open ? 0 : 1 / std::max(ohm, 1e-6));
        }
        for (size_t i = 0; i < plan.loads.size(); ++i) {
            const auto state = i < demand.states.size() ? demand.states[i] : LoadState::off;
            double amps = raw(draw(plan.loads[i], state));
            if (demand.starting && state == LoadState::peak) amps = std::max(amps, raw(plan.loads[i].start));
            now.load_amps.push_back(amps * share);
        }
        for (size_t i = 0; i < plan.converters.size(); ++i)
            now.set_volts.push_back(raw(plan.converters[i].set) *
                                    (1 + demand.converter_offset * (types[i] ? types[i]->tolerance : 0)));
        for (size_t i = 0; i < plan.batteries.size(); ++i) {
            BatterySource s;
            if (const auto* chemistry = chemistries[i]) {
                const auto& b = plan.batteries[i];
                s.volts = raw(demand.charging ? pack_charge_voltage(b, *chemistry)
                                              : pack_rest_voltage(b, *chemistry, demand.charge));
                s.ohms = demand.charging ? charger_ohm
                                         : raw(pack_resistance(b, *chemistry, demand.charge, demand.air));
            }
            now.sources.push_back(s);
        }
        return now;
    }

    /// Calls stamp(row node, column node, value) and leave(node, amps leaving it) for every element.
    template <class Stamp, class Leave>
    void visit(const Instant& now, const Demand& demand, const Vector& v, Stamp stamp, Leave leave) const {
        const auto conduct = [&](int a, int b, double g) {
            const double i = g * (v[a] - v[b]);
            leave(a, i), leave(b, -i);
            stamp(a, a, g), stamp(b, b, g), stamp(a, b, -g), stamp(b, a, -g);
        };
        // Returns leak to the reference, supplies to their own return: what is switched off reads 0 V, not
        // its ground's lift.
        for (int n = 0; n < v.size(); ++n) conduct(n, circuit.leak_to[static_cast<size_t>(n)], leak_siemens);
        for (size_t b = 0; b < circuit.branches.size(); ++b)
            conduct(circuit.branches[b].a, circuit.branches[b].b, now.conductance[b]);
        for (size_t i = 0; i < circuit.batteries.size(); ++i) {
            const auto [plus, minus] = circuit.batteries[i];
            const double g = 1 / now.sources[i].ohms;
            conduct(plus, minus, g);
            leave(plus, -g * now.sources[i].volts), leave(minus, g * now.sources[i].volts);
        }
        for (size_t i = 0; i < circuit.loads.size(); ++i) {
            const auto [plus, minus] = circuit.loads[i];
            const auto [amps, slope] = load_current(plan.loads[i], now.load_amps[i], v[plus] - v[minus]);
            leave(plus, amps), leave(minus, -amps);
            stamp(plus, plus, slope), stamp(minus, minus, slope), stamp(plus, minus, -slope),
                stamp(minus, plus, -slope);
        }
        for (size_t i = 0; i < circuit.converter_in.size(); ++i) {
            const int in = circuit.converter_in[i].positive, ground = circuit.converter_in[i].negative;
            const int out = circuit.converter_out[i].positive;
            ConverterCurrents c;
            if (types[i])
                c = converter_currents(*types[i], now.set_volts[i], v[in] - v[ground], v[out] - v[ground]);
            leave(in, c.in.value), leave(out, -c.out.value), leave(ground, c.out.value - c.in.value);
            const std::array nodes{in, ground, out};
            for (size_t k = 0; k < 3; ++k) {
                stamp(in, nodes[k], c.in.by[k]), stamp(out, nodes[k], -c.out.by[k]);
                stamp(ground, nodes[k], c.out.by[k] - c.in.by[k]);
            }
        }
        if (demand.short_at) {
            const auto& supply = circuit.branches[2 * *demand.short_at];
            conduct(supply.b, circuit.branches[2 * *demand.short_at + 1].a, 1e4);
        }
    }

    Vector residual(const Instant& now, const Demand& demand, const Vector& v) const {
        Vector f = Vector::Zero(v.size());
        visit(
            now, demand, v, [](int, int, double) {}, [&](int n, double amps) { f[n] += amps; });
        f[0] = 0;
        return f;
    }

    /// Fills the Jacobian. The elements stamp in the same order every time, so that the place of each stamp
    /// is found once; a short adds an element, and its matrix is built anew.
    void assemble(const Instant& now, const Demand& demand, const Vector& v) const {
        const auto n = v.size();
        const auto nothing = [](int, double) {};
        if (!slots.empty() && !demand.short_at) {
            std::fill_n(jacobian.valuePtr(), jacobian.nonZeros(), 0.0);
            size_t k = 0;
            visit(
                now, demand, v,
                [&](int r, int c, double g) {
                    if (r != 0 && c != 0) jacobian.valuePtr()[slots[k++]] += g;
                },
                nothing);
            jacobian.coeffRef(0, 0) = 1;
            return;
        }
        std::vector<Eigen::Triplet<double>> entries;
        entries.reserve(circuit.branches.size() * 4 + 64);
        visit(
            now, demand, v,
            [&](int r, int c, double g) {
                if (r != 0 && c != 0) entries.emplace_back(r, c, g);
            },
            nothing);
        auto& into = demand.short_at ? shorted : jacobian;
        const auto count = entries.size();
        entries.emplace_back(0, 0, 1.0);
        into.resize(n, n);
        into.setFromTriplets(entries.begin(), entries.end());
        if (demand.short_at) return;
        for (size_t i = 0; i < count; ++i) {
            const auto* first = into.innerIndexPtr() + into.outerIndexPtr()[entries[i].col()];
            const auto* last = into.innerIndexPtr() + into.outerIndexPtr()[entries[i].col() + 1];
            slots.push_back(std::lower_bound(first, last, entries[i].row()) - into.innerIndexPtr());
        }
    }

    /// The voltages to start from: every part at its source's, outputs at their set voltage.
    Vector first_guess(const Instant& now, const Demand& demand) const {
        Vector v = Vector::Zero(static_cast<Eigen::Index>(circuit.nodes.size()));
        for (size_t i = 0; i < circuit.batteries.size(); ++i)
            v[circuit.batteries[i].positive] = now.sources[i].volts;
        for (size_t i = 0; i < circuit.converter_out.size(); ++i)
            v[circuit.converter_out[i].positive] = now.set_volts[i];
        for (size_t pass = 0; pass < plan.feeds.size(); ++pass) {
            bool moved = false;
            for (size_t f = 0; f < plan.feeds.size(); ++f) {
                const auto& b = circuit.branches[2 * f];
                if (f < demand.open.size() && demand.open[f]) continue;
                if (v[b.b] == 0 && v[b.a] != 0) v[b.b] = v[b.a], moved = true;
            }
            if (!moved) break;
        }
        return v;
    }

    bool newton(const Instant& now, const Demand& demand, Vector& v, int& iterations) const {
        Vector f = residual(now, demand, v);
        for (int i = 0; i < 80; ++i, ++iterations) {
            assemble(now, demand, v);
            const auto& matrix = demand.short_at ? shorted : jacobian;
            if (demand.short_at ? i == 0 : !analysed) klu.analyzePattern(matrix);
            analysed = !demand.short_at;
            klu.factorize(matrix);
            if (klu.info() != Eigen::Success) return false;
            Vector step = klu.solve(f);
            if (!step.allFinite()) return false;
            const double largest = step.cwiseAbs().maxCoeff();
            double take = largest > 20 ? 20 / largest : 1;
            Vector next = v - take * step;
            Vector g = residual(now, demand, next);
            for (int half = 0; half < 8 && !(g.norm() <= f.norm()); ++half) {
                take /= 2;
                next = v - take * step;
                g = residual(now, demand, next);
            }
            v = next, f = g;
            if (largest * take < 1e-9 && f.cwiseAbs().maxCoeff() < 1e-7) return true;
        }
        return false;
    }

    /// Where Newton circles a knee, the network is let settle as if every node had a capacitor: implicit steps in time that
    /// grow as the residual falls, and end as Newton's own.
    bool settle(const Instant& now, const Demand& demand, Vector& v, int& iterations) const {
        Vector f = residual(now, demand, v);
        double siemens = 10;
        for (int i = 0; i < 400; ++i, ++iterations) {
            assemble(now, demand, v);
            Matrix matrix = demand.short_at ? shorted : jacobian;
            for (int n = 1; n < v.size(); ++n) matrix.coeffRef(n, n) += siemens;
            klu.analyzePattern(matrix);
            analysed = false;
            klu.factorize(matrix);
            if (klu.info() != Eigen::Success) return false;
            const Vector step = klu.solve(f);
            if (!step.allFinite()) return false;
            v -= step;
            const Vector g = residual(now, demand, v);
            siemens = std::clamp(siemens * (g.norm() < f.norm() ? 0.6 : 2.0), 1e-12, 1e4);
            f = g;
            if (step.cwiseAbs().maxCoeff() < 1e-9 && f.cwiseAbs().maxCoeff() < 1e-7) return true;
        }
        return false;
    }

    OperatingPoint read(const Instant& now, const Demand& demand, const Vector& v) const;
};

OperatingPoint Solver::Inside::read(const Instant& now, const Demand& demand, const Vector& v) const {
    OperatingPoint p;
    p.found = true;
    p.node_volts.assign(v.begin(), v.end());
    for (size_t b = 0; b < circuit.branches.size(); ++b) {
        p.branch_amps.push_back(now.conductance[b] * (v[circuit.branches[b].a] - v[circuit.branches[b].b]));
        p.scale = std::max(p.scale, std::abs(p.branch_amps.back()));
    }
    p.residual = residual(now, demand, v).cwiseAbs().maxCoeff();
    const auto across = [&](Terminals t) { return Volt(v[t.positive] - v[t.negative]); };
    for (size_t i = 0; i < plan.feeds.size(); ++i) {
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
        p.wire_heat += f.heat;
        p.feeds.push_back(f);
    }
    for (size_t i = 0; i < circuit.batteries.size(); ++i) {
        const Volt volts = across(circuit.batteries[i]);
        const double amps = (now.sources[i].volts - raw(volts)) / now.sources[i].ohms;
        p.batteries.push_back({volts, Ampere(amps), Watt(raw(volts) * amps)});
    }
    for (const auto& h : circuit.hubs) p.hubs.push_back({across(h), Ampere(0), Watt(0)});
    for (size_t i = 0; i < circuit.loads.size(); ++i) {
        const Volt volts = across(circuit.loads[i]);
        const double amps = load_current(plan.loads[i], now.load_amps[i], raw(volts)).amps;
        p.loads.push_back({volts, Ampere(amps), Watt(raw(volts) * amps)});
        p.drawn += p.loads.back().watts;
        // A load whose own switch is open is off, not starved.
        bool fed = false;
        for (const auto f : feeds_into(plan, plan.loads[i].id))
            fed = fed || !(f < demand.open.size() && demand.open[f]);
        if (now.load_amps[i] > 0 && fed && volts < plan.loads[i].v_min - Volt(1e-6))
            p.brown_outs.push_back({i, volts, plan.loads[i].v_min});
    }
    for (size_t i = 0; i < circuit.converter_in.size(); ++i) {
        ConverterPoint c;
        c.in = across(circuit.converter_in[i]), c.out = across(circuit.converter_out[i]);
        if (types[i]) {
            const auto k = converter_currents(*types[i], now.set_volts[i], raw(c.in), raw(c.out));
            c.in_amps = Ampere(k.in.value), c.out_amps = Ampere(k.out.value);
            c.dropout = k.dropout, c.limiting = k.limiting, c.locked_out = k.locked_out;
            c.heat = Watt(raw(c.in) * k.in.value - raw(c.out) * k.out.value);
        }
        p.converter_heat += c.heat;
        p.converters.push_back(c);
    }
    return p;
}

Solver::Solver(const Plan& plan, const Catalogue& catalogue, const std::vector<Metre>& lengths)
    : inside_(new Inside{plan, build_circuit(plan, catalogue, lengths), {}, {}, {}, false, {}, {}, {}}) {
    for (const auto& c : plan.converters) inside_->types.push_back(find(catalogue.converters, c.type));
    for (const auto& b : plan.batteries)
        inside_->chemistries.push_back(find(catalogue.chemistries, b.chemistry));
}

Solver::~Solver() = default;

const Circuit& Solver::circuit() const { return inside_->circuit; }

OperatingPoint Solver::solve(const Demand& demand) const { return solve(demand, OperatingPoint{}); }

OperatingPoint Solver::solve(const Demand& demand, const OperatingPoint& near) const {
    const auto now = inside_->instant(demand, 1);
    int iterations = 0;
    auto v = inside_->first_guess(now, demand);
    if (near.found && near.node_volts.size() == static_cast<size_t>(v.size()))
        v = Eigen::Map<const Vector>(near.node_volts.data(), v.size());
    bool found = inside_->newton(now, demand, v, iterations);
    if (!found) {
        // Raise the loads in steps from nothing; each answer starts the next.
        v = inside_->first_guess(now, demand);
        for (const double share : {0.0, 0.1, 0.25, 0.5, 0.7, 0.85, 0.95, 1.0})
            found = inside_->newton(inside_->instant(demand, share), demand, v, iterations);
    }
    if (!found) {
        v = inside_->first_guess(now, demand);
        found = inside_->settle(now, demand, v, iterations);
    }
    auto point = found ? inside_->read(now, demand, v) : OperatingPoint{};
    if (!found) {
        point.feeds.resize(inside_->plan.feeds.size());
        point.batteries.resize(inside_->plan.batteries.size());
        point.hubs.resize(inside_->plan.hubs.size());
        point.loads.resize(inside_->plan.loads.size());
        point.converters.resize(inside_->plan.converters.size());
        point.node_volts.resize(inside_->circuit.nodes.size());
        point.branch_amps.resize(inside_->circuit.branches.size());
    }
    point.iterations = iterations;
    return point;
}

}  // namespace sangre
