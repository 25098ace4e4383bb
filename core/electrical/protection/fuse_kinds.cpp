#include "electrical/protection/fuse_kinds.h"

#include <algorithm>

#include "physics/wire/rules_of_thumb.h"
#include "plan/source.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

constexpr double pocket_watts = 5, hand_watts = 40;  // at the peak; typical
constexpr Volt glass_volts{32};

double peak_watts(const Plan& plan) {
    double watts = 0;
    for (const auto& l : plan.loads) watts += raw(l.nominal) * raw(draw(l, LoadState::peak));
    return watts;
}

}  // namespace

Ampere usual_carry(const WireType& wire, int conductors) {
    return bold_current(wire.area) * std::max(conductors, 1);
}

FuseHabit fuse_habit(const Plan& plan, const Catalogue& catalogue) {
    const auto range = sources_range(plan, catalogue);
    return {Watt(peak_watts(plan)), !range || range->high <= glass_volts};
}

std::vector<Id> usual_fuses(const Plan& plan, const Catalogue& catalogue, const PlanIndex& index, size_t feed,
                            const FuseHabit& habit) {
    if (const auto* fuse = device(plan.feeds()[feed], DeviceKind::fuse); fuse && in_block(catalogue, *fuse))
        return holder_of(catalogue, *fuse)->takes;
    const auto from = index.source_of(feed);
    const bool main = from.kind == PartKind::source;
    if (main && plan.sources[from.index].kind == SourceKind::circuit) {
        const auto& slot = plan.sources[from.index].fuse_type;
        return {slot.empty() ? Id("standard-blade") : slot, "mini-blade", "micro-blade"};
    }
    const auto [peak, low] = habit;
    const double watts = raw(peak);
    if (watts <= pocket_watts && plan.shaking != Shaking::hard)
        return {"axial-solder-in", "glass-5x20-time-lag", "mini-blade"};
    if (watts <= hand_watts && low) {
        if (main) return {"mini-blade", "standard-blade", "cylinder-10x38-dc"};
        return {"glass-5x20-time-lag", "mini-blade", "standard-blade"};
    }
    if (!main)
        return {"standard-blade", "standard-blade-58", "cylinder-10x38-dc", "large-blade",
                "bolt-down-30",   "bolt-down-51",      "bolt-down-high"};
    // Above 32 V the cylinder comes before links that begin at 30 A.
    if (!low)
        return {"standard-blade-58", "cylinder-10x38-dc", "bolt-down-30", "bolt-down-51", "bolt-down-high"};
    return {"standard-blade", "standard-blade-58", "large-blade",   "bolt-down-30",
            "bolt-down-51",   "cylinder-10x38-dc", "bolt-down-high"};
}

}  // namespace sangre
