#pragma once
// Every sentence that a person reads is made here, so that it can be said in the reader's language. The core
// speaks English and knows no other: who runs it hands in what looks sentences up, and lupdate finds them by
// these names.
#include <fmt/format.h>

#include <span>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

#include "words/places.h"

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

/// A whole sentence in English with named places, which other languages order as they must: "{fuse} opens
/// before {wire} is damaged". The values follow in the order in which the names come first. That each name
/// has its value, and a choice its count or flag, is checked when it is compiled.
template <class... Args>
class Sentence {
  public:
    template <class Text>
    requires std::is_convertible_v<const Text&, std::string_view>
    consteval Sentence(const Text& english) : english_(english) {  // NOLINT: stands where words do
        const words_detail::Names names(english_);
        if (!names.sound()) throw "a place is not closed, has no name, or one form only";
        if (names.count() != sizeof...(Args)) throw "there are more or fewer names than values";
        check(english_, names);
        find_pieces(names);
    }
    std::string_view english() const { return english_; }
    /// What it is made of, as it was found when it was compiled; empty where it has forms, formats or braces
    /// of its own, and is read when it is said.
    std::span<const words_detail::Piece> pieces() const { return {pieces_.data(), piece_count_}; }

  private:
    static consteval void check(std::string_view text, const words_detail::Names& names) {
        constexpr std::array<bool, sizeof...(Args) + 1> counts{
            std::is_integral_v<std::remove_cvref_t<Args>>...};
        constexpr std::array<bool, sizeof...(Args) + 1> numbers{
            std::is_arithmetic_v<std::remove_cvref_t<Args>>...};
        for (auto p = words_detail::next_place(text, 0); p.begin != std::string_view::npos;
             p = words_detail::next_place(text, p.end)) {
            if (p.chooses && !counts[names.index(p.name)]) throw "forms are chosen by a count or a flag";
            if (!p.format.empty() && !numbers[names.index(p.name)]) throw "only numbers have a format";
            if (p.chooses) check(p.one, names), check(p.other, names);
        }
    }

    consteval void find_pieces(const words_detail::Names& names) {
        if (english_.find("{{") != std::string_view::npos || english_.find("}}") != std::string_view::npos)
            return;
        size_t count = 0;
        std::uint16_t from = 0;
        for (auto p = words_detail::next_place(english_, 0); p.begin != std::string_view::npos;
             p = words_detail::next_place(english_, p.end)) {
            if (p.chooses || !p.format.empty() || count + 1 >= pieces_.size()) return;
            pieces_[count++] = {from, static_cast<std::uint16_t>(p.begin),
                                static_cast<std::uint16_t>(names.index(p.name))};
            from = static_cast<std::uint16_t>(p.end);
        }
        pieces_[count++] = {from, static_cast<std::uint16_t>(english_.size()), words_detail::Piece::none};
        piece_count_ = count;
    }

    std::string_view english_;
    std::array<words_detail::Piece, sizeof...(Args) + 2> pieces_{};
    size_t piece_count_ = 0;
};

namespace words_detail {
std::string filled(std::string_view english, std::span<const Piece> pieces, fmt::format_args args);
}

/// A sentence with what belongs into its places, in the reader's language. A translation whose places are not
/// those of the English is not used: English is said instead.
template <class... Args>
std::string say(Sentence<std::type_identity_t<Args>...> english, Args&&... args) {
    return words_detail::filled(english.english(), english.pieces(), fmt::make_format_args(args...));
}

}  // namespace sangre
