#pragma once
// Another source beside those that are there.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Adds it with an id of its own. A panel or a pack gets a fused lead to the first hub, sized, a panel's with
/// its fuse at the hub; loads and modules are hung on a supply or circuit by hand, since what they hang on
/// now may be right.
Plan add_source(Plan plan, const Catalogue& catalogue, Source source);

}  // namespace sangre
