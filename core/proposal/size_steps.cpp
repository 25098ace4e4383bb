#include "proposal/size_steps.h"

#include <algorithm>
#include <cmath>

namespace sangre {
namespace {

constexpr double stride_m = 0.05;

size_t moved(size_t at, int steps, size_t count) {
    const auto to = static_cast<long long>(at) + steps;
    return static_cast<size_t>(std::clamp<long long>(to, 0, static_cast<long long>(count) - 1));
}

}  // namespace

Plan step_fuse(Plan plan, const Catalogue& catalogue, const Id& feed, int steps) {
    auto* f = by_id(plan.feeds(), feed);
    if (!f) return plan;
    for (auto& d : f->devices) {
        const auto* family = d.kind == DeviceKind::fuse ? find(catalogue.fuses, d.type) : nullptr;
        if (!family || family->ratings.empty()) continue;
        const auto& r = family->ratings;
        const auto at = std::min_element(r.begin(), r.end(), [&](Ampere a, Ampere b) {
            return std::abs(raw(a - d.rating)) < std::abs(raw(b - d.rating));
        });
        d.rating = r[moved(static_cast<size_t>(at - r.begin()), steps, r.size())];
        break;
    }
    return plan;
}

Plan step_wire(Plan plan, const Catalogue& catalogue, const Id& feed, int steps) {
    auto* f = by_id(plan.feeds(), feed);
    const auto* now = f ? find(catalogue.wires, f->wire) : nullptr;
    if (!now) return plan;
    std::vector<const WireType*> sizes;
    for (const auto& w : catalogue.wires)
        if (w.insulation == now->insulation && w.metric == now->metric && (w.usual || &w == now))
            sizes.push_back(&w);
    std::stable_sort(sizes.begin(), sizes.end(),
                     [](const auto* a, const auto* b) { return a->area < b->area; });
    const auto at = std::find(sizes.begin(), sizes.end(), now);
    f->wire = sizes[moved(static_cast<size_t>(at - sizes.begin()), steps, sizes.size())]->id;
    return plan;
}

Plan step_length(Plan plan, const Id& feed, Metre now, int steps) {
    const double to = std::max(stride_m, raw(now) + steps * stride_m);
    return set_length(std::move(plan), feed, Metre(std::round(to / stride_m) * stride_m));
}

}  // namespace sangre
