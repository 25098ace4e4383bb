#pragma once
// Everything computed about a plan before it is judged: what rules, steps and readings work from.
#include "electrical/mission/mission.h"
#include "electrical/mission/thermal_switches.h"
#include "electrical/protection/protection.h"
#include "electrical/set_window.h"

namespace sangre {

struct Figures {
    Harness harness;
    std::shared_ptr<const Solver> solver;
    OperatingPoint now;  ///< at the conditions
    WorstCase worst;
    std::vector<BoxAir> boxes;               ///< by body
    std::vector<ShortCircuit> shorts;        ///< by feed, at its far end
    std::vector<FeedProtection> protection;  ///< by feed
    std::vector<SetWindow> windows;          ///< by converter
    Mission mission;
    std::vector<ThermalSwitch> thermal;  ///< at the conditions
};

/// What of them could not be computed, a sentence each; empty where all could.
std::vector<Words> unknown_figures(const Plan& plan, const Figures& figures);

}  // namespace sangre
