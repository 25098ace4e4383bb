#include "physics/network/nodal_solver.h"

#include <cmath>
#include <limits>

#include "physics/network/inside.h"

namespace sangre {
namespace {

constexpr double leaky_siemens = 1e-9;  // a gigaohm: dust and damp

}  // namespace

NodalSolver::NodalSolver(std::shared_ptr<const Network> network)
    : inside_(std::make_unique<Inside>(std::move(network))) {}

NodalSolver::~NodalSolver() = default;

const Circuit& NodalSolver::circuit() const { return inside_->circuit; }

void NodalSolver::explain_brown_outs(const Demand& demand, OperatingPoint& point) const {
    if (!point.found) return;
    inside_->margins(inside_->instant(demand), demand, Inside::voltages_of(point), point);
}

void NodalSolver::remember(std::shared_ptr<const Answers> earlier) {
    inside_->memory = {std::move(earlier), std::make_shared<Answers>(), {}};
}

std::shared_ptr<const Answers> NodalSolver::take_answers() {
    auto kept = std::move(inside_->memory.kept);
    inside_->memory = {};
    return kept;
}

OperatingPoint NodalSolver::Inside::nothing_found() const {
    OperatingPoint point;
    point.feeds.resize(circuit.feeds);
    point.sources.resize(circuit.sources.size());
    point.hubs.resize(circuit.hubs.size());
    point.loads.resize(circuit.loads.size());
    point.converters.resize(circuit.converter_in.size());
    // Not zero: what is not known must not pass for a figure anywhere.
    constexpr double unknown = std::numeric_limits<double>::quiet_NaN();
    point.node_volts.assign(circuit.nodes.size(), unknown);
    point.branch_amps.assign(circuit.branches.size(), unknown);
    point.coils.assign(circuit.coils.size(), Ampere(unknown));
    point.branch_rise.assign(circuit.branches.size(), 0);
    point.residual = unknown;
    for (auto& f : point.feeds)
        f = {Ampere(unknown), Ampere(unknown), Volt(unknown), Volt(unknown),    Volt(unknown),
             Volt(unknown),   Watt(unknown),   Watt(unknown), Celsius(unknown), Celsius(unknown)};
    for (auto* parts : {&point.sources, &point.hubs, &point.loads})
        for (auto& p : *parts) p = {Volt(unknown), Ampere(unknown), Watt(unknown), false};
    for (auto& c : point.converters)
        c.in = c.out = Volt(unknown), c.in_amps = c.out_amps = Ampere(unknown), c.heat = Watt(unknown);
    point.drawn = point.wire_heat = point.converter_heat = point.coil_heat = Watt(unknown);
    return point;
}

/// Newton's method from `near` where that is a found point, else from a first guess; then along the load.
bool NodalSolver::Inside::straight(const Instant& now, const Demand& demand, const OperatingPoint& near,
                                   Vector& v, int& iterations) const {
    if (near.found && near.node_volts.size() == circuit.nodes.size()) {
        v = voltages_of(near);
        if (newton(now, demand, v, iterations)) return true;
    }
    v = first_guess(now, demand);
    return newton(now, demand, v, iterations) || raise_load(now, demand, v, iterations);
}

/// What takes longer and gets through where modules starve one another.
bool NodalSolver::Inside::round_about(const Instant& now, const Demand& demand, Vector& v,
                                      int& iterations) const {
    const Vector guess = first_guess(now, demand), nothing = Vector::Zero(guess.size());
    for (const double at_inputs : {1.0, 1e3})
        for (const auto* from : {&guess, &nothing}) {
            v = *from;
            if (settle(now, demand, at_inputs, v, iterations)) return true;
        }
    for (const double siemens : {1.0, 1e-2, 1e2})
        for (const auto* from : {&guess, &nothing}) {
            v = *from;
            // Aside of where anything is alike, so that the path meets no branching.
            for (Eigen::Index n = 1; n < v.size(); ++n) v[n] += 0.01 * std::sin(7.0 * static_cast<double>(n));
            if (let_go(now, demand, siemens, v, iterations)) return true;
        }
    return false;
}

OperatingPoint NodalSolver::Inside::from_cold(const Instant& whole, const Demand& demand,
                                              const OperatingPoint& near) const {
    auto now = whole;
    if (!now.brief && near.found && near.branch_rise.size() == now.rise.size())
        warm_to(now, near.branch_rise);
    int iterations = 0;
    Vector v;
    bool found = straight(now, demand, near, v, iterations);
    if (!found) {
        // A part whose return leads nowhere floats; among thick wires a trace of leakage drowns in rounding.
        now.leak = leaky_siemens;
        found = straight(now, demand, {}, v, iterations) || round_about(now, demand, v, iterations);
    }
    found = found && warmed(now, demand, v, iterations);
    auto point = found ? read(now, demand, v) : nothing_found();
    point.iterations = iterations;
    return point;
}

/// From where the same demand was met before an edit; empty where that does not lead to a sound point.
std::optional<OperatingPoint> NodalSolver::Inside::from_before(const Instant& whole, const Demand& demand,
                                                               const OperatingPoint& before) const {
    if (!sound(before) || before.node_volts.size() != circuit.nodes.size()) return {};
    auto now = whole;
    if (!now.brief && before.branch_rise.size() == now.rise.size()) warm_to(now, before.branch_rise);
    int iterations = 0;
    auto v = voltages_of(before);
    if (!newton(now, demand, v, iterations) || !warmed(now, demand, v, iterations)) return {};
    auto point = read(now, demand, v);
    point.iterations = iterations;
    if (!sound(point)) return {};
    return point;
}

OperatingPoint NodalSolver::solve(const Demand& demand, const OperatingPoint& near) const {
    const auto& in = *inside_;
    auto now = in.instant(demand);
    if (!in.memory.kept) return in.from_cold(now, demand, near);
    std::shared_ptr<const OperatingPoint> point;
    if (const auto* before = in.memory.recall(demand)) {
        const bool same = in.memory.same(*in.network, *before->network);
        if (answers(*before, *in.network, same, now))
            point = before->point;
        else if (same || before->network->circuit.nodes == in.circuit.nodes)
            if (auto found = in.from_before(now, demand, *before->point))
                point = std::make_shared<OperatingPoint>(std::move(*found));
    }
    if (!point) point = std::make_shared<OperatingPoint>(in.from_cold(now, demand, near));
    in.memory.kept->by_demand.insert_or_assign(demand, Answer{in.network, std::move(now), point});
    return *point;
}

}  // namespace sangre
