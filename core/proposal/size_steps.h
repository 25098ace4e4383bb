#pragma once
// One size up or down: what a turn of the wheel or a drag does to a fuse, a wire or a length.
#include "catalogue/catalogue.h"
#include "plan/edits.h"

namespace sangre {

/// The fuse of a feed by so many ratings of its family, held at both ends; a feed without one stays without.
Plan step_fuse(Plan plan, const Catalogue& catalogue, const Id& feed, int steps);
/// The wire by so many usual sizes of its insulation and standard, held at both ends; up is thicker.
Plan step_wire(Plan plan, const Catalogue& catalogue, const Id& feed, int steps);
/// The length by so many times 5 cm from `now`, never below 5 cm; it counts as measured from then on.
Plan step_length(Plan plan, const Id& feed, Metre now, int steps);

}  // namespace sangre
