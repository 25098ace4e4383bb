#pragma once
// A name of the catalogue. Files, typed lines and keys hold it in English; a sentence says it in the reader's
// language.
#include <fmt/format.h>

#include <compare>
#include <string>
#include <string_view>

#include "base/words/words.h"

namespace sangre {

/// Names are made of pieces between commas, "sealed toggle switch 30 A, latching": known as a whole, or each
/// for itself with its numbers as {}. What is not known stays English.
class Term {
  public:
    Term() = default;
    explicit Term(std::string english) : english_(std::move(english)) {}

    const std::string& english() const { return english_; }
    /// As the reader of this thread calls it.
    std::string spoken() const;
    operator Words() const;  // NOLINT: where words are wanted, it is said
    bool empty() const { return english_.empty(); }
    /// Whether somebody who writes this means it: its English or what the reader's language calls it,
    /// whatever the case of the letters of ASCII.
    bool is_called(std::string_view typed) const;

    auto operator<=>(const Term&) const = default;

  private:
    std::string english_;
};

inline Words operator+(const Term& term, const Words& rest) { return Words(term) + rest; }
inline Words operator+(const Words& begin, const Term& term) { return begin + Words(term); }

}  // namespace sangre

#ifndef SANGRE_WORDS_LATE
template <>
struct fmt::formatter<sangre::Term> : fmt::formatter<std::string> {
    auto format(const sangre::Term& term, fmt::format_context& c) const {
        return fmt::formatter<std::string>::format(term.spoken(), c);
    }
};
#endif
