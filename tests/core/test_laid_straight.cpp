// One lead laid straight: what is on it where, and the order in which it goes on, held to every order there
// is.
#include <algorithm>
#include <numeric>
#include <random>

#include "fixtures.h"
#include "making/laid_straight.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

class TestLaidStraight : public QObject {
    Q_OBJECT
    /// A lead of a metre with up to eight things on it, its two ends among them.
    static std::vector<LaidThing> any_things(std::mt19937& dice) {
        const auto roll = [&](int n) { return static_cast<int>(dice() % static_cast<unsigned>(n)); };
        std::vector<LaidThing> things{{LaidKind::end, "end at source", Metre(0), {}, {}, {}, true},
                                      {LaidKind::end, "end at load", Metre(1), {}, {}, {}, false}};
        const int more = roll(6);
        for (int i = 0; i < more; ++i) {
            LaidThing t;
            t.at = Metre(0.05 + 0.9 * roll(1000) / 1000.0);
            switch (roll(6)) {
                case 0:
                    t.what = LaidKind::tube, t.source_side = roll(2);
                    t.at = t.source_side ? Metre(0.04) : Metre(0.96);
                    break;
                case 1:
                    t.what = LaidKind::item, t.across = Millimetre(roll(3) ? 6 + roll(10) : 0);
                    break;
                case 2:
                    t.what = LaidKind::braid;
                    break;
                case 3:
                    // A nut: of its own, or of the item before it.
                    t.what = LaidKind::slid, t.across = Millimetre(roll(3) ? 7 + roll(10) : 0);
                    if (things.back().what == LaidKind::item) {
                        things.back().about = t.about = "item " + std::to_string(i);
                        t.at = things.back().at;
                    }
                    break;
                case 4:
                    t.what = LaidKind::boot, t.source_side = roll(2);
                    t.at = t.source_side ? Metre(0.03) : Metre(0.97);
                    break;
                default:
                    t.what = LaidKind::opening, t.across = Millimetre(roll(4) ? 8 + roll(8) : 0);
            }
            t.name = "thing " + std::to_string(i);
            things.push_back(t);
        }
        return things;
    }

  private slots:
    void the_order_is_one_that_can_be_done() {
        std::mt19937 dice(5);
        int possible = 0;
        for (int trial = 0; trial < 400; ++trial) {
            const auto things = any_things(dice);
            for (const bool by_load : {true, false}) {
                const auto order = order_on(things, by_load);
                const auto wrong = why_not_so(things, order, by_load);
                // What no order of all there are can do, this one need not.
                if (!wrong.empty() && things.size() <= 7) {
                    std::vector<size_t> any(things.size());
                    std::iota(any.begin(), any.end(), size_t{0});
                    bool some = false;
                    do some = some || why_not_so(things, any, by_load).empty();
                    while (!some && std::next_permutation(any.begin(), any.end()));
                    QVERIFY2(!some, wrong.str().c_str());
                }
                possible += wrong.empty();
                QCOMPARE(order.size(), things.size());
            }
        }
        QVERIFY(possible > 780);
    }
    void an_order_turned_about_is_refused() {
        const std::vector<LaidThing> things{
            {LaidKind::end, "source", Metre(0), {}, {}, {}, true},
            {LaidKind::opening, "hole", Metre(0.5), {}, Millimetre(8), {}, true},
            {LaidKind::item, "holder", Metre(0.7), {}, Millimetre(12), {}, true},
            {LaidKind::tube, "tube", Metre(0.96), {}, {}, {}, false},
            {LaidKind::end, "load", Metre(1), {}, {}, {}, false}};
        QCOMPARE(why_not_so(things, {0, 1, 2, 3, 4}, true), std::string());
        QVERIFY(why_not_so(things, {0, 2, 1, 3, 4}, true).str().find("does not pass") != std::string::npos);
        QVERIFY(why_not_so(things, {0, 1, 2, 4, 3}, true).str().find("forgotten") != std::string::npos);
        QVERIFY(why_not_so(things, {0, 3, 1, 2, 4}, true).str().find("in the way") != std::string::npos);
        QVERIFY(why_not_so(things, {0, 1, 3, 4}, true).str().find("left out") != std::string::npos);
        QVERIFY(why_not_so(things, {0, 0, 1, 2, 3, 4}, true).str().find("twice") != std::string::npos);
        // Pulled by the end at the source the holder never has to pass.
        QCOMPARE(items_to_wait(things, true), size_t{1});
        QCOMPARE(items_to_wait(things, false), size_t{0});
        QCOMPARE(why_not_so(things, order_on(things, false), false), std::string());
    }
    void a_nut_goes_on_before_what_it_does_not_go_over() {
        std::vector<LaidThing> things{
            {LaidKind::end, "source", Metre(0), {}, {}, {}, true},
            {LaidKind::slid, "nut", Metre(0.3), {}, Millimetre(8), "switch", true},
            {LaidKind::item, "switch", Metre(0.3), {}, Millimetre(20), "switch", true},
            {LaidKind::slid, "seal", Metre(0.4), {}, Millimetre(6), "gland", true},
            {LaidKind::item, "holder", Metre(0.8), {}, Millimetre(12), "fuse", true},
            {LaidKind::boot, "boot", Metre(0.97), {}, {}, {}, false},
            {LaidKind::end, "load", Metre(1), {}, {}, {}, false}};
        QCOMPARE(why_not_so(things, order_on(things, true), true), std::string());
        QVERIFY(why_not_so(things, {0, 2, 1, 3, 4, 5, 6}, true).str().find("nut is forgotten") !=
                std::string::npos);
        QVERIFY(why_not_so(things, {0, 1, 2, 4, 3, 5, 6}, true).str().find("no longer be slid past holder") !=
                std::string::npos);
        QVERIFY(why_not_so(things, {0, 1, 2, 3, 4, 6, 5}, true).str().find("boot is forgotten") !=
                std::string::npos);
        things[3].across = Millimetre(14);  // wide enough to go over the holder
        QCOMPARE(why_not_so(things, {0, 1, 2, 4, 3, 5, 6}, true), std::string());
    }
    void a_nut_behind_an_opening_is_on_before_what_it_does_not_go_over() {
        // The holder passes the opening and could go in at once; the seal cannot be on before the opening.
        const std::vector<LaidThing> things{
            {LaidKind::end, "source", Metre(0), {}, {}, {}, true},
            {LaidKind::opening, "wall", Metre(0.3), {}, Millimetre(20), "w", true},
            {LaidKind::slid, "seal", Metre(0.4), {}, Millimetre(6), "g", true},
            {LaidKind::item, "holder", Metre(0.8), {}, Millimetre(12), "f", true},
            {LaidKind::end, "load", Metre(1), {}, {}, {}, false}};
        QCOMPARE(order_on(things, true), (std::vector<size_t>{1, 2, 3, 0, 4}));
        QCOMPARE(why_not_so(things, order_on(things, true), true), std::string());
    }
    void the_order_is_that_of_the_steps() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "apiary-trailer", "bat-detector",
                                 "book-trike", "moss-wall"}) {
            const auto plan = test::demo(name);
            const auto s = test::studied(plan);
            const auto steps = s.steps();
            const auto at = [&](const std::string& key) {
                return std::find_if(steps.begin(), steps.end(), [&](const auto& x) { return x.key == key; }) -
                       steps.begin();
            };
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                const auto& id = plan.feeds()[f].id;
                std::ptrdiff_t last = -1;
                std::string before;
                const auto laid = lay_straight(plan, parts(), s, f, steps);
                for (const auto& o : laid.order) {
                    const auto& t = laid.things[o.thing];
                    const auto now = t.what == LaidKind::label     ? at("cut/" + id)
                                     : t.what == LaidKind::opening ? at("thread/" + id)
                                     : t.what == LaidKind::hazard  ? at("thread/" + id)
                                     : t.what == LaidKind::tube    ? at("sleeve/" + id)
                                     : t.what == LaidKind::item    ? at("item/" + t.about)
                                     : t.what == LaidKind::end
                                         ? at("join/" + id + (t.source_side ? "/source" : "/load"))
                                         : last;
                    if (now >= static_cast<std::ptrdiff_t>(steps.size())) continue;
                    QVERIFY2(now >= last, (id + ": " + o.words + " after " + before).str().c_str());
                    last = now, before = o.words;
                }
            }
        }
    }
    void every_lead_of_the_demos_can_be_made() {
        test::RandomPlans dice(3);
        std::vector<Plan> plans;
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "apiary-trailer", "bat-detector",
                                 "book-trike", "moss-wall"})
            plans.push_back(test::demo(name));
        for (int i = 0; i < 15; ++i) plans.push_back(dice.built());
        size_t openings = 0;
        for (const auto& plan : plans) {
            const auto s = test::studied(plan);
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                const auto laid = lay_straight(plan, parts(), s, f, s.steps());
                QCOMPARE(laid.cut, s.harness.routes[f].cut);
                QCOMPARE(laid.order.size(), laid.things.size());
                std::vector<size_t> order;
                for (const auto& o : laid.order) order.push_back(o.thing);
                const auto wrong = why_not_so(laid.things, order, laid.pulled_by_load);
                QVERIFY2(wrong.empty(), (feed_name(plan, plan.feeds()[f]) + ": " + wrong).str().c_str());
                for (const auto& t : laid.things) {
                    QVERIFY2(raw(t.at) >= -1e-9 && t.at <= laid.cut + Metre(1e-9), t.name.str().c_str());
                    openings += t.what == LaidKind::opening;
                }
                // Each opening of its ways is on it.
                size_t wanted = 0, found = 0;
                for (const auto w : s.harness.routes[f].ways)
                    for (const auto& met : plan.ways[w].on_it) wanted += !met.opening.empty();
                for (const auto& t : laid.things) found += t.what == LaidKind::opening;
                QCOMPARE(found, wanted);
            }
        }
        QVERIFY(openings > 15);
    }
};

SANGRE_SUITE(TestLaidStraight);
#include "test_laid_straight.moc"
