#include "electrical/mission/mission.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/mission_why.h"
#include "electrical/mission/phase_draw.h"
#include "physics/battery/pack.h"
#include "plan/source.h"

namespace sangre {
namespace {

constexpr double year_s = 365 * 86400.0;
constexpr double month_h = 30 * 24.0;

/// Advances the charge through one phase, reporting each step; stops at cut-off. Returns the time used.
template <class Report>
double advance(const PhaseDraw& draw, const Phase& phase, const PackRun& pack, double& charge, bool& flat,
               Report report) {
    const double duration = raw(phase.duration);
    const auto amps_now = [&] {
        if (!phase.charging || pack.endless) return draw.amps(pack.group, charge);
        return charge >= 1 ? 0 : -raw(phase.charge_current);
    };
    double time = 0;
    while (time < duration) {
        const double amps = amps_now(), volts = draw.volts(pack.group, charge);
        report(time, amps, volts);
        if (!phase.charging && !pack.endless && (charge <= 0 || volts <= pack.cutoff)) {
            flat = true;
            return time;
        }
        const double rate = phase.charging ? amps : pack.drain(amps);
        // At most half a percent of charge a step, so that cut-off is met closely.
        // More steps than these tell nothing more: a pack that small is empty at once.
        constexpr double most_steps = 2000;
        const double closely = pack.endless
                                   ? duration
                                   : std::max(0.005 * pack.amp_hours * 3600 / std::max(std::abs(rate), 1e-6),
                                              duration / most_steps);
        const double dt = std::min({duration - time, duration / 24, pack.longest_step, closely});
        if (!pack.endless) charge = std::clamp(charge - rate * dt / 3600 / pack.amp_hours, 0.0, 1.0);
        time += std::max(dt, 1e-3);
    }
    report(duration, amps_now(), draw.volts(pack.group, charge));
    return duration;
}

/// Ampere-seconds out of the pack by phase, as at half charge.
std::vector<double> taken_by_phase(const Plan& plan, const std::vector<PhaseDraw>& draws,
                                   const PackRun& pack) {
    std::vector<double> taken(plan.phases.size());
    for (size_t i = 0; i < taken.size(); ++i)
        taken[i] = (draws[i].amps(pack.group, 0.5) + pack.leak_amps) * raw(plan.phases[i].duration);
    return taken;
}

void run_down(PackDay& day, const Plan& plan, const std::vector<PhaseDraw>& draws, const PackRun& pack) {
    double charge = 1, total = 0;
    bool flat = false;
    const auto lasting = lasting_phases(plan, taken_by_phase(plan, draws, pack));
    day.as_lived = lasting.as_lived;
    if (pack.endless) {
        day.run_time = Second(year_s);
        day.run_time_capped = true;
        return;
    }
    for (int round = 0; round < 4000 && !flat; ++round) {
        const double before = total;
        for (const auto i : lasting.phases) {
            if (flat) break;
            total += advance(draws[i], plan.phases[i], pack, charge, flat, [](double, double, double) {});
        }
        if (total == before || total > year_s) {
            day.run_time_capped = total > year_s;
            break;
        }
    }
    day.run_time = Second(total);
}

/// True when the starter gets enough at this charge, everything else as in the phase.
bool turns(const Plan& plan, const Solver& solver, const Phase& phase, size_t starter, double charge,
           Celsius air) {
    auto demand = demand_in_phase(plan, solver.index(), phase, false);
    demand.charge = charge, demand.air = air, demand.brief = true;
    demand.states[starter] = LoadState::peak;
    demand.starting.assign(plan.loads.size(), false);
    demand.starting[starter] = true;
    for (const auto f : solver.index().upstream(plan.loads[starter].id)) demand.open[f] = false;
    const auto p = solver.solve(demand);
    return p.found && p.loads[starter].volts >= plan.loads[starter].v_min;
}

void starting(Mission& m, const Plan& plan, const Solver& solver, const Phase& quietest, const PackRun& pack,
              double standby_amps, Celsius air) {
    const auto starter =
        std::find_if(plan.loads.begin(), plan.loads.end(), [](const auto& l) { return l.starter; });
    if (starter == plan.loads.end() || pack.endless) return;
    const auto index = static_cast<size_t>(starter - plan.loads.begin());
    double low = 0, high = 1;
    if (!turns(plan, solver, quietest, index, 1, air)) {
        m.starts_for_days = 0, m.starts_down_to = 1;
        return;
    }
    for (int i = 0; i < 14; ++i) {
        const double middle = (low + high) / 2;
        (turns(plan, solver, quietest, index, middle, air) ? high : low) = middle;
    }
    m.starts_down_to = high;
    m.starts_for_days = std::min((1 - high) * pack.amp_hours / std::max(standby_amps, 1e-9) / 24, 9999.0);
}

/// The quietest phase of all packs together: what the machine is left in.
const Phase* quietest_phase(const Plan& plan, const std::vector<PhaseDraw>& draws,
                            const std::vector<PackRun>& packs, size_t& at) {
    double quietest = 1e9;
    const Phase* phase = nullptr;
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        double amps = 0;
        for (const auto& pack : packs) amps += draws[i].amps(pack.group, 0.5);
        if (plan.phases[i].charging || amps >= quietest) continue;
        quietest = amps, phase = &plan.phases[i], at = i;
    }
    return phase;
}

void standby(Mission& m, const Plan& plan, const Solver& solver, const std::vector<PhaseDraw>& draws,
             const std::vector<PackRun>& packs, const std::vector<PackGroup>& groups, Celsius air) {
    size_t at = 0;
    const auto* phase = quietest_phase(plan, draws, packs, at);
    if (!phase) return;
    m.standby_phase = phase->name;
    m.standby_days = 9999;
    for (size_t g = 0; g < packs.size(); ++g) {
        const double amps = packs[g].drain(draws[at].amps(g, 0.5));
        m.packs[g].standby_days =
            amps > 1e-9 && !packs[g].endless ? std::min(packs[g].amp_hours / amps / 24, 9999.0) : 9999;
        m.standby_days = std::min(m.standby_days, m.packs[g].standby_days);
        if (std::any_of(groups[g].loads.begin(), groups[g].loads.end(),
                        [&](size_t l) { return plan.loads[l].starter; }))
            starting(m, plan, solver, *phase, packs[g], amps, air);
    }
}

/// Loads of this group that browned out at the charges around this one.
void note_brown_outs(Mission& m, const PhaseDraw& draw, const std::vector<size_t>& loads, size_t phase,
                     double time, double charge) {
    for (const auto& p : draw.points()) {
        if (p.charge < charge) continue;
        for (const auto l : p.brown_outs)
            if (std::binary_search(loads.begin(), loads.end(), l) &&
                std::none_of(m.brown_outs.begin(), m.brown_outs.end(),
                             [&](const auto& b) { return b.load == l && b.phase == phase; }))
                m.brown_outs.push_back({l, phase, Second(time), charge});
        return;
    }
}

}  // namespace

LastingPhases lasting_phases(const Plan& plan, const std::vector<double>& taken) {
    constexpr double most_of_it = 0.5;
    std::vector<size_t> working, discharging;
    double in_work = 0, in_all = 0;
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        if (plan.phases[i].charging) continue;
        discharging.push_back(i);
        in_all += taken[i];
        if (std::none_of(plan.loads.begin(), plan.loads.end(), [&](const auto& l) {
                return !l.always_on && state_in(plan.phases[i], l) != LoadState::off;
            }))
            continue;
        working.push_back(i);
        in_work += taken[i];
    }
    if (!working.empty() && in_work >= most_of_it * in_all) return {working, false};
    return {discharging, discharging.size() > working.size()};
}

Ampere self_discharge(const Source& battery, const Chemistry& chemistry, Celsius air) {
    const double amp_hours = raw(pack_capacity(battery, chemistry, Celsius(20)));
    return Ampere(amp_hours * chemistry.self_discharge / month_h * std::pow(2, (raw(air) - 20) / 10));
}

namespace {

PackRun pack_of(const Plan& plan, const Catalogue& catalogue, const PackGroup& group, size_t number,
                Celsius air, Second longest_step) {
    PackRun pack;
    pack.group = number;
    pack.longest_step = std::max(raw(longest_step), 1e-3);
    for (const auto i : group.sources) {
        const auto& b = plan.sources[i];
        pack.endless = pack.endless || is_endless(b);
        const auto* chemistry = find(catalogue.chemistries, b.chemistry);
        if (!chemistry || b.kind != SourceKind::pack) continue;
        pack.amp_hours += raw(pack_capacity(b, *chemistry, air));
        pack.cutoff = std::max(pack.cutoff, raw(pack_cutoff_voltage(b, *chemistry)));
        pack.leak_amps += raw(self_discharge(b, *chemistry, air));
        pack.peukert = std::max(pack.peukert, chemistry->peukert);
        pack.rated_amps = pack.amp_hours / chemistry->rated_hours;
    }
    return pack;
}

/// Over weeks of one kind of weather: from full on poor days, from empty on good ones.
void play_weeks(PackDay& day, double watt_hours) {
    constexpr double never = std::numeric_limits<double>::infinity();
    const double used = raw(day.used), poor = raw(day.sun.poor), good = raw(day.sun.good);
    day.grey_days = watt_hours / used;
    day.poor_days = poor < used ? watt_hours / (used - poor) : never;
    day.good_days = good > used ? watt_hours / (good - used) : never;
}

/// Wh from full to cut-off, at the nominal voltage.
double usable_energy(const Plan& plan, const Catalogue& catalogue, const std::vector<size_t>& sources,
                     Celsius air) {
    double sum = 0;
    for (const auto i : sources) {
        const auto& b = plan.sources[i];
        const auto* chemistry = find(catalogue.chemistries, b.chemistry);
        if (!chemistry || b.kind != SourceKind::pack) continue;
        sum += raw(pack_capacity(b, *chemistry, air)) * raw(chemistry->nominal) * b.series;
    }
    return sum;
}

/// One group's day. Its loads' energy, brown-outs and the phases' figures are added to the mission's.
PackDay play_day(Mission& m, const Plan& plan, const std::vector<PhaseDraw>& draws, const PackGroup& group,
                 const PackRun& pack) {
    PackDay day;
    day.sources = group.sources;
    double charge = 1, clock = 0;
    for (int round = 0; round < std::max(plan.repeats_per_day, 1); ++round)
        for (size_t i = 0; i < plan.phases.size(); ++i) {
            const auto& phase = plan.phases[i];
            auto& s = m.phases[i];
            bool flat = false;
            double last = 0;
            advance(draws[i], phase, pack, charge, flat, [&](double t, double amps, double volts) {
                const double hours = (t - last) / 3600;
                last = t;
                if (amps > 0)
                    s.used += WattHour(amps * volts * hours), day.used += WattHour(amps * volts * hours);
                if ((!phase.charging || pack.endless) && hours > 0)
                    draws[i].add_energy(m.load_energy, group.loads, charge, hours);
                if (!phase.charging) note_brown_outs(m, draws[i], group.loads, i, clock + t, charge);
                day.points.push_back({Second(clock + t), charge, Volt(volts), Ampere(amps), i});
            });
            if (flat) day.lasts = false;
            clock += raw(phase.duration);
            day.lowest_charge = std::min(day.lowest_charge, charge);
            s.charge_at_end = std::min(s.charge_at_end, charge);
        }
    day.endless = pack.endless;
    run_down(day, plan, draws, pack);
    for (const auto i : group.sources)
        if (plan.sources[i].kind == SourceKind::panel) {
            const auto brings = sun_day(plan.sources[i]);
            day.sun.poor += brings.poor, day.sun.good += brings.good;
            day.has_sun = true;
        }
    return day;
}

void sum_up(Mission& m) {
    // Of the first that can run empty; where none does, of the first.
    const auto empties =
        std::find_if(m.packs.begin(), m.packs.end(), [](const auto& p) { return !p.endless; });
    m.points = (empties == m.packs.end() ? m.packs.begin() : empties)->points;
    m.run_time = Second(std::numeric_limits<double>::infinity());
    m.run_time_capped = true;
    for (const auto& p : m.packs) {
        m.lowest_charge = std::min(m.lowest_charge, p.lowest_charge);
        m.lasts = m.lasts && p.lasts;
        m.run_time = std::min(m.run_time, p.run_time);
        m.run_time_capped = m.run_time_capped && p.run_time_capped;
    }
}

/// A day whose currents are not known has no figures.
void unplayed(Mission& m, const Plan& plan, const Phase& phase) {
    constexpr double unknown = std::numeric_limits<double>::quiet_NaN();
    m.not_found_in = phase.name;
    m.phases.assign(plan.phases.size(),
                    {Ampere(unknown), Watt(unknown), Ampere(unknown), WattHour(unknown), unknown});
    m.load_energy.assign(plan.loads.size(), WattHour(unknown));
    m.day_energy = WattHour(unknown), m.lowest_charge = unknown;
    m.run_time = Second(unknown), m.standby_days = unknown;
    m.why.title = say("Run time");
    m.why.add(say("No operating point was found for {phase}: the day cannot be played.", phase.name),
              Tone::danger);
}

}  // namespace

Mission play_mission(const Plan& plan, const Catalogue& catalogue, const Solver& solver, Celsius air,
                     Second longest_step) {
    Mission m;
    m.load_energy.resize(plan.loads.size());
    const auto groups = pack_groups(plan, solver.index());
    std::vector<PackRun> packs;
    for (size_t g = 0; g < groups.size(); ++g)
        packs.push_back(pack_of(plan, catalogue, groups[g], g, air, longest_step));
    if (plan.phases.empty() || packs.empty() ||
        std::any_of(packs.begin(), packs.end(), [](const auto& p) { return p.amp_hours <= 0 && !p.endless; }))
        return m;
    std::vector<PhaseDraw> draws;
    draws.reserve(plan.phases.size());
    for (const auto& phase : plan.phases) {
        draws.emplace_back(plan, solver, groups, phase, air);
        if (draws.back().found()) continue;
        unplayed(m, plan, phase);
        return m;
    }

    m.phases.resize(plan.phases.size());
    for (size_t g = 0; g < groups.size(); ++g)
        m.packs.push_back(play_day(m, plan, draws, groups[g], packs[g]));
    for (auto& day : m.packs)
        if (day.has_sun && raw(day.used) > 0)
            play_weeks(day, usable_energy(plan, catalogue, day.sources, air));
    sum_up(m);
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        auto& s = m.phases[i];
        for (size_t g = 0; g < groups.size(); ++g) s.current += Ampere(draws[i].amps(g, 0.5));
        const double hours = raw(plan.phases[i].duration) / 3600 * std::max(plan.repeats_per_day, 1);
        s.power = Watt(hours > 0 ? raw(s.used) / hours : 0);
        auto peak = demand_in_phase(plan, solver.index(), plan.phases[i], true);
        auto running = demand_in_phase(plan, solver.index(), plan.phases[i], false);
        running.charge = peak.charge = 0.5;
        running.air = peak.air = air;
        peak.brief = true, peak.rises = solver.solve(running).branch_rise;
        for (const auto& b : solver.solve(peak).sources) s.peak += b.amps;
        m.day_energy += s.used;
    }
    standby(m, plan, solver, draws, packs, groups, air);
    explain_mission(m, plan, packs, air);
    return m;
}

}  // namespace sangre
