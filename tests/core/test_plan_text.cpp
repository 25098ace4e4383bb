// A plan as lines: what is printed is read back, everything the file holds can be said, errors point.
#include <algorithm>

#include "base/enum_words.h"
#include "lines/clauses.h"
#include "lines/completion.h"
#include "lines/line.h"
#include "lines/plan_fields.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "plan/landing.h"
#include "plan/machine_edits.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

Plan demo(const char* name = "orchard-frost-rover") { return test::demo(name); }

const QStringList demos{"apiary-trailer", "bat-detector",        "book-trike",
                        "moss-wall",      "orchard-frost-rover", "seed-hexacopter"};

template <class Thing>
QString not_the_same(const LineContext& context, const Thing& thing) {
    const auto line = thing_line(context, thing);
    Thing like{};
    if constexpr (requires { thing.id; }) like.id = thing.id;
    if constexpr (requires { thing.extra; }) like.extra = thing.extra;
    if constexpr (std::is_same_v<Thing, Lead>)
        like.devices = thing.devices, like.cores = thing.cores, like.carries = thing.carries;
    if constexpr (std::is_same_v<Thing, Way>) like.on_it = thing.on_it;
    if constexpr (std::is_same_v<Thing, Plan>) like = thing;
    const auto read = read_thing(context, like, line);
    if (!read) return QString::fromStdString(line + ": " + read.error().message);
    if (!(*read == thing)) return QString::fromStdString(line + " reads as " + thing_line(context, *read));
    return {};
}

/// Every thing of a plan, printed and read back; what was not the same.
QStringList all_back(const Plan& plan) {
    const LineContext c(plan, parts());
    QStringList wrong;
    const auto note = [&](const QString& w) {
        if (!w.isEmpty()) wrong << w;
    };
    const auto each = [&](const auto& list) {
        for (const auto& x : list) note(not_the_same(c, x));
    };
    note(not_the_same(c, plan)), note(not_the_same(c, plan.practices));
    each(plan.sources), each(plan.hubs), each(plan.converters), each(plan.loads), each(plan.passives);
    each(plan.bodies), each(plan.places), each(plan.openings), each(plan.ways), each(plan.phases);
    each(plan.own_steps), each(plan.own_readings), each(plan.log), each(plan.feeds()),
        each(plan.signal_leads());
    for (const auto& l : plan.leads) each(l.devices), each(l.cores);
    for (const auto& w : plan.ways) each(w.on_it);
    for (const auto& [part, terminals] : plan.terminals) each(terminals);
    for (const auto& [key, m] : plan.measured) note(not_the_same(c, m));
    return wrong;
}

QString text_back(const Plan& plan) {
    const auto whole = plan_from_json(plan_to_json(plan), "plan");
    if (!whole) return QString::fromStdString(whole.error());
    const auto text = plan_to_text(*whole, parts());
    const auto read = plan_from_text(text, parts());
    if (!read) return QString::fromStdString(error_text(read.error()));
    if (*read == *whole) return {};
    const auto a = QString::fromStdString(plan_to_json(*whole)).split('\n'),
               b = QString::fromStdString(plan_to_json(*read)).split('\n');
    for (int i = 0; i < std::min(a.size(), b.size()); ++i)
        if (a[i] != b[i]) return a[i] + " reads as " + b[i];
    return "one is longer";
}

/// Names that lines have to get round.
Plan awkward() {
    auto plan = demo();
    const char* const names[] = {"a, b",  "say \"so\"", "#7",    "",        " blanks ", "two\nlines",
                                 "id 12", "no switch",  "x → y", "back\\",  "12 V 3 A", "pack: 8S",
                                 "hub",   "0,5",        "Ω…µ",   "-- note", "at Hub",   "tab\there"};
    size_t n = 0;
    const auto rename = [&](auto& list) {
        for (auto& x : list) x.name = names[n++ % std::size(names)];
    };
    rename(plan.loads), rename(plan.hubs), rename(plan.converters), rename(plan.places);
    rename(plan.bodies), rename(plan.openings), rename(plan.phases), rename(plan.sources);
    plan.name = "A plan, of \"sorts\"";
    plan.own_steps.push_back(
        {"own", "Take, off", {"do, this", "\"that\""}, {"a tool"}, "hot, sharp", {"prepare"}, {}, 5, 0, {}});
    plan.own_readings.push_back(
        {"mine", "Lamp; on", "all on", "A +", "A −", OwnUnit::volt, 11.5, 12.25, true, {}});
    plan.log.push_back({"2026-01-02T03:04", "note", "load-fog-pump", "a, note\nof two lines"});
    plan.orders["strip, two-pole"] = OrderState::ordered, plan.arrives["strip, two-pole"] = "2026-12-05";
    plan.done["cut/feed, odd"] = "2026-01-02";
    plan.measured["beep/x"] = {0.1 + 0.2, true, "now, or so"};
    plan.terminals[plan.loads[0].id] = {
        {"V+ , in", TerminalRole::plus, TerminalTakes::screw, Millimetre(2.5), {}, "left, behind", 2},
        {"-", TerminalRole::minus}};
    plan.extra = R"({"theirs":{"a":[1,2,"x, y"]}})";
    plan.loads[1].extra = R"({"note":"kept, too"})";
    return plan;
}

template <class Thing>
struct Keys {
    std::vector<std::string> all;
    static constexpr bool either() { return true; }
    void leads(std::vector<Lead>&) { all.emplace_back("leads"); }
    template <class T>
    void operator()(const char* key, T&) {
        all.emplace_back(key);
    }
    static std::vector<std::string> of(Thing thing = {}) {
        Keys keys;
        plan_fields::visit(keys, thing);
        return keys.all;
    }
};

}  // namespace

class TestPlanText : public QObject {
    Q_OBJECT
    static std::string error_of(const std::string& text) {
        const auto read = plan_from_text(text, parts(), demo());
        return read ? std::string() : error_text(read.error());
    }

  private slots:
    void demos_are_read_back_data() {
        QTest::addColumn<QString>("name");
        for (const auto& name : demos) QTest::newRow(qPrintable(name)) << name;
    }
    void demos_are_read_back() {
        QFETCH(QString, name);
        const auto plan = test::demo(name);
        const auto wrong = all_back(plan);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
        QVERIFY2(text_back(plan).isEmpty(), qPrintable(text_back(plan)));
    }
    void random_plans_are_read_back() {
        for (unsigned seed = 1; seed <= 150; ++seed) {
            test::RandomPlans random(seed);
            auto plan = random.built();
            plan.loads.push_back(random.any_load());
            plan.loads.back().id = "any";
            const auto wrong = all_back(plan);
            QVERIFY2(wrong.isEmpty(), qPrintable(QString("seed %1: ").arg(seed) + wrong.join('\n')));
            if (seed % 5 == 0) {
                const auto whole = text_back(plan);
                QVERIFY2(whole.isEmpty(), qPrintable(QString("seed %1: ").arg(seed) + whole));
            }
        }
    }
    void awkward_names_are_read_back() {
        const auto wrong = all_back(awkward());
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join('\n')));
        QVERIFY2(text_back(awkward()).isEmpty(), qPrintable(text_back(awkward())));
    }
    /// Every key of the file has its fact, with help where it is said; no two words of a kind are alike.
    void every_key_can_be_said() {
        const auto check = [](const auto& thing, const std::vector<std::string>& keys) {
            const auto& kind = line_kind(thing);
            for (const auto& key : keys) {
                const auto* fact = fact_of(kind, key);
                QVERIFY2(fact, (std::string(kind.word) + " " + key).c_str());
                const bool said = fact->form != FactForm::head && fact->form != FactForm::unsaid;
                QVERIFY2(!said || (*fact->word && *fact->help), key.c_str());
            }
            for (const auto& f : kind.facts)
                for (const auto& g : kind.facts)
                    QVERIFY2(&f == &g || *f.word == 0 || std::string_view(f.word) != g.word, f.word);
        };
        check(Plan{}, Keys<Plan>::of()), check(Practices{}, Keys<Practices>::of());
        for (const auto kind :
             {SourceKind::pack, SourceKind::supply, SourceKind::circuit, SourceKind::panel}) {
            Source s;
            s.kind = kind;
            check(s, Keys<Source>::of(s));
        }
        check(Hub{}, Keys<Hub>::of()), check(Converter{}, Keys<Converter>::of()),
            check(Load{}, Keys<Load>::of());
        check(Passive{}, Keys<Passive>::of()), check(Lead{}, Keys<Lead>::of()),
            check(Device{}, Keys<Device>::of());
        check(Core{}, Keys<Core>::of()), check(Body{}, Keys<Body>::of()), check(Place{}, Keys<Place>::of());
        check(Opening{}, Keys<Opening>::of()), check(Way{}, Keys<Way>::of()),
            check(OnWay{}, Keys<OnWay>::of());
        check(Terminal{}, Keys<Terminal>::of()), check(Phase{}, Keys<Phase>::of());
        check(OwnStep{}, Keys<OwnStep>::of()), check(OwnReading{}, Keys<OwnReading>::of());
        check(Measured{}, Keys<Measured>::of()), check(LogEntry{}, Keys<LogEntry>::of());
    }
    /// As a builder writes it by hand.
    void a_plan_is_written_by_hand() {
        const auto plan = plan_from_text(R"(
-- a small thing
plan Moth lamp, up to 30 °C, from 5 °C
place Box, across 0.3, along 0.4
place Arm
way Box → Arm, 40 cm
  meets hinge, at 15 cm
source Cell: 1S Li-ion 3 Ah, at Box
hub Studs, strip, at Box
load Lamp 3–4.2 V 0.3 A LED, at Arm
lead Cell → Studs, awg20-silicone, 8 cm
  item fuse, standard-blade, 2 A, at 3 cm
lead Studs → Lamp, awg24-silicone, supply yellow, 0.5 m
phase Dusk, 2 h, runs Lamp typical
step "Focus, by eye", do turn the ring, after join/feed-studs-lamp/load
)",
                                         parts());
        QVERIFY2(plan.has_value(), plan ? "" : error_text(plan.error()).c_str());
        QCOMPARE(plan->name, std::string("Moth lamp"));
        QCOMPARE(raw(plan->ways[0].length), 0.4);
        QCOMPARE(raw(*plan->ways[0].on_it[0].at), 0.15);
        QCOMPARE(plan->feeds().size(), size_t{2});
        QCOMPARE(plan->feeds()[0].from, plan->sources[0].id);
        QCOMPARE(raw(plan->feeds()[0].devices[0].rating), 2.0);
        QCOMPARE(raw(*plan->feeds()[0].devices[0].at), 0.03);
        QCOMPARE(plan->feeds()[1].supply_colour, std::string("yellow"));
        QCOMPARE(raw(plan->phases[0].duration), 7200.0);
        const auto bare = plan_from_text("plan X\nload Lamp 12 V 1 A\nphase Dusk, 2 h, runs Lamp", parts());
        QVERIFY(bare && state_in(bare->phases[0], bare->loads[0]) == LoadState::typical);
        QCOMPARE(plan->phases[0].states.at(plan->loads[0].id), LoadState::typical);
        QVERIFY(plan->loads[0].kind == LoadKind::led && plan->loads[0].place == plan->places[1].id);
    }
    /// What is pasted is added, and may name what is there.
    void text_is_added_to_a_plan() {
        const auto before = demo();
        const auto after = plan_from_text(
            "load Horn 12 V 2 A, at Mast foot\nlead Hub → Horn, awg20-silicone, 1 m\n", parts(), before);
        QVERIFY2(after.has_value(), after ? "" : error_text(after.error()).c_str());
        QCOMPARE(after->loads.size(), before.loads.size() + 1);
        QCOMPARE(after->feeds().back().from, Id("hub"));
        QCOMPARE(after->feeds().back().to, after->loads.back().id);
        QVERIFY(after->name == before.name && after->practices == before.practices);
        // Twice is two of them, under ids of their own.
        const auto twice = plan_from_text("load Horn 12 V 2 A\n", parts(), *after);
        QVERIFY(twice && twice->loads.back().id != after->loads.back().id);
        QCOMPARE(twice->loads.back().name, std::string("Horn 2"));
        // Where two are called so, neither is meant by the name alone.
        auto alike = *twice;
        alike.loads.back().name = "Horn";
        const auto which = plan_from_text("lead Hub → Horn\n", parts(), alike);
        QVERIFY(!which && which.error().message.find("more than one") != std::string::npos);
    }
    void errors_point_and_say_what_is_right_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, const char* says) { QTest::newRow(text) << text << says; };
        row("hub X, stuud", "“stuud” is not understood; of a hub can be said");
        row("hub X, at Nowhere", "there is no place “Nowhere”");
        row("hub X, at Front dek", "“Front deck” is there");
        row("lead Hub", "two parts with an arrow between them");
        row("lead Hub → Pmup", "there is no part “Pmup”");
        row("source S: panel 20 W 2–5 h, power 1.200 W", "1.2");
        row("lead Hub → Fog pump, 3 V", "needs a length");
        row("lead Hub → Fog pump, length 1 m, length 2 m", "said twice");
        row("lead Hub → Fog pump, 1 m, 2 m", "said twice");
        row("body Box, wall thick", "type a length");
        row("body Box, sealed well", "nothing is expected behind “sealed”");
        row("body Box, in Box 2", "there is no body “Box 2”");
        row("item fuse", "belongs beneath a lead");
        row("meets hinge", "belongs beneath a way");
        row("way Hub board → Mast foot, 1 m\n  meets bridge", "none of opening, hinge, heat, edge");
        row("frobnicate X", "begins no line");
        row("Left drive 24 V 3 A motor bridge", "bridge 0.3 Ω");  // what is wrong with it, not with its name
        row("load \"unclosed", "this quote is not closed");
        row("phase Dusk, runs Fog pump fast", "none of off, idle, typical");
        row("phase Dusk, runs Fig pump", "Fig");
        row("phase Dusk, runs", "a load is expected");
        row("phase Dusk, share Fog pump", "such as 0.6");
        row("terminals Nobody", "there is no part “Nobody”");
        row("converter R, set 5.2 A", "needs a voltage");
        row("plan X, times a day 1.200", "in one way");
        row("lead Hub → Fog pump, conductors 1.5", "not a whole number");
        row("source B", "a name, a colon and what it is");
        row("body B, id ", "an id is expected");
        row("hub , strip", "what the hub is called comes first");
        row("phase , -5 min", "what the phase is called comes first");
        row("load Horn", "a voltage is missing");
        row("load Horn, draws 2 A", "a voltage is missing");
        row("lead Hub → Fog pump, conductors 0", "conductors");
        row("arrives strip, soon", "“soon” is no day");
        row("arrives strip, 2026-02-30", "is no day");
    }
    void errors_point_and_say_what_is_right() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        const auto typed = text.toStdString();
        const auto read = plan_from_text(typed, parts(), demo());
        QVERIFY(!read);
        const auto& e = read.error();
        QVERIFY2(QString::fromStdString(e.message).contains(says), e.message.c_str());
        QVERIFY(e.begin <= e.end && e.end <= typed.size());
    }
    void a_thing_keeps_what_its_line_does_not_say() {
        const auto plan = demo();
        const LineContext c(plan, parts());
        auto lead = plan.feeds()[2];
        lead.extra = R"({"mine":1})";
        const auto read = read_thing(c, lead, thing_line(c, lead) + ", label P7");
        QVERIFY(read);
        QCOMPARE(read->label, std::string("P7"));
        QVERIFY(read->id == lead.id && read->devices == lead.devices && read->extra == lead.extra);
        // What is taken off the line is as a new one has it.
        const auto bare = read_thing(c, lead, head_words(c, lead));
        QVERIFY(bare && bare->wire.empty() && !bare->length && bare->devices == lead.devices);
    }
    void completion_knows_words_names_and_values() {
        auto plan = demo();
        plan.loads.front().name = "Boiler 1,5 bar";
        const LineContext c(plan, parts());
        const auto offered = [&](const auto& kind, const std::string& typed, const std::string& whole) {
            const auto all = line_offers(c, kind, typed);
            return std::any_of(all.begin(), all.end(),
                               [&](const auto& o) { return typed.substr(0, o.begin) + o.text == whole; });
        };
        const auto& hub = line_kind(Hub{});
        const auto& lead = line_kind(Lead{});
        QVERIFY(offered(hub, "X, ", "X, at"));
        QVERIFY(offered(hub, "X, at fr", "X, at Front deck"));
        QVERIFY(!offered(hub, "X, at Front deck, ", "X, at Front deck, at"));
        QVERIFY(offered(hub, "X, st", "X, strip"));
        QVERIFY(offered(hub, "X, kind ", "X, kind splice"));
        QVERIFY(line_offers(c, hub, "X").empty());
        QVERIFY(offered(lead, "", "Hub →"));
        QVERIFY(offered(lead, "Hub → fog", "Hub → Fog pump"));
        QVERIFY(offered(lead, "Hub -> fog", "Hub -> Fog pump"));
        QVERIFY(offered(lead, "Hub → Fog pump, 18 A", "Hub → Fog pump, 18 AWG silicone rubber 200 °C"));
        QVERIFY(offered(lead, "Hub → Fog pump, 0,5 m, begins with ri",
                        "Hub → Fog pump, 0,5 m, begins with crimped ring terminal"));
        QVERIFY(offered(lead, "Hub → Boiler 1,5", "Hub → \"Boiler 1,5 bar\""));
        QVERIFY(offered(line_kind(Device{}), "fu", "fuse"));
        // What is offered and taken is understood.
        for (const auto& o : line_offers(c, hub, "X, "))
            if (o.text != "at" && o.text != "kind" && o.text != "type")
                QVERIFY2(read_thing(c, Hub{}, "X, " + o.text), o.text.c_str());
    }
    void what_looks_like_a_plan() {
        QVERIFY(looks_like_plan_text("load Pump 12 V 2 A\nlead Hub → Pump"));
        QVERIFY(!looks_like_plan_text("Pump 12 V 2 A\nFan 5 V"));
        QVERIFY(!looks_like_plan_text(""));
    }
    void quotes_come_and_go() {
        for (const std::string text :
             {"", "a", "a,b", "\"", "\\", "a\\n", "\n\t\r", " a", "#a", "0,5", "a → b"}) {
            QCOMPARE(unquoted(clause_text(text)), text);
            const auto line = clause_text(text) + ", next";
            const auto clauses = line_clauses(line);
            QVERIFY(clauses && clauses->size() == 2);
            QCOMPARE(unquoted(clauses->front().text), text);
        }
    }
    /// Parts whose first word begins another line: loads all the same, and names of that sort stand in
    /// quotes.
    void a_hub_motor_is_no_hub() {
        for (const char* line : {"Hub motor left 24 V 5 A", "side lamp 12 V 1 A", "Zone valve 12 V 0.5 A",
                                 "Body heater 12 V 3 A", "Load cell amp 5 V 50 mA", "Place light 5 V 0.2 A",
                                 "- Opening motor 12 V 2 A"}) {
            const auto read = plan_from_text(line, parts());
            QVERIFY2(read.has_value(), line);
            QVERIFY2(read->loads.size() == 1, line);
            const std::string_view said = line + (line[0] == '-' ? 2 : 0);
            QVERIFY2(said.starts_with(read->loads[0].name), line);
            QVERIFY2(read->hubs.empty() && read->sides.empty() && read->zones.empty() && read->bodies.empty(),
                     line);
        }
        for (const char* line : {"hub Motors", "hub Hub 24 V", "body Box", "load Pump 12 V 1 A"}) {
            const auto read = plan_from_text(line, parts());
            QVERIFY2(read.has_value(), line);
            QVERIFY2(read->hubs.size() + read->bodies.size() + read->loads.size() == 1, line);
        }
        auto plan = demo();
        plan.hubs[0].name = "motor 24 V 5 A", plan.bodies[0].name = "heater 12 V 3 A";
        plan.places[0].name = "light 5 V 1 A", plan.openings[0].name = "motor 12 V 2 A";
        plan.loads[0].name = "cell amp", plan.loads[1].name = "cells 5 V";
        QCOMPARE(text_back(plan), QString());
    }

    void the_handbook_is_the_shipped_one() {
        QFile file(QStringLiteral(SANGRE_SOURCE_DATA "/../docs/lines.md"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(QString::fromUtf8(file.readAll()), QString::fromStdString(lines_handbook()));
    }

  private:
    template <class Thing>
    static std::string head_words(const LineContext& c, const Thing& thing) {
        return line_chips(c, thing).front().text;
    }
};

SANGRE_SUITE(TestPlanText);
#include "test_plan_text.moc"
