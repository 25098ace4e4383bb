// Whatever mend is offered, of whatever plan, holds: worked out from nothing afterwards, its finding is gone,
// no danger or caution is there that was not, and the plan can be kept and read again.
#include <set>

#include "fixtures.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "random_plans.h"
#include "rules/mends.h"

using namespace sangre;
using test::parts;

namespace {

using Matter = std::pair<std::string, std::string>;

Matter matter(const Finding& f) { return {f.rule, f.about.empty() ? "" : f.about.front()}; }

/// What is wrong with one mend; empty where nothing is.
QString wrong_with(const Mend& mend, const Plan& plan, const Study& before, const Finding& mended) {
    if (mend.plan == plan) return "changes nothing";
    const auto after = test::studied(mend.plan);
    std::set<Matter> were;
    for (const auto& f : before.findings)
        if (f.severity != Severity::note) were.insert(matter(f));
    for (const auto& f : after.findings) {
        const auto words = QString::fromStdString(f.sentence);
        if (matter(f) == matter(mended)) return "left: " + words;
        if (f.severity != Severity::note && !were.count(matter(f))) return "new: " + words;
    }
    for (const auto severity : {Severity::danger, Severity::caution})
        if (severity <= mended.severity && count(after.findings, severity) > count(before.findings, severity))
            return "more than before";
    if (mended.severity == Severity::note && after.findings.size() >= before.findings.size())
        return "a note for a note";
    const auto kept = check_edit(plan, mend.plan);
    return kept ? QString() : QString::fromStdString(kept.error());
}

void hold(const Plan& plan, const Study& before, const Finding& f, int& offered) {
    for (const auto& mend : tried_mends(plan, parts(), before, f)) {
        ++offered;
        const auto wrong = wrong_with(mend, plan, before, f);
        QVERIFY2(wrong.isEmpty(),
                 qPrintable(QString::fromStdString(f.rule + ": " + f.sentence + " | " + mend.label + " | ") +
                            wrong));
    }
}

}  // namespace

class TestMendLaws : public QObject {
    Q_OBJECT
  private slots:
    void of_the_demos_data() {
        QTest::addColumn<QString>("name");
        for (const auto* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "moss-wall", "apiary-trailer"})
            QTest::newRow(name) << name;
    }
    void of_the_demos() {
        QFETCH(QString, name);
        auto plan = test::demo(name);
        int offered = 0;
        // As it is, with its fuses out, and with a quarter of its pack.
        for (const int spoiled : {0, 1, 2}) {
            if (spoiled == 1)
                for (auto& lead : plan.feeds())
                    std::erase_if(lead.devices, [](const auto& d) { return d.kind == DeviceKind::fuse; });
            if (spoiled == 2)
                for (auto& source : plan.sources) source.cell_capacity = source.cell_capacity / 4;
            const auto before = test::studied(plan);
            for (const auto& f : before.findings) {
                hold(plan, before, f, offered);
                if (QTest::currentTestFailed()) return;
            }
        }
        QVERIFY(offered > 0);
    }
    /// A pack that is many times too small is told what would do, not only that it is too small.
    void of_a_pack_far_too_small() {
        auto plan = *plan_from_text(
            "source Pack: 3S lipo 1 Ah\nload Pump 12 V 9 A motor\n"
            "phase Go, 3 h, runs Pump typical\n",
            parts());
        plan = propose(plan, parts())->plan;
        const auto before = test::studied(plan);
        const auto* flat = test::finding(before, "battery-too-small");
        QVERIFY(flat);
        const auto mends = tried_mends(plan, parts(), before, *flat);
        QVERIFY(!mends.empty());
        const auto after = test::studied(mends[0].plan);
        QVERIFY(after.mission.lasts);
        // 9 A for three hours.
        const auto& pack = mends[0].plan.sources[0];
        QVERIFY(raw(pack.cell_capacity) * pack.parallel >= 27);
        QCOMPARE(pack.name, std::string("Pack"));
    }
    void of_three_hundred_random_plans() {
        constexpr unsigned plans = 300;
        int offered = 0;
        for (unsigned seed = 1; seed <= plans; ++seed) {
            test::RandomPlans random(seed);
            const auto plan = seed % 3 == 0 ? random.network() : random.built();
            const auto before = test::studied(plan);
            if (before.findings.empty()) continue;
            hold(plan, before, random.any_of(before.findings), offered);
            if (QTest::currentTestFailed()) {
                qWarning("seed %u", seed);
                return;
            }
        }
        QVERIFY2(offered > 50, qPrintable(QString::number(offered)));
    }
};

SANGRE_SUITE(TestMendLaws);
#include "test_mend_laws.moc"
