// Laws that hold on every network, on random ones.
#include <rapidcheck.h>

#include "fixtures.h"

using namespace sangre;
using test::parts;

namespace {

/// A random tree of hubs, modules and loads below a random pack.
Plan random_plan() {
    Plan p;
    const int series = *rc::gen::inRange(6, 13);
    p.sources.push_back(
        {"battery", "Battery", "lfp", series, 1, AmpereHour(*rc::gen::inRange(5, 60)), {}, {}});
    p.hubs.push_back({"hub0", "Hub", {}, {}});
    std::vector<Id> sources{"hub0"};
    const auto wires = std::vector<Id>{"awg10-silicone", "awg14-pvc", "awg18-xlpe", "awg22-pvc", "mm1_5-pvc"};
    const auto feed = [&](const Id& from, const Id& to) {
        Lead f;
        f.id = "f-" + to, f.from = from, f.to = to, f.wire = *rc::gen::elementOf(wires);
        f.length = Metre(*rc::gen::inRange(5, 300) / 100.0);
        p.add_feed(f);
    };
    feed("battery", "hub0");
    const auto extra_hubs = static_cast<size_t>(*rc::gen::inRange(0, 3));
    for (size_t i = 1; i <= extra_hubs; ++i) {
        const Id id = "hub" + std::to_string(i);
        p.hubs.push_back({id, id, {}, {}});
        feed(sources.back(), id);
        sources.push_back(id);
    }
    for (int i = 0; i < *rc::gen::inRange(0, 4); ++i) {
        const Id id = "rail" + std::to_string(i);
        p.converters.push_back({id,
                                id,
                                *rc::gen::elementOf(std::vector<Id>{"buck-5a-60v", "buck-15a-75v"}),
                                Volt(*rc::gen::inRange(4, 13)),
                                {},
                                {}});
        feed(*rc::gen::elementOf(std::vector<Id>{"hub0", sources.back()}), id);
        sources.push_back(id);
    }
    for (int i = 0; i < *rc::gen::inRange(1, 15); ++i) {
        const Id id = "load" + std::to_string(i);
        auto l = test::simple_load(id, *rc::gen::inRange(5, 25), *rc::gen::inRange(1, 300) / 100.0);
        l.kind = *rc::gen::element(LoadKind::current, LoadKind::power, LoadKind::resistance);
        p.loads.push_back(l);
        feed(*rc::gen::elementOf(sources), id);
        if (*rc::gen::inRange(0, 6) == 0 && p.feeds().size() > 2)
            p.feeds().back().ret = Return::shared, p.feeds().back().shared_with = "f-hub0";
    }
    return p;
}

Demand on(const Plan& p) {
    Demand d;
    d.states.assign(p.loads.size(), LoadState::typical);
    d.open.assign(p.feeds().size(), false);
    d.charge = 0.6;
    return d;
}
OperatingPoint solved(const Plan& p, const Demand& d) {
    return Solver(p, parts(), feed_lengths(lay_harness(p, parts()))).solve(d);
}

}  // namespace

class TestNetworkLaws : public QObject {
    Q_OBJECT
  private slots:
    void kirchhoff_and_energy() {
        QVERIFY(rc::check("currents and energies balance", [] {
            const auto plan = random_plan();
            const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
            const auto p = solver.solve(on(plan));
            RC_ASSERT(p.found);
            RC_ASSERT(test::worst_kirchhoff(plan, solver, p) < 1e-9);
            const double source = raw(p.sources[0].watts),
                         sunk = raw(p.drawn + p.wire_heat + p.converter_heat);
            RC_ASSERT(std::abs(source - sunk) <= 1e-6 * std::max(1.0, source));
        }));
    }
    void order_of_parts_does_not_matter() {
        QVERIFY(rc::check("reversed lists give the same volts", [] {
            const auto plan = random_plan();
            auto turned = plan;
            std::reverse(turned.loads.begin(), turned.loads.end());
            std::reverse(turned.feeds().begin(), turned.feeds().end());
            const auto a = solved(plan, on(plan)), b = solved(turned, on(turned));
            RC_ASSERT(a.found && b.found);
            for (size_t i = 0; i < plan.loads.size(); ++i)
                RC_ASSERT(std::abs(raw(a.loads[i].volts) - raw(b.loads[plan.loads.size() - 1 - i].volts)) <
                          1e-6);
        }));
    }
    void more_copper_never_drops_more() {
        QVERIFY(rc::check("resistive loads on thicker wire get no less", [] {
            auto plan = random_plan();
            for (auto& l : plan.loads) l.kind = LoadKind::resistance;
            plan.converters.clear();
            plan.erase_feeds([](const auto& f) { return f.to.starts_with("rail"); });
            for (auto& f : plan.feeds())
                if (f.from.starts_with("rail")) f.from = "hub0";
            auto thick = plan;
            for (auto& f : thick.feeds()) f.wire = "awg4-silicone";
            const auto a = solved(plan, on(plan)), b = solved(thick, on(thick));
            // With every drop smaller the pack sags a little more; what reaches the loads together still
            // grows.
            RC_ASSERT(raw(b.wire_heat) / raw(b.sources[0].watts) <=
                      raw(a.wire_heat) / raw(a.sources[0].watts) + 1e-9);
            for (size_t i = 0; i < plan.loads.size(); ++i)
                RC_ASSERT(raw(b.loads[i].volts) >= raw(a.loads[i].volts) * 0.95);
        }));
    }
    void warm_start_finds_the_same() {
        QVERIFY(rc::check("starting near gives the same answer", [] {
            const auto plan = random_plan();
            const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
            auto d = on(plan);
            const auto cold = solver.solve(d);
            d.charge = 1;
            const auto other = solver.solve(d);
            d.charge = 0.6;
            const auto warm = solver.solve(d, other);
            RC_ASSERT(cold.found && warm.found);
            for (size_t i = 0; i < cold.node_volts.size(); ++i)
                // Near a fold the slope vanishes: there a nanoampere is some ten microvolts.
                RC_ASSERT(std::abs(cold.node_volts[i] - warm.node_volts[i]) < 1e-4);
        }));
    }
};

SANGRE_SUITE(TestNetworkLaws);
#include "test_network_laws.moc"
