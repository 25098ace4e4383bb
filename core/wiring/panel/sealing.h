#pragma once
// What keeps water out of a machine that has a sealed body: openings and glands in its walls, what is seated
// there, plugs that lie outside.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

struct Sealing {
    std::vector<Id> glands;         ///< whose nut is tightened on the lead
    std::vector<Id> to_fill;        ///< holes and grommets: sealant round what runs through them
    std::vector<Id> seats;          ///< parts and items in a wall: a ring under each flange
    std::vector<Id> to_grease;      ///< plugs outside that are not sealed themselves
    std::vector<Millimetre> rings;  ///< openings of `seats`
};

/// Empty for a machine without a sealed body: it is not said to meet water.
Sealing sealing(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
