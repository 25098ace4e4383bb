#pragma once
// Amounts of a line, in the unit that the key of the file says.
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "base/units/parse.h"

namespace sangre {

/// "0.95 m", "30 min", "1.5 mm²"; a bare number where the key says no unit. Reads back as the very same
/// number.
std::string amount_text(std::string_view key, double value);
/// The number in the key's unit from "95 cm", "1/2 in", "18 AWG"; the key's unit where none is said.
tl::expected<double, std::string> read_amount_of(std::string_view key, std::string_view text);

}  // namespace sangre
