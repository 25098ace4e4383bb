#pragma once
// What the hands do to seat a thing in a wall, whatever it is.
#include "making/steps/steps.h"

namespace sangre {

/// Adds to a seat's step: its hole tried, its seal where water is kept out, what holds it and on which side,
/// which way it points, how far it stands out and how deep it is behind.
void tell_seat(Step& step, const Plan& plan, const Seat& seat, SeatHold hold, const Id& body);

}  // namespace sangre
