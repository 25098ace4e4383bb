#pragma once
// The day played through: charge, voltage and current over time, each load's energy, and how long the pack
// lasts.
#include "mission/conditions.h"
#include "why.h"

namespace sangre {

struct MissionPoint {
    Second time{};
    double charge = 1;
    Volt volts{};
    Ampere amps{};  ///< out of the pack; negative while it charges
    size_t phase = 0;
};

struct PhaseSummary {
    Ampere current{};  ///< mean pack current
    Watt power{};
    Ampere peak{};  ///< with all that runs at its peak
    WattHour used{};
    double charge_at_end = 1;
};

struct Mission {
    std::vector<MissionPoint> points;
    std::vector<PhaseSummary> phases;
    std::vector<WattHour> load_energy;  ///< by load, one day
    WattHour day_energy{};              ///< out of the pack in one day
    double lowest_charge = 1;           ///< over one day that starts full
    bool lasts = true;                  ///< one day, without reaching cut-off
    Second run_time{};                  ///< from full, working phases repeated without charging, to cut-off
    bool run_time_capped = false;       ///< longer than a year
    double standby_days = 0;            ///< full to flat in the quietest phase
    std::string standby_phase;
    Why why;
};

/// Plays the plan's phases at this air temperature. Pack current is solved at six charges a phase and read
/// between.
Mission play_mission(const Plan& plan, const Catalogue& catalogue, const Solver& solver, Celsius air);

}  // namespace sangre
