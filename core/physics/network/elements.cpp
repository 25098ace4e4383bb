#include "physics/network/elements.h"

#include <algorithm>
#include <cmath>

namespace sangre {
namespace {

constexpr double output_ohm = 0.004;       // load regulation of a module
constexpr double limit_ratio = 1.25;       // current limit over printed current
constexpr double limit_siemens = 1e-3;     // a limited output still gives a little more into a lower voltage
constexpr double led_dark_share = 0.75;    // three LEDs of some 3 V and a resistor on 12 V
constexpr double typical_stall = 6;        // stall current over running current of small brushed motors
constexpr double typical_start_s = 0.3;    // of a small motor, from rest to speed
constexpr double blocking_siemens = 1e-8;  // a diode's leakage
constexpr double pass_volts = 0.1;   // of a boost's choke and diode above its knee, at its printed current
constexpr double sink_share = 1e-6;  // of the regulation, so that an idle output is not left floating

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

LoadCurrent load_current(const LoadLaw& load, double amps, double volts, double at_rest) {
    if (amps == 0) return {0, 0};
    if (at_rest > 0) return {volts / at_rest, 1 / at_rest};
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
    if (stall <= 0) return Ohm(0);
    // The stall that is said is the motor's own; its bridge stands in series. What drops whatever the current
    // takes its share of the volts: at nominal, the same as so much more winding.
    const double nominal = raw(motor.nominal), own = nominal / stall;
    const double left = nominal - raw(motor.bridge_drop);
    return Ohm(left > 0.1 * nominal ? own * nominal / left + raw(motor.bridge)
                                    : own * 10 + raw(motor.bridge));
}

Ampere start_current(const Load& load) {
    if (raw(load.start) > 0) return load.start;
    // A motor of which a peak is said has something before it that limits it to that.
    const bool direct = load.kind == LoadKind::motor && load.peak <= load.typical;
    return direct ? load.typical * typical_stall : Ampere(0);
}

Ohm start_resistance(const Load& load) {
    const double amps = raw(start_current(load));
    return Ohm(amps > 0 ? raw(load.nominal) / amps : 0);
}

Ohm resistance_at_rest(const Load& load) {
    constexpr double cold_filament = 0.1;
    if (has_controller(load)) return Ohm(0);
    if (load.kind == LoadKind::motor) return winding_resistance(load);
    // What starts with a rush may be a winding whatever it draws when it runs.
    if (!load.igniter && raw(load.start) > 0) return start_resistance(load);
    if (load.kind != LoadKind::resistance) return Ohm(0);
    const double amps = raw(load.typical);
    // An igniter's wire is measured with what does not warm it.
    return Ohm(amps > 0 ? (load.igniter ? 1 : cold_filament) * raw(load.nominal) / amps : 0);
}

Second start_duration(const Load& load) {
    return raw(load.start_time) > 0 ? load.start_time : Second(typical_start_s);
}

double motor_speed_share(const Load& motor, Ampere amps, Volt volts) {
    const double ohm = raw(winding_resistance(motor));
    const double free_emf = raw(motor.nominal) - raw(motor.idle) * ohm;
    return free_emf > 0 ? std::max(0.0, (raw(volts) - raw(amps) * ohm) / free_emf) : 0;
}

BranchCurrent source_current(const SourceLaw& source, double volts) {
    const double siemens = 1 / source.ohms, amps = (source.volts - volts) * siemens;
    if (source.limit <= 0 && !source.one_way) return {amps, -siemens};
    const double corner = source.limit > 0 ? std::max(0.002 * source.limit, 1e-4) : 1e-4;
    Sloped out{amps, 1};
    if (source.one_way) {
        out = ramp(amps, corner);
        // An idle output is not left floating.
        out.value += sink_share * amps, out.slope += sink_share;
    }
    if (source.limit > 0) {
        const auto over = ramp(amps - source.limit, corner);
        const double more = limit_siemens / siemens;
        out.value -= over.value * (1 - more), out.slope -= over.slope * (1 - more);
    }
    return {out.value, -out.slope * siemens};
}

bool at_limit(const SourceLaw& source, double amps) {
    return source.limit > 0 && amps >= 0.995 * source.limit;
}

BranchCurrent branch_current(double siemens, double forward, double volts) {
    if (forward <= 0) return {siemens * volts, siemens};
    const auto over = ramp(volts - forward, 0.1 * forward);
    return {siemens * over.value + blocking_siemens * volts, siemens * over.slope + blocking_siemens};
}

namespace {

/// A value with its derivatives by a module's in, ground and out node, as it is built up.
Sensitive operator+(const Sensitive& a, const Sensitive& b) {
    return {a.value + b.value, {a.by[0] + b.by[0], a.by[1] + b.by[1], a.by[2] + b.by[2]}};
}
Sensitive operator*(double k, const Sensitive& a) {
    return {k * a.value, {k * a.by[0], k * a.by[1], k * a.by[2]}};
}
Sensitive operator-(const Sensitive& a, const Sensitive& b) { return a + -1 * b; }
Sensitive operator+(const Sensitive& a, double k) { return {a.value + k, a.by}; }
Sensitive operator*(const Sensitive& a, const Sensitive& b) {
    auto product = b.value * a + a.value * b;
    product.value = a.value * b.value;
    return product;
}
Sensitive operator/(const Sensitive& a, const Sensitive& b) {
    const double inverse = 1 / b.value;
    return a * Sensitive{inverse,
                         {-b.by[0] * inverse * inverse, -b.by[1] * inverse * inverse,
                          -b.by[2] * inverse * inverse}};
}
/// f(x) with its slope handed on.
Sensitive chained(Sloped f, const Sensitive& x) {
    return {f.value, {f.slope * x.by[0], f.slope * x.by[1], f.slope * x.by[2]}};
}
Sensitive ramp(const Sensitive& x, double w) { return chained(ramp(x.value, w), x); }
/// The lesser and the larger of both, the corner rounded over ± w.
Sensitive lesser(const Sensitive& a, const Sensitive& b, double w) { return a - ramp(a - b, w); }
Sensitive larger(const Sensitive& a, const Sensitive& b, double w) { return b + ramp(a - b, w); }

/// 1 above the least input, 0 a tenth below it, smooth between.
Sensitive awake(const ConverterType& type, const Sensitive& in, bool was_locked) {
    const double full = raw(type.in_min) * (was_locked ? type.restart : 1), span = 0.1 * raw(type.in_min);
    const double x = std::clamp((in.value - full + span) / span, 0.0, 1.0);
    return chained({x * x * (3 - 2 * x), 6 * x * (1 - x) / span}, in);
}

/// Current drawn over current given: by the losses, by the share of time the switch of a step-down module is
/// closed, which ends at all of it, and never more than that.
Sensitive input_share(const ConverterType& type, const Sensitive& in, const Sensitive& out,
                      const Sensitive& pushed) {
    const double floor = 0.3 * raw(type.in_min);
    const auto supply = ramp(in + -floor, 0.05 * floor) + floor;
    // Half of the loss at the rated point grows with the current; the idle current is counted apart.
    const double lost = 1 / type.efficiency - 1, per_amp = lost / (1.2 * raw(type.rated));
    const auto by_power = out * (per_amp * pushed + (1 + 0.5 * lost)) / supply;
    if (type.kind != ConverterKind::buck) return by_power;
    constexpr double corner = 0.001;
    const auto behind_switch = ramp(in + (-raw(type.dropout) - floor), 0.05 * floor) + floor;
    return lesser(larger(by_power, out / behind_switch, corner), {1, {}}, corner);
}

}  // namespace

Ohm pass_resistance(const ConverterType& type) { return Ohm(pass_volts / raw(type.rated)); }

ConverterCurrents converter_currents(const ConverterType& type, double set, double v_in, double v_out,
                                     bool was_locked, double rounding) {
    const Sensitive in{v_in, {1, -1, 0}}, out{v_out, {0, -1, 1}};
    const auto alive = awake(type, in, was_locked);
    const auto follow = in + -raw(type.dropout);
    ConverterCurrents c;
    c.locked_out = alive.value < 0.5;
    c.cycling = alive.value > 0.02 && alive.value < 0.98;

    Sensitive target{set, {}};
    if (type.kind == ConverterKind::buck || type.kind == ConverterKind::linear) {
        target = lesser(target, follow, 0.005);
        c.dropout = follow.value < set;
    }
    target = target * alive;

    // The output as a function of how far it hangs below its target.
    const double limit = raw(type.rated) * limit_ratio;
    const auto asked = (1 / output_ohm) * (target - out);
    const auto given = rounding > 0
                           ? ramp(asked, rounding)
                           : chained({std::max(asked.value, 0.0), asked.value >= 0 ? 1.0 : 0.0}, asked);
    constexpr double held = 1 - limit_siemens * output_ohm;
    c.limiting = given.value > limit;
    const auto pushed = given - held * ramp(given + -limit, 0.01 * limit);
    c.out = pushed + sink_share * (asked - given);

    // What leaks back into an idle output does not come out at the input.
    const auto idle = raw(type.quiescent) * alive;
    if (type.kind == ConverterKind::linear) {
        c.in = pushed + idle;
        return c;
    }
    c.in = pushed * input_share(type, in, out, pushed) + idle;
    if (type.kind != ConverterKind::boost) return c;
    // Through its choke and diode the input reaches the output, whatever the switch does.
    const auto passed = (1 / raw(pass_resistance(type))) * ramp(follow - out, 0.005);
    c.in = c.in + passed, c.out = c.out + passed;
    c.passing = passed.value > 0.01 * raw(type.rated);
    return c;
}

double temperature_rise(const ConverterType& type, Watt heat) { return raw(heat) * type.thermal; }

}  // namespace sangre
