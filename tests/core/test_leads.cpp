// Cables that feed: which do, what they are made of, and that everything counts their cores.
#include <algorithm>
#include <set>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/diagram/diagram.h"
#include "output/diagram/labels.h"
#include "plan/edits.h"
#include "plan/lead_edits.h"
#include "proposal/sizing.h"
#include "wiring/cable/bus.h"
#include "wiring/cable/cable.h"
#include "wiring/conductors/resistances.h"

using namespace sangre;
using test::parts;

namespace {

/// Pack, hub and two displays, the first fed from the hub.
Plan two_displays() {
    Plan plan;
    plan.sources.push_back({"pack", "Pack", "lfp", 4, 1, AmpereHour(10), {}, {}});
    plan.hubs.push_back({"hub", "Hub", {}, {}});
    for (const char* id : {"front", "rear"}) {
        Load l;
        l.id = id, l.name = id, l.kind = LoadKind::current, l.v_min = Volt(9), l.v_max = Volt(16);
        l.nominal = Volt(12.8), l.typical = l.peak = Ampere(0.4);
        plan.loads.push_back(l);
    }
    const auto lead = [&](const Id& from, const Id& to) {
        Lead f;
        f.id = "feed-" + to, f.from = from, f.to = to, f.wire = "awg20-silicone", f.length = Metre(0.5);
        f.joint_from = "ring-crimp", f.joint_to = "lap-splice";
        f.devices.push_back(
            {f.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(3), {}, {}, {}, false});
        plan.add_feed(f);
    };
    lead("pack", "hub"), lead("hub", "front");
    return plan;
}

Lead ribbon(const Id& from, const Id& to) {
    Lead k;
    k.id = "ribbon", k.name = "Ribbon", k.kind = CableKind::ribbon, k.from = from, k.to = to;
    k.volts = Volt(12), k.wire = "awg28-pvc", k.length = Metre(0.6);
    for (const char* line : {"1 red 12 V > 1 doubled 1", "2 orange 12 V > 2 doubled 1",
                             "3 black GND > 3 doubled 2", "4 brown GND > 4 doubled 2", "5 yellow CLK > 5",
                             "6 green DAT > 6", "7 blue unused cut back", "8 white S1 > 8"})
        k.cores.push_back(*parse_core(line));
    return k;
}

}  // namespace

class TestLeads : public QObject {
    Q_OBJECT
  private slots:
    void a_cable_with_supply_and_ground_feeds_what_nothing_else_feeds() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        QCOMPARE(plan.feeds().size(), size_t{3});
        QVERIFY(plan.signal_leads().empty());
        const auto& lead = plan.feeds().back();
        QCOMPARE(lead.conductors, 2);
        QCOMPARE(lead.supply_colour, std::string("red"));
        const auto s = test::studied(plan);
        QVERIFY(s.now.found);
        CLOSE(raw(s.now.feeds[2].supply), 0.4, 1e-6);
        CLOSE(raw(s.now.feeds[1].supply), 0.8, 1e-6);  // the first display passes it on
        QVERIFY(!test::has(s, "load-not-fed"));
    }
    void what_has_nothing_to_give_feeds_nothing() {
        auto plan = two_displays();
        Load third = plan.loads[1];
        third.id = third.name = "third";
        plan.loads.push_back(third);
        plan = put_cable(plan, ribbon("rear", "third"));
        QCOMPARE(plan.signal_leads().size(), size_t{1});
        QCOMPARE(plan.feeds().size(), size_t{2});
    }
    void drawn_the_other_way_it_is_turned() {
        const auto way = put_cable(two_displays(), ribbon("front", "rear")),
                   other = put_cable(two_displays(), ribbon("rear", "front"));
        QCOMPARE(other.feeds().size(), size_t{3});
        QCOMPARE(other.feeds()[2].from, Id("front"));
        const auto a = test::studied(way), b = test::studied(other);
        CLOSE(raw(a.now.loads[1].volts), raw(b.now.loads[1].volts), 1e-9);
        QCOMPARE(a.findings.size(), b.findings.size());
    }
    void what_is_fed_already_gets_no_second_feed() {
        auto plan = two_displays();
        auto own = plan.feeds()[1];
        own.id = "feed-rear", own.to = "rear", own.devices[0].id = "rear-fuse";
        plan.add_feed(own);
        plan = put_cable(plan, ribbon("front", "rear"));
        QCOMPARE(plan.signal_leads().size(), size_t{1});
        const auto s = test::studied(plan);
        const auto f = std::find_if(s.findings.begin(), s.findings.end(),
                                    [](const auto& x) { return x.rule == "cable-two-supplies"; });
        QVERIFY(f != s.findings.end());
        const auto mend = std::find_if(f->fixes.begin(), f->fixes.end(),
                                       [](const auto& x) { return x.label == "The cable is its feed"; });
        QVERIFY(mend != f->fixes.end());
        const auto through = mend->edit(plan);
        QVERIFY(through.signal_leads().empty() && through.feeds().size() == 3);
        QCOMPARE(through.feeds().back().devices.size(), size_t{1});
        QVERIFY(!test::has(test::studied(through), "cable-two-supplies"));
    }
    void its_red_wire_pulled_it_feeds_no_more() {
        auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        auto pulled = plan.feeds().back();
        for (auto& c : pulled.cores)
            if (c.role == CoreRole::supply) c.role = CoreRole::unused, c.cut_back = true, c.to_pin.clear();
        plan = put_cable(plan, pulled);
        QCOMPARE(plan.feeds().size(), size_t{2});
        QCOMPARE(plan.signal_leads().size(), size_t{1});
        QVERIFY(test::has(test::studied(plan), "load-not-fed"));
        const auto again = plan_from_json(plan_to_json(plan), "x");
        QVERIFY(again && *again == plan);
    }
    /// Two cores out and two back, each of 28 AWG over 0.6 m.
    void drop_counts_the_doubled_cores() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        const auto h = lay_harness(plan, parts());
        const auto ohms = feed_ohms(h.wiring, 2);
        const double one = find(parts().wires, Id("awg28-pvc"))->ohm_per_m * 0.6;
        CLOSE(raw(ohms.supply_copper), one / 2, 1e-9);
        CLOSE(raw(ohms.back_copper), one / 2, 1e-9);
        // Three grounds to two supplies: each role by its own.
        auto three = plan.feeds()[2];
        three.cores[7].role = CoreRole::ground;
        const auto more = feed_ohms(lay_harness(put_cable(plan, three), parts()).wiring, 2);
        CLOSE(raw(more.supply_copper), one / 2, 1e-9);
        CLOSE(raw(more.back_copper), one / 3, 1e-9);
    }
    void every_core_is_counted_once() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        const auto h = lay_harness(plan, parts());
        const auto cores = h.wiring.cores_of(2);
        QCOMPARE(cores.size(), size_t{8});
        const auto of = [&](WireRole role) {
            return std::count_if(cores.begin(), cores.end(), [&](const auto& c) { return c.role == role; });
        };
        QCOMPARE(of(WireRole::supply), 2);
        QCOMPARE(of(WireRole::back), 2);
        QCOMPARE(of(WireRole::signal), 3);
        QCOMPARE(of(WireRole::unused), 1);
        std::set<std::string> colours;
        for (const auto& c : cores) colours.insert(core_colour(plan, c));
        QCOMPARE(colours.size(), size_t{8});
        const auto lines = bill_of_materials(plan, parts(), h);
        const auto cable = std::find_if(lines.begin(), lines.end(),
                                        [](const auto& l) { return l.item == "cable, 8 × 28 AWG"; });
        QVERIFY(cable != lines.end());
        CLOSE(cable->amount, raw(h.routes[2].cut), 0.011);
        QCOMPARE(wire_labels(plan, h).size(), size_t{2 * (4 + 1)});
        QCOMPARE(wire_labels(plan, h).back().title, lead_label(plan, 2));
        QCOMPARE(lead_label(plan, 0), std::string("W1"));
    }
    void it_is_made_up_and_beeped() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        const auto s = test::studied(plan);
        const auto has = [&](const std::string& key) {
            return std::any_of(s.steps().begin(), s.steps().end(),
                               [&](const auto& x) { return x.key == key; });
        };
        QVERIFY(has("cut/ribbon") && has("cable/ribbon") && !has("join/ribbon/load"));
        size_t beside = 0, supply = 0;
        for (const auto& r : s.readings()) {
            beside += r.key.starts_with("cable/ribbon/");
            supply += r.key.starts_with("beep/ribbon/");
        }
        QCOMPARE(beside, size_t{3});
        QCOMPARE(supply, size_t{2});
    }
    void sizing_leaves_a_supplied_cable_as_it_is() {
        auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        plan.loads[1].typical = plan.loads[1].peak = Ampere(3);
        const auto made = size_feeds(plan, parts());
        QCOMPARE(made.feeds()[2].wire, Id("awg28-pvc"));
        QVERIFY(count(test::studied(made).findings, Severity::note) < test::studied(made).findings.size());
    }
    /// A plan proposed anew keeps the cable by which one part passes its supply on, signals and all.
    void proposed_anew_it_is_still_there() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        const auto made = propose(plan, parts());
        QVERIFY(made.has_value());
        const auto* kept = by_id(made->plan.feeds(), Id("ribbon"));
        QVERIFY(kept && kept->cores == plan.feeds()[2].cores && kept->from == "front");
        QCOMPARE(feeds_into(made->plan, "rear").size(), size_t{1});
    }
    void files_of_version_2_learn_which_cables_feed() {
        auto plan = two_displays();
        auto k = ribbon("front", "rear");
        k.length.reset();
        auto text = plan_to_json(plan);
        const auto at = text.find("\"leads\"");
        text.replace(at, 7, "\"feeds\"");
        for (size_t i = 0; (i = text.find("\"items\"", i)) != std::string::npos;)
            text.replace(i, 7, "\"devices\"");
        for (size_t i = 0; (i = text.find("   \"carries\": \"supply\",\n", i)) != std::string::npos;)
            text.erase(i, 24);
        text.replace(text.find("\"version\": 3"), 12, "\"version\": 2");
        text.replace(text.find("\"sources\""), 9, "\"batteries\"");
        const auto kind = text.find("   \"kind\": \"pack\",\n");
        text.erase(kind, 19);
        const std::string cable =
            R"("cables": [{"id": "ribbon", "name": "Ribbon", "kind": "ribbon", "from": "rear", "to": "front",
               "wire": "awg28-pvc", "cores": [{"signal": "12 V", "role": "supply", "from_pin": "1", "to_pin": "1",
               "colour": "red"}, {"signal": "GND", "role": "ground", "from_pin": "2", "to_pin": "2",
               "colour": "black"}]}], )";
        text.insert(text.find("\"feeds\""), cable);
        const auto read = plan_from_json(text, "old.json");
        QVERIFY2(read.has_value(), read ? "" : read.error().c_str());
        QCOMPARE(read->feeds().size(), size_t{3});
        QCOMPARE(read->feeds()[2].from, Id("front"));
        const auto again = plan_from_json(plan_to_json(*read), "new.json");
        QVERIFY(again && *again == *read);
    }
    void what_cannot_feed_says_so_in_a_file() {
        const auto plan = put_cable(two_displays(), ribbon("front", "rear"));
        for (const char* role : {"\"role\": \"supply\"", "\"role\": \"ground\""}) {
            auto text = plan_to_json(plan);
            for (size_t i = 0; (i = text.find(role, i)) != std::string::npos;)
                text.replace(i, std::string(role).size(), "\"role\": \"signal\"");
            const auto read = plan_from_json(text, "x");
            QVERIFY(!read);
            QVERIFY2(read.error().find("/leads/2/cores") != std::string::npos, read.error().c_str());
        }
    }
    /// Three boards in a row: resistors at the first and the last, one reading, one finding.
    void a_bus_over_several_leads_has_two_ends() {
        auto plan = two_displays();
        Load third = plan.loads[0];
        third.id = third.name = "third";
        plan.loads.push_back(third);
        for (const auto& [id, from, to] :
             {std::tuple{"bus-one", "front", "rear"}, {"bus-two", "rear", "third"}}) {
            auto k = make_cable(plan, CablePreset::data_pair, from, to);
            k.id = id;
            plan = put_cable(plan, k);
        }
        const auto buses = data_buses(plan);
        QCOMPARE(buses.size(), size_t{1});
        QCOMPARE(buses[0].ends, (std::vector<Id>{"front", "third"}));
        auto s = test::studied(plan);
        QCOMPARE(std::count_if(s.findings.begin(), s.findings.end(),
                               [](const auto& f) { return f.rule == "cable-unterminated"; }),
                 1);
        for (auto& c : plan.signal_leads()) c.terminated = true;
        s = test::studied(plan);
        size_t pairs = 0, resistors = 0;
        for (const auto& r : s.readings()) pairs += r.key.ends_with("/pair");
        for (const auto& step : s.steps())
            for (const auto& a : step.actions) resistors += a.str().starts_with("A resistor across the pair");
        QCOMPARE(pairs, size_t{1});
        QCOMPARE(resistors, size_t{2});
    }
};

SANGRE_SUITE(TestLeads);
#include "test_leads.moc"
