#include "network/solver.h"

#include <Eigen/SparseCore>
#include <array>
#include <cmath>

#include "network/continuation.h"
#include "network/elements.h"
#include "network/instant.h"
#include "network/sparse_lu.h"

namespace sangre {
namespace {

constexpr double leak_siemens = 1e-12;  // keeps islands behind open switches regular

using Matrix = Eigen::SparseMatrix<double>;
using Vector = Eigen::VectorXd;

}  // namespace

struct Solver::Inside {
    const Plan plan;
    const PlanIndex index;
    Circuit circuit;
    std::vector<const std::vector<size_t>*> into_load;  ///< by load, the feeds that end at it
    std::vector<LoadLaw> laws;                          ///< by load
    std::vector<const ConverterType*> types;
    std::vector<const Chemistry*> chemistries;
    mutable SparseLu lu, shorted_lu;
    mutable bool factored = false;  ///< lu holds a factorisation of this network at some point
    mutable Matrix jacobian, shorted;
    mutable std::vector<std::ptrdiff_t> slots;  ///< where each stamp lands among the Jacobian's values

    Inside(const Plan& of, Circuit laid) : plan(of), index(of), circuit(std::move(laid)) {}

    Instant instant(const Demand& demand) const {
        return instant_of(demand, plan, circuit, types, chemistries);
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
        for (size_t b = 0; b < circuit.branches.size(); ++b) {
            const auto& [from, to, ohm, forward, feed, in_return] = circuit.branches[b];
            const double g = now.conductance[b], volts = v[from] - v[to];
            const auto [amps, slope] =
                forward > 0 ? branch_current(g, forward, volts) : BranchCurrent{g * volts, g};
            leave(from, amps), leave(to, -amps);
            stamp(from, from, slope), stamp(to, to, slope), stamp(from, to, -slope), stamp(to, from, -slope);
        }
        for (size_t i = 0; i < circuit.batteries.size(); ++i) {
            const auto [plus, minus] = circuit.batteries[i];
            const double g = 1 / now.sources[i].ohms;
            conduct(plus, minus, g);
            leave(plus, -g * now.sources[i].volts), leave(minus, g * now.sources[i].volts);
        }
        for (size_t i = 0; i < circuit.loads.size(); ++i) {
            const auto [plus, minus] = circuit.loads[i];
            const auto [amps, slope] = load_current(laws[i], now.load_amps[i], v[plus] - v[minus]);
            leave(plus, amps * now.share), leave(minus, -amps * now.share);
            const double g = slope * now.share;
            stamp(plus, plus, g), stamp(minus, minus, g), stamp(plus, minus, -g), stamp(minus, plus, -g);
        }
        for (size_t i = 0; i < circuit.converter_in.size(); ++i) {
            const int in = circuit.converter_in[i].positive, ground = circuit.converter_in[i].negative;
            const int out = circuit.converter_out[i].positive;
            ConverterCurrents c;
            if (types[i])
                c = converter_currents(*types[i], now.set_volts[i], v[in] - v[ground], v[out] - v[ground],
                                       i < demand.locked.size() && demand.locked[i], now.rounding);
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

    /// Newton's method with the step halved until the currents balance better; false when it gets stuck. The
    /// last factorisation serves as long as it brings the residual down tenfold: of one network most stays
    /// linear.
    bool newton(const Instant& now, const Demand& demand, Vector& v, int& iterations) const {
        auto& solver = demand.short_at ? shorted_lu : lu;
        Vector f = residual(now, demand, v), step, next, g;
        bool reuse = factored && !demand.short_at;
        for (int i = 0, stuck = 0; i < 60 && stuck < 3; ++i, ++iterations) {
            if (reuse) {
                step = solver.solve(f);
                next = v - step;
                g = residual(now, demand, next);
                reuse = step.allFinite() && g.norm() < 0.1 * f.norm();
                if (reuse) {
                    v.swap(next), f.swap(g);
                    if (step.cwiseAbs().maxCoeff() < 1e-8 && f.cwiseAbs().maxCoeff() < 1e-9) return true;
                    continue;
                }
            }
            assemble(now, demand, v);
            factored = false;
            if (!solver.factorize(demand.short_at ? shorted : jacobian, demand.short_at && i == 0))
                return false;
            factored = !demand.short_at;
            step = solver.solve(f);
            if (!step.allFinite()) return false;
            const double largest = step.cwiseAbs().maxCoeff();
            double take = largest > 20 ? 20 / largest : 1;
            next = v - take * step;
            g = residual(now, demand, next);
            int half = 0;
            for (; half < 8 && !(g.norm() <= f.norm()); ++half) {
                take /= 2;
                next = v - take * step;
                g = residual(now, demand, next);
            }
            stuck = half == 8 ? stuck + 1 : 0;
            // What hangs behind an open switch has no current to converge: rounding moves it by volts.
            if (stuck && f.cwiseAbs().maxCoeff() < 1e-10) return true;
            reuse = half == 0 && g.norm() < 0.1 * f.norm() && !demand.short_at;
            v.swap(next), f.swap(g);
            if (largest < 1e-8 && f.cwiseAbs().maxCoeff() < 1e-7) return true;
        }
        return false;
    }

    /// Where Newton's method gets stuck, the answer is sought along the path from no load to the whole.
    bool raise_load(Instant now, const Demand& demand, Vector& v, int& iterations) const {
        const auto whole = now;
        now.share = 0;
        v = first_guess(now, demand);
        if (!newton(now, demand, v, iterations)) return false;
        now.rounding = 1e-3;
        newton(now, demand, v, iterations);
        const LoadedSystem system{[&](const Vector& x, double share) {
                                      now.share = share;
                                      return residual(now, demand, x);
                                  },
                                  [&](const Vector& x, double share) {
                                      now.share = share;
                                      assemble(now, demand, x);
                                      return demand.short_at ? shorted : jacobian;
                                  }};
        return follow_load(system, v, iterations) && newton(whole, demand, v, iterations);
    }

    OperatingPoint read(const Instant& now, const Demand& demand, const Vector& v) const;
    void margins(const Instant& now, const Demand& demand, const Vector& v, OperatingPoint& p) const;
};

OperatingPoint Solver::Inside::read(const Instant& now, const Demand& demand, const Vector& v) const {
    OperatingPoint p;
    p.found = true;
    p.node_volts.assign(v.begin(), v.end());
    p.branch_amps.reserve(circuit.branches.size());
    p.feeds.reserve(plan.feeds.size());
    p.loads.reserve(plan.loads.size());
    for (size_t b = 0; b < circuit.branches.size(); ++b) {
        p.branch_amps.push_back(branch_current(now.conductance[b], circuit.branches[b].forward,
                                               v[circuit.branches[b].a] - v[circuit.branches[b].b])
                                    .amps);
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
        const double amps = load_current(laws[i], now.load_amps[i], raw(volts)).amps;
        p.loads.push_back({volts, Ampere(amps), Watt(raw(volts) * amps)});
        p.drawn += p.loads.back().watts;
        // A load whose own switch is open is off, not starved.
        bool fed = false;
        for (const auto f : *into_load[i]) fed = fed || !(f < demand.open.size() && demand.open[f]);
        if (now.load_amps[i] > 0 && fed && volts < plan.loads[i].v_min - Volt(1e-6))
            p.brown_outs.push_back({i, volts, plan.loads[i].v_min, {}, {}});
    }
    for (size_t i = 0; i < circuit.converter_in.size(); ++i) {
        ConverterPoint c;
        c.in = across(circuit.converter_in[i]), c.out = across(circuit.converter_out[i]);
        if (types[i]) {
            const auto k = converter_currents(*types[i], now.set_volts[i], raw(c.in), raw(c.out),
                                              i < demand.locked.size() && demand.locked[i]);
            c.in_amps = Ampere(k.in.value), c.out_amps = Ampere(k.out.value);
            c.dropout = k.dropout, c.limiting = k.limiting, c.locked_out = k.locked_out;
            c.cycling = k.cycling;
            c.heat = Watt(raw(c.in) * k.in.value - raw(c.out) * k.out.value);
        }
        p.converter_heat += c.heat;
        p.converters.push_back(c);
    }
    return p;
}

/// What the small-signal resistance seen by a starved load says of its path: how much of it, or of the load's
/// current, is too much.
void Solver::Inside::margins(const Instant& now, const Demand& demand, const Vector& v,
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
        const double slope = load_current(laws[b.load], now.load_amps[b.load], raw(b.gets)).slope;
        // The load's own conductance is part of what is seen.
        const double path = std::abs(1 - seen * slope) > 1e-9 ? seen / (1 - seen * slope) : seen;
        const double missing = raw(b.needs - b.gets), amps = raw(p.loads[b.load].amps);
        if (std::isfinite(path) && path > 0) b.too_much_amps = Ampere(missing / path);
        if (amps > 1e-9) b.too_much_ohm = Ohm(missing / amps);
    }
}

Solver::Solver(const Plan& plan, const Catalogue& catalogue, const std::vector<Metre>& lengths)
    : inside_(std::make_unique<Inside>(plan, build_circuit(plan, catalogue, lengths))) {
    for (const auto& l : plan.loads) {
        inside_->into_load.push_back(&inside_->index.into(l.id));
        inside_->laws.emplace_back(l);
    }
    for (const auto& c : plan.converters) inside_->types.push_back(find(catalogue.converters, c.type));
    for (const auto& b : plan.batteries)
        inside_->chemistries.push_back(find(catalogue.chemistries, b.chemistry));
}

Solver::~Solver() = default;

const Circuit& Solver::circuit() const { return inside_->circuit; }
const PlanIndex& Solver::index() const { return inside_->index; }

void Solver::explain_brown_outs(const Demand& demand, OperatingPoint& point) const {
    if (!point.found) return;
    const Vector v =
        Eigen::Map<const Vector>(point.node_volts.data(), static_cast<Eigen::Index>(point.node_volts.size()));
    inside_->margins(inside_->instant(demand), demand, v, point);
}

OperatingPoint Solver::solve(const Demand& demand) const { return solve(demand, OperatingPoint{}); }

OperatingPoint Solver::solve(const Demand& demand, const OperatingPoint& near) const {
    const auto now = inside_->instant(demand);
    int iterations = 0;
    const auto nodes = static_cast<Eigen::Index>(inside_->circuit.nodes.size());
    Vector v;
    bool found = false;
    if (near.found && near.node_volts.size() == static_cast<size_t>(nodes)) {
        v = Eigen::Map<const Vector>(near.node_volts.data(), nodes);
        found = inside_->newton(now, demand, v, iterations);
    }
    if (!found) {
        v = inside_->first_guess(now, demand);
        found =
            inside_->newton(now, demand, v, iterations) || inside_->raise_load(now, demand, v, iterations);
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
