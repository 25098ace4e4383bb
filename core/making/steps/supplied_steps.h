#pragma once
// Cutting a lead that came with a part: from which end, what stays on it, what goes back into the drawer.
#include "making/steps/steps.h"
#include "wiring/cable/supplied.h"

namespace sangre {

/// Makes of the step that cuts a lead the one for a supplied lead; leaves it as it is where it is not one.
void tell_supplied(Step& step, const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                   size_t lead);

}  // namespace sangre
