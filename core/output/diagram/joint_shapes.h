#pragma once
// One joint, to scale, with its dimensions.
#include "output/diagram/diagram.h"
#include "wiring/joint/joint.h"

namespace sangre {

/// Draws a joint between these corners: the wire in its colour, bare copper, what it is made in, the tube
/// over it or, with `tube_waits`, parked aside, and what is measured. One whose wire is not known draws
/// nothing.
void draw_joint(DiagramSheet& sheet, PaperPoint from, PaperPoint to, const JointWork& work,
                const std::string& colour, bool tube_waits);

/// A length between two marks with its words above or below the line.
void draw_dimension(DiagramSheet& sheet, double x0, double x1, double y, const std::string& words,
                    const Ink& ink, bool above);

}  // namespace sangre
