#pragma once
// How a thing sits in the wall of a body: its opening, its depth, what holds it, which way it points.
#include <array>
#include <string>
#include <string_view>
#include <utility>

#include "base/units/quantity.h"
#include "base/words/say.h"

namespace sangre {

/// What holds it in its opening; unsaid: as is usual of its kind.
enum class SeatHold { unsaid, nut_behind, nut_in_front, clips, screws, glue };
constexpr auto names(SeatHold) {
    return std::to_array<std::pair<SeatHold, std::string_view>>(
        {{SeatHold::unsaid, to_say("unsaid")},
         {SeatHold::nut_behind, to_say("nut-behind")},
         {SeatHold::nut_in_front, to_say("nut-in-front")},
         {SeatHold::clips, to_say("clips")},
         {SeatHold::screws, to_say("screws")},
         {SeatHold::glue, to_say("glue")}});
}

struct Seat {
    Millimetre cutout{};  ///< of the opening that it sits in; 0: none, or not known
    Millimetre behind{};  ///< that it wants free behind the wall, plug and bend included; 0: not known
    SeatHold hold = SeatHold::unsaid;
    Millimetre proud{};    ///< that it stands out in front of the wall; 0: flush, or not said
    std::string points{};  ///< which way its latch, key or marked side points: "latch up"
    bool operator==(const Seat&) const = default;
};

}  // namespace sangre
