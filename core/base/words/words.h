#pragma once
// Words that are not worded yet: what will be said, with the quantities and names that belong into it. They
// are worded when somebody looks, in the language and with the numbers of that look.
#include <fmt/format.h>

#include <memory>
#include <string>
#include <string_view>
#include <tuple>
#include <utility>
#include <variant>
#include <vector>

namespace sangre {

namespace words_detail {

/// What is worded when it is looked at.
class Unworded {
  public:
    Unworded() = default;
    Unworded(const Unworded&) = delete;
    Unworded& operator=(const Unworded&) = delete;
    virtual ~Unworded() = default;
    virtual std::string worded() const = 0;
};

}  // namespace words_detail

/// A value like a string, cheap to copy. As a string it is what the reader of this thread reads
/// (words/reader.h): `std::string s = say("{fuse} opens", name)`. The layers up to the proposal cannot make
/// it one.
class Words {
  public:
    Words() = default;
    /// Names and what is the same in every language.
    Words(std::string as_they_are) : words_(std::move(as_they_are)) {}    // NOLINT: stands where strings do
    Words(const char* as_they_are) : words_(std::string(as_they_are)) {}  // NOLINT
    Words(std::string_view as_they_are) : words_(std::string(as_they_are)) {}  // NOLINT
    explicit Words(std::shared_ptr<const words_detail::Unworded> later) : words_(std::move(later)) {}

    std::string str() const;
#ifndef SANGRE_WORDS_LATE  // where they are shown; a layer that computes does not even see it
    operator std::string() const { return str(); }  // NOLINT
#endif
    /// In English, with points and metres: what keys and comparisons go by.
    std::string english() const;
    bool empty() const {
        const auto* text = std::get_if<std::string>(&words_);
        return text ? text->empty() : str().empty();
    }

    Words& operator+=(const Words& rest) { return *this = *this + rest; }
    friend Words operator+(const Words& begin, const Words& rest);
    /// What is said is the same.
    friend bool operator==(const Words& a, const Words& b) { return a.english() == b.english(); }
#ifndef SANGRE_WORDS_LATE
    /// What is read is that.
    friend bool operator==(const Words& a, const std::string& read) { return a.str() == read; }
    friend bool operator==(const Words& a, const char* read) { return a.str() == read; }
#endif
    friend std::strong_ordering operator<=>(const Words& a, const Words& b) {
        return a.english() <=> b.english();
    }

  private:
    std::variant<std::string, std::shared_ptr<const words_detail::Unworded>> words_;
};

/// What is made for a plan is called so from then on, in the language of who asked for it.
inline std::string as_name(const Words& words) { return words.str(); }
inline std::vector<std::string> as_names(const std::vector<Words>& words) {
    std::vector<std::string> names;
    for (const auto& one : words) names.push_back(as_name(one));
    return names;
}

/// Words that a function makes when they are looked at. What it makes them from it holds itself.
template <class Make>
requires std::is_invocable_r_v<std::string, const Make&> Words later(Make make) {
    struct Later final : words_detail::Unworded {
        explicit Later(Make m) : make(std::move(m)) {}
        std::string worded() const override { return make(); }
        Make make;
    };
    return Words(std::make_shared<const Later>(std::move(make)));
}

namespace words_detail {
/// In the place of a pattern.
struct Placed {
    Words words;
};
template <class T>
using Placeable = std::conditional_t<std::is_convertible_v<const T&, Words>, Placed, std::decay_t<T>>;
}  // namespace words_detail

/// Figures and names put together by a pattern of fmt that is the same in every language: "{} × {}".
template <class... Args>
Words compose(fmt::format_string<words_detail::Placeable<Args>&...> pattern, const Args&... args) {
    return later([pattern = fmt::string_view(pattern), values = std::tuple<words_detail::Placeable<Args>...>{
                                                           words_detail::Placeable<Args>{args}...}] {
        return std::apply([&](const auto&... v) { return fmt::format(fmt::runtime(pattern), v...); }, values);
    });
}

/// How a table or a file of words takes them.
template <class Json>
void to_json(Json& json, const Words& words) {
    json = words.str();
}

}  // namespace sangre

template <>
struct fmt::formatter<sangre::words_detail::Placed> : fmt::formatter<std::string> {
    auto format(const sangre::words_detail::Placed& placed, fmt::format_context& c) const {
        return fmt::formatter<std::string>::format(placed.words.str(), c);
    }
};
#ifndef SANGRE_WORDS_LATE
template <>
struct fmt::formatter<sangre::Words> : fmt::formatter<std::string> {
    auto format(const sangre::Words& words, fmt::format_context& c) const {
        return fmt::formatter<std::string>::format(words.str(), c);
    }
};
#endif
