// What sits in a lead suits it: joined at its own ends, in a slot that is there, round a lead that it closes
// on, its coil on volts that it is wound for.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

constexpr double coil_low = 0.75, coil_high = 1.3;  // of nominal: pulls in surely, stays cool enough; typical

template <class Check>
void each_lead_item(const Context& c, Check check) {
    for (size_t f = 0; f < c.plan.feeds().size(); ++f)
        for (const auto& d : c.plan.feeds()[f].devices) check(f, d);
}

Words in_feed(const Context& c, size_t feed, const Device& d) {
    return say("{lead}: the {item_name}", c.index().feed_name(c.plan.feeds()[feed]),
               item_name(c.catalogue, d));
}

void no_joint_at_item(const Context& c, std::vector<Finding>& out) {
    std::vector<Words> all;
    std::vector<Id> about;
    each_lead_item(c, [&](size_t f, const Device& d) {
        if (!wants_joints(c.catalogue, d)) return;
        all.push_back(in_feed(c, f, d));
        about.push_back(c.plan.feeds()[f].id);
    });
    if (all.empty()) return;
    Finding x{Severity::note,
              {},
              about,
              all.size() == 1
                  ? say("{first} has ends of its own and no joint is chosen there.", all.front())
                  : say("{count} items have ends of their own and no joint is chosen there.", all.size()),
              {},
              {}};
    if (all.size() > 1)
        for (const auto& one : all) x.why.add(one);
    x.why.add(say("Lugs, screws and short leads are joined like every other end: strip, tool, cover, ohms."));
    x.fixes.push_back({say("Choose them"),
                       [catalogue = &c.catalogue](const Plan& p) { return fit_item_joints(p, *catalogue); }});
    out.push_back(std::move(x));
}

/// A tap goes where a circuit's own fuse is, of that fuse's family.
void tap_slot(const Context& c, std::vector<Finding>& out) {
    each_lead_item(c, [&](size_t f, const Device& d) {
        const auto* holder = holder_of(c.catalogue, d);
        if (!holder || !holder->tap) return;
        const auto* source = by_id(c.plan.sources, c.plan.feeds()[f].from);
        const bool circuit = source && source->kind == SourceKind::circuit;
        const auto takes = [](const HolderType& h, const Id& family) {
            return std::find(h.takes.begin(), h.takes.end(), family) != h.takes.end();
        };
        if (circuit && (source->fuse_type.empty() || takes(*holder, source->fuse_type))) return;
        Finding x{circuit ? Severity::caution : Severity::danger,
                  {},
                  {c.plan.feeds()[f].id},
                  circuit ? say("{holder} does not go into the slot of {source}, which is for {fuse_type}.",
                                holder->name, source->name, source->fuse_type)
                          : say("{holder} taps a fuse slot, and there is none at {part}.", holder->name,
                                c.index().name(c.plan.feeds()[f].from)),
                  {},
                  {}};
        x.why.add(say("A tap takes the circuit's own fuse and the new one, in the slot of the first."));
        const auto* family = find(c.catalogue.fuses, circuit ? source->fuse_type : d.type);
        if (const auto* better =
                family ? (circuit ? suiting_tap(c.catalogue, *family, d.rating, c.plan.hottest_air)
                                  : suiting_holder(c.catalogue, *family, d.rating, c.plan.hottest_air))
                       : nullptr)
            x.fixes.push_back({say("Seat it in: {better}", better->name),
                               [catalogue = &c.catalogue, id = d.id, to = better->id](const Plan& p) {
                                   return set_holder(p, *catalogue, id, to);
                               }});
        out.push_back(std::move(x));
    });
}

void bead_bore(const Context& c, std::vector<Finding>& out) {
    each_lead_item(c, [&](size_t f, const Device& d) {
        const auto* bead = d.kind == DeviceKind::filter ? find(c.catalogue.inlines, d.type) : nullptr;
        if (!bead || raw(bead->bore) <= 0) return;
        const auto thick = lead_thickness(c.figures.harness, f);
        if (thick <= bead->bore) return;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead} closes round {bore}, and the lead is {thick} thick.", in_feed(c, f, d),
                      format(bead->bore), format(thick)),
                  {},
                  {}};
        x.why.add(say("All wires of the lead go through it together: one alone would saturate it."));
        const InlinePart* best = nullptr;
        for (const auto& t : c.catalogue.inlines)
            if (t.kind == InlineKind::filter && t.bore >= thick && (!best || t.bore < best->bore)) best = &t;
        if (best)
            x.fixes.push_back({say("Use a {part}", best->name), [id = d.id, to = best->id](const Plan& p) {
                                   return set_device_type(p, id, to);
                               }});
        out.push_back(std::move(x));
    });
}

void coil_volts(const Context& c, std::vector<Finding>& out) {
    const auto& circuit = c.figures.solver->circuit();
    if (!c.figures.now.found) return;
    for (const auto& coil : circuit.coils) {
        const auto& feed = c.plan.feeds()[coil.feed];
        const auto* d = by_id(feed.devices, Id(coil.device));
        const auto* type = d ? find(c.catalogue.switches, d->type) : nullptr;
        if (!type || raw(type->coil) <= 0) continue;
        const auto volt = [&](int node) {
            return node < 0 ? 0.0 : c.figures.now.node_volts[static_cast<size_t>(node)];
        };
        const Volt across(volt(coil.across.positive) - volt(coil.across.negative));
        const double share = raw(across) / raw(type->coil);
        if (share < 0.01 || (share >= coil_low && share <= coil_high))
            continue;  // dead: another rule says why
        const auto& from = d->coil_from.empty() ? feed.from : d->coil_from;
        Finding x{Severity::danger,
                  {},
                  {feed.id},
                  say("{lead} has a coil of {coil} and is connected to {across} of {part}: it {share|may not "
                      "pull in|burns}.",
                      in_feed(c, coil.feed, *d), format(type->coil), format(across), c.index().name(from),
                      share < coil_low),
                  {},
                  {}};
        x.why.add(say("{across} ÷ {coil} = {share}; a coil needs {coil_low} to {coil_high}.", format(across),
                      format(type->coil), format_percent(share), format_percent(coil_low),
                      format_percent(coil_high)));
        out.push_back(std::move(x));
    }
}

/// What was said to sit further along than its lead is long.
void beyond_the_lead(const Context& c, std::vector<Finding>& out) {
    each_lead_item(c, [&](size_t f, const Device& d) {
        const auto length = c.figures.harness.routes[f].length;
        if (!d.at || *d.at <= length) return;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead} sits at {at} of a lead that is {length} long.", in_feed(c, f, d), format(*d.at),
                      format(length)),
                  {},
                  {}};
        x.why.add(say("It is taken to sit at the lead's far end."));
        x.fixes.push_back(
            {d.kind == DeviceKind::fuse ? say("Right at its source")
                                        : say("Leave its body open where it sits"),
             [id = d.id](const Plan& p) { return with_device(p, id, [](Device& it) { it.at.reset(); }); }});
        out.push_back(std::move(x));
    });
}

void live_case(const Context& c, std::vector<Finding>& out) {
    each_lead_item(c, [&](size_t f, const Device& d) {
        const auto* type = d.kind == DeviceKind::power_switch ? find(c.catalogue.switches, d.type) : nullptr;
        if (!type || !type->live_case || !on_metal(c.plan, c.plan.feeds()[f].to)) return;
        Finding x{Severity::caution,
                  {},
                  {c.plan.feeds()[f].id},
                  say("{lead} has a live case, and {part} is in a metal body: film or tube between them.",
                      in_feed(c, f, d), c.index().name(c.plan.feeds()[f].to)),
                  {},
                  {}};
        x.why.add(say("Its metal case is one of its contacts: on bare metal it shorts to the frame."));
        out.push_back(std::move(x));
    });
}

}  // namespace

const std::vector<Rule> rules_of::item_ends{
    {"item-joint-missing", to_say("Items with lugs, screws or leads have joints there"), no_joint_at_item},
    {"item-beyond-end", to_say("Each item lies within the length of its lead"), beyond_the_lead},
    {"tap-slot", to_say("A fuse tap goes into the slot of an existing circuit, of its family"), tap_slot},
    {"bead-bore", to_say("A clip-on bead closes round all wires of its lead"), bead_bore},
    {"coil-volts", to_say("A coil is fed the voltage it is wound for"), coil_volts},
    {"switch-live-case", to_say("A live case is insulated from metal"), live_case},
};

}  // namespace sangre
