// Packs at rest and under load, and the day played through.
#include "base/units/parse.h"
#include "fixtures.h"
#include "physics/battery/pack.h"

using namespace sangre;
using test::parts;

class TestBatteryAndMission : public QObject {
    Q_OBJECT
  private slots:
    void a_pack_is_empty_at_as_many_cut_offs_as_it_has_cells() {
        for (const int cells : {1, 4, 8}) {
            Source pack;
            pack.series = cells;
            for (const auto& k : test::parts().chemistries)
                CLOSE(raw(pack_cutoff_voltage(pack, k)), raw(k.cutoff) * cells, 1e-9);
        }
    }
    void rest_voltages_data() {
        QTest::addColumn<QString>("chemistry");
        QTest::addColumn<double>("charge");
        QTest::addColumn<double>("volts");
        const auto row = [](const char* c, double q, double v) {
            QTest::newRow(qPrintable(QStringLiteral("%1 %2").arg(c).arg(q))) << c << q << v;
        };
        row("lipo", 1, 4.20), row("lipo", 0.5, 3.84), row("lipo", 0, 3.27);
        row("nmc", 0.8, 3.98), row("nmc", 0.1, 3.46);
        row("lfp", 0.7, 3.32), row("lfp", 0.95, 3.37);
        row("agm", 1, 12.8 / 6), row("agm", 0.5, 12.05 / 6);
        row("lipo", 1.5, 4.20), row("lipo", -1, 3.27);
    }
    void rest_voltages() {
        QFETCH(QString, chemistry);
        QFETCH(double, charge);
        QFETCH(double, volts);
        CLOSE(raw(cell_rest_voltage(*find(parts().chemistries, chemistry.toStdString()), charge)), volts,
              2e-4);
    }
    void chemistries_are_ordered() {
        for (const auto& c : parts().chemistries) {
            QVERIFY2(c.cutoff < c.nominal && c.nominal < c.full && c.full <= c.charge, c.id.c_str());
            for (size_t i = 1; i < c.rest.size(); ++i) QVERIFY2(c.rest[i] >= c.rest[i - 1], c.id.c_str());
        }
    }
    void resistance_and_capacity() {
        const auto& lfp = *find(parts().chemistries, "lfp");
        const Source b{"b", "B", "lfp", 8, 2, AmpereHour(15), {}, {}};
        CLOSE(raw(pack_resistance(b, lfp, 0.5, Celsius(20))), 0.050 / 15 * 8 / 2, 1e-9);
        CLOSE(raw(pack_resistance(b, lfp, 0.5, Celsius(0))) / raw(pack_resistance(b, lfp, 0.5, Celsius(20))),
              2, 1e-9);
        CLOSE(
            raw(pack_resistance(b, lfp, 0.5, Celsius(-20))) / raw(pack_resistance(b, lfp, 0.5, Celsius(20))),
            4, 1e-9);
        QVERIFY(pack_resistance(b, lfp, 0.0, Celsius(20)) > pack_resistance(b, lfp, 0.5, Celsius(20)));
        CLOSE(raw(pack_capacity(b, lfp, Celsius(20))), 30, 1e-9);
        CLOSE(raw(pack_capacity(b, lfp, Celsius(0))), 30 * 0.85, 1e-9);
        QVERIFY(raw(pack_capacity(b, lfp, Celsius(-200))) >= 9);
        CLOSE(raw(pack_energy(b, lfp)), 30 * 8 * 3.25, 1e-9);
        CLOSE(raw(pack_max_current(b, lfp)), 90, 1e-9);
        QCOMPARE(QString::fromStdString(pack_summary(b, lfp)),
                 QStringLiteral("lithium iron phosphate · 8 in series, 2 in parallel · 30 Ah"));
    }

    void a_constant_current_lasts_as_long_as_it_should() {
        const auto plan = test::one_feed(5);  // 10 Ah at 5 A
        const auto m = test::studied(plan).mission;
        CLOSE(raw(m.run_time), 7200, 0.05);
        CLOSE(raw(m.phases[0].current), 5, 1e-6);
        CLOSE(m.lowest_charge, 0.5, 0.01);
        QVERIFY(m.lasts);
        CLOSE(raw(m.load_energy[0]), 5 * 13.1, 0.02);
        QVERIFY(raw(m.day_energy) > raw(m.load_energy[0]));
    }
    void twice_the_load_half_the_time() {
        const auto a = test::studied(test::one_feed(2)).mission, b = test::studied(test::one_feed(4)).mission;
        CLOSE(raw(a.run_time) / raw(b.run_time), 2, 0.03);
    }
    void a_day_too_long_is_said() {
        auto plan = test::one_feed(5);
        plan.phases[0].duration = Second(5 * 3600);
        const auto s = test::studied(plan);
        QVERIFY(!s.mission.lasts);
        QVERIFY(test::has(s, "battery-too-small", Severity::danger));
    }
    void charging_fills_and_points_run_on() {
        auto plan = test::one_feed(5);
        Phase charge{"charge", "Charge", Second(3600), true, Ampere(5), {}, {}, {}};
        plan.phases.push_back(charge);
        const auto m = test::studied(plan).mission;
        CLOSE(m.points.back().charge, 1, 0.02);
        double last = -1;
        for (const auto& p : m.points) {
            QVERIFY(raw(p.time) >= last);
            QVERIFY(p.charge >= 0 && p.charge <= 1 && std::isfinite(raw(p.volts)));
            last = raw(p.time);
        }
    }
    void what_is_said_of_a_day_multiplies_out_data() { test::demo_rows(); }
    void what_is_said_of_a_day_multiplies_out() {
        QFETCH(QString, demo);
        for (const int times : {1, 3}) {
            auto plan = test::demo(demo);
            plan.repeats_per_day = times;
            const auto m = test::studied(plan).mission;
            for (size_t i = 0; i < plan.phases.size(); ++i) {
                const auto& phase = plan.phases[i];
                const auto line = std::find_if(m.why.lines.begin(), m.why.lines.end(), [&](const auto& l) {
                    return l.text.str().starts_with(phase.name + ": ");
                });
                QVERIFY2(line != m.why.lines.end(), phase.name.c_str());
                if (phase.charging) {
                    QVERIFY2(line->text.str().find("charger") != std::string::npos, line->text.str().c_str());
                    QCOMPARE(raw(m.phases[i].power), 0.0);
                    continue;
                }
                // “30 min × 37.4 W on average = 18.7 Wh”, as somebody with a calculator would check it.
                auto left = line->text.str().substr(phase.name.size() + 2);
                const auto energy = parse_value(left.substr(left.find("= ") + 2), Dimension::energy);
                left = left.substr(0, left.find(" on average"));
                double product = 1;
                for (const auto& factor : QString::fromStdString(left).split(" × ")) {
                    const auto is = [&](Dimension d) {
                        return parse_value(factor.toStdString(), d, "").value_or(-1);
                    };
                    const double number = factor.toDouble(), time = is(Dimension::time),
                                 power = is(Dimension::power);
                    product *= time > 0 ? time / 3600 : power >= 0 ? power : number;
                }
                QVERIFY2(energy, line->text.str().c_str());
                // Each figure is rounded to three digits.
                QVERIFY2(std::abs(product - *energy) <= 0.011 * *energy + 1e-9, line->text.str().c_str());
                // On average is neither more than the most nor less than the least of that phase.
                double least = 1e9, most = 0;
                for (const auto& p : m.points)
                    if (p.phase == i)
                        least = std::min(least, raw(p.amps) * raw(p.volts)),
                        most = std::max(most, raw(p.amps) * raw(p.volts));
                if (m.packs.size() == 1 && m.lasts)
                    QVERIFY2(
                        raw(m.phases[i].power) >= least * 0.999 && raw(m.phases[i].power) <= most * 1.001,
                        line->text.str().c_str());
            }
        }
    }
    void parked_is_standby_not_work() {
        const auto m = test::studied(test::demo()).mission;
        QCOMPARE(m.standby_phase, std::string("Parked"));
        QVERIFY(m.standby_days > 20 && m.standby_days < 200);
        QVERIFY(m.run_time < Second(24 * 3600.0) && m.run_time > Second(4 * 3600.0));
        QVERIFY(m.lasts);
    }
    void switches_open_where_nothing_runs() {
        const auto plan = test::demo();
        const auto* parked = by_id(plan.phases, Id("phase-parked"));
        const auto open = open_feeds(plan, *parked);
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            if (const auto* sw = device(plan.feeds()[f], DeviceKind::power_switch))
                QVERIFY2(open[f], sw->name.c_str());
        Conditions c;
        c.phase = parked->id;
        c.switches[device(plan.feeds()[1], DeviceKind::power_switch)->id] = true;
        QVERIFY(!demand_for(plan, c).open[1]);
    }
    void worst_is_no_better_than_any_phase() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        for (const auto& phase : plan.phases) {
            auto d = demand_in_phase(plan, phase, false);
            d.charge = 0.5;
            const auto p = s.solver->solve(d);
            for (size_t f = 0; f < plan.feeds().size(); ++f)
                QVERIFY(raw(s.worst.feeds[f].peak) >= raw(p.feeds[f].supply) - 1e-6);
            for (size_t l = 0; l < plan.loads.size(); ++l)
                if (d.states[l] != LoadState::off) QVERIFY(s.worst.loads[l].lowest <= p.loads[l].volts);
        }
    }
    void no_phases_and_no_battery_are_fine() {
        auto plan = test::one_feed();
        plan.phases.clear();
        QVERIFY(raw(test::studied(plan).worst.feeds[0].continuous) > 4);
        plan.sources.clear();
        plan.replace_feeds({});
        QCOMPARE(raw(test::studied(plan).mission.run_time), 0.0);
        QVERIFY(test::studied(Plan{}).findings.empty());
    }

    void a_wire_s_warmest_moment_of_a_day_is_at_a_pack_that_is_nearly_empty() {
        auto plan = test::one_feed(9);
        plan.loads[0].kind = LoadKind::power;  // draws more, the lower its volts
        const auto s = test::studied(plan);
        auto demand = demand_in_phase(plan, s.solver->index(), plan.phases[0], false);
        demand.air = plan.hottest_air;
        const auto after = [&](double charge) {
            demand.charge = charge;
            const auto p = s.solver->solve(demand);
            return raw(s.protection[0].thermal->after(p.feeds[0].supply, plan.phases[0].duration,
                                                      std::max(s.protection[0].air, plan.hottest_air)));
        };
        QVERIFY(after(nearly_empty) > after(1) + 0.2);
        CLOSE(raw(s.wire_day()[0].hottest), after(nearly_empty), 1e-6);
    }
};

SANGRE_SUITE(TestBatteryAndMission);
#include "test_battery_and_mission.moc"
