#pragma once
// The one reader of numbers: everything typed, pasted, imported or given on a command line goes through it.
// It does not know the locale.
#include <optional>
#include <string>
#include <string_view>
#include <tl/expected.hpp>

#include "base/words/letters.h"
#include "base/words/words.h"

namespace sangre {

/// What was not understood: where in the text (byte offsets) and what would be right.
struct ParseError {
    size_t begin = 0;
    size_t end = 0;
    Words message;
};

struct NumberText {
    double value = 0;
    size_t end = 0;  ///< of what was read, in the text
    /// Where one mark before three digits may part thousands: what it is then. "1.200" is 1.2 or 1200.
    std::optional<double> grouped{};
    bool whole = false;  ///< written without a decimal mark, exponent or fraction
};

/// The number that begins at `begin`: digits with a decimal point or comma, thousands parted by the other
/// mark or by several of one ("1,234.5", "1.234.567"), an exponent, or a fraction sign alone or behind a
/// whole number
/// ("½", "1½"). No sign, no spaces. Always finite. An error covers what looks like a number and is none.
tl::expected<NumberText, ParseError> scan_number(std::string_view text, size_t begin = 0);

/// A whole text as a plain number, a sign before it allowed: a cell of a table, a part of a file. Nothing
/// where it is anything else; a lone mark before three digits is a decimal mark here, as machines write it.
std::optional<double> plain_number(std::string_view text);

/// A number so that scan_number reads the very same back, and never one that could be read in two ways.
std::string exact_number(double value);

}  // namespace sangre
