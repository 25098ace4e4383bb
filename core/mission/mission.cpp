#include "mission/mission.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "battery/pack.h"
#include "mission/phase_draw.h"
#include "source/source.h"
#include "units/format.h"

namespace sangre {
namespace {

constexpr double year_s = 365 * 86400.0;
constexpr double month_h = 30 * 24.0;

/// One group of packs: they stand at one charge.
struct Pack {
    size_t group = 0;
    double amp_hours = 0, cutoff = 0;
    double leak_amps = 0;  ///< self-discharge
    double peukert = 1, rated_amps = 1;
    double longest_step = 1e9;
    bool endless = false;  ///< a supply or a vehicle's circuit: its charge stays what it is

    /// How fast the charge falls at this current, in ampere-equivalents.
    double drain(double amps) const {
        const double faster = amps > rated_amps ? std::pow(amps / rated_amps, peukert - 1) : 1;
        return amps * faster + leak_amps;
    }
};

/// Advances the charge through one phase, reporting each step; stops at cut-off. Returns the time used.
template <class Report>
double advance(const PhaseDraw& draw, const Phase& phase, const Pack& pack, double& charge, bool& flat,
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
std::vector<double> taken_by_phase(const Plan& plan, const std::vector<PhaseDraw>& draws, const Pack& pack) {
    std::vector<double> taken(plan.phases.size());
    for (size_t i = 0; i < taken.size(); ++i)
        taken[i] = (draws[i].amps(pack.group, 0.5) + pack.leak_amps) * raw(plan.phases[i].duration);
    return taken;
}

void run_down(PackDay& day, const Plan& plan, const std::vector<PhaseDraw>& draws, const Pack& pack) {
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

void starting(Mission& m, const Plan& plan, const Solver& solver, const Phase& quietest, const Pack& pack,
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
                            const std::vector<Pack>& packs, size_t& at) {
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
             const std::vector<Pack>& packs, const std::vector<PackGroup>& groups, Celsius air) {
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

std::string names_of(const Plan& plan, const std::vector<size_t>& batteries) {
    std::string names;
    for (const auto b : batteries) names += (names.empty() ? "" : " and ") + plan.sources[b].name;
    return names;
}

/// With packs apart, what each of them does; the first to be empty ends it.
void explain_packs(Mission& m, const Plan& plan) {
    if (m.packs.size() < 2) return;
    m.why.heading("Each for itself");
    for (const auto& p : m.packs)
        m.why.add(fmt::format("{}: {} a day, down to {}, runs {}.", names_of(plan, p.sources), format(p.used),
                              format_percent(p.lowest_charge),
                              p.run_time_capped ? "more than a year" : format(p.run_time)),
                  p.lasts ? Tone::plain : Tone::danger);
}

/// What panels bring against what the days take.
void explain_sun(Mission& m, const Plan& plan) {
    for (auto& p : m.packs) {
        if (!p.has_sun) continue;
        m.why.heading("Sun");
        const double used = raw(p.used), left = raw(p.sun.poor) - used;
        m.why.add(
            fmt::format("{}: {} on a poor day, {} on a good one, against {} used.", names_of(plan, p.sources),
                        format(p.sun.poor), format(p.sun.good), format(p.used)),
            left >= 0 ? Tone::good : Tone::caution);
        if (p.grey_days < 1e4 && p.grey_days > 0)
            m.why.add(fmt::format("Without any sun it lasts {} days.", format_number(p.grey_days, 2)));
    }
}

void explain(Mission& m, const Plan& plan, const std::vector<Pack>& packs, Celsius air) {
    m.why.title = "Run time";
    for (size_t g = 0; g < packs.size(); ++g)
        if (packs[g].endless)
            m.why.add(fmt::format("{} does not run empty: what it is asked for at one instant counts.",
                                  names_of(plan, m.packs[g].sources)));
        else
            m.why.add(fmt::format("{}sable capacity at {}: {}; empty at {}.",
                                  packs.size() > 1 ? names_of(plan, m.packs[g].sources) + ": u" : "U",
                                  format(air), format(AmpereHour(packs[g].amp_hours)),
                                  format(Volt(packs[g].cutoff))));
    const Pack& pack = packs.front();
    m.why.heading("One day");
    const int times = std::max(plan.repeats_per_day, 1);
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        const auto& phase = plan.phases[i];
        const auto lasts = (times > 1 ? fmt::format("{} × ", times) : "") + format(phase.duration);
        m.why.add(phase.charging
                      ? fmt::format("{}: {} on the charger, nothing out of the pack", phase.name, lasts)
                      : fmt::format("{}: {} × {} on average = {}", phase.name, lasts,
                                    format(m.phases[i].power), format(m.phases[i].used)));
    }
    const bool endless = std::all_of(m.packs.begin(), m.packs.end(), [](const auto& p) { return p.endless; });
    m.why.add(endless ? fmt::format("Together {}.", format(m.day_energy))
                      : fmt::format("Together {}; lowest charge {}.", format(m.day_energy),
                                    format_percent(m.lowest_charge)),
              m.lasts ? Tone::good : Tone::danger);
    for (const auto& b : m.brown_outs)
        m.why.add(fmt::format("{} browns out in {}, from {} charge down.", plan.loads[b.load].name,
                              plan.phases[b.phase].name, format_percent(b.charge)),
                  Tone::danger);
    explain_packs(m, plan);
    explain_sun(m, plan);
    if (endless) return;
    m.why.heading("Without charging");
    const bool as_lived =
        std::any_of(m.packs.begin(), m.packs.end(), [](const auto& p) { return p.as_lived; });
    m.why.add(fmt::format(
        "{}, over and over, {}.",
        as_lived ? "The day as planned but for its charging" : "The phases in which it works",
        m.run_time_capped ? "more than a year" : fmt::format("down to cut-off: {}", format(m.run_time))));
    if (as_lived) m.why.add("Less than half of it goes in phases of work, so standing counts too.");
    if (m.standby_days > 0 && m.standby_days < 9999)
        m.why.add(fmt::format("Left in {}: {} days from full to flat.", m.standby_phase,
                              format_number(m.standby_days, 2)));
    if (pack.leak_amps > 0)
        m.why.add(fmt::format("Self-discharge takes {} of it by itself.", format(Ampere(pack.leak_amps))));
    if (pack.peukert > 1)
        m.why.add(fmt::format("Above {} it empties faster: Peukert exponent {}.",
                              format(Ampere(pack.rated_amps)), format_number(pack.peukert)));
    if (m.starts_for_days)
        m.why.add(fmt::format("Starts the vehicle down to {} charge: for {} days of that.",
                              format_percent(m.starts_down_to), format_number(*m.starts_for_days, 2)),
                  *m.starts_for_days < 3 ? Tone::caution : Tone::good);
    m.why.source =
        "Pack current solved at six charges a phase and more where it bends; rest voltage, resistance and "
        "self-discharge of the chemistry (typical).";
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

Pack pack_of(const Plan& plan, const Catalogue& catalogue, const PackGroup& group, size_t number, Celsius air,
             Second longest_step) {
    Pack pack;
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
                 const Pack& pack) {
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
    m.points = m.packs.front().points;
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
    m.why.title = "Run time";
    m.why.add(fmt::format("No operating point was found for {}: the day cannot be played.", phase.name),
              Tone::danger);
}

}  // namespace

Mission play_mission(const Plan& plan, const Catalogue& catalogue, const Solver& solver, Celsius air,
                     Second longest_step) {
    Mission m;
    m.load_energy.resize(plan.loads.size());
    const auto groups = pack_groups(plan, solver.index());
    std::vector<Pack> packs;
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
            day.grey_days = usable_energy(plan, catalogue, day.sources, air) / raw(day.used);
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
    explain(m, plan, packs, air);
    return m;
}

}  // namespace sangre
