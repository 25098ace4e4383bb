#pragma once
// What the school of flight leaves without a fuse.
#include <algorithm>

#include "plan/plan.h"
#include "wiring/index/index.h"

namespace sangre {

/// By choice without a fuse: of what flies, by that school, where the loss of what hangs behind is a crash.
inline bool flies_unfused(const Plan& plan, const PlanIndex& index, size_t feed) {
    if (!plan.flies || plan.practices.flight != FlightSchool::unfused) return false;
    const auto& behind = index.loads_behind(feed);
    return std::any_of(behind.begin(), behind.end(), [&](size_t l) { return plan.loads[l].vital; });
}

}  // namespace sangre
