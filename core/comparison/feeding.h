#pragma once
// How one more load may be fed: its own line from the pack, from a block, or from the end of a circuit that
// is there.
#include <tl/expected.hpp>

#include "catalogue/catalogue.h"
#include "rules/study.h"

namespace sangre {

/// Gives the load a fused line of its own from the pack. Refused where it hangs on a rail, which a pack
/// cannot replace.
tl::expected<Plan, Words> own_line(const Plan& plan, const Catalogue& catalogue, const Id& load);

/// Feeds the load from the end of another load's circuit: a block where that load stands, from which both go
/// on, each with a fuse of its own. Refused where the load would get another voltage, or where that circuit's
/// fuse or wire has no room for both; the reason has the figures. `study` is the plan's.
tl::expected<Plan, Words> tap_circuit(const Plan& plan, const Catalogue& catalogue, const Study& study,
                                      const Id& load, const Id& circuit);

/// The circuit that a tap for this load costs least wire from: that of a load in its place or the nearest, on
/// the same source. Empty where there is none.
Id best_circuit_to_tap(const Plan& plan, const Catalogue& catalogue, const Study& study, const Id& load);

}  // namespace sangre
