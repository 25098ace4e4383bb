#pragma once
// What fails only when the pack is nearly empty, or in the coldest air: said with its figures and what would
// mend it, and no reason for another machine.
#include "rules/review/review.h"

namespace sangre {

/// True where what feeds the part, up to where it begins, is a pack.
bool runs_from_packs(const Context& c, const Id& part);

/// Adds to a finding that the part is well on a usual day, at `usually`, and a larger pack as a mend where
/// one up to three times as large takes the `lacking` volts less.
void deep_only(const Context& c, Finding& f, const Id& part, Volt usually, Volt lacking);

}  // namespace sangre
