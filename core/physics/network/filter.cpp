#include "physics/network/filter.h"

#include <fmt/format.h>

#include <cmath>
#include <complex>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
FilterCheck check_filter(const FilterNeed& need) {
    FilterCheck c;
    const double l = raw(need.inductance), cap = raw(need.capacitance);
    const double surge = std::sqrt(l / cap);
    c.resonance = Hertz(1 / (2 * M_PI * std::sqrt(l * cap)));
    c.damping = Ohm(surge);
    const double loss = std::max(raw(need.resistance) + raw(need.capacitor_esr), 1e-6);
    c.quality = surge / loss;
    const double w = 2 * M_PI * raw(need.noise);
    const std::complex<double> coil(raw(need.resistance), w * l),
        pot(raw(need.capacitor_esr), -1 / (w * cap));
    c.attenuation = w > 0 ? -20 * std::log10(std::abs(pot / (coil + pot))) : 0;
    c.drop = Volt(raw(need.current) * raw(need.resistance));
    c.saturates = raw(need.saturation) > 0 && need.peak > need.saturation;
    c.why.title = say("Filter");
    c.why.add(say("f0 = 1 ÷ 2π√(LC) = {resonance}; works above it.", format(c.resonance)));
    c.why.add(say("At {noise}: {attenuation} dB{attenuation_2|, which makes it worse|}.", format(need.noise),
                  format_number(c.attenuation), c.attenuation < 0),
              c.attenuation < 20 ? Tone::caution : Tone::good);
    c.why.add(c.quality > 1
                  ? say("Q {quality}: it rings; {damping} with a capacitor of four times C across the output "
                        "calms it.",
                        format_number(c.quality, 2), format(c.damping))
                  : say("Q {quality}: damped by its own resistance.", format_number(c.quality, 2)),
              c.quality > 1 ? Tone::caution : Tone::good);
    c.why.add(say("Drops {drop} at {current}.", format(c.drop), format(need.current)));
    if (raw(need.saturation) > 0)
        c.why.add(
            say("Peak {peak} against saturation {saturation}.", format(need.peak), format(need.saturation)),
            c.saturates ? Tone::danger : Tone::good);
    c.why.source = say("Second-order low pass with the losses of coil and capacitor.");
    return c;
}

}  // namespace sangre
