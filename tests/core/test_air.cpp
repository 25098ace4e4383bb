// The air that a plan works in, typed.
#include "fixtures.h"
#include "plan/air.h"

using namespace sangre;

class TestAir : public QObject {
    Q_OBJECT
  private slots:
    void read_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("coldest");
        QTest::addColumn<double>("hottest");
        const auto row = [](const char* text, double coldest, double hottest) {
            QTest::newRow(text) << text << coldest << hottest;
        };
        row("-10 – 40 °C", -10, 40);
        row("−10–40", -10, 40);
        row("-10..40", -10, 40);
        row("-10-40 C", -10, 40);
        row("-20 - -5", -20, -5);
        row("40 to -10 °C", -10, 40);
        row("14 to 104 °F", -10, 40);
        row("20", 20, 20);
        row("2.5 to 30,5 °C", 2.5, 30.5);
    }
    void read() {
        QFETCH(QString, text);
        QFETCH(double, coldest);
        QFETCH(double, hottest);
        const auto air = parse_air(text.toStdString());
        QVERIFY2(air, air ? "" : air.error().c_str());
        CLOSE(raw(air->coldest), coldest, 1e-9);
        CLOSE(raw(air->hottest), hottest, 1e-9);
    }
    void refused_with_what_would_be_right() {
        for (const auto* text : {"", "warm", "5 V", "10 to", "1e9", "-100 – 20", "nan", "20 to 30 to 40"}) {
            const auto air = parse_air(text);
            QVERIFY2(!air, text);
            QVERIFY2(!air.error().empty(), text);
        }
    }
    void printed_is_read_again() {
        for (const double cold : {-79.5, -10.0, 0.0, 1.0 / 3})
            for (const double hot : {20.0, 40.25, 125.0}) {
                const AirSpan air{Celsius(cold), Celsius(hot)};
                const auto plan = set_air({}, air);
                const auto again = parse_air(air_text(plan).str());
                QVERIFY2(again && *again == air, air_text(plan).str().c_str());
            }
    }
};

SANGRE_SUITE(TestAir);
#include "test_air.moc"
