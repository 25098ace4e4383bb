#pragma once
// Which of the catalogue an item is where a line names its kind alone: “item meter”, “item fuse 5 A”.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Gives an item without a type the one that a proposal would take for what its lead carries: the peak of the
/// load that it ends at, else what all loads draw together, at the highest voltage of the plan's sources. A
/// fuse is of the first family that has its rating; one without a rating, and what the catalogue has nothing
/// for, stays as it is.
void take_usual_type(const Plan& plan, const Catalogue& catalogue, const Lead& lead, Device& item);

}  // namespace sangre
