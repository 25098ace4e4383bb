#pragma once
// A drilling template: every opening at its true size, to print, cut out and stick on.
#include "diagram/diagram.h"

namespace sangre {

struct DrillHole {
    Id subject;          ///< opening, or part that sits in one
    std::string name;    ///< "grommet Deck, left front"
    std::string in;      ///< the body whose wall; empty: nobody has said
    std::string takes;   ///< what sits in it: "grommet 8 mm"; empty: nothing
    Millimetre drill{};  ///< of the standard series
    bool step = false;   ///< a step drill: too wide for a twist drill in thin wall
};

/// The smallest drill of the standard series that makes a hole of that width: by halves to 13 mm, from there
/// on by the whole millimetres of step drills and hole saws.
Millimetre standard_drill(Millimetre width);

/// Of every opening whose width is known or follows from what goes through it, then of parts that sit in one.
std::vector<DrillHole> drill_holes(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

/// On A4 sheets at 1:1, each with a line of 100 mm to see that the printer did not scale.
std::vector<DiagramSheet> drill_sheets(const std::vector<DrillHole>& holes);

}  // namespace sangre
