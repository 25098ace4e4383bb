#pragma once
// The fuse against the wire, as points to draw.
#include "electrical/protection/protection.h"

namespace sangre {

struct CurrentTime {
    double amps, seconds;
};

struct FeedCurves {
    std::vector<CurrentTime> fast, slow;  ///< the fuse's edges; empty without a fuse
    std::vector<CurrentTime> wire;        ///< how long the wire stands each current
    std::vector<CurrentTime> before;  ///< the fast edge of the next fuse towards the pack; empty without one
    Ampere before_rating{};
    std::vector<CurrentTime>
        load;                ///< the current the load asks for, as a staircase from long to short times
    double prospective = 0;  ///< of a short at the far end, A
    double least_amps = 1, most_amps = 1000;
    Words words;  ///< the crossing that matters
    bool sound = true;
};

/// Between 1 ms and 1000 s, log-spaced.
/// `before`: the feed with the next fuse towards the pack, or null.
FeedCurves feed_curves(const FeedProtection& feed, const FeedProtection* before = nullptr);

/// The next feed towards the pack that has a fuse of its own; empty where there is none.
std::optional<size_t> fuse_before(const Plan& plan, const PlanIndex& index,
                                  const std::vector<FeedProtection>& feeds, size_t feed);

}  // namespace sangre
