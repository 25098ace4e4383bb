#pragma once
// What a source is in the network at one instant.
#include "physics/network/elements.h"
#include "physics/network/operating_point.h"
#include "physics/parts/source.h"

namespace sangre {

/// Of a pack its rest voltage behind its resistance, or its charger's; `chemistry` is null where it has none.
/// A supply holds its volts to 2 % and gives a fifth more than is printed on it, less what it feeds already
/// (typical); it takes nothing back. A circuit drops 0.3 V at its fuse's rating on the way to the tap
/// (typical) where its wire is not known. A panel pushes its watts at its controller's voltage, as far as the
/// sun goes.
SourceLaw source_law(const Source& source, const Chemistry* chemistry, const Demand& demand);

/// Out and back, from the vehicle's battery to the tap: its wire and 10 mΩ where that is said, else 0.3 V at
/// the fuse's rating (typical), else 50 mΩ.
Ohm circuit_resistance(const Source& circuit);

/// A supply's limit over what is printed on it; from there it folds back and starts again.
inline constexpr double supply_limit = 1.2;

}  // namespace sangre
