#include "making/steps/supplied_steps.h"

#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr Metre worth_keeping(0.1);  // shorter, it is no use to the next machine

/// What is left of it, as it lies in the drawer: a cable, or its wires by colour.
std::vector<AtHand> left_over(const Plan& plan, const Catalogue& catalogue, const Lead& lead, Metre left) {
    std::vector<AtHand> all;
    const auto* wire = find(catalogue.wires, lead.wire);
    const auto add = [&](const Words& name, const std::string& colour) {
        AtHand hand;
        hand.id = fmt::format("left-{}{}", lead.id, all.empty() ? "" : "-2");
        hand.name = name.english(), hand.wire = lead.wire, hand.colour = colour, hand.length = left;
        all.push_back(std::move(hand));
    };
    const auto size = wire ? wire->size : lead.wire;
    if (!lead.cores.empty())
        add(say("cable, {count} × {size}", lead.cores.size(), size), {});
    else {
        add(say("rest of the {part} lead", name_of(plan, lead.to)), lead.supply_colour);
        if (lead.ret == Return::own)
            add(say("rest of the {part} lead", name_of(plan, lead.to)), lead.return_colour);
    }
    return all;
}

}  // namespace

void tell_supplied(Step& s, const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t f) {
    const auto& lead = plan.leads[f];
    const auto needed = figures.harness.routes[f].cut;
    const auto use = use_of_supplied(catalogue, lead, needed);
    if (!use) return;
    const auto name = lead_name(plan, lead);
    const auto there = format(*lead.supplied);
    const bool first = keeps_plug(catalogue, lead, true), last = keeps_plug(catalogue, lead, false);
    s.actions.clear();
    s.subtitle = say("{there} that it came with, {needed} needed", there, format(needed));
    if (!use->is_cut) {
        s.title = say("Lay out {name} as it came", name);
        s.actions.push_back(say("It keeps both its plugs and is not cut."));
        if (use->spare >= worth_keeping)
            s.actions.push_back(say(
                "{spare} more than the way needs: coil it and tie it, away from what is warm or sensitive.",
                format(use->spare)));
        s.tools = {to_say("labels")};
    } else if (raw(use->left) <= 0 && raw(use->bought) <= 0) {
        s.actions.push_back(say("All {there} of it is used: nothing is cut off.", there));
    } else {
        s.actions.push_back(
            first || last ? say("Measure {used} from the plug at {part}, which stays on, and cut there.",
                                format(use->used), name_of(plan, first ? lead.from : lead.to))
                          : say("Measure {used} of it and cut there.", format(use->used)));
        if (use->left >= worth_keeping)
            s.actions.push_back(say("What is left, {left}, goes back into the drawer with its length on it.",
                                    format(use->left)));
    }
    if (raw(use->bought) > 0)
        s.actions.push_back(lead.cores.empty()
                                ? say("Cut {bought} of the same wire to lengthen it.", format(use->bought))
                                : say("Cut {bought} of the same cable to lengthen it.", format(use->bought)));
    // Of a cable it is said where it is made up.
    if (lead.cores.empty())
        s.actions.push_back(say("Label both ends “{lead_label}”.", lead_label(plan, lead)));
    if (use->left >= worth_keeping) s.leaves = left_over(plan, catalogue, lead, use->left);
    if (!use->reaches) s.caution = say("It is {needed} too short.", format(needed - *lead.supplied));
}

}  // namespace sangre
