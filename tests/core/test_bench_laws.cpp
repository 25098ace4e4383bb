// What the bench expects against what a sound plan shows, and against what a broken one would.
#include <QTest>
#include <cmath>
#include <set>

#include "bench/readings.h"
#include "fixtures.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

Measured typed(double value) { return {value, false, {}}; }

/// A value well inside a reading's window.
double inside(const Reading& r) { return std::isinf(r.high) ? r.low * 2 + 1 : (r.low + r.high) / 2; }

}  // namespace

class TestBenchLaws : public QObject {
    Q_OBJECT
  private slots:
    void every_window_can_be_met_and_missed_data() { test::demo_rows(); }
    void every_window_can_be_met_and_missed() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        std::set<std::string> keys;
        for (const auto& r : test::studied(plan).readings()) {
            QVERIFY2(keys.insert(r.key).second, r.key.c_str());
            QVERIFY2(!r.title.empty() && !r.red.empty() && !r.black.empty() && !r.why.lines.empty(),
                     r.key.c_str());
            QVERIFY2(std::isfinite(r.low) && r.low >= 0 && r.high >= r.low, r.key.c_str());
            QCOMPARE(judge(r, typed(inside(r))), Verdict::pass);
            if (r.low > 0) {
                QCOMPARE(judge(r, typed(r.low * 0.9)), Verdict::low);
                QVERIFY2(!suspects(plan, parts(), r, Verdict::low).empty(), r.key.c_str());
            }
            const Measured open{0, true, {}};
            if (std::isinf(r.high))
                QCOMPARE(judge(r, open), Verdict::pass);
            else {
                QCOMPARE(judge(r, typed(r.high * 1.1 + 0.01)), Verdict::high);
                QCOMPARE(judge(r, open), Verdict::high);
                QVERIFY2(!suspects(plan, parts(), r, Verdict::high).empty(), r.key.c_str());
            }
            QVERIFY(suspects(plan, parts(), r, Verdict::pass).empty() &&
                    suspects(plan, parts(), r, Verdict::missing).empty());
            QVERIFY(!window_text(r).empty() && value_text(r, open) == "open");
        }
        QVERIFY(keys.size() > 20);
    }
    void dead_comes_before_live_data() { test::demo_rows(); }
    void dead_comes_before_live() {
        QFETCH(QString, demo);
        const auto readings = test::studied(test::demo(demo)).readings();
        QVERIFY(std::is_partitioned(readings.begin(), readings.end(), [](const auto& r) { return !r.live; }));
        // An ohmmeter on a live circuit reads nonsense, or dies.
        for (const auto& r : readings) QVERIFY(r.unit != ReadingUnit::ohm || !r.live);
    }
    void a_sound_plan_reads_what_is_expected_data() { test::demo_rows(); }
    void a_sound_plan_reads_what_is_expected() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        const auto s = test::studied(plan);
        size_t compared = 0;
        // At any charge that a meter may find it at, volts at each plug that runs lie in its window.
        for (const double charge : {0.15, 0.5, 0.95}) {
            for (const auto& phase : plan.phases) {
                if (phase.charging) continue;
                Conditions at;
                at.phase = phase.id, at.charge = charge, at.air = Celsius(20);
                const auto now = study(plan, test::parts(), at).now;
                QVERIFY(now.found);
                for (const auto& r : s.readings()) {
                    if (!r.key.ends_with("/running")) continue;
                    for (size_t l = 0; l < plan.loads.size(); ++l) {
                        if (plan.loads[l].id != r.about ||
                            state_in(phase, plan.loads[l]) != LoadState::typical ||
                            phase.shares.contains(r.about))
                            continue;
                        const double volts = raw(now.loads[l].volts);
                        QVERIFY2(volts >= r.low * 0.999 && volts <= r.high * 1.001,
                                 (r.key + " reads " + std::to_string(volts) + ", expected " + window_text(r))
                                     .str()
                                     .c_str());
                        ++compared;
                    }
                }
            }
        }
        QVERIFY(compared > 3);
    }
    void a_forgotten_fuse_is_suspected() {
        const auto plan = test::demo("orchard-frost-rover");
        const auto readings = test::studied(plan).readings();
        for (const auto& r : readings) {
            if (!r.live || r.unit != ReadingUnit::volt || r.low <= 1) continue;
            QCOMPARE(judge(r, typed(0)), Verdict::low);
            const auto all = suspects(plan, parts(), r, Verdict::low);
            QVERIFY2(std::any_of(all.begin(), all.end(),
                                 [](const auto& s) { return s.str().find("fuse") != std::string::npos; }),
                     r.key.c_str());
        }
    }
    void longer_wires_widen_what_is_allowed_end_to_end() {
        auto plan = test::star(2);
        const auto high = [&](double metres) {
            plan.feeds()[1].length = Metre(metres);
            for (const auto& r : test::studied(plan).readings())
                if (r.key == "beep/" + plan.feeds()[1].id + "/supply") return r.high;
            return 0.0;
        };
        QVERIFY(high(0.5) > 0 && high(0.5) <= high(5) && high(5) < high(30));
    }
    void nothing_wired_nothing_to_read() {
        Plan plan;
        QVERIFY(test::studied(plan).readings().empty());
        plan.loads.push_back(test::simple_load("lamp", 12, 1));
        QVERIFY(test::studied(plan).readings().empty());
    }
    void readings_survive_edits_elsewhere() {
        const auto plan = test::demo("orchard-frost-rover");
        const auto keys = [](const Plan& p) {
            std::set<std::string> all;
            for (const auto& r : test::studied(p).readings()) all.insert(r.key);
            return all;
        };
        const auto before = keys(plan), after = keys(remove_load(plan, "load-night-camera"));
        for (const auto& key : before)
            if (key.find("night-camera") == std::string::npos) QVERIFY2(after.contains(key), key.c_str());
    }
};

SANGRE_SUITE(TestBenchLaws);
#include "test_bench_laws.moc"
