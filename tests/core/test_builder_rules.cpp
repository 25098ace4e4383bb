// What a builder knows beside the arithmetic: igniters, noise on a shared pack, packs that are strapped down,
// sockets whose watts leave with their plug, what a dead controller shows.
#include <algorithm>

#include "bench/readings.h"
#include "electrical/drop_limit.h"
#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/files/plan_text.h"
#include "physics/network/elements.h"
#include "plan/load_text.h"
#include "plan/machine_text.h"
#include "plan/source_text.h"
#include "rules/mends.h"
#include "wiring/item/item.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

Plan plan_typed(const std::string& text) {
    auto plan = plan_from_text(text, parts());
    if (!plan) qFatal("%s", error_text(plan.error()).c_str());
    return *plan;
}

Plan plan_proposed(const std::string& text) {
    const auto made = propose_and_mend(plan_typed(text), parts());
    if (!made) qFatal("%s", made.error().front().reason.str().c_str());
    return made->plan;
}

const char* net =
    "plan Seed-net thrower, up to 30 °C, from 5 °C, shaken moves\n"
    "load Net igniter 12 V 8 A\n"
    "load Logger 12 V 0.3 A\n"
    "load Crank motor 12 V 3 A stall 12 A motor noisy\n";

size_t at(const std::vector<Step>& steps, const std::string& key) {
    const auto found = std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == key; });
    return static_cast<size_t>(found - steps.begin());
}

}  // namespace

class TestBuilderRules : public QObject {
    Q_OBJECT
  private slots:
    void an_igniter_is_fired_by_two_actions_and_joined_last() {
        const auto plan = plan_proposed(net);
        const auto igniter = by_id(plan.loads, Id("load-net-igniter"));
        QVERIFY(igniter && igniter->igniter && igniter->kind == LoadKind::resistance);
        const auto study = test::studied(plan);
        QVERIFY(!test::has(study, "igniter-one-action") && !test::has(study, "load-never-on"));
        const auto& lead = plan.feeds()[feeds_into(plan, igniter->id).front()];
        QVERIFY(device(lead, DeviceKind::power_switch) && device(lead, DeviceKind::connector));
        QCOMPARE(find(parts().joints, lead.joint_to)->end, JointEnd::screw);
        const auto steps = study.steps();
        const auto safe = at(steps, "safe/igniters"), beep = at(steps, "test/beep"),
                   fire = at(steps, "fire/lamps"), tie = at(steps, "close/tie"),
                   join = at(steps, "join/igniters"), last = at(steps, "fit/battery-fuse");
        QVERIFY(safe < beep && at(steps, "test/first-power") < fire && fire < tie && tie < join &&
                join < last && last < steps.size());
    }
    void one_switch_alone_is_a_danger_and_its_mend_makes_two() {
        auto plan = plan_proposed(net);
        const auto lead = feeds_into(plan, "load-net-igniter").front();
        std::erase_if(plan.feeds()[lead].devices, [](const auto& d) {
            return d.kind == DeviceKind::connector || d.kind == DeviceKind::power_switch;
        });
        const auto study = test::studied(plan);
        const auto* found = test::finding(study, "igniter-one-action");
        QVERIFY(found && found->severity == Severity::danger && !found->fixes.empty());
        QVERIFY(!test::has(test::studied(found->fixes.front().edit(plan)), "igniter-one-action"));
    }
    void an_igniter_is_measured_alone_and_nothing_else_sees_it() {
        const auto plan = plan_proposed(net);
        bool alone = false;
        const auto readings = test::studied(plan).readings();
        for (const auto& r : readings) {
            QVERIFY2(r.key != "plug/load-net-igniter/running", r.key.c_str());
            if (r.key.starts_with("shorts/") && r.key.ends_with("/closed") &&
                r.about == "feed-hub-load-net-igniter")
                QVERIFY(r.state.str().find("igniters unplugged") != std::string::npos);
            if (r.key != "igniter/load-net-igniter") continue;
            alone = true;
            // 12 V at 8 A is 1.5 Ω.
            QVERIFY(!r.live && r.low < 1.5 && r.low > 0.9 && r.high > 1.5 && r.high < 2.4);
            QVERIFY(!suspects(plan, parts(), r, Verdict::high).empty());
        }
        QVERIFY(alone);
    }
    void a_dead_controller_shows_its_capacitors_alone() {
        const auto rest = [](const char* line) { return raw(resistance_at_rest(parse_load(line).load)); };
        QCOMPARE(rest("Rotor motor 14-26V 8A idle 60mA peak 35A 3s noisy"), 0.0);
        QCOMPARE(rest("Hub motor 36V 6A peak 15A 5s motor"), 0.0);
        QCOMPARE(rest("Wheel motor 12V 1.2A motor stall 8A bridge 0.3 Ω"), 0.0);
        CLOSE(rest("Wheel motor 12V 1.2A motor stall 8A"), 1.5, 1e-9);
        CLOSE(rest("Gear motor 12V 1A idle 0.3A motor stall 6A"), 2.0, 1e-9);
        CLOSE(rest("Gear motor 12V 1A idle 0.05A motor stall 6A"), 2.0, 1e-9);
    }
    /// Nobody buys a module for 16.5 V: of a wide range a rail gives what rails usually give.
    void a_wide_range_gets_a_usual_rail() {
        const auto rail = [](const char* line) { return raw(rail_voltage_of(parse_load(line).load)); };
        QCOMPARE(rail("Controller 7-26V 0.4A"), 12.0);
        QCOMPARE(rail("Camera 4.5-9V 0.4A"), 6.0);
        QCOMPARE(rail("Amplifier 18-32V 2A"), 24.0);
        QCOMPARE(rail("Camera 11-12.6V 0.6A"), 11.8);  // made for its middle
        QCOMPARE(rail("Pump 11.1V 2A"), 11.1);
        QCOMPARE(rail("Lamp 13-20V 2A"), 16.5);  // none usual within
        const auto plan = plan_proposed(
            "plan Sledge\nload Left track 24V 6A motor noisy\nload Right track 24V 6A motor noisy\n"
            "load Controller 7-26V 0.4A always on\n");
        QCOMPARE(plan.converters.size(), size_t{1});
        QCOMPARE(plan.converters[0].name, std::string("12 V rail, always on"));
        QVERIFY(std::abs(raw(plan.converters[0].set) - 12) < 0.3);
    }
    /// A coil is ohms for the meter, what drives one is not.
    void a_coil_reads_as_its_ohms() {
        const auto load = parse_load("Brake coil 12V 1.5A").load;
        QCOMPARE(load.kind, LoadKind::resistance);
        QVERIFY(raw(resistance_at_rest(load)) > 0 && raw(resistance_at_rest(load)) <= 8);
        QCOMPARE(parse_load("Gate solenoid 12V 2A").load.kind, LoadKind::resistance);
        QCOMPARE(parse_load("Coil driver 12V 0.1A").load.kind, LoadKind::current);
    }
    /// Where a lead is soldered on, no plug is named.
    void a_plug_is_named_where_there_is_one() {
        auto plan = plan_proposed("plan Gantry\nload Winch 12 V 8 A motor\nload Lamp 12 V 2 A\n");
        const auto named = [&] {
            for (const auto& r : test::studied(plan).readings())
                if (r.key == "plug/load-winch/running")
                    return std::tuple{r.title.str(), r.red.str(), r.black.str()};
            return std::tuple<std::string, std::string, std::string>{};
        };
        auto& lead = plan.feeds()[feeds_into(plan, "load-winch").front()];
        const auto end = [&](JointEnd wanted) {
            for (const auto& j : parts().joints)
                if (j.end == wanted) return j.id;
            return Id();
        };
        lead.joint_to = end(JointEnd::splice);
        QCOMPARE(named(), (std::tuple<std::string, std::string, std::string>{"Winch", "Winch +", "Winch −"}));
        lead.joint_to = end(JointEnd::housing);
        QCOMPARE(named(), (std::tuple<std::string, std::string, std::string>{"Winch plug", "Winch plug +",
                                                                             "Winch plug −"}));
    }
    void what_is_sensitive_beside_what_is_noisy_has_a_filter() {
        const std::string text =
            "plan Reed mower, up to 30 °C, from 5 °C\n"
            "load Blade 24 V 6 A stall 30 A motor noisy\n"
            "load Depth head 18-30 V 0.3 A sensitive\n";
        const auto plan = plan_proposed(text);
        const auto& lead = plan.feeds()[feeds_into(plan, "load-depth-head").front()];
        const auto* filter = device(lead, DeviceKind::filter);
        const auto* type = filter ? find(parts().inlines, filter->type) : nullptr;
        QVERIFY(type && raw(type->capacitance) > 0 && raw(type->rated) <= 2);
        QVERIFY(!test::has(test::studied(plan), "supply-noise"));
        if (const auto* fuse = device(lead, DeviceKind::fuse)) QVERIFY(raw(fuse->rating) <= 2);
        // Its mend puts one in where a plan has none; quiet neighbours ask for none.
        auto bare = plan;
        for (auto& f : bare.feeds())
            std::erase_if(f.devices, [](const auto& d) { return d.kind == DeviceKind::filter; });
        const auto study = test::studied(bare);
        const auto* found = test::finding(study, "supply-noise");
        QVERIFY(found && !found->fixes.empty());
        QVERIFY(!test::has(test::studied(found->fixes.front().edit(bare)), "supply-noise"));
        by_id(bare.loads, Id("load-blade"))->noisy = false;
        QVERIFY(!test::has(test::studied(bare), "supply-noise"));
    }
    void a_pack_of_what_moves_is_strapped() {
        auto plan = plan_proposed(net);
        QCOMPARE(plan.sources.front().held, Held::strap);
        QVERIFY(!test::has(test::studied(plan), "battery-held"));
        plan.sources.front().held = Held::unsaid;
        QVERIFY(test::has(test::studied(plan), "battery-held"));
        QVERIFY(!test::has(test::studied(plan), "battery-held", Severity::caution));
        plan.shaking = Shaking::hard;
        QVERIFY(test::has(test::studied(plan), "battery-held", Severity::caution));
        plan.shaking = Shaking::still;
        QVERIFY(!test::has(test::studied(plan), "battery-held"));
    }
    void a_sockets_watts_leave_with_its_plug() {
        const auto text = [](const char* what) {
            return "plan Kiosk, up to 30 °C, from 5 °C, shaken still\nbody Case, plastic, sealed, length 200 "
                   "mm, width 150 mm, "
                   "height 100 mm, "
                   "id case\nplace Panel, in Case, id panel\nload " +
                   std::string(what) + ", at Panel\n";
        };
        const auto warm = [&](const char* what) {
            return raw(test::studied(plan_proposed(text(what))).boxes.front().lost);
        };
        QVERIFY(warm("Heater pad 12 V 3 A") > 30);
        QVERIFY(warm("Charging socket 12 V 3 A") < 1);
        QVERIFY(warm("Heater pad 12 V 3 A heat elsewhere") < 1);
        QVERIFY(parse_load("Lamp 12 V 1 A heat elsewhere").load.heat_elsewhere);
    }
    void a_gland_is_known_by_its_thread() {
        const Plan plan;
        // What it lets through, as its makers say (EN 62444): its hole in the wall is wider by the thread.
        for (const auto& [text, passes] :
             {std::pair{"Bow, M20 gland", 12.0}, {"Bow, gland M16", 8.0}, {"M12 gland", 6.5}}) {
            const auto o = parse_opening(plan, parts(), {}, text);
            QVERIFY2(o && o->kind == OpeningKind::gland, text);
            CLOSE(raw(o->bore), passes, 1e-9);
        }
        QVERIFY(parse_opening(plan, parts(), {}, "M20 gland")->name.empty());
        QCOMPARE(parse_opening(plan, parts(), {}, "M21 gland")->name, std::string("M21 gland"));
    }
    void two_packs_run_all_their_loads() {
        auto plan = plan_typed(
            "plan Heron watcher, up to 30 °C, from 5 °C\nload Pan drive 12 V 3 A motor noisy\n"
            "load Ear 12 V 0.2 A sensitive\n");
        plan.practices.supply = SupplySchool::two;
        const auto made = propose(plan, parts());
        QVERIFY(made && made->plan.sources.size() == 2 && !made->plan.phases.empty());
        for (const auto& l : made->plan.loads)
            QVERIFY2(made->plan.phases.front().states.contains(l.id), l.id.c_str());
    }
    void what_is_there_is_used_whatever_it_costs() {
        const std::string wish =
            "plan Otter counter, up to 30 °C, from 5 °C, shaken still\n"
            "load Camera drive 24 V 2 A motor noisy\nload Counter 5 V 0.5 A\n";
        const auto bought = plan_proposed(wish);
        const auto cheapest = bought.converters.front().type;
        // A dearer module that is there already stays, in the plan or in the drawer.
        const auto& dear =
            *std::find_if(parts().converters.begin(), parts().converters.end(), [&](const auto& t) {
                return t.module && t.id != cheapest && t.cost > find(parts().converters, cheapest)->cost &&
                       t.in_max >= Volt(35) && t.in_min <= Volt(15) && t.out_min <= Volt(5) &&
                       t.out_max >= Volt(5.5) && raw(t.rated) > 2 && raw(t.rated) < 8 &&
                       t.kind == ConverterKind::buck && t.tolerance <= 0.03;
            });
        auto there = bought;
        there.converters.front().type = dear.id;
        QCOMPARE(propose(there, parts())->plan.converters.front().type, dear.id);
        auto drawer = plan_typed(wish);
        drawer.at_hand.push_back({"hand-module", dear.name.english()});
        QCOMPARE(propose(drawer, parts())->plan.converters.front().type, dear.id);
        // A pack that lies there and lasts the day; one that does not is not taken.
        drawer = plan_typed(wish);
        drawer.at_hand.push_back({"hand-pack", "8S LFP 20 Ah"});
        const auto with = propose(drawer, parts());
        QVERIFY(with && with->plan.sources.front().series == 8 &&
                raw(with->plan.sources.front().cell_capacity) == 20);
        drawer.at_hand.front().name = "8S LFP 0.2 Ah";
        QVERIFY(raw(propose(drawer, parts())->plan.sources.front().cell_capacity) > 1);
        // A fuse and a switch that do stay; a fuse far too large does not.
        auto lead = feeds_into(bought, "load-camera-drive").front();
        auto fused = set_fuse(bought, bought.feeds()[lead].id, "standard-blade", Ampere(5));
        fused = add_device(fused, bought.feeds()[lead].id, DeviceKind::power_switch, "toggle-30a", "Drive");
        const auto again = propose_and_mend(fused, parts());
        lead = feeds_into(again->plan, "load-camera-drive").front();
        QCOMPARE(raw(device(again->plan.feeds()[lead], DeviceKind::fuse)->rating), 5.0);
        QCOMPARE(device(again->plan.feeds()[lead], DeviceKind::power_switch)->type, Id("toggle-30a"));
        fused = set_fuse(fused, bought.feeds()[feeds_into(bought, "load-camera-drive").front()].id,
                         "standard-blade", Ampere(40));
        const auto smaller = propose_and_mend(fused, parts());
        lead = feeds_into(smaller->plan, "load-camera-drive").front();
        QVERIFY(raw(device(smaller->plan.feeds()[lead], DeviceKind::fuse)->rating) <= 7.5);
    }
    void before_a_module_a_lead_may_lose_twice() {
        auto plan = plan_proposed(
            "plan Toad counter, up to 30 °C, from 5 °C, shaken still\n"
            "load Counter 5 V 2 A\nload Lamp 12 V 2 A LED\n");
        const auto study = test::studied(plan);
        const PlanIndex index(plan);
        const auto module = feeds_into(plan, plan.converters.front().id).front();
        const auto lamp = feeds_into(plan, "load-lamp").front();
        CLOSE(drop_limit(plan, index, module), 0.06, 1e-9);
        CLOSE(drop_limit(plan, index, lamp), 0.03, 1e-9);
        // The same loss is found in the one and not in the other.
        for (const auto f : {module, lamp}) {
            auto longer = plan;
            const double share = study.worst.feeds[f].drop_share;
            longer.feeds()[f].length = Metre(raw(study.harness.routes[f].length) * 0.045 / share);
            longer.feeds()[f].wire = plan.feeds()[f].wire;
            const auto found = test::studied(longer);
            const double lost = found.worst.feeds[f].drop_share;
            QVERIFY2(lost > 0.031 && lost < 0.059, qPrintable(QString::number(lost)));
            bool said = false;
            for (const auto& x : found.findings)
                said = said || (x.rule == "wire-drop" && x.about.front() == longer.feeds()[f].id);
            QCOMPARE(said, f == lamp);
        }
    }
    void taps_are_by_what_is_there() {
        const std::string wish =
            "plan Bale scale, up to 30 °C, from 5 °C, shaken still\n"
            "load Scale head 12 V 0.4 A\nload Printer 12 V 1 A\n";
        const auto from = [&](const char* source) {
            auto plan = plan_typed(wish);
            auto s = parse_source(parts(), Source{}, source);
            if (!s) qFatal("%s", s.error().message.str().c_str());
            s->id = "source", s->name = "Source";
            plan.sources = {*s};
            return propose_and_mend(plan, parts())->plan;
        };
        const auto tapped = from("circuit 12 V 10 A fuse");
        const auto& lead = tapped.feeds()[feeds_from(tapped, "source").front()];
        const auto* fuse = device(lead, DeviceKind::fuse);
        QVERIFY(fuse && holder_of(parts(), *fuse) && holder_of(parts(), *fuse)->tap);
        QVERIFY(fuse->joint_in.empty() && !fuse->joint_out.empty() && raw(fuse->rating) <= 10);
        // The adapter is bought once.
        int adapters = 0;
        for (const auto& line : bill_of_materials(tapped, parts(), test::studied(tapped).harness))
            adapters += line.item.str().find("tap") != std::string::npos ? static_cast<int>(line.amount) : 0;
        QCOMPARE(adapters, 1);
        const auto studs = from("circuit 12 V");
        QCOMPARE(find(parts().joints, studs.feeds()[feeds_from(studs, "source").front()].joint_from)->end,
                 JointEnd::stud);
        for (const auto& step : test::studied(studs).steps())
            for (const auto& action : step.actions)
                QVERIFY2(action.str().find("slot") == std::string::npos, action.str().c_str());
        const auto brick = from("supply 12 V 4 A");
        QVERIFY(std::any_of(brick.hubs.begin(), brick.hubs.end(),
                            [](const auto& h) { return h.kind == HubKind::fork; }));
        for (const auto& f : brick.feeds()) QVERIFY2(!device(f, DeviceKind::fuse), f.id.c_str());
        QVERIFY(!test::has(test::studied(brick), "fuse-missing", Severity::caution));
        // What is computed is written as a person would.
        QVERIFY(plan_to_text(brick, parts()).find("99999") == std::string::npos);
    }
    void only_what_is_there_is_said() {
        // No switch, no fuse, no motor: a craft without its rotors' noise, and a bare lamp on a brick.
        auto plan = plan_typed(
            "plan Shelf\nsource Brick: supply 12 V 2 A\nload Lamp 12 V 1 A LED\n"
            "lead Brick → Lamp, 20 AWG, 1 m, begins with soldered lap splice, ends with soldered "
            "lap splice\nphase Evening, 3 h, runs Lamp typical\n");
        for (const auto& step : test::studied(plan).steps())
            for (const auto& action : step.actions)
                for (const char* word :
                     {"witch", " holder", "attery", "pack", "otor", "heels", "uses still out"})
                    QVERIFY2(action.str().find(word) == std::string::npos, action.str().c_str());
        for (const auto& r : test::studied(plan).readings())
            QVERIFY2(r.state.str().find("fuse") == std::string::npos, r.state.str().c_str());
        // A servo turns, whatever kind of load it is.
        const auto arm =
            plan_proposed("plan Arm, up to 30 °C, from 5 °C\nload Elbow servo 6 V 0.5 A peak 2 A 0.5 s\n");
        for (const auto& step : test::studied(arm).steps())
            if (step.key == "test/first-power") QVERIFY(step.caution.str().find("arms") != std::string::npos);
    }
    void a_loads_own_switch_is_no_battery_isolator() {
        const auto plan = plan_proposed(
            "plan Dredge, up to 30 °C, from 5 °C\nload Pump 24 V 35 A peak 40 A 5 s motor noisy switched\n"
            "load Lamp 24 V 1 A LED\n");
        const auto& lead = plan.feeds()[feeds_into(plan, "load-pump").front()];
        const auto* s = device(lead, DeviceKind::power_switch);
        QVERIFY(s && find(parts().switches, s->type)->kind != SwitchKind::isolator &&
                find(parts().switches, s->type)->kind != SwitchKind::loop);
    }
};

SANGRE_SUITE(TestBuilderRules);
#include "test_builder_rules.moc"
