#pragma once
// What the school of flight leaves without a fuse.
#include <algorithm>

#include "review/review.h"

namespace sangre {

/// By choice without a fuse: of what flies, by that school, where something vital hangs behind it.
inline bool flies_unfused(const Context& c, size_t feed) {
    if (!c.plan.flies || c.plan.practices.flight != FlightSchool::unfused) return false;
    const auto& behind = c.index().loads_behind(feed);
    return std::any_of(behind.begin(), behind.end(), [&](size_t l) { return c.plan.loads[l].vital; });
}

}  // namespace sangre
