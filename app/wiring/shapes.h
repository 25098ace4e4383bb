#pragma once
// Shapes of the core, painted: a diagram's sheet, and the sign of an item wherever a lead is drawn.
#include <QPainter>

#include "output/diagram/diagram.h"

namespace sangre::app {

/// Millimetres of paper are units of the painter. `on_paper`: in print's colours, whatever the theme.
void draw_shapes(QPainter& p, const std::vector<DiagramShape>& shapes, bool on_paper);

}  // namespace sangre::app
