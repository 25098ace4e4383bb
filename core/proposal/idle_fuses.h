#pragma once
// Fuses that a builder would leave out of a proposal.
#include "base/why.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Pocket things below: the fuse at the cell is the only one, W; typical.
inline constexpr double small_watts = 25;

bool has_fuse(const Lead& feed);
void take_fuse_out(Lead& feed);

/// Where one load takes most of what the main fuse lets through, that fuse is its fuse too: another beside it
/// would only ask for a larger main.
void spare_the_strongest(Plan& plan, Why& why);

/// Sized by its loads. Where a wire needs no fuse of its own it gets none: behind a module whose limit it
/// withstands; in a small machine, where the one at the cell protects it; and where the builder wants none.
Plan sized_without_idle_fuses(Plan plan, const Catalogue& catalogue, Why& why);

}  // namespace sangre
