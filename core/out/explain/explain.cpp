#include "explain/explain.h"

#include <fmt/format.h>

#include <algorithm>

#include "battery/pack.h"
#include "cable/cable.h"
#include "converter/choice.h"
#include "explain/inside.h"
#include "network/elements.h"
#include "network/sources.h"
#include "plan/passive_text.h"
#include "source/source.h"
#include "units/format.h"
#include "wire/choice.h"
#include "wire/conductor.h"
#include "wire/rules_of_thumb.h"
#include "wiring/resistances.h"

namespace sangre {
namespace {

Why of_load(const Plan& plan, const Study& s, size_t i) {
    const auto& l = plan.loads[i];
    const auto& x = s.worst.loads[i];
    Why why;
    why.title = l.name;
    add_findings(why, s, l.id);
    why.heading("Asks for");
    why.add(fmt::format("{} – {}, {} typical{}", format(l.v_min), format(l.v_max), format(l.typical),
                        l.kind == LoadKind::power        ? fmt::format(" ({} constant power)",
                                                                       format(Watt(raw(l.typical) * raw(l.nominal))))
                        : l.kind == LoadKind::resistance ? " (a resistance)"
                                                         : ""));
    if (l.peak > l.typical) why.add(fmt::format("Peak {} for {}", format(l.peak), format(l.peak_time)));
    if (raw(l.start) > 0) why.add(fmt::format("Start-up {} for {}", format(l.start), format(l.start_time)));
    if (raw(s.now.loads[i].volts) > 0) {
        why.heading("Now");
        why.add(fmt::format("{} × {} = {}", format(s.now.loads[i].volts), format(s.now.loads[i].amps),
                            format(s.now.loads[i].watts)));
    }
    if (raw(x.lowest) > 0) {
        why.heading("Worst");
        why.add(fmt::format("Gets {} – {}", format(x.lowest), format(x.highest)),
                x.lowest < l.v_min || x.highest > l.v_max ? Tone::danger : Tone::good);
        why.add("Lowest: " + x.lowest_where);
    }
    if (i < s.mission.load_energy.size() && raw(s.mission.day_energy) > 0) {
        why.heading("Energy");
        for (size_t p = 0; p < plan.phases.size(); ++p)
            if (const auto state = state_in(plan.phases[p], l);
                state != LoadState::off && !plan.phases[p].charging)
                why.add(fmt::format("{}: {} × {}", plan.phases[p].name, format(plan.phases[p].duration),
                                    format(draw_in(plan.phases[p], l))));
        why.add(fmt::format("{} a day, {} of the day's {}", format(s.mission.load_energy[i]),
                            format_percent(raw(s.mission.load_energy[i]) / raw(s.mission.day_energy)),
                            format(s.mission.day_energy)));
    }
    if (l.noisy) {
        why.heading("Noise");
        why.add("A motor or pump: keep it off the rail of cameras and radios.", Tone::caution);
    }
    why.source = "Voltage and current as typed; a nameplate exaggerates, an inline meter does not.";
    return why;
}

std::string outcome_words(const Fault& f, const Plan& plan) {
    switch (f.outcome) {
        case FaultOutcome::opens:
            return fmt::format("{} flows; {} opens within {}, the wire reaches {}.", format(f.current),
                               f.opener ? feed_name(plan, plan.feeds[*f.opener]) : "the fuse", format(f.time),
                               format(f.wire));
        case FaultOutcome::hurts:
            return fmt::format("{} flows; the wire reaches {} before the fuse opens in {}.",
                               format(f.current), format(f.wire), format(f.time));
        case FaultOutcome::never_opens:
            return fmt::format("{} flows, no fuse opens, the wire goes to {}.", format(f.current),
                               format(f.wire));
        case FaultOutcome::limited:
            return fmt::format("What feeds it limits it to {}; the wire stays at {}.", format(f.current),
                               format(f.wire));
        case FaultOutcome::unknown:
            return "Nothing to short: this feed hangs on no source.";
    }
    return {};
}

Why of_feed(const Plan& plan, const Catalogue& catalogue, const Study& s, size_t i) {
    const auto& feed = plan.feeds[i];
    const auto& p = s.protection[i];
    const auto& x = s.worst.feeds[i];
    Why why;
    why.title = feed_name(plan, feed);
    add_findings(why, s, feed.id);
    if (!p.wire || !p.thermal) return why;
    why.heading("Fuse");
    why.add(fmt::format("Runs {}, peak {}{}", format(x.continuous), format(x.peak),
                        raw(x.peak_time) > 0 ? fmt::format(" for {}", format(x.peak_time)) : ""));
    if (raw(x.start_time) > 0)
        why.add(fmt::format("Start-up {} for {}", format(x.start), format(x.start_time)));
    if (raw(p.charging.capacitance) > 0) why.add(charging_words(p.charging));
    if (p.smallest)
        why.add(fmt::format("Smallest that carries it: {}", format(p.smallest->rating)), Tone::good);
    if (p.largest)
        why.add(fmt::format("Largest that protects {}: {}", p.wire->size, format(*p.largest)), Tone::good);
    if (p.inherited)
        why.add(fmt::format("None of its own; hangs on the {} fuse before it.", format(p.rating)),
                p.protects ? Tone::plain : Tone::danger);
    else if (p.family)
        why.add(fmt::format("Fitted: {} ({})", format(p.rating), p.family->name),
                p.protects && p.carries ? Tone::good : Tone::danger);
    why.heading("Wire");
    const auto ohms = feed_ohms(s.harness.wiring, i, x.drop_copper);
    const int each = std::max(feed.conductors, 1);
    why.add(fmt::format("{} × {} × {} mΩ/m{} = {}, the copper at {}", feed.ret == Return::own ? 2 : 1,
                        format(s.harness.routes[i].length),
                        format_number(p.wire->ohm_per_m * temperature_factor(x.drop_copper) * 1e3, 4),
                        each > 1 ? fmt::format(" ÷ {}", each) : "", format(ohms.copper),
                        format(x.drop_copper)));
    why.add("Fuse, switch, plugs and joints: " + format(ohms.rest));
    why.add(fmt::format("Drop {} × {} = {} ({})", format(x.continuous),
                        format(x.continuous > Ampere(1e-9) ? Ohm(raw(x.drop) / raw(x.continuous))
                                                           : ohms.copper + ohms.rest),
                        format(x.drop), format_percent(x.drop_share)),
            x.drop_share > plan.practices.drop_limit ? Tone::caution : Tone::good);
    why.add(fmt::format("Warm {}, after a peak {}; {} withstands {}", format(p.warm), format(p.warmest),
                        p.hottest_by, format(p.hottest)),
            p.warmest > p.hottest ? Tone::danger : Tone::good);
    if (const auto& day = s.wire_day()[i]; day.phase < plan.phases.size() && day.hottest > plan.hottest_air)
        why.add(
            fmt::format("Over the day hottest at the end of {}: {}, {} of what that phase would settle at.",
                        plan.phases[day.phase].name, format(day.hottest), format_percent(day.settled)));
    why.add(fmt::format("Carries {} in {}, {} together ({})", format(p.ampacity), format(plan.hottest_air),
                        p.bunched, format_percent(bunching_factor(p.bunched))));
    why.add(fmt::format("Trade rules: cautious {}, bold {}", format(cautious_current(p.wire->area)),
                        format(bold_current(p.wire->area))));
    for (const auto& t : s.thermal) {
        if (t.feed != i) continue;
        const auto& d = feed.devices[t.device];
        why.heading("Thermal switch");
        why.add(fmt::format("{}: {} of air + {} = {}: {} now.", item_name(catalogue, d), format(t.air),
                            d.sits_on.empty()
                                ? std::string("0 K")
                                : fmt::format("{} K on {}", format_number(t.rise), name_of(plan, d.sits_on)),
                            format(t.warm()), t.open ? "open" : "closed"));
    }
    why.heading("A short at its end");
    why.add(outcome_words(p.fault, plan),
            p.fault.outcome == FaultOutcome::opens || p.fault.outcome == FaultOutcome::limited
                ? Tone::good
                : Tone::danger);
    why.source = p.wire->source + (p.family ? "; " + p.family->source : "") +
                 "; heat balance Churchill & Chu 1975; bunching IEC 60364-5-52";
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
    why.heading("Input");
    why.add(fmt::format("Sees {} (pack empty) – {} (charging)", format(x.in_lowest), format(x.in_highest)));
    const double spare = input_spare(*t, x.in_highest);
    why.add(fmt::format("Withstands {} – {}: {} spare", format(t->in_min), format(t->in_max),
                        format_percent(spare)),
            spare < 0.25 ? Tone::caution : Tone::good);
    why.heading("Output current");
    why.add(
        fmt::format("Loads {} continuously, {} at the worst second", format(x.continuous), format(x.peak)));
    why.add(fmt::format("{} printed × {} to be trusted = {}", format(t->rated), format_percent(t->trusted),
                        format(t->rated * t->trusted)),
            x.continuous > t->rated * t->trusted ? Tone::caution : Tone::good);
    why.add(
        fmt::format("Loses {} as heat, {} % efficient", format(x.heat), format_number(t->efficiency * 100)));
    const Celsius surface(raw(plan.hottest_air) + temperature_rise(*t, x.heat));
    why.add(fmt::format("{} × {} K/W = {} over {} air: {}; it withstands {}", format(x.heat),
                        format_number(t->thermal), format_number(temperature_rise(*t, x.heat)) + " K",
                        format(plan.hottest_air), format(surface), format(t->hottest)),
            surface > t->hottest ? Tone::danger : Tone::good);
    why.heading("Set voltage");
    why.lines.insert(why.lines.end(), s.windows[i].why.lines.begin(), s.windows[i].why.lines.end());
    why.add("Set to " + format(c.set), s.windows[i].holds(c.set) ? Tone::good : Tone::danger);
    why.caution = "Set the module with nothing on its output, then connect the loads.";
    why.source = t->source;
    return why;
}

void explain_source(Why& why, const Study& s, const Source& b, const PackExtremes& worst,
                    const Catalogue& catalogue) {
    why.add(source_summary(b, catalogue));
    if (b.kind == SourceKind::panel) {
        const auto day = sun_day(b);
        why.heading("Sun");
        why.add(fmt::format("{} × {} – {} h × 75 % for dirt, tilt and warmth × 90 % of its controller",
                            format(b.power), format_number(b.sun_low), format_number(b.sun_high)));
        why.add(fmt::format("= {} on a poor day, {} on a good one.", format(day.poor), format(day.good)),
                Tone::good);
        why.source = "Typical of small panels and their controllers; measure yours over a week.";
    } else {
        why.heading("Voltage");
        why.add(fmt::format("It moves between {} and {}; sags to {} at the worst ({}).", format(b.v_min),
                            format(b.v_max), format(worst.lowest), worst.where));
        why.heading("Current");
        why.add(fmt::format(
            "{} continuously, peak {}{}", format(worst.continuous), format(worst.peak),
            raw(b.already) > 0 ? "; besides " + format(b.already) + " that it feeds already" : ""));
        if (const auto left = left_for_good(b))
            why.add(b.kind == SourceKind::supply
                        ? fmt::format("{} × 80 %{} leaves {} for this.", format(b.rated),
                                      raw(b.already) > 0 ? " − " + format(b.already) : "", format(*left))
                        : fmt::format("{} × 75 %{} leaves {} for this.", format(b.fuse),
                                      raw(b.already) > 0 ? " − " + format(b.already) : "", format(*left)),
                    worst.continuous > *left ? Tone::danger : Tone::good);
        if (b.kind == SourceKind::circuit)
            why.add(fmt::format("Out and back to the vehicle's battery: {}.", format(circuit_resistance(b))));
        why.source = b.kind == SourceKind::supply
                         ? "Range and print as said; 2 % regulation, a fifth over the print before it folds "
                           "back (typical)."
                         : "Range and fuse as said; 0.3 V at the fuse's rating where its wire is not known "
                           "(typical).";
        if (b.kind == SourceKind::circuit)
            why.caution =
                "Vehicle batteries give hundreds of amperes: fuse out before a tap goes in, rings and "
                "watches off, and nothing near an airbag's wiring.";
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
    why.heading("Voltage");
    why.add(fmt::format("{} empty, {} nominal, {} full, {} charging", format(pack_cutoff_voltage(b, *k)),
                        format(k->nominal * b.series), format(k->full * b.series),
                        format(pack_charge_voltage(b, *k))));
    const auto& worst = s.worst.packs[i];
    why.add(fmt::format("Sags to {} at the worst ({})", format(worst.lowest), worst.where));
    why.heading("Current");
    why.add(fmt::format("{} continuously of {}; peak {}", format(worst.continuous),
                        format(pack_max_current(b, *k)), format(worst.peak)),
            worst.continuous > pack_max_current(b, *k) ? Tone::danger : Tone::good);
    const double aged = ageing_factor(b);
    why.add(fmt::format("Inside it: {} mΩ·Ah ÷ {} × {} cells{} = {} at half charge, {}",
                        format_number(k->mohm_ah), format(b.cell_capacity * b.parallel), b.series,
                        aged != 1 ? " × " + format_number(aged) : "",
                        format(pack_resistance(b, *k, 0.5, s.conditions.air)), format(s.conditions.air)));
    if (aged != 1) why.add(fmt::format("Of these, {} × is its age.", format_number(aged)), Tone::caution);
    why.lines.insert(why.lines.end(), s.mission.why.lines.begin(), s.mission.why.lines.end());
    why.caution = k->caution;
    why.source = k->source;
    return why;
}

Why of_hub(const Plan& plan, const Study& s, size_t i) {
    Why why;
    why.title = plan.hubs[i].name;
    why.add(fmt::format("{} now; out and back wires meet here.", format(s.now.hubs[i].volts)));
    for (const auto f : feeds_from(plan, plan.hubs[i].id))
        why.add(fmt::format("{}: {} continuously, {} peak", name_of(plan, plan.feeds[f].to),
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
            return {of_hub(plan, s, ref.index)};
        case PartKind::none:
            break;
    }
    for (size_t i = 0; i < plan.feeds.size(); ++i)
        if (plan.feeds[i].id == subject) {
            Explained told{of_feed(plan, catalogue, s, i)};
            add_feed_schools(told, plan, catalogue, s, i);
            if (!plan.feeds[i].cores.empty()) told.why.heading("From pin to pin");
            for (const auto& core : plan.feeds[i].cores) told.why.add(core_line(core));
            return told;
        }
    for (size_t i = 0; i < plan.ways.size(); ++i)
        if (plan.ways[i].id == subject) return {of_way(plan, s, i)};
    for (size_t i = 0; i < plan.openings.size(); ++i)
        if (plan.openings[i].id == subject) return {of_opening(plan, s, i)};
    if (const auto* body = by_id(plan.bodies, subject)) return {of_body(plan, s, *body)};
    if (const auto* cable = by_id(plan.cables, subject)) return {of_cable(plan, catalogue, s, *cable)};
    if (const auto* p = by_id(plan.passives, subject)) return {of_passive(plan, s, *p)};
    if (subject.empty()) return {};  // steps and readings are worked out only for one that is asked about
    for (const auto& step : s.steps())
        if (step.key == subject) return {step.why};
    for (const auto& r : s.readings())
        if (r.key == subject) {
            Why why = r.why;
            if (const auto m = plan.measured.find(r.key); m != plan.measured.end()) {
                const auto verdict = judge(r, m->second);
                why.heading("Measured");
                if (verdict == Verdict::missing)
                    why.add(value_text(r, m->second) + ": nothing to hold it against.");
                else
                    why.add(value_text(r, m->second) + ", wants " + window_text(r),
                            verdict == Verdict::pass ? Tone::good : Tone::danger);
                for (const auto& suspect : suspects(plan, r, verdict)) why.add("· " + suspect, Tone::caution);
            }
            return {why};
        }
    return {};
}

}  // namespace sangre
