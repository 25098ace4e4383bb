#pragma once
// The terminals of a part, as people type them: "V+ in screw 2.5 mm, left; GND −, middle; M1 phase pad 3 mm".
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "plan/plan.h"

namespace sangre {

/// Reads terminals, parted by semicolons. Each has its printed name first; then what it is for: + (or in,
/// supply), − (or return, ground, minus), out, signal or phase — a name such as V+, GND, 0V or OUT says it
/// alone; what it takes: screw, pad, stud, lever, blade, plug or lead, with its size of 0.2 to 50 mm ("M8"
/// for a stud, "1.2 × 2 mm" for a pad); "2 wires" where it takes more than one; after a comma where it is. An
/// empty text is none: + and −. The error says where and what would be right; names do not repeat.
tl::expected<std::vector<Terminal>, ParseError> parse_terminals(std::string_view text);
/// The same back: what the editor opens with.
std::string terminals_line(const std::vector<Terminal>& terminals);

}  // namespace sangre
