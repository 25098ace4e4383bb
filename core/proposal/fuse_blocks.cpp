#include "proposal/fuse_blocks.h"

#include <algorithm>

#include "base/words/say.h"
#include "plan/edits.h"
#include "proposal/sizing.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/fuse_block.h"

namespace sangre {
namespace {

constexpr size_t enough_for_a_block = 5;  // fused leads; fewer have holders in them

/// The leads of a hub that could begin in a block's way: fused, and by a rating that some block takes.
std::vector<size_t> small_leads(const Plan& plan, const Catalogue& catalogue, const Id& hub) {
    Ampere most(0);
    for (const auto& h : catalogue.holders)
        if (h.ways > 0) most = std::max(most, h.each);
    std::vector<size_t> small;
    for (const auto f : feeds_from(plan, hub)) {
        const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
        if (fuse && fuse->rating <= most && plan.feeds()[f].cores.empty()) small.push_back(f);
    }
    return small;
}

/// The plan with those leads behind a block of their own. Its lead from a hub has a fuse; one from a module
/// has none, since the module gives no more than it is made for.
Plan with_block_behind(Plan plan, const Plan& old, const Id& from, const Id& place, bool fused,
                       const std::vector<size_t>& leads) {
    const Id id = "fuses-" + from;
    const auto* before = by_id(old.hubs, id);
    plan.hubs.push_back(
        before ? *before
               : Hub{id,
                     as_name(fused ? say("Fuse block") : say("Fuse block of {part}", name_of(plan, from))),
                     place,
                     {}});
    Lead trunk = plan.feeds()[leads.front()];
    trunk.id = "feed-" + id, trunk.from = from, trunk.to = id;
    trunk.joint_to.clear(), trunk.length.reset(), trunk.supply_colour = "red";
    std::erase_if(trunk.devices, [&](const auto& d) { return !fused || d.kind != DeviceKind::fuse; });
    if (!fused) trunk.joint_from.clear();
    for (auto& d : trunk.devices) d.id = trunk.id + "-fuse";
    for (const auto& was : old.feeds())
        if (was.id == trunk.id) trunk = was;
    for (const auto f : leads) plan.feeds()[f].from = id, plan.feeds()[f].joint_from.clear();
    plan.add_feed(std::move(trunk));
    return plan;
}

/// Makes that hub a block, sizes anew, and takes it over where a block suits what came of it.
bool keep_block(Plan& plan, Plan made, const Catalogue& catalogue, const Id& hub, size_t leads, Why& why) {
    by_id(made.hubs, hub)->kind = HubKind::stud;  // so that its joints are chosen anew
    made = set_hub_kind(std::move(made), catalogue, hub, HubKind::block);
    if (!block_of(catalogue, *by_id(made.hubs, hub))) return false;  // none has so many ways
    made = seat_in_blocks(size_feeds(std::move(made), catalogue), catalogue);
    const auto* block = block_of(catalogue, *by_id(made.hubs, hub));
    if (!block || !suiting_block(made, catalogue, hub)) return false;
    why.add(say("{leads} fused leads begin in a {block}, not in a holder each.", leads, block->name));
    plan = std::move(made);
    return true;
}

}  // namespace

Plan on_fuse_blocks(Plan plan, const Plan& old, const Catalogue& catalogue, Why& why) {
    if (plan.flies) return plan;
    bool any = false;
    for (const auto& hub : std::vector<Hub>(plan.hubs)) {
        const auto* before = by_id(old.hubs, hub.id);
        if (before && before->kind != HubKind::block && !by_id(old.hubs, "fuses-" + hub.id)) continue;
        const auto small = small_leads(plan, catalogue, hub.id);
        if (small.size() < enough_for_a_block) continue;
        const auto all = feeds_from(plan, hub.id).size();
        auto made = plan;
        Id where = hub.id;
        if (all == small.size() && suiting_block(plan, catalogue, hub.id) &&
            (!before || before->kind == HubKind::block)) {
            if (!before) by_id(made.hubs, hub.id)->name = as_name(say("Fuse block"));
        } else {
            made = with_block_behind(std::move(made), old, hub.id, hub.place, true, small),
            where = "fuses-" + hub.id;
        }
        any = keep_block(plan, std::move(made), catalogue, where, small.size(), why) || any;
    }
    for (const auto& module : std::vector<Converter>(plan.converters)) {
        // Leads that a module had before in holders stay so.
        if (by_id(old.converters, module.id) && !by_id(old.hubs, "fuses-" + module.id)) continue;
        const auto small = small_leads(plan, catalogue, module.id);
        if (small.size() < enough_for_a_block || small.size() != feeds_from(plan, module.id).size()) continue;
        auto made = with_block_behind(plan, old, module.id, module.place, false, small);
        any = keep_block(plan, std::move(made), catalogue, "fuses-" + module.id, small.size(), why) || any;
    }
    return any ? seat_in_blocks(std::move(plan), catalogue) : plan;
}

}  // namespace sangre
