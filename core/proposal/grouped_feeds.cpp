#include "proposal/grouped_feeds.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <tuple>

namespace sangre {
namespace {

Lead kept_or(const Plan& old, Lead fresh) {
    for (const auto& before : old.feeds())
        if (before.id == fresh.id) {
            auto kept = before;
            kept.from = fresh.from, kept.to = fresh.to;
            return kept;
        }
    return fresh;
}

}  // namespace

void group_feeds(Plan& plan, const Plan& old) {
    std::map<std::tuple<Id, Id, bool>, std::vector<size_t>> together;
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto* load = by_id(plan.loads, plan.feeds()[f].to);
        if (!load || load->place.empty() || load->place == place_of(plan, plan.feeds()[f].from)) continue;
        together[{plan.feeds()[f].from, load->place, load->noisy}].push_back(f);
    }
    for (const auto& [key, feeds] : together) {
        if (feeds.size() < 2) continue;
        const auto& [source, place, noisy] = key;
        const Id id = fmt::format("block-{}-{}{}", source, place, noisy ? "-noisy" : "");
        const auto* before = by_id(old.hubs, id);
        plan.hubs.push_back(before ? *before
                                   : Hub{id,
                                         as_name(noisy ? say("{place} power block", name_of(plan, place))
                                                       : say("{place} block", name_of(plan, place))),
                                         place,
                                         {}});
        Lead trunk = plan.feeds()[feeds.front()];
        trunk.id = "feed-" + id, trunk.to = id;
        trunk.joint_to.clear();
        std::erase_if(trunk.devices, [](const auto& d) { return d.kind != DeviceKind::fuse; });
        for (auto& d : trunk.devices) d.id = trunk.id + "-fuse";
        for (const auto f : feeds) {
            auto& feed = plan.feeds()[f];
            feed.from = id;
            const auto* earlier = by_id(old.feeds(), feed.id);
            if (earlier && earlier->from == id) continue;
            feed.length.reset();  // measured for the whole way, which it no longer goes
            feed.joint_from.clear();
        }
        plan.add_feed(kept_or(old, std::move(trunk)));
    }
}

}  // namespace sangre
