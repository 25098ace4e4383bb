#pragma once
// Why loads cannot be wired, each with what would have to change.
#include "proposal/rails.h"

namespace sangre {

/// Loads that nothing could feed as they are said.
Refusals impossible_loads(const Plan& plan);

/// The loads that no battery serves even alone; where each would do alone, two that no battery serves
/// together; else the plan as a whole.
Refusals unserved(const Plan& plan, const Catalogue& catalogue, const Words& reason);

}  // namespace sangre
