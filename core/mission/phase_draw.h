#pragma once
// What one phase takes from the packs as their charge falls: solved at a few charges, read between them.
#include "mission/conditions.h"

namespace sangre {

/// The network of one phase at one charge.
struct DrawPoint {
    double charge = 0, amps = 0, volts = 0;
    double drawn_watts = 0;          ///< by the loads
    std::vector<double> load_watts;  ///< by load
    std::vector<size_t> brown_outs;  ///< loads, by index
    std::vector<bool> locked;        ///< by converter: has let go for want of input
};

class PhaseDraw {
  public:
    /// Solves at six charges and between them wherever a straight line would be off by more than 1 %.
    PhaseDraw(const Plan& plan, const Solver& solver, const Phase& phase, Celsius air);

    double amps(double charge) const { return read(charge, &DrawPoint::amps); }
    double volts(double charge) const { return read(charge, &DrawPoint::volts); }
    /// Adds what each load takes in so many hours at this charge.
    void add_energy(std::vector<WattHour>& by_load, double charge, double hours) const;
    /// By charge, rising.
    const std::vector<DrawPoint>& points() const { return points_; }

  private:
    size_t below(double charge) const;
    double read(double charge, double DrawPoint::*value) const;
    std::vector<DrawPoint> points_;
};

}  // namespace sangre
