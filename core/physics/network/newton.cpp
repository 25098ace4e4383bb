// From a first guess to voltages at which all currents balance.
#include <cmath>
#include <limits>

#include "physics/network/continuation.h"
#include "physics/network/inside.h"

namespace sangre {

Vector NodalSolver::Inside::residual(const Instant& now, const Demand& demand, const Vector& v) const {
    Vector f = Vector::Zero(v.size());
    visit(
        now, demand, v, [](int, int, double) {}, [&](int n, double amps) { f[n] += amps; });
    f[0] = 0;
    return f;
}

void NodalSolver::Inside::assemble(const Instant& now, const Demand& demand, const Vector& v) const {
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

Vector NodalSolver::Inside::first_guess(const Instant& now, const Demand& demand) const {
    Vector v = Vector::Zero(static_cast<Eigen::Index>(circuit.nodes.size()));
    for (size_t i = 0; i < circuit.sources.size(); ++i) v[circuit.sources[i].positive] = now.sources[i].volts;
    for (size_t i = 0; i < circuit.converter_out.size(); ++i)
        v[circuit.converter_out[i].positive] = now.set_volts[i];
    for (size_t pass = 0; pass < circuit.feeds; ++pass) {
        bool moved = false;
        for (size_t f = 0; f < circuit.feeds; ++f) {
            const auto& b = circuit.branches[2 * f];
            if (f < demand.open.size() && demand.open[f]) continue;
            if (v[b.b] == 0 && v[b.a] != 0) v[b.b] = v[b.a], moved = true;
        }
        if (!moved) break;
    }
    return v;
}

bool NodalSolver::Inside::newton(const Instant& now, const Demand& demand, Vector& v, int& iterations) const {
    auto& solver = demand.short_at ? shorted_lu : lu;
    Vector f = residual(now, demand, v), step, next, g;
    bool reuse = false;
    double before = std::numeric_limits<double>::infinity();
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
        if (!solver.factorize(demand.short_at ? shorted : jacobian, demand.short_at && i == 0)) return false;
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
        // Bolted joints beside leaks: there rounding alone leaves more than a nanoampere.
        const double left = f.cwiseAbs().maxCoeff();
        if (largest < 1e-8 && (left < 1e-9 || (left < 1e-7 && left > 0.5 * before))) return true;
        before = left;
    }
    return false;
}

bool NodalSolver::Inside::raise_load(Instant now, const Demand& demand, Vector& v, int& iterations) const {
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

}  // namespace sangre
