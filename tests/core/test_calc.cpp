// One question, one answer.
#include "fixtures.h"
#include "output/calc/calc.h"

using namespace sangre;
using test::parts;

namespace {
double value(const Answer& a, const char* name) {
    if (!a) return std::nan("");
    for (const auto& [n, v] : a->values)
        if (n == name) return v;
    return std::nan("");
}
QString said(const Answer& a) { return QString::fromStdString(a ? a->answer : a.error()); }
}  // namespace

class TestCalc : public QObject {
    Q_OBJECT
  private slots:
    void a_wire() {
        WireQuestion q;
        const auto plain = calc_wire(parts(), q);
        QVERIFY(value(plain, "ampacity_A") > 28 && value(plain, "ampacity_A") < 34);
        QVERIFY(said(plain).contains("carries"));
        q.bunch = 3;
        CLOSE(value(calc_wire(parts(), q), "ampacity_A"), 0.7 * value(plain, "ampacity_A"), 1e-9);
        q.current = Ampere(20), q.length = Metre(2), q.volts = Volt(24);
        const auto loaded = calc_wire(parts(), q);
        const double warm = value(loaded, "temperature_C");
        QVERIFY(warm > 40 && warm < 80);
        CLOSE(value(loaded, "drop_V"), 20 * 4 * value(plain, "ohm_per_m_20C") * (1 + 0.00393 * (warm - 20)),
              1e-3);
        CLOSE(value(loaded, "drop_share"), value(loaded, "drop_V") / 24, 1e-9);
        q.conductors = 2;
        QVERIFY(value(calc_wire(parts(), q), "one_broken_A") < value(calc_wire(parts(), q), "ampacity_A"));
        q.current = Ampere(90);
        QVERIFY(said(calc_wire(parts(), q)).contains("too warm"));
    }
    /// Any size that exists is answered: copper by its area, whatever shops keep.
    void a_wire_that_no_shop_keeps() {
        WireQuestion q;
        for (const auto& [size, mm2] : {std::pair{"3 mm²", 3.0}, {"250 kcmil", 126.68}, {"15 AWG", 1.650}}) {
            q.size = size;
            const auto answer = calc_wire(parts(), q);
            QVERIFY2(answer.has_value(), size);
            CLOSE(value(answer, "area_mm2"), mm2, 1e-3);
            const double ohm = 0.017241 * 1.02 / mm2;  // stranded copper, IEC 60028
            QVERIFY2(std::abs(value(answer, "ohm_per_m_20C") / ohm - 1) < 0.2, size);
            QVERIFY(value(answer, "ampacity_A") > value(answer, "cautious_A"));
        }
    }
    void what_a_pack_cannot_give_is_said_in_words() {
        BatteryQuestion q;
        q.chemistry = "lfp", q.series = 4, q.capacity = AmpereHour(10), q.current = Ampere(500);
        QVERIFY(said(calc_battery(parts(), q)).contains("beyond it"));
        QVERIFY(!calc_precharge(Volt(48), Farad(1), Ohm(0.02), Second(1e-3)));
    }
    void a_wire_that_is_not_there_names_the_nearest() {
        WireQuestion q;
        q.size = "0.003 mm²";
        QVERIFY(said(calc_wire(parts(), q)).contains("nearest are"));
        q.size = "lots";
        QVERIFY(said(calc_wire(parts(), q)).contains("size “lots”"));
        q.size = "14 AWG", q.insulation = "wool";
        QVERIFY(said(calc_wire(parts(), q)).contains("pvc-80"));
        q.insulation = "ptfe-200";
        QVERIFY(calc_wire(parts(), q));  // comes tinned
        q.insulation = "pvc-80", q.air = Celsius(95);
        QVERIFY(said(calc_wire(parts(), q)).contains("no cooler"));
        q.air = Celsius(20), q.length = Metre(-1);
        QVERIFY(said(calc_wire(parts(), q)).contains("negative"));
        q.length = Metre(1), q.bunch = 0;
        QVERIFY(!calc_wire(parts(), q));
    }
    void a_fuse() {
        FuseQuestion q{"standard-blade", Ampere(10), Ampere(20), Celsius(23), Second(0)};
        const auto a = calc_fuse(parts(), q);
        CLOSE(value(a, "fastest_s"), 0.15, 1e-6);
        CLOSE(value(a, "slowest_s"), 5, 1e-6);
        q.current = Ampere(7);
        QVERIFY(said(calc_fuse(parts(), q)).contains("does not open") &&
                said(calc_fuse(parts(), q)).contains("carries"));
        q.current = Ampere(25), q.pulse = Second(0.02);
        QCOMPARE(value(calc_fuse(parts(), q), "rides"), 1.0);
        q.pulse = Second(2);
        QCOMPARE(value(calc_fuse(parts(), q), "rides"), 0.0);
        q.rating = Ampere(11);
        QVERIFY(said(calc_fuse(parts(), q)).contains("7.5 A, 10 A, 15 A"));
        q.family = "tin-foil";
        QVERIFY(said(calc_fuse(parts(), q)).contains("standard-blade"));
        QVERIFY(!calc_fuse(parts(), {"standard-blade", Ampere(10), Ampere(0), Celsius(20), {}}));
    }
    void a_short() {
        ShortQuestion q{Volt(13),   Ohm(0.03),        "18 AWG",   "pvc-80",
                        Metre(1.5), "standard-blade", Ampere(10), Celsius(30)};
        const auto a = calc_short(parts(), q);
        QCOMPARE(value(a, "protected"), 1.0);
        const double loop = 0.03 + 0.00751 + 3 * 0.02137;
        CLOSE(value(a, "current_A"), 13 / loop, 0.01);
        q.rating = Ampere(40), q.size = "24 AWG", q.length = Metre(3);
        QVERIFY(said(calc_short(parts(), q)).contains("not protected"));
        q.volts = Volt(50), q.size = "18 AWG", q.rating = Ampere(10);
        QCOMPARE(value(calc_short(parts(), q), "protected"), 0.0);  // a 32 V fuse
        q.volts = Volt(0);
        QVERIFY(!calc_short(parts(), q));
    }
    void tubes_and_holes() {
        const auto tube = calc_tube(parts(), {Millimetre(5), Millimetre(3), Millimetre(12), false});
        QVERIFY(value(tube, "expanded_mm") >= 5.5 && value(tube, "recovered_mm") <= 2.7);
        CLOSE(value(tube, "cut_mm"), 26, 1e-9);
        QVERIFY(
            said(calc_tube(parts(), {Millimetre(90), Millimetre(3), {}, true})).contains("no adhesive tube"));
        QVERIFY(!calc_tube(parts(), {}));
        CLOSE(value(calc_hole({"7x2mm"}), "bundle_mm"), 6, 0.02);
        const auto mixed = calc_hole({"3x2.1mm", "1x4.8mm"});
        QVERIFY(value(mixed, "bundle_mm") > 6.9 && value(mixed, "bundle_mm") < 9);
        QVERIFY(value(mixed, "hole_mm") > value(mixed, "bundle_mm"));
        CLOSE(value(calc_hole({"4.8"}), "bundle_mm"), 4.8, 1e-3);
        for (const char* bad : {"3xcat", "0x2mm", "-1x2mm", "x", "9999x1mm", "2x-3mm"})
            QVERIFY2(said(calc_hole({bad})).contains(bad), bad);
        QVERIFY(!calc_hole({}));
    }
    void a_battery() {
        BatteryQuestion q{"lfp", 8, 1, AmpereHour(20), Ampere(10), Celsius(20), 1};
        const auto a = calc_battery(parts(), q);
        CLOSE(value(a, "loaded_V"), value(a, "rest_V") - 10 * 0.02, 1e-6);
        CLOSE(value(a, "hours"), 2, 1e-9);
        q.chemistry = "agm", q.series = 6, q.current = Ampere(1);
        CLOSE(value(calc_battery(parts(), q), "hours"), 20, 1e-9);
        q.current = Ampere(10000);
        QVERIFY(said(calc_battery(parts(), q)).contains("into a short"));
        q.series = 40;
        QVERIFY(said(calc_battery(parts(), q)).contains("outside this tool"));
        q.chemistry = "potato";
        QVERIFY(said(calc_battery(parts(), q)).contains("lfp"));
        QVERIFY(!calc_battery(parts(), {"lfp", 0, 1, AmpereHour(1), {}, {}, 1}));
        QVERIFY(!calc_battery(parts(), {"lfp", 4, 1, AmpereHour(1), {}, Celsius(20), 3}));
    }
    void filters_and_sparks() {
        const auto f = calc_filter(
            {Henry(47e-6), Farad(1e-3), Ohm(0.03), {}, Ampere(4), Ampere(9), Ampere(7), Hertz(3e5)});
        QVERIFY(said(f).contains("saturates"));
        CLOSE(value(f, "resonance_Hz"), 734.1, 1e-3);
        QVERIFY(!calc_filter({}));
        const auto spark = calc_precharge(Volt(25.2), Farad(2.2e-3), Ohm(0.02), Second(2));
        QVERIFY(said(spark).contains("180 Ω"));
        QVERIFY(said(calc_precharge(Volt(5), Farad(1e-4), Ohm(0.02), Second(2))).contains("no pre-charge"));
        QVERIFY(!calc_precharge(Volt(0), Farad(1e-4), Ohm(0.02), Second(2)));
    }
};

SANGRE_SUITE(TestCalc);
#include "test_calc.moc"
