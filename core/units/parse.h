#pragma once
// Reads what people type: "2.5 in", "1A5", "3,5 A", "2h30", "2*0.4m+10%", "18 AWG".
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "units/quantity.h"

namespace sangre {

enum class Dimension {
    voltage,
    current,
    power,
    resistance,
    length,
    time,
    charge,
    energy,
    temperature,
    ratio
};

/// What was not understood: where in the text (byte offsets) and what would be right.
struct ParseError {
    size_t begin = 0;
    size_t end = 0;
    std::string message;
};

/// Reads an expression of the given dimension and returns its SI value (V, A, W, Ω, m, s, A·h, W·h, °C,
/// fraction). Understands + − * / ( ), "+10%" of what stands before it, fractions ("3/32 in"), a unit used as
/// decimal mark ("1A5", "2h30"), mixed sums ("2 h 30 min"), decimal comma, and SI prefixes. A number without
/// unit takes `default_unit`. The result is always finite; anything else is an error with its place.
tl::expected<double, ParseError> parse_value(std::string_view text, Dimension dimension,
                                             std::string_view default_unit = "");

/// ASCII letters made small; bytes of other characters stay.
std::string lower(std::string_view text);
/// True where `word` stands in `text` as a word of its own: "mains" in "mains plug", not in "mainsail".
bool has_word(std::string_view text, std::string_view word);

/// The dimension and SI factor of a unit symbol such as "mA", "in", "kΩ"; offset only for °F.
struct UnitSymbol {
    Dimension dimension;
    double factor;
    double offset = 0;
};
/// Nothing for what is not the symbol of a unit.
std::optional<UnitSymbol> unit_symbol(std::string_view symbol);

/// Conductor area from "14 AWG", "AWG14", "2/0 AWG", "0.75 mm²"; error names what is understood.
tl::expected<SquareMillimetre, ParseError> parse_wire_size(std::string_view text);

}  // namespace sangre
