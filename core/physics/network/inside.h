#pragma once
// What a solver holds: only for the files that make it up.
#include <Eigen/SparseCore>
#include <array>

#include "physics/network/answers.h"
#include "physics/network/nodal_solver.h"
#include "physics/network/sparse_lu.h"

namespace sangre {

using Matrix = Eigen::SparseMatrix<double>;
using Vector = Eigen::VectorXd;

/// What was found before, and what is being kept for later.
struct Memory {
    std::shared_ptr<const Answers> earlier;
    std::shared_ptr<Answers> kept;  ///< null: nothing is kept
    std::unordered_map<const Network*, bool> same_circuit;

    const Answer* recall(const Demand& demand) const {
        if (!earlier) return nullptr;
        const auto found = earlier->by_demand.find(demand);
        return found == earlier->by_demand.end() ? nullptr : &found->second;
    }
    bool same(const Network& mine, const Network& other) {
        const auto [slot, fresh] = same_circuit.try_emplace(&other);
        if (fresh) slot->second = mine.circuit == other.circuit;
        return slot->second;
    }
};

struct NodalSolver::Inside {
    const std::shared_ptr<const Network> network;
    const Circuit& circuit = network->circuit;
    const std::vector<LoadLaw>& laws = network->laws;
    const std::vector<const ConverterType*>& types = network->types;
    mutable Memory memory;
    mutable SparseLu lu, shorted_lu;
    mutable Matrix jacobian, shorted;
    mutable std::vector<std::ptrdiff_t> slots;  ///< where each stamp lands among the Jacobian's values

    explicit Inside(std::shared_ptr<const Network> of) : network(std::move(of)) {}

    Instant instant(const Demand& demand) const { return instant_of(demand, *network); }

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
        for (int n = 0; n < v.size(); ++n) conduct(n, circuit.leak_to[static_cast<size_t>(n)], now.leak);
        for (size_t b = 0; b < circuit.branches.size(); ++b) {
            const auto& [from, to, ohm, forward, feed, in_return] = circuit.branches[b];
            const double g = now.conductance[b], volts = v[from] - v[to];
            const auto [amps, slope] =
                forward > 0 ? branch_current(g, forward, volts) : BranchCurrent{g * volts, g};
            leave(from, amps), leave(to, -amps);
            stamp(from, from, slope), stamp(to, to, slope), stamp(from, to, -slope), stamp(to, from, -slope);
        }
        for (size_t i = 0; i < circuit.sources.size(); ++i) {
            const auto [plus, minus] = circuit.sources[i];
            const auto [amps, slope] = source_current(now.sources[i], v[plus] - v[minus]);
            leave(plus, -amps), leave(minus, amps);
            stamp(plus, plus, -slope), stamp(minus, minus, -slope), stamp(plus, minus, slope),
                stamp(minus, plus, slope);
        }
        for (size_t i = 0; i < circuit.loads.size(); ++i) {
            const auto [plus, minus] = circuit.loads[i];
            const auto [amps, slope] =
                load_current(laws[i], now.load_amps[i], v[plus] - v[minus], now.at_rest[i]);
            leave(plus, amps * now.share), leave(minus, -amps * now.share);
            const double g = slope * now.share;
            stamp(plus, plus, g), stamp(minus, minus, g), stamp(plus, minus, -g), stamp(minus, plus, -g);
        }
        for (size_t i = 0; i < circuit.coils.size(); ++i)
            conduct(circuit.coils[i].across.positive, circuit.coils[i].across.negative, now.coils[i]);
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

    Vector residual(const Instant& now, const Demand& demand, const Vector& v) const;
    /// Fills the Jacobian. The elements stamp in the same order every time, so that the place of each stamp
    /// is found once; a short adds an element, and its matrix is built anew.
    void assemble(const Instant& now, const Demand& demand, const Vector& v) const;
    /// The voltages to start from: every part at its source's, outputs at their set voltage.
    Vector first_guess(const Instant& now, const Demand& demand) const;
    /// Newton's method with the step halved until the currents balance better; false when it gets stuck. A
    /// factorisation serves as long as it brings the residual down tenfold; one of another demand would hide
    /// what the modules that woke or slept since have changed.
    bool newton(const Instant& now, const Demand& demand, Vector& v, int& iterations) const;
    /// Where Newton's method gets stuck, the answer is sought along the path from no load to the whole.
    bool raise_load(Instant now, const Demand& demand, Vector& v, int& iterations) const;
    /// Where neither answers, time is let pass from `v` on until nothing moves any more, with a farad at each
    /// node and `at_inputs` farad at the modules' inputs.
    bool settle(const Instant& now, const Demand& demand, double at_inputs, Vector& v, int& iterations) const;
    /// Lets the copper come to the temperature of its current, answer after answer, from an answer on. False
    /// where that leads to none.
    bool warmed(Instant& now, const Demand& demand, Vector& v, int& iterations) const;
    bool let_go(Instant now, const Demand& demand, double siemens, Vector& v, int& iterations) const;
    static Vector voltages_of(const OperatingPoint& point) {
        return Eigen::Map<const Vector>(point.node_volts.data(),
                                        static_cast<Eigen::Index>(point.node_volts.size()));
    }
    bool straight(const Instant& now, const Demand& demand, const OperatingPoint& near, Vector& v,
                  int& iterations) const;
    bool round_about(const Instant& now, const Demand& demand, Vector& v, int& iterations) const;
    OperatingPoint nothing_found() const;
    OperatingPoint from_cold(const Instant& now, const Demand& demand, const OperatingPoint& near) const;
    std::optional<OperatingPoint> from_before(const Instant& now, const Demand& demand,
                                              const OperatingPoint& before) const;
    OperatingPoint read(const Instant& now, const Demand& demand, const Vector& v) const;
    void margins(const Instant& now, const Demand& demand, const Vector& v, OperatingPoint& p) const;
};

}  // namespace sangre
