#include "proposal/taps.h"

#include <algorithm>

#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "plan/edits.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/fuse_block.h"

namespace sangre {

Plan with_taps(Plan plan, const Catalogue& catalogue, Why& why) {
    for (const auto& source : std::vector<Source>(plan.sources)) {
        if (source.kind != SourceKind::circuit || raw(source.fuse) <= 0) continue;
        for (const auto f : feeds_from(plan, source.id)) {
            const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
            const auto* family = fuse ? find(catalogue.fuses, fuse->type) : nullptr;
            const auto* tap =
                family ? suiting_tap(catalogue, *family, fuse->rating, plan.hottest_air) : nullptr;
            if (!tap || fuse->holder == tap->id) continue;
            plan = set_holder(std::move(plan), catalogue, fuse->id, tap->id);
            why.add(say("Into the slot of {source}'s fuse: {tap}.", source.name, tap->name));
        }
    }
    return plan;
}

bool wants_fork(const Plan& plan, const Id& hub) {
    constexpr size_t most_ends = 4;
    const auto into = feeds_into(plan, hub), from = feeds_from(plan, hub);
    const auto* brick = into.size() == 1 ? by_id(plan.sources, plan.feeds()[into.front()].from) : nullptr;
    return brick && brick->kind == SourceKind::supply && raw(brick->rated) > 0 &&
           brick->rated <= fork_carries && from.size() >= 2 && from.size() <= most_ends &&
           std::all_of(from.begin(), from.end(), [&](size_t f) {
               return by_id(plan.loads, plan.feeds()[f].to) &&
                      !device(plan.feeds()[f], DeviceKind::power_switch);
           });
}

}  // namespace sangre
