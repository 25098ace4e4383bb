#pragma once
// What a step looks like: one drawing for screen, paper and book.
#include "making/steps/steps.h"
#include "output/diagram/diagram.h"

namespace sangre {

inline constexpr double step_drawing_wide = 160, step_drawing_tall = 58;  ///< mm

/// Of the kind of step, from the plan's own figures: the piece to cut with its labels, the opening with the
/// lead in it, the tube where it waits, the joint, the item in its lead, the module with screw and probes,
/// the meter, the holds along the way … Left and right as seen by who does it. No shapes where there is
/// nothing to draw.
DiagramSheet step_drawing(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                          const Step& step);

}  // namespace sangre
