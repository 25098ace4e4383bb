// The order of the build, the readings and what to buy.
#include <algorithm>
#include <map>
#include <random>
#include <set>

#include "electrical/protection/fuse_order.h"
#include "making/steps/bom.h"

#include "fixtures.h"
#include "harness/drill_holes.h"
#include "physics/network/elements.h"
#include "plan/edits.h"
#include "turning.h"

using namespace sangre;
using test::parts;

namespace {
size_t position(const std::vector<Step>& steps, const std::string& key) {
    for (size_t i = 0; i < steps.size(); ++i)
        if (steps[i].key == key) return i;
    return SIZE_MAX;
}
const Reading* reading(const Study& s, const std::string& key) {
    for (const auto& r : s.readings())
        if (r.key == key) return &r;
    return nullptr;
}
}  // namespace

namespace {

/// Whether a step says itself, or by what it awaits, that another comes before it; so too where one of the
/// two is not there.
bool awaits(const std::vector<Step>& steps, const std::string& then, const std::string& first) {
    std::map<std::string_view, const Step*> by_key;
    for (const auto& s : steps) by_key[s.key] = &s;
    if (!by_key.contains(then) || !by_key.contains(first)) return true;
    std::set<std::string_view> seen{then};
    std::vector<const Step*> todo{by_key[then]};
    while (!todo.empty()) {
        const auto* step = todo.back();
        todo.pop_back();
        for (const auto& key : step->after) {
            if (key == first) return true;
            if (const auto at = by_key.find(key); at != by_key.end() && seen.insert(key).second)
                todo.push_back(at->second);
        }
    }
    return false;
}

}  // namespace

class TestStepsAndReadings : public QObject {
    Q_OBJECT
  private slots:
    void every_dependency_is_met() {
        const auto s = test::studied(test::demo());
        QVERIFY(s.steps().size() > 40);
        std::set<std::string> seen;
        for (const auto& step : s.steps()) {
            for (const auto& key : step.after)
                if (position(s.steps(), key) != SIZE_MAX)
                    QVERIFY2(seen.contains(key), (step.key + " before " + key).c_str());
            QVERIFY2(seen.insert(step.key).second, step.key.c_str());
            QVERIFY2(
                !step.title.empty() && !step.actions.empty() && step.minutes > 0 && !step.why.lines.empty(),
                step.key.c_str());
        }
    }
    void the_rules_of_the_work() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto at = [&](const std::string& key) {
            const auto p = position(s.steps(), key);
            if (p == SIZE_MAX) qWarning("no step %s", key.c_str());
            return p;
        };
        for (const auto& f : plan.feeds()) {
            const auto sleeve = position(s.steps(), "sleeve/" + f.id);
            for (const char* end : {"/source", "/load"}) {
                const auto join = at("join/" + f.id + end);
                if (sleeve != SIZE_MAX) QVERIFY(sleeve < join);
                if (find_part(plan, f.from).kind == PartKind::converter) QVERIFY(at("set/" + f.from) < join);
                QVERIFY(join < at("test/beep"));
            }
        }
        const auto pump = plan.feeds()[feeds_into(plan, "load-fog-pump").front()].id;
        QVERIFY(at("thread/" + pump) < at("join/" + pump + "/load"));
        QVERIFY(at("thread/" + pump) < position(s.steps(), "sleeve/" + pump));
        QVERIFY(at("test/shorts") < at("test/first-power"));
        QVERIFY(at("antenna/load-telemetry") < at("test/first-power"));
        QCOMPARE(s.steps().back().key, std::string("fit/battery-fuse"));
        QVERIFY(!s.steps().back().caution.empty());
    }
    /// What must come first does so because a step says it, not because of the order in which steps are made.
    void the_rules_hold_however_the_steps_are_shuffled() {
        std::mt19937 random(7);
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            auto plan = *load_plan(data_directory() / "demos" / (std::string(name) + ".json"));
            // Without tubes nothing but the order itself keeps a joint from coming before the hole.
            if (name != std::string("book-trike")) plan.practices.insulation = InsulationSchool::tape;
            const auto s = test::studied(plan);
            for (int round = 0; round < 20; ++round) {
                auto steps = s.steps();
                std::shuffle(steps.begin(), steps.end(), random);
                steps = order_steps(std::move(steps));
                QCOMPARE(steps.size(), s.steps().size());
                const auto goes_before = [&](const std::string& first, const std::string& then) {
                    const auto a = position(steps, first), b = position(steps, then);
                    return a == SIZE_MAX || b == SIZE_MAX || a < b;
                };
                std::vector<std::pair<std::string, std::string>> rules{{"prepare", "test/beep"},
                                                                       {"test/beep", "test/shorts"},
                                                                       {"test/shorts", "test/first-power"},
                                                                       {"test/first-power", "live/direct"},
                                                                       {"live/direct", "close/tie"},
                                                                       {"close/tie", "fit/battery-fuse"}};
                for (const auto& f : plan.feeds()) {
                    const std::vector<std::string> work{"cut/" + f.id, "thread/" + f.id, "sleeve/" + f.id};
                    rules.insert(rules.end(), {{"prepare", work[0]}, {work[0], work[1]}, {work[1], work[2]}});
                    for (const char* end : {"/source", "/load"}) {
                        const auto join = "join/" + f.id + end;
                        for (const auto& before : work) rules.emplace_back(before, join);
                        rules.emplace_back("set/" + f.from, join);
                        const auto* live = by_id(plan.sources, f.from);
                        if (live && live->kind == SourceKind::circuit && end == std::string("/source"))
                            rules.insert(rules.end(), {{"test/shorts", join}, {join, "test/first-power"}});
                        else if (end == std::string("/load") && test::turns_first(plan, f))
                            rules.insert(rules.end(), {{"test/first-power", join}, {join, "close/tie"}});
                        else
                            rules.emplace_back(join, "test/beep");
                    }
                }
                for (const auto& [first, then] : rules) {
                    QVERIFY2(goes_before(first, then), (name + (": " + then + " before " + first)).c_str());
                    if (round == 0)
                        QVERIFY2(awaits(steps, then, first),
                                 (name + (": " + then + " does not await " + first)).c_str());
                }
                QVERIFY(steps.back().key.starts_with("fit/battery-fuse"));
            }
        }
    }
    /// Chips fly before there is a wire; a test fuse is no larger than what it stands for; what is not there
    /// is not spoken of.
    void the_order_of_hands() {
        for (const char* name : {"orchard-frost-rover", "book-trike", "apiary-trailer", "moss-wall"}) {
            const auto plan = test::demo(name);
            const auto s = test::studied(plan);
            const auto drill = position(s.steps(), "drill");
            QCOMPARE(drill != SIZE_MAX, !drill_holes(plan, parts(), s.harness).empty());
            for (size_t i = 0; i < s.steps().size(); ++i)
                if (s.steps()[i].kind == StepKind::cut || s.steps()[i].kind == StepKind::thread)
                    QVERIFY2(drill == SIZE_MAX || drill < i, name);
        }
        auto tiny = test::one_feed(0.05);
        tiny = set_fuse(tiny, tiny.feeds()[0].id, "axial-solder-in", Ampere(0.25));
        const auto steps = test::studied(tiny).steps();
        const auto& first = steps.at(position(steps, "test/first-power"));
        QVERIFY2(first.subtitle.str().find("0.25 A") != std::string::npos, first.subtitle.str().c_str());
        const auto& direct = steps.at(position(steps, "live/direct"));
        for (const auto& a : direct.actions)
            QVERIFY2(a.str().find("Motor") == std::string::npos, a.str().c_str());
        // A craft without a fuse still has its pack plugged in last.
        auto craft = test::one_feed(2);
        std::erase_if(craft.feeds()[0].devices, [](const auto& d) { return d.kind == DeviceKind::fuse; });
        QVERIFY(test::studied(craft).steps().back().title.str().find("plugged in") != std::string::npos);
    }
    void cables_are_made_up_before_the_beep() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto find_step = [&](const std::string& key) { return s.steps().at(position(s.steps(), key)); };
        for (const auto& c : plan.signal_leads())
            QVERIFY(position(s.steps(), "cable/" + c.id) < position(s.steps(), "test/beep"));
        const auto says = [](const Step& step, const char* words) {
            return std::any_of(step.actions.begin(), step.actions.end(),
                               [&](const auto& a) { return a.str().find(words) != std::string::npos; });
        };
        const auto drive = find_step("cable/cable-drive-left"), mast = find_step("cable/cable-mast");
        QVERIFY(says(drive, "pull the red (5 V) contact out of both housings"));
        QVERIFY(says(drive, "white (PWM) 3 to 3") && says(drive, "“drive left”"));
        QVERIFY(says(mast, "Twist yellow and green") && says(mast, "120 Ω") && says(mast, "latch"));
    }
    void cables_are_measured_core_by_core() {
        auto plan = test::demo();
        const auto readings = test::studied(plan).readings();
        const auto reading = [&](const std::string& key) -> const Reading& {
            for (const auto& r : readings)
                if (r.key == key) return r;
            qFatal("no reading %s", key.c_str());
        };
        const auto& core = reading("cable/cable-mast/1");
        QVERIFY(!core.live && judge(core, {0.3, false, {}}) == Verdict::pass);
        QCOMPARE(judge(core, {0, true, {}}), Verdict::high);
        const auto& pulled = reading("cable/cable-drive-left/2/open");
        QCOMPARE(judge(pulled, {0, true, {}}), Verdict::pass);
        QCOMPARE(judge(pulled, {0.2, false, {}}), Verdict::low);
        QVERIFY(suspects(plan, parts(), pulled, Verdict::low)[0].str().find("still in") != std::string::npos);
        const auto& pair = reading("cable/cable-mast/pair");
        QCOMPARE(judge(pair, {60.4, false, {}}), Verdict::pass);
        QCOMPARE(judge(pair, {120, false, {}}), Verdict::high);
        QCOMPARE(judge(pair, {40, false, {}}), Verdict::low);
        QVERIFY(suspects(plan, parts(), pair, Verdict::high)[0].str().find("missing") != std::string::npos);
        // Doubled cores are one reading.
        auto& mast = *by_id(plan.signal_leads(), Id("cable-mast"));
        const auto count = [](const std::vector<Reading>& all) {
            return std::count_if(all.begin(), all.end(),
                                 [](const auto& r) { return r.key.starts_with("cable/cable-mast"); });
        };
        const auto before = count(readings);
        mast.cores[0].doubled = mast.cores[2].doubled = 1;
        QCOMPARE(count(test::studied(plan).readings()), before - 1);
    }
    void glue_waits_for_the_proof() {
        auto plan = test::demo();
        QCOMPARE(position(test::studied(plan).steps(), "glue/joints"), SIZE_MAX);
        plan.practices.insulation = InsulationSchool::hot_glue;
        const auto steps = test::studied(plan).steps();
        const auto glue = position(steps, "glue/joints");
        QVERIFY(position(steps, "live/direct") < glue && glue < position(steps, "close/tie"));
        for (const auto& s : steps) QVERIFY2(!s.key.starts_with("sleeve/"), s.key.c_str());
    }
    void steps_of_ones_own_stand_where_they_were_put() {
        auto plan = test::demo();
        plan.own_steps.push_back({"lid",
                                  "Lid off",
                                  {"Four screws into the bowl."},
                                  {"screwdriver"},
                                  "Springs.",
                                  {"prepare"},
                                  {"cut/" + plan.feeds()[0].id},
                                  10,
                                  0,
                                  {}});
        plan.own_steps.push_back(
            {"glue", "Glue the mast", {}, {}, {}, {"test/shorts"}, {"test/first-power"}, 5, 30, {}});
        plan.own_steps.push_back({"lost", "After nothing", {}, {}, {}, {"nobody"}, {"nothing"}, 5, 0, {}});
        plan.own_readings.push_back({"mast",
                                     "Mast at its plug",
                                     "mast alone",
                                     "mast +",
                                     "mast −",
                                     OwnUnit::volt,
                                     11.5,
                                     12.5,
                                     false,
                                     {}});
        plan.own_readings.push_back({"fuse", "Spare fuse", {}, {}, {}, OwnUnit::ohm, 0, 0.5, true, {}});
        const auto s = test::studied(plan);
        const auto at = [&](const std::string& key) { return position(s.steps(), key); };
        QVERIFY(at("prepare") < at("own/lid") && at("own/lid") < at("cut/" + plan.feeds()[0].id));
        QVERIFY(at("test/shorts") < at("own/glue") && at("own/glue") < at("test/first-power"));
        QVERIFY(at("own/lost") != SIZE_MAX);
        const auto* mast = reading(s, "own/mast");
        QVERIFY(mast && mast->live && judge(*mast, {12, false, {}}) == Verdict::pass);
        QCOMPARE(judge(*mast, {13, false, {}}), Verdict::high);
        QVERIFY(!reading(s, "own/fuse")->live);
        for (size_t i = 1; i < s.readings().size(); ++i)
            QVERIFY(s.readings()[i].live || !s.readings()[i - 1].live);
        const auto again = plan_from_json(plan_to_json(plan), "x");
        QVERIFY2(again && *again == plan, again ? "" : again.error().c_str());
        plan.own_readings[0].low = 20;
        const auto wrong = plan_from_json(plan_to_json(plan), "x");
        QVERIFY(!wrong && wrong.error().find("/own_readings/0/low") != std::string::npos);
    }
    void small_edits_move_little() {
        const auto plan = test::demo();
        const auto before = test::studied(plan).steps();
        const auto wider = test::studied(set_wire(plan, plan.feeds()[4].id, "awg14-pvc")).steps();
        QCOMPARE(before.size(), wider.size());
        for (size_t i = 0; i < before.size(); ++i) QCOMPARE(before[i].key, wider[i].key);
        const auto fewer = test::studied(remove_load(plan, "load-steering")).steps();
        std::vector<std::string> kept, left;
        for (const auto& s : before)
            if (position(fewer, s.key) != SIZE_MAX) kept.push_back(s.key);
        for (const auto& s : fewer) left.push_back(s.key);
        QCOMPARE(kept, left);
    }
    void ordering_survives_cycles_and_strangers() {
        std::vector<Step> steps(4);
        steps[0].key = "a", steps[0].after = {"b"};
        steps[1].key = "b", steps[1].after = {"a"};
        steps[2].key = "c", steps[2].after = {"nobody"};
        steps[3].key = "d", steps[3].after = {"c", "c"};
        const auto sorted = order_steps(steps);
        QCOMPARE(sorted.size(), size_t{4});
        QCOMPARE(sorted[0].key, std::string("c"));
        QCOMPARE(sorted[1].key, std::string("d"));
    }
    void ticking_is_logged() {
        auto plan = mark_step(test::demo(), "test/beep", "Beep", true, "2026-11-20T20:00:00");
        QVERIFY(plan.done.contains("test/beep"));
        QCOMPARE(plan.log.back().text, std::string("Done: Beep"));
        const auto s = test::studied(plan);
        QVERIFY(minutes_left(plan, s.steps()) < minutes_left(Plan{}, s.steps()));
        plan = mark_step(plan, "test/beep", "Beep", false, "2026-11-20T20:01:00");
        QVERIFY(!plan.done.contains("test/beep"));
        QCOMPARE(plan.log.size(), test::demo().log.size() + 2);
    }

    void windows_hold_what_they_must() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        for (const auto& r : s.readings()) {
            QVERIFY2(std::isfinite(r.low) && r.low >= 0 && r.high > r.low, r.key.c_str());
            QVERIFY(!r.title.empty() && !r.red.empty() && !r.black.empty());
        }
        for (const auto& c : plan.converters) {
            const auto* r = reading(s, "module/" + c.id);
            QVERIFY(r && r->low < raw(c.set) && r->high > raw(c.set));
            QVERIFY(r->high - r->low < 0.12 * raw(c.set));
        }
        for (const auto& l : plan.loads) {
            const auto *empty = reading(s, "plug/" + l.id + "/empty"),
                       *running = reading(s, "plug/" + l.id + "/running");
            QVERIFY(empty && running && running->low <= empty->low + 1e-6);
        }
        // What the solver says now lies inside the window.
        Conditions c;
        c.phase = "phase-fog";
        const auto now = study(plan, parts(), c);
        const auto pump = static_cast<size_t>(by_id(plan.loads, Id("load-fog-pump")) - plan.loads.data());
        const auto* r = reading(now, "plug/load-fog-pump/running");
        QVERIFY(raw(now.now.loads[pump].volts) > r->low && raw(now.now.loads[pump].volts) < r->high);
    }
    void every_switch_state_is_tried() {
        const auto s = test::studied(test::demo());
        size_t combinations = 0, open = 0;
        for (const auto& r : s.readings()) {
            combinations += r.key.starts_with("shorts/");
            open += r.key.starts_with("open/");
        }
        QVERIFY(combinations > 8);
        QCOMPARE(open, size_t{3});  // main, lamp, pump
        // From the pack nothing but the main switch and the hub is seen: the fuses behind it are out.
        QVERIFY(reading(s, "shorts/battery/open")->low == 1000);
        QVERIFY(reading(s, "shorts/battery/closed")->state.str().find("a clip on its fuse") == 0);
        for (size_t i = 1; i < s.readings().size(); ++i)
            QVERIFY(s.readings()[i].live || !s.readings()[i - 1].live);
    }
    /// Two motors and a lamp behind one holder: what a meter reads there at rest is worked out by hand.
    void windows_of_shorts_come_from_what_is_there() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        const auto* closed = reading(s, "shorts/" + feed.id + "/closed");
        const auto* open = reading(s, "shorts/" + feed.id + "/open");
        QVERIFY(closed && open);
        const auto& pump = *by_id(plan.loads, Id("load-fog-pump"));
        const double rest = raw(resistance_at_rest(pump));
        QVERIFY(rest > 0 && rest < 20);
        QVERIFY(closed->low < rest && closed->low > 0.8 * rest);
        QCOMPARE(open->low, 1000.0);
        QCOMPARE(judge(*closed, {rest, false, {}}), Verdict::pass);
        QCOMPARE(judge(*closed, {0.3, false, {}}), Verdict::low);
    }
    /// Five switches: Main and one behind each of four holders; none is tried behind an open Main.
    void no_switch_is_tried_behind_an_open_one() {
        Plan plan;
        plan.sources.push_back({"pack", "Pack", "agm", 6, 1, AmpereHour(20), {}, {}});
        plan.hubs.push_back({"hub", "Hub", {}, {}});
        const auto lead = [&](const Id& from, const Id& to, const std::string& name, bool fuse) {
            Lead f;
            f.id = "feed-" + to, f.from = from, f.to = to, f.wire = "awg16-silicone", f.length = Metre(0.5);
            f.joint_from = "ring-crimp", f.joint_to = "lap-splice";
            if (fuse)
                f.devices.push_back(
                    {to + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(10), {}, {}, {}, false});
            f.devices.push_back(
                {to + "-switch", DeviceKind::power_switch, "toggle-6a", {}, name, {}, {}, false});
            plan.add_feed(f);
        };
        lead("pack", "hub", "Main", true);
        for (const char* id : {"lamp", "horn", "pump", "fan"}) {
            Load l;
            l.id = id, l.name = id, l.kind = LoadKind::motor, l.v_min = Volt(10), l.v_max = Volt(15);
            l.nominal = Volt(12), l.typical = Ampere(2), l.start = Ampere(12);
            plan.loads.push_back(l);
            lead("hub", id, id, id != std::string("lamp") && id != std::string("horn"));
        }
        const auto s = test::studied(plan);
        std::set<std::string> states;
        for (const auto& r : s.readings())
            if (r.key.starts_with("shorts/pack/")) states.insert(r.state);
        const std::string clip = "a clip on its fuse holder, ";
        QCOMPARE(states,
                 (std::set<std::string>{clip + "all switches open", clip + "Main on, lamp on",
                                        clip + "Main on, horn on", clip + "Main on, lamp on, horn on"}));
        // Two windings of 1 Ω side by side, each behind its leads: half an ohm and a little.
        const auto* both = reading(s, "shorts/pack/closed");
        QVERIFY(both->low > 0.4 && both->low < 0.55);
        QVERIFY(std::any_of(both->why.lines.begin(), both->why.lines.end(), [](const auto& l) {
            return l.text.str().find("Unplug the motors") != std::string::npos;
        }));
        // One way closed, the main switch with it: its winding is seen.
        QVERIFY(reading(s, "shorts/pack/feed-lamp")->low < 2 && reading(s, "shorts/pack/open")->low == 1000);
        QCOMPARE(reading(s, "open/feed-pump")->state, std::string("Main on, pump off"));
    }
    /// Every fuse that goes into a holder is fitted once, after what it lets power into has been proved.
    void every_fuse_is_fitted_once() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan = *load_plan(data_directory() / "demos" / (std::string(name) + ".json"));
            const auto s = test::studied(plan);
            for (const auto& f : plan.feeds()) {
                size_t fitted = 0, at = 0;
                for (size_t i = 0; i < s.steps().size(); ++i)
                    for (const auto& a : s.steps()[i].actions)
                        if (a.str().starts_with("Fit " + feed_name(plan, f) + ":")) ++fitted, at = i;
                QCOMPARE(fitted, static_cast<size_t>(fitted_fuse(parts(), f) != nullptr));
                if (!fitted) continue;
                QVERIFY(at > position(s.steps(), "test/shorts"));
                if (find_part(plan, f.from).kind == PartKind::converter)
                    QCOMPARE(at, position(s.steps(), "live/" + f.from));
                if (find_part(plan, f.to).kind == PartKind::converter)
                    QVERIFY(at < position(s.steps(), "live/" + f.to));
            }
        }
    }
    void standing_current_is_the_masts() {
        const auto s = test::studied(test::demo());
        const auto* r = reading(s, "standing-current");
        QVERIFY(r && r->low > 0.005 && r->high < 0.2);
    }
    void judging() {
        Reading r;
        r.low = 11.5, r.high = 12.2;
        QCOMPARE(judge(r, {12, false, {}}), Verdict::pass);
        QCOMPARE(judge(r, {0.3, false, {}}), Verdict::low);
        QCOMPARE(judge(r, {15, false, {}}), Verdict::high);
        QCOMPARE(judge(r, {0, true, {}}), Verdict::high);
        QCOMPARE(window_text(r), std::string("11.5 – 12.2 V"));
        r.unit = ReadingUnit::ohm, r.low = 1000, r.high = HUGE_VAL;
        QCOMPARE(judge(r, {0, true, {}}), Verdict::pass);
        QCOMPARE(judge(r, {38000, false, {}}), Verdict::pass);
        QCOMPARE(judge(r, {2, false, {}}), Verdict::low);
        QCOMPARE(window_text(r), std::string("> 1 kΩ"));
    }
    void wrong_readings_have_suspects() {
        const auto plan = test::demo();
        for (const auto& r : test::studied(plan).readings()) {
            QVERIFY(suspects(plan, parts(), r, Verdict::pass).empty());
            QVERIFY2(!suspects(plan, parts(), r, r.high > 1e9 ? Verdict::low : Verdict::high).empty(),
                     r.key.c_str());
        }
    }
    void shopping() {
        const auto plan = test::demo();
        const auto lines = bill_of_materials(plan, parts(), lay_harness(plan, parts()));
        double metres = 0, cut = 0;
        for (const auto& l : lines) {
            QVERIFY(l.amount > 0);
            if (l.item.str().starts_with("wire")) metres += l.amount;
        }
        const auto harness = lay_harness(plan, parts());
        for (size_t f = 0; f < plan.feeds().size(); ++f) cut += 2 * raw(harness.routes[f].cut);
        CLOSE(metres, cut, 0.01);
        const auto csv = bom_to_csv(lines);
        QVERIFY(csv.starts_with("item,amount,unit,used for\n"));
        QCOMPARE(static_cast<size_t>(std::count(csv.begin(), csv.end(), '\n')), lines.size() + 1);
    }
};

SANGRE_SUITE(TestStepsAndReadings);
#include "test_steps_and_readings.moc"
