#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "harness/fittings.h"
#include "review/review.h"
#include "units/format.h"

namespace sangre {
namespace {

/// Drilled for a bundle: the next whole millimetre above it and half a millimetre more.
Millimetre bore_for(Millimetre bundle) { return Millimetre(std::ceil(raw(bundle) + 0.5)); }

void hole_full(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        if (h.fits) continue;
        auto wider = c.plan.openings[h.opening];
        Finding f{Severity::danger,
                  {},
                  {wider.id},
                  fmt::format("{} wires need {} and the {} is {}.", h.wires.size(), format(h.needed),
                              opening_name(c.plan, wider), format(wider.bore)),
                  {},
                  {}};
        wider.bore = bore_for(h.needed);
        f.why.add("Circles packed into the smallest circle that holds them.");
        f.fixes.push_back(
            {"Drill it to " + format(wider.bore), [wider](const Plan& p) { return put_opening(p, wider); }});
        out.push_back(std::move(f));
    }
}

void past_moving(const Context& c, std::vector<Finding>& out) {
    for (size_t w = 0; w < c.plan.ways.size(); ++w) {
        const auto& way = c.plan.ways[w];
        const auto& on_it = c.figures.harness.feeds_on_way[w];
        const auto n = on_it.size();
        if (n == 0) continue;
        const std::string where = name_of(c.plan, way.id);
        const auto say = [&](Severity severity, std::string sentence) {
            out.push_back({severity, {}, {way.id}, std::move(sentence), {}, {}});
        };
        if (meets(way, OnWayKind::hinge))
            say(Severity::note,
                fmt::format("{} a moving part at {}: braid, strain relief and a loop.",
                            n == 1 ? feed_name(c.plan, c.plan.feeds[on_it.front()]) + " passes"
                                   : fmt::format("{} feeds pass", n),
                            where));
        const auto runs = n == 1 ? std::string("A feed runs") : fmt::format("{} feeds run", n);
        if (meets(way, OnWayKind::heat))
            say(Severity::caution,
                fmt::format("{} by something hot at {}: hold it off or sleeve it.", runs, where));
        if (meets(way, OnWayKind::edge))
            say(Severity::caution,
                fmt::format("{} over a sharp edge at {}: fit a grommet or edging.", runs, where));
    }
}

/// A gland that is too wide for its cable seals nothing.
void gland_range(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        auto next = c.plan.openings[h.opening];
        if (h.wires.empty() || next.kind != OpeningKind::gland) continue;
        const auto* there = fitting_of(c.catalogue, next, h.needed);
        if (!there || h.needed >= there->least || h.needed > there->most) continue;
        Finding f{Severity::caution,
                  {},
                  {next.id},
                  fmt::format("The {} closes on {} to {}, and what goes through is {} thick.",
                              opening_name(c.plan, next), format(there->least), format(there->most),
                              format(h.needed)),
                  {},
                  {}};
        f.why.add("Tape, foam or a sleeve round the bundle fills it where the gland stays.");
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
            out.push_back(
                {Severity::caution,
                 {},
                 {way.id},
                 fmt::format("The {} lies at {} on {}, which is {} long.",
                             opening ? opening_name(c.plan, *opening) : on_way_word(thing.kind),
                             format(*thing.at), name_of(c.plan, way.id), format(way.length)),
                 {},
                 {{"Put it at the end of the way", [mended](const Plan& p) { return put_way(p, mended); }}}});
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
                      ? fmt::format("{} is sealed and the {} lets water in.", body->name,
                                    opening_name(c.plan, next))
                      : fmt::format("{} {} through the bare {} in metal: its edge cuts into {}.",
                                    h.wires.size() == 1 ? "A wire" : fmt::format("{} wires", h.wires.size()),
                                    h.wires.size() == 1 ? "runs" : "run", opening_name(c.plan, next),
                                    h.wires.size() == 1 ? "it" : "them"),
                  {},
                  {}};
        f.why.add(
            leaks ? "A gland closes on the cable; a grommet or a hole only guides it."
                  : "Insulation rubs through where it shakes, and the first strand that touches metal is a "
                    "short.");
        next.kind = leaks ? OpeningKind::gland : OpeningKind::grommet;
        f.fixes.push_back({leaks ? "Make it a gland" : "Fit a grommet",
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
            Finding f{Severity::note,
                      {},
                      {way.id, wall->id},
                      fmt::format("{} passes the wall of {}: through which opening?", name_of(c.plan, way.id),
                                  wall->name),
                      {},
                      {}};
            f.why.add(fmt::format("What runs there is {} thick as a bundle.", format(h.bundle[w])));
            f.fixes.push_back(
                {fmt::format("Make a {} for it", opening_size(opening)),
                 [opening, way = way.id](const Plan& p) { return add_opening(p, way, opening); }});
            out.push_back(std::move(f));
        }
    }
}

void dangling(const Context& c, std::vector<Finding>& out) {
    for (const auto& l : c.plan.loads)
        if (!l.place.empty() && !by_id(c.plan.places, l.place))
            out.push_back(
                {Severity::caution,
                 {},
                 {l.id},
                 fmt::format("{} stands in a place that is not on the machine.", l.name),
                 {},
                 {{"Forget the place", [id = l.id](const Plan& p) { return set_part_place(p, id, {}); }}}});
}

}  // namespace

const std::vector<Rule> rules_of::routing{
    {"hole-full", "What runs through a hole fits through it", hole_full},
    {"route-hazard", "Wires keep clear of moving, hot and sharp parts", past_moving},
    {"way-beyond-end", "What is on a way lies on it", beyond_the_way},
    {"gland-range", "A gland closes on what goes through it", gland_range},
    {"opening-unfit", "Openings keep water out of what is sealed, and edges off wires", opening_unfit},
    {"wall-no-opening", "A way through a wall has an opening there", wall_without_opening},
    {"place-unknown", "Every part stands in a place of the machine", dangling},
};

}  // namespace sangre
