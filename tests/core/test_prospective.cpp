// A short summed along its path against the same short solved by the network.
#include "electrical/protection/prospective.h"
#include "fixtures.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

void agree(const Plan& plan) {
    const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto quick = short_circuit(plan, parts(), solver, f),
                   whole = short_circuit_by_network(plan, solver, f);
        QVERIFY(quick.found && whole.found);
        const auto name = feed_name(plan, plan.feeds()[f]);
        QVERIFY2(test::near(raw(quick.current), raw(whole.current), 0.01), name.c_str());
        QVERIFY2(test::near(raw(quick.open), raw(whole.open), 0.02), name.c_str());
        QVERIFY2(std::abs(raw(quick.at_source) - raw(whole.at_source)) < 0.02 * raw(whole.open) + 0.01,
                 name.c_str());
        QCOMPARE(quick.limited, whole.limited);
        // The same fuses see the same currents.
        for (const auto& [feed, amps] : whole.through) {
            const auto same = std::find_if(quick.through.begin(), quick.through.end(),
                                           [&, at = feed](const auto& t) { return t.first == at; });
            if (raw(amps) < 2) continue;
            QVERIFY2(same != quick.through.end(), name.c_str());
            QVERIFY2(test::near(raw(same->second), raw(amps), 0.05), name.c_str());
        }
    }
}

}  // namespace

class TestProspective : public QObject {
    Q_OBJECT
  private slots:
    void the_sum_is_the_networks_answer() {
        agree(test::one_feed(5));
        agree(test::star(6));
        agree(test::demo());
        auto proposed = test::demo();
        agree(propose(proposed, parts())->plan);
    }
    void a_linear_regulator_passes_its_limit_on() {
        auto plan = test::one_feed(0);
        plan.converters.push_back({"rail", "Rail", "linear-1a5-adjustable", Volt(5), {}, {}});
        plan.feeds()[0].to = "rail";
        Lead out = plan.feeds()[0];
        out.id = "out", out.from = "rail", out.to = "lamp", out.devices.clear();
        plan.add_feed(out);
        agree(plan);
    }
    void what_is_no_tree_is_solved() {
        auto plan = test::star(2);
        auto second = plan.feeds()[1];
        second.id = "twin";
        plan.add_feed(second);
        const Solver solver(plan, parts(), feed_lengths(lay_harness(plan, parts())));
        const auto a = short_circuit(plan, parts(), solver, 1), b = short_circuit_by_network(plan, solver, 1);
        QCOMPARE(raw(a.current), raw(b.current));
        QVERIFY(a.through.size() >= 3);
    }
};

SANGRE_SUITE(TestProspective);
#include "test_prospective.moc"
