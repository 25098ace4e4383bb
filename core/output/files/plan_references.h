#pragma once
// What a plan names must be there.
#include "plan/plan.h"

namespace sangre {

/// Ids, of items too, must be unique and references must lead somewhere; the first that does not is thrown as
/// a BadPlace. No load may have its least voltage above its greatest. `lead_places`: of each lead its place
/// in the file; empty: as in the plan, which is as a file is written.
void check_references(const Plan& plan, const std::vector<size_t>& lead_places = {});

}  // namespace sangre
