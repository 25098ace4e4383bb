// What sits in a feed: plugs and their wires, diodes and filters, conductors in parallel, colours.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "electrical/protection/fuse_kinds.h"
#include "physics/battery/pack.h"
#include "physics/parts/wire_size.h"
#include "physics/protection/inrush.h"
#include "physics/wire/parallel.h"
#include "plan/wire_choice.h"
#include "rules/review/exchange.h"
#include "wiring/index/flight.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

template <class Check>
void each_device(const Context& c, Check check) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f)
        for (const auto& d : c.plan.feeds()[f].devices) check(f, d);
}

void plug_unknown(const Context& c, std::vector<Finding>& out) {
    each_device(c, [&](size_t f, const Device& d) {
        if (d.kind != DeviceKind::connector || find(c.catalogue.connectors, d.type)) return;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead}: the catalogue holds no connector “{type}”.",
                      c.index().feed_name(c.plan.feeds()[f]), d.type),
                  {},
                  {}};
        if (const auto* t = fitting_plug(c, f))
            x.fixes.push_back({say("Use a {part}", t->name), exchanged(c.plan.feeds()[f].id, d.id, t->id)});
        out.push_back(std::move(x));
    });
}

void plug_wire(const Context& c, std::vector<Finding>& out) {
    each_device(c, [&](size_t f, const Device& d) {
        const auto* t = d.kind == DeviceKind::connector ? find(c.catalogue.connectors, d.type) : nullptr;
        const auto* w = c.figures.protection[f].wire;
        if (!t || !w || (w->area >= t->smallest * 0.95 && w->area <= t->largest * 1.05)) return;
        const bool thin = w->area < t->smallest;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead}: {wire} is too {thin|thin|thick} for {time}.",
                      c.index().feed_name(c.plan.feeds()[f]), size_words(*w), thin, t->name),
                  {},
                  {}};
        x.why.add(say("It takes {smallest} to {largest} mm²; the wire has {area} mm².",
                      format_number(raw(t->smallest)), format_number(raw(t->largest)),
                      format_number(raw(w->area))));
        x.why.add(thin ? say("A thin wire pulls out of a wide barrel.")
                       : say("Strands cut off to fit carry no current."));
        if (const auto* better = fitting_plug(c, f))
            x.fixes.push_back(
                {say("Use a {part}", better->name), exchanged(c.plan.feeds()[f].id, d.id, better->id)});
        out.push_back(std::move(x));
    });
}

/// Capacitors that the pack's plug charges in one go.
void plug_spark(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& feed = c.plan.feeds()[f];
        const auto source = c.index().source_of(f);
        if (source.kind != PartKind::source) continue;
        const auto& b = c.plan.sources[source.index];
        const auto& charging = c.figures.protection[f].charging;
        const Device* plug = nullptr;
        for (const auto& d : feed.devices)
            if (d.kind == DeviceKind::connector) plug = &d;
        const auto* t = plug ? find(c.catalogue.connectors, plug->type) : nullptr;
        if (raw(charging.capacitance) <= 0 || (t && t->anti_spark) || device(feed, DeviceKind::precharge))
            continue;
        auto spark = inrush(charging.volts, charging.capacitance, charging.loop);
        if (!spark.wants_precharge) continue;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("Plugging {source} in sparks: {peak} into {capacitance} µF.", b.name,
                      format(spark.peak), format_number(raw(charging.capacitance) * 1e6)),
                  spark.why,
                  {}};
        if (const auto* better = plug ? fitting_plug(c, f, {.anti_spark = true}) : nullptr)
            x.fixes.push_back({say("Use a {part}", better->name), exchanged(feed.id, plug->id, better->id)});
        out.push_back(std::move(x));
    }
}

void inline_parts(const Context& c, std::vector<Finding>& out) {
    each_device(c, [&](size_t f, const Device& d) {
        if (!is_inline(d.kind)) return;
        const auto* t = find(c.catalogue.inlines, d.type);
        const auto& x = c.figures.worst.feeds[f];
        const auto name = c.index().feed_name(c.plan.feeds()[f]);
        Words wrong;
        if (!t)
            wrong = say("{name}: the catalogue holds no part “{type}”.", name, d.type);
        else if (x.continuous > t->rated)
            wrong = say("{name}: {inline} is rated for {rated}; {continuous} is drawn.", name, t->name,
                        format(t->rated), format(x.continuous));
        else if (x.highest_end > t->voltage)
            wrong = say("{name}: {inline} is rated for {voltage}, gets {highest_end}.", name, t->name,
                        format(t->voltage), format(x.highest_end));
        else if (t->kind == InlineKind::filter && raw(t->saturation) > 0 && x.peak > t->saturation)
            wrong = say("{name}: {inline} saturates at {saturation}; the peak is {peak}.", name, t->name,
                        format(t->saturation), format(x.peak));
        if (wrong.empty()) return;
        Finding found{Severity::caution, {}, {c.plan.feeds()[f].id}, wrong, {}, {}};
        for (const auto& other : c.catalogue.inlines)
            if (t && other.kind == t->kind && other.rated >= x.continuous && other.voltage >= x.highest_end &&
                (raw(other.saturation) <= 0 || other.saturation >= x.peak)) {
                found.fixes.push_back(
                    {say("Use a {part}", other.name), exchanged(c.plan.feeds()[f].id, d.id, other.id)});
                break;
            }
        out.push_back(std::move(found));
    });
}

/// A coil hangs before its own contact: it sees what its feed begins with.
void relay_coil(const Context& c, std::vector<Finding>& out) {
    // A coil pulls in at 75 % of its voltage and withstands 130 %.
    constexpr double pulls_in = 0.75, withstands = 1.3;
    each_device(c, [&](size_t f, const Device& d) {
        const auto* t = d.kind == DeviceKind::power_switch ? find(c.catalogue.switches, d.type) : nullptr;
        const auto& worst = c.figures.worst.feeds[f];
        // One that hangs elsewhere is judged there.
        if (!t || raw(t->coil) <= 0 || raw(worst.highest_source) <= 0 || !d.coil_from.empty()) return;
        const auto suits = [&](const SwitchType& type) {
            return raw(type.coil) <= 0 || (worst.lowest_source >= type.coil * pulls_in &&
                                           worst.highest_source <= type.coil * withstands);
        };
        if (suits(*t)) return;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{time}: a {coil} coil on {lowest_source} – {highest_source}.", t->name,
                      format(t->coil), format(worst.lowest_source), format(worst.highest_source)),
                  {},
                  {}};
        x.why.add(
            say("It is fed from before its own contact. A coil pulls in from 75 % of its voltage and is "
                "rated for 130 % continuously."));
        const auto need = item_need(c.figures.protection[f], worst);
        for (const auto& other : c.catalogue.switches)
            if (other.kind == SwitchKind::relay && carries(other.rated, need) && other.breaks >= need.volts &&
                suits(other) && other.rated >= t->rated * 0.8) {
                x.fixes.push_back(
                    {say("Use a {part}", other.name), exchanged(c.plan.feeds()[f].id, d.id, other.id)});
                break;
            }
        out.push_back(std::move(x));
    });
}

void one_broken(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& feed = c.plan.feeds()[f];
        const auto& p = c.figures.protection[f];
        if (feed.conductors < 2 || !p.wire || !p.insulation) continue;
        const std::vector<ParallelConductor> alike(static_cast<size_t>(feed.conductors),
                                                   {p.wire, p.insulation, Metre(1)});
        const auto rating = parallel_rating(alike, c.plan.hottest_air);
        const auto asked = c.figures.worst.feeds[f].continuous;
        if (asked <= rating.one_broken) continue;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{lead}: with one of {conductors} conductors broken the others carry {one_broken}; "
                      "{asked} is drawn.",
                      c.index().feed_name(feed), feed.conductors, format(rating.one_broken), format(asked)),
                  {},
                  {}};
        x.why.add(
            say("A broken parallel conductor goes unnoticed until the others overheat: size for one less, or "
                "fuse each."));
        auto more = feed.conductors;
        while (more < 20) {
            ++more;
            const std::vector<ParallelConductor> all(static_cast<size_t>(more),
                                                     {p.wire, p.insulation, Metre(1)});
            if (parallel_rating(all, c.plan.hottest_air).one_broken >= asked) break;
        }
        if (feed.cores.empty())
            x.fixes.push_back({say("Use {more} conductors", more), [id = feed.id, more](const Plan& plan) {
                                   auto next = plan;
                                   if (auto* y = by_id(next.feeds(), id)) y->conductors = more;
                                   return next;
                               }});
        out.push_back(std::move(x));
    }
}

Fix red_and_black(const Id& feed) {
    return {say("Red and black"), [feed](const Plan& plan) {
                auto next = plan;
                if (auto* f = by_id(next.feeds(), feed)) f->supply_colour = "red", f->return_colour = "black";
                return next;
            }};
}

void colours(const Context& c, std::vector<Finding>& out) {
    for (const auto& feed : c.plan.feeds()) {
        // A cable's colours have rules of their own.
        if (!feed.cores.empty() || feed.ret != Return::own || feed.supply_colour != feed.return_colour)
            continue;
        Finding x{Severity::danger,
                  {},
                  {feed.id},
                  say("{lead}: plus and minus are both {supply}.", c.index().feed_name(feed),
                      said(feed.supply_colour)),
                  {},
                  {}};
        x.why.add(say("Identical plugs get swapped: reversed polarity destroys what they feed."));
        x.fixes.push_back(red_and_black(feed.id));
        out.push_back(std::move(x));
    }
}

void polarity(const Context& c, std::vector<Finding>& out) {
    for (const auto& feed : c.plan.feeds()) {
        if (!feed.cores.empty() || feed.supply_colour != "black" || feed.return_colour == "black") continue;
        Finding x{Severity::caution,
                  {},
                  {feed.id},
                  say("{lead}: plus is black and minus {return_wire}; whoever repairs it will swap them.",
                      c.index().feed_name(feed), said(feed.return_colour)),
                  {},
                  {}};
        x.fixes.push_back(red_and_black(feed.id));
        out.push_back(std::move(x));
    }
}

void mixed_blades(const Context& c, std::vector<Finding>& out) {
    std::vector<const FuseFamily*> sizes;
    for (const auto& feed : c.plan.feeds())
        if (const auto* d = device(feed, DeviceKind::fuse); d && d->type.find("blade") != std::string::npos)
            if (const auto* family = find(c.catalogue.fuses, d->type);
                family && family->passes < Millimetre(25))
                if (std::find(sizes.begin(), sizes.end(), family) == sizes.end()) sizes.push_back(family);
    // The same size at another voltage goes into the same holder: that is worse than another size.
    const bool alike =
        std::any_of(sizes.begin(), sizes.end(), [](const auto* s) { return s->id == "standard-blade"; });
    if (sizes.size() < 2) return;
    std::vector<Words> list;
    for (const auto* s : sizes) list.push_back(s->name);
    Finding x{
        Severity::note,
        {},
        {},
        say("{count} kinds of blade fuse to carry spares of: {list}.", sizes.size(), joined(list, ", ")),
        {},
        {}};
    x.why.add(alike
                  ? say("Where a holder takes two voltages, the lower one gets into the higher one's place.")
                  : say("They do not interchange."));
    out.push_back(std::move(x));
}

void resettable_first(const Context& c, std::vector<Finding>& out) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f) {
        const auto& p = c.figures.protection[f];
        if (!p.family || p.inherited || p.family->action != FuseAction::resettable ||
            c.index().source_of(f).kind != PartKind::source)
            continue;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead}: a resettable fuse at the pack closes again onto the same fault.",
                      c.index().feed_name(c.plan.feeds()[f])),
                  {},
                  {}};
        x.why.add(say("It leaks while hot and resets when it cools; a pack needs a fuse that stays open."));
        FuseNeed need = p.need;
        if (const auto choice = smallest_that_carries(
                c.catalogue, need,
                usual_fuses(c.plan, c.catalogue, c.index(), f, fuse_habit(c.plan, c.catalogue))))
            x.fixes.push_back({say("Fit a {rating} {family}", format(choice->rating), choice->family->name),
                               [id = c.plan.feeds()[f].id, chosen = *choice](const Plan& plan) {
                                   return set_fuse(plan, id, chosen.family->id, chosen.rating);
                               }});
        out.push_back(std::move(x));
    }
}

void stall(const Context& c, std::vector<Finding>& out) {
    for (size_t l = 0; l < c.plan.loads.size(); ++l) {
        const auto& load = c.plan.loads[l];
        if (load.kind != LoadKind::motor || raw(load.start) <= 0) continue;
        const auto& into = c.index().into(load.id);
        if (into.empty()) continue;
        const auto& p = c.figures.protection[into.front()];
        if (!p.family || !p.thermal) continue;
        const Second opens = slow_edge(*p.family, p.rating, load.start);
        const auto stands = damage_time(*p.thermal, *p.insulation, load.start, p.warm);
        if (std::isfinite(raw(opens)) && opens <= Second(60)) continue;
        Finding x{
            opens > stands ? Severity::danger : Severity::note,
            {},
            {load.id},
            std::isfinite(raw(opens))
                ? say("{load} stalled draws {start}: its fuse takes up to {opens}.", load.name,
                      format(load.start), format(opens))
                : say("{load} draws {start} when it stalls, and its {rating} fuse does not open on that.",
                      load.name, format(load.start), format(p.rating)),
            {},
            {}};
        x.why.add(say(
            "The fuse is for the wire. A stalled motor burns at a current its fuse lets pass: limit it in "
            "the "
            "controller."));
        out.push_back(std::move(x));
    }
}

}  // namespace

const std::vector<Rule> rules_of::feeds{
    {"connector-unknown", to_say("Every connector is in the catalogue"), plug_unknown},
    {"connector-wire-size", to_say("A connector takes its wire"), plug_wire},
    {"connector-spark", to_say("Plugging the pack in does not draw a damaging inrush"), plug_spark},
    {"inline-unsuited", to_say("Diodes, filters and shunts are rated for their current and voltage"),
     inline_parts},
    {"relay-coil", to_say("A relay's coil suits what its feed begins with"), relay_coil},
    {"wire-conductor-broken", to_say("Parallel conductors carry the load if one breaks"), one_broken},
    {"wire-colours-alike", to_say("Plus and minus have different colours"), colours},
    {"wire-colours-reversed", to_say("Black is minus"), polarity},
    {"fuse-kinds-mixed", to_say("Few kinds of blade fuse to keep as spares"), mixed_blades},
    {"fuse-resettable-first", to_say("The pack's own fuse stays open"), resettable_first},
    {"fuse-motor-stall", to_say("A stalled motor is protected"), stall},
};

}  // namespace sangre
