// The wiring diagram: everything on it, nothing over anything, straight where it can be, the same after an
// edit elsewhere.
#include <set>

#include "fixtures.h"
#include "output/diagram/arrangement.h"
#include "output/files/diagram_svg.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

Diagram drawn(const Plan& plan) { return draw_diagram(plan, parts(), lay_harness(plan, parts())); }

bool overlap(const DiagramSpot& a, const DiagramSpot& b) {
    return a.from.x < b.to.x - 0.1 && b.from.x < a.to.x - 0.1 && a.from.y < b.to.y - 0.1 &&
           b.from.y < a.to.y - 0.1;
}

/// A proposal for n loads of four kinds.
Plan many(int n) {
    Plan p;
    for (int i = 0; i < n; ++i) {
        const double volts[] = {5, 12, 24, 12};
        p.loads.push_back(test::simple_load("load" + std::to_string(i), volts[i % 4], 0.3 + 0.1 * (i % 5)));
    }
    return propose(p, parts())->plan;
}

}  // namespace

class TestDiagram : public QObject {
    Q_OBJECT
  private slots:
    void every_demo_is_one_sheet_and_one_of_cables_data() { test::demo_rows(); }
    void every_demo_is_one_sheet_and_one_of_cables() {
        QFETCH(QString, demo);
        const auto plan = test::demo(demo);
        const auto d = drawn(plan);
        QCOMPARE(d.sheets.size(), size_t{2});
        QCOMPARE(d.crossings, size_t{0});
        // Readable on paper: nothing smaller than 1.4 mm.
        for (const auto& sheet : d.sheets)
            for (const auto& s : sheet.shapes)
                if (s.kind == ShapeKind::text) QVERIFY2(s.size * sheet.scale >= 1.4, s.text.c_str());
        // Names are written out.
        for (const auto& l : plan.loads)
            QVERIFY2(std::any_of(d.sheets[0].shapes.begin(), d.sheets[0].shapes.end(),
                                 [&](const auto& s) { return s.text == l.name; }),
                     l.name.c_str());
    }
    void everything_is_on_it_once() {
        for (const auto& plan :
             {test::demo("orchard-frost-rover"), test::demo("seed-hexacopter"), many(23)}) {
            std::multiset<Id> drawn_once;
            std::string said;
            for (const auto& sheet : drawn(plan).sheets) {
                for (const auto& s : sheet.spots) drawn_once.insert(s.subject);
                for (const auto& s : sheet.shapes) said += s.text + "\n";
            }
            for (const auto& l : plan.loads) QCOMPARE(drawn_once.count(l.id), size_t{1});
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                QCOMPARE(drawn_once.count(plan.feeds()[f].id), size_t{1});
                QVERIFY(said.find("W" + std::to_string(f + 1) + " ") != std::string::npos);
            }
            for (const auto& c : plan.signal_leads()) QCOMPARE(drawn_once.count(c.id), size_t{1});
            for (const auto& c : plan.converters) QVERIFY(drawn_once.count(c.id) >= 1);
            for (const auto& b : plan.sources) QVERIFY(drawn_once.count(b.id) >= 1);
        }
    }
    void nothing_lies_over_anything_or_off_the_sheet() {
        for (const auto& plan :
             {test::demo("orchard-frost-rover"), test::demo("book-trike"), many(7), many(40)})
            for (const auto& sheet : drawn(plan).sheets) {
                for (size_t a = 0; a < sheet.spots.size(); ++a)
                    for (size_t b = a + 1; b < sheet.spots.size(); ++b) {
                        const auto &x = sheet.spots[a], &y = sheet.spots[b];
                        QVERIFY2(!overlap(x, y), (x.subject + " over " + y.subject).c_str());
                    }
                for (const auto& s : sheet.shapes)
                    for (const auto& p : s.points)
                        QVERIFY2(p.x >= 0 && p.y >= 0 && p.x <= sheet.width / sheet.scale &&
                                     p.y <= sheet.height / sheet.scale,
                                 s.text.c_str());
            }
    }
    void many_loads_go_on_on_further_sheets() {
        const auto plan = many(60);
        const auto d = drawn(plan);
        QVERIFY(d.sheets.size() >= 3 && d.sheets.size() <= 8);
        QCOMPARE(d.crossings, size_t{0});
        for (const auto& sheet : d.sheets) {
            const bool numbered = std::any_of(sheet.shapes.begin(), sheet.shapes.end(), [](const auto& s) {
                return s.text.find("sheet") != std::string::npos && s.text.find(" of ") != std::string::npos;
            });
            QVERIFY(numbered);
        }
    }
    void wires_and_cores_are_drawn_in_their_colours() {
        const auto plan = test::demo("seed-hexacopter");
        const auto d = drawn(plan);
        const auto inks_at = [](const DiagramSheet& sheet, const DiagramSpot& spot) {
            std::vector<Ink> inks;
            for (const auto& s : sheet.shapes)
                if (s.kind == ShapeKind::line && s.stroke.starts_with("wire:") &&
                    s.points[0].y >= spot.from.y && s.points[0].y <= spot.to.y &&
                    s.points[0].x >= spot.from.x - 0.1 && s.points[1].x <= spot.to.x + 0.1)
                    inks.push_back(s.stroke);
            return inks;
        };
        for (const auto& spot : d.sheets[0].spots)
            if (const auto* f = by_id(plan.feeds(), spot.subject))
                QVERIFY2(inks_at(d.sheets[0], spot) ==
                             (std::vector<Ink>{"wire:" + f->supply_colour, "wire:" + f->return_colour}),
                         f->id.c_str());
        for (const auto& spot : d.sheets[1].spots) {
            const auto& cable = *by_id(plan.signal_leads(), spot.subject);
            std::vector<Ink> wanted;
            for (const auto& core : cable.cores)
                wanted.insert(wanted.end(), core.role == CoreRole::unused ? 2 : 1, "wire:" + core.colour);
            QVERIFY2(inks_at(d.sheets[1], spot) == wanted, cable.id.c_str());
        }
    }
    void many_cables_go_on_in_columns_and_sheets() {
        auto plan = test::demo("bat-detector");
        const auto ribbon = plan.signal_leads()[0];
        plan.replace_signal_leads({});
        QCOMPARE(drawn(plan).sheets.size(), size_t{1});
        size_t cores = 0;
        for (int i = 0; i < 9; ++i) {
            auto c = ribbon;
            c.id = "ribbon" + std::to_string(i);
            // The fifth is longer than a sheet is tall, the sixth has nothing in it yet.
            if (i == 4)
                for (int k = 0; k < 5; ++k)
                    c.cores.insert(c.cores.end(), ribbon.cores.begin(), ribbon.cores.end());
            if (i == 5) c.cores.clear();
            cores += c.cores.size();
            plan.add_signal_lead(c);
        }
        const auto d = drawn(plan);
        QVERIFY(d.sheets.size() > 2);
        size_t named = 0;
        for (size_t i = 1; i < d.sheets.size(); ++i) {
            const auto& sheet = d.sheets[i];
            for (const auto& s : sheet.spots)
                QVERIFY(s.from.y >= 0 && s.to.y <= sheet.height && s.to.x <= sheet.width);
            for (const auto& s : sheet.shapes)
                named += s.kind == ShapeKind::text && s.size == 2.4 && s.text.find("  ") != std::string::npos;
        }
        QVERIFY(named >= cores);
    }
    void an_edit_elsewhere_moves_nothing() {
        const auto plan = test::demo("orchard-frost-rover");
        const auto before = drawn(plan);
        const auto thicker = drawn(set_wire(plan, plan.feeds().back().id, "awg18-silicone"));
        QVERIFY(before.sheets[0].spots == thicker.sheets[0].spots);
        // A new load at the end of the list moves no column, and no row above it by more than the rows move
        // together.
        auto more = plan;
        more.loads.push_back(test::simple_load("extra", 25, 1));
        auto feed = plan.feeds().back();
        feed.id = "extra-feed", feed.from = "hub", feed.to = "extra";
        more.add_feed(feed);
        const auto after = drawn(more);
        for (size_t i = 0; i < 3; ++i) {
            QCOMPARE(after.sheets[0].spots[i].subject, before.sheets[0].spots[i].subject);
            QCOMPARE(after.sheets[0].spots[i].from.x, before.sheets[0].spots[i].from.x);
        }
    }
    void parts_fed_twice_are_led_round() {
        auto plan = test::star(3);
        plan.sources.push_back(plan.sources[0]);
        plan.sources[1].id = "second", plan.sources[1].name = "Second";
        auto feed = plan.feeds()[0];
        feed.id = "from-second", feed.from = "second";
        plan.add_feed(feed);
        const auto d = drawn(plan);
        QCOMPARE(d.sheets.size(), size_t{1});
        const auto& spots = d.sheets[0].spots;
        QVERIFY(std::any_of(spots.begin(), spots.end(),
                            [](const auto& s) { return s.subject == "from-second"; }));
        QVERIFY(std::any_of(spots.begin(), spots.end(), [](const auto& s) { return s.subject == "second"; }));
    }
    void frames_and_shared_returns_are_shown() {
        auto plan = test::star(2);
        plan.metal_frame = true;
        plan.feeds()[1].ret = Return::frame;
        plan.feeds()[2].ret = Return::shared, plan.feeds()[2].shared_with = plan.feeds()[1].id;
        const auto sheet = drawn(plan).sheets[0];
        QVERIFY(std::any_of(sheet.shapes.begin(), sheet.shapes.end(),
                            [](const auto& s) { return s.text == "returns by W2−"; }));
        const auto blacks = std::count_if(sheet.shapes.begin(), sheet.shapes.end(),
                                          [](const auto& s) { return s.stroke == "wire:black"; });
        QCOMPARE(blacks, 1);  // only the first feed has a return of its own
    }
    void terminals_stand_at_their_wires_by_name() {
        const auto texts = [](const Plan& plan) {
            std::multiset<std::string> all;
            const auto drawing = drawn(plan);
            for (const auto& sheet : drawing.sheets)
                for (const auto& s : sheet.shapes)
                    if (!s.text.empty()) all.insert(s.text);
            return all;
        };
        auto plan = test::star(2);
        const auto signs = texts(plan);
        plan.terminals[plan.feeds()[1].to] = {
            {.name = "VIN", .role = TerminalRole::plus, .takes = TerminalTakes::screw, .where = "left"},
            {.name = "GND", .role = TerminalRole::minus, .takes = TerminalTakes::screw, .where = "right"}};
        const auto named = texts(plan);
        // Each once, with its side, and in the place of a sign.
        const auto of = [&](const std::string& name) {
            return std::count_if(named.begin(), named.end(),
                                 [&](const auto& t) { return t.starts_with(name); });
        };
        QCOMPARE(of("VIN"), 1);
        QCOMPARE(of("GND"), 1);
        for (const auto& t : named) {
            if (t.starts_with("VIN")) QVERIFY2(t.find("left") != std::string::npos, t.c_str());
            if (t.starts_with("GND")) QVERIFY2(t.find("right") != std::string::npos, t.c_str());
        }
        QCOMPARE(named.count("+"), signs.count("+") - 1);
        QCOMPARE(named.count("−"), signs.count("−") - 1);
    }
    void nothing_wired_nothing_drawn() {
        QVERIFY(drawn(Plan{}).sheets.empty());
        auto lost = test::one_feed();
        lost.feeds()[0].to = "nowhere";
        QCOMPARE(drawn(lost).sheets.size(), size_t{1});
        // A ring of hubs ends.
        auto ring = test::star(2);
        ring.hubs.push_back({"other", "Other", {}, {}});
        for (const auto& [a, b] : {std::pair{"hub", "other"}, {"other", "hub"}}) {
            auto f = ring.feeds()[1];
            f.id = std::string(a) + b, f.from = a, f.to = b;
            ring.add_feed(f);
        }
        QVERIFY(!drawn(ring).sheets.empty());
    }
    void as_svg_it_is_well_formed() {
        auto plan = test::demo();
        plan.loads[0].name = "L <d> & m";
        const auto svg = diagram_to_svg(drawn(plan).sheets[0]);
        QVERIFY(svg.starts_with("<svg") && svg.ends_with("</svg>\n"));
        QVERIFY(svg.find("L &lt;d&gt; &amp; m") != std::string::npos);
        QCOMPARE(std::count(svg.begin(), svg.end(), '<'), std::count(svg.begin(), svg.end(), '>'));
        QVERIFY(svg.find("nan") == std::string::npos);
    }
    void labels_name_both_conductors() {
        QCOMPARE(wire_label(0, false), std::string("W1+"));
        QCOMPARE(wire_label(11, true), std::string("W12−"));
    }
};

SANGRE_SUITE(TestDiagram);
#include "test_diagram.moc"
