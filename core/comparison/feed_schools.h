#pragma once
// What each school would put into a feed: its wire by heat or by drop or by rule of thumb, its fuse small or
// large, sizes in AWG or mm².
#include "plan/edits.h"
#include "rules/study.h"

namespace sangre {

/// What following a school does.
struct Follow {
    Edit here;        ///< to what the reason is about; empty where it cannot be followed
    Edit everywhere;  ///< makes it the way of the whole plan; may be empty
};

/// A reason, and by each of its schools how it is followed.
struct Explained {
    Why why;
    std::vector<Follow> follow{};
};

/// Adds the schools of one feed to its reason, each with what it chooses, to be followed here or in the whole
/// plan. The catalogue must outlive what follows. Nothing where the feed has no wire.
void add_feed_schools(Explained& to, const Plan& plan, const Catalogue& catalogue, const Study& study,
                      size_t feed);

}  // namespace sangre
