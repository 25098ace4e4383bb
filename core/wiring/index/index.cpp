#include "wiring/index/index.h"

#include <algorithm>

namespace sangre {

PlanIndex::PlanIndex(const Plan& plan) {
    const auto add = [&](const auto& list, PartKind kind) {
        for (size_t i = 0; i < list.size(); ++i)
            if (numbers_.emplace(list[i].id, nodes_.size()).second)
                nodes_.push_back({{kind, i}, list[i].name, {}, {}});
    };
    // Where ids clash the order is find_part's.
    add(plan.loads, PartKind::load), add(plan.converters, PartKind::converter);
    add(plan.hubs, PartKind::hub), add(plan.sources, PartKind::source);
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        from_.push_back(number(feed.from)), to_.push_back(number(feed.to));
        if (from_.back() != nobody) nodes_[from_.back()].from.push_back(f);
        if (to_.back() != nobody) {
            tree_ = tree_ && nodes_[to_.back()].into.empty();
            nodes_[to_.back()].into.push_back(f);
        }
        if (device(feed, DeviceKind::power_switch)) switched_.push_back(f);
    }
    std::vector<size_t> seen(nodes_.size(), nobody);
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        auto& loads = behind_.emplace_back();
        std::vector<size_t> todo{to_[f]};
        while (!todo.empty()) {
            const auto n = todo.back();
            todo.pop_back();
            if (n == nobody || seen[n] == f) continue;
            seen[n] = f;
            if (nodes_[n].ref.kind == PartKind::load) loads.push_back(nodes_[n].ref.index);
            for (const auto next : nodes_[n].from) todo.push_back(to_[next]);
        }
        std::sort(loads.begin(), loads.end());
    }
}

size_t PlanIndex::number(const Id& id) const {
    const auto found = numbers_.find(id);
    return found == numbers_.end() ? nobody : found->second;
}

PartRef PlanIndex::part(const Id& id) const { return ref(number(id)); }

namespace {
const std::vector<size_t> none;
}

const std::vector<size_t>& PlanIndex::into(const Id& part) const {
    const auto n = number(part);
    return n == nobody ? none : nodes_[n].into;
}

const std::vector<size_t>& PlanIndex::from(const Id& part) const {
    const auto n = number(part);
    return n == nobody ? none : nodes_[n].from;
}

std::vector<size_t> PlanIndex::upstream(const Id& part) const {
    std::vector<size_t> chain;
    for (auto n = number(part); n != nobody && !nodes_[n].into.empty();) {
        const auto feed = nodes_[n].into.front();
        if (std::find(chain.begin(), chain.end(), feed) != chain.end()) break;
        chain.push_back(feed);
        n = from_[feed];
    }
    return chain;
}

const std::string& PlanIndex::name(const Id& id) const {
    const auto n = number(id);
    return n == nobody ? id : nodes_[n].name;
}

}  // namespace sangre
