// The search over batteries and ways of building: complete, honest, and stoppable.
#include <atomic>

#include "comparison/improve.h"
#include "comparison/search.h"
#include "comparison/variants.h"
#include "fixtures.h"
#include "plan/edits.h"
#include "proposal/rail_edits.h"

using namespace sangre;
using test::parts;
using test::rail_of;

namespace {

/// The rover with what it cannot do without: a search of it takes seconds.
Plan small_rover() {
    auto plan = test::demo();
    for (const char* load :
         {"load-steering", "load-work-lamp", "load-night-camera", "load-drive-right", "load-fog-pump"})
        plan = remove_load(plan, load);
    return plan;
}

const SearchResult& rover() {
    static const auto found = search_plans(small_rover(), parts());
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
            CLOSE(raw(lost_in_a_day(s)), raw(p.lost), 1e-6);
            QCOMPARE(p.plan.converters.size(), p.rails);
            QCOMPARE(p.plan.loads.size(), small_rover().loads.size());
        }
    }
    void the_best_are_bettered_until_no_step_helps() {
        const auto& r = rover();
        QVERIFY(r.stepped > 0);
        size_t further = 0;
        for (const auto& p : r.plans) {
            if (p.steps.empty()) continue;
            ++further;
            QVERIFY(p.front);
            QCOMPARE(count(test::studied(p.plan).findings, Severity::danger), size_t{0});
        }
        QVERIFY(further >= 1 && further <= 3);
        const auto& lightest = *r.best(Aim::mass);
        for (const auto& step : steps_away(lightest.plan, parts())) {
            const auto next = step.make();
            if (!next) continue;
            const auto s = test::studied(*next);
            const bool sound = s.mission.lasts && count(s.findings, Severity::danger) == 0 &&
                               count(s.findings, Severity::caution) <=
                                   count(test::studied(lightest.plan).findings, Severity::caution);
            QVERIFY2(!sound || s.mass > lightest.mass * 0.9985, step.what.str().c_str());
        }
    }
    void a_rail_that_wants_merging_is_merged() {
        const auto plan = small_rover();
        const auto before = plan.converters.size();
        const auto apart = split_rail(plan, parts(), rail_of(plan, "load-computer"), {"load-telemetry"});
        QVERIFY(apart && apart->converters.size() == before + 1);
        auto mended = *apart;
        for (const auto& f : test::studied(mended).findings)
            if (f.severity == Severity::danger) mended = f.fixes.at(0).edit(mended);
        size_t studied = 0;
        const auto start = searched_plan(mended, test::studied(mended), 100);
        const auto better = improve_plan(start, parts(), Aim::cost, studied, [] { return true; });
        QVERIFY(better.plan.converters.size() <= before && better.cost < start.cost);
        QVERIFY(studied > 10 && !better.steps.empty());
        // Stopped at once, it gives back what it got.
        const auto same = improve_plan(start, parts(), Aim::cost, studied, [] { return false; });
        QVERIFY(same.plan == start.plan && same.steps.empty());
    }
    void no_plan_undercuts_the_bound() {
        const auto compared = compare_batteries(small_rover(), parts());
        const auto& r = rover();
        QVERIFY(*bound_of(compared, Aim::mass) <= raw(r.best(Aim::mass)->mass));
        QVERIFY(*bound_of(compared, Aim::cost) <= r.best(Aim::cost)->cost);
        QVERIFY(!bound_of(BatteryComparison{}, Aim::mass));
        QVERIFY(std::any_of(r.why.lines.begin(), r.why.lines.end(), [](const auto& l) {
            return l.text.str().find("no plan is lighter by more than") != std::string::npos;
        }));
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
