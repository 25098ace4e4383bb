#pragma once
// What a load's name and a bare voltage say of it.
#include "plan/load_text.h"

namespace sangre {

/// Of a lone voltage that is no battery's name.
inline constexpr double lone_voltage_tolerance = 0.05;

/// So much more or less, without the last bits of the multiplication: 12 V less 5 % is 11.4 V.
Volt about(double volts, double more);

}  // namespace sangre
