// What README, help, map and findings show as a phrase can be typed as a line, as a hurried hand types it.
#include "fixtures.h"
#include "output/files/plan_text.h"

#include <QFile>
#include <QRegularExpression>

using namespace sangre;
using test::parts;

namespace {

const char* ground =
    "plan Dialect\nbody Case, plastic, sealed\nplace Inside, in Case\n"
    "source Pack: 4S LFP 10 Ah\nhub Hub, strip\nload Lamp 12 V 1 A\n";

std::optional<Plan> with_line(const QString& line) {
    const auto plan = plan_from_text(ground + line.toStdString() + "\n", parts());
    return plan ? std::optional(*plan) : std::nullopt;
}

}  // namespace

class TestDialect : public QObject {
    Q_OBJECT
  private slots:
    void a_wire_is_its_size_and_what_it_is_made_of_data() {
        QTest::addColumn<QString>("said");
        QTest::addColumn<double>("area");
        QTest::addColumn<QString>("insulation");
        QTest::addColumn<bool>("solid");
        const auto row = [](const char* said, double area, const char* insulation, bool solid = false) {
            QTest::newRow(said) << said << area << insulation << solid;
        };
        // ASTM B258: 24 AWG 0.205, 22 AWG 0.326, 18 AWG 0.823, 14 AWG 2.08 mm².
        row("24 AWG silicone", 0.205, "silicone-200"), row("22AWG", 0.326, "silicone-200");
        row("18 AWG solid", 0.823, "pvc", true), row("14 AWG PVC", 2.08, "pvc");
        row("0.25 mm²", 0.25, ""), row("1.5 mm² PVC", 1.5, "pvc"),
            row("18 awg  stranded", 0.823, "silicone-200");
    }
    void a_wire_is_its_size_and_what_it_is_made_of() {
        QFETCH(QString, said);
        QFETCH(double, area);
        QFETCH(QString, insulation);
        QFETCH(bool, solid);
        const auto plan = with_line("lead Hub → Lamp, " + said);
        QVERIFY(plan && plan->feeds().size() == 1);
        const auto* wire = find(parts().wires, plan->feeds()[0].wire);
        QVERIFY(wire);
        CLOSE(raw(wire->area), area, 0.02);
        QVERIFY(QString::fromStdString(wire->insulation).startsWith(insulation));
        QCOMPARE(wire->strands == 1, solid);
    }
    void no_wire_is_made_up() {
        for (const char* said : {"24 AWG cheese", "23.7 mm²", "AWG", "900 AWG silicone"})
            QVERIFY2(!with_line(QString("lead Hub → Lamp, ") + said), said);
        const auto lead = with_line("load X 12 V 1 A, own lead 32 AWG");
        QVERIFY(lead && find(parts().wires, lead->loads.back().lead)->size == "32 AWG");
    }
    void a_body_and_an_opening_are_said_as_in_the_window() {
        for (const char* said :
             {"body Box, 220 × 140 × 80 mm", "body Box, plastic, 220 x 140 x 80 mm, wall 3 mm"}) {
            const auto plan = with_line(said);
            QVERIFY2(plan, said);
            const auto& box = plan->bodies.back();
            QVERIFY(raw(box.length) == 220 && raw(box.width) == 140 && raw(box.height) == 80);
        }
        const auto gland = with_line("opening O, M20 gland, in Case");
        QVERIFY(gland && gland->openings.back().kind == OpeningKind::gland &&
                !gland->openings.back().body.empty());
        CLOSE(raw(gland->openings.back().bore), 12, 1e-9);
        const auto bored = with_line("opening O, 12 mm grommet");
        QVERIFY(bored && bored->openings.back().kind == OpeningKind::grommet &&
                raw(bored->openings.back().bore) == 12);
    }
    void cells_are_said_as_shops_say_them_data() {
        QTest::addColumn<QString>("said");
        QTest::addColumn<QString>("chemistry");
        QTest::addColumn<int>("series");
        QTest::addColumn<double>("ah");
        QTest::newRow("aa") << "4 AA cells"
                            << "alkaline" << 4 << 2.4;
        QTest::newRow("aaa") << "2 AAA"
                             << "alkaline" << 2 << 1.1;
        QTest::newRow("d") << "2 x D cells"
                           << "alkaline" << 2 << 15.0;
        QTest::newRow("nimh") << "6 AA cells NiMH"
                              << "nimh" << 6 << 2.0;
        QTest::newRow("lead") << "12 V lead acid 80 Ah"
                              << "agm" << 6 << 80.0;
        QTest::newRow("rate") << "4S pouch 5 Ah 20 C"
                              << "lipo" << 4 << 5.0;
    }
    void cells_are_said_as_shops_say_them() {
        QFETCH(QString, said);
        QFETCH(QString, chemistry);
        QFETCH(int, series);
        QFETCH(double, ah);
        const auto plan = with_line("source P2: " + said);
        QVERIFY(plan);
        const auto& pack = plan->sources.back();
        QCOMPARE(QString::fromStdString(pack.chemistry), chemistry);
        QCOMPARE(pack.series, series);
        CLOSE(raw(pack.cell_capacity), ah, 1e-9);
    }
    void a_hurried_hand_is_read() {
        for (const char* said : {"• load Heater 24 V 3 A", "- load Heater 24 V 3 A",
                                 "load\tHeater\t24 V\t3 A", "Load  Heater  24 V  3 A", "load Heater 24V 3A",
                                 "load Heater 24 V 3,0 A", "load Heater 24 V 3 А", "load Heater 24 В 3 А"}) {
            const auto plan = with_line(said);
            QVERIFY2(plan && plan->loads.back().name == "Heater", said);
            CLOSE(raw(plan->loads.back().typical), 3, 1e-9);
        }
        const auto plan = with_line("load Furnace 24 V 3 kW, resistive");
        QVERIFY(plan && plan->loads.back().kind == LoadKind::resistance);
        const auto both = with_line("load Receiver 5 V 0.1 A, vital sensitive");
        QVERIFY(both && both->loads.back().vital && both->loads.back().sensitive);
        const auto motor = with_line("load 12V motor 3A");
        QVERIFY(motor && motor->loads.back().name == "Motor" && motor->loads.back().kind == LoadKind::motor);
        // What is no phrase is refused, with what would be right.
        QVERIFY(!with_line("load Receiver 5 V 0.1 A, vitally"));
        QVERIFY(!with_line("body Box, 220 × 140 × mm"));
        QVERIFY(!with_line("source P2: 0 AA cells"));
        const auto two = plan_from_text("body Box, 220 × 140 mm\n", parts());
        QVERIFY(!two && two.error().message.find("plastic") == std::string::npos);
        QVERIFY(with_line("•") && with_line("-"));
    }
    void several_alike_are_said_at_once_data() {
        QTest::addColumn<QString>("said");
        QTest::addColumn<QStringList>("names");
        const auto row = [](const char* said, const QStringList& names) {
            QTest::newRow(said) << said << names;
        };
        const QStringList two{"Servo 1", "Servo 2"};
        for (const char* said :
             {"load 2 servos 5V 1A", "2 servos 5V 1A", "Servo 5 V 1 A x2", "load 2x Servo 5 V 1 A",
              "load Servo 5 V 1 A × 2", "load 2 x servo 5V 1A", "Servo 5V 1A 2 pieces"})
            row(said, two);
        row("load Fan 12V 0.3A ×3, noisy", {"Fan 1", "Fan 2", "Fan 3"});
        row("load 2 batteries of horns 12 V 3 A", {"Batteries of horn 1", "Batteries of horn 2"});
        row("load Servo 5 V 1 A x1", {"Servo"});
        // Numbers that count nothing.
        row("load 4 channel receiver 5V 0.1A", {"4 channel receiver"});
        row("load 3 phase motors 24 V 5 A", {"3 phase motors"});
        row("load 12 V motor 3 A", {"Motor"});
        row("load Lamps 5 V 2 × 10 W", {"Lamps"});
        row("load \"2 servos\" 5 V 1 A", {"2 servos"});
    }
    void several_alike_are_said_at_once() {
        QFETCH(QString, said);
        QFETCH(QStringList, names);
        const auto plan = with_line(said);
        QVERIFY(plan);
        QStringList there;
        for (size_t i = 1; i < plan->loads.size(); ++i) there << QString::fromStdString(plan->loads[i].name);
        QCOMPARE(there, names);
        for (size_t i = 1; i < plan->loads.size(); ++i) QVERIFY(raw(plan->loads[i].v_max) > 0);
        // What is printed is the same again.
        const auto again = plan_from_text(plan_to_text(*plan, parts()), parts());
        QVERIFY(again && again->loads == plan->loads);
    }
    void what_counts_wrongly_is_refused() {
        for (const char* said :
             {"load Servo 5 V 1 A x0", "load Servo 5 V 1 A x65", "load 2 servos 5 V 1 A x2"})
            QVERIFY2(!with_line(said), said);
        const auto typo = plan_from_text("lod Fan 12 V 1 A\n", parts());
        QVERIFY(!typo && typo.error().message.find("“load”") != std::string::npos);
        const auto comma = plan_from_text("body Box, left, plastic\n", parts());
        QVERIFY(!comma && comma.error().message.find("quotes") != std::string::npos);
    }
    void a_source_needs_no_colon_and_no_name() {
        for (const char* said : {"source 4 AA cells", "source 12 V lead acid 80 Ah", "4S LFP 10 Ah",
                                 "source Aft pack 4S LFP 10 Ah", "panel 20 W 1–4 h 14.4 V"}) {
            const auto plan = with_line(said);
            QVERIFY2(plan && plan->sources.size() == 2 && !plan->sources.back().name.empty(), said);
        }
        QCOMPARE(with_line("source Aft pack 4S LFP 10 Ah")->sources.back().name, std::string("Aft pack"));
    }
    void what_ends_leads_is_said_as_its_editor_has_it() {
        const auto led = with_line("part Status LED polarised")->passives.back();
        QVERIFY(led.kind == PassiveKind::lamp && led.polar && led.name == "Status LED");
        const auto probe = with_line("part Soil probe, 10 kΩ")->passives.back();
        QVERIFY(probe.kind == PassiveKind::sensor && raw(probe.ohm) == 10e3);
        const auto plan = with_line("terminals Lamp\nterminal V+ screw 2.5 mm, left\nterminal GND, stud M8");
        QVERIFY(plan);
        const auto& ends = plan->terminals.at(plan->loads[0].id);
        QVERIFY(ends[0].takes == TerminalTakes::screw && raw(ends[0].size) == 2.5 && ends[0].where == "left");
        QVERIFY(ends[1].takes == TerminalTakes::stud && raw(ends[1].size) == 8);
        const auto hand = with_line("hand 3 m 24 AWG silicone red")->at_hand.back();
        QVERIFY(raw(hand.length) == 3 && hand.colour == "red");
        QCOMPARE(find(parts().wires, hand.wire)->size, std::string("24 AWG"));
    }
    void an_item_of_which_only_the_kind_is_said_is_one_that_carries_its_lead() {
        const auto type = [](const char* item) {
            const auto plan = with_line(QString("load Winch 12 V 16 A\nlead Hub → Winch, 12 AWG\n") + item);
            return plan ? plan->feeds().back().devices.back() : Device{};
        };
        QVERIFY(find(parts().inlines, type("item meter").type)->rated >= Ampere(16));
        QVERIFY(find(parts().switches, type("item switch").type)->rated >= Ampere(16));
        QVERIFY(find(parts().connectors, type("item connector").type)->rated >= Ampere(16));
        const auto fuse = type("item fuse 20 A");
        QVERIFY(raw(fuse.rating) == 20 && find(parts().fuses, fuse.type)->voltage >= Volt(14.6));
        QVERIFY(!with_line("lead Hub → Lamp\nitem fuse") && !with_line("lead Hub → Lamp\nitem cheese"));
    }
    void a_colon_behind_the_word_is_none_of_its_letters() {
        const auto with = plan_from_text("source: Pack: 4S2P Li-ion 6 Ah\nload: Lamp 12 V 1 A\n", parts());
        const auto without = plan_from_text("source Pack: 4S2P Li-ion 6 Ah\nload Lamp 12 V 1 A\n", parts());
        QVERIFY(with.has_value() && without.has_value());
        QVERIFY(*with == *without);
        // A word that begins no line stays wrong, where it stands.
        const auto wrong = plan_from_text("sauce: Pack: 4S2P Li-ion 6 Ah\n", parts());
        QVERIFY(!wrong.has_value());
    }
    void stands_in_and_on_a_place_as_at_it() {
        const auto plan = plan_from_text(
            "place Box\nLeft drive 24 V 3 A motor, in Box\nload Lamp 12 V 1 A, on Box\n4S LFP 10 Ah, inside "
            "Box\n",
            parts());
        QVERIFY(plan.has_value());
        QCOMPARE(plan->loads.front().name, std::string("Left drive"));
        for (const auto& place : {plan->loads[0].place, plan->loads[1].place, plan->sources[0].place})
            QCOMPARE(place, plan->places.front().id);
        for (const char* wrong :
             {"load Lamp 12 V 1 A, in", "load Lamp 12 V 1 A, in Attic", "load Lamp 12 V 1 A, on "})
            QVERIFY2(!plan_from_text(wrong, parts()), wrong);
    }
    void a_pasted_list_is_known_for_one() {
        for (const char* text : {"• load Fan 12 V 1 A\n• hub Tail, strip\n", "- load Fan 12 V 1 A\n",
                                 "-- a comment\nload Fan 12 V 1 A\n", "*\tload Fan 12 V 1 A\n"}) {
            QVERIFY2(looks_like_plan_text(text), text);
            QVERIFY2(plan_from_text(text, parts()), text);
        }
        QVERIFY(!looks_like_plan_text("name,voltage\nFan,12\n"));
        // A sign is no bullet.
        QVERIFY(!plan_from_text("-5 V\n", parts()));
    }
    void a_way_is_said_with_an_arrow() {
        const auto plan =
            with_line("place Far, in Case\nway Inside → Far, 0.3 m\nHub → Lamp, 18 AWG, by way Far → Inside");
        QVERIFY(plan && plan->feeds().size() == 1 && plan->feeds()[0].by.size() == 1);
    }
    void every_example_of_the_handbook_is_read_data() {
        QTest::addColumn<QString>("line");
        for (const auto& e : line_examples()) {
            const auto line = QString::fromUtf8(e.line.data(), static_cast<qsizetype>(e.line.size()));
            QTest::newRow(qPrintable(line)) << line;
        }
    }
    void every_example_of_the_handbook_is_read() {
        QFETCH(QString, line);
        const auto plan = plan_from_text(line.toStdString() + "\n", parts());
        QVERIFY2(plan, plan ? "" : plan.error().message.c_str());
    }
    /// What stands in a document between back quotes and is said of a plan.
    static QStringList phrases(const QString& file) {
        QFile f(QString(SANGRE_SOURCE_DATA) + "/../" + file);
        if (!f.open(QIODevice::ReadOnly)) return {};
        QStringList all;
        static const QRegularExpression quoted("`([^`\n]+)`"),
            // Commands, keys, files, words of files, and words that name no amount.
            other(
                "sangre|PLAN|FILE|NAME|scripts|^[./~]|/|--|_|\\.json|Ctrl|Alt|Shift|^F[0-9]|^\"|=|^[0-9.]+ "
                "W$|^[+−0-9%]+$|calc|"
                "\\(mA\\)|…");
        auto it = quoted.globalMatch(QString::fromUtf8(f.readAll()));
        while (it.hasNext()) {
            const auto phrase = it.next().captured(1);
            if (!phrase.contains(other) && phrase.contains(' ') &&
                (phrase.contains(QRegularExpression("[0-9]")) || phrase.contains("→")))
                all << phrase;
        }
        return all;
    }
    void every_phrase_of_the_documents_is_read_data() {
        QTest::addColumn<QString>("phrase");
        for (const char* file : {"README.md", "data/help/help.md", "docs/lines.md"}) {
            const auto all = phrases(file);
            QVERIFY2(!all.isEmpty(), file);
            for (const auto& phrase : all) QTest::newRow(qPrintable(QString(file) + ": " + phrase)) << phrase;
        }
    }
    void every_phrase_of_the_documents_is_read() {
        QFETCH(QString, phrase);
        const QString around =
            "body Deck box, plastic\nplace Deck, in Deck box\nplace Tail, in Deck box\nplace Mast foot, in "
            "Deck box\n"
            "hub Tail hub, strip\nload Fog pump 12 V 4 A\nlead Pack → Hub, 10 AWG\n";
        bool read = false;
        for (const char* begins :
             {"", "load ", "part ", "body ", "opening ", "source Other: ", "terminals Lamp\nterminal "}) {
            auto line = begins + phrase;
            if (QString(begins).startsWith("terminals")) line.replace("; ", "\nterminal ");
            read = read || with_line(around + line) || with_line(line);
        }
        QVERIFY2(read, qPrintable(phrase));
    }
};

SANGRE_SUITE(TestDialect);
#include "test_dialect.moc"
