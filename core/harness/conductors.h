#pragma once
// Which conductors there will be: the one list that mass, holes, cuts, shopping and labels count from.
#include "plan/plan.h"

namespace sangre {

/// One wire from end to end of a feed.
struct FeedConductor {
    size_t feed = 0;
    bool is_return = false;
    int number = 1;  ///< among those alike, in parallel
    int alike = 1;
    std::string colour;
};

/// Of one feed: its supply, and its return where it has one of its own, as many of each as lie in parallel.
std::vector<FeedConductor> conductors_of(const Plan& plan, size_t feed);

}  // namespace sangre
