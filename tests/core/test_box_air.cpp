// The air inside of bodies: a heat balance, what bears on it, and what follows it.
#include "electrical/mission/box_air.h"
#include "fixtures.h"
#include "lines/line.h"
#include "plan/machine_edits.h"

using namespace sangre;
using test::parts;

namespace {

/// One feed whose load of 12 V and so many amperes stands in a plastic box of 200 × 150 × 100 mm.
Plan boxed(double amps) {
    auto plan = test::one_feed(amps);
    plan.phases.clear();
    Body box{"box", "Box"};
    box.length = Millimetre(200), box.width = Millimetre(150), box.height = Millimetre(100),
    box.wall = Millimetre(2.5);
    plan.bodies = {box};
    plan.places = {{"in", "In", 0.5, 0.5, {}, "box"}};
    plan.loads[0].place = "in";
    plan.hottest_air = Celsius(30);
    return plan;
}
BoxAir air_of(const Plan& plan) { return test::studied(plan).boxes.front(); }

}  // namespace

class TestBoxAir : public QObject {
    Q_OBJECT

  private slots:
    void a_closed_box_by_hand() {
        const auto plan = boxed(1);
        const auto box = air_of(plan);
        QVERIFY(box.known);
        const double watts = raw(plan.loads[0].nominal) * raw(plan.loads[0].typical);
        CLOSE(raw(box.lost), watts, 1e-9);
        // 0.13 m²; 1 ÷ (1/8 + 0.0025/0.2 + 1/10) = 4.211 W/m²K.
        CLOSE(box.rise, watts / (0.13 / (1.0 / 8 + 0.0125 + 0.1)), 1e-6);
        CLOSE(raw(box.air), 30 + box.rise, 1e-9);
    }

    void a_module_moved_out_takes_its_heat_with_it() {
        auto plan = test::demo();
        Body box{"box", "Box"};
        box.length = Millimetre(70), box.width = Millimetre(50), box.height = Millimetre(30);
        plan.bodies.push_back(box);
        plan.places.push_back({"in-box", "In the box", 0.2, 0.2, {}, "box"});
        plan.places.push_back({"free", "Mast", 0.8, 0.2});
        auto& module = plan.converters.front();
        module.place = "in-box";
        const auto s = test::studied(plan);
        const auto warm = std::find_if(s.findings.begin(), s.findings.end(), [](const auto& f) {
            return f.rule == "box-warm" && f.about.front() == "box";
        });
        QVERIFY(warm != s.findings.end());
        const auto out = std::find_if(warm->fixes.begin(), warm->fixes.end(),
                                      [](const auto& f) { return f.label.str().starts_with("Move "); });
        QVERIFY(out != warm->fixes.end());
        const auto next = out->edit(plan);
        QVERIFY(next.converters.front().place != "in-box");
        const auto after = test::studied(next);
        QVERIFY(after.boxes.back().rise < s.boxes.back().rise * 2 / 3);
        // Where all that is outside is a body that would be as warm, it stays.
        auto crowded = plan;
        Body tin{"tin", "Tin"};
        tin.length = Millimetre(60), tin.width = Millimetre(40), tin.height = Millimetre(25);
        crowded.bodies.push_back(tin);
        for (auto& place : crowded.places)
            if (place.id != "in-box") place.body = "tin";
        for (auto& load : crowded.loads) load.place.clear();
        for (const auto& f : test::studied(crowded).findings)
            if (f.rule == "box-warm" && f.about.front() == "box")
                for (const auto& fix : f.fixes)
                    QVERIFY2(!fix.label.str().starts_with("Move "), fix.label.str().c_str());
        // Nothing else moved.
        auto back = next;
        back.converters.front().place = "in-box";
        QVERIFY(back == plan);
    }

    void what_cools_cools_and_what_warms_warms() {
        auto plan = boxed(1);
        const auto closed = air_of(plan).rise;
        const auto with = [&](auto change) {
            auto next = plan;
            change(next.bodies[0]);
            return air_of(next).rise;
        };
        QVERIFY(with([](Body& b) { b.vents = SquareMillimetre(500); }) < closed);
        QVERIFY(with([](Body& b) { b.vents = SquareMillimetre(1500); }) <
                with([](Body& b) { b.vents = SquareMillimetre(500); }));
        QVERIFY(with([](Body& b) { b.fan = 20; }) < closed / 2);
        QVERIFY(with([](Body& b) { b.material = BodyMaterial::metal; }) < closed);
        QVERIFY(with([](Body& b) { b.material = BodyMaterial::foam, b.wall = Millimetre(20); }) > closed * 2);
        QVERIFY(with([](Body& b) { b.sun = true; }) > closed);
        QVERIFY(with([](Body& b) { b.length = Millimetre(400); }) < closed);
        // A sealed one has no vents, whatever is said of them.
        CLOSE(with([](Body& b) { b.sealed = true, b.vents = SquareMillimetre(1500), b.fan = 20; }), closed,
              1e-9);
    }

    void the_balance_holds_with_vents() {
        auto plan = boxed(2);
        plan.bodies[0].vents = SquareMillimetre(800);
        const auto box = air_of(plan);
        const double flow = 0.6 * 800e-6 / std::sqrt(2) * std::sqrt(2 * 9.81 * 0.07 * box.rise / 310);
        CLOSE(box.rise * (0.13 * 4.2105263 + 1200 * flow), raw(box.lost), 1e-5);
    }

    void what_turns_keeps_a_third_of_it() {
        auto plan = boxed(1);
        const auto all = air_of(plan).lost;
        plan.loads[0].kind = LoadKind::motor;
        CLOSE(raw(air_of(plan).lost), raw(all) * 0.3, 1e-9);
        // A short phase does not warm the case through.
        plan = boxed(1);
        plan.phases.resize(1);
        plan.phases[0].id = "p", plan.phases[0].name = "Work", plan.phases[0].duration = Second(600);
        plan.phases[0].states[plan.loads[0].id] = LoadState::typical;
        CLOSE(raw(air_of(plan).lost), raw(all) * (1 - std::exp(-600.0 / 1800)), 1e-9);
        plan.phases[0].states.clear();
        QVERIFY(!air_of(plan).known);
    }

    void a_box_in_a_box_is_in_its_air() {
        auto plan = boxed(1);
        auto outer = plan.bodies[0];
        outer.id = "outer", outer.name = "Outer", outer.length = Millimetre(300),
        outer.width = Millimetre(300), outer.height = Millimetre(200);
        plan.bodies[0].in = "outer";
        plan.bodies.push_back(outer);
        const auto boxes = test::studied(plan).boxes;
        CLOSE(raw(boxes[0].lost), raw(boxes[1].lost), 1e-9);
        CLOSE(raw(boxes[0].air), 30 + boxes[0].rise + boxes[1].rise, 1e-9);
    }

    void wires_and_modules_follow() {
        const auto warm = test::studied(boxed(3));
        auto cool_plan = boxed(3);
        cool_plan.bodies[0].fan = 100;
        const auto cool = test::studied(cool_plan);
        CLOSE(raw(warm.protection[0].air), raw(warm.boxes[0].air), 1e-9);
        QVERIFY(warm.protection[0].ampacity < cool.protection[0].ampacity);
        QVERIFY(warm.protection[0].warm > cool.protection[0].warm);
        // Where its size is not known nothing is made up.
        auto unmeasured = boxed(3);
        unmeasured.bodies[0].length = Millimetre(0);
        const auto s = test::studied(unmeasured);
        QVERIFY(!s.boxes[0].known);
        QCOMPARE(raw(s.protection[0].air), 30.0);
        QVERIFY(test::has(s, "box-unmeasured"));
        // An open frame holds no warm air, whatever its size.
        unmeasured.bodies[0].open = true;
        QVERIFY(!test::has(test::studied(unmeasured), "box-unmeasured"));
    }

    void vents_and_fans_are_typed_as_people_say_them() {
        const auto plan = boxed(1);
        const LineContext context(plan, parts());
        const auto typed = [&](const std::string& line) { return read_thing(context, plan.bodies[0], line); };
        const auto read = typed("Box, plastic, vents 4 cm², fan 20 m³/h, in the sun");
        QVERIFY2(read.has_value(), read ? "" : read.error().message.str().c_str());
        QVERIFY(raw(read->vents) == 400 && read->fan == 20 && read->sun);
        QVERIFY(raw(typed("Box, vents 350 mm²")->vents) == 350 && typed("Box, fan 7.5 m3/h")->fan == 7.5);
        const auto line = thing_line(context, *read);
        QVERIFY2(
            line.find("fan 20 m³/h") != std::string::npos && line.find("vents 400 mm²") != std::string::npos,
            line.c_str());
        QVERIFY(typed("Box, vents 20 AWG").error().message.str().find("area") != std::string::npos);
        QVERIFY(typed("Box, fan 20 h").error().message.str().find("cubic metres") != std::string::npos);
    }

    void mends_bring_it_to_ten_kelvin() {
        const auto plan = boxed(0.8);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "box-warm");
        QVERIFY(f && f->fixes.size() == 2);
        for (const auto& fix : f->fixes) QVERIFY(air_of(fix.edit(plan)).rise <= 10.001);
    }

    void air_that_melts_things_is_a_danger_and_warm_air_a_caution() {
        bool cautioned = false, endangered = false;
        for (const double amps : {0.4, 0.8, 1.6, 3.2, 6.4}) {
            const auto plan = boxed(amps);
            const auto s = test::studied(plan);
            const auto* f = test::finding(s, "box-warm");
            if (!f) continue;
            const bool hot = raw(s.boxes.front().air) > 75;
            QCOMPARE(f->severity, hot ? Severity::danger : Severity::caution);
            (hot ? endangered : cautioned) = true;
        }
        QVERIFY(cautioned && endangered);
    }
};

SANGRE_SUITE(TestBoxAir);
#include "test_box_air.moc"
