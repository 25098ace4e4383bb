#pragma once
// One line of a measured log.
#include "base/units/quantity.h"

namespace sangre {

struct MeasuredSample {
    Second time{};
    Volt volts{};
    Ampere amps{};
};

}  // namespace sangre
