#pragma once
// Fits every feed with a wire and a fuse, and every rail with its set voltage, until the numbers agree.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Sizes wires by the plan's school, fuses by its policy, thickens a wire that its smallest carrying fuse
/// would not protect or that starves a load, sets the rails, and repeats until nothing changes (at most 24
/// rounds). Ends without a joint, or with one that does not take the wire, get one by the builder's school.
Plan size_feeds(Plan plan, const Catalogue& catalogue);

}  // namespace sangre
