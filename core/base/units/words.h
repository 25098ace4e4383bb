#pragma once
// A typed line taken apart, each part with its place, so that an error can point at it.
#include <string_view>
#include <vector>

namespace sangre {

/// A word of a line, and where it stands (byte offsets).
struct TextWord {
    std::string_view text;
    size_t begin = 0, end = 0;
};

/// True for a comma between two digits: "1,5 mm".
bool is_decimal_comma(std::string_view text, size_t at);
/// The first comma that is none, from there on; npos where there is none.
size_t find_comma(std::string_view text, size_t from = 0);
/// What stands from `begin` up to `end`, without the blanks around it.
TextWord trimmed(std::string_view text, size_t begin, size_t end);
/// The words from `begin` up to `end`, parted by blanks and by any of `apart`; a decimal comma parts nothing.
std::vector<TextWord> split_words(std::string_view text, std::string_view apart = {}, size_t begin = 0,
                                  size_t end = std::string_view::npos);
/// What stands between commas or semicolons, each trimmed, empty parts left out.
std::vector<TextWord> split_clauses(std::string_view text);

/// How many letters must be put in, taken out or changed to make one of the other (Levenshtein).
size_t letters_apart(std::string_view a, std::string_view b);

}  // namespace sangre
