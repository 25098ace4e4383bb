// Thresholds that decide and do not show: what each is, told by what happens on either side of it.
#include "battery/pack.h"
#include "fixtures.h"
#include "propose/sizing.h"
#include "protection/coordination.h"
#include "protection/fuse_curve.h"
#include "protection/suiting.h"

using namespace sangre;
using test::parts;

class TestThresholds : public QObject {
    Q_OBJECT
    static Device& fuse_of(Feed& feed) {
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
            p.feeds[0].to = "module";
            Feed f;
            f.id = "out", f.from = "module", f.to = "lamp", f.wire = wire.id, f.length = Metre(0.3);
            p.feeds.push_back(f);
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
        fuse_of(p.feeds[0]), fuse_of(p.feeds[1]);
        for (const double amps : {0.9, 1.4, 2.8, 5.0, 7.0, 11.0}) {
            p.loads[0].typical = p.loads[0].peak = Ampere(amps);
            auto sized = size_feeds(p, parts());
            const double above = raw(fuse_of(sized.feeds[0]).rating),
                         below = raw(fuse_of(sized.feeds[1]).rating);
            QVERIFY2(above >= 1.59 * below, qPrintable(QString("%1 A above %2 A").arg(above).arg(below)));
        }
    }
    /// Three quarters of the drop are the wire's, the rest is for fuses, plugs and joints.
    void a_wire_leaves_a_quarter_of_the_drop_to_what_sits_in_it() {
        double nearest = 0;
        for (int tenths = 10; tenths < 120; tenths += 7) {
            auto p = test::one_feed(8);
            p.feeds[0].length = Metre(tenths / 10.0);
            p.practices.drop_limit = 0.03;
            const auto sized = size_feeds(p, parts());
            const auto& wire = *find(parts().wires, sized.feeds[0].wire);
            // Warm copper at 8 A over both ways, from the resistivity of annealed copper alone.
            const double ohm = 1.7241e-8 / (raw(wire.area) * 1e-6) * 2 * tenths / 10.0;
            const double share = 8 * ohm / 12.8;
            nearest = std::max(nearest, share);
            QVERIFY2(share < 0.75 * 0.03, qPrintable(QString("%1 m: %2").arg(tenths / 10.0).arg(share)));
        }
        QVERIFY2(nearest > 0.6 * 0.75 * 0.03, qPrintable(QString::number(nearest)));
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
