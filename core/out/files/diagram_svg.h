#pragma once
// A sheet of the wiring diagram as an SVG file, for those who have no window.
#include "diagram/diagram.h"

namespace sangre {

/// SVG 1.1 in millimetres, light colours, text as text.
std::string diagram_to_svg(const DiagramSheet& sheet);

}  // namespace sangre
