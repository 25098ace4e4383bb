#include "physics/parts/load.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace sangre {

Volt nominal_of(const Load& load) {
    return raw(load.nominal) > 0 ? load.nominal : (load.v_min + load.v_max) / 2;
}

Volt rail_voltage_of(const Load& load) {
    constexpr std::array usual{3.3, 5.0, 6.0, 9.0, 12.0, 24.0, 48.0};
    constexpr double wide = 1.5;   // greatest over least: below that the middle is what it is made for
    constexpr double clear = 0.1;  // of the least and greatest: room for tolerance and drop
    const Volt nominal = nominal_of(load);
    const double middle = raw(load.v_min + load.v_max) / 2;
    if (raw(load.v_max) < wide * raw(load.v_min) || std::abs(raw(nominal) - middle) > 1e-6) return nominal;
    double best = 0;
    for (const double v : usual)
        if (v >= raw(load.v_min) * (1 + clear) && v <= raw(load.v_max) * (1 - clear) &&
            std::abs(v - middle) < std::abs(best - middle))
            best = v;
    return best > 0 ? Volt(best) : nominal;
}

Volt bridge_volts(const Load& load, Ampere amps) {
    return raw(amps) > 0 ? Volt(raw(amps) * raw(load.bridge)) + load.bridge_drop : Volt(0);
}

Watt bridge_loss(const Load& load, Ampere amps) { return Watt(raw(bridge_volts(load, amps)) * raw(amps)); }

bool cranks(const Load& load) {
    constexpr double times = 20;
    constexpr Ampere least(80);
    const auto most = std::max(load.peak, load.start);
    return load.starter || (load.kind == LoadKind::motor && most >= least && most >= load.typical * times);
}

bool has_controller(const Load& load) {
    constexpr double standby_share = 0.1;  // of what it runs with; an idling motor takes more. Typical
    if (load.kind != LoadKind::motor) return false;
    if (raw(load.bridge) > 0 || raw(load.bridge_drop) > 0) return true;
    const bool standby = raw(load.idle) > 0 && load.idle < load.typical * standby_share;
    return raw(load.start) <= 0 && (load.peak > load.typical || standby);
}

Ampere draw(const Load& load, LoadState state) {
    switch (state) {
        case LoadState::off:
            return Ampere(0);
        case LoadState::idle:
            return load.idle;
        case LoadState::typical:
            return load.typical;
        case LoadState::peak:
            return std::max(load.peak, load.typical);
        case LoadState::stall:
            return std::max({load.start, load.peak, load.typical});
    }
    return Ampere(0);
}

}  // namespace sangre
