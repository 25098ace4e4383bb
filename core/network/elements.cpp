#include "network/elements.h"

#include <algorithm>
#include <cmath>

namespace sangre {
namespace {

constexpr double output_ohm = 0.004;       // load regulation of a module
constexpr double limit_ratio = 1.25;       // current limit over printed current
constexpr double limit_siemens = 1e-3;     // a limited output still gives a little more into a lower voltage
constexpr double led_dark_share = 0.75;    // three LEDs of some 3 V and a resistor on 12 V
constexpr double typical_stall = 6;        // stall current over running current of small brushed motors
constexpr double blocking_siemens = 1e-8;  // a diode's leakage
constexpr double sink_share = 1e-6;        // of the regulation, so that an idle output is not left floating

struct Sloped {
    double value, slope;
};

/// max(x, 0), its corner a parabola over ±w.
Sloped ramp(double x, double w) {
    if (x <= -w) return {0, 0};
    if (x >= w) return {x, 1};
    return {(x + w) * (x + w) / (4 * w), (x + w) / (2 * w)};
}

/// The value at x between `left` and `right`, which meet at x = 0: a cubic over ±w, each as it is beyond.
template <class Left, class Right>
Sloped blended(double x, double w, Left left, Right right) {
    if (x <= -w) return left(x);
    if (x >= w) return right(x);
    const auto a = left(-w), b = right(w);
    const double span = 2 * w, t = (x + w) / span;
    const double t2 = t * t, t3 = t2 * t;
    return {a.value * (2 * t3 - 3 * t2 + 1) + a.slope * span * (t3 - 2 * t2 + t) +
                b.value * (3 * t2 - 2 * t3) + b.slope * span * (t3 - t2),
            (a.value * (6 * t2 - 6 * t) + a.slope * span * (3 * t2 - 4 * t + 1) + b.value * (6 * t - 6 * t2) +
             b.slope * span * (3 * t2 - 2 * t)) /
                span};
}

}  // namespace

LoadLaw::LoadLaw(const Load& load)
    : kind(load.kind),
      nominal(raw(load.nominal) > 0 ? raw(load.nominal) : std::max(raw(load.v_min), 1.0)),
      v_min(raw(load.v_min)),
      winding_ohm(load.kind == LoadKind::motor ? raw(winding_resistance(load)) : 0) {}

LoadCurrent load_current(const LoadLaw& load, double amps, double volts) {
    if (amps == 0) return {0, 0};
    const double nominal = load.nominal;
    if (load.kind == LoadKind::resistance) return {volts * amps / nominal, amps / nominal};
    if (load.kind == LoadKind::led) {
        const double dark = led_dark_share * nominal, slope = amps / (nominal - dark);
        const auto lit = ramp(volts - dark, 0.02 * nominal);
        return {slope * lit.value, slope * lit.slope};
    }
    const bool power = load.kind == LoadKind::power;
    // A motor stands still below what its torque asks of the winding; others let go below their least
    // voltage.
    const double knee = load.kind == LoadKind::motor ? std::max(amps * load.winding_ohm, 1e-3)
                                                     : std::max(0.75 * load.v_min, 0.1);
    const double at_knee = power ? amps * nominal / knee : amps;
    const auto [value, slope] = blended(
        volts - knee, 0.05 * knee,
        [&](double x) {
            return Sloped{at_knee * (x + knee) / knee, at_knee / knee};
        },
        [&](double x) {
            const double v = x + knee;
            return power ? Sloped{amps * nominal / v, -amps * nominal / (v * v)} : Sloped{amps, 0};
        });
    return {value, slope};
}

Ohm winding_resistance(const Load& motor) {
    const double stall = raw(motor.start) > 0 ? raw(motor.start) : typical_stall * raw(motor.typical);
    return Ohm(stall > 0 ? raw(motor.nominal) / stall : 0);
}

double motor_speed_share(const Load& motor, Ampere amps, Volt volts) {
    const double ohm = raw(winding_resistance(motor));
    const double free_emf = raw(motor.nominal) - raw(motor.idle) * ohm;
    return free_emf > 0 ? std::max(0.0, (raw(volts) - raw(amps) * ohm) / free_emf) : 0;
}

BranchCurrent branch_current(double siemens, double forward, double volts) {
    if (forward <= 0) return {siemens * volts, siemens};
    const auto over = ramp(volts - forward, 0.1 * forward);
    return {siemens * over.value + blocking_siemens * volts, siemens * over.slope + blocking_siemens};
}

ConverterCurrents converter_currents(const ConverterType& type, double set, double v_in, double v_out,
                                     bool was_locked, double rounding) {
    ConverterCurrents c;
    const double full = raw(type.in_min) * (was_locked ? type.restart : 1), span = 0.1 * raw(type.in_min);
    const double low = full - span;
    const double x = std::clamp((v_in - low) / span, 0.0, 1.0);
    const double alive = x * x * (3 - 2 * x);
    const double alive_slope = 6 * x * (1 - x) / span;
    c.locked_out = alive < 0.5;
    c.cycling = alive > 0.02 && alive < 0.98;

    const double follow = v_in - raw(type.dropout);
    const bool steps_down = type.kind == ConverterKind::buck || type.kind == ConverterKind::linear;
    Sloped target{set, 0};
    if (steps_down) {
        const auto short_of = ramp(set - follow, 0.005);
        target = {set - short_of.value, short_of.slope};
        c.dropout = follow < set;
    } else if (type.kind == ConverterKind::boost) {
        const auto beyond = ramp(follow - set, 0.005);
        target = {set + beyond.value, beyond.slope};
    }
    target = {target.value * alive, target.slope * alive + target.value * alive_slope};

    // The output as a function of how far it hangs below its target.
    const double limit = raw(type.rated) * limit_ratio;
    const double asked = (target.value - v_out) / output_ohm;
    const auto given =
        rounding > 0 ? ramp(asked, rounding) : Sloped{std::max(asked, 0.0), asked >= 0 ? 1.0 : 0.0};
    const auto refused = ramp(given.value - limit, 0.01 * limit);
    constexpr double held = 1 - limit_siemens * output_ohm;
    c.limiting = given.value > limit;
    const double pushed = given.value - refused.value * held;
    const double pushed_slope = given.slope * (1 - refused.slope * held);
    const double out = pushed + sink_share * (asked - given.value);
    const auto by_nodes = [&](double slope) {
        const double by_in = slope * target.slope / output_ohm, by_out = -slope / output_ohm;
        return std::array{by_in, -by_in - by_out, by_out};
    };
    c.out = {out, by_nodes(pushed_slope + sink_share * (1 - given.slope))};

    // What leaks back into an idle output does not come out at the input.
    const double idle = raw(type.quiescent) * alive, idle_slope = raw(type.quiescent) * alive_slope;
    if (type.kind == ConverterKind::linear) {
        c.in = {pushed + idle, by_nodes(pushed_slope)};
        c.in.by[0] += idle_slope, c.in.by[1] -= idle_slope;
        return c;
    }
    const double floor = 0.3 * raw(type.in_min);
    const auto above = ramp(v_in - floor, 0.05 * floor);
    const double supply = floor + above.value;
    // Half of the loss at the rated point grows with the current; the idle current is counted apart.
    const double lost = 1 / type.efficiency - 1, per_amp = lost / (1.2 * raw(type.rated));
    const double share = 1 + 0.5 * lost + per_amp * pushed;
    const double watts = pushed * v_out * share, by_amp = v_out * (share + pushed * per_amp);
    const auto by = by_nodes(pushed_slope);
    const double in_by_in = by_amp * by[0] / supply - watts / (supply * supply) * above.slope + idle_slope;
    const double in_by_out = (by_amp * by[2] + pushed * share) / supply;
    c.in = {watts / supply + idle, {in_by_in, -in_by_in - in_by_out, in_by_out}};
    return c;
}

double temperature_rise(const ConverterType& type, Watt heat) { return raw(heat) * type.thermal; }

}  // namespace sangre
