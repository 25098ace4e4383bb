#pragma once
// How a part sits in the machine: who must get at it, and whether it comes out again.
#include <array>
#include <string_view>
#include <utility>

#include "base/words/say.h"

namespace sangre {

/// From where hands must get at it: from anywhere in the open machine, with one lid off, or closed.
enum class Reach { any, one_lid, closed };
constexpr auto names(Reach) {
    return std::to_array<std::pair<Reach, std::string_view>>({{Reach::any, to_say("any")},
                                                              {Reach::one_lid, to_say("one-lid")},
                                                              {Reach::closed, to_say("closed")}});
}

struct Fixing {
    Reach reach = Reach::any;
    bool stuck = false;  ///< by adhesive: what plugs into it is plugged before
    bool operator==(const Fixing&) const = default;
};

}  // namespace sangre
