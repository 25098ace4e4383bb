// Routes, holes, cut lengths, joints and tubes.
#include <functional>
#include <limits>
#include <numbers>
#include <random>
#include <set>

#include "fixtures.h"
#include "harness/fittings.h"
#include "output/explain/explain.h"
#include "physics/wire/circles.h"
#include "physics/wire/conductor.h"
#include "plan/on_way.h"
#include "wiring/joint/joint.h"

using namespace sangre;
using test::parts;

class TestHarnessAndJoints : public QObject {
    Q_OBJECT
  private slots:
    void equal_circles_data() {
        QTest::addColumn<int>("n");
        QTest::addColumn<double>("ratio");
        // The published records of circles of one size in a circle, R/r.
        const std::vector<double> records{
            1,      2,      2.1547, 2.4142, 2.7013, 3,      3,      3.3047, 3.6131, 3.8130, 3.9238, 4.0296,
            4.2360, 4.3284, 4.5213, 4.6154, 4.7920, 4.8637, 4.8637, 5.1223, 5.2523, 5.4397, 5.5452, 5.6516,
            5.7528, 5.8281, 5.9063, 6.0149, 6.1385, 6.1977, 6.2915, 6.4294, 6.4867, 6.6109, 6.6971, 6.7467,
            6.7587, 6.9618, 7.0578, 7.1238, 7.2600, 7.3467, 7.4199, 7.4980, 7.5729, 7.6501, 7.7241, 7.7912,
            7.8868, 7.9475, 8.0275, 8.0847, 8.1795, 8.2039, 8.2111, 8.3835, 8.4471, 8.5245, 8.5924, 8.6462};
        for (size_t n = 1; n <= records.size(); ++n)
            QTest::newRow(qPrintable(QString::number(n))) << static_cast<int>(n) << records[n - 1];
    }
    void equal_circles() {
        QFETCH(int, n);
        QFETCH(double, ratio);
        const auto packed = pack_circles(std::vector<double>(static_cast<size_t>(n), 0.7));
        CLOSE(enclosing_radius(packed), 0.7 * ratio, n <= 10 ? 1e-4 : 0.01);
        // None is better than the record, which would be an overlap.
        QVERIFY(enclosing_radius(packed) >= 0.7 * ratio - 1e-4);
    }
    void mixes_come_near_what_a_long_search_finds() {
        // Sizes of two to five kinds, 6 to 55 circles; bounds of four thousand hops of the same search.
        const std::vector<double> found{
            3.18854222, 2.77379667, 5.68319896, 6.06944420, 5.48609818, 3.28147084, 4.96300808, 3.95498686,
            3.25587836, 2.72614799, 3.68876573, 3.47375518, 5.55955423, 5.34188435, 4.94946483, 4.89767891,
            5.69874485, 5.43089823, 5.76165091, 3.89253494, 4.77534136, 5.22002987, 6.43537283, 4.40249818};
        std::mt19937 dice(5);
        double sum = 0;
        for (const double bound : found) {
            std::vector<double> radii(6 + dice() % 50);
            const auto kinds = 2 + dice() % 4;
            for (double& r : radii) r = 0.5 + 0.5 * (dice() % kinds);
            const auto packed = pack_circles(radii);
            const double needed = enclosing_radius(packed);
            CLOSE(needed, bound * *std::max_element(radii.begin(), radii.end()), 0.015);
            sum += needed / (bound * *std::max_element(radii.begin(), radii.end())) - 1;
            QVERIFY(circles_pass(radii, needed) && !circles_pass(radii, needed * 0.98));
            for (size_t i = 0; i < radii.size(); ++i) {
                QCOMPARE(packed[i].radius, radii[i]);
                for (size_t j = 0; j < i; ++j)
                    QVERIFY(std::hypot(packed[i].x - packed[j].x, packed[i].y - packed[j].y) >=
                            (radii[i] + radii[j]) * (1 - 1e-9));
            }
            // The same whatever the order.
            std::reverse(radii.begin(), radii.end());
            CLOSE(enclosing_radius(pack_circles(radii)), needed, 1e-9);
        }
        QVERIFY(sum / static_cast<double>(found.size()) < 0.006);
    }
    void what_cannot_pass_is_known_before_it_is_packed() {
        QVERIFY(circles_pass({}, 1) && circles_pass({1}, 1) && !circles_pass({1}, 0.99));
        // What was found to go into a wide hole is looked for anew in a narrower one.
        const std::vector<double> seven{1.013, 1.01, 1.007, 1.004, 1.001, 0.998, 0.995};
        QVERIFY(circles_soon_pass(seven, 4) && !circles_pass(seven, 2.9));
        QVERIFY(circles_pass({1, 1}, 2) && !circles_pass({1, 1}, 1.99));
        QVERIFY(!circles_pass(std::vector<double>(60, 1.0), 8.2));  // by how many there can be at all
        QVERIFY(!circles_pass({1, 0.9, 0.9, 0.9, 0.9}, 1.9));       // by their area
        QVERIFY(circles_pass(std::vector<double>(60, 1.0), 8.74));
        // A quick yes is a yes; a quick no says nothing.
        int quick = 0, sure = 0;
        for (size_t n = 2; n < 40; ++n)
            for (const double bound : {3.0, 4.5, 6.2}) {
                const bool passes = circles_pass(std::vector<double>(n, 1.01), bound);
                const bool soon = circles_soon_pass(std::vector<double>(n, 1.0101), bound * 1.0101 / 1.01);
                QVERIFY(!soon || passes);
                quick += soon, sure += passes;
            }
        QVERIFY(sure > 30 && quick > 0.9 * sure);
    }
    void circles_do_not_overlap() {
        const std::vector<double> radii{1.65, 1.65, 1.05, 1.05, 0.8, 0.4, 2.2};
        const auto packed = pack_circles(radii);
        QCOMPARE(packed.size(), radii.size());
        for (size_t i = 0; i < packed.size(); ++i) {
            QCOMPARE(packed[i].radius, radii[i]);
            for (size_t j = i + 1; j < packed.size(); ++j)
                QVERIFY(std::hypot(packed[i].x - packed[j].x, packed[i].y - packed[j].y) >=
                        radii[i] + radii[j] - 0.01);
        }
        double area = 0;
        for (const double r : radii) area += r * r;
        QVERIFY(enclosing_radius(packed) >= std::sqrt(area));
        QVERIFY(pack_circles({}).empty());
    }

    void routes_prefer_measured_then_shortest_round_a_hinge() {
        auto plan = test::demo();
        const auto pump = feeds_into(plan, "load-fog-pump").front();
        auto h = lay_harness(plan, parts());
        QCOMPARE(h.routes[pump].went_round, std::string("hinge"));
        CLOSE(raw(h.routes[pump].length), 0.95, 1e-9);
        by_id(plan.ways, Id("way-front-pump"))->on_it.clear();
        h = lay_harness(plan, parts());
        CLOSE(raw(h.routes[pump].length), 0.85, 1e-9);
        QCOMPARE(h.routes[pump].ways.size(), size_t{2});
        plan.feeds()[pump].length = Metre(1.3);
        QCOMPARE(lay_harness(plan, parts()).routes[pump].basis, LengthBasis::measured);
        plan.feeds()[pump].length.reset();
        plan.ways.clear();
        h = lay_harness(plan, parts());
        QCOMPARE(h.routes[pump].basis, LengthBasis::guessed);
        CLOSE(raw(h.routes[pump].length), raw(guessed_length), 1e-9);
    }
    /// Against every simple path there is.
    void the_way_chosen_is_the_least_of_all() {
        std::mt19937 dice(11);
        const auto roll = [&](int n) { return static_cast<int>(dice() % static_cast<unsigned>(n)); };
        for (int trial = 0; trial < 60; ++trial) {
            auto plan = test::one_feed();
            plan.places.clear(), plan.ways.clear(), plan.openings.clear();
            const int n = 3 + roll(4);
            for (int i = 0; i < n; ++i)
                plan.places.push_back({"p" + std::to_string(i), "P" + std::to_string(i)});
            for (int i = 0; i < n; ++i)
                for (int j = 0; j < i; ++j) {
                    if (roll(3) == 0) continue;
                    Way way{"w" + std::to_string(plan.ways.size()), "p" + std::to_string(i),
                            "p" + std::to_string(j), Metre(0.1 + 0.01 * roll(100))};
                    if (roll(2)) {
                        OnWay met;
                        met.kind = static_cast<OnWayKind>(1 + roll(9));
                        way.on_it.push_back(met);
                    }
                    plan.ways.push_back(way);
                }
            plan.sources[0].place = "p0";
            for (auto& load : plan.loads) load.place = "p" + std::to_string(n - 1);
            const auto into = feeds_into(plan, plan.loads[0].id).front();
            plan.feeds()[into].from = plan.sources[0].id, plan.feeds()[into].length.reset();
            double least = std::numeric_limits<double>::infinity();
            std::set<Id> seen{"p0"};
            const std::function<void(const Id&, double)> walk = [&](const Id& here, double cost) {
                if (here == "p" + std::to_string(n - 1)) least = std::min(least, cost);
                for (const auto& way : plan.ways) {
                    if (way.from != here && way.to != here) continue;
                    const Id there = way.from == here ? way.to : way.from;
                    if (!seen.insert(there).second) continue;
                    walk(there, cost + raw(way.length) * detour_of(way));
                    seen.erase(there);
                }
            };
            walk("p0", 0);
            const auto route = lay_routes(plan, parts()).routes[into];
            if (std::isinf(least)) {
                QCOMPARE(route.basis, LengthBasis::guessed);
                continue;
            }
            double cost = 0, length = 0;
            for (const auto w : route.ways)
                cost += raw(plan.ways[w].length) * detour_of(plan.ways[w]),
                    length += raw(plan.ways[w].length);
            CLOSE(cost, least, 1e-9);
            CLOSE(raw(route.length), length, 1e-9);
        }
    }
    void openings_before_there_are_ways_are_studied() {
        Plan plan;
        plan.openings.push_back({"o", "Deck hole", {}, OpeningKind::gland, Millimetre(12)});
        const auto s = test::studied(plan);
        QCOMPARE(s.harness.holes.size(), size_t{1});
        QVERIFY(!explain(plan, parts(), s, "o").why.lines.empty());
    }
    void what_moves_takes_wire() {
        auto plan = test::demo();
        const auto pump = feeds_into(plan, "load-fog-pump").front();
        const auto before = lay_routes(plan, parts()).routes[pump];
        auto& way = plan.ways[before.ways.back()];
        OnWay hinge;
        hinge.kind = OnWayKind::turning, hinge.degrees = 180;
        way.on_it.push_back(hinge);
        // Held to this way, so that only what is on it changes.
        plan.feeds()[pump].length = before.length;
        const auto after = lay_routes(plan, parts()).routes[pump];
        const auto* wire = find(parts().wires, plan.feeds()[pump].wire);
        const double arc = 10 * raw(wire->outer) / 1e3 * std::numbers::pi;
        if (after.ways == before.ways)
            QVERIFY(std::abs(raw(after.cut) - raw(before.cut) - arc * 1.05) <= 0.011);
        QVERIFY(after.why.lines.size() >= before.why.lines.size());
        // A clip that is there saves a tie.
        const auto ties = [&](const Plan& p) {
            double n = 0;
            for (const auto& f : fittings_wanted(p, parts(), lay_harness(p, parts())))
                if (f.fitting->kind == FittingKind::tie) n += f.amount;
            return n;
        };
        auto clipped = plan;
        OnWay clip;
        clip.kind = OnWayKind::clip;
        for (auto& w : clipped.ways)
            if (raw(w.length) > 0.5) w.on_it.push_back(clip);
        QVERIFY(ties(clipped) < ties(plan));
    }
    void cut_is_longer_than_the_path() {
        const auto plan = test::demo();
        for (const auto& r : lay_harness(plan, parts()).routes) {
            QVERIFY(raw(r.cut) > raw(r.length) * 1.05);
            QVERIFY(raw(r.cut) < raw(r.length) * 1.05 + 0.25);
        }
    }
    void a_hole_too_small_is_found_and_mended() {
        auto plan = test::demo();
        by_id(plan.openings, Id("way-hub-pump-opening"))->bore = Millimetre(3);
        plan.feeds()[feeds_into(plan, "load-fog-pump").front()].by = {"way-hub-pump"};
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "hole-full");
        QVERIFY(f && !f->fixes.empty());
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(plan)), "hole-full"));
    }
    void a_plug_that_does_not_pass_is_noticed() {
        const auto plan = test::demo();
        const auto h = lay_harness(plan, parts());
        QCOMPARE(h.holes.size(), plan.openings.size());
        const auto& well = h.holes[static_cast<size_t>(by_id(plan.openings, Id("way-hub-pump-opening")) -
                                                       plan.openings.data())];
        QVERIFY(well.fits);
        QVERIFY(!well.ends_pass);
    }

    void tubes_pass_and_grip() {
        const auto* t = choose_tube(parts(), Millimetre(4), Millimetre(3), false);
        QVERIFY(t);
        QCOMPARE(t->expanded, Millimetre(4.5));
        QVERIFY(!choose_tube(parts(), Millimetre(100), Millimetre(3), false));
        QVERIFY(!choose_tube(parts(), Millimetre(20), Millimetre(1), true));
        for (const auto& w : parts().wires)
            for (const auto& k : parts().joints) {
                const auto work = work_joint(parts(), k, {&w}, InsulationSchool::adhesive_tube);
                if (!work.tube) continue;
                QVERIFY(raw(work.tube->expanded) >= 1.1 * raw(work.widest) - 1e-9);
                QVERIFY(raw(work.tube->recovered) <= 0.9 * raw(w.outer) + 1e-9);
                QVERIFY(raw(work.tube_cut) * 0.93 >= raw(work.joint_length) + 12 - 1);
            }
    }
    void parking_grows_with_copper_and_time() {
        const auto& thin = *find(parts().wires, "awg26-silicone");
        const auto& thick = *find(parts().wires, "awg10-silicone");
        QVERIFY(parking_distance(thick, Celsius(350), Second(10)) >
                parking_distance(thin, Celsius(350), Second(10)));
        QVERIFY(parking_distance(thick, Celsius(350), Second(6)) >
                parking_distance(thick, Celsius(350), Second(3)));
        QVERIFY(raw(parking_distance(thick, Celsius(350), Second(3))) > 30 &&
                raw(parking_distance(thick, Celsius(350), Second(3))) < 80);
        QCOMPARE(raw(parking_distance(thick, Celsius(0), Second(3))), 0.0);
    }
    void pull_out_data() {
        QTest::addColumn<int>("gauge");
        QTest::addColumn<double>("newton");
        for (const auto& [g, n] : {std::pair{22, 36.0}, {18, 89.0}, {14, 223.0}, {10, 356.0}})
            QTest::newRow(qPrintable(QString::number(g))) << g << n;
    }
    void pull_out() {
        QFETCH(int, gauge);
        QFETCH(double, newton);
        CLOSE(pull_out_force(awg_area(gauge)), newton, 0.001);
    }
    void tape_needs_no_tube() {
        const auto work = work_joint(parts(), *find(parts().joints, "lap-splice"),
                                     {find(parts().wires, "awg18-pvc")}, InsulationSchool::tape);
        QVERIFY(work.tape && !work.tube);
    }
    void in_and_out_through_one_opening_is_twice() {
        auto plan = test::star(1);
        plan.bodies = {{"box", "Box"}};
        plan.places = {{"a", "A", 0, 0, {}}, {"b", "B", 1, 1, {}}, {"c", "C", 1, 0, {}}};
        Opening hole;
        hole.id = "hole", hole.name = "Hole", hole.bore = Millimetre(12);
        plan.openings = {hole};
        const OnWay there{OnWayKind::opening, Metre(0.4), "hole"};
        plan.ways = {{"ab", "a", "b", Metre(0.5), {there}}, {"bc", "b", "c", Metre(0.5)}};
        plan.sources[0].place = plan.hubs[0].place = "a", plan.loads[0].place = "c";
        for (auto& f : plan.feeds()) f.length.reset();
        const auto once = test::studied(plan).harness.holes[0];
        QCOMPARE(once.wires.size(), size_t{2});
        // Back out 0.2 m further along the way: each wire lies in it twice, and so is twice the copper.
        plan.ways[1].on_it = {{OnWayKind::opening, Metre(0.1), "hole"}};
        const auto twice = test::studied(plan).harness.holes[0];
        QCOMPARE(twice.wires.size(), size_t{4});
        CLOSE(twice.fill, 2 * once.fill, 1e-9);
        QVERIFY(twice.kept > once.kept);
        QCOMPARE(twice.leads, once.leads);
        // Where both ways end at it, or nobody has said where, it is one hole met once; whichever way they
        // were typed.
        plan.ways[0].on_it[0].at = Metre(0.5), plan.ways[1].on_it[0].at = Metre(0);
        QCOMPARE(test::studied(plan).harness.holes[0].wires.size(), size_t{2});
        std::swap(plan.ways[1].from, plan.ways[1].to), plan.ways[1].on_it[0].at = Metre(0.5);
        QCOMPARE(test::studied(plan).harness.holes[0].wires.size(), size_t{2});
        plan.ways[1].on_it[0].at = Metre(0.1);
        QCOMPARE(test::studied(plan).harness.holes[0].wires.size(), size_t{4});
        plan.ways[1].on_it[0].at.reset();
        QCOMPARE(test::studied(plan).harness.holes[0].wires.size(), size_t{2});
    }
    void circuits_hardly_loaded_do_not_warm_their_neighbours() {
        // Six loads of one ampere in one way; 20 AWG carries some 13 A: hardly loaded, all of them.
        auto plan = test::star(6);
        plan.places = {{"a", "A", 0, 0, {}}, {"b", "B", 1, 1, {}}};
        plan.ways = {{"ab", "a", "b", Metre(1)}};
        plan.sources[0].place = plan.hubs[0].place = "a";
        for (auto& l : plan.loads) l.place = "b";
        for (auto& f : plan.feeds()) f.length.reset();
        const auto light = test::studied(plan);
        QCOMPARE(light.harness.routes[1].bunched, 6);
        for (size_t f = 1; f < plan.feeds().size(); ++f) QCOMPARE(light.protection[f].bunched, 1);
        // Two of them loaded for good count, for themselves, for each other and for the others.
        plan.loads[0].typical = plan.loads[1].typical = Ampere(8);
        const auto loaded = test::studied(plan);
        QCOMPARE(loaded.protection[1].bunched, 2);
        QCOMPARE(loaded.protection[2].bunched, 2);
        QCOMPARE(loaded.protection[5].bunched, 3);
        QVERIFY(loaded.protection[5].ampacity < light.protection[5].ampacity);
        // Conductors in parallel are circuits of their own.
        plan.feeds()[5].conductors = 2;
        QCOMPARE(test::studied(plan).protection[5].bunched, 4);
    }
};

SANGRE_SUITE(TestHarnessAndJoints);
#include "test_harness_and_joints.moc"
