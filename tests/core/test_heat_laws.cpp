// Laws of warm wires over the whole catalogue: more current is warmer, what is asked one way is answered the
// other.
#include <QTest>
#include <cmath>

#include "electrical/protection/coordination.h"
#include "fixtures.h"
#include "physics/wire/conductor.h"
#include "physics/wire/thermal.h"

using namespace sangre;
using test::parts;

namespace {

/// Every seventh wire: thin and thick, of every insulation.
std::vector<const WireType*> some_wires() {
    std::vector<const WireType*> some;
    for (size_t i = 0; i < parts().wires.size(); i += 7) some.push_back(&parts().wires[i]);
    return some;
}

const Insulation& around(const WireType& w) { return *find(parts().insulations, w.insulation); }

}  // namespace

class TestHeatLaws : public QObject {
    Q_OBJECT
  private slots:
    void a_warmer_surface_loses_more() {
        for (const double air : {-20.0, 20.0, 60.0})
            for (const double outer : {0.5e-3, 2e-3, 12e-3}) {
                double before = 0;
                for (double rise = 5; rise <= 200; rise += 15) {
                    const double loss = surface_loss(air + rise, air, outer);
                    QVERIFY(std::isfinite(loss) && loss > before);
                    before = loss;
                }
                // Thinner air cools less; a thicker cylinder has more surface.
                QVERIFY(surface_loss(air + 50, air, outer, 0.5) < surface_loss(air + 50, air, outer));
                QVERIFY(surface_loss(air + 50, air, outer * 2) > surface_loss(air + 50, air, outer));
                CLOSE(surface_loss(air, air, outer) + 1, 1, 1e-9);
            }
    }
    void air_thins_with_height() {
        CLOSE(pressure_at(Metre(0)), 1, 1e-9);
        CLOSE(pressure_at(Metre(5500)), 0.498, 0.01);  // half of it below 5.5 km
        double before = 1.01;
        for (double h = 0; h <= 11000; h += 500) {
            QVERIFY(pressure_at(Metre(h)) < before);
            before = pressure_at(Metre(h));
        }
        CLOSE(pressure_at(Metre(-100)), 1, 1e-9);
        CLOSE(pressure_at(Metre(20000)), pressure_at(Metre(11000)), 1e-9);
    }
    void current_and_temperature_answer_each_other() {
        for (const auto* w : some_wires()) {
            const auto& insulation = around(*w);
            const WireThermal thermal(*w, insulation, Celsius(30));
            for (const double share : {0.3, 0.6, 0.9}) {
                const Celsius warm(30 + share * (raw(insulation.max) - 30));
                const auto amps = current_at_temperature(*w, insulation, warm, Celsius(30));
                QVERIFY2(raw(amps) > 0, w->id.c_str());
                QVERIFY2(std::abs(raw(thermal.steady(amps)) - raw(warm)) < 1.5, w->id.c_str());
            }
            QCOMPARE(raw(current_at_temperature(*w, insulation, Celsius(30), Celsius(30))), 0.0);
            QCOMPARE(raw(current_at_temperature(*w, insulation, Celsius(10), Celsius(30))), 0.0);
            CLOSE(raw(thermal.free_ampacity()), raw(ampacity(*w, insulation, Celsius(30))), 0.01);
        }
    }
    void hotter_air_sleeves_and_height_take_from_it() {
        for (const auto* w : some_wires()) {
            const auto& insulation = around(*w);
            const auto carries = [&](Surroundings s) { return raw(ampacity(*w, insulation, s)); };
            const double usual = carries({Celsius(20), Metre(0), Millimetre(0)});
            QVERIFY2(usual > carries({Celsius(40), Metre(0), Millimetre(0)}), w->id.c_str());
            QVERIFY2(usual > carries({Celsius(20), Metre(4000), Millimetre(0)}), w->id.c_str());
            QVERIFY2(carries({Celsius(20), Metre(0), Millimetre(1)}) > 0, w->id.c_str());
        }
    }
    void time_to_a_limit_is_when_it_is_reached() {
        for (const auto* w : some_wires()) {
            const auto& insulation = around(*w);
            const WireThermal thermal(*w, insulation, Celsius(20));
            const auto carried = ampacity(*w, insulation, Celsius(20));
            QVERIFY(std::isinf(raw(thermal.time_to(carried * 0.9, insulation.max, Celsius(20)))));
            double before = 1e12;
            for (const double times : {1.5, 3.0, 10.0, 50.0}) {
                const auto amps = carried * times;
                const auto t = thermal.time_to(amps, insulation.max, Celsius(20));
                QVERIFY2(raw(t) > 0 && raw(t) < before, w->id.c_str());
                before = raw(t);
                QVERIFY2(std::abs(raw(thermal.after(amps, t, Celsius(20))) - raw(insulation.max)) < 4,
                         w->id.c_str());
                QVERIFY(thermal.rate(amps, Celsius(20)) > 0);
            }
            // Nothing flows: it cools towards the air, and never below.
            const auto cooled = thermal.after(Ampere(0), Second(3600), insulation.max);
            QVERIFY2(cooled < insulation.max && raw(cooled) >= 19.9, w->id.c_str());
            QVERIFY(thermal.rate(Ampere(0), insulation.max) < 0);
        }
    }
    void a_short_time_is_adiabatic() {
        for (const auto* w : some_wires()) {
            if (w->material != Conductor::copper) continue;
            const auto& insulation = around(*w);
            const WireThermal thermal(*w, insulation, Celsius(20));
            // By I²t alone it may only be sooner than with losses, and for ten milliseconds it is the same.
            const double heat = thermal.adiabatic_heat(insulation.max, Celsius(20));
            QVERIFY2(heat > 0, w->id.c_str());
            const Ampere amps(std::sqrt(heat / 0.01));
            const double t = raw(thermal.time_to(amps, insulation.max, Celsius(20)));
            // The wall takes its part: most of a thin wire's.
            QVERIFY2(t > 0.0095 && t < 0.1, w->id.c_str());
            QCOMPARE(thermal.adiabatic_heat(Celsius(20), Celsius(20)), 0.0);
        }
    }
    void damage_comes_later_to_a_smaller_current() {
        for (const auto* w : some_wires()) {
            const auto& insulation = around(*w);
            const WireThermal thermal(*w, insulation, Celsius(40));
            const auto carried = ampacity(*w, insulation, Celsius(40));
            double before = INFINITY;
            for (double times = 0.8; times < 100; times *= 1.5) {
                const auto t = raw(damage_time(thermal, insulation, carried * times, Celsius(40)));
                QVERIFY2(t > 0 && t <= before, w->id.c_str());
                before = t;
            }
            QVERIFY2(before < 5, w->id.c_str());
        }
    }
    void more_together_carry_less_each_and_more_in_all() {
        double before = 1.01;
        for (int n = 1; n <= 20; ++n) {
            const double f = bunching_factor(n);
            QVERIFY(f > 0 && f < before);
            QVERIFY(n == 1 || f * n > bunching_factor(n - 1) * (n - 1) * 0.98);
            before = f;
        }
        QCOMPARE(bunching_factor(0), 1.0);
        QCOMPARE(bunching_factor(99), bunching_factor(20));
    }
};

SANGRE_SUITE(TestHeatLaws);
#include "test_heat_laws.moc"
