#include "made.h"

#include <fmt/format.h>

#include <filesystem>
#include <iostream>

#include "build/bom.h"
#include "files/safe_write.h"
#include "files/tables.h"
#include "files/wiring_report.h"
#include "straight/laid_straight.h"
#include "study.h"
#include "units/format.h"

namespace sangre::cli {

int run_steps(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    int n = 0;
    for (const auto& step : s.steps()) {
        fmt::print("{:3} [{}] {}{}\n", ++n, plan.done.contains(step.key) ? "x" : " ", step.title,
                   step.subtitle.empty() ? "" : " — " + step.subtitle);
        for (const auto& a : step.actions) fmt::print("        {}\n", a);
        if (!step.caution.empty()) fmt::print("        ! {}\n", step.caution);
    }
    return 0;
}

int run_readings(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    if (o.csv) return std::cout << readings_to_csv(plan, s.readings()), 0;
    for (const auto& r : s.readings()) {
        const auto m = plan.measured.find(r.key);
        fmt::print("{}  {}{}: {}{}\n", r.live ? "live" : "dead", r.title,
                   r.state.empty() ? "" : " (" + r.state + ")", window_text(r),
                   m == plan.measured.end() ? ""
                                            : fmt::format(", measured {}{}", value_text(r, m->second),
                                                          outside(judge(r, m->second)) ? " !" : ""));
    }
    return 0;
}

int run_wiring(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto harness = lay_harness(plan, parts);
    if (o.json)
        std::cout << wiring_to_json(plan, parts, harness) << "\n";
    else
        std::cout << wiring_words(plan, parts, harness);
    return 0;
}

int run_straight(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    for (size_t f = 0; f < plan.feeds.size(); ++f) {
        const auto laid = lay_straight(plan, parts, s, f);
        fmt::print("{}, cut {}\n", feed_name(plan, plan.feeds[f]), format(laid.cut));
        for (const auto& thing : laid.things) fmt::print("  {:>8}  {}\n", format(thing.at), thing.name);
        for (size_t i = 0; i < laid.order.size(); ++i)
            fmt::print("  {:>2}. {}\n", i + 1, laid.order[i].words);
    }
    return 0;
}

int run_bom(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto lines = bill_of_materials(plan, parts, lay_harness(plan, parts));
    if (o.csv)
        std::cout << bom_to_csv(lines);
    else
        for (const auto& l : lines)
            fmt::print("{:8.4g} {:4} {}{}\n", l.amount, l.unit, l.item,
                       l.used_for.empty() ? "" : " — " + l.used_for);
    return 0;
}

}  // namespace sangre::cli
