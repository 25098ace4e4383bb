#include "physics/battery/pack.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {

Volt cell_rest_voltage(const Chemistry& chemistry, double charge) {
    const double at = std::clamp(charge, 0.0, 1.0) * 10;
    const auto i = std::min(static_cast<size_t>(at), size_t{9});
    return Volt(std::lerp(raw(chemistry.rest[i]), raw(chemistry.rest[i + 1]), at - static_cast<double>(i)));
}

Volt pack_rest_voltage(const Source& battery, const Chemistry& chemistry, double charge) {
    // The weakest cell is at `charge`, the others lag behind on their way down.
    const double others =
        1 - (1 - std::clamp(charge, 0.0, 1.0)) * std::clamp(battery.weakest_cell, 0.01, 1.0);
    return cell_rest_voltage(chemistry, others) * (battery.series - 1) + cell_rest_voltage(chemistry, charge);
}

double ageing_factor(const Source& battery) {
    if (battery.resistance_factor != 1) return battery.resistance_factor;
    return 1 + 2 * (1 - std::clamp(battery.health, 0.0, 1.0));
}

Ohm pack_resistance(const Source& battery, const Chemistry& chemistry, double charge, Celsius air) {
    const double cell = raw(battery.cell_resistance) > 0
                            ? raw(battery.cell_resistance)
                            : chemistry.mohm_ah / 1e3 / raw(battery.cell_capacity);
    const double cold = std::pow(chemistry.cold_factor, std::max(0.0, 20 - raw(air)) / 20);
    const double low = charge < 0.2 ? 1 + chemistry.growth_empty * (0.2 - std::max(charge, 0.0)) / 0.2 : 1;
    return Ohm(cell * battery.series / battery.parallel * cold * low * ageing_factor(battery));
}

AmpereHour pack_capacity(const Source& battery, const Chemistry& chemistry, Celsius air) {
    const double lost = (1 - chemistry.cold_capacity) * std::max(0.0, 20 - raw(air)) / 20;
    return battery.cell_capacity * battery.parallel * std::max(0.3, 1 - lost) * battery.health *
           battery.weakest_cell;
}

WattHour pack_energy(const Source& battery, const Chemistry& chemistry) {
    return WattHour(raw(battery.cell_capacity) * battery.parallel * raw(chemistry.nominal) * battery.series);
}

double peukert_factor(const Chemistry& chemistry, AmpereHour capacity, Ampere current) {
    if (chemistry.peukert <= 1 || raw(capacity) <= 0) return 1;
    const double rated = raw(capacity) / chemistry.rated_hours;
    return std::pow(std::max(1.0, std::abs(raw(current)) / rated), chemistry.peukert - 1);
}

Volt pack_charge_voltage(const Source& battery, const Chemistry& chemistry) {
    return chemistry.charge * battery.series;
}
Volt pack_cutoff_voltage(const Source& battery, const Chemistry& chemistry) {
    return chemistry.cutoff * battery.series;
}
double pack_c_rate(const Source& battery, const Chemistry& chemistry) {
    return battery.c_rate > 0 ? battery.c_rate : chemistry.max_c;
}
Ampere pack_max_current(const Source& battery, const Chemistry& chemistry) {
    return Ampere(pack_c_rate(battery, chemistry) * raw(battery.cell_capacity) * battery.parallel);
}
Ampere pack_burst_current(const Source& battery, const Chemistry& chemistry) {
    constexpr double over_continuous = 1.5;
    const double rate = battery.burst_c > 0  ? battery.burst_c
                        : battery.c_rate > 0 ? over_continuous * battery.c_rate
                                             : chemistry.burst_c;
    return Ampere(rate * raw(battery.cell_capacity) * battery.parallel);
}
Gram pack_mass(const Source& battery, const Chemistry& chemistry) {
    return Gram(raw(pack_energy(battery, chemistry)) / chemistry.wh_per_kg * 1e3);
}

Words pack_summary(const Source& battery, const Chemistry& chemistry) {
    return say("{chemistry} · {series} in series{several|, {parallel} in parallel|} · {capacity}",
               chemistry.name, battery.series, battery.parallel > 1, battery.parallel,
               format(battery.cell_capacity * battery.parallel));
}

Words pack_short(const Source& b, const Chemistry& chemistry) {
    return compose("{} {}S{} · {}", chemistry.short_name, b.series,
                   b.parallel > 1 ? fmt::format(" {}P", b.parallel) : "",
                   format(AmpereHour(raw(b.cell_capacity) * b.parallel)));
}

}  // namespace sangre
