#pragma once
// Mends are tried before they are offered: on a copy of the plan, with everything worked out anew.
#include "proposal/propose.h"
#include "rules/study.h"

namespace sangre {

/// A mend that was tried: it clears its finding and brings no other.
struct Mend {
    Words label;  ///< "Fit a 5 A standard blade fuse"
    Words cost;   ///< what else it changes: "+12 g, −3 min"; empty: nothing that a builder would feel
    Plan plan;    ///< the plan as it becomes
};

/// Of a finding's fixes those that stand the trial, the plainest first: afterwards the finding is gone, no
/// danger or caution is there that was not before, and of a note's no further note either. At the most
/// `most`.
std::vector<Mend> tried_mends(const Plan& plan, const Catalogue& catalogue, const Study& study,
                              const Finding& finding, size_t most = 3);

/// The proposal, and then every danger and caution in it mended for which some mend stands the trial.
tl::expected<Proposal, Refusals> propose_and_mend(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
