#pragma once
// One conductor of a cable from its pin to the other end: in its colour, winding round its partners, or left
// over at both ends.
#include "widgets/canvas.h"
#include "wiring/cable/cable.h"

namespace sangre::app {

/// Draws core `core` of `cable` between `left` and `right` at height `y`, `thick` wide, in rows `tall` apart.
void draw_core(QPainter& p, const Lead& cable, size_t core, double left, double right, double y, double tall,
               double thick);

}  // namespace sangre::app
