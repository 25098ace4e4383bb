// Terminals by name: typed, landed on, said on the bench and in the steps, judged.
#include <algorithm>

#include "fixtures.h"
#include "making/steps/steps.h"
#include "plan/edits.h"
#include "plan/landing.h"
#include "plan/terminal_text.h"
#include "random_plans.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

/// The rover without named terminals.
Plan bare() {
    auto plan = test::demo();
    plan.terminals.clear();
    return plan;
}

/// Its computer with screws of its own.
Plan with_screws() {
    return set_terminals(bare(), "load-computer",
                         {{"V+", TerminalRole::plus, TerminalTakes::screw, Millimetre(2.5), {}, "left"},
                          {"GND", TerminalRole::minus, TerminalTakes::screw, Millimetre(2.5), {}, "middle"},
                          {"M1", TerminalRole::phase, TerminalTakes::pad}});
}

size_t feed_of(const Plan& plan, const Id& load) { return feeds_into(plan, load).front(); }

std::string all_actions(const std::vector<Step>& steps, const std::string& key) {
    std::string words;
    for (const auto& s : steps)
        if (s.key == key)
            for (const auto& a : s.actions) words += a + "\n";
    return words;
}

}  // namespace

class TestTerminals : public QObject {
    Q_OBJECT
  private slots:
    void they_are_read_as_people_type_them() {
        const auto all = parse_terminals(
            "V+ screw 2.5 mm, left; GND, in the middle ; M1 phase pad 3mm; B stud + M8 2 wires");
        QVERIFY2(all.has_value(), all ? "" : all.error().message.str().c_str());
        QCOMPARE(all->size(), size_t{4});
        QVERIFY((*all)[0].role == TerminalRole::plus && (*all)[0].takes == TerminalTakes::screw);
        QCOMPARE(raw((*all)[0].size), 2.5);
        QCOMPARE((*all)[0].where, std::string("left"));
        QVERIFY((*all)[1].role == TerminalRole::minus);
        QCOMPARE((*all)[1].where, std::string("in the middle"));
        QVERIFY((*all)[2].role == TerminalRole::phase && (*all)[2].takes == TerminalTakes::pad);
        QCOMPARE(raw((*all)[2].size), 3.0);
        QVERIFY((*all)[3].role == TerminalRole::plus && (*all)[3].takes == TerminalTakes::stud);
        QCOMPARE(raw((*all)[3].size), 8.0);
        QCOMPARE((*all)[3].wires, 2);
        QVERIFY(parse_terminals("")->empty() && parse_terminals(" ; ")->empty());
    }
    void what_is_not_understood_says_where_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("there");
        const auto row = [](const char* line, const char* there) { QTest::newRow(line) << line << there; };
        row("X", "X");
        row("V+ in out", "out");
        row("V+ screw 99 mm", "99 mm");
        row("V+ screw 0 mm", "0 mm");
        row("V+ screw 3 V", "3 V");
        row("V+ glued", "glued");
        row("V+ 0 wires", "0");
        row("V+ 2.5 wires", "2.5");
        row("V+; V+", " V+");
        row("V+; GND; out glued", "glued");
    }
    void what_is_not_understood_says_where() {
        QFETCH(QString, line);
        QFETCH(QString, there);
        const auto text = line.toStdString();
        const auto read = parse_terminals(text);
        QVERIFY(!read);
        QVERIFY(read.error().begin <= read.error().end && read.error().end <= text.size());
        const auto at = text.substr(read.error().begin, read.error().end - read.error().begin);
        QVERIFY2(at.find(there.toStdString()) != std::string::npos ||
                     there.toStdString().find(at) != std::string::npos,
                 at.c_str());
    }
    void printed_and_read_again_they_are_the_same() {
        test::RandomPlans dice(7);
        const char* names[]{"V+", "GND", "OUT", "M1", "in", "−", "12V", "S3"};
        for (int turn = 0; turn < 500; ++turn) {
            std::vector<Terminal> all;
            for (const auto* name : names) {
                if (dice.one_in(2)) continue;
                Terminal t{name, static_cast<TerminalRole>(dice.whole(0, 5)),
                           static_cast<TerminalTakes>(dice.whole(0, 8))};
                if (dice.one_in(2)) t.size = Millimetre(dice.whole(2, 400) / 10.0);
                if (dice.one_in(3)) t.where = "behind, on the left";
                if (dice.one_in(4)) t.wires = dice.whole(2, 9);
                all.push_back(t);
            }
            const auto line = terminals_line(all);
            const auto again = parse_terminals(line);
            QVERIFY2(again.has_value(), (line + ": " + (again ? "" : again.error().message)).str().c_str());
            QVERIFY2(*again == all, line.c_str());
        }
    }
    void a_lead_lands_on_the_only_one_of_its_role() {
        const auto plan = with_screws();
        const auto& feed = plan.feeds()[feed_of(plan, "load-computer")];
        QCOMPARE(landing_sign(plan, feed, {false, false}), std::string("V+ (left)"));
        QCOMPARE(landing_sign(plan, feed, {false, true}), std::string("GND (middle)"));
        QCOMPARE(landing_sign(plan, feed, {true, false}), std::string("+"));
        auto two = set_terminals(plan, "load-computer", {{"A"}, {"B"}, {"GND", TerminalRole::minus}});
        QVERIFY(!lands_on(two, two.feeds()[feed_of(two, "load-computer")], {false, false}));
        two = land_on(two, feed.id, {false, false}, "B");
        QCOMPARE(lands_on(two, *by_id(two.feeds(), feed.id), {false, false})->name, std::string("B"));
        // Where B is taken away again, nothing is left that names it.
        two = set_terminals(two, "load-computer", {{"A"}});
        QCOMPARE(by_id(two.feeds(), feed.id)->terminal_to, std::string());
    }
    void a_module_feeds_from_its_output() {
        auto plan = bare();
        const auto id = plan.converters.front().id;
        plan = set_terminals(
            plan, id,
            {{"IN+"}, {"OUT+", TerminalRole::out}, {"GND", TerminalRole::minus, {}, {}, {}, {}, 2}});
        for (const auto& feed : plan.feeds()) {
            if (feed.from == id) QCOMPARE(landing_sign(plan, feed, {true, false}), std::string("OUT+"));
            if (feed.to == id) QCOMPARE(landing_sign(plan, feed, {false, false}), std::string("IN+"));
        }
    }
    void readings_and_steps_call_them_by_name() {
        const auto plan = with_screws();
        const auto s = test::studied(plan);
        const auto& feed = plan.feeds()[feed_of(plan, "load-computer")];
        const auto reading = [&](const std::string& key) {
            for (const auto& r : s.readings())
                if (r.key == key) return (r.red + " | " + r.black).str();
            return std::string();
        };
        const auto name = by_id(plan.loads, Id("load-computer"))->name;
        QVERIFY(reading("beep/" + feed.id + "/supply").starts_with(name + " V+ (left) | "));
        QVERIFY(reading("beep/" + feed.id + "/return").starts_with(name + " GND (middle) | "));
        QCOMPARE(reading("plug/load-computer/running"), name + " V+ (left) | " + name + " GND (middle)");
        const auto words = all_actions(s.steps(), "join/" + feed.id + "/load");
        QVERIFY2(words.find("lands on V+ (left), black on GND (middle)") != std::string::npos, words.c_str());
    }
    void what_a_terminal_takes_decides_its_joint() {
        auto plan = bare();
        auto& feed = plan.feeds()[feed_of(plan, "load-computer")];
        const auto usual = [&](TerminalTakes takes) {
            const auto with = set_terminals(plan, "load-computer", {{"V+", TerminalRole::plus, takes}});
            return usual_end(with, *by_id(with.feeds(), feed.id), false);
        };
        QVERIFY(usual(TerminalTakes::screw) == JointEnd::screw);
        QVERIFY(usual(TerminalTakes::pad) == JointEnd::pad);
        QVERIFY(usual(TerminalTakes::stud) == JointEnd::stud);
        QVERIFY(usual(TerminalTakes::blade) == JointEnd::blade);
        QVERIFY(usual(TerminalTakes::unsaid) == usual_end(plan, feed, false));
    }
    void they_change_no_figure() {
        const auto plan = with_screws();
        const auto a = test::studied(bare()), b = test::studied(plan);
        for (size_t l = 0; l < plan.loads.size(); ++l)
            QCOMPARE(raw(a.now.loads[l].volts), raw(b.now.loads[l].volts));
    }
    void what_is_wrong_with_them_is_mended() {
        auto plan = set_terminals(bare(), "load-computer", {{"A"}, {"B"}, {"GND", TerminalRole::minus}});
        auto s = test::studied(plan);
        const auto* f = test::finding(s, "terminal-unsaid");
        QVERIFY(f && f->fixes.size() == 2);
        plan = f->fixes[1].edit(plan);
        QCOMPARE(plan.feeds()[feed_of(plan, "load-computer")].terminal_to, std::string("B"));
        QVERIFY(!test::has(test::studied(plan), "terminal-unsaid"));
    }
    void removing_the_part_removes_them() {
        auto plan = remove_load(with_screws(), "load-computer");
        QVERIFY(!plan.terminals.contains("load-computer"));
        QVERIFY(plan_from_json(plan_to_json(plan), "plan").has_value());
    }
    void a_new_proposal_keeps_those_of_parts_that_stay() {
        auto plan = with_screws();
        plan = set_terminals(plan, plan.converters.front().id, {{"IN+"}});
        const auto made = propose(plan, parts());
        QVERIFY(made.has_value());
        QVERIFY(made->plan.terminals.contains("load-computer"));
        const auto again = plan_from_json(plan_to_json(made->plan), "plan");
        QVERIFY2(again.has_value(), again ? "" : again.error().c_str());
    }
    void files_that_name_nobody_are_refused() {
        for (
            const auto& [text, there] :
            {std::pair{R"("terminals": {"moon": [{"name": "V+", "role": "+"}]})", "/terminals/moon"},
             {R"("hubs": [{"id": "h", "name": "H"}], "terminals": {"h": [{"name": "V", "role": "+"}, {"name": "V", "role": "-"}]})",
              "/terminals/h/1/name"},
             {R"("hubs": [{"id": "h", "name": "H"}], "terminals": {"h": [{"name": "V", "role": "up"}]})",
              "/terminals/h/0/role"},
             {R"("hubs": [{"id": "h", "name": "H"}], "terminals": {"h": [{"name": "", "role": "+"}]})",
              "/terminals/h/0/name"}}) {
            const auto read = plan_from_json(
                std::string(R"({"format": "sangre-plan", "version": 3, )") + text + "}", "plan");
            QVERIFY(!read);
            QVERIFY2(read.error().find(there) != std::string::npos, read.error().c_str());
        }
    }
};

SANGRE_SUITE(TestTerminals);
#include "test_terminals.moc"
