#pragma once
// A bundle in section: what it is packed of, and the wires in that.
#include "harness/harness.h"
#include "output/diagram/pen.h"

namespace sangre {

/// About `centre`, `scale` millimetres of paper for each of the bundle's.
void draw_packed(DiagramPen& pen, const Plan& plan, const HoleFill& fill, PaperPoint centre, double scale);

}  // namespace sangre
