#pragma once
// What sits in a wall: the opening it wants, and the room behind it.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// As the builder says, else as the catalogue has it of its kind.
Seat panel_fit(const Catalogue& catalogue, const Device& item);

/// What holds a seated part, the usual of its kind where nobody said.
SeatHold held_by(const Passive& part);
SeatHold held_by(const Device& item);
/// True for what a nut behind its wall holds: the nut does not go over a joint or a plug at the far end.
bool seated_before_its_wires(const Passive& part);
/// True where water is kept out of the body, so that what sits in its wall needs a seal under its flange.
bool needs_seal(const Plan& plan, const Id& body);

/// The most room there is behind any wall of a body: its widest inner measure, less the wall that stands
/// opposite. Nothing where it was not measured.
std::optional<Millimetre> room_behind(const Body& body);

}  // namespace sangre
