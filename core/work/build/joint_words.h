#pragma once
// What the hands do at a joint, said to a step.
#include "build/steps.h"

namespace sangre {

/// With a capital first letter.
std::string capital(std::string words);

/// Adds a joint's stages to a step: strip, join, heat, tug, cover; its tools, caution and the wait of what
/// covers it.
void tell_joint(Step& step, const JointWork& work, const Practices& practices);

}  // namespace sangre
