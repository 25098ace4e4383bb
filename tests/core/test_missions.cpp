// Missions beyond the plain day: Peukert, self-discharge, starters, old packs, warm wires, and fitting a
// measured pack.
#include "electrical/mission/phase_draw.h"
#include "electrical/protection/wire_heat.h"
#include "fixtures.h"
#include "output/files/measured_log.h"
#include "output/files/plan_file.h"
#include "physics/battery/fit.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

Plan on_lead(double amps, double amp_hours) {
    auto plan = test::one_feed(amps);
    plan.sources[0] = {"battery", "Battery", "agm", 6, 1, AmpereHour(amp_hours), {}, {}};
    plan.loads[0].v_min = Volt(9);
    return plan;
}
const Chemistry& chemistry(const char* id) { return *find(parts().chemistries, Id(id)); }

/// A discharge of a pack that is not new, as a logger would write it.
std::vector<MeasuredSample> measured(const Source& pack, const Chemistry& c, double hours, double start) {
    std::vector<MeasuredSample> log;
    double drawn = 0;
    const double amp_hours = raw(pack_capacity(pack, c, Celsius(20)));
    for (int i = 0; i <= 400; ++i) {
        const double amps = i % 40 < 20 ? 4 : 1.5;  // steps tell resistance from capacity
        const double charge = start - drawn / amp_hours;
        if (charge <= 0) break;
        const double volts =
            raw(pack_rest_voltage(pack, c, charge)) - amps * raw(pack_resistance(pack, c, 0.6, Celsius(20)));
        log.push_back({Second(i * hours * 9), Volt(volts), Ampere(amps)});
        drawn += amps * hours * 9 / 3600;
    }
    return log;
}

}  // namespace

class TestMissions : public QObject {
    Q_OBJECT
  private slots:
    void lead_empties_faster_at_high_current() {
        const auto slow = test::studied(on_lead(0.5, 20)).mission,
                   fast = test::studied(on_lead(8, 20)).mission;
        // 8 A is eight times the 20 h current: 8^0.15 = 1.37 times faster than its ampere-hours say.
        const double ratio = raw(slow.run_time) * 0.5 / (raw(fast.run_time) * 8);
        QVERIFY2(ratio > 1.25 && ratio < 1.6, qPrintable(QString::number(ratio)));
        QVERIFY(peukert_factor(chemistry("agm"), AmpereHour(20), Ampere(0.2)) == 1);
        QVERIFY(peukert_factor(chemistry("lfp"), AmpereHour(20), Ampere(200)) == 1);
    }
    void a_parked_pack_loses_charge_by_itself() {
        auto plan = on_lead(5, 20);
        plan.loads[0].always_on = true, plan.loads[0].idle = Ampere(0.001);
        plan.phases.push_back({"parked", "Parked", Second(86400), false, {}, {}, {}, {}});
        const auto m = test::studied(plan).mission;
        const double own = raw(self_discharge(plan.sources[0], chemistry("agm"), Celsius(20)));
        CLOSE(own, 20 * 0.03 / 720, 1e-9);
        CLOSE(m.standby_days, 20 / (own + 0.001) / 24, 0.02);
        CLOSE(raw(self_discharge(plan.sources[0], chemistry("agm"), Celsius(30))), 2 * own, 1e-9);
    }
    void a_starter_tells_how_long_it_still_turns() {
        auto plan = on_lead(0.05, 40);
        plan.loads[0].always_on = true;
        auto starter = test::simple_load("starter", 12, 60);
        starter.kind = LoadKind::motor, starter.start = starter.peak = Ampere(140), starter.v_min = Volt(11),
        starter.starter = true;
        plan.loads.push_back(starter);
        plan.hubs.push_back({"hub", "Hub", {}, {}});
        plan.feeds()[0].to = "hub", plan.feeds()[0].devices.clear(), plan.feeds()[0].wire = "awg4-silicone";
        Lead lamp = plan.feeds()[0], engine = plan.feeds()[0];
        lamp.id = "lamp-feed", lamp.from = "hub", lamp.to = "lamp";
        engine.id = "engine-feed", engine.from = "hub", engine.to = "starter";
        plan.add_feed(lamp), plan.add_feed(engine);
        const auto m = test::studied(plan).mission;
        QVERIFY(m.starts_for_days.has_value());
        QVERIFY(*m.starts_for_days > 1 && *m.starts_for_days < m.standby_days);
        QVERIFY(m.starts_down_to > 0.02 && m.starts_down_to < 1);
        plan.sources[0].resistance_factor = 3;  // an old battery gives up sooner
        QVERIFY(*test::studied(plan).mission.starts_for_days < *m.starts_for_days);
        plan.feeds().back().length = Metre(200);
        QCOMPARE(*test::studied(plan).mission.starts_for_days, 0.0);
    }
    void phases_are_gone_through_again() {
        auto plan = test::one_feed(1);
        const auto once = test::studied(plan).mission;
        plan.repeats_per_day = 3;
        const auto thrice = test::studied(plan).mission;
        CLOSE(raw(thrice.day_energy), 3 * raw(once.day_energy), 0.01);
        CLOSE(1 - thrice.lowest_charge, 3 * (1 - once.lowest_charge), 0.01);
        CLOSE(raw(thrice.points.back().time), 3 * raw(once.points.back().time), 1e-9);
    }
    void brown_outs_on_the_way_are_told() {
        auto plan = test::one_feed(5);
        plan.loads[0].v_min = Volt(12.7);
        plan.phases[0].duration = Second(7000);
        const auto m = test::studied(plan).mission;
        QVERIFY(!m.brown_outs.empty());
        QCOMPARE(m.brown_outs[0].load, size_t{0});
        QVERIFY(m.brown_outs[0].charge > 0.05 && m.brown_outs[0].charge < 0.95);
        QVERIFY(m.brown_outs[0].time > Second(60));
    }
    void an_old_pack_and_a_weak_cell_hold_less() {
        auto plan = test::one_feed(5);
        const auto fresh = test::studied(plan).mission.run_time;
        plan.sources[0].health = 0.7;
        const auto old = test::studied(plan).mission.run_time;
        CLOSE(raw(old / fresh), 0.7, 0.03);
        plan.sources[0].health = 1, plan.sources[0].weakest_cell = 0.6;
        const auto weak = test::studied(plan).mission.run_time;
        QVERIFY(weak < fresh * 0.65);
        // The sound cells are still up when the weak one is empty.
        QVERIFY(pack_rest_voltage(plan.sources[0], chemistry("lfp"), 0) > Volt(4 * 2.8) + Volt(0.5));
    }
    void reading_between_the_solved_charges_is_true() {
        const auto plan = test::demo();
        const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
        for (const auto& phase : plan.phases) {
            if (phase.charging) continue;
            const PhaseDraw draw(plan, solver, pack_groups(plan, solver.index()), phase, Celsius(20));
            for (double charge = 0.02; charge < 1; charge += 0.07) {
                auto d = demand_in_phase(plan, phase, false);
                d.charge = charge;
                double amps = 0;
                for (const auto& b : solver.solve(d).sources) amps += raw(b.amps);
                QVERIFY2(std::abs(draw.amps(0, charge) - amps) <= 0.02 * amps + 1e-6, phase.name.c_str());
            }
        }
    }
    void finer_steps_change_little() {
        const auto plan = test::demo();
        const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
        const auto usual = play_mission(plan, parts(), solver, Celsius(20)),
                   fine = play_mission(plan, parts(), solver, Celsius(20), Second(10));
        QVERIFY(fine.points.size() > 3 * usual.points.size());
        CLOSE(raw(usual.run_time), raw(fine.run_time), 0.01);
        CLOSE(raw(usual.day_energy), raw(fine.day_energy), 0.005);
        CLOSE(usual.lowest_charge, fine.lowest_charge, 0.005);
    }
    void a_share_of_typical_draws_that_share() {
        auto plan = test::one_feed(4);
        const auto whole = test::studied(plan);
        plan = set_share(plan, "on", "lamp", 0.25);
        QCOMPARE(raw(draw_in(plan.phases[0], plan.loads[0])), 1.0);
        const auto quarter = test::studied(plan);
        CLOSE(raw(quarter.now.loads[0].amps), raw(whole.now.loads[0].amps) / 4, 1e-6);
        QVERIFY(raw(quarter.mission.run_time) > 3.8 * raw(whole.mission.run_time));
        QCOMPARE(quarter.worst.feeds[0].peak, whole.worst.feeds[0].peak);  // at its peak it draws its peak
        // Painting a state, or all of it, takes the share away; nothing of it is off.
        QVERIFY(set_state(plan, "on", "lamp", LoadState::typical).phases[0].shares.empty());
        QVERIFY(set_share(plan, "on", "lamp", 1).phases[0].shares.empty());
        QCOMPARE(state_in(set_share(plan, "on", "lamp", -3).phases[0], plan.loads[0]), LoadState::off);
        QVERIFY(remove_load(plan, "lamp").phases[0].shares.empty());
        const auto back = plan_from_json(plan_to_json(plan), "plan");
        QVERIFY(back && *back == plan);
    }
    void a_module_that_let_go_stays_off_until_its_input_is_well_back() {
        // A heavy load beside the module takes the pack through the module's least input. The module's own
        // load goes with it, and the voltage that then recovers is not enough for it to start again.
        auto plan = test::one_feed(1);
        const auto& type = *find(parts().converters, Id("buck-8a-40v"));
        plan.converters.push_back({"rail", "Rail", type.id, Volt(5), {}, {}});
        auto into = plan.feeds()[0];
        into.id = "in", into.to = "rail", into.devices.clear();
        plan.add_feed(into);
        Load own;
        own.id = "own", own.name = "Computer", own.nominal = Volt(5), own.typical = Ampere(6);
        own.v_min = Volt(4.75), own.v_max = Volt(5.25);
        plan.loads.push_back(own);
        auto out = into;
        out.id = "out", out.from = "rail", out.to = "own", out.length = Metre(0.1);
        plan.add_feed(out);
        plan.phases[0].states["own"] = LoadState::typical;
        plan.sources[0].series = 2, plan.sources[0].resistance_factor = 4;
        const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
        const PhaseDraw draw(plan, solver, pack_groups(plan, solver.index()), plan.phases[0], Celsius(20));
        bool off = false;
        for (size_t i = draw.points().size(); i-- > 0;) {
            const bool now = draw.points()[i].locked[0];
            QVERIFY2(!off || now, qPrintable(QString("on again at %1").arg(draw.points()[i].charge)));
            off = now;
        }
        QVERIFY(off);
        QVERIFY(!draw.points().back().locked[0]);
    }
    void wires_warm_from_phase_to_phase() {
        auto plan = test::one_feed(18);
        plan.phases[0].duration = Second(20);
        plan.feeds()[0].wire = "awg16-pvc";
        const auto s = test::studied(plan);
        const auto brief = wire_heat_over_day(plan, *s.solver, s.protection);
        plan.phases[0].duration = Second(7200);
        const auto lasting = wire_heat_over_day(plan, *s.solver, s.protection);
        QVERIFY(brief[0].hottest > plan.hottest_air && brief[0].hottest < lasting[0].hottest);
        QVERIFY(brief[0].settled < 0.5 && lasting[0].settled > 0.98);
        CLOSE(raw(lasting[0].hottest), raw(s.protection[0].thermal->steady(Ampere(18))), 0.01);
    }

    void a_measured_discharge_gives_capacity_and_resistance_data() {
        QTest::addColumn<QString>("chemistry_id");
        QTest::addColumn<double>("health");
        QTest::addColumn<double>("factor");
        QTest::newRow("new pouch") << "lipo" << 1.0 << 1.0;
        QTest::newRow("tired pouch") << "lipo" << 0.7 << 2.5;
        QTest::newRow("old cells") << "nmc" << 0.82 << 1.6;
        QTest::newRow("old lead") << "agm" << 0.6 << 2.0;
    }
    void a_measured_discharge_gives_capacity_and_resistance() {
        QFETCH(QString, chemistry_id);
        QFETCH(double, health);
        QFETCH(double, factor);
        const auto& c = chemistry(chemistry_id.toUtf8().constData());
        Source pack{"b", "B", c.id, 4, 1, AmpereHour(8), {}, {}};
        auto truth = pack;
        truth.health = health, truth.resistance_factor = factor;
        const auto fit = fit_discharge(pack, c, measured(truth, c, 2, 1));
        QVERIFY2(fit, fit ? "" : fit.error().str().c_str());
        CLOSE(fit->health, health, 0.05);
        CLOSE(fit->resistance_factor, factor, 0.1);
        QVERIFY(fit->error < Volt(0.05));
        QVERIFY(!fit->why.lines.empty());
    }
    void what_cannot_be_fitted_says_why() {
        const auto& c = chemistry("lipo");
        const Source pack{"b", "B", c.id, 4, 1, AmpereHour(8), {}, {}};
        const auto why = [&](const std::vector<MeasuredSample>& log) {
            const auto fit = fit_discharge(pack, c, log);
            return QString::fromStdString(fit ? std::string() : fit.error().str());
        };
        QVERIFY(why({}).contains("too few"));
        auto log = measured(pack, c, 2, 1);
        QVERIFY(why({log.begin(), log.begin() + 12}).contains("only"));
        for (const double wrong : {3.0, 0.5}) {
            auto scaled = log;
            for (auto& s : scaled) s.volts = s.volts * wrong;
            QVERIFY2(why(scaled).contains("no voltage of 4 cells"), qPrintable(QString::number(wrong)));
        }
    }
    void logs_are_read_as_loggers_write_them() {
        const auto plain = measured_log_from_csv("0,12.6,1\n1,12.5,2\n2,12.4,2\n");
        QVERIFY(plain && plain->size() == 3);
        QCOMPARE(raw((*plain)[1].amps), 2.0);
        const auto headed =
            measured_log_from_csv("I [mA];Spare;time_min;U (mV)\n1500;x;0;12600\n1250,5;y;0,5;12500\n");
        QVERIFY2(headed, headed ? "" : headed.error().c_str());
        CLOSE(raw((*headed)[1].time), 30, 1e-9);
        CLOSE(raw((*headed)[1].volts), 12.5, 1e-9);
        CLOSE(raw((*headed)[1].amps), 1.2505, 1e-9);
        const auto why = [](const char* text) {
            return QString::fromStdString(measured_log_from_csv(text).error());
        };
        QVERIFY(why("").contains("empty"));
        QVERIFY(why("time,volts\n0,1\n").contains("no column is called current"));
        QVERIFY(why("0,12,1\n1,oops,1\n").contains("line 2: “oops” is not a voltage"));
        QVERIFY(why("0,12,1\n0,12,1\n").contains("time does not rise"));
        QVERIFY(why("0,12\n").contains("not a current"));
        QVERIFY(why("0,12,nan\n").contains("not a current"));
    }
    void packs_apart_keep_their_own_charge() {
        // A lamp of 5 A on one pack; a radio of 1 A on another of the same size.
        auto plan = test::one_feed(5);
        const auto alone = test::studied(plan).mission;
        auto second = plan.sources[0];
        second.id = "quiet", second.name = "Quiet pack";
        plan.sources.push_back(second);
        auto radio = plan.loads[0];
        radio.id = "radio", radio.name = "Radio", radio.typical = radio.peak = Ampere(1);
        plan.loads.push_back(radio);
        auto feed = plan.feeds()[0];
        feed.id = "radio-feed", feed.from = "quiet", feed.to = "radio";
        for (auto& d : feed.devices) d.id = "radio-" + d.id;
        plan.add_feed(feed);
        plan.phases[0].states["radio"] = LoadState::typical;
        const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
        const auto groups = pack_groups(plan, solver.index());
        QCOMPARE(groups.size(), size_t{2});
        QCOMPARE(groups[1].loads, std::vector<size_t>{1});
        const auto apart = play_mission(plan, parts(), solver, Celsius(20));
        QCOMPARE(apart.packs.size(), size_t{2});
        CLOSE(raw(apart.packs[0].run_time), raw(alone.run_time), 0.01);
        QVERIFY(apart.packs[1].run_time > apart.packs[0].run_time * 4.5);
        QVERIFY(apart.run_time == apart.packs[0].run_time);
        CLOSE(raw(apart.packs[0].used + apart.packs[1].used), raw(apart.day_energy), 1e-9);
        CLOSE(raw(apart.load_energy[1]), raw(apart.load_energy[0]) / 5, 0.03);
        // Joined by a feed they are one, and the two together run longer than the busier alone.
        auto joined = plan;
        feed.id = "bond", feed.from = "quiet", feed.to = "battery", feed.devices.clear();
        joined.add_feed(feed);
        const auto one = test::studied(joined).mission;
        QCOMPARE(one.packs.size(), size_t{1});
        QVERIFY(one.run_time > apart.run_time * 1.4);
        // A module between them keeps them apart.
        auto across = plan;
        across.converters.push_back({"rail", "Rail", "buck-8a-40v", Volt(5), {}, {}});
        feed.id = "to-rail", feed.from = "quiet", feed.to = "rail";
        across.add_feed(feed);
        QCOMPARE(pack_groups(across, PlanIndex(across)).size(), size_t{2});
    }
};

SANGRE_SUITE(TestMissions);
#include "test_missions.moc"
