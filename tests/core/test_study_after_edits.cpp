// A study that starts from an earlier one says what a study from cold says, whatever lies between.
#include <random>

#include "fixtures.h"
#include "physics/network/answers.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

void same(double a, double b, const char* what) {
    const bool alike = a == b || std::abs(a - b) <= 1e-6 * std::max({1.0, std::abs(a), std::abs(b)});
    QVERIFY2(alike,
             qPrintable(QStringLiteral("%1: %2 and %3").arg(what).arg(a, 0, 'g', 12).arg(b, 0, 'g', 12)));
}

void same_network_figures(const Study& a, const Study& b) {
    for (size_t f = 0; f < a.worst.feeds.size(); ++f) {
        same(raw(a.now.feeds[f].supply), raw(b.now.feeds[f].supply), "supply now");
        same(raw(a.worst.feeds[f].continuous), raw(b.worst.feeds[f].continuous), "continuous");
        same(raw(a.worst.feeds[f].peak), raw(b.worst.feeds[f].peak), "peak");
        same(a.worst.feeds[f].drop_share, b.worst.feeds[f].drop_share, "drop");
    }
    for (size_t l = 0; l < a.worst.loads.size(); ++l)
        same(raw(a.worst.loads[l].lowest), raw(b.worst.loads[l].lowest), "lowest at a load");
    for (size_t c = 0; c < a.worst.converters.size(); ++c) {
        same(raw(a.worst.converters[c].heat), raw(b.worst.converters[c].heat), "heat of a module");
        same(raw(a.windows[c].low), raw(b.windows[c].low), "window");
    }
}

void same_judgements(const Study& a, const Study& b) {
    for (size_t f = 0; f < a.protection.size(); ++f) {
        const auto &p = a.protection[f], &q = b.protection[f];
        same(raw(p.warmest), raw(q.warmest), "warmest");
        same(raw(p.fault.current), raw(q.fault.current), "prospective");
        QCOMPARE(p.fault.outcome, q.fault.outcome);
        QCOMPARE(p.carries, q.carries);
        QCOMPARE(p.protects, q.protects);
    }
    same(raw(a.mission.run_time), raw(b.mission.run_time), "run time");
    same(a.mission.lowest_charge, b.mission.lowest_charge, "lowest charge");
    same(raw(a.mass), raw(b.mass), "mass");
    same(a.cost, b.cost, "cost");
    QCOMPARE(a.findings.size(), b.findings.size());
    for (size_t i = 0; i < a.findings.size(); ++i) {
        QCOMPARE(a.findings[i].rule, b.findings[i].rule);
        QCOMPARE(a.findings[i].sentence, b.findings[i].sentence);
    }
}

/// Something that a builder might do next.
Plan edited(Plan p, std::mt19937& random) {
    const auto pick = [&](size_t n) { return std::uniform_int_distribution<size_t>(0, n - 1)(random); };
    auto& load = p.loads[pick(p.loads.size())];
    auto& feed = p.feeds()[pick(p.feeds().size())];
    switch (pick(10)) {
        case 0:
            load.typical = load.typical * 1.3;
            break;
        case 1:
            load.peak = load.peak * 3.0;
            break;
        case 2:
            load.v_min = load.v_min * 0.9;
            break;
        case 3:
            feed.wire = parts().wires[pick(parts().wires.size())].id;
            break;
        case 4:
            feed.length = Metre(0.1 + 0.3 * static_cast<double>(pick(10)));
            break;
        case 5:
            if (!feed.devices.empty()) feed.devices[0].rating = feed.devices[0].rating * 2;
            break;
        case 6:
            p.sources[0].health = 0.5 + 0.1 * static_cast<double>(pick(6));
            break;
        case 7:
            p.hottest_air = Celsius(30 + 3 * static_cast<double>(pick(6)));
            break;
        case 8:
            if (!p.phases.empty())
                p.phases[pick(p.phases.size())].states[load.id] = static_cast<LoadState>(pick(5));
            break;
        default:
            if (!p.converters.empty()) p.converters[pick(p.converters.size())].set += Volt(0.2);
    }
    return p;
}

}  // namespace

class TestStudyAfterEdits : public QObject {
    Q_OBJECT
  private slots:
    /// What is wired is known anew when the frame turns out to be of wood.
    void the_frame_counts() {
        auto metal = test::one_feed(5);
        metal.metal_frame = true, metal.feeds()[0].ret = Return::frame;
        auto wood = metal;
        wood.metal_frame = false;
        const auto before = study(metal, parts(), {});
        const auto after = study(wood, parts(), {}, before), anew = study(wood, parts(), {});
        QVERIFY(after.harness.wiring == anew.harness.wiring &&
                !(after.harness.wiring == before.harness.wiring));
        QCOMPARE(raw(after.now.feeds[0].supply), raw(anew.now.feeds[0].supply));
    }
    void an_evening_of_edits_data() {
        QTest::addColumn<QString>("demo");
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"})
            QTest::newRow(name) << name;
    }
    void an_evening_of_edits() {
        QFETCH(QString, demo);
        auto plan = *load_plan((data_directory() / "demos" / (demo.toStdString() + ".json")).string());
        std::mt19937 random(7);
        auto shown = study(plan, parts(), {});
        for (int i = 0; i < 60; ++i) {
            // Now and then something is taken back altogether, as undo does.
            plan = edited(
                i % 9 == 8
                    ? *load_plan((data_directory() / "demos" / (demo.toStdString() + ".json")).string())
                    : plan,
                random);
            shown = study(plan, parts(), {}, shown);
            const auto cold = study(plan, parts(), {});
            same_network_figures(shown, cold);
            same_judgements(shown, cold);
            if (QTest::currentTestFailed()) return;
        }
    }
    void a_plan_that_collapses_and_comes_back() {
        const auto good = test::one_feed(5);
        auto bad = good;
        bad.loads[0].kind = LoadKind::power, bad.loads[0].typical = bad.loads[0].peak = Ampere(40);
        bad.feeds()[0].wire = "awg30-pvc", bad.feeds()[0].length = Metre(10);
        const auto before = study(good, parts(), {});
        const auto collapsed = study(bad, parts(), {}, before);
        QVERIFY(!collapsed.now.brown_outs.empty());
        same_network_figures(collapsed, study(bad, parts(), {}));
        const auto back = study(good, parts(), {}, collapsed);
        QVERIFY(back.now.brown_outs.empty());
        same_network_figures(back, before);
    }
    void other_parts_than_before_are_no_trap() {
        const auto small = test::star(3), large = test::star(9);
        const auto before = study(small, parts(), {});
        same_network_figures(study(large, parts(), {}, before), study(large, parts(), {}));
        // As many nodes under other names.
        auto renamed = small;
        renamed.loads[0].id = "other";
        renamed.feeds()[1].to = "other";
        for (auto& phase : renamed.phases) phase.states["other"] = LoadState::typical;
        same_network_figures(study(renamed, parts(), {}, before), study(renamed, parts(), {}));
    }
    void what_an_edit_does_not_touch_is_not_sought_again() {
        auto plan = test::star(40);
        const auto lengths = feed_lengths(lay_harness(plan, parts()));
        Solver first(plan, parts(), lengths);
        first.remember(nullptr);
        Demand demand;
        demand.states.assign(plan.loads.size(), LoadState::typical);
        demand.states[3] = LoadState::off;
        demand.open.assign(plan.feeds().size(), false);
        const auto cold = first.solve(demand);
        const auto kept = first.take_answers();
        // What is off may change: the answer is the very same.
        plan.loads[3].typical = Ampere(9);
        Solver second(plan, parts(), lengths);
        second.remember(kept);
        QVERIFY(second.solve(demand).node_volts == cold.node_volts);
        // What runs may not: the answer is another, and found in fewer steps.
        plan.loads[4].typical = Ampere(1.01);
        Solver third(plan, parts(), lengths), alone(plan, parts(), lengths);
        third.remember(kept);
        const auto warm = third.solve(demand), fresh = alone.solve(demand);
        QVERIFY(warm.node_volts != cold.node_volts);
        QVERIFY(warm.iterations <= fresh.iterations);
        for (size_t n = 0; n < warm.node_volts.size(); ++n)
            QVERIFY(std::abs(warm.node_volts[n] - fresh.node_volts[n]) < 1e-7);
    }
};

SANGRE_SUITE(TestStudyAfterEdits);
#include "test_study_after_edits.moc"
