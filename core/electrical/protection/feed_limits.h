#pragma once
// What a feed's plugs, switches, joints and leads withstand: an insulation's 200 °C is not its plug's.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// One thing in or at the ends of a feed. What is 0 is not limited by it.
struct ItemLimit {
    Id device;  ///< empty for a joint or a lead
    Words name;
    Ampere rated{};
    Volt voltage{};
    Celsius hottest{1000};           ///< that the conductor in it may be
    const WireType* lead = nullptr;  ///< the thinner wire that the load or a holder came with
};

/// Of every item but the fuse itself, whose holder's temperature counts: devices, joints at both ends and
/// at items, a holder's own leads and the load's. Unknown catalogue ids are left out; findings name them.
std::vector<ItemLimit> item_limits(const Plan& plan, const Lead& feed, const Catalogue& catalogue);

}  // namespace sangre
