#include "study.h"

#include <algorithm>
#include <future>

#include "battery/pack.h"
#include "propose/sizing.h"

namespace sangre {
namespace {

void weigh(Study& s, const Plan& plan, const Catalogue& catalogue) {
    double grams = 0;
    for (const auto& b : plan.batteries)
        if (const auto* k = find(catalogue.chemistries, b.chemistry)) grams += raw(pack_mass(b, *k));
    for (const auto& c : plan.converters)
        if (const auto* t = find(catalogue.converters, c.type)) grams += raw(t->mass), s.cost += t->cost;
    for (size_t f = 0; f < plan.feeds.size(); ++f) {
        const auto& feed = plan.feeds[f];
        if (const auto* w = find(catalogue.wires, feed.wire))
            grams += w->gram_per_m * raw(s.harness.routes[f].cut) * (feed.ret == Return::own ? 2 : 1);
        const auto part = [&](const auto* type) {
            if (type) grams += raw(type->mass), s.cost += type->cost;
        };
        for (const auto& d : feed.devices) {
            if (d.kind == DeviceKind::fuse) part(find(catalogue.fuses, d.type));
            if (d.kind == DeviceKind::power_switch) part(find(catalogue.switches, d.type));
            if (d.kind == DeviceKind::connector) part(find(catalogue.connectors, d.type));
        }
    }
    s.mass = Gram(grams);
}

}  // namespace

/// Air that the mission is played in.
static Celsius mission_air(const Plan& plan, const Conditions& conditions) {
    return conditions.worst ? plan.coldest_air : conditions.air;
}

static OperatingPoint operating_point(const Solver& solver, const Plan& plan, const Conditions& conditions) {
    const auto demand = demand_for(plan, conditions);
    auto point = solver.solve(demand);
    solver.explain_brown_outs(demand, point);
    return point;
}

Study at_conditions(const Plan& plan, const Catalogue& catalogue, const Study& earlier,
                    const Conditions& conditions) {
    Study s = earlier;
    s.conditions = conditions;
    s.now = operating_point(*s.solver, plan, conditions);
    if (mission_air(plan, conditions) != mission_air(plan, earlier.conditions))
        s.mission = play_mission(plan, catalogue, *s.solver, mission_air(plan, conditions));
    s.findings = review({plan, catalogue, s});
    return s;
}

namespace {

/// What needs neither the worst case nor the protection, for a second thread.
struct Aside {
    Mission mission;
    std::vector<Reading> readings;
    std::vector<Step> steps;
};

Aside work_aside(const Plan& plan, const Catalogue& catalogue, const Harness& harness,
                 const std::vector<SetWindow>& windows, Celsius air) {
    Figures figures;
    figures.harness = harness;
    figures.windows = windows;
    // A solver keeps its factorisation: each thread has its own.
    figures.solver = std::make_shared<Solver>(plan, catalogue, feed_lengths(harness));
    return {play_mission(plan, catalogue, *figures.solver, air), bench_readings(plan, catalogue, figures),
            build_steps(plan, catalogue, figures)};
}

}  // namespace

Study study(const Plan& plan, const Catalogue& catalogue, const Conditions& conditions) {
    Study s;
    s.conditions = conditions;
    s.harness = lay_harness(plan, catalogue);
    const auto lengths = feed_lengths(s.harness);
    for (size_t c = 0; c < plan.converters.size(); ++c)
        s.windows.push_back(rail_window(plan, catalogue, c, lengths));
    auto aside = std::async(std::launch::async, work_aside, std::cref(plan), std::cref(catalogue),
                            std::cref(s.harness), std::cref(s.windows), mission_air(plan, conditions));
    s.solver = std::make_shared<Solver>(plan, catalogue, lengths);
    s.now = operating_point(*s.solver, plan, conditions);
    s.worst = worst_case(plan, *s.solver);
    s.protection = study_protection(plan, catalogue, s.harness, *s.solver, s.worst);
    weigh(s, plan, catalogue);
    auto [mission, readings, steps] = aside.get();
    s.mission = std::move(mission), s.readings = std::move(readings), s.steps = std::move(steps);
    s.findings = review({plan, catalogue, s});
    return s;
}

size_t count(const std::vector<Finding>& findings, Severity severity) {
    return static_cast<size_t>(std::count_if(findings.begin(), findings.end(),
                                             [&](const auto& f) { return f.severity == severity; }));
}

}  // namespace sangre
