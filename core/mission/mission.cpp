#include "mission/mission.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "battery/pack.h"
#include "units/format.h"

namespace sangre {
namespace {

constexpr std::array charges{0.0, 0.1, 0.25, 0.5, 0.75, 1.0};
constexpr double year_s = 365 * 86400.0;

/// What one phase takes from the pack at each of the charges.
struct PhaseDraw {
    std::array<double, charges.size()> amps{}, volts{};
    std::vector<double> load_watts;
    double drawn_watts = 0;

    double at(const std::array<double, charges.size()>& values, double charge) const {
        size_t i = 0;
        while (i + 2 < charges.size() && charges[i + 1] < charge) ++i;
        const double x = (charge - charges[i]) / (charges[i + 1] - charges[i]);
        return std::lerp(values[i], values[i + 1], std::clamp(x, 0.0, 1.0));
    }
};

PhaseDraw sample(const Plan& plan, const Solver& solver, const Phase& phase, Celsius air) {
    PhaseDraw d;
    OperatingPoint near;
    for (size_t i = charges.size(); i-- > 0;) {
        auto demand = demand_in_phase(plan, phase, false);
        demand.charge = charges[i];
        demand.air = air;
        near = solver.solve(demand, near);
        for (const auto& b : near.batteries) d.amps[i] += raw(b.amps), d.volts[i] = raw(b.volts);
        if (charges[i] == 0.5) {
            for (const auto& l : near.loads) d.load_watts.push_back(raw(l.watts));
            d.drawn_watts = raw(near.drawn);
        }
    }
    return d;
}

struct Pack {
    double amp_hours = 0, cutoff = 0;
};

/// Advances the charge through one phase, reporting each step; stops at cut-off. Returns the time used.
template <class Report>
double advance(const PhaseDraw& draw, const Phase& phase, const Pack& pack, double& charge, bool& flat,
               Report report) {
    const double duration = raw(phase.duration);
    double time = 0;
    while (time < duration) {
        const double amps = phase.charging ? -raw(phase.charge_current) : draw.at(draw.amps, charge);
        const double volts = draw.at(draw.volts, charge);
        report(time, phase.charging && charge >= 1 ? 0 : amps, volts);
        if (!phase.charging && (charge <= 0 || volts <= pack.cutoff)) {
            flat = true;
            return time;
        }
        // At most half a percent of charge a step, so that cut-off is met closely.
        const double dt = std::min(
            {duration - time, duration / 24, 0.005 * pack.amp_hours * 3600 / std::max(std::abs(amps), 1e-6)});
        charge = std::clamp(charge - amps * dt / 3600 / pack.amp_hours, 0.0, 1.0);
        time += std::max(dt, 1e-3);
    }
    report(duration,
           phase.charging && charge >= 1 ? 0
           : phase.charging              ? -raw(phase.charge_current)
                                         : draw.at(draw.amps, charge),
           draw.at(draw.volts, charge));
    return duration;
}

/// Phases in which something runs that need not always run; where there is none, all that do not charge.
std::vector<size_t> working_phases(const Plan& plan) {
    std::vector<size_t> working, discharging;
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        if (plan.phases[i].charging) continue;
        discharging.push_back(i);
        if (std::any_of(plan.loads.begin(), plan.loads.end(), [&](const auto& l) {
                return !l.always_on && state_in(plan.phases[i], l) != LoadState::off;
            }))
            working.push_back(i);
    }
    return working.empty() ? discharging : working;
}

double run_time(const Plan& plan, const std::vector<PhaseDraw>& draws, const Pack& pack, bool& capped) {
    double charge = 1, total = 0;
    bool flat = false;
    const auto working = working_phases(plan);
    for (int round = 0; round < 4000 && !flat; ++round) {
        const double before = total;
        for (const auto i : working) {
            if (flat) break;
            total += advance(draws[i], plan.phases[i], pack, charge, flat, [](double, double, double) {});
        }
        if (total == before || total > year_s) {
            capped = total > year_s;
            break;
        }
    }
    return total;
}

void standby(Mission& m, const Plan& plan, const std::vector<PhaseDraw>& draws, const Pack& pack) {
    double quietest = 1e9;
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        const double amps = draws[i].at(draws[i].amps, 0.5);
        if (plan.phases[i].charging || amps >= quietest) continue;
        quietest = amps;
        m.standby_phase = plan.phases[i].name;
    }
    if (quietest < 1e9)
        m.standby_days = quietest > 1e-9 ? std::min(pack.amp_hours / quietest / 24, 9999.0) : 9999;
}

void explain(Mission& m, const Plan& plan, const Pack& pack, Celsius air) {
    m.why.title = "Run time";
    m.why.add(fmt::format("Usable capacity at {}: {}; empty at {}.", format(air),
                          format(AmpereHour(pack.amp_hours)), format(Volt(pack.cutoff))));
    m.why.heading("One day");
    for (size_t i = 0; i < plan.phases.size(); ++i)
        m.why.add(fmt::format("{}: {} × {} = {}", plan.phases[i].name, format(plan.phases[i].duration),
                              format(m.phases[i].power), format(m.phases[i].used)));
    m.why.add(fmt::format("Together {} out of the pack; lowest charge {}.", format(m.day_energy),
                          format_percent(m.lowest_charge)),
              m.lasts ? Tone::good : Tone::danger);
    m.why.heading("Without charging");
    m.why.add(m.run_time_capped
                  ? "The working phases, repeated, last more than a year."
                  : fmt::format("The working phases, repeated, reach cut-off after {}.", format(m.run_time)));
    if (m.standby_days > 0)
        m.why.add(fmt::format("Left in {}: {} days from full to flat.", m.standby_phase,
                              format_number(m.standby_days, 2)));
    m.why.source =
        "Pack current solved at six charges a phase; rest voltage and resistance of the chemistry (typical).";
}

}  // namespace

Mission play_mission(const Plan& plan, const Catalogue& catalogue, const Solver& solver, Celsius air) {
    Mission m;
    m.load_energy.resize(plan.loads.size());
    Pack pack;
    for (const auto& b : plan.batteries)
        if (const auto* chemistry = find(catalogue.chemistries, b.chemistry)) {
            pack.amp_hours += raw(pack_capacity(b, *chemistry, air));
            pack.cutoff = std::max(pack.cutoff, raw(pack_cutoff_voltage(b, *chemistry)));
        }
    if (plan.phases.empty() || pack.amp_hours <= 0) return m;
    std::vector<PhaseDraw> draws;
    for (const auto& phase : plan.phases) draws.push_back(sample(plan, solver, phase, air));

    double charge = 1, clock = 0;
    for (size_t i = 0; i < plan.phases.size(); ++i) {
        PhaseSummary s;
        bool flat = false;
        double last = 0;
        const double used =
            advance(draws[i], plan.phases[i], pack, charge, flat, [&](double t, double amps, double volts) {
                if (!m.points.empty() && amps > 0) s.used += WattHour(amps * volts * (t - last) / 3600);
                last = t;
                m.points.push_back({Second(clock + t), charge, Volt(volts), Ampere(amps), i});
            });
        if (flat) m.lasts = false;
        clock += raw(plan.phases[i].duration);
        m.lowest_charge = std::min(m.lowest_charge, charge);
        s.charge_at_end = charge;
        s.current = Ampere(draws[i].at(draws[i].amps, 0.5));
        s.power = Watt(raw(s.current) * draws[i].at(draws[i].volts, 0.5));
        auto peak = demand_in_phase(plan, plan.phases[i], true);
        peak.charge = 0.5;
        peak.air = air;
        for (const auto& b : solver.solve(peak).batteries) s.peak += b.amps;
        m.day_energy += s.used;
        for (size_t l = 0; l < plan.loads.size() && l < draws[i].load_watts.size(); ++l)
            if (!plan.phases[i].charging) m.load_energy[l] += WattHour(draws[i].load_watts[l] * used / 3600);
        m.phases.push_back(s);
    }
    m.run_time = Second(run_time(plan, draws, pack, m.run_time_capped));
    standby(m, plan, draws, pack);
    explain(m, plan, pack, air);
    return m;
}

}  // namespace sangre
