#pragma once
// Every pack that can be built from the catalogue's cells, held against the mission: which few are worth
// having, and why each of the others fell out.
#include "base/why.h"
#include "catalogue/catalogue.h"
#include "plan/edits.h"

namespace sangre {

/// Cells or blocks in series and in parallel, and what they would do.
struct BatteryCandidate {
    Source battery;  ///< as the plan would hold it
    Id cell;
    int blocks = 1;  ///< in series
    bool serves = false;
    bool front = false;      ///< serves, and nothing else is at least as good in everything
    Words why_not;           ///< empty where it is on the front
    Second run_time{};       ///< working phases repeated from full, in the coldest air
    Second useful_time{};    ///< of that, what counts: three days of work
    double charge_left = 0;  ///< at the lowest point of the day
    Watt strongest{};        ///< asked for at the strongest second
    Volt nominal{};          ///< of the whole pack
    Volt at_worst{};         ///< at the strongest second, nearly empty, coldest air
    Ampere peak{};
    double share_of_limit = 0;  ///< peak over what the cells stand
    Gram mass{};
    double cost = 0;
    size_t rails = 0;         ///< modules that its voltage forces
    double standby_days = 0;  ///< full to flat in the quietest phase
    Second charging{};        ///< at the chemistry's usual current
    Volt charger{};
};

struct BatteryComparison {
    std::vector<BatteryCandidate> candidates;  ///< the front first, by mass; then what serves; then the rest
    std::optional<BatteryCandidate> present;  ///< the plan's first pack by the same measure, where it has one
    size_t tried = 0;
    Why why;
};

/// Screens cell × series × parallel below 60 V: for each cell and voltage the fewest strings that serve. A
/// pack serves when its voltage lets every load be fed, its cells stand the peak, it stays above cut-off at
/// the strongest second in the coldest air, and it gets through the day. Loads count at their nominal power,
/// with their modules' losses and 3 % for wires; the full study of the plan that takes one may differ by some
/// per cent. Best in mass, cost, run time and number of rails; differences up to 8 % do not
/// count, and of more than ten the ones close to another give way to it.
BatteryComparison compare_batteries(const Plan& plan, const Catalogue& catalogue);

/// The arithmetic of one candidate.
Why explain_battery(const BatteryCandidate& candidate, const Plan& plan, const Catalogue& catalogue);

/// The plan with this pack in place of its own, wired anew where it can be.
Edit take_battery(const Source& battery, const Catalogue& catalogue);

}  // namespace sangre
