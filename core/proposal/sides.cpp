#include "proposal/sides.h"

#include <algorithm>
#include <numeric>
#include <set>

#include "base/append.h"
#include "base/words/say.h"
#include "wiring/index/index.h"

namespace sangre {
namespace {

/// Which parts feeds join, by the number of one that stands for all.
class Joined {
  public:
    explicit Joined(const Plan& plan) {
        const auto number = [&](const auto& parts) {
            for (const auto& p : parts) numbers_.emplace(p.id, numbers_.size());
        };
        number(plan.sources), number(plan.hubs), number(plan.converters), number(plan.loads);
        stands_.resize(numbers_.size());
        std::iota(stands_.begin(), stands_.end(), size_t{0});
        for (const auto& f : plan.feeds()) {
            const auto a = numbers_.find(f.from), b = numbers_.find(f.to);
            if (a != numbers_.end() && b != numbers_.end()) stands_[root(a->second)] = root(b->second);
        }
    }
    /// Nobody's for what is no part of the plan.
    size_t of(const Id& part) {
        const auto at = numbers_.find(part);
        return at == numbers_.end() ? stands_.size() : root(at->second);
    }

  private:
    size_t root(size_t i) {
        while (stands_[i] != i) i = stands_[i] = stands_[stands_[i]];
        return i;
    }
    std::unordered_map<Id, size_t> numbers_;
    std::vector<size_t> stands_;
};

/// Every id of the plan's parts, feeds and items.
std::set<Id> ids_of(const Plan& plan) {
    std::set<Id> all;
    const auto take = [&](const auto& list) {
        for (const auto& x : list) all.insert(x.id);
    };
    take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.feeds()), take(plan.loads);
    for (const auto& f : plan.feeds()) take(f.devices);
    return all;
}

}  // namespace

void rename_parts(Plan& plan, const std::function<Id(const Id&)>& renamed) {
    const auto part = [&](Id& id) {
        if (!id.empty() && !by_id(plan.loads, id) && !by_id(plan.passives, id)) id = renamed(id);
    };
    for (auto& f : plan.feeds()) {
        part(f.from), part(f.to);
        f.id = renamed(f.id);
        if (!f.shared_with.empty()) f.shared_with = renamed(f.shared_with);
        for (auto& d : f.devices) d.id = renamed(d.id), part(d.coil_from), part(d.control), part(d.sits_on);
    }
    for (auto& s : plan.sources) s.id = renamed(s.id);
    for (auto& h : plan.hubs) h.id = renamed(h.id);
    for (auto& c : plan.converters) c.id = renamed(c.id);
}

std::vector<Plan> sides_of(const Plan& plan) {
    Joined joined(plan);
    std::vector<size_t> roots;
    const auto feeds_something = [&](const Source& s) {
        return std::any_of(plan.feeds().begin(), plan.feeds().end(),
                           [&](const auto& f) { return f.from == s.id || f.to == s.id; });
    };
    for (const auto& s : plan.sources)
        if (const auto root = joined.of(s.id);
            feeds_something(s) && std::find(roots.begin(), roots.end(), root) == roots.end())
            roots.push_back(root);
    if (roots.size() < 2) return {plan};
    // A load that nothing feeds hangs on no source, and so on no side yet.
    const auto side_of = [&](const Id& part) {
        const auto at = std::find(roots.begin(), roots.end(), joined.of(part));
        return at == roots.end() ? size_t{0} : static_cast<size_t>(at - roots.begin());
    };
    std::vector<Plan> sides;
    for (size_t k = 0; k < roots.size(); ++k) {
        auto side = plan;
        const auto elsewhere = [&](const auto& part) { return side_of(part.id) != k; };
        std::erase_if(side.sources, [&](const auto& s) { return joined.of(s.id) != roots[k]; });
        std::erase_if(side.hubs, elsewhere), std::erase_if(side.converters, elsewhere);
        std::erase_if(side.loads, elsewhere);
        side.erase_feeds([&](const auto& f) { return side_of(f.from) != k; });
        if (!side.loads.empty()) sides.push_back(std::move(side));
    }
    return sides;
}

tl::expected<Proposal, Refusals> propose_sides(const Plan& old, const std::vector<Plan>& sides,
                                               const ProposeSide& propose_side) {
    Proposal all{old, {}};
    auto& next = all.plan;
    all.why.title = say("The proposal");
    Refusals refused;
    next.sources.clear(), next.hubs.clear(), next.converters.clear(), next.replace_feeds({});
    for (const auto& side : sides) {
        auto made = propose_side(side);
        if (!made) {
            append(refused, made.error());
            continue;
        }
        // What is new on one side may be called as something on another.
        const auto own = ids_of(side), taken = ids_of(next), of_old = ids_of(old);
        const auto mark = "-" + made->plan.sources.front().id;
        rename_parts(made->plan, [&](const Id& id) {
            return !own.contains(id) && (taken.contains(id) || of_old.contains(id)) ? id + mark : id;
        });
        append(next.sources, made->plan.sources), append(next.hubs, made->plan.hubs);
        append(next.converters, made->plan.converters);
        for (const auto& f : made->plan.feeds()) next.add_feed(f);
        next.phases = made->plan.phases;
        tell_side(all.why, made->plan.sources.front().name, made->why);
    }
    if (!refused.empty()) return tl::unexpected(refused);
    // Those that feed nothing stay, and stay first where they stood first.
    for (const auto& s : old.sources)
        if (!by_id(next.sources, s.id)) next.sources.push_back(s);
    std::stable_sort(next.sources.begin(), next.sources.end(), [&](const auto& a, const auto& b) {
        return find_part(old, a.id).index < find_part(old, b.id).index;
    });
    return all;
}

void tell_side(Why& why, const Words& heading, const Why& side) {
    why.heading(heading);
    for (const auto& line : side.lines)
        why.add(line.text, line.tone == Tone::heading ? Tone::plain : line.tone);
}

}  // namespace sangre
