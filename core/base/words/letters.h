#pragma once
// Letters and digits of typed text.
#include <string>
#include <string_view>

namespace sangre {

/// ASCII only, whatever the locale.
constexpr bool is_digit(char c) { return c >= '0' && c <= '9'; }
constexpr bool is_letter(char c) { return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z'); }
constexpr char lower(char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; }
/// ASCII letters made small; bytes of other characters stay.
std::string lower(std::string_view text);
/// True where `word` stands in `text` as a word of its own: "mains" in "mains plug", not in "mainsail".
bool has_word(std::string_view text, std::string_view word);

}  // namespace sangre
