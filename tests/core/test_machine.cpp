// Bodies, openings and what lies on ways: kept, typed, judged, and gone through.
#include <algorithm>
#include <random>
#include <set>

#include "fixtures.h"
#include "plan/edits.h"
#include "plan/machine_text.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

/// The rover without bodies, one opening on the way to its pump.
Plan bodiless() {
    auto plan = test::demo();
    plan.bodies.clear();
    for (auto& p : plan.places) p.body.clear();
    for (auto& w : plan.ways)
        std::erase_if(w.on_it, [](const auto& o) {
            return o.kind == OnWayKind::opening && o.opening != "way-hub-pump-opening";
        });
    std::erase_if(plan.openings, [](const auto& o) { return o.id != "way-hub-pump-opening"; });
    for (auto& o : plan.openings) o.body.clear(), o.name.clear();
    return plan;
}

/// The same with its pump well a box of its own.
Plan boxed(BodyMaterial material, bool sealed) {
    auto plan = put_body(bodiless(), {"well", "Pump well", material, sealed});
    const auto* way = by_id(plan.ways, Id("way-hub-pump"));
    plan = set_place_body(plan, way->to, "well");
    auto opening = *by_id(plan.openings, Id("way-hub-pump-opening"));
    opening.body = "well";
    return put_opening(plan, opening);
}

std::string reason(const tl::expected<Body, ParseError>& read) { return read ? "" : read.error().message; }

/// Bodies within bodies over places and openings of a random plan.
Plan with_bodies(Plan plan, unsigned seed) {
    std::mt19937 dice(seed);
    const auto below = [&](size_t n) { return n == 0 ? size_t{0} : dice() % n; };
    const size_t n = below(4);
    for (size_t i = 0; i < n; ++i) {
        Body body{"body" + std::to_string(i), "Body " + std::to_string(i)};
        body.material = static_cast<BodyMaterial>(below(5));
        body.sealed = below(2) == 0;
        if (below(2) == 0)
            body.length = body.width = body.height = Millimetre(1.0 + static_cast<double>(below(900)) / 4);
        if (below(2) == 0) body.wall = Millimetre(0.5 + static_cast<double>(below(9)));
        body.sun = below(2) == 0, body.vents = SquareMillimetre(100.0 * static_cast<double>(below(9)));
        body.fan = static_cast<double>(below(30));
        if (i > 0 && below(2) == 0) body.in = plan.bodies[below(i)].id;
        plan.bodies.push_back(body);
    }
    if (n > 0) {
        for (auto& p : plan.places)
            if (below(3) > 0) p.body = plan.bodies[below(n)].id;
        for (auto& o : plan.openings)
            if (below(3) > 0) o.body = plan.bodies[below(n)].id;
    }
    for (auto& w : plan.ways)
        for (auto& thing : w.on_it)
            if (below(2) == 0) thing.at = w.length * (static_cast<double>(below(100)) / 100);
    return plan;
}

}  // namespace

class TestMachine : public QObject {
    Q_OBJECT
  private slots:
    void bodies_are_read_as_people_type_them() {
        Plan plan;
        plan.bodies = {{"hull", "Hull"}};
        const auto b = parse_body(plan, {}, "Deck box, plastic, sealed, 22 x 14 × 8 cm, wall 3 mm, in hull");
        QVERIFY2(b.has_value(), reason(b).c_str());
        QCOMPARE(b->name, std::string("Deck box"));
        QVERIFY(b->material == BodyMaterial::plastic && b->sealed);
        QCOMPARE(raw(b->length), 220.0);
        QCOMPARE(raw(b->width), 140.0);
        QCOMPARE(raw(b->height), 80.0);
        QCOMPARE(raw(b->wall), 3.0);
        QCOMPARE(b->in, std::string("hull"));
        QVERIFY(parse_body(plan, {}, "Metal tray")->material == BodyMaterial::metal);
        QVERIFY(parse_body(plan, {}, "Metal tray, plastic")->material == BodyMaterial::plastic);
        QCOMPARE(raw(parse_body(plan, {}, "Tray, wall 1,5 mm")->wall), 1.5);
    }
    void what_is_not_understood_says_where_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("there");
        QTest::addColumn<QString>("message");
        const auto row = [](const char* line, const char* there, const char* message) {
            QTest::newRow(line) << line << there << message;
        };
        row("", "", "A name is expected");
        row("Box, glass", "glass", "A material");
        row("Box, 20 × 30 mm", "20 × 30 mm", "Length × width × height");
        row("Box, 20 × 30 × 0 mm", "0 mm", "1 to 100000 mm");
        row("Box, 20 × 30 × 1e9 mm", "1e9 mm", "1 to 100000 mm");
        row("Box, wall 3 V", "3 V", "");
        row("Box, wall 5 m", "5 m", "0.1 to 1000 mm");
        row("Box, in moon", "moon", "There is no body “moon”; bodies are Hull");
    }
    void what_is_not_understood_says_where() {
        QFETCH(QString, line);
        QFETCH(QString, there);
        QFETCH(QString, message);
        Plan plan;
        plan.bodies = {{"hull", "Hull"}};
        const auto text = line.toStdString();
        const auto read = parse_body(plan, {}, text);
        QVERIFY(!read);
        QVERIFY2(reason(read).starts_with(message.toStdString()), reason(read).c_str());
        QVERIFY(read.error().begin <= read.error().end && read.error().end <= text.size());
        const auto at = text.substr(read.error().begin, read.error().end - read.error().begin);
        QVERIFY2(at.find(there.toStdString()) != std::string::npos ||
                     there.toStdString().find(at) != std::string::npos,
                 at.c_str());
    }
    void openings_are_read_as_people_type_them() {
        Plan plan;
        plan.bodies = {{"hull", "Hull"}};
        const auto o = parse_opening(plan, parts(), {}, "Bow gland, 12 mm gland, in Hull");
        QVERIFY(o.has_value());
        QCOMPARE(o->name, std::string("Bow gland"));
        QVERIFY(o->kind == OpeningKind::gland && o->body == "hull");
        QCOMPARE(raw(o->bore), 12.0);
        QCOMPARE(raw(parse_opening(plan, parts(), {}, "1/2 in hole")->bore), 12.7);
        QVERIFY(parse_opening(plan, parts(), {}, "hole")->kind == OpeningKind::hole);
        QVERIFY(!parse_opening(plan, parts(), {}, "Bow, 0 mm hole"));
        QVERIFY(!parse_opening(plan, parts(), {}, "Bow, 12 mm, square"));
        QVERIFY(!parse_opening(plan, parts(), {}, "12 mm hole, in moon"));
    }
    void printed_and_read_again_it_is_the_same() {
        for (unsigned seed = 0; seed < 200; ++seed) {
            const auto plan = with_bodies(test::RandomPlans(seed).built(), seed);
            for (const auto& b : plan.bodies) {
                const auto again = parse_body(plan, b, body_line(plan, b));
                QVERIFY2(again && *again == b, (body_line(plan, b) + ": " + reason(again)).c_str());
            }
            for (const auto& o : plan.openings) {
                const auto again = parse_opening(plan, parts(), o, opening_line(plan, o));
                QVERIFY2(again.has_value(), opening_line(plan, o).c_str());
                // A line says a bore to six digits.
                QVERIFY(std::abs(raw(again->bore) - raw(o.bore)) < 1e-4);
                QVERIFY(again->kind == o.kind && again->body == o.body && again->name == o.name);
            }
        }
    }
    void saved_and_opened_again_it_is_the_same() {
        for (unsigned seed = 0; seed < 200; ++seed) {
            const auto plan = with_bodies(test::RandomPlans(seed).built(), seed);
            const auto again = plan_from_json(plan_to_json(plan), "plan");
            QVERIFY2(again.has_value(), again ? "" : again.error().c_str());
            QVERIFY(*again == plan);
        }
    }
    void what_removing_leaves_behind_opens_again() {
        for (unsigned seed = 0; seed < 200; ++seed) {
            const auto plan = with_bodies(test::RandomPlans(seed).built(), seed);
            const auto opens = [&](const Plan& edited) {
                const auto again = plan_from_json(plan_to_json(edited), "plan");
                if (!again) qWarning("%u: %s", seed, again.error().c_str());
                return again && *again == edited && check_edit(plan, edited).has_value();
            };
            for (const auto& b : plan.bodies) QVERIFY(opens(remove_body(plan, b.id)));
            for (const auto& p : plan.places) QVERIFY(opens(remove_place(plan, p.id)));
            for (const auto& w : plan.ways) {
                QVERIFY(opens(remove_way(plan, w.id)));
                for (size_t i = 0; i < w.on_it.size(); ++i) QVERIFY(opens(remove_from_way(plan, w.id, i)));
            }
        }
    }
    void findings_of_walls_are_mended_by_their_edits() {
        int mended = 0;
        for (unsigned seed = 0; seed < 40; ++seed) {
            const auto plan = with_bodies(test::RandomPlans(seed).built(), seed);
            const auto before = test::studied(plan);
            for (const auto& f : before.findings) {
                if (f.rule != "opening-unfit" && f.rule != "wall-no-opening" && f.rule != "way-beyond-end")
                    continue;
                for (const auto& fix : f.fixes) {
                    const auto edited = fix.edit(plan);
                    QVERIFY(plan_from_json(plan_to_json(edited), "plan").has_value());
                    const auto after = test::studied(edited);
                    const auto still =
                        std::any_of(after.findings.begin(), after.findings.end(), [&](const auto& a) {
                            return a.rule == f.rule && a.about == f.about && a.sentence == f.sentence;
                        });
                    QVERIFY2(!still, f.sentence.str().c_str());
                    ++mended;
                }
            }
        }
        QVERIFY(mended > 15);
    }
    void an_opening_of_two_ways_holds_the_leads_of_both() {
        auto plan = bodiless();
        const auto alone = lay_harness(plan, parts());
        const auto at =
            static_cast<size_t>(by_id(plan.openings, Id("way-hub-pump-opening")) - plan.openings.data());
        plan = add_opening(plan, "way-hub-left", plan.openings[at]);
        const auto both = lay_harness(plan, parts());
        const auto way = static_cast<size_t>(by_id(plan.ways, Id("way-hub-left")) - plan.ways.data());
        QVERIFY(!both.feeds_on_way[way].empty());
        QVERIFY(both.holes[at].wires.size() > alone.holes[at].wires.size());
        QVERIFY(both.holes[at].needed > alone.holes[at].needed);
        // Those of both ways, and each once, though one of them may go on by the other.
        const auto& leads = both.holes[at].leads;
        for (const auto* through : {"way-hub-left", "way-hub-pump"}) {
            const auto w = static_cast<size_t>(by_id(plan.ways, Id(through)) - plan.ways.data());
            for (const auto f : both.feeds_on_way[w])
                QVERIFY2(std::find(leads.begin(), leads.end(), f) != leads.end(), through);
        }
        QCOMPARE(std::set<size_t>(leads.begin(), leads.end()).size(), leads.size());
    }
    void a_bare_hole_in_metal_is_found_and_mended() {
        auto plan = boxed(BodyMaterial::metal, false);
        QVERIFY(!test::has(test::studied(plan), "opening-unfit"));  // its grommet is there
        auto bare = *by_id(plan.openings, Id("way-hub-pump-opening"));
        bare.kind = OpeningKind::hole;
        plan = put_opening(plan, bare);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "opening-unfit");
        QVERIFY(f && f->severity == Severity::danger);
        const auto mended = f->fixes[0].edit(plan);
        QVERIFY(by_id(mended.openings, bare.id)->kind == OpeningKind::grommet);
        QVERIFY(!test::has(test::studied(mended), "opening-unfit"));
        // In plastic its edge is dull.
        auto plastic = boxed(BodyMaterial::plastic, false);
        QVERIFY(!test::has(test::studied(put_opening(plastic, bare)), "opening-unfit"));
    }
    void what_is_sealed_wants_a_gland() {
        const auto plan = boxed(BodyMaterial::plastic, true);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "opening-unfit");
        QVERIFY(f && f->severity == Severity::caution);
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(plan)), "opening-unfit"));
    }
    void a_wall_without_an_opening_asks_for_one() {
        auto plan = boxed(BodyMaterial::metal, false);
        QVERIFY(!test::has(test::studied(plan), "wall-no-opening"));
        plan = remove_from_way(plan, "way-hub-pump", 0);
        QVERIFY(!by_id(plan.openings, Id("way-hub-pump-opening")));
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "wall-no-opening");
        QVERIFY(f);
        const auto mended = f->fixes[0].edit(plan);
        QCOMPARE(mended.openings.size(), plan.openings.size() + 1);
        const auto after = test::studied(mended);
        QVERIFY(!test::has(after, "hole-full") && !test::has(after, "opening-unfit"));
        QVERIFY(mended.openings.back().kind == OpeningKind::grommet);
    }
    void walls_are_those_around_one_end_only() {
        Plan plan;
        plan.bodies = {{"hull", "Hull"}, {"box", "Box"}, {"mast", "Mast"}};
        plan.bodies[1].in = "hull";
        plan.places = {{"a", "A"}, {"b", "B"}, {"c", "C"}, {"d", "D"}};
        plan.places[0].body = "box", plan.places[1].body = "hull", plan.places[2].body = "mast";
        const auto walls = [&](const Id& from, const Id& to) {
            std::vector<Id> all;
            for (const auto* b : walls_passed(plan, {"w", from, to, Metre(1)})) all.push_back(b->id);
            return all;
        };
        QCOMPARE(walls("a", "b"), std::vector<Id>{"box"});
        QCOMPARE(walls("b", "a"), std::vector<Id>{"box"});
        QCOMPARE(walls("a", "c"), (std::vector<Id>{"box", "hull", "mast"}));
        QCOMPARE(walls("a", "d"), (std::vector<Id>{"box", "hull"}));
        QVERIFY(walls("d", "d").empty() && walls("a", "a").empty());
    }
    void a_current_returns_by_metal_only() {
        auto plan = bodiless();
        plan.metal_frame = true;
        const auto* feed = &plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        plan = set_return(plan, feed->id, Return::frame);
        QVERIFY(!test::has(test::studied(plan), "return-frame-not-metal"));
        plan = put_body(plan, {"well", "Pump well", BodyMaterial::plastic});
        plan = set_place_body(plan, place_of(plan, "load-fog-pump"), "well");
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "return-frame-not-metal");
        QVERIFY(f);
        QVERIFY2(f->sentence.str().find("Pump well, which is plastic") != std::string::npos,
                 f->sentence.str().c_str());
        plan.bodies[0].material = BodyMaterial::metal;
        plan.metal_frame = false;
        QVERIFY(!test::has(test::studied(plan), "return-frame-not-metal"));
    }
    void what_lies_beyond_its_way_is_put_at_its_end() {
        auto plan = bodiless();
        auto way = *by_id(plan.ways, Id("way-hub-pump"));
        way.on_it[0].at = way.length * 2;
        plan = put_way(plan, way);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "way-beyond-end");
        QVERIFY(f);
        const auto mended = f->fixes[0].edit(plan);
        QVERIFY(by_id(mended.ways, way.id)->on_it[0].at == way.length);
    }
    void what_cannot_be_is_refused_with_its_place_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("there");
        const auto row = [](const char* name, const char* body, const char* there) {
            QTest::newRow(name)
                << QStringLiteral("{\"format\": \"sangre-plan\", \"version\": 3, %1}").arg(body) << there;
        };
        row("inside itself", R"("bodies": [{"id": "a", "name": "A", "in": "a"}])", "/bodies/0/in");
        row("in a ring",
            R"("bodies": [{"id": "a", "name": "A", "in": "b"}, {"id": "b", "name": "B", "in": "a"}])",
            "/bodies/0/in");
        row("beside a ring",
            R"("bodies": [{"id": "c", "name": "C", "in": "a"}, {"id": "a", "name": "A", "in": "b"},
                          {"id": "b", "name": "B", "in": "a"}])",
            "/bodies/0/in");
        row("nowhere", R"("bodies": [{"id": "a", "name": "A", "in": "moon"}])", "/bodies/0/in");
        row("place", R"("places": [{"id": "p", "x": 0, "y": 0, "body": "moon"}])", "/places/0/body");
        row("wall", R"("openings": [{"id": "o", "body": "moon"}])", "/openings/0/body");
        row("opening",
            R"("places": [{"id": "p", "x": 0, "y": 0}], "ways": [{"id": "w", "from": "p", "to": "p",
            "length_m": 1, "on_it": [{"kind": "opening", "opening": "moon"}]}])",
            "/ways/0/on_it/0/opening");
        row("hinge through one",
            R"("places": [{"id": "p", "x": 0, "y": 0}], "openings": [{"id": "o"}], "ways":
            [{"id": "w", "from": "p", "to": "p", "length_m": 1, "on_it": [{"kind": "hinge", "opening": "o"}]}])",
            "/ways/0/on_it/0/opening");
        row("material", R"("bodies": [{"id": "a", "name": "A", "material": "cheese"}])",
            "/bodies/0/material");
        row("passages", R"("passages": 3)", "/passages");
        row("a passage", R"("passages": [3])", "/passages/0");
    }
    void what_cannot_be_is_refused_with_its_place() {
        QFETCH(QString, text);
        QFETCH(QString, there);
        const auto read = plan_from_json(text.toStdString(), "plan");
        QVERIFY(!read);
        QVERIFY2(read.error().find(there.toStdString()) != std::string::npos, read.error().c_str());
    }
    void passages_of_old_become_ways() {
        const auto read = plan_from_json(
            R"({"format": "sangre-plan", "version": 2, "places": [{"id": "p", "x": 0, "y": 0}, {"id": "q", "x": 1, "y": 1}],
                "passages": [{"id": "w", "from": "p", "to": "q", "length_m": 0.5, "kind": "gland", "hole_mm": 9},
                             {"id": "w-opening", "from": "p", "to": "q", "length_m": 2, "kind": "heat"},
                             {"id": "v", "from": "q", "to": "p", "length_m": 1, "kind": "hole"},
                             {"id": "u", "from": "q", "to": "p", "length_m": 1, "own": "kept"}]})",
            "plan");
        QVERIFY2(read.has_value(), read ? "" : read.error().c_str());
        QCOMPARE(read->ways.size(), size_t{4});
        QCOMPARE(read->openings.size(), size_t{2});
        const auto* gland = by_id(read->openings, read->ways[0].on_it.at(0).opening);
        QVERIFY(gland && gland->kind == OpeningKind::gland && gland->id != "w-opening");
        QCOMPARE(raw(gland->bore), 9.0);
        QVERIFY(meets(read->ways[1], OnWayKind::heat) && !meets(read->ways[1], OnWayKind::opening));
        QCOMPARE(raw(by_id(read->openings, Id("v-opening"))->bore), 0.0);
        QVERIFY(read->ways[3].on_it.empty() && read->ways[3].extra.find("kept") != std::string::npos);
    }
};

SANGRE_SUITE(TestMachine);
#include "test_machine.moc"
