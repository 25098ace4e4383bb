#pragma once
// What draws nothing, as people type it: "Arm button 16 mm hole, at Deck", "Status lamp polarised 470 Ω".
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "plan/plan.h"

namespace sangre {

/// Reads a part that draws nothing. Its kind is one of the words button, lamp, aerial, sensor, motor, sounder
/// (or switch, LED, light, antenna, probe, speaker, buzzer) anywhere in it; a length is the opening it sits
/// in, 0.5 to 200 mm; ohms what a meter shows across it, 0.01 Ω to 10 MΩ; “polarised” minds its direction;
/// “at PLACE” is where it stands. The rest is its name. Id and keys of others are those of `like`; everything
/// else is as typed. The error says where and what would be right.
tl::expected<Passive, ParseError> parse_passive(const Plan& plan, const Passive& like, std::string_view text);

/// The same back: what the editor opens with.
std::string passive_line(const Plan& plan, const Passive& passive);

}  // namespace sangre
