#pragma once
// A plan bettered step by step: its rail tree, its modules and its wires one at a time, as long as it helps.
#include <functional>

#include "comparison/search.h"

namespace sangre {

/// A step to another plan, in words and as it is made; nothing where it cannot be done.
struct PlanStep {
    Words what;  ///< "12 V rail fed from 24 V rail"
    std::function<std::optional<Plan>()> make;
};

/// Every step from a plan: two rails merged, a rail fed from another one or from the hub, another module
/// that makes the rail's voltage, a wire one size thinner or thicker. Whether it is any good is not asked.
/// Plan and catalogue must outlive the steps.
std::vector<PlanStep> steps_away(const Plan& plan, const Catalogue& catalogue);

/// Takes step after step that betters the aim, adds no danger and no caution and still lasts the day, until
/// none of all steps does. `carry_on` is asked before each plan is studied; false stops with the best so far.
/// `studied` counts the plans studied.
SearchedPlan improve_plan(SearchedPlan start, const Catalogue& catalogue, Aim aim, size_t& studied,
                          const std::function<bool()>& carry_on);

/// What no plan can be better than: the lightest or cheapest pack of the comparison that serves; nothing is
/// lost at best. Nothing where no pack serves.
std::optional<double> bound_of(const BatteryComparison& batteries, Aim aim);

}  // namespace sangre
