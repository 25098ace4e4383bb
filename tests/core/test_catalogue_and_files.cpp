// Files: plans round and round, broken ones, and the catalogue.
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

#include <set>

#include <fmt/format.h>

#include "fixtures.h"
#include "lines/csv.h"
#include "physics/wire/conductor.h"
#include "plan/edits.h"

using namespace sangre;
using json = nlohmann::json;
namespace fs = std::filesystem;

namespace {
json demo_json() {
    std::ifstream in(test::demo_file());
    return json::parse(in);
}
}  // namespace

namespace {
bool find_if_usual(const Catalogue& c, const Id& insulation) {
    return std::any_of(c.wires.begin(), c.wires.end(),
                       [&](const auto& w) { return w.usual && w.insulation == insulation; });
}
}  // namespace

class TestCatalogueAndFiles : public QObject {
    Q_OBJECT
  private slots:
    void a_plan_survives_a_round_trip() {
        const auto plan = test::demo();
        const auto text = plan_to_json(plan);
        const auto back = plan_from_json(text, "again");
        QVERIFY2(back, back ? "" : back.error().c_str());
        QVERIFY(*back == plan);
        QCOMPARE(QString::fromStdString(plan_to_json(*back)), QString::fromStdString(text));
    }
    void unknown_keys_are_kept_everywhere() {
        auto j = demo_json();
        j["colour_of_hull"] = "green";
        j["loads"][0]["supplier"] = {{"shelf", 3}};
        j["leads"][0]["items"][0]["bought"] = true;
        j["practices"]["mood"] = "calm";
        const auto plan = plan_from_json(j.dump(), "x");
        QVERIFY(plan);
        const auto back = json::parse(plan_to_json(*plan));
        QVERIFY(back["colour_of_hull"] == "green");
        QVERIFY(back["loads"][0]["supplier"]["shelf"] == 3);
        QVERIFY(back["leads"][0]["items"][0]["bought"] == true);
        QVERIFY(back["practices"]["mood"] == "calm");
        // And an edit elsewhere does not lose them.
        const auto edited = set_wire(*plan, plan->feeds()[1].id, "awg8-pvc");
        QVERIFY(json::parse(plan_to_json(edited))["leads"][0]["items"][0]["bought"] == true);
    }
    void every_kind_and_age_survives_a_round_trip() {
        auto plan = test::demo();
        plan.loads[0].kind = LoadKind::motor, plan.loads[1].kind = LoadKind::led;
        plan.loads[0].starter = true, plan.loads[0].capacitance = Farad(4.7e-4);
        plan.phases[1].states[plan.loads[0].id] = LoadState::stall;
        for (const auto kind : {DeviceKind::diode, DeviceKind::filter, DeviceKind::shunt})
            plan.feeds()[1].devices.push_back(
                {fmt::format("d{}", static_cast<int>(kind)), kind, "x", Ampere(0), {}, {}});
        plan.feeds()[1].conductors = 3, plan.repeats_per_day = 2;
        auto& b = plan.sources[0];
        b.health = 0.7, b.resistance_factor = 1.5, b.weakest_cell = 0.9, b.charge_behind = 0.1;
        const auto back = plan_from_json(plan_to_json(plan), "x");
        QVERIFY2(back, back ? "" : back.error().c_str());
        QVERIFY(*back == plan);
    }
    void version_1_is_upgraded() {
        json j{{"format", "sangre-plan"}, {"version", 1}, {"practices", {{"drop_limit_percent", 5}}}};
        const auto plan = plan_from_json(j.dump(), "old");
        QVERIFY(plan);
        QCOMPARE(plan->practices.drop_limit, 0.05);
    }
    void an_empty_plan_is_a_plan() {
        const auto plan = plan_from_json(R"({"format": "sangre-plan", "version": 2})", "x");
        QVERIFY(plan);
        const auto s = test::studied(*plan);
        QVERIFY(s.findings.empty() && s.steps().empty() && s.readings().empty());
    }

    void broken_plans_say_where_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("place");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* name, const json& j, const char* place, const char* says) {
            QTest::newRow(name) << QString::fromStdString(j.dump()) << place << says;
        };
        const auto raw_row = [](const char* name, const char* text, const char* place, const char* says) {
            QTest::newRow(name) << text << place << says;
        };
        raw_row("no JSON", "{\"format\": ", "line 1", "JSON");
        raw_row("NaN", R"({"format":"sangre-plan","version":2,"hottest_air_C":NaN})", "line 1", "JSON");
        raw_row("too large a number", R"({"format":"sangre-plan","version":2,"hottest_air_C":1e999})", "",
                "JSON");
        raw_row("a list", "[]", "/format", "not a plan");
        raw_row("something else", R"({"format":"song"})", "/format", "not a plan");
        raw_row("newer", R"({"format":"sangre-plan","version":99})", "/version", "newer");
        raw_row("no version", R"({"format":"sangre-plan"})", "/version", "whole number");
        auto j = demo_json();
        j["loads"][2]["typical_A"] = "plenty";
        row("a word for a number", j, "/loads/2/typical_A", "");
        j = demo_json();
        j["loads"][1]["min_V"] = -5;
        row("negative volts", j, "/loads/1/min_V", "");
        j = demo_json();
        j["leads"][3]["length_m"] = -1;
        row("negative length", j, "/leads/3/length_m", "");
        j = demo_json();
        j["leads"][3]["to"] = "nobody";
        row("dangling", j, "/leads/3/to", "nobody");
        j = demo_json();
        j["loads"][1]["id"] = j["loads"][0]["id"];
        row("twice the same id", j, "/loads/1/id", "twice");
        j = demo_json();
        j["phases"][1]["states"]["load-computer"] = "asleep";
        row("unknown state", j, "/phases/1/states/load-computer", "");
        j = demo_json();
        j["ways"][0]["from"] = "moon";
        row("way from nowhere", j, "/ways/0", "moon");
        j = demo_json();
        j["practices"]["wire"] = "guess";
        row("unknown school", j, "/practices/wire", "guess");
        j = demo_json();
        j["sources"][0]["series"] = 0;
        row("no cells", j, "/sources/0/series", "");
        j = demo_json();
        j["loads"] = 7;
        row("loads is a number", j, "/loads", "");
    }
    void broken_plans_say_where() {
        QFETCH(QString, text);
        QFETCH(QString, place);
        QFETCH(QString, says);
        const auto plan = plan_from_json(text.toStdString(), "bad.json");
        QVERIFY(!plan);
        const auto error = QString::fromStdString(plan.error());
        QVERIFY2(error.startsWith("bad.json: ") && error.contains(place) && error.contains(says),
                 qPrintable(error));
    }
    void files_that_cannot_be_read() {
        for (const char* file : {"/no/such/file.json", "/", "/dev/null"}) {
            const auto plan = load_plan(file);
            QVERIFY(!plan);
            QVERIFY(QString::fromStdString(plan.error()).startsWith(file));
        }
    }
    void saving_replaces_whole_or_not_at_all() {
        QTemporaryDir folder;
        const auto file = folder.filePath("plan.json").toStdString();
        QVERIFY(save_plan(test::demo(), file));
        auto changed = test::demo();
        changed.name = "Changed";
        // A full device makes writing fail; the old plan stays, and so does what else lies there.
        std::ofstream(file + ".part") << "somebody's own";
        QVERIFY(save_plan(changed, file));
        QCOMPARE(load_plan(file)->name, std::string("Changed"));
        QCOMPARE(fs::file_size(file + ".part"), std::uintmax_t{14});
        const auto missing = save_plan(changed, "/no/such/folder/plan.json");
        QVERIFY(!missing && QString::fromStdString(missing.error()).contains("as it was"));
        for (const char* odd : {"/dev/full", "/dev/null", "/tmp"}) QVERIFY2(!save_plan(changed, odd), odd);
        for (const auto& entry : fs::directory_iterator(folder.path().toStdString()))
            QVERIFY2(!entry.path().filename().string().starts_with(".sangre"), entry.path().c_str());
    }
    void saving_keeps_links_modes_and_names() {
        QTemporaryDir folder;
        const auto at = [&](const char* name) { return folder.filePath(name).toStdString(); };
        QVERIFY(save_plan(test::demo(), at("real.json")));
        fs::permissions(at("real.json"), fs::perms::owner_read | fs::perms::owner_write);
        fs::create_symlink("real.json", at("link.json"));
        fs::create_hard_link(at("real.json"), at("twin.json"));
        auto changed = test::demo();
        for (const char* name : {"link.json", "twin.json"}) {
            changed.name = name;
            QVERIFY(save_plan(changed, at(name)));
            for (const char* every : {"real.json", "link.json", "twin.json"})
                QCOMPARE(load_plan(at(every))->name, std::string(name));
        }
        QVERIFY(fs::is_symlink(at("link.json")));
        QCOMPARE(fs::hard_link_count(at("real.json")), std::uintmax_t{2});
        QCOMPARE(fs::status(at("real.json")).permissions(), fs::perms::owner_read | fs::perms::owner_write);
        fs::create_symlink("not yet.json", at("dangling.json"));
        QVERIFY(save_plan(changed, at("dangling.json")) && fs::exists(at("not yet.json")));
    }
    void what_could_not_be_opened_again_is_not_written() {
        QTemporaryDir folder;
        const auto file = folder.filePath("plan.json").toStdString();
        QVERIFY(save_plan(test::demo(), file));
        const std::vector<std::function<void(Plan&)>> spoils{
            [](Plan& p) { p.loads[0].peak = Ampere(5e9); },
            [](Plan& p) { p.sources[0].health = 3; },
            [](Plan& p) { p.feeds()[0].to = "nobody"; },
            [](Plan& p) { p.loads[1].id = p.loads[0].id; },
            [](Plan& p) { p.feeds()[1].ret = Return::shared, p.feeds()[1].shared_with = "gone"; },
            [](Plan& p) { p.practices.drop_limit = 7; },
            [](Plan& p) { p.coldest_air = Celsius(-400); }};
        for (size_t i = 0; i < spoils.size(); ++i) {
            auto bad = test::demo();
            spoils[i](bad);
            QVERIFY2(!check_edit(test::demo(), bad), qPrintable(QString::number(i)));
            const auto saved = save_plan(bad, file);
            QVERIFY(!saved && QString::fromStdString(saved.error()).contains("nothing was written"));
            QVERIFY(*load_plan(file) == test::demo());
        }
        auto fine = test::demo();
        fine.loads[0].name = "<b>bold</b> & \"quoted\"";
        QVERIFY(check_edit(test::demo(), fine));
    }
    void hostile_files_are_refused_with_a_word() {
        QTemporaryDir folder;
        const auto written = [&](const std::string& text) {
            const auto file = folder.filePath("hostile.json").toStdString();
            std::ofstream(file) << text;
            return load_plan(file);
        };
        const auto says = [&](const std::string& text, const char* word) {
            const auto plan = written(text);
            QVERIFY(!plan);
            QVERIFY2(QString::fromStdString(plan.error()).contains(word),
                     plan.error().substr(0, 400).c_str());
            QVERIFY2(plan.error().size() < 600, "a message as long as the file");
        };
        says(R"({"format":"sangre-plan","version":1,"practices":{"drop_limit_percent":"x"}})",
             "drop_limit_percent");
        says("{\"format\":\"sangre-plan\",\"version\":2,\"odd\":" + std::string(200000, '[') +
                 std::string(200000, ']') + "}",
             "nested");
        says("{\"format\":\"sangre-plan\",\"version\":2,\"name\":" + std::string(100000, 'x') + "}",
             "not valid JSON");
        QVERIFY(!load_plan("/dev/zero") && !load_plan(folder.path().toStdString()));
    }
    void tables_from_anywhere() {
        QCOMPARE(loads_from_csv("S\xE9rvo 6 V 2 A\n")->front().name, std::string("Sérvo"));
        QCOMPARE(loads_from_csv(std::string("\xFF\xFEP\0 \0"
                                            "6\0V\0 \0"
                                            "2\0A\0",
                                            16))
                     ->front()
                     .name,
                 std::string("P"));
        QVERIFY(!loads_from_csv("Servo 6 V " + std::string(309, '9') + " A\n"));
        Load l = test::simple_load("x", 12, 1);
        l.name = "=cmd()", l.range_assumed = false;
        const auto table = loads_to_csv({l});
        QVERIFY(table.find("\n'=cmd()") != std::string::npos);
        QCOMPARE(loads_from_csv(table)->front().name, std::string("=cmd()"));
    }

    void the_catalogue_is_sound() {
        const auto& c = test::parts();
        QVERIFY(c.wires.size() >= 60 && c.fuses.size() >= 4 && c.chemistries.size() >= 6 &&
                c.converters.size() >= 12);
        QVERIFY(c.insulations.size() >= 3 && c.joints.size() >= 6 && c.tubes.size() >= 40);
        for (const auto& w : c.wires) {
            QVERIFY2(w.outer > w.conductor && raw(w.conductor) > 0.98 * std::sqrt(4 * raw(w.area) / M_PI),
                     w.id.c_str());
            QVERIFY2(w.ohm_per_m > 0 && w.gram_per_m > raw(w.area) * 0.99 * conductor_density(w.material) &&
                         !w.source.empty(),
                     w.id.c_str());
        }
        for (const auto& f : c.fuses) {
            QVERIFY(std::is_sorted(f.ratings.begin(), f.ratings.end()));
            QVERIFY(!f.source.empty());
        }
        for (const auto& k : c.converters)
            QVERIFY2(k.in_min < k.in_max && k.out_min <= k.out_max && k.in_max <= Volt(100), k.id.c_str());
    }
    void a_bad_catalogue_says_where() {
        QTemporaryDir folder;
        const fs::path data = folder.path().toStdString();
        fs::copy(data_directory(), data / "d", fs::copy_options::recursive);
        const auto broken = [&](const std::function<void(json&)>& spoil) {
            json j;
            std::ifstream(data_directory() / "catalogue" / "converter.json") >> j;
            spoil(j);
            std::ofstream(data / "d" / "catalogue" / "converter.json") << j.dump();
            return load_catalogue(data / "d", {}, Shipped::checked);
        };
        const auto whole = test::parts().converters.size();
        const auto says = [](const auto& got, const char* what) {
            return got && got->refused.size() == 1 && QString::fromStdString(got->refused[0]).contains(what);
        };
        auto got = broken([](json& j) { j["entries"][3]["efficiency"] = 7; });
        QVERIFY(says(got, "/entries/3/efficiency"));
        QCOMPARE(got->converters.size(), whole - 1);  // the rest still loads
        got = broken([](json& j) { j["entries"][3].erase("rated_A"); });
        QVERIFY(says(got, "rated_A"));
        got = broken([](json& j) { j["entries"][3]["id"] = j["entries"][2]["id"]; });
        QVERIFY(says(got, "twice"));
        got = broken([](json& j) { j["entries"][3]["in_min_V"] = 60; });
        QVERIFY(says(got, "/entries/3/in_min_V"));
        got = broken([](json& j) { j["kind"] = "spaceship"; });
        QVERIFY(says(got, "/kind"));
        QCOMPARE(got->converters.size(), size_t{0});
        QVERIFY(!got->wires.empty());
        // A start that trusts what is shipped still leaves out what it cannot read.
        std::ofstream(data / "d" / "catalogue" / "converter.json")
            << R"({"kind": "converter", "entries": [{"id": "x"}]})";
        std::ofstream(data / "d" / "catalogue" / "tube.json") << "[]";
        got = load_catalogue(data / "d");
        QCOMPARE(got->refused.size(), size_t{2});
        QVERIFY(got->converters.empty() && got->tubes.empty() && !got->wires.empty());
        QVERIFY(!load_catalogue("/no/such/data"));
    }
    void what_is_trusted_and_still_wrong_is_named_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        const auto entry = [](const char* what) {
            return QStringLiteral(R"({"kind": "tube", "entries": [{"source": "measured", %1}]})").arg(what);
        };
        QTest::newRow("a number for a name") << entry(R"("id": 5)") << "/entries/0/id: text is expected";
        QTest::newRow("words for a number")
            << entry(R"("id": "a", "name": "a", "adhesive": false, "expanded_mm": "six", "recovered_mm": 3)")
            << "/entries/0/expanded_mm: a number is expected";
        QTest::newRow("nothing for a number")
            << entry(R"("id": "a", "name": "a", "adhesive": false, "expanded_mm": 6)")
            << "/entries/0/recovered_mm: missing";
        QTest::newRow("a number for yes or no")
            << entry(R"("id": "a", "name": "a", "adhesive": 1, "expanded_mm": 6, "recovered_mm": 3)")
            << "/entries/0/adhesive: true or false is expected";
        QTest::newRow("no entry") << R"({"kind": "tube", "entries": [7]})"
                                  << "/entries/0/id: missing";
        QTest::newRow("no list") << R"({"kind": "tube", "entries": 7})"
                                 << "no kind or no entries";
        QTest::newRow("no kind") << R"({"kind": 7, "entries": []})"
                                 << "no kind or no entries";
        QTest::newRow("cut off") << R"({"kind": "tube", "entries": [)"
                                 << "not valid JSON";
        QTest::newRow("empty") << ""
                               << "the file is empty";
        QTest::newRow("no number has that size")
            << entry(R"("id": "a", "name": "a", "adhesive": false, "expanded_mm": 1e999, "recovered_mm": 3)")
            << "tube.json: ";
    }
    void what_is_trusted_and_still_wrong_is_named() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        QTemporaryDir folder;
        const fs::path data = folder.path().toStdString();
        fs::create_directories(data / "catalogue");
        std::ofstream(data / "catalogue" / "tube.json") << text.toStdString();
        const auto got = load_catalogue(data);
        QVERIFY(got && got->tubes.empty());
        QCOMPARE(got->refused.size(), size_t{1});
        QVERIFY2(QString::fromStdString(got->refused[0]).contains(says), got->refused[0].c_str());
    }

    void own_files_extend_and_replace() {
        QTemporaryDir folder;
        const fs::path own = folder.path().toStdString();
        std::ofstream(own / "mine.json")
            << R"({"format": "sangre-catalogue", "version": 1, "kind": "tube", "entries": [
            {"id": "tube2-6_4", "name": "the grey one", "expanded_mm": 6.5, "recovered_mm": 3.3, "adhesive": false, "source": "measured"},
            {"id": "tube-odd", "name": "odd", "expanded_mm": 2, "recovered_mm": 3, "adhesive": false, "source": "measured"},
            {"id": "tube-long", "name": "long", "expanded_mm": 70, "recovered_mm": 35, "adhesive": false, "source": "measured"}]})";
        std::ofstream(own / "broken.json") << "{";
        const auto got = load_catalogue(data_directory(), own);
        QVERIFY(got);
        QCOMPARE(got->tubes.size(), test::parts().tubes.size() + 1);
        QCOMPARE(find(got->tubes, Id("tube2-6_4"))->name.english(), std::string("the grey one"));
        QVERIFY(find(got->tubes, Id("tube-long")));
        QCOMPARE(got->refused.size(), size_t{2});
        QVERIFY(QString::fromStdString(got->refused[0]).contains("broken.json: not valid JSON"));
        QVERIFY(QString::fromStdString(got->refused[1]).contains("/entries/1/recovered_mm"));
        QVERIFY(load_catalogue(data_directory(), own / "nowhere")->refused.empty());
    }
    void the_catalogue_has_depth() {
        const auto& c = test::parts();
        QVERIFY2(c.refused.empty(), c.refused.empty() ? "" : c.refused[0].c_str());
        size_t fuses = 0;
        for (const auto& f : c.fuses) fuses += f.ratings.size();
        QVERIFY(c.wires.size() >= 60 && fuses >= 120 && c.cells.size() >= 25 && c.converters.size() >= 40);
        QVERIFY(c.connectors.size() >= 30 && c.switches.size() >= 25 && c.joints.size() >= 12);
        std::set<std::string> sizes;
        for (const auto& w : c.wires) sizes.insert(w.size);
        for (const char* size : {"4/0 AWG", "1/0 AWG", "1 AWG", "36 AWG", "0.05 mm²", "95 mm²"})
            QVERIFY2(sizes.contains(size), size);
        for (const auto& i : c.insulations) QVERIFY2(find_if_usual(c, i.id), i.id.c_str());
    }

    void ids_are_fresh_and_readable() {
        Plan plan;
        QCOMPARE(fresh_id(plan, "load", "Fog pump"), Id("load-fog-pump"));
        plan = put_load(plan, [] {
            auto l = test::simple_load("", 12, 1);
            l.name = "Fog pump";
            return l;
        }());
        QCOMPARE(plan.loads[0].id, Id("load-fog-pump"));
        QCOMPARE(fresh_id(plan, "load", "Fog  pump!"), Id("load-fog-pump-2"));
        QCOMPARE(fresh_id(plan, "load", "…"), Id("load"));
    }
    void edits_about_nobody_change_nothing() {
        const auto plan = test::demo();
        QVERIFY(set_wire(plan, "x", "awg8-pvc") == plan);
        QVERIFY(set_fuse(plan, "x", "mini-blade", Ampere(3)) == plan);
        QVERIFY(remove_load(plan, "x") == plan);
        QVERIFY(move_place(plan, "x", 0, 0) == plan);
        QVERIFY(*reroute_feed(plan, "x", "hub") == plan);
    }
    void removing_a_load_takes_its_feed_and_states() {
        const auto plan = remove_load(test::demo(), "load-fog-pump");
        QVERIFY(feeds_into(plan, "load-fog-pump").empty());
        for (const auto& p : plan.phases) QVERIFY(!p.states.contains("load-fog-pump"));
        QVERIFY(plan_from_json(plan_to_json(plan), "x"));
    }
    void rerouting_refuses_loops() {
        const auto plan = test::demo();
        const auto rail = feeds_into(plan, plan.converters[0].id).front();
        QVERIFY(!reroute_feed(plan, plan.feeds()[rail].id, plan.converters[0].id));
        QVERIFY(!reroute_feed(plan, plan.feeds()[rail].id, "load-computer"));
        QVERIFY(reroute_feed(plan, plan.feeds()[rail].id, "hub-always"));
    }
};

SANGRE_SUITE(TestCatalogueAndFiles);
#include "test_catalogue_and_files.moc"
