#include "made.h"

#include <fmt/format.h>

#include <filesystem>
#include <iostream>

#include "build/bom.h"
#include "diagram/diagram.h"
#include "diagram/drill_template.h"
#include "diagram/labels.h"
#include "files/diagram_svg.h"
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

/// One file a sheet: FILE.svg, or FILE-1.svg and so on.
static int write_sheets(const std::vector<DiagramSheet>& sheets, const Options& o) {
    if (sheets.empty()) throw CannotRead{o.file + ": nothing is wired yet; propose wires it"};
    const std::filesystem::path out(o.output);
    for (size_t i = 0; i < sheets.size(); ++i) {
        auto file = out;
        if (sheets.size() > 1)
            file.replace_filename(
                fmt::format("{}-{}{}", out.stem().string(), i + 1, out.extension().string()));
        if (const auto written = write_whole(diagram_to_svg(sheets[i]), file); !written)
            throw CannotRead{written.error()};
        fmt::print("{}\n", file.string());
    }
    return 0;
}

int run_diagram(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    return write_sheets(draw_diagram(plan, parts, lay_harness(plan, parts)).sheets, o);
}

int run_labels(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    return write_sheets(label_sheets(wire_labels(plan, lay_harness(plan, parts))), o);
}

int run_template(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto sheets = drill_sheets(drill_holes(plan, parts, lay_harness(plan, parts)));
    if (sheets.empty()) {
        fmt::print(stderr, "{}: there is nothing to drill: no opening's width is known\n", o.file);
        return 1;
    }
    return write_sheets(sheets, o);
}

}  // namespace sangre::cli
