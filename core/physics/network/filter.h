#pragma once
// LC filters in a feed: where they start to work, how much, and what limits them.
#include "base/units/quantity.h"
#include "base/why.h"

namespace sangre {

struct FilterCheck {
    Hertz resonance{};       ///< f0 = 1 ÷ 2π√(LC)
    double attenuation = 0;  ///< dB at `noise`; negative below resonance, where it may amplify
    double quality = 0;      ///< Q of the undamped loop; above 1 it rings
    Ohm damping{};           ///< √(L/C): a resistor of this in series with a second capacitor calms it
    Volt drop{};             ///< of its resistance at the load's current
    bool saturates = false;  ///< the load's peak is beyond the inductor's saturation current
    Why why;
};

struct FilterNeed {
    Henry inductance{};
    Farad capacitance{};
    Ohm resistance{};     ///< of the inductor and the feed
    Ohm capacitor_esr{};  ///< of the capacitor
    Ampere saturation{};  ///< 0: not known
    Ampere current{}, peak{};
    Hertz noise{};  ///< what it should keep away, such as a module's switching frequency
};

/// |H| of the loaded second-order low pass at the noise frequency. L and C must be positive.
FilterCheck check_filter(const FilterNeed& need);

}  // namespace sangre
