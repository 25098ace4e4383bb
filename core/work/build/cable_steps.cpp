#include "build/cable_steps.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <map>

#include "build/joint_words.h"
#include "cable/bus.h"
#include "enum_words.h"
#include "joint/joint.h"
#include "parts/wire_size.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {
namespace {

/// Colours of the cores that share a number, by that number; 0 is none.
std::map<int, std::vector<std::string>> colours_by(const Lead& cable, int Core::*number) {
    std::map<int, std::vector<std::string>> groups;
    for (const auto& c : cable.cores)
        if (c.*number > 0 && c.role != CoreRole::unused) groups[c.*number].push_back(c.colour);
    return groups;
}

std::string core_name(const Core& c) {
    return c.signal.empty() ? said(c.colour) : said(c.colour) + " (" + c.signal + ")";
}

void say_unused(const Lead& cable, Step& s) {
    for (const auto& c : cable.cores) {
        if (c.role != CoreRole::unused) continue;
        s.actions.push_back(
            cable.kind == CableKind::servo
                ? say("Lift the latch, pull the {} contact out of both housings, fold it back and "
                      "shrink a tube over it.",
                      core_name(c))
                : say("Cut {} back at both ends and shrink a tube over each.", core_name(c)));
    }
}

/// "Pin by pin: red (5 V) 1 to 1", or by their signs alone where no pin is said.
void say_cores(const Lead& cable, Step& s) {
    std::vector<std::string> pins, plain;
    for (const auto& c : cable.cores) {
        if (c.role == CoreRole::unused) continue;
        if (c.from_pin.empty() && c.to_pin.empty())
            plain.push_back(c.signal.empty() ? said(c.colour) : say("{} to {}", said(c.colour), c.signal));
        else if (c.to_pin.empty() || c.from_pin.empty())
            plain.push_back(say("{} to pin {}", core_name(c), c.to_pin.empty() ? c.from_pin : c.to_pin));
        else
            pins.push_back(say("{} {} to {}", core_name(c), c.from_pin, c.to_pin));
    }
    if (!pins.empty()) s.actions.push_back(say("Pin by pin: {}.", fmt::join(pins, "; ")));
    if (!plain.empty()) s.actions.push_back(say("Core by core, at both ends: {}.", fmt::join(plain, "; ")));
}

/// How each core's end is made, once where both ends are alike.
void say_ends(const Plan& plan, const Catalogue& catalogue, const Figures& figures, const Lead& cable,
              Step& s) {
    const auto cores = std::count_if(cable.cores.begin(), cable.cores.end(),
                                     [](const auto& c) { return c.role != CoreRole::unused; });
    for (size_t i = 0; i < figures.harness.routes.size(); ++i) {
        if (lead_at(plan, i).id != cable.id) continue;
        const bool alike = cable.joint_from == cable.joint_to;
        for (const bool source : {true, false}) {
            if (alike && !source) break;
            const auto work = feed_joint(plan, catalogue, i, source);
            if (!work) continue;
            s.actions.push_back(alike ? say("Each core at both ends, {}:", work->kind->name)
                                      : say("Each core at {}, {}:",
                                            name_of(plan, source ? cable.from : cable.to), work->kind->name));
            tell_joint(s, *work, plan.practices);
            s.minutes += work->kind->minutes * static_cast<double>(cores) * (alike ? 2 : 1) / 2;
        }
        return;
    }
}

}  // namespace

std::vector<Step> cable_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    std::vector<Step> steps;
    const auto buses = data_buses(plan);
    for (const auto* lead : cabled_leads(plan)) {
        const auto& cable = *lead;
        Step s;
        s.key = "cable/" + cable.id;
        s.kind = StepKind::cable;
        s.about = cable.id;
        s.title =
            say("Make up: ") + (cable.name.empty() ? say("{} lead", name_of(plan, cable.to)) : cable.name);
        const auto* wire = find(catalogue.wires, cable.wire);
        s.subtitle =
            say("{} of {}, {} to {}", counted(cable.cores.size(), say("core"), say("cores")),
                wire ? size_words(*wire) : cable.wire, name_of(plan, cable.from), name_of(plan, cable.to));
        for (const auto& [n, colours] : colours_by(cable, &Core::twist))
            if (colours.size() > 1)
                s.actions.push_back(
                    say("Twist {}, a turn every centimetre or two.", fmt::join(colours, say(" and "))));
        say_unused(cable, s);
        for (const auto& [n, colours] : colours_by(cable, &Core::doubled))
            if (colours.size() > 1)
                s.actions.push_back(
                    say("Join {} at both ends: they carry together.", fmt::join(colours, say(" and "))));
        say_cores(cable, s);
        if (cable.kind == CableKind::data && cable.terminated)
            for (const auto& end : bus_ends_of(buses, cable))
                s.actions.push_back(say("A resistor across the pair at {}, 120 Ω or what the boards say.",
                                        name_of(plan, end)));
        s.actions.push_back(say("Label both ends “{}”.", !cable.label.empty()  ? cable.label
                                                         : !cable.name.empty() ? cable.name
                                                                               : name_of(plan, cable.to)));
        s.tools = {"meter", "labels", "cutters"};
        s.minutes = 3 + static_cast<double>(cable.cores.size());
        say_ends(plan, catalogue, figures, cable, s);
        for (const auto& c : cable.cores)
            s.stamp += fmt::format("{}{} {} {} {}", s.stamp.empty() ? "" : ", ", c.signal, c.colour,
                                   c.from_pin, c.to_pin);
        if (cable.jacket != Jacket::none) s.stamp += fmt::format(", {}", word_of(cable.jacket));
        s.after = {"prepare", "cut/" + cable.id, "thread/" + cable.id, "sleeve/" + cable.id};
        for (const auto& item : cable.devices) s.after.push_back("item/" + item.id);
        if (find_part(plan, cable.from).kind == PartKind::converter) s.after.push_back("set/" + cable.from);
        s.why.title = say("Why here, and not later");
        s.why.add(say("Before the beep: a pin in the wrong hole is found while nothing has volts."));
        s.why.add(
            say("A plug seen from the wire side is the mirror image of its face: count from the marked pin."),
            Tone::caution);
        steps.push_back(std::move(s));
    }
    return steps;
}

}  // namespace sangre
