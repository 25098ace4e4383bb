// What is pressed onto a wire's end: by copper, insulation and stud; joints that a torch heats.
#include <algorithm>
#include <cmath>

#include "fixtures.h"
#include "harness/fittings.h"
#include "making/steps/bom.h"
#include "plan/edits.h"
#include "plan/landing.h"
#include "wiring/joint/crimp.h"

using namespace sangre;

using test::parts;

namespace {

const JointKind& kind(const Id& id) { return *find(parts().joints, id); }
const WireType& wire(const Id& id) { return *find(parts().wires, id); }
bool bought(const Plan& plan, const std::string& words) {
    const auto s = test::studied(plan);
    const auto lines = bill_of_materials(plan, parts(), s.harness);
    return std::any_of(lines.begin(), lines.end(),
                       [&](const auto& l) { return l.item.str().find(words) != std::string::npos; });
}

}  // namespace

class TestCrimps : public QObject {
    Q_OBJECT
  private slots:
    /// Every wire that a joint kind takes has a part to be bought for it.
    void there_is_one_for_every_wire() {
        for (const auto* id : {"ring-crimp", "ferrule-screw", "butt-crimp", "blade-crimp"})
            for (const auto& w : parts().wires) {
                const auto& k = kind(id);
                if (w.area < k.least || w.area > k.most) continue;
                const auto c = choose_crimp(parts(), k, w.area, w.outer);
                QVERIFY2(c.part, (std::string(id) + " " + w.id).c_str());
                QVERIFY(w.area >= c.part->least && w.area <= c.part->most);
            }
    }
    void the_least_range_is_taken_and_the_stud_decides() {
        const auto& w = wire("awg14-silicone");
        const auto plain = choose_crimp(parts(), kind("ring-crimp"), w.area, w.outer);
        QCOMPARE(plain.part->id, Id("ring-2a6"));
        QVERIFY(choose_crimp(parts(), kind("ring-crimp"), w.area, w.outer, Millimetre(8)).on_stud);
        QVERIFY(!choose_crimp(parts(), kind("ring-crimp"), w.area, w.outer, Millimetre(12)).on_stud);
    }
    void wings_close_on_insulation_of_their_size() {
        const auto& k = kind("crimped-contact");
        const auto& thin = wire("awg22-silicone");
        const auto c = choose_crimp(parts(), k, thin.area, thin.outer);
        QVERIFY(c.part && c.grips);
        QVERIFY(!choose_crimp(parts(), k, thin.area, Millimetre(4)).grips);
        QVERIFY(!choose_crimp(parts(), k, thin.area, Millimetre(0.3)).grips);
        QVERIFY(!choose_crimp(parts(), k, SquareMillimetre(3), Millimetre(3)).part);
    }
    void the_list_buys_it_by_size() {
        auto plan = test::demo();
        auto& feed = plan.feeds()[feeds_into(plan, "load-computer").front()];
        feed.wire = "awg16-silicone", feed.joint_to = "ring-crimp";
        plan = set_terminals(plan, "load-computer",
                             {{"B+", TerminalRole::plus, TerminalTakes::stud, Millimetre(6)}});
        QVERIFY(bought(plan, "ring terminal 0.5 to 1.5 mm², M6"));
        QVERIFY(!bought(plan, "ring terminal 0.5 to 1.5 mm², M5"));
    }
    /// Thick copper is heated by a torch: longer tube, a shield, no iron, its caution.
    void a_torch_burns_the_insulation_back() {
        const auto& k = kind("soldered-cup");
        const auto& thick = wire("awg6-silicone");
        QVERIFY(raw(thick.area) >= 10);
        const auto size = joint_size(k, thick.area, thick.conductor);
        CLOSE(raw(size.burn_back), 5, 1e-12);
        QVERIFY(std::abs(raw(joint_size(k, SquareMillimetre(2), Millimetre(2)).burn_back)) < 1e-9);
        const auto work = work_joint(parts(), k, {&thick, 1, nullptr}, InsulationSchool::adhesive_tube);
        const double over = std::max(6.0, 2 * raw(work.bundle));
        CLOSE(raw(work.tube_cut), std::ceil((raw(work.joint_length) + 2 * over + 5) / 0.93), 1e-9);
        auto plan = test::demo();
        auto& feed = plan.feeds().front();
        feed.wire = thick.id, feed.joint_from = k.id;
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        const auto step = std::find_if(steps.begin(), steps.end(),
                                       [&](const auto& x) { return x.key == "join/" + feed.id + "/source"; });
        QVERIFY(step != steps.end());
        const auto has = [&](const std::string& tool) {
            return std::find(step->tools.begin(), step->tools.end(), tool) != step->tools.end();
        };
        QVERIFY(has("small torch") && has("wet cloth"));
        for (const auto& tool : step->tools) QVERIFY2(!tool.starts_with("iron"), tool.c_str());
        QVERIFY(step->caution.str().find("open flame") != std::string::npos);
    }
    void a_board_on_metal_stands_on_spacers() {
        auto plan = test::demo();
        plan.metal_frame = false;
        QVERIFY(!bought(plan, "spacer"));
        plan.metal_frame = true;
        for (auto& place : plan.places) place.body.clear();
        QVERIFY(bought(plan, "nylon spacer M3, 6 mm"));
        auto tubed = plan;
        for (auto& c : tubed.converters) c.in_tube = true;
        QVERIFY(!bought(tubed, "spacer"));
    }
};

SANGRE_SUITE(TestCrimps);
#include "test_crimps.moc"
