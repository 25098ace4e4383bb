#pragma once
// A line taken apart at its commas, with what is quoted kept whole.
#include <string>
#include <string_view>
#include <vector>

#include "base/units/number.h"

namespace sangre {

/// A clause as it is typed, and where it stands (byte offsets).
/// Behind the quote that closes the one a text begins with; the text's size where none does.
size_t quote_end(std::string_view text);

struct Clause {
    std::string_view text;
    size_t begin = 0, end = 0;
    /// It is one text in quotes, and nothing besides.
    bool quoted() const { return !text.empty() && text.front() == '"' && quote_end(text) == text.size(); }
};

/// Parted by commas and semicolons outside quotes; each trimmed, empty ones left out. A comma between two
/// digits parts nothing. An error is a quote that is not closed.
tl::expected<std::vector<Clause>, ParseError> line_clauses(std::string_view line);

/// A text so that it is one clause, or the end of one: quoted where it holds a comma, a quote, a line's end
/// blanks at its ends, an arrow or a leading #, or is empty.
std::string clause_text(std::string_view text);
/// In quotes whatever it holds.
std::string in_quotes(std::string_view text);
/// The same back; what is not quoted is taken as it stands.
std::string unquoted(std::string_view text);

}  // namespace sangre
