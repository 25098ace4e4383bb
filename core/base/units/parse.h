#pragma once
// Reads what people type: "2.5 in", "1A5", "3,5 A", "2h30", "2*0.4m+10%", "18 AWG".
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "base/units/number.h"
#include "base/units/quantity.h"

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
    ratio,
    capacitance,
    inductance,
    frequency
};

/// Reads an expression of the given dimension and returns its SI value (V, A, W, Ω, m, s, A·h, W·h, °C,
/// fraction, F, H, Hz). Understands + − × / ( ), "+10%" of what stands before it, fractions ("3/32 in",
/// "1-1/2 in"), a unit or prefix used as decimal mark ("1A5", "4k7", "2h30"), mixed sums ("2 h 30 min"),
/// decimal point or comma, and SI prefixes. A number without unit takes `default_unit`. The result is always
/// finite. What could be read in two ways is refused with both: "1.200 W", "12.6-9 V", 0.68 where per cent
/// are meant.
tl::expected<double, ParseError> parse_value(std::string_view text, Dimension dimension,
                                             std::string_view default_unit = "");

/// The dimension and SI factor of a unit symbol such as "mA", "in", "kΩ"; offset only for °F.
struct UnitSymbol {
    Dimension dimension;
    double factor;
    double offset = 0;
};
/// The largest that anybody means here, in SI: beyond it a mark is surely no thousands' mark.
double largest_meant(Dimension dimension);

/// The factor of an SI prefix alone, "k" or "µ"; nothing for what is none.
std::optional<double> si_prefix(std::string_view symbol);

/// Nothing for what is not the symbol of a unit.
std::optional<UnitSymbol> unit_symbol(std::string_view symbol);

/// An amount as it stands in a line: "12V", "7–26 V", "12..15V", "2×10 W", "1A5", "½ A".
struct Amount {
    double low = 0, high = 0;  ///< SI; alike for one value
    Dimension dimension{};
    std::optional<double> tolerance{};  ///< of "±10 %", as a share
    size_t end = 0;
    bool is_range() const { return low != high; }
};
/// The amount that begins at `begin` of a line. An error says where, and what would be right; its end is
/// where reading may go on.
tl::expected<Amount, ParseError> read_amount(std::string_view line, size_t begin);

/// Conductor area from "14 AWG", "AWG14", "2/0 AWG", "0.75 mm²"; error names what is understood.
tl::expected<SquareMillimetre, ParseError> parse_wire_size(std::string_view text);

}  // namespace sangre
