// What goes through openings, and what they let through.
#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "plan/machine_edits.h"
#include "rules/review/review.h"

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
                  say("{packed} {packs_one|needs|need} {kept} and the {opening} is {bore}.", packed_words(h),
                      packs_one(h), format(h.kept), opening_name(c.plan, wider), format(wider.bore)),
                  {},
                  {}};
        wider.bore = bore_for(h.kept);
        f.why.add(say("Circles packed into the smallest circle that holds them."));
        if (!wider.already.empty()) f.why.add(say("With what runs through it already."));
        if (!wider.later.empty()) f.why.add(say("With what room is kept for."));
        if (raw(h.braid) > 0) f.why.add(say("With the braid over it past what moves."));
        f.fixes.push_back({say("Drill it to {bore}", format(wider.bore)),
                           [wider](const Plan& p) { return put_opening(p, wider); }});
        out.push_back(std::move(f));
    }
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
            say("The {opening} closes on {least} to {most}, and what goes through is {needed} thick.",
                opening_name(c.plan, next), format(there->least), format(there->most), format(h.needed)),
            {},
            {}};
        constexpr double tape_mm = 0.15;  // of self-amalgamating or vinyl tape as it lies; typical
        f.why.add(
            say("Tape, foam or a sleeve round the bundle fills it where the gland stays: {turns} "
                "{turns|turn|turns} of tape {tape_mm} thick bring it to {least}.",
                static_cast<size_t>(std::ceil(raw(there->least - h.needed) / 2 / tape_mm)),
                format(Millimetre(tape_mm)), format(there->least)));
        f.why.add(there->name + ": " + there->source);
        if (const auto* better = suiting_fitting(c.catalogue, FittingKind::gland, h.needed)) {
            next.bore = better->most;
            f.fixes.push_back({say("Use the {part}", better->name),
                               [next](const Plan& p) { return put_opening(p, next); }});
        }
        out.push_back(std::move(f));
    }
}

/// A round gland closes on one round sheath: between loose wires it leaks.
void gland_loose(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        const auto& opening = c.plan.openings[h.opening];
        const auto* body = by_id(c.plan.bodies, opening.body);
        if (opening.kind != OpeningKind::gland || h.rounds.size() < 2 || (body && !body->sealed)) continue;
        Finding f{Severity::note,
                  {},
                  {opening.id},
                  say("The {opening} is round and {packed} go through it: it does not seal between them.",
                      opening_name(c.plan, opening), packed_words(h)),
                  {},
                  {}};
        f.why.add(
            say("A cable with one sheath, an insert with a hole for each wire, or sealant between them."));
        out.push_back(std::move(f));
    }
}

/// A way has no business in an opening of a wall that it does not pass.
void opening_no_wall(const Context& c, std::vector<Finding>& out) {
    for (const auto& way : c.plan.ways) {
        const auto walls = walls_passed(c.plan, way);
        const auto passes = [&](const Id& body) {
            return std::any_of(walls.begin(), walls.end(),
                               [&](const auto* wall) { return wall->id == body; });
        };
        for (size_t i = 0; i < way.on_it.size(); ++i) {
            const auto* opening = by_id(c.plan.openings, way.on_it[i].opening);
            const auto* body = opening ? by_id(c.plan.bodies, opening->body) : nullptr;
            if (!body || passes(body->id)) continue;
            Finding f{Severity::note,
                      {},
                      {way.id, opening->id},
                      say("{part} goes through the {opening} in the wall of {body}, which it does not pass.",
                          name_of(c.plan, way.id), opening_name(c.plan, *opening), body->name),
                      {},
                      {}};
            const auto lies = [&](const Id& place) {
                const auto* at = by_id(c.plan.places, place);
                const auto* in = at ? by_id(c.plan.bodies, at->body) : nullptr;
                return in ? say("{part} is in {body}.", name_of(c.plan, place), in->name)
                          : say("{part} is in no body.", name_of(c.plan, place));
            };
            f.why.add(lies(way.from));
            f.why.add(lies(way.to));
            f.fixes.push_back({say("Take it off the way"),
                               [id = way.id, i](const Plan& p) { return remove_from_way(p, id, i); }});
            for (const auto* wall : walls) {
                auto other = *opening;
                other.body = wall->id;
                f.fixes.push_back({say("It is in the wall of {wall}", wall->name),
                                   [other](const Plan& p) { return put_opening(p, other); }});
            }
            out.push_back(std::move(f));
        }
    }
}

/// A gland or grommet so small that there is none.
void opening_no_fitting(const Context& c, std::vector<Finding>& out) {
    for (const auto& h : c.figures.harness.holes) {
        auto next = c.plan.openings[h.opening];
        if (raw(next.bore) <= 0 || next.kind == OpeningKind::hole) continue;
        if (fitting_of(c.catalogue, next, h.needed)) continue;
        const FittingType* least = nullptr;
        const auto kind = fitting_kind(next.kind);
        for (const auto& f : c.catalogue.fittings)
            if (f.kind == kind && f.most >= h.kept && (!least || f.most < least->most)) least = &f;
        Finding f{Severity::caution,
                  {},
                  {next.id},
                  say("The {opening} has a bore of {bore}: none is known that small.",
                      opening_name(c.plan, next), format(next.bore)),
                  {},
                  {}};
        f.why.add(
            say("Its bore is what wires go through, with the fitting in it; the hole drilled for it is "
                "wider."));
        if (least) {
            f.why.add(least->name + ": " + least->source);
            auto wider = next;
            wider.bore = least->most;
            f.fixes.push_back({say("Take the {least}", least->name),
                               [wider](const Plan& p) { return put_opening(p, wider); }});
        }
        next.kind = OpeningKind::hole;
        f.fixes.push_back({say("It is a bare hole"), [next](const Plan& p) { return put_opening(p, next); }});
        out.push_back(std::move(f));
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
                  leaks ? say("{body} is sealed, but the {opening} lets water in.", body->name,
                              opening_name(c.plan, next))
                        : say("{wires} {count|runs|run} through the bare {opening} in metal: its edge cuts "
                              "into {count|it|them}.",
                              h.wires.size() == 1 ? say("A wire") : say("{count} wires", h.wires.size()),
                              h.wires.size(), opening_name(c.plan, next)),
                  {},
                  {}};
        f.why.add(leaks ? say("A gland closes on the cable; a grommet or a hole only guides it.")
                        : say("Vibration wears insulation through, and the first strand that touches metal "
                              "is a short."));
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
            Finding f{Severity::note,
                      {},
                      {way.id, wall->id},
                      say("{part} passes the wall of {wall}: through which opening?", name_of(c.plan, way.id),
                          wall->name),
                      {},
                      {}};
            f.why.add(say("What runs there is {bundle} thick as a bundle.", format(h.bundle[w])));
            f.fixes.push_back(
                {say("Make a {opening_size} for it", opening_size(opening)),
                 [opening, way = way.id](const Plan& p) { return add_opening(p, way, opening); }});
            out.push_back(std::move(f));
        }
    }
}

}  // namespace

const std::vector<Rule> rules_of::openings{
    {"hole-full", to_say("The bundle fits through its opening"), hole_full},
    {"gland-loose-wires", to_say("A gland closes on one round sheath"), gland_loose},
    {"gland-range", to_say("A gland seals on what goes through it"), gland_range},
    {"opening-no-wall", to_say("A way goes through openings of walls that it passes"), opening_no_wall},
    {"opening-no-fitting", to_say("There is a gland or grommet of that bore"), opening_no_fitting},
    {"opening-unfit", to_say("Openings keep water out of what is sealed, and edges off wires"),
     opening_unfit},
    {"wall-no-opening", to_say("A way through a wall has an opening there"), wall_without_opening},
};

}  // namespace sangre
