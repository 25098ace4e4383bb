// Sentences and figures that were wrong once, each on a plan that shows it.
#include <fmt/format.h>

#include <set>

#include "electrical/protection/curves.h"
#include "fixtures.h"
#include "making/steps/bom.h"
#include "physics/protection/fuse_curve.h"
#include "plan/edits.h"
#include "plan/load_text.h"

using namespace sangre;
using test::parts;

class TestNothingWrongSaid : public QObject {
    Q_OBJECT
    static Plan joined_packs() {
        auto p = test::star(1);
        auto second = p.sources[0];
        second.id = "battery-2", second.name = "Second";
        p.sources.push_back(second);
        auto f = p.feeds()[0];
        f.id = "feed-2", f.from = "battery-2";
        for (auto& d : f.devices) d.id += "-2";
        p.add_feed(f);
        return p;
    }
    /// Pack → module of 5 V → a load.
    static Plan on_a_module(const char* type, double set, double least, double most) {
        auto p = test::one_feed(0.5);
        p.converters.push_back({"module", "Module", type, Volt(set), {}, {}});
        p.loads[0].v_min = Volt(least), p.loads[0].v_max = Volt(most), p.loads[0].nominal = Volt(set);
        p.feeds()[0].to = "module";
        Lead out;
        out.id = "out", out.from = "module", out.to = "lamp", out.wire = "awg22-silicone",
        out.length = Metre(0.3);
        p.add_feed(out);
        return p;
    }
    static std::vector<Reading> readings_of(const Plan& p) {
        const auto s = test::studied(p);
        return s.readings();
    }
    static std::vector<Step> steps_of(const Plan& p) {
        const auto s = test::studied(p);
        return s.steps();
    }
    static QString said(const Step& s) {
        auto all = QString::fromStdString(s.title + "\n");
        for (const auto& a : s.actions) all += QString::fromStdString(a + "\n");
        return all;
    }

  private slots:
    /// Two seconds of a starter in a day of standing do not tell how long the pack lasts.
    void run_time_is_of_the_day_as_lived() {
        auto p = test::one_feed(40);
        p.loads[0].name = "Starter", p.loads[0].starter = true;
        p.loads.push_back(test::simple_load("watch", 12.8, 0.1));
        p.loads[1].always_on = true, p.loads[1].v_min = Volt(10), p.loads[1].v_max = Volt(15);
        auto f = p.feeds()[0];
        f.id = "feed-watch", f.to = "watch", f.devices.clear();
        p.add_feed(f);
        p.phases[0].duration = Second(2);
        p.phases[0].states["watch"] = LoadState::typical;
        p.phases.push_back(
            {"stand", "Stand", Second(86398), false, {}, {{"watch", LoadState::typical}}, {}, {}});
        const auto m = test::studied(p).mission;
        // 10 Ah at 0.1 A; the cranking takes 0.02 Ah a day.
        QVERIFY2(raw(m.run_time) > 80 * 3600 && raw(m.run_time) < 101 * 3600,
                 qPrintable(QString::number(raw(m.run_time) / 3600)));
        QVERIFY(m.packs[0].as_lived);
        // Where the work takes most of it, standing does not stretch the figure.
        p.phases[0].duration = Second(1800), p.phases[1].duration = Second(3600);
        const auto work = test::studied(p).mission;
        QVERIFY(!work.packs[0].as_lived && raw(work.run_time) < 1800);
    }
    void no_reading_passes_what_its_load_does_not_stand() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan = test::demo(name);
            for (const auto& r : readings_of(plan))
                if (const auto* load = by_id(plan.loads, r.about); load && r.key.starts_with("plug/"))
                    QVERIFY2(std::isnan(r.high) || (r.high <= raw(load->v_max) && r.low >= raw(load->v_min)),
                             r.key.c_str());
        }
        const auto tight =
            on_a_module("buck-3a-40v", 5.15, 4.8, 5.2);  // 1.5 % up, the meter and 20 mV: 5.3 V
        int seen = 0;
        for (const auto& r : readings_of(tight))
            if (r.key.starts_with("plug/") || r.key.starts_with("module/")) {
                QCOMPARE(r.high, 5.2);
                ++seen;
            }
        QCOMPARE(seen, 3);
    }
    void where_no_value_is_right_none_is_expected() {
        const auto p = on_a_module("buck-3a-40v", 5, 5.6, 5.8);
        int none = 0;
        for (const auto& r : readings_of(p)) {
            if (!r.key.starts_with("plug/")) continue;
            ++none;
            QVERIFY(std::isnan(r.low) && std::isnan(r.high));
            QCOMPARE(window_text(r), std::string("—"));
            QCOMPARE(judge(r, {5.7, false, {}}), Verdict::missing);
            QVERIFY(!r.why.lines.empty());
        }
        QCOMPARE(none, 2);
    }
    void an_empty_window_is_no_instruction() {
        const auto p = on_a_module("buck-3a-40v", 5, 5.05, 5.06);
        for (const auto& s : steps_of(p))
            if (s.key == "set/module") {
                // Neither in its words nor, large, on its card.
                QVERIFY(s.target && s.target->value == "—");
                QVERIFY2(!said(s).contains("may stand") && said(s).contains("correct the plan"),
                         qPrintable(said(s)));
            }
        QVERIFY(test::has(test::studied(p), "rail-set-voltage", Severity::danger));
    }
    void a_module_without_a_screw_is_measured() {
        const auto fixed = on_a_module("buck-3a-28v-12v", 12, 11, 13),
                   screw = on_a_module("buck-3a-40v", 5, 4.7, 5.3);
        for (const auto& [plan, has_screw] : {std::pair{fixed, false}, std::pair{screw, true}})
            for (const auto& s : steps_of(plan))
                if (s.key == "set/module")
                    QVERIFY2(said(s).contains("screw") == has_screw, qPrintable(said(s)));
    }
    void packs_joined_on_purpose_are_compared() {
        auto p = joined_packs();
        QVERIFY(!test::has(test::studied(p), "return-two-sources"));
        QVERIFY(!test::has(test::studied(p), "battery-packs-differ"));
        auto other = p;
        other.sources[1].chemistry = "lipo";
        QVERIFY(test::has(test::studied(other), "battery-packs-differ", Severity::danger));
        auto fewer = p;
        fewer.sources[1].series = 3;
        const auto found = test::studied(fewer);
        const auto* f = test::finding(found, "battery-packs-differ");
        QVERIFY(f && f->severity == Severity::danger && f->fixes.size() == 1);
        QCOMPARE(f->fixes[0].edit(fewer).sources[1].series, 4);
        auto older = p;
        older.sources[1].health = 0.82;
        QVERIFY(test::has(test::studied(older), "battery-packs-differ", Severity::caution));
        // One pack over two leads is not two packs.
        auto twice = test::star(1);
        auto again = twice.feeds()[0];
        again.id = "again";
        twice.add_feed(again);
        QVERIFY(test::has(test::studied(twice), "return-two-sources"));
    }
    void charging_first_is_offered_where_it_changes_something() {
        auto p = joined_packs();
        p.sources[1].series = 3;
        const auto unlike = test::studied(p);
        if (const auto* f = test::finding(unlike, "battery-packs-unequal")) QVERIFY(f->fixes.empty());
        p.sources[1].series = 4, p.sources[1].charge_behind = 0.9;
        const auto behind = test::studied(p);
        const auto* f = test::finding(behind, "battery-packs-unequal");
        QVERIFY(f && f->fixes.size() == 1);
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(p)), "battery-packs-unequal"));
    }
    /// Behind a module that limits its short a wire without a fuse is not told to be hurt.
    void without_a_fuse_what_limits_is_said() {
        const auto plan = test::demo("moss-wall");
        const auto s = test::studied(plan);
        size_t limited = 0;
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto& p = s.protection[f];
            if (p.family || p.fault.outcome != FaultOutcome::limited) continue;
            const auto c = feed_curves(p);
            QVERIFY2(c.sound && c.words.str().find("which the wire carries") != std::string::npos,
                     c.words.str().c_str());
            ++limited;
        }
        QVERIFY(limited > 0);
    }
    void every_fuse_has_its_step() {
        const auto p = joined_packs();
        std::set<std::string> keys;
        QString all;
        for (const auto& s : steps_of(p)) {
            QVERIFY2(keys.insert(s.key).second, s.key.c_str());
            if (s.key.starts_with("fit/battery-fuse")) all += said(s);
        }
        QVERIFY2(all.contains("Battery fuse, 10 A") && all.contains("Second fuse, 10 A"), qPrintable(all));
    }
    /// Plug, diode, filter, meter, relay, thermal switch: each has a step that says which way round.
    void every_item_has_a_step_of_its_kind() {
        const std::vector<std::tuple<DeviceKind, const char*, const char*>> items{
            {DeviceKind::fuse, "standard-blade", "fit the holder"},
            {DeviceKind::fuse, "bolt-down-30", "a lug of the bolts' size"},
            {DeviceKind::fuse, "axial-solder-in", "solder the fuse in by its own leads"},
            {DeviceKind::fuse, "thermal-breaker", "Leave it open"},
            {DeviceKind::power_switch, "toggle-6a", "one end on each contact"},
            {DeviceKind::power_switch, "relay-40a", "Its coil"},
            {DeviceKind::power_switch, "thermal-opens-60", "Hang it in the air that it watches"},
            {DeviceKind::connector, "plug-2p-5a", "covered contacts towards Battery"},
            {DeviceKind::diode, "diode-schottky-3a", "towards lamp"},
            {DeviceKind::filter, "filter-lc-5a", "IN towards Battery"},
            {DeviceKind::shunt, "shunt-50a-75mv", "Thick leads through it"},
            {DeviceKind::precharge, "precharge-22r-10w", "across the switch"}};
        for (const auto& [kind, type, words] : items) {
            auto p = test::one_feed(1);
            p.feeds()[0].devices = {{"thing", kind, type, Ampere(1), "Own", {}}};
            const auto steps = steps_of(p);
            const auto found =
                std::find_if(steps.begin(), steps.end(), [](const auto& s) { return s.key == "item/thing"; });
            QVERIFY2(found != steps.end() && said(*found).contains(words), type);
            // After its wire is cut, before its ends are joined.
            for (const auto& s : steps)
                if (s.key.starts_with("join/"))
                    QVERIFY(std::find(s.after.begin(), s.after.end(), "item/thing") != s.after.end());
            QVERIFY(std::find(found->after.begin(), found->after.end(), "cut/feed") != found->after.end());
            const auto bill = bill_of_materials(p, parts(), lay_harness(p, parts()));
            QCOMPARE(std::any_of(bill.begin(), bill.end(),
                                 [](const auto& l) { return l.item.str().starts_with("holder for a"); }),
                     QString(type) == "standard-blade" || QString(type) == "bolt-down-30");
            // What has no holder is not fitted last.
            QString all;
            for (const auto& s : steps) all += said(s);
            if (kind == DeviceKind::fuse)
                QCOMPARE(all.contains(("Fit " + feed_name(p, p.feeds()[0]) + ": 1 A").c_str()),
                         QString(type) == "standard-blade" || QString(type) == "bolt-down-30");
        }
    }
    void a_return_by_the_frame_is_bolted_measured_and_bought() {
        auto p = test::one_feed(1);
        p.metal_frame = true, p.feeds()[0].ret = Return::frame;
        const auto s = test::studied(p);
        const auto steps = s.steps();
        QVERIFY(
            std::any_of(steps.begin(), steps.end(), [](const auto& x) { return x.key == "return/feed"; }));
        const auto readings = s.readings();
        const auto r = std::find_if(readings.begin(), readings.end(),
                                    [](const auto& x) { return x.key == "beep/feed/return"; });
        QVERIFY(r != readings.end() && r->high > 0 && r->high < 1 &&
                r->title.str().find("frame") != std::string::npos);
        size_t rings = 0;
        for (const auto& l : bill_of_materials(p, parts(), s.harness))
            rings += l.item.str().find("to the frame") != std::string::npos;
        QCOMPARE(rings, size_t{1});
    }
    /// What nothing orders keeps the order it was thought of in.
    void steps_that_wait_for_nothing_keep_their_order() {
        std::vector<Step> steps(6);
        for (size_t i = 0; i < steps.size(); ++i) steps[i].key = std::string(1, static_cast<char>('a' + i));
        steps[1].after = {"f"}, steps[2].after = {"a"};
        std::string order;
        for (const auto& s : order_steps(steps)) order += s.key;
        QCOMPARE(order, std::string("acdefb"));
    }
    void rails_of_two_packs_have_their_own_names() {
        Plan p;
        p.practices.supply = SupplySchool::two;
        for (const char* id : {"loud", "quiet"}) {
            auto l = test::simple_load(id, 5, 0.5);
            l.noisy = l.id == "loud", l.sensitive = l.id == "quiet";
            p.loads.push_back(l);
        }
        const auto made = propose(p, parts());
        QVERIFY(made);
        std::set<std::string> names;
        for (const auto& c : made->plan.converters) QVERIFY2(names.insert(c.name).second, c.name.c_str());
        QVERIFY(made->plan.sources.size() == 2 && names.size() == 2);
        const auto again = propose(made->plan, parts());
        QVERIFY(again && again->plan.converters == made->plan.converters);
    }
    /// The pack that lasts the day may still let a lock restart when the starter turns: then a larger one.
    void a_pack_is_chosen_for_its_starter_too() {
        Plan p;
        for (const char* line : {"Electric lock 12V 0.65A peak 0.7A 1s", "Small cooling fan 12V 80mA",
                                 "Starter 12V 60A start 250A 1s", "Large cooling fan 12V 0.25A"})
            p = add_load(p, parse_load(line).load);
        const auto made = propose(p, parts());
        QVERIFY(made);
        QVERIFY(!test::has(test::studied(made->plan), "load-resets-at-start"));
        bool said = false;
        for (const auto& l : made->why.lines)
            said = said || l.text.str().find("resets when another one starts") != std::string::npos;
        QVERIFY(said);
    }
    void a_refusal_names_the_two_that_do_not_go_together() {
        Plan p;
        for (const char* line :
             {"Board 5V 60mA", "Starter 12V 60A start 250A 1s", "Rotor motor 14-26V 8A peak 35A 3s"})
            p = add_load(p, parse_load(line).load);
        const auto made = propose(p, parts());
        QVERIFY(!made && made.error().size() == 1);
        const auto& r = made.error().front();
        const auto said = QString::fromStdString(r.load + " " + r.reason);
        QVERIFY2(
            said.contains("Starter") && said.contains("load-rotor-motor") && said.contains("pack of its own"),
            qPrintable(said));
    }
    /// No fuse opens at its rating: a peak up to it wears none out.
    void a_peak_below_the_rating_is_ridden() {
        const auto& blade = *find(parts().fuses, "standard-blade");
        QVERIFY(rides(blade, Ampere(7.5), Ampere(6), Second(2), Celsius(40)));
        QVERIFY(rides(blade, Ampere(7.5), Ampere(7.5), Second(2)));
        QVERIFY(!rides(blade, Ampere(7.5), Ampere(7.6), Second(2)));
        QVERIFY(!rides(blade, Ampere(7.5), Ampere(7.5), Second(2), Celsius(40)));  // × (1 − 0.0015 × 17)
        auto p = test::one_feed(3);
        p.loads[0].peak = Ampere(6), p.loads[0].peak_time = Second(2);
        by_id(p.feeds()[0].devices, Id("fuse"))->rating = Ampere(7.5);
        QVERIFY(!test::has(test::studied(p), "fuse-too-small"));
        p.loads[0].peak = Ampere(9);
        QVERIFY(test::has(test::studied(p), "fuse-too-small"));
    }
    /// A cut-out that opens when it is hot is not mended with a switch for a hand.
    void a_mend_keeps_what_a_switch_is_for() {
        for (const char* type : {"thermal-opens-60", "contactor-100a-24v"}) {
            auto p = test::one_feed(20);
            auto& d = *by_id(p.feeds()[0].devices, Id("switch"));
            d.type = type;
            p.sources[0].series = 12, p.loads[0].v_max = Volt(60);
            const auto was = find(parts().switches, d.type)->kind;
            for (const auto& f : test::studied(p).findings)
                for (const auto& fix : f.fixes) {
                    const auto mended = fix.edit(p);
                    for (const auto& x : mended.feeds()[0].devices)
                        if (x.id == "switch")
                            QVERIFY2(find(parts().switches, x.type)->kind == was,
                                     (f.rule + ": " + fix.label).str().c_str());
                }
        }
    }
};

SANGRE_SUITE(TestNothingWrongSaid);
#include "test_nothing_wrong_said.moc"
