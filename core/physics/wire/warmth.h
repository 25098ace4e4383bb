#pragma once
// How much warmer than the air a conductor settles, in any air: what makes its resistance follow its current.
#include <memory>

#include "physics/wire/thermal.h"

namespace sangre {

class WireWarmth {
  public:
    /// Alone in free air; `conductors` alike in parallel share the current.
    WireWarmth(const WireType& wire, const Insulation& insulation, int conductors);
    /// K over the air at this current for long, A. Read between the heat balances at −40 and 80 °C of air,
    /// which differ by a tenth: within a percent of WireThermal::steady. Held at 1000 °C.
    double rise(double amps, double air_c) const;

  private:
    double beyond(double amps, double air_c) const;
    std::shared_ptr<const WireThermal> cold_, hot_;
    /// K at each step of current up to four times what the wire carries, at both airs: read in every
    /// iteration.
    struct Pair {
        double cold, hot;
    };
    std::vector<Pair> table_;
    double per_amp_ = 1;  ///< steps of the table
};

/// One for each wire and count, made once, for all threads.
std::shared_ptr<const WireWarmth> warmth_of(const WireType& wire, const Insulation& insulation,
                                            int conductors);

}  // namespace sangre
