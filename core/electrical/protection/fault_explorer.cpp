#include "electrical/protection/fault_explorer.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"

namespace sangre {
namespace {

/// The plan with the feed cut in two at the short: up to there it keeps its place in the list, the rest comes
/// last.
Plan cut_at(const Plan& plan, size_t feed) {
    Plan cut = plan;
    const Id here = fresh_id(plan, "hub", "short here");
    cut.hubs.push_back({here, "Short", {}, {}});
    Lead rest = cut.feeds()[feed];
    rest.id = fresh_id(plan, "feed", "behind the short");
    rest.from = here;
    rest.devices.clear(), rest.joint_from.clear();
    cut.feeds()[feed].to = here;
    cut.feeds()[feed].joint_to.clear();
    cut.add_feed(std::move(rest));
    return cut;
}

Words dark_words(const Plan& plan, const std::vector<size_t>& dark) {
    std::vector<std::string> names;
    for (const auto load : dark) names.push_back(plan.loads[load].name);
    return first_few(names);
}

void tell(ExploredFault& e, const Plan& plan, const std::vector<FeedProtection>& protection, size_t feed,
          bool limited) {
    auto& why = e.why;
    const auto name = feed_name(plan, plan.feeds()[feed]);
    why.title = e.along >= 1   ? say("A short at the end of {name}", name)
                : e.along <= 0 ? say("A short right behind the fuse of {name}", name)
                               : say("A short {along} along {name}", format_percent(e.along), name);
    const auto& run = e.course.run;
    why.add(say(
        "{at_first} flows, with the wires at their working temperature{limited|, held there by the module|}.",
        format(run.at_first), limited));
    if (run.opener)
        why.add(
            say("{lead}: its {rating} fuse opens after {time}.", feed_name(plan, plan.feeds()[*run.opener]),
                format(protection[*run.opener].rating), format(run.time)),
            e.fault.outcome == FaultOutcome::hurts ? Tone::danger : Tone::good);
    else
        why.add(say("No fuse opens within an hour."),
                e.fault.outcome == FaultOutcome::limited ? Tone::caution : Tone::danger);
    why.heading(say("The wires by then"));
    for (size_t w = 0; w < e.course.feeds.size(); ++w) {
        const auto f = e.course.feeds[w];
        const auto* insulation = protection[f].insulation;
        const bool hurt = insulation && run.wires[w] > insulation->damage;
        why.add(insulation ? say("{lead}: {warm} of {damage}", feed_name(plan, plan.feeds()[f]),
                                 format(run.wires[w]), format(insulation->damage))
                           : compose("{}: {}", feed_name(plan, plan.feeds()[f]), format(run.wires[w])),
                hurt ? Tone::danger : Tone::plain);
    }
    if (run.opener && !e.fault.dark.empty()) {
        why.heading(say("Dark from then on"));
        why.add(dark_words(plan, e.fault.dark) + ".");
    }
    if (run.moments.size() > 2) {
        why.heading(say("As it goes"));
        // A few moments tell the course: the copper warms and the current falls.
        const size_t stride = std::max<size_t>(1, run.moments.size() / 5);
        for (size_t i = 0; i < run.moments.size(); i += stride)
            why.add(compose("{}: {}", format(run.moments[i].time), format(run.moments[i].current)));
    }
    why.source =
        say("Bolted short, full pack, loads off; slow edge of each fuse; lumped heat of copper and wall, "
            "resistance with it");
    why.caution = say("Computed, never tried: a real short throws molten metal and starts fires.");
}

}  // namespace

ExploredFault explore_fault(const Plan& plan, const Catalogue& catalogue,
                            const std::vector<FeedProtection>& protection,
                            const std::vector<ShortCircuit>& shorts, const Solver& solver,
                            const std::vector<Metre>& lengths, size_t feed, double along) {
    ExploredFault e;
    e.along = std::clamp(std::isfinite(along) ? along : 1.0, 0.0, 1.0);
    if (e.along >= 1) {
        if (!shorts[feed].found) return e;
        e.course = fault_course(solver, protection, feed, shorts[feed], true);
        e.fault = judge_fault(solver, protection, feed, shorts[feed], e.course);
        tell(e, plan, protection, feed, shorts[feed].limited);
        return e;
    }
    const auto cut = cut_at(plan, feed);
    auto cut_lengths = lengths;
    cut_lengths[feed] = lengths[feed] * e.along;
    cut_lengths.push_back(lengths[feed] * (1 - e.along));
    const Solver there(cut, catalogue, cut_lengths);
    const auto shorted = short_circuit(cut, catalogue, there, feed);
    if (!shorted.found) return e;
    auto behind = protection;
    behind.emplace_back();
    e.course = fault_course(there, behind, feed, shorted, true);
    e.fault = judge_fault(there, behind, feed, shorted, e.course);
    tell(e, plan, protection, feed, shorted.limited);
    return e;
}

}  // namespace sangre
