#include "wiring/joint/fuse_block.h"

#include <algorithm>

#include "plan/edits.h"
#include "plan/source.h"

namespace sangre {
namespace {

/// The fuse of the nearest lead before a hub, whatever lies between.
Ampere fuse_before(const Plan& plan, const Id& hub) {
    Id at = hub;
    for (size_t n = 0; n < plan.feeds().size(); ++n) {
        const auto into = feeds_into(plan, at);
        if (into.empty()) break;
        const auto& lead = plan.feeds()[into.front()];
        if (const auto* fuse = device(lead, DeviceKind::fuse)) return fuse->rating;
        at = lead.from;
    }
    return {};
}

/// The highest volts there: what the nearest module before it is set to, else the sources'. Nothing where
/// neither is known.
std::optional<Volt> volts_at(const Plan& plan, const Catalogue& catalogue, const Id& hub) {
    constexpr double tolerance = 1.05;  // of a module; typical
    Id at = hub;
    for (size_t n = 0; n < plan.feeds().size(); ++n) {
        const auto into = feeds_into(plan, at);
        if (into.empty()) break;
        at = plan.feeds()[into.front()].from;
        if (const auto* module = by_id(plan.converters, at)) return module->set * tolerance;
    }
    if (const auto range = sources_range(plan, catalogue)) return range->high;
    return {};
}

/// A fuse of that family and rating, or of one of the block's own families that is sold in it.
bool takes_rating(const Catalogue& catalogue, const HolderType& block, const Device& fuse) {
    if (fuse.rating > block.each) return false;
    return std::any_of(block.takes.begin(), block.takes.end(), [&](const auto& id) {
        const auto* family = find(catalogue.fuses, id);
        return family && std::find(family->ratings.begin(), family->ratings.end(), fuse.rating) !=
                             family->ratings.end();
    });
}

bool takes_family(const HolderType& block, const Device& fuse) {
    return std::find(block.takes.begin(), block.takes.end(), fuse.type) != block.takes.end();
}

/// As `suiting_block`, with room for families other than those fitted where `any_family` says so.
const HolderType* find_block(const Plan& plan, const Catalogue& catalogue, const Id& hub, bool any_family) {
    const auto leaving = feeds_from(plan, hub);
    const auto volts = volts_at(plan, catalogue, hub);
    const auto before = fuse_before(plan, hub);
    const HolderType* best = nullptr;
    for (const auto& block : catalogue.holders) {
        if (block.ways < static_cast<int>(leaving.size()) || block.ways == 0 || before > block.all) continue;
        if (volts && *volts > block.voltage) continue;
        const bool all = std::all_of(leaving.begin(), leaving.end(), [&](size_t f) {
            const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
            return fuse && takes_rating(catalogue, block, *fuse) &&
                   (any_family || takes_family(block, *fuse));
        });
        if (all && (!best || block.cost < best->cost)) best = &block;
    }
    return best;
}

}  // namespace

const HolderType* block_of(const Catalogue& catalogue, const Hub& hub) {
    const auto* block = hub.kind == HubKind::block ? find(catalogue.holders, hub.block) : nullptr;
    return block && block->ways > 0 ? block : nullptr;
}

const HolderType* suiting_block(const Plan& plan, const Catalogue& catalogue, const Id& hub) {
    if (const auto* same = find_block(plan, catalogue, hub, false)) return same;
    return find_block(plan, catalogue, hub, true);
}

Plan seat_in_blocks(Plan plan, const Catalogue& catalogue) {
    for (auto& hub : plan.hubs) {
        if (hub.kind != HubKind::block) {
            hub.block.clear();
            continue;
        }
        const auto* now = block_of(catalogue, hub);
        if (now && now->ways >= static_cast<int>(feeds_from(plan, hub.id).size())) continue;
        if (const auto* block = suiting_block(plan, catalogue, hub.id)) hub.block = block->id;
    }
    for (auto& lead : plan.feeds()) {
        const auto* hub = by_id(plan.hubs, lead.from);
        const auto* block = hub ? block_of(catalogue, *hub) : nullptr;
        bool first = true;
        for (auto& d : lead.devices) {
            if (d.kind != DeviceKind::fuse) continue;
            const auto* holder = find(catalogue.holders, d.holder);
            const bool seated = holder && holder->ways > 0;
            if (block && first) {
                if (d.holder != block->id) d.joint_in.clear(), d.joint_out.clear(), d.own_lead.reset();
                d.holder = block->id;
                // Another family of the same rating where its own does not go in.
                for (const auto& id : block->takes)
                    if (const auto* family = find(catalogue.fuses, id);
                        family && !takes_family(*block, d) &&
                        std::find(family->ratings.begin(), family->ratings.end(), d.rating) !=
                            family->ratings.end())
                        d.type = id;
            } else if (seated)
                d.holder.clear();
            first = false;
        }
    }
    return plan;
}

}  // namespace sangre
