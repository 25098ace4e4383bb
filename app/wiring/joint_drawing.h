#pragma once
// One joint, to scale, with its dimensions.
#include "joint/joint.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// Draws a joint into `area`: the wire in its colour, bare copper, the tube over it or, with `tube_waits`,
/// parked aside.
void draw_joint(QPainter& p, const QRectF& area, const JointWork& work, const QColor& insulation,
                bool tube_waits);

}  // namespace sangre::app
