// How sure the numbers are: seeded draws over tolerances.
#include "electrical/mission/tolerance.h"
#include "fixtures.h"

using namespace sangre;
using test::parts;

namespace {
std::vector<Metre> lengths(const Plan& plan) { return feed_lengths(lay_harness(plan, parts())); }
}  // namespace

class TestTolerance : public QObject {
    Q_OBJECT
  private slots:
    void the_same_seed_gives_the_same_study() {
        const auto plan = test::demo();
        const auto one = study_tolerance(plan, parts(), lengths(plan), plan.phases[1], 200, 7, {}, 1);
        const auto two = study_tolerance(plan, parts(), lengths(plan), plan.phases[1], 200, 7, {}, 2);
        const auto other = study_tolerance(plan, parts(), lengths(plan), plan.phases[1], 200, 8, {}, 2);
        QCOMPARE(one.failed, size_t{0});
        CLOSE(one.battery_amps.low, two.battery_amps.low, 1e-6);
        CLOSE(one.run_hours.high, two.run_hours.high, 1e-6);
        QVERIFY(one.battery_amps.low != other.battery_amps.low);
    }
    void what_moves_a_number_is_named() {
        const auto plan = test::one_feed(5);
        const auto s = study_tolerance(plan, parts(), lengths(plan), plan.phases[0], 2000);
        QCOMPARE(s.battery_amps.most(), Spread::load_currents);
        QVERIFY(s.battery_amps.moved_by[static_cast<size_t>(Spread::load_currents)] > 0.95);
        QVERIFY(s.load_volts[0].most() == Spread::charge || s.load_volts[0].most() == Spread::air);
        CLOSE(s.battery_amps.middle, 5, 0.01);
        // Three standard deviations are 15 %, so 5 to 95 % is ± 1.64 × 5 %.
        CLOSE(s.battery_amps.high, 5 * 1.082, 0.01);
        CLOSE(s.battery_amps.low, 5 * 0.918, 0.01);
        for (size_t i = 0; i < spread_count; ++i)
            QVERIFY(std::string(spread_name(static_cast<Spread>(i))).size() > 4);
    }
    void no_tolerance_no_spread() {
        auto plan = test::one_feed(5);
        plan.hottest_air = plan.coldest_air = Celsius(20);
        const auto s = study_tolerance(plan, parts(), lengths(plan), plan.phases[0], 100, 1, {0, 0, 0, 0});
        CLOSE(s.battery_amps.low, s.battery_amps.high, 1e-12);
        QVERIFY(s.load_volts[0].high > s.load_volts[0].low);  // the charge still moves it
        QCOMPARE(s.load_volts[0].most(), Spread::charge);
    }
    void brown_outs_are_counted() {
        auto plan = test::one_feed(5);
        plan.loads[0].v_min = Volt(12.75);
        const auto s = study_tolerance(plan, parts(), lengths(plan), plan.phases[0], 500);
        QVERIFY(s.browns_out[0] > 0.1 && s.browns_out[0] < 0.95);
        plan.loads[0].v_min = Volt(5);
        QCOMPARE(study_tolerance(plan, parts(), lengths(plan), plan.phases[0], 500).browns_out[0], 0.0);
    }
    void the_corners_bound_the_draws() {
        const auto plan = test::demo();
        const auto worst = test::studied(plan).worst;
        for (const auto& phase : plan.phases) {
            if (phase.charging) continue;
            const auto s = study_tolerance(plan, parts(), lengths(plan), phase, 200, 3, {0, 0, 0, 0});
            for (size_t l = 0; l < plan.loads.size(); ++l)
                if (state_in(phase, plan.loads[l]) != LoadState::off)
                    QVERIFY2(
                        s.load_volts[l].low >= raw(worst.loads[l].lowest) - 0.02 * raw(worst.loads[l].lowest),
                        plan.loads[l].name.c_str());
        }
    }
    void none_drawn_is_no_crash() {
        const auto plan = test::one_feed(5);
        const auto s = study_tolerance(plan, parts(), lengths(plan), plan.phases[0], 0);
        QCOMPARE(s.battery_amps.high, 0.0);
    }
    void how_sure_is_said_of_what_is_asked_about() {
        const auto plan = test::demo();
        const auto& phase = plan.phases[1];
        const auto s = study_tolerance(plan, parts(), lengths(plan), phase, 200);
        size_t said = 0;
        for (const auto& l : plan.loads) {
            const auto why = explain_tolerance(plan, s, phase, l.id);
            QCOMPARE(why.lines.empty(), state_in(phase, l) == LoadState::off);
            said += !why.lines.empty();
            for (const auto& line : why.lines) QVERIFY(line.text.str().find("nan") == std::string::npos);
        }
        QVERIFY(said >= 3);
        QCOMPARE(explain_tolerance(plan, s, phase, plan.sources[0].id).lines.size(), size_t{3});
        QVERIFY(!explain_tolerance(plan, s, phase, plan.feeds()[0].id).lines.empty());
        QVERIFY(explain_tolerance(plan, s, phase, "nobody").lines.empty());
    }
};

SANGRE_SUITE(TestTolerance);
#include "test_tolerance.moc"
