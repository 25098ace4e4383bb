#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/coordination.h"
#include "output/calc/calc.h"
#include "physics/parts/wire_size.h"
#include "physics/protection/inrush.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

tl::expected<const FuseFamily*, std::string> family_of(const Catalogue& catalogue, const std::string& id) {
    if (const auto* f = find(catalogue.fuses, id)) return f;
    std::string known;
    for (const auto& f : catalogue.fuses) known += (known.empty() ? "" : ", ") + f.id;
    return tl::unexpected(say("fuse family “{family}” is not known: {known} are", id, known));
}

tl::expected<void, std::string> rating_exists(const FuseFamily& family, Ampere rating) {
    for (const auto r : family.ratings)
        if (std::abs(raw(r - rating)) < 1e-9) return {};
    auto nearest = family.ratings;
    std::sort(nearest.begin(), nearest.end(),
              [&](Ampere a, Ampere b) { return std::abs(raw(a - rating)) < std::abs(raw(b - rating)); });
    nearest.resize(std::min<size_t>(nearest.size(), 4));
    std::sort(nearest.begin(), nearest.end());
    std::string list;
    for (const auto r : nearest) list += (list.empty() ? "" : ", ") + format(r);
    return tl::unexpected(
        say("{family} is not made for {rating}: nearest are {list}", family.name, format(rating), list));
}

std::string when(Second t) { return std::isfinite(raw(t)) ? format(t) : say("never"); }

}  // namespace

Answer calc_fuse(const Catalogue& catalogue, const FuseQuestion& q) {
    const auto family = family_of(catalogue, q.family);
    if (!family) return tl::unexpected(family.error());
    const auto& f = **family;
    if (const auto made = rating_exists(f, q.rating); !made) return tl::unexpected(made.error());
    if (raw(q.current) <= 0) return tl::unexpected(std::string(say("a current above 0 A is needed")));
    if (!(q.air >= coldest_asked && q.air <= hottest_asked))
        return tl::unexpected(say("air at {air}: {coldest} to {hottest} is expected", format(q.air),
                                  format(coldest_asked), format(hottest_asked)));
    const auto fast = fast_edge(f, q.rating, q.current), slow = slow_edge(f, q.rating, q.current);
    const auto holds = continuous_limit(f, q.rating, q.air);
    Calculation c;
    c.why.title = compose("{} {}", f.name, format(q.rating));
    if (std::isfinite(raw(slow)))
        c.answer = say("{title} opens at {current} between {when} and {when_2}", c.why.title,
                       format(q.current), when(fast), when(slow));
    else
        c.answer = say("{title} does not open at {current}", c.why.title, format(q.current));
    if (q.current <= holds) c.answer = say("{answer}; it carries that continuously", c.answer);
    c.values = {{"multiple", raw(q.current) / raw(q.rating)},
                {"fastest_s", std::min(raw(fast), 1e12)},
                {"slowest_s", std::min(raw(slow), 1e12)},
                {"continuous_A", raw(holds)},
                {"resistance_ohm", raw(fuse_resistance(f, q.rating))},
                {"breaking_A", raw(f.breaking)},
                {"voltage_V", raw(f.voltage)}};
    c.why.add(say("{current} ÷ {rating} = {times} × its rating", format(q.current), format(q.rating),
                  format_number(raw(q.current) / raw(q.rating))));
    c.why.add(say("gates of the family, log-log between them: {when} at the fast edge, {when_2} at the slow",
                  when(fast), when(slow)));
    c.why.add(
        say("carries {holds} continuously at {air}: {continuous_share} of the rating, less "
            "{derate_per_kelvin} % per kelvin above 23 °C",
            format(holds), format(q.air), format_percent(f.continuous_share),
            format_number(f.derate_per_kelvin * 100)));
    c.why.add(say("cold resistance about {fuse_resistance}; breaks {breaking} at {voltage}",
                  format(fuse_resistance(f, q.rating)), format(f.breaking), format(f.voltage)));
    if (raw(q.pulse) > 0) {
        const bool sound = rides(f, q.rating, q.current, q.pulse, q.air);
        c.answer = say("{answer}; a pulse of {pulse} {sound|leaves it undamaged|wears it out}", c.answer,
                       format(q.pulse), sound);
        c.why.add(
            say("the fuse withstands a pulse 10 000 times below 30 % of the fast edge's I²t at its duration, "
                "or up to {rating_in}, its rating in this air",
                format(rating_in(f, q.rating, q.air))));
        c.values.emplace_back("rides", sound);
    }
    c.why.source = f.source;
    return c;
}

Answer calc_short(const Catalogue& catalogue, const ShortQuestion& q) {
    const auto wire = wire_of_size(catalogue, q.size, q.insulation);
    if (!wire) return tl::unexpected(wire.error());
    const auto family = family_of(catalogue, q.family);
    if (!family) return tl::unexpected(family.error());
    if (const auto made = rating_exists(**family, q.rating); !made) return tl::unexpected(made.error());
    if (raw(q.volts) <= 0 || raw(q.length) <= 0)
        return tl::unexpected(std::string(say("a voltage and a length above 0 are needed")));
    const auto& insulation = *find(catalogue.insulations, wire->insulation);
    if (!(q.start >= coldest_asked && q.start < insulation.damage))
        return tl::unexpected(
            say("a wire at {start}: {coldest} up to where {insulation} is damaged, {damage}, is expected",
                format(q.start), format(coldest_asked), insulation.name, format(insulation.damage)));
    const double loop =
        raw(q.source) + raw(fuse_resistance(**family, q.rating)) + 2 * raw(q.length) * wire->ohm_per_m;
    const Ampere current(raw(q.volts) / loop);
    const auto opens = slow_edge(**family, q.rating, current);
    const WireThermal thermal(*wire, insulation, q.start);
    const auto stands = damage_time(thermal, insulation, current, q.start);
    const bool breaks = (*family)->breaking >=
                        Ampere(raw(q.volts) / std::max(loop - 2 * raw(q.length) * wire->ohm_per_m, 1e-4));
    Celsius hot =
        std::isfinite(raw(opens)) ? thermal.after(current, opens, q.start) : thermal.steady(current);
    if (raw(opens) <= 5)
        hot = std::max(hot, thermal.after_adiabatic(raw(current) * raw(current) * raw(opens), q.start));
    Calculation c;
    c.why.title = say("Short at the end of {length} of {wire}", format(q.length), size_words(*wire));
    const bool sound = opens <= stands && breaks && q.volts <= (*family)->voltage;
    const auto verdict = sound ? say("protected") : say("not protected");
    const auto fuse = format(q.rating) + " " + (*family)->name;
    c.answer = std::isfinite(raw(opens))
                   ? say("{current} flows; the {fuse} opens within {when}, the wire reaches {hot}: {verdict}",
                         format(current), fuse, when(opens), format(hot), verdict)
                   : say("{current} flows; the {fuse} does not open, the wire reaches {hot}: {verdict}",
                         format(current), fuse, format(hot), verdict);
    if (!breaks)
        c.answer = say("{answer}; its breaking capacity of {breaking} is below what flows right behind it",
                       c.answer, format((*family)->breaking));
    if (q.volts > (*family)->voltage)
        c.answer = say("{answer}; it is rated for {voltage} only", c.answer, format((*family)->voltage));
    c.values = {{"current_A", raw(current)},
                {"opens_s", std::min(raw(opens), 1e12)},
                {"stands_s", std::min(raw(stands), 1e12)},
                {"wire_C", raw(hot)},
                {"protected", sound}};
    c.why.add(say(
        "{volts} ÷ (source {source} + fuse {fuse_resistance} + 2 × {length} × {ohm_per_m} mΩ/m) = {current}",
        format(q.volts), format(q.source), format(fuse_resistance(**family, q.rating)), format(q.length),
        format_number(wire->ohm_per_m * 1e3), format(current)));
    c.why.add(say("slow edge at {times} × its rating: {when}", format_number(raw(current) / raw(q.rating)),
                  when(opens)));
    c.why.add(say("the wire, from {start}, withstands it for {when}", format(q.start), when(stands)),
              opens <= stands ? Tone::good : Tone::danger);
    if (q.volts > (*family)->voltage)
        c.why.add(say("{family} is made for {voltage} only", (*family)->name, format((*family)->voltage)),
                  Tone::danger);
    if (!breaks)
        c.why.add(say("right behind the fuse more flows than the {breaking} it breaks",
                      format((*family)->breaking)),
                  Tone::danger);
    c.why.source = say("{source}; short-circuit limits IEC 60949", (*family)->source);
    return c;
}

Answer calc_precharge(Volt volts, Farad capacitance, Ohm loop, Second within) {
    if (raw(volts) <= 0 || raw(capacitance) <= 0 || raw(within) <= 0)
        return tl::unexpected(std::string(say("voltage, capacitance and time must be above 0")));
    const auto spark = inrush(volts, capacitance, loop);
    const auto tame = precharge(volts, capacitance, within);
    if (tame.wait > within * 1.01)
        return tl::unexpected(
            say("no resistor of 1 Ω or more charges {capacitance} within {within}: 1 Ω takes {wait}; allow "
                "more time",
                format(capacitance), format(within), format(tame.wait)));
    Calculation c;
    c.answer = spark.wants_precharge
                   ? say("pre-charge through {resistor} for {wait}: {peak} instead of {peak_2}",
                         format(tame.resistor), format(tame.wait), format(tame.peak), format(spark.peak))
                   : say("no pre-charge needed: {energy} J", format_number(raw(spark.energy)));
    c.why = spark.why;
    c.why.title = say("Plug-in spark and pre-charge");
    c.why.lines.insert(c.why.lines.end(), tame.why.lines.begin(), tame.why.lines.end());
    c.values = {{"peak_A", raw(spark.peak)},
                {"energy_J", raw(spark.energy)},
                {"wants_precharge", spark.wants_precharge},
                {"resistor_ohm", raw(tame.resistor)},
                {"resistor_peak_A", raw(tame.peak)},
                {"wait_s", raw(tame.wait)}};
    return c;
}

}  // namespace sangre
