#pragma once
// A chosen pack against the plan that came of it: modules and wires take their share, and starters pull it
// down.
#include <functional>

#include "propose/propose.h"

namespace sangre {

/// Proposes anew from a plan with this pack.
using ProposeAgain = std::function<tl::expected<Proposal, Refusals>(const Plan&)>;

/// The proposal with its pack chosen larger, by 30 % at a time, until its day leaves a fifth and nothing
/// restarts when something starts. A pack that was there before stays as it is; where no pack to eight times
/// the size keeps all running, the one that lasts the day.
Proposal with_enough_pack(Proposal made, const Plan& old, const Catalogue& catalogue,
                          const ProposeAgain& again);

}  // namespace sangre
