#pragma once
// A chosen pack against the plan that came of it: modules and wires take their share, and starters pull it
// down.
#include <functional>

#include "proposal/propose.h"

namespace sangre {

using ProposeFrom = std::function<tl::expected<Proposal, Refusals>(const Plan&)>;
using BringToRest = std::function<Proposal(Proposal)>;

/// True where the plan's first pack leaves after its usual day what its cells want left, nothing restarts,
/// and it is asked for no more amperes than it gives for good.
bool enough_for_the_day(const Plan& plan, const Catalogue& catalogue);

/// The proposal with its pack chosen larger until its day leaves a fifth and nothing restarts when something
/// starts. A pack that was there before stays as it is; where no pack up to eight times as large keeps all
/// running, the one that lasts the day. `once` proposes, `to_rest` goes on until proposing again changes
/// nothing.
tl::expected<Proposal, Refusals> with_enough_pack(const Plan& old, const Catalogue& catalogue,
                                                  const ProposeFrom& once, const BringToRest& to_rest);

}  // namespace sangre
