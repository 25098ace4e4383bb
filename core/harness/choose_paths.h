#pragma once
// Which way every lead goes: the least long one past as little harm as there is, through openings that it
// fits through, and not beside what disturbs it.
#include <optional>
#include <string>
#include <vector>

#include "catalogue/catalogue.h"
#include "harness/paths.h"
#include "plan/part_places.h"

namespace sangre {

struct ChosenPath {
    Path path;
    bool pinned = false;  ///< by the ways that were said
    Words went_round;     ///< what a shorter path meets, and this does not; empty: this is the shortest
};

/// What a way counts as to a lead: its length, longer past what harms it, closed where an opening on it is
/// narrower than the thickest wire of the lead, or a bend of it tighter than the lead may be bent.
WayCost cost_for(const Plan& plan, const Catalogue& catalogue, const Lead& lead);
/// The same with the tightest bend of each way at hand.
WayCost cost_for(const Plan& plan, const Catalogue& catalogue, const Lead& lead,
                 const std::vector<std::optional<Millimetre>>& bends);

/// By lead, the feeds first. Each goes its own least costly path; then what is disturbed keeps off ways that
/// something noisy without a twist runs along, where that costs no more than half as much again; then leads
/// go round openings that are too full, those first that lose least by it: exactly least where six or fewer
/// could go round, else one after the other. Pinned leads stay.
std::vector<ChosenPath> choose_paths(const Plan& plan, const Catalogue& catalogue, const PartPlaces& places);

}  // namespace sangre
