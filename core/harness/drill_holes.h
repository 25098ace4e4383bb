#pragma once
// The holes that a machine wants before its first wire: where, how wide, by which drill.
#include "harness/harness.h"

namespace sangre {

struct DrillHole {
    Id subject;          ///< opening, or part that sits in one
    Words name;          ///< "grommet Deck, left front"
    Words in;            ///< the body whose wall; empty: nobody has said
    Words takes;         ///< what sits in it: "grommet 8 mm"; empty: nothing
    Millimetre drill{};  ///< of the standard series
    bool step = false;   ///< a step drill: too wide for a twist drill in thin wall
    Words points{};      ///< which way what sits in it points: "latch up"
};

/// The smallest drill of the standard series that makes a hole of that width: by halves to 13 mm, from there
/// on by the whole millimetres of step drills and hole saws.
Millimetre standard_drill(Millimetre width);

/// Of every opening whose width is known or follows from what goes through it, then of parts that sit in one.
std::vector<DrillHole> drill_holes(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

}  // namespace sangre
