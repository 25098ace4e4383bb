#include "plan/air.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cctype>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/words/say.h"

namespace sangre {
namespace {

struct Halves {
    std::string_view first, second;
};

/// Where one temperature ends and the other begins; a minus is one only behind what ends a temperature.
std::optional<Halves> halves(std::string_view text) {
    for (const std::string_view mark : std::array<std::string_view, 6>{"..", "…", "–", " to ", " - ", " − "})
        if (const auto at = text.find(mark, 1); at != std::string_view::npos)
            return Halves{text.substr(0, at), text.substr(at + mark.size())};
    const auto ends = [](char c) { return std::isalnum(static_cast<unsigned char>(c)); };
    for (size_t i = 1; i < text.size(); ++i)
        if (text[i] == '-' && ends(text[i - 1])) return Halves{text.substr(0, i), text.substr(i + 1)};
    return std::nullopt;
}

std::string_view unit_of(std::string_view text) {
    const auto last = text.find_last_of("0123456789");
    if (last == std::string_view::npos) return {};
    const auto unit = text.substr(last + 1);
    const auto begin = unit.find_first_not_of(' ');
    return begin == std::string_view::npos ? std::string_view() : unit.substr(begin);
}

std::string_view trimmed(std::string_view text) {
    const auto begin = text.find_first_not_of(" \t");
    if (begin == std::string_view::npos) return {};
    return text.substr(begin, text.find_last_not_of(" \t") - begin + 1);
}

}  // namespace

tl::expected<AirSpan, std::string> parse_air(std::string_view said) {
    const auto text = trimmed(said);
    if (text.empty())
        return tl::unexpected(std::string(say("two temperatures are expected, such as −10 – 40 °C")));
    const auto parts = halves(text).value_or(Halves{text, text});
    // "14 to 104 °F": the unit behind the second is meant for both.
    const auto shared = unit_of(parts.second);
    std::array<double, 2> read{};
    for (size_t i = 0; i < 2; ++i) {
        const auto part = trimmed(i == 0 ? parts.first : parts.second);
        const auto value = parse_value(part, Dimension::temperature, shared.empty() ? "°C" : shared);
        if (!value) return tl::unexpected(fmt::format("“{}”: {}", part, value.error().message));
        if (*value < raw(least_air) || *value > raw(most_air))
            return tl::unexpected(say("“{part}” is outside {least_air} to {most_air}", part,
                                      format(least_air), format(most_air)));
        read[i] = *value;
    }
    return AirSpan{Celsius(std::min(read[0], read[1])), Celsius(std::max(read[0], read[1]))};
}

Words air_text(const Plan& plan) {
    return say("{coldest} to {hottest} °C", exact_number(raw(plan.coldest_air)),
               exact_number(raw(plan.hottest_air)));
}

Celsius usual_air(const Plan& plan) {
    constexpr double room = 20;
    const double middle = (raw(plan.coldest_air) + raw(plan.hottest_air)) / 2;
    return Celsius(std::clamp(std::min(middle, room), raw(plan.coldest_air),
                              std::max(raw(plan.coldest_air), raw(plan.hottest_air))));
}

Plan set_air(Plan plan, AirSpan air) {
    plan.coldest_air = air.coldest, plan.hottest_air = air.hottest;
    return plan;
}

}  // namespace sangre
