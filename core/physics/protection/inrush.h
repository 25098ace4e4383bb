#pragma once
// The spark when a charged pack meets empty capacitors, and what tames it.
#include "base/units/quantity.h"
#include "base/why.h"

namespace sangre {

struct Inrush {
    Ampere peak{};   ///< V ÷ loop resistance
    Joule energy{};  ///< ½CV², half of which the loop turns into heat at the contacts and wires
    Second lasts{};  ///< 5·R·C
    bool wants_precharge = false;
    Why why;
};

/// Capacitors of `capacitance` joined to `volts` through `loop`. Pre-charge is advised above 0.5 J, or from
/// 25 V up with 1000 µF and more. All must be positive; a loop below 1 mΩ counts as 1 mΩ.
Inrush inrush(Volt volts, Farad capacitance, Ohm loop);

struct Precharge {
    Ohm resistor{};
    Ampere peak{};
    Second wait{};         ///< 5·R·C: below 1 % of the voltage is left
    Joule pulse{};         ///< that the resistor must stand, ½CV²
    Watt first_instant{};  ///< V²/R
    Why why;
};

/// The E12 resistor that charges within `within`; a smaller one sparks more, a larger one keeps the builder
/// waiting.
Precharge precharge(Volt volts, Farad capacitance, Second within = Second(2));

}  // namespace sangre
