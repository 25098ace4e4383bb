#include "comparison/next.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "bench/readings.h"
#include "electrical/drop_limit.h"
#include "plan/air.h"

namespace sangre {
namespace {

bool wired(const Plan& plan) { return !plan.feeds().empty(); }

size_t unfed_loads(const Plan& plan) {
    return static_cast<size_t>(std::count_if(plan.loads.begin(), plan.loads.end(),
                                             [&](const auto& l) { return feeds_into(plan, l.id).empty(); }));
}

Words propose_first(const Plan& plan) {
    return plan.loads.empty() ? say("list what must run, on Loads.")
                              : say("press Propose (Ctrl+Enter) to wire it.");
}

/// How many dangers are to be mended there, else how many cautions; empty where there are none. What they are
/// stands at the foot of the window.
Words to_mend(Stage stage, const Study& study) {
    for (const auto severity : {Severity::danger, Severity::caution}) {
        const auto n = static_cast<size_t>(std::count_if(
            study.findings.begin(), study.findings.end(),
            [&](const auto& f) { return f.severity == severity && stage_of(f.rule) == stage; }));
        if (n > 0)
            return severity == Severity::danger ? say("mend {dangers} {dangers|danger|dangers} (F8).", n)
                                                : say("mend {cautions} {cautions|caution|cautions} (F8).", n);
    }
    return {};
}

Words next_step(const Plan& plan, const Study& study) {
    size_t left = 0;
    const Step* first = nullptr;
    for (const auto& step : study.steps()) {
        if (is_done(plan, step)) continue;
        ++left;
        if (!first) first = &step;  // they stand in an order in which they can be done
    }
    if (left == 0) return say("all is built; Bench says what the meter should read.");
    return say("{title}; {left} {left|step|steps} to do.",
               first ? first->title : say("what the others wait for"), left);
}

Words next_reading(const Plan& plan, const Study& study) {
    size_t left = 0;
    const Reading* first = nullptr;
    for (const auto& r : study.readings()) {
        const auto taken = plan.measured.find(r.key);
        if (taken != plan.measured.end() && outside(judge(r, taken->second)))
            return say("{title} was read outside its window: find out why.", r.title);
        if (taken != plan.measured.end()) continue;
        ++left;
        if (!first) first = &r;
    }
    if (!first) return say("all is measured; the battery fuse may go in.");
    return say("{title}; {left} {left|reading|readings} to take.", first->title, left);
}

}  // namespace

Stage stage_of(const std::string& rule) {
    const auto of = [&](std::initializer_list<const char*> groups) {
        return std::any_of(groups.begin(), groups.end(), [&](const char* g) { return rule.starts_with(g); });
    };
    // What an antenna wants is a step of the build.
    if (of({"antenna"})) return Stage::build;
    if (of({"load", "outside"})) return Stage::loads;
    if (of({"rail", "battery"})) return Stage::power;
    if (of({"hole", "route", "place", "way", "opening", "gland", "wall"})) return Stage::routing;
    return Stage::wiring;
}

std::vector<LengthToMeasure> lengths_to_measure(const Plan& plan, const Study& study) {
    std::vector<LengthToMeasure> all;
    for (size_t i = 0; i < plan.feeds().size() && i < study.harness.routes.size(); ++i) {
        if (study.harness.routes[i].basis != LengthBasis::guessed) continue;
        // The drop grows with the length; what plugs and joints lose of it is small.
        const double lost = 2 * study.worst.feeds[i].drop_share;
        all.push_back({i, lost, lost > drop_limit(plan, study.solver->index(), i)});
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) {
        return std::pair(a.decides, a.lost_if_double) > std::pair(b.decides, b.lost_if_double);
    });
    return all;
}

Words next_thing(Stage stage, const Plan& plan, const Study& study) {
    if (stage == Stage::loads) {
        if (plan.loads.empty()) return say("type what must run.");
        if (const auto n = unfed_loads(plan); !wired(plan) || n > 0)
            return wired(plan) ? say("{unfed_load} {unfed_load|load is|loads are} not wired: press Propose "
                                     "(Ctrl+Enter).",
                                     n)
                               : propose_first(plan);
    }
    if (stage == Stage::log) return say("write down what you changed, and why.");
    if (!wired(plan)) return propose_first(plan);
    if (auto mend = to_mend(stage, study); !mend.empty()) return mend;
    switch (stage) {
        case Stage::loads:
            return say("every load is wired: see on Power where it goes.");
        case Stage::power:
            return say("the rails are fine: look through the wires on Wiring.");
        case Stage::wiring:
            if (const auto n = lengths_to_measure(plan, study).size())
                return say(
                    "{lengths_to_measure} {lengths_to_measure|length is|lengths are} guessed: measure on "
                    "Routing.",
                    n);
            return say("every wire is protected: see on Routing how it runs.");
        case Stage::routing:
            if (const auto guessed = lengths_to_measure(plan, study); !guessed.empty())
                return say(
                    "measure {lead}{decides|, which decides its wire|}; {lengths} {lengths|length is|lengths "
                    "are} guessed.",
                    feed_name(plan, plan.feeds()[guessed.front().feed]), guessed.front().decides,
                    guessed.size());
            return say("every length is known: cut and build on Build.");
        case Stage::build:
            return next_step(plan, study);
        case Stage::bench:
            return next_reading(plan, study);
        case Stage::log:
            break;
    }
    return {};
}

std::vector<Words> assumptions(const Plan& plan, const Study& study) {
    std::vector<Words> all;
    if (const auto n = lengths_to_measure(plan, study).size())
        all.push_back(
            say("{lengths_to_measure} {lengths_to_measure|lead is|leads are} guessed at {guessed_length}", n,
                format(guessed_length)));
    const auto figures =
        std::count_if(plan.loads.begin(), plan.loads.end(), [](const auto& l) { return l.assumed; });
    if (figures > 0)
        all.push_back(say("{figures} {figures|load has|loads have} figures typical of such parts", figures));
    const auto ranges =
        std::count_if(plan.loads.begin(), plan.loads.end(), [](const auto& l) { return l.range_assumed; });
    if (ranges > 0)
        all.push_back(say(
            "{ranges} {ranges|load has|loads have} only a nominal voltage said, taken as a battery's range",
            ranges));
    if (raw(plan.hottest_air) == raw(usual_hottest_air) && raw(plan.coldest_air) == raw(usual_coldest_air))
        all.push_back(say("the air is taken as {air_text}", air_text(plan)));
    if (plan.phases.empty()) all.emplace_back(say("all runs all the time, since no day is described"));
    if (!plan.metal_frame && plan.bodies.empty())
        all.emplace_back(say("no metal frame carries current back"));
    return all;
}

}  // namespace sangre
