// What people type, read and printed.
#include <array>
#include <clocale>
#include <cstdio>

#include <rapidcheck.h>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "fixtures.h"

using namespace sangre;
Q_DECLARE_METATYPE(sangre::Dimension)

class TestUnits : public QObject {
    Q_OBJECT
  private slots:
    /// Where a run asks for a locale, it is in force: else nothing would be tried.
    void the_locale_asked_for_is_in_force() {
        const auto wanted = qgetenv("SANGRE_LOCALE");
        if (wanted.isEmpty()) QSKIP("no locale asked for");
        QVERIFY2(QByteArray(std::setlocale(LC_ALL, nullptr)).contains(wanted),
                 std::setlocale(LC_ALL, nullptr));
        std::array<char, 8> printed{};
        std::snprintf(printed.data(), printed.size(), "%.1f", 1.5);
        QCOMPARE(QByteArray(printed.data()), QByteArray("1,5"));
    }
    void reads_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<Dimension>("dimension");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<double>("value");
        const auto row = [](const char* text, Dimension d, const char* unit, double v) {
            QTest::newRow(text) << QString::fromUtf8(text) << d << QString::fromUtf8(unit) << v;
        };
        row("2.5 in", Dimension::length, "", 0.0635);
        row("3/32 in", Dimension::length, "", 0.0254 * 3 / 32);
        row("1 ft", Dimension::length, "", 0.3048);
        row("2*0.4m+10%", Dimension::length, "", 0.88);
        row("0.9", Dimension::length, "m", 0.9);
        row("1,4 m", Dimension::length, "", 1.4);
        row("(0.2 + 0.3) m", Dimension::length, "m", 0.5);
        row("90 cm - 100 mm", Dimension::length, "", 0.8);
        row("1A5", Dimension::current, "", 1.5);
        row("3,5 A", Dimension::current, "", 3.5);
        row("80mA", Dimension::current, "", 0.08);
        row("2h30", Dimension::time, "", 9000);
        row("2 h 30 min", Dimension::time, "", 9000);
        row("2h 30min", Dimension::time, "", 9000);
        row("400 ms", Dimension::time, "", 0.4);
        row("3 days", Dimension::time, "", 259200);
        row("38 kΩ", Dimension::resistance, "", 38000);
        row("4k7", Dimension::resistance, "Ω", 4700);
        row("108 mohm", Dimension::resistance, "", 0.108);
        row("-5 °C", Dimension::temperature, "", -5);
        row("−5", Dimension::temperature, "°C", -5);
        row("32 °F", Dimension::temperature, "", 0);
        row("68 %", Dimension::ratio, "", 0.68);
        row("30 Ah", Dimension::charge, "", 30);
        row("1500 mAh", Dimension::charge, "", 1.5);
        row("12v", Dimension::voltage, "", 12);
        row("½ A", Dimension::current, "", 0.5);
        row("1½ in", Dimension::length, "", 0.0381);
        row("1-1/2 in", Dimension::length, "", 0.0381);
        row(".5A", Dimension::current, "", 0.5);
        row("2 amps", Dimension::current, "", 2);
        row("5 Vdc", Dimension::voltage, "", 5);
        row("1e-3 A", Dimension::current, "", 0.001);
        row("1e-3A", Dimension::current, "", 0.001);
        row("1e+3 mA", Dimension::current, "", 1);
        row("4u7", Dimension::capacitance, "F", 4.7e-6);
        row("4u7F", Dimension::capacitance, "", 4.7e-6);
        row("470 µF", Dimension::capacitance, "", 470e-6);
        row("470 μF", Dimension::capacitance, "", 470e-6);
        row("47 nH", Dimension::inductance, "", 47e-9);
        row("300kHz", Dimension::frequency, "", 300e3);
        row("2x10W", Dimension::power, "", 20);
        row("3×2.1mm", Dimension::length, "", 0.0063);
        row("1,234.5 mA", Dimension::current, "", 1.2345);
        row("1.234,5 mA", Dimension::current, "", 1.2345);
        row("1.2345 W", Dimension::power, "", 1.2345);
        row("5.125 V", Dimension::voltage, "", 5.125);
        row("0.125 A", Dimension::current, "", 0.125);
        row("68", Dimension::ratio, "%", 0.68);
        row("41 F", Dimension::temperature, "", 5);
        row("5 - 3 m", Dimension::length, "m", 2);
        row("(5-3) m", Dimension::length, "m", 2);
    }
    void reads() {
        QFETCH(QString, text);
        QFETCH(Dimension, dimension);
        QFETCH(QString, unit);
        QFETCH(double, value);
        const auto got = parse_value(text.toStdString(), dimension, unit.toStdString());
        QVERIFY2(got, got ? "" : got.error().message.str().c_str());
        QVERIFY(std::abs(*got - value) <= 1e-9 * std::max(1.0, std::abs(value)));
    }

    void refuses_with_its_place_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("begin");
        QTest::addColumn<QString>("says");
        QTest::newRow("nothing") << "" << 0 << "current";
        QTest::newRow("unknown unit") << "3 parsec" << 2 << "parsec";
        QTest::newRow("unknown unit, what would be right") << "3 parsec" << 2 << "such as 2.4 A";
        QTest::newRow("wrong dimension") << "3 V" << 0 << "current";
        QTest::newRow("no unit") << "3" << 0 << "unit is missing";
        QTest::newRow("words") << "many A" << 0 << "not a number";
        QTest::newRow("two dots") << "1.2.3 A" << 0 << "not a number";
        QTest::newRow("thousands or decimals") << "1.200 mA" << 0 << "1.2 mA or 1200 mA";
        QTest::newRow("thousands or decimals, comma") << "1,500 mA" << 0 << "1.5 mA or 1500 mA";
        QTest::newRow("a range") << "12.6-9A" << 0 << "range";
        QTest::newRow("a range of units") << "3A-9A" << 0 << "range";
        QTest::newRow("a range with dots") << "12..15A" << 0 << "range";
        QTest::newRow("two decimal marks") << "1.5A5" << 4 << "operator";
        QTest::newRow("division by zero") << "3A/0" << 3 << "zero";
        QTest::newRow("open bracket") << "(3 A" << 0 << "bracket";
        QTest::newRow("trailing") << "3 A !" << 4 << "not understood";
        QTest::newRow("not finite") << "1e308*10 A" << 0 << "finite";
        QTest::newRow("nan") << "nan A" << 0 << "not a number";
    }
    void refuses_with_its_place() {
        QFETCH(QString, text);
        QFETCH(int, begin);
        QFETCH(QString, says);
        const auto got = parse_value(text.toStdString(), Dimension::current);
        QVERIFY(!got);
        QCOMPARE(static_cast<int>(got.error().begin), begin);
        QVERIFY2(QString::fromStdString(got.error().message).contains(says),
                 got.error().message.str().c_str());
    }

    void never_throws_or_hangs_on_any_text() {
        QVERIFY(rc::check("any text is read or refused", [](const std::string& text) {
            const auto got = parse_value(text, Dimension::length, "m");
            RC_ASSERT(!got || std::isfinite(*got));
            if (!got) RC_ASSERT(got.error().begin <= got.error().end && got.error().end <= text.size() + 1);
            parse_wire_size(text);
        }));
        QVERIFY(!parse_value(std::string(5000, '('), Dimension::length, "m"));
        QVERIFY(!parse_value(std::string(5000, '-'), Dimension::length, "m"));
    }

    void per_cent_or_a_share() {
        QVERIFY(!parse_value("0.68", Dimension::ratio, "%") && !parse_value("1", Dimension::ratio, "%"));
        QVERIFY(QString::fromStdString(parse_value("0.68", Dimension::ratio, "%").error().message)
                    .contains("0.68 % or 68 %"));
        QVERIFY(!parse_value("20-40", Dimension::temperature, "°C"));
    }
    void a_number_printed_is_the_very_same() {
        QVERIFY(rc::check("exact_number", [] {
            const double v = *rc::gen::arbitrary<double>();
            RC_PRE(std::isfinite(v));
            const auto back = plain_number(exact_number(v));
            RC_ASSERT(back && *back == v);
            const auto scanned = scan_number(exact_number(std::abs(v)));
            RC_ASSERT(scanned && !scanned->grouped);
        }));
        QCOMPARE(exact_number(1.25), std::string("1.25"));
        QCOMPARE(exact_number(1.125), std::string("1.1250"));
        for (const auto& digits : {std::string(400, '9'), std::string(100000, '1'), std::string("1e999")}) {
            const auto n = scan_number(digits);
            QVERIFY(!n && n.error().message.str().size() < 200);
        }
    }

    void what_is_printed_reads_back() {
        QVERIFY(rc::check("current", [] {
            const double amps = *rc::gen::inRange(1, 9990000) / 1e4;
            auto text = format(Ampere(amps)).str();
            const auto back = parse_value(text, Dimension::current);
            RC_ASSERT(back);
            RC_ASSERT(std::abs(*back - amps) <= 0.006 * amps);
        }));
    }

    void prints_data() {
        QTest::addColumn<QString>("got");
        QTest::addColumn<QString>("wanted");
        const auto row = [](const std::string& got, const char* wanted) {
            QTest::newRow(wanted) << QString::fromStdString(got) << QString::fromUtf8(wanted);
        };
        row(format(Volt(12.24)), "12.2 V");
        row(format(Volt(0.108)), "0.108 V");
        row(format(Ampere(0.08)), "80 mA");
        row(format(Ampere(-1.5)), "−1.5 A");
        row(format(Ohm(0.0089)), "8.9 mΩ");
        row(format(Ohm(38000)), "38 kΩ");
        row(format(Metre(0.9)), "0.90 m");
        row(format(Metre(0.034)), "34 mm");
        row(format(Second(12600)), "3 h 30 min");
        row(format(Second(150)), "2 min 30 s");
        row(format(Second(1038)), "17 min 18 s");
        row(format(Second(45.4 * 60)), "45 min");
        row(format(Second(125)), "2 min 05 s");
        row(format(WattHour(1e-9)), "0 Wh");
        row(format(Second(0.09)), "90 ms");
        row(format(Second(4.8)), "4.8 s");
        row(format(Second(HUGE_VAL)), "never");
        row(format_percent(0.059), "5.9 %");
        row(format(Gram(8700)), "8.7 kg");
        row(format(Celsius(163.6)), "164 °C");
        row(format_number(std::nan("")), "—");
    }
    void prints() {
        QFETCH(QString, got);
        QFETCH(QString, wanted);
        QCOMPARE(got, wanted);
    }

    void wire_sizes() {
        CLOSE(raw(*parse_wire_size("18 AWG")), 0.8231, 0.001);
        CLOSE(raw(*parse_wire_size("awg14")), 2.081, 0.001);
        CLOSE(raw(*parse_wire_size("4/0 AWG")), 107.2, 0.001);
        CLOSE(raw(*parse_wire_size("0,75 mm²")), 0.75, 1e-9);
        for (const char* bad : {"", "thick", "99 AWG", "5/0 AWG", "0 mm²", "-1 mm2", "18"})
            QVERIFY2(!parse_wire_size(bad), bad);
    }
};

SANGRE_SUITE(TestUnits);
#include "test_units.moc"
