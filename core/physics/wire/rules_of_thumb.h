#pragma once
// The two rules builders swear by, shown beside the physics.
#include "base/units/quantity.h"

namespace sangre {

/// Cautious: 700 circular mils per ampere. Source: trade practice for transformers and enclosed wiring.
Ampere cautious_current(SquareMillimetre area);

/// Bold: "chassis wiring" in free air, about 50 K of rise, interpolated log-log in the trade table from
/// 4/0 to 30 AWG and extended along its ends. Source: trade tables.
Ampere bold_current(SquareMillimetre area);

}  // namespace sangre
