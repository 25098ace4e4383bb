#pragma once
// The packs of a plan whose chemistry is known, for the rules about packs.
#include "rules/review/review.h"

namespace sangre {

/// Calls check(battery, chemistry) for each, or check(battery, chemistry, what it comes to at the worst).
template <class Check>
void each_pack(const Context& c, Check check) {
    for (size_t i = 0; i < c.plan.sources.size(); ++i) {
        const auto& b = c.plan.sources[i];
        const auto* chemistry = find(c.catalogue.chemistries, b.chemistry);
        if (!chemistry) continue;
        if constexpr (std::is_invocable_v<Check, const Source&, const Chemistry&>)
            check(b, *chemistry);
        else
            check(b, *chemistry, c.figures.worst.packs[i]);
    }
}

}  // namespace sangre
