#pragma once
// A name of the catalogue. Files, typed lines and keys hold it in English; a sentence says it in the reader's
// language.
#include <fmt/format.h>

#include <compare>
#include <string>
#include <string_view>

namespace sangre {

/// Names are made of pieces between commas, "sealed toggle switch 30 A, latching": known as a whole, or each
/// for itself with its numbers as {}. What is not known stays English.
class Term {
  public:
    Term() = default;
    explicit Term(std::string english) : english_(std::move(english)) {}

    const std::string& english() const { return english_; }
    /// In the reader's language.
    std::string spoken() const;
    operator std::string() const { return spoken(); }  // NOLINT: where words are wanted, it is said
    bool empty() const { return english_.empty(); }
    /// Whether somebody who writes this means it: its English or what the reader's language calls it,
    /// whatever the case of the letters of ASCII.
    bool is_called(std::string_view typed) const;

    auto operator<=>(const Term&) const = default;

  private:
    std::string english_;
};

inline std::string operator+(const Term& term, std::string_view rest) { return term.spoken().append(rest); }
inline std::string operator+(std::string begin, const Term& term) { return begin.append(term.spoken()); }

}  // namespace sangre

template <>
struct fmt::formatter<sangre::Term> : fmt::formatter<std::string> {
    auto format(const sangre::Term& term, fmt::format_context& c) const {
        return fmt::formatter<std::string>::format(term.spoken(), c);
    }
};
