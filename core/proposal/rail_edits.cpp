#include "proposal/rail_edits.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/edits.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"
#include "proposal/rails.h"
#include "proposal/sizing.h"

namespace sangre {
namespace {

using Failed = tl::unexpected<Words>;

/// The voltages at a source part: a rail's about its set voltage, anything else the pack's.
std::optional<SourceRange> range_at(const Plan& plan, const Catalogue& catalogue, const Id& source) {
    Id at = source;
    for (size_t hops = 0; hops <= plan.feeds().size(); ++hops) {
        if (const auto* c = by_id(plan.converters, at)) {
            const auto* type = find(catalogue.converters, c->type);
            const double off = type ? type->tolerance : 0.03;
            return SourceRange{c->set * (1 - off), c->set * (1 + off)};
        }
        const auto into = feeds_into(plan, at);
        if (into.empty()) break;
        at = plan.feeds()[into.front()].from;
    }
    return sources_range(plan, catalogue);
}

Id source_of_rail(const Plan& plan, const Id& rail) {
    const auto into = feeds_into(plan, rail);
    return into.empty() ? Id() : plan.feeds()[into.front()].from;
}

/// Gives the rail the module it has, if that serves from its source, or else the cheapest that does.
Words choose_module(Plan& plan, const Catalogue& catalogue, const Id& rail) {
    auto& converters = plan.converters;
    const auto c =
        std::find_if(converters.begin(), converters.end(), [&](const auto& k) { return k.id == rail; });
    const auto range = range_at(plan, catalogue, source_of_rail(plan, rail));
    if (!range) return say("{part} is not connected to a source", name_of(plan, rail));
    RailGroup group;
    group.volts = c->set;
    double low = 0, high = 1e9;
    for (const auto& id : loads_on(plan, rail)) {
        const auto* load = by_id(plan.loads, id);
        group.loads.push_back(static_cast<size_t>(load - plan.loads.data()));
        low = std::max(low, raw(load->v_min)), high = std::min(high, raw(load->v_max));
    }
    const auto [typical, peak] = rail_current(plan, group);
    // The one that is there stays where it serves.
    Catalogue only;
    if (const auto* now = find(catalogue.converters, c->type)) only.converters = {*now};
    const double window = (high - low) / std::max(raw(c->set), 0.1);
    if (choose_converter(only, *range, c->set, typical, peak, window)) return {};
    const auto chosen = choose_converter(catalogue, *range, c->set, typical, peak, window);
    if (!chosen) return chosen.error();
    c->type = (*chosen)->id;
    return {};
}

/// Sizes the feeds named, and sets the rails named, as the proposal would; all else stays as the builder has
/// it.
Plan size_some(Plan plan, const Catalogue& catalogue, const std::set<Id>& feeds, const std::set<Id>& rails) {
    const auto sized = size_feeds(plan, catalogue);
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        if (feeds.contains(plan.feeds()[i].id)) plan.feeds()[i] = sized.feeds()[i];
    for (size_t i = 0; i < plan.converters.size(); ++i)
        if (rails.contains(plan.converters[i].id)) plan.converters[i].set = sized.converters[i].set;
    return plan;
}

/// The feeds on the way to this part, itself included.
void add_way(const Plan& plan, const Id& part, std::set<Id>& feeds) {
    for (const auto f : upstream_feeds(plan, part)) feeds.insert(plan.feeds()[f].id);
}

}  // namespace

std::vector<Id> loads_on(const Plan& plan, const Id& rail) {
    std::vector<Id> loads;
    for (const auto f : feeds_from(plan, rail))
        if (by_id(plan.loads, plan.feeds()[f].to)) loads.push_back(plan.feeds()[f].to);
    return loads;
}

std::vector<Id> noisy_on(const Plan& plan, const Id& rail) {
    auto loads = loads_on(plan, rail);
    std::erase_if(loads, [&](const Id& id) {
        const auto* l = by_id(plan.loads, id);
        return !l->noisy || l->sensitive;
    });
    return loads;
}

tl::expected<Plan, Words> split_rail(const Plan& plan, const Catalogue& catalogue, const Id& rail,
                                     const std::vector<Id>& loads) {
    const auto* old = by_id(plan.converters, rail);
    if (!old) return Failed(say("{rail} is not a rail", rail));
    const auto on = loads_on(plan, rail);
    const auto moves = [&](const Id& id) { return std::find(loads.begin(), loads.end(), id) != loads.end(); };
    const auto moving = std::count_if(on.begin(), on.end(), moves);
    if (moving == 0) return Failed(say("nothing of {rail} was chosen to go", old->name));
    if (static_cast<size_t>(moving) == on.size() && feeds_from(plan, rail).size() == on.size())
        return Failed(say("all of {rail} would go; one side must keep something", old->name));
    Plan next = plan;
    auto fresh = *old;
    fresh.id = fresh_id(plan, "rail", old->name + " 2");
    fresh.name = as_name(
        say("{rail} for {load}", old->name, name_of(plan, *std::find_if(on.begin(), on.end(), moves))));
    next.converters.push_back(fresh);
    const auto into = feeds_into(plan, rail);
    std::set<Id> feeds;
    if (!into.empty()) {
        auto feed = plan.feeds()[into.front()];
        feed.id = fresh_id(plan, "feed", fresh.id);
        feed.to = fresh.id;
        for (auto& d : feed.devices) d.id = feed.id + "-" + d.id;
        feeds.insert(feed.id);
        next.add_feed(std::move(feed));
    }
    for (auto& f : next.feeds())
        if (f.from == rail && moves(f.to)) f.from = fresh.id, feeds.insert(f.id);
    for (const auto& r : {rail, fresh.id}) {
        if (const auto why = choose_module(next, catalogue, r); !why.empty()) return Failed(why);
        add_way(next, r, feeds);
    }
    return size_some(std::move(next), catalogue, feeds, {rail, fresh.id});
}

tl::expected<Plan, Words> merge_rails(const Plan& plan, const Catalogue& catalogue, const Id& stays,
                                      const Id& gone) {
    const auto *a = by_id(plan.converters, stays), *b = by_id(plan.converters, gone);
    if (!a || !b || stays == gone) return Failed(say("two different rails are needed to merge"));
    for (const auto f : upstream_feeds(plan, stays))
        if (plan.feeds()[f].from == gone)
            return Failed(say("{rail} is itself fed by {other}", a->name, b->name));
    const Load *highest = nullptr, *lowest = nullptr;
    for (const auto& rail : {stays, gone})
        for (const auto& id : loads_on(plan, rail)) {
            const auto* l = by_id(plan.loads, id);
            if (!highest || l->v_min > highest->v_min) highest = l;
            if (!lowest || l->v_max < lowest->v_max) lowest = l;
        }
    if (highest && highest->v_min >= lowest->v_max)
        return Failed(say(
            "{highest} needs {lowest} and {lowest_2} is rated for only {highest_2}: no voltage suits both",
            highest->name, format(highest->v_min), lowest->name, format(lowest->v_max)));
    Plan next = plan;
    std::set<Id> feeds;
    for (auto& f : next.feeds())
        if (f.from == gone) f.from = stays, feeds.insert(f.id);
    next.erase_feeds([&](const auto& f) { return f.to == gone; });
    own_returns(next);
    std::erase_if(next.converters, [&](const auto& c) { return c.id == gone; });
    next = without_strays(std::move(next));
    if (highest)
        for (auto& c : next.converters)
            if (c.id == stays) c.set = std::clamp(c.set, highest->v_min, lowest->v_max);
    if (const auto why = choose_module(next, catalogue, stays); !why.empty()) return Failed(why);
    add_way(next, stays, feeds);
    for (const auto f : feeds_from(next, stays)) feeds.insert(next.feeds()[f].id);
    return size_some(std::move(next), catalogue, feeds, {stays});
}

tl::expected<Plan, Words> feed_rail_from(const Plan& plan, const Catalogue& catalogue, const Id& rail,
                                         const Id& source) {
    const auto into = feeds_into(plan, rail);
    if (!by_id(plan.converters, rail) || into.empty())
        return Failed(say("{rail} is not a rail that is fed", rail));
    auto moved = reroute_feed(plan, plan.feeds()[into.front()].id, source);
    if (!moved) return moved;
    std::set<Id> feeds;
    add_way(*moved, rail, feeds);
    if (const auto why = choose_module(*moved, catalogue, rail); !why.empty()) return Failed(why);
    // The rail it now hangs on carries more.
    if (by_id(moved->converters, source))
        if (const auto why = choose_module(*moved, catalogue, source); !why.empty()) return Failed(why);
    return size_some(std::move(*moved), catalogue, feeds, {rail});
}

}  // namespace sangre
