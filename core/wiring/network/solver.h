#pragma once
// A plan's network, solved.
#include <memory>

#include "physics/network/nodal_solver.h"
#include "wiring/conductors/wiring.h"

namespace sangre {

/// The network of what is wired: a node for each terminal, a branch for each role of each feed, each part
/// with its numbers. Types that the catalogue does not hold let nothing through.
Network network_of(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
                   const Wiring& wiring);

/// A thermal switch of the network, and what warms it.
struct ThermalItem {
    size_t feed = 0, device = 0;  ///< of the feed, by index
    std::optional<Celsius> opens_above, closes_above;
    PartRef on;                           ///< the module or load that it sits on; none: the air
    const ConverterType* type = nullptr;  ///< of that module, where its own heat warms it
    std::optional<double> warmer_k;       ///< K that what it sits on is said to get over the air at work
};

/// A plan's network with who hangs on whom in it; solves for many demands as NodalSolver does.
class Solver {
  public:
    /// Of a plan that is wired already. The catalogue must outlive it.
    Solver(const Plan& plan, const Catalogue& catalogue, const Wiring& wiring);
    /// Wired here, over these lengths.
    Solver(const Plan& plan, const Catalogue& catalogue, const std::vector<Metre>& lengths);

    OperatingPoint solve(const Demand& demand) const { return nodes_.solve(demand, {}); }
    OperatingPoint solve(const Demand& demand, const OperatingPoint& near) const {
        return nodes_.solve(demand, near);
    }
    const Circuit& circuit() const { return nodes_.circuit(); }
    void remember(std::shared_ptr<const Answers> earlier) { nodes_.remember(std::move(earlier)); }
    std::shared_ptr<const Answers> take_answers() { return nodes_.take_answers(); }
    void explain_brown_outs(const Demand& demand, OperatingPoint& point) const {
        nodes_.explain_brown_outs(demand, point);
    }
    /// Of the plan it solves.
    const PlanIndex& index() const { return index_; }
    /// Its thermal switches.
    const std::vector<ThermalItem>& thermal_items() const { return thermal_; }

  private:
    PlanIndex index_;
    NodalSolver nodes_;
    std::vector<ThermalItem> thermal_;
};

}  // namespace sangre
