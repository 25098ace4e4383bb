// Things put in once more, and taken out.
#include <set>

#include "fixtures.h"
#include "output/files/copies.h"
#include "output/files/plan_file.h"
#include "plan/removal.h"
#include "random_plans.h"

using namespace sangre;
using namespace sangre::test;

class TestCopies : public QObject {
    Q_OBJECT
    static std::vector<Plan> plans() {
        std::vector<Plan> all{demo()};
        RandomPlans dice(7);
        for (int i = 0; i < 12; ++i) all.push_back(dice.built());
        return all;
    }
    static std::vector<Id> parts_of(const Plan& p) {
        std::vector<Id> all;
        for (const auto& x : p.sources) all.push_back(x.id);
        for (const auto& x : p.hubs) all.push_back(x.id);
        for (const auto& x : p.converters) all.push_back(x.id);
        for (const auto& x : p.loads) all.push_back(x.id);
        return all;
    }

  private slots:
    void a_duplicate_leaves_what_was_there() {
        for (const auto& plan : plans())
            for (const auto& id : parts_of(plan)) {
                const auto twice = with_duplicates(plan, parts(), {id});
                QVERIFY2(twice.has_value(), twice ? "" : error_text(twice.error()).c_str());
                const auto fresh = new_things(plan, *twice);
                QVERIFY(!fresh.empty());
                // Its leads and no others came with it.
                size_t leads = 0;
                for (const auto& l : plan.leads) leads += l.from == id || l.to == id;
                QCOMPARE(twice->feeds().size() + twice->signal_leads().size(),
                         plan.feeds().size() + plan.signal_leads().size() + leads);
                // No name is borne twice that was not before.
                std::multiset<std::string> names, before;
                for (const auto& p : parts_of(*twice)) names.insert(name_of(*twice, p));
                for (const auto& p : parts_of(plan)) before.insert(name_of(plan, p));
                for (const auto& n : names) QVERIFY(names.count(n) <= std::max<size_t>(1, before.count(n)));
                // Taken out again, nothing is left of it.
                auto back = remove_things(*twice, {fresh.begin(), fresh.end()});
                QCOMPARE(plan_to_json(back), plan_to_json(remove_things(plan, {})));
            }
    }
    void a_copied_load_runs_when_its_model_does() {
        auto plan = demo();
        for (const auto& load : plan.loads) {
            const auto twice = with_duplicates(plan, parts(), {load.id});
            QVERIFY(twice.has_value());
            for (const auto& phase : twice->phases) {
                QVERIFY(state_in(phase, twice->loads.back()) == state_in(phase, load));
                QCOMPARE(share_in(phase, twice->loads.back()), share_in(phase, load));
            }
        }
    }
    void a_new_load_of_a_text_runs_with_the_others() {
        const auto plan = demo();
        const auto next = plan_from_text("load Horn 12 V 2 A\n", parts(), plan);
        QVERIFY(next.has_value());
        const auto added = add_load(plan, next->loads.back());
        size_t runs = 0;
        for (size_t i = 0; i < plan.phases.size(); ++i) {
            QVERIFY(state_in(next->phases[i], next->loads.back()) ==
                    state_in(added.phases[i], added.loads.back()));
            runs += state_in(next->phases[i], next->loads.back()) != LoadState::off;
        }
        QVERIFY(runs > 0);
    }
    void numbers_go_on() {
        auto plan = demo();
        for (const char* expected : {"Fog pump 2", "Fog pump 3", "Fog pump 4"}) {
            const auto next = with_duplicates(plan, parts(), {Id("load-fog-pump")});
            QVERIFY(next.has_value());
            plan = *next;
            QCOMPARE(plan.loads.back().name, std::string(expected));
        }
        // A copy of a numbered one counts on, and is fed as it is.
        const auto next = with_duplicates(plan, parts(), {plan.loads.back().id});
        QCOMPARE(next->loads.back().name, std::string("Fog pump 5"));
        QCOMPARE(feeds_into(*next, next->loads.back().id).size(), size_t(1));
    }
    void a_text_means_its_own_things() {
        const auto plan = demo();
        const auto next =
            plan_from_text("hub Hub, strip\nload Horn 12 V 2 A\nlead Hub → Horn, 0.8 m\n", parts(), plan);
        QVERIFY2(next.has_value(), next ? "" : error_text(next.error()).c_str());
        QCOMPARE(next->hubs.back().name, std::string("Hub 2"));
        QCOMPARE(next->feeds().back().from, next->hubs.back().id);
        QCOMPARE(by_id(next->hubs, Id("hub"))->name, std::string("Hub"));
    }
    void any_thing_can_be_taken_out() {
        for (const auto& plan : plans()) {
            const auto text = plan_to_text(plan, parts());
            for (const auto& id : new_things({}, plan)) {
                const auto gone = remove_things(plan, {id});
                const auto left = new_things({}, gone);
                QVERIFY2(std::find(left.begin(), left.end(), id) == left.end(), id.c_str());
                // Nothing names what is gone, or the file would not open.
                const auto reread = plan_from_json(plan_to_json(gone), "x");
                QVERIFY2(reread.has_value(), reread ? "" : reread.error().c_str());
            }
        }
        const auto plan = demo();
        QVERIFY(remove_things(plan, {Id("nobody")}) == remove_things(plan, {}));
    }
};

SANGRE_SUITE(TestCopies);
#include "test_copies.moc"
