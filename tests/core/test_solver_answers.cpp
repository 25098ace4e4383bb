// The solver answers, or says that it does not: overloaded cascades and networks of every shape, against a
// search of another kind.
#include <nlohmann/json.hpp>

#include "base/units/format.h"
#include "output/files/report.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "physics/network/instant.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

/// Time as it passes with a capacitor at every node, by implicit Euler with a dense matrix and slopes taken
/// by differences: nothing of it but the parts' own laws is shared with the solver. True where it comes to
/// rest.
class TimeStepping {
  public:
    TimeStepping(const Plan& plan, const Solver& solver, const Demand& demand) : circuit_(solver.circuit()) {
        for (const auto& c : plan.converters) types_.push_back(find(parts().converters, c.type));
        for (const auto& l : plan.loads) laws_.emplace_back(l);
        Network parts_of_it;
        parts_of_it.circuit = circuit_, parts_of_it.loads = plan.loads, parts_of_it.types = types_;
        for (const auto& c : plan.converters) parts_of_it.set.push_back(c.set);
        parts_of_it.sources = plan.sources;
        for (const auto& b : plan.sources)
            parts_of_it.chemistries.push_back(find(parts().chemistries, b.chemistry));
        now_ = instant_of(demand, parts_of_it);
    }
    bool rests() const {
        const size_t n = circuit_.nodes.size();
        Numbers v(n, 0);
        for (size_t b = 0; b < circuit_.sources.size(); ++b)
            v[static_cast<size_t>(circuit_.sources[b].positive)] = now_.sources[b].volts;
        double stride = 1e-5;
        for (int i = 0; i < 600; ++i) {
            const auto f = leaving(v);
            if (largest(f) < 1e-7) return true;
            std::vector<Numbers> j(n, Numbers(n));
            for (size_t k = 0; k < n; ++k) {
                auto moved = v;
                moved[k] += 1e-6;
                const auto there = leaving(moved);
                for (size_t r = 0; r < n; ++r) j[r][k] = (there[r] - f[r]) / 1e-6 + (r == k ? 1 / stride : 0);
            }
            const auto step = solved(std::move(j), f);
            auto next = v;
            for (size_t k = 0; k < n; ++k) next[k] -= step[k];
            auto off = leaving(next);
            for (size_t k = 0; k < n; ++k) off[k] -= step[k] / stride;
            if (!(largest(step) <= 1) || !(largest(off) <= 0.5 * largest(f) + 1e-9)) {
                stride /= 4;
                if (stride < 1e-12) return false;
                continue;
            }
            v = next, stride *= 2;
        }
        return false;
    }

  private:
    using Numbers = std::vector<double>;
    static double largest(const Numbers& all) {
        double most = 0;
        for (const double x : all) most = std::isfinite(x) ? std::max(most, std::abs(x)) : x;
        return most;
    }
    /// Gauss with pivots.
    static Numbers solved(std::vector<Numbers> m, Numbers right) {
        const size_t n = right.size();
        for (size_t c = 0; c < n; ++c) {
            size_t pivot = c;
            for (size_t r = c; r < n; ++r)
                if (std::abs(m[r][c]) > std::abs(m[pivot][c])) pivot = r;
            std::swap(m[c], m[pivot]), std::swap(right[c], right[pivot]);
            for (size_t r = c + 1; r < n; ++r) {
                const double share = m[r][c] / m[c][c];
                for (size_t k = c; k < n; ++k) m[r][k] -= share * m[c][k];
                right[r] -= share * right[c];
            }
        }
        for (size_t c = n; c-- > 0;) {
            for (size_t k = c + 1; k < n; ++k) right[c] -= m[c][k] * right[k];
            right[c] /= m[c][c];
        }
        return right;
    }
    Numbers leaving(const Numbers& volts) const {
        Numbers f(volts.size(), 0);
        const auto at = [](int node) { return static_cast<size_t>(node); };
        const auto flow = [&](int from, int to, double amps) { f[at(from)] += amps, f[at(to)] -= amps; };
        const auto across = [&](int plus, int minus) { return volts[at(plus)] - volts[at(minus)]; };
        for (size_t k = 0; k < volts.size(); ++k) flow(static_cast<int>(k), 0, 1e-9 * volts[k]);
        for (size_t b = 0; b < circuit_.branches.size(); ++b) {
            const auto& x = circuit_.branches[b];
            flow(x.a, x.b, branch_current(now_.conductance[b], x.forward, across(x.a, x.b)).amps);
        }
        for (size_t b = 0; b < circuit_.sources.size(); ++b) {
            const auto [plus, minus] = circuit_.sources[b];
            flow(minus, plus, (now_.sources[b].volts - across(plus, minus)) / now_.sources[b].ohms);
        }
        for (size_t l = 0; l < laws_.size(); ++l) {
            const auto [plus, minus] = circuit_.loads[l];
            flow(plus, minus, load_current(laws_[l], now_.load_amps[l], across(plus, minus)).amps);
        }
        for (size_t k = 0; k < types_.size(); ++k) {
            const auto [in, ground] = circuit_.converter_in[k];
            const int out = circuit_.converter_out[k].positive;
            const auto c =
                converter_currents(*types_[k], now_.set_volts[k], across(in, ground), across(out, ground));
            flow(in, ground, c.in.value), flow(ground, out, c.out.value);
        }
        f[0] = volts[0];
        return f;
    }
    const Circuit& circuit_;
    std::vector<const ConverterType*> types_;
    std::vector<LoadLaw> laws_;
    Instant now_;
};

/// How many of each are tried: more with SANGRE_NETWORKS=10000.
unsigned networks() {
    bool said = false;
    const auto n = qEnvironmentVariableIntValue("SANGRE_NETWORKS", &said);
    return said ? static_cast<unsigned>(n) : 500;
}

}  // namespace

class TestSolverAnswers : public QObject {
    Q_OBJECT
    template <class Make>
    static void all_answered(Make make) {
        unsigned unfound = 0;
        for (unsigned seed = 0; seed < networks(); ++seed) {
            test::RandomPlans random(seed);
            const auto plan = make(random);
            const auto demand = random.demand(plan);
            const Solver solver(plan, parts(), feed_lengths(lay_routes(plan, parts())));
            const auto p = solver.solve(demand);
            if (p.found) {
                QVERIFY2(p.residual <= 1e-7 * std::max(1.0, p.scale), qPrintable(QString::number(seed)));
                continue;
            }
            ++unfound;
            QVERIFY2(!TimeStepping(plan, solver, demand).rests(), qPrintable(QString("seed %1").arg(seed)));
        }
        qInfo("%u of %u unfound, by another search either", unfound, networks());
        QVERIFY(unfound * 1000 <= networks());
    }
  private slots:
    void overloaded_cascades() {
        all_answered([](test::RandomPlans& r) { return r.cascade(); });
    }
    void networks_of_every_shape() {
        all_answered([](test::RandomPlans& r) { return r.network(); });
    }
    /// A boost and a booster pull their common rail down to where it limits.
    void a_rail_that_two_boosters_pull_down() {
        Plan p;
        p.sources.push_back({"pack", "Pack", "nmc", 4, 1, AmpereHour(5), {}, {}});
        p.converters = {{"rail", "Rail", "buckboost-2a-30v", Volt(6), {}, {}},
                        {"twelve", "12 V", "boost-1a-12v", Volt(12.2), {}, {}},
                        {"nineteen", "19 V", "boost-2a-24v", Volt(19), {}, {}}};
        const auto load = [&](const char* id, double volts, double amps, LoadKind kind) {
            auto l = test::simple_load(id, volts, amps);
            l.kind = kind;
            p.loads.push_back(l);
        };
        load("radio", 12, 0.5, LoadKind::power), load("screen", 19, 1, LoadKind::power);
        load("lamp", 6, 1.2, LoadKind::current);
        for (const auto& [from, to] : {std::pair{"pack", "rail"},
                                       {"rail", "twelve"},
                                       {"rail", "nineteen"},
                                       {"twelve", "radio"},
                                       {"nineteen", "screen"},
                                       {"rail", "lamp"}}) {
            Lead f;
            f.id = std::string(from) + to, f.from = from, f.to = to, f.wire = "awg18-silicone",
            f.length = Metre(0.5);
            p.add_feed(f);
        }
        const auto s = test::studied(p);
        QVERIFY(s.now.found && s.now.converters[0].limiting);
        CLOSE(raw(s.now.converters[0].out_amps), 2.5, 0.02);
        QVERIFY(raw(s.now.converters[0].out) < 4 && test::has(s, "load-browns-out", Severity::danger));
        QVERIFY(unknown_figures(p, s).empty());
    }
    /// Numbers beyond all measure: nothing is found, and nothing pretends that it was.
    void what_is_not_found_is_said() {
        auto p = test::one_feed();
        p.loads[0].typical = p.loads[0].peak = Ampere(1e300);
        const auto s = test::studied(p);
        QVERIFY(!s.now.found && std::isnan(raw(s.now.feeds[0].supply)));
        QCOMPARE(format(s.now.feeds[0].supply), std::string("—"));
        QCOMPARE(format(s.mission.run_time), std::string("—"));
        QVERIFY(test::has(s, "network-not-solved", Severity::danger));
        const auto json = nlohmann::json::parse(study_to_json(p, s));
        QVERIFY(!json.at("network").at("found").get<bool>() && !json.at("error").empty());
        QVERIFY(json.at("feeds")[0].at("now").at("A").is_null() && json.at("totals").at("drawn_W").is_null());
        QVERIFY(json.at("mission").at("run_time_s").is_null());
        QVERIFY(!test::has(s, "battery-too-small") && !test::has(s, "load-browns-out"));
    }
};

SANGRE_SUITE(TestSolverAnswers);
#include "test_solver_answers.moc"
