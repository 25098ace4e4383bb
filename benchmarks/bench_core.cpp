// Every row of the speed table that the core answers for, and how it grows with the plan.
#include <benchmark/benchmark.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/tolerance.h"
#include "physics/network/sparse_lu.h"
#include "plans.h"
#include "proposal/propose.h"

using namespace sangre;

namespace {

/// The conductance matrix of a plan's conductors: the anchor's own, of the size and pattern that Newton
/// factors.
Eigen::SparseMatrix<double> anchor_matrix(const Solver& solver) {
    const auto& c = solver.circuit();
    std::vector<Eigen::Triplet<double>> entries;
    const auto conduct = [&](int a, int b, double g) {
        entries.emplace_back(a, a, g), entries.emplace_back(b, b, g);
        entries.emplace_back(a, b, -g), entries.emplace_back(b, a, -g);
    };
    for (const auto& b : c.branches) conduct(b.a, b.b, 1 / b.ohm);
    for (const auto& t : c.loads) conduct(t.positive, t.negative, 0.1);
    for (size_t i = 0; i < c.converter_in.size(); ++i) {
        conduct(c.converter_in[i].positive, c.converter_in[i].negative, 0.1);
        conduct(c.converter_out[i].positive, c.converter_out[i].negative, 250);
    }
    for (int n = 0; n < static_cast<int>(c.nodes.size()); ++n) entries.emplace_back(n, n, 1e-6);
    const auto n = static_cast<Eigen::Index>(c.nodes.size());
    Eigen::SparseMatrix<double> m(n, n);
    m.setFromTriplets(entries.begin(), entries.end());
    return m;
}

/// One factor and solve with analysis kept: what one Newton iteration cannot do without.
void anchor(benchmark::State& state) {
    const auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    const Solver solver(plan, bench::parts(), bench::lengths_of(plan));
    const auto matrix = anchor_matrix(solver);
    const Eigen::VectorXd right = Eigen::VectorXd::Ones(matrix.cols());
    SparseLu lu;
    for (auto _ : state) {
        lu.factorize(matrix);
        benchmark::DoNotOptimize(lu.solve(right));
    }
}

void operating_point(benchmark::State& state) {
    const auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    const Solver solver(plan, bench::parts(), bench::lengths_of(plan));
    const auto demand = bench::all_on(plan);
    int iterations = 0;
    for (auto _ : state) iterations = solver.solve(demand).iterations;
    state.counters["newton"] = std::max(iterations, 1);
}

/// A keystroke: one load's current changes, and every number and finding is brought up to date.
void keystroke(benchmark::State& state) {
    auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    double worst = 0;
    auto shown = study(plan, bench::parts(), {});
    for (auto _ : state) {
        plan.loads[plan.loads.size() / 2].typical += Ampere(0.001);
        const auto begin = std::chrono::steady_clock::now();
        shown = study(plan, bench::parts(), {}, shown);
        worst =
            std::max(worst, std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count());
    }
    state.counters["worst_ms"] = worst * 1e3;
}

void mission_day(benchmark::State& state) {
    const auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    const Solver solver(plan, bench::parts(), bench::lengths_of(plan));
    for (auto _ : state)
        benchmark::DoNotOptimize(play_mission(plan, bench::parts(), solver, Celsius(20), Second(1)));
}

void mission_month(benchmark::State& state) {
    const auto plan = bench::days_of(bench::plan_of(static_cast<size_t>(state.range(0))), 30);
    const Solver solver(plan, bench::parts(), bench::lengths_of(plan));
    for (auto _ : state)
        benchmark::DoNotOptimize(play_mission(plan, bench::parts(), solver, Celsius(20), Second(3600)));
}

void proposal(benchmark::State& state) {
    const auto plan = bench::wish_of(static_cast<size_t>(state.range(0)));
    for (auto _ : state) {
        const auto proposed = propose(plan, bench::parts());
        if (!proposed) {
            state.SkipWithError(proposed.error().front().reason.str().c_str());
            break;
        }
        benchmark::DoNotOptimize(proposed);
    }
}

void fault_study(benchmark::State& state) {
    const auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    const auto harness = lay_harness(plan, bench::parts());
    const Solver solver(plan, bench::parts(), feed_lengths(harness));
    const auto worst = worst_case(plan, solver);
    for (auto _ : state)
        benchmark::DoNotOptimize(study_protection(plan, bench::parts(), harness, solver, worst,
                                                  short_circuits(plan, bench::parts(), solver),
                                                  warm_bodies(plan, worst)));
}

void tolerance_draws(benchmark::State& state) {
    const auto plan = bench::plan_of(static_cast<size_t>(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(
            study_tolerance(plan, bench::parts(), bench::lengths_of(plan), plan.phases[1], 10000));
}

constexpr auto ms = benchmark::kMillisecond;
/// A sentence of four values: held by whoever computes, and worded for whoever looks.
Words sentence(const std::string& lead, double amps) {
    return say("{lead} carries {amps} over {wire}, {drop} of it lost", lead, format(Ampere(amps)), "16 AWG",
               format(Volt(amps / 50)));
}
void sentence_held(benchmark::State& state) {
    const std::string lead = "Hub → Fog pump";
    for (auto _ : state) benchmark::DoNotOptimize(sentence(lead, 4.5));
}
void sentence_worded(benchmark::State& state) {
    const auto words = sentence("Hub → Fog pump", 4.5);
    for (auto _ : state) benchmark::DoNotOptimize(words.str());
}

BENCHMARK(anchor)->Arg(10)->Arg(60)->Arg(100)->Arg(300)->Arg(1000)->Arg(10000)->Unit(ms);
BENCHMARK(operating_point)->Arg(10)->Arg(100)->Arg(300)->Arg(1000)->Arg(10000)->Unit(ms);
BENCHMARK(keystroke)->Arg(10)->Arg(60)->Arg(300)->Arg(1000)->Arg(3000)->Unit(ms)->UseRealTime();
BENCHMARK(mission_day)->Arg(60)->Unit(ms);
BENCHMARK(mission_month)->Arg(60)->Unit(ms);
BENCHMARK(proposal)->Arg(60)->Arg(300)->Arg(1000)->Unit(ms)->UseRealTime();
BENCHMARK(fault_study)->Arg(60)->Arg(300)->Arg(1000)->Unit(ms);
BENCHMARK(sentence_held);
BENCHMARK(sentence_worded);
BENCHMARK(tolerance_draws)->Arg(60)->Unit(ms)->UseRealTime()->Iterations(1);

/// Prints the table as it goes and keeps each row for the ratios at the end.
class Ratios : public benchmark::ConsoleReporter {
  public:
    void ReportRuns(const std::vector<Run>& runs) override {
        for (const auto& r : runs)
            if (!r.error_occurred) {
                auto& row = rows_[r.benchmark_name()];
                row.seconds = r.GetAdjustedRealTime() / 1e3;
                for (const auto& [name, counter] : r.counters) row.counters[name] = counter.value;
            }
        ConsoleReporter::ReportRuns(runs);
    }
    void Finalize() override {
        const auto at = [&](const std::string& name) {
            return rows_.contains(name) ? rows_.at(name).seconds : 0;
        };
        const auto counter = [&](const std::string& name, const char* key) {
            return rows_.contains(name) ? rows_.at(name).counters[key] : 0;
        };
        std::printf(
            "\nAgainst the anchor: one sparse LU factor-and-solve of the same network, in this run\n");
        const double lu = at("anchor/1000"), newton = counter("operating_point/1000", "newton");
        if (lu > 0 && newton > 0)
            std::printf("%-52s %8.2f × anchor × %.0f Newton steps   (goal 1)\n",
                        "operating point, 1000 feeds", at("operating_point/1000") / lu / newton, newton);
        const auto row = [&](const char* what, const std::string& name, const char* anchor_name,
                             double goal_ms) {
            if (at(name) > 0)
                std::printf("%-52s %8.0f × anchor   %8.1f ms   (goal %.4g ms, %.1f × that)\n", what,
                            at(name) / at(anchor_name), at(name) * 1e3, goal_ms, at(name) * 1e3 / goal_ms);
        };
        const auto keystroke_row = [&](const std::string& feeds, double goal_ms, double worst_ms) {
            const auto name = "keystroke/" + feeds + "/real_time";
            row(("keystroke to everything redone, " + feeds + " feeds").c_str(), name,
                feeds == "3000" ? "anchor/1000" : ("anchor/" + feeds).c_str(), goal_ms);
            if (at(name) > 0)
                std::printf("%-52s %30.1f ms   (goal %.4g ms)\n", "  the worst of them",
                            counter(name, "worst_ms"), worst_ms);
        };
        keystroke_row("300", 5, 10);
        keystroke_row("60", 2.5, 5);
        keystroke_row("1000", 33, 33);
        keystroke_row("3000", 100, 100);
        row("24 h mission at 1 s, 60 feeds", "mission_day/60", "anchor/60", 1000);
        row("30 days of mission, 60 feeds", "mission_month/60", "anchor/60", 200);
        row("every-node fault study, 300 feeds", "fault_study/300", "anchor/300", 3);
        row("10 000 tolerance draws, 60 feeds", "tolerance_draws/60/iterations:1/real_time", "anchor/60",
            500);
        row("proposal of 60 loads", "proposal/60/real_time", "anchor/60", 40);
        row("proposal of 300 loads", "proposal/300/real_time", "anchor/300", 150);
        row("proposal of 1000 loads", "proposal/1000/real_time", "anchor/1000", 500);
        std::printf("\nGrowth of an operating point with the feeds\n");
        for (const char* n : {"10", "100", "1000", "10000"})
            if (at(std::string("operating_point/") + n) > 0)
                std::printf("%8s feeds %10.3f ms %8.2f × its anchor\n", n,
                            at(std::string("operating_point/") + n) * 1e3,
                            at(std::string("operating_point/") + n) / at(std::string("anchor/") + n));
    }

  private:
    struct Row {
        double seconds = 0;
        std::map<std::string, double> counters;
    };
    std::map<std::string, Row> rows_;
};

}  // namespace

int main(int argc, char** argv) {
    benchmark::Initialize(&argc, argv);
    Ratios ratios;
    benchmark::RunSpecifiedBenchmarks(&ratios);
}
