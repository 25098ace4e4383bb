#pragma once
// How a thing sits in a wall, in section.
#include "output/diagram/step_pen.h"

namespace sangre {

/// Its front at the left: flange or ring nut, seal, hole, what it wants behind, which way it points.
void draw_seat(StepPen& pen, const Seat& seat, SeatHold hold, bool sealed, const std::string& name);

}  // namespace sangre
