#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "harness/fittings.h"
#include "parts/wire_size.h"
#include "plan/on_way.h"
#include "review/review.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {
namespace {

/// Drilled for a bundle: the next whole millimetre above it and half a millimetre more.
Millimetre bore_for(Millimetre bundle) { return Millimetre(std::ceil(raw(bundle) + 0.5)); }

void hole_full(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        if (h.fits) continue;
        auto wider = c.plan.openings[h.opening];
        Finding f{
            Severity::danger,
            {},
            {wider.id},
            say("{} {} {} and the {} is {}.", packed_words(h), packs_one(h) ? say("needs") : say("need"),
                format(h.kept), opening_name(c.plan, wider), format(wider.bore)),
            {},
            {}};
        wider.bore = bore_for(h.kept);
        f.why.add(say("Circles packed into the smallest circle that holds them."));
        if (!wider.already.empty()) f.why.add(say("With what runs through it already."));
        if (!wider.later.empty()) f.why.add(say("With what room is kept for."));
        if (raw(h.braid) > 0) f.why.add(say("With the braid over it past what moves."));
        f.fixes.push_back({say("Drill it to ") + format(wider.bore),
                           [wider](const Plan& p) { return put_opening(p, wider); }});
        out.push_back(std::move(f));
    }
}

/// Calls `say(way, thing, feeds)` for what is met on ways that some feed runs along.
template <class Say>
void each_met(const Context& c, Say say) {
    for (size_t w = 0; w < c.plan.ways.size(); ++w) {
        const auto& feeds = c.figures.harness.feeds_on_way[w];
        if (feeds.empty()) continue;
        for (const auto& thing : c.plan.ways[w].on_it) say(c.plan.ways[w], thing, feeds);
    }
}

std::string runs(const Context& c, const std::vector<size_t>& feeds) {
    return feeds.size() == 1 ? say("{} runs", feed_name(c.plan, c.plan.feeds[feeds.front()]))
                             : say("{} feeds run", feeds.size());
}

void past_hazards(const Context& c, std::vector<Finding>& out) {
    each_met(c, [&](const Way& way, const OnWay& thing, const auto& feeds) {
        const auto find = [&](Severity severity, const std::string& what) {
            out.push_back({severity,
                           {},
                           {way.id},
                           say("{} past the {} at {}: {}.", runs(c, feeds), on_way_words(thing),
                               name_of(c.plan, way.id), what),
                           {},
                           {}});
        };
        if (thing.kind == OnWayKind::hinge) find(Severity::note, say("braid, strain relief and a loop"));
        if (thing.kind == OnWayKind::turning)
            find(Severity::note, say("tied on both sides, so short between that it cannot reach what turns"));
        if (thing.kind == OnWayKind::heat && !thing.hot)
            find(Severity::caution, say("hold it off or sleeve it, and say how hot it gets"));
        if (thing.kind == OnWayKind::edge) find(Severity::caution, say("fit a grommet or edging"));
        if (thing.kind == OnWayKind::fuel)
            find(Severity::caution, say("no joint, plug or fuse near it, and no spark while it is laid"));
        if (thing.kind == OnWayKind::airbag)
            find(Severity::caution,
                 say("battery off and ten minutes gone first; under your local code it may be for a licensed "
                     "hand"));
    });
}

/// How warm a feed's wire gets where the air round it is that hot.
Celsius warmest_at(const Context& c, size_t feed, const WireType& wire, const Insulation& insulation,
                   Celsius air) {
    const auto& p = c.figures.protection[feed];
    const auto thermal = thermal_of(wire, insulation, air, p.bunched);
    const auto warm = thermal->steady(p.need.continuous);
    return std::max(warm, thermal->after(p.need.peak, p.need.peak_time, warm));
}

/// The same size in an insulation that withstands that place, if one is kept.
void offer_insulations(const Context& c, size_t feed, Celsius air, Finding& x) {
    const auto& now = *c.figures.protection[feed].wire;
    for (const auto& other : c.catalogue.wires) {
        const auto* insulation = find(c.catalogue.insulations, other.insulation);
        if (!other.usual || !insulation || other.metric != now.metric || other.size != now.size) continue;
        if (air >= insulation->max || warmest_at(c, feed, other, *insulation, air) > insulation->max)
            continue;
        x.fixes.push_back(
            {say("Use {} in {}", size_words(other), insulation->name),
             [id = c.plan.feeds[feed].id, wire = other.id](const Plan& q) { return set_wire(q, id, wire); }});
        return;
    }
}

/// A hot place adds to what the wire warms itself.
void past_heat(const Context& c, std::vector<Finding>& out) {
    each_met(c, [&](const Way& way, const OnWay& thing, const auto& feeds) {
        if (thing.kind != OnWayKind::heat || !thing.hot) return;
        for (const auto f : feeds) {
            const auto& p = c.figures.protection[f];
            if (!p.thermal || !p.wire || !p.insulation) continue;
            const auto air = std::max(*thing.hot, c.plan.hottest_air);
            // Where the place alone is too hot, nothing has to flow.
            const auto warm = air >= p.insulation->max ? air : warmest_at(c, f, *p.wire, *p.insulation, air);
            if (warm <= p.insulation->max && air < p.insulation->max) continue;
            const auto& feed = c.plan.feeds[f];
            Finding x{Severity::danger,
                      {},
                      {feed.id, way.id},
                      say("{}: {} reaches {} past the {} at {}; {} withstands {}.", c.index().feed_name(feed),
                          size_words(*p.wire), format(warm), on_way_words(thing), name_of(c.plan, way.id),
                          p.insulation->name, format(p.insulation->max)),
                      {},
                      {}};
            x.why.add(say("{} there; {} flow continuously.", format(air), format(p.need.continuous)));
            x.why.source =
                say("Heat balance in still air, Churchill & Chu 1975; bunching IEC 60364-5-52 B.52.17");
            offer_insulations(c, f, air, x);
            out.push_back(std::move(x));
        }
    });
}

/// What disturbs does not lie beside an aerial.
void past_aerial(const Context& c, std::vector<Finding>& out) {
    each_met(c, [&](const Way& way, const OnWay& thing, const auto& feeds) {
        if (thing.kind != OnWayKind::aerial) return;
        for (const auto f : feeds) {
            const auto* load = by_id(c.plan.loads, c.plan.feeds[f].to);
            if (!load || (!load->noisy && load->kind != LoadKind::motor)) continue;
            Finding x{Severity::caution,
                      {},
                      {c.plan.feeds[f].id, way.id},
                      say("{} feeds what disturbs, past the aerial at {}: lead it another way, or "
                          "twist the pair and cross at right angles.",
                          c.index().feed_name(c.plan.feeds[f]), name_of(c.plan, way.id)),
                      {},
                      {}};
            x.why.add(
                say("A pair that lies open is a loop that sends what its load makes; twisted, each turn "
                    "undoes the one before."));
            out.push_back(std::move(x));
        }
    });
}

/// Where it is wet a bare hole or a grommet lets water along the wires.
void past_water(const Context& c, std::vector<Finding>& out) {
    each_met(c, [&](const Way& way, const OnWay& thing, const auto&) {
        if (thing.kind != OnWayKind::water) return;
        for (const auto& met : way.on_it) {
            const auto* opening = by_id(c.plan.openings, met.opening);
            if (!opening || opening->kind == OpeningKind::gland) continue;
            auto next = *opening;
            next.kind = OpeningKind::gland;
            Finding x{Severity::caution,
                      {},
                      {opening->id, way.id},
                      say("It is wet at {}, and the {} there lets water along the wires.",
                          name_of(c.plan, way.id), opening_name(c.plan, *opening)),
                      {},
                      {{say("Make it a gland"), [next](const Plan& p) { return put_opening(p, next); }}}};
            x.why.add(say("Water follows a wire to its lowest point: let it hang lower before the opening."));
            out.push_back(std::move(x));
        }
    });
}

/// A gland that is too wide for its cable seals nothing.
void gland_range(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        auto next = c.plan.openings[h.opening];
        if (h.wires.empty() || next.kind != OpeningKind::gland) continue;
        const auto* there = fitting_of(c.catalogue, next, h.needed);
        if (!there || h.needed >= there->least || h.needed > there->most) continue;
        Finding f{
            Severity::caution,
            {},
            {next.id},
            say("The {} closes on {} to {}, and what goes through is {} thick.", opening_name(c.plan, next),
                format(there->least), format(there->most), format(h.needed)),
            {},
            {}};
        f.why.add(say("Tape, foam or a sleeve round the bundle fills it where the gland stays."));
        f.why.add(there->name + ": " + there->source);
        if (const auto* better = suiting_fitting(c.catalogue, FittingKind::gland, h.needed)) {
            next.bore = better->most;
            f.fixes.push_back({"An " + better->name, [next](const Plan& p) { return put_opening(p, next); }});
        }
        out.push_back(std::move(f));
    }
}

/// What lies on a way past its end is nowhere.
void beyond_the_way(const Context& c, std::vector<Finding>& out) {
    for (const auto& way : c.plan.ways)
        for (const auto& thing : way.on_it) {
            if (!thing.at || *thing.at <= way.length) continue;
            const auto* opening = by_id(c.plan.openings, thing.opening);
            auto mended = way;
            mended.on_it[static_cast<size_t>(&thing - way.on_it.data())].at = way.length;
            out.push_back({Severity::caution,
                           {},
                           {way.id},
                           say("The {} lies at {} on {}, which is {} long.",
                               opening ? opening_name(c.plan, *opening) : on_way_words(thing),
                               format(*thing.at), name_of(c.plan, way.id), format(way.length)),
                           {},
                           {{say("Put it at the end of the way"),
                             [mended](const Plan& p) { return put_way(p, mended); }}}});
        }
}

/// A bare hole in metal cuts; one without a seal lets water into what is sealed.
void opening_unfit(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        auto next = c.plan.openings[h.opening];
        const auto* body = by_id(c.plan.bodies, next.body);
        const bool metal = body ? body->material == BodyMaterial::metal : c.plan.metal_frame;
        const bool leaks = body && body->sealed && next.kind != OpeningKind::gland;
        const bool cuts = metal && next.kind == OpeningKind::hole;
        if (h.wires.empty() || (!leaks && !cuts)) continue;
        Finding f{leaks ? Severity::caution : Severity::danger,
                  {},
                  {next.id},
                  leaks
                      ? say("{} is sealed and the {} lets water in.", body->name, opening_name(c.plan, next))
                      : say("{} {} through the bare {} in metal: its edge cuts into {}.",
                            h.wires.size() == 1 ? say("A wire") : say("{} wires", h.wires.size()),
                            h.wires.size() == 1 ? say("runs") : say("run"), opening_name(c.plan, next),
                            h.wires.size() == 1 ? say("it") : say("them")),
                  {},
                  {}};
        f.why.add(
            leaks
                ? say("A gland closes on the cable; a grommet or a hole only guides it.")
                : say("Insulation rubs through where it shakes, and the first strand that touches metal is a "
                      "short."));
        next.kind = leaks ? OpeningKind::gland : OpeningKind::grommet;
        f.fixes.push_back({leaks ? say("Make it a gland") : say("Fit a grommet"),
                           [next](const Plan& p) { return put_opening(p, next); }});
        out.push_back(std::move(f));
    }
}

/// Out of one body and into another, a wire goes through the wall of each that does not hold both.
void wall_without_opening(const Context& c, std::vector<Finding>& out) {
    for (size_t w = 0; w < c.plan.ways.size(); ++w) {
        const auto& way = c.plan.ways[w];
        const auto& h = c.figures.harness;
        if (h.feeds_on_way[w].empty() && h.cables_on_way[w].empty()) continue;
        for (const auto* wall : walls_passed(c.plan, way)) {
            const bool opened = std::any_of(way.on_it.begin(), way.on_it.end(), [&](const auto& thing) {
                const auto* opening = by_id(c.plan.openings, thing.opening);
                return opening && (opening->body == wall->id || opening->body.empty());
            });
            if (opened) continue;
            Opening opening;
            opening.body = wall->id;
            opening.kind = wall->sealed                            ? OpeningKind::gland
                           : wall->material == BodyMaterial::metal ? OpeningKind::grommet
                                                                   : OpeningKind::hole;
            const auto* fitting = suiting_fitting(c.catalogue, opening.kind, h.bundle[w]);
            opening.bore = fitting ? fitting->most : bore_for(h.bundle[w]);
            Finding f{
                Severity::note,
                {},
                {way.id, wall->id},
                say("{} passes the wall of {}: through which opening?", name_of(c.plan, way.id), wall->name),
                {},
                {}};
            f.why.add(say("What runs there is {} thick as a bundle.", format(h.bundle[w])));
            f.fixes.push_back(
                {say("Make a {} for it", opening_size(opening)),
                 [opening, way = way.id](const Plan& p) { return add_opening(p, way, opening); }});
            out.push_back(std::move(f));
        }
    }
}

void dangling(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (!l.place.empty() && !by_id(c.plan.places, l.place))
            out.push_back({Severity::caution,
                           {},
                           {l.id},
                           say("{} stands in a place that is not on the machine.", l.name),
                           {},
                           {{say("Forget the place"),
                             [id = l.id](const Plan& p) { return set_part_place(p, id, {}); }}}});
}

}  // namespace

const std::vector<Rule> rules_of::routing{
    {"hole-full", to_say("What runs through a hole fits through it"), hole_full},
    {"route-hazard", to_say("Wires keep clear of moving, hot and sharp parts, fuel and airbags"),
     past_hazards},
    {"route-hot", to_say("No wire gets hotter than its insulation withstands where it passes a hot place"),
     past_heat},
    {"route-aerial", to_say("What disturbs keeps away from aerials"), past_aerial},
    {"route-wet", to_say("Where it is wet, openings close on what goes through"), past_water},
    {"way-beyond-end", to_say("What is on a way lies on it"), beyond_the_way},
    {"gland-range", to_say("A gland closes on what goes through it"), gland_range},
    {"opening-unfit", to_say("Openings keep water out of what is sealed, and edges off wires"),
     opening_unfit},
    {"wall-no-opening", to_say("A way through a wall has an opening there"), wall_without_opening},
    {"place-unknown", to_say("Every part stands in a place of the machine"), dangling},
};

}  // namespace sangre
