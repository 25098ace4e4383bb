#include "wiring/cable/cable.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "plan/typed_words.h"

#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <optional>
#include <sstream>

namespace sangre {
namespace {

constexpr size_t longest_pin = 12, longest_signal = 32;

struct CoreWord {
    size_t begin = 0;
    std::string text;
};

std::vector<CoreWord> core_words(std::string_view text) {
    std::vector<CoreWord> words;
    size_t at = 0;
    while (at < text.size()) {
        while (at < text.size() && std::isspace(static_cast<unsigned char>(text[at]))) ++at;
        const size_t begin = at;
        while (at < text.size() && !std::isspace(static_cast<unsigned char>(text[at]))) ++at;
        if (at > begin) words.push_back({begin, std::string(text.substr(begin, at - begin))});
    }
    return words;
}

std::optional<int> whole(const std::string& word) {
    int n = 0;
    const auto [end, failed] = std::from_chars(word.data(), word.data() + word.size(), n);
    if (failed != std::errc() || end != word.data() + word.size()) return {};
    return n;
}

bool is_arrow(const std::string& w) { return w == ">" || w == "->" || w == "→" || lower(w) == "to"; }

CoreRole role_of(const std::string& signal) {
    const auto s = lower(signal);
    if (s == "gnd" || s == "ground" || s == "−" || s == "-" || s == "0v" || s == "0 v")
        return CoreRole::ground;
    if (s == "nc" || s == "unused" || s.empty()) return CoreRole::unused;
    if (s.starts_with("phase")) return CoreRole::phase;
    if (s == "+" || s == "vcc" || s == "vbat" || parse_value(s, Dimension::voltage)) return CoreRole::supply;
    return CoreRole::signal;
}

Core core(const char* pin, const char* colour, const char* signal, int twist = 0) {
    Core c;
    c.from_pin = c.to_pin = pin, c.colour = colour, c.signal = signal, c.twist = twist;
    c.role = role_of(signal);
    return c;
}

}  // namespace

const std::vector<std::string>& core_colours() {
    static const std::vector<std::string> all(wire_colours().begin(), wire_colours().begin() + 10);
    return all;
}

Words preset_name(CablePreset preset) {
    switch (preset) {
        case CablePreset::servo_red_white_black:
            return "servo lead, red/white/black";
        case CablePreset::servo_brown_red_orange:
            return "servo lead, brown/red/orange";
        case CablePreset::data_pair:
            return "data pair, twisted";
        case CablePreset::motor_phases:
            return "motor phases";
        case CablePreset::ribbon:
            return "ribbon, ten cores";
        case CablePreset::four_core:
            return "four-core cable, two used";
        case CablePreset::coax:
            return "coax, one core in its shield";
    }
    return "cable";
}

const std::vector<CablePreset>& cable_presets() {
    static const std::vector<CablePreset> all{CablePreset::servo_red_white_black,
                                              CablePreset::servo_brown_red_orange,
                                              CablePreset::data_pair,
                                              CablePreset::motor_phases,
                                              CablePreset::ribbon,
                                              CablePreset::four_core,
                                              CablePreset::coax};
    return all;
}

Words preset_use(CablePreset preset) {
    switch (preset) {
        case CablePreset::servo_red_white_black:
            return "signal, 5 V and ground to a servo or a motor controller; black is minus";
        case CablePreset::servo_brown_red_orange:
            return "the same in the other colour family; brown is minus";
        case CablePreset::data_pair:
            return "two cores twisted, with their ground beside them, a resistor at both ends";
        case CablePreset::motor_phases:
            return "three thick ones to a brushless motor; two swapped turn it round";
        case CablePreset::ribbon:
            return "ten thin ones side by side, to a display or a board";
        case CablePreset::four_core:
            return "supply in a cable with more cores than needed; the rest is cut back";
        case CablePreset::coax:
            return "video or radio beside what disturbs; the shield is its ground";
    }
    return {};
}

Lead make_cable(const Plan& plan, CablePreset preset, const Id& from, const Id& to) {
    Lead c;
    c.from = from, c.to = to;
    c.kind = CableKind::other;
    c.name = fmt::format("{} – {}", name_of(plan, from), name_of(plan, to));
    c.wire = "awg26-pvc";
    c.volts = Volt(5);
    switch (preset) {
        case CablePreset::servo_red_white_black:
            c.kind = CableKind::servo;
            c.cores = {core("1", "black", "GND"), core("2", "red", "5 V"), core("3", "white", "PWM")};
            break;
        case CablePreset::servo_brown_red_orange:
            c.kind = CableKind::servo;
            c.cores = {core("1", "brown", "GND"), core("2", "red", "5 V"), core("3", "orange", "PWM")};
            break;
        case CablePreset::data_pair:
            c.kind = CableKind::data;
            c.cores = {core("1", "yellow", "H", 1), core("2", "green", "L", 1), core("3", "black", "GND")};
            break;
        case CablePreset::motor_phases:
            c.kind = CableKind::motor;
            c.wire = "awg14-silicone";
            c.cores = {core("A", "blue", "phase A", 1), core("B", "yellow", "phase B", 1),
                       core("C", "green", "phase C", 1)};
            break;
        case CablePreset::ribbon:
            c.kind = CableKind::ribbon;
            c.wire = "awg28-pvc";
            for (size_t i = 0; i < core_colours().size(); ++i) {
                auto one = core(std::to_string(i + 1).c_str(), core_colours()[i].c_str(),
                                i == 0   ? "5 V"
                                : i == 1 ? "GND"
                                         : fmt::format("S{}", i - 1).c_str());
                c.cores.push_back(std::move(one));
            }
            break;
        case CablePreset::coax:
            c.kind = CableKind::coax;
            c.volts = Volt(0), c.signal = SignalKind::analogue_video;
            c.cores = {core("1", "white", "video"), core("S", "black", "GND")};
            break;
        case CablePreset::four_core:
            c.cores = {core("1", "red", "5 V"), core("2", "black", "GND"), core("3", "white", ""),
                       core("4", "green", "")};
            for (auto& k : c.cores)
                if (k.role == CoreRole::unused) k.to_pin.clear();
            break;
    }
    return c;
}

tl::expected<Core, ParseError> parse_core(std::string_view text) {
    const auto words = core_words(text);
    const auto wrong = [&](const CoreWord& w, Words message) {
        return tl::unexpected(ParseError{w.begin, w.begin + w.text.size(), std::move(message)});
    };
    if (words.size() < 2)
        return tl::unexpected(
            ParseError{0, text.size(),
                       say("a pin, a colour, a signal and a pin are expected, such as 1 white PWM > 1")});
    Core c;
    const auto too_long = [](const std::string& pin) { return pin.size() > longest_pin; };
    const auto shorter =
        say("a pin is named in at most {longest_pin} letters, such as 12 or CLK", longest_pin);
    c.from_pin = words[0].text;
    if (too_long(c.from_pin)) return wrong(words[0], shorter);
    const auto& colours = core_colours();
    c.colour = colour_in_english(lower(words[1].text));
    if (std::find(colours.begin(), colours.end(), c.colour) == colours.end()) {
        return wrong(words[1], say("“{words}” is no colour of wire; {known} are", words[1].text,
                                   joined(said_each(colours), ", ")));
    }
    size_t at = 2;
    const auto keyword = [&](size_t i) {
        const auto w = lower(words[i].text);
        return is_arrow(words[i].text) || w == "twisted" || w == "doubled" || w == "unused" || w == "cut";
    };
    for (; at < words.size() && !keyword(at); ++at)
        c.signal += (c.signal.empty() ? "" : " ") + words[at].text;
    if (c.signal.size() > longest_signal)
        return tl::unexpected(
            ParseError{words[2].begin, words[at - 1].begin + words[at - 1].text.size(),
                       say("a signal is named in at most {longest_signal} letters", longest_signal)});
    c.role = role_of(c.signal);
    while (at < words.size()) {
        const auto w = lower(words[at].text);
        if (is_arrow(words[at].text)) {
            if (!c.to_pin.empty()) return wrong(words[at], say("the pin at the far end is named already"));
            if (++at == words.size()) return wrong(words[at - 1], say("the pin at the far end is missing"));
            c.to_pin = words[at++].text;
            if (too_long(c.to_pin)) return wrong(words[at - 1], shorter);
        } else if (w == "twisted" || w == "doubled") {
            const auto n = at + 1 < words.size() ? whole(words[at + 1].text) : std::nullopt;
            if (!n || *n < 1 || *n > 100)
                return wrong(words[at],
                             say("{lower} wants a number that its partners share, such as {lower} 1", w));
            (w == "twisted" ? c.twist : c.doubled) = *n;
            at += 2;
        } else if (w == "unused") {
            c.role = CoreRole::unused;
            ++at;
        } else if (w == "cut") {
            if (at + 1 >= words.size() || lower(words[at + 1].text) != "back")
                return wrong(words[at], say("“cut back” is expected"));
            c.cut_back = true;
            at += 2;
        } else
            return wrong(words[at],
                         "“>” and the pin at the far end, “twisted 1”, “doubled 1”, “unused” or “cut back” "
                         "are expected");
    }
    if (c.to_pin.empty() && c.role != CoreRole::unused)
        return tl::unexpected(ParseError{text.size(), text.size(),
                                         "the pin at the far end is missing, such as > 1; or unused"});
    return c;
}

std::string core_line(const Core& c) {
    std::string line = c.from_pin + " " + c.colour;
    if (!c.signal.empty()) line += " " + c.signal;
    if (c.role == CoreRole::unused) line += " unused";
    if (!c.to_pin.empty()) line += " > " + c.to_pin;
    if (c.twist > 0) line += fmt::format(" twisted {}", c.twist);
    if (c.doubled > 0) line += fmt::format(" doubled {}", c.doubled);
    if (c.cut_back) line += " cut back";
    return line;
}

bool is_mirrored(const Lead& cable) {
    std::vector<std::pair<int, int>> pins;
    for (const auto& c : cable.cores) {
        const auto a = whole(c.from_pin), b = whole(c.to_pin);
        if (c.role == CoreRole::unused) continue;
        if (!a || !b) return false;
        pins.emplace_back(*a, *b);
    }
    if (pins.size() < 2) return false;
    const int sum = pins.front().first + pins.front().second;
    bool crossed = false;
    for (const auto& [a, b] : pins) {
        if (a + b != sum) return false;
        crossed = crossed || a != b;
    }
    return crossed;
}

std::vector<size_t> together_with(const Lead& cable, size_t core) {
    std::vector<size_t> all{core};
    if (cable.cores[core].doubled > 0)
        for (size_t i = 0; i < cable.cores.size(); ++i)
            if (i != core && cable.cores[i].doubled == cable.cores[core].doubled) all.push_back(i);
    return all;
}

}  // namespace sangre
