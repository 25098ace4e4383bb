#include "making/steps/drill_step.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/drill_holes.h"

namespace sangre {

std::optional<Step> drill_step(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    const auto holes = drill_holes(plan, catalogue, harness);
    if (holes.empty()) return {};
    std::vector<Step> one;
    auto& s = add_step(
        one, drill_key, StepKind::drill, say("Drill the openings"),
        say("{holes} {holes|hole|holes} by the template, which prints at its true size", holes.size()));
    bool step_drill = false;
    for (const auto& h : holes) {
        const auto where = h.in.empty() ? h.name : say("{hole}, in {in}", h.name, h.in);
        s.actions.push_back(h.takes.empty()
                                ? say("{where}: {figure}", where, format(h.drill))
                                : say("{where}: {figure}, for the {takes}", where, format(h.drill), h.takes));
        step_drill = step_drill || h.step;
    }
    s.actions.push_back(
        say("Punch the centre, drill small first, then to size; deburr both sides, brush the chips out."));
    s.actions.push_back(say("Touch bare metal up with paint; fit the grommets and the glands' bodies."));
    s.tools = {to_say("drill"), to_say("centre punch"), to_say("deburring tool")};
    if (step_drill) s.tools.emplace_back(to_say("step drill"));
    s.caution = say("Glasses on; nothing live behind the wall.");
    s.minutes = 5 + 4 * static_cast<double>(holes.size());
    s.after = {"prepare"};
    s.why.add(say("Before the first wire: chips and a slipping drill damage wires already laid."));
    return std::move(s);
}

}  // namespace sangre
