#pragma once
// What the hands do at a joint, said to a step.
#include "making/steps/steps.h"

namespace sangre {

/// With a capital first letter.
Words capital(Words words);

/// What makes it hot: "iron with a 1.2 mm chisel tip".
Words heat_words(const JointSize& size);
/// Alloy and thickness of the solder wire; empty where none is used.
Words solder_words(const JointWork& work);
/// Once, after the look: on a pad along the board, of several wires each alone.
Words tug_words(const JointWork& work);

/// What every step that slides tubes on ends with, and why it comes before the joints.
void tell_parking(Step& step, Millimetre parking, const Id& lead);

/// Adds a joint's stages to a step: strip, heat, join, tug, cover; its tools, caution and the wait of what
/// covers it.
void tell_joint(Step& step, const JointWork& work, const Practices& practices);

}  // namespace sangre
