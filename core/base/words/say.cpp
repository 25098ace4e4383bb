#include "base/words/say.h"

#include <fmt/format.h>

#include "base/words/look_up.h"
#include "base/words/reader.h"

namespace sangre {

Words said(std::string_view english) {
    return later([english = std::string(english)] { return looked_up(english); });
}

std::vector<Words> said_each(const std::vector<std::string>& english) {
    std::vector<Words> words;
    for (const auto& one : english) words.push_back(said(one));
    return words;
}

namespace words_detail {
namespace {

bool is_one(const Value& value) {
    const auto* count = std::get_if<long long>(&value);
    return count && *count == 1;
}

/// As fmt prints it alone; false where words are given a format.
bool append(std::string& out, const Value& value, std::string_view format) {
    if (const auto* words = std::get_if<Words>(&value)) {
        out += words->str();
        return format.empty();
    }
    const auto pattern = format.empty() ? std::string("{}") : fmt::format("{{:{}}}", format);
    if (const auto* count = std::get_if<long long>(&value))
        fmt::format_to(std::back_inserter(out), fmt::runtime(pattern), *count);
    else
        fmt::format_to(std::back_inserter(out), fmt::runtime(pattern), std::get<double>(value));
    return true;
}

/// The places filled and the forms chosen; false where a place is none of the names.
bool append_filled(std::string& out, std::string_view text, const Names& names,
                   std::span<const Value> values) {
    size_t from = 0;
    const auto append_literal = [&](size_t to) {
        for (auto chunk = text.substr(from, to - from); !chunk.empty();) {
            // The braces in it are doubled, and one of them is meant.
            const auto brace = std::min({chunk.find('{'), chunk.find('}'), chunk.size()});
            out += chunk.substr(0, std::min(brace + 1, chunk.size()));
            chunk.remove_prefix(std::min(brace + 2, chunk.size()));
        }
    };
    for (auto p = next_place(text, 0); p.begin != std::string_view::npos; p = next_place(text, from)) {
        const auto index = names.index(p.name);
        if (!p.sound || index == names.count()) return false;
        append_literal(p.begin);
        if (p.chooses ? !append_filled(out, is_one(values[index]) ? p.one : p.other, names, values)
                      : !append(out, values[index], p.format))
            return false;
        from = p.end;
    }
    append_literal(text.size());
    return true;
}

}  // namespace

std::string filled(std::string_view english, std::span<const Value> values) {
    const Names names(english);
    std::string out;
    if (speaks_another()) {
        try {
            if (append_filled(out, looked_up(english), names, values)) return out;
        } catch (const fmt::format_error&) {  // said in English below
        }
        out.clear();
    }
    append_filled(out, english, names, values);
    return out;
}

}  // namespace words_detail

}  // namespace sangre
