#pragma once
// Where parts stand before anybody has said so.
#include "plan/plan.h"

namespace sangre {

/// Parts that have no place yet: sources, hubs, modules, loads, then what draws nothing.
std::vector<Id> unplaced(const Plan& plan);

/// Places for all parts that have none: one for each load and source, one for hubs and modules, laid out so
/// that what is joined lies near; what has a place keeps it.
Plan place_all(Plan plan);

}  // namespace sangre
