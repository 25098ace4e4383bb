// Operating points of small networks, against arithmetic done by hand.
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "wiring/conductors/resistances.h"

using namespace sangre;
using test::parts;

namespace {

Demand all(const Plan& plan, LoadState state) {
    Demand d;
    d.states.assign(plan.loads.size(), state);
    d.open.assign(plan.feeds().size(), false);
    return d;
}
std::vector<Metre> metres(const Plan& plan) { return feed_lengths(lay_harness(plan, parts())); }
double supply_ohm(const Plan& plan, size_t feed, bool back, Celsius copper) {
    const auto ohms = feed_ohms(plan, plan.feeds()[feed], parts(), metres(plan)[feed], copper);
    return raw(back ? ohms.back : ohms.supply);
}

}  // namespace

class TestNetwork : public QObject {
    Q_OBJECT
  private slots:
    void one_load_by_hand() {
        const auto plan = test::one_feed(5);
        const Solver solver(plan, parts(), metres(plan));
        const auto p = solver.solve(all(plan, LoadState::typical));
        QVERIFY(p.found);
        const auto& lfp = *find(parts().chemistries, "lfp");
        const double e = raw(pack_rest_voltage(plan.sources[0], lfp, 1)),
                     r = raw(pack_resistance(plan.sources[0], lfp, 1, Celsius(20)));
        // Five amperes warm it by a few kelvin, as the heat balance of the wire alone has it.
        const Celsius warm = p.feeds[0].copper;
        const auto& wire = *find(parts().wires, plan.feeds()[0].wire);
        const auto& insulation = *find(parts().insulations, wire.insulation);
        QVERIFY(std::abs(raw(WireThermal(wire, insulation, Celsius(20)).steady(Ampere(5)) - warm)) < 0.1);
        const double path = supply_ohm(plan, 0, false, warm) + supply_ohm(plan, 0, true, warm);
        CLOSE(raw(p.sources[0].amps), 5, 1e-9);
        CLOSE(raw(p.sources[0].volts), e - 5 * r, 1e-9);
        CLOSE(raw(p.loads[0].volts), e - 5 * (r + path), 1e-9);
        CLOSE(raw(p.feeds[0].drop), 5 * path, 1e-8);
        CLOSE(raw(p.feeds[0].lift), 5 * supply_ohm(plan, 0, true, warm), 1e-8);
        CLOSE(raw(p.wire_heat), 25 * path, 1e-8);
    }
    void kinds_of_load() {
        auto plan = test::one_feed(5);
        plan.loads[0].kind = LoadKind::power;
        const Solver power(plan, parts(), metres(plan));
        CLOSE(raw(power.solve(all(plan, LoadState::typical)).loads[0].watts), 64, 1e-9);
        plan.loads[0].kind = LoadKind::resistance;
        const Solver resistance(plan, parts(), metres(plan));
        const auto p = resistance.solve(all(plan, LoadState::typical));
        CLOSE(raw(p.loads[0].volts) / raw(p.loads[0].amps), 12.8 / 5, 1e-9);
    }
    void a_load_lets_go_continuously() {
        auto load = test::simple_load("x", 12, 3);
        for (const auto kind : {LoadKind::current, LoadKind::power, LoadKind::resistance}) {
            load.kind = kind;
            for (double v = -2; v < 20; v += 0.01) {
                const auto a = load_current(load, 3, v), b = load_current(load, 3, v + 1e-6);
                QVERIFY(std::abs(b.amps - a.amps) < 1e-5);
            }
            QVERIFY(load_current(load, 3, -1).amps <= 0);
        }
    }
    void too_much_power_browns_out() {
        auto plan = test::one_feed(60);
        plan.loads[0].kind = LoadKind::power;
        plan.loads[0].v_min = Volt(12.5);
        plan.feeds()[0].wire = "awg26-pvc";
        plan.feeds()[0].length = Metre(3);
        const Solver solver(plan, parts(), metres(plan));
        const auto p = solver.solve(all(plan, LoadState::typical));
        QVERIFY(p.found);
        QCOMPARE(p.brown_outs.size(), size_t{1});
        QCOMPARE(p.brown_outs[0].load, size_t{0});
        QVERIFY(p.brown_outs[0].gets < Volt(12.5));
        QVERIFY(test::worst_kirchhoff(plan, solver, p) < 1e-9);
    }
    void open_switch_gives_zero_volts() {
        const auto plan = test::one_feed();
        const Solver solver(plan, parts(), metres(plan));
        auto d = all(plan, LoadState::off);
        d.open[0] = true;
        const auto p = solver.solve(d);
        QVERIFY(p.found);
        QVERIFY(std::abs(raw(p.loads[0].volts)) < 1e-6);
        QVERIFY(std::abs(raw(p.sources[0].amps)) < 1e-9);
        QVERIFY(p.brown_outs.empty());
    }
    void a_module_conserves_energy() {
        auto plan = test::one_feed(2);
        plan.converters.push_back({"rail", "5 V", "buck-5a-40v", Volt(5), {}, {}});
        plan.loads[0] = test::simple_load("lamp", 5, 2);
        plan.feeds()[0].to = "rail";
        Lead f;
        f.id = "out", f.from = "rail", f.to = "lamp", f.wire = "awg18-silicone", f.length = Metre(0.3);
        plan.add_feed(f);
        const Solver solver(plan, parts(), metres(plan));
        const auto p = solver.solve(all(plan, LoadState::typical));
        QVERIFY(p.found);
        const auto& c = p.converters[0];
        const auto& type = *find(parts().converters, "buck-5a-40v");
        CLOSE(raw(c.in) * raw(c.in_amps),
              raw(c.out) * raw(c.out_amps) *
                      (1 + (1 / type.efficiency - 1) * (0.5 + raw(c.out_amps) / (1.2 * raw(type.rated)))) +
                  raw(c.in) * raw(type.quiescent),
              1e-6);
        CLOSE(raw(c.out), 5 - 2 * 0.004, 1e-6);
        QVERIFY(!c.dropout && !c.limiting && !c.locked_out);
        QVERIFY(test::worst_kirchhoff(plan, solver, p) < 1e-9);
        // Source = loads + heat, the pack's own left in the pack.
        CLOSE(raw(p.sources[0].watts), raw(p.drawn + p.wire_heat + p.converter_heat), 1e-6);
    }
    void a_starved_module_follows_its_input() {
        auto plan = test::one_feed(1);
        plan.converters.push_back({"rail", "12.9 V", "buck-5a-40v", Volt(12.9), {}, {}});
        plan.feeds()[0].to = "rail";
        Lead f;
        f.id = "out", f.from = "rail", f.to = "lamp", f.wire = "awg18-silicone", f.length = Metre(0.3);
        plan.add_feed(f);
        const Solver solver(plan, parts(), metres(plan));
        const auto p = solver.solve(all(plan, LoadState::typical));
        QVERIFY(p.converters[0].dropout);
        QVERIFY(p.converters[0].out < p.converters[0].in - Volt(0.9));
    }
    void shared_and_frame_returns_lift_ground() {
        auto plan = test::star(2);
        plan.loads[0].typical = Ampere(8);
        plan.feeds()[2].ret = Return::shared;
        plan.feeds()[2].shared_with = "feed0";
        const Solver shared(plan, parts(), metres(plan));
        const auto p = shared.solve(all(plan, LoadState::typical));
        CLOSE(raw(p.feeds[1].back), 9, 1e-6);  // both come home on the first feed's return
        QVERIFY(p.feeds[1].lift > Volt(0.05));
        plan.feeds()[2].ret = Return::frame;
        plan.feeds()[2].shared_with.clear();
        const auto plastic = Solver(plan, parts(), metres(plan)).solve(all(plan, LoadState::typical));
        QVERIFY(plastic.loads[1].volts < Volt(1));
        plan.metal_frame = true;
        const auto metal = Solver(plan, parts(), metres(plan)).solve(all(plan, LoadState::typical));
        QVERIFY(metal.loads[1].volts > Volt(12));
    }
    void packs_in_parallel_equalise() {
        auto plan = test::one_feed();
        plan.loads.clear();
        plan.replace_feeds({});
        plan.hubs.push_back({"hub", "Hub", {}, {}});
        plan.sources.push_back({"second", "Second", "lfp", 4, 1, AmpereHour(5), {}, {}});
        plan.sources[1].chemistry = "nmc";
        for (const char* from : {"battery", "second"}) {
            Lead f;
            f.id = std::string("from-") + from, f.from = from, f.to = "hub", f.wire = "awg10-silicone",
            f.length = Metre(0.2);
            plan.add_feed(f);
        }
        const Solver solver(plan, parts(), metres(plan));
        const auto p = solver.solve(all(plan, LoadState::off));
        QVERIFY(p.found);
        QVERIFY(p.sources[1].amps > Ampere(1));
        CLOSE(raw(p.sources[0].amps), -raw(p.sources[1].amps), 1e-6);
    }
    void nothing_at_all_is_solved() {
        const Plan plan;
        const Solver solver(plan, parts(), std::vector<Metre>{});
        QVERIFY(solver.solve(Demand{}).found);
    }
    void islands_and_extremes_end() {
        auto plan = test::star(3);
        plan.sources.clear();
        plan.leads.erase(plan.leads.begin());
        auto p = Solver(plan, parts(), metres(plan)).solve(all(plan, LoadState::typical));
        for (const double v : p.node_volts) QVERIFY(std::isfinite(v));
        plan = test::star(2);
        plan.feeds()[0].length = Metre(0);
        plan.feeds()[1].length = Metre(1000);
        plan.feeds()[1].wire = "awg30-pvc";
        p = Solver(plan, parts(), metres(plan)).solve(all(plan, LoadState::typical));
        QVERIFY(p.found);
        QCOMPARE(p.brown_outs.size(), size_t{1});
        plan.loads[1].typical = Ampere(1e8);
        p = Solver(plan, parts(), metres(plan)).solve(all(plan, LoadState::typical));
        for (const double v : p.node_volts) QVERIFY(std::isfinite(v));
    }
    void a_loop_of_modules_ends() {
        auto plan = test::one_feed();
        plan.converters.push_back({"a", "A", "buck-5a-40v", Volt(5), {}, {}});
        plan.converters.push_back({"b", "B", "boost-8a-35v", Volt(24), {}, {}});
        for (const auto& [from, to] : {std::pair{"a", "b"}, {"b", "a"}}) {
            Lead f;
            f.id = std::string(from) + to, f.from = from, f.to = to, f.wire = "awg18-pvc",
            f.length = Metre(0.3);
            plan.add_feed(f);
        }
        const auto s = test::studied(plan);
        QVERIFY(test::has(s, "rail-loop", Severity::danger));
        for (const double v : s.now.node_volts) QVERIFY(std::isfinite(v));
    }
};

SANGRE_SUITE(TestNetwork);
#include "test_network.moc"
