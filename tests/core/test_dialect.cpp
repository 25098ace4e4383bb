// What README, help, map and findings show as a phrase can be typed as a line, as a hurried hand types it.
#include "files/plan_text.h"
#include "fixtures.h"

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
        QVERIFY(plan && plan->feeds.size() == 1);
        const auto* wire = find(parts().wires, plan->feeds[0].wire);
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
        CLOSE(raw(gland->openings.back().bore), 20.2, 1e-9);
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
};

SANGRE_SUITE(TestDialect);
#include "test_dialect.moc"
