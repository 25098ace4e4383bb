// How things sit in the machine: in walls, behind lids, beneath one another, and what holds their leads.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/holding.h"
#include "harness/reach.h"
#include "plan/on_way.h"
#include "rules/review/review.h"
#include "wiring/item/item.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

constexpr Celsius glue_softens{60};    // EVA hot glue, typical
constexpr Millimetre stiff_bundle{8};  // that cord no longer holds by a knot alone

void too_deep(const Context& c, std::vector<Finding>& out) {
    const auto check = [&](const Id& about, const Words& name, const Id& body_id, Millimetre behind) {
        const auto* body = by_id(c.plan.bodies, body_id);
        const auto room = body ? room_behind(*body) : std::nullopt;
        if (!room || raw(behind) <= 0 || behind <= *room) return;
        Finding f{
            Severity::danger,
            {},
            {about, body->id},
            say("{name} needs {behind} behind the wall of {body}, which is {room} deep inside at the most.",
                name, format(behind), body->name, format(*room)),
            {},
            {}};
        f.why.add(say("Its body, its lugs and the bend of its wires; the other wall stands in their way."));
        out.push_back(std::move(f));
    };
    for (const auto& p : c.plan.passives)
        if (const auto* body = body_of(c.plan, p.id)) check(p.id, p.name, body->id, p.seat.behind);
    for (const auto& lead : c.plan.feeds())
        for (const auto& d : lead.devices)
            if (!d.panel.empty())
                check(d.id, d.name.empty() ? item_name(c.catalogue, d) : d.name, d.panel,
                      panel_fit(c.catalogue, d).behind);
}

void out_of_reach(const Context& c, std::vector<Finding>& out) {
    const auto check = [&](const Id& about, const Words& name, Reach reach, const InTheWay& way) {
        const auto most = most_in_the_way(reach);
        if (way.count() <= most) return;
        Finding f{Severity::caution,
                  {},
                  {about},
                  reach == Reach::closed
                      ? say("{name} must be reachable with everything closed, but {obstacle} "
                            "{count|comes|come} off first.",
                            name, said_in_the_way(c.plan, way), way.count())
                      : say("{name} must be reachable with one lid off, but {obstacle} come off first.", name,
                            said_in_the_way(c.plan, way)),
                  {},
                  {}};
        f.why.add(say("In the order in which it is opened: {obstacle}.", said_in_the_way(c.plan, way)));
        // An item of a lead can be seated in the outermost wall.
        if (c.plan.feeds().end() != std::find_if(c.plan.feeds().begin(), c.plan.feeds().end(),
                                                 [&](const auto& l) { return by_id(l.devices, about); }) &&
            !way.lids.empty())
            f.fixes.push_back({say("Seat it in the wall of {part}", name_of(c.plan, way.lids.front())),
                               [about, body = way.lids.front()](const Plan& p) {
                                   return with_device(p, about, [&](Device& d) { d.panel = body; });
                               }});
        out.push_back(std::move(f));
    };
    const auto part = [&](const auto& p) {
        if (p.fixing.reach != Reach::any)
            check(p.id, p.name, p.fixing.reach, in_the_way_of_part(c.plan, p.id));
    };
    for (const auto& x : c.plan.converters) part(x);
    for (const auto& x : c.plan.loads) part(x);
    for (const auto& x : c.plan.passives) part(x);
    for (const auto& item : c.figures.harness.wiring.items) {
        const auto& lead = c.plan.leads[item.feed];
        const auto& d = lead.devices[item.device];
        if (d.reach != Reach::any)
            check(d.id, d.name.empty() ? item_name(c.catalogue, d) : d.name, d.reach,
                  in_the_way_of_item(c.plan, lead, d, item.at, c.figures.harness.routes[item.feed].length));
    }
}

/// A glued part that must be got at again, or whose screw has to be turned.
void stuck_in_reach(const Context& c, std::vector<Finding>& out) {
    const auto check = [&](const auto& p, const char* what) {
        if (!p.fixing.stuck || p.fixing.reach == Reach::any) return;
        out.push_back({Severity::note,
                       {},
                       {p.id},
                       say("{part} is stuck down and needs access: keep {access} free of adhesive.", p.name,
                           said(what)),
                       {},
                       {}});
    };
    for (const auto& x : c.plan.converters) check(x, to_say("its screw and its plugs"));
    for (const auto& x : c.plan.loads) check(x, to_say("its plugs and its card"));
    for (const auto& x : c.plan.passives) check(x, to_say("its plug"));
}

void hold_unfit(const Context& c, std::vector<Finding>& out) {
    const auto school = c.plan.practices.hold;
    if (school != HoldSchool::glue && school != HoldSchool::knot) return;
    for (const auto& on : holds_on_ways(c.plan, c.figures.harness)) {
        const auto& way = c.plan.ways[on.way];
        const auto ties = [](const Plan& p) {
            auto practices = p.practices;
            practices.hold = HoldSchool::tie;
            return set_practices(p, practices);
        };
        Celsius hot = c.plan.hottest_air;
        for (const auto& thing : way.on_it)
            if (thing.kind == OnWayKind::heat) hot = std::max(hot, thing.hot.value_or(glue_softens));
        for (const auto& id : {way.from, way.to})
            if (const auto* place = by_id(c.plan.places, id))
                for (size_t b = 0; b < c.plan.bodies.size() && b < c.figures.boxes.size(); ++b)
                    if (c.plan.bodies[b].id == place->body && c.figures.boxes[b].known)
                        hot = std::max(hot, c.figures.boxes[b].air);
        const bool soft = school == HoldSchool::glue && hot >= glue_softens;
        const bool stiff = school == HoldSchool::knot && c.figures.harness.bundle[on.way] > stiff_bundle &&
                           c.plan.shaking == Shaking::hard;
        if (!soft && !stiff) continue;
        Finding f{Severity::caution,
                  {},
                  {way.id},
                  soft ? say("It reaches {hot} at {part}; hot glue softens from {glue_softens}.", format(hot),
                             name_of(c.plan, way.id), format(glue_softens))
                       : say("{bundle} of bundle at {part} is shaken hard: knots of cord work loose on it.",
                             format(c.figures.harness.bundle[on.way]), name_of(c.plan, way.id)),
                  {},
                  {{say("Hold leads by cable ties"), ties}}};
        f.why.source = soft ? say("softening of EVA hot glue, typical") : say("practice");
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::seats{
    {"panel-depth", to_say("A part seated in a wall has room behind it"), too_deep},
    {"out-of-reach", to_say("Parts that need access are reachable"), out_of_reach},
    {"stuck-in-reach", to_say("What is stuck down leaves its plugs and controls free"), stuck_in_reach},
    {"hold-unfit", to_say("What holds leads is rated for the heat and the vibration there"), hold_unfit},
};

}  // namespace sangre
