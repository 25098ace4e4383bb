#pragma once
#include "making/steps/steps.h"

namespace sangre {

/// A lead through the openings of its ways and past what they meet; nothing where it meets nothing.
std::optional<Step> thread_step(const Plan& plan, const Figures& figures, size_t feed);

}  // namespace sangre
