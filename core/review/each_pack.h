#pragma once
// The packs of a plan whose chemistry is known, for the rules about packs.
#include "review/review.h"

namespace sangre {

/// Calls check(battery, chemistry) for each.
template <class Check>
void each_pack(const Context& c, Check check) {
    for (const auto& b : c.plan.batteries)
        if (const auto* chemistry = find(c.catalogue.chemistries, b.chemistry)) check(b, *chemistry);
}

}  // namespace sangre
