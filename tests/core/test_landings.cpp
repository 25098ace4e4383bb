// Joints are made for what they land on, and things are seated for the wall that they sit in.
#include "bench/readings.h"
#include "fixtures.h"
#include "harness/drill_holes.h"
#include "making/laid_straight.h"
#include "making/steps/bom.h"
#include "making/steps/joint_words.h"
#include "making/steps/steps.h"
#include "output/files/plan_text.h"
#include "plan/terminal_text.h"
#include "wiring/item/item.h"
#include "wiring/joint/joint.h"

using namespace sangre;
using test::parts;

namespace {

JointSize on_pad(const char* wire, double width, double along = 0, const char* kind = "soldered-pad") {
    const auto& w = *find(parts().wires, Id(wire));
    return joint_size(*find(parts().joints, Id(kind)), w.area, w.conductor,
                      {TerminalTakes::pad, Millimetre(width), Millimetre(along)});
}

/// A buoy: a sealed box and a mast, a probe and a button in the box's wall, a lead out through two openings.
const char* buoy =
    "plan Buoy\n"
    "body Box, plastic, sealed, 180 × 120 × 70 mm, wall 3 mm\nbody Mast, metal, 40 × 40 × 600 mm, wall 2 mm\n"
    "place Shelf, in Box\nplace Foot, in Mast\n"
    "opening Lid gland, M20 gland, in Box\nopening Mast hole, 12 mm grommet, in Mast\n"
    "way Shelf → Foot, 0.8 m\nmeets opening, at 0.1 m, through Lid gland\n"
    "meets opening, at 0.4 m, through Mast hole\n"
    "source Battery: 4S LFP 6 Ah\nhub Bus, strip, at Shelf\n"
    "load Camera 12 V 0.6 A, at Foot\nload Beacon 12 V 0.2 A, at Foot\n"
    "part Arm button 16 mm hole, at Shelf, behind it 30 mm, proud by 4 mm, points mark up\n"
    "lead Battery → Bus, 16 AWG\n"
    "lead Bus → Camera, 20 AWG, begins with #ferrule-screw, ends with #lap-splice\n"
    "item connector\n"
    "lead Bus → Beacon, 22 AWG, begins with #ferrule-screw, ends with #lap-splice\n"
    "cable Bus → Arm button, 0.3 m, 24 AWG, ends with #lap-splice\n"
    "core Arm, signal, pin A, to pin 1, colour yellow\ncore Spare, unused, colour green\n";

struct Built {
    Plan plan;
    Study figures;
    std::vector<Step> steps{};
    explicit Built(Plan of) : plan(std::move(of)), figures(study(plan, parts(), Conditions{})) {
        steps = figures.steps();
    }
    const Step* step(const std::string& key) const {
        for (const auto& s : steps)
            if (s.key == key) return &s;
        return nullptr;
    }
    std::string words(const std::string& key) const {
        std::string all;
        if (const auto* s = step(key))
            for (const auto& a : s->actions) all += a + "\n";
        return all;
    }
};
Built built(const char* text) {
    const auto plan = plan_from_text(text, parts());
    if (!plan) qFatal("line %zu: %s", plan.error().line, plan.error().message.c_str());
    return Built(*plan);
}
bool has(const std::string& text, const char* words) { return text.find(words) != std::string::npos; }

}  // namespace

class TestLandings : public QObject {
    Q_OBJECT
  private slots:
    void a_tip_is_no_wider_than_the_pad() {
        // 32 AWG on a pad of 1.2 × 2 mm: a fine tip, a second, and no pull that lifts the pad.
        const auto small = on_pad("awg32-silicone", 1.2, 2);
        QVERIFY(raw(small.tip) > 0 && raw(small.tip) <= 1.2);
        QVERIFY(raw(small.iron) <= 330 && raw(small.dwell) <= 1 && raw(small.wire_solder) <= 0.5);
        CLOSE(raw(small.strip), 2, 1e-9);
        QVERIFY(small.tug_newton <= 3);
        for (const double width : {0.6, 1.0, 1.5, 2.2, 3.5, 5.0, 7.0})
            for (const char* wire : {"awg32-silicone", "awg26-silicone", "awg20-silicone"}) {
                const auto size = on_pad(wire, width, 1.5 * width);
                QVERIFY(raw(size.tip) <= std::max(width, 0.8) + 1e-9);
                QVERIFY(raw(size.strip) <= std::max(1.5 * width, 1.0) + 0.5);
                QVERIFY(size.tug_newton >= 1 && size.tug_newton <= 5);
            }
    }
    void more_pad_takes_more_heat() {
        double tip = 0, iron = 0, dwell = 0;
        for (const double width : {0.8, 1.5, 2.4, 3.9, 6.9, 12.0}) {
            const auto size = on_pad("awg22-silicone", width);
            QVERIFY(raw(size.tip) >= tip && raw(size.iron) >= iron && raw(size.dwell) >= dwell);
            tip = raw(size.tip), iron = raw(size.iron), dwell = raw(size.dwell);
        }
    }
    void thin_wire_wants_a_fine_tip_wherever_it_ends() {
        const auto size = [](const char* wire) {
            const auto& w = *find(parts().wires, Id(wire));
            return raw(joint_size(*find(parts().joints, Id("lap-splice")), w.area, w.conductor).tip);
        };
        QVERIFY(size("awg32-silicone") <= 1.2 && size("awg24-silicone") < 2.4);
        CLOSE(size("awg18-silicone"), 2.4, 1e-9);
        CLOSE(size("awg12-silicone"), 5, 1e-9);
    }
    void a_screw_is_stripped_for_as_deep_as_its_bore() {
        const auto& w = *find(parts().wires, Id("awg18-silicone"));
        const auto strip = [&](const char* kind, double bore) {
            return raw(joint_size(*find(parts().joints, Id(kind)), w.area, w.conductor,
                                  {TerminalTakes::screw, Millimetre(bore), {}})
                           .strip);
        };
        // Blocks of 2.5 mm bore ask for 7 to 8 mm, of 5 mm for 10 to 12.
        QVERIFY(strip("twist-screw", 2.5) >= 7 && strip("twist-screw", 2.5) <= 8);
        QVERIFY(strip("twist-screw", 5) >= 10 && strip("twist-screw", 5) <= 12);
        // A ferrule is as long as it is.
        CLOSE(strip("ferrule-screw", 2.5), strip("ferrule-screw", 5), 1e-9);
    }
    void two_sides_of_a_pad_are_typed_and_said() {
        for (const char* said :
             {"V+ pad 1.2 × 2 mm, left", "V+ pad 1.2x2mm, left", "V+ pad 1.2 mm × 2 mm, left"}) {
            const auto read = parse_terminals(said);
            QVERIFY2(read && read->size() == 1, said);
            CLOSE(raw(read->front().size), 1.2, 1e-9);
            CLOSE(raw(read->front().along), 2, 1e-9);
            QVERIFY(read->front().where == "left");
            const auto again = parse_terminals(terminals_line(*read));
            QVERIFY(again && *again == *read);
        }
        for (const char* wrong : {"V+ screw 2 × 3 mm", "V+ pad 1.2 × mm", "V+ pad 1.2 × 90 mm"})
            QVERIFY2(!parse_terminals(wrong), wrong);
    }
    void actions_come_in_the_order_of_the_hands() {
        for (const auto& kind : parts().joints) {
            const WireType* wire = nullptr;
            for (const auto& w : parts().wires)
                if (!wire && w.area >= kind.least * 1.5 && w.area <= kind.most) wire = &w;
            if (!wire || kind.method == JointMethod::plugged) continue;
            const auto work = work_joint(parts(), kind, {wire, 1, nullptr}, InsulationSchool::adhesive_tube);
            Step s;
            tell_joint(s, work, Practices{});
            int tugs = 0, heat = -1, first = -1, tug = -1;
            for (int i = 0; i < static_cast<int>(s.actions.size()); ++i) {
                const auto& a = s.actions[static_cast<size_t>(i)];
                if (a.str().starts_with("Tug")) ++tugs, tug = i;
                if (has(a, "of heat.")) heat = i;
                if (!kind.actions.empty() && a == kind.actions.front()) first = i;
            }
            QVERIFY2(tugs == 1, kind.id.c_str());
            QVERIFY2(raw(work.size.iron) <= 0 || (heat >= 0 && heat < first), kind.id.c_str());
            for (int i = tug + 1; i < static_cast<int>(s.actions.size()); ++i)
                QVERIFY2(!s.actions[static_cast<size_t>(i)].str().starts_with("Look"), kind.id.c_str());
        }
    }
    void a_joint_step_says_what_it_lands_on() {
        auto b = built(
            (std::string(buoy) +
             "terminals Camera\nterminal VIN pad 1.2 × 2 mm, left\nterminal GND pad 1.2 × 2 mm, right\n")
                .c_str());
        for (auto& lead : b.plan.feeds())
            if (name_of(b.plan, lead.to) == "Camera")
                lead.joint_to = "soldered-pad", lead.wire = "awg26-silicone";
        const Built landed(b.plan);
        const auto camera = std::find_if(b.plan.feeds().begin(), b.plan.feeds().end(),
                                         [&](const auto& l) { return name_of(b.plan, l.to) == "Camera"; });
        const auto words = landed.words("join/" + camera->id + "/load");
        QVERIFY2(has(words, "VIN (left)") && has(words, "GND (right)"), words.c_str());
        QVERIFY2(
            has(words, "Strip 2.00 mm: the insulation ends") || has(words, "Strip 2 mm: the insulation ends"),
            words.c_str());
        QVERIFY2(has(words, "1.2 mm chisel tip") || has(words, "1.20 mm chisel tip"), words.c_str());
        QVERIFY2(has(words, "along the board"), words.c_str());
    }
    void what_sits_in_a_wall_has_its_hole_its_seal_and_its_side() {
        const auto b = built(buoy);
        const auto& button = b.plan.passives.front();
        const auto words = b.words("seat/" + button.id);
        for (const char* said : {"16", "30", "Seal ring", "washer and nut behind", "mark up", "4"})
            QVERIFY2(has(words, said), (std::string(said) + " in " + words).c_str());
        const auto* seat = b.step("seat/" + button.id);
        QVERIFY(std::find(seat->after.begin(), seat->after.end(), "drill") != seat->after.end());
        const auto bill = bill_of_materials(b.plan, parts(), b.figures.harness);
        const auto bought = [&](const char* item) {
            return std::any_of(bill.begin(), bill.end(), [&](const auto& l) { return has(l.item, item); });
        };
        QVERIFY(bought("seal ring for an opening of 16") && bought("dielectric grease"));
        // A machine that is nowhere sealed is not said to meet water.
        auto dry = b.plan;
        for (auto& body : dry.bodies) body.sealed = false;
        for (const auto& l : bill_of_materials(dry, parts(), Built(dry).figures.harness))
            QVERIFY(!has(l.item, "seal ring") && !has(l.item, "grease"));
        const auto holes = drill_holes(b.plan, parts(), b.figures.harness);
        QVERIFY(std::any_of(holes.begin(), holes.end(),
                            [&](const auto& h) { return h.subject == button.id && h.points == "mark up"; }));
    }
    void a_switch_in_a_wall_is_on_the_template() {
        auto b = built(buoy);
        auto plan = b.plan;
        Device d;
        d.id = "s", d.kind = DeviceKind::power_switch, d.type = "push-1a", d.panel = plan.bodies[0].id;
        d.seat.cutout = Millimetre(19), d.seat.hold = SeatHold::nut_in_front;
        plan.feeds()[1].devices.push_back(d);
        const Built seated(plan);
        const auto holes = drill_holes(plan, parts(), seated.figures.harness);
        QVERIFY(std::any_of(holes.begin(), holes.end(),
                            [](const auto& h) { return h.subject == "s" && raw(h.drill) >= 19; }));
        for (const auto& s : seated.steps)
            if (s.key == "seat/s")
                QVERIFY(std::any_of(s.actions.begin(), s.actions.end(),
                                    [](const auto& a) { return has(a, "ring nut in front"); }));
    }
    void openings_are_named_and_nuts_come_first() {
        const auto b = built(buoy);
        const auto camera = std::find_if(b.plan.feeds().begin(), b.plan.feeds().end(),
                                         [&](const auto& l) { return name_of(b.plan, l.to) == "Camera"; });
        const auto* thread = b.step("thread/" + camera->id);
        QVERIFY(thread && has(thread->subtitle, "Lid gland") && has(thread->subtitle, "Mast hole"));
        const auto place = [&](const char* words) {
            for (size_t i = 0; i < thread->actions.size(); ++i)
                if (has(thread->actions[i], words)) return static_cast<int>(i);
            return 1000;
        };
        QVERIFY(place("dome nut and the seal") < place("Through Lid gland"));
        QVERIFY(place("Through Lid gland") < place("Through Mast hole"));
        QVERIFY(place("Through Mast hole") < place("Pull the bare"));
        // Two leads go that way: the next is pulled by the first's guide wire.
        QVERIFY(place("guide wire") < place("Through Lid gland"));
        QVERIFY(std::find(thread->tools.begin(), thread->tools.end(), "guide wire") != thread->tools.end());
    }
    void a_cable_s_plug_is_fitted_bought_and_drawn_like_any_other() {
        const auto b = built((std::string(buoy) + "item connector\n").c_str());
        const auto& cable = b.plan.signal_leads().front();
        QVERIFY(cable.devices.size() == 1);
        const auto* step = b.step("item/" + cable.devices[0].id);
        QVERIFY(step);
        const auto words = b.words(step->key);
        QVERIFY2(has(words, "yellow (Arm)") && !has(words, "green"), words.c_str());
        // It is in before the lead is made up, and on the bill, and on the lead laid straight.
        const auto* made_up = b.step("cable/" + cable.id);
        QVERIFY(std::find(made_up->after.begin(), made_up->after.end(), step->key) != made_up->after.end());
        const auto name = item_name(parts(), cable.devices[0]);
        const auto bill = bill_of_materials(b.plan, parts(), b.figures.harness);
        QVERIFY(std::any_of(bill.begin(), bill.end(), [&](const auto& l) {
            return has(l.item, name.str().c_str()) &&
                   std::find(l.of.begin(), l.of.end(), cable.devices[0].id) != l.of.end();
        }));
        const auto laid = lay_straight(b.plan, parts(), b.figures, b.plan.feeds().size(), b.steps);
        QVERIFY(std::any_of(laid.things.begin(), laid.things.end(),
                            [&](const auto& t) { return t.about == cable.devices[0].id; }));
    }
    void a_cable_that_feeds_has_an_end_for_each_core() {
        // Two cores for its supply, two for its return and one signal, each with a contact at both ends.
        const auto b = built(
            "plan Ribbon\nsource Battery: 2S LFP 2 Ah\nhub Bus, strip\nload Board 6 V 0.3 A\n"
            "lead Battery → Bus, 20 AWG\n"
            "lead Bus → Board, 0.3 m, 26 AWG, begins with #crimped-contact, ends with #crimped-contact\n"
            "core 6 V, supply, colour red, doubled 1\ncore 6 V, supply, colour orange, doubled 1\n"
            "core GND, ground, colour black, doubled 2\ncore GND, ground, colour brown, doubled 2\n"
            "core Alarm, signal, colour white\n");
        double contacts = 0;
        for (const auto& l : bill_of_materials(b.plan, parts(), b.figures.harness))
            if (has(l.item, "crimp contact")) contacts += l.amount;
        CLOSE(contacts, 10, 1e-9);
    }
    void closing_up_seals_what_keeps_water_out() {
        const auto b = built(buoy);
        const auto words = b.words("close/tie");
        QVERIFY2(has(words, "Lid gland") && has(words, "dome nut tight"), words.c_str());
        QVERIFY2(has(words, "Grease into the plugs"), words.c_str());
        QVERIFY2(!has(words, "Mast hole"), words.c_str());
    }
    void cut_back_cores_and_items_have_their_tube() {
        auto b = built(buoy);
        const auto& cable = b.plan.signal_leads().front();
        const auto made_up = b.words("cable/" + cable.id);
        QVERIFY2(has(made_up, "Cut green (Spare) back") && has(made_up, "15 mm of"), made_up.c_str());
        double metres = 0;
        for (const auto& l : bill_of_materials(b.plan, parts(), b.figures.harness))
            if (l.goods == Goods::tube && has(made_up, l.item.str().c_str())) metres += l.amount;
        QVERIFY(metres >= 0.03 - 1e-9);
        // What sits in a lead and is joined under tube says so before it is joined, a holder and a switch's
        // lugs alike.
        auto plan = b.plan;
        Device toggle;
        toggle.id = "t", toggle.kind = DeviceKind::power_switch, toggle.type = "push-3a-sealed";
        toggle.joint_in = toggle.joint_out = "lap-splice";
        plan.feeds()[1].devices = {toggle};
        const Built switched(plan);
        const auto words = switched.words("item/t");
        QVERIFY2(has(words, "2 × ") && has(words, "on first, one for each joint"), words.c_str());
        QVERIFY2(words.find("on first") < words.find("Strip"), words.c_str());
    }
};

SANGRE_SUITE(TestLandings);
#include "test_landings.moc"
