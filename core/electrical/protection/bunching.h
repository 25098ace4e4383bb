#pragma once
// How many loaded circuits lie together.
#include "electrical/mission/worst.h"
#include "harness/harness.h"

namespace sangre {

/// By feed: the circuits that warm one another in the way where most do, itself counted always and its
/// parallel conductors each. A circuit loaded below 30 % of what it may carry in the whole bunch is not
/// counted; its 30 % are of its wire's ampacity in the plan's hottest air times the factor for all that lie
/// there. Source: IEC 60364-5-52 B.52.17, note.
std::vector<int> bunched_circuits(const Plan& plan, const Catalogue& catalogue, const Harness& harness,
                                  const WorstCase& worst);

}  // namespace sangre
