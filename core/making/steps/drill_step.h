#pragma once
#include "making/steps/steps.h"

namespace sangre {

inline constexpr const char* drill_key = "drill";

/// All holes at once, by the template, before there is a wire to be hurt; nothing where there is none to
/// drill.
std::optional<Step> drill_step(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

}  // namespace sangre
