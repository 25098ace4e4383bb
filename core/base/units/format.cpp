#include "base/units/format.h"
#include "base/words/look_up.h"
#include "base/words/reader.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <cmath>

namespace sangre {
namespace {

constexpr const char* not_known = "—";

std::string number_words(double value, int digits = 3) {
    if (!std::isfinite(value)) return not_known;
    if (value == 0) return "0";
    const int magnitude = static_cast<int>(std::floor(std::log10(std::abs(value)))) + 1;
    const int decimals = std::max(0, digits - magnitude);
    auto text = fmt::format("{:.{}f}", value, std::min(decimals, 9));
    if (text.find('.') != std::string::npos) {
        while (text.back() == '0') text.pop_back();
        if (text.back() == '.') text.pop_back();
    }
    if (text == "-0") text = "0";
    if (text[0] == '-') text.replace(0, 1, "−");
    if (const auto point = text.find('.'); point != std::string::npos) text[point] = presentation().decimal;
    return text;
}

std::string inches(double metres) {
    const double all = metres / 0.0254;
    return all < 36 ? number_words(all) + " in" : number_words(all / 12) + " ft";
}

std::string with_prefix(double value, const char* unit) {
    if (!std::isfinite(value)) return not_known;
    const double size = std::abs(value);
    if (size >= 1e6) return fmt::format("{} M{}", number_words(value / 1e6), unit);
    if (size >= 1e4) return fmt::format("{} k{}", number_words(value / 1e3), unit);
    // Less than any part here draws or drops: what solving leaves over.
    constexpr double nothing = 5e-9;
    if (size >= 0.1 || size < nothing)
        return fmt::format("{} {}", number_words(size < nothing ? 0 : value), unit);
    if (size >= 1e-3 * 0.9995) return fmt::format("{} m{}", number_words(value * 1e3), unit);
    return fmt::format("{} µ{}", number_words(value * 1e6), unit);
}

std::string printed_days(double days) {
    const auto number = number_words(days, 2);
    return number == "1" ? say("{number} day", number).str() : say("{number} days", number).str();
}

std::string printed(Volt v) {
    const double size = std::abs(raw(v));
    if (size >= 1 && size < 1e4) return fmt::format("{} V", number_words(raw(v)));
    return with_prefix(raw(v), "V");
}
std::string printed(Ampere i) { return with_prefix(raw(i), "A"); }
std::string printed(Ohm r) {
    if (!std::isfinite(raw(r))) return not_known;
    if (std::abs(raw(r)) >= 1e3 && std::abs(raw(r)) < 1e6)
        return fmt::format("{} kΩ", number_words(raw(r) / 1e3));
    return with_prefix(raw(r), "Ω");
}
std::string printed(Watt p) { return with_prefix(raw(p), "W"); }
std::string printed(Metre l) {
    if (!std::isfinite(raw(l))) return not_known;
    if (presentation().inches) return inches(raw(l));
    if (std::abs(raw(l)) < 0.1) return fmt::format("{} mm", number_words(raw(l) * 1e3));
    auto text = fmt::format("{:.2f} m", raw(l));
    if (const auto point = text.find('.'); point != std::string::npos) text[point] = presentation().decimal;
    return text;
}
std::string printed(Millimetre l) {
    if (!std::isfinite(raw(l))) return not_known;
    if (presentation().inches) return inches(raw(l) / 1000);
    return fmt::format("{} mm", number_words(raw(l), 2 + (raw(l) >= 10)));
}
std::string printed(SquareMillimetre a) {
    if (!std::isfinite(raw(a))) return not_known;
    return fmt::format("{} mm²", number_words(raw(a), 2 + (raw(a) >= 10)));
}
std::string printed(Second t) {
    const double s = raw(t);
    if (std::isnan(s)) return not_known;
    if (!std::isfinite(s)) return looked_up(to_say("never"));
    if (s < 1) return fmt::format("{} ms", number_words(s * 1e3, 2));
    if (s < 90) return fmt::format("{} s", number_words(s, 2));
    const auto minutes = std::llround(s / 60);
    if (const double off = std::abs(s - 60.0 * static_cast<double>(minutes));
        minutes < 60 && off > 0.01 * s) {
        const auto seconds = std::llround(s);
        return fmt::format("{} min {:02} s", seconds / 60, seconds % 60);
    }
    if (minutes < 60) return fmt::format("{} min", minutes);
    const auto hours = minutes / 60, rest = minutes % 60;
    if (hours >= 72) return number_words(static_cast<double>(hours) / 24.0) + " " + looked_up(to_say("days"));
    return rest == 0 ? fmt::format("{} h", hours) : fmt::format("{} h {:02} min", hours, rest);
}
std::string printed(AmpereHour q) { return with_prefix(raw(q), "Ah"); }
std::string printed(WattHour e) { return with_prefix(std::abs(raw(e)) < 1e-7 ? 0 : raw(e), "Wh"); }
std::string printed(Celsius t) {
    if (!std::isfinite(raw(t))) return not_known;
    return fmt::format("{} °C", number_words(std::round(raw(t)), 4));
}
std::string printed(Gram m) {
    if (!std::isfinite(raw(m))) return not_known;
    if (raw(m) >= 1000) return fmt::format("{} kg", number_words(raw(m) / 1e3, 2 + (raw(m) >= 1e4)));
    return fmt::format("{} g", number_words(raw(m), raw(m) < 10 ? 2 : 3));
}
std::string printed(Hertz f) {
    const double v = raw(f);
    if (!std::isfinite(v)) return not_known;
    return v >= 1e6   ? number_words(v / 1e6) + " MHz"
           : v >= 1e3 ? number_words(v / 1e3) + " kHz"
                      : number_words(v) + " Hz";
}
std::string printed(Farad c) {
    return std::isfinite(raw(c)) ? number_words(raw(c) * 1e6) + " µF" : not_known;
}
std::string printed_range(const std::string& low, const std::string& high) {
    const auto unit = low.rfind(' ');
    const bool shared = unit != std::string::npos && high.ends_with(low.substr(unit)) &&
                        high.rfind(' ') == high.size() - (low.size() - unit);
    return (shared ? low.substr(0, unit) : low) + " – " + high;
}

std::string printed_percent(double fraction) {
    const double p = fraction * 100;
    if (!std::isfinite(p)) return not_known;
    return fmt::format("{} %", number_words(p, std::abs(p) < 0.95 ? 1 : std::abs(p) < 10 ? 2 : 3));
}

}  // namespace

Words where_both_sizes(const Words& as_sold, const Words& both) {
    return later([as_sold, both] { return presentation().both_sizes ? both.str() : as_sold.str(); });
}
Words days_words(double days) {
    return later([days] { return printed_days(days); });
}
Words format_number(double value, int digits) {
    return later([value, digits] { return number_words(value, digits); });
}
// One line for each, so that what is printed later is the quantity itself.
Words format(Volt x) {
    return later([x] { return printed(x); });
}
Words format(Ampere x) {
    return later([x] { return printed(x); });
}
Words format(Ohm x) {
    return later([x] { return printed(x); });
}
Words format(Watt x) {
    return later([x] { return printed(x); });
}
Words format(Metre x) {
    return later([x] { return printed(x); });
}
Words format(Millimetre x) {
    return later([x] { return printed(x); });
}
Words format(SquareMillimetre x) {
    return later([x] { return printed(x); });
}
Words format(Second x) {
    return later([x] { return printed(x); });
}
Words format(AmpereHour x) {
    return later([x] { return printed(x); });
}
Words format(WattHour x) {
    return later([x] { return printed(x); });
}
Words format(Celsius x) {
    return later([x] { return printed(x); });
}
Words format(Gram x) {
    return later([x] { return printed(x); });
}
Words format(Hertz x) {
    return later([x] { return printed(x); });
}
Words format(Farad x) {
    return later([x] { return printed(x); });
}
Words format_range(const Words& low, const Words& high) {
    return later([low, high] { return printed_range(low.str(), high.str()); });
}
Words format_percent(double fraction) {
    return later([fraction] { return printed_percent(fraction); });
}

}  // namespace sangre
