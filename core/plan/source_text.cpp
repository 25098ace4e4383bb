#include "plan/source_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "base/units/format.h"
#include "base/units/words.h"
#include "base/words/say.h"
#include "plan/pack_text.h"
#include "plan/source.h"

namespace sangre {
namespace {

constexpr double supply_tolerance = 0.05;
constexpr double most_volts = 60;
// A vehicle's battery of 12 V in name: resting low to charging.
constexpr double low_of_12 = 11.5 / 12, high_of_12 = 14.6 / 12;

/// As a person would write it: 11.4 V, not what a product of fractions leaves behind it.
Volt millivolts(double volts) { return Volt(std::round(volts * 1e3) / 1e3); }

std::optional<SourceKind> kind_named(const std::string& word) {
    if (word == "supply" || word == "brick" || word == "adapter") return SourceKind::supply;
    if (word == "circuit" || word == "tap" || word == "socket") return SourceKind::circuit;
    if (word == "panel" || word == "solar") return SourceKind::panel;
    if (word == "pack" || word == "battery") return SourceKind::pack;
    return {};
}

/// "1.5 mm²", "16 AWG": the copper of a wire, over one word or two.
std::optional<std::pair<SquareMillimetre, size_t>> wire_at(std::string_view text,
                                                           const std::vector<TextWord>& words, size_t i) {
    for (const size_t n : {size_t{1}, size_t{2}}) {
        if (i + n > words.size()) break;
        const auto& last = words[i + n - 1];
        const auto part = text.substr(words[i].begin, last.end - words[i].begin);
        const auto small = lower(std::string(part));
        if (small.find("awg") == std::string::npos && small.find("mm²") == std::string::npos &&
            small.find("mm2") == std::string::npos)
            continue;
        if (const auto area = parse_wire_size(part)) return std::pair{*area, n};
    }
    return {};
}

struct SourceReader {
    const Catalogue& catalogue;
    std::string_view text;
    Source s;
    std::vector<TextWord> words;
    bool volts_said = false;
    bool already = false;  ///< the word stood before

    using Result = tl::expected<void, ParseError>;

    tl::unexpected<ParseError> wrong(size_t begin, size_t end, std::string message) const {
        return tl::unexpected(ParseError{begin, end, std::move(message)});
    }
    Result amount(const Amount& a, size_t begin, bool fuse_follows);
    Result volts(const Amount& a, size_t begin);
    Result word(const TextWord& w);
    tl::expected<Source, ParseError> read();
};

SourceReader::Result SourceReader::volts(const Amount& a, size_t begin) {
    if (a.low <= 0 || a.high >= most_volts)
        return wrong(begin, a.end,
                     say("volts above 0 and below 60 are expected; beyond is outside this tool"));
    volts_said = true;
    s.v_min = Volt(a.low), s.v_max = Volt(a.high);
    if (a.is_range() || s.kind == SourceKind::panel) return {};
    if (s.kind == SourceKind::circuit) {
        s.v_min = millivolts(a.low * low_of_12), s.v_max = millivolts(a.low * high_of_12);
        return {};
    }
    const double around = a.tolerance.value_or(supply_tolerance);
    s.v_min = millivolts(a.low * (1 - around)), s.v_max = millivolts(a.low * (1 + around));
    return {};
}

SourceReader::Result SourceReader::amount(const Amount& a, size_t begin, bool fuse_follows) {
    const bool one = !a.is_range();
    switch (a.dimension) {
        case Dimension::voltage:
            return volts(a, begin);
        case Dimension::current:
            if (!one || a.high <= 0 || a.high > 1000)
                return wrong(begin, a.end, say("amperes above 0 and up to 1000 are expected, one value"));
            if (already)
                s.already = Ampere(a.high);
            else if (s.kind == SourceKind::circuit || fuse_follows)
                s.fuse = Ampere(a.high);
            else if (s.kind == SourceKind::supply)
                s.rated = Ampere(a.high);
            else
                return wrong(begin, a.end, say("a panel is said in watts, such as 20 W"));
            already = false;
            return {};
        case Dimension::power:
            if (!one || a.high <= 0 || a.high > 1e5)
                return wrong(begin, a.end, say("watts above 0 and up to 100 000 are expected, one value"));
            if (s.kind == SourceKind::panel) {
                s.power = Watt(a.high);
                return {};
            }
            if (s.kind == SourceKind::supply && volts_said) {
                s.rated = Ampere(a.high / ((raw(s.v_min) + raw(s.v_max)) / 2));
                return {};
            }
            return wrong(begin, a.end, say("amperes are expected here; watts after the volts of a supply"));
        case Dimension::time:
            if (s.kind != SourceKind::panel || a.high > 24 * 3600)
                return wrong(begin, a.end, say("hours of sun belong to a panel, up to 24 a day"));
            s.sun_low = a.low / 3600, s.sun_high = a.high / 3600;
            return {};
        case Dimension::length:
            if (s.kind != SourceKind::circuit || !one || a.high <= 0 || a.high > 1000)
                return wrong(begin, a.end, say("the length of a circuit's wire, such as 2.5 m, is expected"));
            s.wire_length = Metre(a.high);
            return {};
        default:
            return wrong(begin, a.end, say("volts, amperes, watts, hours or metres are expected here"));
    }
}

SourceReader::Result SourceReader::word(const TextWord& w) {
    const auto small = lower(w.text);
    const auto end = w.end;
    if (const auto kind = kind_named(small)) {
        if (*kind != s.kind) return wrong(w.begin, end, say("it is a {source} already", source_said(s.kind)));
        return {};
    }
    if (small == "already" || small == "feeds") {
        if (s.kind == SourceKind::panel) return wrong(w.begin, end, say("a panel feeds nothing else"));
        already = true;
        return {};
    }
    if (small == "with" || small == "the" || small == "live" || small == "of" || small == "sun" ||
        small == "fuse" || small == "·" || small == "–")
        return {};
    if (s.kind == SourceKind::circuit && (small == "key" || small == "keyed" || small == "switched")) {
        s.with_key = true;
        return {};
    }
    if (s.kind == SourceKind::circuit && (small == "always" || small == "permanent")) {
        s.with_key = false;
        return {};
    }
    for (const auto& f : catalogue.fuses)
        if (s.kind == SourceKind::circuit && f.id == small) {
            s.fuse_type = f.id;
            return {};
        }
    return wrong(w.begin, end,
                 s.kind == SourceKind::circuit
                     ? say("“{word}” is not understood; volts, “15 A fuse”, “already 2 A”, “1.5 mm²”, "
                           "“2.5 m”, “with the key” or “always” are",
                           w.text)
                 : s.kind == SourceKind::supply
                     ? say("“{word}” is not understood; volts, amperes and “already 2 A” are", w.text)
                     : say("“{word}” is not understood; watts, hours of sun and volts are", w.text));
}

tl::expected<Source, ParseError> SourceReader::read() {
    for (size_t i = 0; i < words.size();) {
        const auto& w = words[i];
        const bool number = std::isdigit(static_cast<unsigned char>(w.text[0])) || w.text[0] == '.' ||
                            w.text.starts_with("½") || lower(w.text).starts_with("awg");
        if (!number) {
            if (const auto ok = word(w); !ok) return tl::unexpected(ok.error());
            ++i;
            continue;
        }
        if (s.kind == SourceKind::circuit)
            if (const auto wire = wire_at(text, words, i)) {
                s.wire_area = wire->first;
                i += wire->second;
                continue;
            }
        const auto a = read_amount(text, w.begin);
        if (!a) return tl::unexpected(a.error());
        size_t next = i;
        while (next < words.size() && words[next].begin < a->end) ++next;
        const bool fuse = next < words.size() && lower(words[next].text) == "fuse";
        if (const auto ok = amount(*a, w.begin, fuse); !ok) return tl::unexpected(ok.error());
        i = std::max(next, i + 1);
    }
    const auto missing = [&](const std::string& what) { return wrong(text.size(), text.size(), what); };
    if (s.kind != SourceKind::panel && raw(s.v_max) <= 0)
        return missing(say("its volts are missing, such as 12 V or 11–14.6 V"));
    if (s.kind == SourceKind::supply && raw(s.rated) <= 0)
        return missing(say("the amperes printed on it are missing, such as 5 A"));
    if (s.kind == SourceKind::panel) {
        if (raw(s.power) <= 0) return missing(say("its watts in full sun are missing, such as 20 W"));
        if (raw(s.v_max) <= 0) s.v_min = s.v_max = Volt(14.4);
        if (s.sun_high <= 0) s.sun_low = 1, s.sun_high = 4;
    }
    return s;
}

}  // namespace

tl::expected<Source, ParseError> parse_source(const Catalogue& catalogue, const Source& like,
                                              std::string_view text) {
    auto words = split_words(text, ",;");
    if (words.empty())
        return tl::unexpected(
            ParseError{0, text.size(), say("type a source, such as 8S LFP 35 Ah or brick 12 V 5 A")});
    std::optional<SourceKind> kind;
    size_t said_at = 0;
    for (size_t i = 0; i < words.size() && !kind; ++i)
        if ((kind = kind_named(lower(words[i].text)))) said_at = i;
    Source start;
    start.id = like.id, start.name = like.name, start.place = like.place, start.extra = like.extra;
    if (kind.value_or(SourceKind::pack) == SourceKind::pack) {
        std::string rest(text);
        // Blanked, so that places in errors stay where they are.
        if (kind)
            rest.replace(words[said_at].begin, words[said_at].text.size(), words[said_at].text.size(), ' ');
        return parse_pack(catalogue, like.kind == SourceKind::pack ? like : start, rest);
    }
    if (like.kind == *kind) start = like;
    start.kind = *kind;
    return SourceReader{catalogue, text, std::move(start), std::move(words)}.read();
}

namespace {

std::string exact(double value) { return fmt::format("{:.12g}", value); }

}  // namespace

std::string source_line(const Source& s, const Catalogue& catalogue) {
    if (s.kind == SourceKind::pack) {
        const auto* chemistry = find(catalogue.chemistries, s.chemistry);
        return chemistry ? pack_line(s, *chemistry) : std::string();
    }
    const auto range = fmt::format("{}–{} V", exact(raw(s.v_min)), exact(raw(s.v_max)));
    if (s.kind == SourceKind::panel)
        return fmt::format("panel {} W {}–{} h {} V", exact(raw(s.power)), exact(s.sun_low),
                           exact(s.sun_high), exact(raw(s.v_max)));
    std::string line = fmt::format("{} {}", source_word(s.kind), range);
    if (s.kind == SourceKind::supply) line += fmt::format(" {} A", exact(raw(s.rated)));
    if (raw(s.fuse) > 0) line += fmt::format(" {} A fuse", exact(raw(s.fuse)));
    if (!s.fuse_type.empty()) line += " " + s.fuse_type;
    if (raw(s.already) > 0) line += fmt::format(" already {} A", exact(raw(s.already)));
    if (raw(s.wire_area) > 0) line += fmt::format(" {} mm²", exact(raw(s.wire_area)));
    if (raw(s.wire_length) > 0) line += fmt::format(" {} m", exact(raw(s.wire_length)));
    if (s.kind == SourceKind::circuit) line += s.with_key ? " with the key" : " always";
    return line;
}

}  // namespace sangre
