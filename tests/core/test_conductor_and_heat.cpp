// Wire against its published figures.
#include "fixtures.h"
#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "physics/wire/thermal.h"
#include "plan/wire_choice.h"

using namespace sangre;
using test::parts;

namespace {

/// A PVC hook-up wire with a solid conductor, as the trade's chassis-wiring figures take it.
WireType hook_up(int gauge) {
    WireType w;
    w.area = awg_area(gauge);
    w.conductor = solid_diameter(w.area);
    w.outer = w.conductor + Millimetre(1.6);  // the usual 0.8 mm wall
    w.ohm_per_m = resistance_per_metre(w.area, Stranding::solid);
    w.gram_per_m = raw(w.area) * 10;
    return w;
}
const Insulation& pvc() { return *find(parts().insulations, "pvc-80"); }

}  // namespace

class TestConductorAndHeat : public QObject {
    Q_OBJECT
  private slots:
    void resistance_of_solid_gauges_data() {
        QTest::addColumn<int>("gauge");
        QTest::addColumn<double>("mohm_per_m");
        // ASTM B258 areas, 100 % IACS copper at 20 °C.
        for (const auto& [gauge, r] :
             {std::pair{10, 3.277}, {14, 8.286}, {18, 20.95}, {22, 52.96}, {26, 133.9}, {30, 338.6}})
            QTest::newRow(qPrintable(QString::number(gauge))) << gauge << r;
    }
    void resistance_of_solid_gauges() {
        QFETCH(int, gauge);
        QFETCH(double, mohm_per_m);
        CLOSE(resistance_per_metre(awg_area(gauge), Stranding::solid) * 1e3, mohm_per_m, 0.001);
        CLOSE(resistance_per_metre(awg_area(gauge), Stranding::stranded) * 1e3, mohm_per_m * 1.02, 0.001);
    }
    void resistance_grows_with_temperature() {
        QCOMPARE(temperature_factor(Celsius(20)), 1.0);
        CLOSE(temperature_factor(Celsius(80)), 1.2358, 1e-6);
        QVERIFY(temperature_factor(Celsius(-300)) > 0);
    }

    void ampacity_in_free_air_data() {
        QTest::addColumn<int>("gauge");
        QTest::addColumn<double>("amps");
        for (const auto& [gauge, a] : {std::pair{10, 54.0}, {12, 41.0}, {14, 31.0}, {16, 23.0}, {18, 17.0}})
            QTest::newRow(qPrintable(QString::number(gauge))) << gauge << a;
    }
    void ampacity_in_free_air() {
        QFETCH(int, gauge);
        QFETCH(double, amps);
        CLOSE(raw(ampacity(hook_up(gauge), pvc(), Celsius(30))), amps, 0.06);
        // The trade's chassis-wiring figures say about the same for these sizes.
        CLOSE(raw(bold_current(awg_area(gauge))), amps, 0.08);
    }

    void heat_balance_is_consistent() {
        for (const auto& w : parts().wires) {
            const auto& insulation = *find(parts().insulations, w.insulation);
            const auto amps = ampacity(w, insulation, Celsius(30));
            QVERIFY2(raw(amps) > 0, w.id.c_str());
            const WireThermal thermal(w, insulation, Celsius(30));
            CLOSE(raw(thermal.steady(amps)), raw(insulation.max), 0.01);
            QVERIFY(ampacity(w, insulation, Celsius(50)) < amps);
            QCOMPARE(raw(ampacity(w, insulation, insulation.max)), 0.0);
            CLOSE(raw(thermal.steady(Ampere(0))), 30, 0.01);
        }
    }
    void heating_with_time() {
        const auto& w = *find(parts().wires, "awg18-pvc");
        const WireThermal t(w, pvc(), Celsius(30));
        const Ampere amps(15);
        double last = 30;
        for (const double s : {1.0, 5.0, 20.0, 60.0, 300.0, 3000.0}) {
            const double now = raw(t.after(amps, Second(s), Celsius(30)));
            QVERIFY(now >= last);
            last = now;
        }
        CLOSE(last, raw(t.steady(amps)), 0.01);
        // time_to and after are each other's inverse.
        const auto when = t.time_to(amps, Celsius(60), Celsius(30));
        CLOSE(raw(t.after(amps, when, Celsius(30))), 60, 0.02);
        QVERIFY(std::isinf(raw(t.time_to(Ampere(1), Celsius(60), Celsius(30)))));
        QCOMPARE(raw(t.time_to(amps, Celsius(60), Celsius(70))), 0.0);
    }
    void short_circuits_are_adiabatic() {
        CLOSE(adiabatic_k(Celsius(70), Celsius(160)), 115, 0.01);
        CLOSE(adiabatic_k(Celsius(90), Celsius(250)), 143, 0.01);
        // A bare conductor at a large current follows k²S² = I²t.
        auto w = *find(parts().wires, "awg14-pvc");
        w.gram_per_m = raw(w.area) * 8.96;
        w.ohm_per_m = resistance_per_metre(w.area, Stranding::solid);
        const WireThermal t(w, pvc(), Celsius(30));
        const double amps = 1000, k = adiabatic_k(Celsius(30), Celsius(160));
        CLOSE(raw(t.time_to(Ampere(amps), Celsius(160), Celsius(30))), std::pow(k * raw(w.area) / amps, 2),
              0.05);
    }
    void bunching() {
        QCOMPARE(bunching_factor(0), 1.0);
        QCOMPARE(bunching_factor(1), 1.0);
        QCOMPARE(bunching_factor(3), 0.70);
        QCOMPARE(bunching_factor(9), 0.50);
        CLOSE(bunching_factor(12), 0.45, 1e-9);
        CLOSE(bunching_factor(20), 0.38, 1e-9);
        for (int n = 1; n < 40; ++n) QVERIFY(bunching_factor(n + 1) <= bunching_factor(n));
    }
    void bunched_wires_run_warmer() {
        const auto& w = *find(parts().wires, "awg16-pvc");
        QVERIFY(WireThermal(w, pvc(), Celsius(30), bunching_factor(6)).steady(Ampere(10)) >
                WireThermal(w, pvc(), Celsius(30)).steady(Ampere(10)));
    }

    void rules_of_thumb() {
        CLOSE(raw(cautious_current(awg_area(10))), 14.83, 0.01);  // 10 380 circular mils ÷ 700
        CLOSE(raw(bold_current(awg_area(14))), 32, 0.001);
        CLOSE(raw(bold_current(SquareMillimetre(2.5))), 36.4, 0.05);
    }
    void choice_by_school() {
        WireNeed need{Ampere(5), Volt(12), Metre(2), true, 0.03, Celsius(35), 1, "pvc-80", false};
        const auto* temperature = choose_wire(parts(), need, WireSchool::temperature);
        const auto* drop = choose_wire(parts(), need, WireSchool::drop);
        const auto* cautious = choose_wire(parts(), need, WireSchool::cautious);
        QVERIFY(temperature && drop && cautious);
        QVERIFY(drop->area > temperature->area);
        QVERIFY(wire_drop_share(parts(), *drop, need) <= 0.03);
        QVERIFY(cautious_current(cautious->area) >= need.continuous);
        // No thinner wire of the kind would have done.
        for (const auto& w : parts().wires)
            if (w.insulation == need.insulation && !w.metric && w.area < drop->area)
                QVERIFY(wire_drop_share(parts(), w, need) > 0.03);
        need.continuous = Ampere(5000);
        QVERIFY(!choose_wire(parts(), need, WireSchool::temperature));
        need.continuous = Ampere(5), need.metric = true;
        QVERIFY(choose_wire(parts(), need, WireSchool::drop)->metric);
    }
};

SANGRE_SUITE(TestConductorAndHeat);
#include "test_conductor_and_heat.moc"
