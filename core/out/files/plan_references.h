#pragma once
// What a plan names must be there.
#include "plan/plan.h"

namespace sangre {

/// Ids must be unique and references must lead somewhere; the first that does not is thrown as a BadPlace.
void check_references(const Plan& plan);

}  // namespace sangre
