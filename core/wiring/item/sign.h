#pragma once
// The sign of an item, the same on paper and on screen: strokes in millimetres about where it sits.
#include <vector>

#include "plan/plan.h"

namespace sangre {

enum class StrokeKind { line, box, dot, letter };

/// y runs downwards; a dot has its radius in x1, a letter its baseline in y0.
struct SignStroke {
    StrokeKind kind = StrokeKind::line;
    double x0 = 0, y0 = 0, x1 = 0, y1 = 0;
    double width = 0.35;
    bool hides = false;  ///< of a box: it only hides the wire; of a dot: filled with paper instead of ink
    char letter = 0;
};

/// About 8 mm wide. `open`: of a switch.
std::vector<SignStroke> item_sign(DeviceKind kind, bool open);
/// True for what sits in the return as well as in the supply.
bool sits_in_both(DeviceKind kind);

}  // namespace sangre
