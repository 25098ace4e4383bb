// Published figures against the models: every row of tests/reference/*.csv.
#include <charconv>
#include <filesystem>
#include <fstream>
#include <sstream>

#include "fixtures.h"
#include "lines/csv.h"
#include "physics/battery/pack.h"
#include "physics/network/filter.h"
#include "physics/protection/fuse_curve.h"
#include "physics/protection/inrush.h"
#include "physics/wire/circles.h"
#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "physics/wire/thermal.h"
#include "wiring/joint/joint.h"

using namespace sangre;
using test::parts;

namespace {

/// The tables hold numbers with a point, whatever the locale; throws std::invalid_argument for anything else.
double number(const std::string& cell) {
    double value = 0;
    const auto [end, error] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    if (error != std::errc{} || end != cell.data() + cell.size()) throw std::invalid_argument(cell);
    return value;
}

/// A row's arguments: numbers and names by position.
struct Arguments {
    std::vector<std::string> words;
    double n(size_t i) const { return number(words.at(i)); }
    const std::string& w(size_t i) const { return words.at(i); }
    int i(size_t k) const { return static_cast<int>(n(k)); }
};
using Model = std::function<double(const Arguments&)>;

const FuseFamily& family(const std::string& id) { return *find(parts().fuses, id); }
const Chemistry& chemistry(const std::string& id) { return *find(parts().chemistries, id); }
Source pack(const std::string& id, int series, double amp_hours) {
    Source b;
    b.chemistry = id, b.series = series, b.cell_capacity = AmpereHour(amp_hours);
    return b;
}

/// The wire of the check points: solid diameter, thin PVC wall.
WireType check_wire(int gauge) {
    WireType w;
    w.area = awg_area(gauge), w.conductor = solid_diameter(w.area);
    w.outer = w.conductor + Millimetre(0.8 + 0.1 * raw(w.conductor));
    w.ohm_per_m = resistance_per_metre(w.area, Stranding::solid);
    return w;
}

double metric_milliohm(double area) {
    for (const auto& w : parts().wires)
        if (w.metric && w.insulation == "pvc-80" && std::abs(raw(w.area) - area) < 1e-9)
            return w.ohm_per_m * 1e3;
    return 0;
}

const std::map<std::string, Model>& models() {
    static const std::map<std::string, Model> all{
        {"awg_diameter", [](auto& a) { return raw(solid_diameter(awg_area(a.i(0)))); }},
        {"awg_resistance",
         [](auto& a) { return 1e3 * resistance_per_metre(awg_area(a.i(0)), Stranding::solid); }},
        {"metric_resistance", [](auto& a) { return metric_milliohm(a.n(0)); }},
        {"temperature_factor", [](auto& a) { return temperature_factor(Celsius(a.n(0))); }},
        {"free_air_ampacity",
         [](auto& a) {
             return raw(ampacity(check_wire(a.i(0)), *find(parts().insulations, Id("pvc-80")), Celsius(30)));
         }},
        {"bold", [](auto& a) { return raw(bold_current(awg_area(a.i(0)))); }},
        {"cautious", [](auto& a) { return raw(cautious_current(awg_area(a.i(0)))); }},
        {"bunching", [](auto& a) { return bunching_factor(a.i(0)); }},
        {"adiabatic_k", [](auto& a) { return adiabatic_k(Celsius(a.n(0)), Celsius(a.n(1))); }},
        {"adiabatic_current",
         [](auto& a) {
             return raw(adiabatic_current(SquareMillimetre(a.n(0)), Second(a.n(1)), Celsius(a.n(2)),
                                          Celsius(a.n(3))));
         }},
        {"pressure", [](auto& a) { return pressure_at(Metre(a.n(0))); }},
        {"pull_out", [](auto& a) { return pull_out_force(awg_area(a.i(0))); }},
        {"packing",
         [](auto& a) {
             return enclosing_radius(pack_circles(std::vector<double>(static_cast<size_t>(a.i(0)), 1.0)));
         }},
        {"slow", [](auto& a) { return raw(slow_edge(family(a.w(0)), Ampere(10), Ampere(10 * a.n(1)))); }},
        {"fast", [](auto& a) { return raw(fast_edge(family(a.w(0)), Ampere(10), Ampere(10 * a.n(1)))); }},
        {"continuous_share",
         [](auto& a) { return raw(continuous_limit(family(a.w(0)), Ampere(1), Celsius(a.n(1)))); }},
        {"fuse_resistance",
         [](auto& a) { return 1e3 * raw(fuse_resistance(family(a.w(0)), Ampere(a.n(1)))); }},
        {"spark_energy",
         [](auto& a) { return raw(inrush(Volt(a.n(0)), Farad(a.n(1) * 1e-6), Ohm(0.02)).energy); }},
        {"spark_peak", [](auto& a) { return raw(inrush(Volt(a.n(0)), Farad(1e-3), Ohm(a.n(1))).peak); }},
        {"precharge_wait",
         [](auto& a) { return raw(precharge(Volt(a.n(0)), Farad(a.n(1) * 1e-6), Second(a.n(2))).wait); }},
        {"filter_resonance",
         [](auto& a) {
             return raw(
                 check_filter({Henry(a.n(0) * 1e-6), Farad(a.n(1) * 1e-6), {}, {}, {}, {}, {}, Hertz(1e5)})
                     .resonance);
         }},
        {"filter_attenuation",
         [](auto& a) {
             return check_filter(
                        {Henry(a.n(0) * 1e-6), Farad(a.n(1) * 1e-6), {}, {}, {}, {}, {}, Hertz(a.n(2))})
                 .attenuation;
         }},
        {"rest", [](auto& a) { return raw(cell_rest_voltage(chemistry(a.w(0)), a.n(1))); }},
        {"charge_volts",
         [](auto& a) { return raw(pack_charge_voltage(pack(a.w(0), a.i(1), 1), chemistry(a.w(0)))); }},
        {"cutoff_volts",
         [](auto& a) { return raw(pack_cutoff_voltage(pack(a.w(0), a.i(1), 1), chemistry(a.w(0)))); }},
        {"resistance",
         [](auto& a) {
             return 1e3 * raw(pack_resistance(pack(a.w(0), a.i(1), a.n(2)), chemistry(a.w(0)), 0.5,
                                              Celsius(a.n(3))));
         }},
        {"usable",
         [](auto& a) {
             return raw(pack_capacity(pack(a.w(0), 1, a.n(1)), chemistry(a.w(0)), Celsius(a.n(2))));
         }},
        {"peukert_hours",
         [](auto& a) {
             const AmpereHour capacity(a.n(1));
             return a.n(1) / (a.n(2) * peukert_factor(chemistry(a.w(0)), capacity, Ampere(a.n(2))));
         }},
    };
    return all;
}

}  // namespace

class TestReference : public QObject {
    Q_OBJECT
  private slots:
    void figures_data() {
        QTest::addColumn<QString>("what");
        QTest::addColumn<QString>("arguments");
        QTest::addColumn<double>("value");
        QTest::addColumn<double>("tolerance");
        QTest::addColumn<QString>("source");
        const std::filesystem::path folder = SANGRE_REFERENCE;
        for (const char* name : {"wire.csv", "protection.csv", "battery.csv"}) {
            std::ifstream in(folder / name);
            QVERIFY2(in, name);
            std::ostringstream text;
            text << in.rdbuf();
            for (const auto& row : parse_csv(text.str())) {
                QVERIFY2(row.cells.size() == 6, qPrintable(QString("%1:%2").arg(name).arg(row.line)));
                QTest::addRow("%s:%zu %s %s", name, row.line, row.cells[0].c_str(), row.cells[1].c_str())
                    << QString::fromStdString(row.cells[0]) << QString::fromStdString(row.cells[1])
                    << number(row.cells[2]) << number(row.cells[4].substr(0, row.cells[4].find('%'))) / 100
                    << QString::fromStdString(row.cells[5]);
            }
        }
    }
    void figures() {
        QFETCH(QString, what);
        QFETCH(QString, arguments);
        QFETCH(double, value);
        QFETCH(double, tolerance);
        QFETCH(QString, source);
        QVERIFY(!source.isEmpty());
        const auto model = models().find(what.toStdString());
        QVERIFY2(model != models().end(), qPrintable("no model is called " + what));
        Arguments a;
        for (const auto& word : arguments.split(' ', Qt::SkipEmptyParts))
            a.words.push_back(word.toStdString());
        const double got = model->second(a);
        QVERIFY2(std::abs(got - value) <= tolerance * std::abs(value),
                 qPrintable(QString("%1 instead of %2 (%3)").arg(got).arg(value).arg(source)));
    }
};

SANGRE_SUITE(TestReference);
#include "test_reference.moc"
