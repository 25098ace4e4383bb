#include "proposal/trunk.h"

#include <algorithm>

#include "base/words/say.h"
#include "plan/source.h"
#include "proposal/idle_fuses.h"

namespace sangre {
namespace {

/// The place where most ways meet: where a hub is reached from everywhere.
Id middle_place(const Plan& plan) {
    Id best;
    size_t most = 0;
    for (const auto& place : plan.places) {
        const auto ways =
            static_cast<size_t>(std::count_if(plan.ways.begin(), plan.ways.end(), [&](const auto& p) {
                return p.from == place.id || p.to == place.id;
            }));
        if (best.empty() || ways > most) best = place.id, most = ways;
    }
    return best;
}

/// The hubs of the trunk: those that stood there before, under whatever ids, else the usual ones.
Trunk trunk_hubs(const Plan& old, const Id& battery, bool both) {
    Trunk had;
    const auto hub_behind = [&](const Id& from, bool switched) {
        for (const auto f : feeds_from(old, from))
            if (by_id(old.hubs, old.feeds()[f].to) &&
                (!switched || device(old.feeds()[f], DeviceKind::power_switch)))
                return old.feeds()[f].to;
        return Id();
    };
    if (!by_id(old.hubs, "hub") && !by_id(old.hubs, "hub-always")) {
        had.always = hub_behind(battery, false);
        if (!had.always.empty()) had.switched = hub_behind(had.always, true);
        if (had.switched.empty()) std::swap(had.always, had.switched);
    }
    if (had.switched.empty()) had.switched = "hub";
    if (had.always.empty()) had.always = "hub-always";
    return both ? had : Trunk{had.switched, had.switched};
}

}  // namespace

Lead make_feed(const Plan& old, const Id& from, const Id& to, bool fused) {
    Lead f;
    f.id = "feed-" + from + "-" + to;
    f.from = from, f.to = to;
    // One that a block has come into since is still this one.
    for (const auto& before : old.feeds())
        if ((before.from == from && before.to == to) || before.id == f.id) {
            f = before;
            f.from = from, f.to = to;
            take_fuse_out(f);
        }
    if (fused)
        f.devices.insert(f.devices.begin(),
                         Device{f.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}});
    return f;
}

void ensure(Lead& feed, DeviceKind kind, const Id& type, const std::string& name) {
    if (device(feed, kind)) return;
    const char* suffix = kind == DeviceKind::power_switch ? "-switch" : "-plug";
    feed.devices.push_back({feed.id + suffix, kind, type, Ampere(0), name, {}});
}

size_t main_source(const Plan& plan) {
    for (size_t s = 0; s < plan.sources.size(); ++s)
        if (plan.sources[s].kind != SourceKind::panel) return s;
    return 0;
}

void join_others(Plan& next, const Plan& old, const Trunk& trunk) {
    const auto main = main_source(next);
    const auto there = [&](const Id& id) {
        return by_id(next.hubs, id) || by_id(next.sources, id) ? id : trunk.always;
    };
    for (size_t s = 0; s < next.sources.size(); ++s) {
        if (s == main) continue;
        const auto id = next.sources[s].id;
        const bool panel = next.sources[s].kind == SourceKind::panel;
        bool joined = false;
        for (const auto& before : old.feeds()) {
            if (before.from != id && before.to != id) continue;
            auto f = make_feed(old, before.from, before.to, true);
            f.from = there(f.from), f.to = there(f.to);
            if (f.from == f.to) continue;
            next.add_feed(std::move(f)), joined = true;
        }
        if (joined || is_endless(next.sources[s])) continue;
        auto f = panel ? make_feed(old, trunk.always, id, true) : make_feed(old, id, trunk.always, true);
        if (!panel) ensure(f, DeviceKind::connector, "plug-2p-60a", "");
        next.add_feed(std::move(f));
    }
}

Trunk lay_trunk(Plan& next, const Plan& old, bool any_always, bool any_switched) {
    const auto& source = next.sources[main_source(next)];
    const Id battery = source.id;
    const auto hubs = trunk_hubs(old, battery, any_always && any_switched);
    Id place = old.hubs.empty() ? middle_place(old) : old.hubs.front().place;
    if (place.empty()) place = source.place;
    const auto keep = [&](const Id& id, const std::string& name) {
        const auto* before = by_id(old.hubs, id);
        next.hubs.push_back(before ? *before : Hub{id, name, place, {}});
    };
    // A tap is plugged into the fuse box; with the key it is switched there too.
    const bool tapped = source.kind == SourceKind::circuit;
    const auto plug = [&](Lead f) {
        if (!tapped) ensure(f, DeviceKind::connector, "plug-2p-60a", "");
        return f;
    };
    if (!any_always || !any_switched) {
        keep(hubs.switched, any_always ? "Always-on hub" : "Hub");
        auto f = plug(make_feed(old, battery, hubs.switched, true));
        // What must stay on is never behind a switch.
        if (any_always)
            std::erase_if(f.devices, [](const auto& d) { return d.kind == DeviceKind::power_switch; });
        else if ((!tapped || !source.with_key) && !next.flies)
            ensure(f, DeviceKind::power_switch, "loop-key-60a", "Main");
        next.add_feed(std::move(f));
        return hubs;
    }
    keep(hubs.always, "Always-on hub");
    keep(hubs.switched, "Hub");
    auto first = plug(make_feed(old, battery, hubs.always, true));
    std::erase_if(first.devices, [](const auto& d) { return d.kind == DeviceKind::power_switch; });
    next.add_feed(std::move(first));
    auto second = make_feed(old, hubs.always, hubs.switched, false);
    ensure(second, DeviceKind::power_switch, "loop-key-60a", "Main");
    next.add_feed(std::move(second));
    return hubs;
}

}  // namespace sangre
