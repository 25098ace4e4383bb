#pragma once
// The places of a sentence: "{fuse}" takes a value, "{loss:.1f}" writes a number as fmt does, and
// "{count|length is|lengths are}" is the first form where the count is 1 or the flag is true, else the
// second; forms may have places of their own: "{known|: {volts} there|}".
#include <algorithm>
#include <array>
#include <cstdint>
#include <string_view>

namespace sangre::words_detail {

struct Place {
    size_t begin = std::string_view::npos,
           end = std::string_view::npos;  ///< of its braces; npos: none is left
    std::string_view name, format, one, other;
    bool chooses = false;  ///< between its forms
    bool sound = true;     ///< closed and named
};

/// Where the brace that opens at `from` is closed; npos where it never is.
constexpr size_t closing(std::string_view text, size_t from) {
    for (int depth = 0; from < text.size(); ++from) {
        depth += text[from] == '{' ? 1 : text[from] == '}' ? -1 : 0;
        if (depth == 0) return from;
    }
    return std::string_view::npos;
}

/// The bar between two forms, outside of the braces in them; npos where there is none.
constexpr size_t bar_in(std::string_view forms) {
    int depth = 0;
    for (size_t i = 0; i < forms.size(); ++i) {
        depth += forms[i] == '{' ? 1 : forms[i] == '}' ? -1 : 0;
        if (depth == 0 && forms[i] == '|') return i;
    }
    return std::string_view::npos;
}

constexpr Place next_place(std::string_view text, size_t from) {
    Place p;
    auto opens = text.find('{', from), closes = text.find('}', from);
    for (size_t i = std::min(opens, closes); i < text.size(); i = std::min(opens, closes)) {
        const auto pass = [&](size_t after) {
            if (opens < after) opens = text.find('{', after);
            if (closes < after) closes = text.find('}', after);
        };
        if (i + 1 < text.size() && text[i + 1] == text[i]) {
            pass(i + 2);
            continue;
        }
        if (text[i] == '}') return p.begin = p.end = i, p.sound = false, p;
        p.begin = i, p.end = closing(text, i);
        if (p.end == std::string_view::npos) return p.end = text.size(), p.sound = false, p;
        const auto inside = text.substr(i + 1, p.end++ - i - 1);
        const auto split = inside.find_first_of(":|");
        p.name = inside.substr(0, split);
        p.sound = !p.name.empty() && p.name.find('{') == std::string_view::npos;
        if (split == std::string_view::npos) return p;
        const auto rest = inside.substr(split + 1);
        if (inside[split] == ':') return p.format = rest, p;
        const auto bar = bar_in(rest);
        p.chooses = true, p.one = rest.substr(0, bar);
        p.sound = p.sound && bar != std::string_view::npos;
        if (p.sound) p.other = rest.substr(bar + 1);
        return p;
    }
    return p;
}

/// Each name once, in the order in which the values follow.
class Names {
  public:
    constexpr explicit Names(std::string_view text) { take(text); }
    constexpr size_t count() const { return count_; }
    constexpr bool sound() const { return sound_; }
    /// count() where it is none of them.
    constexpr size_t index(std::string_view name) const {
        const auto* end = names_.data() + count_;
        return static_cast<size_t>(std::find(names_.data(), end, name) - names_.data());
    }

  private:
    constexpr void take(std::string_view text) {
        for (auto p = next_place(text, 0); p.begin != std::string_view::npos && sound_;
             p = next_place(text, p.end)) {
            sound_ = p.sound && (index(p.name) < count_ || count_ < names_.size());
            if (sound_ && index(p.name) == count_) names_[count_++] = p.name;
            if (sound_ && p.chooses) take(p.one), take(p.other);
        }
    }

    std::array<std::string_view, 12> names_{};
    size_t count_ = 0;
    bool sound_ = true;
};

}  // namespace sangre::words_detail
