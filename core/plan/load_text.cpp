#include "plan/load_text.h"

#include <fmt/format.h>

#include <cmath>
#include <optional>

#include "units/format.h"
#include "units/parse.h"

namespace sangre {
namespace {

constexpr double lone_voltage_tolerance = 0.05;

struct Word {
    std::string_view text;
    size_t begin, end;
};

bool digit(char c) { return c >= '0' && c <= '9'; }

std::vector<Word> split(std::string_view text) {
    std::vector<Word> words;
    size_t at = 0;
    while (at < text.size()) {
        while (at < text.size() && (text[at] == ' ' || text[at] == '\t' || text[at] == ';')) ++at;
        // A comma parts words unless it is a decimal comma.
        const size_t begin = at;
        while (at < text.size() && text[at] != ' ' && text[at] != '\t' && text[at] != ';') {
            if (text[at] == ',' &&
                !(at > begin && digit(text[at - 1]) && at + 1 < text.size() && digit(text[at + 1])))
                break;
            ++at;
        }
        if (at > begin) words.push_back({text.substr(begin, at - begin), begin, at});
        if (at < text.size() && text[at] == ',') ++at;
    }
    return words;
}

/// A number with its unit at the front of the words: "12V", "12 V", "7–26V", "7 - 26 V".
struct Amount {
    double low = 0, high = 0;
    Dimension dimension{};
    size_t words = 0, begin = 0, end = 0;
};

struct Reader {
    explicit Reader(std::string_view line) : text(line), words(split(line)) {}
    std::string_view text;
    std::vector<Word> words;
    size_t at = 0;
    LoadText out;
    Load& load = out.load;
    bool have_voltage = false, have_draw = false;
    double typical = 0, idle = -1, peak = 0, start = 0;  // in watts when `watts`, else amperes
    Dimension draw_dimension = Dimension::current;

    void problem(size_t begin, size_t end, std::string message) {
        out.problems.push_back({begin, end, std::move(message)});
    }

    std::optional<double> number(std::string_view s, size_t& used) const {
        used = 0;
        std::string digits;
        while (used < s.size() && (digit(s[used]) || s[used] == '.' || s[used] == ','))
            digits += s[used] == ',' ? '.' : s[used], ++used;
        if (digits.empty() || digits == ".") return std::nullopt;
        const double v = std::strtod(digits.c_str(), nullptr);
        return std::isfinite(v) ? std::optional(v) : std::nullopt;
    }

    /// Reads a quantity from the word at `at`, joined with the next where the unit stands apart.
    std::optional<Amount> quantity() {
        if (at >= words.size() || !digit(words[at].text[0])) return std::nullopt;
        Amount q;
        q.begin = words[at].begin;
        std::string joined(words[at].text);
        size_t last = at;
        const auto has_unit = [&] {
            return std::any_of(joined.begin(), joined.end(),
                               [](unsigned char c) { return std::isalpha(c) || c == 0xCE; });
        };
        while (!has_unit() && last + 1 < words.size() && last < at + 4) joined += words[++last].text;
        for (const auto& dash : {"–", "—", "…", "to"})
            if (const auto found = joined.find(dash); found != std::string::npos)
                joined.replace(found, std::string_view(dash).size(), "-");
        size_t used = 0;
        const auto first = number(joined, used);
        if (!first) return std::nullopt;
        q.low = q.high = *first;
        std::string_view rest = std::string_view(joined).substr(used);
        // "7V-26V" and "7-26V" alike.
        if (const auto dash = rest.find('-'); dash != std::string_view::npos && dash <= 2) {
            size_t more = 0;
            const auto second = number(rest.substr(dash + 1), more);
            if (second) q.high = *second, rest = rest.substr(dash + 1 + more);
        }
        // A unit as decimal mark: 1A5.
        std::string unit(rest);
        size_t tail = unit.size();
        while (tail > 0 && digit(unit[tail - 1])) --tail;
        double scale_tail = 0;
        if (tail < unit.size() && tail > 0) {
            scale_tail = std::strtod(("0." + unit.substr(tail)).c_str(), nullptr);
            unit = unit.substr(0, tail);
        }
        const auto known = unit_symbol(unit);
        q.end = words[last].end;
        if (!known) {
            problem(q.begin, q.end,
                    unit.empty()
                        ? fmt::format("“{}” has no unit; type V, A, W or s after it.", joined)
                        : fmt::format("“{}” is no unit of a load; V, A, mA, W, Ω, ms, s and min are.", unit));
            at = last + 1;
            return std::nullopt;
        }
        q.low = (q.low + scale_tail) * known->factor,
        q.high = (q.high + (q.high == *first ? scale_tail : 0)) * known->factor;
        q.dimension = known->dimension;
        q.words = last + 1 - at;
        at = last + 1;
        return q;
    }

    void chip(LoadChip::Kind kind, std::string shown, size_t begin, size_t end) {
        out.chips.push_back({kind, std::move(shown), begin, end});
    }

    void voltage(const Amount& q) {
        if (have_voltage)
            return problem(q.begin, q.end, "A second voltage: one range is enough, such as 20–30 V.");
        have_voltage = true;
        load.v_min = Volt(q.low), load.v_max = Volt(q.high);
        load.nominal = Volt((q.low + q.high) / 2);
        size_t end = q.end;
        if (q.low == q.high) {
            double tolerance = lone_voltage_tolerance;
            // "±10 %" or "+-10%".
            if (at < words.size() && (words[at].text.starts_with("±") || words[at].text.starts_with("+-"))) {
                std::string joined(words[at].text.substr(2));
                end = words[at++].end;
                if (joined.find('%') == std::string::npos && at < words.size())
                    joined += words[at].text, end = words[at++].end;
                size_t used = 0;
                const auto percent = number(joined, used);
                if (!percent || *percent > 90 || joined.substr(used) != "%")
                    return problem(q.begin, end, "After ± a percentage is expected, such as ±10 %.");
                tolerance = *percent / 100;
            }
            load.v_min = Volt(q.low * (1 - tolerance)), load.v_max = Volt(q.low * (1 + tolerance));
        }
        if (q.low > q.high)
            problem(q.begin, end,
                    fmt::format("The least voltage, {}, is above the greatest, {}: swap them.",
                                format(Volt(q.low)), format(Volt(q.high))));
        else if (q.low >= 60)
            problem(q.begin, end, "Mains and everything from 60 V DC up is outside this tool.");
        else if (q.high <= 0)
            problem(q.begin, end, "A voltage above zero is expected.");
        chip(LoadChip::Kind::voltage,
             fmt::format("{} – {}", format_number(raw(load.v_min)), format(load.v_max)), q.begin, end);
    }

    void typical_draw(const Amount& q) {
        if (have_draw) return problem(q.begin, q.end, "A second draw: say “peak” or “idle” before it.");
        have_draw = true;
        draw_dimension = q.dimension;
        typical = q.high;
        if (q.dimension == Dimension::resistance && q.high <= 0)
            problem(q.begin, q.end, "A resistance above zero is expected.");
        chip(LoadChip::Kind::current, "", q.begin, q.end);
    }

    /// "peak 35 A 2 s", "start 14A for 0.4s": amount, then time.
    void pulse(const Word& word, double& amount, Second& time, double default_time) {
        const auto q = quantity();
        if (!q || (q->dimension != Dimension::current && q->dimension != Dimension::power))
            return problem(word.begin, q ? q->end : word.end,
                           fmt::format("After “{}” a current or power is expected, such as {} 14 A 0.4 s.",
                                       word.text, word.text));
        amount = q->high;
        pulse_dimension = q->dimension;
        time = Second(default_time);
        size_t end = q->end;
        if (at < words.size() && lower(words[at].text) == "for") ++at;
        const size_t keep = at;
        const auto problems = out.problems.size();
        if (const auto t = quantity(); t && t->dimension == Dimension::time)
            time = Second(t->high), end = t->end;
        else
            at = keep, out.problems.resize(problems);
        chip(LoadChip::Kind::pulse, std::string(word.text), word.begin, end);
    }
    Dimension pulse_dimension = Dimension::current;

    bool kind_word(const Word& w, LoadKind kind) {
        load.kind = kind;
        chip(LoadChip::Kind::manner, kind == LoadKind::motor ? "motor" : "LED", w.begin, w.end);
        return true;
    }

    /// "motor 24V 3A" and "LEDs 12 V 0.8 A" say what they are by their name alone.
    void kind_from_name() {
        const auto name = lower(load.name);
        if (name == "motor" || name == "motors") load.kind = LoadKind::motor;
        if (name == "led" || name == "leds" || name == "led strip") load.kind = LoadKind::led;
        const auto named = [&](bool& flag, const char* word) {
            const auto place = name.find(word);
            if (flag || place == std::string::npos) return;
            flag = true;
            chip(LoadChip::Kind::manner, word, place, place + std::string_view(word).size());
        };
        named(load.transmitter, "transmitter");
        if (name == "starter" || name == "starter motor") named(load.starter, "starter");
    }

    bool keyword(const Word& w) {
        const auto t = lower(w.text);
        const auto manner = [&](bool& flag, const char* shown, size_t end) {
            flag = true;
            chip(LoadChip::Kind::manner, shown, w.begin, end);
            return true;
        };
        if (t == "noisy") return ++at, manner(load.noisy, "noisy", w.end);
        if (t == "sensitive") return ++at, manner(load.sensitive, "sensitive", w.end);
        if (t == "vital") return ++at, manner(load.vital, "vital", w.end);
        if (t == "transmitter") return ++at, manner(load.transmitter, "transmitter", w.end);
        if (t == "starter") return ++at, manner(load.starter, "starter", w.end);
        if (t == "assumed") return ++at, manner(load.assumed, "assumed", w.end);
        if (t == "motor" || t == "led")
            return ++at, kind_word(w, t == "motor" ? LoadKind::motor : LoadKind::led);
        if (t == "switched") return ++at, manner(load.own_switch, "switched", w.end);
        if (t == "always-on") return ++at, manner(load.always_on, "always on", w.end);
        if (t == "always" && at + 1 < words.size() && lower(words[at + 1].text) == "on") {
            at += 2;
            return manner(load.always_on, "always on", words[at - 1].end);
        }
        if (t == "idle" || t == "standby") {
            ++at;
            const auto q = quantity();
            if (!q || (q->dimension != Dimension::current && q->dimension != Dimension::power))
                problem(w.begin, w.end, "After “idle” a current is expected, such as idle 80 mA.");
            else
                idle = q->high, idle_dimension = q->dimension,
                chip(LoadChip::Kind::pulse, "idle", w.begin, q->end);
            return true;
        }
        // What a motor draws when held is its winding; for anything else a stall is its peak.
        if (t == "stall" && load.kind == LoadKind::motor)
            return ++at, pulse(w, start, load.start_time, 0.3), start_dimension = pulse_dimension, true;
        if (t == "peak" || t == "stall" || t == "max")
            return ++at, pulse(w, peak, load.peak_time, 2), peak_dimension = pulse_dimension, true;
        if (t == "start" || t == "start-up" || t == "inrush")
            return ++at, pulse(w, start, load.start_time, 0.3), start_dimension = pulse_dimension, true;
        return false;
    }
    Dimension idle_dimension{}, peak_dimension{}, start_dimension{};

    bool starts_content(size_t i) {
        const auto& w = words[i];
        const auto t = lower(w.text);
        if (digit(w.text[0])) {
            // "Camera 2 12V": a bare number that no unit follows belongs to the name.
            std::string_view s = w.text;
            const bool bare = std::all_of(s.begin(), s.end(), [](char c) { return digit(c); });
            if (!bare) return true;
            return i + 1 < words.size() &&
                   (unit_symbol(words[i + 1].text).has_value() || words[i + 1].text[0] == '-' ||
                    words[i + 1].text.starts_with("–"));
        }
        // "transmitter" and "starter" before the first quantity name the thing; they count as said all the
        // same.
        for (const char* k : {"noisy", "sensitive", "vital", "switched", "always-on", "idle", "standby",
                              "peak", "stall", "inrush", "assumed"})
            if (t == k) return i > 0;
        return i > 0 && t == "always" && i + 1 < words.size() && lower(words[i + 1].text) == "on";
    }

    void finish() {
        if (load.name.empty())
            problem(0, text.size(), "A name is missing: start with what it is, such as “Fog pump”.");
        if (!have_voltage) problem(0, text.size(), "A voltage is missing, such as 12 V or 7–26 V.");
        if (!have_draw && peak <= 0)
            problem(0, text.size(), "A current or power is missing, such as 2.4 A or 30 W.");
        if (!out.problems.empty()) return;
        const double nominal = raw(load.nominal);
        const auto amps = [&](double v, Dimension d) {
            return Ampere(d == Dimension::power ? v / nominal : v);
        };
        if (draw_dimension == Dimension::resistance)
            load.kind = LoadKind::resistance, load.typical = Ampere(nominal / typical);
        else if (draw_dimension == Dimension::power)
            load.typical = amps(typical, Dimension::power),
            load.kind = load.kind == LoadKind::current ? LoadKind::power : load.kind;
        else
            load.typical = Ampere(have_draw ? typical : peak / 3);
        load.idle = idle >= 0 ? amps(idle, idle_dimension) : load.always_on ? load.typical : Ampere(0);
        load.peak = peak > 0 ? amps(peak, peak_dimension) : load.typical;
        load.start = start > 0 ? amps(start, start_dimension) : Ampere(0);
        if (load.peak < load.typical)
            problem(0, text.size(),
                    fmt::format("The peak, {}, is below the typical {}.", format(load.peak),
                                format(load.typical)));
        auto shown = load_chips(load);
        for (auto& s : shown) {
            for (const auto& c : out.chips)
                if (c.kind == s.kind && (c.kind != LoadChip::Kind::manner || c.text == s.text) &&
                    (c.kind != LoadChip::Kind::pulse || s.text.starts_with(lower(c.text))))
                    s.begin = c.begin, s.end = c.end;
        }
        out.chips = std::move(shown);
    }

    LoadText run() {
        size_t first = 0;
        while (first < words.size() && !starts_content(first)) ++first;
        if (first > 0)
            load.name = std::string(text.substr(words[0].begin, words[first - 1].end - words[0].begin));
        kind_from_name();
        at = first;
        while (at < words.size()) {
            const Word w = words[at];
            if (keyword(w)) continue;
            if (digit(w.text[0])) {
                const auto q = quantity();
                if (!q) continue;
                if (q->dimension == Dimension::voltage)
                    voltage(*q);
                else if (q->dimension == Dimension::current || q->dimension == Dimension::power ||
                         q->dimension == Dimension::resistance)
                    typical_draw(*q);
                else
                    problem(q->begin, q->end, "A voltage, current or power is expected here.");
                continue;
            }
            problem(w.begin, w.end,
                    fmt::format("“{}” is not understood; noisy, sensitive, vital, always on, switched, "
                                "motor, LED, starter, assumed, "
                                "transmitter, idle, peak and start are.",
                                w.text));
            ++at;
        }
        finish();
        return std::move(out);
    }
};

}  // namespace

LoadText parse_load(std::string_view text) { return Reader(text).run(); }

}  // namespace sangre
