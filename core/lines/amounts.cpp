#include "lines/amounts.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <array>
#include <cmath>

namespace sangre {
namespace {

struct KeyUnit {
    std::string_view ending, unit;
    Dimension dimension;
    double factor = 1;  ///< of the unit in SI
};
constexpr std::array key_units{
    KeyUnit{"_m3_h", "m³/h", Dimension::ratio, 0},      // before what ends in _h
    KeyUnit{"vents_mm2", "mm²", Dimension::length, 0},  // an area that is no wire's
    KeyUnit{"_mm2", "mm²", Dimension::length, 0},       // an area; also said as a wire's size
    KeyUnit{"_mm", "mm", Dimension::length, 1e-3},
    KeyUnit{"_m", "m", Dimension::length},
    KeyUnit{"_V", "V", Dimension::voltage},
    KeyUnit{"_Ah", "Ah", Dimension::charge},
    KeyUnit{"_A", "A", Dimension::current},
    KeyUnit{"_s", "s", Dimension::time},
    KeyUnit{"_h", "h", Dimension::time, 3600},
    KeyUnit{"_W", "W", Dimension::power},
    KeyUnit{"ohm", "Ω", Dimension::resistance},
    KeyUnit{"_F", "F", Dimension::capacitance},
    KeyUnit{"_C", "°C", Dimension::temperature},
    KeyUnit{"_K", "K", Dimension::ratio, 0}};

const KeyUnit* unit_of(std::string_view key) {
    for (const auto& u : key_units)
        if (key.ends_with(u.ending)) return &u;
    return nullptr;
}

std::string number(double value) {
    return std::signbit(value) && value != 0 ? "-" + exact_number(-value) : exact_number(value);
}

/// A sign and a number that can be read in one way only.
std::optional<double> plain_amount(std::string_view s) {
    const bool minus = s.starts_with('-');
    if (minus) s.remove_prefix(1);
    const auto read = scan_number(s);
    if (!read || read->end != s.size() || read->grouped) return {};
    return minus ? -read->value : read->value;
}

std::string_view without_blanks(std::string_view s) {
    while (s.ends_with(' ')) s.remove_suffix(1);
    return s;
}

}  // namespace

std::string amount_text(std::string_view key, double value) {
    const auto* u = unit_of(key);
    if (!u) return number(value);
    // Minutes and hours as people say them, where nothing is lost.
    if (u->unit == "s" && value >= 60 && std::isfinite(value))
        for (const auto& [unit, seconds] : {std::pair{"h", 3600.0}, {"min", 60.0}})
            if (std::fmod(value, seconds) == 0 && value / seconds * seconds == value)
                return number(value / seconds) + " " + unit;
    return number(value) + " " + std::string(u->unit);
}

tl::expected<double, std::string> read_amount_of(std::string_view key, std::string_view text) {
    const auto* u = unit_of(key);
    if (!u) {
        if (const auto v = plain_amount(text)) return *v;
        return tl::unexpected(say("“{text}” is not a number that can be read in one way", text));
    }
    // In the key's own unit nothing is converted, so that nothing is lost.
    if (text.ends_with(u->unit))
        if (const auto v = plain_amount(without_blanks(text.substr(0, text.size() - u->unit.size()))))
            return *v;
    if (u->ending == "_m3_h") {
        for (const std::string_view unit : {"m3/h", ""})
            if (text.ends_with(unit))
                if (const auto v = plain_amount(without_blanks(text.substr(0, text.size() - unit.size()))))
                    return *v;
        return tl::unexpected(
            say("“{text}” is not understood; cubic metres an hour are expected, such as 20 m³/h", text));
    }
    if (u->ending == "vents_mm2") {
        for (const auto& [unit, mm2] :
             {std::pair<std::string_view, double>{"cm²", 100}, {"cm2", 100}, {"mm2", 1}})
            if (text.ends_with(unit))
                if (const auto v = plain_amount(without_blanks(text.substr(0, text.size() - unit.size()))))
                    return *v * mm2;
        return tl::unexpected(say("“{text}” is not understood; an area is expected, such as 40 cm²", text));
    }
    if (u->ending == "_K") {
        if (const auto v = plain_amount(text)) return *v;
        return tl::unexpected(say("“{text}” is not understood; kelvin are expected, such as 25 K", text));
    }
    if (u->ending == "_mm2") {
        const auto area = parse_wire_size(text);
        if (area) return raw(*area);
        return tl::unexpected(area.error().message);
    }
    const bool negative = u->dimension == Dimension::temperature && text.starts_with("−");
    const auto ascii =
        negative ? "-" + std::string(text.substr(std::string_view("−").size())) : std::string(text);
    const auto v = parse_value(ascii, u->dimension, u->unit);
    if (!v) return tl::unexpected(v.error().message);
    return *v / u->factor;
}

}  // namespace sangre
