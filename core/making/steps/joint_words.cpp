#include "making/steps/joint_words.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/joint/choose.h"

namespace sangre {

Words capital(Words words) {
    return later([words = std::move(words)] {
        auto text = words.str();
        if (!text.empty() && text[0] >= 'a' && text[0] <= 'z')
            text[0] = static_cast<char>(text[0] - 'a' + 'A');
        return text;
    });
}

Words tug_words(const JointWork& work) {
    const double n = work.size.tug_newton;
    switch (work.kind->end) {
        case JointEnd::pad:
            return say("Tug along the board with {count:.0f} N, never upwards.", n);
        case JointEnd::pigtail:
            return say("Tug each wire alone with {count:.0f} N, and no more.", n);
        case JointEnd::splice:
        case JointEnd::branch:
            return say("Tug each side with {count:.0f} N, and no more.", n);
        default:
            return say("Tug with {count:.0f} N, and no more.", n);
    }
}

Words solder_words(const JointWork& work) {
    const auto& words = work.kind->solder;
    if (raw(work.size.wire_solder) <= 0) return words;
    return later([words, thick = format(work.size.wire_solder)] {
        const auto text = words.str();
        const auto comma = text.rfind(',');
        return comma == std::string::npos ? text : text.substr(0, comma + 2) + thick.str();
    });
}

Words heat_words(const JointSize& size) {
    return raw(size.tip) > 0 ? say("{heat} with a {tip} chisel tip", size.heat, format(size.tip)) : size.heat;
}

void tell_parking(Step& s, Millimetre parking, const Id& lead) {
    s.about = lead;
    s.subtitle = say("before any joint: forgotten tubing is the most common mistake");
    if (raw(parking) > 0)
        s.actions.push_back(say("Park them {parking} or more from where the iron will be.", format(parking)));
    s.tools = {to_say("tube"), to_say("scissors")};
    s.minutes = 2;
    s.after = {"cut/" + lead, "thread/" + lead};
    s.why.add(
        say("It no longer goes on after the joint is made; too close to the iron it shrinks where it is "
            "parked."));
}

void tell_joint(Step& s, const JointWork& work, const Practices& practices) {
    const auto& kind = *work.kind;
    const auto& on = work.wires.landing;
    if (kind.method == JointMethod::plugged) {
        s.actions.insert(s.actions.end(), kind.actions.begin(), kind.actions.end());
        return;
    }
    s.actions.push_back(
        on.takes == TerminalTakes::pad && raw(on.size) > 0
            ? say("Strip {strip}: the insulation ends at the pad's edge.", format(work.size.strip))
        : on.takes == TerminalTakes::screw && raw(on.size) > 0
            ? say("Strip {strip}, for a bore of {size}.", format(work.size.strip), format(on.size))
            : say("Strip {strip}.", format(work.size.strip)));
    // What makes it hot is ready before anything is heated.
    if (raw(work.size.iron) > 0) {
        s.count_s = raw(work.size.dwell);
        s.actions.push_back(say("{heat_words} at {iron}, about {dwell} of heat.",
                                capital(heat_words(work.size)), format(work.size.iron),
                                format(work.size.dwell)));
    }
    const bool torch = raw(work.size.burn_back) > 0;
    if (torch)
        s.actions.push_back(
            say("Shield what lies beneath with a wet cloth; the insulation shrinks back {burn_back}.",
                format(work.size.burn_back)));
    if (work.crimp && raw(work.crimp->grip_most) > 0)
        s.actions.push_back(
            say("The insulation ends midway between both pairs of wings: {bundle} of it under the rear ones.",
                format(work.bundle)));
    const int before = kind.tug_after < 0 ? static_cast<int>(kind.actions.size()) : kind.tug_after;
    for (int i = 0; i <= static_cast<int>(kind.actions.size()); ++i) {
        if (i == before) s.actions.push_back(tug_words(work));
        if (i < static_cast<int>(kind.actions.size()))
            s.actions.push_back(kind.actions[static_cast<size_t>(i)]);
    }
    if (kind.tube) s.actions.push_back(covering_action(practices.insulation));
    const bool flame =
        kind.tube && tube_school(practices.insulation) && practices.heat == HeatSchool::lighter;
    if (flame)
        s.actions.push_back(say(
            "With a lighter: hold it beside the flame, not in it, and keep moving; soot means too close."));
    if (kind.tube && practices.insulation == InsulationSchool::sealant) s.wait_minutes = 60;
    for (const auto& tool : tools_of(kind, work.size, practices))
        if (std::find(s.tools.begin(), s.tools.end(), tool) == s.tools.end()) s.tools.push_back(tool);
    if (s.caution.empty()) s.caution = kind.caution;
    constexpr std::string_view burns =
        to_say("An open flame: nothing that burns within reach, no battery, no solvent or fuel near it.");
    if ((flame || torch) && s.caution.english().find(burns) == std::string::npos)
        s.caution += (s.caution.empty() ? "" : " ") + said(burns);
}

}  // namespace sangre
