#include "plan/pack_text.h"

#include <fmt/format.h>

#include <cmath>
#include <optional>
#include <regex>

#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/bare_volts.h"

namespace sangre {
namespace {

struct PackWord {
    size_t begin = 0;
    std::string text;
};

/// Words, with a number and the unit behind it as one.
std::vector<PackWord> pack_words(std::string_view text) {
    static const std::regex pattern(
        R"(\d+\s*[sS]\s*\d+\s*[pP]\b|\d+\s*[sS]\b|\d+\s*[pP]\b|\d+(?:[.,]\d+)?\s*(?:mAh|Ah|Wh|V|C)\b|[^\s,·]+)",
        std::regex::icase);
    const std::string s(text);
    std::vector<PackWord> words;
    for (std::sregex_iterator it(s.begin(), s.end(), pattern), end; it != end; ++it)
        words.push_back({static_cast<size_t>(it->position()), it->str()});
    return words;
}

std::optional<int> count_before(const std::string& word, char unit) {
    std::smatch found;
    const std::regex pattern(fmt::format(R"((\d{{1,3}})\s*{}(?![a-z]))", unit), std::regex::icase);
    if (!std::regex_search(word, found, pattern)) return {};
    return static_cast<int>(plain_number(found[1].str()).value_or(0));
}

const Chemistry* chemistry_named(const Catalogue& catalogue, const std::string& word) {
    const auto wanted = lower(word);
    const auto starts = [&](std::string_view name) { return lower(name).starts_with(wanted); };
    for (const auto& c : catalogue.chemistries)
        if (lower(c.id) == wanted || c.short_name.is_called(word)) return &c;
    for (const auto& c : catalogue.chemistries) {
        if (starts(c.id) || starts(c.short_name.english()) || starts(c.short_name.spoken())) return &c;
        // Any word of its name: "iron", "pouch".
        for (const auto& name : {c.name.english(), c.name.spoken()})
            for (const auto& part : pack_words(name))
                if (starts(part.text) && wanted.size() >= 3) return &c;
    }
    return nullptr;
}

}  // namespace

namespace {

/// "charger 29.2 V 5 A", "no charger": where it begins in the text, or its end where nothing is said of one.
tl::expected<size_t, ParseError> read_charger(Source& b, std::string_view text) {
    const auto small = lower(text);
    size_t begin = small.find("charger");
    if (begin == std::string::npos) return text.size();
    size_t at = begin + std::string_view("charger").size();
    if (const auto no = small.rfind("no ", begin); no != std::string::npos && no + 3 == begin) {
        b.charger = Volt(0), b.charger_current = Ampere(0);
        return no;
    }
    bool volts = false, amps = false;
    for (;;) {
        while (at < text.size() && (text[at] == ' ' || text[at] == ',')) ++at;
        if (at >= text.size()) break;
        const auto a = read_amount(text, at);
        if (!a) return tl::unexpected(a.error());
        const auto wrong = [&](const std::string& message) {
            return tl::unexpected(ParseError{at, a->end, message});
        };
        if (a->is_range()) return wrong(say("one value is expected of a charger"));
        if (a->dimension == Dimension::voltage && !volts) {
            if (a->high <= 0 || a->high >= 60)
                return wrong(say("a charger's volts lie above 0 and below 60"));
            b.charger = Volt(a->high), volts = true;
        } else if (a->dimension == Dimension::current && !amps) {
            if (a->high <= 0 || a->high > 1000)
                return wrong(say("a charger's amperes lie above 0, up to 1000"));
            b.charger_current = Ampere(a->high), amps = true;
        } else
            return wrong(say("of a charger its volts and amperes are expected: charger 29.2 V 5 A"));
        at = a->end;
    }
    if (!volts)
        return tl::unexpected(
            ParseError{begin, text.size(), say("the volts it ends at are missing: charger 29.2 V 5 A")});
    return begin;
}

/// "4 AA cells", "2 x D cells": so many of a size that shops have, alkaline where nothing else is said.
struct RoundCells {
    size_t begin = 0, end = 0;
    int series = 1;
    const CellType* cell = nullptr;
};
std::optional<RoundCells> round_cells(const Catalogue& catalogue, std::string_view text) {
    static const std::regex pattern(R"((\d{1,2})\s*(?:x|×)?\s*(AAA|AA|C|D)(\s+cells?)?\b)",
                                    std::regex::icase);
    const std::string s(text);
    std::smatch found;
    if (!std::regex_search(s, found, pattern)) return {};
    // "20 C" alone is how fast a pack may be emptied.
    std::string size = found[2].str();
    for (auto& c : size) c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
    if (size.size() == 1 && !found[3].matched) return {};
    RoundCells round{static_cast<size_t>(found.position()),
                     static_cast<size_t>(found.position() + found.length()),
                     static_cast<int>(plain_number(found[1].str()).value_or(1)), nullptr};
    const bool rechargeable = lower(s).find("nimh") != std::string::npos;
    for (const auto& cell : catalogue.cells)
        if (const auto& name = cell.name.english();
            (name.ends_with(" " + size) || name.find(" " + size + ",") != std::string::npos) &&
            cell.chemistry == (rechargeable ? "nimh" : "alkaline"))
            round.cell = &cell;
    return round;
}

}  // namespace

tl::expected<Source, ParseError> parse_pack(const Catalogue& catalogue, const Source& like,
                                            std::string_view text) {
    Source b = like;
    const auto cells_end = read_charger(b, text);
    if (!cells_end) return tl::unexpected(cells_end.error());
    text = text.substr(0, *cells_end);
    std::optional<double> volts, amp_hours;
    const auto round = round_cells(catalogue, text);
    const auto wrong = [&](const PackWord& w, std::string message) {
        return tl::unexpected(ParseError{w.begin, w.begin + w.text.size(), std::move(message)});
    };
    const auto words = pack_words(text);
    if (words.empty() && raw(b.charger) <= 0 && like.charger == b.charger)
        return tl::unexpected(ParseError{0, text.size(), say("type a pack, such as 8S LFP 35 Ah")});
    bool series_said = false, rated = false;
    if (round && round->series < 1)
        return tl::unexpected(
            ParseError{round->begin, round->end, say("at least one cell in series and in parallel")});
    if (round) b.series = round->series, series_said = true;
    for (const auto& w : words) {
        if (round && w.begin >= round->begin && w.begin < round->end) continue;
        if (const auto small = lower(w.text); small == "cells" || small == "cell" || small == "acid")
            continue;
        const auto s = count_before(w.text, 's'), p = count_before(w.text, 'p');
        if (s || p) {
            if ((s && *s < 1) || (p && *p < 1))
                return wrong(w, say("at least one cell in series and in parallel"));
            if (s) b.series = *s, series_said = true;
            if (p) b.parallel = *p;
            continue;
        }
        if (std::isdigit(static_cast<unsigned char>(w.text[0]))) {
            if (const auto v = parse_value(w.text, Dimension::voltage); v && lower(w.text).ends_with("v")) {
                if (*v <= 0 || *v >= 60)
                    return wrong(w,
                                 say("volts above 0 and below 60 are expected; beyond is outside this tool"));
                volts = *v;
                continue;
            }
            if (w.text.ends_with('C') || w.text.ends_with('c')) {
                const auto c = plain_number(w.text.substr(0, w.text.find_last_not_of(" cC") + 1));
                if (!c || *c <= 0 || *c > 500)
                    return wrong(w, say("a discharge rating above 0 and up to 500 C is expected"));
                (rated ? b.burst_c : b.c_rate) = *c;
                if (!rated) b.burst_c = 0;
                rated = true;
                continue;
            }
            const auto q = parse_value(w.text, Dimension::charge);
            if (!q)
                return wrong(w, say("cells (8S, 2P), volts or ampere-hours are expected: {message}",
                                    q.error().message));
            if (*q < 1e-3 || *q > 1e5)
                return wrong(w, say("a capacity from 1 mAh to 100 000 Ah is expected"));
            amp_hours = *q;
            continue;
        }
        const auto* chemistry = chemistry_named(catalogue, w.text);
        if (!chemistry) {
            std::string known;
            for (const auto& c : catalogue.chemistries)
                known += (known.empty() ? "" : ", ") + c.short_name.spoken();
            return wrong(w, say("“{word}” is no chemistry; {known} are known", w.text, known));
        }
        b.chemistry = chemistry->id;
    }
    if (round && round->cell) {
        if (b.chemistry.empty()) b.chemistry = round->cell->chemistry;
        if (!amp_hours && raw(b.cell_capacity) <= 0) amp_hours = raw(round->cell->capacity) * b.parallel;
    }
    // A bare voltage names a pack: 14.8 V is four lithium cells.
    if (volts && !series_said && b.chemistry.empty())
        if (const auto readings = readings_of(*volts); !readings.empty())
            b.chemistry = readings.front().chemistry, b.series = readings.front().series, series_said = true;
    const auto* chemistry = find(catalogue.chemistries, b.chemistry);
    if (volts && !series_said) {
        if (!chemistry)
            return tl::unexpected(ParseError{0, text.size(), say("say the chemistry, such as LFP")});
        b.series = std::max(1, static_cast<int>(std::lround(*volts / raw(chemistry->nominal))));
        const double made = raw(chemistry->nominal) * b.series;
        if (std::abs(made - *volts) > 0.13 * *volts)
            return tl::unexpected(ParseError{
                0, text.size(),
                say("{short_name} cells make {made}, not {volts}; say how many in series, such as {series}S",
                    chemistry->short_name, format(Volt(made)), format(Volt(*volts)), b.series)});
    }
    if (!chemistry) return tl::unexpected(ParseError{0, text.size(), say("say the chemistry, such as LFP")});
    if (!amp_hours && raw(b.cell_capacity) <= 0)
        return tl::unexpected(ParseError{0, text.size(), say("its capacity is missing, such as 35 Ah")});
    if (amp_hours) b.cell_capacity = AmpereHour(*amp_hours / b.parallel);
    return b;
}

std::string pack_line(const Source& b, const Chemistry& chemistry) {
    std::string charger;
    if (raw(b.charger) > 0) charger = " charger " + exact_number(raw(b.charger)) + " V";
    if (raw(b.charger) > 0 && raw(b.charger_current) > 0)
        charger += " " + exact_number(raw(b.charger_current)) + " A";
    std::string rates;
    for (const double c : {b.c_rate, b.c_rate > 0 ? b.burst_c : 0})
        if (c > 0) rates += " " + exact_number(c) + " C";
    return fmt::format("{}S{} {} {}{}{}", b.series, b.parallel > 1 ? fmt::format("{}P", b.parallel) : "",
                       chemistry.short_name, format(AmpereHour(raw(b.cell_capacity) * b.parallel)), rates,
                       charger);
}

}  // namespace sangre
