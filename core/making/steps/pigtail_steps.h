#pragma once
// Splices where many wires meet in one joint.
#include "making/steps/steps.h"

namespace sangre {

/// One step for each splice made as a pigtail, both polarities in it: tube on, strip, twist, join, cover, tug
/// each.
std::vector<Step> pigtail_steps(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
