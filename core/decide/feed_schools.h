#pragma once
// What each school would put into a feed: its wire by heat or by drop or by rule of thumb, its fuse small or
// large, sizes in AWG or mm².
#include "study.h"

namespace sangre {

/// Adds the schools of one feed to its reason, each with what it chooses, to be followed here or in the whole
/// plan. The catalogue must outlive what follows. Nothing where the feed has no wire.
void add_feed_schools(Why& why, const Plan& plan, const Catalogue& catalogue, const Study& study,
                      size_t feed);

}  // namespace sangre
