#pragma once
// Steps for what sits in the leads, and for returns that do not come back by a wire of their own.
#include "making/steps/steps.h"

namespace sangre {

/// Of one lead, by its index among all: one for every item in it, "item/<id>": cut into its lead, the right
/// way round, before the ends are joined; and one for its joint to the frame or to another return,
/// "return/<feed>".
std::vector<Step> item_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                             size_t lead);

}  // namespace sangre
