// What leads do to one another: the formulas against figures worked out by hand, and what follows.
#include "base/units/parse.h"
#include "fixtures.h"
#include "harness/coupling.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

/// The demo with a sensor's cable of a metre beside the lead of a motor.
Plan with_sensor(double motor_amps) {
    auto plan = test::demo();
    auto& cable = *by_id(plan.leads, "cable-drive-left");
    cable.signal = SignalKind::sensor;
    for (auto& core : cable.cores) core.twist = 0;
    auto& drive = *by_id(plan.loads, Id("load-drive-left"));
    drive.peak = Ampere(motor_amps), drive.typical = Ampere(motor_amps / 2);
    return plan;
}

}  // namespace

class TestCoupling : public QObject {
    Q_OBJECT

  private slots:
    void mutual_inductance_is_the_book_s() {
        // D13 = D24 = 5 mm, D14 = 7 mm, D23 = 3 mm: 0.2 µH/m · ln(25/21).
        CLOSE(mutual_inductance(Metre(2e-3), Metre(2e-3), Metre(3e-3)), 2e-7 * std::log(25.0 / 21), 1e-9);
        // Ten times as far apart is less than a fiftieth.
        const double near = mutual_inductance(Metre(2e-3), Metre(2e-3), Metre(3e-3)),
                     far = mutual_inductance(Metre(2e-3), Metre(2e-3), Metre(30e-3));
        QVERIFY(far < near / 25 && far > 0);
        // Which of the two is called the first does not matter.
        CLOSE(mutual_inductance(Metre(1e-3), Metre(4e-3), Metre(3e-3)),
              mutual_inductance(Metre(4e-3), Metre(1e-3), Metre(3e-3)), 1e-12);
    }
    void two_leads_lie_as_far_apart_as_both_are_thick() {
        auto plan = with_sensor(20);
        const auto s = test::studied(plan);
        const auto noisy = s.solver->index().into(Id("load-drive-left")).front();
        size_t quiet = 0;
        while (plan.leads[quiet].id != "cable-drive-left") ++quiet;
        const auto& cores = s.harness.wiring;
        const auto outer = [&](size_t lead) { return raw(cores.cores_of(lead).front().wire->outer); };
        const auto x = coupling(plan, s.solver->index(), s.harness, noisy, quiet, {0});
        QVERIFY(x && outer(noisy) > outer(quiet) * 1.2);
        CLOSE(raw(x->apart), (outer(noisy) + outer(quiet)) / 2, 1e-9);
    }
    void a_pair_is_twisted_where_it_is_longer_than_a_hand() {
        Lead pair;
        pair.ret = Return::own;
        QVERIFY(!is_twisted(pair, Metre(0.2)) && is_twisted(pair, Metre(0.21)));
        pair.ret = Return::frame;
        QVERIFY(!is_twisted(pair, Metre(1)));
    }
    void a_pair_by_itself_is_the_book_s() {
        // 2 mm apart, 1 mm thick: 0.4 µH/m · arccosh 2 = 0.527 µH/m.
        CLOSE(pair_inductance(Metre(2e-3), Metre(1e-3)), 0.5268e-6, 1e-3);
        QVERIFY(std::isfinite(pair_inductance(Metre(1e-3), Metre(1e-3))));
    }
    void fields_fall_with_the_square_of_a_pair_s_distance() {
        CLOSE(field_of_one(Ampere(10), Metre(0.1)), 20e-6, 1e-9);
        CLOSE(field_of_pair(Ampere(10), Metre(2e-3), Metre(0.1)), 0.4e-6, 1e-9);
        CLOSE(field_of_pair(Ampere(10), Metre(2e-3), Metre(0.2)), 0.1e-6, 1e-9);
    }
    void what_couples_is_inductance_length_and_ripple() {
        const auto plan = with_sensor(30);
        const auto s = test::studied(plan);
        const auto all = all_couplings(plan, s.solver->index(), s.harness);
        const auto found = std::find_if(all.begin(), all.end(), [&](const auto& x) {
            return plan.leads[x.quiet].id == "cable-drive-left" &&
                   plan.leads[x.noisy].to == "load-drive-left";
        });
        QVERIFY(found != all.end());
        CLOSE(raw(found->along), 0.9, 1e-9);
        CLOSE(raw(found->ripple), 6, 1e-9);
        CLOSE(raw(found->untwisted), found->henry_per_m * 0.9 * 6 / 1e-6, 1e-9);
        QVERIFY(found->twisted);  // the motor's pair, by the Build
        CLOSE(raw(found->couples), raw(found->untwisted) / 10, 1e-9);
        CLOSE(raw(found->bears), 0.005, 1e-9);
        QVERIFY(test::has(s, "beside-couples"));
        // What one of them feeds itself is nobody's neighbour.
        for (const auto& x : all) QVERIFY(x.noisy != x.quiet);
    }
    void less_ripple_less_found() { QVERIFY(!test::has(test::studied(with_sensor(0.2)), "beside-couples")); }
    void a_phase_beside_a_sensor_couples_by_its_volts() {
        auto plan = with_sensor(0.2);
        auto phase = *by_id(plan.leads, "cable-drive-left");
        phase.id = "phases", phase.kind = CableKind::motor, phase.volts = Volt(26),
        phase.signal = SignalKind::unsaid;
        for (auto& core : phase.cores) core.role = CoreRole::phase;
        plan.add_signal_lead(phase);
        const auto s = test::studied(plan);
        const auto all = all_couplings(plan, s.solver->index(), s.harness);
        const auto found = std::find_if(all.begin(), all.end(), [&](const auto& x) {
            return plan.leads[x.noisy].id == "phases" && plan.leads[x.quiet].id == "cable-drive-left";
        });
        QVERIFY(found != all.end());
        QVERIFY(raw(found->untwisted) > 0.1);  // 26 V in 0.1 µs through some pF
    }
    void every_kind_of_signal_has_its_row() {
        size_t i = 0;
        for (const auto& [kind, word] : names(SignalKind{})) {
            QCOMPARE(signal_limits()[i].kind, kind);
            QVERIFY(raw(limits_of(kind).across) > 0);
            if (kind != SignalKind::unsaid)
                QVERIFY(raw(limits_of(kind).most) > 0 && raw(limits_of(kind).noise) > 0 &&
                        *limits_of(kind).source);
            ++i;
        }
        QCOMPARE(signal_limits().size(), i);
    }
    void a_bus_goes_no_further_than_its_kind() {
        auto plan = test::demo();
        auto& mast = *by_id(plan.leads, "cable-mast");
        mast.signal = SignalKind::i2c, mast.length = Metre(0.99);
        QVERIFY(!test::has(test::studied(plan), "signal-too-long"));
        by_id(plan.leads, "cable-mast")->length = Metre(1.01);
        QVERIFY(test::has(test::studied(plan), "signal-too-long"));
    }
    void capacitors_by_the_length_of_lead() {
        auto plan = test::demo();
        auto& drive = *by_id(plan.loads, Id("load-drive-left"));
        drive.kind = LoadKind::motor, drive.bridge = Ohm(0.01), drive.capacitance = Farad(0);
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "controller-lead-long");
        QVERIFY(f);
        // Battery to always-on studs, to hub, to drive: what its feeds measure, less 20 cm, 2.2 mF a metre.
        double length = 0;
        for (const auto i : s.solver->index().upstream("load-drive-left"))
            length += raw(s.harness.routes[i].length);
        const auto mended = f->fixes.front().edit(plan);
        CLOSE(raw(by_id(mended.loads, Id("load-drive-left"))->capacitance),
              std::ceil((length - 0.2) * 220) * 10e-6, 1e-6);
    }

    void a_needle_is_left_alone_from_the_distance_that_is_said() {
        auto plan = test::demo();
        auto& way = *by_id(plan.ways, Id("way-battery-hub"));
        OnWay needle;
        needle.kind = OnWayKind::compass, needle.at = Metre(0.1), needle.off = Millimetre(8);
        way.on_it.push_back(needle);
        const auto sentence_at = [&](double mm) {
            way.on_it.back().off = Millimetre(mm);
            const auto s = test::studied(plan);
            const auto* f = test::finding(s, "magnetic-near");
            return f ? f->sentence.str() : std::string();
        };
        const auto said = sentence_at(8);
        const auto from = said.find("keep it ") + 8;
        const auto metres =
            parse_value(said.substr(from, said.find(" off", from) - from), Dimension::length, "mm");
        QVERIFY2(metres.has_value(), said.c_str());
        const double enough = *metres * 1e3;
        QVERIFY2(enough > 8.5, said.c_str());
        QVERIFY(sentence_at(enough).empty() && !sentence_at(enough * 0.9).empty());
    }
};

SANGRE_SUITE(TestCoupling);
#include "test_coupling.moc"
