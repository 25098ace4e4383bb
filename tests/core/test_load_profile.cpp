// Ready-made loads, and figures taken from a log.
#include <random>
#include <set>

#include "fixtures.h"
#include "output/files/ready_loads.h"
#include "plan/load_profile.h"
#include "plan/load_text.h"

using namespace sangre;

namespace {

/// A pump that idles, starts with a surge, runs, peaks for a while, and idles again; some noise on it all.
std::vector<MeasuredSample> pump_log(double noise = 0.02, double dt = 0.1) {
    std::mt19937 random(3);
    std::normal_distribution<double> wobble(1, noise);
    std::vector<MeasuredSample> log;
    for (double t = 0; t < 60; t += dt) {
        double amps = 0.05;
        if (t >= 10 && t < 50) amps = t < 10.4 ? 14 : t >= 30 && t < 33 ? 5.6 : 4.6;
        log.push_back({Second(t), Volt(12.4 - 0.02 * amps), Ampere(amps * wobble(random))});
    }
    return log;
}

Load pump() { return parse_load("Fog pump 11.4-14V 6A idle 0.1A noisy assumed").load; }

}  // namespace

class TestLoadProfile : public QObject {
    Q_OBJECT
  private slots:
    void a_pump_is_recovered_from_its_log() {
        const auto p = profile_from_log(pump(), pump_log());
        QVERIFY(p);
        CLOSE(raw(p->load.typical), 4.6, 0.03);
        CLOSE(raw(p->load.idle), 0.05, 0.05);
        CLOSE(raw(p->load.peak), 5.6, 0.06);
        CLOSE(raw(p->load.peak_time), 3, 0.1);
        CLOSE(raw(p->load.start), 14, 0.06);
        QVERIFY(raw(p->load.start_time) > 0.3 && raw(p->load.start_time) < 0.7);
        QVERIFY(!p->load.assumed && p->load.noisy);
        QCOMPARE(p->load.name, std::string("Fog pump"));
        QCOMPARE(raw(p->load.v_min), 11.4);
        QVERIFY(p->why.lines.size() >= 5);
    }
    void more_noise_moves_it_little() {
        const auto calm = profile_from_log(pump(), pump_log(0.001)),
                   rough = profile_from_log(pump(), pump_log(0.05));
        CLOSE(raw(rough->load.typical), raw(calm->load.typical), 0.05);
        CLOSE(raw(rough->load.peak), raw(calm->load.peak), 0.15);
    }
    void a_steady_draw_has_no_idle_and_no_peak() {
        std::vector<MeasuredSample> log;
        for (int i = 0; i < 50; ++i) log.push_back({Second(i), Volt(12), Ampere(1 + 0.01 * (i % 3))});
        const auto p = profile_from_log(pump(), log);
        CLOSE(raw(p->load.typical), 1.01, 0.01);
        QCOMPARE(raw(p->load.idle), 0.0);
        QCOMPARE(p->load.peak, p->load.typical);
        QCOMPARE(raw(p->load.start), 0.0);
    }
    void constant_power_is_kept_at_nominal_voltage() {
        const auto camera = parse_load("Camera 7-26V 12W").load;  // nominal 16.5 V
        std::vector<MeasuredSample> log;
        for (int i = 0; i < 40; ++i) log.push_back({Second(i), Volt(10), Ampere(1.5)});
        const auto p = profile_from_log(camera, log);
        CLOSE(raw(p->load.typical) * raw(p->load.nominal), 15, 1e-9);
    }
    void a_log_that_says_nothing_is_refused() {
        auto log = pump_log();
        log.resize(10);
        QVERIFY(QString::fromStdString(profile_from_log(pump(), log).error()).contains("at least 20"));
        QVERIFY(!profile_from_log(pump(), {}));
        log = pump_log();
        for (auto& s : log) s.amps = -s.amps;
        QVERIFY(QString::fromStdString(profile_from_log(pump(), log).error()).contains("no current"));
    }
    void every_ready_made_load_is_read_and_marked() {
        const auto groups = ready_loads(data_directory());
        QVERIFY2(groups, groups ? "" : groups.error().c_str());
        size_t n = 0;
        std::set<std::string> names;
        for (const auto& g : *groups)
            for (const auto& line : g.lines) {
                const auto read = parse_load(line);
                QVERIFY2(read.complete(), line.c_str());
                const auto& l = read.load;
                QVERIFY2(l.assumed && raw(l.v_min) > 0 && l.v_max < Volt(60) && raw(l.typical) > 0,
                         line.c_str());
                QVERIFY2(l.idle <= l.typical && l.peak >= l.typical, line.c_str());
                QVERIFY2(names.insert(l.name).second, line.c_str());
                // And again from how it would be shown.
                const auto again = parse_load(load_line(l));
                QVERIFY2(again.complete() && again.load.assumed && again.load.kind == l.kind,
                         load_line(l).c_str());
                CLOSE(raw(again.load.typical), raw(l.typical), 0.02);
                ++n;
            }
        QVERIFY(n >= 40);
        QVERIFY(!ready_loads("/no/such/data"));
    }
};

SANGRE_SUITE(TestLoadProfile);
#include "test_load_profile.moc"
