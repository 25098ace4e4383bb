#pragma once
// How warm each wire gets over the day, from phase to phase.
#include "electrical/mission/conditions.h"
#include "electrical/protection/protection.h"

namespace sangre {

struct WireDay {
    Celsius hottest{};   ///< at the end of the phase that warms it most, in the plan's hottest air
    size_t phase = 0;    ///< that one
    double settled = 1;  ///< share of that phase's steady rise it reached
};

/// Follows each feed's conductor through the phases as painted: each starts as warm as the one before left
/// it. `protection` holds each wire's heat balance.
std::vector<WireDay> wire_heat_over_day(const Plan& plan, const Solver& solver,
                                        const std::vector<FeedProtection>& protection);

}  // namespace sangre
