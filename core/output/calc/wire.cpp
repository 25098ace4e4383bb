#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/calc/calc.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"
#include "physics/wire/parallel.h"
#include "physics/wire/rules_of_thumb.h"
#include "physics/wire/thermal.h"

namespace sangre {

Answer calc_wire(const Catalogue& catalogue, const WireQuestion& q) {
    const auto found = wire_of_size(catalogue, q.size, q.insulation, q.material, q.solid);
    if (!found) return tl::unexpected(found.error());
    const auto& wire = *found;
    const auto& insulation = *find(catalogue.insulations, wire.insulation);
    if (q.bunch < 1 || q.conductors < 1)
        return tl::unexpected(std::string(say("bunch and conductors count from 1")));
    if (raw(q.length) < 0) return tl::unexpected(std::string(say("a length cannot be negative")));
    if (!(q.air >= coldest_asked && q.air <= hottest_asked))
        return tl::unexpected(say("air at {air}: {coldest} to {hottest} is expected", format(q.air),
                                  format(coldest_asked), format(hottest_asked)));
    if (q.air >= insulation.max)
        return tl::unexpected(say("air at {air} is no cooler than the insulation may be, {most}",
                                  format(q.air), format(insulation.max)));
    const int bunched = q.bunch + q.conductors - 1;
    const double bunch = bunching_factor(bunched);
    const Ampere free_air = ampacity(wire, insulation, Surroundings{q.air, q.altitude, q.sleeve});
    const Ampere carries = free_air * bunch * q.conductors;
    Calculation c;
    c.values = {{"ampacity_A", raw(carries)},
                {"ampacity_free_air_A", raw(free_air)},
                {"bunching_factor", bunch},
                {"ohm_per_m_20C", wire.ohm_per_m / q.conductors},
                {"area_mm2", raw(wire.area)},
                {"outer_mm", raw(wire.outer)},
                {"g_per_m", wire.gram_per_m * q.conductors},
                {"cautious_A", raw(cautious_current(wire.area)) * q.conductors},
                {"bold_A", raw(bold_current(wire.area)) * q.conductors}};
    auto& why = c.why;
    why.title = compose("{}{} {}", q.conductors > 1 ? fmt::format("{} × ", q.conductors) : "",
                        size_words(wire), insulation.name);
    why.add(
        say("{area} mm², {strands} strands, {outer} over the insulation, {ohm_per_m} mΩ/m at 20 °C, "
            "{gram_per_m} g/m",
            format_number(raw(wire.area)), wire.strands, format(wire.outer),
            format_number(wire.ohm_per_m * 1e3), format_number(wire.gram_per_m)));
    why.add(
        say("heat balance in free air at {air}{high|, {altitude:.0f} m up|}{sleeved|, in a sleeve of "
            "{sleeve}|}: {free_air} brings the conductor to {most}",
            format(q.air), raw(q.altitude) > 0, raw(q.altitude), raw(q.sleeve) > 0, format(q.sleeve),
            format(free_air), format(insulation.max)));
    if (bunched > 1) why.add(say("{bunched} circuits together: × {bunch}", bunched, format_number(bunch)));
    if (q.conductors > 1) {
        const std::vector<ParallelConductor> all(static_cast<size_t>(q.conductors),
                                                 {&wire, &insulation, Metre(1)});
        const auto rating = parallel_rating(all, q.air);
        why.add(say("with one of the {conductors} broken the others carry {one_broken}", q.conductors,
                    format(rating.one_broken)));
        c.values.emplace_back("one_broken_A", raw(rating.one_broken));
    }
    why.add(say("rules of thumb beside it: cautious {cautious_current}, bold {bold_current}",
                format(cautious_current(wire.area) * q.conductors),
                format(bold_current(wire.area) * q.conductors)));
    c.answer = say("{title} carries {carries} continuously", why.title, format(carries));
    if (raw(q.current) > 0) {
        const WireThermal thermal(wire, insulation, q.air, bunch, q.conductors);
        const Celsius warm = thermal.steady(q.current);
        c.values.emplace_back("temperature_C", raw(warm));
        c.answer = say("{answer}; at {current} it settles at {warm}{hot|, which is too warm|}", c.answer,
                       format(q.current), format(warm), warm > insulation.max);
        if (raw(q.length) > 0) {
            const double ohm = wire.ohm_per_m / q.conductors * temperature_factor(warm) * 2 * raw(q.length);
            const Volt drop(raw(q.current) * ohm);
            why.add(
                say("2 × {length} × {ohm_per_m} mΩ/m at {warm} × {current} = {drop} dropped, {heat} of heat",
                    format(q.length),
                    format_number(wire.ohm_per_m / q.conductors * temperature_factor(warm) * 1e3),
                    format(warm), format(q.current), format(drop), format(Watt(raw(drop) * raw(q.current)))));
            c.values.emplace_back("drop_V", raw(drop));
            c.answer = say("{answer} and drops {drop} out and back{known|, {share} of {volts}|}", c.answer,
                           format(drop), raw(q.volts) > 0,
                           raw(q.volts) > 0 ? format_percent(raw(drop) / raw(q.volts)) : "", format(q.volts));
            if (raw(q.volts) > 0) {
                c.values.emplace_back("drop_share", raw(drop) / raw(q.volts));
            }
        }
    }
    why.source =
        say("{source}; heat balance after Churchill & Chu 1975; bunching IEC 60364-5-52", wire.source);
    return c;
}

}  // namespace sangre
