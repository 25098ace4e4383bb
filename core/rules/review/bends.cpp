// How leads are bent, and what stands over what.
#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/bending.h"
#include "harness/packing.h"
#include "harness/stack.h"
#include "plan/edits.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"
#include "plan/on_way.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

/// Bent tighter than its wire may be, where no other way was free.
void bent_tight(const Context& c, std::vector<Finding>& out) {
    const auto bends = tightest_bends(c.plan);
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto least = least_bend(c.catalogue, lead);
        for (const auto w : c.figures.harness.routes[i].ways) {
            if (!bends[w] || *bends[w] >= least) continue;
            auto way = c.plan.ways[w];
            Finding f{
                Severity::caution,
                {},
                {lead.id, way.id},
                say("{lead} is bent to a radius of {bends} at {part}; {bent_across} thick, it needs {least}.",
                    lead_name(c.plan, lead), format(*bends[w]), name_of(c.plan, way.id),
                    format(bent_across(c.catalogue, lead)), format(least)),
                {},
                {}};
            f.why.add(
                say("{fixed_bend} times the outer diameter where it lies still.", format_number(fixed_bend)));
            f.why.add(say("Bent tighter, the insulation thins on the outside and strands break with time."));
            f.why.source = say("typical of stranded copper of IEC 60228 classes 5 and 6");
            bool corner = false;
            for (auto& thing : way.on_it)
                if (thing.kind == OnWayKind::corner && raw(thing.radius) > 0 && thing.radius < least)
                    thing.radius = Millimetre(std::ceil(raw(least))), corner = true;
            if (corner)
                f.fixes.push_back(
                    {say("Round the corner to {radius}", format(Millimetre(std::ceil(raw(least))))),
                     [way](const Plan& p) { return put_way(p, way); }});
            out.push_back(std::move(f));
        }
    }
}

/// A solid conductor breaks where it is bent again and again.
void solid_moves(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto* wire = find(c.catalogue.wires, lead.wire);
        if (!wire || wire->strands != 1) continue;
        for (const auto w : c.figures.harness.routes[i].ways) {
            const auto& way = c.plan.ways[w];
            if (std::none_of(way.on_it.begin(), way.on_it.end(),
                             [](const auto& thing) { return role_of(thing.kind).moves; }))
                continue;
            Finding f{Severity::caution,
                      {},
                      {lead.id, way.id},
                      say("{lead} is of solid wire and moves at {part}: it breaks there.",
                          lead_name(c.plan, lead), name_of(c.plan, way.id)),
                      {},
                      {}};
            f.why.add(say("Copper work-hardens each time it is bent; thin strands survive it."));
            const WireType* soft = nullptr;
            for (const auto& other : c.catalogue.wires)
                if (other.strands > 1 && other.metric == wire->metric && other.size == wire->size &&
                    (!soft || other.strands > soft->strands))
                    soft = &other;
            if (soft && i < c.plan.feeds().size())
                f.fixes.push_back(
                    {say("Use {strands} strands of the same size", soft->strands),
                     [id = lead.id, to = soft->id](const Plan& p) { return set_wire(p, id, to); }});
            out.push_back(std::move(f));
        }
    }
}

/// A measured outside that is less than what is in it.
void jacket_tight(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto* wire = find(c.catalogue.wires, lead.wire);
        if (!wire || raw(lead.across) <= 0) continue;
        const auto inside = inside_jacket(lead, wire->outer, wires_of(lead));
        if (lead.across >= inside) continue;
        Finding f{Severity::caution,
                  {},
                  {lead.id},
                  say("{lead} is said to be {across} across, and its wires are {inside} together.",
                      lead_name(c.plan, lead), format(lead.across), format(inside)),
                  {},
                  {}};
        f.why.add(say("{wires} {wires|wire|wires} of {outer} outside, packed.", wires_of(lead),
                      format(wire->outer)));
        f.fixes.push_back({say("Take the usual wall"),
                           [id = lead.id](const Plan& p) { return set_across(p, id, Millimetre(0)); }});
        out.push_back(std::move(f));
    }
}

/// Wires by the metre have no sheath round them.
void sheath_plain(const Context& c, std::vector<Finding>& out) {
    for (const auto& lead : c.plan.feeds()) {
        if (lead.jacket != Jacket::sheath || !lead.cores.empty()) continue;
        Finding f{Severity::caution,
                  {},
                  {lead.id},
                  say("{lead} is of plain wires, and said to be in a sheath.", lead_name(c.plan, lead)),
                  {},
                  {}};
        f.why.add(
            say("A cable is bought with its sheath: say its cores. Over wires goes a braid or a tube."));
        for (const auto& [jacket, words] : {std::pair(Jacket::braid, say("Put a braid over them")),
                                            std::pair(Jacket::none, say("Leave them loose"))})
            f.fixes.push_back(
                {words, [id = lead.id, to = jacket](const Plan& p) { return set_jacket(p, id, to); }});
        out.push_back(std::move(f));
    }
}

/// A knot is a bend of about its own thickness.
void knot_unfit(const Context& c, std::vector<Finding>& out) {
    constexpr Millimetre thickest(6);  // stiffer ones are not drawn snug by hand; typical
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto* wire = find(c.catalogue.wires, lead.wire);
        if (!wire) continue;
        const auto across = bent_across(c.catalogue, lead);
        const Words because = lead.kind == CableKind::coax     ? say("a coax is crushed by it")
                              : lead.kind == CableKind::ribbon ? say("a ribbon is creased by it")
                              : wire->strands == 1             ? say("solid wire breaks in it")
                              : across > thickest
                                  ? say("{across} of thickness are not drawn snug", format(across))
                                  : std::string();
        if (because.empty()) continue;
        for (const auto w : c.figures.harness.routes[i].ways) {
            auto way = c.plan.ways[w];
            bool knotted = false;
            for (auto& thing : way.on_it)
                if (thing.kind == OnWayKind::knot) thing.kind = OnWayKind::clip, knotted = true;
            if (!knotted) continue;
            Finding f{Severity::caution,
                      {},
                      {lead.id, way.id},
                      say("{lead} is knotted at {part}: {because}.", lead_name(c.plan, lead),
                          name_of(c.plan, way.id), because),
                      {},
                      {{say("Hold it by a clip there"), [way](const Plan& p) { return put_way(p, way); }}}};
            f.why.add(
                say("A knot bends a lead to about its own thickness; {fixed_bend} times that is the least.",
                    format_number(fixed_bend)));
            out.push_back(std::move(f));
        }
    }
}

/// From one way into the next, where both are drawn to scale.
void turns_tight(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        const auto& ways = c.figures.harness.routes[i].ways;
        const auto least = least_bend(c.catalogue, lead);
        for (size_t k = 1; k < ways.size(); ++k) {
            const auto turn = turn_between(c.plan, c.plan.ways[ways[k - 1]], c.plan.ways[ways[k]]);
            if (!turn || turn->tightest >= least) continue;
            Finding f{Severity::note,
                      {},
                      {lead.id, turn->place},
                      say("{lead} turns by {degrees}° at {part}. Bend radius there: {tightest} available, "
                          "{least} needed.",
                          lead_name(c.plan, lead), format_number(std::round(turn->degrees)),
                          name_of(c.plan, turn->place), format(turn->tightest), format(least)),
                      {},
                      {}};
            f.why.add(
                say("As round as the stretches on either side allow; the other half of each is left to "
                    "the bend at its other end."));
            f.why.add(
                say("Draw the ways so that they meet flatter, or lead it round in a wider loop there."));
            out.push_back(std::move(f));
        }
    }
}

/// What stands below wants more room than spacers give.
void stack_high(const Context& c, std::vector<Finding>& out) {
    for (const auto& s : stacks(c.plan, c.catalogue)) {
        if (s.spacer) continue;
        Finding f{Severity::caution,
                  {},
                  {s.below, s.above},
                  say("The parts at {part} need {wanted} up to {part_2}, and no spacer is that long.",
                      name_of(c.plan, s.below), format(s.wanted), name_of(c.plan, s.above)),
                  {},
                  {}};
        f.why.add(
            say("The tallest thing and 2 mm of air; threaded rod with nuts on either side, or the tall "
                "thing elsewhere."));
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::bends{
    {"bend-tight", to_say("Leads keep the minimum bend radius of their wire"), bent_tight},
    {"turn-tight", to_say("Where ways meet there is room for the bend radius"), turns_tight},
    {"knot-unfit", to_say("What is knotted may be knotted"), knot_unfit},
    {"jacket-tight", to_say("A cable is as thick as what is in it"), jacket_tight},
    {"sheath-plain", to_say("A sheath is over the cores of a cable"), sheath_plain},
    {"solid-moves", to_say("A lead that moves is of stranded wire"), solid_moves},
    {"stack-high", to_say("Spacers clear the parts below"), stack_high},
};

}  // namespace sangre
