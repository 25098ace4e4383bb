#pragma once
// A sheet of the wiring diagram as an SVG file, for those who have no window.
#include "output/diagram/diagram.h"

namespace sangre {

/// SVG 1.1 in millimetres, light colours, text as text.
std::string diagram_to_svg(const DiagramSheet& sheet);

/// A text as it stands in XML and HTML; control characters become blanks.
std::string xml_escaped(const std::string& text);

}  // namespace sangre
