#pragma once
// The best plan for these loads: every battery worth having with every way of building, tried in full.
#include <functional>

#include "propose/battery_comparison.h"
#include "study.h"

namespace sangre {

enum class Aim { mass, cost, loss };

/// One whole plan, as the proposal makes it.
struct SearchedPlan {
    Battery battery;
    Practices practices;
    Gram mass{};
    double cost = 0;  ///< parts and battery, in the catalogue's typical money
    WattHour lost{};  ///< in a day
    Second run_time{};
    double worst_drop = 0;
    size_t rails = 0;
    bool front = false;  ///< no other is better in mass, cost or loss without being worse in another
    Plan plan;
};

struct SearchResult {
    std::vector<SearchedPlan> plans;  ///< those without a danger that last the day; the front first, by mass
    size_t tried = 0;                 ///< whole plans proposed and studied
    size_t refused = 0;     ///< of those, with a danger, flat before the day is over, or not to be wired
    bool complete = false;  ///< false where it was cancelled
    Why why;
    /// The best for one aim, or null where there is none.
    const SearchedPlan* best(Aim aim) const;
};

/// Tries the plan's own battery and the ones worth having (compare_batteries), each with every way to size
/// wires, set rails and keep noise apart: all of them, so what is best is best among them without a gap.
/// `progress` gets the share done, on any thread, and returns false to stop. Two threads.
SearchResult search_plans(
    const Plan& plan, const Catalogue& catalogue,
    const std::function<bool(double)>& progress = [](double) { return true; });

/// "wires by temperature, rails in the middle, noise apart".
std::string practices_in_words(const Practices& practices);

}  // namespace sangre
