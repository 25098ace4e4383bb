// The rail tree rearranged by hand.
#include <set>

#include "fixtures.h"
#include "proposal/propose.h"
#include "proposal/rail_edits.h"

using namespace sangre;
using test::parts;
using test::rail_of;

namespace {

Plan proposed() { return propose(test::demo(), parts())->plan; }

size_t dangers(const Plan& plan) { return count(test::studied(plan).findings, Severity::danger); }

}  // namespace

class TestRailEdits : public QObject {
    Q_OBJECT
  private slots:
    void a_rail_is_split_and_merged_again() {
        const auto plan = proposed();
        const auto rail = rail_of(plan, "load-computer");
        const auto on = loads_on(plan, rail);
        QVERIFY(on.size() >= 2);
        const auto split = split_rail(plan, parts(), rail, {"load-computer"});
        QVERIFY2(split, split ? "" : split.error().str().c_str());
        QCOMPARE(split->converters.size(), plan.converters.size() + 1);
        QCOMPARE(split->feeds().size(), plan.feeds().size() + 1);
        const auto fresh = rail_of(*split, "load-computer");
        QVERIFY(fresh != rail && loads_on(*split, rail).size() == on.size() - 1);
        QCOMPARE(rail_of(*split, fresh), rail_of(*split, rail));  // both from the same source
        QCOMPARE(dangers(*split), size_t{0});
        std::set<Id> ids;
        for (const auto& f : split->feeds()) {
            QVERIFY(ids.insert(f.id).second);
            for (const auto& d : f.devices) QVERIFY(ids.insert(d.id).second);
        }

        const auto merged = merge_rails(*split, parts(), rail, fresh);
        QVERIFY2(merged, merged ? "" : merged.error().str().c_str());
        QCOMPARE(merged->converters.size(), plan.converters.size());
        QCOMPARE(merged->feeds().size(), plan.feeds().size());
        QCOMPARE(loads_on(*merged, rail).size(), on.size());
        QCOMPARE(dangers(*merged), size_t{0});
    }
    void what_does_not_go_together_is_named() {
        const auto plan = proposed();
        const auto five = rail_of(plan, "load-computer"), twelve = rail_of(plan, "load-night-camera");
        QVERIFY(five != twelve);
        const auto merged = merge_rails(plan, parts(), twelve, five);
        QVERIFY(!merged);
        QVERIFY2(QString::fromStdString(merged.error()).contains("no voltage suits both"),
                 merged.error().str().c_str());
        QVERIFY(!merge_rails(plan, parts(), five, five));
        QVERIFY(!split_rail(plan, parts(), five, {}));
        QVERIFY(!split_rail(plan, parts(), five, loads_on(plan, five)));
        QVERIFY(!split_rail(plan, parts(), "hub", {"load-computer"}));
    }
    void a_merged_rail_gets_a_module_that_carries_all() {
        auto plan = proposed();
        const auto rail = rail_of(plan, "load-night-camera");
        const auto others = loads_on(plan, rail);
        if (others.size() < 2) QSKIP("the proposal keeps the camera alone");
        const auto split = split_rail(plan, parts(), rail, {"load-night-camera"});
        QVERIFY(split);
        auto weak = *split;
        for (auto& c : weak.converters)
            if (c.id == rail_of(weak, "load-night-camera")) c.type = "buck-3a-40v";
        const auto merged = merge_rails(weak, parts(), rail_of(weak, "load-night-camera"), rail);
        QVERIFY2(merged, merged ? "" : merged.error().str().c_str());
        QCOMPARE(dangers(*merged), size_t{0});
    }
    void a_low_rail_hangs_on_a_higher_one() {
        const auto plan = proposed();
        const auto five = rail_of(plan, "load-computer"), twelve = rail_of(plan, "load-night-camera");
        const auto cascaded = feed_rail_from(plan, parts(), five, twelve);
        QVERIFY2(cascaded, cascaded ? "" : cascaded.error().str().c_str());
        QCOMPARE(rail_of(*cascaded, five), twelve);
        QCOMPARE(dangers(*cascaded), size_t{0});
        // What feeds it cannot be fed by it.
        const auto loop = feed_rail_from(*cascaded, parts(), twelve, five);
        QVERIFY(!loop && QString::fromStdString(loop.error()).contains("loop"));
        QVERIFY(!merge_rails(*cascaded, parts(), five, twelve));
        // From a lower voltage a higher one needs another kind of module, or is refused; never made wrong.
        if (const auto up = feed_rail_from(plan, parts(), twelve, five)) QCOMPARE(dangers(*up), size_t{0});
    }
    void only_the_feeds_concerned_change() {
        auto plan = proposed();
        const auto drive = feeds_into(plan, "load-drive-left").front();
        plan.feeds()[drive].wire = "awg8-silicone";  // the builder's own choice
        const auto split = split_rail(plan, parts(), rail_of(plan, "load-computer"), {"load-computer"});
        QVERIFY(split);
        QCOMPARE(split->feeds()[drive].wire, Id("awg8-silicone"));
    }
    void the_noisy_ones_are_known() {
        auto plan = test::demo();
        const auto rail = rail_of(plan, "load-fog-pump");
        const auto noisy = noisy_on(plan, rail);
        QVERIFY(std::find(noisy.begin(), noisy.end(), Id("load-fog-pump")) != noisy.end());
        QVERIFY(std::find(noisy.begin(), noisy.end(), Id("load-night-camera")) == noisy.end());
        const auto apart = split_rail(plan, parts(), rail, noisy);
        QVERIFY2(apart, apart ? "" : apart.error().str().c_str());
        QVERIFY(test::has(test::studied(plan), "rail-noise") &&
                !test::has(test::studied(*apart), "rail-noise"));
    }
};

SANGRE_SUITE(TestRailEdits);
#include "test_rail_edits.moc"
