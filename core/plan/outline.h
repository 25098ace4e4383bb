#pragma once
// Bodies to scale on a side of the machine.
#include <optional>

#include "plan/drawn.h"

namespace sangre {

struct SideRect {
    SidePoint from, to;  ///< corners, in shares of the side
};

/// The outline of a body on a side whose scale is known, seen from where length and width lie flat: round the
/// middle of its places, its longer measure along the way in which they spread further. Nothing where it was
/// not measured, has no place on that side, or is smaller than its places lie apart.
std::optional<SideRect> outline_on(const Plan& plan, const Side& side, const Body& body);

}  // namespace sangre
