#include "propose/propose.h"

#include <fmt/format.h>

#include <algorithm>

#include "battery/pack.h"
#include "propose/battery_choice.h"
#include "propose/grouped_feeds.h"
#include "propose/rails.h"
#include "propose/sizing.h"
#include "propose/two_packs.h"
#include "units/format.h"

namespace sangre {
namespace {

Refusals impossible_loads(const Plan& plan) {
    Refusals refused;
    for (const auto& l : plan.loads) {
        if (l.v_min > l.v_max)
            refused.push_back({l.id, fmt::format("its least voltage, {}, is above its greatest, {}",
                                                 format(l.v_min), format(l.v_max))});
        else if (raw(l.v_max) <= 0)
            refused.push_back({l.id, "it has no voltage; type one, such as 12 V"});
        else if (l.v_min >= highest_voltage)
            refused.push_back(
                {l.id, fmt::format("it wants {}, and everything from 60 V up is outside this tool",
                                   format(l.v_min))});
        else if (raw(draw(l, LoadState::peak)) <= 0)
            refused.push_back({l.id, "it draws nothing; type a current or a power"});
    }
    return refused;
}

/// The loads that no battery serves even alone; where each would do alone, the plan as a whole.
Refusals unserved_alone(const Plan& plan, const Catalogue& catalogue, const std::string& reason) {
    Refusals refused;
    for (const auto& l : plan.loads) {
        Plan alone = plan;
        alone.loads = {l};
        if (const auto choice = choose_battery(alone, catalogue); !choice)
            refused.push_back({l.id, choice.error()});
    }
    return refused.empty() ? Refusals{{"", reason}} : refused;
}

std::string names_of(const Plan& plan, const std::vector<size_t>& loads) {
    std::string text;
    for (size_t i = 0; i < loads.size(); ++i)
        text += (i == 0 ? "" : i + 1 == loads.size() ? " and " : ", ") + plan.loads[loads[i]].name;
    return text;
}

Feed make_feed(const Plan& old, const Id& from, const Id& to, bool fused) {
    Feed f;
    f.id = "feed-" + from + "-" + to;
    f.from = from, f.to = to;
    // One that a block has come into since is still this one.
    for (const auto& before : old.feeds)
        if ((before.from == from && before.to == to) || before.id == f.id) {
            f = before;
            f.from = from, f.to = to;
            std::erase_if(f.devices, [](const auto& d) { return d.kind == DeviceKind::fuse; });
        }
    if (fused)
        f.devices.insert(f.devices.begin(),
                         Device{f.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}});
    return f;
}

void ensure(Feed& feed, DeviceKind kind, const Id& type, const std::string& name) {
    if (device(feed, kind)) return;
    const char* suffix = kind == DeviceKind::power_switch ? "-switch" : "-plug";
    feed.devices.push_back({feed.id + suffix, kind, type, Ampere(0), name, {}});
}

/// The place where most ways meet: where a hub is reached from everywhere.
Id middle_place(const Plan& plan) {
    Id best;
    size_t most = 0;
    for (const auto& place : plan.places) {
        const auto ways =
            static_cast<size_t>(std::count_if(plan.passages.begin(), plan.passages.end(), [&](const auto& p) {
                return p.from == place.id || p.to == place.id;
            }));
        if (best.empty() || ways > most) best = place.id, most = ways;
    }
    return best;
}

std::string rail_name(const RailGroup& g, const Plan& plan, const std::vector<Converter>& taken) {
    std::string name = fmt::format("{} rail", format(Volt(std::round(raw(g.volts) * 10) / 10)));
    if (g.always_on) name += ", always on";
    const auto used = [&](const std::string& n) {
        return std::any_of(taken.begin(), taken.end(), [&](const auto& c) { return c.name == n; });
    };
    if (used(name) || (g.loads.size() == 1 && plan.loads[g.loads[0]].noisy))
        name += " for " + names_of(plan, g.loads);
    return name;
}

struct Layout {
    Id always, switched;
};

/// Battery → always-live hub → main switch → switched hub; one hub where nothing must stay on.
Layout lay_trunk(Plan& next, const Plan& old, bool any_always, bool any_switched) {
    const Id battery = next.batteries.front().id;
    Id place = old.hubs.empty() ? middle_place(old) : old.hubs.front().place;
    if (place.empty()) place = next.batteries.front().place;
    const auto keep = [&](const Id& id, const std::string& name) {
        const auto* before = by_id(old.hubs, id);
        next.hubs.push_back(before ? *before : Hub{id, name, place, {}});
    };
    const auto plug = [&](Feed f) {
        ensure(f, DeviceKind::connector, "plug-2p-60a", "");
        return f;
    };
    if (!any_always || !any_switched) {
        keep("hub", any_always ? "Always-on hub" : "Hub");
        auto f = plug(make_feed(old, battery, "hub", true));
        ensure(f, DeviceKind::power_switch, "loop-key-60a", "Main");
        next.feeds.push_back(std::move(f));
        return {"hub", "hub"};
    }
    keep("hub-always", "Always-on hub");
    keep("hub", "Hub");
    auto first = plug(make_feed(old, battery, "hub-always", true));
    std::erase_if(first.devices, [](const auto& d) { return d.kind == DeviceKind::power_switch; });
    next.feeds.push_back(std::move(first));
    auto second = make_feed(old, "hub-always", "hub", false);
    ensure(second, DeviceKind::power_switch, "loop-key-60a", "Main");
    next.feeds.push_back(std::move(second));
    return {"hub-always", "hub"};
}

void hang_load(Plan& next, const Plan& old, const Load& load, const Id& source, const std::string& colour) {
    auto f = make_feed(old, source, load.id, true);
    if (!by_id(old.feeds, f.id)) f.supply_colour = colour;
    if (load.own_switch) ensure(f, DeviceKind::power_switch, "toggle-6a", load.name);
    next.feeds.push_back(std::move(f));
}

std::string rail_colour(Volt v) {
    return raw(v) < 4 ? "orange" : raw(v) < 6 ? "orange" : raw(v) < 15 ? "yellow" : "red";
}

void hang_rail(Plan& next, const Plan& old, const RailGroup& group, const ConverterType& type,
               const Layout& layout, Why& why) {
    Converter c;
    c.name = rail_name(group, next, next.converters);
    c.id =
        fresh_id(next, "rail", fmt::format("{:.1f}v{}", raw(group.volts), group.always_on ? " always" : ""));
    // A rail that already served the first of these loads keeps its id, name and place.
    for (const auto f : feeds_into(old, next.loads[group.loads.front()].id))
        if (const auto* before = by_id(old.converters, old.feeds[f].from);
            before && !by_id(next.converters, before->id))
            c = *before;
    c.type = type.id;
    c.set = group.volts;
    if (c.place.empty()) c.place = next.hubs.front().place;
    next.converters.push_back(c);
    auto in = make_feed(old, group.always_on ? layout.always : layout.switched, c.id, true);
    next.feeds.push_back(std::move(in));
    for (const auto l : group.loads) hang_load(next, old, next.loads[l], c.id, rail_colour(group.volts));
    const auto [typical, peak] = rail_current(next, group);
    why.add(fmt::format("{} for {}: {} ({} typical, {} peak; trusted with {}).", c.name,
                        names_of(next, group.loads), type.name, format(typical), format(peak),
                        format(type.rated * type.trusted)));
}

/// All that sizing decides, to compare two plans that differ in it by something.
std::string sizes_of(const Plan& plan) {
    std::string all;
    for (const auto& f : plan.feeds) {
        all += f.wire + f.joint_from + f.joint_to;
        for (const auto& d : f.devices) all += d.type + format(d.rating);
    }
    for (const auto& c : plan.converters) all += fmt::format("{:.4f}", raw(c.set));
    return all;
}

/// Proposed from what stands in the old plan: kept are its joints and what it has that no load asks for.
tl::expected<Proposal, Refusals> propose_from(const Plan& old, const Catalogue& catalogue) {
    if (old.loads.empty())
        return tl::unexpected(Refusals{{"", "there are no loads yet; type what must run first"}});
    if (auto refused = impossible_loads(old); !refused.empty()) return tl::unexpected(refused);
    if (wants_two_packs(old)) return propose_two_packs(old, catalogue);
    Proposal proposal{without_quiet_side(old), {}};
    Plan& next = proposal.plan;
    Why& why = proposal.why;
    why.title = "The proposal";
    next.hubs.clear(), next.converters.clear(), next.feeds.clear();
    if (next.phases.empty()) {
        Phase working{"phase-working", "Working", Second(3600), false, {}, {}, {}, {}};
        for (const auto& l : next.loads) working.states[l.id] = LoadState::typical;
        next.phases.push_back(std::move(working));
    }
    const auto range_of = [&] { return battery_range(next, catalogue); };
    if (!range_of() || range_of()->high >= highest_voltage) {
        auto chosen = choose_battery(next, catalogue);
        if (!chosen) return tl::unexpected(unserved_alone(next, catalogue, chosen.error()));
        if (!next.batteries.empty()) chosen->battery.place = next.batteries.front().place;
        next.batteries = {chosen->battery};
        why.lines = chosen->why.lines;
    } else
        why.add("Battery kept: " +
                pack_summary(next.batteries.front(),
                             *find(catalogue.chemistries, next.batteries.front().chemistry)));
    const auto range = *range_of();
    why.add(
        fmt::format("It moves between {} (empty) and {} (charging).", format(range.low), format(range.high)));

    std::vector<RailModule> rails;
    Refusals refused;
    for (const auto& group : group_rails(next, range)) {
        auto made = modules_for(next, catalogue, range, group);
        if (made)
            rails.insert(rails.end(), made->begin(), made->end());
        else
            refused.insert(refused.end(), made.error().begin(), made.error().end());
    }
    if (!refused.empty()) return tl::unexpected(refused);

    const bool any_always =
        std::any_of(next.loads.begin(), next.loads.end(), [](const auto& l) { return l.always_on; });
    const bool any_switched =
        std::any_of(next.loads.begin(), next.loads.end(), [](const auto& l) { return !l.always_on; });
    const auto layout = lay_trunk(next, old, any_always, any_switched);
    if (any_always && any_switched)
        why.add("What must stay on branches before the main switch; one switch turns off the rest.");
    why.heading("Straight from the battery");
    for (const auto& l : next.loads)
        if (accepts(l, range)) {
            hang_load(next, old, l, l.always_on ? layout.always : layout.switched, "red");
            why.add(l.name + " takes the whole range.");
        }
    why.heading("Rails");
    for (const auto& [group, type] : rails) hang_rail(next, old, group, *type, layout, why);
    if (next.practices.feeds == FeedSchool::grouped) group_feeds(next, old);
    next = size_feeds(std::move(next), catalogue);
    why.heading("Feeds");
    why.add(fmt::format("{} feeds: wires by {}, fuses {}.", next.feeds.size(),
                        next.practices.wire == WireSchool::drop
                            ? fmt::format("drop up to {}", format_percent(next.practices.drop_limit))
                        : next.practices.wire == WireSchool::temperature ? "temperature"
                        : next.practices.wire == WireSchool::cautious    ? "700 circular mils per ampere"
                                                                         : "chassis wiring",
                        next.practices.fuse == FuseSchool::smallest_that_carries
                            ? "the smallest that carry"
                            : "the largest that protect"));
    return proposal;
}

}  // namespace

tl::expected<Proposal, Refusals> propose(const Plan& old, const Catalogue& catalogue) {
    auto first = propose_from(old, catalogue);
    if (!first) return first;
    // What is proposed stays when it is proposed again. Sizing comes to rest where it began nearby, and a
    // plan that is wired begins elsewhere than one that is not: so it goes on from its own result until that
    // changes nothing more.
    constexpr size_t most = 6;
    std::vector<Plan> seen{first->plan};
    while (seen.size() < most) {
        auto again = propose_from(seen.back(), catalogue);
        if (!again) break;
        const auto before = std::find(seen.begin(), seen.end(), again->plan);
        if (before == seen.end()) {
            seen.push_back(std::move(again->plan));
            continue;
        }
        // Where results take turns, the same one of them each time.
        first->plan = *std::min_element(
            before, seen.end(), [](const auto& a, const auto& b) { return sizes_of(a) < sizes_of(b); });
        return first;
    }
    first->plan = seen.back();
    return first;
}

}  // namespace sangre
