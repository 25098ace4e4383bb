#pragma once
// The best plan for these loads: every battery worth having with every way of building, tried in full; then
// the best of them bettered step by step.
#include <functional>

#include "proposal/battery_comparison.h"
#include "rules/study.h"

namespace sangre {

enum class Aim { mass, cost, loss };

/// One whole plan, as the proposal makes it.
struct SearchedPlan {
    Source battery;
    Practices practices;
    Gram mass{};
    double cost = 0;  ///< parts and battery, in the catalogue's typical money
    WattHour lost{};  ///< in a day
    Second run_time{};
    double worst_drop = 0;
    size_t rails = 0;
    double battery_cost = 0;   ///< of that
    std::vector<Words> steps;  ///< from the proposal to this one, where it was bettered further
    bool front = false;        ///< no other is better in mass, cost or loss without being worse in another
    Plan plan;
};

struct SearchResult {
    std::vector<SearchedPlan> plans;  ///< those without a danger that last the day; the front first, by mass
    size_t tried = 0;                 ///< whole plans proposed and studied
    size_t refused = 0;     ///< of those, with a danger, flat before the day is over, or not to be wired
    size_t stepped = 0;     ///< more plans studied on the way from the best to better ones
    bool complete = false;  ///< false where it was cancelled
    Why why;
    /// The best for one aim, or null where there is none.
    const SearchedPlan* best(Aim aim) const;
};

/// What is to be least: g, money or Wh a day.
double aim_of(const SearchedPlan& plan, Aim aim);

/// A plan with the figures of its study.
SearchedPlan searched_plan(Plan plan, const Study& study, double battery_cost);

/// Tries the plan's own battery and the ones worth having (compare_batteries), each with every way to size
/// wires, set rails, keep noise apart and group feeds: all of them, so what is best is best among them
/// without a gap. Then the best for each aim is bettered in its rail tree, its modules and single wires until
/// no step helps (improve_plan); how far from any plan that may still be, `why` says by the lightest and the
/// cheapest pack that serves. `progress` gets the share done, on any thread, and returns false to stop. Two
/// threads.
SearchResult search_plans(
    const Plan& plan, const Catalogue& catalogue,
    const std::function<bool(double)>& progress = [](double) { return true; });

/// "wires by temperature, rails in the middle, noise apart".
Words practices_in_words(const Practices& practices);

}  // namespace sangre
