#pragma once
// The operating point of a circuit: nodal analysis with Newton's method on the general graph (Eigen + KLU).
#include <memory>

#include "physics/network/network.h"
#include "physics/network/operating_point.h"

namespace sangre {

struct Answers;

/// Solves one network for many demands; the symbolic factorisation is made once.
/// Every conductor is as warm as its own current makes it in the long run, one circuit in free air, unless
/// the demand is brief. Kirchhoff's current law holds at the answer to 1e-9 × scale. "Browns out" is a
/// result, not an error. An answer is sought by Newton's method, along the load from nothing to all of it,
/// through time until nothing moves, and along a path that lets go of a tied network; where none of them
/// finds one, the point says so.
class NodalSolver {
  public:
    explicit NodalSolver(std::shared_ptr<const Network> network);
    ~NodalSolver();
    NodalSolver(const NodalSolver&) = delete;
    NodalSolver& operator=(const NodalSolver&) = delete;

    /// Starts Newton at an earlier answer, where `near` is one.
    OperatingPoint solve(const Demand& demand, const OperatingPoint& near) const;
    const Circuit& circuit() const;
    /// From here on keeps every answer, and begins at those that an earlier solver kept (none: null): where
    /// nothing that bears on one has changed it is the answer; else Newton's method starts there if all was
    /// well there, and its answer counts if all is well here. What follows is then the same as from cold,
    /// sooner.
    void remember(std::shared_ptr<const Answers> earlier);
    /// What was kept; ends the keeping.
    std::shared_ptr<const Answers> take_answers();
    /// Fills in what each brown-out of a solved point has too much.
    void explain_brown_outs(const Demand& demand, OperatingPoint& point) const;

  private:
    struct Inside;
    std::unique_ptr<Inside> inside_;
};

}  // namespace sangre
