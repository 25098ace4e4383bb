#include "units/format.h"
#include "words/say.h"

#include <fmt/format.h>

#include <atomic>
#include <cmath>

namespace sangre {
namespace {

constexpr const char* not_known = "—";
std::atomic<Presentation> shown{Presentation{}};

std::string inches(double metres) {
    const double all = metres / 0.0254;
    return all < 36 ? format_number(all) + " in" : format_number(all / 12) + " ft";
}

std::string with_prefix(double value, const char* unit) {
    if (!std::isfinite(value)) return not_known;
    const double size = std::abs(value);
    if (size >= 1e6) return fmt::format("{} M{}", format_number(value / 1e6), unit);
    if (size >= 1e4) return fmt::format("{} k{}", format_number(value / 1e3), unit);
    // Less than any part here draws or drops: what solving leaves over.
    constexpr double nothing = 5e-9;
    if (size >= 0.1 || size < nothing)
        return fmt::format("{} {}", format_number(size < nothing ? 0 : value), unit);
    if (size >= 1e-3 * 0.9995) return fmt::format("{} m{}", format_number(value * 1e3), unit);
    return fmt::format("{} µ{}", format_number(value * 1e6), unit);
}

}  // namespace

std::string days_words(double days) {
    const auto number = format_number(days, 2);
    return number == "1" ? say("{number} day", number) : say("{number} days", number);
}

void set_presentation(Presentation wanted) { shown = wanted; }
Presentation presentation() { return says_english() ? Presentation{} : shown.load(); }

std::string format_number(double value, int digits) {
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

std::string format(Volt v) {
    const double size = std::abs(raw(v));
    if (size >= 1 && size < 1e4) return fmt::format("{} V", format_number(raw(v)));
    return with_prefix(raw(v), "V");
}
std::string format(Ampere i) { return with_prefix(raw(i), "A"); }
std::string format(Ohm r) {
    if (!std::isfinite(raw(r))) return not_known;
    if (std::abs(raw(r)) >= 1e3 && std::abs(raw(r)) < 1e6)
        return fmt::format("{} kΩ", format_number(raw(r) / 1e3));
    return with_prefix(raw(r), "Ω");
}
std::string format(Watt p) { return with_prefix(raw(p), "W"); }
std::string format(Metre l) {
    if (!std::isfinite(raw(l))) return not_known;
    if (presentation().inches) return inches(raw(l));
    if (std::abs(raw(l)) < 0.1) return fmt::format("{} mm", format_number(raw(l) * 1e3));
    auto text = fmt::format("{:.2f} m", raw(l));
    if (const auto point = text.find('.'); point != std::string::npos) text[point] = presentation().decimal;
    return text;
}
std::string format(Millimetre l) {
    if (!std::isfinite(raw(l))) return not_known;
    if (presentation().inches) return inches(raw(l) / 1000);
    return fmt::format("{} mm", format_number(raw(l), 2 + (raw(l) >= 10)));
}
std::string format(SquareMillimetre a) {
    if (!std::isfinite(raw(a))) return not_known;
    return fmt::format("{} mm²", format_number(raw(a), 2 + (raw(a) >= 10)));
}
std::string format(Second t) {
    const double s = raw(t);
    if (std::isnan(s)) return not_known;
    if (!std::isfinite(s)) return say("never");
    if (s < 1) return fmt::format("{} ms", format_number(s * 1e3, 2));
    if (s < 90) return fmt::format("{} s", format_number(s, 2));
    const auto minutes = std::llround(s / 60);
    if (const double off = std::abs(s - 60.0 * static_cast<double>(minutes));
        minutes < 60 && off > 0.01 * s) {
        const auto seconds = std::llround(s);
        return fmt::format("{} min {:02} s", seconds / 60, seconds % 60);
    }
    if (minutes < 60) return fmt::format("{} min", minutes);
    const auto hours = minutes / 60, rest = minutes % 60;
    if (hours >= 72) return format_number(static_cast<double>(hours) / 24.0) + " " + said(to_say("days"));
    return rest == 0 ? fmt::format("{} h", hours) : fmt::format("{} h {:02} min", hours, rest);
}
std::string format(AmpereHour q) { return with_prefix(raw(q), "Ah"); }
std::string format(WattHour e) { return with_prefix(std::abs(raw(e)) < 1e-7 ? 0 : raw(e), "Wh"); }
std::string format(Celsius t) {
    if (!std::isfinite(raw(t))) return not_known;
    return fmt::format("{} °C", format_number(std::round(raw(t)), 4));
}
std::string format(Gram m) {
    if (!std::isfinite(raw(m))) return not_known;
    if (raw(m) >= 1000) return fmt::format("{} kg", format_number(raw(m) / 1e3, 2 + (raw(m) >= 1e4)));
    return fmt::format("{} g", format_number(raw(m), raw(m) < 10 ? 2 : 3));
}
std::string format(Hertz f) {
    const double v = raw(f);
    if (!std::isfinite(v)) return not_known;
    return v >= 1e6   ? format_number(v / 1e6) + " MHz"
           : v >= 1e3 ? format_number(v / 1e3) + " kHz"
                      : format_number(v) + " Hz";
}
std::string format(Farad c) {
    return std::isfinite(raw(c)) ? format_number(raw(c) * 1e6) + " µF" : not_known;
}
std::string format_range(const std::string& low, const std::string& high) {
    const auto unit = low.rfind(' ');
    const bool shared = unit != std::string::npos && high.ends_with(low.substr(unit)) &&
                        high.rfind(' ') == high.size() - (low.size() - unit);
    return (shared ? low.substr(0, unit) : low) + " – " + high;
}

std::string format_percent(double fraction) {
    const double p = fraction * 100;
    if (!std::isfinite(p)) return not_known;
    return fmt::format("{} %", format_number(p, std::abs(p) < 0.95 ? 1 : std::abs(p) < 10 ? 2 : 3));
}

}  // namespace sangre
