#include "physics/protection/inrush.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double most_energy = 0.5, from_volts = 25, from_farad = 1000e-6;

}  // namespace

Inrush inrush(Volt volts, Farad capacitance, Ohm loop) {
    Inrush i;
    const Ohm r = std::max(loop, Ohm(1e-3));
    i.peak = Ampere(raw(volts) / raw(r));
    i.energy = Joule(0.5 * raw(capacitance) * raw(volts) * raw(volts));
    i.lasts = Second(5 * raw(r) * raw(capacitance));
    i.wants_precharge =
        raw(i.energy) > most_energy || (raw(volts) >= from_volts && raw(capacitance) >= from_farad);
    i.why.title = say("Plug-in spark");
    i.why.add(
        say("{volts} through {ohm}: {peak} at the first instant.", format(volts), format(r), format(i.peak)));
    i.why.add(
        say("½ × {capacitance} × ({volts})² = {energy} J in the capacitors, and as much in the spark and the "
            "wires.",
            format(capacitance), format(volts), format_number(raw(i.energy))));
    i.why.add(i.wants_precharge
                  ? say("Above 0.5 J, or from 25 V with 1000 µF up: pre-charge through a resistor or use an "
                        "anti-spark plug.")
                  : say("Below 0.5 J: a small spark with little contact wear."),
              i.wants_precharge ? Tone::caution : Tone::good);
    i.why.source = say("V/R and ½CV²; the limits are practice.");
    return i;
}

Precharge precharge(Volt volts, Farad capacitance, Second within) {
    constexpr std::array series{1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2};
    Precharge p;
    const double most = raw(within) / 5 / raw(capacitance);
    double ohm = 1;
    for (const double decade : {1e0, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6})
        for (const double e : series)
            if (e * decade <= most) ohm = e * decade;
    p.resistor = Ohm(ohm);
    p.peak = Ampere(raw(volts) / ohm);
    p.wait = Second(5 * ohm * raw(capacitance));
    p.pulse = Joule(0.5 * raw(capacitance) * raw(volts) * raw(volts));
    p.first_instant = Watt(raw(volts) * raw(volts) / ohm);
    p.why.title = say("Pre-charge");
    p.why.add(say("Largest of E12 with 5·R·C ≤ {within}: {resistor}.", format(within), format(p.resistor)));
    p.why.add(say("{volts} ÷ {resistor} = {peak} at the first instant, {first_instant}.", format(volts),
                  format(p.resistor), format(p.peak), format(p.first_instant)));
    p.why.add(say("5 × {resistor} × {capacitance} = wait {wait}; then close the main switch.",
                  format(p.resistor), format(capacitance), format(p.wait)));
    p.why.add(say("The resistor takes {pulse} J in one pulse: choose a wire-wound one rated for it.",
                  format_number(raw(p.pulse))));
    p.why.source = say("RC charging; ½CV².");
    return p;
}

}  // namespace sangre
