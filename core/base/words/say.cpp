#include "words/say.h"

#include <atomic>
#include <optional>

namespace sangre {
namespace {

std::atomic<Tongue> spoken{nullptr};
thread_local int english_here = 0;

Tongue tongue_now() { return english_here > 0 ? nullptr : spoken.load(); }

}  // namespace

void speak(Tongue tongue) { spoken = tongue; }

bool speaks_another() { return tongue_now() != nullptr; }
bool says_english() { return english_here > 0; }
InEnglish::InEnglish() { ++english_here; }
InEnglish::~InEnglish() { --english_here; }

std::string said(std::string_view english) {
    const auto tongue = tongue_now();
    if (!tongue || english.empty()) return std::string(english);
    auto words = tongue(english);
    return words.empty() ? std::string(english) : words;
}

std::vector<std::string> said_each(const std::vector<std::string>& english) {
    std::vector<std::string> words;
    for (const auto& one : english) words.push_back(said(one));
    return words;
}

namespace words_detail {
namespace {

bool is_one(const fmt::format_args& args, size_t index) {
    return fmt::visit_format_arg(
        [](auto value) {
            if constexpr (std::is_integral_v<decltype(value)>)
                return value == 1;
            else
                return false;
        },
        args.get(static_cast<int>(index)));
}

/// As fmt prints it alone.
void append(fmt::memory_buffer& out, const fmt::format_args& args, size_t index, std::string_view format) {
    const auto value = args.get(static_cast<int>(index));
    if (format.empty()) {
        const bool done = fmt::visit_format_arg(
            [&](auto v) {
                using Value = decltype(v);
                if constexpr (std::is_same_v<Value, fmt::string_view>)
                    return out.append(v.data(), v.data() + v.size()), true;
                else if constexpr (std::is_same_v<Value, const char*>)
                    return out.append(v, v + std::char_traits<char>::length(v)), true;
                else if constexpr (std::is_integral_v<Value> && !std::is_same_v<Value, bool> &&
                                   !std::is_same_v<Value, char>) {
                    const fmt::format_int digits(v);
                    return out.append(digits.data(), digits.data() + digits.size()), true;
                } else
                    return false;
            },
            value);
        if (done) return;
    }
    const auto pattern =
        "{" + std::to_string(index) + (format.empty() ? "" : ":") + std::string(format) + "}";
    fmt::vformat_to(fmt::appender(out), pattern, args);
}

/// The places filled and the forms chosen; false where a place is none of the names.
bool append_filled(fmt::memory_buffer& out, std::string_view text, const Names& names,
                   const fmt::format_args& args) {
    size_t from = 0;
    const auto append_literal = [&](size_t to) {
        for (auto chunk = text.substr(from, to - from); !chunk.empty();) {
            // The braces in it are doubled, and one of them is meant.
            const auto brace = std::min({chunk.find('{'), chunk.find('}'), chunk.size()});
            const auto end = std::min(brace + 1, chunk.size());
            out.append(chunk.data(), chunk.data() + end);
            chunk.remove_prefix(std::min(brace + 2, chunk.size()));
        }
    };
    for (auto p = next_place(text, 0); p.begin != std::string_view::npos; p = next_place(text, from)) {
        const auto index = names.index(p.name);
        if (!p.sound || index == names.count()) return false;
        append_literal(p.begin);
        if (!p.chooses)
            append(out, args, index, p.format);
        else if (!append_filled(out, is_one(args, index) ? p.one : p.other, names, args))
            return false;
        from = p.end;
    }
    append_literal(text.size());
    return true;
}

}  // namespace

std::string filled(std::string_view english, std::span<const Piece> pieces, fmt::format_args args) {
    fmt::memory_buffer out;
    if (speaks_another()) {
        const auto theirs = said(english);
        try {
            if (append_filled(out, theirs, Names(english), args)) return fmt::to_string(out);
        } catch (const fmt::format_error&) {  // said in English below
        }
        out.clear();
    }
    for (const auto& piece : pieces) {
        out.append(english.data() + piece.begin, english.data() + piece.end);
        if (piece.value != Piece::none) append(out, args, piece.value, {});
    }
    if (pieces.empty()) append_filled(out, english, Names(english), args);
    return fmt::to_string(out);
}

}  // namespace words_detail

}  // namespace sangre
