#pragma once
// The sign of an item that sits in a lead, wherever a lead is drawn on screen.
#include <QPainter>

#include "plan/plan.h"

namespace sangre::app {

/// Drawn over the supply at `on`, and over the return at `back` where it parts both. `open`: of a switch.
void draw_item(QPainter& p, DeviceKind kind, QPointF on, QPointF back, bool open);

}  // namespace sangre::app
