// What is drawn on a side of the machine: ways that measure themselves, zones, places, pinned leads.
#include <algorithm>
#include <random>

#include "fixtures.h"
#include "plan/drawn.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"
#include "plan/outline.h"
#include "plan/placing.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

/// Two places on a side of 2 m by 1 m, and the way between them.
Plan sided() {
    Plan plan;
    plan.sides = {{"top", "Above", "", Metre(2), 0.5}};
    plan.places = {{"a", "A", 0, 0}, {"b", "B", 1, 0}};
    plan.ways = {{"w", "a", "b", Metre(5)}};
    return plan;
}

}  // namespace

class TestDrawn : public QObject {
    Q_OBJECT

  private slots:
    void a_line_measures_itself() {
        auto plan = sided();
        QCOMPARE(raw(as_drawn(plan).ways[0].length), 5.0);  // typed: stays as it was said
        plan = set_bends(plan, "w", {});
        QCOMPARE(raw(plan.ways[0].length), 2.0);
        // Down to the far edge and back: twice the hypotenuse of 1 m and 1 m, rounded up.
        plan = set_bends(plan, "w", {{0.5, 1}});
        QCOMPARE(raw(plan.ways[0].length), 2.83);
        auto way = plan.ways[0];
        way.rise = Metre(-0.3);
        QCOMPARE(raw(put_way(plan, way).ways[0].length), 3.13);
        plan = move_place(plan, "b", 0.5, 0);
        QCOMPARE(raw(plan.ways[0].length), 2.42);  // √2 + 1
    }

    void without_scale_or_on_two_sides_nothing_is_measured() {
        auto plan = sided();
        plan.sides[0].across = Metre(0);
        QVERIFY(!drawn_length(plan, plan.ways[0]));
        plan = set_bends(plan, "w", {});
        QCOMPARE(raw(plan.ways[0].length), 5.0);
        plan = put_side(plan, {"left", "Left", "", Metre(1)});
        plan.places[1].side = "left";
        QVERIFY(line_of_way(plan, plan.ways[0]).empty());
        plan = remove_side(plan, "left");
        QCOMPARE(line_of_way(plan, plan.ways[0]).size(), size_t{2});
    }

    void a_body_is_as_large_as_it_is() {
        auto plan = sided();
        plan.places = {{"a", "A", 0.4, 0.2}, {"b", "B", 0.5, 0.8}};
        for (auto& p : plan.places) p.body = "box";
        Body box;
        box.id = "box", box.name = "Box", box.length = Millimetre(1000), box.width = Millimetre(500);
        plan.bodies = {box};
        // A side of 2 m by 1 m: its places spread 0.2 m across and 0.6 m along, so that its length lies
        // along.
        const auto outline = outline_on(plan, plan.sides[0], plan.bodies[0]);
        QVERIFY(outline);
        CLOSE(outline->to.x - outline->from.x, 0.25, 1e-9);
        CLOSE(outline->to.y - outline->from.y, 1.0, 1e-9);
        plan.bodies[0].length = Millimetre(300), plan.bodies[0].width = Millimetre(300);
        QVERIFY(!outline_on(plan, plan.sides[0], plan.bodies[0]));  // smaller than its places lie apart
        plan.sides[0].across = Metre(0);
        QVERIFY(!outline_on(plan, plan.sides[0], box));
    }
    void a_known_distance_gives_the_scale() {
        auto plan = set_bends(sided(), "w", {});
        const auto scaled = set_scale(plan, "top", {0, 0}, {0.5, 0}, Metre(3));
        QVERIFY(scaled);
        QCOMPARE(raw(scaled->sides[0].across), 6.0);
        QCOMPARE(raw(scaled->ways[0].length), 6.0);
        QVERIFY(set_scale(plan, "top", {0.2, 0.2}, {0.2, 0.2}, Metre(3)).error().find("one spot") !=
                std::string::npos);
        QVERIFY(!set_scale(plan, "top", {0, 0}, {1, 1}, Metre(0)));
        QVERIFY(!set_scale(plan, "gone", {0, 0}, {1, 1}, Metre(1)));
        CLOSE(raw(distance_on(plan.sides[0], {0, 0}, {1, 1})), std::hypot(2, 1), 1e-12);
    }

    void bends_are_read_as_they_are_written() {
        std::mt19937 dice(5);
        for (int n = 0; n < 200; ++n) {
            std::vector<SidePoint> points(dice() % 6);
            for (auto& p : points)
                p = {static_cast<double>(dice() % 1001) / 1000, static_cast<double>(dice() % 1001) / 1000};
            Way way;
            way.bends = bends_text(points);
            QVERIFY(bends_of(way) == points);
        }
        for (const auto* wrong : {"0.5", "0.5,", "2,0", "-0.1,0", "0.1,0.2,0.3", "a,b", "0.1,nan"}) {
            auto plan = sided();
            plan.ways[0].bends = wrong;
            QVERIFY2(!bends_of(plan.ways[0]), wrong);
            const auto read = plan_from_json(plan_to_json(plan), "it");
            QVERIFY2(!read && read.error().find("/ways/0/bends") != std::string::npos, wrong);
        }
    }

    void ways_meet_the_zones_that_they_go_through() {
        auto plan = set_bends(sided(), "w", {});
        Zone stove{"", "Stove", OnWayKind::heat};
        stove.left = 0.4, stove.width = 0.2, stove.top = 0, stove.height = 0.1, stove.hot = Celsius(90);
        plan = put_zone(plan, stove);
        QCOMPARE(plan.ways[0].on_it.size(), size_t{1});
        const auto& met = plan.ways[0].on_it[0];
        QVERIFY(met.kind == OnWayKind::heat && met.zone == plan.zones[0].id && met.hot == Celsius(90));
        CLOSE(raw(*met.at), 1.0, 1e-9);
        // What was typed stays; round the zone nothing of it is met.
        auto way = plan.ways[0];
        way.on_it.push_back({OnWayKind::clip, Metre(0.2)});
        plan = put_way(plan, way);
        QCOMPARE(plan.ways[0].on_it.size(), size_t{2});
        plan = set_bends(plan, "w", {{0.3, 0.6}, {0.7, 0.6}});
        QCOMPARE(plan.ways[0].on_it.size(), size_t{1});
        QVERIFY(plan.ways[0].on_it[0].kind == OnWayKind::clip);
        plan = remove_zone(set_bends(plan, "w", {}), plan.zones[0].id);
        QCOMPARE(plan.ways[0].on_it.size(), size_t{1});
    }

    /// Held to walking along the line in small steps.
    void zones_met_are_those_that_a_walk_finds() {
        std::mt19937 dice(11);
        const auto share = [&] { return static_cast<double>(dice() % 1001) / 1000; };
        for (int n = 0; n < 150; ++n) {
            auto plan = sided();
            plan.places[0].x = share(), plan.places[0].y = share(), plan.places[1].x = share(),
            plan.places[1].y = share();
            Zone zone{"z", "Z", OnWayKind::water};
            zone.left = share() * 0.8, zone.top = share() * 0.8, zone.width = 0.05 + share() * 0.15,
            zone.height = 0.05 + share() * 0.15;
            plan.zones = {zone};
            std::vector<SidePoint> bends(dice() % 3);
            for (auto& b : bends) b = {share(), share()};
            plan.ways[0].bends = bends_text(bends);
            const auto line = line_of_way(plan, plan.ways[0]);
            int inside = 0;
            double margin = 1;  // how near it comes to the zone's edge: too near is not decided by steps
            for (size_t i = 0; i + 1 < line.size(); ++i)
                for (int k = 0; k <= 4000; ++k) {
                    const double t = k / 4000.0, x = line[i].x + t * (line[i + 1].x - line[i].x),
                                 y = line[i].y + t * (line[i + 1].y - line[i].y);
                    const double in = std::min({x - zone.left, zone.left + zone.width - x, y - zone.top,
                                                zone.top + zone.height - y});
                    inside += in > 0;
                    margin = std::min(margin, std::abs(in));
                }
            const auto met = zones_met(plan, plan.ways[0]);
            if (inside > 2) QCOMPARE(met.size(), size_t{1});
            if (inside == 0 && margin > 0.002) QVERIFY(met.empty());
            for (const auto& m : met) QVERIFY(m.share >= 0 && m.share <= 1);
        }
    }

    void pictures_and_zones_are_changed_in_the_core() {
        auto plan = put_picture(sided(), "top", "sharper.jpg", 0.502);
        QVERIFY(plan.sides[0].picture == "sharper.jpg" && raw(plan.sides[0].across) == 2);
        plan = put_picture(plan, "top", "other.jpg", 1.5);
        QVERIFY(plan.sides[0].tall == 1.5 && raw(plan.sides[0].across) == 0);
        Plan none;
        none = put_picture(none, {}, "first.jpg", 0.7);
        QVERIFY(none.sides.size() == 1 && none.sides[0].name == "Above");
        QVERIFY(another_side(none).name == "Side 2");
        Zone zone{"z", "Z", OnWayKind::heat};
        QVERIFY(moved_by(zone, 9, -9).left == 0.8 && moved_by(zone, 9, -9).top == 0);
        QVERIFY(std::abs(with_corner(zone, {0.9, 0}).width - 0.5) < 1e-12 &&
                with_corner(zone, {0.9, 0}).height == 0.02);
        auto lined = sided();
        lined.ways.push_back({"loose", "a", "gone", Metre(7)});
        lined = measure_by_lines(lined);
        QVERIFY(lined.ways[0].drawn && raw(lined.ways[0].length) == 2 && !lined.ways[1].drawn &&
                raw(lined.ways[1].length) == 7);
    }

    void a_zone_that_is_an_opening_or_on_no_side_is_refused() {
        auto plan = sided();
        plan.zones = {{"z", "Z", OnWayKind::opening}};
        QVERIFY(!plan_from_json(plan_to_json(plan), "it"));
        plan.zones = {{"z", "Z", OnWayKind::heat, "gone"}};
        const auto read = plan_from_json(plan_to_json(plan), "it");
        QVERIFY(!read && read.error().find("/zones/0/side") != std::string::npos);
    }

    void every_part_finds_a_place() {
        for (unsigned seed = 1; seed <= 40; ++seed) {
            test::RandomPlans dice(seed);
            auto plan = seed % 2 ? dice.built() : dice.network();
            const auto before = plan;
            plan = place_all(plan);
            const auto all = [&](const auto& list) {
                for (const auto& part : list) QVERIFY(by_id(plan.places, part.place));
            };
            all(plan.sources), all(plan.hubs), all(plan.converters), all(plan.loads), all(plan.passives);
            for (const auto& place : before.places) QVERIFY(*by_id(plan.places, place.id) == place);
            for (size_t i = before.places.size(); i < plan.places.size(); ++i)
                for (size_t j = before.places.size(); j < i; ++j)
                    QVERIFY(std::hypot(plan.places[i].x - plan.places[j].x,
                                       plan.places[i].y - plan.places[j].y) > 0.01);
            QVERIFY(place_all(plan) == plan);
            QVERIFY(plan_from_json(plan_to_json(plan), "it"));
        }
    }

    void a_pinned_lead_goes_by_its_ways() {
        const auto plan = test::demo();
        const auto free = lay_harness(plan, parts());
        size_t seen = 0;
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            if (free.routes[f].ways.empty() || plan.feeds()[f].length) continue;
            std::vector<Id> by;
            for (const auto w : free.routes[f].ways) by.push_back(plan.ways[w].id);
            auto pinned = pin_lead(plan, plan.feeds()[f].id, by);
            auto h = lay_harness(pinned, parts());
            QVERIFY(h.routes[f].pinned && h.routes[f].ways == free.routes[f].ways);
            QCOMPARE(raw(h.routes[f].cut), raw(free.routes[f].cut));
            // A way that is gone lets it find its own again.
            pinned = remove_way(pinned, by.front());
            QVERIFY(pinned.feeds()[f].by.empty());
            ++seen;
        }
        QVERIFY(seen > 0);
        auto broken = plan;
        broken.feeds()[0].by = {"gone"};
        const auto read = plan_from_json(plan_to_json(broken), "it");
        QVERIFY(!read && read.error().find("no way") != std::string::npos);
    }

    void what_is_said_of_a_lead_bears_on_its_cut() {
        auto plan = test::demo();
        const auto i =
            static_cast<size_t>(by_id(plan.feeds(), Id("feed-hub-load-work-lamp")) - plan.feeds().data());
        const auto usual = lay_harness(plan, parts()).routes[i];
        plan.feeds()[i].loop = Metre(0.3), plan.feeds()[i].trim = Metre(0), plan.feeds()[i].slack = 0.0;
        const auto said = lay_harness(plan, parts()).routes[i];
        const double ends = raw(said.end_from) + raw(said.end_to);
        CLOSE(raw(usual.end_from) - raw(said.end_from), 0.02, 1e-9);
        CLOSE(raw(said.cut), std::ceil((raw(said.length) + 0.3 + ends) * 100 - 1e-9) / 100, 1e-9);
    }
};

SANGRE_SUITE(TestDrawn);
#include "test_drawn.moc"
