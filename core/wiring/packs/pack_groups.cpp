#include "wiring/packs/pack_groups.h"

#include <algorithm>
#include <map>
#include <numeric>

namespace sangre {
namespace {

/// Batteries and hubs as one numbering; modules and loads part what they stand between.
struct Joined {
    size_t batteries;
    std::vector<size_t> parent;

    explicit Joined(const Plan& plan) : batteries(plan.sources.size()), parent(batteries + plan.hubs.size()) {
        std::iota(parent.begin(), parent.end(), size_t{0});
    }
    std::optional<size_t> number(PartRef ref) const {
        if (ref.kind == PartKind::source) return ref.index;
        if (ref.kind == PartKind::hub) return batteries + ref.index;
        return {};
    }
    size_t root(size_t n) const {
        while (parent[n] != n) n = parent[n];
        return n;
    }
    void join(size_t a, size_t b) { parent[root(a)] = root(b); }
};

}  // namespace

std::vector<PackGroup> pack_groups(const Plan& plan, const PlanIndex& index) {
    Joined joined(plan);
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto from = joined.number(index.source_of(f)), to = joined.number(index.end_of(f));
        if (from && to) joined.join(*from, *to);
    }
    std::vector<PackGroup> groups;
    std::map<size_t, size_t> by_root;
    for (size_t b = 0; b < plan.sources.size(); ++b) {
        const auto [slot, fresh] = by_root.emplace(joined.root(b), groups.size());
        if (fresh) groups.emplace_back();
        groups[slot->second].sources.push_back(b);
    }
    if (groups.empty()) return groups;
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        size_t group = 0;
        // Up to the first hub or pack that stands in a group with a pack in it, past modules.
        for (const auto f : index.upstream(plan.loads[l].id))
            if (const auto n = joined.number(index.source_of(f)))
                if (const auto found = by_root.find(joined.root(*n)); found != by_root.end()) {
                    group = found->second;
                    break;
                }
        groups[group].loads.push_back(l);
    }
    return groups;
}

}  // namespace sangre
