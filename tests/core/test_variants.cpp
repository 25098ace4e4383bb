// Two plans side by side.
#include "comparison/variants.h"
#include "fixtures.h"
#include "proposal/propose.h"

using namespace sangre;
using test::parts;

namespace {
VariantFigure of(const std::vector<VariantFigure>& all, const std::string& name) {
    for (const auto& f : all)
        if (f.name == name) return f;
    return {};
}
}  // namespace

class TestVariants : public QObject {
    Q_OBJECT
  private slots:
    void a_plan_is_no_better_than_itself() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        for (const auto& f : compare_variants(plan, s, plan, s)) {
            QCOMPARE(f.a, f.b);
            QVERIFY(f.better == 0 && f.change.empty() && !f.name.empty() && !f.meaning.empty());
        }
    }
    void what_is_better_one_way_is_worse_the_other() {
        const auto plan = test::demo();
        auto bigger = plan;
        bigger.sources[0].cell_capacity = bigger.sources[0].cell_capacity * 1.5;
        const auto a = test::studied(plan), b = test::studied(bigger);
        const auto there = compare_variants(plan, a, bigger, b), back = compare_variants(bigger, b, plan, a);
        QCOMPARE(there.size(), back.size());
        for (size_t i = 0; i < there.size(); ++i) QCOMPARE(there[i].better, -back[i].better);
        QCOMPARE(of(there, "runs").better, 1);
        QCOMPARE(of(there, "mass").better, -1);
        QVERIFY(of(there, "mass").change.str().starts_with("+"));
        QVERIFY(of(back, "mass").change.str().starts_with("−"));
        QCOMPARE(of(there, "feeds").better, 0);
    }
    void a_change_is_told_in_a_line() {
        QCOMPARE(QString::fromStdString(tell_change({})), QString("No figure changed."));
        QCOMPARE(QString::fromStdString(tell_change({{"runs", "5 h", "6 h", "+20 %", 1, ""},
                                                     {"mass", "1 kg", "1 kg", "", 0, ""},
                                                     {"cost", "9", "12", "+33.3 %", -1, ""}})),
                 QString("better: runs +20 %; worse: cost +33.3 %"));
        QCOMPARE(QString::fromStdString(tell_change({{"parts", "5", "6", "+1", -1, ""}})),
                 QString("worse: parts +1"));
    }
    void thinner_wire_loses_more_and_weighs_less() {
        const auto plan = test::demo();
        auto thin = plan;
        for (auto& f : thin.feeds())
            if (f.wire.starts_with("awg")) f.wire = "awg22-silicone";
        const auto all = compare_variants(plan, test::studied(plan), thin, test::studied(thin));
        QCOMPARE(of(all, "used per day").better, -1);
        QCOMPARE(of(all, "worst drop").better, -1);
        QCOMPARE(of(all, "mass").better, 1);
        QCOMPARE(of(all, "dangers").better, -1);
    }
    void what_is_lost_is_what_does_not_arrive() {
        const auto s = test::studied(test::demo());
        const double lost = raw(lost_in_a_day(s));
        QVERIFY(lost > 0 && lost < 0.3 * raw(s.mission.day_energy));
        QCOMPARE(raw(lost_in_a_day(Study{})), 0.0);
    }
    void empty_plans_compare() {
        const Plan nothing;
        const auto s = test::studied(nothing);
        for (const auto& f : compare_variants(nothing, s, nothing, s)) QCOMPARE(f.better, 0);
        const auto plan = test::demo();
        for (const auto& f : compare_variants(nothing, s, plan, test::studied(plan)))
            QVERIFY(f.change.str().find("nan") == std::string::npos &&
                    f.change.str().find("inf") == std::string::npos);
    }
};

SANGRE_SUITE(TestVariants);
#include "test_variants.moc"
