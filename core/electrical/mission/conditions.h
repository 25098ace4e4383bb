#pragma once
// "What if": the instant that every number answers to.
#include <map>

#include "wiring/network/solver.h"

namespace sangre {

struct Conditions {
    Id phase;             ///< empty: the first that does not charge
    double charge = 0.7;  ///< 0 to 1
    Celsius air{20};
    bool worst = false;           ///< every load that ever runs, at its peak, pack nearly empty, coldest air
    std::map<Id, bool> switches;  ///< by device id, true closed; absent follows the phase
    bool operator==(const Conditions&) const = default;
};

inline constexpr double nearly_empty = 0.1;
/// Charge down to which peaks are met on a usual day; below it what fails is said, and not provided for.
inline constexpr double usual_charge = 0.3;

/// The loads behind a feed, by index.
std::vector<size_t> loads_behind(const Plan& plan, size_t feed);

/// Which feeds a phase leaves open: those with a switch behind which nothing runs.
std::vector<bool> open_feeds(const Plan& plan, const Phase& phase);
std::vector<bool> open_feeds(const Plan& plan, const PlanIndex& index, const Phase& phase);

/// The phase the conditions name, or the first that does not charge; null in a plan without phases.
const Phase* phase_of(const Plan& plan, const Conditions& conditions);

/// What a builder looks at first: the longest phase in which more than one load is given something to do; the
/// first that does not charge where there is none such.
Conditions usual_conditions(const Plan& plan);

/// What the conditions ask of the network.
Demand demand_for(const Plan& plan, const Conditions& conditions);
Demand demand_for(const Plan& plan, const PlanIndex& index, const Conditions& conditions);

/// The demand of one phase as painted, or with all that works (not what idles) at its peak together.
Demand demand_in_phase(const Plan& plan, const Phase& phase, bool all_peak);
Demand demand_in_phase(const Plan& plan, const PlanIndex& index, const Phase& phase, bool all_peak);

}  // namespace sangre
