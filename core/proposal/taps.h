#pragma once
// How a plan is joined to what feeds it already: an adapter in the slot, rings at studs, a forked lead.
#include "base/why.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Of a plan whose leads are sized: a lead from a circuit with a fuse begins in an adapter in that fuse's
/// slot, of its own family; one from a circuit whose fuse is not known, with rings at the battery's studs.
/// Where the catalogue has no adapter for the family and the rating, the holder stays as it is. Source:
/// practice.
Plan with_taps(Plan plan, const Catalogue& catalogue, Why& why);

/// True for a brick that a forked lead does for: five amperes at the most, two to four loads straight from it
/// and nothing else.
bool wants_fork(const Plan& plan, const Id& hub);

}  // namespace sangre
