// A short as it runs its course: at constant current the slow edge, with warming copper later.
#include "electrical/protection/fault_run.h"
#include "fixtures.h"
#include "physics/protection/fuse_curve.h"
#include "physics/wire/conductor.h"

using namespace sangre;
using test::parts;

namespace {

struct Laid {
    const WireType& wire;
    const Insulation& insulation;
    WireThermal thermal;
    explicit Laid(const char* id)
        : wire(*find(parts().wires, id)),
          insulation(*find(parts().insulations, wire.insulation)),
          thermal(wire, insulation, Celsius(30)) {}
};

}  // namespace

class TestFaultRun : public QObject {
    Q_OBJECT
  private slots:
    void at_constant_current_the_fuse_opens_at_its_slow_edge() {
        const Laid thick("awg8-silicone");
        const auto& family = *find(parts().fuses, "standard-blade");
        for (const double amps : {25.0, 40.0, 80.0}) {
            const auto run = run_fault(Ampere(amps), Volt(12), true, {{&thick.thermal, 0.01, 1, Celsius(30)}},
                                       {{7, &family, Ampere(10), 1}});
            QCOMPARE(run.opener.value_or(99), size_t{7});
            CLOSE(raw(run.time), raw(slow_edge(family, Ampere(10), Ampere(amps))), 1e-6);
            CLOSE(raw(run.wires[0]), raw(thick.thermal.after(Ampere(amps), run.time, Celsius(30))), 0.02);
        }
    }
    void copper_that_warms_lets_less_through_and_the_fuse_waits() {
        // A thin wire that is nearly all of the loop: at 250 °C its resistance has nearly doubled.
        const Laid thin("awg24-silicone");
        const auto& family = *find(parts().fuses, "standard-blade");
        const double ohm = 0.4;
        const auto cold = Ampere(12 / ohm);
        const FaultWire wire{&thin.thermal, ohm, 1, Celsius(30)};
        const auto run = run_fault(cold, Volt(12), false, {wire}, {{0, &family, Ampere(10), 1}}, true);
        QVERIFY(run.at_first < cold);  // 30 °C copper, not 20
        QVERIFY(run.time > slow_edge(family, Ampere(10), cold));
        for (size_t i = 1; i < run.moments.size(); ++i) {
            QVERIFY(run.moments[i].time >= run.moments[i - 1].time);
            QVERIFY(run.moments[i].current <= run.moments[i - 1].current + Ampere(1e-9));
            QVERIFY(run.moments[i].wires[0] >= run.moments[i - 1].wires[0]);
            // Ohm's law holds at every moment.
            const auto& m = run.moments[i];
            if (m.time < run.time) CLOSE(raw(m.current) * ohm * temperature_factor(m.wires[0]), 12.0, 1e-6);
        }
    }
    void half_the_step_same_answer() {
        // The same short cut into two equal wires in series warms and opens alike.
        const Laid thin("awg20-silicone");
        const auto& family = *find(parts().fuses, "standard-blade");
        const FaultWire whole{&thin.thermal, 0.3, 1, Celsius(30)}, half{&thin.thermal, 0.15, 1, Celsius(30)};
        const std::vector<FaultFuse> fuse{{0, &family, Ampere(15), 1}};
        const auto one = run_fault(Ampere(40), Volt(12), false, {whole}, fuse),
                   two = run_fault(Ampere(40), Volt(12), false, {half, half}, fuse);
        CLOSE(raw(two.time), raw(one.time), 1e-6);
        CLOSE(raw(two.wires[1]), raw(one.wires[0]), 1e-6);
    }
    void the_first_of_two_fuses_opens() {
        const Laid thick("awg8-silicone");
        const auto& family = *find(parts().fuses, "standard-blade");
        const auto run = run_fault(Ampere(60), Volt(12), false, {{&thick.thermal, 0.001, 1, Celsius(30)}},
                                   {{1, &family, Ampere(30), 1}, {2, &family, Ampere(5), 1}});
        QCOMPARE(run.opener.value_or(99), size_t{2});
        // A fuse that carries but a tenth of it is not the first.
        const auto shared = run_fault(Ampere(60), Volt(12), false, {{&thick.thermal, 0.001, 1, Celsius(30)}},
                                      {{1, &family, Ampere(30), 1}, {2, &family, Ampere(10), 0.1}});
        QCOMPARE(shared.opener.value_or(99), size_t{1});
    }
    void without_a_fuse_it_settles() {
        const Laid thick("awg8-silicone");
        const auto run = run_fault(Ampere(20), Volt(12), true, {{&thick.thermal, 0.01, 1, Celsius(30)}}, {});
        QVERIFY(!run.opener && !std::isfinite(raw(run.time)));
        CLOSE(raw(run.wires[0]), raw(thick.thermal.steady(Ampere(20))), 0.02);
        const auto glowing =
            run_fault(Ampere(900), Volt(12), true, {{&thick.thermal, 0.01, 1, Celsius(30)}}, {});
        CLOSE(raw(glowing.wires[0]), 1000.0, 0.001);
    }
    void the_steady_state_is_where_heat_and_loss_meet() {
        for (const char* id : {"awg30-pvc", "awg18-silicone", "awg8-pvc"}) {
            const Laid laid(id);
            for (double amps = 0.2; amps < 120; amps *= 1.7) {
                const auto c = laid.thermal.steady(Ampere(amps));
                if (raw(c) >= 999) break;
                const double warming = laid.thermal.rate(Ampere(amps), c);
                QVERIFY2(std::abs(warming) < 1e-6 * (1 + laid.thermal.rate(Ampere(amps), laid.thermal.air())),
                         id);
            }
        }
    }
};

SANGRE_SUITE(TestFaultRun);
#include "test_fault_run.moc"
