#pragma once
// The air that a plan works in, as people say it: "−10 – 40 °C", "14 to 104 °F", "20".
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "plan/plan.h"

namespace sangre {

inline constexpr Celsius least_air{-80}, most_air{125};

struct AirSpan {
    Celsius coldest, hottest;
    friend bool operator==(const AirSpan&, const AirSpan&) = default;
};

/// Two temperatures or one, °C where no unit is said; in either order. An error says what would be right:
/// what is not a temperature, or lies outside what the plan file holds.
tl::expected<AirSpan, std::string> parse_air(std::string_view text);

/// As parse_air reads it again.
Words air_text(const Plan& plan);

/// The air of a usual day: the middle of what the plan works in, no warmer than a room.
Celsius usual_air(const Plan& plan);

Plan set_air(Plan plan, AirSpan air);

}  // namespace sangre
