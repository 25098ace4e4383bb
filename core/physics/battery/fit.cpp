#include "physics/battery/fit.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr size_t fewest_samples = 10;
constexpr double least_drawn = 0.05;  // of the printed capacity

struct Trial {
    double capacity, start, ohm = 0, error = std::numeric_limits<double>::infinity();
};

/// For a capacity and a start the best R follows in closed form.
Trial fitted(Trial t, const Source& pack, const Chemistry& chemistry, const std::vector<double>& drawn,
             const std::vector<MeasuredSample>& log) {
    double over = 0, under = 0, n = 0;
    const auto rest = [&](size_t i) {
        return raw(pack_rest_voltage(pack, chemistry, t.start - drawn[i] / t.capacity));
    };
    for (size_t i = 0; i < log.size(); ++i) {
        const double amps = raw(log[i].amps);
        over += (rest(i) - raw(log[i].volts)) * amps, under += amps * amps;
    }
    t.ohm = under > 0 ? std::max(0.0, over / under) : 0;
    double sum = 0;
    for (size_t i = 0; i < log.size(); ++i, ++n) {
        const double off = rest(i) - raw(log[i].amps) * t.ohm - raw(log[i].volts);
        sum += off * off;
    }
    t.error = std::sqrt(sum / n);
    return t;
}

/// Coarse grid, then ever finer around the best: two smooth unknowns.
Trial search(const Source& pack, const Chemistry& chemistry, const std::vector<double>& drawn,
             const std::vector<MeasuredSample>& log, double printed) {
    // A log of every few seconds would be read a million times: a few hundred points say as much.
    const size_t stride = std::max<size_t>(1, log.size() / 300);
    std::vector<double> some_drawn;
    std::vector<MeasuredSample> some;
    for (size_t i = 0; i < log.size(); i += stride) some_drawn.push_back(drawn[i]), some.push_back(log[i]);
    double low_q = std::log(std::max(0.1 * printed, 0.9 * drawn.back())), high_q = std::log(2 * printed);
    if (low_q >= high_q) high_q = low_q + 1;
    double low_s = 0.3, high_s = 1;
    Trial best{};
    for (int round = 0; round < 9; ++round) {
        constexpr int points = 16;
        for (int i = 0; i <= points; ++i)
            for (int j = 0; j <= points; ++j) {
                const Trial t = fitted({std::exp(std::lerp(low_q, high_q, i / double(points))),
                                        std::lerp(low_s, high_s, j / double(points))},
                                       pack, chemistry, some_drawn, some);
                if (t.error < best.error) best = t;
            }
        const double half_q = (high_q - low_q) / 6, half_s = (high_s - low_s) / 6;
        low_q = std::log(best.capacity) - half_q, high_q = std::log(best.capacity) + half_q;
        low_s = std::max(0.0, best.start - half_s), high_s = std::min(1.0, best.start + half_s);
    }
    return best;
}

}  // namespace

tl::expected<BatteryFit, Words> fit_discharge(const Source& battery, const Chemistry& chemistry,
                                              const std::vector<MeasuredSample>& log) {
    if (log.size() < fewest_samples)
        return tl::unexpected(say("{count} samples are too few: at least {fewest_samples} are needed",
                                  log.size(), fewest_samples));
    const double printed = raw(battery.cell_capacity) * battery.parallel;
    std::vector<double> drawn{0};
    for (size_t i = 1; i < log.size(); ++i)
        drawn.push_back(drawn.back() + (raw(log[i].amps) + raw(log[i - 1].amps)) / 2 *
                                           raw(log[i].time - log[i - 1].time) / 3600);
    if (drawn.back() < least_drawn * printed)
        return tl::unexpected(
            say("only {drawn} were drawn: at least {least} are needed, and current out of the pack "
                "counts positive",
                format(AmpereHour(drawn.back())), format(AmpereHour(least_drawn * printed))));
    const double highest = raw(std::max_element(log.begin(), log.end(), [](const auto& a, const auto& b) {
                                   return a.volts < b.volts;
                               })->volts);
    if (highest > 1.1 * raw(pack_charge_voltage(battery, chemistry)) ||
        highest < 0.9 * raw(pack_cutoff_voltage(battery, chemistry)))
        return tl::unexpected(say("{highest} is no voltage of {series} cells of {chemistry} in series",
                                  format(Volt(highest)), battery.series, chemistry.name));
    Source fresh = battery;
    fresh.health = fresh.resistance_factor = fresh.weakest_cell = 1;
    const auto best = search(fresh, chemistry, drawn, log, printed);
    BatteryFit fit;
    fit.drawn = AmpereHour(drawn.back());
    fit.capacity = AmpereHour(best.capacity);
    fit.resistance = Ohm(best.ohm);
    fit.start_charge = best.start;
    fit.error = Volt(best.error);
    fit.health = best.capacity / printed;
    const double fresh_ohm = raw(pack_resistance(fresh, chemistry, 0.6, Celsius(20)));
    fit.resistance_factor = best.ohm > 0 ? best.ohm / fresh_ohm : 1;
    fit.why.title = say("The pack as measured");
    fit.why.add(say("{count} samples, {drawn} drawn, from {start_charge} charge.", log.size(),
                    format(fit.drawn), format_percent(fit.start_charge)));
    fit.why.add(say("Capacity {capacity}: {health} of the printed {printed}.", format(fit.capacity),
                    format_percent(fit.health), format(AmpereHour(printed))),
                fit.health < 0.8 ? Tone::caution : Tone::good);
    fit.why.add(say("Resistance {resistance}: {resistance_factor} × a new pack's {fresh_ohm}.",
                    format(fit.resistance), format_number(fit.resistance_factor, 2), format(Ohm(fresh_ohm))),
                fit.resistance_factor > 1.5 ? Tone::caution : Tone::good);
    fit.why.add(say("The fit leaves {error}.", format(fit.error)));
    fit.why.source =
        say("Least squares of rest voltage − I·R over capacity, start and R; rest curve of the chemistry.");
    return fit;
}

}  // namespace sangre
