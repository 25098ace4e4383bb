#include "comparison/feeding.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "proposal/sizing.h"

namespace sangre {
namespace {

using Failed = tl::unexpected<Words>;

const Lead* feed_of(const Plan& plan, const Id& load) {
    const auto into = feeds_into(plan, load);
    return into.empty() ? nullptr : &plan.feeds()[into.front()];
}

void give_fuse(Lead& feed) {
    if (device(feed, DeviceKind::fuse)) return;
    feed.devices.insert(feed.devices.begin(),
                        Device{feed.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}});
}

/// Sizes only what the change touches; the rest stays as the builder has it.
Plan sized(Plan plan, const Catalogue& catalogue, const std::vector<Id>& feeds) {
    const auto all = size_feeds(plan, catalogue);
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        auto& feed = plan.feeds()[f];
        if (std::find(feeds.begin(), feeds.end(), feed.id) != feeds.end()) feed = all.feeds()[f];
        if (feed.joint_from.empty()) feed.joint_from = all.feeds()[f].joint_from;
        if (feed.joint_to.empty()) feed.joint_to = all.feeds()[f].joint_to;
    }
    return plan;
}

}  // namespace

tl::expected<Plan, Words> own_line(const Plan& plan, const Catalogue& catalogue, const Id& load) {
    const auto* feed = feed_of(plan, load);
    const auto* l = by_id(plan.loads, load);
    if (!feed || !l) return Failed(say("it is not wired yet"));
    const auto source = find_part(plan, feed->from);
    if (source.kind == PartKind::converter)
        return Failed(say("it runs on {part}, which the pack cannot give", name_of(plan, feed->from)));
    if (source.kind == PartKind::source) return Failed(say("it has its own line from the pack already"));
    const auto way = upstream_feeds(plan, load);
    const auto& pack = plan.feeds()[way.back()].from;
    if (find_part(plan, pack).kind != PartKind::source) return Failed(say("no pack feeds it"));
    Plan next = plan;
    auto& f = next.feeds()[way.front()];
    f.from = pack, f.joint_from.clear();
    f.length.reset();
    give_fuse(f);
    return sized(std::move(next), catalogue, {f.id});
}

tl::expected<Plan, Words> tap_circuit(const Plan& plan, const Catalogue& catalogue, const Study& study,
                                      const Id& load, const Id& circuit) {
    const auto *own = feed_of(plan, load), *old = feed_of(plan, circuit);
    const auto *l = by_id(plan.loads, load), *other = by_id(plan.loads, circuit);
    if (!own || !old || !l || !other || own == old)
        return Failed(say("two loads, each with a feed, are needed"));
    const auto at = static_cast<size_t>(old - plan.feeds().data());
    const auto& worst = study.worst.feeds[at];
    if (worst.lowest_end < l->v_min || worst.highest_end > l->v_max)
        return Failed(say("there it would get {lowest_end} – {highest_end}; it takes {lowest} – {highest}",
                          format(worst.lowest_end), format(worst.highest_end), format(l->v_min),
                          format(l->v_max)));
    const auto& p = study.protection[at];
    const auto together = worst.continuous + l->typical;
    if (const auto* fuse = device(*old, DeviceKind::fuse); fuse && p.family) {
        const auto stands = continuous_limit(*p.family, fuse->rating, plan.hottest_air);
        if (together > stands)
            return Failed(say(
                "the {rating} fuse of {other} carries {rating_2} continuously; together they draw {together}",
                format(fuse->rating), other->name, format(stands), format(together)));
    }
    if (together > p.ampacity)
        return Failed(say("the wire to {other} carries {ampacity}; together they draw {together}",
                          other->name, format(p.ampacity), format(together)));
    Plan next = plan;
    const Id id = fresh_id(plan, "tap", other->name);
    next.hubs.push_back({id, as_name(say("Tap at {other}", other->name)), other->place, {}});
    auto& trunk = next.feeds()[at];
    Lead rest = trunk;
    rest.id = fresh_id(next, "feed", id + " " + other->name);
    rest.from = id, rest.length = Metre(0.1);
    rest.joint_from.clear();
    rest.devices.clear();
    give_fuse(rest);
    trunk.to = id, trunk.joint_to.clear();
    auto& mine = next.feeds()[static_cast<size_t>(own - plan.feeds().data())];
    mine.from = id;
    mine.length.reset();
    mine.joint_from.clear();
    give_fuse(mine);
    const std::vector<Id> touched{rest.id, mine.id};
    next.add_feed(std::move(rest));
    return sized(std::move(next), catalogue, touched);
}

Id best_circuit_to_tap(const Plan& plan, const Catalogue& catalogue, const Study& study, const Id& load) {
    const auto* own = feed_of(plan, load);
    const auto* l = by_id(plan.loads, load);
    if (!own || !l) return {};
    Id best;
    double least = 1e9;
    for (const auto& other : plan.loads) {
        const auto* f = feed_of(plan, other.id);
        if (other.id == load || !f || f->from != own->from || other.noisy != l->noisy) continue;
        const auto next = tap_circuit(plan, catalogue, study, load, other.id);
        if (!next) continue;
        double wire = 0;
        for (const auto& route : lay_routes(*next, catalogue).routes) wire += raw(route.length);
        if (wire < least) least = wire, best = other.id;
    }
    return best;
}

}  // namespace sangre
