#pragma once
// Of the packs that serve, the few worth having.
#include "proposal/battery_comparison.h"

namespace sangre {

/// Differences up to this do not count.
inline constexpr double no_matter = 0.08;

/// Marks those that nothing else beats in mass, cost, useful run time and rails, at most ten, says of the
/// others what stands in their way, and puts the front first, by mass.
void find_front(std::vector<BatteryCandidate>& list, const Catalogue& catalogue);

}  // namespace sangre
