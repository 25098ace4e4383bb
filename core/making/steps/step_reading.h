#pragma once
// What the meter says of a step.
#include "bench/readings.h"
#include "making/steps/steps.h"

namespace sangre {

/// The reading that shows whether a step was done right: of what it is about, dead ones first; of a step that
/// proves things the first of its kind. Empty where none does.
std::string reading_of_step(const Step& step, const std::vector<Reading>& readings);

}  // namespace sangre
