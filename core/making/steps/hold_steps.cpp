#include "making/steps/hold_steps.h"
#include "making/steps/seat_words.h"

#include <algorithm>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "harness/stack.h"
#include "wiring/item/item.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

Words hold_reason(const Plan& plan, const Way& way, const Hold& hold) {
    const auto near = name_of(plan, raw(hold.at) < raw(way.length) / 2 ? way.from : way.to);
    switch (hold.why) {
        case HoldFor::end:
            return say("before the joints at {near}", near);
        case HoldFor::pull:
            return say("a second one at {near}: it takes the pull, not the solder", near);
        case HoldFor::moving:
            return say("beside what moves");
        case HoldFor::opening:
            return say("before the opening, which holds nothing itself");
        case HoldFor::spacing:
            return say("so that it does not swing");
        case HoldFor::there:
            return say("in the clip that is there");
        case HoldFor::knot:
            return say("by its knot");
    }
    return {};
}

void tell_school(Step& s, HoldSchool school) {
    switch (school) {
        case HoldSchool::tie:
            s.actions.push_back(say("Cut the tails flush: a slanted end cuts hands."));
            s.tools = {to_say("cable ties"), to_say("side cutters")};
            break;
        case HoldSchool::clamp:
            s.actions.push_back(say("Rubber all round the leads, the screw through a locking washer."));
            s.tools = {to_say("screwdriver")};
            break;
        case HoldSchool::knot:
            s.actions.push_back(
                say("A clove hitch round the bundle, a reef knot over it, ends cut to 5 mm."));
            s.tools = {to_say("scissors")};
            break;
        case HoldSchool::glue:
            s.actions.push_back(
                say("Clean and dry below it, or it comes off in one piece; hands off until it has set."));
            s.tools = {to_say("hot glue gun")};
            s.caution = say("Molten glue sticks to skin and burns.");
            s.wait_minutes = 1;
            break;
        case HoldSchool::comb:
            s.actions.push_back(
                say("Leads side by side in their slots, none crossing; a tie over each second comb."));
            s.tools = {to_say("screwdriver")};
            break;
    }
}

}  // namespace

std::vector<Step> hold_steps(const Plan& plan, const Figures& figures) {
    std::vector<Step> steps;
    for (const auto& on : holds_on_ways(plan, figures.harness)) {
        const auto& way = plan.ways[on.way];
        const auto wanted =
            std::count_if(on.holds.begin(), on.holds.end(), [](const auto& h) { return is_made(h.why); });
        if (wanted == 0) continue;
        auto& s = add_step(steps, "hold/" + way.id, StepKind::hold,
                           say("Hold the leads: {part}", name_of(plan, way.id)),
                           say("{wanted} × {hold_word}, no more than {apart} between", wanted,
                               said(hold_word(plan.practices.hold)), format(on.apart)));
        s.about = way.id;
        for (const auto& h : on.holds)
            s.actions.push_back(say("At {at} from {part}: {hold_reason}.", format(h.at),
                                    name_of(plan, way.from), hold_reason(plan, way, h)));
        tell_school(s, plan.practices.hold);
        s.minutes = 1 + static_cast<double>(wanted);
        s.after = {"live/direct"};
        s.why.add(say("After it has been tested: a tied harness is slow to open again."));
        s.why.add(say("Before the lid: what is held behind it cannot be reached any more."));
        s.why.add(say("The bundle weighs {gram_per_m} a metre; a machine that {moves} lets {apart} lie free.",
                      format(Gram(on.gram_per_m)),
                      plan.shaking == Shaking::still   ? say("stands")
                      : plan.shaking == Shaking::moves ? say("moves")
                                                       : say("is shaken hard"),
                      format(on.apart)));
    }
    return steps;
}

std::vector<Step> stick_steps(const Plan& plan, const std::vector<std::string>& joints) {
    std::vector<Step> steps;
    const auto add = [&](const auto& part) {
        if (!part.fixing.stuck) return;
        auto& s = add_step(steps, "stick/" + part.id, StepKind::stick, say("Stick down {part}", part.name),
                           say("everything that plugs into it is in already"));
        s.about = part.id;
        s.actions = {say("Both faces clean and dry, wiped with alcohol."),
                     say("Every plug of it in and tugged: beneath it nothing is reached any more."),
                     say("Press for half a minute; it holds in full after a day.")};
        s.tools = {to_say("mounting tape"), to_say("alcohol")};
        s.minutes = 4, s.wait_minutes = 20;
        s.after = {"prepare", "test/shorts"};
        for (const auto& lead : plan.leads)
            if (lead.from == part.id || lead.to == part.id)
                for (const auto& key : joints)
                    if (key.starts_with("join/" + lead.id + "/") || key == "cable/" + lead.id)
                        s.after.push_back(key);
        s.why.add(
            say("After its leads are joined and measured: a stuck part has to be torn off to be repaired."));
    };
    for (const auto& c : plan.converters) add(c);
    for (const auto& l : plan.loads) add(l);
    for (const auto& p : plan.passives) add(p);
    return steps;
}

std::vector<Step> stack_steps(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Step> steps;
    for (const auto& s : stacks(plan, catalogue)) {
        const auto above = name_of(plan, s.above), below = name_of(plan, s.below);
        auto& step = add_step(steps, "stack/" + s.below, StepKind::seat,
                              say("Stand {above} over {below}", above, below),
                              s.spacer ? say("on four of {spacer}", s.spacer->name)
                                       : say("{wanted} apart, on threaded rod", format(s.wanted)));
        step.about = s.below;
        step.actions = {
            say("Look once more at {below}: every joint there is made and every plug is in.", below),
            say("The tallest thing there and 2 mm of air are {wanted}; {gap} stand between the boards.",
                format(s.wanted), format(s.gap())),
            say("Washers of fibre or nylon under the screws where copper runs near a hole."),
            say("Hand-tight in a cross, then a quarter turn: a board that is bent cracks its solder.")};
        step.tools = {to_say("small screwdriver")};
        step.minutes = 6;
        step.after = {"prepare", "test/shorts"};
        step.stamp = s.spacer ? s.spacer->id : std::string();
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            for (const bool source : {true, false})
                if (place_of(plan, source ? plan.feeds()[f].from : plan.feeds()[f].to) == s.below)
                    step.after.push_back(plan.feeds()[f].cores.empty()
                                             ? "join/" + plan.feeds()[f].id + (source ? "/source" : "/load")
                                             : "cable/" + plan.feeds()[f].id);
        step.why.add(say("After the joints beneath it: they can no longer be reached."));
    }
    return steps;
}

std::vector<Step> panel_steps(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Step> steps;
    for (size_t i = 0; i < plan.leads.size(); ++i)
        for (const auto& d : plan.leads[i].devices) {
            if (d.panel.empty()) continue;
            const auto fit = panel_fit(catalogue, d);
            const auto name = item_name(catalogue, d);
            auto& s =
                add_step(steps, "seat/" + d.id, StepKind::seat,
                         say("Seat {name} in {part}", d.name.empty() ? name : d.name, name_of(plan, d.panel)),
                         raw(fit.cutout) > 0 ? say("in an opening of {cutout}", format(fit.cutout)) : name);
            s.about = d.id;
            tell_seat(s, plan, fit, held_by(d), d.panel);
            s.why.add(say("Before its wires are on: its nut goes over them only while their ends are bare."));
        }
    return steps;
}

}  // namespace sangre
