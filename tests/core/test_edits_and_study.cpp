// Edits one by one, questions to a plan, and the façade.
#include <nlohmann/json.hpp>

#include "fixtures.h"
#include "lines/csv.h"
#include "output/files/report.h"
#include "plan/edits.h"

using namespace sangre;
using test::parts;

namespace {

struct EditCase {
    const char* name;
    Edit edit;
    std::function<bool(const Plan&)> holds;
};

std::vector<EditCase> edit_cases() {
    const Id feed = "feed-hub-load-drive-left", phase = "phase-fog", rail = "rail-12-0v";
    const auto feed_of = [feed](const Plan& p) { return *by_id(p.feeds(), feed); };
    return {
        {"put_load replaces",
         [](const Plan& p) {
             auto l = p.loads[0];
             l.typical = Ampere(9);
             return put_load(p, l);
         },
         [](const Plan& p) { return p.loads.size() == 9 && p.loads[0].typical == Ampere(9); }},
        {"put_load adds",
         [](const Plan& p) {
             auto l = p.loads[0];
             l.id.clear();
             l.name = "Horn";
             return put_load(p, l);
         },
         [](const Plan& p) { return p.loads.back().id == "load-horn"; }},
        {"add_load runs where most do",
         [](const Plan& p) { return add_load(p, test::simple_load("horn", 12, 1)); },
         [](const Plan& p) {
             const auto& id = p.loads.back().id;
             size_t runs = 0;
             for (const auto& x : p.phases) {
                 if (x.charging && x.states.contains(id)) return false;
                 runs += x.states.contains(id);
             }
             return id == "load-horn" && runs > 0 && runs < p.phases.size() - 1;
         }},
        {"add_load as the first",
         [](const Plan&) {
             Plan p;
             p.phases.push_back({"charge", "Charge", Second(60), true, {}, {}, {}, {}});
             p.phases.push_back({"work", "Work", Second(60), false, {}, {}, {}, {}});
             p = add_load(p, test::simple_load("horn", 12, 1));
             return add_load(p, test::simple_load("horn", 12, 1));
         },
         [](const Plan& p) {
             return p.phases[0].states.empty() && p.phases[1].states.size() == 2 &&
                    p.loads[1].id == "load-horn-2";
         }},
        {"add_load where half of them run",
         [](const Plan&) {
             Plan p;
             for (const char* id : {"a", "b", "c", "d"}) p.loads.push_back(test::simple_load(id, 12, 1));
             for (const size_t running : {4, 2, 1}) {
                 Phase x{std::to_string(running), "", Second(60), false, {}, {}, {}, {}};
                 for (size_t i = 0; i < running; ++i) x.states[p.loads[i].id] = LoadState::typical;
                 p.phases.push_back(x);
             }
             return add_load(p, test::simple_load("horn", 12, 1));
         },
         [](const Plan& p) {
             return p.phases[0].states.size() == 5 && p.phases[1].states.size() == 3 &&
                    p.phases[2].states.size() == 1;
         }},
        {"add_phase", [](const Plan& p) { return add_phase(p); },
         [](const Plan& p) {
             return p.phases.back().states.size() == p.loads.size() && !p.phases.back().id.empty();
         }},
        {"move_load up", [](const Plan& p) { return move_load(p, "load-frost-mast", 0); },
         [](const Plan& p) { return p.loads[0].id == "load-frost-mast" && p.loads.size() == 9; }},
        {"move_load far", [](const Plan& p) { return move_load(p, "load-drive-left", 99); },
         [](const Plan& p) { return p.loads.back().id == "load-drive-left"; }},
        {"put_source",
         [](const Plan& p) {
             auto b = p.sources[0];
             b.series = 7;
             return put_source(p, b);
         },
         [](const Plan& p) { return p.sources.size() == 1 && p.sources[0].series == 7; }},
        {"set_converter_voltage", [=](const Plan& p) { return set_converter_voltage(p, rail, Volt(11.9)); },
         [=](const Plan& p) { return by_id(p.converters, rail)->set == Volt(11.9); }},
        {"set_converter_type", [=](const Plan& p) { return set_converter_type(p, rail, "buck-15a-75v"); },
         [=](const Plan& p) { return by_id(p.converters, rail)->type == "buck-15a-75v"; }},
        {"set_fuse replaces", [=](const Plan& p) { return set_fuse(p, feed, "large-blade", Ampere(60)); },
         [=](const Plan& p) { return device(feed_of(p), DeviceKind::fuse)->rating == Ampere(60); }},
        {"add_switch", [=](const Plan& p) { return add_switch(p, feed, "toggle-30a", "Left"); },
         [=](const Plan& p) { return device(feed_of(p), DeviceKind::power_switch)->name == "Left"; }},
        {"set_wire", [=](const Plan& p) { return set_wire(p, feed, "mm4-xlpe"); },
         [=](const Plan& p) { return feed_of(p).wire == "mm4-xlpe"; }},
        {"set_length", [=](const Plan& p) { return set_length(p, feed, Metre(2)); },
         [=](const Plan& p) { return feed_of(p).length == std::optional(Metre(2)); }},
        {"set_return", [=](const Plan& p) { return set_return(p, feed, Return::frame); },
         [=](const Plan& p) { return feed_of(p).ret == Return::frame; }},
        {"set_joint", [=](const Plan& p) { return set_joint(p, feed, true, "lever-clamp"); },
         [=](const Plan& p) {
             return feed_of(p).joint_from == "lever-clamp" && feed_of(p).joint_to != "lever-clamp";
         }},
        {"set_phase_duration", [=](const Plan& p) { return set_phase_duration(p, phase, Second(60)); },
         [=](const Plan& p) { return by_id(p.phases, phase)->duration == Second(60); }},
        {"no negative durations", [=](const Plan& p) { return set_phase_duration(p, phase, Second(-60)); },
         [=](const Plan& p) { return raw(by_id(p.phases, phase)->duration) == 0; }},
        {"set_state", [=](const Plan& p) { return set_state(p, phase, "load-work-lamp", LoadState::peak); },
         [=](const Plan& p) {
             return by_id(p.phases, phase)->states.at("load-work-lamp") == LoadState::peak;
         }},
        {"set_state off", [=](const Plan& p) { return set_state(p, phase, "load-fog-pump", LoadState::off); },
         [=](const Plan& p) { return !by_id(p.phases, phase)->states.contains("load-fog-pump"); }},
        {"put_phase",
         [](const Plan& p) {
             Phase f;
             f.name = "Wash";
             return put_phase(p, f);
         },
         [](const Plan& p) { return p.phases.back().id == "phase-wash"; }},
        {"remove_phase", [=](const Plan& p) { return remove_phase(p, phase); },
         [=](const Plan& p) { return p.phases.size() == 5 && !by_id(p.phases, phase); }},
        {"move_place stays on the machine", [](const Plan& p) { return move_place(p, "tail", 7, -7); },
         [](const Plan& p) {
             return by_id(p.places, Id("tail"))->x == 1 && by_id(p.places, Id("tail"))->y == 0;
         }},
        {"put_place",
         [](const Plan& p) {
             Place q;
             q.name = "Roof";
             return put_place(p, q);
         },
         [](const Plan& p) { return p.places.back().id == "place-roof"; }},
        {"put_way",
         [](const Plan& p) {
             Way w;
             w.from = "tail", w.to = "hub-board";
             return put_way(p, w);
         },
         [](const Plan& p) { return p.ways.back().id == "way-tail-bracket-hub-board"; }},
        {"remove_way", [](const Plan& p) { return remove_way(p, "way-hub-pump"); },
         [](const Plan& p) { return !by_id(p.ways, Id("way-hub-pump")); }},
        {"set_part_place", [](const Plan& p) { return set_part_place(p, "load-computer", "tail"); },
         [](const Plan& p) { return place_of(p, "load-computer") == "tail"; }},
        {"set_practices",
         [](const Plan& p) {
             auto q = p.practices;
             q.drop_limit = 0.1;
             return set_practices(p, q);
         },
         [](const Plan& p) { return p.practices.drop_limit == 0.1; }},
        {"record_reading",
         [](const Plan& p) {
             return record_reading(p, "k", {1.5, false, "now"}, "line");
         },
         [](const Plan& p) { return p.measured.at("k").value == 1.5 && p.log.back().text == "line"; }},
        {"add_note", [](const Plan& p) { return add_note(p, "k", "words", "now"); },
         [](const Plan& p) { return p.log.back().kind == "note" && p.log.back().about == "k"; }},
    };
}

}  // namespace

class TestEditsAndStudy : public QObject {
    Q_OBJECT
  private slots:
    void each_edit_data() {
        QTest::addColumn<int>("index");
        const auto all = edit_cases();
        for (size_t i = 0; i < all.size(); ++i) QTest::newRow(all[i].name) << static_cast<int>(i);
    }
    void each_edit() {
        QFETCH(int, index);
        const auto c = edit_cases()[static_cast<size_t>(index)];
        const auto before = test::demo();
        const auto after = c.edit(before);
        QVERIFY(c.holds(after));
        QVERIFY(!(after == before));
        QVERIFY(before == test::demo());
        const auto back = plan_from_json(plan_to_json(after), "edited");
        QVERIFY2(back, back ? "" : back.error().c_str());
        QVERIFY(*back == after);
        // Whatever was edited, the study stands and no number runs away.
        const auto s = test::studied(after);
        for (const double v : s.now.node_volts) QVERIFY(std::isfinite(v));
        for (const auto& f : s.findings)
            QVERIFY2(f.sentence.str().find("nan") == std::string::npos, f.sentence.str().c_str());
    }

    void questions_to_a_plan() {
        const auto plan = test::demo();
        QCOMPARE(find_part(plan, "load-computer").kind, PartKind::load);
        QCOMPARE(find_part(plan, "hub").kind, PartKind::hub);
        QCOMPARE(find_part(plan, "nobody").kind, PartKind::none);
        QCOMPARE(name_of(plan, "way-hub-pump"), std::string("Hub board – Pump well"));
        QCOMPARE(name_of(plan, "feed-hub-load-drive-left"), std::string("Hub → Drive left"));
        QCOMPARE(name_of(plan, "nobody"), std::string("nobody"));
        QCOMPARE(place_of(plan, "battery"), Id("battery-bay"));
        const auto chain = upstream_feeds(plan, "load-computer");
        QCOMPARE(chain.size(), size_t{4});
        QCOMPARE(plan.feeds()[chain.back()].from, Id("battery"));
        QCOMPARE(loads_behind(plan, chain.back()).size(), size_t{9});
        QCOMPARE(loads_behind(plan, chain.front()).size(), size_t{1});
        auto looped = plan;
        looped.feeds()[chain.back()].from = "rail-12-0v";
        QVERIFY(upstream_feeds(looped, "load-computer").size() <= looped.feeds().size());
    }
    void states_and_draws() {
        auto load = test::simple_load("x", 12, 2);
        load.idle = Ampere(0.1), load.peak = Ampere(5);
        QCOMPARE(draw(load, LoadState::off), Ampere(0));
        QCOMPARE(draw(load, LoadState::idle), Ampere(0.1));
        QCOMPARE(draw(load, LoadState::typical), Ampere(2));
        QCOMPARE(draw(load, LoadState::peak), Ampere(5));
        load.peak = Ampere(1);
        QCOMPARE(draw(load, LoadState::peak), Ampere(2));
        Phase phase;
        QCOMPARE(state_in(phase, load), LoadState::off);
        load.always_on = true;
        QCOMPARE(state_in(phase, load), LoadState::idle);
    }

    void other_conditions_without_starting_over() {
        const auto plan = test::demo();
        const auto first = test::studied(plan);
        for (const auto& phase : plan.phases)
            for (const bool worst : {false, true}) {
                Conditions c;
                c.phase = phase.id, c.charge = 0.35, c.air = Celsius(-5), c.worst = worst;
                const auto quick = at_conditions(plan, parts(), first, c), whole = study(plan, parts(), c);
                QVERIFY(quick.conditions == whole.conditions);
                for (size_t i = 0; i < whole.now.node_volts.size(); ++i)
                    QVERIFY(std::abs(quick.now.node_volts[i] - whole.now.node_volts[i]) < 1e-9);
                CLOSE(raw(quick.mission.run_time), raw(whole.mission.run_time), 1e-9);
                QCOMPARE(quick.findings.size(), whole.findings.size());
                QCOMPARE(quick.steps().size(), whole.steps().size());
            }
    }
    void a_study_is_pure() {
        const auto plan = test::demo();
        const auto a = test::studied(plan), b = test::studied(plan);
        QCOMPARE(study_to_json(plan, a), study_to_json(plan, b));
    }
    void cold_sags_more_and_lasts_less() {
        const auto plan = test::demo();
        Conditions warm, cold;
        warm.phase = cold.phase = "phase-fog";
        warm.air = Celsius(25), cold.air = Celsius(-10);
        const auto w = study(plan, parts(), warm), c = study(plan, parts(), cold);
        QVERIFY(c.now.sources[0].volts < w.now.sources[0].volts);
        QVERIFY(c.mission.run_time < w.mission.run_time);
    }
    void worst_is_the_coldest_emptiest_and_busiest() {
        const auto plan = test::demo();
        Conditions c;
        c.worst = true;
        const auto d = demand_for(plan, c);
        QCOMPARE(d.charge, nearly_empty);
        QCOMPARE(raw(d.air), raw(plan.coldest_air));
        for (const auto s : d.states) QCOMPARE(s, LoadState::peak);
        const auto worst = study(plan, parts(), c);
        for (const auto& phase : plan.phases) {
            Conditions other;
            other.phase = phase.id;
            QVERIFY(worst.now.drawn >= study(plan, parts(), other).now.drawn);
        }
    }
    void mass_and_cost_grow_with_parts() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        QVERIFY(raw(s.mass) > 7000 && raw(s.mass) < 11000);
        QVERIFY(test::studied(set_wire(plan, plan.feeds()[2].id, "awg4-silicone")).mass > s.mass);
        QVERIFY(test::studied(add_switch(plan, plan.feeds()[2].id, "toggle-30a", "x")).cost > s.cost);
    }
    void the_report_is_whole() {
        const auto plan = test::demo();
        const auto j = nlohmann::json::parse(study_to_json(plan, test::studied(plan)));
        QCOMPARE(j.at("feeds").size(), plan.feeds().size());
        QCOMPARE(j.at("loads").size(), plan.loads.size());
        QCOMPARE(j.at("converters").size(), plan.converters.size());
        for (const auto& f : j.at("feeds")) {
            QVERIFY(f.at("length_m").get<double>() > 0 &&
                    f.at("cut_m").get<double>() > f.at("length_m").get<double>());
            QVERIFY(f.at("short").at("outcome") != "unknown");
        }
        double loads = 0;
        for (const auto& l : j.at("loads")) loads += l.at("W").get<double>();
        CLOSE(loads, j.at("totals").at("drawn_W").get<double>(), 1e-9);
        QVERIFY(j.at("mission").at("lasts_the_day").get<bool>());
    }

    void csv_cells() {
        const auto rows = parse_csv("a,\"b, c\",\"say \"\"x\"\"\"\n\n# remark\nd,\"two\nlines\",\n");
        QCOMPARE(rows.size(), size_t{2});
        QCOMPARE(rows[0].cells[1], std::string("b, c"));
        QCOMPARE(rows[0].cells[2], std::string("say \"x\""));
        QCOMPARE(rows[1].line, size_t{4});
        QCOMPARE(rows[1].cells[1], std::string("two\nlines"));
        QCOMPARE(csv_cell("plain"), std::string("plain"));
        QCOMPARE(csv_cell("a,b"), std::string("\"a,b\""));
        const auto odd = parse_csv("x," + csv_cell(",\"\n") + "\n");
        QVERIFY(odd.size() == 1 && odd[0].cells.size() == 2);
        QCOMPARE(odd[0].cells[1], std::string(",\"\n"));
        // An inch inside a cell quotes nothing; rows of nothing but marks are none.
        const auto inch = parse_csv("Screen 7\" wide,12 V\nBell,5 V\n,,\n , \n");
        QCOMPARE(inch.size(), size_t{2});
        QCOMPARE(inch[0].cells[0], std::string("Screen 7\" wide"));
        QVERIFY(!inch.back().open_quote);
        const auto open = loads_from_csv("Bell 5 V 1 A\n\"Pump 12 V 2 A\nLamp 12 V 1 A\n");
        QVERIFY(!open);
        QCOMPARE(open.error().size(), size_t{1});
        QCOMPARE(open.error()[0].line, size_t{2});
        QVERIFY(QString::fromStdString(open.error()[0].message).contains("not closed"));
        QVERIFY(parse_csv("").empty());
        QVERIFY(parse_csv("\"never closed").size() == 1);
    }
    void the_worst_case_is_the_same_however_the_work_is_shared() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan = *load_plan(data_directory() / "demos" / (std::string(name) + ".json"));
            const auto s = test::studied(plan);
            const Solver solver(plan, parts(), feed_lengths(s.harness));
            const auto alone = worst_case(plan, solver);
            QCOMPARE(s.worst.packs.size(), plan.sources.size());
            for (size_t b = 0; b < plan.sources.size(); ++b) {
                CLOSE(raw(s.worst.packs[b].lowest), raw(alone.packs[b].lowest), 1e-9);
                CLOSE(raw(s.worst.packs[b].peak), raw(alone.packs[b].peak), 1e-9);
            }
            CLOSE(s.worst.worst_drop_share, alone.worst_drop_share, 1e-9);
            QCOMPARE(s.worst.worst_drop_feed, alone.worst_drop_feed);
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                CLOSE(raw(s.worst.feeds[f].peak), raw(alone.feeds[f].peak), 1e-9);
                CLOSE(raw(s.worst.feeds[f].drop), raw(alone.feeds[f].drop), 1e-6);
                CLOSE(raw(s.worst.feeds[f].lowest_end), raw(alone.feeds[f].lowest_end), 1e-9);
                QCOMPARE(s.worst.feeds[f].peak_time, alone.feeds[f].peak_time);
            }
            for (size_t l = 0; l < plan.loads.size(); ++l) {
                CLOSE(raw(s.worst.loads[l].lowest), raw(alone.loads[l].lowest), 1e-9);
                QCOMPARE(QString::fromStdString(s.worst.loads[l].lowest_where),
                         QString::fromStdString(alone.loads[l].lowest_where));
            }
        }
    }

    void the_longest_working_phase_is_looked_at_first() {
        auto p = test::star(2);
        p.phases.clear();
        QCOMPARE(usual_conditions(p).phase, Id());
        const auto phase = [&](const char* id, double hours, size_t working, bool charging = false) {
            Phase x;
            x.id = x.name = id, x.duration = Second(hours * 3600), x.charging = charging;
            for (size_t i = 0; i < working; ++i) x.states[p.loads[i].id] = LoadState::typical;
            p.phases.push_back(x);
        };
        phase("charge", 9, 2, true);
        QCOMPARE(usual_conditions(p).phase, Id());
        phase("parked", 20, 1);
        QCOMPARE(usual_conditions(p).phase, Id("parked"));
        phase("out", 1, 2), phase("at work", 3, 2), phase("home", 1, 2);
        QCOMPARE(usual_conditions(p).phase, Id("at work"));
    }
    void a_study_knows_which_switches_are_open() {
        const auto p = test::demo();
        auto c = usual_conditions(p);
        auto s = study(p, test::parts(), c);
        QCOMPARE(s.open, demand_for(p, c).open);
        QVERIFY(std::find(s.open.begin(), s.open.end(), true) != s.open.end());
        for (const auto& f : p.feeds())
            if (const auto* d = device(f, DeviceKind::power_switch)) c.switches[d->id] = false;
        s = at_conditions(p, test::parts(), s, c);
        for (size_t f = 0; f < p.feeds().size(); ++f)
            QCOMPARE(s.open[f], device(p.feeds()[f], DeviceKind::power_switch) != nullptr);
    }
};

SANGRE_SUITE(TestEditsAndStudy);
#include "test_edits_and_study.moc"
