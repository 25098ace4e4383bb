#include "rules/study.h"

#include <algorithm>
#include <future>

#include "physics/battery/pack.h"
#include "physics/network/answers.h"

namespace sangre {
namespace {

void weigh(Study& s, const Plan& plan, const Catalogue& catalogue) {
    double grams = 0;
    for (const auto& b : plan.sources)
        if (const auto* k = find(catalogue.chemistries, b.chemistry)) grams += raw(pack_mass(b, *k));
    for (const auto& c : plan.converters)
        if (const auto* t = find(catalogue.converters, c.type)) grams += raw(t->mass), s.cost += t->cost;
    for (const auto& core : s.harness.wiring.cores)
        if (core.wire) grams += core.wire->gram_per_m * raw(core.cut);
    for (size_t i = 0; i < s.harness.routes.size(); ++i)
        grams += s.harness.jacket_gram_per_m[i] * raw(s.harness.routes[i].cut);
    for (const auto& item : s.harness.wiring.items)
        grams += raw(item.values.mass), s.cost += item.values.cost;
    s.mass = Gram(grams);
}

}  // namespace

/// Air that the mission is played in.
static Celsius mission_air(const Plan& plan, const Conditions& conditions) {
    return conditions.worst ? plan.coldest_air : conditions.air;
}

/// What every part does now, and which switches are open.
static void find_operating_point(Study& s, const Solver& solver, const Plan& plan) {
    auto demand = demand_for(plan, solver.index(), s.conditions);
    s.thermal.clear();
    // At the worst whatever can be closed is, whatever the weather.
    if (!s.conditions.worst) demand = at_temperature(plan, solver, std::move(demand), &s.thermal);
    if (s.conditions.worst) {
        // All at their peak is a moment: the copper is as warm as what runs for long has made it.
        auto running = demand;
        for (auto& state : running.states)
            if (state == LoadState::peak) state = LoadState::typical;
        demand.brief = true, demand.rises = solver.solve(running).branch_rise;
    }
    s.now = solver.solve(demand);
    solver.explain_brown_outs(demand, s.now);
    s.open = std::move(demand.open);
}

Study at_conditions(const Plan& plan, const Catalogue& catalogue, const Study& earlier,
                    const Conditions& conditions) {
    Study s = earlier;
    s.conditions = conditions;
    find_operating_point(s, *s.solver, plan);
    if (mission_air(plan, conditions) != mission_air(plan, earlier.conditions))
        s.mission = play_mission(plan, catalogue, *s.solver, mission_air(plan, conditions));
    s.findings = review({plan, catalogue, s});
    return s;
}

namespace {

template <class Part>
bool stand_alike(const std::vector<Part>& a, const std::vector<Part>& b) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(), [](const auto& x, const auto& y) {
        return x.id == y.id && x.name == y.name && x.place == y.place;
    });
}

/// True where both plans are laid through the machine alike: what loads draw and when does not bear on it.
bool same_harness(const Plan& a, const Plan& b) {
    return a.bodies == b.bodies && a.places == b.places && a.openings == b.openings && a.ways == b.ways &&
           a.leads == b.leads && a.metal_frame == b.metal_frame && stand_alike(a.sources, b.sources) &&
           stand_alike(a.hubs, b.hubs) && stand_alike(a.converters, b.converters) &&
           stand_alike(a.loads, b.loads);
}

/// The figures that are there before anything is solved, and what solves it. A harness of its own is still
/// without its bundles.
std::shared_ptr<Solver> begin_figures(Figures& figures, const Plan& plan, const Catalogue& catalogue,
                                      const Study* earlier) {
    const bool laid = earlier && earlier->plan && same_harness(plan, *earlier->plan);
    figures.harness = laid ? earlier->harness : lay_routes(plan, catalogue);
    const auto lengths = feed_lengths(figures.harness);
    auto solver = std::make_shared<Solver>(plan, catalogue, figures.harness.wiring);
    for (size_t c = 0; c < plan.converters.size(); ++c)
        figures.windows.push_back(rail_window(plan, solver->index(), catalogue, c, lengths));
    figures.solver = solver;
    return solver;
}

/// What steps and readings work from; a solver of its own, since another thread may be asking the study's.
Figures figures_of(const Plan& plan, const Catalogue& catalogue) {
    Figures figures;
    begin_figures(figures, plan, catalogue, nullptr);
    lay_bundles(plan, figures.harness);
    return figures;
}

/// True where every short draws the same: with all loads off they do not bear on it.
bool same_shorts(const Study& s, const Study& earlier) {
    const auto &a = *s.plan, &b = *earlier.plan;
    return a.sources == b.sources && a.converters == b.converters && stand_alike(a.loads, b.loads) &&
           std::ranges::equal(a.feeds(), b.feeds()) && s.solver->circuit() == earlier.solver->circuit();
}

Study study_from(const std::shared_ptr<const Plan>& kept, const Catalogue& catalogue,
                 const Conditions& conditions, const Study* earlier) {
    const Plan& plan = *kept;
    Study s;
    const auto before = earlier ? earlier->answers : nullptr;
    const auto solver = begin_figures(s, plan, catalogue, earlier);
    s.plan = kept;
    s.conditions = conditions;
    solver->remember(before);
    // Two threads. The second takes a third of the worst case, then the bundles of a new harness and the
    // mission; the first the rest, and what is made from it. A solver keeps its factorisation: each thread
    // has its own.
    const size_t phases = std::max<size_t>(plan.phases.size(), 1), mine = phases - phases / 3;
    std::promise<WorstCase> third;
    const bool bundled =
        s.harness.bundle.size() == plan.ways.size() && s.harness.holes.size() == plan.openings.size();
    auto mission = std::async(std::launch::async, [&] {
        try {
            Solver own(plan, catalogue, s.harness.wiring);
            own.remember(before);
            third.set_value(worst_in_phases(plan, own, mine, phases));
            // The first thread reads the routes only.
            if (!bundled) lay_bundles(plan, s.harness);
            auto played = play_mission(plan, catalogue, own, mission_air(plan, conditions));
            return std::pair(std::move(played), own.take_answers());
        } catch (...) {
            // Nobody must wait for what will not come.
            try {
                third.set_exception(std::current_exception());
            } catch (const std::future_error&) {
            }
            throw;
        }
    });
    find_operating_point(s, *solver, plan);
    auto first = worst_in_phases(plan, *s.solver, 0, mine);
    s.worst = finish_worst_case(plan, s.solver->index(), std::move(first), third.get_future().get());
    s.shorts = earlier && earlier->plan && same_shorts(s, *earlier)
                   ? earlier->shorts
                   : short_circuits(plan, catalogue, *solver);
    s.boxes = warm_bodies(plan, s.worst);
    s.protection = study_protection(plan, catalogue, s.harness, *solver, s.worst, s.shorts, s.boxes);
    weigh(s, plan, catalogue);
    s.steps = Lazy<std::vector<Step>>(
        [kept, &catalogue] { return build_steps(*kept, catalogue, figures_of(*kept, catalogue)); });
    s.readings = Lazy<std::vector<Reading>>(
        [kept, &catalogue] { return bench_readings(*kept, catalogue, figures_of(*kept, catalogue)); });
    s.wire_day = Lazy<std::vector<WireDay>>([kept, protection = s.protection, solver = s.solver] {
        return wire_heat_over_day(*kept, *solver, protection);
    });
    auto [played, other_answers] = mission.get();
    s.mission = std::move(played);
    s.answers = merged(solver->take_answers(), *other_answers);
    s.findings = review({plan, catalogue, s});
    return s;
}

}  // namespace

Study study(const Plan& plan, const Catalogue& catalogue, const Conditions& conditions) {
    return study_from(std::make_shared<const Plan>(plan), catalogue, conditions, nullptr);
}

Study study(const Plan& plan, const Catalogue& catalogue, const Conditions& conditions,
            const Study& earlier) {
    return study_from(std::make_shared<const Plan>(plan), catalogue, conditions, &earlier);
}

size_t count(const std::vector<Finding>& findings, Severity severity) {
    return static_cast<size_t>(std::count_if(findings.begin(), findings.end(),
                                             [&](const auto& f) { return f.severity == severity; }));
}

}  // namespace sangre
