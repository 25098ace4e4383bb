#pragma once
// A drilling template: every opening at its true size, to print, cut out and stick on.
#include "harness/drill_holes.h"
#include "output/diagram/diagram.h"

namespace sangre {

/// On A4 sheets at 1:1, each with a line of 100 mm to see that the printer did not scale.
std::vector<DiagramSheet> drill_sheets(const std::vector<DrillHole>& holes);

}  // namespace sangre
