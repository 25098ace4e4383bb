#pragma once
// Every sentence that a person reads is made here, so that it can be said in the reader's language. The core
// speaks English and knows no other: who runs it hands in what looks sentences up, and lupdate finds them by
// these names.
#include <array>
#include <cstdint>
#include <memory>
#include <span>
#include <string>
#include <string_view>
#include <type_traits>
#include <variant>
#include <vector>

#include "base/words/places.h"
#include "base/words/words.h"

namespace sangre {

/// Marks words that stand in a table until they are said. They stay English there.
constexpr const char* to_say(const char* english) { return english; }

/// A sentence of a table.
Words said(std::string_view english);

/// Each of them: tools, which a plan keeps in English.
std::vector<Words> said_each(const std::vector<std::string>& english);

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
    }
    std::string_view english() const { return english_; }

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

    std::string_view english_;
};

namespace words_detail {

/// What fills a place.
using Value = std::variant<Words, long long, double>;

template <class T>
Value value_of(T&& value) {
    using Plain = std::remove_cvref_t<T>;
    if constexpr (std::is_integral_v<Plain>)
        return static_cast<long long>(value);
    else if constexpr (std::is_floating_point_v<Plain>)
        return static_cast<double>(value);
    else
        return Words(std::forward<T>(value));
}

/// A translation whose places are not those of the English is not used: English is said instead.
std::string filled(std::string_view english, std::span<const Value> values);

template <std::size_t count>
class Unsaid final : public Unworded {
  public:
    template <class... Args>
    explicit Unsaid(std::string_view english, Args&&... args)
        : english_(english), values_{value_of(std::forward<Args>(args))...} {}
    std::string worded() const override { return filled(english_, values_); }

  private:
    std::string_view english_;  ///< a literal
    std::array<Value, count> values_;
};

}  // namespace words_detail

/// A sentence with what belongs into its places.
template <class... Args>
Words say(Sentence<std::type_identity_t<Args>...> english, Args&&... args) {
    return Words(std::make_shared<const words_detail::Unsaid<sizeof...(Args)>>(english.english(),
                                                                               std::forward<Args>(args)...));
}

}  // namespace sangre
