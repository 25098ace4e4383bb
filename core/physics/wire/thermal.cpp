#include "physics/wire/thermal.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "base/kept.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

constexpr double zero_c = 273.15;
constexpr double per_kelvin = 0.00393;  // of temperature_factor, IEC 60028

constexpr double sleeve_conductivity = 0.05;  // W/(m·K): fibre and the air between, typical

/// Surface temperature at which the heat through the layers equals the heat leaving it, to 1 mK.
double heat_through(const WireType& wire, const Insulation& insulation, double conductor_c,
                    const Surroundings& around) {
    const double air_c = raw(around.air);
    if (conductor_c <= air_c) return 0;
    const double inner = raw(wire.conductor) / 1e3;
    const double over_wire = std::max(raw(wire.outer) / 1e3, inner * 1.001);
    const double outer = over_wire + 2 * std::max(0.0, raw(around.sleeve)) / 1e3;
    const double resistance = std::log(over_wire / inner) / (2 * M_PI * insulation.conductivity) +
                              std::log(outer / over_wire) / (2 * M_PI * sleeve_conductivity);
    const double pressure = pressure_at(around.altitude);
    // What passes the layers less what leaves the surface falls from one end to the other: regula falsi,
    // halving the weight of an end that stays (Illinois).
    double low = air_c, high = conductor_c, surface = high;
    double at_low = (conductor_c - air_c) / resistance, at_high = -surface_loss(high, air_c, outer, pressure);
    for (int i = 0, stayed = 0; i < 60 && high - low > 1e-3; ++i) {
        surface = (low * at_high - high * at_low) / (at_high - at_low);
        const double over =
            (conductor_c - surface) / resistance - surface_loss(surface, air_c, outer, pressure);
        if (std::abs(over) < 1e-9) break;
        if (over > 0) {
            low = surface, at_low = over;
            if (stayed == 1) at_high /= 2;
            stayed = 1;
        } else {
            high = surface, at_high = over;
            if (stayed == -1) at_low /= 2;
            stayed = -1;
        }
    }
    return (conductor_c - surface) / resistance;
}

}  // namespace

double pressure_at(Metre altitude) {
    const double h = std::clamp(raw(altitude), 0.0, 11000.0);
    return std::pow(1 - 2.25577e-5 * h, 5.25588);
}

double surface_loss(double surface_c, double air_c, double outer_m, double pressure) {
    const double dt = surface_c - air_c;
    if (dt <= 0) return 0;
    const double film = (surface_c + air_c) / 2 + zero_c;
    const double viscosity = 1.458e-6 * film * std::sqrt(film) / (film + 110.4);  // Sutherland, Pa·s
    const double conductivity =
        2.6482e-3 * std::sqrt(film) / (1 + 245.4 / film * std::exp(-12 * M_LN10 / film));
    const double density = 101325 * pressure / (287.05 * film);
    const double prandtl = 1006 * viscosity / conductivity;
    const double kinematic = viscosity / density;
    const double rayleigh =
        9.81 / film * dt * outer_m * outer_m * outer_m / (kinematic * kinematic) * prandtl;
    const double shape = std::pow(1 + std::pow(0.559 / prandtl, 9.0 / 16), 8.0 / 27);
    const double root = 0.60 + 0.387 * std::sqrt(std::cbrt(rayleigh)) / shape, nusselt = root * root;
    const double convection = nusselt * conductivity / outer_m * dt;
    const double surface2 = (surface_c + zero_c) * (surface_c + zero_c),
                 air2 = (air_c + zero_c) * (air_c + zero_c);
    const double radiation = 0.9 * 5.670374e-8 * (surface2 * surface2 - air2 * air2);
    return M_PI * outer_m * (convection + radiation);
}

Ampere current_at_temperature(const WireType& wire, const Insulation& insulation, Celsius conductor,
                              const Surroundings& around) {
    const double heat = heat_through(wire, insulation, raw(conductor), around);
    return Ampere(std::sqrt(heat / (wire.ohm_per_m * temperature_factor(conductor))));
}

Ampere current_at_temperature(const WireType& wire, const Insulation& insulation, Celsius conductor,
                              Celsius air) {
    return current_at_temperature(wire, insulation, conductor, Surroundings{air, {}, {}});
}

Ampere ampacity(const WireType& wire, const Insulation& insulation, const Surroundings& around) {
    return current_at_temperature(wire, insulation, insulation.max, around);
}

Ampere ampacity(const WireType& wire, const Insulation& insulation, Celsius air) {
    return ampacity(wire, insulation, Surroundings{air, {}, {}});
}

double bunching_factor(int circuits) {
    constexpr std::array table{1.0, 0.80, 0.70, 0.65, 0.60, 0.57, 0.54, 0.52, 0.50};
    if (circuits <= 1) return 1;
    if (circuits <= 9) return table[static_cast<size_t>(circuits - 1)];
    const double n = std::min(circuits, 20);
    if (n <= 12) return std::lerp(0.50, 0.45, (n - 9) / 3);
    if (n <= 16) return std::lerp(0.45, 0.41, (n - 12) / 4);
    return std::lerp(0.41, 0.38, (n - 16) / 4);
}

double adiabatic_k(Celsius initial, Celsius final) {
    return 226 * std::sqrt(std::log((234.5 + raw(final)) / (234.5 + raw(initial))));
}

Ampere adiabatic_current(SquareMillimetre area, Second time, Celsius initial, Celsius final) {
    return Ampere(adiabatic_k(initial, final) * raw(area) / std::sqrt(raw(time)));
}

WireThermal::WireThermal(const WireType& wire, const Insulation& insulation, Celsius air, double bunch,
                         int conductors)
    : air_c_(raw(air)),
      air_(air),
      free_ampacity_(ampacity(wire, insulation, air)),
      resistance20_(wire.ohm_per_m),
      bunch_(bunch),
      conductors_(std::max(conductors, 1)) {
    const double metal = raw(wire.area) * conductor_density(wire.material);                    // g/m
    const double specific = wire.material == Conductor::copper_clad_aluminium ? 0.75 : 0.385;  // J/(g·K)
    const double polymer = std::max(0.0, wire.gram_per_m - metal) * 1.3;
    metal_heat_capacity_ = metal * specific;
    heat_capacity_ = metal_heat_capacity_ + polymer * 0.5;  // the outer half of the wall lags behind
    const auto points = static_cast<size_t>((1000 - air_c_) / step) + 2;
    for (size_t i = 0; i < points; ++i)
        loss_.push_back(
            heat_through(wire, insulation, air_c_ + static_cast<double>(i) * step, {air, {}, {}}));
    for (size_t i = 0; i < points; ++i)
        steady_heat_.push_back(loss_[i] /
                               temperature_factor(Celsius(air_c_ + static_cast<double>(i) * step)));
}

double WireThermal::loss(double c) const {
    const double at = std::max(0.0, (c - air_c_) / step);
    const auto i = std::min(static_cast<size_t>(at), loss_.size() - 2);
    return std::lerp(loss_[i], loss_[i + 1], at - static_cast<double>(i)) * bunch_ * bunch_;
}

double WireThermal::heating(double amps, double c) const {
    const double each = amps / conductors_;
    return each * each * resistance20_ * temperature_factor(Celsius(c));
}

Celsius WireThermal::steady(Ampere current) const {
    const double each = raw(current) / conductors_, heat = each * each * resistance20_;
    const double wanted = heat / (bunch_ * bunch_);
    const auto above = std::upper_bound(steady_heat_.begin(), steady_heat_.end(), wanted);
    if (above == steady_heat_.begin()) return air_;
    if (above == steady_heat_.end()) return Celsius(1000);
    // Between two points of the table the loss is a line and so is the heating: they meet where both are
    // alike.
    const auto i = static_cast<size_t>(above - steady_heat_.begin()) - 1;
    const double low = air_c_ + static_cast<double>(i) * step;
    const double at_low = temperature_factor(Celsius(low)) * wanted - loss_[i];
    const double slope = per_kelvin * wanted - (loss_[i + 1] - loss_[i]) / step;
    const double c = slope < 0 ? low - at_low / slope : low + step;
    return Celsius(std::min(std::clamp(c, low, low + step), 1000.0));
}

double WireThermal::rate(Ampere current, Celsius conductor) const {
    return (heating(std::abs(raw(current)), raw(conductor)) - loss(raw(conductor))) / heat_capacity_;
}

Celsius WireThermal::after(Ampere current, Second time, Celsius start) const {
    const double end = raw(steady(current));
    double c = raw(start), left = raw(time);
    while (left > 0) {
        const double rate = this->rate(current, Celsius(c));
        if (std::abs(end - c) < 0.05 || c >= 1000) return Celsius(std::min(end, 1000.0));
        const double stride = std::min(10.0, std::max(0.02, std::abs(end - c) / 8));
        const double dt = std::min(left, stride / std::max(std::abs(rate), 1e-9));
        c += rate * dt;
        left -= dt;
    }
    return Celsius(std::min(c, 1000.0));
}

Second WireThermal::time_to(Ampere current, Celsius limit, Celsius start) const {
    const double amps = std::abs(raw(current)), goal = raw(limit);
    const double c = raw(start);
    double time = 0;
    if (c >= goal) return Second(0);
    if (heating(amps, goal) <= loss(goal)) return Second(std::numeric_limits<double>::infinity());
    // Counted, not summed up to the goal: a step beyond it, for the last bit's sake, might never end.
    constexpr int strides = 40;
    const double stride = (goal - c) / strides;
    for (int i = 0; i < strides; ++i) {
        const double middle = c + (i + 0.5) * stride;
        time += stride * heat_capacity_ / std::max(heating(amps, middle) - loss(middle), 1e-9);
    }
    return Second(time);
}

double WireThermal::adiabatic_heat(Celsius limit, Celsius start) const {
    if (limit <= start) return 0;
    // ∫ C dT / (R20·(1 + α(T − 20))), R20 as the wires in parallel make it.
    const double rise = temperature_factor(limit) / temperature_factor(start);
    return metal_heat_capacity_ / (resistance20_ * per_kelvin) * std::log(rise) * conductors_ * conductors_;
}

Celsius WireThermal::after_adiabatic(double square_seconds, Celsius start) const {
    const double exponent =
        square_seconds * resistance20_ * per_kelvin / (metal_heat_capacity_ * conductors_ * conductors_);
    const double factor = temperature_factor(start) * std::exp(std::min(exponent, 50.0));
    return Celsius(std::min(20 + (factor - 1) / per_kelvin, 1000.0));
}

std::shared_ptr<const WireThermal> thermal_of(const WireType& wire, const Insulation& insulation, Celsius air,
                                              int bunched, int conductors) {
    // By what the table is made of, not by name: two catalogues may hold a wire of one name.
    using Key = std::array<double, 10>;
    static Kept<Key, std::shared_ptr<const WireThermal>> known(2000);
    return known(Key{wire.ohm_per_m, raw(wire.area), raw(wire.conductor), raw(wire.outer), wire.gram_per_m,
                     insulation.conductivity, raw(insulation.max), raw(air), static_cast<double>(bunched),
                     static_cast<double>(conductors)},
                 [&] {
                     return std::make_shared<const WireThermal>(wire, insulation, air,
                                                                bunching_factor(bunched), conductors);
                 });
}

}  // namespace sangre
