#include "electrical/mission/mission_why.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"

namespace sangre {
namespace {

Words names_of(const Plan& plan, const std::vector<size_t>& batteries) {
    std::vector<std::string> names;
    for (const auto b : batteries) names.push_back(plan.sources[b].name);
    return listed(names);
}

/// With packs apart, what each of them does; the first to be empty ends it.
void explain_packs(Mission& m, const Plan& plan) {
    if (m.packs.size() < 2) return;
    m.why.heading(say("Each for itself"));
    for (const auto& p : m.packs)
        m.why.add(p.endless ? say("{parts}: {used} a day.", names_of(plan, p.sources), format(p.used))
                            : say("{parts}: {used} a day, down to {lowest_charge}, runs {run_time}.",
                                  names_of(plan, p.sources), format(p.used), format_percent(p.lowest_charge),
                                  p.run_time_capped ? say("more than a year") : format(p.run_time)),
                  p.lasts ? Tone::plain : Tone::danger);
}

/// What panels bring against what the days take.
void explain_sun(Mission& m, const Plan& plan) {
    for (auto& p : m.packs) {
        if (!p.has_sun) continue;
        m.why.heading(say("Sun"));
        const double used = raw(p.used), left = raw(p.sun.poor) - used;
        m.why.add(say("{parts}: {poor} on a poor day, {good} on a good one, against {used} used.",
                      names_of(plan, p.sources), format(p.sun.poor), format(p.sun.good), format(p.used)),
                  left >= 0 ? Tone::good : Tone::caution);
        if (p.grey_days < 1e4 && p.grey_days > 0)
            m.why.add(say("Without any sun it lasts {days}.", days_words(p.grey_days)));
        if (const auto words = weeks_words(p); !words.empty()) m.why.add(words);
    }
}

}  // namespace

Words weeks_words(const PackDay& day) {
    if (!day.has_sun || raw(day.used) <= 0) return {};
    const auto days = [](double n) {
        return n >= 1000 ? say("years") : say("{number} days", format_number(n, 2));
    };
    if (!std::isfinite(day.poor_days))
        return say("Even poor days replace what is used: it lasts through weeks of them.");
    return std::isfinite(day.good_days)
               ? say("On poor days alone it lasts {poor_days}; from empty, {good_days} of good ones fill it.",
                     days(day.poor_days), days(day.good_days))
               : say("On poor days alone it lasts {poor_days}, and good ones do not fill it.",
                     days(day.poor_days));
}

void explain_mission(Mission& m, const Plan& plan, const std::vector<PackRun>& packs, Celsius air) {
    m.why.title = say("Run time");
    for (size_t g = 0; g < packs.size(); ++g)
        if (packs[g].endless)
            m.why.add(say("{parts} does not run empty: its current at any instant is the limit.",
                          names_of(plan, m.packs[g].sources)));
        else
            m.why.add(
                say("{several|{packs}: usable capacity|Usable capacity} at {air}: {amp_hours}; empty at "
                    "{cutoff}.",
                    packs.size() > 1, names_of(plan, m.packs[g].sources), format(air),
                    format(AmpereHour(packs[g].amp_hours)), format(Volt(packs[g].cutoff))));
    const auto empties = std::find_if(packs.begin(), packs.end(), [](const auto& p) { return !p.endless; });
    const PackRun& pack = empties == packs.end() ? packs.front() : *empties;
    m.why.heading(say("One day"));
    const int times = std::max(plan.repeats_per_day, 1);
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        const auto& phase = plan.phases[i];
        const auto lasts = (times > 1 ? compose("{} × ", times) : "") + format(phase.duration);
        m.why.add(phase.charging
                      ? say("{phase}: {lasts} on the charger, nothing out of the pack", phase.name, lasts)
                      : say("{phase}: {lasts} × {power} on average = {used}", phase.name, lasts,
                            format(m.phases[i].power), format(m.phases[i].used)));
    }
    const bool endless = std::all_of(m.packs.begin(), m.packs.end(), [](const auto& p) { return p.endless; });
    m.why.add(endless ? say("Together {day_energy}.", format(m.day_energy))
                      : say("Together {day_energy}; lowest charge {lowest_charge}.", format(m.day_energy),
                            format_percent(m.lowest_charge)),
              m.lasts ? Tone::good : Tone::danger);
    for (const auto& b : m.brown_outs)
        m.why.add(say("{loads} browns out in {phases}, from {charge} charge down.", plan.loads[b.load].name,
                      plan.phases[b.phase].name, format_percent(b.charge)),
                  Tone::danger);
    explain_packs(m, plan);
    explain_sun(m, plan);
    if (endless) return;
    m.why.heading(say("Without charging"));
    const bool as_lived =
        std::any_of(m.packs.begin(), m.packs.end(), [](const auto& p) { return p.as_lived; });
    m.why.add(
        say("{as_lived|The day as planned but for its charging|The phases in which it works}, over and over, "
            "{capped|more than a year|down to cut-off: {run_time}}.",
            as_lived, m.run_time_capped, format(m.run_time)));
    if (as_lived) m.why.add(say("Less than half of it goes in phases of work, so standing counts too."));
    if (m.standby_days > 0 && m.standby_days < 9999)
        m.why.add(say("Left in {standby_phase}: {days} from full to empty.", m.standby_phase,
                      days_words(m.standby_days)));
    if (pack.leak_amps > 0)
        m.why.add(say("Self-discharge takes {leak_amps} of it by itself.", format(Ampere(pack.leak_amps))));
    if (pack.peukert > 1)
        m.why.add(say("Above {rated_amps} it empties faster: Peukert exponent {peukert}.",
                      format(Ampere(pack.rated_amps)), format_number(pack.peukert)));
    if (m.starts_for_days)
        m.why.add(say("Starts the vehicle down to {starts_down_to} charge: for {days} of that.",
                      format_percent(m.starts_down_to), days_words(*m.starts_for_days)),
                  *m.starts_for_days < 3 ? Tone::caution : Tone::good);
    m.why.source = say(
        "Pack current solved at six charges a phase and more where it bends; rest voltage, resistance and "
        "self-discharge of the chemistry (typical).");
}

}  // namespace sangre
