#pragma once
// How much of its volts a lead may lose.
#include <algorithm>

#include "wiring/index/index.h"

namespace sangre {

/// Share of the volts: the plan's limit; twice that where every load behind the lead hangs on a module, which
/// makes good what is lost before it: that costs run time alone, and copper there is carried for nothing.
/// Source: practice.
inline double drop_limit(const Plan& plan, const PlanIndex& index, size_t feed) {
    constexpr double before_a_module = 2;
    const auto behind = index.loads_behind(feed);
    const bool remade = std::all_of(behind.begin(), behind.end(), [&](size_t l) {
        for (const auto up : index.upstream(plan.loads[l].id)) {
            if (up == feed) return false;
            if (index.source_of(up).kind == PartKind::converter) return true;
        }
        return false;
    });
    return plan.practices.drop_limit * (remade && !behind.empty() ? before_a_module : 1);
}

}  // namespace sangre
