#pragma once
// What a size of wire is called.
#include <string>

#include "physics/parts/types.h"

namespace sangre {

/// As it is sold, "20 AWG" or "0.5 mm²"; in both ways where the builder has set it so: "20 AWG · 0.519 mm²",
/// "0.5 mm² · 20 AWG", the gauge being the nearest.
Words size_words(const WireType& wire);

}  // namespace sangre
