#pragma once
// Every sentence that a person reads is made here, so that it can be said in the reader's language. The core
// speaks English and knows no other: who runs it hands in what looks sentences up, and lupdate finds them by
// these names.
#include <fmt/format.h>

#include <string>
#include <string_view>
#include <vector>

namespace sangre {

/// The sentence in the reader's language with the same placeholders, or nothing where it is not known.
using Tongue = std::string (*)(std::string_view english);

/// What looks sentences up from now on; null: English. Set before work begins, for the whole process.
void speak(Tongue tongue);

/// Whether another language than English is spoken.
bool speaks_another();

/// As long as it lives, what this thread says is English, with points in its numbers and metres: what files
/// and keys hold.
class InEnglish {
  public:
    InEnglish();
    ~InEnglish();
    InEnglish(const InEnglish&) = delete;
    InEnglish& operator=(const InEnglish&) = delete;
};
/// Whether one of them lives on this thread.
bool says_english();

/// Marks words that stand in a table until they are said. They stay English there.
constexpr const char* to_say(const char* english) { return english; }

/// A sentence of a table, in the reader's language.
std::string said(std::string_view english);

/// Each of them: tools, which a plan keeps in English.
std::vector<std::string> said_each(const std::vector<std::string>& english);

namespace words_detail {
std::string filled(fmt::string_view english, fmt::format_args args);
}

/// A sentence with what belongs into its braces, in the reader's language. A translation whose braces do not
/// fit what is filled in is not used: English is said instead.
template <class... Args>
std::string say(fmt::format_string<Args...> english, Args&&... args) {
    return words_detail::filled(english, fmt::make_format_args(args...));
}

}  // namespace sangre
