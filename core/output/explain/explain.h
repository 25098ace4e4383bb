#pragma once
// Why the numbers of what is selected are what they are.
#include "comparison/feed_schools.h"

namespace sangre {

/// Why the numbers of a part, feed, way, step or reading are what they are. Empty title when nothing is
/// selected. The catalogue must outlive what follows.
Explained explain(const Plan& plan, const Catalogue& catalogue, const Study& study, const Id& subject);

}  // namespace sangre
