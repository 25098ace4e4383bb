// The sparse solver against a dense one that shares none of its code but the elements' laws, on random
// networks.
#include <Eigen/Dense>
#include <random>

#include "fixtures.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"

using namespace sangre;
using test::parts;

namespace {

using Dense = Eigen::MatrixXd;
using Column = Eigen::VectorXd;

struct Wired {
    Plan plan;
    Demand demand;
    std::vector<Metre> lengths;
};

Wired random_network(unsigned seed, int feeds) {
    std::mt19937 random(seed);
    const auto pick = [&](int low, int high) {
        return std::uniform_int_distribution<int>(low, high)(random);
    };
    Wired n;
    auto& p = n.plan;
    p.sources.push_back({"battery", "Battery", "lfp", pick(6, 12), 1, AmpereHour(pick(20, 120)), {}, {}});
    p.hubs.push_back({"hub", "Hub", {}, {}});
    const std::vector<Id> wires{"awg8-silicone", "awg12-pvc", "awg16-xlpe", "mm2_5-pvc", "awg20-pvc"};
    const auto feed = [&](const Id& from, const Id& to, double metres) {
        Lead f;
        f.id = "f-" + to, f.from = from, f.to = to, f.wire = wires[static_cast<size_t>(pick(0, 4))],
        f.length = Metre(metres);
        p.add_feed(f);
    };
    feed("battery", "hub", 0.3);
    p.feeds().back().wire = "awg2_0-silicone";
    std::vector<Id> sources{"hub"};
    for (int i = 1; static_cast<int>(p.feeds().size()) < feeds; ++i) {
        const Id id = "x" + std::to_string(i),
                 from = sources[static_cast<size_t>(pick(0, static_cast<int>(sources.size()) - 1))];
        const int kind = pick(0, 9);
        if (kind == 0) {
            p.hubs.push_back({id, id, {}, {}});
            sources.push_back(id);
        } else if (kind == 1 && i < feeds / 2) {
            p.converters.push_back({id, id, "buck-15a-75v", Volt(pick(5, 12)), {}, {}});
            sources.push_back(id);
        } else {
            auto l = test::simple_load(id, pick(5, 24), pick(1, 30) / 100.0);
            l.kind = static_cast<LoadKind>(pick(0, 4));
            l.start = Ampere(5);
            p.loads.push_back(l);
        }
        feed(from, id, pick(5, 200) / 100.0);
        if (pick(0, 7) == 0) p.feeds().back().ret = Return::shared, p.feeds().back().shared_with = "f-hub";
    }
    n.demand.states.assign(p.loads.size(), LoadState::typical);
    n.demand.open.assign(p.feeds().size(), false);
    n.demand.charge = 0.6, n.demand.brief = true;
    n.lengths = feed_lengths(lay_harness(p, parts()));
    return n;
}

/// Sums of currents at every node, from the circuit's description alone.
Column sums(const Wired& n, const Circuit& c, const Column& v) {
    Column f = Column::Zero(v.size());
    const auto flow = [&](int from, int to, double amps) { f[from] += amps, f[to] -= amps; };
    for (int i = 0; i < v.size(); ++i)
        flow(i, c.leak_to[static_cast<size_t>(i)], 1e-12 * (v[i] - v[c.leak_to[static_cast<size_t>(i)]]));
    for (size_t b = 0; b < c.branches.size(); ++b) {
        const auto& x = c.branches[b];
        flow(x.a, x.b, (v[x.a] - v[x.b]) / x.ohm);
    }
    const auto& battery = n.plan.sources[0];
    const auto& chemistry = *find(parts().chemistries, battery.chemistry);
    const double rest = raw(pack_rest_voltage(battery, chemistry, n.demand.charge)),
                 ohm = raw(pack_resistance(battery, chemistry, n.demand.charge, n.demand.air));
    flow(c.sources[0].positive, c.sources[0].negative,
         (v[c.sources[0].positive] - v[c.sources[0].negative] - rest) / ohm);
    for (size_t i = 0; i < c.loads.size(); ++i)
        flow(c.loads[i].positive, c.loads[i].negative,
             load_current(n.plan.loads[i], raw(n.plan.loads[i].typical),
                          v[c.loads[i].positive] - v[c.loads[i].negative])
                 .amps);
    for (size_t i = 0; i < c.converter_in.size(); ++i) {
        const int in = c.converter_in[i].positive, ground = c.converter_in[i].negative,
                  out = c.converter_out[i].positive;
        const auto k =
            converter_currents(*find(parts().converters, n.plan.converters[i].type),
                               raw(n.plan.converters[i].set), v[in] - v[ground], v[out] - v[ground]);
        flow(in, ground, k.in.value), flow(ground, out, k.out.value);
    }
    f[0] = 0;
    return f;
}

/// Newton with a full LU and a Jacobian of difference quotients.
Column brute_force(const Wired& n, const Circuit& c, Column v) {
    for (int round = 0; round < 60; ++round) {
        const Column f = sums(n, c, v);
        Dense j(v.size(), v.size());
        for (int k = 0; k < v.size(); ++k) {
            Column w = v;
            w[k] += 1e-6;
            j.col(k) = (sums(n, c, w) - f) / 1e-6;
        }
        j.row(0).setZero(), j(0, 0) = 1;
        const Column step = Eigen::FullPivLU<Dense>(j).solve(f);
        double take = std::min(1.0, 5 / step.cwiseAbs().maxCoeff());
        while (take > 1e-6 && sums(n, c, v - take * step).norm() > f.norm()) take /= 2;
        v -= take * step;
        if (step.cwiseAbs().maxCoeff() < 1e-7) break;
    }
    return v;
}

}  // namespace

class TestBruteForce : public QObject {
    Q_OBJECT
  private slots:
    void agrees_on_random_networks_data() {
        QTest::addColumn<int>("feeds");
        for (const int feeds : {3, 8, 20, 40}) QTest::addRow("%d feeds", feeds) << feeds;
    }
    void agrees_on_random_networks() {
        QFETCH(int, feeds);
        int compared = 0;
        for (unsigned seed = 1; seed <= 5; ++seed) {
            const auto n = random_network(seed, feeds);
            const Solver solver(n.plan, parts(), n.lengths);
            const auto p = solver.solve(n.demand);
            QVERIFY(p.found);
            // Started away from the sparse solver's answer, it comes to the same.
            Column v =
                Eigen::Map<const Column>(p.node_volts.data(), static_cast<Eigen::Index>(p.node_volts.size()));
            v *= 1.001;
            v[0] = 0;
            const Column dense = brute_force(n, solver.circuit(), v);
            if (sums(n, solver.circuit(), dense).cwiseAbs().maxCoeff() > 1e-6) continue;  // stuck in a corner
            ++compared;
            for (int i = 0; i < dense.size(); ++i) {
                const auto at = static_cast<size_t>(i);
                QVERIFY2(std::abs(dense[i] - p.node_volts[at]) < 1e-5,
                         qPrintable(QString("seed %1 node %2: %3 and %4")
                                        .arg(seed)
                                        .arg(solver.circuit().nodes[at].c_str())
                                        .arg(dense[i])
                                        .arg(p.node_volts[at])));
            }
        }
        QVERIFY(compared >= 4);
    }
    void large_networks_balance() {
        for (unsigned seed = 1; seed <= 12; ++seed) {
            const auto n = random_network(seed, 300);
            const Solver solver(n.plan, parts(), n.lengths);
            const auto p = solver.solve(n.demand);
            QVERIFY2(p.found, qPrintable(QString::number(seed)));
            QVERIFY(test::worst_kirchhoff(n.plan, solver, p) < 1e-9);
            const double source = raw(p.sources[0].watts),
                         sunk = raw(p.drawn + p.wire_heat + p.converter_heat);
            CLOSE(sunk, source, 1e-6);
            const Column v =
                Eigen::Map<const Column>(p.node_volts.data(), static_cast<Eigen::Index>(p.node_volts.size()));
            QVERIFY(sums(n, solver.circuit(), v).cwiseAbs().maxCoeff() < 1e-8 * p.scale);
        }
    }
    void twice_the_copper_half_the_drop() {
        for (unsigned seed = 1; seed <= 6; ++seed) {
            auto n = random_network(seed, 60);
            for (auto& l : n.plan.loads) l.kind = LoadKind::current, l.v_min = Volt(0.2);
            n.plan.converters.clear();
            n.plan.erase_feeds([&](const auto& f) {
                return find_part(n.plan, f.from).kind == PartKind::none ||
                       find_part(n.plan, f.to).kind == PartKind::none;
            });
            n.lengths = feed_lengths(lay_harness(n.plan, parts()));
            n.demand.open.assign(n.plan.feeds().size(), false);
            // With constant currents every drop scales with the resistance of its conductors.
            const auto one = Solver(n.plan, parts(), n.lengths).solve(n.demand);
            auto half = n.demand;
            half.branch_scale.assign(n.plan.feeds().size(), 0.5);
            const auto two = Solver(n.plan, parts(), n.lengths).solve(half);
            QVERIFY(one.found && two.found);
            for (size_t f = 0; f < n.plan.feeds().size(); ++f)
                if (n.plan.feeds()[f].ret == Return::own && std::abs(raw(one.feeds[f].drop)) > 1e-6)
                    CLOSE(raw(two.feeds[f].drop), raw(one.feeds[f].drop) / 2, 1e-3);
        }
    }
};

SANGRE_SUITE(TestBruteForce);
#include "test_brute_force.moc"
