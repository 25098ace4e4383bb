// Every rule: a plan that breaks it, the finding, and its mends.
#include <set>

#include "base/units/format.h"
#include "fixtures.h"
#include "plan/edits.h"
#include "rules/mends.h"
#include "rules/review/review.h"
#include "wiring/cable/cable.h"

using namespace sangre;
using test::parts;
using test::rail_of;

namespace {

OnWay met(OnWayKind kind) {
    OnWay thing;
    thing.kind = kind;
    return thing;
}

Device& first_fuse(Plan& p) {
    for (auto& f : p.feeds())
        for (auto& d : f.devices)
            if (d.kind == DeviceKind::fuse) return d;
    return p.feeds().front().devices.front();
}

Plan sound() {
    static const Plan plan = [] {
        auto p = test::demo();
        p.practices.noise = NoiseSchool::own_converter;
        return propose(p, parts())->plan;
    }();
    return plan;
}

Lead& into(Plan& plan, const Id& part) { return plan.feeds()[feeds_into(plan, part).front()]; }

/// In place of the demo's pack, of its volts.
Source brick(double amps) {
    Source s;
    s.id = "battery", s.name = "Brick", s.kind = SourceKind::supply;
    s.v_min = Volt(25), s.v_max = Volt(26), s.rated = Ampere(amps);
    return s;
}
Source circuit(double fuse) {
    Source s;
    s.id = "battery", s.name = "Circuit", s.kind = SourceKind::circuit;
    s.v_min = Volt(22), s.v_max = Volt(28), s.fuse = Ampere(fuse);
    return s;
}
/// Joined to the studs that the pack feeds.
void beside(Plan& plan, Source other) {
    other.id = "other";
    plan.sources.push_back(other);
    auto f = plan.feeds()[0];
    f.id = "feed-other", f.from = "other";
    for (auto& d : f.devices) d.id += "-other";
    plan.add_feed(f);
}

/// The only cable, into the computer, made on the first call.
Lead& lead(Plan& plan, CablePreset preset = CablePreset::servo_red_white_black) {
    if (plan.signal_leads().empty() || plan.signal_leads()[0].id != "lead") {
        auto k = make_cable(plan, preset, "load-steering", "load-computer");
        k.id = "lead";
        plan.replace_signal_leads({k});
    }
    return plan.signal_leads()[0];
}

struct Case {
    const char* rule;
    std::function<void(Plan&)> spoil;
};

/// One way to break each rule.
std::vector<Case> cases() {
    return {
        {"load-window-reversed", [](Plan& p) { std::swap(p.loads[2].v_min, p.loads[2].v_max); }},
        {"outside-this-tool", [](Plan& p) { p.sources[0].series = 20; }},
        {"source-idle",
         [](Plan& p) {
             beside(p, brick(20));
             p.leads.erase(p.leads.begin() + static_cast<std::ptrdiff_t>(p.feeds().size()) - 1);
         }},
        {"source-range",
         [](Plan& p) { p.sources[0] = brick(5), std::swap(p.sources[0].v_min, p.sources[0].v_max); }},
        {"source-supply-asked", [](Plan& p) { p.sources[0] = brick(2); }},
        {"source-circuit-asked", [](Plan& p) { p.sources[0] = circuit(3); }},
        {"source-circuit-wire",
         [](Plan& p) { p.sources[0] = circuit(60), p.sources[0].wire_area = SquareMillimetre(0.5); }},
        {"source-tap-fuse",
         [](Plan& p) {
             p.sources[0] = circuit(60);
             p = set_fuse(p, p.feeds()[0].id, "standard-blade", Ampere(80));
         }},
        {"source-with-key", [](Plan& p) { p.sources[0] = circuit(60), p.sources[0].with_key = true; }},
        {"source-standing", [](Plan& p) { p.sources[0] = circuit(60); }},
        {"source-beside-pack", [](Plan& p) { beside(p, brick(20)); }},
        {"source-sun",
         [](Plan& p) {
             Source panel;
             panel.id = "sun", panel.name = "Panel", panel.kind = SourceKind::panel;
             panel.v_min = panel.v_max = Volt(29.2), panel.power = Watt(10);
             panel.sun_low = 1, panel.sun_high = 4;
             beside(p, panel);
             std::swap(p.feeds().back().from, p.feeds().back().to);
         }},
        {"source-panel-lead",
         [](Plan& p) {
             Source panel;
             panel.name = "Panel", panel.kind = SourceKind::panel;
             panel.v_min = panel.v_max = Volt(29.2), panel.power = Watt(400);
             panel.sun_low = panel.sun_high = 4;
             beside(p, panel);
         }},
        {"network-not-solved", [](Plan& p) { p.loads[2].typical = p.loads[2].peak = Ampere(1e300); }},
        {"load-not-fed",
         [](Plan& p) { p.erase_feeds([](const auto& f) { return f.to == "load-steering"; }); }},
        {"load-browns-out",
         [](Plan& p) {
             into(p, "load-computer").wire = "awg30-pvc", into(p, "load-computer").length = Metre(4);
         }},
        {"load-resets-at-start",
         [](Plan& p) {
             auto& pump = *by_id(p.loads, Id("load-drive-left"));
             pump.start = Ampere(400), pump.start_time = Second(0.5);
             auto& computer = *by_id(p.loads, Id("load-telemetry"));
             computer.v_min = Volt(5.1);
         }},
        {"load-over-voltage", [](Plan& p) { by_id(p.loads, Id("load-work-lamp"))->v_max = Volt(26); }},
        {"load-assumed", [](Plan& p) { p.loads[2].assumed = true; }},
        {"load-never-on",
         [](Plan& p) {
             for (auto& phase : p.phases) phase.states.erase("load-steering");
         }},
        {"antenna-first", [](Plan&) {}},
        {"battery-charged-while-used",
         [](Plan& p) {
             for (auto& phase : p.phases)
                 if (phase.charging) phase.states["load-drive-left"] = LoadState::typical;
         }},
        {"battery-charged-cold",
         [](Plan& p) {
             for (auto& phase : p.phases) phase.indoors = false;
         }},
        {"rail-limits-at-start",
         [](Plan& p) {
             auto& pump = *by_id(p.loads, Id("load-fog-pump"));
             pump.start = Ampere(90), pump.start_time = Second(0.2);
         }},
        {"feed-item-below-fuse",
         [](Plan& p) {
             for (auto& d : into(p, "hub").devices)
                 if (d.kind == DeviceKind::power_switch) d.type = "slide-3a";
         }},
        {"feed-lead-unprotected",
         [](Plan& p) { by_id(p.loads, Id("load-drive-left"))->lead = "awg24-silicone"; }},
        {"joint-many-branches",
         [](Plan& p) {
             p.hubs[0].kind = HubKind::splice;
             for (auto& feed : p.feeds()) {
                 if (feed.from == p.hubs[0].id) feed.joint_from = "tee-splice";
                 if (feed.to == p.hubs[0].id) feed.joint_to = "tee-splice";
                 if (feed.from == p.hubs[0].id || feed.to == p.hubs[0].id) feed.wire = "awg20-silicone";
             }
         }},
        {"joint-pigtail",
         [](Plan& p) {
             p.hubs[0].kind = HubKind::splice;
             for (auto& feed : p.feeds()) {
                 if (feed.from == p.hubs[0].id) feed.joint_from = "pigtail-cap";
                 if (feed.to == p.hubs[0].id) feed.joint_to = "pigtail-cap";
             }
         }},
        {"vital-single-points", [](Plan& p) { p.loads[0].vital = true; }},
        {"cable-to-itself", [](Plan& p) { lead(p).to = lead(p).from; }},
        {"item-joint-missing",
         [](Plan& p) {
             into(p, "load-work-lamp")
                 .devices.push_back({"sw", DeviceKind::power_switch, "rocker-16a", {}, "Lamp", {}});
         }},
        {"item-beyond-end", [](Plan& p) { first_fuse(p).at = Metre(90); }},
        {"tap-slot", [](Plan& p) { first_fuse(p).holder = "tap-standard-awg16"; }},
        {"bead-bore",
         [](Plan& p) {
             auto& f = into(p, "load-drive-left");
             f.wire = "awg8-silicone";
             f.devices.push_back({"bead", DeviceKind::filter, "ferrite-clamp-5", {}, {}, {}});
         }},
        {"coil-volts",
         [](Plan& p) {
             into(p, "load-work-lamp")
                 .devices.push_back({"r", DeviceKind::power_switch, "relay-10a-5v", {}, "Lamp", {}});
         }},
        {"switch-live-case",
         [](Plan& p) {
             p.metal_frame = true;
             into(p, "load-work-lamp")
                 .devices.push_back({"t", DeviceKind::power_switch, "thermal-opens-60", {}, "Guard", {}});
         }},
        {"crimp-grip",
         [](Plan& p) {
             auto& f = into(p, "load-computer");
             f.wire = "awg24-silicone", f.conductors = 2, f.joint_to = "crimped-contact";
         }},
        {"crimp-stud",
         [](Plan& p) {
             auto& f = into(p, "load-computer");
             p.terminals["load-computer"] = {{"V+", TerminalRole::plus, TerminalTakes::stud, Millimetre(12)}};
             f.joint_to = "ring-crimp";
         }},
        {"thermal-never-closes",
         [](Plan& p) {
             into(p, "load-computer")
                 .devices.push_back({"t", DeviceKind::power_switch, "thermal-closes-60", {}, "Fan", {}});
         }},
        {"thermal-opens-in-use",
         [](Plan& p) {
             into(p, "load-computer")
                 .devices.push_back({"t", DeviceKind::power_switch, "thermal-opens-60", {}, "Guard", {}});
             p.hottest_air = Celsius(58);
         }},
        {"thermal-too-late",
         [](Plan& p) {
             auto& feed = into(p, "load-computer");
             Device d{"t", DeviceKind::power_switch, "thermal-opens-95", {}, "Guard", {}};
             d.sits_on = feed.from;
             feed.devices.push_back(d);
         }},
        {"thermal-unsaid",
         [](Plan& p) {
             auto& feed = into(p, "load-computer");
             Device d{"t", DeviceKind::power_switch, "thermal-opens-95", {}, "Guard", {}};
             d.sits_on = "load-drive-left";
             feed.devices.push_back(d);
         }},
        {"terminal-unknown",
         [](Plan& p) {
             p.terminals["load-computer"] = {{"V+"}, {"GND", TerminalRole::minus}};
             into(p, "load-computer").terminal_to = "V9";
         }},
        {"terminal-unsaid",
         [](Plan& p) {
             p.terminals["load-computer"] = {{"V1"}, {"V2"}, {"GND", TerminalRole::minus}};
         }},
        {"terminal-crowded",
         [](Plan& p) {
             p.terminals["hub"] = {{"B+"}, {"B-", TerminalRole::minus}};
         }},
        {"terminal-joint",
         [](Plan& p) {
             p.terminals["load-drive-left"] = {{"B+", TerminalRole::plus, TerminalTakes::stud},
                                               {"B-", TerminalRole::minus}};
             into(p, "load-drive-left").joint_to = "ferrule-screw";
         }},
        {"terminal-too-small",
         [](Plan& p) {
             p.terminals["load-drive-left"] = {
                 {"B+", TerminalRole::plus, TerminalTakes::screw, Millimetre(0.5)},
                 {"B-", TerminalRole::minus}};
         }},
        {"charger-volts", [](Plan& p) { p.sources[0].charger = Volt(50); }},
        {"charger-current",
         [](Plan& p) { p.sources[0].charger = Volt(29.2), p.sources[0].charger_current = Ampere(400); }},
        {"motor-bridge",
         [](Plan& p) {
             auto& l = *by_id(p.loads, Id("load-drive-left"));
             l.kind = LoadKind::motor, l.bridge = Ohm(1);
         }},
        {"way-beyond-end", [](Plan& p) { by_id(p.ways, Id("way-hub-pump"))->on_it[0].at = Metre(90); }},
        {"opening-unfit",
         [](Plan& p) {
             for (auto& b : p.bodies) b.material = BodyMaterial::metal;
             by_id(p.openings, Id("way-hub-pump-opening"))->kind = OpeningKind::hole;
         }},
        {"wall-no-opening",
         [](Plan& p) {
             p.bodies.push_back({"box", "Box"});
             auto& way = *by_id(p.ways, Id("way-hub-left"));
             way.on_it.clear();
             by_id(p.places, way.to)->body = "box";
         }},
        {"gland-range",
         [](Plan& p) {
             auto& o = *by_id(p.openings, Id("way-hub-pump-opening"));
             o.kind = OpeningKind::gland, o.bore = Millimetre(21);
         }},
        {"hub-fork", [](Plan& p) { p.hubs[0].kind = HubKind::fork; }},
        {"passive-no-lead",
         [](Plan& p) {
             p.passives.push_back({"part-x", "Arm button"});
         }},
        {"passive-button-shorts",
         [](Plan& p) {
             p.passives.push_back({"part-x", "Arm button"});
             Lead lead;
             lead.id = "cable-x", lead.name = "Arm lead", lead.from = "load-computer", lead.to = "part-x";
             lead.wire = "awg24-silicone";
             lead.cores = {{"5 V", CoreRole::supply, "1", "1", "red"},
                           {"GND", CoreRole::ground, "2", "2", "black"}};
             p.add_signal_lead(lead);
         }},
        {"feed-holder",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 for (auto& d : f.devices)
                     if (d.kind == DeviceKind::fuse) return void(d.holder = "inline-large-awg8");
         }},
        {"feed-ends-too-warm",
         [](Plan& p) {
             into(p, "load-drive-left").wire = "awg16-silicone";
             by_id(p.loads, Id("load-drive-left"))->typical = by_id(p.loads, Id("load-drive-left"))->peak =
                 Ampere(38);
         }},
        {"battery-missing", [](Plan& p) { p.sources[0].chemistry = "unobtainium"; }},
        {"battery-c-rate", [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(2); }},
        {"battery-sags", [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(30); }},
        {"battery-too-small", [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(12); }},
        {"battery-runs-low", [](Plan& p) { p.sources[0].cell_capacity = AmpereHour(22.5); }},
        {"battery-over-100-wh", [](Plan&) {}},
        {"rail-unknown-module", [](Plan& p) { p.converters[0].type = "magic"; }},
        {"rail-loop",
         [](Plan& p) {
             const auto a = p.converters[0].id, b = p.converters[1].id;
             into(p, a).from = b, into(p, b).from = a;
         }},
        {"rail-input-spare", [](Plan& p) { p.sources[0].series = 10; }},
        {"rail-input-low", [](Plan& p) { p.sources[0].series = 1; }},
        {"rail-dropout", [](Plan& p) { p.sources[0].series = 4; }},
        {"rail-over-trusted",
         [](Plan& p) { by_id(p.converters, rail_of(p, "load-computer"))->type = "buck-3a-40v"; }},
        {"rail-set-voltage",
         [](Plan& p) { by_id(p.converters, rail_of(p, "load-computer"))->set = Volt(6); }},
        {"rail-noise", [](Plan& p) { into(p, "load-fog-pump").from = rail_of(p, "load-night-camera"); }},
        {"fuse-missing",
         [](Plan& p) {
             std::erase_if(into(p, "load-work-lamp").devices,
                           [](const auto& d) { return d.kind == DeviceKind::fuse; });
         }},
        {"fuse-too-big",
         [](Plan& p) { p = set_fuse(p, into(p, "load-work-lamp").id, "standard-blade", Ampere(40)); }},
        {"fuse-too-small",
         [](Plan& p) { p = set_fuse(p, into(p, "load-drive-left").id, "standard-blade", Ampere(5)); }},
        {"fuse-wrong-kind", [](Plan& p) { p = set_fuse(p, p.feeds()[0].id, "glass-5x20-fast", Ampere(10)); }},
        {"fuse-never-opens",
         [](Plan& p) {
             into(p, "load-work-lamp").wire = "awg30-pvc", into(p, "load-work-lamp").length = Metre(9);
             p = set_fuse(p, into(p, "load-work-lamp").id, "standard-blade", Ampere(40));
         }},
        {"fuse-selectivity",
         [](Plan& p) { p = set_fuse(p, p.feeds()[0].id, "standard-blade-58", Ampere(15)); }},
        {"wire-unknown", [](Plan& p) { into(p, "load-steering").wire = "fence"; }},
        {"wire-zero-length", [](Plan& p) { into(p, "load-steering").length = Metre(0); }},
        {"wire-length-guessed", [](Plan& p) { p.ways.clear(); }},
        {"wire-too-warm", [](Plan& p) { into(p, "load-fog-pump").wire = "awg30-pvc"; }},
        {"wire-drop", [](Plan& p) { into(p, "load-fog-pump").wire = "awg24-silicone"; }},
        {"switch-missing",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 std::erase_if(f.devices, [](const auto& d) { return d.kind == DeviceKind::power_switch; });
         }},
        {"switch-unknown",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 for (auto& d : f.devices)
                     if (d.kind == DeviceKind::power_switch) d.type = "wish";
         }},
        {"switch-overloaded",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 for (auto& d : f.devices)
                     if (d.name == "Main") d.type = "toggle-6a";
         }},
        {"switch-cannot-break",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 for (auto& d : f.devices)
                     if (d.name == "Main") d.type = "isolator-150a";
             p.sources[0].series = 14;
         }},
        {"switch-before-always-on", [](Plan& p) { into(p, rail_of(p, "load-frost-mast")).from = "hub"; }},
        {"connector-overloaded",
         [](Plan& p) {
             for (auto& d : p.feeds()[0].devices)
                 if (d.kind == DeviceKind::connector) d.type = "plug-2p-5a";
         }},
        {"return-frame-not-metal", [](Plan& p) { into(p, "load-steering").ret = Return::frame; }},
        {"return-frame-sensitive",
         [](Plan& p) {
             for (auto& b : p.bodies) b.material = BodyMaterial::metal;
             into(p, "load-night-camera").ret = Return::frame;
         }},
        {"return-shared-noise",
         [](Plan& p) {
             auto& f = into(p, "load-night-camera");
             f.ret = Return::shared, f.shared_with = into(p, "load-fog-pump").id;
         }},
        {"return-two-sources",
         [](Plan& p) {
             auto second = into(p, "load-telemetry");
             second.id = "second", second.from = p.converters[1].id;
             p.add_feed(second);
         }},
        {"hole-full",
         [](Plan& p) {
             by_id(p.openings, Id("way-hub-pump-opening"))->bore = Millimetre(3);
             into(p, "load-fog-pump").by = {"way-hub-pump"};
         }},
        {"supplied-short", [](Plan& p) { into(p, "load-fog-pump").supplied = Metre(0.05); }},
        {"plug-through-opening",
         [](Plan& p) {
             auto& lead = into(p, "load-fog-pump");
             lead.by = {"way-hub-pump"}, lead.plug = Millimetre(30);
             lead.joint_from = lead.joint_to = "kept-plug";
         }},
        {"route-hazard", [](Plan& p) { by_id(p.ways, Id("way-hub-left"))->on_it = {met(OnWayKind::edge)}; }},
        {"route-hot",
         [](Plan& p) {
             auto hot = met(OnWayKind::heat);
             hot.hot = Celsius(190);
             by_id(p.ways, Id("way-hub-left"))->on_it = {hot};
             into(p, "load-drive-left").wire = "awg12-pvc";
         }},
        {"route-aerial",
         [](Plan& p) { by_id(p.ways, Id("way-hub-left"))->on_it = {met(OnWayKind::aerial)}; }},
        {"route-wet",
         [](Plan& p) {
             auto& way = *by_id(p.ways, Id("way-hub-left"));
             for (const auto& thing : way.on_it)
                 if (auto* opening = by_id(p.openings, thing.opening)) opening->kind = OpeningKind::grommet;
             way.on_it.push_back(met(OnWayKind::water));
         }},
        {"battery-packs-unequal",
         [](Plan& p) {
             auto b = p.sources[0];
             b.id = "battery-2", b.name = "Second", b.charge_behind = 0.8;
             p.sources.push_back(b);
             auto f = into(p, "hub");
             f.id = "second-pack", f.from = "battery-2";
             p.add_feed(f);
         }},
        {"battery-packs-differ",
         [](Plan& p) {
             auto b = p.sources[0];
             b.id = "battery-2", b.name = "Second", b.chemistry = b.chemistry == "lfp" ? "nmc" : "lfp";
             p.sources.push_back(b);
             auto f = into(p, "hub");
             f.id = "second-pack", f.from = "battery-2";
             p.add_feed(f);
         }},
        {"battery-old", [](Plan& p) { p.sources[0].health = 0.78; }},
        {"battery-weak-cell", [](Plan& p) { p.sources[0].weakest_cell = 0.9; }},
        {"battery-charging", [](Plan& p) { p.phases[0].charge_current = Ampere(200); }},
        {"battery-starts",
         [](Plan& p) {
             auto& l = *by_id(p.loads, Id("load-fog-pump"));
             l.starter = true, l.v_min = Volt(40);
         }},
        {"rail-too-hot", [](Plan& p) { p.hottest_air = Celsius(78); }},
        {"rail-cycles",
         [](Plan& p) {
             by_id(p.converters, rail_of(p, "load-computer"))->type = "buck-30a-60v";
             p.sources[0].series = 5, p.sources[0].charge_behind = 0.0;
         }},
        {"rail-two-regulators",
         [](Plan& p) {
             p.hubs.push_back({"rail-hub", "Rail hub", {}, {}});
             for (size_t i = 0; i < 2; ++i) {
                 auto f = into(p, "load-computer");
                 f.id = "join" + std::to_string(i), f.from = p.converters[i].id, f.to = "rail-hub";
                 p.add_feed(f);
             }
         }},
        {"rail-out-of-range",
         [](Plan& p) { by_id(p.converters, rail_of(p, "load-computer"))->set = Volt(50); }},
        {"connector-unknown",
         [](Plan& p) {
             for (auto& d : p.feeds()[0].devices)
                 if (d.kind == DeviceKind::connector) d.type = "yellow-one";
         }},
        {"connector-wire-size",
         [](Plan& p) {
             for (auto& d : p.feeds()[0].devices)
                 if (d.kind == DeviceKind::connector) d.type = "plug-2p-120a";
             p.feeds()[0].wire = "awg10-silicone";
         }},
        {"connector-spark",
         [](Plan& p) {
             by_id(p.loads, Id("load-drive-left"))->capacitance = Farad(4e-3);
             for (auto& d : p.feeds()[feeds_from(p, p.sources[0].id).front()].devices)
                 if (d.kind == DeviceKind::connector) d.type = "plug-2p-90a";
         }},
        {"inline-unsuited",
         [](Plan& p) {
             into(p, "load-drive-left")
                 .devices.push_back({"thin", DeviceKind::diode, "diode-schottky-3a", Ampere(0), {}, {}});
         }},
        {"relay-coil",
         [](Plan& p) {
             for (auto& f : p.feeds())
                 for (auto& d : f.devices)
                     if (d.name == "Main") d.type = "contactor-200a-12v";
         }},
        {"wire-conductor-broken",
         [](Plan& p) {
             auto& f = into(p, "load-drive-left");
             f.wire = "awg28-silicone", f.conductors = 2, f.length = Metre(0.3);
             auto& l = *by_id(p.loads, Id("load-drive-left"));
             l.typical = l.peak = Ampere(8);
         }},
        {"wire-colours-alike",
         [](Plan& p) { into(p, "load-steering").return_colour = into(p, "load-steering").supply_colour; }},
        {"wire-colours-reversed",
         [](Plan& p) {
             into(p, "load-steering").supply_colour = "black", into(p, "load-steering").return_colour = "red";
         }},
        {"fuse-kinds-mixed",
         [](Plan& p) {
             p = set_fuse(p, into(p, "load-steering").id, "mini-blade", Ampere(5));
             p = set_fuse(p, into(p, "load-telemetry").id, "micro-blade", Ampere(3));
         }},
        {"fuse-resettable-first",
         [](Plan& p) { p = set_fuse(p, p.feeds()[0].id, "resettable-60v", Ampere(3.75)); }},
        {"fuse-motor-stall",
         [](Plan& p) {
             auto& l = *by_id(p.loads, Id("load-drive-left"));
             l.kind = LoadKind::motor, l.start = Ampere(6);
         }},
        {"mains-inside", [](Plan& p) { p.loads.back().name = "Charger on 230 V"; }},
        {"fuse-far", [](Plan& p) { p.feeds()[0].devices[0].at = Metre(0.6); }},
        {"diode-reversed",
         [](Plan& p) {
             auto& f = into(p, "load-drive-left");
             f.devices.push_back({"diode", DeviceKind::diode, "ideal-diode-50a", Ampere(0), {}, {}});
             f.devices.back().reversed = true;
         }},
        {"connector-two-voltages",
         [](Plan& p) {
             for (const char* load : {"load-computer", "load-work-lamp"})
                 into(p, load).devices.push_back(
                     {std::string("plug-") + load, DeviceKind::connector, "plug-2p-30a", Ampere(0), {}, {}});
             for (const char* load : {"load-computer", "load-work-lamp"})
                 into(p, load).wire = "awg14-silicone";
         }},
        {"connector-not-keyed",
         [](Plan& p) {
             into(p, "load-work-lamp")
                 .devices.push_back({"plug", DeviceKind::connector, "pin-header-2a54", Ampere(0), {}, {}});
         }},
        {"connector-worn", [](Plan& p) { p.repeats_per_day = 400; }},
        {"cable-mirrored", [](Plan& p) { std::swap(lead(p).cores[0].to_pin, lead(p).cores[2].to_pin); }},
        {"cable-crossed", [](Plan& p) { lead(p).cores[1].from_pin = "+", lead(p).cores[1].to_pin = "−"; }},
        {"cable-colours-alike", [](Plan& p) { lead(p).cores[2].colour = "red"; }},
        {"cable-colour-lies", [](Plan& p) { std::swap(lead(p).cores[0].colour, lead(p).cores[1].colour); }},
        {"cable-servo-overvolted", [](Plan& p) { lead(p).volts = Volt(12); }},
        {"cable-pair-untwisted",
         [](Plan& p) {
             auto& k = lead(p, CablePreset::data_pair);
             for (auto& core : k.cores) core.twist = 0;
         }},
        {"cable-unterminated", [](Plan& p) { lead(p, CablePreset::data_pair); }},
        {"cable-unused-bare", [](Plan& p) { lead(p, CablePreset::four_core); }},
        {"cable-two-supplies",
         [](Plan& p) {
             lead(p);
             auto k = make_cable(p, CablePreset::servo_red_white_black, "load-drive-left", "load-computer");
             k.id = "second";
             p.add_signal_lead(k);
         }},
        {"cable-core-overloaded",
         [](Plan& p) {
             auto& k = lead(p, CablePreset::ribbon);
             k.amps = Ampere(6);
         }},
        {"cable-families-mixed",
         [](Plan& p) {
             lead(p);
             auto k = make_cable(p, CablePreset::servo_brown_red_orange, "load-computer", "load-fog-pump");
             k.id = "brown";
             p.add_signal_lead(k);
         }},
        {"joint-missing", [](Plan& p) { into(p, "load-steering").joint_to.clear(); }},
        {"joint-bare",
         [](Plan& p) {
             // Twelve conductors in parallel are thicker than any tube.
             auto& f = into(p, "load-steering");
             f.joint_to = "lap-splice", f.wire = "awg2_0-silicone", f.conductors = 12;
         }},
        {"joint-no-tool", [](Plan& p) { p.practices.missing_tools = {"crimping tool with the right die"}; }},
        {"joint-wire-range", [](Plan& p) { into(p, "load-steering").wire = "awg2_0-silicone"; }},
        {"joint-lead-too-thin",
         [](Plan& p) { by_id(p.loads, Id("load-drive-left"))->lead = "awg28-silicone"; }},
        {"joint-glued-untested",
         [](Plan& p) {
             p.practices.insulation = InsulationSchool::hot_glue;
             p.done["glue/joints"] = "2026-11-20T20:00:00";
         }},
        {"joint-tinned-creeps", [](Plan& p) { into(p, "load-steering").joint_from = "tinned-screw"; }},
        {"box-warm",
         [](Plan& p) {
             auto& box = *by_id(p.bodies, Id("deck-tub"));
             box.length = Millimetre(120), box.width = Millimetre(80), box.height = Millimetre(40);
             box.sealed = false, box.wall = Millimetre(3);
         }},
        {"box-unmeasured", [](Plan& p) { by_id(p.bodies, Id("deck-tub"))->length = Millimetre(0); }},
        {"box-sealed-vents",
         [](Plan& p) {
             auto& box = *by_id(p.bodies, Id("deck-tub"));
             box.sealed = true, box.vents = SquareMillimetre(400);
         }},
        {"box-damp",
         [](Plan& p) {
             auto& box = *by_id(p.bodies, Id("deck-tub"));
             box.sealed = true, box.length = box.width = Millimetre(200), box.height = Millimetre(120);
         }},
        {"route-pinned", [](Plan& p) { into(p, "load-steering").by = {"way-hub-left"}; }},
        {"beside-couples",
         [](Plan& p) {
             auto& k = lead(p, CablePreset::data_pair);
             k.from = "load-drive-left", k.signal = SignalKind::audio;
             for (auto& core : k.cores) core.twist = 0;
             into(p, "load-drive-left").ret = Return::own;
         }},
        {"signal-too-long",
         [](Plan& p) {
             auto& k = lead(p, CablePreset::data_pair);
             k.signal = SignalKind::spi, k.length = Metre(0.8);
         }},
        {"controller-lead-long",
         [](Plan& p) {
             auto& drive = *by_id(p.loads, Id("load-drive-left"));
             drive.kind = LoadKind::motor, drive.bridge = Ohm(0.005);
         }},
        {"magnetic-near",
         [](Plan& p) {
             OnWay needle;
             needle.kind = OnWayKind::compass, needle.at = Metre(0.1), needle.off = Millimetre(8);
             by_id(p.ways, Id("way-battery-hub"))->on_it.push_back(needle);
             for (auto& way : p.ways)
                 if (way.id == "way-hub-left") way.on_it.push_back(needle);
         }},
        {"panel-depth",
         [](Plan& p) {
             auto& box = *by_id(p.bodies, Id("well"));
             box.length = box.width = box.height = Millimetre(30), box.vents = SquareMillimetre(100000);
             auto& f = into(p, "load-fog-pump");
             for (auto& d : f.devices)
                 if (d.kind == DeviceKind::power_switch) d.panel = "well", d.seat.behind = Millimetre(40);
         }},
        {"out-of-reach", [](Plan& p) { by_id(p.loads, Id("load-computer"))->fixing.reach = Reach::closed; }},
        {"stuck-in-reach",
         [](Plan& p) {
             auto& fixing = by_id(p.loads, Id("load-computer"))->fixing;
             fixing.stuck = true, fixing.reach = Reach::one_lid;
         }},
        {"hold-unfit",
         [](Plan& p) {
             p.practices.hold = HoldSchool::glue;
             OnWay hot;
             hot.kind = OnWayKind::heat, hot.at = Metre(0.1), hot.hot = Celsius(70);
             by_id(p.ways, Id("way-hub-front"))->on_it.push_back(hot);
         }},
        {"bend-tight",
         [](Plan& p) {
             OnWay corner;
             corner.kind = OnWayKind::corner, corner.at = Metre(0.1), corner.radius = Millimetre(3);
             by_id(p.ways, Id("way-battery-hub"))->on_it.push_back(corner);
         }},
        {"opening-no-wall",
         [](Plan& p) {
             by_id(p.places, Id("front-deck"))->body = "deck-tub";
             by_id(p.places, Id("hub-board"))->body = "deck-tub";
             OnWay thing;
             thing.kind = OnWayKind::opening, thing.opening = "deck-left", thing.at = Metre(0.1);
             by_id(p.ways, Id("way-hub-front"))->on_it.push_back(thing);
         }},
        {"opening-no-fitting", [](Plan& p) { by_id(p.openings, Id("deck-tail"))->bore = Millimetre(1); }},
        {"turn-tight", [](Plan& p) { by_id(p.ways, Id("way-front-mast"))->bends = "0.5,0.125"; }},
        {"knot-unfit",
         [](Plan& p) {
             OnWay knot;
             knot.kind = OnWayKind::knot, knot.at = Metre(0.1);
             by_id(p.ways, Id("way-battery-hub"))->on_it.push_back(knot);
         }},
        {"jacket-tight",
         [](Plan& p) {
             auto& lead = into(p, "load-drive-left");
             lead.jacket = Jacket::braid, lead.across = Millimetre(3);
         }},
        {"sheath-plain", [](Plan& p) { into(p, "load-drive-left").jacket = Jacket::sheath; }},
        {"solid-moves",
         [](Plan& p) {
             OnWay hinge;
             hinge.kind = OnWayKind::hinge, hinge.at = Metre(0.1);
             by_id(p.ways, Id("way-hub-left"))->on_it.push_back(hinge);
             for (const auto& w : parts().wires)
                 if (w.strands == 1) p = set_wire(p, into(p, "load-drive-left").id, w.id);
         }},
        {"stack-high",
         [](Plan& p) { p.places[0].under = p.places[1].id, p.places[0].tall = Millimetre(60); }},
        {"part-elsewhere", [](Plan& p) { by_id(p.hubs, Id("hub"))->place = "tail"; }},
        {"gland-loose-wires",
         [](Plan& p) {
             p.bodies.push_back({"tub", "Tub"});
             p.bodies.back().sealed = true;
             for (auto& o : p.openings) o.body = "tub", o.kind = OpeningKind::gland, o.bore = Millimetre(12);
         }},
        {"own-step-unknown",
         [](Plan& p) {
             OwnStep own;
             own.id = "own-lid", own.title = "Lid off", own.after = {"mount"};
             p.own_steps.push_back(own);
         }},
        {"battery-held", [](Plan& p) { by_id(p.sources, Id("battery"))->held = Held::unsaid; }},
        {"hub-block", [](Plan& p) { by_id(p.hubs, Id("hub"))->kind = HubKind::block; }},
        {"supply-noise", [](Plan& p) { by_id(p.loads, Id("load-work-lamp"))->sensitive = true; }},
        {"igniter-one-action",
         [](Plan& p) {
             by_id(p.loads, Id("load-work-lamp"))->igniter = true;
             std::erase_if(into(p, "load-work-lamp").devices,
                           [](const auto& d) { return d.kind != DeviceKind::fuse; });
         }},
        {"place-unknown", [](Plan& p) { by_id(p.loads, Id("load-steering"))->place = "moon"; }},
    };
}

}  // namespace

class TestReview : public QObject {
    Q_OBJECT
  private slots:
    void every_rule_has_a_case() {
        std::set<std::string> covered;
        for (const auto& c : cases()) QVERIFY2(covered.insert(c.rule).second, c.rule);
        for (const auto& r : rules()) QVERIFY2(covered.contains(r.name), r.name.c_str());
        QCOMPARE(covered.size(), rules().size());
        QVERIFY(rules().size() >= 60);
        for (const char* group :
             {"battery", "rail", "fuse", "wire", "switch", "return", "connector", "cable", "joint"})
            QVERIFY2(std::any_of(rules().begin(), rules().end(),
                                 [&](const auto& r) { return r.name.starts_with(group); }),
                     group);
    }
    void the_sound_plan_has_notes_only() {
        for (const auto& f : test::studied(sound()).findings)
            QVERIFY2(f.severity == Severity::note, f.sentence.str().c_str());
    }
    void the_demo_has_two_to_mend() {
        const auto s = test::studied(test::demo());
        QCOMPARE(count(s.findings, Severity::danger), size_t{1});
        QCOMPARE(count(s.findings, Severity::caution), size_t{1});
        for (const auto& f : s.findings)
            if (f.severity != Severity::note) QVERIFY2(!f.fixes.empty(), f.rule.c_str());
    }

    void finds_and_mends_data() {
        QTest::addColumn<int>("index");
        const auto all = cases();
        for (size_t i = 0; i < all.size(); ++i) QTest::newRow(all[i].rule) << static_cast<int>(i);
    }
    void finds_and_mends() {
        QFETCH(int, index);
        const auto spoiled_by = cases()[static_cast<size_t>(index)];
        auto plan = sound();
        spoiled_by.spoil(plan);
        const auto before = test::studied(plan);
        const auto* found = test::finding(before, spoiled_by.rule);
        QVERIFY2(found, "not found");
        QVERIFY(!found->sentence.empty() && !found->why.title.empty());
        QVERIFY2(found->sentence.str().find("nan") == std::string::npos &&
                     found->sentence.str().find("—") == std::string::npos,
                 found->sentence.str().c_str());
        // Of its fixes, those that are offered.
        for (const auto& fix : tried_mends(plan, parts(), before, *found)) {
            const auto after = test::studied(fix.plan);
            const auto again = std::any_of(after.findings.begin(), after.findings.end(), [&](const auto& f) {
                return f.rule == found->rule && f.about == found->about;
            });
            QVERIFY2(!again, fix.label.str().c_str());
            // Nothing worse: no more dangers, no more that is at least a caution, no more findings in all.
            size_t now = 0, then = 0;
            for (const auto severity : {Severity::danger, Severity::caution, Severity::note}) {
                now += count(after.findings, severity), then += count(before.findings, severity);
                QStringList words{QString::fromStdString(fix.label)};
                for (const auto& f : after.findings) words << QString::fromStdString(f.sentence);
                QVERIFY2(now <= then, qPrintable(words.join("\n    ")));
            }
        }
    }
    void what_flies_unfused_is_said_once_a_lead() {
        auto plan =
            set_fuse(test::demo("seed-hexacopter"), "feed-battery-hub", "bolt-down-high", Ampere(200));
        const auto of_rotor_one = [](const Plan& p) {
            std::vector<std::pair<Severity, std::string>> all;
            for (const auto& f : test::studied(p).findings)
                if (f.about.size() == 1 && f.about[0] == "feed-hub-load-rotor-one")
                    all.emplace_back(f.severity, f.rule);
            return all;
        };
        const std::vector<std::pair<Severity, std::string>> note{{Severity::note, "fuse-missing"}};
        QCOMPARE(of_rotor_one(plan), note);
        // Of the other school, and of what stays on the ground, it is a danger.
        auto fused = plan;
        fused.practices.flight = FlightSchool::fused;
        QVERIFY(of_rotor_one(fused).at(0).first == Severity::danger);
        plan.flies = false;
        QVERIFY(of_rotor_one(plan).at(0).first == Severity::danger);
    }
    void dangers_come_first() {
        auto plan = sound();
        plan.sources[0].series = 10;
        std::swap(plan.loads[2].v_min, plan.loads[2].v_max);
        const auto s = test::studied(plan);
        for (size_t i = 1; i < s.findings.size(); ++i)
            QVERIFY(s.findings[i - 1].severity >= s.findings[i].severity);
    }
    void ten_kilovolts_are_outside_this_tool() {
        auto plan = sound();
        plan.loads[2].v_min = Volt(9e3), plan.loads[2].v_max = Volt(1e4);
        QVERIFY(test::has(test::studied(plan), "outside-this-tool", Severity::danger));
    }
    void everything_can_be_explained() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto explained = [&](const Id& id) {
            const auto why = explain(plan, parts(), s, id).why;
            QVERIFY2(!why.title.empty() && !why.lines.empty(), id.c_str());
            for (const auto& line : why.lines)
                QVERIFY2(line.text.str().find("nan") == std::string::npos &&
                             line.text.str().find("inf") == std::string::npos,
                         line.text.str().c_str());
        };
        for (const auto& x : plan.loads) explained(x.id);
        for (const auto& x : plan.feeds()) explained(x.id);
        for (const auto& x : plan.converters) explained(x.id);
        for (const auto& x : plan.sources) explained(x.id);
        for (const auto& x : plan.hubs) explained(x.id);
        for (const auto& x : plan.ways) explained(x.id);
        for (const auto& x : plan.signal_leads()) explained(x.id);
        for (const auto& x : s.steps()) explained(x.key);
        for (const auto& x : s.readings()) explained(x.key);
        QVERIFY(explain(plan, parts(), s, "nobody").why.title.empty());
    }
    void a_charger_ends_at_a_twentieth_of_the_capacity() {
        // 35 Ah: 1.75 A. A load of the pack's own voltage just below that is left alone, just above it is
        // named.
        for (const auto& [amps, named] : {std::pair{1.4, false}, {2.2, true}}) {
            auto plan = test::demo();
            for (auto& phase : plan.phases)
                if (phase.charging) {
                    phase.states.clear(), phase.shares.clear();
                    phase.states["load-drive-left"] = LoadState::typical;
                }
            for (auto& l : plan.loads) {
                if (l.id != "load-drive-left") {
                    l.always_on = false;
                    continue;
                }
                l.nominal = Volt(3.65 * plan.sources[0].series);
                const double ah = raw(plan.sources[0].cell_capacity) * plan.sources[0].parallel;
                l.typical = Ampere(amps / 35 * ah);
            }
            QCOMPARE(test::has(test::studied(plan), "battery-charged-while-used"), named);
        }
    }
    void schools_can_be_followed() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        const auto told = explain(plan, parts(), s, feed.id);
        const auto& schools = told.why.schools;
        QCOMPARE(schools.size(), size_t{8});
        QCOMPARE(told.follow.size(), schools.size());
        for (size_t i = 0; i < schools.size(); ++i) {
            const auto& school = schools[i];
            const auto& follow = told.follow[i];
            QVERIFY2(follow.here && follow.everywhere && !school.about.empty(), school.name.str().c_str());
            for (const auto& next : {follow.here(plan), follow.everywhere(plan)}) {
                const auto& after = *by_id(next.feeds(), feed.id);
                const auto& wire = find(parts().wires, after.wire)->size;
                const auto rating = format(device(after, DeviceKind::fuse)->rating);
                QCOMPARE(school.about.str().ends_with("fuse") ? rating : Words(wire), school.choice);
            }
            // Here alone changes nothing elsewhere; everywhere is remembered, and the same twice over.
            const auto here = follow.here(plan), everywhere = follow.everywhere(plan);
            for (const auto& f : plan.feeds())
                if (f.id != feed.id) QVERIFY(*by_id(here.feeds(), f.id) == f);
            QVERIFY(here.practices == plan.practices);
            QVERIFY(follow.everywhere(everywhere) == everywhere);
        }
        const auto all = [&](const char* name) {
            for (size_t i = 0; i < schools.size(); ++i)
                if (schools[i].name == name) return told.follow[i].everywhere(plan);
            return Plan();
        };
        QVERIFY(all("In mm²").practices.metric);
        const auto metric = all("In mm²");
        for (const auto& f : metric.feeds()) QVERIFY(find(parts().wires, f.wire)->metric);
        QCOMPARE(all("Largest that protects").practices.fuse, FuseSchool::largest_that_protects);
        QCOMPARE(all("By its temperature").practices.wire, WireSchool::temperature);
        const auto large = test::studied(all("Largest that protects"));
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            QVERIFY2(large.protection[f].protects || !s.protection[f].protects, plan.feeds()[f].id.c_str());
    }
};

SANGRE_SUITE(TestReview);
#include "test_review.moc"
