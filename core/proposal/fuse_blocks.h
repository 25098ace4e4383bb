#pragma once
// Many fused branches from one place sit in a fuse block, not each in a holder of its own.
#include "base/why.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Of a plan whose leads are sized: where five or more fused leads leave a hub they begin in the ways of a
/// block, on the hub itself where all of them do and its bar carries the machine, else on a block of their
/// own behind a fused lead. `old`: what stood before; a hub of another kind there was chosen and stays so.
/// Source: practice.
Plan on_fuse_blocks(Plan plan, const Plan& old, const Catalogue& catalogue, Why& why);

}  // namespace sangre
