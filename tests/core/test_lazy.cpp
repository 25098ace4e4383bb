// Values worked out when first asked for.
#include <atomic>
#include <thread>

#include "base/lazy.h"
#include "fixtures.h"

using namespace sangre;

class TestLazy : public QObject {
    Q_OBJECT
  private slots:
    void it_is_worked_out_once_for_all_copies() {
        int made = 0;
        const Lazy<int> first([&] { return ++made * 10; });
        const auto second = first;
        QCOMPARE(made, 0);
        QCOMPARE(second(), 10);
        QCOMPARE(first(), 10);
        QCOMPARE(made, 1);
        QVERIFY(&first() == &second());
    }
    void without_a_maker_it_is_empty() { QVERIFY(Lazy<std::vector<int>>()().empty()); }
    void what_it_was_made_from_is_let_go() {
        const auto kept = std::make_shared<int>(5);
        const Lazy<int> value([kept] { return *kept; });
        QCOMPARE(kept.use_count(), 2L);
        QCOMPARE(value(), 5);
        QCOMPARE(kept.use_count(), 1L);
    }
    void of_something_that_goes_away_it_is_a_copy() {
        const auto values = Lazy<std::vector<int>>([] { return std::vector{1, 2, 3}; })();
        QCOMPARE(values.size(), size_t{3});
    }
    void two_threads_get_the_same() {
        for (int round = 0; round < 50; ++round) {
            std::atomic<int> made{0};
            const Lazy<std::vector<int>> value([&] {
                ++made;
                return std::vector(1000, 7);
            });
            const std::vector<int>* there = nullptr;
            std::thread other([&] { there = &value(); });
            const auto* here = &value();
            other.join();
            QVERIFY(there == here && made == 1);
        }
    }
    void a_study_counts_its_steps_only_when_asked() {
        const auto s = test::studied(test::demo());
        const auto copy = s;
        QVERIFY(&s.steps() == &copy.steps());  // one list, made for the first that asked
        QVERIFY(!s.readings().empty() && s.wire_day().size() == s.plan->feeds().size());
        // A study outlives the plan it was made of.
        const auto orphan = [] {
            const auto plan = test::one_feed(3);
            return test::studied(plan);
        }();
        QVERIFY(!orphan.steps().empty() && orphan.wire_day().size() == 1);
    }
};

SANGRE_SUITE(TestLazy);
#include "test_lazy.moc"
