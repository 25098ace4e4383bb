// Cables core by core: as they are typed, ready-made ones, what belongs together, kept in a file, labelled.
#include <QTest>
#include <map>
#include <set>

#include "fixtures.h"
#include "making/laid_straight.h"
#include "making/steps/bom.h"
#include "output/diagram/labels.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "plan/edits.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;

namespace {

std::string read_back(const char* line) {
    const auto core = parse_core(line);
    return core ? core_line(*core) : "error: " + core.error().message.str();
}

Lead between_demo_parts(CablePreset preset) {
    auto cable = make_cable(test::demo(), preset, "load-computer", "load-steering");
    cable.id = "cable";
    return cable;
}

/// The demo with this cable alone.
Plan with(const Lead& cable) {
    auto plan = test::demo();
    plan.replace_signal_leads({cable});
    return plan;
}

}  // namespace

class TestCables : public QObject {
    Q_OBJECT
  private slots:
    void typed_lines_are_read_and_written_alike_data() {
        QTest::addColumn<QString>("line");
        for (const char* line :
             {"1 white PWM > 1", "2 red 5 V > 2 doubled 1", "4 yellow CAN H > 7 twisted 1",
              "3 blue unused cut back", "A blue phase A > C twisted 2", "+ red + > +", "9 grey S7 > 12"})
            QTest::newRow(line) << line;
    }
    void typed_lines_are_read_and_written_alike() {
        QFETCH(QString, line);
        QCOMPARE(read_back(line.toUtf8().constData()), line.toStdString());
    }
    void other_arrows_and_capitals_mean_the_same() {
        QCOMPARE(read_back("1 White PWM -> 1"), std::string("1 white PWM > 1"));
        QCOMPARE(read_back("  1   white PWM → 1 "), std::string("1 white PWM > 1"));
        QCOMPARE(read_back("1 white PWM to 1 TWISTED 2"), std::string("1 white PWM > 1 twisted 2"));
    }
    void the_role_follows_from_the_signal() {
        const auto role = [](const char* line) { return parse_core(line)->role; };
        QCOMPARE(role("1 black GND > 1"), CoreRole::ground);
        QCOMPARE(role("1 black − > 1"), CoreRole::ground);
        QCOMPARE(role("2 red 5 V > 2"), CoreRole::supply);
        QCOMPARE(role("2 red 3.3V > 2"), CoreRole::supply);
        QCOMPARE(role("2 red VCC > 2"), CoreRole::supply);
        QCOMPARE(role("A blue phase A > A"), CoreRole::phase);
        QCOMPARE(role("3 white PWM > 3"), CoreRole::signal);
        QCOMPARE(role("4 grey"), CoreRole::unused);
        QCOMPARE(role("4 grey LAMP unused"), CoreRole::unused);
    }
    void what_is_wrong_says_where_and_what_would_be_right_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("place");
        QTest::addColumn<QString>("words");
        const auto row = [](const char* line, const char* place, const char* words) {
            QTest::newRow(line) << line << place << words;
        };
        row("", "", "1 white PWM > 1");
        row("1", "1", "1 white PWM > 1");
        row("1 pink PWM > 1", "pink", "white, brown, violet");
        row("1 white PWM >", ">", "far end is missing");
        row("1 white PWM", "", "unused");
        row("1 white PWM > 1 twisted", "twisted", "twisted 1");
        row("1 white PWM > 1 doubled x", "doubled", "doubled 1");
        row("1 white PWM > 1 twisted 0", "twisted", "twisted 1");
        row("1 white unused cut", "cut", "cut back");
        row("1 white PWM > 1 again", "again", "doubled 1");
        row("1 white PWM > 1 > 2", ">", "named already");
        row("thelongestpinofall white PWM > 1", "thelongestpinofall", "at most 12 letters");
        row("1 white PWM > 1234567890123", "1234567890123", "at most 12 letters");
        row("1 white a signal that tells its whole life > 1", "a signal that tells its whole life",
            "at most 32 letters");
    }
    void what_is_wrong_says_where_and_what_would_be_right() {
        QFETCH(QString, line);
        QFETCH(QString, place);
        QFETCH(QString, words);
        const auto text = line.toStdString();
        const auto core = parse_core(text);
        QVERIFY(!core);
        const auto& e = core.error();
        QVERIFY(e.begin <= e.end && e.end <= text.size());
        QCOMPARE(QString::fromStdString(text.substr(e.begin, e.end - e.begin)), place);
        QVERIFY2(QString::fromStdString(e.message).contains(words), e.message.str().c_str());
    }
    void ready_made_ones_are_sound() {
        for (const auto preset : cable_presets()) {
            const auto cable = between_demo_parts(preset);
            QVERIFY(!preset_name(preset).empty() && !preset_use(preset).empty());
            QVERIFY2(find(test::parts().wires, cable.wire), cable.wire.c_str());
            std::set<std::string> colours, pins;
            for (const auto& core : cable.cores) {
                QVERIFY2(colours.insert(core.colour).second, core.colour.c_str());
                QVERIFY2(pins.insert(core.from_pin).second, core.from_pin.c_str());
                // What it is made of can be typed again as it stands.
                const auto again = parse_core(core_line(core));
                QVERIFY2(again && *again == core, core_line(core).c_str());
            }
            QVERIFY(!is_mirrored(cable));
        }
        QCOMPARE(between_demo_parts(CablePreset::servo_brown_red_orange).cores[0].role, CoreRole::ground);
        QCOMPARE(between_demo_parts(CablePreset::ribbon).cores.size(), size_t{10});
    }
    void mirrored_means_turned_end_for_end() {
        auto cable = between_demo_parts(CablePreset::servo_red_white_black);
        const auto pins = [&](std::vector<const char*> to) {
            for (size_t i = 0; i < to.size(); ++i) cable.cores[i].to_pin = to[i];
            return is_mirrored(cable);
        };
        QVERIFY(!pins({"1", "2", "3"}));
        QVERIFY(pins({"3", "2", "1"}));
        QVERIFY(pins({"4", "3", "2"}));
        QVERIFY(!pins({"2", "3", "1"}));  // another order, but no mirror
        QVERIFY(!pins({"S", "+", "−"}));  // names say what they are
        cable.cores[1].role = CoreRole::unused;
        QVERIFY(pins({"3", "", "1"}));  // a left-over core says nothing
        cable.cores.resize(1);
        QVERIFY(!pins({"3"}));
    }
    void doubled_cores_carry_together() {
        auto cable = between_demo_parts(CablePreset::ribbon);
        QCOMPARE(together_with(cable, 0), std::vector<size_t>{0});
        cable.cores[0].doubled = cable.cores[3].doubled = 2;
        cable.cores[4].doubled = 1;
        QCOMPARE(together_with(cable, 3), (std::vector<size_t>{3, 0}));
        QCOMPARE(together_with(cable, 4), std::vector<size_t>{4});
    }
    void two_thin_cores_carry_what_one_does_not() {
        auto ribbon = between_demo_parts(CablePreset::ribbon);
        ribbon.amps = Ampere(0.4);
        const auto overloaded = [&] {
            return test::has(test::studied(with(ribbon)), "cable-core-overloaded");
        };
        while (!overloaded() && raw(ribbon.amps) < 20) ribbon.amps *= 1.1;
        QVERIFY(raw(ribbon.amps) > 0.4 && raw(ribbon.amps) < 20);
        auto& spare = ribbon.cores[9];
        spare.role = CoreRole::supply, spare.signal = "5 V";
        ribbon.cores[0].doubled = spare.doubled = 1;
        QVERIFY(!overloaded());
    }
    void a_board_with_a_feed_of_its_own_wants_no_red_wire() {
        auto plan = with(
            make_cable(test::demo(), CablePreset::servo_red_white_black, "load-drive-left", "load-computer"));
        plan.signal_leads()[0].id = "throttle";
        const auto study = test::studied(plan);
        const auto* f = test::finding(study, "cable-two-supplies");
        QVERIFY(f && f->severity == Severity::danger);
        QVERIFY2(f->sentence.str().find("its lead") != std::string::npos, f->sentence.str().c_str());
        const auto mended = f->fixes.at(0).edit(plan);
        const auto& red = mended.signal_leads()[0].cores[1];
        QVERIFY(red.role == CoreRole::unused && red.cut_back && red.to_pin.empty());
        QVERIFY(!test::has(test::studied(mended), "cable-two-supplies"));
        // Which way a lead was drawn says nothing of which end gives.
        plan.signal_leads()[0].from = "load-computer", plan.signal_leads()[0].to = "load-drive-left";
        QVERIFY(test::has(test::studied(plan), "cable-two-supplies"));
    }
    void a_red_wire_of_unknown_volts_into_what_is_fed_is_found() {
        auto plan = with(
            make_cable(test::demo(), CablePreset::servo_red_white_black, "load-computer", "load-steering"));
        plan.signal_leads()[0].volts = Volt(0);
        QVERIFY(test::has(test::studied(plan), "cable-two-supplies"));
        plan.erase_feeds([](const auto& f) { return f.to == "load-steering"; });
        QVERIFY(!test::has(test::studied(plan), "cable-two-supplies"));
    }
    /// Controllers' 5 V into a board that has its own: found whichever way the leads were drawn.
    void two_supplies_are_found_in_either_direction() {
        for (const bool turned : {false, true}) {
            auto plan = test::demo();
            plan.replace_signal_leads({});
            for (const char* drive : {"load-drive-left", "load-drive-right"}) {
                auto k = make_cable(plan, CablePreset::servo_red_white_black, drive, "load-computer");
                if (turned) std::swap(k.from, k.to);
                k.id = std::string("lead-") + drive;
                plan.add_signal_lead(k);
            }
            QVERIFY(test::has(test::studied(plan), "cable-two-supplies"));
        }
    }
    void kept_in_a_file() {
        for (const auto preset : cable_presets()) {
            auto cable = between_demo_parts(preset);
            cable.label = "“both ends”", cable.amps = Ampere(0.25), cable.terminated = true;
            cable.cores[0].twist = 3, cable.cores[1].doubled = 2;
            const auto plan = with(cable);
            const auto again = plan_from_json(plan_to_json(plan), "memory");
            QVERIFY2(again.has_value(), again ? "" : again.error().c_str());
            QVERIFY(again->leads == plan.leads);
        }
    }
    void an_end_that_is_nowhere_is_refused_with_its_place() {
        auto cable = between_demo_parts(CablePreset::data_pair);
        cable.to = "load-nowhere";
        const auto read = plan_from_json(plan_to_json(with(cable)), "memory");
        QVERIFY(!read);
        for (const char* part : {"memory", "/leads/", "/to", "load-nowhere"})
            QVERIFY2(read.error().find(part) != std::string::npos, read.error().c_str());
    }
    void it_goes_with_the_part_it_ends_at() {
        const auto without = remove_load(with(between_demo_parts(CablePreset::data_pair)), "load-steering");
        QVERIFY(without.signal_leads().empty());
    }
    void mains_in_a_cable_is_outside_this_tool() {
        auto cable = between_demo_parts(CablePreset::four_core);
        cable.volts = Volt(59);
        QVERIFY(!test::has(test::studied(with(cable)), "outside-this-tool"));
        cable.volts = Volt(230);
        const auto study = test::studied(with(cable));
        const auto* f = test::finding(study, "outside-this-tool");
        QVERIFY(f && f->severity == Severity::danger && f->about.front() == cable.id);
        QVERIFY(f->sentence.str().find("qualified person") != std::string::npos);
    }
    void put_again_replaces_and_removed_is_gone() {
        auto plan = test::demo();
        plan.replace_signal_leads({});
        plan = put_cable(plan, make_cable(plan, CablePreset::ribbon, "load-computer", "load-night-camera"));
        plan = put_cable(plan, make_cable(plan, CablePreset::ribbon, "load-computer", "load-night-camera"));
        QCOMPARE(plan.signal_leads().size(), size_t{2});
        QVERIFY(!plan.signal_leads()[0].id.empty() && plan.signal_leads()[0].id != plan.signal_leads()[1].id);
        auto changed = plan.signal_leads()[0];
        changed.label = "camera";
        plan = put_cable(plan, changed);
        QCOMPARE(plan.signal_leads().size(), size_t{2});
        QCOMPARE(plan.signal_leads()[0].label, std::string("camera"));
        plan = remove_cable(plan, plan.signal_leads()[0].id);
        QCOMPARE(plan.signal_leads().size(), size_t{1});
    }
    void labels_for_both_ends_of_everything() {
        const auto plan = with([] {
            auto c = between_demo_parts(CablePreset::servo_red_white_black);
            c.label = "steering, no 12 V";
            return c;
        }());
        const auto study = test::studied(plan);
        const auto labels = wire_labels(plan, study.harness);
        size_t wires = 0;
        for (const auto& f : plan.feeds()) wires += f.ret == Return::own ? 2 : 1;
        QCOMPARE(labels.size(), 2 * (wires + plan.signal_leads().size()));
        for (size_t i = 0; i + 1 < labels.size(); i += 2) QCOMPARE(labels[i].title, labels[i + 1].title);
        QCOMPARE(labels.back().title, std::string("C1"));
        QCOMPARE(labels.back().more, std::string("steering, no 12 V"));
        const auto sheets = label_sheets(labels);
        QCOMPARE(sheets.size(), (labels.size() + 47) / 48);
        size_t spots = 0;
        for (const auto& s : sheets) {
            spots += s.spots.size();
            for (const auto& spot : s.spots)
                QVERIFY(spot.from.x >= 0 && spot.to.x <= s.width && spot.from.y >= 0 &&
                        spot.to.y <= s.height);
        }
        QCOMPARE(spots, labels.size());
        // Folded, each reads from both sides; and there is one for either end.
        std::map<std::string, int> written;
        for (const auto& s : sheets)
            for (const auto& shape : s.shapes) ++written[shape.text];
        for (const auto& l : labels) QCOMPARE(written[l.title], 4);
        QVERIFY(label_sheets({}).empty());
    }
    /// What feeds and what carries signals alone is cut, threaded, covered and joined by the same steps.
    void a_cable_is_made_like_any_other_lead() {
        const auto plan = plan_from_text(
            "plan Probe on a boom\nbody Case, plastic, sealed, 200 × 150 × 100 mm\nplace Inside, in Case\n"
            "place Outside\nopening Probe gland, M12 gland, in Case\nway Inside → Outside, 1.5 m\n"
            "  meets opening, at 0.1 m, through Probe gland\nsource Pack: 4S LFP 10 Ah, at Inside\n"
            "load Brain 11–14.6 V 0.4 A, at Inside\nload Row lamp 11–14.6 V 0.4 A, at Outside\n"
            "part Probe, sensor, at Outside\n"
            "lead Pack → Brain, 20 AWG, 0.2 m, begins with soldered cup of a battery plug, ends with "
            "soldered "
            "lap splice\n  item fuse, standard blade fuse, 3 A\n"
            "lead Pack → Row lamp, 22 AWG PVC, 2 m, begins with soldered cup of a battery plug, ends with "
            "soldered lap splice, jacket sheath, across 5 mm\n  item fuse, standard blade fuse, 2 A\n"
            "  core +, supply, colour yellow\n  core -, ground, colour black\n  core \"\", unused, colour "
            "blue\n"
            "cable Brain → Probe, 24 AWG PVC, begins with crimped contact in a housing, ends with soldered "
            "lap "
            "splice, jacket sheath, across 4 mm\n  core sig, signal, pin 1, colour white\n"
            "  core GND, ground, pin 2, colour black\nphase Day, 2 h, runs Row lamp typical\n",
            parts());
        QVERIFY2(plan, plan ? "" : error_text(plan.error()).c_str());
        const auto study = test::studied(*plan);
        const auto steps = study.steps();
        for (const auto& lead : {plan->feeds()[1].id, plan->signal_leads()[0].id}) {
            size_t last = 0;
            for (const auto* stage : {"cut/", "thread/", "sleeve/", "cable/"}) {
                size_t at = 0;
                while (at < steps.size() && steps[at].key != stage + lead) ++at;
                QVERIFY2(at < steps.size(), (stage + lead).c_str());
                QVERIFY2(at >= last, (stage + lead).c_str());
                last = at;
                for (const auto& action : steps[at].actions) {
                    QVERIFY2(action.str().find("  ") == std::string::npos, action.str().c_str());
                    QVERIFY2(action.str().find(" to ;") == std::string::npos, action.str().c_str());
                }
            }
            const auto& made = steps[last];
            const auto says = [&](const char* words) {
                return std::any_of(made.actions.begin(), made.actions.end(),
                                   [&](const auto& a) { return a.str().find(words) != std::string::npos; });
            };
            QVERIFY(says("Strip ") && says("Tug with ") && says("Iron"));
            QVERIFY(std::find(made.tools.begin(), made.tools.end(), "iron") != made.tools.end());
        }
        // Both are laid straight, and the gland's nut is slid onto what goes through it.
        bool nut = false;
        for (size_t f = 0; f < study.harness.routes.size(); ++f)
            for (const auto& on : lay_straight(*plan, parts(), study, f, steps).order)
                nut = nut ||
                      (f >= plan->feeds().size() && on.words.str().find("dome nut") != std::string::npos);
        QVERIFY(nut);
        // What its ends take is bought.
        bool contacts = false;
        for (const auto& line : bill_of_materials(*plan, parts(), study.harness))
            contacts = contacts || line.item.str().find("crimp contact") != std::string::npos;
        QVERIFY(contacts);
    }
};

SANGRE_SUITE(TestCables);
#include "test_cables.moc"
