// The reasons of what runs between parts and of what it ends at: ways, cables, parts that draw nothing.
#include <fmt/format.h>

#include <algorithm>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "harness/room.h"
#include "output/explain/inside.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"
#include "plan/drawn.h"
#include "plan/machine_text.h"
#include "plan/passive_text.h"
#include "plan/wire_choice.h"
#include "wiring/cable/cable.h"
#include "wiring/cable/supplied.h"
#include "wiring/item/item.h"

namespace sangre {

void add_findings(Why& why, const Study& s, const Id& subject) {
    for (const auto& f : s.findings)
        if (!f.about.empty() && f.about.front() == subject)
            why.add(f.sentence, f.severity == Severity::danger    ? Tone::danger
                                : f.severity == Severity::caution ? Tone::caution
                                                                  : Tone::plain);
}

namespace {

/// "Mast cable: one round of 6.1 mm, in a sheath of usual wall".
Words jacket_words(const Lead& lead, const Plan& plan, const Strand& strand) {
    const auto over = lead.kind == CableKind::coax && lead.jacket == Jacket::none ? say("as a coax")
                      : lead.jacket == Jacket::sheath                             ? say("in its sheath")
                      : lead.jacket == Jacket::braid                              ? say("in its braid")
                                                                                  : say("in its tube");
    return say(
        "{lead}: one round of {radius} {over}: {radius_2} and {wall} on either side, {across|measured|with a "
        "usual wall; measure it}",
        lead_name(plan, lead), format(Millimetre(2 * strand.radius)), over,
        format(Millimetre(2 * (strand.radius - strand.wall))), format(Millimetre(strand.wall)),
        raw(lead.across) > 0);
}

void add_filling(Why& why, const Plan& plan, const Study& s, size_t opening) {
    const auto& h = s.harness.holes[opening];
    if (h.wires.empty()) return;
    const auto left = room_left(plan.openings[opening], h);
    why.heading(say("Through the opening"));
    const auto bore = plan.openings[opening].bore;
    why.add(raw(bore) > 0 ? say("{packed} pack into {kept}; it is {bore} wide, {fill} full", packed_words(h),
                                format(h.kept), format(bore), format_percent(h.fill))
                          : say("{packed} pack into {needed}; its width is not given", packed_words(h),
                                format(h.needed)),
            h.fits ? Tone::good : Tone::danger);
    for (const auto& [over, words] : {std::pair(&plan.openings[opening].already, say("Through it already")),
                                      std::pair(&plan.openings[opening].later, say("Room is kept for"))}) {
        std::vector<Words> all;
        for (const auto across : *over) all.push_back(format(across));
        if (!all.empty()) why.add(words + ": " + joined(all, ", "));
    }
    if (raw(h.braid) > 0)
        why.add(say("A braid lies over it there: {braid} more on either side.", format(h.braid)));
    for (const auto lead : h.leads)
        for (const auto& strand : s.harness.strands[lead])
            if (strand.jacket) why.add(jacket_words(plan.leads[lead], plan, strand));
    if (left && left->more_alike > 0)
        why.add(say("Later: room for {more_alike} more of {alike}, or for one of {one}", left->more_alike,
                    format(left->alike), format(left->one)),
                Tone::good);
    else if (left)
        why.add(say("Later: room for one of {one} and no more", format(left->one)));
    for (const auto item : h.to_open) {
        const auto& at = s.harness.wiring.items[item];
        why.add(say("{lead}: its {kind_word} passes taken apart only, {opened}.",
                    feed_name(plan, plan.leads[at.feed]), said(kind_word(at.kind)), format(at.values.opened)),
                Tone::caution);
    }
    if (!h.ends_pass)
        why.add(say("The widest plug, {largest_end}, does not pass: thread first, then terminate.",
                    format(h.largest_end)),
                Tone::caution);
}

}  // namespace

Why of_way(const Plan& plan, const Study& s, size_t i) {
    const auto& way = plan.ways[i];
    Why why;
    why.title = name_of(plan, way.id);
    add_findings(why, s, way.id);
    why.add(say("{length}, bundle {bundle} thick", format(way.length), format(s.harness.bundle[i])));
    for (const auto f : s.harness.feeds_on_way[i]) why.add(feed_name(plan, plan.feeds()[f]));
    for (const auto& thing : way.on_it) {
        const auto* opening = by_id(plan.openings, thing.opening);
        why.add(say("{obstacle}{placed|, at {at}|}",
                    opening ? opening_name(plan, *opening) : on_way_words(thing), thing.at.has_value(),
                    format(thing.at.value_or(Metre(0)))));
        if (opening) add_filling(why, plan, s, static_cast<size_t>(opening - plan.openings.data()));
    }
    why.source = say("Smallest enclosing circle by search; outer diameters of the catalogue");
    return why;
}

Why of_opening(const Plan& plan, const Study& s, size_t i) {
    const auto& opening = plan.openings[i];
    Why why;
    why.title =
        opening.name.empty() ? say("The {opening}", opening_name(plan, opening)) : Words(opening.name);
    add_findings(why, s, opening.id);
    const auto* body = by_id(plan.bodies, opening.body);
    why.add(body ? say("{size} in the wall of {body}", opening_size(opening), body->name)
                 : opening_size(opening));
    for (const auto& way : plan.ways)
        if (std::any_of(way.on_it.begin(), way.on_it.end(),
                        [&](const auto& thing) { return thing.opening == opening.id; }))
            why.add(say("On the way {part}", name_of(plan, way.id)));
    add_filling(why, plan, s, i);
    why.source = say("Smallest enclosing circle by search; outer diameters of the catalogue");
    return why;
}

Why of_body(const Plan& plan, const Study& s, const Body& body) {
    Why why;
    why.title = body.name;
    add_findings(why, s, body.id);
    const auto* around = by_id(plan.bodies, body.in);
    why.add(body_line(plan, body));
    if (around) why.add(say("Inside {around}", around->name));
    for (const auto& p : plan.places)
        if (p.body == body.id) why.add(say("In it: {place}", p.name));
    for (const auto& o : plan.openings)
        if (o.body == body.id)
            why.add(say("In its wall: {size}, {opening}", opening_size(o), name_of(plan, o.id)));
    if (body.material == BodyMaterial::metal)
        why.add(say("Of metal: a current may return by it, and every hole in it needs a grommet."));
    if (body.sealed) why.add(say("Sealed: what passes its wall goes through a gland."));
    const auto i = static_cast<size_t>(&body - plan.bodies.data());
    if (i < s.boxes.size() && s.boxes[i].known) {
        const auto& box = s.boxes[i];
        why.heading(box.why.title);
        why.lines.insert(why.lines.end(), box.why.lines.begin(), box.why.lines.end());
        why.source = box.why.source;
    }
    return why;
}

Why of_side(const Plan& plan, const Side& side) {
    Why why;
    why.title = side.name;
    why.add(raw(side.across) > 0 ? say("{across} across, {across_2} high", format(side.across),
                                       format(side.across * side.tall))
                                 : say("Its scale is not set: ways drawn on it have no length."));
    for (const auto& way : plan.ways)
        if (const auto length = way.drawn ? drawn_length(plan, way) : std::nullopt)
            why.add(compose("{}: {}", name_of(plan, way.id), format(*length)));
    why.source = say("Lines of ways to its scale, with what they rise, rounded up to a centimetre");
    return why;
}

Why of_zone(const Plan& plan, const Zone& zone) {
    Why why;
    why.title = zone.name;
    bool any = false;
    for (const auto& way : plan.ways)
        for (const auto& thing : way.on_it)
            if (thing.zone == zone.id) {
                why.add(say("{part} meets it {at} from {part_2}", name_of(plan, way.id),
                            thing.at ? format(*thing.at) : "?", name_of(plan, way.from)));
                any = true;
            }
    if (!any) why.add(say("No way is drawn through it."));
    return why;
}

Why of_passive(const Plan& plan, const Study& s, const Passive& p) {
    Why why;
    why.title = p.name;
    add_findings(why, s, p.id);
    why.add(say("A {word}: it draws nothing itself{polar|, and minds which way round it is|}.",
                said_word(p.kind), p.polar));
    if (raw(p.seat.cutout) > 0) why.add(say("Sits in an opening of {cutout}.", format(p.seat.cutout)));
    if (raw(p.ohm) > 0) why.add(say("A meter shows {ohm} across it.", format(p.ohm)));
    bool any = false;
    for (const auto* lead : cabled_leads(plan)) {
        if (lead->from != p.id && lead->to != p.id) continue;
        if (!any) why.heading(say("Leads that end at it"));
        any = true;
        why.add(lead_name(plan, *lead));
    }
    return why;
}

Why of_cable(const Plan& plan, const Catalogue& catalogue, const Study& s, const Lead& cable) {
    Why why;
    why.title = lead_name(plan, cable);
    add_findings(why, s, cable.id);
    why.heading(say("From pin to pin"));
    why.add(compose("{} → {}", name_of(plan, cable.from), name_of(plan, cable.to)));
    if (const auto words = supplied_words(plan, catalogue, cable); !words.empty()) why.add(words);
    for (size_t i = 0; i < cable.cores.size(); ++i) {
        const auto& core = cable.cores[i];
        why.add(core_line(core),
                core.role == CoreRole::unused && !core.cut_back ? Tone::caution : Tone::plain);
    }
    const auto* wire = find(catalogue.wires, cable.wire);
    const auto* insulation = wire ? find(catalogue.insulations, wire->insulation) : nullptr;
    if (insulation) {
        why.heading(say("Carries"));
        const auto n = static_cast<int>(cable.cores.size());
        const auto each = bunched_ampacity(catalogue, *wire, plan.hottest_air, n);
        why.add(say("A core of {wire} among {count}, in {hottest}: {each}", size_words(*wire), n,
                    format(plan.hottest_air), format(each)));
        for (size_t i = 0; i < cable.cores.size(); ++i)
            if (cable.cores[i].role == CoreRole::supply) {
                const auto sharing = static_cast<double>(together_with(cable, i).size());
                why.add(say("Its supply: {cores} × {each} = {each_2}; drawn {amps}", sharing, format(each),
                            format(each * sharing), format(cable.amps)),
                        each * sharing < cable.amps ? Tone::danger : Tone::good);
                break;
            }
        why.source = say("{source}; bunching IEC 60364-5-52", wire->source);
    }
    why.heading(say("Where it counts"));
    switch (cable.kind) {
        case CableKind::servo:
            why.add(say(
                "Signal and ground go together; the red wire only where the far end has no other supply."));
            break;
        case CableKind::data:
            why.add(say("The pair twisted, its ground beside it, a resistor at both ends and nowhere else."));
            break;
        case CableKind::motor:
            why.add(say("Twisted or tied together, away from signals; two swapped turn the motor round."));
            break;
        case CableKind::ribbon:
            why.add(
                say("The marked edge is pin 1 at both ends; use several cores for a high supply current."));
            break;
        case CableKind::coax:
            why.add(say(
                "Its shield goes on all round at both ends, not by a twisted tail: a tail is an aerial."));
            why.add(
                say("Minimum bend radius four times its thickness: tighter, its centre conductor moves "
                    "towards the braid."));
            break;
        case CableKind::plain:
        case CableKind::other:
            why.add(say("Count pins from the marked one: a plug seen from behind is its own mirror image."));
            break;
    }
    for (size_t i = 0; i < s.harness.routes.size(); ++i)
        if (plan.leads[i].id == cable.id) add_lead_route(why, plan, catalogue, s, i);
    return why;
}

}  // namespace sangre
