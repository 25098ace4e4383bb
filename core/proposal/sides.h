#pragma once
// Sources that share no load stay apart: each side is proposed by itself, and the sides are put together.
#include <functional>

#include "proposal/propose.h"

namespace sangre {

/// The parts of a plan that no feed joins with the rest, each with its sources, and the loads on it. What
/// nothing feeds yet goes to the first side that has a source of its own; a source that feeds nothing is on
/// no side unless it is the only one. One side where all hangs together.
std::vector<Plan> sides_of(const Plan& plan);

using ProposeSide = std::function<tl::expected<Proposal, Refusals>(const Plan&)>;

/// Proposes each side of the old plan and joins them again under ids of their own.
tl::expected<Proposal, Refusals> propose_sides(const Plan& old, const std::vector<Plan>& sides,
                                               const ProposeSide& propose_side);

/// Passes every id of the plan's sources, hubs, converters and feeds through `renamed`; loads keep theirs.
void rename_parts(Plan& plan, const std::function<Id(const Id&)>& renamed);

/// One side's reasons under a heading of its own.
void tell_side(Why& why, const Words& heading, const Why& side);

}  // namespace sangre
