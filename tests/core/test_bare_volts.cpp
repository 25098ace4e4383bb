// A bare number of volts is the battery that a thing is printed for. Windows as makers print them, typed
// anew: lithium 3.0 – 4.2 V a cell, LFP 2.5 – 3.65 V.
#include "fixtures.h"
#include "plan/bare_volts.h"

using namespace sangre;

class TestBareVolts : public QObject {
    Q_OBJECT
  private slots:
    void the_usual_reading_data() {
        QTest::addColumn<double>("printed");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        QTest::addColumn<QString>("chemistry");
        QTest::addColumn<int>("series");
        const auto row = [](double printed, double low, double high, const char* chemistry, int series) {
            QTest::newRow(qPrintable(QString::number(printed)))
                << printed << low << high << chemistry << series;
        };
        row(3.7, 3, 4.2, "nmc", 1), row(7.4, 6, 8.4, "nmc", 2), row(11.1, 9, 12.6, "nmc", 3);
        row(14.8, 12, 16.8, "nmc", 4), row(18.5, 15, 21, "nmc", 5), row(22.2, 18, 25.2, "nmc", 6);
        row(29.6, 24, 33.6, "nmc", 8), row(37, 30, 42, "nmc", 10), row(44.4, 36, 50.4, "nmc", 12);
        row(51.8, 42, 58.8, "nmc", 14);
        row(3.6, 3, 4.2, "nmc", 1), row(10.8, 9, 12.6, "nmc", 3), row(14.4, 12, 16.8, "nmc", 4);
        row(3.2, 2.5, 3.65, "lfp", 1), row(6.4, 5, 7.3, "lfp", 2), row(12.8, 10, 14.6, "lfp", 4);
        row(25.6, 20, 29.2, "lfp", 8), row(38.4, 30, 43.8, "lfp", 12), row(51.2, 40, 58.4, "lfp", 16);
        row(6, 4.8, 7.4, "nimh", 5);
        row(12, 10.5, 14.8, "agm", 6), row(24, 21, 29.6, "agm", 12);
        row(13.8, 11.7, 15, "agm", 6);
        row(36, 30, 43.8, "nmc", 10), row(48, 39, 58.8, "lfp", 16);
    }
    void the_usual_reading() {
        QFETCH(double, printed);
        QFETCH(double, low);
        QFETCH(double, high);
        QFETCH(QString, chemistry);
        QFETCH(int, series);
        const auto all = readings_of(printed);
        QVERIFY(!all.empty());
        QCOMPARE(all[0].low, low);
        QCOMPARE(all[0].high, high);
        QCOMPARE(QString(all[0].chemistry), chemistry);
        QCOMPARE(all[0].series, series);
        QVERIFY(std::string(all[0].taken_as).size() > 3);
    }
    /// What boards ask for is regulated, and so is what nobody prints on a battery's gear.
    void regulated_numbers_name_no_battery() {
        for (const double volts : {1.8, 3.3, 5.0, 9.0, 15.0, 19.0, 19.5, 28.3, 54.0})
            QVERIFY2(readings_of(volts).empty() && !bare_range(volts, LoadKind::motor),
                     std::to_string(volts).c_str());
    }
    /// A motor, a lamp or a heater of 12 V also turns on three lithium cells; a radio of 12 V does not.
    void simple_things_run_from_fewer_cells() {
        for (const auto kind : {LoadKind::motor, LoadKind::led, LoadKind::resistance}) {
            QCOMPARE(bare_range(12, kind)->low, 9.0);
            QCOMPARE(bare_range(24, kind)->low, 18.0);
            QCOMPARE(bare_range(14.8, kind)->low, 12.0);
        }
        QCOMPARE(bare_range(12, LoadKind::power)->low, 10.5);
        QCOMPARE(bare_range(24, LoadKind::current)->low, 21.0);
    }
};

SANGRE_SUITE(TestBareVolts);
#include "test_bare_volts.moc"
