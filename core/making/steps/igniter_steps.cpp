#include "making/steps/igniter_steps.h"

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {

IgniterSteps add_igniter_steps(std::vector<Step>& steps, const Plan& plan,
                               const std::vector<std::string>& joints, const std::string& powered) {
    std::vector<const Load*> all;
    for (const auto& l : plan.loads)
        if (l.igniter) all.push_back(&l);
    if (all.empty()) return {};
    const auto caution =
        say("It burns what is near when it fires: keep eyes and hands away and do not lean over it.");
    auto& off = add_step(steps, "safe/igniters", StepKind::recheck, say("Igniters off, lamps on"),
                         say("until all is proved"));
    off.actions = {say("Each igniter unplugged, its two leads twisted together, away from the machine.")};
    for (const auto* l : all)
        off.actions.push_back(say("In the place of {all} a lamp for {highest}.", l->name, format(l->v_max)));
    off.tools = {to_say("lamp with clips")};
    off.caution = caution, off.minutes = 4;
    off.after = joints;
    off.why.add(say("A meter, a short or a wrong lead must never find the real one on its wires."));

    auto& fire = add_step(steps, "fire/lamps", StepKind::prove, say("Fire the lamps"),
                          say("in the place of the igniters"));
    fire.actions = {say("Power on, still through the test lead."), say("Arm alone: dark."),
                    say("Fire alone: dark."), say("Both: the lamp lights. Let go: it goes out."),
                    say("Power off.")};
    fire.caution = caution, fire.minutes = 3;
    fire.after = {powered};
    fire.why.add(say("Both actions are tested with a lamp instead of the igniter."));

    auto& on = add_step(steps, "join/igniters", StepKind::recheck, say("Igniters joined"),
                        say("no power anywhere, the arming plug in your pocket"));
    on.about = all.front()->id;
    on.actions = {say("Every pack unplugged, every switch off.")};
    for (const auto* l : all)
        on.actions.push_back(
            say("Volts at the plug of {all}: 0. Then untwist its leads and join it.", l->name));
    on.actions.push_back(
        say("From now on keep everyone clear of it; arming is the last action, from a distance."));
    on.tools = {to_say("meter")};
    on.caution = caution, on.minutes = 4;
    on.why.add(say("Last: from here on one more mistake fires it."));
    return {"safe/igniters", "fire/lamps", "join/igniters"};
}

}  // namespace sangre
