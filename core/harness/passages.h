#pragma once
// How often a lead goes through an opening on its way.
#include "plan/plan.h"

namespace sangre {

/// Passages through `opening` along `ways` in order from the place `from`. Two ways that meet it at one point
/// of the path, or of which one does not say where, tell of the same passage.
size_t passages(const Plan& plan, const Id& from, const std::vector<size_t>& ways, const Id& opening);

}  // namespace sangre
