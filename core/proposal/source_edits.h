#pragma once
// Another source beside those that are there.
#include <string>
#include <vector>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// One of each kind to begin with, fitting what is there: a pack like the first, a panel for its charge, a
/// brick and a circuit of 12 V where nothing says otherwise.
std::vector<Source> source_offers(const Plan& plan, const Catalogue& catalogue);

/// Adds it with an id and a name of its own. A panel or a pack gets a fused lead to the first hub, sized, a
/// panel's with its fuse at the hub; loads and modules are hung on a supply or circuit by hand, since what
/// they hang on now may be right.
Plan add_source(Plan plan, const Catalogue& catalogue, Source source);

}  // namespace sangre
