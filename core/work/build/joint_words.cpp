#include "build/joint_words.h"

#include <fmt/format.h>

#include <algorithm>

#include "joint/choose.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {

std::string capital(std::string words) {
    if (!words.empty() && words[0] >= 'a' && words[0] <= 'z')
        words[0] = static_cast<char>(words[0] - 'a' + 'A');
    return words;
}

void tell_joint(Step& s, const JointWork& work, const Practices& practices) {
    const auto& kind = *work.kind;
    s.actions.push_back(say("Strip {}.", format(work.size.strip)));
    s.actions.insert(s.actions.end(), kind.actions.begin(), kind.actions.end());
    if (raw(work.size.iron) > 0) s.count_s = raw(work.size.dwell);
    if (raw(work.size.iron) > 0)
        s.actions.push_back(say("{} at {}, about {}.", capital(work.size.heat), format(work.size.iron),
                                format(work.size.dwell)));
    const bool torch = raw(work.size.burn_back) > 0;
    if (torch)
        s.actions.push_back(say("A wet cloth shields what lies beneath; the insulation draws back {}.",
                                format(work.size.burn_back)));
    if (work.crimp && raw(work.crimp->grip_most) > 0)
        s.actions.push_back(
            say("The insulation ends midway between both pairs of wings: {} of it under the rear ones.",
                format(work.bundle)));
    s.actions.push_back(say("Tug with {:.0f} N, and no more.", work.size.tug_newton));
    if (kind.tube) s.actions.push_back(covering_action(practices.insulation));
    const bool flame =
        kind.tube && tube_school(practices.insulation) && practices.heat == HeatSchool::lighter;
    if (flame)
        s.actions.push_back(
            say("With a lighter: beside the flame, not in it, always moving; soot means too close."));
    if (kind.tube && practices.insulation == InsulationSchool::sealant) s.wait_minutes = 60;
    for (const auto& tool : tools_of(kind, work.size, practices))
        if (std::find(s.tools.begin(), s.tools.end(), tool) == s.tools.end()) s.tools.push_back(tool);
    if (s.caution.empty()) s.caution = kind.caution;
    constexpr std::string_view burns =
        to_say("An open flame: nothing that burns within reach, no battery, no solvent or fuel near it.");
    if ((flame || torch) && s.caution.find(burns) == std::string::npos)
        s.caution += (s.caution.empty() ? "" : " ") + std::string(burns);
}

}  // namespace sangre
