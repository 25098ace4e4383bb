#pragma once
// Parts that draw nothing: the opening made, the part seated in it.
#include "making/steps/steps.h"

namespace sangre {

/// One step for each that sits somewhere: drilled where it has an opening, then in with what holds it. Its
/// leads are joined before where they cannot be reached after, and its ring or nut waits on them.
std::vector<Step> passive_steps(const Plan& plan);

}  // namespace sangre
