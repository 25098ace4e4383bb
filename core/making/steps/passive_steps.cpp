#include "making/steps/passive_steps.h"

#include "base/words/say.h"
#include "making/steps/seat_words.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

/// What is particular to its kind.
Words seat_words(const Passive& p) {
    switch (p.kind) {
        case PassiveKind::aerial:
            return say(
                "Its foot on bare metal where it needs a ground plane; its plug tightened by hand, never "
                "with pliers.");
        case PassiveKind::sensor:
            return say("Where it touches what it measures and has its air, and nothing warmer is near.");
        case PassiveKind::motor:
            return say("Bolts no longer than its bell allows: a long one reaches the winding.");
        case PassiveKind::sounder:
            return say("Its face free, its case held by its rim.");
        case PassiveKind::button:
        case PassiveKind::lamp:
            return {};
    }
    return {};
}

}  // namespace

std::vector<Step> passive_steps(const Plan& plan) {
    std::vector<Step> steps;
    for (const auto& p : plan.passives) {
        const auto where = p.place.empty() ? std::string() : name_of(plan, p.place);
        auto& s = add_step(
            steps, "seat/" + p.id, StepKind::seat,
            where.empty() ? say("Seat {passive}", p.name) : say("Seat {passive} at {where}", p.name, where));
        s.about = p.id;
        const auto* body = body_of(plan, p.id);
        tell_seat(s, plan, p.seat, held_by(p), body ? body->id : Id());
        if (const auto words = seat_words(p); !words.empty()) s.actions.push_back(words);
        if (p.polar)
            s.actions.push_back(say("Mark its + before it is in: behind the wall it cannot be seen."));
        if (s.tools.empty()) s.tools.push_back(to_say("screwdriver"));
        if (seated_before_its_wires(p)) {
            s.why.add(say("Before its wires are on: its nut goes over them only while their ends are bare."));
            continue;
        }
        for (const auto* lead : cabled_leads(plan))
            if (lead->from == p.id || lead->to == p.id) s.after.push_back("cable/" + lead->id);
        s.why.add(say("After its lead is made up, which is easier on the bench."));
    }
    return steps;
}

}  // namespace sangre
