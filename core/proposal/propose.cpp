#include "proposal/propose.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "electrical/mission/conditions.h"
#include "electrical/protection/protection.h"
#include "electrical/protection/suiting.h"
#include "physics/battery/pack.h"
#include "plan/edits.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"
#include "proposal/battery_choice.h"
#include "proposal/enough_pack.h"
#include "proposal/fuse_blocks.h"
#include "proposal/grouped_feeds.h"
#include "proposal/idle_fuses.h"
#include "proposal/rails.h"
#include "proposal/refusal.h"
#include "proposal/sides.h"
#include "proposal/sizing.h"
#include "proposal/taps.h"
#include "proposal/there.h"
#include "proposal/tidying.h"
#include "proposal/trunk.h"
#include "proposal/two_packs.h"

namespace sangre {
namespace {

constexpr double large_watts = 400;     // vehicles above; typical
constexpr double strip_amps = 30;       // that the screws of a strip take
constexpr double least_stud_amps = 15;  // below, nobody crimps rings

Words names_of(const Plan& plan, const std::vector<size_t>& loads) {
    std::vector<std::string> names;
    for (const auto load : loads) names.push_back(plan.loads[load].name);
    return listed(names);
}

/// How large the machine is, by what its pack gives at the most: what joins wires follows from it.
HubKind hub_kind(const Plan& plan, const Catalogue& catalogue, const Id& hub) {
    if (plan.flies) return HubKind::board;
    if (wants_fork(plan, hub)) return HubKind::fork;
    double watts = 0;
    for (const auto& l : plan.loads)
        watts += raw(l.nominal) * std::max(raw(draw(l, LoadState::peak)), raw(l.start));
    const auto count = feeds_from(plan, hub).size() + feeds_into(plan, hub).size();
    const auto range = sources_range(plan, catalogue);
    const double amps = range ? watts / std::max(raw(range->low), 1.0) : 0;
    if ((watts > large_watts && amps > least_stud_amps) || amps > strip_amps) return HubKind::stud;
    if (watts > small_watts) return HubKind::strip;
    return count <= 5 ? HubKind::splice : HubKind::board;
}

std::string rail_name(const RailGroup& g, const Plan& plan, const std::vector<Converter>& taken) {
    auto name = as_name(say("{volts} rail{always|, always on|}",
                            format(Volt(std::round(raw(g.volts) * 10) / 10)), g.always_on));
    const auto used = [&](const std::string& n) {
        return std::any_of(taken.begin(), taken.end(), [&](const auto& c) { return c.name == n; });
    };
    if (used(name) || (g.loads.size() == 1 && plan.loads[g.loads[0]].noisy))
        name = as_name(say("{rail} for {load}", name, names_of(plan, g.loads)));
    return name;
}

/// The cable by which another load passes its supply on to this one; null without.
const Lead* passed_on(const Plan& old, const Id& load) {
    for (const auto& f : old.feeds())
        if (f.to == load && !f.cores.empty() && by_id(old.loads, f.from)) return &f;
    return nullptr;
}

void hang_load(Plan& next, const Plan& old, const Load& load, const Id& source, const std::string& colour) {
    if (const auto* cable = passed_on(old, load.id)) {
        next.add_feed(*cable);
        return;
    }
    auto f = make_feed(old, source, load.id, true);
    if (!by_id(old.feeds(), f.id)) f.supply_colour = colour;
    if (load.own_switch && !load.always_on) ensure(f, DeviceKind::power_switch, "toggle-6a", load.name);
    // Two separate actions: a plug to arm, a switch to fire.
    if (load.igniter) {
        ensure(f, DeviceKind::connector, "plug-2p-15a", as_name(say("Arming plug of {load}", load.name)));
        ensure(f, DeviceKind::power_switch, "toggle-6a", as_name(say("Fire {load}", load.name)));
    }
    next.add_feed(std::move(f));
}

/// Straight from what a noisy load hangs on, too, what is sensitive has a filter.
void filter_quiet(Plan& next, const Catalogue& catalogue, SourceRange range, Why& why) {
    const auto straight = [&](const Load& l) { return accepts(l, range) && !passed_on(next, l.id); };
    if (std::none_of(next.loads.begin(), next.loads.end(),
                     [&](const auto& l) { return l.noisy && straight(l); }))
        return;
    for (const auto& l : next.loads) {
        if (!l.sensitive || l.noisy || !straight(l)) continue;
        ItemNeed need;
        need.continuous = l.typical, need.peak = std::max(l.peak, l.start), need.volts = range.high;
        const auto* lc = suiting_filter(catalogue, need);
        for (const auto f : feeds_into(next, l.id))
            if (lc && !device(next.feeds()[f], DeviceKind::filter)) {
                next = add_device(std::move(next), next.feeds()[f].id, DeviceKind::filter, lc->id);
                why.add(say("{load} shares its supply with what is noisy: a filter in its lead.", l.name));
            }
    }
}

/// What moves has its packs strapped down.
void strap_packs(Plan& next, Why& why) {
    if (next.shaking == Shaking::still && !next.flies) return;
    for (auto& s : next.sources)
        if (s.kind == SourceKind::pack && s.held == Held::unsaid) {
            s.held = Held::strap;
            why.add(say("A strap round {source}, and a tie behind its plug.", s.name));
        }
}

/// Everything at work in it. A starter turns for seconds, an igniter fires once: not for the hour.
void all_at_work(const Plan& plan, Phase& phase) {
    for (const auto& l : plan.loads)
        if (!l.starter && !l.igniter) phase.states[l.id] = LoadState::typical;
}

/// The phase that is taken for the work where phases have their names and hours, and nothing runs in any of
/// them; else plan.phases.end().
template <typename P>
auto unsaid_work(P& plan) {
    const bool said = std::any_of(plan.phases.begin(), plan.phases.end(), [&](const auto& p) {
        return std::any_of(plan.loads.begin(), plan.loads.end(),
                           [&](const auto& l) { return state_in(p, l) != LoadState::off; });
    });
    return said ? plan.phases.end() : std::find_if(plan.phases.begin(), plan.phases.end(), [](const auto& p) {
        return !p.charging;
    });
}

/// A day to reckon with where none is said: an hour of everything at work, or the hours of the first phase.
Plan with_a_day(Plan plan) {
    if (const auto phase = unsaid_work(plan); phase != plan.phases.end()) all_at_work(plan, *phase);
    if (!plan.phases.empty()) return plan;
    Phase working{"phase-working", as_name(say("Working")), Second(3600), false, {}, {}, {}, {}};
    all_at_work(plan, working);
    plan.phases.push_back(std::move(working));
    // What has a starter stands most of the time, and must still start after that.
    if (std::any_of(plan.loads.begin(), plan.loads.end(), [](const auto& l) { return l.starter; }))
        plan.phases.push_back(
            {"phase-parked", as_name(say("Parked")), Second(8 * 3600), false, {}, {}, {}, {}});
    return plan;
}

/// Thick leads of its own from the battery, unfused: a fuse that carries cranking protects nothing.
void hang_starter(Plan& next, const Plan& old, const Load& load, const Id& source, Why& why) {
    auto f = make_feed(old, source, load.id, false);
    next.add_feed(std::move(f));
    why.add(
        say("{load} draws {draw} for a moment: leads of its own from the battery, without a fuse unless its "
            "maker has one. "
            "Is that figure right?",
            load.name, format(std::max(draw(load, LoadState::peak), load.start))),
        Tone::caution);
}

std::string rail_colour(Volt v) {
    return raw(v) < 4 ? "orange" : raw(v) < 6 ? "orange" : raw(v) < 15 ? "yellow" : "red";
}

void hang_rail(Plan& next, const Plan& old, const RailGroup& group, const ConverterType& type,
               const Trunk& layout, Why& why) {
    Converter c;
    c.name = rail_name(group, next, next.converters);
    c.id =
        fresh_id(next, "rail", fmt::format("{:.1f}v{}", raw(group.volts), group.always_on ? " always" : ""));
    // A rail that already served the first of these loads keeps its id, name and place.
    for (const auto f : feeds_into(old, next.loads[group.loads.front()].id))
        if (const auto* before = by_id(old.converters, old.feeds()[f].from);
            before && !by_id(next.converters, before->id))
            c = *before;
    if (std::any_of(next.converters.begin(), next.converters.end(),
                    [&](const auto& x) { return x.name == c.name; }))
        c.name = rail_name(group, next, next.converters);
    c.type = type.id;
    c.set = group.volts;
    if (c.place.empty()) c.place = next.hubs.front().place;
    next.converters.push_back(c);
    auto in = make_feed(old, group.always_on ? layout.always : layout.switched, c.id, true);
    next.add_feed(std::move(in));
    for (const auto l : group.loads) hang_load(next, old, next.loads[l], c.id, rail_colour(group.volts));
    const auto [typical, peak] = rail_current(next, group);
    // A rail that is called by its loads does not say them twice.
    const auto loads = names_of(next, group.loads);
    const auto who =
        c.name.ends_with(as_name(loads)) ? Words(c.name) : say("{part} for {use}", c.name, loads);
    why.add(say("{who}: {type} ({typical} typical, {peak} peak; derated {rated}).", who, type.name,
                format(typical), format(peak), format(type.rated * type.trusted)));
}

/// All that sizing decides, to compare two plans that differ in it by something.
std::string sizes_of(const Plan& plan) {
    std::string all;
    for (const auto& f : plan.feeds()) {
        all += f.wire + f.joint_from + f.joint_to;
        for (const auto& d : f.devices) all += fmt::format("{}{:.4f}", d.type, raw(d.rating));
    }
    for (const auto& c : plan.converters) all += fmt::format("{:.4f}", raw(c.set));
    return all;
}

/// Proposed from what stands in the old plan: kept are its joints and what it has that no load asks for.
tl::expected<Proposal, Refusals> propose_from(const Plan& before, const Catalogue& catalogue) {
    const auto old = with_a_day(before);
    if (old.loads.empty())
        return tl::unexpected(Refusals{{"", say("there are no loads yet; type what must run first")}});
    if (auto refused = impossible_loads(old); !refused.empty()) return tl::unexpected(refused);
    if (wants_two_packs(old)) return propose_two_packs(old, catalogue);
    if (const auto sides = sides_of(without_quiet_side(old)); sides.size() > 1)
        return propose_sides(old, sides, [&](const Plan& side) { return propose_from(side, catalogue); });
    Proposal proposal{without_quiet_side(old), {}};
    Plan& next = proposal.plan;
    Why& why = proposal.why;
    why.title = say("The proposal");
    next.hubs.clear(), next.converters.clear(), next.replace_feeds({});
    const auto range_of = [&] { return sources_range(next, catalogue); };
    if (!range_of() || range_of()->high >= highest_voltage) {
        auto chosen = choose_battery(next, catalogue);
        if (!chosen) return tl::unexpected(unserved(next, catalogue, chosen.error()));
        if (!next.sources.empty()) chosen->battery.place = next.sources[main_source(next)].place;
        // Panels stay beside the pack that is chosen.
        std::erase_if(next.sources, [](const auto& s) { return s.kind != SourceKind::panel; });
        next.sources.insert(next.sources.begin(), chosen->battery);
        why.lines = chosen->why.lines;
    } else
        why.add(say("{sources} kept: {source_summary}", next.sources[main_source(next)].name,
                    source_summary(next.sources[main_source(next)], catalogue)));
    if (const auto phase = unsaid_work(before); phase != before.phases.end())
        why.add(say("Nothing runs in any phase: all taken as at work in {phase}.", phase->name));
    for (const auto& l : next.loads)
        if (l.range_assumed)
            why.add(
                say("{load}: {nominal} taken as a battery's, {lowest} – {highest}; its menu in Loads has the "
                    "other way.",
                    l.name, format(l.nominal), format_number(raw(l.v_min)), format(l.v_max)));
    const auto range = *range_of();
    why.add(next.sources[main_source(next)].kind == SourceKind::pack
                ? say("Its voltage ranges from {low} (empty) to {high} (charging).", format(range.low),
                      format(range.high))
                : say("Its voltage ranges from {low} to {high}.", format(range.low), format(range.high)));

    std::vector<RailModule> rails;
    Refusals refused;
    ModulesThere there(old, catalogue);
    for (const auto& group : group_rails(next, range)) {
        auto made = modules_for(next, catalogue, range, group, there.first(group));
        if (made)
            for (auto& rail : *made) {
                if (there.use(rail.group, rail.type->id))
                    why.add(say("The {type} is there already, and does.", rail.type->name));
                rails.push_back(std::move(rail));
            }
        else
            refused.insert(refused.end(), made.error().begin(), made.error().end());
    }
    if (!refused.empty()) return tl::unexpected(refused);

    const bool any_always =
        std::any_of(next.loads.begin(), next.loads.end(), [](const auto& l) { return l.always_on; });
    const bool any_switched =
        std::any_of(next.loads.begin(), next.loads.end(), [](const auto& l) { return !l.always_on; });
    const auto layout = lay_trunk(next, old, any_always, any_switched);
    join_others(next, old, layout);
    if (any_always && any_switched)
        why.add(say("What must stay on branches before the main switch; one switch turns off the rest."));
    why.heading(say("Straight from {sources}", next.sources[main_source(next)].name));
    for (const auto& l : next.loads)
        if (accepts(l, range)) {
            if (cranks(l))
                hang_starter(next, old, l, next.sources[main_source(next)].id, why);
            else
                hang_load(next, old, l, l.always_on ? layout.always : layout.switched, "red");
            why.add(say("{load} takes the whole range.", l.name));
        }
    why.heading(say("Rails"));
    for (const auto& [group, type] : rails) hang_rail(next, old, group, *type, layout, why);
    if (next.practices.noise == NoiseSchool::own_converter) filter_quiet(next, catalogue, range, why);
    strap_packs(next, why);
    if (next.practices.feeds == FeedSchool::grouped) group_feeds(next, old);
    own_returns(next);
    without_idle_hubs(next, old);
    give_ids_of_their_own(next);
    for (auto& hub : next.hubs)
        if (!by_id(old.hubs, hub.id)) hub.kind = hub_kind(next, catalogue, hub.id);
    why.heading(say("Feeds"));
    spare_the_strongest(next, why);
    next = sized_without_idle_fuses(std::move(next), catalogue, why);
    next = on_fuse_blocks(std::move(next), old, catalogue, why);
    next = with_taps(std::move(next), catalogue, why);
    why.add(
        say("{feeds} {feeds|feed|feeds}: wires by {school}, fuses {fuse|the smallest that carry|the largest "
            "that protect}.",
            next.feeds().size(),
            next.practices.wire == WireSchool::drop
                ? say("drop up to {drop_limit}", format_percent(next.practices.drop_limit))
            : next.practices.wire == WireSchool::temperature ? say("temperature")
            : next.practices.wire == WireSchool::cautious    ? say("700 circular mils per ampere")
                                                             : say("chassis wiring"),
            next.practices.fuse == FuseSchool::smallest_that_carries));
    return proposal;
}

/// What is proposed stays when it is proposed again. Sizing comes to rest where it began nearby, and a plan
/// that is wired begins elsewhere than one that is not: so it goes on from its own result until that changes
/// nothing more.
Proposal at_rest(Proposal first, const Catalogue& catalogue) {
    constexpr size_t most = 6;
    std::vector<Plan> seen{first.plan};
    while (seen.size() < most) {
        auto again = propose_from(seen.back(), catalogue);
        if (!again) break;
        const auto before = std::find(seen.begin(), seen.end(), again->plan);
        if (before == seen.end()) {
            seen.push_back(std::move(again->plan));
            continue;
        }
        // Where results take turns, the same one of them each time.
        first.plan = *std::min_element(
            before, seen.end(), [](const auto& a, const auto& b) { return sizes_of(a) < sizes_of(b); });
        return first;
    }
    first.plan = seen.back();
    return first;
}

/// With a pack of the drawer, where one carries the machine through its day; nothing without.
std::optional<Proposal> with_pack_there(const Plan& old, const Catalogue& catalogue) {
    if (sources_range(old, catalogue) || old.loads.empty()) return {};
    for (const auto& pack : packs_there(old, catalogue)) {
        auto wired = old;
        wired.sources.insert(wired.sources.begin(), pack);
        auto made = propose_from(wired, catalogue);
        if (!made || made->plan.sources.size() != wired.sources.size() ||
            !enough_for_the_day(made->plan, catalogue))
            continue;
        auto rested = at_rest(std::move(*made), catalogue);
        rested.why.add(say("The pack is there already: {source_summary}.", source_summary(pack, catalogue)));
        return rested;
    }
    return {};
}

}  // namespace

tl::expected<Proposal, Refusals> propose(const Plan& old, const Catalogue& catalogue) {
    if (auto made = with_pack_there(old, catalogue)) {
        made->plan = without_strays(std::move(made->plan));
        return *made;
    }
    auto made = with_enough_pack(
        old, catalogue, [&](const Plan& from) { return propose_from(from, catalogue); },
        [&](Proposal one) { return at_rest(std::move(one), catalogue); });
    // What was said of parts that the new plan does without.
    if (made) made->plan = without_strays(std::move(made->plan));
    return made;
}

}  // namespace sangre
