#include "plan/terminal_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/units/words.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double least_mm = 0.2, most_mm = 50;
constexpr int most_wires = 100;

constexpr auto role_words = std::to_array<std::pair<std::string_view, TerminalRole>>({
    {"+", TerminalRole::plus},
    {"in", TerminalRole::plus},
    {"supply", TerminalRole::plus},
    {"−", TerminalRole::minus},
    {"-", TerminalRole::minus},
    {"return", TerminalRole::minus},
    {"ground", TerminalRole::minus},
    {"minus", TerminalRole::minus},
    {"plus", TerminalRole::plus},
    {"out", TerminalRole::out},
    {"output", TerminalRole::out},
    {"signal", TerminalRole::signal},
    {"phase", TerminalRole::phase},
});
/// What a printed name is for, where it says so.
std::optional<TerminalRole> role_by_name(std::string_view name) {
    const auto small = lower(name);
    if (small.ends_with('+') || small == "vin" || small == "vcc" || small == "bat") return TerminalRole::plus;
    if (small.ends_with("-") || small.ends_with("−") || small == "gnd" || small == "0v")
        return TerminalRole::minus;
    if (small.starts_with("out") || small == "vout") return TerminalRole::out;
    return {};
}

std::optional<TerminalRole> role_named(const std::string& small) {
    for (const auto& [word, role] : role_words)
        if (small == word) return role;
    return {};
}

struct TerminalReader {
    std::string_view text;
    Terminal t;
    std::optional<TerminalRole> role;

    using Result = tl::expected<void, ParseError>;
    static tl::unexpected<ParseError> wrong(size_t begin, size_t end, std::string message) {
        return tl::unexpected(ParseError{begin, end, std::move(message)});
    }
    /// Takes the number that begins with word `i`: "2.5 mm", "M8", "2 wires"; moves `i` behind it.
    Result number(const std::vector<TextWord>& words, size_t& i);
    tl::expected<Terminal, ParseError> read(size_t begin, size_t end);
};

TerminalReader::Result TerminalReader::number(const std::vector<TextWord>& words, size_t& i) {
    const auto& w = words[i];
    const auto next = i + 1 < words.size() ? lower(words[i + 1].text) : std::string();
    if (next == "wires" || next == "wire") {
        const auto n = plain_number(w.text);
        if (!n || *n < 1 || *n > most_wires || *n != static_cast<int>(*n))
            return wrong(w.begin, w.end, say("A whole number of wires, from 1 to 100, is expected."));
        t.wires = static_cast<int>(*n);
        i += 2;
        return {};
    }
    const bool thread = lower(w.text.substr(0, 1)) == "m";
    const size_t from = w.begin + (thread ? 1 : 0);
    // "1.2 × 2 mm": a pad's two sides, with the unit behind both or each.
    size_t last = i, times = std::string_view::npos, long_by = 0;
    const auto part_of_it = [&](std::string_view word) {
        return unit_symbol(word) || word == "x" || word == "×" || is_digit(word[0]);
    };
    const auto find_times = [&] {
        const auto said = text.substr(from, words[last].end - from);
        for (const std::string_view mark : {"×", "x"})
            if (const auto at = said.find(mark); at < times) times = at, long_by = mark.size();
    };
    find_times();
    while (last + 1 < words.size() && part_of_it(words[last + 1].text) &&
           !(last + 2 < words.size() && lower(words[last + 2].text).starts_with("wire")))
        ++last, find_times();
    const auto said = text.substr(from, words[last].end - from);
    const bool two = times < said.size();
    auto second = two ? said.substr(times + long_by) : std::string_view();
    while (second.starts_with(' ')) second.remove_prefix(1);
    const auto length_of = [&](std::string_view part, Millimetre& into) -> Result {
        const auto metres = parse_value(part, Dimension::length, "mm");
        if (!metres) return wrong(w.begin, words[last].end, metres.error().message);
        if (*metres * 1e3 < least_mm || *metres * 1e3 > most_mm)
            return wrong(w.begin, words[last].end, say("A terminal is 0.2 to 50 mm wide."));
        into = Millimetre(*metres * 1e3);
        return {};
    };
    auto first = two ? said.substr(0, times) : said;
    while (first.ends_with(' ')) first.remove_suffix(1);
    if (const auto ok = length_of(first, t.size); !ok) return ok;
    if (two) {
        if (const auto ok = length_of(second, t.along); !ok) return ok;
        if (t.takes != TerminalTakes::pad && t.takes != TerminalTakes::unsaid)
            return wrong(w.begin, words[last].end, say("Only a pad has two sides."));
        t.takes = TerminalTakes::pad;
    }
    i = last + 1;
    return {};
}

tl::expected<Terminal, ParseError> TerminalReader::read(size_t begin, size_t end) {
    const size_t comma = find_comma(text, begin), stop = std::min(comma, end);
    const auto words = split_words(text, {}, begin, stop);
    if (words.empty())
        return wrong(begin, end, say("A terminal's printed name comes first: “V+ screw 2.5 mm, left”."));
    t.name = words.front().text;
    for (size_t i = 1; i < words.size();) {
        const auto small = lower(words[i].text);
        if (const auto said = role_named(small)) {
            if (role)
                return wrong(words[i].begin, words[i].end,
                             say("{terminal} is {role_word} already.", t.name, role_word(*role)));
            role = *said;
        } else if (const auto takes = by_word<TerminalTakes>(small))
            t.takes = *takes;
        else if (is_digit(small[0]) || (small[0] == 'm' && small.size() > 1 && is_digit(small[1]))) {
            if (const auto ok = number(words, i); !ok) return tl::unexpected(ok.error());
            continue;
        } else
            return wrong(
                words[i].begin, words[i].end,
                say("What it is for (+, −, out, signal, phase), what it takes (screw, pad, stud, lever, "
                    "blade, plug, lead), a size in mm or “2 wires” is expected; where it is comes after a "
                    "comma."));
        ++i;
    }
    if (!role) role = role_by_name(t.name);
    if (!role)
        return wrong(words.front().begin, words.back().end,
                     say("What {terminal} is for is missing: +, −, out, signal or phase.", t.name));
    t.role = *role;
    if (comma < end)
        for (const auto& w : split_words(text, {}, stop + 1, end))
            t.where += (t.where.empty() ? "" : " ") + std::string(w.text);
    return t;
}

}  // namespace

tl::expected<std::vector<Terminal>, ParseError> parse_terminals(std::string_view text) {
    std::vector<Terminal> all;
    for (size_t begin = 0; begin <= text.size();) {
        const size_t end = std::min(text.find(';', begin), text.size());
        if (!split_words(text, {}, begin, end).empty()) {
            const auto one = TerminalReader{text, {}, {}}.read(begin, end);
            if (!one) return tl::unexpected(one.error());
            for (const auto& other : all)
                if (other.name == one->name)
                    return tl::unexpected(
                        ParseError{begin, end, say("There are two called {one}: number them.", one->name)});
            all.push_back(*one);
        }
        begin = end + 1;
    }
    return all;
}

std::string terminals_line(const std::vector<Terminal>& terminals) {
    std::string line;
    for (const auto& t : terminals) {
        line += (line.empty() ? "" : "; ") + t.name + " " + role_word(t.role);
        if (t.takes != TerminalTakes::unsaid) line += " " + word_of(t.takes);
        if (raw(t.along) > 0)
            line += fmt::format(" {} × {} mm", exact_number(raw(t.size)), exact_number(raw(t.along)));
        else if (raw(t.size) > 0)
            line += " " + exact_number(raw(t.size)) + " mm";
        if (t.wires != 1) line += fmt::format(" {} wires", t.wires);
        if (!t.where.empty()) line += ", " + t.where;
    }
    return line;
}

}  // namespace sangre
