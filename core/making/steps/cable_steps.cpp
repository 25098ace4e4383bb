#include "making/steps/cable_steps.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "making/steps/jacket_words.h"
#include "making/steps/joint_words.h"
#include "making/steps/supplied_steps.h"
#include "making/steps/thread_step.h"
#include "physics/parts/wire_size.h"
#include "wiring/cable/bus.h"
#include "wiring/item/covers.h"
#include "wiring/joint/joint.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

/// Colours of the cores that share a number, by that number; 0 is none.
std::map<int, std::vector<std::string>> colours_by(const Lead& cable, int Core::*number) {
    std::map<int, std::vector<std::string>> groups;
    for (const auto& c : cable.cores)
        if (c.*number > 0 && c.role != CoreRole::unused) groups[c.*number].push_back(c.colour);
    return groups;
}

Words core_name(const Core& c) {
    return c.signal.empty() ? said(c.colour) : said(c.colour) + " (" + c.signal + ")";
}

void say_unused(const Plan& plan, const Catalogue& catalogue, const Lead& cable, Step& s) {
    const auto* tube = cut_back_tube(plan, catalogue, cable);
    const auto cover = tube ? say("{length} of {wire}", format(cut_back_cover), tube->name) : say("a tube");
    for (const auto& c : cable.cores) {
        if (c.role != CoreRole::unused) continue;
        s.actions.push_back(
            cable.kind == CableKind::servo
                ? say("Lift the latch, pull the {core} contact out of both housings, fold it back and "
                      "shrink {cover} over it.",
                      core_name(c), cover)
                : say("Cut {core} back at both ends and shrink {cover} over each.", core_name(c), cover));
    }
}

/// "Pin by pin: red (5 V) 1 to 1", or by their signs alone where no pin is said. Of one that came ready it is
/// looked at.
void say_cores(const Lead& cable, bool as_it_came, Step& s) {
    std::vector<Words> pins, plain;
    for (const auto& c : cable.cores) {
        if (c.role == CoreRole::unused) continue;
        if (c.from_pin.empty() && c.to_pin.empty())
            plain.push_back(c.signal.empty() ? said(c.colour)
                                             : say("{from} to {to}", said(c.colour), c.signal));
        else if (c.to_pin.empty() || c.from_pin.empty())
            plain.push_back(
                say("{core} to pin {from_pin}", core_name(c), c.to_pin.empty() ? c.from_pin : c.to_pin));
        else
            pins.push_back(say("{core} {from_pin} to {to_pin}", core_name(c), c.from_pin, c.to_pin));
    }
    if (as_it_came) {
        pins.insert(pins.end(), plain.begin(), plain.end());
        if (!pins.empty())
            s.actions.push_back(say("Look at both plugs, pin by pin: {list}.", joined(pins, "; ")));
        return;
    }
    if (!pins.empty()) s.actions.push_back(say("Pin by pin: {list}.", joined(pins, "; ")));
    if (!plain.empty()) s.actions.push_back(say("Core by core, at both ends: {list}.", joined(plain, "; ")));
}

/// How each core's end is made, once where both ends are alike.
void say_ends(const Plan& plan, const Catalogue& catalogue, size_t f, Step& s) {
    const auto& cable = plan.leads[f];
    const auto cores = std::count_if(cable.cores.begin(), cable.cores.end(),
                                     [](const auto& c) { return c.role != CoreRole::unused; });
    const bool alike = cable.joint_from == cable.joint_to;
    for (const bool source : {true, false}) {
        if (alike && !source) break;
        const auto work = feed_joint(plan, catalogue, f, source);
        if (!work) continue;
        if (work->kind->method == JointMethod::plugged) {
            if (alike)
                tell_joint(s, *work, plan.practices);
            else
                s.actions.push_back(say("At {part} its plug stays on: nothing is made there.",
                                        name_of(plan, source ? cable.from : cable.to)));
            continue;
        }
        s.actions.push_back(alike ? say("Each core at both ends, {kind}:", work->kind->name)
                                  : say("Each core at {part}, {kind}:",
                                        name_of(plan, source ? cable.from : cable.to), work->kind->name));
        tell_joint(s, *work, plan.practices);
        s.minutes += work->kind->minutes * static_cast<double>(cores) * (alike ? 2 : 1) / 2;
    }
}

void cut_cable(std::vector<Step>& steps, const Plan& plan, const Catalogue& catalogue, const Figures& figures,
               size_t f) {
    const auto& lead = plan.leads[f];
    const auto* wire = find(catalogue.wires, lead.wire);
    const auto& route = figures.harness.routes[f];
    auto& s =
        add_step(steps, "cut/" + lead.id, StepKind::cut, say("Cut to length: {lead}", lead_name(plan, lead)),
                 wire ? say("{cores} {cores|core|cores} of {wire}, {cut}", lead.cores.size(),
                            size_words(*wire), format(route.cut))
                      : say("{cores} {cores|core|cores}, {cut}: its wire is not chosen yet",
                            lead.cores.size(), format(route.cut)));
    s.about = lead.id;
    s.stamp =
        fmt::format("{} × {}{}, {:.2f} m", lead.cores.size(), lead.wire, jacket_stamp(lead), raw(route.cut));
    s.actions = {say("Cut {cut} of it; what is left over goes back into the drawer with its length on it.",
                     format(route.cut))};
    if (const auto words = jacket_action(plan, catalogue, figures, f); !words.empty())
        s.actions.push_back(words);
    s.tools = {to_say("cutters"), to_say("tape measure")};
    s.minutes = 3;
    s.after = {"prepare"};
    tell_supplied(s, plan, catalogue, figures, f);
    s.why.lines.insert(s.why.lines.end(), route.why.lines.begin(), route.why.lines.end());
}

/// Of a cable one for each core that is used.
void sleeve_cores(std::vector<Step>& steps, const Plan& plan, const Catalogue& catalogue, size_t f) {
    const auto& lead = plan.leads[f];
    if (!find(catalogue.wires, lead.wire) || !tube_school(plan.practices.insulation)) return;
    const auto used = std::count_if(lead.cores.begin(), lead.cores.end(),
                                    [](const auto& c) { return c.role != CoreRole::unused; });
    std::vector<Words> actions;
    Millimetre parking(0);
    for (const bool source : {true, false}) {
        const auto work = feed_joint(plan, catalogue, f, source);
        if (!work || !work->kind->tube) continue;
        const auto* tube = work->tube ? work->tube : work->to_buy;
        actions.push_back(say("{used} × {cut} of {tube}, one on each core, at {part}.", used,
                              format(work->tube_cut), tube ? tube->name : say("tube that fits"),
                              name_of(plan, source ? lead.from : lead.to)));
        parking = std::max(parking, work->parking);
    }
    if (actions.empty()) return;
    auto& s = add_step(steps, "sleeve/" + lead.id, StepKind::sleeve,
                       say("Tubes on: {lead}", lead_name(plan, lead)));
    s.actions = std::move(actions);
    tell_parking(s, parking, lead.id);
}

}  // namespace

std::vector<Step> cable_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    std::vector<Step> steps;
    const auto buses = data_buses(plan);
    for (size_t f = 0; f < figures.harness.routes.size(); ++f) {
        const auto& cable = plan.leads[f];
        if (cable.cores.empty()) continue;
        cut_cable(steps, plan, catalogue, figures, f);
        if (auto thread = thread_step(plan, figures, f)) steps.push_back(std::move(*thread));
        sleeve_cores(steps, plan, catalogue, f);
        Step s;
        s.key = "cable/" + cable.id;
        s.kind = StepKind::cable;
        s.about = cable.id;
        s.title = say("Make up: {lead}", lead_name(plan, cable));
        const auto* wire = find(catalogue.wires, cable.wire);
        s.subtitle = wire
                         ? say("{cores} {cores|core|cores} of {wire}, {part} to {part_2}", cable.cores.size(),
                               size_words(*wire), name_of(plan, cable.from), name_of(plan, cable.to))
                         : say("{cores} {cores|core|cores}, {part} to {part_2}", cable.cores.size(),
                               name_of(plan, cable.from), name_of(plan, cable.to));
        // One that is plugged in as it came has nothing to be made.
        const bool as_it_came = keeps_plugs(figures.harness.wiring, f);
        if (as_it_came) s.title = say("Fit both plugs of {lead}", lead_name(plan, cable));
        for (const auto& [n, colours] : colours_by(cable, &Core::twist))
            if (colours.size() > 1 && !as_it_came)
                s.actions.push_back(say("Twist {list}, a turn every centimetre or two.", listed(colours)));
        if (!as_it_came) say_unused(plan, catalogue, cable, s);
        for (const auto& [n, colours] : colours_by(cable, &Core::doubled))
            if (colours.size() > 1 && !as_it_came)
                s.actions.push_back(
                    say("Test each of {list} alone, then join them at both ends: once joined, a broken one "
                        "cannot be found.",
                        listed(colours)));
        say_cores(cable, as_it_came, s);
        if (cable.kind == CableKind::data && cable.terminated)
            for (const auto& end : bus_ends_of(buses, cable))
                s.actions.push_back(say("A resistor across the pair at {part}, 120 Ω or what the boards say.",
                                        name_of(plan, end)));
        s.actions.push_back(say("Label both ends “{lead_label}”.", lead_label(plan, cable)));
        s.tools = {"meter", "labels", "cutters"};
        s.minutes = 3 + static_cast<double>(cable.cores.size());
        say_ends(plan, catalogue, f, s);
        for (const auto& c : cable.cores)
            s.stamp += fmt::format("{}{} {} {} {}", s.stamp.empty() ? "" : ", ", c.signal, c.colour,
                                   c.from_pin, c.to_pin);
        if (cable.jacket != Jacket::none) s.stamp += fmt::format(", {}", word_of(cable.jacket));
        s.after = {"prepare", "cut/" + cable.id, "thread/" + cable.id, "sleeve/" + cable.id};
        for (const auto& item : cable.devices) s.after.push_back("item/" + item.id);
        for (const auto& id : {cable.from, cable.to})
            if (const auto* part = by_id(plan.passives, id); part && seated_before_its_wires(*part))
                s.after.push_back("seat/" + id);
        if (find_part(plan, cable.from).kind == PartKind::converter) s.after.push_back("set/" + cable.from);
        s.why.title = say("Why at this point");
        s.why.add(say(
            "Before the continuity test: a pin in the wrong position is found while nothing is powered."));
        s.why.add(
            say("A plug seen from the wire side is the mirror image of its face: count from the marked pin."),
            Tone::caution);
        steps.push_back(std::move(s));
    }
    return steps;
}

}  // namespace sangre
