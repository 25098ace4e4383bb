// Cables as anyone might draw them, at random: typed back as they stand, kept, drawn, labelled, reviewed and
// mended.
#include <QTest>
#include <random>
#include <set>

#include "fixtures.h"
#include "output/diagram/cable_sheets.h"
#include "output/diagram/labels.h"
#include "plan/edits.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;

namespace {

Core random_core(std::mt19937& random, int number) {
    const auto below = [&](int n) { return std::uniform_int_distribution<int>(0, n - 1)(random); };
    const auto& colours = core_colours();
    Core c;
    c.from_pin = std::to_string(number);
    c.colour = colours[static_cast<size_t>(below(static_cast<int>(colours.size())))];
    const char* carried[] = {"5 V", "GND", "PWM", "H", "L", "phase A", "12 V", "", "−", "+"};
    c.signal = carried[below(10)];
    const auto read = parse_core(c.from_pin + " " + c.colour + " " + c.signal + " > 1");
    c.role = read ? read->role : CoreRole::unused;
    if (c.role != CoreRole::unused || below(3) == 0) c.to_pin = std::to_string(1 + below(9));
    if (below(3) == 0) c.twist = 1 + below(3);
    if (below(5) == 0) c.doubled = 1 + below(2);
    c.cut_back = c.role == CoreRole::unused && below(2) == 0;
    return c;
}

Lead random_cable(const Plan& plan, std::mt19937& random) {
    const auto below = [&](size_t n) { return std::uniform_int_distribution<size_t>(0, n - 1)(random); };
    const CableKind kinds[] = {CableKind::servo, CableKind::data, CableKind::motor, CableKind::ribbon,
                               CableKind::other};
    const char* wires[] = {"awg26-pvc", "awg28-pvc", "awg22-silicone", "no such wire"};
    Lead c;
    c.name = "Cable";
    c.kind = kinds[below(5)];
    c.from = plan.loads[below(plan.loads.size())].id, c.to = plan.loads[below(plan.loads.size())].id;
    c.wire = wires[below(4)];
    c.volts = Volt(static_cast<double>(below(30))), c.amps = Ampere(static_cast<double>(below(8)));
    c.terminated = below(2) == 0;
    if (below(2) == 0) c.label = "one of many";
    const auto cores = below(13);
    for (size_t i = 0; i < cores; ++i) c.cores.push_back(random_core(random, static_cast<int>(i) + 1));
    return c;
}

Plan tangled(unsigned seed) {
    std::mt19937 random(seed);
    auto plan = test::demo();
    plan.replace_signal_leads({});
    const auto n = std::uniform_int_distribution<int>(1, 12)(random);
    for (int i = 0; i < n; ++i) plan = put_cable(plan, random_cable(plan, random));
    return plan;
}

}  // namespace

class TestCableLaws : public QObject {
    Q_OBJECT
    static void seeds() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned i = 1; i <= 24; ++i) QTest::addRow("seed %u", i) << i;
    }
  private slots:
    void every_core_is_typed_back_as_it_stands_data() { seeds(); }
    void every_core_is_typed_back_as_it_stands() {
        QFETCH(unsigned, seed);
        const auto plan = tangled(seed);
        for (const auto& cable : plan.signal_leads())
            for (const auto& core : cable.cores) {
                const auto line = core_line(core);
                const auto again = parse_core(line);
                QVERIFY2(again.has_value(), line.c_str());
                QVERIFY2(core_line(*again) == line && *again == core, line.c_str());
            }
    }
    void they_are_kept_drawn_and_labelled_data() { seeds(); }
    void they_are_kept_drawn_and_labelled() {
        QFETCH(unsigned, seed);
        const auto plan = tangled(seed);
        const auto again = plan_from_json(plan_to_json(plan), "x");
        QVERIFY2(again && again->leads == plan.leads, again ? "" : again.error().c_str());
        std::multiset<Id> drawn;
        for (const auto& sheet : cable_sheets(plan, parts()))
            for (const auto& spot : sheet.spots) {
                drawn.insert(spot.subject);
                QVERIFY(spot.to.y <= sheet.height && spot.to.x <= sheet.width);
            }
        for (const auto& c : plan.signal_leads()) QCOMPARE(drawn.count(c.id), size_t{1});
        const auto s = test::studied(plan);
        QVERIFY(wire_labels(plan, s.harness).size() >= 2 * plan.signal_leads().size());
        for (const auto& c : plan.signal_leads()) QVERIFY(!explain(plan, parts(), s, c.id).why.lines.empty());
        std::set<std::string> keys;
        for (const auto& step : s.steps()) QVERIFY(keys.insert(step.key).second);
        for (const auto& r : s.readings()) QVERIFY(r.high >= r.low);
    }
    void what_is_found_is_mended_in_the_end_data() { seeds(); }
    void what_is_found_is_mended_in_the_end() {
        QFETCH(unsigned, seed);
        auto plan = tangled(seed);
        const auto worst = [&](const Study& s) -> const Finding* {
            for (const auto& f : s.findings)
                if (f.rule.starts_with("cable-") && f.severity != Severity::note && !f.fixes.empty())
                    return &f;
            return nullptr;
        };
        // Whatever was drawn, mending one after the other comes to an end.
        int mended = 0;
        for (; mended < 200; ++mended) {
            const auto s = test::studied(plan);
            const auto* f = worst(s);
            if (!f) break;
            QVERIFY2(!f->sentence.empty() && f->sentence.str().back() == '.', f->sentence.str().c_str());
            const auto next = f->fixes[0].edit(plan);
            QVERIFY2(!(next == plan),
                     (f->rule + ": " + f->fixes[0].label + " changes nothing").str().c_str());
            plan = next;
        }
        QVERIFY2(mended < 200, "the mends go round in circles");
    }
};

SANGRE_SUITE(TestCableLaws);
#include "test_cable_laws.moc"
