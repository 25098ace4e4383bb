#pragma once
// The day played through: charge, voltage and current over time, each load's energy, and how long the pack
// lasts.
#include "base/why.h"
#include "electrical/mission/conditions.h"
#include "plan/source.h"

namespace sangre {

struct MissionPoint {
    Second time{};
    double charge = 1;
    Volt volts{};
    Ampere amps{};  ///< out of the pack; negative while it charges
    size_t phase = 0;
};

struct PhaseSummary {
    Ampere current{};  ///< of the packs at half charge
    Watt power{};      ///< out of the packs, mean over the phase as it is played
    Ampere peak{};     ///< with all that runs at its peak
    WattHour used{};
    double charge_at_end = 1;
};

/// A load that gets too little on the way.
struct MissionBrownOut {
    size_t load = 0, phase = 0;
    Second time{};  ///< when first
    double charge = 0;
};

/// The day of packs that stand together.
struct PackDay {
    std::vector<size_t> sources;  ///< by index
    std::vector<MissionPoint> points;
    WattHour used{};  ///< out of them in one day
    double lowest_charge = 1;
    bool lasts = true;
    Second run_time{};
    bool run_time_capped = false;
    bool as_lived = false;  ///< the run time counts all phases that do not charge, not the working ones alone
    double standby_days = 0;
    bool endless = false;  ///< a supply or a vehicle's circuit stands in the group: it does not run empty
    bool has_sun = false;  ///< a panel stands in the group
    SunDay sun;            ///< what its panels bring
    double grey_days = 0;  ///< that a full pack lasts without any
    double poor_days = 0;  ///< that it lasts on poor days alone; infinite where they bring what goes out
    double good_days = 0;  ///< that fill it from empty; infinite where they do not
};

/// "On poor days alone it lasts 6 days; from empty 2 days of good ones fill it." Empty without a panel.
Words weeks_words(const PackDay& day);

/// Where packs stand apart, each group keeps its own charge, each with a charger of its own; the first to be
/// empty ends it for all.
struct Mission {
    Words not_found_in;  ///< the first phase without an operating point; the mission is then not played
    std::vector<PackDay> packs;        ///< by group, in the order of their first packs
    std::vector<MissionPoint> points;  ///< of the first group that can run empty
    std::vector<PhaseSummary> phases;
    std::vector<WattHour> load_energy;  ///< by load, one day
    std::vector<MissionBrownOut> brown_outs;
    WattHour day_energy{};         ///< out of the pack in one day
    double lowest_charge = 1;      ///< over one day that starts full
    bool lasts = true;             ///< one day, without reaching cut-off
    Second run_time{};             ///< from full, lasting_phases() repeated without charging, to cut-off
    bool run_time_capped = false;  ///< longer than a year
    double standby_days = 0;       ///< full to flat in the quietest phase, self-discharge included
    Words standby_phase;
    std::optional<double>
        starts_for_days;        ///< in that phase, until the starter no longer turns; with a starter only
    double starts_down_to = 0;  ///< the lowest charge at which it does
    Why why;
};

/// Current that a pack loses by itself at this temperature: its chemistry's share a month, doubling every 10
/// K.
Ampere self_discharge(const Source& battery, const Chemistry& chemistry, Celsius air);

/// The phases by which it is told how long a pack lasts: those in which something runs that need not always
/// run. Where less than half of what the day takes goes in them — a starter's two seconds in a day of
/// standing — all that do not charge. `taken`: by phase, in any one unit.
struct LastingPhases {
    std::vector<size_t> phases;
    bool as_lived = false;  ///< more than the working ones
};
LastingPhases lasting_phases(const Plan& plan, const std::vector<double>& taken);

/// Plays the plan's phases at this air temperature, as many times a day as the plan says. Steps adapt to half
/// a percent of charge and a 24th of a phase, or to `longest_step` where that is shorter.
Mission play_mission(const Plan& plan, const Catalogue& catalogue, const Solver& solver, Celsius air,
                     Second longest_step = Second(1e9));

}  // namespace sangre
