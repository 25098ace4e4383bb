#pragma once
// What the meter reads on cables: every core through, what was pulled open, the pair's resistors.
#include "bench/readings.h"

namespace sangre {

/// Dead readings, by cable and core. Cores that carry together are one reading.
std::vector<Reading> cable_readings(const Plan& plan);

}  // namespace sangre
