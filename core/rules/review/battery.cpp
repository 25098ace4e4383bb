#include "physics/battery/pack.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/air.h"
#include "proposal/battery_choice.h"
#include "proposal/propose.h"
#include "rules/review/each_pack.h"

namespace sangre {
namespace {

void missing(const Context& c, std::vector<Finding>& out) {
    for (const auto& b : c.plan.sources)
        if (b.kind == SourceKind::pack && !find(c.catalogue.chemistries, b.chemistry))
            out.push_back({Severity::danger,
                           {},
                           {b.id},
                           say("{source} names a chemistry “{chemistry}” that the catalogue does not hold.",
                               b.name, b.chemistry),
                           {},
                           {}});
    if (c.plan.sources.empty() && !c.plan.feeds().empty())
        out.push_back({Severity::danger,
                       {},
                       {},
                       say("There is no battery and no other source. Propose chooses one."),
                       {},
                       {}});
}

constexpr double print_tolerance = 1.01;  // what is printed is rounded

void c_rate(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k, const PackExtremes& worst) {
        const Ampere asked = worst.continuous;
        if (asked <= pack_max_current(b, k) * print_tolerance) return;
        Finding f{Severity::danger,
                  {},
                  {b.id},
                  say("{source} gives {pack_max_current} continuously; the plan draws {asked}.", b.name,
                      format(pack_max_current(b, k)), format(asked)),
                  {},
                  {}};
        f.why.add(compose("{} C × {} = {}", format_number(pack_c_rate(b, k)),
                          format(b.cell_capacity * b.parallel), format(pack_max_current(b, k))));
        auto bigger = b;
        bigger.cell_capacity = AmpereHour(std::ceil(raw(asked) / pack_c_rate(b, k) / b.parallel));
        f.fixes.push_back({say("Use {size}", format(bigger.cell_capacity * b.parallel)),
                           [bigger](const Plan& p) { return put_source(p, bigger); }});
        out.push_back(std::move(f));
    });
}

void sags(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k, const PackExtremes& worst) {
        const auto cutoff = pack_cutoff_voltage(b, k);
        if (raw(worst.lowest) <= 0 || worst.lowest >= cutoff) return;
        Finding f{
            worst.usual_lowest < cutoff ? Severity::caution : Severity::note,
            {},
            {b.id},
            say("{source} sags to {lowest}, below its cut-off of {cutoff}: its protection may switch off.",
                b.name, format(worst.lowest), format(cutoff)),
            {},
            {}};
        const Ohm inside = pack_resistance(b, k, std::max(0.0, worst.charge - b.charge_behind), worst.air);
        const double sag = raw(worst.at_lowest) * raw(inside), rest = raw(worst.lowest) + sag;
        f.why.add(say("Where: {where}.", worst.where));
        if (worst.usual_lowest >= cutoff)
            f.why.add(say("At {charge} charge in {ambient}: {usual_lowest}.", format_percent(usual_charge),
                          format(usual_air(c.plan)), format(worst.usual_lowest)),
                      Tone::good);
        f.why.add(say("{at_lowest} × {inside} = {sag} below the {rest} at rest", format(worst.at_lowest),
                      format(inside), format(Volt(sag)), format(Volt(rest))));
        // The same current through a pack with room for it.
        const double room = rest - raw(cutoff);
        if (room > 0 && sag / room < 10) {
            auto bigger = b;
            bigger.cell_capacity = AmpereHour(std::ceil(raw(b.cell_capacity) * sag / room * 1.1));
            f.fixes.push_back({say("Use {size}", format(bigger.cell_capacity * b.parallel)),
                               [bigger](const Plan& p) { return put_source(p, bigger); }});
        }
        out.push_back(std::move(f));
    });
}

/// The most that a day takes out of a full pack before a charger gives it back, at what its phases draw at
/// half charge.
double deepest_ampere_hours(const Context& c) {
    double taken = 0, deepest = 0;
    for (int round = 0; round < std::max(c.plan.repeats_per_day, 1); ++round)
        for (size_t i = 0; i < c.plan.phases.size(); ++i) {
            const auto& phase = c.plan.phases[i];
            const double hours = raw(phase.duration) / 3600;
            taken +=
                (phase.charging ? -raw(phase.charge_current) : raw(c.figures.mission.phases[i].current)) *
                hours;
            taken = std::max(taken, 0.0), deepest = std::max(deepest, taken);
        }
    return deepest;
}

/// The pack that would be proposed, in place of that one; with `wired` also what hangs on it as it would be
/// proposed for that pack. Found only when it is asked for.
Fix a_pack_that_does(const Context& c, const Id& id, bool wired) {
    return {wired ? say("Take a pack that lasts, and wire for it") : say("Take a pack that lasts"),
            [id, wired, catalogue = &c.catalogue](const Plan& p) {
                const auto chosen = choose_battery(p, *catalogue);
                const auto* old = by_id(p.sources, id);
                if (!chosen || !old) return p;
                auto taken = chosen->battery;
                taken.id = id, taken.name = old->name, taken.place = old->place, taken.extra = old->extra;
                auto next = put_source(p, taken);
                if (!wired) return next;
                const auto made = propose(next, *catalogue);
                return made ? made->plan : p;
            }};
}

void pack_too_small(const Context& c, std::vector<Finding>& out) {
    constexpr double left = 0.2;  // what the day should leave
    for (const auto& pack : c.figures.mission.packs) {
        if (pack.lasts) continue;
        const auto& b = c.plan.sources[pack.sources.front()];
        const auto* k = find(c.catalogue.chemistries, b.chemistry);
        Finding f{Severity::danger,
                  {},
                  {b.id},
                  say("{source} is empty before the day is over: it lasts {run_time}.", b.name,
                      format(pack.run_time)),
                  c.figures.mission.why,
                  {}};
        const double usable = k ? raw(pack_capacity(b, *k, c.plan.coldest_air)) : 0;
        const double ratio = usable > 0 ? deepest_ampere_hours(c) / (1 - left) / usable : 0;
        if (ratio > 1 && ratio < 20) {
            auto bigger = b;
            bigger.cell_capacity = AmpereHour(std::ceil(raw(b.cell_capacity) * ratio));
            f.fixes.push_back({say("Use {size}", format(bigger.cell_capacity * b.parallel)),
                               [bigger](const Plan& p) { return put_source(p, bigger); }});
        }
        for (const bool wired : {false, true}) f.fixes.push_back(a_pack_that_does(c, b.id, wired));
        out.push_back(std::move(f));
    }
}

void runs_low(const Context& c, std::vector<Finding>& out) {
    const auto& m = c.figures.mission;
    if (!m.lasts || m.points.empty()) return;
    for (const auto& day : m.packs)
        if (day.lowest_charge < 0.15)
            out.push_back(
                {Severity::caution,
                 {},
                 {c.plan.sources[day.sources.front()].id},
                 say("The day leaves {lowest_charge} in {sources}; a cold evening or an old cell takes that.",
                     format_percent(day.lowest_charge), c.plan.sources[day.sources.front()].name),
                 m.why,
                 {}});
}

void carried(const Context& c, std::vector<Finding>& out) {
    each_pack(c, [&](const Source& b, const Chemistry& k) {
        if (raw(pack_energy(b, k)) <= 100 || k.id == "agm") return;
        out.push_back(
            {Severity::note,
             {},
             {b.id},
             say("{source} stores {pack_energy}: above 100 Wh an airline has to approve carrying it.", b.name,
                 format(pack_energy(b, k))),
             {},
             {}});
    });
}

}  // namespace

const std::vector<Rule> rules_of::battery{
    {"battery-missing", to_say("There is a source, and every pack's chemistry is known"), missing},
    {"battery-c-rate", to_say("The pack's current stays within its rating"), c_rate},
    {"battery-sags",
     to_say("At the one-second peak, cold and nearly empty, the pack stays above its cut-off"), sags},
    {"battery-too-small", to_say("The pack lasts the day"), pack_too_small},
    {"battery-runs-low", to_say("The pack is not empty at the end of the day"), runs_low},
    {"battery-over-100-wh", to_say("Packs over 100 Wh and aircraft"), carried},
};

}  // namespace sangre
