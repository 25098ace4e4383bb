#pragma once
// From the last joint to the battery fuse: dead tests, first power, one rail after the other, closing up.
#include "making/steps/steps.h"

namespace sangre {

/// What there is already, a circuit or a brick, measured before anything is built on it.
std::vector<Step> source_steps(const Plan& plan, const Catalogue& catalogue);

/// Steps that prove what the others have made, after `joints` (keys). Beeps and shorts are looked for with
/// every fuse that goes into a holder left out; each is then fitted once, after what it lets power into has
/// been proved: those before the modules, then first power, each module's own once its output is right, those
/// of what hangs on the pack directly, the pack's last.
std::vector<Step> proving_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                const std::vector<std::string>& joints);

}  // namespace sangre
