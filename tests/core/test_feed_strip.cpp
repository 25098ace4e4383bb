// A feed as a strip adds up to the feed; a short along it is the fault study's at its end.
#include "comparison/device_offers.h"
#include "electrical/protection/curves.h"
#include "electrical/protection/fault_explorer.h"
#include "fixtures.h"
#include "harness/feed_strip.h"
#include "proposal/size_steps.h"

using namespace sangre;
using test::parts;

namespace {

std::vector<Plan> demos() {
    std::vector<Plan> all;
    for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                             "apiary-trailer", "moss-wall"})
        all.push_back(*load_plan((data_directory() / "demos" / (std::string(name) + ".json")).string()));
    return all;
}

ExploredFault explored(const Plan& plan, const Study& s, size_t feed, double along) {
    return explore_fault(plan, parts(), s.protection, s.shorts, *s.solver, feed_lengths(s.harness), feed,
                         along);
}

}  // namespace

class TestFeedStrip : public QObject {
    Q_OBJECT
  private slots:
    void the_drops_add_up() {
        for (const auto& plan : demos())
            for (const auto& phase : plan.phases)
                for (const double air : {-5.0, 35.0}) {
                    Conditions c;
                    c.phase = phase.id, c.air = Celsius(air);
                    const auto s = study(plan, parts(), c);
                    for (size_t f = 0; f < plan.feeds().size(); ++f) {
                        const auto strip = feed_strip(plan, parts(), s.now, s.harness.wiring, f);
                        const auto& at = s.now.feeds[f];
                        Volt sum(0);
                        for (const auto& i : strip.items) {
                            sum += i.drop;
                            QVERIFY(std::abs(raw(i.before - i.after - i.drop)) < 1e-9);
                        }
                        QVERIFY2(std::abs(raw(sum - (at.at_source - at.at_end))) < 2e-5,
                                 plan.feeds()[f].id.c_str());
                        QVERIFY(std::abs(raw(strip.items.front().before - at.at_source)) < 1e-9);
                        QVERIFY(std::abs(raw(strip.items.back().before - at.at_end)) < 2e-5);
                        QCOMPARE(strip.items.size(), plan.feeds()[f].devices.size() + 5);
                        QVERIFY(strip.items.front().kind == StripKind::source &&
                                strip.items.back().kind == StripKind::end);
                    }
                }
    }
    void a_diode_takes_its_forward_voltage() {
        auto plan = add_device(test::one_feed(2), "feed", DeviceKind::diode, "diode-schottky-3a");
        const auto s = test::studied(plan);
        const auto strip = feed_strip(plan, parts(), s.now, s.harness.wiring, 0);
        const auto diode = std::find_if(strip.items.begin(), strip.items.end(), [](const auto& i) {
            return i.kind == StripKind::device && i.is == DeviceKind::diode;
        });
        QVERIFY(diode != strip.items.end());
        QVERIFY(diode->drop > Volt(0.3) && diode->drop < Volt(0.8));
    }
    void at_the_end_it_is_the_fault_study() {
        for (const auto& plan : demos()) {
            const auto s = test::studied(plan);
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                const auto e = explored(plan, s, f, 1);
                const auto& fault = s.protection[f].fault;
                QCOMPARE(raw(e.fault.time), raw(fault.time));  // to the last digit, let alone the millisecond
                QCOMPARE(raw(e.fault.wire), raw(fault.wire));
                QCOMPARE(e.fault.outcome, fault.outcome);
                QVERIFY(e.fault.opener == fault.opener && e.fault.dark == fault.dark);
                QVERIFY(!e.why.lines.empty() && !e.why.caution.empty());
            }
        }
    }
    void nearer_the_source_more_flows_and_the_fuse_opens_sooner() {
        for (const auto& plan : demos()) {
            const auto s = test::studied(plan);
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                double before = 1e9;
                // A boost in a short lets go and starts again: either way it passes what comes, give or take.
                const auto* rail = by_id(plan.converters, plan.feeds()[f].from);
                const auto* type = rail ? find(parts().converters, rail->type) : nullptr;
                const double same = type && type->kind == ConverterKind::boost ? 1.05 : 1.0001;
                std::optional<double> opened;
                for (const double along : {0.0, 0.25, 0.6, 0.98, 1.0}) {
                    const auto e = explored(plan, s, f, along);
                    QVERIFY2(raw(e.fault.current) <= before * same + 1e-6, plan.feeds()[f].id.c_str());
                    before = raw(e.fault.current);
                    if (!e.fault.opener) continue;
                    if (opened && e.fault.opener == s.protection[f].fault.opener)
                        QVERIFY2(raw(e.fault.time) >= *opened / (same * same) * 0.999,
                                 plan.feeds()[f].id.c_str());
                    if (e.fault.opener == s.protection[f].fault.opener) opened = raw(e.fault.time);
                }
            }
        }
    }
    void foolish_places_are_held_to_the_wire() {
        const auto plan = test::one_feed(3);
        const auto s = test::studied(plan);
        QCOMPARE(explored(plan, s, 0, 7).along, 1.0);
        QCOMPARE(explored(plan, s, 0, -2).along, 0.0);
        QCOMPARE(explored(plan, s, 0, std::nan("")).along, 1.0);
        QVERIFY(explored(plan, s, 0, 0).fault.current > explored(plan, s, 0, 1).fault.current);
    }
    void one_size_up_or_down() {
        const auto plan = test::one_feed(3);
        const auto rating = [&](int steps) {
            return raw(device(step_fuse(plan, parts(), "feed", steps).leads[0], DeviceKind::fuse)->rating);
        };
        QCOMPARE(rating(0), 10.0);
        QCOMPARE(rating(1), 15.0);
        QCOMPARE(rating(-1), 7.5);
        QVERIFY(rating(99) >= 30 && rating(-99) > 0);
        const auto area = [&](int steps) {
            return raw(find(parts().wires, step_wire(plan, parts(), "feed", steps).leads[0].wire)->area);
        };
        for (int k = -12; k < 12; ++k) QVERIFY(area(k + 1) >= area(k));
        QVERIFY(area(1) > area(0) && area(-1) < area(0));
        QCOMPARE(raw(*step_length(plan, "feed", Metre(1), -2).leads[0].length), 0.9);
        QCOMPARE(raw(*step_length(plan, "feed", Metre(1), -200).leads[0].length), 0.05);
        QVERIFY(step_fuse(plan, parts(), "nothing", 1) == plan &&
                step_wire(plan, parts(), "nothing", 1) == plan);
    }
    void the_fuse_before_is_drawn_beside() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto at = feeds_into(plan, "load-work-lamp").front();
        const auto up = fuse_before(plan, s.solver->index(), s.protection, at);
        QVERIFY(up && s.protection[*up].rating > s.protection[at].rating);
        const auto curves = feed_curves(s.protection[at], &s.protection[*up]);
        QVERIFY(!curves.before.empty());
        QCOMPARE(curves.before_rating, s.protection[*up].rating);
        QVERIFY(feed_curves(s.protection[at]).before.empty());
    }
};

SANGRE_SUITE(TestFeedStrip);
#include "test_feed_strip.moc"
