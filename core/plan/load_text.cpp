#include "plan/load_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "base/units/format.h"
#include "base/units/number.h"
#include "base/units/parse.h"
#include "base/units/words.h"
#include "base/words/say.h"
#include "plan/bare_volts.h"
#include "plan/load_names.h"
#include "plan/typed_words.h"

namespace sangre {
namespace {

constexpr double most_amps = 1e4;     // as a plan's file has it
constexpr double least_volts = 1e-3;  // below it nothing runs, and a line would say 0 V
constexpr Second most_time(1e6);

struct Reader {
    explicit Reader(std::string_view line)
        : text(line), words(load_words_in_english(split_words(line, ",;"))) {}
    std::string_view text;
    std::vector<TextWord> words;
    size_t at = 0;
    LoadText out;
    Load& load = out.load;
    bool have_voltage = false, have_draw = false;
    double typical = 0, idle = -1, peak = 0, start = 0;  // in watts when `watts`, else amperes
    Dimension draw_dimension = Dimension::current;

    void problem(size_t begin, size_t end, std::string message) {
        out.problems.push_back({begin, end, std::move(message)});
    }

    /// Reads an amount that begins with the word at `at`, and goes on behind it. Nothing, with the problem
    /// noted, where there is none.
    std::optional<Amount> quantity() {
        if (at >= words.size() || !begins_number(words[at].text)) return std::nullopt;
        const size_t begin = words[at].begin;
        auto amount = read_amount(text, begin);
        const size_t end = amount ? amount->end : amount.error().end;
        while (at < words.size() && words[at].begin < end) ++at;
        const size_t stopped = words[at - 1].end;
        if (!amount) {
            problem(amount.error().begin, std::max(amount.error().end, amount.error().begin),
                    amount.error().message);
            return std::nullopt;
        }
        if (amount->end < stopped) {
            problem(amount->end, stopped,
                    say("“{text}” is not understood behind “{amount}”.",
                        text.substr(amount->end, stopped - amount->end),
                        text.substr(begin, amount->end - begin)));
            return std::nullopt;
        }
        amount_begin = begin;
        return *amount;
    }
    size_t amount_begin = 0;  ///< of the last amount read

    static bool begins_number(std::string_view word) {
        if (is_digit(word[0]) || (word.size() > 1 && word[0] == '.' && is_digit(word[1]))) return true;
        return word[0] != '-' && scan_number(word).has_value();
    }

    void chip(LoadChip::Kind kind, std::string shown, size_t begin, size_t end) {
        out.chips.push_back({kind, std::move(shown), begin, end});
    }

    void voltage(const Amount& q) {
        const size_t begin = amount_begin, end = q.end;
        if (have_voltage)
            return problem(begin, end, say("A second voltage: one range is enough, such as 20–30 V."));
        have_voltage = true;
        lone_voltage = !q.is_range() && !q.tolerance;
        load.v_min = Volt(q.low), load.v_max = Volt(q.high);
        load.nominal = Volt((q.low + q.high) / 2);
        if (q.is_range() && q.tolerance)
            problem(begin, end, say("A range has no tolerance: give one or the other."));
        if (!q.is_range()) {
            const double tolerance = q.tolerance.value_or(lone_voltage_tolerance);
            load.v_min = about(q.low, -tolerance), load.v_max = about(q.low, tolerance);
        }
        if (q.low > q.high)
            problem(begin, end,
                    say("The minimum voltage, {low}, is above the maximum, {high}: swap them.",
                        format(Volt(q.low)), format(Volt(q.high))));
        else if (q.low >= 60)
            problem(begin, end, say("Mains and everything from 60 V DC up is outside this tool."));
        else if (q.high < least_volts)
            problem(begin, end, say("A voltage above zero is expected."));
        chip(LoadChip::Kind::voltage, "", begin, end);
    }
    bool lone_voltage = false, regulated = false;

    /// "12 V" alone is a battery's name, and a battery of that name moves.
    void name_of_a_battery() {
        if (!lone_voltage || regulated) return;
        if (const auto range = bare_range(raw(load.nominal), load.kind))
            load.v_min = Volt(range->low), load.v_max = Volt(range->high), load.range_assumed = true;
    }

    void typical_draw(const Amount& q) {
        if (have_draw)
            return problem(amount_begin, q.end, say("A second draw: say “peak” or “idle” before it."));
        have_draw = true;
        draw_dimension = q.dimension;
        typical = q.high;
        if (q.is_range())
            problem(amount_begin, q.end,
                    say("One typical draw is wanted; what is more for a while is its “peak”."));
        if (q.dimension == Dimension::resistance && q.high <= 0)
            problem(amount_begin, q.end, say("A resistance above zero is expected."));
        chip(LoadChip::Kind::current, "", amount_begin, q.end);
    }

    void one_only(const Amount& q) {
        if (q.is_range()) problem(amount_begin, q.end, say("One amount is wanted here, not a range."));
    }

    /// "peak 35 A 2 s", "start 14A for 0.4s": amount, then time.
    void pulse(const TextWord& word, double& amount, Second& time, double default_time) {
        const auto q = quantity();
        if (!q || (q->dimension != Dimension::current && q->dimension != Dimension::power))
            return problem(
                word.begin, q ? q->end : word.end,
                say("After “{word}” a current or power is expected, such as {word} 14 A 0.4 s.", word.text));
        one_only(*q);
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

    /// "bridge 0.3 Ω", "bridge 1.8 V": what stands between a motor and its supply.
    void bridge(const TextWord& w) {
        const auto q = quantity();
        const bool ohm = q && q->dimension == Dimension::resistance;
        if (!q || (!ohm && q->dimension != Dimension::voltage) || q->low < 0 || q->high > (ohm ? 1000 : 10))
            return problem(
                w.begin, q ? q->end : w.end,
                say("After “bridge” its ohms or the volts it takes are expected, such as bridge 0.3 Ω."));
        one_only(*q);
        if (ohm)
            load.bridge = Ohm(q->high);
        else
            load.bridge_drop = Volt(q->high);
        bridge_at = w;
        chip(LoadChip::Kind::pulse, "bridge", w.begin, q->end);
    }
    std::optional<TextWord> bridge_at;

    std::optional<LoadKind> said_kind;  ///< in so many words, whatever its name is
    bool kind_word(const TextWord& w, LoadKind kind) {
        load.kind = kind;
        chip(LoadChip::Kind::manner, kind == LoadKind::motor ? "motor" : "LED", w.begin, w.end);
        return true;
    }

    /// "Drive motor 24V 8A" and "LEDs 12 V 0.8 A" say what they are by their name.
    void kind_from_name() {
        const auto name = lower(load.name);
        if (const auto kind = kind_said_by_name(load.name)) load.kind = *kind;
        const auto named = [&](bool& flag, const char* word) {
            const auto place = name.find(word);
            if (flag || !has_word(name, word)) return;
            flag = true;
            chip(LoadChip::Kind::manner, word, place, place + std::string_view(word).size());
        };
        named(load.transmitter, "transmitter");
        named(load.igniter, "igniter");
        for (const auto* word : {"socket", "outlet", "receptacle"})
            if (has_word(name, word)) load.heat_elsewhere = true;
        if (name == "starter" || name == "starter motor") named(load.starter, "starter");
    }

    bool keyword(const TextWord& w) {
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
        if (t == "igniter") return ++at, manner(load.igniter, "igniter", w.end);
        if (t == "heat" && at + 1 < words.size() && lower(words[at + 1].text) == "elsewhere") {
            at += 2;
            return manner(load.heat_elsewhere, "heat elsewhere", words[at - 1].end);
        }
        if (t == "starter") return ++at, manner(load.starter, "starter", w.end);
        if (t == "assumed") return ++at, manner(load.assumed, "assumed", w.end);
        if (t == "regulated") return ++at, manner(regulated, "regulated", w.end);
        if (t == "dc") return ++at, true;
        if (t == "ac")
            return ++at,
                   problem(w.begin, w.end,
                           say("Alternating current is outside this tool; a DC voltage is expected.")),
                   true;
        for (const auto& [word, kind] : {std::pair{"constant-current", LoadKind::current},
                                         {"constant-power", LoadKind::power},
                                         {"resistive", LoadKind::resistance}})
            if (t == word) {
                said_kind = kind, ++at;
                chip(LoadChip::Kind::manner, word, w.begin, w.end);
                return true;
            }
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
                problem(w.begin, w.end, say("After “idle” a current is expected, such as idle 80 mA."));
            else
                idle = q->high, idle_dimension = q->dimension, one_only(*q),
                chip(LoadChip::Kind::pulse, "idle", w.begin, q->end);
            return true;
        }
        if (t == "bridge") return ++at, bridge(w), true;
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
        if (begins_number(w.text)) {
            // "Camera 2 12V": a bare number that no unit follows belongs to the name.
            const std::string_view s = w.text;
            const bool bare = std::all_of(s.begin(), s.end(), [](char c) { return is_digit(c); });
            if (!bare) return true;
            if (i + 1 >= words.size()) return false;
            // A decimal comma: "Radio 12,6 V".
            if (words[i + 1].begin == w.end + 1 && text[w.end] == ',' && is_digit(words[i + 1].text[0]))
                return true;
            const auto next = words[i + 1].text;
            const bool range = next == "to" && i + 2 < words.size() && begins_number(words[i + 2].text);
            return unit_symbol(next).has_value() || range || next[0] == '-' || next.starts_with("–") ||
                   next.starts_with("..") ||
                   ((next[0] == 'x' || next.starts_with("×")) && i > 0 &&
                    read_amount(text, w.begin).has_value());
        }
        // "transmitter" and "starter" before the first quantity name the thing; they count as said all the
        // same.
        for (const char* k :
             {"noisy", "sensitive", "vital", "switched", "always-on", "idle", "standby", "peak", "stall",
              "inrush", "bridge", "assumed", "regulated", "constant-current", "constant-power", "resistive"})
            if (t == k) return i > 0;
        const auto two = [&](const char* first, const char* second) {
            return t == first && i + 1 < words.size() && lower(words[i + 1].text) == second;
        };
        return i > 0 && (two("always", "on") || two("heat", "elsewhere"));
    }

    static constexpr std::array<std::string_view, 3> times_marks{"x", "X", "×"};
    static int whole_number(std::string_view s) {
        if (s.empty() || s.size() > 4 || !std::all_of(s.begin(), s.end(), [](char c) { return is_digit(c); }))
            return -1;
        return static_cast<int>(plain_number(s).value_or(-1));
    }
    static bool is_times(std::string_view s) {
        return std::find(times_marks.begin(), times_marks.end(), s) != times_marks.end();
    }
    /// "x2", "×2", "x 2", "2x", "2 pieces": so many alike, behind what one draws.
    bool times(const TextWord& w) {
        const auto next = at + 1 < words.size() ? words[at + 1].text : std::string_view();
        int n = -1;
        size_t used = 1;
        if (is_times(w.text))
            n = whole_number(next), used = 2;
        else if (lower(next) == "pieces")
            n = whole_number(w.text), used = 2;
        for (const auto mark : times_marks) {
            if (n < 0 && w.text.starts_with(mark)) n = whole_number(w.text.substr(mark.size()));
            // "2× 10 W" is an amount.
            if (n < 0 && w.text.ends_with(mark) && (next.empty() || !begins_number(next)))
                n = whole_number(w.text.substr(0, w.text.size() - mark.size()));
        }
        if (n < 0) return false;
        const size_t end = words[at + used - 1].end;
        at += used;
        how_many(n, w.begin, end);
        return true;
    }
    void how_many(int n, size_t begin, size_t end) {
        if (out.how_many.end > 0) return problem(begin, end, say("How many there are is said twice."));
        out.how_many = {n, begin, end};
        if (n < 1 || n > most_alike)
            problem(begin, end, say("From 1 to {most_alike} alike can be said at once.", most_alike));
    }
    /// "2 servos 5V 1A", "2x servo": a count before the name; where its words begin.
    size_t counted_name() {
        if (words.size() < 2) return 0;
        auto first = words[0].text;
        size_t name = 1;
        for (const std::string_view mark : {"x", "X", "×"})
            if (first.ends_with(mark)) first.remove_suffix(mark.size());
        const bool marked = first.size() < words[0].text.size();
        if (first.empty() || first.size() > 3 ||
            !std::all_of(first.begin(), first.end(), [](char c) { return is_digit(c); }))
            return 0;
        if (!marked && (words[1].text == "x" || words[1].text == "×") && words.size() > 2) name = 2;
        // "2 A 5 V" and "12 volt" are amounts, "2 to 3" is a range; a name begins with a letter.
        const auto next = words[name].text;
        if (is_digit(next[0]) || next[0] == '-' || next[0] == '.' || next == "to" || next.starts_with("–"))
            return 0;
        if (!marked && name == 1) {
            // "3 phase motor" and "4 channel receiver" are one: several alike are said in the plural.
            static constexpr std::array kinds{"phase", "channel", "axis", "inch", "way",  "wire",
                                              "bit",   "pin",     "port", "cell", "pole", "stage"};
            size_t last = 1;
            while (last + 1 < words.size() && !starts_content(last + 1)) ++last;
            if (unit_symbol(next) || !words[last].text.ends_with('s') ||
                std::find(kinds.begin(), kinds.end(), lower(next)) != kinds.end())
                return 0;
        }
        how_many(static_cast<int>(plain_number(first).value_or(0)), words[0].begin, words[name - 1].end);
        return name;
    }
    /// "servos" → "Servo": what one of several is called.
    static std::string singular(std::string name) {
        if (name.ends_with("ies") && name.size() > 4)
            name.replace(name.size() - 3, 3, "y");
        else if (name.ends_with("ches") || name.ends_with("shes") || name.ends_with("xes"))
            name.resize(name.size() - 2);
        else if (name.ends_with('s') && !name.ends_with("ss") && !name.ends_with("us") && name.size() > 2)
            name.pop_back();
        if (!name.empty() && name[0] >= 'a' && name[0] <= 'z')
            name[0] = static_cast<char>(name[0] - 'a' + 'A');
        return name;
    }

    void finish() {
        // "12V motor 3A" is called what it is.
        if (load.name.empty() && (load.kind == LoadKind::motor || load.kind == LoadKind::led))
            load.name = load.kind == LoadKind::motor ? "Motor" : "LED";
        if (load.name.empty())
            problem(0, text.size(), say("A name is missing: start with what it is, such as “Fog pump”."));
        if (!have_voltage) problem(0, text.size(), say("A voltage is missing, such as 12 V or 7–26 V."));
        if (!have_draw && peak <= 0)
            problem(0, text.size(), say("A current or power is missing, such as 2.4 A or 30 W."));
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
        if (load.igniter) load.kind = LoadKind::resistance;
        if (said_kind) load.kind = *said_kind;
        name_of_a_battery();
        if (bridge_at && load.kind != LoadKind::motor)
            return problem(bridge_at->begin, bridge_at->end,
                           say("Only a motor has a bridge before it: say motor."));
        load.idle = idle >= 0 ? amps(idle, idle_dimension) : load.always_on ? load.typical : Ampere(0);
        load.peak = peak > 0 ? amps(peak, peak_dimension) : load.typical;
        load.start = start > 0 ? amps(start, start_dimension) : Ampere(0);
        for (const auto drawn : {load.idle, load.typical, load.peak, load.start})
            if (raw(drawn) > most_amps)
                return problem(0, text.size(),
                               say("{drawn} is more than any wire here carries.", format(drawn)));
        for (const auto time : {load.peak_time, load.start_time})
            if (time > most_time)
                return problem(0, text.size(),
                               say("{time} is no peak: that is continuous draw.", format(time)));
        if (load.idle > load.typical)
            problem(0, text.size(),
                    say("The idle current, {idle}, is above the typical {typical}.", format(load.idle),
                        format(load.typical)));
        if (load.peak < load.typical)
            problem(0, text.size(),
                    say("The peak, {peak}, is below the typical {typical}.", format(load.peak),
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
        const size_t named = counted_name();
        size_t first = named;
        while (first < words.size() && !starts_content(first)) ++first;
        if (first > named)
            load.name =
                std::string(text.substr(words[named].begin, words[first - 1].end - words[named].begin));
        if (out.how_many.count > 1) load.name = singular(load.name);
        kind_from_name();
        // What a word means may hang on the kind that is said behind it.
        if (std::any_of(words.begin() + static_cast<std::ptrdiff_t>(first), words.end(),
                        [](const auto& w) { return lower(w.text) == "motor"; }))
            load.kind = LoadKind::motor;
        at = first;
        while (at < words.size()) {
            const TextWord w = words[at];
            if (keyword(w) || times(w)) continue;
            if (begins_number(w.text)) {
                const auto q = quantity();
                if (!q) continue;
                if (q->dimension == Dimension::voltage)
                    voltage(*q);
                else if (q->dimension == Dimension::current || q->dimension == Dimension::power ||
                         q->dimension == Dimension::resistance)
                    typical_draw(*q);
                else
                    problem(amount_begin, q->end, say("A voltage, current or power is expected here."));
                continue;
            }
            problem(w.begin, w.end,
                    say("“{word}” is not understood; noisy, sensitive, vital, always on, switched, "
                        "motor, LED, starter, igniter, heat elsewhere, assumed, regulated, "
                        "transmitter, idle, peak, start and bridge are.",
                        w.text));
            ++at;
        }
        finish();
        return std::move(out);
    }
};

}  // namespace

Load with_line(const Load& before, Load typed) {
    typed.id = before.id, typed.place = before.place, typed.extra = before.extra;
    typed.lead = before.lead, typed.capacitance = before.capacitance;
    return typed;
}

LoadText parse_load(std::string_view text) { return Reader(text).run(); }

std::string nth_name(const std::string& name, int nth) { return fmt::format("{} {}", name, nth); }

std::vector<Load> LoadText::each() const {
    if (how_many.count < 2) return {load};
    std::vector<Load> all(static_cast<size_t>(how_many.count), load);
    for (int i = 0; i < how_many.count; ++i) all[static_cast<size_t>(i)].name = nth_name(load.name, i + 1);
    return all;
}

}  // namespace sangre
