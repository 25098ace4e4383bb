#include "wiring/conductors/single_points.h"
#include "base/words/say.h"

#include <fmt/format.h>

#include <algorithm>
#include <unordered_set>

namespace sangre {
namespace {

/// Feeds that lie on some way from a source to the part, nearest first.
std::vector<size_t> ways_to(const PlanIndex& index, const Plan& plan, const Id& part) {
    std::vector<size_t> found;
    std::unordered_set<size_t> seen;
    std::vector<Id> next{part};
    for (size_t i = 0; i < next.size(); ++i)
        for (const auto f : index.into(Id(next[i])))
            if (seen.insert(f).second) found.push_back(f), next.push_back(plan.feeds()[f].from);
    return found;
}

/// True where some source still reaches the part over these feeds with one feed or part taken out.
bool reached(const Plan& plan, const PlanIndex& index, const std::vector<size_t>& ways, const Id& part,
             std::optional<size_t> without_feed, const Id& without_part) {
    std::unordered_set<Id> live;
    for (const auto& s : plan.sources)
        if (s.kind != SourceKind::panel && s.id != without_part) live.insert(s.id);
    for (bool grew = true; grew;) {
        grew = false;
        for (const auto f : ways) {
            const auto& feed = plan.feeds()[f];
            if (f == without_feed || feed.to == without_part || !live.contains(feed.from)) continue;
            grew = live.insert(feed.to).second || grew;
        }
    }
    return index.part(part).kind != PartKind::none && live.contains(part);
}

std::optional<SinglePointKind> kind_of(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::fuse:
            return SinglePointKind::fuse;
        case DeviceKind::power_switch:
            return SinglePointKind::power_switch;
        case DeviceKind::connector:
            return SinglePointKind::plug;
        default:
            return {};
    }
}

Words item_words(const PlanIndex& index, const Lead& feed, const Device& d) {
    if (d.kind == DeviceKind::power_switch && !d.name.empty()) return say("{name} switch", d.name);
    return say("{item} of {lead}",
               d.kind == DeviceKind::fuse        ? say("fuse")
               : d.kind == DeviceKind::connector ? say("plug")
                                                 : say("switch"),
               index.feed_name(feed));
}

}  // namespace

std::vector<SinglePoint> single_points(const Plan& plan, const PlanIndex& index, size_t load) {
    std::vector<SinglePoint> points;
    const auto& id = plan.loads[load].id;
    const auto ways = ways_to(index, plan, id);
    if (!reached(plan, index, ways, id, {}, {})) return points;
    std::unordered_set<Id> told{id};
    for (const auto f : ways) {
        const auto& feed = plan.feeds()[f];
        if (!reached(plan, index, ways, id, f, {}))
            for (auto d = feed.devices.rbegin(); d != feed.devices.rend(); ++d)
                if (const auto kind = kind_of(d->kind))
                    points.push_back({*kind, d->id, item_words(index, feed, *d)});
        if (!told.insert(feed.from).second || reached(plan, index, ways, id, {}, feed.from)) continue;
        switch (index.part(feed.from).kind) {
            case PartKind::source:
                points.push_back({SinglePointKind::source, feed.from, index.name(feed.from)});
                break;
            case PartKind::converter:
                points.push_back({SinglePointKind::module, feed.from, index.name(feed.from)});
                break;
            case PartKind::hub:
                points.push_back({SinglePointKind::hub, feed.from, index.name(feed.from)});
                break;
            default:
                break;
        }
    }
    return points;
}

}  // namespace sangre
