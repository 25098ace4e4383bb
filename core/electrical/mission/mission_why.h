#pragma once
// The day in words: what each pack does in it, what the sun brings, how long it lasts.
#include <cmath>

#include "electrical/mission/mission.h"

namespace sangre {

/// One group of packs: they stand at one charge.
struct PackRun {
    size_t group = 0;
    double amp_hours = 0, cutoff = 0;
    double leak_amps = 0;  ///< self-discharge
    double peukert = 1, rated_amps = 1;
    double longest_step = 1e9;
    bool endless = false;  ///< a supply or a vehicle's circuit: its charge stays what it is

    /// How fast the charge falls at this current, in ampere-equivalents.
    double drain(double amps) const {
        const double faster = amps > rated_amps ? std::pow(amps / rated_amps, peukert - 1) : 1;
        return amps * faster + leak_amps;
    }
};

/// Fills the reason of a mission that has been played. `packs`: by group.
void explain_mission(Mission& m, const Plan& plan, const std::vector<PackRun>& packs, Celsius air);

}  // namespace sangre
