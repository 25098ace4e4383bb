// An operating point as the circuit itself would find it: every node holds a little charge, and time is let
// pass.
#include <cmath>

#include "physics/network/continuation.h"
#include "physics/network/inside.h"

namespace sangre {
namespace {

constexpr int most_steps = 1500;
constexpr double first_stride = 1e-5, least_stride = 1e-12, longest_stride = 1e6;  // s, with a farad a node
constexpr double most_volts = 2;  // that a node may move in one step
constexpr double most_off = 0.3;  // of the step's own equation, over what it began with
constexpr int newton_every = 12;

constexpr int most_warmings = 40, swinging = 6;
constexpr double warm_enough = 1e-6;  // relative change of the conductance that changes most

}  // namespace

bool NodalSolver::Inside::settle(const Instant& now, const Demand& demand, double at_inputs, Vector& v,
                                 int& iterations) const {
    // By node, in farad: modules that feed one another swing where their inputs are as quick as their
    // outputs.
    Vector holds = Vector::Ones(v.size());
    for (const auto& input : circuit.converter_in) holds[input.positive] = at_inputs;
    auto& solver = demand.short_at ? shorted_lu : lu;
    Vector f = residual(now, demand, v);
    double stride = first_stride;
    int taken = 0;
    const auto refused = [&] {
        stride /= 4;
        return stride < least_stride;
    };
    for (int i = 0; i < most_steps; ++i, ++iterations) {
        // Implicit Euler, one Newton step each: (1/h + J)·d = −F. It damps what would swing.
        assemble(now, demand, v);
        auto& matrix = demand.short_at ? shorted : jacobian;
        for (Eigen::Index n = 1; n < v.size(); ++n) matrix.coeffRef(n, n) += holds[n] / stride;
        if (!solver.factorize(matrix, demand.short_at && i == 0)) {
            if (refused()) return false;
            continue;
        }
        const Vector step = solver.solve(f);
        const Vector next = v - step;
        const Vector g = residual(now, demand, next);
        // What the step's own equation is off by, F(next) + (next − v)/h: its node 0 does not move.
        Vector off = g - holds.cwiseProduct(step) / stride;
        off[0] = 0;
        const bool good = step.allFinite() && g.allFinite() && step.cwiseAbs().maxCoeff() <= most_volts &&
                          off.norm() <= most_off * f.norm() + 1e-12;
        if (!good) {
            if (refused()) return false;
            continue;
        }
        v = next, f = g;
        stride = std::min(stride * 2, longest_stride);
        if (++taken % newton_every && f.cwiseAbs().maxCoeff() > 1e-6) continue;
        Vector answer = v;
        if (newton(now, demand, answer, iterations)) {
            v.swap(answer);
            return true;
        }
    }
    return false;
}

/// From `v` on, tied to where it is by a conductance at each node that is let go of: for almost every
/// beginning that path leads to an answer (Chow, Mallet-Paret & Yorke 1978), also to one at which nothing
/// would rest.
bool NodalSolver::Inside::let_go(Instant now, const Demand& demand, double siemens, Vector& v,
                                 int& iterations) const {
    const auto whole = now;
    now.rounding = 1e-3;
    const Vector tied = v;
    const LoadedSystem system{[&](const Vector& x, double share) {
                                  Vector f =
                                      share * residual(now, demand, x) + (1 - share) * siemens * (x - tied);
                                  f[0] = x[0];
                                  return f;
                              },
                              [&](const Vector& x, double share) {
                                  assemble(now, demand, x);
                                  Matrix m = share * (demand.short_at ? shorted : jacobian);
                                  for (Eigen::Index n = 0; n < x.size(); ++n)
                                      m.coeffRef(n, n) = n == 0 ? 1 : m.coeff(n, n) + (1 - share) * siemens;
                                  return m;
                              }};
    return follow_load(system, v, iterations, 4000) && newton(whole, demand, v, iterations);
}

bool NodalSolver::Inside::warmed(Instant& now, const Demand& demand, Vector& v, int& iterations) const {
    if (now.brief) return true;
    std::vector<double> rise(circuit.branches.size());
    for (int round = 0; round < most_warmings; ++round) {
        for (size_t b = 0; b < rise.size(); ++b) {
            const auto& branch = circuit.branches[b];
            if (circuit.copper_share[b] <= 0 || !circuit.warmth[branch.feed]) continue;
            const double amps =
                branch_current(now.conductance[b], branch.forward, v[branch.a] - v[branch.b]).amps;
            const double wanted = circuit.warmth[branch.feed]->rise(amps, now.air);
            // Half way once it has swung for a while: a glowing wire cools as it throttles its current.
            rise[b] = round < swinging ? wanted : (wanted + now.rise[b]) / 2;
        }
        if (!warm_to(now, rise, warm_enough)) return true;
        if (!newton(now, demand, v, iterations) && !straight(now, demand, {}, v, iterations) &&
            !round_about(now, demand, v, iterations))
            return false;
    }
    return true;
}

}  // namespace sangre
