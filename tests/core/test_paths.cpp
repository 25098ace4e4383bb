// Paths through the measured ways, held to every path that there is on small machines.
#include <algorithm>
#include <random>

#include "fixtures.h"
#include "harness/choose_paths.h"
#include "physics/wire/circles.h"

using namespace sangre;
using test::parts;

namespace {

/// Up to seven places and a dozen ways at random, some of one place with itself left out.
Plan any_machine(std::mt19937& dice) {
    const auto roll = [&](int n) { return static_cast<int>(dice() % static_cast<unsigned>(n)); };
    Plan plan;
    const int places = 3 + roll(5);
    for (int i = 0; i < places; ++i)
        plan.places.push_back({"p" + std::to_string(i), "P" + std::to_string(i)});
    const int ways = 3 + roll(9);
    for (int i = 0; i < ways; ++i) {
        const int a = roll(places), b = roll(places);
        if (a == b) continue;
        Way way;
        way.id = "w" + std::to_string(i), way.from = "p" + std::to_string(a),
        way.to = "p" + std::to_string(b);
        way.length = Metre(0.1 * (1 + roll(20)));
        plan.ways.push_back(way);
    }
    return plan;
}

/// Every path without a place twice, by walking.
void walk(const Plan& plan, const Id& here, const Id& to, std::vector<Id>& passed, std::vector<size_t>& ways,
          std::vector<std::vector<size_t>>& all) {
    if (here == to) {
        all.push_back(ways);
        return;
    }
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        const auto& way = plan.ways[w];
        if (way.from != here && way.to != here) continue;
        const auto& there = way.from == here ? way.to : way.from;
        if (std::find(passed.begin(), passed.end(), there) != passed.end()) continue;
        passed.push_back(there), ways.push_back(w);
        walk(plan, there, to, passed, ways, all);
        passed.pop_back(), ways.pop_back();
    }
}
std::vector<std::vector<size_t>> every_path(const Plan& plan, const Id& from, const Id& to) {
    std::vector<Id> passed{from};
    std::vector<size_t> ways;
    std::vector<std::vector<size_t>> all;
    walk(plan, from, to, passed, ways, all);
    return all;
}
double sum(const std::vector<size_t>& ways, const WayCost& cost) {
    double s = 0;
    for (const auto w : ways) s += cost(w);
    return s;
}

/// Two places with two ways between them: a short one through an opening, and one round it.
Plan two_ways(double bore, size_t leads, double longer = 1.6) {
    Plan plan;
    plan.places = {{"a", "A"}, {"b", "B"}};
    plan.openings = {{"hole", "Hole", "", OpeningKind::grommet, Millimetre(bore)}};
    plan.ways = {{"short", "a", "b", Metre(1), {{OnWayKind::opening, Metre(0.5), "hole"}}},
                 {"round", "a", "b", Metre(longer)}};
    Hub hub;
    hub.id = "hub", hub.place = "a";
    plan.hubs = {hub};
    for (size_t i = 0; i < leads; ++i) {
        auto load = test::simple_load("l" + std::to_string(i), 12, 1);
        load.place = "b";
        plan.loads.push_back(load);
        Lead lead;
        lead.id = "f" + std::to_string(i), lead.from = "hub", lead.to = load.id, lead.wire = "awg18-silicone";
        plan.add_feed(lead);
    }
    return plan;
}
size_t through_hole(const std::vector<ChosenPath>& chosen) {
    return static_cast<size_t>(std::count_if(chosen.begin(), chosen.end(), [](const auto& c) {
        return !c.path.ways.empty() && c.path.ways.front() == 0;
    }));
}

}  // namespace

class TestPaths : public QObject {
    Q_OBJECT

  private slots:
    void the_next_paths_are_the_next_of_all_there_are() {
        std::mt19937 dice(11);
        size_t several = 0;
        for (int trial = 0; trial < 400; ++trial) {
            const auto plan = any_machine(dice);
            const auto cost = plain_cost(plan);
            auto all = every_path(plan, "p0", "p1");
            std::stable_sort(all.begin(), all.end(),
                             [&](const auto& x, const auto& y) { return sum(x, cost) < sum(y, cost); });
            const auto found = shortest_paths(plan, "p0", "p1", cost, 5);
            QCOMPARE(found.size(), std::min<size_t>(5, all.size()));
            for (size_t i = 0; i < found.size(); ++i) {
                CLOSE(cost_of(found[i], cost), sum(all[i], cost), 1e-9);
                CLOSE(found[i].length, sum(found[i].ways, cost), 1e-9);
                for (size_t k = 0; k < i; ++k) QVERIFY(found[k].ways != found[i].ways);
            }
            QCOMPARE(shortest_path(plan, "p0", "p1", cost).found, !all.empty());
            several += found.size() > 2;
        }
        QVERIFY(several > 100);
    }
    void a_path_along_a_way_goes_along_it_and_meets_no_place_twice() {
        std::mt19937 dice(12);
        size_t found = 0;
        for (int trial = 0; trial < 300; ++trial) {
            const auto plan = any_machine(dice);
            const auto cost = plain_cost(plan);
            const auto all = every_path(plan, "p0", "p1");
            for (size_t w = 0; w < plan.ways.size(); ++w) {
                const auto path = path_along(plan, "p0", "p1", cost, w);
                double least = closed_way;
                for (const auto& one : all)
                    if (std::find(one.begin(), one.end(), w) != one.end())
                        least = std::min(least, sum(one, cost));
                if (!path.found) continue;
                ++found;
                QVERIFY(std::find(all.begin(), all.end(), path.ways) != all.end());
                QVERIFY(std::find(path.ways.begin(), path.ways.end(), w) != path.ways.end());
                QVERIFY(cost_of(path, cost) >= least - 1e-9);
            }
        }
        QVERIFY(found > 300);
    }
    void leads_go_round_an_opening_that_is_full() {
        for (const size_t leads : {1, 2, 3, 5, 9}) {
            const auto plan = two_ways(6, leads);
            const auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
            const auto kept = through_hole(chosen);
            QVERIFY(kept >= 1);
            // One more would not fit.
            const auto* wire = find(parts().wires, Id("awg18-silicone"));
            const auto needs = [&](size_t n) {
                return 2 * enclosing_radius(pack_circles(std::vector<double>(2 * n, raw(wire->outer) / 2)));
            };
            QVERIFY(needs(kept) <= 6);
            QVERIFY(kept == leads || needs(kept + 1) > 6);
            for (const auto& c : chosen)
                if (c.path.ways.front() == 1) QVERIFY(c.went_round.str().find("Hole") != std::string::npos);
        }
    }
    void exactly_the_cheapest_go_round() {
        // Thick ones leave room for more: of all sets that make the rest fit, the one that adds least.
        std::mt19937 dice(13);
        for (int trial = 0; trial < 60; ++trial) {
            auto plan = two_ways(5 + static_cast<double>(dice() % 40) / 10, 2 + dice() % 4);
            const char* wires[] = {"awg22-silicone", "awg18-silicone", "awg16-silicone", "awg14-silicone"};
            for (auto& f : plan.feeds()) f.wire = wires[dice() % 4];
            const auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
            const auto fits = [&](unsigned stay) {
                std::vector<double> radii;
                for (size_t i = 0; i < plan.feeds().size(); ++i)
                    if (stay >> i & 1U)
                        for (int k = 0; k < 2; ++k)
                            radii.push_back(raw(find(parts().wires, plan.feeds()[i].wire)->outer) / 2);
                return radii.empty() ||
                       2 * enclosing_radius(pack_circles(radii)) <= raw(plan.openings[0].bore);
            };
            unsigned stay = 0;
            for (size_t i = 0; i < chosen.size(); ++i)
                if (chosen[i].path.ways.front() == 0) stay |= 1U << i;
            QVERIFY(fits(stay));
            int most = 0;  // every one that goes round adds the same
            for (unsigned set = 0; set < 1U << chosen.size(); ++set)
                if (fits(set)) most = std::max(most, __builtin_popcount(set));
            QCOMPARE(__builtin_popcount(stay), most);
        }
    }
    void pinned_leads_and_measured_ones_stay() {
        auto plan = two_ways(4.2, 2);
        plan.feeds()[0].by = {"short"}, plan.feeds()[1].length = Metre(0.8);
        const auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
        QVERIFY(chosen[0].pinned);
        QCOMPARE(through_hole(chosen), size_t{2});
    }
    void what_does_not_pass_an_opening_goes_round_it() {
        auto plan = two_ways(2, 1, 9);
        plan.feeds()[0].wire = "awg10-silicone";
        QCOMPARE(through_hole(choose_paths(plan, parts(), PartPlaces(plan))), size_t{0});
        plan.ways.pop_back();  // where there is no other way it is a finding, not a dead end
        QCOMPARE(through_hole(choose_paths(plan, parts(), PartPlaces(plan))), size_t{1});
    }
    void a_signal_keeps_off_a_motor_s_return_by_the_frame() {
        auto plan = two_ways(0, 1, 1.2);
        plan.feeds()[0].ret = Return::frame;
        plan.loads[0].kind = LoadKind::motor;
        Lead cable;
        cable.id = "signal", cable.from = "hub", cable.to = "l0", cable.wire = "awg26-silicone";
        Core core;
        core.signal = "S";
        cable.cores = {core, core};
        plan.replace_signal_leads({cable});
        auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
        QCOMPARE(chosen[0].path.ways.front(), size_t{0});
        QCOMPARE(chosen[1].path.ways.front(), size_t{1});
        plan.ways[1].length = Metre(1.6);  // more than half as long again: it stays
        chosen = choose_paths(plan, parts(), PartPlaces(plan));
        QCOMPARE(chosen[1].path.ways.front(), size_t{0});
    }
};

SANGRE_SUITE(TestPaths);
#include "test_paths.moc"
