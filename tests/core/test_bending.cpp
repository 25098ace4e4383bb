// Bends, knots, stacks and shields: by hand, and what follows from them.
#include "fixtures.h"
#include "harness/bending.h"
#include "harness/choose_paths.h"
#include "harness/coupling.h"
#include "harness/stack.h"
#include "making/alternatives.h"
#include "making/laid_straight.h"
#include "plan/drawn.h"
#include "plan/machine_edits.h"

using namespace sangre;
using test::parts;

namespace {

/// A lead of 12 AWG from A to B, straight over a way of a metre or by one that is longer.
Plan two_ways() {
    Plan plan;
    plan.places = {{"a", "A", 0, 0}, {"b", "B", 1, 1}};
    plan.ways = {{"near", "a", "b", Metre(1)}, {"far", "a", "b", Metre(1.5)}};
    Hub hub;
    hub.id = "hub", hub.place = "a";
    plan.hubs = {hub};
    auto load = test::simple_load("l", 12, 1);
    load.place = "b";
    plan.loads = {load};
    Lead lead;
    lead.id = "f", lead.from = "hub", lead.to = "l", lead.wire = "awg12-silicone";
    plan.replace_feeds({lead});
    return plan;
}
OnWay corner(double mm) {
    OnWay thing;
    thing.kind = OnWayKind::corner, thing.radius = Millimetre(mm), thing.at = Metre(0.5);
    return thing;
}
Millimetre outer() { return find(parts().wires, Id("awg12-silicone"))->outer; }

Place place(const char* id, const char* under, double tall) {
    Place p{id, id};
    p.under = under, p.tall = Millimetre(tall);
    return p;
}

}  // namespace

class TestBending : public QObject {
    Q_OBJECT

  private slots:
    void a_lead_bends_to_four_times_its_thickness() {
        const auto plan = two_ways();
        CLOSE(raw(least_bend(parts(), plan.feeds()[0])), raw(outer()) * 4, 1e-9);
        auto cable = plan.feeds()[0];
        cable.cores = {Core{}, Core{}};
        CLOSE(raw(bent_across(parts(), cable)), raw(outer()) * 2, 1e-6);  // two circles side by side
        cable.kind = CableKind::ribbon;
        CLOSE(raw(bent_across(parts(), cable)), raw(outer()), 1e-9);
        cable.wire = "none";
        CLOSE(raw(least_bend(parts(), cable)), 0.0, 1e-9);
    }
    void a_drawn_bend_is_as_round_as_its_stretches_allow() {
        auto plan = two_ways();
        Side side;
        side.id = "s", side.across = Metre(1), side.tall = 1;
        plan.sides = {side};
        QVERIFY(!tightest_bend(plan, plan.ways[0]));
        // A right angle in the middle of two stretches of a metre: tan 45° is 1.
        plan.ways[0].bends = bends_text({{1, 0}});
        CLOSE(raw(*tightest_bend(plan, plan.ways[0])), 1000.0, 1e-9);
        // Less of a turn is rounder: 0.5 m ÷ tan of half of atan 2.
        plan.ways[0].bends = bends_text({{0.5, 0}});
        CLOSE(raw(*tightest_bend(plan, plan.ways[0])), 809.017, 1e-5);
        // A step of 40 mm between two right angles: each has half of it.
        plan.ways[0].bends = bends_text({{0.5, 0}, {0.5, 0.04}, {1, 0.04}});
        CLOSE(raw(*tightest_bend(plan, plan.ways[0])), 20.0, 1e-6);
        // Without a scale nobody knows; a corner that is said is known.
        plan.sides[0].across = Metre(0);
        QVERIFY(!tightest_bend(plan, plan.ways[0]));
        plan.ways[0].on_it = {corner(12)};
        CLOSE(raw(*tightest_bend(plan, plan.ways[0])), 12.0, 1e-9);
    }
    void leads_go_round_a_bend_that_is_too_tight() {
        auto plan = two_ways();
        const double least = raw(outer()) * 4;
        plan.ways[0].on_it = {corner(least + 0.1)};
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[0].path.ways, std::vector<size_t>{0});
        plan.ways[0].on_it = {corner(least - 0.1)};
        const auto chosen = choose_paths(plan, parts(), PartPlaces(plan))[0];
        QCOMPARE(chosen.path.ways, std::vector<size_t>{1});
        QVERIFY(chosen.went_round.str().find("bend") != std::string::npos);
        // A thinner one beside it goes straight on.
        auto thin = plan.feeds()[0];
        thin.id = "thin", thin.wire = "awg26-silicone";
        plan.add_feed(thin);
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[1].path.ways, std::vector<size_t>{0});
        // Where every way is too tight, the shortest, and it is found.
        plan.ways.pop_back();
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[0].path.ways, std::vector<size_t>{0});
    }
    void what_is_bent_too_tight_speaks_against_a_way() {
        auto plan = two_ways();
        plan.ways[0].on_it = {corner(raw(outer()) * 4 - 0.1)};
        const auto s = test::studied(plan);
        const auto all = alternatives(plan, parts(), s, 0, 4);
        QVERIFY(all.front().now && all.front().ways == std::vector<size_t>{1} && all.front().against.empty());
        const auto tight = alternative_by(plan, parts(), s, 0, Path{{0}, 1, true});
        QVERIFY(tight.against.size() == 1 &&
                tight.against.front().str().find("bent to") != std::string::npos);
    }
    void cables_of_one_wire_bend_by_their_cores() {
        auto plan = two_ways();
        plan.ways[0].on_it = {corner(raw(outer()) * 5)};
        auto cable = plan.feeds()[0];
        cable.id = "cable", cable.cores.resize(4);
        plan.replace_signal_leads({cable});
        const auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
        QCOMPARE(chosen[0].path.ways, std::vector<size_t>{0});
        QCOMPARE(chosen[1].path.ways, std::vector<size_t>{1});
    }
    void a_knot_takes_wire_and_holds() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto f =
            static_cast<size_t>(by_id(plan.feeds(), Id("feed-hub-load-drive-left")) - plan.feeds().data());
        const auto w = s.harness.routes[f].ways.front();
        OnWay knot;
        knot.kind = OnWayKind::knot, knot.at = Metre(0.2);
        plan.ways[w].on_it.push_back(knot);
        const auto with = test::studied(plan);
        const double takes = raw(with.harness.routes[f].cut - s.harness.routes[f].cut);
        QVERIFY(std::abs(takes - raw(outer()) * 12e-3 * 1.05) <= 0.0101);
        const auto straight = lay_straight(plan, parts(), with, f, with.steps());
        QVERIFY(std::any_of(straight.order.begin(), straight.order.end(),
                            [](const auto& on) { return on.words.str().starts_with("Knot it at "); }));
        QVERIFY(std::any_of(straight.holds.begin(), straight.holds.end(),
                            [](const auto& h) { return h.name == "knot"; }));
    }
    void boards_of_a_stack_stand_apart() {
        Plan plan;
        plan.places = {place("low", "mid", 9), place("mid", "top", 14), place("top", "", 0),
                       place("else", "", 5)};
        const auto all = stacks(plan, parts());
        QCOMPARE(all.size(), size_t{2});
        QCOMPARE(all[0].spacer->id, Id("spacer-m3-12"));  // 9 and 2 mm of air
        QCOMPARE(all[1].spacer->id, Id("spacer-m3-20"));
        CLOSE(raw(*length_in_stack(plan, parts(), "low", "top")), 0.032 + 0.04, 1e-9);
        CLOSE(raw(*length_in_stack(plan, parts(), "top", "mid")), 0.020 + 0.04, 1e-9);
        QVERIFY(!length_in_stack(plan, parts(), "low", "else"));
        // Places in a ring are no stack, and nothing hangs.
        plan.places[2] = place("top", "low", 3);
        QVERIFY(!length_in_stack(plan, parts(), "low", "else"));
    }
    void a_stack_is_built_from_below_and_its_lead_measured() {
        auto plan = two_ways();
        plan.ways.clear();
        plan.places[0].under = "b", plan.places[0].tall = Millimetre(8);
        const auto s = test::studied(plan);
        CLOSE(raw(s.harness.routes[0].length), 0.01 + 0.04, 1e-9);
        QCOMPARE(s.harness.routes[0].basis, LengthBasis::routed);
        const auto& steps = s.steps();
        const auto at = [&](const std::string& key) {
            return std::find_if(steps.begin(), steps.end(), [&](const auto& x) { return x.key == key; }) -
                   steps.begin();
        };
        QVERIFY(at("stack/a") < static_cast<std::ptrdiff_t>(steps.size()));
        QVERIFY(at("join/f/source") < at("stack/a"));
    }
    void a_coax_takes_less_than_an_open_pair() {
        auto plan = test::demo();
        auto& cable = *by_id(plan.leads, "cable-drive-left");
        cable.signal = SignalKind::analogue_video;
        for (auto& core : cable.cores) core.twist = 0;
        const auto into = [&](CableKind kind) {
            by_id(plan.leads, "cable-drive-left")->kind = kind;
            const auto s = test::studied(plan);
            for (const auto& x : all_couplings(plan, s.solver->index(), s.harness))
                if (plan.leads[x.quiet].id == "cable-drive-left" &&
                    plan.leads[x.noisy].to == "load-drive-left")
                    return x;
            return Coupling{};
        };
        const auto open = into(CableKind::other), coax = into(CableKind::coax);
        QVERIFY(open.along > Metre(0) && coax.shielded && !open.shielded);
        QVERIFY(coax.untwisted < open.untwisted / 10.0);
        // 20 mΩ a metre, of what the two inductances share of the ripple.
        const double share = raw(coax.untwisted) / (0.02 * raw(coax.along) * raw(coax.ripple));
        QVERIFY(share > 0 && share < 1);
    }
};

SANGRE_SUITE(TestBending);
#include "test_bending.moc"
