#pragma once
// Which packs stand together: joined by conductors they keep one charge between them, apart each keeps its
// own.
#include "wiring/index/index.h"

namespace sangre {

struct PackGroup {
    std::vector<size_t> sources;  ///< by index, rising
    std::vector<size_t> loads;    ///< that it feeds, by index, rising
};

/// Groups in the order of their first packs. Packs are together when feeds and hubs join their supplies
/// without a module between them. A load belongs to the group its first way up leads to; one fed by none to
/// the first group.
std::vector<PackGroup> pack_groups(const Plan& plan, const PlanIndex& index);

}  // namespace sangre
