// What each kind of part lets through: by hand, and as smooth functions.
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "physics/network/filter.h"
#include "physics/protection/inrush.h"
#include "physics/wire/conductor.h"
#include "physics/wire/parallel.h"
#include "plan/edits.h"
#include "wiring/conductors/resistances.h"

using namespace sangre;
using test::parts;

namespace {

Demand everything(const Plan& plan, LoadState state = LoadState::typical) {
    Demand d;
    d.states.assign(plan.loads.size(), state);
    d.open.assign(plan.feeds().size(), false);
    return d;
}
OperatingPoint solved(const Plan& plan, const Demand& d) {
    const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
    auto p = solver.solve(d);
    solver.explain_brown_outs(d, p);
    return p;
}
OperatingPoint solved(const Plan& plan) { return solved(plan, everything(plan)); }

/// Largest gap between a slope and the difference quotient, over the larger of both.
template <class Law>
double slope_error(Law law, double from, double to) {
    double worst = 0;
    constexpr double h = 1e-6;
    for (double v = from; v < to; v += (to - from) / 4001) {
        const auto [a, slope] = law(v - h);
        const auto [b, other] = law(v + h);
        const double quotient = (b - a) / (2 * h), scale = std::max({std::abs(slope), std::abs(other), 1e-3});
        // Between two ends of a band the slope may change; the quotient lies between theirs.
        const double low = std::min(slope, other) - 1e-3 * scale,
                     high = std::max(slope, other) + 1e-3 * scale;
        worst = std::max(worst, std::max(low - quotient, quotient - high) / scale);
    }
    return worst;
}

Plan two_packs(double behind) {
    auto plan = test::one_feed(0);
    plan.hubs.push_back({"hub", "Hub", {}, {}});
    plan.feeds()[0].to = "hub";
    plan.sources.push_back({"second", "Second", "lfp", 4, 1, AmpereHour(10), {}, {}});
    plan.sources[1].charge_behind = behind;
    Lead join = plan.feeds()[0], load = plan.feeds()[0];
    join.id = "join", join.from = "second";
    load.id = "out", load.from = "hub", load.to = "lamp";
    for (auto& d : join.devices) d.id += "-2";
    load.devices.clear();
    plan.add_feed(join), plan.add_feed(load);
    return plan;
}

}  // namespace

class TestElements : public QObject {
    Q_OBJECT
  private slots:
    void laws_have_their_slopes() {
        auto load = test::simple_load("x", 12, 3);
        load.start = Ampere(20), load.idle = Ampere(0.3);
        for (const auto kind :
             {LoadKind::current, LoadKind::power, LoadKind::resistance, LoadKind::motor, LoadKind::led}) {
            load.kind = kind;
            const auto law = [&](double v) {
                const auto c = load_current(load, 3, v);
                return std::pair{c.amps, c.slope};
            };
            QVERIFY2(slope_error(law, -5, 25) < 1e-2, qPrintable(QString::number(static_cast<int>(kind))));
            QVERIFY(load_current(load, 3, -1).amps <= 0);
        }
        QVERIFY(slope_error(
                    [](double v) {
                        const auto c = branch_current(50, 0.35, v);
                        return std::pair{c.amps, c.slope};
                    },
                    -5, 5) < 1e-2);
    }
    void a_modules_currents_have_their_slopes() {
        for (const auto& type : parts().converters) {
            const double set = raw(type.out_min + type.out_max) / 2, limit = 1.3 * raw(type.rated);
            const double v_in = raw(type.in_min + type.in_max) / 2;
            for (double low = -2; low <= limit; low += limit / 7) {
                const double v_out = set - 0.004 * low;
                const auto k = converter_currents(type, set, v_in, v_out, false, 1e-3);
                constexpr double h = 1e-7;
                const auto up = converter_currents(type, set, v_in + h, v_out, false, 1e-3);
                const auto out = converter_currents(type, set, v_in, v_out + h, false, 1e-3);
                const double scale = 300;
                QVERIFY2(std::abs((up.in.value - k.in.value) / h - k.in.by[0]) < 1e-2 * scale,
                         type.id.c_str());
                QVERIFY2(std::abs((out.in.value - k.in.value) / h - k.in.by[2]) < 1e-1 * scale,
                         type.id.c_str());
                QVERIFY2(std::abs((out.out.value - k.out.value) / h - k.out.by[2]) < 1e-1 * scale,
                         type.id.c_str());
            }
        }
    }

    void a_motor_draws_what_its_torque_asks() {
        auto motor = test::simple_load("m", 24, 3);
        motor.kind = LoadKind::motor, motor.start = Ampere(30), motor.idle = Ampere(0.5);
        CLOSE(raw(winding_resistance(motor)), 0.8, 1e-9);
        CLOSE(load_current(motor, 3, 24).amps, 3, 1e-9);
        CLOSE(load_current(motor, 3, 12).amps, 3, 1e-9);
        CLOSE(load_current(motor, 3, 1.2).amps, 1.5, 1e-9);  // stands still: winding alone
        CLOSE(load_current(motor, 30, 24).amps, 30, 0.05);   // stalled
        CLOSE(load_current(motor, 30, 12).amps, 15, 0.01);
        CLOSE(motor_speed_share(motor, Ampere(0.5), Volt(24)), 1, 1e-9);
        CLOSE(motor_speed_share(motor, Ampere(3), Volt(24)), (24 - 2.4) / (24 - 0.4), 1e-9);
        QCOMPARE(motor_speed_share(motor, Ampere(30), Volt(24)), 0.0);
        motor.start = Ampere(0);
        CLOSE(raw(winding_resistance(motor)), 24.0 / 18, 1e-9);
    }
    void a_stalled_motor_pulls_the_rail_down() {
        auto plan = test::one_feed(5);
        plan.loads[0].kind = LoadKind::motor, plan.loads[0].start = Ampere(40);
        const auto running = solved(plan), stalled = solved(plan, everything(plan, LoadState::stall));
        CLOSE(raw(running.loads[0].amps), 5, 1e-6);
        QVERIFY(stalled.loads[0].amps > Ampere(30) && stalled.loads[0].amps < Ampere(40));
        QVERIFY(stalled.loads[0].volts < running.loads[0].volts);
        CLOSE(raw(stalled.loads[0].volts / stalled.loads[0].amps), 12.8 / 40, 1e-2);
    }
    void an_led_string_is_dark_below_its_knee() {
        auto strip = test::simple_load("s", 12, 0.8);
        strip.kind = LoadKind::led;
        CLOSE(load_current(strip, 0.8, 12).amps, 0.8, 1e-9);
        CLOSE(load_current(strip, 0.8, 10.5).amps, 0.4, 1e-9);
        QCOMPARE(load_current(strip, 0.8, 8).amps, 0.0);
        QVERIFY(load_current(strip, 0.8, 13).amps > 1.05);  // a volt more is a third more current
    }
    void a_diode_drops_and_blocks() {
        auto plan = test::one_feed(5);
        const auto without = solved(plan);
        plan.feeds()[0].devices.push_back({"d", DeviceKind::diode, "diode-schottky-10a", Ampere(0), {}, {}});
        const auto with = solved(plan);
        CLOSE(raw(without.loads[0].volts - with.loads[0].volts), 0.38 + 5 * 0.008, 0.01);
        // Two packs joined through diodes: the fuller one feeds, none is charged.
        auto pair = two_packs(0.9);
        pair.loads[0].typical = Ampere(2);
        for (auto& f : pair.feeds())
            if (f.to == "hub")
                f.devices.push_back(
                    {f.id + "-d", DeviceKind::diode, "diode-schottky-30a", Ampere(0), {}, {}});
        const auto p = solved(pair);
        CLOSE(raw(p.sources[0].amps), 2, 1e-3);
        QVERIFY(std::abs(raw(p.sources[1].amps)) < 1e-3);
    }
    void unequal_packs_equalise() {
        const auto level = solved(two_packs(0)), apart = solved(two_packs(0.8));
        QVERIFY(std::abs(raw(level.sources[0].amps)) < 1e-6);
        const auto& lfp = *find(parts().chemistries, Id("lfp"));
        const auto plan = two_packs(0.8);
        auto d = everything(plan);
        const double gap = raw(pack_rest_voltage(plan.sources[0], lfp, 1)) -
                           raw(pack_rest_voltage(plan.sources[1], lfp, 0.2));
        QVERIFY(gap > 0.5);
        double loop = raw(pack_resistance(plan.sources[0], lfp, 1, Celsius(20)) +
                          pack_resistance(plan.sources[1], lfp, 0.2, Celsius(20)));
        const auto lengths = feed_lengths(lay_harness(plan, parts()));
        for (const size_t f : {0, 1}) {
            const auto ohms = feed_ohms(plan, plan.feeds()[f], parts(), lengths[f]);
            loop += raw(ohms.copper + ohms.rest);
        }
        CLOSE(raw(apart.sources[0].amps), gap / loop, 0.01);
        CLOSE(raw(apart.sources[0].amps), -raw(apart.sources[1].amps), 1e-6);
    }
    void two_regulators_on_one_rail() {
        auto plan = test::one_feed(0.1);
        plan.loads[0].nominal = Volt(5), plan.loads[0].v_min = Volt(4), plan.loads[0].v_max = Volt(6);
        plan.loads[0].typical = plan.loads[0].peak = Ampere(2);
        plan.hubs.push_back({"in", "In", {}, {}}), plan.hubs.push_back({"rail", "Rail", {}, {}});
        plan.converters.push_back({"a", "A", "buck-5a-40v", Volt(5.1), {}, {}});
        plan.converters.push_back({"b", "B", "buck-5a-40v", Volt(5.0), {}, {}});
        const auto feed = [&](const Id& from, const Id& to) {
            Lead f;
            f.id = from + to, f.from = from, f.to = to, f.wire = "awg16-silicone", f.length = Metre(0.3);
            return f;
        };
        plan.replace_feeds({feed("battery", "in"), feed("in", "a"), feed("in", "b"), feed("a", "rail"),
                            feed("b", "rail"), feed("rail", "lamp")});
        const auto p = solved(plan);
        // The higher one carries it until its drop has come down to the other's voltage.
        QVERIFY(p.converters[0].out_amps > p.converters[1].out_amps);
        CLOSE(raw(p.converters[0].out_amps + p.converters[1].out_amps), 2, 1e-3);
        QVERIFY(raw(p.converters[1].out_amps) > -1e-2);  // a module does not sink
        plan.converters[0].set = Volt(6);
        const auto apart = solved(plan);
        CLOSE(raw(apart.converters[0].out_amps), 2, 1e-2);
        QVERIFY(std::abs(raw(apart.converters[1].out_amps)) < 1e-2);
    }
    void an_overloaded_module_holds_its_current() {
        auto plan = test::one_feed(0);
        plan.converters.push_back({"rail", "Rail", "buck-3a-40v", Volt(5), {}, {}});
        plan.feeds()[0].to = "rail";
        plan.loads[0] = test::simple_load("lamp", 5, 20);
        plan.loads[0].kind = LoadKind::resistance;
        Lead out = plan.feeds()[0];
        out.id = "out", out.from = "rail", out.to = "lamp", out.devices.clear();
        plan.add_feed(out);
        const auto p = solved(plan);
        QVERIFY(p.found && p.converters[0].limiting);
        CLOSE(raw(p.converters[0].out_amps), 3 * 1.25, 0.01);
        QVERIFY(!p.brown_outs.empty());
    }
    void a_module_that_let_go_needs_more_to_start() {
        const auto& type = *find(parts().converters, Id("buck-8a-40v"));
        const double between = raw(type.in_min) * (1 + (type.restart - 1) / 2);
        QVERIFY(!converter_currents(type, 5, between, 4.9).locked_out);
        const double low = raw(type.in_min) * (type.restart - 0.09);
        QVERIFY(converter_currents(type, 5, low, 0, true).locked_out);
        QVERIFY(!converter_currents(type, 5, raw(type.in_min) * type.restart, 4.9, true).locked_out);
        QVERIFY(converter_currents(type, 5, raw(type.in_min) * 0.95, 0).cycling);
    }
    void a_linear_regulator_turns_the_rest_into_heat() {
        auto plan = test::one_feed(0);
        plan.converters.push_back({"rail", "Rail", "linear-5v-1a", Volt(5), {}, {}});
        plan.feeds()[0].to = "rail";
        plan.loads[0] = test::simple_load("lamp", 5, 0.5);
        Lead out = plan.feeds()[0];
        out.id = "out", out.from = "rail", out.to = "lamp", out.devices.clear();
        plan.add_feed(out);
        const auto p = solved(plan);
        const auto& c = p.converters[0];
        CLOSE(raw(c.out_amps), 0.5, 1e-6);
        const double quiescent = raw(find(parts().converters, Id("linear-5v-1a"))->quiescent);
        CLOSE(raw(c.in_amps), 0.5 + quiescent, 1e-6);
        CLOSE(raw(c.heat), raw(c.in - c.out) * 0.5 + raw(c.in) * quiescent, 1e-3);
    }

    void a_brown_out_says_how_much_too_much() {
        auto plan = test::one_feed(8);
        plan.feeds()[0].wire = "awg22-pvc", plan.feeds()[0].length = Metre(4);
        plan.loads[0].v_min = Volt(11);
        auto moment = everything(plan);
        moment.brief = true;  // the copper keeps its temperature
        const auto p = solved(plan, moment);
        QCOMPARE(p.brown_outs.size(), size_t{1});
        const auto& b = p.brown_outs[0];
        QVERIFY(b.too_much_ohm > Ohm(0) && b.too_much_amps > Ampere(0));
        // That much less current, and it is just served.
        auto less = plan;
        less.loads[0].typical = less.loads[0].peak = plan.loads[0].typical - b.too_much_amps;
        CLOSE(raw(solved(less, moment).loads[0].volts), 11, 2e-3);
        // That much less resistance in its path, and it is just served.
        const auto lengths = feed_lengths(lay_harness(plan, parts()));
        const double wire = raw(feed_ohms(plan, plan.feeds()[0], parts(), lengths[0]).copper);
        auto shorter = plan;
        shorter.feeds()[0].length = Metre(4 * (1 - raw(b.too_much_ohm) / wire));
        CLOSE(raw(solved(shorter, moment).loads[0].volts), 11, 2e-3);
    }

    void conductors_in_parallel_share_and_break() {
        const auto* thin = find(parts().wires, Id("awg16-pvc"));
        const auto* thick = find(parts().wires, Id("awg10-pvc"));
        const auto* pvc = find(parts().insulations, Id("pvc-80"));
        const auto shares =
            share_current({{thin, pvc, Metre(1)}, {thick, pvc, Metre(1)}}, Ampere(20), Celsius(30));
        CLOSE(raw(shares[0].current + shares[1].current), 20, 1e-9);
        CLOSE(raw(shares[1].current / shares[0].current), thin->ohm_per_m / thick->ohm_per_m, 1e-9);
        const std::vector<ParallelConductor> alike(3, {thin, pvc, Metre(2)});
        const auto rating = parallel_rating(alike, Celsius(30));
        const double one = raw(ampacity(*thin, *pvc, Celsius(30)));
        CLOSE(raw(rating.whole), 3 * one * bunching_factor(3), 1e-6);
        CLOSE(raw(rating.one_broken), 2 * one * bunching_factor(2), 1e-6);
        const auto broken = share_current(alike, rating.whole, Celsius(30), 1);
        QCOMPARE(raw(broken[1].current), 0.0);
        QVERIFY(broken[0].overloaded && broken[2].warm > pvc->max);
        // In a plan: half the resistance, nearly twice the current.
        auto plan = test::one_feed(5);
        const auto single = test::studied(plan);
        plan.feeds()[0].conductors = 2;
        const auto twin = test::studied(plan);
        QVERIFY(twin.protection[0].ampacity > single.protection[0].ampacity * 1.5);
        QVERIFY(twin.protection[0].warm < single.protection[0].warm);
        QVERIFY(twin.now.feeds[0].drop < single.now.feeds[0].drop);
    }
    void thin_air_and_sleeves_cool_less() {
        const auto& w = *find(parts().wires, Id("awg14-pvc"));
        const auto& i = *find(parts().insulations, w.insulation);
        const auto at = [&](double metres, double sleeve) {
            return raw(ampacity(w, i, Surroundings{Celsius(30), Metre(metres), Millimetre(sleeve)}));
        };
        QVERIFY(at(3000, 0) < at(0, 0) && at(3000, 0) > 0.85 * at(0, 0));
        QVERIFY(at(0, 2) < at(0, 0));
        CLOSE(at(-100, 0), at(0, 0), 1e-12);
        CLOSE(at(20000, 0), at(11000, 0), 1e-12);
    }
    void copper_clad_aluminium_carries_less() {
        const auto &cca = *find(parts().wires, Id("awg12-pvc-cca")),
                   &copper = *find(parts().wires, Id("awg12-pvc"));
        CLOSE(cca.ohm_per_m / copper.ohm_per_m, 1.6, 1e-9);
        QVERIFY(cca.gram_per_m < 0.6 * copper.gram_per_m);
        const auto& i = *find(parts().insulations, cca.insulation);
        QVERIFY(ampacity(cca, i, Celsius(30)) < ampacity(copper, i, Celsius(30)));
    }
    void sparks_and_filters() {
        QVERIFY(!inrush(Volt(12.6), Farad(470e-6), Ohm(0.05)).wants_precharge);
        QVERIFY(inrush(Volt(25.2), Farad(1000e-6), Ohm(0.05)).wants_precharge);
        QVERIFY(inrush(Volt(50), Farad(500e-6), Ohm(0.05)).wants_precharge);
        QVERIFY(std::isfinite(raw(inrush(Volt(50), Farad(1e-3), Ohm(0)).peak)));
        const auto p = precharge(Volt(50), Farad(2e-3), Second(1));
        QVERIFY(p.wait <= Second(1) && p.wait > Second(0.8));
        const FilterNeed need{Henry(47e-6), Farad(1e-3), Ohm(0.03), Ohm(0.02),
                              Ampere(5),    Ampere(3),   Ampere(6), Hertz(3e5)};
        const auto f = check_filter(need);
        QVERIFY(f.saturates && f.quality > 1 && f.attenuation > 40);
        CLOSE(raw(f.drop), 0.09, 1e-9);
        auto below = need;
        below.noise = f.resonance;
        QVERIFY(check_filter(below).attenuation < 0);  // at resonance it amplifies
    }
};

SANGRE_SUITE(TestElements);
#include "test_elements.moc"
