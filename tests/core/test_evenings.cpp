// The order of fewest changes of tools, evenings that end safe, what was done and has been overtaken.
#include <algorithm>
#include <numeric>
#include <random>

#include "fixtures.h"
#include "making/evenings.h"
#include "making/steps/done.h"
#include "making/steps/step_reading.h"
#include "plan/edits.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

const char* evening_demos[] = {"orchard-frost-rover", "seed-hexacopter", "book-trike",
                               "bat-detector",        "apiary-trailer",  "moss-wall"};

/// Up to eight steps of four kinds of work with some that wait for others.
std::vector<Step> any_steps(std::mt19937& dice, size_t n) {
    constexpr StepKind kinds[] = {StepKind::cut, StepKind::thread, StepKind::sleeve, StepKind::beep};
    std::vector<Step> steps(n);
    for (size_t i = 0; i < n; ++i) {
        steps[i].key = std::string(1, static_cast<char>('a' + i)), steps[i].kind = kinds[dice() % 4],
        steps[i].rank = i;
        for (size_t k = 0; k < i; ++k)
            if (dice() % 4 == 0) steps[i].after.push_back(steps[k].key);
    }
    return steps;
}
bool holds(const std::vector<Step>& steps, const std::vector<size_t>& order) {
    std::vector<size_t> place(steps.size());
    for (size_t i = 0; i < order.size(); ++i) place[order[i]] = i;
    for (size_t i = 0; i < steps.size(); ++i)
        for (const auto& key : steps[i].after)
            for (size_t k = 0; k < steps.size(); ++k)
                if (steps[k].key == key && place[k] > place[i]) return false;
    return true;
}
const Step& step_of(const std::vector<Step>& steps, const std::string& key) {
    return *std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == key; });
}

}  // namespace

class TestEvenings : public QObject {
    Q_OBJECT

  private slots:
    void no_order_has_fewer_changes() {
        std::mt19937 dice(21);
        for (int trial = 0; trial < 250; ++trial) {
            const auto steps = any_steps(dice, 2 + dice() % 6);
            const auto found = least_changes(steps);
            QCOMPARE(found.order.size(), steps.size());
            QVERIFY(holds(steps, found.order));
            QVERIFY(found.exact && found.bound == found.changes);
            QCOMPARE(changes_in(steps, found.order), found.changes);
            std::vector<size_t> any(steps.size());
            std::iota(any.begin(), any.end(), size_t{0});
            size_t least = steps.size();
            do
                if (holds(steps, any)) least = std::min(least, changes_in(steps, any));
            while (std::next_permutation(any.begin(), any.end()));
            QCOMPARE(found.changes, least);
        }
    }
    /// Over every set of steps that may be done and the work that was last, by itself.
    static size_t fewest_changes(const std::vector<Step>& steps) {
        const size_t n = steps.size();
        std::vector<unsigned> before(n);
        for (size_t i = 0; i < n; ++i)
            for (size_t k = 0; k < n; ++k)
                if (std::find(steps[i].after.begin(), steps[i].after.end(), steps[k].key) !=
                    steps[i].after.end())
                    before[i] |= 1U << k;
        constexpr size_t none = 999;
        std::vector<std::vector<size_t>> least(1U << n, std::vector<size_t>(n, none));
        for (unsigned done = 1; done < 1U << n; ++done)
            for (size_t last = 0; last < n; ++last) {
                const unsigned rest = done & ~(1U << last);
                if (!(done >> last & 1U) || (before[last] & ~rest) != 0) continue;
                if (rest == 0) least[done][last] = 0;
                for (size_t k = 0; k < n; ++k)
                    if (rest >> k & 1U && least[rest][k] != none)
                        least[done][last] = std::min(
                            least[done][last], least[rest][k] + (work_of(steps[k]) != work_of(steps[last])));
            }
        return *std::min_element(least.back().begin(), least.back().end());
    }
    void dozens_of_runs_are_as_few_as_can_be() {
        std::mt19937 dice(29);
        for (int trial = 0; trial < 120; ++trial) {
            const auto steps = any_steps(dice, 11 + dice() % 3);
            const auto found = least_changes(steps);
            QVERIFY(found.exact);
            QCOMPARE(found.changes, fewest_changes(steps));
        }
    }
    void what_waits_for_itself_comes_last_and_is_not_lost() {
        std::vector<Step> steps(4);
        for (size_t i = 0; i < 4; ++i) steps[i].key = std::string(1, static_cast<char>('a' + i));
        steps[1].after = {"a", "c"}, steps[2].after = {"b"};  // free of a, but of one another never
        const auto found = least_changes(steps);
        QCOMPARE(found.order, (std::vector<size_t>{0, 3, 1, 2}));
    }
    void large_ones_keep_their_rules_and_their_bound() {
        std::mt19937 dice(22);
        for (int trial = 0; trial < 20; ++trial) {
            std::vector<Step> steps(150);
            constexpr StepKind kinds[] = {StepKind::cut, StepKind::thread, StepKind::sleeve, StepKind::beep,
                                          StepKind::prove};
            for (size_t i = 0; i < steps.size(); ++i) {
                steps[i].key = "s" + std::to_string(i), steps[i].kind = kinds[dice() % 5], steps[i].rank = i;
                for (int k = 0; k < 2 && i > 0; ++k)
                    steps[i].after.push_back("s" + std::to_string(dice() % i));
            }
            const auto found = least_changes(steps);
            QVERIFY(holds(steps, found.order));
            QVERIFY(found.bound <= found.changes);
            QCOMPARE(changes_in(steps, found.order), found.changes);
        }
    }
    void the_demos_are_ordered_as_well_as_can_be() {
        for (const auto* demo : evening_demos) {
            const auto s = test::studied(test::demo(demo));
            const auto found = least_changes(s.steps());
            QVERIFY2(found.exact, demo);
            std::vector<size_t> as_they_stand(s.steps().size());
            std::iota(as_they_stand.begin(), as_they_stand.end(), size_t{0});
            QCOMPARE(changes_in(s.steps(), as_they_stand), found.changes);
        }
    }
    void shuffled_steps_come_in_the_same_order() {
        std::mt19937 dice(23);
        for (const auto* demo : evening_demos) {
            auto steps = test::studied(test::demo(demo)).steps();
            const auto keys = [](const std::vector<Step>& all) {
                std::string text;
                for (const auto& s : all) text += s.key + "\n";
                return text;
            };
            const auto before = keys(steps);
            for (int round = 0; round < 3; ++round) {
                std::shuffle(steps.begin(), steps.end(), dice);
                QCOMPARE(keys(order_steps(steps)), before);
            }
        }
    }
    void a_step_that_is_wished_for_comes_with_what_it_waits_for() {
        auto plan = test::demo();
        plan.done.clear();
        const auto before = test::studied(plan).steps();
        const auto wish = std::string("join/feed-rail-12-0v-load-fog-pump/load");
        plan = set_rather(plan, wish, true);
        const auto after = test::studied(plan).steps();
        const auto at = [&](const auto& steps) { return &step_of(steps, wish) - steps.data(); };
        QVERIFY(at(after) < at(before));
        std::vector<size_t> order(after.size());
        std::iota(order.begin(), order.end(), size_t{0});
        QVERIFY(holds(after, order));
        plan = tick_step(plan, step_of(after, wish), true, "2026-11-28T20:00:00");
        QVERIFY(plan.rather.empty());
    }
    void no_random_evening_breaks_a_rule_or_runs_over() {
        test::RandomPlans dice(31);
        std::mt19937 roll(5);
        size_t bare = 0, evenings = 0;
        for (int i = 0; i < 25; ++i) {
            auto plan = dice.built();
            for (int day = 0; day < 3; ++day)
                plan.evenings[days_after("2026-11-28", day)] = static_cast<double>(roll() % 180);
            const auto s = test::studied(plan);
            const auto& steps = s.steps();
            std::vector<char> done(steps.size());
            for (size_t k = 0; k < steps.size(); ++k) done[k] = is_done(plan, steps[k]);
            for (const auto& e : plan_evenings(plan, steps, "2026-11-28")) {
                // Where there is time for a whole lead, none is left half made.
                if (e.there >= 60) ++evenings, bare += !e.bare.empty();
                QVERIFY(e.there > 0 || e.steps.empty());
                // One step alone may take longer than there is.
                QVERIFY(e.used <= e.there + 1e-9 || e.steps.size() <= 1);
                for (const auto step : e.steps) {
                    QVERIFY(!done[step]);
                    for (const auto& key : steps[step].after)
                        for (size_t k = 0; k < steps.size(); ++k)
                            if (steps[k].key == key && k != step)
                                QVERIFY2(done[k], (steps[step].key + " before " + key).c_str());
                    done[step] = 1;
                }
            }
            QVERIFY(std::all_of(done.begin(), done.end(), [](char d) { return d; }));
        }
        QVERIFY(evenings > 60);
        QVERIFY2(bare * 20 < evenings, qPrintable(QString::number(bare)));
    }
    void a_lead_that_cannot_be_whole_is_not_begun_while_others_can() {
        auto plan = test::demo();
        plan.done.clear();
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        // Its last joint waits for a part that comes in two weeks.
        const Id lead = "feed-hub-load-drive-left";
        std::vector<HeldBack> held;
        for (size_t i = 0; i < steps.size(); ++i)
            if (steps[i].key == "join/" + lead + "/load") held.push_back({i, "controller", "2026-12-12"});
        QCOMPARE(held.size(), size_t{1});
        const auto made_in = [&](const std::vector<EveningPlan>& evenings) {
            for (size_t e = 0; e < evenings.size(); ++e)
                for (const auto i : evenings[e].steps)
                    if (i == held[0].step) return e;
            return evenings.size();
        };
        const auto free = plan_evenings(plan, steps, "2026-11-28");
        const auto evenings = plan_evenings(plan, steps, "2026-11-28", held);
        const auto first = made_in(free);
        QVERIFY(first < made_in(evenings) && made_in(evenings) < evenings.size());
        for (size_t e = 0; e <= first; ++e)
            for (const auto& end : evenings[e].bare)
                QVERIFY2(end.lead != lead, qPrintable(QString::number(e)));
    }
    void sealant_waits_overnight_and_nothing_goes_on_meanwhile() {
        auto plan = test::demo();
        plan.done.clear();
        OwnStep cure;
        cure.id = "cure", cure.title = "Pot the drive plugs", cure.minutes = 10, cure.wait_minutes = 12 * 60,
        cure.before = {"test/beep"};
        plan.own_steps = {cure};
        plan.evenings["2026-11-28"] = 20 * 60;
        const auto s = test::studied(plan);
        const auto all = plan_evenings(plan, s.steps(), "2026-11-28");
        const auto evening_of = [&](const std::string& key) {
            for (size_t e = 0; e < all.size(); ++e)
                for (const auto i : all[e].steps)
                    if (s.steps()[i].key == key) return e;
            return all.size();
        };
        QVERIFY(evening_of("own/cure") < evening_of("test/beep"));
        QCOMPARE(all[evening_of("own/cure")].overnight.size(), size_t{1});
    }
    void dates_are_those_of_the_calendar() {
        QCOMPARE(days_after("2026-12-31", 1), std::string("2027-01-01"));
        QCOMPARE(days_after("2028-02-28", 1), std::string("2028-02-29"));
        QVERIFY(!checked_date("2026-02-30") && !checked_date("28.11.2026") && !checked_date("2026-1-01"));
    }
    void times_are_learned_from_those_that_were_taken() {
        auto plan = test::demo();
        const auto steps = test::studied(plan).steps();
        QCOMPARE(learned_factor(plan, steps, Work::cut), 1.0);
        for (const auto& s : steps)
            if (s.kind == StepKind::cut) plan.took[s.key] = s.minutes * 2;
        const double slow = learned_factor(plan, steps, Work::cut);
        QVERIFY(slow > 1.5 && slow < 2);
        // One alone that took twice as long, beside an estimate that counts for two: the cube root of 2.
        plan.took.clear();
        const auto one = std::find_if(steps.begin(), steps.end(),
                                      [](const auto& s) { return s.kind == StepKind::cut && s.minutes > 0; });
        plan.took[one->key] = one->minutes * 2;
        CLOSE(learned_factor(plan, steps, Work::cut), std::cbrt(2.0), 1e-9);
        QCOMPARE(learned_factor(plan, steps, Work::iron), 1.0);
    }
    void an_evening_in_a_calendar_can_be_read() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto ics = evenings_to_ics(plan, s.steps(), plan_evenings(plan, s.steps(), "2026-11-28"),
                                         "20261128T080000Z");
        size_t begin = 0, lines = 0;
        while (begin < ics.size()) {
            const auto end = ics.find("\r\n", begin);
            QVERIFY(end != std::string::npos && end - begin <= 75);
            begin = end + 2, ++lines;
        }
        QVERIFY(lines > 30);
        QVERIFY(ics.starts_with("BEGIN:VCALENDAR\r\n") && ics.ends_with("END:VCALENDAR\r\n"));
        QVERIFY(ics.find("DTSTART:20261128T190000\r\n") != std::string::npos);
    }
    void what_was_done_and_is_asked_otherwise_is_said() {
        auto plan = test::demo();
        plan.done.clear();
        const auto steps = test::studied(plan).steps();
        const auto& cut = step_of(steps, "cut/feed-rail-12-0v-load-fog-pump");
        plan = tick_step(plan, cut, true, "2026-11-28T20:00:00", 4);
        QVERIFY(is_done(plan, cut) && plan.took.at(cut.key) == 4);
        // A little shorter is enough of it; another wire is not.
        auto shorter = set_length(plan, "feed-rail-12-0v-load-fog-pump", Metre(0.8));
        QVERIFY(is_done(shorter, step_of(test::studied(shorter).steps(), cut.key)));
        auto longer = set_length(plan, "feed-rail-12-0v-load-fog-pump", Metre(1.8));
        const auto now = test::studied(longer).steps();
        QVERIFY(!is_done(longer, step_of(now, cut.key)));
        const auto touched = touched_work(longer, now);
        QCOMPARE(touched.size(), size_t{1});
        QCOMPARE(touched[0].was, cut.stamp);
        QVERIFY(step_of(now, cut.key).actions.front().str().find("comes off first") != std::string::npos);
        // Its load gone, the work is taken back, and only then the tick is.
        auto gone = remove_load(plan, "load-fog-pump");
        const auto left = test::studied(gone).steps();
        const auto& undo = step_of(left, "undo/" + cut.key);
        QVERIFY(undo.title.str().find(cut.stamp) != std::string::npos);
        QVERIFY(gone.done.contains(cut.key));
        gone = tick_step(gone, undo, true, "2026-11-28T21:00:00");
        QVERIFY(!gone.done.contains(cut.key) && touched_work(gone, test::studied(gone).steps()).empty());
    }
    void actions_tick_alone_and_with_their_step() {
        auto plan = test::demo();
        plan.done.clear();
        const auto steps = test::studied(plan).steps();
        const auto& step = steps.front();
        plan = tick_action(plan, step, 1, true, "now");
        QVERIFY(is_action_done(plan, step, 1) && !is_action_done(plan, step, 0) && !is_done(plan, step));
        plan = tick_step(plan, step, true, "now");
        QVERIFY(is_action_done(plan, step, 0));
        QVERIFY(!plan.done.contains(step.key + "#1"));
    }
    void what_is_opened_is_closed_in_reverse() {
        auto plan = test::demo();
        plan.own_steps.clear();
        for (const char* id : {"panel", "lid"}) {
            OwnStep open, close;
            open.id = std::string(id), open.title = std::string(id) + " off";
            close.id = std::string(id) + "-on", close.title = std::string(id) + " on", close.undoes = open.id;
            plan.own_steps.push_back(open), plan.own_steps.push_back(close);
        }
        const auto steps = test::studied(plan).steps();
        const auto at = [&](const std::string& key) { return &step_of(steps, key) - steps.data(); };
        QVERIFY(at("own/lid-on") < at("own/panel-on"));
        QVERIFY(at("own/panel") < at("thread/feed-hub-load-drive-left"));
        QVERIFY(at("own/panel-on") < at("fit/battery-fuse") && at("own/lid-on") > at("close/tie"));
    }
    void own_steps_in_a_circle_are_said_and_lost_nothing() {
        auto plan = test::demo();
        OwnStep a, b;
        a.id = "a", a.title = "First", a.after = {"own/b"}, b.id = "b", b.title = "Second",
        b.after = {"own/a", "gone/step"};
        plan.own_steps = {a, b};
        const auto steps = test::studied(plan).steps();
        const auto said = [&](const std::string& key, const char* words) {
            const auto& lines = step_of(steps, key).why.lines;
            return std::any_of(lines.begin(), lines.end(),
                               [&](const auto& l) { return l.text.str().find(words) != std::string::npos; });
        };
        QVERIFY(said("own/a", "waits for it") || said("own/b", "waits for it"));
        QVERIFY(said("own/b", "counts as met"));
    }
    void a_step_knows_the_reading_that_shows_it() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        QVERIFY(reading_of_step(step_of(s.steps(), "test/beep"), s.readings()).starts_with("beep/"));
        const auto of_pump =
            reading_of_step(step_of(s.steps(), "join/feed-rail-12-0v-load-fog-pump/load"), s.readings());
        QVERIFY2(of_pump.find("fog-pump") != std::string::npos, of_pump.c_str());
    }

    void a_free_evening_is_one_evening() {
        auto plan = test::demo();
        plan.evenings = {{"2026-11-28", 40}, {"2026-11-29", 0}};
        const auto all = plan_evenings(plan, test::studied(plan).steps(), "2026-11-28");
        QVERIFY(all.size() > 3);
        for (const auto& e : all) {
            if (e.date == "2026-11-29") QVERIFY(e.steps.empty());
            if (e.date > "2026-11-29") QCOMPARE(e.there, 40.0);
        }
    }

    void among_equals_what_comes_first_in_the_plan_is_done_first() {
        const auto plan = test::star(6);
        const auto s = test::studied(plan);
        std::vector<Id> cut;
        for (const auto& step : s.steps())
            if (step.kind == StepKind::cut && step.about != "feed") cut.push_back(step.about);
        QCOMPARE(cut, (std::vector<Id>{"feed0", "feed1", "feed2", "feed3", "feed4", "feed5"}));
    }
};

SANGRE_SUITE(TestEvenings);
#include "test_evenings.moc"
