#include "output/explain/explain.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/drop_limit.h"
#include "output/explain/inside.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "physics/network/sources.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "plan/module_choice.h"
#include "plan/passive_text.h"
#include "plan/source.h"
#include "plan/wire_choice.h"
#include "wiring/cable/cable.h"
#include "wiring/conductors/resistances.h"
#include "wiring/joint/fuse_block.h"

namespace sangre {
namespace {

Why of_load(const Plan& plan, const Study& s, size_t i) {
    const auto& l = plan.loads[i];
    const auto& x = s.worst.loads[i];
    Why why;
    why.title = l.name;
    add_findings(why, s, l.id);
    why.heading(say("Draws"));
    why.add(l.kind == LoadKind::power
                ? say("{lowest} – {highest}, {typical} typical ({power} constant power)", format(l.v_min),
                      format(l.v_max), format(l.typical), format(Watt(raw(l.typical) * raw(l.nominal))))
                : say("{lowest} – {highest}, {typical} typical{resistance| (a resistance)|}", format(l.v_min),
                      format(l.v_max), format(l.typical), l.kind == LoadKind::resistance));
    if (l.peak > l.typical) why.add(say("Peak {peak} for {peak_time}", format(l.peak), format(l.peak_time)));
    if (raw(l.start) > 0)
        why.add(say("Start-up {start} for {start_time}", format(l.start), format(l.start_time)));
    if (raw(s.now.loads[i].volts) > 0) {
        why.heading(say("Now"));
        why.add(compose("{} × {} = {}", format(s.now.loads[i].volts), format(s.now.loads[i].amps),
                        format(s.now.loads[i].watts)));
    }
    if (raw(x.lowest) > 0) {
        why.heading(say("Worst"));
        why.add(say("Gets {lowest} – {highest}", format(x.lowest), format(x.highest)),
                x.lowest < l.v_min || x.highest > l.v_max ? Tone::danger : Tone::good);
        why.add(say("Lowest: {lowest_where}", x.lowest_where));
    }
    if (i < s.mission.load_energy.size() && raw(s.mission.day_energy) > 0) {
        why.heading(say("Energy"));
        for (size_t p = 0; p < plan.phases.size(); ++p)
            if (const auto state = state_in(plan.phases[p], l);
                state != LoadState::off && !plan.phases[p].charging)
                why.add(compose("{}: {} × {}", plan.phases[p].name, format(plan.phases[p].duration),
                                format(draw_in(plan.phases[p], l))));
        why.add(say("{load_energy} a day, {share} of the day's {day_energy}",
                    format(s.mission.load_energy[i]),
                    format_percent(raw(s.mission.load_energy[i]) / raw(s.mission.day_energy)),
                    format(s.mission.day_energy)));
    }
    if (l.noisy) {
        why.heading(say("Noise"));
        why.add(say("A motor or pump: keep it off the rail of cameras and radios."), Tone::caution);
    }
    why.source = say("Voltage and current as typed; a nameplate often overstates, an inline meter does not.");
    return why;
}

Words outcome_words(const Fault& f, const Plan& plan) {
    switch (f.outcome) {
        case FaultOutcome::opens:
            return say("{current} flows; {lead} opens within {time}, the wire reaches {wire}.",
                       format(f.current),
                       f.opener ? Words(feed_name(plan, plan.feeds()[*f.opener])) : say("the fuse"),
                       format(f.time), format(f.wire));
        case FaultOutcome::hurts:
            return say("{current} flows; the wire reaches {wire} before the fuse opens in {time}.",
                       format(f.current), format(f.wire), format(f.time));
        case FaultOutcome::never_opens:
            return say("{current} flows, no fuse opens, the wire goes to {wire}.", format(f.current),
                       format(f.wire));
        case FaultOutcome::limited:
            return say("What feeds it limits it to {current}; the wire stays at {wire}.", format(f.current),
                       format(f.wire));
        case FaultOutcome::unknown:
            return say("Nothing to short: this lead is not connected to a source.");
    }
    return {};
}

Why of_feed(const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    const auto& feed = plan.feeds()[i];
    const auto& p = s.protection[i];
    const auto& x = s.worst.feeds[i];
    Why why;
    why.title = feed_name(plan, feed);
    add_findings(why, s, feed.id);
    if (!p.wire || !p.thermal) return why;
    why.heading(say("Fuse"));
    why.add(say("Runs {continuous}, peak {peak}{timed| for {peak_time}|}", format(x.continuous),
                format(x.peak), raw(x.peak_time) > 0, format(x.peak_time)));
    if (raw(x.start_time) > 0)
        why.add(say("Start-up {start} for {start_time}", format(x.start), format(x.start_time)));
    if (raw(p.charging.capacitance) > 0) why.add(charging_words(p.charging));
    if (p.smallest)
        why.add(say("Smallest that carries it: {rating}", format(p.smallest->rating)), Tone::good);
    if (p.largest)
        why.add(say("Largest that protects {wire}: {largest}", size_words(*p.wire), format(*p.largest)),
                Tone::good);
    if (p.inherited)
        why.add(say("None of its own; protected by the upstream {rating} fuse.", format(p.rating)),
                p.protects ? Tone::plain : Tone::danger);
    else if (p.family)
        why.add(say("Fitted: {rating} ({family})", format(p.rating), p.family->name),
                p.protects && p.carries ? Tone::good : Tone::danger);
    why.heading(say("Wire"));
    const auto ohms = feed_ohms(s.harness.wiring, i, x.drop_copper);
    const int each = std::max(feed.conductors, 1);
    why.add(say("{ways} × {length} × {ohm_per_m} mΩ/m{warm} = {copper}, the copper at {drop_copper}",
                feed.ret == Return::own ? 2 : 1, format(s.harness.routes[i].length),
                format_number(p.wire->ohm_per_m * temperature_factor(x.drop_copper) * 1e3, 4),
                each > 1 ? compose(" ÷ {}", each) : "", format(ohms.copper), format(x.drop_copper)));
    why.add(say("Fuse, switch, plugs and joints: {rest}", format(ohms.rest)));
    why.add(say("Drop {continuous} × {ohm} = {drop} ({drop_share})", format(x.continuous),
                format(x.continuous > Ampere(1e-9) ? Ohm(raw(x.drop) / raw(x.continuous))
                                                   : ohms.copper + ohms.rest),
                format(x.drop), format_percent(x.drop_share)),
            x.drop_share > drop_limit(plan, s.solver->index(), i) ? Tone::caution : Tone::good);
    why.add(say("Warm {warm}, after a peak {warmest}; {hottest_by} is rated for {hottest}", format(p.warm),
                format(p.warmest), p.hottest_by, format(p.hottest)),
            p.warmest > p.hottest ? Tone::danger : Tone::good);
    if (const auto& day = s.wire_day()[i]; day.phase < plan.phases.size() && day.hottest > p.air)
        why.add(
            say("Over the day hottest at the end of {phases}: {hottest}, {settled} of what that phase would "
                "settle at.",
                plan.phases[day.phase].name, format(day.hottest), format_percent(day.settled)));
    why.add(say("Carries {ampacity} in {air}, {bunched} together ({bunching_factor})", format(p.ampacity),
                format(p.air), p.bunched, format_percent(bunching_factor(p.bunched))));
    why.add(say("Rules of thumb: cautious {cautious_current}, bold {bold_current}",
                format(cautious_current(p.wire->area)), format(bold_current(p.wire->area))));
    for (const auto& t : s.thermal) {
        if (t.feed != i) continue;
        const auto& d = feed.devices[t.device];
        why.heading(say("Thermal switch"));
        why.add(say("{item_name}: {air} of air + {heating} = {warm}: {open|open|closed} now.",
                    item_name(catalogue, d), format(t.air),
                    d.sits_on.empty()
                        ? Words("0 K")
                        : say("{rise} K on {part}", format_number(t.rise), name_of(plan, d.sits_on)),
                    format(t.warm()), t.open));
    }
    why.heading(say("A short at its end"));
    why.add(outcome_words(p.fault, plan),
            p.fault.outcome == FaultOutcome::opens || p.fault.outcome == FaultOutcome::limited
                ? Tone::good
                : Tone::danger);
    add_lead_route(why, plan, catalogue, s, i);
    why.source = say("{sources}; heat balance Churchill & Chu 1975; bunching IEC 60364-5-52",
                     p.wire->source + (p.family ? "; " + p.family->source : ""));
    return why;
}

Why of_converter(const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    const auto& c = plan.converters[i];
    const auto& x = s.worst.converters[i];
    const auto* t = find(catalogue.converters, c.type);
    Why why;
    why.title = c.name;
    add_findings(why, s, c.id);
    if (!t) return why;
    why.add(t->name);
    why.heading(say("Input"));
    why.add(say("Input {in_lowest} (pack empty) – {in_highest} (charging)", format(x.in_lowest),
                format(x.in_highest)));
    const double spare = input_spare(*t, x.in_highest);
    why.add(say("Withstands {in_min} – {in_max}: {spare} spare", format(t->in_min), format(t->in_max),
                format_percent(spare)),
            spare < 0.25 ? Tone::caution : Tone::good);
    why.heading(say("Output current"));
    why.add(say("Loads {continuous} continuously, {peak} in the worst second", format(x.continuous),
                format(x.peak)));
    why.add(say("{rated} rated × {derating} = {derated} derated", format(t->rated),
                format_percent(t->trusted), format(t->rated * t->trusted)),
            x.continuous > t->rated * t->trusted ? Tone::caution : Tone::good);
    why.add(say("Dissipates {heat}, {efficiency} % efficient", format(x.heat),
                format_number(t->efficiency * 100)));
    const auto air = air_round(plan, s.boxes, c.id);
    const Celsius surface(raw(air) + temperature_rise(*t, x.heat));
    why.add(say("{heat} × {thermal} K/W = {rise} over {air} air: {surface}; it withstands {hottest}",
                format(x.heat), format_number(t->thermal), format_number(temperature_rise(*t, x.heat)) + " K",
                format(air), format(surface), format(t->hottest)),
            surface > t->hottest ? Tone::danger : Tone::good);
    why.heading(say("Set voltage"));
    why.lines.insert(why.lines.end(), s.windows[i].why.lines.begin(), s.windows[i].why.lines.end());
    why.add(say("Set to {setting}", format(c.set)), s.windows[i].holds(c.set) ? Tone::good : Tone::danger);
    why.caution = say("Set the module with nothing on its output, then connect the loads.");
    why.source = t->source;
    return why;
}

void explain_source(Why& why, const Study& s, const Source& b, const PackExtremes& worst,
                    const Catalogue& catalogue) {
    why.add(source_summary(b, catalogue));
    if (b.kind == SourceKind::panel) {
        const auto day = sun_day(b);
        why.heading(say("Sun"));
        why.add(say(
            "{power} × {sun_low} – {sun_high} h × 75 % for dirt, tilt and warmth × 90 % of its controller",
            format(b.power), format_number(b.sun_low), format_number(b.sun_high)));
        why.add(say("= {poor} on a poor day, {good} on a good one.", format(day.poor), format(day.good)),
                Tone::good);
        why.source = say("Typical of small panels and their controllers; measure yours over a week.");
    } else {
        why.heading(say("Voltage"));
        why.add(say("Its voltage ranges from {lowest} to {highest}; worst-case sag to {lowest_2} ({where}).",
                    format(b.v_min), format(b.v_max), format(worst.lowest), worst.where));
        why.heading(say("Current"));
        why.add(
            say("{continuous} continuously, peak {peak}{feeds|; besides {already} that it feeds already|}",
                format(worst.continuous), format(worst.peak), raw(b.already) > 0, format(b.already)));
        if (const auto left = left_for_good(b))
            why.add(b.kind == SourceKind::supply
                        ? say("{rated} × 80 %{feeds| − {already}|} leaves {left} for this.", format(b.rated),
                              raw(b.already) > 0, format(b.already), format(*left))
                        : say("{fuse} × 75 %{feeds| − {already}|} leaves {left} for this.", format(b.fuse),
                              raw(b.already) > 0, format(b.already), format(*left)),
                    worst.continuous > *left ? Tone::danger : Tone::good);
        if (b.kind == SourceKind::circuit)
            why.add(say("Out and back to the vehicle's battery: {circuit_resistance}.",
                        format(circuit_resistance(b))));
        why.source =
            b.kind == SourceKind::supply
                ? say("Range and print as said; 2 % regulation, a fifth over the print before it folds "
                      "back (typical).")
                : say("Range and fuse as said; 0.3 V at the fuse's rating where its wire is not known "
                      "(typical).");
        if (b.kind == SourceKind::circuit)
            why.caution =
                say("Vehicle batteries give hundreds of amperes: fuse out before a tap goes in, rings and "
                    "watches off, and nothing near an airbag's wiring.");
    }
    why.lines.insert(why.lines.end(), s.mission.why.lines.begin(), s.mission.why.lines.end());
}

Why of_battery(const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    const auto& b = plan.sources[i];
    Why why;
    why.title = b.name;
    add_findings(why, s, b.id);
    const auto* k = find(catalogue.chemistries, b.chemistry);
    if (b.kind != SourceKind::pack) {
        explain_source(why, s, b, s.worst.packs[i], catalogue);
        return why;
    }
    if (!k) return why;
    why.add(pack_summary(b, *k));
    why.heading(say("Voltage"));
    why.add(say("{cutoff} empty, {nominal} nominal, {full} full, {full_2} charging",
                format(pack_cutoff_voltage(b, *k)), format(k->nominal * b.series), format(k->full * b.series),
                format(pack_charge_voltage(b, *k))));
    const auto& worst = s.worst.packs[i];
    why.add(say("Worst-case sag to {lowest} ({where})", format(worst.lowest), worst.where));
    why.heading(say("Current"));
    why.add(say("{continuous} continuously of {pack_max_current}; peak {peak}", format(worst.continuous),
                format(pack_max_current(b, *k)), format(worst.peak)),
            worst.continuous > pack_max_current(b, *k) ? Tone::danger : Tone::good);
    const double aged = ageing_factor(b);
    const auto age = aged != 1 ? " × " + format_number(aged) : Words();
    const auto inside = format(pack_resistance(b, *k, 0.5, s.conditions.air));
    if (raw(b.cell_resistance) > 0)
        why.add(
            say("Inside it: {cell_resistance} × {series} cells ÷ {parallel}{age} = {inside} at half charge, "
                "{air}",
                format(b.cell_resistance), b.series, b.parallel, age, inside, format(s.conditions.air)));
    else
        why.add(
            say("Inside it: {mohm_ah} mΩ·Ah ÷ {cell_capacity} × {series} cells{age} = {inside} at half "
                "charge, {air}",
                format_number(k->mohm_ah), format(b.cell_capacity * b.parallel), b.series, age, inside,
                format(s.conditions.air)));
    if (aged != 1) why.add(say("Of these, {aged} × is its age.", format_number(aged)), Tone::caution);
    why.lines.insert(why.lines.end(), s.mission.why.lines.begin(), s.mission.why.lines.end());
    why.caution = k->caution;
    why.source = k->source;
    return why;
}

Why of_hub(const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    Why why;
    why.title = plan.hubs[i].name;
    why.add(say("{volts} now; out and back wires meet here.", format(s.now.hubs[i].volts)));
    if (const auto* block = block_of(catalogue, plan.hubs[i])) {
        why.add(say("{block}: {count} of its {ways} ways are used.", block->name,
                    feeds_from(plan, plan.hubs[i].id).size(), block->ways));
        why.add(say("{each} through a way at the most, {all} through its bar, {voltage}.",
                    format(block->each), format(block->all), format(block->voltage)));
        why.source = block->source;
    }
    for (const auto f : feeds_from(plan, plan.hubs[i].id))
        why.add(say("{part}: {continuous} continuously, {peak} peak", name_of(plan, plan.feeds()[f].to),
                    format(s.worst.feeds[f].continuous), format(s.worst.feeds[f].peak)));
    return why;
}

}  // namespace

Explained explain(const Plan& plan, const Catalogue& catalogue, const Study& s, const Id& subject) {
    const auto ref = find_part(plan, subject);
    switch (ref.kind) {
        case PartKind::load:
            return {of_load(plan, s, ref.index)};
        case PartKind::converter:
            return {of_converter(plan, catalogue, s, ref.index)};
        case PartKind::source:
            return {of_battery(plan, catalogue, s, ref.index)};
        case PartKind::hub:
            return {of_hub(plan, catalogue, s, ref.index)};
        case PartKind::none:
            break;
    }
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (plan.feeds()[i].id == subject) {
            Explained told{of_feed(plan, catalogue, s, i)};
            add_feed_schools(told, plan, catalogue, s, i);
            if (!plan.feeds()[i].cores.empty()) told.why.heading(say("From pin to pin"));
            for (const auto& core : plan.feeds()[i].cores) told.why.add(core_line(core));
            return told;
        }
    for (size_t i = 0; i < plan.ways.size(); ++i)
        if (plan.ways[i].id == subject) return {of_way(plan, s, i)};
    for (size_t i = 0; i < plan.openings.size(); ++i)
        if (plan.openings[i].id == subject) return {of_opening(plan, s, i)};
    if (const auto* body = by_id(plan.bodies, subject)) return {of_body(plan, s, *body)};
    if (const auto* side = by_id(plan.sides, subject)) return {of_side(plan, *side)};
    if (const auto* zone = by_id(plan.zones, subject)) return {of_zone(plan, *zone)};
    if (const auto* cable = by_id(plan.signal_leads(), subject))
        return {of_cable(plan, catalogue, s, *cable)};
    if (const auto* p = by_id(plan.passives, subject)) return {of_passive(plan, s, *p)};
    if (subject.empty()) return {};  // steps and readings are worked out only for one that is asked about
    for (const auto& step : s.steps())
        if (step.key == subject) return {step.why};
    for (const auto& r : s.readings())
        if (r.key == subject) {
            Why why = r.why;
            if (const auto m = plan.measured.find(r.key); m != plan.measured.end()) {
                const auto verdict = judge(r, m->second);
                why.heading(say("Measured"));
                if (verdict == Verdict::missing)
                    why.add(say("{value_text}: nothing to hold it against.", value_text(r, m->second)));
                else
                    why.add(say("{value}, needs {window}", value_text(r, m->second), window_text(r)),
                            verdict == Verdict::pass ? Tone::good : Tone::danger);
                for (const auto& suspect : suspects(plan, catalogue, r, verdict))
                    why.add("· " + suspect, Tone::caution);
            }
            return {why};
        }
    return {};
}

}  // namespace sangre
