#pragma once
// When a fuse opens: the gates of its family, its re-rating, and what it rides.
#include "physics/parts/types.h"

namespace sangre {

/// The slow edge: the latest that a fuse of this family and rating opens at `current`, log-log between gates.
/// Infinite below the first gate. To protect a wire use this edge.
Second slow_edge(const FuseFamily& family, Ampere rating, Ampere current);
/// The fast edge: the earliest that it opens. To ride a start-up use this edge.
Second fast_edge(const FuseFamily& family, Ampere rating, Ampere current);

/// The rating as warm air leaves it: less the family's share per kelvin above 23 °C, down to a twentieth.
Ampere rating_in(const FuseFamily& family, Ampere rating, Celsius air);

/// Largest continuous load: the family's share of the rating at 23 °C, less by its derating per kelvin above,
/// never below 5 % of that. Blade fuses: 75 % and 0.15 %/K, ISO 8820 practice; resettable ones: all and 1
/// %/K, typical.
Ampere continuous_limit(const FuseFamily& family, Ampere rating, Celsius air);

/// The arithmetic of that: "7.5 A × 75 % × (1 − 0.0015 × 17) = 5.48 A at 40 °C".
Words continuous_words(const FuseFamily& family, Ampere rating, Celsius air);

/// True when a pulse of `current` for `time` leaves the fuse sound: its I²t is below 30 % of the fast edge's
/// at that duration (10 000 starts), or it is no more than the rating as this air leaves it, which no fuse
/// opens at (ISO 8820-3: 110 % for 100 h); what it carries for good is continuous_limit().
bool rides(const FuseFamily& family, Ampere rating, Ampere current, Second time, Celsius air = Celsius(23));

/// Cold resistance: the family's at 1 A, falling with a power of the rating. Fitted to published typical
/// values; 0 for no rating.
Ohm fuse_resistance(const FuseFamily& family, Ampere rating);

}  // namespace sangre
