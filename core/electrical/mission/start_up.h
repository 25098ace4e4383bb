#pragma once
// The instants in which something is switched on: what starts together, and what that does to the rest.
#include "electrical/mission/conditions.h"

namespace sangre {

/// Loads that start at once while all else runs as the phase has it.
struct SwitchingInstant {
    Words what;                  ///< "Fog pump starts", "Main is closed"
    std::vector<bool> starting;  ///< by load
    Second lasts{};              ///< the longest of their starts
};

/// In this phase, what came before it being `before` (null: all off): every switch that closes, with all
/// behind it, and each rail's hardest starter by itself; at most `most` of those, beyond which the hardest of
/// all rails are taken together, which is no less hard. Only loads that start harder than they run count.
std::vector<SwitchingInstant> switching_instants(const Plan& plan, const PlanIndex& index, const Phase& phase,
                                                 const Phase* before, size_t most = 6);

/// True of what restarts when its voltage falls short for a moment; a motor turns slower, a lamp dims.
bool restarts(const Load& load);

}  // namespace sangre
