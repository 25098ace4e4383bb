#pragma once
// One feed for loads that stand together: a block in their place, and short feeds from there.
#include "plan/plan.h"

namespace sangre {

/// Where two loads or more hang on one source and stand in one place away from it, puts a block there and
/// feeds them from it, noisy ones and others apart. Blocks and feeds that `old` already had keep what the
/// builder gave them.
void group_feeds(Plan& plan, const Plan& old);

}  // namespace sangre
