// The drilling template: true sizes, the standard series, every hole on paper.
#include <algorithm>
#include <cmath>
#include <set>

#include "fixtures.h"
#include "harness/fittings.h"
#include "output/diagram/drill_template.h"

using namespace sangre;
using test::parts;

class TestDrillTemplate : public QObject {
    Q_OBJECT

  private slots:
    void drills_are_of_the_series() {
        const auto is = [](double width, double drill) {
            return std::abs(raw(standard_drill(Millimetre(width))) - drill) < 1e-9;
        };
        QVERIFY(is(0.3, 1) && is(6, 6) && is(6.1, 6.5) && is(6.5, 6.5) && is(12.7, 13) && is(13.2, 14) &&
                is(16, 16) && is(20.4, 21));
    }

    void every_opening_is_drilled_for_what_sits_in_it() {
        const auto plan = test::demo();
        const auto harness = lay_harness(plan, parts());
        const auto holes = drill_holes(plan, parts(), harness);
        QCOMPARE(holes.size(), plan.openings.size());
        for (size_t i = 0; i < holes.size(); ++i) {
            const auto* fitting = fitting_of(parts(), plan.openings[i], harness.holes[i].needed);
            QVERIFY(fitting);
            // A grommet of that bore sits in a wider hole.
            QVERIFY(holes[i].drill >= fitting->hole && raw(holes[i].drill) < raw(fitting->hole) + 1);
            QVERIFY(holes[i].drill > plan.openings[i].bore);
            QCOMPARE(holes[i].step, raw(holes[i].drill) > 13);
        }
        auto bare = plan;
        bare.openings[0].kind = OpeningKind::hole, bare.openings[0].bore = Millimetre(9.2);
        QCOMPARE(raw(drill_holes(bare, parts(), lay_harness(bare, parts()))[0].drill), 9.5);
        // Nothing known, nothing drilled; parts in openings come after them.
        bare.openings[0].bore = Millimetre(0);
        Passive button{"button", "Arm button"};
        button.seat.cutout = Millimetre(16);
        bare.passives.push_back(button);
        const auto with_button = drill_holes(bare, parts(), lay_harness(bare, parts()));
        QCOMPARE(with_button.size(), plan.openings.size());
        QCOMPARE(raw(with_button.back().drill), 16.0);
        QVERIFY(with_button.back().step);
    }

    void paper_shows_them_at_their_size() {
        std::vector<DrillHole> holes;
        for (int i = 0; i < 40; ++i)
            holes.push_back({"hole" + std::to_string(i), "Hole", "Box", "", Millimetre(4.0 + i), i > 9});
        const auto sheets = drill_sheets(holes);
        QVERIFY(sheets.size() > 1);
        std::set<Id> seen;
        for (const auto& sheet : sheets) {
            QCOMPARE(sheet.width, 210.0);
            bool ruler = false;
            for (const auto& s : sheet.shapes) {
                for (const auto& p : s.points) QVERIFY(p.x >= 0 && p.x <= 210 && p.y >= 0 && p.y <= 297);
                if (s.points.size() == 2)
                    ruler |= std::abs(std::abs(s.points[1].x - s.points[0].x) - 100) < 1e-9 &&
                             s.points[0].y == s.points[1].y;
            }
            QVERIFY(ruler);
            for (const auto& spot : sheet.spots) seen.insert(spot.subject);
            for (const auto& spot : sheet.spots) {
                const auto& hole = holes[std::stoul(spot.subject.substr(4))];
                const bool there = std::any_of(sheet.shapes.begin(), sheet.shapes.end(), [&](const auto& s) {
                    return s.kind == ShapeKind::circle && s.fill.empty() && s.points[0].x > spot.from.x &&
                           s.points[0].x < spot.to.x && s.points[0].y > spot.from.y &&
                           s.points[0].y < spot.to.y &&
                           std::abs(std::hypot(s.points[1].x - s.points[0].x, s.points[1].y - s.points[0].y) *
                                        2 -
                                    raw(hole.drill)) < 1e-9;
                });
                QVERIFY(there);
            }
        }
        QCOMPARE(seen.size(), holes.size());
        QVERIFY(drill_sheets({}).empty());
    }
};

SANGRE_SUITE(TestDrillTemplate);
#include "test_drill_template.moc"
