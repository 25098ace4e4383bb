#pragma once
// Who hangs on whom in a plan, looked up instead of searched for: built once, read many times.
#include <unordered_map>

#include "plan/plan.h"

namespace sangre {

/// Answers for the plan it was built from, and for any other with the same parts and feeds in the same order.
class PlanIndex {
  public:
    explicit PlanIndex(const Plan& plan);

    PartRef part(const Id& id) const;
    /// Feeds that end at, or start from, this part, in plan order.
    const std::vector<size_t>& into(const Id& part) const;
    const std::vector<size_t>& from(const Id& part) const;
    /// The part a feed ends at, or starts from.
    PartRef end_of(size_t feed) const { return ref(to_[feed]); }
    PartRef source_of(size_t feed) const { return ref(from_[feed]); }
    /// Feeds from a source to this part, nearest first; stops at a loop.
    std::vector<size_t> upstream(const Id& part) const;
    /// Loads behind a feed, by index, rising.
    const std::vector<size_t>& loads_behind(size_t feed) const { return behind_[feed]; }
    /// Feeds with a switch, in plan order.
    const std::vector<size_t>& switched() const { return switched_; }
    /// True where no part is fed twice, so that every part has one way to a source.
    bool is_tree() const { return tree_; }
    /// As name_of and feed_name, of the plan this was built from.
    const std::string& name(const Id& id) const;
    std::string feed_name(const Lead& feed) const { return name(feed.from) + " → " + name(feed.to); }

  private:
    struct Node {
        PartRef ref;
        std::string name;
        std::vector<size_t> into, from;
    };
    static constexpr size_t nobody = static_cast<size_t>(-1);
    size_t number(const Id& id) const;
    PartRef ref(size_t node) const { return node == nobody ? PartRef{} : nodes_[node].ref; }
    std::unordered_map<Id, size_t> numbers_;
    std::vector<Node> nodes_;
    bool tree_ = true;
    std::vector<size_t> to_, from_, switched_;
    std::vector<std::vector<size_t>> behind_;
};

}  // namespace sangre
