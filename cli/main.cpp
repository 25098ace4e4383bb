// sangre-cli: the same study without a window.
#include <fmt/format.h>

#include <CLI/CLI.hpp>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <iostream>
#include <iterator>
#include <nlohmann/json.hpp>
#include <system_error>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "calc.h"
#include "drawings.h"
#include "lines/csv.h"
#include "made.h"
#include "options.h"
#include "output/files/plan_file.h"
#include "output/files/plan_schema.h"
#include "output/files/plan_text.h"
#include "output/files/report.h"
#include "plan/source_text.h"
#include "proposal/propose.h"
#include "rules/mends.h"
#include "rules/study.h"
#include "tongue.h"

namespace {

using namespace sangre;
using namespace sangre::cli;

double value(const std::string& text, Dimension dimension, const char* unit, const char* option) {
    const auto v = parse_value(text, dimension, unit);
    if (!v) throw CannotRead{fmt::format("{} {}: {}", option, text, v.error().message)};
    return *v;
}

Conditions conditions(const Options& o, const Plan& plan) {
    Conditions c;
    c.worst = o.worst;
    if (!o.charge.empty()) {
        c.charge = value(o.charge, Dimension::ratio, "%", "--charge");
        if (c.charge < 0 || c.charge > 1)
            throw CannotRead{fmt::format("--charge {}: 0 to 100 % is expected", o.charge)};
    }
    if (!o.air.empty()) {
        c.air = Celsius(value(o.air, Dimension::temperature, "°C", "--ambient"));
        if (c.air < Celsius(-60) || c.air > Celsius(100))
            throw CannotRead{fmt::format("--ambient {}: −60 to 100 °C is expected", o.air)};
    }
    if (o.phase.empty()) return c;
    std::string known;
    for (const auto& p : plan.phases) {
        if (p.id == o.phase || p.name == o.phase) c.phase = p.id;
        known += (known.empty() ? "" : ", ") + p.name;
    }
    if (c.phase.empty())
        throw CannotRead{fmt::format("--phase {}: the plan's phases are {}", o.phase, known)};
    return c;
}

const char* word(Severity s) {
    return s == Severity::danger ? "danger" : s == Severity::caution ? "caution" : "note";
}

int run_study(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, conditions(o, plan));
    const auto missing = unknown_figures(plan, s);
    const int code = missing.empty() ? 0 : 1;
    if (o.json) {
        std::cout << study_to_json(plan, s);
        return code;
    }
    for (const auto& m : missing) fmt::print("error: {}\n", m);
    fmt::print("{}: run time {}, worst drop {}, {}\n", plan.name,
               plan.phases.empty() || s.mission.packs.empty() ? "—"
               : s.mission.run_time_capped                    ? "over a year"
                                                              : format(s.mission.run_time),
               format_percent(s.worst.worst_drop_share), format(s.mass));
    for (size_t i = 0; i < plan.feeds().size(); ++i)
        fmt::print("  {}: {}, {}, drop {}, warmest {}\n", feed_name(plan, plan.feeds()[i]),
                   format(s.now.feeds[i].supply), format(s.now.feeds[i].at_end),
                   format_percent(s.worst.feeds[i].drop_share), format(s.protection[i].warmest));
    return code;
}

/// How sure the numbers are, in one phase.
int run_tolerance(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto* phase = phase_of(plan, conditions(o, plan));
    if (!phase) throw CannotRead{o.file + ": the plan has no phases to draw in"};
    const auto t =
        study_tolerance(plan, parts, feed_lengths(lay_harness(plan, parts)), *phase, o.draws, o.seed);
    if (o.json) {
        std::cout << tolerance_to_json(plan, *phase, t);
        return 0;
    }
    const auto line = [](const std::string& what, const Range& r, const auto& quantity) {
        fmt::print("  {}: {} – {}, half of the time over {}; moved most by {}\n", what,
                   format(quantity(r.low)), format(quantity(r.high)), format(quantity(r.middle)),
                   spread_name(r.most()));
    };
    const auto volts = [](double v) { return Volt(v); };
    fmt::print("{}, {}: nine draws of ten of {} lie within\n", plan.name, phase->name, t.draws);
    if (has_packs(plan))
        line("run time in this phase", t.run_hours, [](double h) { return Second(h * 3600); });
    line("battery current", t.battery_amps, [](double a) { return Ampere(a); });
    line("battery voltage", t.battery_volts, volts);
    for (size_t i = 0; i < plan.loads.size(); ++i) {
        line(plan.loads[i].name, t.load_volts[i], volts);
        if (t.browns_out[i] > 0)
            fmt::print("    browns out in {} of them\n", format_percent(t.browns_out[i]));
    }
    return 0;
}

/// Calls `each(finding, its mends)`; what stands the trial is numbered through.
template <class Each>
void for_findings(const Plan& plan, const Catalogue& parts, const Study& s, Each each) {
    for (const auto& f : s.findings) each(f, tried_mends(plan, parts, s, f));
}

int run_findings(const Options& o) {
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    nlohmann::ordered_json list = nlohmann::ordered_json::array();
    size_t number = 0;
    for_findings(plan, parts, s, [&](const Finding& f, const std::vector<Mend>& mends) {
        if (!o.json) fmt::print("{}: {} [{}]\n", word(f.severity), f.sentence, f.rule);
        nlohmann::ordered_json one{{"severity", word(f.severity)},
                                   {"rule", f.rule},
                                   {"about", f.about},
                                   {"sentence", f.sentence},
                                   {"mends", nlohmann::ordered_json::array()}};
        for (const auto& m : mends) {
            ++number;
            if (!o.json)
                fmt::print("    mend {}: {}{}\n", number, m.label, m.cost.empty() ? "" : " (" + m.cost + ")");
            one["mends"].push_back({{"number", number}, {"label", m.label}, {"cost", m.cost}});
        }
        list.push_back(std::move(one));
    });
    if (o.json)
        std::cout << list.dump(1) << "\n";
    else if (s.findings.empty())
        fmt::print("nothing found\n");
    return count(s.findings, Severity::danger) > 0 ? 1 : 0;
}

/// Applies one of the mends that `findings` numbers.
int run_mend(const Options& o) {
    check_output(o.output, {}, {}, "the plan");
    const auto plan = plan_of(o);
    const auto parts = catalogue();
    const auto s = study(plan, parts, {});
    std::vector<Mend> all;
    for_findings(plan, parts, s, [&](const Finding&, std::vector<Mend> mends) {
        std::move(mends.begin(), mends.end(), std::back_inserter(all));
    });
    if (all.empty()) throw CannotRead{fmt::format("{}: no finding of it has a mend", o.file)};
    if (o.number < 1 || o.number > all.size())
        throw CannotRead{fmt::format("mend {}: there are {} mends, numbered by `sangre-cli findings`",
                                     o.number, all.size())};
    const auto& mend = all[o.number - 1];
    if (const auto saved = save_plan(mend.plan, o.output); !saved) throw CannotRead{saved.error()};
    fmt::print("{}{}\n", mend.label, mend.cost.empty() ? "" : " (" + mend.cost + ")");
    return 0;
}

/// The loads of a table as a plan without wiring, or a plan to be wired anew.
Plan loads_to_wire(const Options& o) {
    if (std::filesystem::path(o.file).extension() == ".json") return plan_of(o);
    const auto text = read_text(o.file);
    if (!text) throw CannotRead{text.error()};
    auto loads = loads_from_csv(*text);
    if (!loads) {
        std::string all;
        for (const auto& p : loads.error())
            all += fmt::format("{}{}:{}: {}", all.empty() ? "" : "\n", o.file, p.line, p.message);
        throw CannotRead{all};
    }
    Plan plan;
    plan.name = std::filesystem::path(o.file).stem().string();
    plan.loads = std::move(*loads);
    return plan;
}

int run_propose(const Options& o) {
    // A plan may take its own place; a table may not be replaced by one.
    check_output(o.output, {}, std::filesystem::path(o.file).extension() == ".json" ? "" : o.file,
                 "the plan");
    auto plan = loads_to_wire(o);
    const auto parts = catalogue();
    if (!o.source.empty()) {
        auto source = parse_source(parts, plan.sources.empty() ? Source{} : plan.sources.front(), o.source);
        if (!source) throw CannotRead{fmt::format("--source {}: {}", o.source, source.error().message)};
        if (source->id.empty()) source->id = "source", source->name = "Source";
        plan.sources = {*source};
    }
    const auto proposal = propose_and_mend(plan, parts);
    if (!proposal) {
        for (const auto& r : proposal.error())
            fmt::print(stderr, "{}: {}\n", r.load.empty() ? o.file : name_of(plan, r.load), r.reason);
        return 1;
    }
    if (const auto saved = save_plan(proposal->plan, o.output); !saved) throw CannotRead{saved.error()};
    for (const auto& line : proposal->why.lines)
        fmt::print("{}{}\n", line.tone == Tone::heading ? "\n" : "  ", line.text);
    const auto judged = study(proposal->plan, parts, {});
    for (const auto& f : judged.findings)
        if (f.severity == Severity::danger) fmt::print("danger: {} [{}]\n", f.sentence, f.rule);
    return count(judged.findings, Severity::danger) > 0 ? 1 : 0;
}

int run_upgrade(const Options& o) {
    const auto plan = plan_of(o);
    if (const auto saved = save_plan(plan, o.output.empty() ? o.file : o.output); !saved)
        throw CannotRead{saved.error()};
    return 0;
}

/// A plan as text.
int run_text(const Options& o) {
    fmt::print("{}", plan_to_text(plan_of(o), catalogue()));
    return 0;
}

/// A text as a plan.
int run_plan(const Options& o) {
    check_output(o.output, {}, o.file, "the plan");
    const auto text = read_text(o.file);
    if (!text) throw CannotRead{text.error()};
    const auto plan = plan_from_text(*text, catalogue());
    if (!plan) throw CannotRead{fmt::format("{}: {}", o.file, error_text(plan.error()))};
    if (const auto saved = save_plan(*plan, o.output); !saved) throw CannotRead{saved.error()};
    return 0;
}

/// docs/lines.md: all that can be said in lines.
int run_lines(const Options&) {
    fmt::print("{}", lines_handbook());
    return 0;
}

/// data/schema/plan.schema.json: what may stand where in a plan.
int run_schema(const Options&) {
    const auto schema = plan_schema();
    if (!schema) throw CannotRead{schema.error()};
    fmt::print("{}", *schema);
    return 0;
}

/// docs/rules.md: every rule in the order of the work.
int run_rules(const Options&) {
    fmt::print(
        "# Rules\n\nWhat a plan is checked against, in the order of the work; made by `sangre-cli rules`.\n\n"
        "| rule | what must hold |\n|---|---|\n");
    for (const auto& r : rules()) fmt::print("| `{}` | {} |\n", r.name, r.what);
    return 0;
}

int answered(int argc, char** argv) {
    std::signal(SIGPIPE, SIG_IGN);
    try {
        speak_as_asked(argc, argv);
    } catch (const CannotRead& e) {
        fmt::print(stderr, "sangre-cli: {}\n", e.message);
        return 2;
    }
    CLI::App app{"Plans and proves low-voltage DC wiring: the computation of Sangre without its window."};
    app.set_version_flag("--version", SANGRE_VERSION);
    app.require_subcommand(1);
    Options o;
    std::string language;
    app.fallthrough();  // the language stands anywhere
    app.add_option("--language", language, "of sentences, such as de; plans and lines stay as they are");
    std::function<int(const Options&)> run;
    const auto command = [&](const char* name, const char* what, int (*f)(const Options&)) {
        auto* sub = app.add_subcommand(name, what);
        sub->callback([&run, f] { run = f; });
        return sub;
    };
    const auto takes_plan = [&](CLI::App* sub) {
        sub->add_option("PLAN", o.file, "a plan file")->required();
    };
    auto* study_command = command("study", "every number of a plan at one instant", run_study);
    takes_plan(study_command);
    study_command->add_flag("--json", o.json, "for scripts");
    study_command->add_option("--phase", o.phase, "mission phase, by name or id");
    study_command->add_option("--charge", o.charge, "state of charge, such as 68%");
    study_command->add_option("--ambient", o.air, "air temperature, such as -5 or \"-5 °C\"");
    study_command->add_flag("--worst", o.worst, "everything at its peak on a nearly empty, cold pack");
    auto* tolerance_command = command("tolerance", "how sure the numbers are, in one phase", run_tolerance);
    takes_plan(tolerance_command);
    tolerance_command->add_flag("--json", o.json, "for scripts");
    tolerance_command->add_option("--phase", o.phase, "mission phase, by name or id");
    tolerance_command->add_option("--draws", o.draws, "how many")->check(CLI::Range(20, 1000000));
    tolerance_command->add_option("--seed", o.seed, "the same seed gives the same draws");
    auto* findings_command =
        command("findings", "what is wrong, and what mends it; exit 1 on a danger", run_findings);
    takes_plan(findings_command);
    findings_command->add_flag("--json", o.json, "for scripts");
    auto* mend_command = command("mend", "applies a mend by the number that findings gives it", run_mend);
    takes_plan(mend_command);
    mend_command->add_option("NUMBER", o.number, "of the mend")->required();
    mend_command->add_option("-o,--output", o.output, "the plan to write")->required();
    auto* propose_command = command("propose", "a wired plan from a list of loads", run_propose);
    propose_command->add_option("LOADS", o.file, "a CSV of loads, or a plan to wire anew")->required();
    propose_command->add_option("-o,--output", o.output, "the plan to write")->required();
    propose_command->add_option("--source", o.source,
                                "what it is fed from, such as \"8S LFP 35 Ah\" or \"brick 12 V 5 A\"");
    auto* upgrade_command =
        command("upgrade", "a plan of an earlier version, written as this one's", run_upgrade);
    takes_plan(upgrade_command);
    upgrade_command->add_option("-o,--output", o.output, "the file to write; the plan's own without");
    takes_plan(command("text", "a plan as text, a line a thing", run_text));
    auto* plan_command = command("plan", "a plan from such text", run_plan);
    plan_command->add_option("TEXT", o.file, "a text file")->required();
    plan_command->add_option("-o,--output", o.output, "the plan to write")->required();
    command("lines", "all that can be said in such text", run_lines);
    command("rules", "every rule, as a table", run_rules);
    command("schema", "the schema of a plan file, made from its fields", run_schema);
    auto* steps_command = command("steps", "the build, in order, or what fits into an evening", run_steps);
    takes_plan(steps_command);
    steps_command->add_option("--tonight", o.tonight, "how long there is, such as 90min");
    steps_command->add_option("--date", o.date, "the day of that evening, such as 2026-11-28; today without");
    steps_command->add_flag("--json", o.json, "for scripts, with the evenings");
    steps_command->add_flag("--ics", o.ics, "the evenings as an iCalendar");
    auto* cuts_command = command("cutlist", "what is cut from what, marked", run_cut_list);
    takes_plan(cuts_command);
    cuts_command->add_flag("--csv", o.csv, "as a table");
    auto* shopping_command = command("shopping", "what to buy beside what is at hand", run_shopping);
    takes_plan(shopping_command);
    shopping_command->add_flag("--csv", o.csv, "as a table");
    auto* readings_command = command("readings", "what the meter should read", run_readings);
    takes_plan(readings_command);
    readings_command->add_flag("--csv", o.csv, "as a table");
    takes_plan(command("straight", "each lead laid straight: what is on it where, and what goes on first",
                       run_straight));
    auto* wiring_command = command("wiring", "every wire, joint and item that there will be", run_wiring);
    takes_plan(wiring_command);
    wiring_command->add_flag("--json", o.json, "for scripts");
    auto* bom_command = command("bom", "what to buy", run_bom);
    takes_plan(bom_command);
    bom_command->add_flag("--csv", o.csv, "as a table");
    std::function<int()> asked;
    add_drawings(app, o, asked);
    add_calc(app, asked, catalogue);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return app.exit(e) == 0 ? 0 : 2;
    } catch (const BadOption& e) {
        fmt::print(stderr, "sangre-cli: {}\n", e.message);
        return 2;
    }
    try {
        const int code = asked ? asked() : run(o);
        // What did not reach whoever reads it was not said.
        const bool written = std::cout.flush().good() && std::fflush(stdout) == 0 && !std::ferror(stdout);
        if (!written) throw CannotRead{fmt::format("the output cannot be written: {}", std::strerror(errno))};
        return code;
    } catch (const CannotRead& e) {
        fmt::print(stderr, "sangre-cli: {}\n", e.message);
        return 2;
    } catch (const std::system_error& e) {
        fmt::print(stderr, "sangre-cli: the output cannot be written: {}\n", e.code().message());
        return 2;
    }
}

}  // namespace

int main(int argc, char** argv) try { return answered(argc, argv); } catch (const std::exception& e) {
    std::fprintf(stderr, "sangre-cli: %s\n", e.what());
    return 2;
} catch (...) {
    return 2;
}
