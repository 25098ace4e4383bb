#pragma once
// What can stop a load all by itself: everything that each of its ways to a source goes through.
#include "catalogue/catalogue.h"
#include "wiring/index/index.h"

namespace sangre {

enum class SinglePointKind { source, module, fuse, power_switch, plug, hub };

/// A part, or an item in a lead, without which the load is dark.
struct SinglePoint {
    SinglePointKind kind = SinglePointKind::fuse;
    Id id;       ///< of the part or item
    Words name;  ///< "Main switch", "fuse of Hub → Drive left"
    bool operator==(const SinglePoint&) const = default;
};

/// In order from the load to the source. A load with two ways has only what both go through; one without any
/// has none. Leads and joints count as sound: they are tugged and tied.
std::vector<SinglePoint> single_points(const Plan& plan, const PlanIndex& index, size_t load);

}  // namespace sangre
