#pragma once
// What else goes through an opening: a second cable later.
#include "harness/harness.h"

namespace sangre {

struct RoomLeft {
    Millimetre one{};       ///< the thickest single cable that still goes through beside what is there
    Millimetre alike{};     ///< the thickness that most of what is there has
    size_t more_alike = 0;  ///< at least so many more of those, 99 at the most
};

/// Of an opening whose bore is known; nothing of another. To 0.1 mm, by packing.
std::optional<RoomLeft> room_left(const Opening& opening, const HoleFill& fill);

}  // namespace sangre
