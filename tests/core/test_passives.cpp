// Parts that draw nothing: typed, kept, ended at, seated, tested, listed.
#include <rapidcheck.h>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "plan/edits.h"
#include "plan/passive_text.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;

namespace {

Passive typed(const std::string& line, const Plan& plan = test::demo()) {
    const auto p = parse_passive(plan, {}, line);
    if (!p) throw std::runtime_error(line + ": " + p.error().message);
    return *p;
}

/// The rover with one such part, and a lead of that preset from its computer to it.
Plan with_lead(const std::string& line, CablePreset preset) {
    auto part = typed(line);
    part.id = "part-x";
    auto plan = put_passive(test::demo(), part);
    auto lead = make_cable(plan, preset, "load-computer", "part-x");
    lead.id = "cable-x", lead.name = "Part lead";
    return put_cable(std::move(plan), lead);
}

const Reading* reading(const std::vector<Reading>& all, const std::string& key) {
    for (const auto& r : all)
        if (r.key == "part/part-x/" + key) return &r;
    return nullptr;
}

}  // namespace

class TestPassives : public QObject {
    Q_OBJECT
  private slots:
    void reads_what_people_type() {
        const auto place = test::demo().places.front();
        const auto b = typed("Arm button 16 mm hole, at " + place.name);
        QCOMPARE(b.name, std::string("Arm button"));
        QVERIFY(b.kind == PassiveKind::button && b.place == place.id);
        CLOSE(raw(b.seat.cutout), 16, 1e-9);
        const auto l = typed("Bow eye, LED polarised 5/16 in hole");
        QCOMPARE(QString::fromStdString(l.name), QString("Bow eye"));
        QVERIFY(l.kind == PassiveKind::lamp && l.polar);
        CLOSE(raw(l.seat.cutout), 7.9375, 1e-6);
        const auto decimal = typed("Arm 5,5 mm button");
        QCOMPARE(decimal.name, std::string("Arm button"));
        CLOSE(raw(decimal.seat.cutout), 5.5, 1e-9);
        const auto s = typed("Soil probe 10 kΩ");
        QVERIFY(s.kind == PassiveKind::sensor);
        CLOSE(raw(s.ohm), 10e3, 1e-6);
        QVERIFY(typed("Whip antenna").kind == PassiveKind::aerial);
        QVERIFY(typed("Left motor").kind == PassiveKind::motor);
        QVERIFY(typed("Horn speaker 8 Ω").kind == PassiveKind::sounder);
    }
    void says_what_is_wrong_and_where() {
        const auto wrong = [](const std::string& line, const char* wants) {
            const auto p = parse_passive(test::demo(), {}, line);
            QVERIFY2(!p, line.c_str());
            QVERIFY2(p.error().message.str().find(wants) != std::string::npos,
                     p.error().message.str().c_str());
            QVERIFY(p.error().begin <= p.error().end && p.error().end <= line.size());
        };
        wrong("", "name");
        wrong("16 mm", "name");
        wrong("Thing 16 mm", "button, lamp");
        wrong("Arm button 300 mm", "200 mm");
        wrong("Arm button 12 V", "is a load");
        wrong("Arm button, at Nowhere", "no place");
        wrong("Soil probe 0.001 Ω", "10 MΩ");
        wrong("Arm button 10-20 mm", "One value");
        wrong("Arm button 5/16 hole", "needs its unit");
    }
    void what_is_printed_reads_back() {
        const auto plan = test::demo();
        const bool ok = rc::check("read(print(x)) = x", [&] {
            Passive p;
            p.id = "part-x";
            p.name = *rc::gen::element<std::string>("Bow eye", "Left wheel", "Aft", "Lid 2", "Pilz öben");
            p.kind = *rc::gen::element(PassiveKind::button, PassiveKind::lamp, PassiveKind::aerial,
                                       PassiveKind::sensor, PassiveKind::motor, PassiveKind::sounder);
            if (*rc::gen::arbitrary<bool>()) p.seat.cutout = Millimetre(*rc::gen::inRange(5, 2000) / 10.0);
            if (*rc::gen::arbitrary<bool>()) p.ohm = Ohm(*rc::gen::inRange(1, 1000000) / 10.0);
            p.polar = *rc::gen::arbitrary<bool>();
            if (*rc::gen::arbitrary<bool>())
                p.place = plan.places[*rc::gen::inRange<size_t>(0, plan.places.size())].id;
            const auto back = parse_passive(plan, p, passive_line(plan, p));
            RC_ASSERT(back.has_value());
            RC_ASSERT(back->name == p.name);
            RC_ASSERT(back->kind == p.kind);
            RC_ASSERT(back->place == p.place);
            RC_ASSERT(back->polar == p.polar);
            RC_ASSERT(std::abs(raw(back->seat.cutout) - raw(p.seat.cutout)) < 1e-4);
            RC_ASSERT(std::abs(raw(back->ohm) - raw(p.ohm)) <= 1e-5 * raw(p.ohm));
        });
        QVERIFY(ok);
    }
    void it_is_kept_and_goes_with_its_leads() {
        const auto plan = with_lead("Arm button 16 mm", CablePreset::servo_red_white_black);
        const auto back = plan_from_json(plan_to_json(plan), "x");
        QVERIFY2(back.has_value(), back ? "" : back.error().c_str());
        QVERIFY(*back == plan);
        const auto without = remove_passive(plan, "part-x");
        QVERIFY(without.passives.empty());
        QVERIFY(!by_id(without.signal_leads(), "cable-x"));
        QVERIFY(plan_from_json(plan_to_json(without), "x"));
        // A feed cannot end at what draws nothing; the file says so.
        auto fed = plan;
        fed.feeds().front().to = "part-x";
        const auto refused = plan_from_json(plan_to_json(fed), "x");
        QVERIFY(!refused && refused.error().find("part-x") != std::string::npos);
        // And it takes no feed over: the figures are those without it.
        const auto a = test::studied(plan), b = test::studied(test::demo());
        CLOSE(raw(a.now.drawn), raw(b.now.drawn), 1e-9);
        QVERIFY(by_id(plan.signal_leads(), "cable-x"));
    }
    void it_is_seated_as_its_nut_asks() {
        auto plan = with_lead("Arm button 22 mm", CablePreset::servo_red_white_black);
        const auto places = [](const Study& of) {
            std::pair<size_t, size_t> at;
            for (size_t i = 0; i < of.steps().size(); ++i) {
                if (of.steps()[i].key == "seat/part-x") at.first = i + 1;
                if (of.steps()[i].key == "cable/cable-x") at.second = i + 1;
            }
            return at;
        };
        const auto waits = [](const Step& step, const char* key) {
            return std::find(step.after.begin(), step.after.end(), key) != step.after.end();
        };
        // A ring nut in front goes over no wire: its lead is made up on the bench.
        auto from_behind = plan;
        from_behind.passives.back().seat.hold = SeatHold::nut_in_front;
        const auto ring = test::studied(from_behind);
        const auto [ring_seat, ring_lead] = places(ring);
        QVERIFY(ring_lead > 0 && ring_lead < ring_seat);
        QVERIFY(waits(ring.steps()[ring_seat - 1], "cable/cable-x"));
        // A nut behind goes over bare ends alone, so that it is on before the lead has any joint or plug.
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        const auto [seat, lead] = places(s);
        QVERIFY(seat > 0 && seat < lead);
        // Not by chance of the list: however steps are shuffled.
        QVERIFY(waits(steps[lead - 1], "seat/part-x"));
        std::string said;
        for (const auto& a : steps[seat - 1].actions) said += a + "\n";
        QVERIFY2(said.find("hole of 22 mm") != std::string::npos, said.c_str());
        // Drilled with all the others, by the template.
        const auto drill =
            std::find_if(steps.begin(), steps.end(), [](const auto& x) { return x.key == "drill"; });
        QVERIFY(drill != steps.end());
        QVERIFY(std::find(drill->tools.begin(), drill->tools.end(), "step drill") != drill->tools.end());
        bool listed = false;
        for (const auto& l : bill_of_materials(plan, parts(), s.harness))
            listed = listed || l.item == "button, for an opening of 22 mm";
        QVERIFY(listed);
    }
    void it_is_read_at_the_far_end_of_its_lead() {
        const auto s = test::studied(with_lead("Arm button 16 mm", CablePreset::servo_red_white_black));
        const auto* up = reading(s.readings(), "released");
        const auto* down = reading(s.readings(), "pressed");
        QVERIFY(up && down);
        QVERIFY(up->state.str().find("Companion computer") != std::string::npos ||
                up->state.str().find("unplugged there") != std::string::npos);
        QVERIFY(judge(*up, {0, true, ""}) == Verdict::pass && judge(*up, {0.4, false, ""}) == Verdict::low);
        QVERIFY(judge(*down, {3, false, ""}) == Verdict::high &&
                judge(*up, {5e5, false, ""}) == Verdict::low);
        QVERIFY(judge(*down, {0.4, false, ""}) == Verdict::pass &&
                judge(*down, {0, true, ""}) == Verdict::high);
        QVERIFY(!suspects(test::demo(), parts(), *down, Verdict::high).empty());
        for (const auto& r : s.readings())
            if (r.of == ReadingOf::passive) QVERIFY(!r.live);
    }
    void windings_are_read_pair_by_pair() {
        const auto s = test::studied(with_lead("Left motor", CablePreset::motor_phases));
        for (const char* key : {"winding-12", "winding-23", "winding-13"})
            QVERIFY2(reading(s.readings(), key), key);
        QVERIFY(reading(s.readings(), "winding-12")->red != reading(s.readings(), "winding-23")->red);
        const auto said = test::studied(with_lead("Left motor 2 Ω", CablePreset::motor_phases));
        CLOSE(reading(said.readings(), "winding-12")->low, 1.6, 1e-9);
        const auto probe = test::studied(with_lead("Soil probe 10 kΩ", CablePreset::servo_red_white_black));
        CLOSE(reading(probe.readings(), "ohms")->low, 8e3, 1e-6);
        CLOSE(reading(probe.readings(), "ohms")->high, 12002, 1e-6);
    }
};

SANGRE_SUITE(TestPassives);
#include "test_passives.moc"
