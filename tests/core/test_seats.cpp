// How things sit in the machine: what holds leads, what is in whose way, what sits in a wall, what stands
// better elsewhere.
#include <algorithm>
#include <random>

#include "fixtures.h"
#include "harness/fittings.h"
#include "harness/holding.h"
#include "harness/reach.h"
#include "making/steps/steps.h"
#include "output/files/plan_text.h"
#include "plan/edits.h"
#include "plan/machine_edits.h"
#include "proposal/placement.h"
#include "random_plans.h"
#include "wiring/panel/panel.h"

using namespace sangre;
using test::parts;

namespace {

size_t step_at(const Study& s, const std::string& key) {
    for (size_t i = 0; i < s.steps().size(); ++i)
        if (s.steps()[i].key == key) return i;
    return s.steps().size();
}
const WayHolds* on_way(const std::vector<WayHolds>& all, const Plan& plan, const Id& way) {
    for (const auto& on : all)
        if (plan.ways[on.way].id == way) return &on;
    return nullptr;
}
bool at(const WayHolds& on, double metre, HoldFor why) {
    return std::any_of(on.holds.begin(), on.holds.end(),
                       [&](const auto& h) { return std::abs(raw(h.at) - metre) < 1e-9 && h.why == why; });
}

}  // namespace

class TestSeats : public QObject {
    Q_OBJECT

  private slots:
    void a_span_is_shorter_where_it_shakes_and_where_it_is_heavy() {
        CLOSE(raw(span_between_holds(Shaking::still, 10)), 0.30, 1e-9);
        CLOSE(raw(span_between_holds(Shaking::moves, 50)), 0.20, 1e-9);
        CLOSE(raw(span_between_holds(Shaking::hard, 200)), 0.05, 1e-9);
        CLOSE(raw(span_between_holds(Shaking::hard, 1e6)), 0.04, 1e-9);
    }
    void no_random_machine_leaves_a_lead_hanging() {
        test::RandomPlans dice(9);
        size_t held = 0;
        for (int i = 0; i < 40; ++i) {
            auto plan = dice.built();
            const auto s = test::studied(plan);
            for (const auto& on : holds_on_ways(plan, s.harness)) {
                const auto& way = plan.ways[on.way];
                double last = 0;
                for (const auto& h : on.holds) {
                    QVERIFY(raw(h.at) >= -1e-9 && h.at <= way.length + Metre(1e-9));
                    QVERIFY2(raw(h.at) - last <= raw(on.apart) + 0.015 + 1e-9, way.id.c_str());
                    last = raw(h.at);
                    ++held;
                }
                QVERIFY(raw(way.length) - last <= raw(on.apart) + 0.015 + 1e-9);
            }
        }
        QVERIFY(held > 50);
    }
    void holds_stand_before_joints_and_on_both_sides_of_what_moves() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto all = holds_on_ways(plan, s.harness);
        const auto* battery = on_way(all, plan, "way-battery-hub");
        QVERIFY(battery && at(*battery, 0.03, HoldFor::end) && at(*battery, 0.06, HoldFor::pull));
        const auto* left = on_way(all, plan, "way-hub-left");
        QVERIFY(left && at(*left, 0.75, HoldFor::moving) && at(*left, 0.85, HoldFor::moving));
        QVERIFY(at(*left, 0.39, HoldFor::opening));
        const auto* front = on_way(all, plan, "way-hub-front");
        QVERIFY(front && at(*front, 0.3, HoldFor::there));
    }
    void what_is_bought_is_what_holds() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        for (const auto school : {HoldSchool::tie, HoldSchool::clamp, HoldSchool::comb}) {
            plan.practices.hold = school;
            const auto kind = school == HoldSchool::tie     ? FittingKind::tie
                              : school == HoldSchool::clamp ? FittingKind::clamp
                                                            : FittingKind::comb;
            double bought = 0, wanted = 0;
            for (const auto& f : fittings_wanted(plan, parts(), s.harness))
                if (f.fitting->kind == kind) bought += f.amount;
            for (const auto& on : holds_on_ways(plan, s.harness))
                for (const auto& h : on.holds) wanted += h.why != HoldFor::there;
            QCOMPARE(bought, wanted);
        }
    }
    void leads_are_held_after_they_are_proven_and_before_the_lid() {
        const auto s = test::studied(test::demo());
        const auto hold = step_at(s, "hold/way-hub-left");
        QVERIFY(hold < s.steps().size());
        QVERIFY(hold > step_at(s, "live/direct") && hold < step_at(s, "close/tie"));
    }
    void what_is_stuck_down_is_plugged_before() {
        auto plan = test::demo();
        by_id(plan.loads, Id("load-computer"))->fixing.stuck = true;
        const auto s = test::studied(plan);
        const auto stick = step_at(s, "stick/load-computer");
        QVERIFY(stick < s.steps().size());
        for (size_t i = 0; i < s.steps().size(); ++i) {
            const auto& step = s.steps()[i];
            const auto* lead = by_id(plan.leads, step.about);
            if (step.kind == StepKind::join && lead &&
                (lead->to == "load-computer" || lead->from == "load-computer"))
                QVERIFY2(i < stick, step.title.str().c_str());
        }
        QVERIFY(stick < step_at(s, "close/tie"));
    }
    void lids_and_what_lies_over_are_in_the_way() {
        auto plan = test::demo();
        QCOMPARE(in_the_way_of_part(plan, "load-computer").count(), size_t{1});
        QCOMPARE(in_the_way_of_part(plan, "load-drive-left").count(), size_t{0});
        by_id(plan.places, Id("hub-board"))->under = "front-deck";
        const auto way = in_the_way_of_part(plan, "load-computer");
        QCOMPARE(way.lids, std::vector<Id>{"deck-tub"});
        QCOMPARE(way.places, std::vector<Id>{"front-deck"});
        QCOMPARE(said_in_the_way(plan, way),
                 std::string("the lid of Deck tub and what stands on Front deck"));
        by_id(plan.bodies, Id("deck-tub"))->open = true;
        QCOMPARE(in_the_way_of_part(plan, "load-computer").count(), size_t{1});
    }
    void what_lies_under_is_joined_first() {
        auto plan = test::demo();
        by_id(plan.places, Id("hub-board"))->under = "front-deck";
        const auto s = test::studied(plan);
        size_t last_under = 0, first_over = s.steps().size();
        for (size_t i = 0; i < s.steps().size(); ++i) {
            const auto& joint = s.steps()[i].joint;
            if (!joint) continue;
            const auto& feed = plan.feeds()[joint->feed];
            const auto place = place_of(plan, joint->at_source ? feed.from : feed.to);
            if (place == "hub-board") last_under = i;
            if (place == "front-deck") first_over = std::min(first_over, i);
        }
        QVERIFY(last_under < first_over);
        plan.places.front().under = plan.places.front().id;  // over itself: refused in a file
        QVERIFY(!plan_from_json(plan_to_json(plan), "x"));
    }
    void what_must_be_reached_and_is_not_is_found() {
        auto plan = test::demo();
        by_id(plan.loads, Id("load-computer"))->fixing.reach = Reach::one_lid;
        QVERIFY(!test::has(test::studied(plan), "out-of-reach"));
        by_id(plan.loads, Id("load-computer"))->fixing.reach = Reach::closed;
        QVERIFY(test::has(test::studied(plan), "out-of-reach"));
    }
    void a_switch_in_a_wall_knows_its_opening() {
        auto plan = test::demo();
        auto& d = *by_id(by_id(plan.leads, "feed-hub-load-work-lamp")->devices,
                         Id("feed-hub-load-work-lamp-switch"));
        d.panel = "deck-tub";
        CLOSE(raw(panel_fit(parts(), d).cutout), 20, 1e-9);
        d.seat.cutout = Millimetre(19);
        CLOSE(raw(panel_fit(parts(), d).cutout), 19, 1e-9);
        const auto s = test::studied(plan);
        QVERIFY(step_at(s, "seat/" + d.id) < step_at(s, "item/" + d.id));
        QVERIFY(!test::has(s, "panel-depth"));
        by_id(plan.bodies, Id("deck-tub"))->length = Millimetre(24);
        by_id(plan.bodies, Id("deck-tub"))->width = Millimetre(24);
        by_id(plan.bodies, Id("deck-tub"))->height = Millimetre(24);
        by_id(plan.bodies, Id("deck-tub"))->wall = Millimetre(3);
        QVERIFY(test::has(test::studied(plan), "panel-depth", Severity::danger));
        // The body gone, it lies in its lead again.
        plan = remove_body(plan, "deck-tub");
        QVERIFY(
            by_id(by_id(plan.leads, "feed-hub-load-work-lamp")->devices, Id("feed-hub-load-work-lamp-switch"))
                ->panel.empty());
    }
    void a_hub_far_from_all_it_feeds_stands_better_among_them() {
        Plan plan;
        plan.places = {{"here", "Here"}, {"there", "There"}};
        Way way;
        way.id = "w", way.from = "here", way.to = "there", way.length = Metre(2);
        plan.ways = {way};
        Source pack;
        pack.id = "b", pack.place = "here";
        plan.sources = {pack};
        Hub hub;
        hub.id = "hub", hub.place = "here";
        plan.hubs = {hub};
        const auto lead = [&](const Id& from, const Id& to) {
            Lead l;
            l.id = from + to, l.from = from, l.to = to, l.wire = "awg16-silicone";
            plan.add_feed(l);
        };
        lead("b", "hub");
        for (const char* id : {"x", "y", "z"}) {
            auto load = test::simple_load(id, 12, 2);
            load.place = "there";
            plan.loads.push_back(load);
            lead("hub", id);
        }
        const auto better = better_places(plan, parts());
        QCOMPARE(better.size(), size_t{1});
        QCOMPARE(better[0].place, Id("there"));
        // Three pairs of 2 m and one of 15 cm against one pair of 2 m and three of 15 cm.
        CLOSE(raw(better[0].wire_now), 2 * (3 * 2 + 0.15), 1e-9);
        CLOSE(raw(better[0].wire_then), 2 * (2 + 3 * 0.15), 1e-9);
        plan.feeds()[1].length = Metre(2);  // measured: nobody moves it unasked
        QVERIFY(better_places(plan, parts()).empty());
    }

    void what_sits_in_a_panel_is_reached_without_its_lid() {
        Plan plan;
        plan.bodies = {{"outer", "Shed"}, {"box", "Box"}};
        plan.bodies[1].in = "outer";
        Device item;
        item.panel = "box";
        const auto way = in_the_way_of_item(plan, Lead(), item, Metre(0), Metre(1));
        QCOMPARE(way.lids, std::vector<Id>{"outer"});
    }

    void a_hole_is_drilled_with_half_a_millimetre_to_spare() {
        double least = 1e9;
        for (const char* wire : {"24", "22", "20", "18", "16", "14", "12"}) {
            const auto plan = plan_from_text(
                QString("body Box, plastic, 100 × 100 × 100 mm\nplace In, in Box\nplace Out\nway In → Out, "
                        "0.4 m\n"
                        "4S LFP 10 Ah, at In\nLamp 12 V 0.1 A, at Out\nBattery → Lamp, %1 AWG silicone\n")
                    .arg(wire)
                    .toStdString(),
                parts());
            QVERIFY(plan.has_value());
            const auto s = test::studied(*plan);
            const auto* f = test::finding(s, "wall-no-opening");
            QVERIFY(f && !f->fixes.empty());
            const auto mended = f->fixes.front().edit(*plan);
            least = std::min(least, raw(mended.openings.front().bore) - raw(s.harness.bundle.front()));
        }
        QVERIFY2(least >= 0.5 && least < 1.5, qPrintable(QString::number(least)));
    }
};

SANGRE_SUITE(TestSeats);
#include "test_seats.moc"
