// What leads take in a bundle: jackets, twists, coax, braid past what moves, what is there and what comes.
#include <set>

#include "fixtures.h"
#include "harness/bending.h"
#include "harness/choose_paths.h"
#include "harness/fittings.h"
#include "harness/holding.h"
#include "harness/room.h"
#include "making/alternatives.h"
#include "making/cut_list.h"
#include "making/steps/bom.h"
#include "making/steps/jacket_words.h"
#include "plan/lead_edits.h"
#include "plan/machine_edits.h"
#include "plan/machine_text.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;

namespace {

Lead cable_of(size_t cores, const char* wire = "awg24-pvc") {
    Lead lead;
    lead.id = "c", lead.wire = wire, lead.kind = CableKind::other;
    lead.cores.resize(cores);
    return lead;
}
double outer(const Lead& lead) { return raw(find(parts().wires, lead.wire)->outer); }
double across(const Lead& lead) {
    const auto all = strands_of(parts(), lead);
    return all.size() == 1 ? 2 * all[0].radius : 0;
}

/// One feed over a way of a metre with a 12 mm grommet at 0.3 m.
Plan through_a_hole() {
    auto plan = test::one_feed();
    plan.places = {{"a", "A", 0, 0}, {"b", "B", 1, 1}};
    plan.ways = {{"w", "a", "b", Metre(1)}};
    plan.sources[0].place = "a", plan.loads[0].place = "b";
    plan.feeds()[0].length.reset();
    Opening o;
    o.id = "o", o.kind = OpeningKind::grommet, o.bore = Millimetre(12);
    plan = add_opening(plan, "w", o);
    plan.ways[0].on_it[0].at = Metre(0.3);
    return plan;
}
const HoleFill& hole(const Study& s) { return s.harness.holes[0]; }

/// Every wire inside of a round, every round inside of the bundle, none over another.
QString badly_packed(const HoleFill& h) {
    constexpr double slack = 0.02;
    for (const auto& r : h.rounds)
        if (std::hypot(r.at.x, r.at.y) + r.at.radius > raw(h.kept) / 2 + slack)
            return QStringLiteral("a round sticks out");
    for (size_t i = 0; i < h.rounds.size(); ++i)
        for (size_t j = 0; j < i; ++j) {
            const auto &a = h.rounds[i].at, &b = h.rounds[j].at;
            if (std::hypot(a.x - b.x, a.y - b.y) < a.radius + b.radius - slack)
                return QStringLiteral("rounds overlap");
        }
    for (const auto& w : h.wires)
        if (std::none_of(h.rounds.begin(), h.rounds.end(), [&](const auto& r) {
                return std::hypot(w.at.x - r.at.x, w.at.y - r.at.y) + w.at.radius <= r.at.radius + slack;
            }))
            return QStringLiteral("a wire lies in no round");
    return {};
}

}  // namespace

class TestPacking : public QObject {
    Q_OBJECT

  private slots:
    void what_lies_loose_is_packed_wire_by_wire() {
        auto lead = test::one_feed().leads[0];
        QCOMPARE(wires_of(lead), size_t{2});
        QCOMPARE(strands_of(parts(), lead).size(), size_t{2});
        lead.conductors = 3, lead.ret = Return::frame;
        QCOMPARE(strands_of(parts(), lead).size(), size_t{3});
        lead.wire = "none";
        QVERIFY(strands_of(parts(), lead).empty());
    }
    void a_sheath_closes_round_its_cores() {
        auto lead = cable_of(4);
        QCOMPARE(strands_of(parts(), lead).size(), size_t{4});
        lead.jacket = Jacket::sheath;
        const double d = outer(lead);
        // Four circles in one: 1 + √2; and 0.6 mm of sheath on either side.
        CLOSE(across(lead), d * (1 + std::sqrt(2.0)) + 1.2, 0.01);
        lead.across = Millimetre(9);
        CLOSE(across(lead), 9.0, 1e-9);
        lead.across = Millimetre(0.1);  // less than what is in it
        CLOSE(across(lead), d * (1 + std::sqrt(2.0)), 0.01);
        QCOMPARE(raw(jacket_wall(Jacket::sheath, Millimetre(6))), 0.8);
        QCOMPARE(raw(jacket_wall(Jacket::sheath, Millimetre(10))), 1.0);
        QCOMPARE(raw(jacket_wall(Jacket::none, Millimetre(10))), 0.0);
    }
    void a_braid_and_a_tube_are_thinner() {
        auto lead = test::one_feed().leads[0];
        const double pair = 2 * outer(lead);
        lead.jacket = Jacket::braid;
        CLOSE(across(lead), pair + 1, 1e-6);
        lead.jacket = Jacket::tube;
        CLOSE(across(lead), pair + 1.2, 1e-6);
    }
    void twisted_cores_turn_in_their_round() {
        auto lead = cable_of(3);
        lead.cores[0].twist = lead.cores[1].twist = 1;
        const auto all = strands_of(parts(), lead);
        QCOMPARE(all.size(), size_t{2});
        CLOSE(2 * all[0].radius, 2 * outer(lead), 1e-6);
        CLOSE(2 * all[1].radius, outer(lead), 1e-6);
        QVERIFY(all[0].in.size() == 2 && all[0].in[0].core == 0 && all[0].in[1].core == 1 &&
                all[1].core == 2);
        // Two pairs want more than four loose wires.
        auto pairs = cable_of(4), loose = cable_of(4);
        for (size_t i = 0; i < 4; ++i) pairs.cores[i].twist = 1 + static_cast<int>(i / 2);
        pairs.jacket = loose.jacket = Jacket::sheath;
        CLOSE(across(pairs), 4 * outer(pairs) + 1.2, 0.01);
        QVERIFY(across(pairs) > across(loose));
    }
    void a_coax_is_one_round_with_its_middle_in_it() {
        const auto plan = test::demo();
        auto lead = make_cable(plan, CablePreset::coax, plan.loads[0].id, plan.loads[1].id);
        CLOSE(across(lead), raw(usual_coax), 1e-9);
        lead.across = Millimetre(5);
        CLOSE(across(lead), 5.0, 1e-9);
        const auto one = strands_of(parts(), lead)[0];
        QVERIFY(lead.cores[one.in[0].core].role == CoreRole::ground &&
                one.in[0].at.radius > one.in[1].at.radius);
        CLOSE(raw(least_bend(parts(), lead)), 20.0, 1e-9);
        // Its own sheath is no second one; a braid goes over the whole of it.
        lead.jacket = Jacket::sheath;
        CLOSE(across(lead), 5.0, 1e-9);
        QCOMPARE(jacket_gram_per_m(parts(), lead), 0.0);
        lead.jacket = Jacket::braid, lead.across = Millimetre(0);
        CLOSE(across(lead), raw(usual_coax) + 1, 1e-9);
        const auto* braid = jacket_braid(parts(), lead);
        QVERIFY(braid && braid->least <= usual_coax && usual_coax <= braid->most);
    }
    void every_wire_of_every_demo_lies_in_its_bundle_data() { test::demo_rows(); }
    void every_wire_of_every_demo_lies_in_its_bundle() {
        QFETCH(QString, demo);
        auto plan = test::demo(demo);
        for (const auto jacket : {Jacket::none, Jacket::braid, Jacket::tube}) {
            if (jacket != Jacket::none)
                for (auto& f : plan.feeds()) f.jacket = jacket;
            const auto h = lay_harness(plan, parts());
            for (size_t i = 0; i < h.routes.size(); ++i) {
                size_t in = 0;
                for (const auto& s : h.strands[i]) in += std::max<size_t>(s.in.size(), 1);
                QCOMPARE(in, h.wiring.cores_of(i).size());
            }
            for (const auto& fill : h.holes) QVERIFY2(badly_packed(fill).isEmpty(), qPrintable(demo));
        }
    }
    void a_core_is_drawn_in_its_own_colour_wherever_it_stands_in_its_cable() {
        auto plan = through_a_hole();
        auto& lead = plan.feeds()[0];
        Core ground, supply, spare;
        ground.role = CoreRole::ground, ground.colour = "brown";
        supply.role = CoreRole::supply, supply.colour = "violet";
        spare.role = CoreRole::unused, spare.colour = "grey";
        lead.cores = {ground, spare, supply}, lead.kind = CableKind::other;
        for (const auto ret : {Return::own, Return::frame})
            for (const auto jacket : {Jacket::none, Jacket::sheath}) {
                // A core that carries nothing is in the cable all the same.
                lead.ret = ret, lead.jacket = jacket;
                const auto h = lay_harness(plan, parts());
                std::multiset<std::string> colours;
                for (const auto& w : h.holes[0].wires) colours.insert(colour_of(plan, w));
                QCOMPARE(colours, (std::multiset<std::string>{"brown", "grey", "violet"}));
            }
        lead.cores.clear(), lead.kind = CableKind::plain, lead.ret = Return::own, lead.jacket = Jacket::none;
        lead.conductors = 2;
        std::multiset<std::string> colours;
        const auto h = lay_harness(plan, parts());
        for (const auto& w : h.holes[0].wires) colours.insert(colour_of(plan, w));
        QCOMPARE(colours, (std::multiset<std::string>{"black", "black", "red", "red"}));
    }
    void what_is_there_and_what_comes_is_packed_too() {
        auto plan = through_a_hole();
        const double d = outer(plan.feeds()[0]);
        CLOSE(raw(hole(test::studied(plan)).needed), 2 * d, 1e-6);
        plan.openings[0].already = {Millimetre(d), Millimetre(d)};
        auto s = test::studied(plan);
        CLOSE(raw(hole(s).needed), d * (1 + std::sqrt(2.0)), 0.01);
        QCOMPARE(raw(hole(s).kept), raw(hole(s).needed));
        CLOSE(hole(s).fill, 4 * d * d / 144, 1e-6);
        plan.openings[0].later = {Millimetre(6)};
        s = test::studied(plan);
        CLOSE(raw(hole(s).needed), d * (1 + std::sqrt(2.0)), 0.01);
        QVERIFY(hole(s).kept > hole(s).needed && hole(s).fits && badly_packed(hole(s)).isEmpty());
        // Room that is kept is none for others, and what does not fit is found.
        const auto less = room_left(plan.openings[0], hole(s));
        plan.openings[0].later.clear();
        const auto more = room_left(plan.openings[0], hole(test::studied(plan)));
        QVERIFY(less && more && less->one < more->one && raw(less->alike) == d);
        // What is usual there is what runs there, however many small ones are to come.
        plan.openings[0].later.assign(5, Millimetre(1));
        CLOSE(raw(room_left(plan.openings[0], hole(test::studied(plan)))->alike), d, 1e-9);
        plan.openings[0].later = {Millimetre(9)};
        s = test::studied(plan);
        const auto* f = test::finding(s, "hole-full");
        QVERIFY(f && !hole(s).fits);
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(plan)), "hole-full"));
    }
    void a_gland_closes_on_what_is_there_not_on_what_comes() {
        auto plan = through_a_hole();
        plan.feeds()[0].wire = "awg22-silicone";
        plan.openings[0].kind = OpeningKind::gland;
        plan.openings[0].bore = Millimetre(12);
        const auto* gland = fitting_of(parts(), plan.openings[0], Millimetre(12));
        QVERIFY(gland && 2 * outer(plan.feeds()[0]) < raw(gland->least));
        plan.openings[0].later = {Millimetre(6)};
        QVERIFY(test::has(test::studied(plan), "gland-range"));
        plan.openings[0].already = {gland->least - Millimetre(1)}, plan.openings[0].later.clear();
        QVERIFY(!test::has(test::studied(plan), "gland-range"));
    }
    void a_braid_past_what_moves_wants_room_in_an_opening_beside_it() {
        auto plan = through_a_hole();
        OnWay hinge;
        hinge.kind = OnWayKind::hinge, hinge.at = Metre(0.34);
        plan.ways[0].on_it.push_back(hinge);
        const double pair = 2 * outer(plan.feeds()[0]);
        auto s = test::studied(plan);
        CLOSE(raw(hole(s).needed), pair + 1, 1e-6);
        CLOSE(raw(s.harness.bundle[0]), pair, 1e-6);
        const auto narrow = room_left(plan.openings[0], hole(s));
        plan.ways[0].on_it[1].at = Metre(0.5);
        s = test::studied(plan);
        CLOSE(raw(hole(s).needed), pair, 1e-6);
        QVERIFY(narrow->one < room_left(plan.openings[0], hole(s))->one);
        // Two hinges near one another lie in one stretch: 60 mm to either side, no farther than the way.
        hinge.at = Metre(0.58);
        plan.ways[0].on_it.push_back(hinge);
        hinge.at = Metre(0.98);
        plan.ways[0].on_it.push_back(hinge);
        const auto all = braided(plan.ways[0]);
        QCOMPARE(all.size(), size_t{2});
        CLOSE(raw(all[0].first), 0.44, 1e-9);
        CLOSE(raw(all[0].second), 0.64, 1e-9);
        CLOSE(raw(all[1].second), 1.0, 1e-9);
        double bought = 0;
        for (const auto& f : fittings_wanted(plan, parts(), lay_harness(plan, parts())))
            if (f.fitting->kind == FittingKind::braid) bought += f.amount;
        CLOSE(bought, (0.20 + 0.08) * 1.15, 1e-6);
    }
    void what_goes_over_a_lead_is_bought_cut_said_and_weighed() {
        const auto plain = through_a_hole();
        const auto bare = test::studied(plain);
        const auto amount = [&](const Plan& plan, const char* words) {
            for (const auto& l : bill_of_materials(plan, parts(), lay_harness(plan, parts())))
                if (l.item.str().find(words) != std::string::npos) return l.amount;
            return 0.0;
        };
        auto plan = set_jacket(plain, plain.feeds()[0].id, Jacket::braid);
        auto s = test::studied(plan);
        const double along =
            raw(s.harness.routes[0].cut - s.harness.routes[0].end_from - s.harness.routes[0].end_to);
        QVERIFY(std::abs(amount(plan, "braid") - along * 1.15) < 0.011);
        QVERIFY(jacket_action(plan, parts(), s, 0).str().find("braid") != std::string::npos);
        // A ring 0.5 mm thick round 2 d, of 0.6 g/cm³.
        const double r = outer(plan.feeds()[0]);
        const double ring = std::numbers::pi * ((r + 0.5) * (r + 0.5) - r * r) * 0.6;
        CLOSE(raw(s.mass) - raw(bare.mass), ring * raw(s.harness.routes[0].cut), 1e-3);
        CLOSE(holds_on_way(plan, s.harness, 0).gram_per_m,
              holds_on_way(plain, bare.harness, 0).gram_per_m + ring, 1e-6);
        plan = set_jacket(plan, plan.feeds()[0].id, Jacket::tube);
        s = test::studied(plan);
        const auto* tube = jacket_tube(parts(), plan.feeds()[0]);
        QVERIFY(tube && raw(tube->expanded) >= 2.2 * r && raw(tube->recovered) <= 1.8 * r);
        QVERIFY(amount(plan, tube->name.english().c_str()) >= along);
        bool cut = false;
        for (const auto& g : cut_list(plan, parts(), s).groups)
            for (const auto& from : g.from)
                for (const auto& piece : from.pieces)
                    cut = cut || (g.what == tube->name.english() && piece.mark == "over the whole lead" &&
                                  test::near(raw(piece.length), along, 0.01));
        QVERIFY(cut);
        // A sheath is none over plain wires, and what was measured was of what went.
        QCOMPARE(set_jacket(plan, plan.feeds()[0].id, Jacket::sheath), plan);
        plan =
            set_jacket(set_across(plan, plan.feeds()[0].id, Millimetre(7)), plan.feeds()[0].id, Jacket::none);
        QCOMPARE(raw(plan.feeds()[0].across), 0.0);
        QVERIFY(jacket_action(plan, parts(), test::studied(plan), 0).empty());
    }
    void a_cable_thicker_than_an_opening_goes_round_it() {
        auto plan = through_a_hole();
        plan.ways.push_back({"far", "a", "b", Metre(1.5)});
        auto& lead = plan.feeds()[0];
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[0].path.ways, std::vector<size_t>{0});
        lead.jacket = Jacket::tube, lead.across = Millimetre(12.5);
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[0].path.ways, std::vector<size_t>{1});
        // Of two that are 7 mm thick, one fits beside nothing else.
        lead.across = Millimetre(7);
        auto other = lead;
        other.id = "other";
        plan.add_feed(other);
        const auto chosen = choose_paths(plan, parts(), PartPlaces(plan));
        QVERIFY((chosen[0].path.ways == std::vector<size_t>{0}) !=
                (chosen[1].path.ways == std::vector<size_t>{0}));
        // So does what is there already close it.
        plan.leads.pop_back();
        plan.openings[0].already = {Millimetre(6)};
        QCOMPARE(choose_paths(plan, parts(), PartPlaces(plan))[0].path.ways, std::vector<size_t>{1});
        const auto tight = alternative_by(plan, parts(), test::studied(plan), 0, Path{{0}, 1, true});
        QVERIFY(!tight.against.empty() && tight.against[0].str().find("no room") != std::string::npos);
    }
    void a_measure_less_than_what_is_in_it_is_found() {
        auto plan = through_a_hole();
        plan = set_across(set_jacket(plan, plan.feeds()[0].id, Jacket::braid), plan.feeds()[0].id,
                          Millimetre(2));
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "jacket-tight");
        QVERIFY(f);
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(plan)), "jacket-tight"));
        QVERIFY(
            !test::has(test::studied(set_across(plan, plan.feeds()[0].id, Millimetre(20))), "jacket-tight"));
    }
    void what_is_not_knotted_is_found() {
        auto plan = through_a_hole();
        OnWay knot;
        knot.kind = OnWayKind::knot, knot.at = Metre(0.1);
        plan.ways[0].on_it.push_back(knot);
        plan.feeds()[0].wire = "awg18-silicone";
        QVERIFY(!test::has(test::studied(plan), "knot-unfit"));
        plan.feeds()[0].wire = "awg8-silicone";
        QVERIFY(outer(plan.feeds()[0]) > 6);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "knot-unfit");
        QVERIFY(f);
        const auto mended = f->fixes[0].edit(plan);
        QVERIFY(mended.ways[0].on_it[1].kind == OnWayKind::clip && mended.ways[0].on_it[1].at == knot.at);
        QVERIFY(!test::has(test::studied(mended), "knot-unfit"));
    }
    void where_ways_meet_there_is_room_for_the_bend_or_it_is_said() {
        auto plan = through_a_hole();
        plan.ways.clear(), plan.openings.clear();
        Side side;
        side.id = "s", side.across = Metre(1), side.tall = 1;
        plan.sides = {side};
        plan.places = {{"a", "A", 0, 0}, {"m", "M", 0.5, 0}, {"b", "B", 0.5, 0.5}};
        plan.ways = {{"in", "a", "m", Metre(0.5)}, {"on", "b", "m", Metre(0.5)}};
        const auto turn = turn_between(plan, plan.ways[0], plan.ways[1]);
        QVERIFY(turn && turn->place == "m");
        CLOSE(turn->degrees, 90.0, 1e-9);
        CLOSE(raw(turn->tightest), 250.0, 1e-9);  // half of either, tan 45°
        QVERIFY(!test::has(test::studied(plan), "turn-tight"));
        plan.places[2] = {"b", "B", 0.5, 0.01};
        QVERIFY(test::has(test::studied(plan), "turn-tight"));
        plan.places[2] = {"b", "B", 1, 0};  // straight on
        QVERIFY(!turn_between(plan, plan.ways[0], plan.ways[1]));
        plan.places[2] = {"b", "B", 0, 0.001};  // back again
        QVERIFY(test::has(test::studied(plan), "turn-tight"));
        plan.sides[0].across = Metre(0);
        QVERIFY(!test::has(test::studied(plan), "turn-tight"));
    }
    void openings_are_typed_with_what_is_in_them() {
        Plan plan;
        const auto o =
            parse_opening(plan, parts(), {}, "Bow, 12 mm gland, already 5 mm, later 4 mm, already 3 mm");
        QVERIFY(o);
        QCOMPARE(o->already, (std::vector<Millimetre>{Millimetre(5), Millimetre(3)}));
        QCOMPARE(o->later, std::vector<Millimetre>{Millimetre(4)});
        QCOMPARE(*parse_opening(plan, parts(), {}, opening_line(plan, *o)), *o);
        for (const auto* bad :
             {"12 mm gland, already 0 mm", "12 mm gland, later much", "12 mm, already -5 mm"})
            QVERIFY2(!parse_opening(plan, parts(), {}, bad), bad);
    }
    void a_sheath_over_plain_wires_is_found_and_kept() {
        auto plan = through_a_hole();
        plan.feeds()[0].jacket = Jacket::sheath;
        plan.openings[0].later = {Millimetre(3)};
        const auto again = plan_from_json(plan_to_json(plan), "p");
        QVERIFY(again && *again == plan);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "sheath-plain");
        QVERIFY(f && f->fixes.size() == 2);
        for (const auto& fix : f->fixes) QVERIFY(!test::has(test::studied(fix.edit(plan)), "sheath-plain"));
        plan.openings[0].later = {Millimetre(0)};
        QVERIFY(!plan_from_json(plan_to_json(plan), "p"));
    }
};

SANGRE_SUITE(TestPacking);
#include "test_packing.moc"
