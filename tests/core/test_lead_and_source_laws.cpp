// Random plans fed from bricks, circuits and panels, some of their leads cables: whatever comes out is
// finite, saved, opened again and said in words.
#include <cmath>
#include <random>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/diagram/diagram.h"
#include "output/diagram/labels.h"
#include "plan/edits.h"
#include "plan/lead_edits.h"
#include "plan/source.h"
#include "plan/source_text.h"
#include "proposal/source_edits.h"
#include "random_plans.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;

namespace {

constexpr unsigned plans = 60;

struct Dice {
    std::mt19937 random;
    double real(double low, double high) { return std::uniform_real_distribution(low, high)(random); }
    int whole(int low, int high) { return std::uniform_int_distribution(low, high)(random); }
};

/// Its pack replaced by something else of about its volts, and cables in place of some plain leads.
Plan otherwise_fed(unsigned seed) {
    Dice dice{std::mt19937(seed)};
    auto plan = test::RandomPlans(seed).built();
    if (plan.sources.empty()) return plan;
    const auto range = source_range(plan.sources[0], parts());
    if (range && raw(range->high) < 60) {
        Source s;
        s.id = plan.sources[0].id, s.name = plan.sources[0].name, s.place = plan.sources[0].place;
        s.kind = static_cast<SourceKind>(dice.whole(0, 2));
        if (s.kind != SourceKind::pack) {
            s.v_min = range->low, s.v_max = range->high;
            if (s.kind == SourceKind::supply) s.rated = Ampere(dice.real(0.1, 20));
            if (s.kind == SourceKind::circuit) {
                s.fuse = Ampere(dice.whole(0, 30)), s.with_key = dice.whole(0, 1) == 1;
                s.wire_area = SquareMillimetre(dice.real(0, 4)), s.wire_length = Metre(dice.real(0, 5));
            }
            s.already = Ampere(dice.whole(0, 1) * dice.real(0, 3));
            plan.sources[0] = s;
        }
    }
    for (auto& f : plan.feeds()) {
        if (dice.whole(0, 2) || f.ret != Return::own) continue;
        f.kind = CableKind::other, f.name = f.id + " cable";
        for (int i = dice.whole(2, 10); i > 0; --i) {
            Core c;
            c.from_pin = c.to_pin = std::to_string(i), c.colour = core_colours()[static_cast<size_t>(i) % 10];
            c.role = i == 1   ? CoreRole::supply
                     : i == 2 ? CoreRole::ground
                              : static_cast<CoreRole>(dice.whole(0, 4));
            if (c.role == CoreRole::unused) c.to_pin.clear(), c.cut_back = dice.whole(0, 1) == 1;
            f.cores.push_back(c);
        }
        settle_cores(f);
    }
    if (dice.whole(0, 2) == 0 && !plan.hubs.empty()) {
        Source panel;
        panel.name = "Panel", panel.kind = SourceKind::panel, panel.power = Watt(dice.real(1, 200));
        panel.v_min = panel.v_max = Volt(dice.real(5, 50)), panel.sun_low = 1,
        panel.sun_high = dice.real(1, 6);
        plan = add_source(plan, parts(), panel);
    }
    return plan;
}

bool clean(const std::string& words) {
    for (const char* wrong : {"nan", "inf ", "-inf", " inf"})
        if (words.find(wrong) != std::string::npos) return false;
    return true;
}

}  // namespace

class TestLeadAndSourceLaws : public QObject {
    Q_OBJECT
    static void seeds() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned s = 1; s <= plans; ++s) QTest::addRow("seed %u", s) << s;
    }
  private slots:
    void everything_is_finite_and_said_data() { seeds(); }
    void everything_is_finite_and_said() {
        QFETCH(unsigned, seed);
        const auto plan = otherwise_fed(seed);
        const auto s = test::studied(plan);
        QVERIFY(s.now.found || test::has(s, "network-not-solved"));
        if (s.now.found) {
            QCOMPARE(s.now.sources.size(), plan.sources.size());
            double given = 0, taken = raw(s.now.drawn) + raw(s.now.wire_heat) + raw(s.now.converter_heat) +
                                      raw(s.now.coil_heat);
            for (const auto& source : s.now.sources) given += raw(source.watts);
            CLOSE(given + 1, taken + 1, 1e-3);  // the frame's own bonds take a little
        }
        for (const auto& f : s.findings) {
            QVERIFY2(clean(f.sentence), f.sentence.str().c_str());
            for (const auto& l : f.why.lines) QVERIFY2(clean(l.text), l.text.str().c_str());
        }
        for (const auto& step : s.steps())
            for (const auto& a : step.actions) QVERIFY2(clean(a), a.str().c_str());
        for (const auto& r : s.readings()) QVERIFY2(clean(window_text(r)) && clean(r.title), r.key.c_str());
        for (const auto& source : plan.sources)
            for (const auto& l : explain(plan, parts(), s, source.id).why.lines)
                QVERIFY2(clean(l.text), l.text.str().c_str());
    }
    void every_mend_can_be_saved_data() { seeds(); }
    void every_mend_can_be_saved() {
        QFETCH(unsigned, seed);
        const auto plan = otherwise_fed(seed);
        const auto again = plan_from_json(plan_to_json(plan), "x");
        QVERIFY2(again.has_value(), again ? "" : again.error().c_str());
        QVERIFY(*again == plan);
        for (const auto& f : test::studied(plan).findings)
            for (const auto& fix : f.fixes) {
                const auto mended = fix.edit(plan);
                const auto read = plan_from_json(plan_to_json(mended), "x");
                QVERIFY2(read && *read == mended,
                         (f.rule + ": " + fix.label + (read ? "" : ": " + read.error())).str().c_str());
            }
        for (const auto& source : plan.sources) {
            const auto gone = remove_source(plan, source.id);
            QVERIFY(plan_from_json(plan_to_json(gone), "x").has_value());
        }
    }
    void all_cores_are_counted_once_data() { seeds(); }
    void all_cores_are_counted_once() {
        QFETCH(unsigned, seed);
        const auto plan = otherwise_fed(seed);
        const auto h = lay_harness(plan, parts());
        size_t wanted = 0;
        for (const auto& f : plan.feeds())
            wanted += f.cores.empty()
                          ? static_cast<size_t>(std::max(f.conductors, 1)) * (f.ret == Return::own ? 2 : 1)
                          : f.cores.size();
        for (const auto& c : plan.signal_leads()) wanted += c.cores.size();
        QCOMPARE(h.wiring.cores.size(), wanted);
        for (size_t lead = 0; lead < plan.feeds().size(); ++lead)
            for (const auto& core : h.wiring.cores_of(lead)) QCOMPARE(core.lead, lead);
        QVERIFY(!draw_diagram(plan, parts(), h).sheets.empty() || plan.feeds().empty());
        QVERIFY(wire_labels(plan, h).size() >= 2 * cabled_leads(plan).size());
    }
    void said_back_and_read_again_data() { seeds(); }
    void said_back_and_read_again() {
        QFETCH(unsigned, seed);
        for (const auto& source : otherwise_fed(seed).sources) {
            const auto line = source_line(source, parts());
            const auto read = parse_source(parts(), source, line);
            QVERIFY2(read.has_value(), line.c_str());
            QCOMPARE(source_line(*read, parts()), line);
        }
    }
};

SANGRE_SUITE(TestLeadAndSourceLaws);
#include "test_lead_and_source_laws.moc"
