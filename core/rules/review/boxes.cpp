// The air inside of bodies, and leads that are pinned to ways.
#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/box_air.h"
#include "plan/bodies.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

// Air this much warmer than outside ages capacitors and cells; less is what any closed case has.
constexpr double warm_k = 15, mended_k = 10;
constexpr double worth_measuring_w = 3;
constexpr double breath_k = 5;

/// Where a module may go: of each body outside of that one, and of none, the place that is nearest to it.
std::vector<const Place*> places_outside(const Plan& plan, const Place& here, const Id& body) {
    std::map<Id, const Place*> nearest;
    const auto far = [&](const Place& p) { return std::hypot(p.x - here.x, p.y - here.y); };
    for (const auto& place : plan.places) {
        if (is_inside(plan, place.body, body)) continue;
        const auto*& best = nearest[place.body];
        if (!best || far(place) < far(*best)) best = &place;
    }
    std::vector<const Place*> all;
    for (const auto& [id, place] : nearest) all.push_back(place);
    return all;
}

/// The module of a body, and the place outside of it, by which it gets least warm inside; nothing where no
/// body is as much as a third cooler by any, or another would be too warm then.
std::optional<Fix> move_out(const Context& c, size_t body) {
    const auto& box = c.figures.boxes[body];
    const auto& id = c.plan.bodies[body].id;
    std::optional<Fix> best;
    double least = box.rise * 2 / 3;
    auto moved = c.plan;
    for (auto& module : moved.converters) {
        const auto stood = module.place;
        const auto* here = by_id(c.plan.places, stood);
        if (!here || !is_inside(c.plan, here->body, id)) continue;
        for (const auto* place : places_outside(c.plan, *here, id)) {
            module.place = place->id;
            const auto boxes = warm_bodies(moved, c.figures.worst);
            bool others = true;
            for (size_t o = 0; o < boxes.size(); ++o)
                others = others && (o == body || boxes[o].rise <= std::max(warm_k, c.figures.boxes[o].rise));
            if (!others || boxes[body].rise >= least) continue;
            least = boxes[body].rise;
            best = Fix{
                say("Move {module} out to {place}: {air} inside then", module.name, place->name,
                    format(boxes[body].air)),
                [part = module.id, to = place->id](const Plan& p) { return set_part_place(p, part, to); }};
        }
        module.place = stood;
    }
    return best;
}

void box_warm(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.bodies.size() && i < c.figures.boxes.size(); ++i) {
        const auto& body = c.plan.bodies[i];
        const auto& box = c.figures.boxes[i];
        if (!box.known || box.rise <= warm_k) continue;
        Finding f{raw(box.air) > 75 ? Severity::danger : Severity::caution,
                  {},
                  {body.id},
                  say("{body} reaches {air} inside: {lost} dissipated, {air_2} ambient.", body.name,
                      format(box.air), format(box.lost + box.sun), format(Celsius(raw(box.air) - box.rise))),
                  box.why,
                  {}};
        f.why.title = {};
        if (body.sealed) {
            f.why.add(say("A sealed body has no vents: less lost in it, larger walls, metal, or shade."));
        } else {
            const auto venting = venting_for(box, body, mended_k);
            auto next = body;
            if (raw(venting.vents) > raw(body.vents)) {
                next.vents = venting.vents;
                f.fixes.push_back({say("Vents of {vents} cm² below, and as much above",
                                       format_number(raw(venting.vents) / 100)),
                                   [next](const Plan& p) { return put_body(p, next); }});
            }
            next = body;
            if (venting.fan > body.fan) {
                next.fan = venting.fan;
                f.why.add(
                    say("The thermal switch closes as the air gets warm: fixed to the hottest part, its "
                        "metal insulated from it."));
                f.fixes.push_back({say("A fan of {fan} m³/h on a thermal switch", format_number(venting.fan)),
                                   [next](const Plan& p) { return put_body(p, next); }});
            }
        }
        if (auto out_of_it = move_out(c, i)) f.fixes.push_back(std::move(*out_of_it));
        if (body.sun) {
            auto shaded = body;
            shaded.sun = false;
            f.fixes.push_back(
                {say("Keep the sun off it"), [shaded](const Plan& p) { return put_body(p, shaded); }});
        }
        out.push_back(std::move(f));
    }
}

void box_unmeasured(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.bodies.size() && i < c.figures.boxes.size(); ++i) {
        const auto& body = c.plan.bodies[i];
        const auto& box = c.figures.boxes[i];
        const bool measured = raw(body.length) > 0 && raw(body.width) > 0 && raw(body.height) > 0;
        if (measured || body.open || raw(box.lost) < worth_measuring_w) continue;
        out.push_back(
            {Severity::note,
             {},
             {body.id},
             say("{lost} is dissipated in {body}: its temperature follows from its size, which is not given.",
                 format(box.lost), body.name),
             {},
             {}});
    }
}

void sealed_with_vents(const Context& c, std::vector<Finding>& out) {
    for (const auto& body : c.plan.bodies) {
        if (!body.sealed || (raw(body.vents) <= 0 && body.fan <= 0)) continue;
        auto closed = body;
        closed.vents = SquareMillimetre(0), closed.fan = 0;
        auto open = body;
        open.sealed = false;
        out.push_back({Severity::caution,
                       {},
                       {body.id},
                       say("{body} is said to be sealed and has vents: it is one or the other.", body.name),
                       {},
                       {{say("Without vents"), [closed](const Plan& p) { return put_body(p, closed); }},
                        {say("Not sealed"), [open](const Plan& p) { return put_body(p, open); }}}});
    }
}

/// Water gets into a sealed body by its own breath.
void box_damp(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.plan.bodies.size() && i < c.figures.boxes.size(); ++i) {
        const auto& body = c.plan.bodies[i];
        const auto& box = c.figures.boxes[i];
        if (!body.sealed || !box.known || box.rise < breath_k) continue;
        Finding f{Severity::note,
                  {},
                  {body.id},
                  say("{body} is sealed and gets {rise} K warmer in use: as it cools it draws moisture in.",
                      body.name, format_number(box.rise)),
                  {},
                  {}};
        f.why.add(say(
            "A membrane vent at its lowest point passes air but not water; a desiccant bag takes the rest."));
        out.push_back(std::move(f));
    }
}

void pins_broken(const Context& c, std::vector<Finding>& out) {
    for (size_t i = 0; i < c.figures.harness.routes.size(); ++i) {
        const auto& lead = c.plan.leads[i];
        if (lead.by.empty() || c.figures.harness.routes[i].pinned) continue;
        Finding f{Severity::caution,
                  {},
                  {lead.id},
                  say("{lead} is pinned to ways that do not join its two ends one after the other.",
                      feed_name(c.plan, lead)),
                  {},
                  {}};
        f.why.add(say("It goes by the least way until they do."));
        f.fixes.push_back(
            {say("Let it find its own way"), [id = lead.id](const Plan& p) { return pin_lead(p, id, {}); }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::boxes{
    {"box-warm", to_say("The air inside an enclosure stays near ambient"), box_warm},
    {"box-unmeasured", to_say("Enclosures with heat inside are measured"), box_unmeasured},
    {"box-sealed-vents", to_say("A sealed body has no vents"), sealed_with_vents},
    {"box-damp", to_say("A sealed body stays dry"), box_damp},
    {"route-pinned", to_say("A lead that is pinned to ways goes by them"), pins_broken}};

}  // namespace sangre
