// Where leads run past what harms them.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "plan/on_way.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

/// Calls `say(way, thing, feeds)` for what is met on ways that some feed runs along.
template <class Say>
void each_met(const Context& c, Say say) {
    for (size_t w = 0; w < c.plan.ways.size(); ++w) {
        const auto& feeds = c.figures.harness.feeds_on_way[w];
        if (feeds.empty()) continue;
        for (const auto& thing : c.plan.ways[w].on_it) say(c.plan.ways[w], thing, feeds);
    }
}

Words runs(const Context& c, const std::vector<size_t>& feeds) {
    return feeds.size() == 1 ? say("{lead} runs", feed_name(c.plan, c.plan.feeds()[feeds.front()]))
                             : say("{count} feeds run", feeds.size());
}

void past_hazards(const Context& c, std::vector<Finding>& out) {
    each_met(c, [&](const Way& way, const OnWay& thing, const auto& feeds) {
        const auto find = [&](Severity severity, const Words& what) {
            out.push_back({severity,
                           {},
                           {way.id},
                           say("{runs} past the {obstacle} at {part}: {advice}.", runs(c, feeds),
                               on_way_words(thing), name_of(c.plan, way.id), what),
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
        x.fixes.push_back({say("Use {wire} in {insulation}", size_words(other), insulation->name),
                           [id = c.plan.feeds()[feed].id, wire = other.id](const Plan& q) {
                               return set_wire(q, id, wire);
                           }});
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
            const auto& feed = c.plan.feeds()[f];
            Finding x{Severity::danger,
                      {},
                      {feed.id, way.id},
                      say("{lead}: {wire} reaches {warm} past the {obstacle} at {part}; {insulation} is "
                          "rated for {most}.",
                          c.index().feed_name(feed), size_words(*p.wire), format(warm), on_way_words(thing),
                          name_of(c.plan, way.id), p.insulation->name, format(p.insulation->max)),
                      {},
                      {}};
            x.why.add(
                say("{air} there; {continuous} flow continuously.", format(air), format(p.need.continuous)));
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
            const auto* load = by_id(c.plan.loads, c.plan.feeds()[f].to);
            if (!load || (!load->noisy && load->kind != LoadKind::motor)) continue;
            Finding x{Severity::caution,
                      {},
                      {c.plan.feeds()[f].id, way.id},
                      say("{lead} feeds what disturbs, past the aerial at {part}: lead it another way, or "
                          "twist the pair and cross at right angles.",
                          c.index().feed_name(c.plan.feeds()[f]), name_of(c.plan, way.id)),
                      {},
                      {}};
            x.why.add(
                say("An untwisted pair is a loop that radiates its load's noise; twisted, each turn cancels "
                    "the one before."));
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
                      say("{part} is wet, and the {opening} there lets water in along the wires.",
                          name_of(c.plan, way.id), opening_name(c.plan, *opening)),
                      {},
                      {{say("Make it a gland"), [next](const Plan& p) { return put_opening(p, next); }}}};
            x.why.add(
                say("Water runs along a wire to its lowest point: make a drip loop before the opening."));
            out.push_back(std::move(x));
        }
    });
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
                           say("The {opening} lies at {at} on {part}, which is {length} long.",
                               opening ? opening_name(c.plan, *opening) : on_way_words(thing),
                               format(*thing.at), name_of(c.plan, way.id), format(way.length)),
                           {},
                           {{say("Put it at the end of the way"),
                             [mended](const Plan& p) { return put_way(p, mended); }}}});
        }
}

void dangling(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (!l.place.empty() && !by_id(c.plan.places, l.place))
            out.push_back({Severity::caution,
                           {},
                           {l.id},
                           say("{load} is in a place that is not on the machine.", l.name),
                           {},
                           {{say("Forget the place"),
                             [id = l.id](const Plan& p) { return set_part_place(p, id, {}); }}}});
}

}  // namespace

const std::vector<Rule> rules_of::routing{
    {"route-hazard", to_say("Wires keep clear of moving, hot and sharp parts, fuel and airbags"),
     past_hazards},
    {"route-hot", to_say("No wire exceeds its insulation's temperature where it passes a hot place"),
     past_heat},
    {"route-aerial", to_say("Noisy leads keep away from aerials"), past_aerial},
    {"route-wet", to_say("Openings of wet places are sealed"), past_water},
    {"way-beyond-end", to_say("What is on a way lies within its length"), beyond_the_way},
    {"place-unknown", to_say("Every part has a place in the machine"), dangling},
};

}  // namespace sangre
