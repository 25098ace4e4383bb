#pragma once
// Things taken along, put in elsewhere, or put in once more.
#include "output/files/plan_text.h"

namespace sangre {

/// These things and what goes with them: of a part the leads that end at it, of a place its ways.
std::set<Id> with_what_is_theirs(const Plan& plan, const std::set<Id>& things);

/// The same things once more, with what goes with them, under names of their own; a load runs when the one it
/// was copied from does.
tl::expected<Plan, TextError> with_duplicates(const Plan& plan, const Catalogue& catalogue,
                                              const std::set<Id>& things);

/// What `after` has and `before` has not, in the plan's order.
std::vector<Id> new_things(const Plan& before, const Plan& after);

}  // namespace sangre
