#include "build/passive_steps.h"

#include <fmt/format.h>

#include "units/format.h"
#include "words/say.h"

namespace sangre {
namespace {

constexpr double hand_drill_mm = 10;  // beyond it a step drill: a twist drill tears thin walls

std::string seat_words(const Passive& p) {
    switch (p.kind) {
        case PassiveKind::button:
        case PassiveKind::lamp:
            return say("Its ring in front of the wall, its nut behind; hand-tight and a quarter turn.");
        case PassiveKind::aerial:
            return say(
                "Washer on bare metal or ring behind the wall; its plug in by hand, never with pliers.");
        case PassiveKind::sensor:
            return say("Where it touches what it measures, and nothing warmer.");
        case PassiveKind::motor:
            return say("Bolts no longer than its bell allows: a long one reaches the winding.");
        case PassiveKind::sounder:
            return say("Its face free, its case held by its rim.");
    }
    return {};
}

}  // namespace

std::vector<Step> passive_steps(const Plan& plan) {
    std::vector<Step> steps;
    for (const auto& p : plan.passives) {
        const auto where = p.place.empty() ? std::string() : name_of(plan, p.place);
        auto& s = add_step(steps, "seat/" + p.id, StepKind::seat,
                           where.empty() ? say("Seat {}", p.name) : say("Seat {} at {}", p.name, where));
        s.about = p.id;
        s.tools = {to_say("screwdriver")};
        if (raw(p.cutout) > 0) {
            s.subtitle = say("in an opening of {}", format(p.cutout));
            s.actions.push_back(say("Measure its thread first; mark, punch, drill {}.", format(p.cutout)));
            if (raw(p.cutout) > hand_drill_mm)
                s.actions.push_back(say("With a step drill, slowly, a block behind the wall."));
            s.actions.push_back(say("Deburr both faces: what passes here is soft."));
            s.tools = {to_say("drill"), to_say("step drill"), to_say("file or scraper")};
        }
        s.actions.push_back(seat_words(p));
        if (p.polar) s.actions.push_back(say("Mark its + before it is in: behind the wall nobody sees it."));
        s.minutes = raw(p.cutout) > 0 ? 12 : 5;
        s.after = {"prepare"};
        for (const auto* lead : cabled_leads(plan))
            if (lead->from == p.id || lead->to == p.id) s.after.push_back("cable/" + lead->id);
        s.why.add(
            say("After its lead is made up: ring, nut and wall go over a bare lead, not over a plug or a "
                "joint."));
        if (raw(p.cutout) > 0) s.caution = say("Glasses on; nothing electric is near where chips fall.");
    }
    return steps;
}

}  // namespace sangre
