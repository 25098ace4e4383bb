#include "making/laid_straight.h"

#include "wiring/cable/supplied.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "harness/holding.h"
#include "plan/bodies.h"
#include "plan/on_way.h"
#include "wiring/item/covers.h"
#include "wiring/joint/crimp.h"
#include "wiring/joint/joint.h"
#include "wiring/joint/pigtail.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

struct Layer {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    size_t f;
    const Lead& feed = plan.leads[f];
    const FeedRoute& route = figures.harness.routes[f];
    LaidStraight out{};

    /// Of a distance along its ways, where it lies on the wire as it is cut: a length that was measured
    /// counts more than the ways do.
    Metre on_wire(double along) const {
        double path = 0;
        for (const auto w : route.ways) path += raw(plan.ways[w].length);
        const double wire = raw(route.cut - route.end_from - route.end_to);
        return route.end_from + Metre(path > 0 ? along / path * wire : 0);
    }
    LaidThing& add(LaidKind what, Words name, Metre at) {
        out.things.push_back({what, std::move(name), at, {}, {}, {}, true});
        return out.things.back();
    }
    void ends() {
        for (const bool source : {true, false}) {
            const auto part = name_of(plan, source ? feed.from : feed.to);
            const auto* kind = find(catalogue.joints, source ? feed.joint_from : feed.joint_to);
            const auto edge = source ? Metre(0) : route.cut;
            auto& end =
                add(LaidKind::end, say("{thing} at {part}", kind ? kind->name : say("end"), part), edge);
            end.source_side = source, end.about = source ? feed.from : feed.to;
            auto& label = add(LaidKind::label, say("label “{lead_label}”", lead_label(plan, feed)),
                              source ? Metre(std::min(0.06, raw(route.cut) / 4))
                                     : route.cut - Metre(std::min(0.06, raw(route.cut) / 4)));
            label.source_side = source;
            boot(source, kind);
            if (!kind || !kind->tube || !tube_school(plan.practices.insulation) ||
                in_pigtail(plan, catalogue, feed, source))
                continue;
            const auto work = feed_joint(plan, catalogue, f, source);
            if (!work || work->tape) continue;
            const Metre parked = Metre(raw(work->parking) / 1e3);
            auto& tube = add(LaidKind::tube,
                             say("{length} of {wire}", format(work->tube_cut),
                                 work->tube ? Words(work->tube->name) : say("tube that fits")),
                             source ? parked : route.cut - parked);
            tube.source_side = source, tube.length = Metre(raw(work->tube_cut) / 1e3);
            tube.across = work->tube ? work->tube->expanded : Millimetre(0);
        }
    }
    /// Over a stud that stays live a rubber boot, on before its ring is.
    void boot(bool source, const JointKind* kind) {
        const auto& part = source ? feed.from : feed.to;
        if (!kind || kind->end != JointEnd::stud || !by_id(plan.sources, part)) return;
        const auto* fitting =
            suiting_fitting(catalogue, FittingKind::boot, stud_at(plan, feed, source, false));
        const Metre off(std::min(0.03, raw(route.cut) / 6));
        auto& t =
            add(LaidKind::boot, fitting ? fitting->name : say("rubber boot"), source ? off : route.cut - off);
        t.source_side = source, t.about = part;
    }
    void items() {
        for (const auto& item : figures.harness.wiring.items_of(f)) {
            const auto& device = feed.devices[item.device];
            const auto at = std::min(item.at, route.cut);
            // A bead has no ends of its own: the lead goes through it.
            const auto* bead = find(catalogue.inlines, device.type);
            const bool ring = bead && raw(bead->bore) > 0;
            {
                auto& t = add(ring ? LaidKind::slid : LaidKind::item, item_name(device), at);
                t.about = device.id;
                t.across = ring                          ? bead->bore
                           : raw(item.values.opened) > 0 ? item.values.opened
                                                         : item.values.passes;
            }
            if (device.panel.empty()) continue;
            auto& nut = add(LaidKind::slid, say("nut of the {item_name}", item_name(device)), at);
            nut.about = device.id;
            nut.across = panel_fit(catalogue, device).cutout;
        }
    }
    /// A gland's dome nut and seal outside of its wall, its lock nut inside.
    void gland_parts(const Opening& opening, Metre at, bool source_inside) {
        for (const bool outside : {true, false}) {
            const Metre off((outside == source_inside ? 1 : -1) * std::min(0.005, raw(route.cut) / 20));
            const Metre there(std::clamp(raw(at + off), 0.0, raw(route.cut)));
            auto& t = add(LaidKind::slid,
                          outside ? say("dome nut and seal of the {opening}", opening_name(plan, opening))
                                  : say("lock nut of the {opening}", opening_name(plan, opening)),
                          there);
            t.about = opening.id, t.across = opening.bore;
        }
    }
    bool starts_inside(const Id& place, const Id& body) const {
        const auto* at = by_id(plan.places, place);
        return at && is_inside(plan, at->body, body);
    }
    /// `each(w, way, here, at)` for the ways it is laid on, in its order: at which place it comes to the way,
    /// and where on the wire is what lies so many metres along the way.
    template <class Each>
    void each_way(Each each) const {
        double along = 0;
        Id here = place_of(plan, feed.from);
        for (const auto w : route.ways) {
            const auto& way = plan.ways[w];
            const bool forward = way.from == here;
            each(w, way, here,
                 [&](double said) { return on_wire(along + (forward ? said : raw(way.length) - said)); });
            along += raw(way.length);
            here = forward ? way.to : way.from;
        }
    }
    /// The holds of its ways, by their distance on the wire.
    void held() {
        each_way([&](size_t w, const Way& way, const Id&, const auto& on) {
            for (const auto& h : holds_on_way(plan, figures.harness, w).holds)
                out.holds.push_back({LaidKind::hold,
                                     h.why == HoldFor::there  ? say("clip")
                                     : h.why == HoldFor::knot ? say("knot")
                                                              : said(hold_word(plan.practices.hold)),
                                     on(raw(h.at)),
                                     {},
                                     {},
                                     way.id,
                                     true});
        });
        std::sort(out.holds.begin(), out.holds.end(),
                  [](const auto& a, const auto& b) { return a.at < b.at; });
    }
    Words item_name(const Device& d) const {
        if (!d.name.empty())
            return d.kind == DeviceKind::power_switch ? say("{name} switch", d.name) : d.name;
        if (d.kind == DeviceKind::fuse) return say("{fuse} fuse", format(d.rating));
        return said_word(d.kind);
    }
    void ways() {
        each_way([&](size_t w, const Way& way, const Id& here, const auto& on) {
            for (size_t i = 0; i < way.on_it.size(); ++i) {
                const auto& met = way.on_it[i];
                const auto at = on(raw(place_on(way, met)));
                const auto* opening = by_id(plan.openings, met.opening);
                {
                    auto& t = add(opening ? LaidKind::opening : LaidKind::hazard,
                                  opening ? opening_name(plan, *opening) : on_way_words(met), at);
                    t.about = opening ? opening->id : way.id;
                    t.way = static_cast<int>(w), t.on_it = i;
                    if (opening) t.across = opening->bore;
                }
                if (opening && opening->kind == OpeningKind::gland)
                    gland_parts(*opening, at, starts_inside(here, opening->body));
                if (role_of(met.kind).moves) {
                    auto& braid = add(LaidKind::braid, "braid", at);
                    braid.about = way.id, braid.length = braid_reach * 2;
                }
            }
        });
    }
    const std::vector<OnWay>& things_of(const LaidThing& t) const {
        static const std::vector<OnWay> none;
        return t.way >= 0 ? plan.ways[static_cast<size_t>(t.way)].on_it : none;
    }
    Words words(const LaidThing& t) const {
        switch (t.what) {
            case LaidKind::label:
                return say("Write the {obstacle} at the end at {part}.", t.name,
                           name_of(plan, t.source_side ? feed.from : feed.to));
            case LaidKind::tube:
                return raw(t.source_side ? t.at : route.cut - t.at) > 0
                           ? say("Slide on {obstacle}; park it {at} from the end at {part}.", t.name,
                                 format(t.source_side ? t.at : route.cut - t.at),
                                 name_of(plan, t.source_side ? feed.from : feed.to))
                           : say("Slide on {obstacle}, for the end at {part}.", t.name,
                                 name_of(plan, t.source_side ? feed.from : feed.to));
            case LaidKind::item:
                return say("Put in the {obstacle}.", t.name);
            case LaidKind::end:
                return keeps_plug(catalogue, feed, t.source_side)
                           ? say("The plug at {part} stays on.",
                                 name_of(plan, t.source_side ? feed.from : feed.to))
                           : say("Make the {obstacle}.", t.name);
            case LaidKind::braid:
                return say("Slide on the braid, to {at} from {part}.", format(t.at),
                           name_of(plan, feed.from));
            case LaidKind::opening:
                return say("Through the {obstacle}.", t.name);
            case LaidKind::boot:
                return say("Slide on the {obstacle}, for the end at {part}.", t.name,
                           name_of(plan, t.source_side ? feed.from : feed.to));
            case LaidKind::slid:
                return say("Slide on the {obstacle}, to {at} from {part}.", t.name, format(t.at),
                           name_of(plan, feed.from));
            case LaidKind::hold:
                break;
            case LaidKind::hazard:
                return t.on_it < things_of(t).size() && things_of(t)[t.on_it].kind == OnWayKind::knot
                           ? say("Knot it at {at}, once all is through.", format(t.at))
                           : say("Past the {obstacle}, at {at}.", t.name, format(t.at));
        }
        return {};
    }
    LaidStraight lay() {
        out.cut = route.cut;
        ends(), items(), ways(), held();
        std::stable_sort(out.things.begin(), out.things.end(),
                         [](const auto& a, const auto& b) { return a.at < b.at; });
        const auto by_load = items_to_wait(out.things, true), by_source = items_to_wait(out.things, false);
        out.pulled_by_load = by_load <= by_source;
        for (const auto i : order_on(out.things, out.pulled_by_load))
            out.order.push_back({i, words(out.things[i])});
        out.why.title = say("What goes on first: {lead}", lead_name(plan, feed));
        out.why.add(say("The end at {part} stays unmade until all is through.",
                        name_of(plan, out.pulled_by_load ? feed.to : feed.from)));
        if (const auto wait = std::min(by_load, by_source))
            out.why.add(
                say("{items} {items|item does|items do} not pass an opening made up and {items|waits|wait} "
                    "until then; pulled by the other end it would be {by_load}.",
                    wait, std::max(by_load, by_source)));
        out.why.add(say("Each item lies at its share of the path, with loop and slack spread evenly."));
        return std::move(out);
    }
};

}  // namespace

namespace {

/// Its items and its ends, each among themselves, as the steps have them.
void as_the_steps(LaidStraight& laid, const Id& feed, const std::vector<Step>& steps) {
    const auto place = [&](const GoesOn& on) {
        const auto& t = laid.things[on.thing];
        const auto key = t.what == LaidKind::item ? "item/" + t.about
                                                  : "join/" + feed + (t.source_side ? "/source" : "/load");
        return std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == key; });
    };
    for (const auto kind : {LaidKind::item, LaidKind::end}) {
        std::vector<size_t> where;
        for (size_t i = 0; i < laid.order.size(); ++i)
            if (laid.things[laid.order[i].thing].what == kind && place(laid.order[i]) != steps.end())
                where.push_back(i);
        std::vector<GoesOn> these;
        for (const auto i : where) these.push_back(laid.order[i]);
        std::stable_sort(these.begin(), these.end(),
                         [&](const auto& a, const auto& b) { return place(a) < place(b); });
        for (size_t n = 0; n < where.size(); ++n) laid.order[where[n]] = std::move(these[n]);
    }
}

}  // namespace

LaidStraight lay_straight(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t feed,
                          const std::vector<Step>& steps) {
    auto laid = Layer{plan, catalogue, figures, feed}.lay();
    as_the_steps(laid, plan.leads[feed].id, steps);
    return laid;
}

Plan move_on_lead(Plan plan, const Figures& figures, size_t feed, const LaidThing& thing, Metre at) {
    const auto& route = figures.harness.routes[feed];
    auto& lead = *by_id(plan.leads, plan.leads[feed].id);
    at = std::clamp(at, Metre(0), route.cut);
    if (thing.what == LaidKind::item || thing.what == LaidKind::slid) {
        if (auto* item = by_id(lead.devices, thing.about)) item->at = Metre(std::round(raw(at) * 100) / 100);
        return plan;
    }
    if (thing.way < 0) return plan;
    // Back from the wire to its share of the path, less the ways before.
    const double wire = raw(route.cut - route.end_from - route.end_to);
    double path = 0, before = 0;
    Id here = place_of(plan, lead.from);
    bool forward = true, passed = false;
    for (const auto w : route.ways) {
        const auto& way = plan.ways[w];
        path += raw(way.length);
        passed = passed || static_cast<int>(w) == thing.way;
        if (static_cast<int>(w) == thing.way) forward = way.from == here;
        if (!passed) before += raw(way.length);
        here = way.from == here ? way.to : way.from;
    }
    auto& way = plan.ways[static_cast<size_t>(thing.way)];
    if (wire <= 0 || thing.on_it >= way.on_it.size()) return plan;
    const double along = std::clamp(raw(at - route.end_from) / wire * path - before, 0.0, raw(way.length));
    way.on_it[thing.on_it].at = Metre(std::round((forward ? along : raw(way.length) - along) * 100) / 100);
    return plan;
}

}  // namespace sangre
