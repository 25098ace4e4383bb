// Networks that make no sense: a named finding or a finite answer, never NaN, never a hang.
#include "fixtures.h"
#include "physics/network/continuation.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

bool finite(const Study& s) {
    const auto good = [](double v) { return std::isfinite(v); };
    for (const auto& f : s.now.feeds)
        if (!good(raw(f.supply)) || !good(raw(f.drop)) || !good(raw(f.at_end)) || !good(raw(f.heat)))
            return false;
    for (const auto& l : s.now.loads)
        if (!good(raw(l.volts)) || !good(raw(l.amps))) return false;
    for (const auto& c : s.now.converters)
        if (!good(raw(c.heat)) || !good(raw(c.in_amps))) return false;
    for (const auto& p : s.mission.points)
        if (!good(p.charge) || !good(raw(p.volts)) || !good(raw(p.amps))) return false;
    for (const auto& f : s.findings)
        for (const char* bad : {"nan", "inf ", "-inf"})
            if (f.sentence.str().find(bad) != std::string::npos) return false;
    return good(raw(s.mission.run_time)) && good(raw(s.mass)) && good(s.cost);
}

Lead feed(const Id& from, const Id& to) {
    Lead f;
    f.id = "f-" + from + "-" + to, f.from = from, f.to = to, f.wire = "awg14-pvc", f.length = Metre(1);
    return f;
}

struct Nonsense {
    const char* name;
    const char* rule;  // the finding that names it, or null where a finite answer is enough
    std::function<void(Plan&)> spoil;
};

std::vector<Nonsense> all() {
    return {
        {"a module fed by itself", "rail-loop",
         [](Plan& p) {
             p.converters.push_back({"a", "A", "buck-5a-40v", Volt(5), {}, {}});
             p.add_feed(feed("a", "a"));
         }},
        {"two modules that feed each other", "rail-loop",
         [](Plan& p) {
             p.converters.push_back({"a", "A", "boost-8a-35v", Volt(24), {}, {}});
             p.converters.push_back({"b", "B", "buck-5a-40v", Volt(12), {}, {}});
             p.add_feed(feed("a", "b")), p.add_feed(feed("b", "a"));
             p.loads.push_back(test::simple_load("lost", 12, 1));
             p.add_feed(feed("b", "lost"));
         }},
        {"an island without a source", "load-not-fed",
         [](Plan& p) {
             p.hubs.push_back({"island", "Island", {}, {}});
             p.loads.push_back(test::simple_load("castaway", 12, 1));
             p.add_feed(feed("island", "castaway"));
         }},
        {"a return through a frame of plastic", "return-frame-not-metal",
         [](Plan& p) { p.feeds()[0].ret = Return::frame; }},
        {"a shared return that is not there", nullptr,
         [](Plan& p) { p.feeds()[0].ret = Return::shared, p.feeds()[0].shared_with = "nobody"; }},
        {"a micrometre beside a kilometre", nullptr,
         [](Plan& p) {
             p.hubs.push_back({"hub", "Hub", {}, {}});
             p.loads.push_back(test::simple_load("far", 12, 1e-3));
             p.add_feed(feed("battery", "hub")), p.add_feed(feed("hub", "far"));
             p.feeds()[1].length = Metre(1e-6), p.feeds()[2].length = Metre(1000),
             p.feeds()[2].wire = "awg36-silicone";
         }},
        {"a negative length", nullptr, [](Plan& p) { p.feeds()[0].length = Metre(-3); }},
        {"a load of a billion amperes", "load-browns-out",
         [](Plan& p) { p.loads[0].typical = p.loads[0].peak = Ampere(1e9); }},
        {"a load of a femtoampere", nullptr,
         [](Plan& p) { p.loads[0].typical = p.loads[0].peak = Ampere(1e-15); }},
        {"a power load beyond the pack", "load-browns-out",
         [](Plan& p) {
             p.loads[0].kind = LoadKind::power;
             p.loads[0].typical = p.loads[0].peak = Ampere(600);
         }},
        {"a pack of a micro-ampere-hour", nullptr,
         [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(1e-6); }},
        {"a pack of a million ampere-hours", nullptr,
         [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(1e6); }},
        {"a thousand cells in series", "outside-this-tool", [](Plan& p) { p.sources[0].series = 1000; }},
        {"a dead cell", nullptr, [](Plan& p) { p.sources[0].weakest_cell = 0; }},
        {"no health at all", nullptr, [](Plan& p) { p.sources[0].health = 0; }},
        {"a module of unknown make", "rail-unknown-module",
         [](Plan& p) {
             p.converters.push_back({"a", "A", "from-a-drawer", Volt(5), {}, {}});
             p.feeds()[0].to = "a";
             p.add_feed(feed("a", "lamp"));
         }},
        {"every part twice over one node", nullptr,
         [](Plan& p) {
             for (int i = 0; i < 30; ++i) {
                 auto f = p.feeds()[0];
                 f.id += std::to_string(i);
                 p.add_feed(f);
             }
         }},
        {"a feed from a load back to the pack", nullptr,
         [](Plan& p) { p.add_feed(feed("lamp", "battery")); }},
        {"all at absolute cold", nullptr,
         [](Plan& p) { p.coldest_air = Celsius(-80), p.hottest_air = Celsius(-80); }},
        {"a phase of no length", nullptr, [](Plan& p) { p.phases[0].duration = Second(0); }},
        {"a phase of three years", "battery-too-small", [](Plan& p) { p.phases[0].duration = Second(1e8); }},
    };
}

}  // namespace

class TestBadNetworks : public QObject {
    Q_OBJECT
  private slots:
    void named_and_finite_data() {
        QTest::addColumn<int>("index");
        int i = 0;
        for (const auto& n : all()) QTest::newRow(n.name) << i++;
    }
    void named_and_finite() {
        QFETCH(int, index);
        const auto nonsense = all()[static_cast<size_t>(index)];
        auto plan = test::one_feed(5);
        nonsense.spoil(plan);
        const auto s = test::studied(plan);
        QVERIFY(finite(s));
        if (nonsense.rule) QVERIFY2(test::has(s, nonsense.rule), nonsense.rule);
    }

    /// A supply through a resistor and a load of constant power: the answer folds back where P > V²/4R.
    void a_path_is_followed_round_its_fold() {
        constexpr double volts = 10, ohm = 1, knee = 2;
        const auto load = [](double v) {  // 60 W above the knee, a resistance below it, rounded between
            const double w = 0.2;
            const auto power = [](double x) { return 60 / x; };
            const auto resistance = [](double x) { return 60 * x / (knee * knee); };
            if (v > knee + w) return std::pair{power(v), -60 / (v * v)};
            if (v < knee - w) return std::pair{resistance(v), 60 / (knee * knee)};
            const double a = resistance(knee - w), b = power(knee + w), sa = 60 / (knee * knee),
                         sb = -60 / ((knee + w) * (knee + w));
            const double t = (v - knee + w) / (2 * w), h = 2 * w;
            const double value = a * (2 * t * t * t - 3 * t * t + 1) + sa * h * (t * t * t - 2 * t * t + t) +
                                 b * (3 * t * t - 2 * t * t * t) + sb * h * (t * t * t - t * t);
            const double slope = (a * (6 * t * t - 6 * t) + sa * h * (3 * t * t - 4 * t + 1) +
                                  b * (6 * t - 6 * t * t) + sb * h * (3 * t * t - 2 * t)) /
                                 h;
            return std::pair{value, slope};
        };
        const LoadedSystem system{[&](const Eigen::VectorXd& v, double share) {
                                      Eigen::VectorXd f(1);
                                      f[0] = (v[0] - volts) / ohm + share * load(v[0]).first;
                                      return f;
                                  },
                                  [&](const Eigen::VectorXd& v, double share) {
                                      Eigen::SparseMatrix<double> j(1, 1);
                                      j.insert(0, 0) = 1 / ohm + share * load(v[0]).second;
                                      return j;
                                  }};
        Eigen::VectorXd v(1);
        v[0] = volts;
        int iterations = 0;
        QVERIFY(follow_load(system, v, iterations));
        CLOSE(v[0], volts / (1 + ohm * 60 / (knee * knee)), 1e-6);  // beyond the fold, on the resistive part
        QVERIFY(iterations < 400);
        v[0] = volts;
        iterations = 0;
        QVERIFY(!follow_load(system, v, iterations, 3));  // gives up when told to
    }
    /// A load that asks for far more than its wire can pass: the whole plane of current and length is
    /// answered.
    void what_cannot_be_passed_browns_out_data() {
        QTest::addColumn<double>("amps");
        QTest::addColumn<double>("metres");
        for (const double amps : {8.0, 20.0, 80.0, 600.0})
            for (const double metres : {1.0, 3.0, 10.0, 100.0})
                QTest::addRow("%g A over %g m", amps, metres) << amps << metres;
    }
    void what_cannot_be_passed_browns_out() {
        QFETCH(double, amps);
        QFETCH(double, metres);
        for (const auto kind : {LoadKind::power, LoadKind::current, LoadKind::motor, LoadKind::resistance}) {
            auto plan = test::one_feed(amps);
            plan.loads[0].kind = kind;
            plan.feeds()[0].wire = "awg30-pvc", plan.feeds()[0].length = Metre(metres);
            const auto p = test::studied(plan).now;
            QVERIFY(p.found);
            QCOMPARE(p.brown_outs.size(), size_t{1});
            QVERIFY(p.residual <= 1e-6);
            // What is missing, taken from the wire, would feed it.
            QVERIFY(raw(p.brown_outs[0].too_much_ohm) > 0 || raw(p.brown_outs[0].too_much_amps) > 0);
            QVERIFY(p.iterations < 200);
        }
    }
};

SANGRE_SUITE(TestBadNetworks);
#include "test_bad_networks.moc"
