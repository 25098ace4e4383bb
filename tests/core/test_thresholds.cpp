// Thresholds that decide and do not show: what each is, told by what happens on either side of it.
#include "comparison/improve.h"
#include "comparison/search.h"
#include "electrical/protection/coordination.h"
#include "electrical/protection/suiting.h"
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "physics/protection/fuse_curve.h"
#include "proposal/sizing.h"

using namespace sangre;
using test::parts;

class TestThresholds : public QObject {
    Q_OBJECT
    static Device& fuse_of(Lead& feed) {
        for (auto& d : feed.devices)
            if (d.kind == DeviceKind::fuse) return d;
        feed.devices.push_back({"fuse-" + feed.id, DeviceKind::fuse, "standard-blade", Ampere(2), {}, {}});
        return feed.devices.back();
    }
  private slots:
    /// A short that a module limits is borne up to 20 K above the insulation's continuous limit, no further.
    void a_limited_short_settles_below_the_overload_limit() {
        int borne = 0, not_borne = 0;
        for (const auto& wire : parts().wires) {
            auto p = test::one_feed(1);
            p.converters.push_back({"module", "Module", "buck-5a-40v", Volt(9), {}, {}});
            p.loads[0].v_min = Volt(8), p.loads[0].v_max = Volt(10), p.loads[0].nominal = Volt(9);
            p.feeds()[0].to = "module";
            Lead f;
            f.id = "out", f.from = "module", f.to = "lamp", f.wire = wire.id, f.length = Metre(0.3);
            p.add_feed(f);
            const auto s = test::studied(p);
            const auto& out = s.protection[1];
            if (out.fault.opener || !s.shorts[1].limited) continue;
            const double settled = raw(out.thermal->steady(out.fault.current));
            const double limit = raw(out.insulation->max) + 20;
            if (std::abs(settled - limit) < 5) continue;
            (settled < limit ? borne : not_borne)++;
            QVERIFY2((out.fault.outcome == FaultOutcome::limited) == (settled < limit),
                     qPrintable(QString("%1 settles at %2 °C").arg(wire.id.c_str()).arg(settled)));
        }
        QVERIFY2(borne > 3 && not_borne > 0, qPrintable(QString("%1 %2").arg(borne).arg(not_borne)));
        const auto& pvc = *find(parts().insulations, "pvc-80");
        QCOMPARE(raw(allowed_for(pvc, Second(4.9))), 160.0);
        QCOMPARE(raw(allowed_for(pvc, Second(5.1))), 100.0);
        QCOMPARE(raw(allowed_for(pvc, Second(INFINITY))), 100.0);
    }
    void a_fuse_in_hot_air_carries_less_down_to_a_twentieth() {
        auto family = *find(parts().fuses, "standard-blade");
        family.continuous_share = 0.75, family.derate_per_kelvin = 0.0015;
        QCOMPARE(raw(continuous_limit(family, Ampere(10), Celsius(23))), 7.5);
        CLOSE(raw(continuous_limit(family, Ampere(10), Celsius(423))), 7.5 * 0.4, 1e-12);
        CLOSE(raw(continuous_limit(family, Ampere(10), Celsius(5000))), 7.5 * 0.05, 1e-12);
        family.derate_per_kelvin = 0.01;  // a resettable
        CLOSE(raw(continuous_limit(family, Ampere(10), Celsius(83))), 7.5 * 0.4, 1e-12);
    }
    void an_item_carries_half_as_much_again_for_a_moment() {
        ItemNeed need{Ampere(5), Ampere(30), Ampere(10), Volt(12), SquareMillimetre(1), Celsius(40)};
        QVERIFY(!carries(Ampere(19.9), need) && carries(Ampere(20), need));
        need.peak = Ampere(5);
        QVERIFY(!carries(Ampere(9.9), need) && carries(Ampere(10), need));  // its fuse
        need.fuse = Ampere(0);
        QVERIFY(!carries(Ampere(4.9), need) && carries(Ampere(5), need));
    }
    void a_fuse_above_another_is_so_much_larger() {
        auto p = test::star(1);
        fuse_of(p.feeds()[0]), fuse_of(p.feeds()[1]);
        for (const double amps : {0.9, 1.4, 2.8, 5.0, 7.0, 11.0}) {
            p.loads[0].typical = p.loads[0].peak = Ampere(amps);
            auto sized = size_feeds(p, parts());
            const double above = raw(fuse_of(sized.feeds()[0]).rating),
                         below = raw(fuse_of(sized.feeds()[1]).rating);
            QVERIFY2(above >= 1.59 * below, qPrintable(QString("%1 A above %2 A").arg(above).arg(below)));
        }
    }
    /// Fuse, switch and joints included, over any length: no more than the limit, and not by far less.
    void a_feed_is_sized_to_the_drop_limit() {
        double nearest = 0;
        for (int tenths = 10; tenths < 120; tenths += 7) {
            auto p = test::one_feed(8);
            p.feeds()[0].length = Metre(tenths / 10.0);
            p.practices.drop_limit = 0.03;
            const double share = test::studied(size_feeds(p, parts())).worst.feeds[0].drop_share;
            nearest = std::max(nearest, share);
            QVERIFY2(share <= 0.03, qPrintable(QString("%1 m: %2").arg(tenths / 10.0).arg(share)));
        }
        QVERIFY2(nearest > 0.026, qPrintable(QString::number(nearest)));
    }
    void a_load_browns_out_just_below_its_least() {
        auto p = test::one_feed(5);
        const double gets = raw(test::studied(p).now.loads[0].volts);
        p.loads[0].v_min = Volt(gets + 0.02);
        QCOMPARE(test::studied(p).now.brown_outs.size(), size_t{1});
        p.loads[0].v_min = Volt(gets - 0.02);
        QVERIFY(test::studied(p).now.brown_outs.empty());
    }
    /// A 40 V module on full LFP cells of 3.45 V: nine leave 29 %, ten 16 %.
    void a_module_wants_a_quarter_above_its_highest_input() {
        for (const auto& [cells, found] : {std::pair{9, false}, std::pair{10, true}}) {
            auto p = test::one_feed(1);
            p.sources[0].series = cells;
            p.converters.push_back({"module", "Module", "buck-5a-40v", Volt(12), {}, {}});
            p.feeds()[0].to = "module";
            Lead f;
            f.id = "out", f.from = "module", f.to = "lamp", f.wire = "awg20-silicone", f.length = Metre(0.3);
            p.add_feed(f);
            QCOMPARE(test::has(test::studied(p), "rail-input-spare"), found);
        }
    }
    void a_thicker_wire_that_is_offered_suffices() {
        int offered = 0;
        for (const char* wire : {"awg20-silicone", "awg16-silicone", "awg12-silicone"})
            for (int tenths = 4; tenths < 80; tenths += 3) {
                auto p = test::one_feed(6);
                p.feeds()[0].wire = wire, p.feeds()[0].length = Metre(tenths / 10.0);
                const auto s = test::studied(p);
                const auto* f = test::finding(s, "wire-drop");
                if (!f || f->fixes.empty()) continue;
                ++offered;
                QVERIFY2(!test::has(test::studied(f->fixes[0].edit(p)), "wire-drop"),
                         qPrintable(QString("%1 over %2 m: %3")
                                        .arg(wire)
                                        .arg(tenths / 10.0)
                                        .arg(f->fixes[0].label.str().c_str())));
            }
        QVERIFY2(offered > 20, qPrintable(QString::number(offered)));
    }
    /// Three times its capacity, by the hour, from these cells.
    void a_pack_gives_what_its_kind_gives() {
        const auto& lfp = *find(parts().chemistries, "lfp");
        const double most = lfp.max_c * 10;
        QVERIFY(!test::has(test::studied(test::one_feed(most * 0.98)), "battery-c-rate"));
        QVERIFY(test::has(test::studied(test::one_feed(most * 1.02)), "battery-c-rate"));
    }
    void a_coil_pulls_in_at_three_quarters_and_stands_a_third_more() {
        for (const auto& [cells, found] : {std::pair{5, true}, {7, false}, {8, false}, {10, true}}) {
            auto p = test::one_feed(2);
            p.sources[0].series = cells, p.loads[0].v_min = Volt(5), p.loads[0].v_max = Volt(50);
            by_id(p.feeds()[0].devices, Id("switch"))->type = "relay-40a";  // 24 V: from 18 V to 31.2 V
            const auto s = test::studied(p);
            const auto* f = test::finding(s, "relay-coil");
            QVERIFY2((f != nullptr) == found, qPrintable(QString::number(cells)));
            for (const auto& fix : f ? f->fixes : std::vector<Fix>{})
                QVERIFY(
                    find(parts().switches, by_id(fix.edit(p).leads[0].devices, Id("switch"))->type)->kind ==
                    SwitchKind::relay);
        }
    }
    void an_item_carries_its_fuse() {
        for (const auto& [rating, found] : {std::pair{30.0, false}, std::pair{35.0, true}}) {
            auto p = test::one_feed(5);
            by_id(p.feeds()[0].devices, Id("fuse"))->rating = Ampere(rating);  // beside a switch of 30 A
            QCOMPARE(test::has(test::studied(p), "feed-item-below-fuse"), found);
        }
    }
    void a_better_plan_has_no_more_cautions() {
        auto p = test::one_feed(5);
        p.feeds()[0].length = Metre(4);  // 12 AWG: 2 %; the next thinner loses more than 3
        const auto start = searched_plan(p, test::studied(p), 100);
        const auto before = count(test::studied(p).findings, Severity::caution);
        size_t studied = 0;
        int asked = 0;
        const auto better = improve_plan(start, parts(), Aim::mass, studied, [&] { return ++asked < 400; });
        QVERIFY(studied > 0 && asked < 400);  // and comes to an end
        QVERIFY(count(test::studied(better.plan).findings, Severity::caution) <= before);
    }
    /// What a feed comes to at the worst is that of its hardest phase, wherever in the day it stands.
    void the_worst_is_kept_through_the_phases_that_follow() {
        auto plan = test::one_feed(6);
        const auto lowest = [&](LoadState first, LoadState second) {
            plan.phases.clear();
            for (const auto state : {first, second}) {
                Phase p;
                p.id = plan.phases.empty() ? "one" : "two", p.name = p.id, p.duration = Second(600);
                p.states[plan.loads[0].id] = state;
                plan.phases.push_back(p);
            }
            return test::studied(plan).worst.feeds[0];
        };
        const auto hard_first = lowest(LoadState::typical, LoadState::idle);
        const auto hard_last = lowest(LoadState::idle, LoadState::typical);
        CLOSE(raw(hard_first.lowest_end), raw(hard_last.lowest_end), 1e-6);
        CLOSE(raw(hard_first.continuous), raw(hard_last.continuous), 1e-6);
        CLOSE(raw(hard_first.highest_end), raw(hard_last.highest_end), 1e-6);
        QVERIFY(hard_first.continuous > Ampere(5));
    }
    void peukert_counts_from_the_rated_current() {
        const auto& agm = *find(parts().chemistries, "agm");  // exponent 1.15 at the 20 h rate
        QCOMPARE(peukert_factor(agm, AmpereHour(20), Ampere(1)), 1.0);
        CLOSE(peukert_factor(agm, AmpereHour(20), Ampere(8)), std::pow(8, 0.15), 1e-12);
        CLOSE(peukert_factor(agm, AmpereHour(100), Ampere(50)), std::pow(10, 0.15), 1e-12);
    }
};

SANGRE_SUITE(TestThresholds);
#include "test_thresholds.moc"
