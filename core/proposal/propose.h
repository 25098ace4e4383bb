#pragma once
// From a list of loads to a whole wired plan, with reasons; or which load cannot be served, and why.
#include <tl/expected.hpp>
#include <vector>

#include "base/why.h"
#include "catalogue/catalogue.h"
#include "proposal/rails.h"

namespace sangre {

struct Proposal {
    Plan plan;
    Why why;
};

/// Keeps the loads, mission, places, practices, records and, where it serves, the battery; makes hubs, rails
/// and feeds anew. Measured lengths, connectors and joints of feeds between the same two parts are kept, and
/// so are ids.
tl::expected<Proposal, Refusals> propose(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
