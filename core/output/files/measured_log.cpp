#include "output/files/measured_log.h"

#include <fmt/format.h>

#include <array>
#include <cctype>
#include <cmath>
#include <optional>

#include "base/units/parse.h"
#include "base/words/say.h"
#include "lines/csv.h"

namespace sangre {
namespace {

enum Measure { time_column, volt_column, amp_column };
constexpr std::array quantities{"time", "voltage", "current"};

/// What a heading stands for, and how many of the SI unit its own unit is.
struct Heading {
    Measure quantity;
    double factor;
};
std::optional<Heading> heading(const std::string& cell) {
    std::string word, unit;
    const auto text = lower(cell);
    const auto cut = text.find_first_of("_[( /");
    word = text.substr(0, cut);
    if (cut != std::string::npos)
        for (const char c : text.substr(cut))
            if (std::isalpha(static_cast<unsigned char>(c))) unit += c;
    const auto is = [&](std::initializer_list<const char*> all) {
        for (const char* w : all)
            if (word == w) return true;
        return false;
    };
    const double milli = unit.starts_with("m") && unit != "min" ? 1e-3 : 1;
    if (is({"time", "t", "s", "seconds", "sec", "elapsed"}))
        return Heading{time_column, unit == "min" ? 60 : unit == "h" ? 3600 : milli};
    if (is({"ms"})) return Heading{time_column, 1e-3};
    if (is({"v", "u", "volt", "volts", "voltage"})) return Heading{volt_column, milli};
    if (is({"mv"})) return Heading{volt_column, 1e-3};
    if (is({"a", "i", "amp", "amps", "ampere", "amperes", "current"})) return Heading{amp_column, milli};
    if (is({"ma"})) return Heading{amp_column, 1e-3};
    return {};
}

}  // namespace

tl::expected<std::vector<MeasuredSample>, std::string> measured_log_from_csv(const std::string& text) {
    const auto rows = parse_csv(as_utf8(text));
    if (rows.empty())
        return tl::unexpected(std::string(say("the table is empty: time, volts and amperes are expected")));
    std::array<std::optional<size_t>, 3> columns;
    std::array<double, 3> factors{1, 1, 1};
    size_t first = 0;
    if (!plain_number(rows[0].cells[0])) {
        first = 1;
        for (size_t c = 0; c < rows[0].cells.size(); ++c)
            if (const auto h = heading(rows[0].cells[c]); h && !columns[h->quantity])
                columns[h->quantity] = c, factors[h->quantity] = h->factor;
        for (size_t q = 0; q < 3; ++q)
            if (!columns[q])
                return tl::unexpected(
                    say("line {line}: no column is called {quantities}", rows[0].line, quantities[q]));
    } else
        columns = {0, 1, 2};
    std::vector<MeasuredSample> log;
    for (size_t r = first; r < rows.size(); ++r) {
        std::array<double, 3> values{};
        for (size_t q = 0; q < 3; ++q) {
            const auto& cells = rows[r].cells;
            const auto v = *columns[q] < cells.size() ? plain_number(cells[*columns[q]]) : std::nullopt;
            if (!v)
                return tl::unexpected(say("line {line}: “{cells}” is not a {quantities}", rows[r].line,
                                          *columns[q] < cells.size() ? cells[*columns[q]] : std::string(),
                                          quantities[q]));
            values[q] = *v * factors[q];
        }
        if (!log.empty() && values[0] <= raw(log.back().time))
            return tl::unexpected(
                say("line {line}: time does not rise after {time} s", rows[r].line, raw(log.back().time)));
        log.push_back({Second(values[0]), Volt(values[1]), Ampere(values[2])});
    }
    return log;
}

}  // namespace sangre
