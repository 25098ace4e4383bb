// Packs and filters.
#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/calc/calc.h"
#include "physics/battery/pack.h"
#include "physics/network/filter.h"

namespace sangre {

Answer calc_battery(const Catalogue& catalogue, const BatteryQuestion& q) {
    const auto* chemistry = find(catalogue.chemistries, q.chemistry);
    if (!chemistry) {
        std::string known;
        for (const auto& c : catalogue.chemistries) known += (known.empty() ? "" : ", ") + c.id;
        return tl::unexpected(say("chemistry “{chemistry}” is not known: {known} are", q.chemistry, known));
    }
    if (q.series < 1 || q.parallel < 1 || raw(q.capacity) <= 0)
        return tl::unexpected(std::string(say("series and parallel count from 1, and a capacity is needed")));
    if (q.charge < 0 || q.charge > 1) return tl::unexpected(std::string(say("charge goes from 0 to 100 %")));
    Source b;
    b.chemistry = q.chemistry, b.series = q.series, b.parallel = q.parallel, b.cell_capacity = q.capacity;
    if (pack_charge_voltage(b, *chemistry) > Volt(60))
        return tl::unexpected(say("{full} while charging: above 60 V is outside this tool",
                                  format(pack_charge_voltage(b, *chemistry))));
    const auto rest = pack_rest_voltage(b, *chemistry, q.charge);
    const auto ohm = pack_resistance(b, *chemistry, q.charge, q.air);
    const auto capacity = pack_capacity(b, *chemistry, q.air);
    Calculation c;
    c.why.title = pack_summary(b, *chemistry);
    c.answer = say("{rest} at rest, {ohm} inside", format(rest), format(ohm));
    c.values = {{"rest_V", raw(rest)},
                {"full_V", raw(pack_charge_voltage(b, *chemistry))},
                {"cutoff_V", raw(pack_cutoff_voltage(b, *chemistry))},
                {"resistance_ohm", raw(ohm)},
                {"capacity_Ah", raw(capacity)},
                {"energy_Wh", raw(pack_energy(b, *chemistry))},
                {"max_A", raw(pack_max_current(b, *chemistry))},
                {"mass_g", raw(pack_mass(b, *chemistry))}};
    c.why.add(say("charged at {full}, nominal {nominal}, empty at {cutoff}",
                  format(pack_charge_voltage(b, *chemistry)), format(chemistry->nominal * q.series),
                  format(pack_cutoff_voltage(b, *chemistry))));
    c.why.add(
        say("{mohm_ah} mΩ·Ah ÷ {capacity} × {series} in series ÷ {parallel} in parallel, at {air}: {ohm}",
            chemistry->mohm_ah, format(q.capacity), q.series, q.parallel, format(q.air), format(ohm)));
    c.why.add(say("usable at {air}: {capacity}; {pack_energy} of energy at nominal", format(q.air),
                  format(capacity), format(pack_energy(b, *chemistry))));
    c.why.add(say("gives {pack_max_current} continuously", format(pack_max_current(b, *chemistry))));
    if (raw(q.current) > 0) {
        const Volt loaded(raw(rest) - raw(q.current) * raw(ohm));
        if (raw(loaded) <= 0)
            return tl::unexpected(say("{current} is more than this pack can deliver: {most} into a short",
                                      format(q.current), format(Ampere(raw(rest) / raw(ohm)))));
        const auto most = std::max(pack_burst_current(b, *chemistry), pack_max_current(b, *chemistry));
        const double faster = peukert_factor(*chemistry, capacity, q.current);
        const double hours = raw(capacity) * q.charge / (raw(q.current) * faster);
        if (q.current > most)
            c.answer =
                say("{answer}; {current} is beyond it: rated for {continuous} continuously and {burst} for "
                    "{burst_time}, where it would sag to {loaded}",
                    c.answer, format(q.current), format(pack_max_current(b, *chemistry)),
                    format(pack_burst_current(b, *chemistry)), format(burst_time), format(loaded));
        else if (loaded < pack_cutoff_voltage(b, *chemistry))
            c.answer =
                say("{answer}; it sags to {loaded} at {current}, below its cut-off of {cutoff}", c.answer,
                    format(loaded), format(q.current), format(pack_cutoff_voltage(b, *chemistry)));
        else
            c.answer = say("{answer}; sags to {loaded} at {current}, for {hours}", c.answer, format(loaded),
                           format(q.current), format(Second(hours * 3600)));
        c.values.emplace_back("loaded_V", raw(loaded)), c.values.emplace_back("hours", hours);
        c.why.add(
            fmt::format("{} − {} × {} = {}", format(rest), format(q.current), format(ohm), format(loaded)),
            loaded < pack_cutoff_voltage(b, *chemistry) ? Tone::danger : Tone::plain);
        if (faster > 1)
            c.why.add(say("Peukert {peukert}: empties {faster} × faster than its ampere-hours say",
                          chemistry->peukert, format_number(faster)));
        if (q.current > pack_max_current(b, *chemistry))
            c.why.add(say("{current} is more than it gives continuously", format(q.current)), Tone::danger);
    }
    c.why.source = chemistry->source;
    c.why.caution = chemistry->caution;
    return c;
}

Answer calc_filter(const FilterQuestion& q) {
    if (raw(q.inductance) <= 0 || raw(q.capacitance) <= 0 || raw(q.noise) <= 0)
        return tl::unexpected(
            std::string(say("inductance, capacitance and the frequency to keep away must be above 0")));
    const auto f = check_filter({q.inductance, q.capacitance, q.resistance, q.esr, q.saturation, q.current,
                                 std::max(q.peak, q.current), q.noise});
    Calculation c;
    c.answer =
        say("{attenuation} dB at {noise} kHz, resonant at {resonance} Hz{saturates|; its coil saturates|}",
            format_number(f.attenuation), format_number(raw(q.noise) / 1e3), format_number(raw(f.resonance)),
            f.saturates);
    c.why = f.why;
    c.values = {{"attenuation_dB", f.attenuation},
                {"resonance_Hz", raw(f.resonance)},
                {"Q", f.quality},
                {"damping_ohm", raw(f.damping)},
                {"drop_V", raw(f.drop)},
                {"saturates", f.saturates}};
    return c;
}

}  // namespace sangre
