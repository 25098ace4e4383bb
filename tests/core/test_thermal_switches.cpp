// Thermal switches follow the temperature of where they sit: in what flows now, in the day, on the bench.
#include <algorithm>
#include <cmath>

#include "electrical/mission/thermal_switches.h"
#include "fixtures.h"
#include "plan/edits.h"

using namespace sangre;

using test::parts;

namespace {

constexpr const char* fan = "load-work-lamp";  // stands for what the switch turns on

/// The demo with that switch in the feed of the lamp, sitting on a part or in the air.
Plan with_switch(const Id& type, const Id& on = {}, std::optional<double> warmer = {}) {
    auto plan = test::demo();
    Device d{"t", DeviceKind::power_switch, type, {}, "Fan", {}};
    d.sits_on = on, d.warmer_k = warmer;
    auto& feed = plan.feeds()[feeds_into(plan, fan).front()];
    std::erase_if(feed.devices, [](const auto& x) { return x.kind == DeviceKind::power_switch; });
    feed.devices.push_back(d);
    return plan;
}
Study at(const Plan& plan, double air) {
    auto conditions = usual_conditions(plan);
    conditions.air = Celsius(air);
    return study(plan, parts(), conditions);
}
size_t index_of(const Plan& plan, const Id& load) { return find_part(plan, load).index; }
bool runs(const Plan& plan, const Study& s) { return raw(s.now.loads[index_of(plan, fan)].amps) > 0.01; }
const Reading* thermal_reading(const Study& s, const std::string& key) {
    const auto& all = s.readings();
    const auto found = std::find_if(all.begin(), all.end(), [&](const auto& r) { return r.key == key; });
    return found == all.end() ? nullptr : &*found;
}

}  // namespace

class TestThermalSwitches : public QObject {
    Q_OBJECT
  private slots:
    void in_the_air_it_moves_at_its_temperature() {
        const auto closes = with_switch("thermal-closes-45"), opens = with_switch("thermal-opens-60");
        for (const double air : {-10.0, 44.9, 45.0, 59.9, 60.0, 80.0}) {
            QCOMPARE(runs(closes, at(closes, air)), air >= 45);
            QCOMPARE(runs(opens, at(opens, air)), air < 60);
        }
    }
    /// What is behind an open one is off, and not starved.
    void what_it_turns_off_is_off() {
        const auto plan = with_switch("thermal-closes-45");
        const auto s = at(plan, -10);
        QVERIFY(s.now.found);
        const auto f = feeds_into(plan, fan).front();
        QVERIFY(s.open[f]);
        QCOMPARE(s.thermal.size(), size_t{1});
        QVERIFY(s.thermal[0].open);
        CLOSE(raw(s.thermal[0].warm()), -10, 1e-9);
        for (const auto& b : s.now.brown_outs) QVERIFY(b.load != index_of(plan, fan));
        // In the worst case it counts as closed, whatever the weather: that is what wires are sized for.
        QVERIFY(raw(s.worst.feeds[f].continuous) > 0.01);
    }
    void it_feels_the_module_that_it_sits_on() {
        auto plan = with_switch("thermal-closes-45");
        const auto rail = test::rail_of(plan, "load-computer");
        plan = with_device(plan, "t", [&](Device& d) { d.sits_on = rail; });
        const auto s = at(plan, 20);
        const auto c = index_of(plan, rail);
        const auto* type = find(parts().converters, plan.converters[c].type);
        const double rise = raw(s.now.converters[c].heat) * type->thermal;
        QVERIFY(rise > 1);
        CLOSE(s.thermal[0].rise, rise, 1e-6);
        // Just so warm that the module alone closes it, and a little less.
        QVERIFY(runs(plan, at(plan, 45.1 - rise)));
        QVERIFY(!runs(plan, at(plan, 44.5 - rise)));
    }
    void a_load_warms_it_by_what_was_said() {
        const auto plan = with_switch("thermal-closes-45", "load-drive-left", 30);
        auto s = at(plan, 20);
        const auto l = index_of(plan, "load-drive-left");
        const auto& load = plan.loads[l];
        CLOSE(s.thermal[0].rise, 30 * raw(s.now.loads[l].watts) / (raw(load.typical) * raw(load.nominal)),
              1e-6);
        // Unsaid, it adds nothing, and the plan asks.
        const auto unsaid = with_switch("thermal-closes-45", "load-drive-left");
        s = at(unsaid, 20);
        QVERIFY(std::abs(s.thermal[0].rise) < 1e-9);
        QVERIFY(test::has(s, "thermal-unsaid"));
    }
    /// A cut-out that its own load's warmth opens stays open in that instant instead of chattering.
    void a_cut_out_on_its_own_load_opens_once() {
        const auto plan = with_switch("thermal-opens-60", fan, 50);
        const auto s = at(plan, 20);
        QVERIFY(s.now.found);
        QVERIFY(s.thermal[0].open);
        QVERIFY(raw(s.thermal[0].warm()) >= 60);
        QVERIFY(!runs(plan, s));
        QVERIFY(test::has(s, "thermal-opens-in-use"));
        QVERIFY(!test::has(test::studied(with_switch("thermal-opens-95", fan, 50)), "thermal-opens-in-use"));
    }
    /// Over the day it takes nothing while it is open.
    void the_day_follows_the_air() {
        const auto plan = with_switch("thermal-closes-40");
        const auto l = index_of(plan, fan);
        const auto cold = at(plan, 0), hot = at(plan, 41);
        QVERIFY(std::abs(raw(cold.mission.load_energy[l])) < 1e-9);
        QVERIFY(raw(hot.mission.load_energy[l]) > 0.1);
    }
    void the_bench_tells_the_two_kinds_apart() {
        const auto opens = test::studied(with_switch("thermal-opens-60"));
        QVERIFY(std::isfinite(thermal_reading(opens, "thermal/t/cold")->high));
        QVERIFY(std::isinf(thermal_reading(opens, "thermal/t/warm")->high));
        const auto closes = test::studied(with_switch("thermal-closes-45"));
        const auto& cold = *thermal_reading(closes, "thermal/t/cold");
        QVERIFY(std::isinf(cold.high) && cold.low >= 1e5);
        QCOMPARE(judge(cold, Measured{0, true, {}}), Verdict::pass);
        QCOMPARE(judge(cold, Measured{0.5, false, {}}), Verdict::low);
        QVERIFY(!suspects(*closes.plan, test::parts(), cold, Verdict::low).empty());
        // Neither is read as a switch that a hand opens.
        const auto key = "open/" + closes.plan->feeds()[feeds_into(*closes.plan, fan).front()].id;
        QVERIFY(!thermal_reading(opens, key) && !thermal_reading(closes, key));
    }
    void it_is_no_way_to_turn_a_load_off() {
        auto plan = with_switch("thermal-opens-60");
        for (auto& f : plan.feeds())
            std::erase_if(f.devices, [&](const auto& d) { return hand_switch(parts(), f) == &d; });
        QVERIFY(test::has(test::studied(plan), "switch-missing"));
    }
    void without_what_it_sat_on_it_feels_the_air() {
        const auto plan = with_switch("thermal-opens-60", "load-drive-left", 20);
        const auto without = remove_load(plan, "load-drive-left");
        const auto& d = without.feeds()[feeds_into(without, fan).front()].devices.back();
        QVERIFY(d.sits_on.empty() && !d.warmer_k);
    }
};

SANGRE_SUITE(TestThermalSwitches);
#include "test_thermal_switches.moc"
