#pragma once
// What fires is kept away until all is proved, and joined last.
#include "making/steps/steps.h"

namespace sangre {

/// Keys of what the first measurement, the closing and the packs' last fuses wait for; all empty without an
/// igniter.
struct IgniterSteps {
    std::string before_measuring, before_closing, before_power;
};

/// Adds, for a plan with igniters, the step that takes them off once the joints are made, the one in which
/// lamps are fired after `powered`, and the last but one, in which they are joined with no power anywhere:
/// that waits for what the packs' last fuses wait for otherwise, which is the caller's to say.
IgniterSteps add_igniter_steps(std::vector<Step>& steps, const Plan& plan,
                               const std::vector<std::string>& joints, const std::string& powered);

}  // namespace sangre
