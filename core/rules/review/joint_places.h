#pragma once
// The joints at both ends of every lead, as rules go through them and speak of them.
#include <fmt/format.h>

#include "base/words/say.h"
#include "plan/edits.h"
#include "rules/review/review.h"

namespace sangre {

/// Calls check(lead index, at the source, kind or null) for both ends of every lead.
template <class Check>
void each_joint(const Context& c, Check check) {
    for (size_t f = 0; f < c.plan.leads.size(); ++f)
        for (const bool source : {true, false}) {
            const auto& feed = c.plan.leads[f];
            check(f, source, find(c.catalogue.joints, source ? feed.joint_from : feed.joint_to));
        }
}

/// "Hub → Pump, at Hub".
inline Words joint_place(const Context& c, size_t f, bool source) {
    const auto& feed = c.plan.leads[f];
    return say("{lead}, at {part}", lead_name(c.plan, feed), c.index().name(source ? feed.from : feed.to));
}

/// Makes the joint there of another kind.
inline Edit joint_set(const Id& feed, bool source, const Id& kind) {
    return [feed, source, kind](const Plan& p) { return set_joint(p, feed, source, kind); };
}

}  // namespace sangre
