#pragma once
// What there will physically be, as a list to read and as JSON for scripts.
#include <string>

#include "harness/harness.h"

namespace sangre {

/// Feed by feed: its wires with colour, gauge and length, and every joint on the way as a builder says it.
std::string wiring_words(const Plan& plan, const Catalogue& catalogue, const Harness& harness);
/// Cores with their stretches, joints, items and terminals; SI values with their unit in the key, what is not
/// known null. Joints are named by their keys.
std::string wiring_to_json(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

}  // namespace sangre
