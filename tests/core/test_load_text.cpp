// Loads typed the way people say them.
#include "fixtures.h"
#include "lines/csv.h"
#include "plan/load_text.h"
#include "random_plans.h"

using namespace sangre;

class TestLoadText : public QObject {
    Q_OBJECT
  private slots:
    void understands_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("name");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        QTest::addColumn<double>("typical");
        QTest::addColumn<double>("peak");
        QTest::addColumn<double>("peak_s");
        const auto row = [](const char* t, const char* n, double lo, double hi, double typ, double pk,
                            double s) {
            QTest::newRow(t) << QString::fromUtf8(t) << QString::fromUtf8(n) << lo << hi << typ << pk << s;
        };
        row("Computer 5V 2.4A", "Computer", 4.75, 5.25, 2.4, 2.4, 0);
        row("Pump 12 V 30 W peak 60 W 2s", "Pump", 10.5, 14.8, 2.5, 5, 2);
        row("Radio 7–26V 1.2A idle 80mA", "Radio", 7, 26, 1.2, 1.2, 0);
        row("Radio 7-26 V 1.2 A", "Radio", 7, 26, 1.2, 1.2, 0);
        row("Radio 7 - 26 V 1,2A", "Radio", 7, 26, 1.2, 1.2, 0);
        row("Motor left 24V 3A stall 35A", "Motor left", 18, 29.6, 3, 3, 0);
        row("Winch 24V 3A stall 35A", "Winch", 21, 29.6, 3, 35, 2);
        row("Steering 12 V ±10 % 1.9A peak 4A for 1 s", "Steering", 10.8, 13.2, 1.9, 4, 1);
        row("Bell 12 V peak 6 A", "Bell", 10.5, 14.8, 2, 6,
            2);  // a third of its peak where nothing else is said
        row("Siren 12V 2A peak 3,5A noisy", "Siren", 10.5, 14.8, 2, 3.5, 2);
        row("Camera 2 12V 0.6A sensitive", "Camera 2", 10.5, 14.8, 0.6, 0.6, 0);
        row("Heater 12V 8Ω", "Heater", 9, 14.8, 1.5, 1.5, 0);
        row("Lamp 12V 1A5", "Lamp", 10.5, 14.8, 1.5, 1.5, 0);
        row("Mast 9V-15V 150 mA always on", "Mast", 9, 15, 0.15, 0.15, 0);
        row("Mast 12..15V 150 mA", "Mast", 12, 15, 0.15, 0.15, 0);
        row("Mast 12 to 15 V 150 mA", "Mast", 12, 15, 0.15, 0.15, 0);
        row("Lamp 12V regulated 1A", "Lamp", 11.4, 12.6, 1, 1, 0);
        row("Lamp regulated 12V 1A", "Lamp", 11.4, 12.6, 1, 1, 0);
        row("Lamp 12V±10% 1A", "Lamp", 10.8, 13.2, 1, 1, 0);
        row("Radio 5V 1e-3A", "Radio", 4.75, 5.25, 0.001, 0.001, 0);
        row("Radio 5 Vdc ½ A", "Radio", 4.75, 5.25, 0.5, 0.5, 0);
        row("Radio 5 V DC .5A", "Radio", 4.75, 5.25, 0.5, 0.5, 0);
        row("Radio 5V 2 amps", "Radio", 4.75, 5.25, 2, 2, 0);
        row("Lamps 5V 2x10W", "Lamps", 4.75, 5.25, 4, 4, 0);
        row("Lamps 5V 2 × 10 W", "Lamps", 4.75, 5.25, 4, 4, 0);
        row("Heater 24V 1,250 A", "Heater", 18, 29.6, 1.25, 1.25, 0);
        row("Sensor 5V 1.2345 mA", "Sensor", 4.75, 5.25, 0.0012345, 0.0012345, 0);
    }
    void understands() {
        QFETCH(QString, text);
        const auto read = parse_load(text.toStdString());
        QVERIFY2(read.complete(), read.problems.empty() ? "" : read.problems[0].message.str().c_str());
        QTEST(QString::fromStdString(read.load.name), "name");
        QFETCH(double, low);
        QFETCH(double, high);
        QFETCH(double, typical);
        QFETCH(double, peak);
        QFETCH(double, peak_s);
        CLOSE(raw(read.load.v_min), low, 1e-6);
        CLOSE(raw(read.load.v_max), high, 1e-6);
        CLOSE(raw(read.load.typical), typical, 1e-6);
        CLOSE(raw(read.load.peak), peak, 1e-6);
        QCOMPARE(raw(read.load.peak_time), peak_s);
    }
    void what_it_is_called_says_what_it_is() {
        const auto video = parse_load("Video transmitter 7-26V 5W noisy");
        QVERIFY(video.complete() && video.load.transmitter && video.load.noisy);
        QCOMPARE(video.load.name, std::string("Video transmitter"));
        const auto starter = parse_load("Starter 12V 60A start 250A 1s");
        QVERIFY(starter.complete() && starter.load.starter && !starter.load.assumed);
        QVERIFY(!parse_load("Motor starter relay 12V 0.2A").load.starter);
        QVERIFY(parse_load("Servo 6V 0.4A assumed").load.assumed);
    }
    void manners() {
        const auto l = parse_load(
                           "Radio 5V 0.4A peak 1.1A 500 ms start 2 A 0.1 s always on vital sensitive "
                           "transmitter switched")
                           .load;
        QVERIFY(l.always_on && l.vital && l.sensitive && l.transmitter && l.own_switch && !l.noisy);
        QCOMPARE(raw(l.start), 2.0);
        QCOMPARE(raw(l.start_time), 0.1);
        QCOMPARE(raw(l.peak_time), 0.5);
        QCOMPARE(parse_load("Heater 12V 8Ω").load.kind, LoadKind::resistance);
        QCOMPARE(parse_load("Kettle 12V 30W").load.kind, LoadKind::power);
        QCOMPARE(parse_load("Heater 12V 30W").load.kind, LoadKind::resistance);
        QCOMPARE(parse_load("Heater controller 12V 1W").load.kind, LoadKind::power);
    }

    void refuses_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        QTest::addColumn<QString>("where");
        const auto row = [](const char* t, const char* s, const char* w) {
            QTest::newRow(t) << QString::fromUtf8(t) << QString::fromUtf8(s) << QString::fromUtf8(w);
        };
        row("Pump 26–7V 1A", "swap", "26–7V");
        row("Pump 12V 1A blue", "not understood", "blue");
        row("Pump 12V", "current or power is missing", "");
        row("Pump 1A", "voltage is missing", "");
        row("12V 1A", "name is missing", "");
        row("Pump 12V 1A peak", "peak", "peak");
        row("Pump 12V 3 parsec", "parsec", "3 parsec");
        row("Pump 230V 1A", "60 V", "230V");
        row("Pump 12V 24V 1A", "second voltage", "24V");
        row("Pump 12V 1A 2A", "second draw", "2A");
        row("Pump 12V 3A peak 2A", "below", "");
        row("Pump 12V ±200 % 1A", "percentage", "12V ±200 %");
        row("", "name is missing", "");
        row("Pump 12V 5", "no unit", "5");
        row("Pump 12V 1.2.3A", "not a number", "1.2.3");
        row("Pump 12V 2.4.1A", "not a number", "2.4.1");
        row("Pump 12V 1.200 W", "1.2 or 1200", "1.200 W");
        row("Pump 12V 1,500 mA", "1.5 or 1500", "1,500 mA");
        row("Pump 12.6-9V 1A", "swap", "12.6-9V");
        row("Pump 12V 1 5A", "no unit", "1");
        row("Pump 12V 2A/3", "not understood", "/3");
        row("Pump 12V AC 2A", "outside this tool", "AC");
        row("Pump 12V 2-3A", "peak", "2-3A");
        row("Pump 12V-2A", "two kinds", "12V-2A");
        row("Pump 12 V -2 A", "leave out what joins them", "12 V -2 A");
    }
    void refuses() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        QFETCH(QString, where);
        const auto bytes = text.toStdString();
        const auto read = parse_load(bytes);
        QVERIFY(!read.complete());
        QVERIFY2(QString::fromStdString(read.problems[0].message).contains(says),
                 read.problems[0].message.str().c_str());
        if (!where.isEmpty())
            QCOMPARE(QString::fromStdString(
                         bytes.substr(read.problems[0].begin, read.problems[0].end - read.problems[0].begin)),
                     where);
        for (const auto& p : read.problems) QVERIFY(p.begin <= p.end && p.end <= bytes.size());
    }
    void kinds_are_understood() {
        const auto motor = parse_load("motor 24V 3A stall 35A");
        QVERIFY(motor.complete());
        QVERIFY(motor.load.kind == LoadKind::motor);
        QCOMPARE(raw(motor.load.start), 35.0);
        QCOMPARE(raw(motor.load.peak), 3.0);
        const auto lights = parse_load("LEDs 12 V 0.8 A");
        QVERIFY(lights.complete() && lights.load.kind == LoadKind::led);
        const auto strip = parse_load("Deck lights 12V LED 10 W");
        QVERIFY(strip.complete() && strip.load.kind == LoadKind::led);
        CLOSE(raw(strip.load.typical), 10.0 / 12, 1e-6);
        const auto starter = parse_load("Starter 9-15V motor 60A stall 140A 2 s starter");
        QVERIFY2(starter.complete(),
                 starter.problems.empty() ? "" : starter.problems[0].message.str().c_str());
        QVERIFY(starter.load.starter && starter.load.kind == LoadKind::motor);
        QVERIFY(parse_load("Drive motor left 20-30V 3A stall 9A").load.kind == LoadKind::motor);
        QVERIFY(parse_load("Motor controller 20-30V 3A").load.kind == LoadKind::current);
        QVERIFY(parse_load("Drive motor 24V 8A constant-current").load.kind == LoadKind::current);
        for (const auto& l : {motor.load, lights.load, strip.load, starter.load}) {
            const auto again = parse_load(load_line(l));
            QVERIFY2(again.complete(), load_line(l).c_str());
            QVERIFY(again.load.kind == l.kind && again.load.starter == l.starter);
            CLOSE(raw(again.load.typical), raw(l.typical), 0.01);
            CLOSE(raw(again.load.start) + 1, raw(l.start) + 1, 0.01);
        }
    }
    void a_bare_voltage_is_a_battery_unless_it_is_regulated() {
        const auto lamp = parse_load("Lamp 12V 1A").load, video = parse_load("Camera 12V regulated 1A").load;
        QVERIFY(lamp.range_assumed && !video.range_assumed);
        QCOMPARE(raw(lamp.nominal), 12.0);
        QVERIFY(load_chips(lamp)[0].assumed && !load_chips(video)[0].assumed);
        QVERIFY(!parse_load("Lamp 12V ±5% 1A").load.range_assumed &&
                !parse_load("Lamp 5V 1A").load.range_assumed);
        const auto drive = parse_load("Drive motor 24V 8A").load;
        const auto chips = load_chips(drive);
        QVERIFY(std::any_of(chips.begin(), chips.end(),
                            [](const auto& c) { return c.text == "motor" && c.assumed; }));
    }
    /// Whatever a line says, said again it is the very same load.
    void lines_read_back_as_the_same_load() {
        auto loads = test::demo().loads;
        test::RandomPlans random(7);
        for (int i = 0; i < 400; ++i) loads.push_back(random.any_load());
        for (const auto& before : loads) {
            const auto line = load_line(before);
            const auto read = parse_load(line);
            QVERIFY2(read.complete(),
                     (line + (read.complete() ? "" : ": " + read.problems[0].message)).str().c_str());
            auto again = read.load;
            again.id = before.id, again.place = before.place, again.extra = before.extra,
            again.lead = before.lead;
            again.capacitance = before.capacitance;
            QCOMPARE(QString::fromStdString(again.name), QString::fromStdString(before.name));
            QCOMPARE(static_cast<int>(again.kind), static_cast<int>(before.kind));
            QCOMPARE(raw(again.v_min), raw(before.v_min));
            QCOMPARE(raw(again.v_max), raw(before.v_max));
            for (const auto amps : {&Load::typical, &Load::peak, &Load::start, &Load::idle}) {
                // A resistance keeps its ohms; the voltage its amperes are counted at is the middle of its
                // range.
                const double scale =
                    before.kind == LoadKind::resistance ? raw(again.nominal) / raw(before.nominal) : 1;
                if (amps == &Load::typical || scale == 1)
                    QVERIFY2(std::abs(raw(again.*amps) - raw(before.*amps) * scale) <=
                                 1e-12 * raw(before.*amps) * scale + 1e-15,
                             line.c_str());
            }
            QVERIFY2(again.always_on == before.always_on && again.noisy == before.noisy &&
                         again.vital == before.vital && again.sensitive == before.sensitive &&
                         again.own_switch == before.own_switch && again.transmitter == before.transmitter &&
                         again.starter == before.starter && again.assumed == before.assumed &&
                         again.range_assumed == before.range_assumed,
                     line.c_str());
            if (before.kind != LoadKind::resistance)
                QCOMPARE(QString::fromStdString(load_line(again)), QString::fromStdString(line));
        }
    }

    void tables_in_and_out() {
        const auto loads = test::demo().loads;
        const auto back = loads_from_csv(loads_to_csv(loads));
        QVERIFY(back);
        QCOMPARE(back->size(), loads.size());
        for (size_t i = 0; i < loads.size(); ++i) {
            QCOMPARE(QString::fromStdString((*back)[i].name), QString::fromStdString(loads[i].name));
            if (loads[i].kind != LoadKind::resistance)
                CLOSE(raw((*back)[i].typical), raw(loads[i].typical), 1e-4);
            QCOMPARE((*back)[i].kind, loads[i].kind);
            QCOMPARE((*back)[i].sensitive, loads[i].sensitive);
        }
    }
    void tables_of_many_shapes() {
        QCOMPARE(loads_from_csv("Pump 12V 3A\nLamp 12V 1A\n")->size(), size_t{2});
        QCOMPARE(loads_from_csv("Pump\t12 V\t3 A\r\nLamp\t12 V\t1 A")->size(), size_t{2});
        QCOMPARE(loads_from_csv("name;voltage;current\nPump;12 V;3,5 A\n")->front().typical, Ampere(3.5));
        QCOMPARE(loads_from_csv("\xEF\xBB\xBFname,voltage,power\n\"Pump, left\",12 V,30 W\n")->front().name,
                 std::string("Pump, left"));
        QCOMPARE(loads_from_csv("Pump 12V 3A\nPump 12V 3A\n")->at(1).id, Id("load-pump-2"));
        // A unit in the heading is that of bare numbers below it.
        const auto bare =
            loads_from_csv("name;voltage (V);current (mA);peak_A;peak time [s]\nPump;7-26;2400;3,5;2\n");
        QVERIFY(bare);
        QCOMPARE(raw(bare->front().typical), 2.4);
        QCOMPARE(raw(bare->front().peak), 3.5);
        QCOMPARE(raw(bare->front().v_max), 26.0);
        QCOMPARE(loads_from_csv("name;voltage (V);current (mA)\nPump;12 V;1 A\n")->front().typical,
                 Ampere(1));
        // A decimal comma between commas is two cells: asked about, never read as fifteen.
        QVERIFY(!loads_from_csv("Pump,12V,1,5A\n"));
        QCOMPARE(loads_from_csv("Pump,12V,\"1,5A\"\n")->front().typical, Ampere(1.5));
        // As machines print them.
        QCOMPARE(loads_from_csv("name,voltage,current\nPump,12 V,3e-06 A\n")->front().typical, Ampere(3e-6));
    }
    void bad_rows_are_named_and_nothing_is_taken() {
        const auto got = loads_from_csv(
            "name,voltage,current\nPump,12 V,3 A\nLamp,oops,1 A\n# a remark\n\nFan,26-7V,1 A\n");
        QVERIFY(!got);
        QCOMPARE(got.error().front().line, size_t{3});
        QCOMPARE(got.error().back().line, size_t{6});
        QVERIFY(!loads_from_csv(""));
        QVERIFY(!loads_from_csv("name,voltage\n"));
    }
};

SANGRE_SUITE(TestLoadText);
#include "test_load_text.moc"
