#pragma once
// What sits in a wall: the opening it wants, and the room behind it.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

struct PanelFit {
    Millimetre cutout{};  ///< 0: not known
    Millimetre behind{};  ///< 0: not known
};

/// As the builder says, else as the catalogue has it of its kind.
PanelFit panel_fit(const Catalogue& catalogue, const Device& item);

/// The most room there is behind any wall of a body: its widest inner measure, less the wall that stands
/// opposite. Nothing where it was not measured.
std::optional<Millimetre> room_behind(const Body& body);

}  // namespace sangre
