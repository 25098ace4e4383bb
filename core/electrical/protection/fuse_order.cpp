#include "electrical/protection/fuse_order.h"

#include <algorithm>
#include <numeric>

namespace sangre {
namespace {

/// The module nearest upstream of a feed, its own source included; −1 where it hangs on a pack.
int module_before(const Plan& plan, const PlanIndex& index, size_t feed) {
    if (index.source_of(feed).kind == PartKind::converter)
        return static_cast<int>(index.source_of(feed).index);
    for (const auto f : index.upstream(plan.feeds()[feed].from))
        if (index.source_of(f).kind == PartKind::converter) return static_cast<int>(index.source_of(f).index);
    return -1;
}

}  // namespace

bool fitted_last(const Catalogue& catalogue, const Device& fuse) {
    const auto* family = find(catalogue.fuses, fuse.type);
    return !family || has_holder(*family);
}

const Device* fitted_fuse(const Catalogue& catalogue, const Lead& feed) {
    for (const auto& d : feed.devices)
        if (d.kind == DeviceKind::fuse && fitted_last(catalogue, d)) return &d;
    return nullptr;
}

std::vector<FuseFitting> fuse_order(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue) {
    std::vector<bool> to_module(plan.feeds().size());
    for (const auto& c : plan.converters)
        for (const auto f : index.upstream(c.id)) to_module[f] = true;
    std::vector<FuseFitting> all;
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        if (!fitted_fuse(catalogue, plan.feeds()[f])) continue;
        FuseFitting fit{f, FuseTurn::direct, 0};
        const int module = module_before(plan, index, f);
        if (index.source_of(f).kind == PartKind::source)
            fit.turn = FuseTurn::pack;
        else if (module >= 0)
            fit.turn = FuseTurn::rail, fit.converter = static_cast<size_t>(module);
        else if (to_module[f])
            fit.turn = FuseTurn::modules;
        all.push_back(fit);
    }
    return all;
}

std::vector<size_t> modules_in_order(const Plan& plan, const PlanIndex& index) {
    std::vector<size_t> order(plan.converters.size()), depth(plan.converters.size());
    std::iota(order.begin(), order.end(), size_t{0});
    for (const auto c : order)
        for (const auto f : index.upstream(plan.converters[c].id))
            depth[c] += index.source_of(f).kind == PartKind::converter;
    std::stable_sort(order.begin(), order.end(), [&](size_t a, size_t b) { return depth[a] < depth[b]; });
    return order;
}

}  // namespace sangre
