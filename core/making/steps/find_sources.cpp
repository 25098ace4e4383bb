#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "making/steps/proving.h"
#include "plan/source.h"

namespace sangre {

/// What there is already is looked at before anything is built on it.
std::vector<Step> source_steps(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Step> steps;
    for (const auto& s : plan.sources) {
        if (!is_endless(s)) continue;
        auto& step = add_step(steps, "find/" + s.id, StepKind::find_source,
                              s.kind == SourceKind::circuit ? say("Find the circuit: {source}", s.name)
                                                            : say("Measure {part}", s.name),
                              source_summary(s, catalogue));
        step.about = s.id;
        const auto window =
            s.v_min == s.v_max ? format(s.v_max) : format_range(format(s.v_min), format(s.v_max));
        if (s.kind == SourceKind::circuit && raw(s.fuse) <= 0) {
            step.actions = {say("Red probe on the battery's + stud, black on its −."),
                            say("It should read {window}.", window),
                            say("See what ring its studs take, and where the lead can lie to it, sleeved.")};
            step.caution =
                say("A vehicle's battery gives hundreds of amperes: rings and watches off, one spanner, and "
                    "that insulated.");
        } else if (s.kind == SourceKind::circuit) {
            step.actions = {say("Pull the {fuse} fuse of the circuit; keep it at hand.",
                                raw(s.fuse) > 0 ? format(s.fuse) : say("right")),
                            say("Red probe into its slot, black on bare metal of the vehicle."),
                            s.with_key ? say("Key off: nothing. Key on: {window}.", window)
                                       : say("Key off: {window} all the same.", window),
                            say("Neither contact? The other one of the slot is the live side."),
                            say("Note which side is live: the tap's two fuses sit behind it. Fuse back in.")};
            step.caution =
                say("A vehicle's battery gives hundreds of amperes: rings and watches off, nothing near an "
                    "airbag's wiring.");
        } else {
            step.actions = {say("Nothing on it. Meter on its output, plus and minus as its label says."),
                            say("It should read {window}.", window),
                            say("Write plus and minus on its lead.")};
            step.caution = say("Its other side is mains: never opened, never with a damaged lead.");
        }
        step.target = StepTarget{window, say("nothing on it")};
        step.tools = {to_say("meter")};
        step.minutes = s.kind == SourceKind::circuit ? 15 : 3;
        step.after = {"prepare"};
        step.why.add(say("Before a wire is cut: what is there decides what fits."));
    }
    return steps;
}

}  // namespace sangre
