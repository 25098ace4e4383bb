#include "propose/source_edits.h"

#include "plan/edits.h"
#include "propose/sizing.h"

namespace sangre {

Plan add_source(Plan plan, const Catalogue& catalogue, Source source) {
    source.id = fresh_id(plan, source_word(source.kind), source.name);
    if (source.place.empty() && !plan.sources.empty()) source.place = plan.sources.front().place;
    const bool joins = !is_endless(source) && !plan.hubs.empty();
    const bool panel = source.kind == SourceKind::panel;
    const Id id = source.id, name = source.name;
    plan.sources.push_back(std::move(source));
    if (!joins) return plan;
    Lead feed;
    feed.id = fresh_id(plan, "feed", name);
    feed.from = id, feed.to = plan.hubs.front().id;
    // What hurts a panel's lead is the pack behind it: its fuse stands at that end.
    if (panel) std::swap(feed.from, feed.to);
    feed.devices.push_back(
        {feed.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}, {}, false});
    plan.feeds.push_back(std::move(feed));
    return size_feeds(std::move(plan), catalogue);
}

}  // namespace sangre
