// Feeds rearranged on every demo: a line of one's own, a tap, a block for those that stand together; and
// sized again.
#include <QTest>
#include <set>

#include "comparison/feeding.h"
#include "fixtures.h"
#include "proposal/grouped_feeds.h"
#include "proposal/sizing.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

/// Every load is fed once, from a part that is there, and the way up ends at a pack.
void is_whole(const Plan& plan) {
    for (const auto& l : plan.loads) {
        QCOMPARE(feeds_into(plan, l.id).size(), size_t{1});
        const auto way = upstream_feeds(plan, l.id);
        QVERIFY2(!way.empty() && find_part(plan, plan.feeds()[way.back()].from).kind == PartKind::source,
                 l.id.c_str());
    }
    std::set<Id> ids;
    for (const auto& f : plan.feeds()) {
        QVERIFY2(ids.insert(f.id).second, f.id.c_str());
        QVERIFY2(find(parts().wires, f.wire), f.id.c_str());
        QVERIFY2(find(parts().joints, f.joint_from) && find(parts().joints, f.joint_to), f.id.c_str());
    }
}

}  // namespace

class TestFeedingLaws : public QObject {
    Q_OBJECT
  private slots:
    void any_load_gets_a_line_of_its_own_or_a_reason_data() { test::demo_rows(); }
    void any_load_gets_a_line_of_its_own_or_a_reason() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        for (const auto& l : plan.loads) {
            const auto own = own_line(plan, parts(), l.id);
            if (!own) {
                QVERIFY2(!own.error().empty(), l.id.c_str());
                continue;
            }
            is_whole(*own);
            const auto& feed = own->feeds()[feeds_into(*own, l.id).front()];
            QCOMPARE(find_part(*own, feed.from).kind, PartKind::source);
            QVERIFY(device(feed, DeviceKind::fuse));
            // What was not asked for stays as the builder has it.
            for (const auto& f : plan.feeds())
                if (f.id != feed.id) QVERIFY2(*by_id(own->feeds(), f.id) == f, f.id.c_str());
        }
        QVERIFY(!own_line(plan, parts(), "nobody"));
    }
    void any_load_is_tapped_or_a_reason_given_data() { test::demo_rows(); }
    void any_load_is_tapped_or_a_reason_given() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        const auto s = test::studied(plan);
        for (const auto& l : plan.loads) {
            const auto circuit = best_circuit_to_tap(plan, parts(), s, l.id);
            if (circuit.empty()) continue;
            QVERIFY(circuit != l.id && by_id(plan.loads, circuit));
            const auto tapped = tap_circuit(plan, parts(), s, l.id, circuit);
            if (!tapped) {
                QVERIFY2(!tapped.error().empty(), l.id.c_str());
                continue;
            }
            is_whole(*tapped);
            QCOMPARE(tapped->hubs.size(), plan.hubs.size() + 1);
            // Both go on from the same block, each behind a fuse of its own.
            const auto& a = tapped->feeds()[feeds_into(*tapped, l.id).front()];
            const auto& b = tapped->feeds()[feeds_into(*tapped, circuit).front()];
            QCOMPARE(a.from, b.from);
            QVERIFY(device(a, DeviceKind::fuse) && device(b, DeviceKind::fuse));
        }
        QVERIFY(!tap_circuit(plan, parts(), s, plan.loads[0].id, plan.loads[0].id));
        QVERIFY(best_circuit_to_tap(plan, parts(), s, "nobody").empty());
    }
    void those_that_stand_together_share_a_feed_data() { test::demo_rows(); }
    void those_that_stand_together_share_a_feed() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        auto grouped = plan;
        group_feeds(grouped, plan);
        grouped = size_feeds(grouped, parts());
        is_whole(grouped);
        QVERIFY(grouped.feeds().size() - plan.feeds().size() == grouped.hubs.size() - plan.hubs.size());
        // Grouped again there is nothing left to group.
        auto again = grouped;
        group_feeds(again, grouped);
        QCOMPARE(again.hubs.size(), grouped.hubs.size());
    }
    void sized_again_nothing_changes_data() { test::demo_rows(); }
    void sized_again_nothing_changes() {
        QFETCH(QString, demo);
        const auto once = size_feeds(test::demo(demo), parts());
        const auto twice = size_feeds(once, parts());
        for (size_t f = 0; f < once.feeds().size(); ++f)
            QVERIFY2(twice.feeds()[f] == once.feeds()[f], once.feeds()[f].id.c_str());
        QVERIFY(twice.converters == once.converters);
    }
};

SANGRE_SUITE(TestFeedingLaws);
#include "test_feeding_laws.moc"
