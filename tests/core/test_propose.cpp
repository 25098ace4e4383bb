// From loads to a wired plan, or to the load that cannot be served.
#include <random>

#include "base/units/format.h"
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "proposal/battery_choice.h"
#include "proposal/rails.h"

using namespace sangre;
using test::parts;

class TestPropose : public QObject {
    Q_OBJECT
  private slots:
    void the_demo_is_wired_without_danger() {
        for (const auto noise : {NoiseSchool::own_converter, NoiseSchool::together}) {
            auto plan = test::demo();
            plan.practices.noise = noise;
            const auto proposal = propose(plan, parts());
            QVERIFY(proposal);
            const auto s = test::studied(proposal->plan);
            QCOMPARE(count(s.findings, Severity::danger), size_t{0});
            QCOMPARE(test::has(s, "rail-noise"), noise == NoiseSchool::together);
            QVERIFY(!proposal->why.lines.empty());
        }
    }
    void hours_in_which_nothing_runs_are_those_of_the_work() {
        Plan plan;
        plan.loads.push_back(test::simple_load("rake", 24, 15));
        plan.phases.push_back({"phase-raking", "Raking", Second(7200), false, {}, {}, {}, {}});
        const auto silent = propose(plan, parts());
        plan.phases[0].states["rake"] = LoadState::typical;
        const auto said = propose(plan, parts());
        QVERIFY(silent && said);
        QVERIFY(silent->plan.sources == said->plan.sources);
        QVERIFY(silent->plan.phases == said->plan.phases);
        // 24 V × 15 A × 2 h: no small pack.
        const auto& pack = silent->plan.sources[0];
        QVERIFY(raw(pack_energy(pack, *find(parts().chemistries, pack.chemistry))) > 720);
        const auto assumed = [](const Proposal& p) {
            return std::any_of(p.why.lines.begin(), p.why.lines.end(), [](const auto& l) {
                return l.text.str().starts_with("Nothing runs in any phase");
            });
        };
        QVERIFY(assumed(*silent) && !assumed(*said));
    }
    void every_school_gives_a_plan_without_danger() {
        for (const auto wire :
             {WireSchool::temperature, WireSchool::drop, WireSchool::cautious, WireSchool::bold})
            for (const auto fuse : {FuseSchool::smallest_that_carries, FuseSchool::largest_that_protects})
                for (const bool metric : {false, true}) {
                    auto plan = test::demo();
                    plan.practices.wire = wire, plan.practices.fuse = fuse, plan.practices.metric = metric;
                    const auto proposal = propose(plan, parts());
                    QVERIFY(proposal);
                    const auto s = test::studied(proposal->plan);
                    for (const auto& f : s.findings)
                        QVERIFY2(f.severity != Severity::danger, f.sentence.str().c_str());
                    for (const auto& feed : proposal->plan.feeds())
                        QCOMPARE(find(parts().wires, feed.wire)->metric, metric);
                }
    }
    void it_is_stable_and_keeps_what_was_measured() {
        auto plan = test::demo();
        plan = propose(plan, parts())->plan;
        const auto again = propose(plan, parts())->plan;
        QVERIFY(again == plan);
        const auto feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        plan = set_length(plan, feed.id, Metre(1.7));
        const auto kept = propose(plan, parts())->plan;
        QCOMPARE(by_id(kept.feeds(), feed.id)->length, std::optional(Metre(1.7)));
        QCOMPARE(by_id(kept.feeds(), feed.id)->joint_to, feed.joint_to);
        QVERIFY(device(*by_id(kept.feeds(), feed.id), DeviceKind::connector));
        QCOMPARE(kept.done.size(), plan.done.size());
        QCOMPARE(kept.log.size(), plan.log.size());
    }
    void always_on_branches_before_the_switch() {
        const auto plan = propose(test::demo(), parts())->plan;
        for (const auto f : upstream_feeds(plan, "load-frost-mast"))
            QVERIFY(!device(plan.feeds()[f], DeviceKind::power_switch));
        bool switched = false;
        for (const auto f : upstream_feeds(plan, "load-computer"))
            switched = switched || device(plan.feeds()[f], DeviceKind::power_switch);
        QVERIFY(switched);
    }

    void loads_alone_are_enough() {
        Plan plan;
        plan.loads = {test::simple_load("a", 12, 2), test::simple_load("b", 5, 1)};
        const auto proposal = propose(plan, parts());
        QVERIFY(proposal);
        QCOMPARE(proposal->plan.sources.size(), size_t{1});
        QVERIFY(proposal->plan.phases.size() == 1);
        const auto s = test::studied(proposal->plan);
        for (const auto& f : s.findings) QVERIFY2(f.severity != Severity::danger, f.sentence.str().c_str());
        QVERIFY(s.mission.lasts);
    }
    void random_lists_are_served_or_refused_by_name() {
        std::mt19937 random(11);
        const auto pick = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        int served = 0;
        for (int round = 0; round < 30; ++round) {
            Plan plan;
            const int n = 1 + round % 9;
            for (int i = 0; i < n; ++i) {
                auto l =
                    test::simple_load("load" + std::to_string(i), std::round(pick(3, 30)), pick(0.05, 6));
                l.kind = i % 2 ? LoadKind::power : LoadKind::current;
                l.peak = l.typical * pick(1, 2.5), l.peak_time = Second(1);
                l.always_on = random() % 5 == 0, l.noisy = random() % 3 == 0, l.sensitive = random() % 3 == 0;
                plan.loads.push_back(l);
            }
            const auto proposal = propose(plan, parts());
            if (!proposal) {
                for (const auto& r : proposal.error()) QVERIFY(!r.reason.empty());
                continue;
            }
            ++served;
            for (const auto& f : test::studied(proposal->plan).findings)
                QVERIFY2(f.severity != Severity::danger,
                         (std::to_string(round) + ": " + f.sentence).str().c_str());
        }
        QVERIFY(served >= 25);
    }

    void sixty_loads_are_served() {
        std::mt19937 random(3);
        Plan plan;
        for (int i = 0; i < 60; ++i) {
            const double volts[] = {5, 12, 24};
            auto l =
                test::simple_load("load" + std::to_string(i), volts[random() % 3], 0.1 * (1 + random() % 15));
            l.peak = l.typical * 1.8, l.peak_time = Second(1);
            l.always_on = random() % 6 == 0, l.noisy = random() % 5 == 0, l.sensitive = random() % 5 == 0;
            plan.loads.push_back(l);
        }
        const auto proposal = propose(plan, parts());
        QVERIFY(proposal);
        // Groups too strong for one module are halved, not peeled load by load.
        QVERIFY(proposal->plan.converters.size() < 25);
        for (const auto& f : test::studied(proposal->plan).findings)
            QVERIFY2(f.severity != Severity::danger, f.sentence.str().c_str());
    }

    void refuses_data() {
        QTest::addColumn<QString>("what");
        QTest::addColumn<QString>("says");
        QTest::newRow("reversed") << "reversed"
                                  << "above its maximum";
        QTest::newRow("mains") << "mains"
                               << "outside this tool";
        QTest::newRow("huge") << "huge"
                              << "strongest converter";
        QTest::newRow("nothing") << "nothing"
                                 << "draws nothing";
        QTest::newRow("zero volts") << "zero"
                                    << "no voltage";
        QTest::newRow("empty") << "empty"
                               << "no loads";
        QTest::newRow("without a battery, the ways out") << "alone"
                                                         << "or type it as 2 loads";
        QTest::newRow("volts that no module makes") << "tube"
                                                    << "no module of the catalogue makes 0.4 V";
    }
    void refuses() {
        QFETCH(QString, what);
        QFETCH(QString, says);
        Plan plan;
        plan.sources.push_back({"battery", "Battery", "lfp", 8, 1, AmpereHour(30), {}, {}});
        auto l = test::simple_load("bad", 12, 1);
        if (what == "reversed") std::swap(l.v_min, l.v_max);
        if (what == "mains") l = test::simple_load("bad", 230, 1);
        if (what == "huge") l = test::simple_load("bad", 12, 90);
        if (what == "nothing") l.typical = l.peak = Ampere(0);
        if (what == "zero") l = test::simple_load("bad", 0, 1);
        if (what == "alone") l = test::simple_load("bad", 5, 28), plan.sources.clear();
        if (what == "tube") l = test::simple_load("bad", 0.4, 2), plan.sources.clear();
        if (what != "empty") plan.loads = {test::simple_load("good", 12, 1), l};
        const auto proposal = propose(plan, parts());
        QVERIFY(!proposal);
        QVERIFY2(QString::fromStdString(proposal.error()[0].reason).contains(says),
                 proposal.error()[0].reason.str().c_str());
        if (what != "empty") QCOMPARE(proposal.error()[0].load, Id("bad"));
    }

    void set_window_by_hand() {
        auto a = test::simple_load("a", 5, 2), b = test::simple_load("b", 5, 1);
        a.v_min = Volt(5), a.v_max = Volt(5.25), b.v_min = Volt(4.5), b.v_max = Volt(5.5);
        const auto& type = *find(parts().converters, "buck-5a-40v");  // ±1 %
        auto w = set_window({{&a, Ohm(0.03)}, {&b, Ohm(0.1)}}, type, SetSchool::middle);
        CLOSE(raw(w.low), (5 + 2 * 0.03) / 0.99, 1e-9);
        CLOSE(raw(w.high), 5.25 / 1.01, 1e-9);
        QCOMPARE(w.low_by, Id("a"));
        QVERIFY(w.proposed >= w.low && w.proposed <= w.high);
        QVERIFY(set_window({{&a, Ohm(0.03)}}, type, SetSchool::high).proposed > w.proposed);
        w = set_window({{&a, Ohm(0.2)}}, type, SetSchool::middle);
        QVERIFY(w.empty());
    }
    void converters_want_spare() {
        QCOMPARE(raw(choose_converter(parts(), {Volt(22), Volt(29)}, Volt(12), Ampere(1), Ampere(2))
                         .value()
                         ->in_max),
                 40.0);
        QVERIFY(!choose_converter(parts(), {Volt(22), Volt(29)}, Volt(12), Ampere(100), Ampere(100)));
        QCOMPARE(
            choose_converter(parts(), {Volt(3), Volt(4.2)}, Volt(12), Ampere(0.3), Ampere(0.5)).value()->kind,
            ConverterKind::boost);
        QCOMPARE(
            choose_converter(parts(), {Volt(9), Volt(13)}, Volt(12), Ampere(0.5), Ampere(1)).value()->kind,
            ConverterKind::buck_boost);
        CLOSE(input_spare(*find(parts().converters, "buck-5a-40v"), Volt(29.2)), 0.37, 0.01);
    }
    void grouping() {
        Plan plan;
        plan.loads = {test::simple_load("five", 5, 1), test::simple_load("twelve", 12, 1),
                      test::simple_load("thirteen", 13, 1)};
        const SourceRange source{Volt(20), Volt(29)};
        QCOMPARE(group_rails(plan, source).size(), size_t{2});
        plan.loads[1].noisy = true, plan.loads[2].sensitive = true;
        QCOMPARE(group_rails(plan, source).size(), size_t{3});
        plan.practices.noise = NoiseSchool::together;
        QCOMPARE(group_rails(plan, source).size(), size_t{2});
        plan.loads[2].always_on = true;
        QCOMPARE(group_rails(plan, source).size(), size_t{3});
        plan.loads.push_back(test::simple_load("direct", 25, 1));
        plan.loads.back().v_min = Volt(18), plan.loads.back().v_max = Volt(30);
        QCOMPARE(group_rails(plan, source).size(), size_t{3});
    }
    void a_battery_fits_its_loads() {
        Plan plan;
        plan.loads = {test::simple_load("motor", 24, 20)};
        plan.loads[0].v_min = Volt(18), plan.loads[0].v_max = Volt(32);
        const auto choice = choose_battery(plan, parts());
        QVERIFY(choice);
        const auto& c = *find(parts().chemistries, choice->battery.chemistry);
        QVERIFY(accepts(plan.loads[0],
                        {pack_cutoff_voltage(choice->battery, c), pack_charge_voltage(choice->battery, c)}));
        QVERIFY(pack_charge_voltage(choice->battery, c) < highest_voltage);
        QVERIFY(raw(pack_energy(choice->battery, c)) >= 480);
    }
    /// A pack larger than charge and current ask says what the next smaller one would have done.
    void a_larger_pack_says_why() {
        Plan plan;
        plan.loads = {test::simple_load("winch", 24, 4)};
        auto& winch = plan.loads[0];
        winch.v_min = Volt(22), winch.v_max = Volt(29.2), winch.peak = Ampere(30),
        winch.peak_time = Second(2);
        const auto choice = choose_battery(plan, parts());
        QVERIFY(choice);
        // The next smaller one, and what it lacks, by hand.
        QString said;
        for (const auto& l : choice->why.lines)
            if (const auto text = QString::fromStdString(l.text); text.contains("not rated for the peak") ||
                                                                  text.contains("would sag") ||
                                                                  text.contains("would not last"))
                said = text;
        QVERIFY(!said.isEmpty());
        const auto& c = *find(parts().chemistries, choice->battery.chemistry);
        const auto amp_hours = said.section(' ', 0, 0).toDouble();
        // Some pack of the catalogue is of that size, and it is a smaller one.
        QVERIFY(amp_hours > 0 && amp_hours < raw(choice->battery.cell_capacity) * choice->battery.parallel);
        std::vector<Source> of_that_size;
        for (const auto& cell : parts().cells)
            for (int strings = 1; strings <= 10; ++strings)
                if (cell.chemistry == choice->battery.chemistry &&
                    choice->battery.series % cell.series == 0 &&
                    std::abs(raw(cell.capacity) * strings - amp_hours) < 0.01)
                    of_that_size.push_back(
                        pack_of(parts(), cell, choice->battery.series / cell.series, strings));
        const auto lacks = [&](const Source& b) {
            const double rest = raw(pack_rest_voltage(b, c, 0.3)), amps = 24 * 30 * 1.03 / rest;
            const bool flat =
                raw(pack_energy(b, c)) * c.usable<96 * 1.03, burst = amps> raw(pack_burst_current(b, c));
            const double left = rest - amps * raw(pack_resistance(b, c, 0.3, Celsius(20)));
            return flat || burst || left < std::max(22 * 1.06, raw(pack_cutoff_voltage(b, c)) * 1.01);
        };
        QVERIFY(!lacks(choice->battery));
        QVERIFY(std::any_of(of_that_size.begin(), of_that_size.end(), lacks));
    }
};

SANGRE_SUITE(TestPropose);
#include "test_propose.moc"
