#pragma once
// A second pack for what is quiet: two proposals side by side that share nothing.
#include "proposal/propose.h"

namespace sangre {

/// True where the plan's practice is two packs and there is something for each: loads that are sensitive and
/// not noisy on one side, all others on the other.
bool wants_two_packs(const Plan& plan);

/// Parts of the quiet side carry this at the end of their ids, so that a later proposal finds them again.
inline constexpr const char* quiet_suffix = "-quiet";

/// Proposes each side by itself and puts them together; the quiet pack is chosen for its own loads. Returns
/// stay apart: no current of a motor passes a wire of a camera.
tl::expected<Proposal, Refusals> propose_two_packs(const Plan& old, const Catalogue& catalogue);

/// The plan without the quiet side's parts: for a proposal with one pack.
Plan without_quiet_side(Plan plan);

}  // namespace sangre
