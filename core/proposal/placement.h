#pragma once
// Where else a hub or a module could stand so that less copper, or less loss, runs to it.
#include "harness/harness.h"

namespace sangre {

struct BetterPlace {
    Id part;
    Id place;
    Gram now{}, then{};             ///< copper and insulation of all leads that end at it
    Metre wire_now{}, wire_then{};  ///< of those leads, all conductors together
};

/// Of every hub and module with two leads or more whose other ends stand somewhere, all by measured ways and
/// none with a length of its own: the place that takes least mass, where that saves 15 % and 5 g at
/// least. A module does not move into another closed body, which it would warm.
std::vector<BetterPlace> better_places(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
