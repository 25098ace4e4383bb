#pragma once
// Hubs whose leads begin at fuses: which block suits, and which fuses sit in its ways.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// That the barrel plug of a forked lead carries; typical of 5.5 mm.
inline constexpr Ampere fork_carries{5};

/// The block that a hub is; null for another kind of hub and where none is said.
const HolderType* block_of(const Catalogue& catalogue, const Hub& hub);

/// The cheapest block with a way for every lead that leaves the hub, whose bar carries the fuse before it,
/// whose ways carry the fuses of those leads, and whose volts are the plan's. Null where none does, and where
/// a lead that leaves has no fuse: a block has no way without one.
const HolderType* suiting_block(const Plan& plan, const Catalogue& catalogue, const Id& hub);

/// The fuses of the leads that leave blocks sit in their ways, those of all others do not; a block that is
/// not said, or has fewer ways than leads, becomes the one that suits.
Plan seat_in_blocks(Plan plan, const Catalogue& catalogue);

}  // namespace sangre
