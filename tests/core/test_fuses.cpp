// Fuses: gates, riding, and the wire behind them.
#include "electrical/protection/curves.h"
#include "fixtures.h"

using namespace sangre;
using test::parts;

namespace {
const FuseFamily& family(const char* id) { return *find(parts().fuses, Id(id)); }
}  // namespace

class TestFuses : public QObject {
    Q_OBJECT
  private slots:
    void gates_are_met_data() {
        QTest::addColumn<QString>("id");
        QTest::addColumn<double>("multiple");
        QTest::addColumn<double>("fastest");
        QTest::addColumn<double>("slowest");
        const auto row = [](const char* id, double m, double f, double s) {
            QTest::newRow(qPrintable(QStringLiteral("%1 × %2").arg(id).arg(m))) << id << m << f << s;
        };
        row("standard-blade", 1.35, 0.75, 600);
        row("standard-blade", 2, 0.15, 5);
        row("mini-blade", 6, 0.02, 0.1);
        row("large-blade", 2, 2, 60);
        row("bolt-down-51", 3.5, 0.3, 5);
        row("glass-5x20-time-lag", 2.75, 0.6, 10);
        row("glass-5x20-fast", 10, 0.001, 0.02);
    }
    void gates_are_met() {
        QFETCH(QString, id);
        QFETCH(double, multiple);
        QFETCH(double, fastest);
        QFETCH(double, slowest);
        const auto& f = family(qPrintable(id));
        const Ampere rating(10);
        CLOSE(raw(fast_edge(f, rating, rating * multiple)), fastest, 1e-6);
        CLOSE(raw(slow_edge(f, rating, rating * multiple)), slowest, 1e-6);
    }
    void edges_are_ordered_and_fall() {
        for (const auto& f : parts().fuses) {
            double last_fast = HUGE_VAL, last_slow = HUGE_VAL;
            for (double m = 0.5; m < 100; m *= 1.05) {
                const double fast = raw(fast_edge(f, Ampere(10), Ampere(10 * m))),
                             slow = raw(slow_edge(f, Ampere(10), Ampere(10 * m)));
                QVERIFY2(fast <= slow, f.id.c_str());
                QVERIFY2(fast <= last_fast && slow <= last_slow, f.id.c_str());
                last_fast = fast, last_slow = slow;
            }
            QVERIFY(std::isinf(raw(slow_edge(f, Ampere(10), Ampere(9)))));
        }
    }
    void ratings_scale() {
        const auto& f = family("standard-blade");
        CLOSE(raw(slow_edge(f, Ampere(5), Ampere(12))), raw(slow_edge(f, Ampere(20), Ampere(48))), 1e-9);
    }
    void continuous_load() {
        CLOSE(raw(continuous_limit(*find(parts().fuses, Id("standard-blade")), Ampere(10), Celsius(23))), 7.5,
              1e-9);
        CLOSE(raw(continuous_limit(*find(parts().fuses, Id("standard-blade")), Ampere(10), Celsius(43))),
              7.5 * 0.97, 1e-9);
        QCOMPARE(raw(continuous_limit(*find(parts().fuses, Id("standard-blade")), Ampere(10), Celsius(-20))),
                 7.5);
    }
    void riding() {
        const auto& f = family("standard-blade");
        QVERIFY(rides(f, Ampere(10), Ampere(10), Second(1)) == false ||
                rides(f, Ampere(15), Ampere(10), Second(1)));
        QVERIFY(!rides(f, Ampere(5), Ampere(14), Second(0.4)));
        QVERIFY(rides(f, Ampere(20), Ampere(14), Second(0.4)));
        QVERIFY(rides(f, Ampere(1), Ampere(100), Second(0)));
        // A larger fuse rides whatever a smaller one does.
        for (double amps = 1; amps < 60; amps *= 1.3)
            if (rides(f, Ampere(10), Ampere(amps), Second(0.5)))
                QVERIFY(rides(f, Ampere(15), Ampere(amps), Second(0.5)));
    }
    void what_rides_is_read_backwards_from_the_fast_edge() {
        // At 30 % of the melting I²t of that duration: just under rides, just over does not; for every
        // family.
        for (const auto& f : parts().fuses) {
            if (f.gates.size() < 2) continue;
            for (const double seconds : {0.002, 0.02, 0.4, 3.0, 60.0}) {
                double low = 10, high = 1e6;
                for (int i = 0; i < 80; ++i) {
                    const double middle = std::sqrt(low * high);
                    (fast_edge(f, Ampere(10), Ampere(middle)) > Second(seconds) ? low : high) = middle;
                }
                const double rides_to = std::max(low * std::sqrt(0.3), 10.0);
                QVERIFY2(rides(f, Ampere(10), Ampere(rides_to * 0.99), Second(seconds)), f.id.c_str());
                QVERIFY2(!rides(f, Ampere(10), Ampere(rides_to * 1.01), Second(seconds)), f.id.c_str());
            }
        }
    }
    void no_wire_is_hurt_sooner_than_without_losing_heat() {
        // What lets the comparison skip integrating must never skip too much.
        for (const char* id : {"awg30-pvc", "awg22-pvc", "awg14-silicone", "awg4-silicone"}) {
            const auto& wire = *find(parts().wires, Id(id));
            const auto& insulation = *find(parts().insulations, wire.insulation);
            for (const int conductors : {1, 3}) {
                const WireThermal thermal(wire, insulation, Celsius(35), 0.8, conductors);
                const double rated = raw(ampacity(wire, insulation, Celsius(35))) * conductors;
                for (double amps = rated * 1.2; amps < rated * 60; amps *= 1.5) {
                    const double adiabatic =
                        thermal.adiabatic_heat(insulation.damage, Celsius(45)) / (amps * amps);
                    const double real = raw(thermal.time_to(Ampere(amps), insulation.damage, Celsius(45)));
                    QVERIFY2(real >= adiabatic * 0.995, id);
                    // And in a hard short nothing but the copper and its wall takes the heat.
                    if (amps > rated * 40) QVERIFY2(real < adiabatic * 4, id);
                    const double heat = thermal.adiabatic_heat(insulation.damage, Celsius(45));
                    CLOSE(raw(thermal.after_adiabatic(heat, Celsius(45))), raw(insulation.damage), 1e-9);
                }
                QCOMPARE(thermal.adiabatic_heat(Celsius(40), Celsius(45)), 0.0);
                // k²S² of the standard, which takes copper as solid: stranding adds a fiftieth to its
                // resistance.
                const double k = adiabatic_k(Celsius(45), insulation.damage);
                CLOSE(thermal.adiabatic_heat(insulation.damage, Celsius(45)),
                      k * k * raw(wire.area) * raw(wire.area) * conductors * conductors / 1.02, 0.02);
            }
        }
    }
    void breaking_counts_the_fuse_itself() {
        FuseNeed need;
        need.volts = Volt(28), need.prospective = Ampere(1400);
        QVERIFY(breaking_current(family("standard-blade"), Ampere(3), need) < Ampere(600));
        QVERIFY(breaking_current(family("bolt-down-51"), Ampere(100), need) > Ampere(1300));
        QVERIFY(!suits(family("glass-5x20-fast"), Ampere(3), need));
        QVERIFY(suits(family("standard-blade"), Ampere(3), need));
        need.volts = Volt(50);
        QVERIFY(!suits(family("standard-blade"), Ampere(3), need));
        QVERIFY(suits(family("standard-blade-58"), Ampere(3), need));
    }

    void wire_gives_in_to_a_fuse_too_big() {
        const auto& wire = *find(parts().wires, "awg22-pvc");
        const auto& insulation = *find(parts().insulations, "pvc-80");
        const WireThermal thermal(wire, insulation, Celsius(35));
        const auto& f = family("standard-blade");
        const auto warm = thermal.steady(Ampere(1.5));
        QVERIFY(protects(f, Ampere(3), thermal, insulation, warm, Ampere(200)));
        QVERIFY(!protects(f, Ampere(20), thermal, insulation, warm, Ampere(200)));
        const auto crossing = first_crossing(f, Ampere(20), thermal, insulation, warm, Ampere(200));
        QVERIFY(crossing.has_value());
        const auto largest = largest_that_protects(f, thermal, insulation, warm, Ampere(200));
        QVERIFY(largest && *largest >= Ampere(3) && *largest < Ampere(20));
        // Every smaller rating protects as well.
        for (const auto r : f.ratings)
            if (r <= *largest) QVERIFY(protects(f, r, thermal, insulation, warm, Ampere(200)));
    }
    void smallest_that_carries_does() {
        FuseNeed need{Ampere(4.6), Ampere(5), Second(5),   Ampere(14),
                      Second(0.4), Volt(12),  Ampere(100), Celsius(35)};
        const auto choice = smallest_that_carries(parts(), need, {"standard-blade"});
        QVERIFY(choice);
        QCOMPARE(choice->family->id, Id("standard-blade"));
        QVERIFY(carries(*choice->family, choice->rating, need));
        for (const auto r : choice->family->ratings)
            if (r < choice->rating) QVERIFY(!carries(*choice->family, r, need));
    }

    void faults_in_a_simple_feed() {
        auto plan = test::one_feed();
        const auto s = test::studied(plan);
        const auto& fault = s.protection[0].fault;
        QCOMPARE(fault.outcome, FaultOutcome::opens);
        QCOMPARE(fault.opener, std::optional<size_t>(0));
        QVERIFY(fault.current > Ampere(100));
        QVERIFY(fault.wire < s.protection[0].insulation->damage);
        QCOMPARE(fault.dark, std::vector<size_t>{0});
        plan.feeds()[0].devices.erase(plan.feeds()[0].devices.begin());
        QCOMPARE(test::studied(plan).protection[0].fault.outcome, FaultOutcome::never_opens);
    }
    void the_nearest_fuse_opens() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto& fault = s.protection[f].fault;
            if (fault.outcome != FaultOutcome::opens || s.protection[f].inherited) continue;
            QCOMPARE(fault.opener, std::optional<size_t>(f));
        }
    }
    void curves_are_drawable() {
        const auto s = test::studied(test::demo());
        for (const auto& p : s.protection) {
            const auto c = feed_curves(p);
            for (const auto* points : {&c.fast, &c.slow, &c.wire, &c.load})
                for (const auto& q : *points)
                    QVERIFY(std::isfinite(q.amps) && std::isfinite(q.seconds) && q.amps > 0 && q.seconds > 0);
            QVERIFY(c.most_amps > c.least_amps);
            QVERIFY(!c.words.empty());
            QCOMPARE(c.sound, p.protects && (p.carries || p.inherited));
        }
    }
};

SANGRE_SUITE(TestFuses);
#include "test_fuses.moc"
