// Every conductor counts once, in everything that counts conductors.
#include <nlohmann/json.hpp>

#include "electrical/protection/charging.h"
#include "electrical/protection/coordination.h"
#include "fixtures.h"
#include "lines/csv.h"
#include "making/steps/bom.h"
#include "output/diagram/labels.h"
#include "output/files/measured_log.h"
#include "output/files/report.h"
#include "physics/battery/pack.h"
#include "physics/protection/inrush.h"
#include "physics/wire/conductor.h"
#include "physics/wire/thermal.h"
#include "wiring/conductors/resistances.h"

using namespace sangre;
using test::parts;

class TestConductorsCounted : public QObject {
    Q_OBJECT
    static Plan through_a_hole(int conductors, Return ret = Return::own) {
        auto p = test::one_feed(5);
        p.places = {{"front", "Front", 0, 0, {}}, {"rear", "Rear", 1, 1, {}}};
        p.openings = {{"hole", {}, {}, OpeningKind::grommet, Millimetre(9)}};
        p.ways = {{"way", "front", "rear", Metre(1), {{OnWayKind::opening, {}, "hole"}}}};
        p.sources[0].place = "front", p.loads[0].place = "rear";
        p.metal_frame = true;
        p.feeds()[0].length.reset();
        p.feeds()[0].conductors = conductors, p.feeds()[0].ret = ret;
        return p;
    }
  private slots:
    void as_many_as_there_are() {
        for (const int n : {1, 2, 3}) {
            const auto own = through_a_hole(n), frame = through_a_hole(n, Return::frame);
            QCOMPARE(lay_harness(own, parts()).wiring.cores.size(), static_cast<size_t>(2 * n));
            QCOMPARE(lay_harness(frame, parts()).wiring.cores.size(), static_cast<size_t>(n));
        }
    }
    void in_mass_holes_shopping_labels_and_steps() {
        const auto one = through_a_hole(1), three = through_a_hole(3);
        const auto s1 = test::studied(one), s3 = test::studied(three);
        const auto& wire = *find(parts().wires, one.feeds()[0].wire);
        const double cut = raw(s1.harness.routes[0].cut);
        // Three strands of one end bared together are stripped longer.
        const double cut3 = raw(s3.harness.routes[0].cut);
        QVERIFY(cut3 >= cut && cut3 < cut + 0.05);
        CLOSE(raw(s3.mass - s1.mass), wire.gram_per_m * (6 * cut3 - 2 * cut), 1e-9);
        QCOMPARE(s1.harness.holes[0].wires.size(), size_t{2});
        QCOMPARE(s3.harness.holes[0].wires.size(), size_t{6});
        QVERIFY(s1.harness.holes[0].fits && !s3.harness.holes[0].fits);  // 9 mm
        const auto metres = [&](const Plan& p, const Study& s) {
            double sum = 0;
            for (const auto& l : bill_of_materials(p, parts(), s.harness))
                if (l.item.str().starts_with("wire ")) sum += l.amount;
            return sum;
        };
        CLOSE(metres(one, s1), 2 * cut, 0.02);
        CLOSE(metres(three, s3), 6 * cut3, 0.02);
        QCOMPARE(wire_labels(one, s1.harness).size(), size_t{4});
        QCOMPARE(wire_labels(three, s3.harness).size(), size_t{12});
        const auto said = [](const Study& s) {
            for (const auto& step : s.steps())
                if (step.key.starts_with("cut/")) return QString::fromStdString(step.actions[0]);
            return QString();
        };
        QVERIFY(said(s3).contains("3 pieces of") && !said(s1).contains("pieces"));
        // A third of the resistance, and heat, each.
        CLOSE(raw(feed_ohms(three, three.feeds()[0], parts(), Metre(1)).copper),
              raw(feed_ohms(one, one.feeds()[0], parts(), Metre(1)).copper) / 3, 1e-9);
    }
    void times_in_tables_and_logs() {
        auto load = test::one_feed(5).loads[0];
        load.peak = Ampere(8), load.peak_time = Second(1.25);
        const auto back = loads_from_csv(loads_to_csv({load}));
        QVERIFY(back && back->size() == 1);
        CLOSE(raw(back->front().peak_time), 1.25, 1e-12);
        CLOSE(raw(back->front().peak), 8, 1e-12);
        std::string text = "ms,V,A\n";
        for (int i = 0; i < 40; ++i) text += std::to_string(i * 250) + ",12,1\n";
        const auto log = measured_log_from_csv(text);
        QVERIFY2(log, log ? "" : log.error().c_str());
        CLOSE(raw(log->back().time) - raw(log->front().time), 39 * 0.25, 1e-9);
    }
    void copper_clad_aluminium_is_so_much_worse() {
        CLOSE(resistance_per_metre(SquareMillimetre(1), Stranding::solid, Conductor::copper_clad_aluminium),
              1.6 * 0.017241, 1e-9);
        CLOSE(resistance_per_metre(SquareMillimetre(1), Stranding::solid, Conductor::tinned), 1.03 * 0.017241,
              1e-9);
    }
    void sparks_and_ageing() {
        CLOSE(raw(inrush(Volt(20), Farad(1e-3), Ohm(0.1)).energy), 0.2, 1e-12);
        QVERIFY(!inrush(Volt(25), Farad(0.99e-3), Ohm(0.1)).wants_precharge);
        QVERIFY(inrush(Volt(25), Farad(1e-3), Ohm(0.1)).wants_precharge);
        QVERIFY(!inrush(Volt(24), Farad(1e-3), Ohm(0.1)).wants_precharge);
        QVERIFY(inrush(Volt(24), Farad(2e-3), Ohm(0.1)).wants_precharge);  // 0.576 J
        Charging charging;
        charging.peak = Ampere(10);
        CLOSE(raw(charging.square()), 7.0710678, 1e-7);
        auto pack = test::one_feed(5).sources[0];
        pack.health = 0.7, pack.resistance_factor = 1;
        CLOSE(ageing_factor(pack), 1.6, 1e-12);
        pack.resistance_factor = 2.5;  // measured
        QCOMPARE(ageing_factor(pack), 2.5);
    }
    /// Up to 5 s to the limit of a short, from then on to 20 K above what is stood for good (IEC 60949).
    void a_short_is_short_up_to_five_seconds() {
        const auto& wire = *find(parts().wires, "awg16-silicone");
        const auto& insulation = *find(parts().insulations, wire.insulation);
        const Celsius start(40);
        const auto thermal = thermal_of(wire, insulation, start, 1);
        const double heat = thermal->adiabatic_heat(insulation.damage, start);
        for (const double quick : {0.1, 4.9})
            CLOSE(raw(damage_time(*thermal, insulation, Ampere(std::sqrt(heat / quick)), start)), quick,
                  1e-9);
        for (const double slow : {6.0, 20.0, 40.0}) {
            const Ampere amps(std::sqrt(heat / slow));
            const auto overload = thermal->time_to(amps, Celsius(raw(insulation.max) + 20), start);
            QCOMPARE(raw(damage_time(*thermal, insulation, amps, start)), std::max(5.0, raw(overload)));
        }
    }
    void every_exported_figure_in_its_unit() {
        auto p = through_a_hole(2);
        p.loads[0].peak = Ampere(8), p.loads[0].peak_time = Second(1);
        const auto s = test::studied(p);
        const auto j = nlohmann::json::parse(study_to_json(p, s));
        const auto& f = j.at("feeds")[0];
        const auto number = [](const auto& at) { return at.template get<double>(); };
        QCOMPARE(number(f.at("length_m")), 1.0);
        CLOSE(number(f.at("cut_m")), raw(s.harness.routes[0].cut), 1e-12);
        QVERIFY(number(f.at("cut_m")) > 1.1 && number(f.at("cut_m")) < 1.5);
        QCOMPARE(number(f.at("fuse_A")), 10.0);
        const double amps = number(f.at("now").at("A"));
        CLOSE(amps, 5, 1e-6);
        CLOSE(number(f.at("now").at("heat_W")), amps * number(f.at("now").at("drop_V")), 1e-6);
        CLOSE(number(f.at("now").at("V_end")), number(j.at("loads")[0].at("V")), 1e-9);
        CLOSE(number(f.at("worst").at("continuous_A")), 5, 1e-6);
        CLOSE(number(f.at("worst").at("peak_A")), 8, 1e-6);
        QVERIFY(number(f.at("worst").at("drop_share")) > 0 && number(f.at("worst").at("drop_share")) < 0.05);
        QVERIFY(number(f.at("worst").at("warmest_C")) > 40 && number(f.at("worst").at("warmest_C")) < 60);
        QVERIFY(number(f.at("short").at("A")) > 100 && number(f.at("short").at("s")) < 1);
        // Four LFP cells of 10 Ah, 130 Wh at 100 Wh/kg, and what is wired to them.
        const double pack = 1300;
        QVERIFY(number(j.at("totals").at("mass_g")) > pack &&
                number(j.at("totals").at("mass_g")) < pack + 300);
        CLOSE(number(j.at("totals").at("drawn_W")), number(j.at("loads")[0].at("W")), 1e-9);
        CLOSE(number(j.at("mission").at("run_time_s")), raw(s.mission.run_time), 1e-12);
        QVERIFY(number(j.at("mission").at("run_time_s")) > 5000 &&
                number(j.at("mission").at("run_time_s")) < 7400);
        CLOSE(number(j.at("mission").at("day_Wh")), number(j.at("loads")[0].at("Wh_per_day")), 0.05);
    }
};

SANGRE_SUITE(TestConductorsCounted);
#include "test_conductors_counted.moc"
