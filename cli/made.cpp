#include "made.h"

#include <fmt/format.h>

#include <chrono>
#include <cmath>
#include <ctime>
#include <filesystem>
#include <iostream>
#include <set>

#include <nlohmann/json.hpp>

#include "base/files/safe_write.h"
#include "base/units/format.h"
#include "base/units/parse.h"
#include "making/cut_list.h"
#include "making/evenings.h"
#include "making/laid_straight.h"
#include "making/shopping.h"
#include "making/steps/bom.h"
#include "output/files/tables.h"
#include "output/files/wiring_report.h"
#include "rules/study.h"

namespace sangre::cli {

namespace {

void print_step(const Plan& plan, const Step& step, size_t number) {
    fmt::print("{:3} [{}] {}{}\n", number, is_done(plan, step) ? "x" : " ", step.title,
               step.subtitle.empty() ? "" : " — " + step.subtitle);
    for (const auto& a : step.actions) fmt::print("        {}\n", a);
    if (!step.caution.empty()) fmt::print("        ! {}\n", step.caution);
}

std::string today() {
    const auto now = std::chrono::system_clock::to_time_t(std::chrono::system_clock::now());
    std::tm local{};
    localtime_r(&now, &local);
    return fmt::format("{:04}-{:02}-{:02}", local.tm_year + 1900, local.tm_mon + 1, local.tm_mday);
}
std::string stamp() {
    const auto now = std::chrono::system_clock::to_time_t(std::chrono::system_clock::now());
    std::tm utc{};
    gmtime_r(&now, &utc);
    return fmt::format("{:04}{:02}{:02}T{:02}{:02}{:02}Z", utc.tm_year + 1900, utc.tm_mon + 1, utc.tm_mday,
                       utc.tm_hour, utc.tm_min, utc.tm_sec);
}

/// The plan with the evening that was asked for; what is wrong with it is said.
Plan with_tonight(const Options& o, Plan plan, const std::string& date) {
    if (o.tonight.empty()) return plan;
    const auto seconds = parse_value(o.tonight, Dimension::time, "min");
    if (!seconds) throw CannotRead{fmt::format("--tonight {}: {}", o.tonight, seconds.error().message)};
    const double minutes = *seconds / 60;
    if (minutes <= 0 || minutes > 24 * 60)
        throw CannotRead{fmt::format(
            "--tonight {}: more than no minutes and no more than a day is expected, such as 90min",
            o.tonight)};
    plan.evenings[date] = minutes;
    return plan;
}

void print_tonight(const Plan& plan, const std::vector<Step>& steps, const std::vector<EveningPlan>& evenings,
                   const std::vector<HeldBack>& held) {
    std::set<std::string> said;
    for (const auto& h : held)
        if (said.insert(h.item).second)
            fmt::print("On order: {}{}; what needs it waits.\n", h.item,
                       h.until.empty() ? "" : ", expected on " + h.until);
    if (evenings.empty() && !held.empty()) {
        fmt::print("Nothing can be done before it is here.\n");
        return;
    }
    if (evenings.empty()) {
        fmt::print("All is done.\n");
        return;
    }
    const auto& e = evenings.front();
    fmt::print("{}: {} of {} min, {} changes of tools\n", e.date, std::lround(e.used), std::lround(e.there),
               e.changes);
    size_t n = 0;
    for (const auto i : e.steps) print_step(plan, steps[i], ++n);
    if (e.bare.empty())
        fmt::print("Safe to stop: nothing bare is left connected.{}\n", e.iron ? " Iron off." : "");
    for (const auto& b : e.bare) {
        const auto* lead = by_id(plan.leads, b.lead);
        fmt::print("Cap it: a bare end of {} at {}.\n", feed_name(plan, *lead),
                   name_of(plan, b.at_source ? lead->from : lead->to));
    }
    for (const auto& w : e.overnight)
        fmt::print("Runs on by itself: {}, {} h\n", w.key, std::lround(w.minutes / 60));
    if (evenings.size() > 1)
        fmt::print("{} more evenings, the last on {}.\n", evenings.size() - 1, evenings.back().date);
}

nlohmann::ordered_json steps_json(const Plan& plan, const std::vector<Step>& steps,
                                  const std::vector<EveningPlan>& evenings) {
    nlohmann::ordered_json out;
    const auto order = least_changes(steps, plan.rather);
    out["changes_of_tools"] = order.changes, out["fewest_possible"] = order.bound;
    const auto minutes = minutes_of(plan, steps);
    for (size_t i = 0; i < steps.size(); ++i) {
        const auto& s = steps[i];
        out["steps"].push_back({{"key", s.key},
                                {"title", s.title},
                                {"subtitle", s.subtitle},
                                {"done", is_done(plan, s)},
                                {"minutes", minutes[i]},
                                {"wait_minutes", s.wait_minutes},
                                {"actions", s.actions},
                                {"tools", s.tools},
                                {"caution", s.caution},
                                {"after", s.after}});
    }
    for (const auto& e : evenings) {
        nlohmann::ordered_json one{{"date", e.date},
                                   {"minutes", e.there},
                                   {"used_minutes", e.used},
                                   {"changes_of_tools", e.changes}};
        for (const auto i : e.steps) one["steps"].push_back(steps[i].key);
        for (const auto& b : e.bare) one["cap"].push_back({{"lead", b.lead}, {"at_source", b.at_source}});
        out["evenings"].push_back(std::move(one));
    }
    return out;
}

}  // namespace

int run_steps(const Options& o) {
    const auto date = o.date.empty() ? today() : checked_date(o.date).value_or("");
    if (date.empty())
        throw CannotRead{fmt::format("--date {}: a day such as 2026-11-28 is expected", o.date)};
    const auto plan = with_tonight(o, plan_of(o), date);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    const auto& steps = s.steps();
    if (!o.json && !o.ics && o.tonight.empty()) {
        size_t n = 0;
        for (const auto& step : steps) print_step(plan, step, ++n);
        return 0;
    }
    const auto held = held_back(plan, parts, s, steps);
    const auto evenings = plan_evenings(plan, steps, date, held);
    if (o.json)
        std::cout << steps_json(plan, steps, evenings).dump(1) << "\n";
    else if (o.ics)
        std::cout << evenings_to_ics(plan, steps, evenings, stamp());
    else
        print_tonight(plan, steps, evenings, held);
    return 0;
}

int run_cut_list(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto list = cut_list(plan, parts, study(plan, parts, {}));
    if (o.csv) return std::cout << cut_list_to_csv(plan, list), 0;
    for (const auto& g : list.groups) {
        fmt::print("{}{}\n", g.what,
                   g.exact ? "" : fmt::format(" (at least {} has to be bought)", format(g.least_bought)));
        for (const auto& from : g.from) {
            const auto* offcut = by_id(plan.at_hand, from.at_hand);
            fmt::print("  {}\n", offcut ? fmt::format("from {}, {}; {} left", offcut->name,
                                                      format(from.length), format(from.left))
                                        : fmt::format("new, {}", format(from.length)));
            for (const auto& p : from.pieces) fmt::print("    {:>8}  {}\n", format(p.length), cut_words(p));
        }
    }
    fmt::print("{} pieces from {} offcuts and {} of new wire, {} left over.\n", list.pieces, list.offcuts,
               format(list.bought), format(list.left));
    return 0;
}

int run_shopping(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto list = shopping(plan, parts, study(plan, parts, {}));
    if (o.csv) return std::cout << shopping_to_csv(list), 0;
    std::cout << shopping_to_text(list);
    for (const auto& l : list.lines)
        if (!l.cheaper.empty())
            fmt::print("cheaper: {} for {} ({:.2f} instead of {:.2f})\n", l.cheaper, l.need.item,
                       l.cheaper_each, l.need.each);
    fmt::print("{} things to buy, {:.2f}{}; {} at hand.\n", list.to_buy, list.price,
               list.unpriced > 0 ? fmt::format(" and {} whose price is not known", list.unpriced) : "",
               list.at_hand);
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
    for (size_t f = 0; f < s.harness.routes.size(); ++f) {
        const auto laid = lay_straight(plan, parts, s, f, s.steps());
        fmt::print("{}, cut {}\n", lead_name(plan, plan.leads[f]), format(laid.cut));
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
