// Packs held against the mission: what serves, what is worth having, and whether the full study agrees.
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "plan/air.h"
#include "proposal/battery_comparison.h"

using namespace sangre;
using test::parts;

namespace {

std::vector<BatteryCandidate> front_of(const BatteryComparison& all) {
    std::vector<BatteryCandidate> front;
    for (const auto& c : all.candidates)
        if (c.front) front.push_back(c);
    return front;
}

bool no_worse(const BatteryCandidate& a, const BatteryCandidate& b) {
    return a.mass <= b.mass && a.cost <= b.cost && a.run_time >= b.run_time && a.rails <= b.rails;
}

}  // namespace

class TestBatteryComparison : public QObject {
    Q_OBJECT
  private slots:
    void every_demo_has_a_choice_data() { test::demo_rows(); }
    void every_demo_has_a_choice() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        const auto all = compare_batteries(plan, parts());
        const auto front = front_of(all);
        // A demo's own pack gets through its day; what is fed from elsewhere may still want one.
        if (plan.sources[0].kind == SourceKind::pack)
            QVERIFY(all.present && all.present->serves);
        else
            QVERIFY(!all.present);
        QVERIFY2(front.size() >= 2 && front.size() <= 10, qPrintable(QString::number(front.size())));
        for (const auto& c : all.candidates) {
            QVERIFY2(c.front == c.why_not.empty(), c.why_not.str().c_str());
            QVERIFY(!c.front || c.serves);
            QVERIFY(pack_charge_voltage(c.battery, *find(parts().chemistries, c.battery.chemistry)) <
                    Volt(60));
            const auto why = explain_battery(c, plan, parts());
            QVERIFY(!why.title.empty() && why.lines.size() >= 2 && !why.source.empty());
            if (!c.serves) continue;
            QVERIFY(std::abs(raw(c.peak) * raw(c.at_worst) - raw(c.strongest)) < 1e-6 * raw(c.strongest));
            // Nobody buys a lead pack to be drained past half, nor a lithium one to a tenth.
            QVERIFY2(c.charge_left >= (c.battery.chemistry == "agm" ? 0.5 : 0.1),
                     c.battery.chemistry.c_str());
            QVERIFY(c.share_of_limit <= 1 && raw(c.run_time) > 0 && raw(c.mass) > 0);
            // What is on the front nothing beats outright.
            if (c.front)
                for (const auto& other : all.candidates)
                    QVERIFY(!other.serves || !no_worse(other, c) || &other == &c ||
                            raw(other.mass) > 0.91 * raw(c.mass));
        }
    }
    void the_full_study_agrees() {
        const auto plan = test::demo();
        int studied = 0;
        for (const auto& c : front_of(compare_batteries(plan, parts()))) {
            const auto taken = take_battery(c.battery, parts())(plan);
            QCOMPARE(taken.sources.size(), size_t{1});
            QCOMPARE(taken.sources[0].name, plan.sources[0].name);
            Conditions cold;
            cold.air = usual_air(plan);
            const auto s = study(taken, parts(), cold);
            const auto summary = pack_summary(c.battery, *find(parts().chemistries, c.battery.chemistry));
            QVERIFY2(s.mission.lasts, summary.str().c_str());
            QVERIFY2(std::abs(raw(s.mission.run_time) / raw(c.run_time) - 1) < 0.2,
                     (summary + ": " + std::to_string(raw(s.mission.run_time) / 3600) + " h, said " +
                      std::to_string(raw(c.run_time) / 3600))
                         .str()
                         .c_str());
            QCOMPARE(taken.converters.size(), c.rails);
            ++studied;
        }
        QVERIFY(studied >= 2);
    }
    void reasons_name_what_is_wrong() {
        auto plan = test::one_feed(20);
        plan.phases[0].duration = Second(3600);
        plan.loads[0].v_min = Volt(6);
        const auto all = compare_batteries(plan, parts());
        const auto reason = [&](const char* cell, int series) {
            for (const auto& c : all.candidates)
                if (c.cell == cell && c.battery.series == series) return QString::fromStdString(c.why_not);
            return QString("not tried");
        };
        QVERIFY2(reason("alkaline-aa", 8).contains("even 2 in parallel"),
                 qPrintable(reason("alkaline-aa", 8)));
        QVERIFY2(reason("lfp-26x65-3a2", 1).contains("lamp"), qPrintable(reason("lfp-26x65-3a2", 1)));
        plan.phases.push_back({"charge", "Charge", Second(7200), true, Ampere(5), {}, {}, {}});
        QCOMPARE(QString::fromStdString([&] {
                     for (const auto& c : compare_batteries(plan, parts()).candidates)
                         if (c.cell == "alkaline-d" && c.battery.series == 8) return c.why_not.str();
                     return std::string("not tried");
                 }()),
                 QString("cannot be recharged"));
    }
    void more_mission_asks_for_more_battery() {
        auto plan = test::one_feed(5);
        const auto lightest = [&] {
            double grams = 1e9;
            for (const auto& c : compare_batteries(plan, parts()).candidates)
                if (c.serves) grams = std::min(grams, raw(c.mass));
            return grams;
        };
        const double hour = lightest();
        plan.phases[0].duration = Second(6 * 3600);
        const double six = lightest();
        QVERIFY(six > 3 * hour && six < 8 * hour);
        plan.coldest_air = Celsius(-15);
        QVERIFY(lightest() > six);
    }
    void nothing_to_compare_for_says_so() {
        const auto all = compare_batteries(Plan{}, parts());
        QVERIFY(all.candidates.empty() && !all.why.lines.empty());
    }
};

SANGRE_SUITE(TestBatteryComparison);
#include "test_battery_comparison.moc"
