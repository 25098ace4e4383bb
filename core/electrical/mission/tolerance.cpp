#include "electrical/mission/tolerance.h"

#include "electrical/mission/thermal_switches.h"

#include <algorithm>
#include <cmath>
#include <random>
#include <thread>

#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "plan/source.h"

namespace sangre {
namespace {

/// What one draw changed and what came of it.
struct Draw {
    std::array<double, spread_count> inputs{};
    bool found = false;
    double amps = 0, volts = 0, hours = 0;
    std::vector<double> load_volts, feed_drop;
    std::vector<bool> starved;
};

struct Job {
    const Plan& plan;
    const Catalogue& catalogue;
    const std::vector<Metre>& lengths;
    const Phase& phase;
    std::uint64_t seed;
    const Tolerances& tolerances;
};

/// Three standard deviations are the tolerance; nothing lies beyond it.
double off(std::mt19937_64& random, double tolerance) {
    std::normal_distribution<double> bell(0, tolerance / 3);
    return std::clamp(bell(random), -tolerance, tolerance);
}

/// Fills a list with independent draws and returns their mean, which stands for them all as one input.
template <class List>
double spread_list(std::mt19937_64& random, List& list, double tolerance, double centre) {
    double sum = 0;
    for (auto& v : list) {
        const double x = off(random, tolerance);
        v = centre + x;
        sum += x;
    }
    return list.empty() ? 0 : sum / static_cast<double>(list.size());
}

/// How warm the copper is where nothing is off: what a draw changes of it is no matter beside its own spread.
std::vector<double> usual_rises(const Job& job, const Solver& solver) {
    auto demand = demand_in_phase(job.plan, solver.index(), job.phase, false);
    demand.charge = 0.5;
    demand.air = Celsius((raw(job.plan.coldest_air) + raw(job.plan.hottest_air)) / 2);
    return solver.solve(demand).branch_rise;
}

Draw draw_once(const Job& job, const Solver& solver, const std::vector<double>& rises, size_t index) {
    // Each draw has a generator of its own, so that the split over threads does not show.
    std::seed_seq mix{job.seed, static_cast<std::uint64_t>(index)};
    std::mt19937_64 random(mix);
    Draw d;
    auto& in = d.inputs;
    const auto set = [&](Spread s, double v) { return in[static_cast<size_t>(s)] = v; };
    auto demand = demand_in_phase(job.plan, solver.index(), job.phase, false);
    demand.brief = true, demand.rises = rises;
    demand.battery_scale =
        1 + set(Spread::battery_resistance, off(random, job.tolerances.battery_resistance));
    const double capacity = 1 + set(Spread::battery_capacity, off(random, job.tolerances.battery_capacity));
    demand.branch_scale.resize(job.plan.feeds().size());
    set(Spread::lengths, spread_list(random, demand.branch_scale, job.tolerances.length, 1));
    const auto shares = demand.load_scale;
    demand.load_scale.resize(job.plan.loads.size());
    set(Spread::load_currents, spread_list(random, demand.load_scale, job.tolerances.load_current, 1));
    for (size_t l = 0; l < shares.size(); ++l) demand.load_scale[l] *= shares[l];
    demand.converter_shift.resize(job.plan.converters.size());
    set(Spread::set_voltages, spread_list(random, demand.converter_shift, 1, 0));
    demand.charge = set(Spread::charge, std::uniform_real_distribution<double>(nearly_empty, 1)(random));
    const double cold = raw(job.plan.coldest_air), hot = std::max(raw(job.plan.hottest_air), cold);
    demand.air = Celsius(set(Spread::air, std::uniform_real_distribution<double>(cold, hot + 1e-9)(random)));

    demand = at_temperature(job.plan, solver, std::move(demand));
    // From nothing: a point of other set voltages is no good place to start.
    const auto near = solver.solve(demand);
    d.found = near.found;
    if (!d.found) return d;
    double amp_hours = 0;
    for (const auto& b : job.plan.sources)
        if (const auto* c = find(job.catalogue.chemistries, b.chemistry))
            amp_hours += raw(pack_capacity(b, *c, demand.air)) * capacity;
    // Where there are packs, theirs: what does not run empty is not told by hours.
    const bool packs = has_packs(job.plan);
    for (size_t i = 0; i < near.sources.size(); ++i) {
        const auto kind = job.plan.sources[i].kind;
        if (packs ? kind != SourceKind::pack : !is_endless(job.plan.sources[i])) continue;
        d.amps += raw(near.sources[i].amps), d.volts = raw(near.sources[i].volts);
    }
    d.hours = d.amps > 1e-6 ? amp_hours / d.amps : 0;
    for (const auto& l : near.loads) d.load_volts.push_back(raw(l.volts));
    for (const auto& f : near.feeds) d.feed_drop.push_back(raw(f.drop));
    d.starved.resize(job.plan.loads.size());
    for (const auto& b : near.brown_outs) d.starved[b.load] = true;
    return d;
}

/// Percentiles, and the squared rank correlation with each input as its share of the variance.
struct Summary {
    const std::vector<const Draw*>& draws;
    std::array<std::vector<double>, spread_count> ranks;

    static std::vector<double> ranked(const std::vector<double>& values) {
        std::vector<size_t> order(values.size());
        for (size_t i = 0; i < order.size(); ++i) order[i] = i;
        std::sort(order.begin(), order.end(), [&](size_t a, size_t b) { return values[a] < values[b]; });
        std::vector<double> rank(values.size());
        for (size_t i = 0; i < order.size(); ++i) rank[order[i]] = static_cast<double>(i);
        return rank;
    }
    explicit Summary(const std::vector<const Draw*>& all) : draws(all) {
        for (size_t s = 0; s < spread_count; ++s) {
            std::vector<double> values;
            for (const auto* d : draws) values.push_back(d->inputs[s]);
            ranks[s] = ranked(values);
        }
    }
    template <class Value>
    Range of(Value value) const {
        Range r;
        if (draws.empty()) return r;
        std::vector<double> values;
        values.reserve(draws.size());
        for (const auto* d : draws) values.push_back(value(*d));
        const auto n = static_cast<double>(values.size());
        const auto rank = ranked(values);
        const double middle = (n - 1) / 2, variance = std::max((n * n - 1) / 12, 1e-9);
        for (size_t s = 0; s < spread_count; ++s) {
            double sum = 0;
            for (size_t i = 0; i < rank.size(); ++i) sum += (rank[i] - middle) * (ranks[s][i] - middle);
            const double correlation = sum / n / variance;
            r.moved_by[s] = correlation * correlation;
        }
        std::sort(values.begin(), values.end());
        const auto at = [&](double share) { return values[static_cast<size_t>(share * (n - 1))]; };
        r.low = at(0.05), r.middle = at(0.5), r.high = at(0.95);
        if (r.high - r.low < 1e-12) r.moved_by.fill(0);
        return r;
    }
};

}  // namespace

const char* spread_name(Spread s) {
    constexpr std::array names{to_say("the pack's resistance"),     to_say("the pack's capacity"),
                               to_say("the wires' lengths"),        to_say("the loads' currents"),
                               to_say("the modules' set voltages"), to_say("the charge"),
                               to_say("the air's temperature")};
    return names[static_cast<size_t>(s)];
}

Spread Range::most() const {
    return static_cast<Spread>(std::max_element(moved_by.begin(), moved_by.end()) - moved_by.begin());
}

ToleranceStudy study_tolerance(const Plan& plan, const Catalogue& catalogue,
                               const std::vector<Metre>& lengths, const Phase& phase, size_t count,
                               std::uint64_t seed, const Tolerances& tolerances, unsigned threads) {
    const Job job{plan, catalogue, lengths, phase, seed, tolerances};
    std::vector<Draw> draws(count);
    if (threads == 0) threads = std::max(1U, std::thread::hardware_concurrency());
    {
        std::vector<std::jthread> crew;
        for (unsigned t = 0; t < threads; ++t)
            crew.emplace_back([&, t] {
                const Solver solver(plan, catalogue, lengths);
                const auto rises = usual_rises(job, solver);
                for (size_t i = t; i < count; i += threads) draws[i] = draw_once(job, solver, rises, i);
            });
    }
    ToleranceStudy s;
    s.draws = count;
    std::vector<const Draw*> good;
    for (const auto& d : draws)
        if (d.found) good.push_back(&d);
    s.failed = count - good.size();
    const Summary summary(good);
    s.battery_amps = summary.of([](const Draw& d) { return d.amps; });
    s.battery_volts = summary.of([](const Draw& d) { return d.volts; });
    s.run_hours = summary.of([](const Draw& d) { return d.hours; });
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        s.load_volts.push_back(summary.of([l](const Draw& d) { return d.load_volts[l]; }));
        const auto starved =
            std::count_if(good.begin(), good.end(), [l](const auto* d) { return d->starved[l]; });
        s.browns_out.push_back(
            good.empty() ? 0 : static_cast<double>(starved) / static_cast<double>(good.size()));
    }
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        s.feed_drop.push_back(summary.of([f](const Draw& d) { return d.feed_drop[f]; }));
    return s;
}

}  // namespace sangre
