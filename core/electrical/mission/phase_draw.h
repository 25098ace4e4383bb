#pragma once
// What one phase takes from the packs as their charge falls: solved at a few charges, read between them.
#include "electrical/mission/conditions.h"
#include "wiring/packs/pack_groups.h"

namespace sangre {

/// What one group of packs gives.
struct DrawGroup {
    double amps = 0, volts = 0;
};

/// The network of one phase with every pack at one charge.
struct DrawPoint {
    double charge = 0;
    bool found = true;
    std::vector<DrawGroup> groups;
    double drawn_watts = 0;          ///< by the loads
    std::vector<double> load_watts;  ///< by load
    std::vector<size_t> brown_outs;  ///< loads, by index
    std::vector<bool> locked;        ///< by converter: has let go for want of input
};

class PhaseDraw {
  public:
    /// Solves at six charges and between them wherever a straight line would be off by more than 1 %.
    /// What groups take hardly depends on one another's charge: all are solved at the same one.
    PhaseDraw(const Plan& plan, const Solver& solver, const std::vector<PackGroup>& groups,
              const Phase& phase, Celsius air);

    double amps(size_t group, double charge) const { return read(group, charge, &DrawGroup::amps); }
    double volts(size_t group, double charge) const { return read(group, charge, &DrawGroup::volts); }
    /// Adds what each of these loads takes in so many hours at this charge.
    void add_energy(std::vector<WattHour>& by_load, const std::vector<size_t>& loads, double charge,
                    double hours) const;
    /// False where one of the points has no operating point: nothing can then be read between them.
    bool found() const;
    /// By charge, rising.
    const std::vector<DrawPoint>& points() const { return points_; }

  private:
    size_t below(double charge) const;
    double read(size_t group, double charge, double DrawGroup::*value) const;
    std::vector<DrawPoint> points_;
};

}  // namespace sangre
