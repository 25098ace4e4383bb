#pragma once
// What a meter shows across parts that draw nothing, at the far ends of their leads.
#include "bench/readings.h"

namespace sangre {

/// A button released and pressed, a lamp's one way, an aerial's open centre, a motor's windings pair by pair,
/// and the ohms that were said of a sensor or sounder. Measured at the other end of its lead where it has
/// one, so that the lead is proved with it.
std::vector<Reading> passive_readings(const Plan& plan);

}  // namespace sangre
