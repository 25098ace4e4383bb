#pragma once
// What leads may meet on their way, and what follows from each kind of it.
#include <vector>

#include "plan/machine.h"

namespace sangre {

struct OnWayRole {
    OnWayKind kind;
    const char* word;  ///< "turning part"
    /// How much longer a way past it counts when leads look for theirs.
    double detour = 1;
    bool moves = false;        ///< leads past it want a loop, a braid and strain relief
    const char* laying = "";   ///< what the hands do where a lead is laid past it
    const char* caution = "";  ///< before and while that is done
};

/// One row a kind, in the order of OnWayKind.
const std::vector<OnWayRole>& on_way_roles();
const OnWayRole& role_of(OnWayKind kind);

/// The longest detour of all that is on a way; 1 for a free one.
double detour_of(const Way& way);
/// How far what moves there turns, in degrees: as said, else 90.
double turn_of(const OnWay& thing);

}  // namespace sangre
