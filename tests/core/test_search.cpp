// The search over batteries and ways of building: complete, honest, and stoppable.
#include <atomic>

#include "decide/search.h"
#include "decide/variants.h"
#include "fixtures.h"

using namespace sangre;
using test::parts;

namespace {

const SearchResult& rover() {
    static const auto found = search_plans(test::demo(), parts());
    return found;
}

}  // namespace

class TestSearch : public QObject {
    Q_OBJECT
  private slots:
    void the_best_is_no_worse_than_any() {
        const auto& r = rover();
        QVERIFY(r.complete && r.plans.size() >= 3 && r.tried >= 24);
        QCOMPARE(r.plans.size() + r.refused <= r.tried, true);
        for (const auto& p : r.plans) {
            QVERIFY(r.best(Aim::mass)->mass <= p.mass);
            QVERIFY(r.best(Aim::cost)->cost <= p.cost);
            QVERIFY(r.best(Aim::loss)->lost <= p.lost);
        }
        for (const auto aim : {Aim::mass, Aim::cost, Aim::loss}) QVERIFY(r.best(aim));
        QVERIFY(r.best(Aim::mass)->front);
    }
    void nothing_on_the_front_is_beaten() {
        const auto& r = rover();
        size_t front = 0;
        for (const auto& p : r.plans) {
            front += p.front;
            for (const auto& o : r.plans)
                if (p.front) QVERIFY(!(o.mass < p.mass && o.cost < p.cost && o.lost < p.lost));
        }
        QVERIFY(front >= 2);
        QVERIFY(std::is_partitioned(r.plans.begin(), r.plans.end(), [](const auto& p) { return p.front; }));
    }
    void every_plan_found_is_what_it_says() {
        const auto& r = rover();
        for (size_t i = 0; i < r.plans.size(); i += std::max<size_t>(r.plans.size() / 4, 1)) {
            const auto& p = r.plans[i];
            const auto s = test::studied(p.plan);
            QCOMPARE(count(s.findings, Severity::danger), size_t{0});
            QVERIFY(s.mission.lasts);
            QCOMPARE(raw(s.mass), raw(p.mass));
            QCOMPARE(raw(lost_in_a_day(s)), raw(p.lost));
            QCOMPARE(p.plan.converters.size(), p.rails);
            QCOMPARE(p.plan.loads.size(), test::demo().loads.size());
        }
    }
    void it_stops_when_told() {
        std::atomic<int> calls{0};
        double last = 0;
        const auto r = search_plans(test::demo(), parts(), [&](double share) {
            last = std::max(last, share);
            return ++calls < 5;
        });
        QVERIFY(!r.complete && r.tried >= 5 && r.tried < 12);
        QVERIFY(last > 0 && last < 1);
        QVERIFY(r.why.lines.back().tone == Tone::caution);
    }
    void nothing_to_search_for() {
        const auto r = search_plans(Plan{}, parts());
        QVERIFY(r.plans.empty() && !r.best(Aim::mass) && !r.why.lines.empty());
        Plan impossible;
        impossible.loads.push_back(test::simple_load("furnace", 48, 5000));
        const auto none = search_plans(impossible, parts());
        QVERIFY(none.plans.empty() && !none.best(Aim::cost));
    }
    void practices_are_said_in_words() {
        Practices p;
        p.wire = WireSchool::temperature, p.noise = NoiseSchool::together, p.set = SetSchool::high;
        QCOMPARE(QString::fromStdString(practices_in_words(p)),
                 QString("wires by temperature, rails high, noise together"));
    }
};

SANGRE_SUITE(TestSearch);
#include "test_search.moc"
