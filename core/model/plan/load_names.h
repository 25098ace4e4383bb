#pragma once
// What a load's name and a bare voltage say of it.
#include <array>

#include "plan/load_text.h"

namespace sangre {

/// Of a lone voltage that is no battery's name.
inline constexpr double lone_voltage_tolerance = 0.05;

/// So much more or less, without the last bits of the multiplication: 12 V less 5 % is 11.4 V.
Volt about(double volts, double more);

/// A battery's name in volts, and what a battery of that name has from empty to charging.
struct BatteryName {
    double volts, low, high;
};
inline constexpr std::array battery_names{BatteryName{12, 11, 14.6}, BatteryName{24, 22, 29.2}};

}  // namespace sangre
