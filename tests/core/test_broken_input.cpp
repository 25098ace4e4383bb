// Files and lines with anything wrong in them: a message that names the place, or a plan; never a crash.
#include <nlohmann/json.hpp>
#include <random>

#include "base/units/format.h"
#include "fixtures.h"
#include "lines/csv.h"
#include "output/files/diagram_svg.h"
#include "output/files/measured_log.h"
#include "output/files/plan_text.h"
#include "plan/load_text.h"
#include "proposal/propose.h"

using namespace sangre;

namespace {

std::string demo_text() {
    QFile f(QString::fromStdString(test::demo_file()));
    if (!f.open(QIODevice::ReadOnly)) qFatal("no demo");
    return f.readAll().toStdString();
}

/// Something like what a hand, a disk or a merge does to a text.
std::string spoiled(std::string text, std::mt19937& random) {
    const auto pick = [&](size_t n) { return std::uniform_int_distribution<size_t>(0, n - 1)(random); };
    for (size_t times = 1 + pick(3); times > 0 && text.size() > 4; --times) {
        const size_t at = pick(text.size());
        switch (pick(6)) {
            case 0:
                text.erase(at, 1 + pick(20));
                break;
            case 1:
                text[at] = static_cast<char>(pick(256));
                break;
            case 2:
                text.resize(at);
                break;
            case 3:
                text.insert(at, text.substr(pick(text.size()), pick(60)));
                break;
            case 4:
                text.insert(at, "-9e99");
                break;
            default:
                text.insert(at, "null");
        }
    }
    return text;
}

/// Where two texts part.
std::string first_difference(const std::string& a, const std::string& b) {
    const auto at =
        static_cast<size_t>(std::mismatch(a.begin(), a.end(), b.begin(), b.end()).first - a.begin());
    const auto from = at > 60 ? at - 60 : 0;
    return a.substr(from, 120) + "\n instead of \n" + b.substr(from, 120);
}

}  // namespace

class TestBrokenInput : public QObject {
    Q_OBJECT
  private slots:
    void spoiled_plans_are_refused_or_read() {
        std::mt19937 random(7);
        const auto whole = demo_text();
        int read = 0, refused = 0;
        for (int i = 0; i < 400; ++i) {
            const auto plan = plan_from_json(spoiled(whole, random), "evening.json");
            if (plan) {
                ++read;
                const auto again = plan_from_json(plan_to_json(*plan), "x");
                QVERIFY2(again && *again == *plan,
                         again ? first_difference(plan_to_json(*plan), plan_to_json(*again)).c_str()
                               : again.error().c_str());
                if (read % 6 == 0) {
                    const auto s = test::studied(*plan);  // whatever it became, it can be studied
                    for (const auto& f : s.findings)
                        QVERIFY(f.sentence.str().find("nan") == std::string::npos);
                }
                continue;
            }
            ++refused;
            QVERIFY2(plan.error().starts_with("evening.json: "), plan.error().c_str());
            QVERIFY(plan.error().size() < 2000);
        }
        QVERIFY(read > 20 && refused > 100);
    }
    void values_out_of_reach_are_named_data() {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<QString>("place");
        QTest::newRow("negative series") << "\"series\": 8"
                                         << "\"series\": -8"
                                         << "/sources/0/series";
        QTest::newRow("no capacity") << "\"cell_capacity_Ah\": 35"
                                     << "\"cell_capacity_Ah\": 0"
                                     << "/sources/0/cell_capacity_Ah";
        QTest::newRow("a word for a number") << "\"series\": 8"
                                             << "\"series\": \"eight\""
                                             << "/sources/0/series";
        QTest::newRow("another format") << "sangre-plan"
                                        << "shopping-list"
                                        << "/format";
    }
    void values_out_of_reach_are_named() {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(QString, place);
        auto text = QString::fromStdString(demo_text());
        if (!text.contains(from)) text.replace(QString(from).replace(": ", ":"), to);
        text.replace(from, to);
        const auto plan = plan_from_json(text.toStdString(), "x.json");
        QVERIFY(!plan);
        QVERIFY2(QString::fromStdString(plan.error()).contains(place), plan.error().c_str());
    }
    void spoiled_lines_keep_their_places() {
        std::mt19937 random(3);
        for (int i = 0; i < 3000; ++i) {
            const auto line = spoiled(
                "Fog pump 11.4–14 V 4.6 A peak 9 A 2 s start 14A 0.4s idle 80 mA always on noisy", random);
            const auto read = parse_load(line);
            for (const auto& p : read.problems) {
                QVERIFY(p.begin <= p.end && p.end <= line.size());
                QVERIFY(!p.message.empty());
            }
            if (!read.complete()) continue;
            const auto& l = read.load;
            for (const double v : {raw(l.v_min), raw(l.v_max), raw(l.nominal), raw(l.typical), raw(l.peak),
                                   raw(l.start), raw(l.idle)})
                QVERIFY2(std::isfinite(v) && v >= 0 && v < 1e12, line.c_str());
            QVERIFY(l.v_min <= l.v_max && !l.name.empty());
        }
    }
    void spoiled_tables_name_their_lines() {
        std::mt19937 random(5);
        const auto table = loads_to_csv(test::demo().loads);
        for (int i = 0; i < 400; ++i) {
            const auto text = spoiled(table, random);
            const auto loads = loads_from_csv(text);
            const auto lines = static_cast<size_t>(std::count(text.begin(), text.end(), '\n')) + 1;
            if (loads) continue;
            QVERIFY(!loads.error().empty());
            for (const auto& p : loads.error()) QVERIFY(p.line <= lines && !p.message.empty());
        }
        for (int i = 0; i < 400; ++i) {
            const auto log = measured_log_from_csv(
                spoiled("time,volts,amps\n0,12.6,1\n1,12.5,2\n2,12.4,2\n3,12.3,1\n", random));
            if (log)
                for (const auto& s : *log)
                    QVERIFY(std::isfinite(raw(s.time)) && std::isfinite(raw(s.volts)) &&
                            std::isfinite(raw(s.amps)));
            else
                QVERIFY(!log.error().empty());
        }
    }
    void values_are_read_or_placed() {
        std::mt19937 random(11);
        for (const auto dimension : {Dimension::voltage, Dimension::length, Dimension::time,
                                     Dimension::temperature, Dimension::ratio})
            for (int i = 0; i < 1500; ++i) {
                const auto text = spoiled("2*(0.4 m + 3/32 in) + 10 % - 1A5", random);
                const auto v = parse_value(text, dimension, "");
                if (v)
                    QVERIFY2(std::isfinite(*v), text.c_str());
                else
                    QVERIFY(v.error().begin <= v.error().end && v.error().end <= text.size() &&
                            !v.error().message.empty());
            }
    }
    void what_is_printed_reads_back() {
        for (double exponent = -6; exponent < 6; exponent += 0.37) {
            const double v = std::pow(10, exponent);
            const auto back = [](const std::string& text, Dimension d) {
                const auto read = parse_value(text, d, "");
                return read ? *read : std::nan("");
            };
            CLOSE(back(format(Volt(v)), Dimension::voltage), v, 0.01);
            CLOSE(back(format(Ampere(v)), Dimension::current), v, 0.01);
            CLOSE(back(format(Ohm(v)), Dimension::resistance), v, 0.01);
            CLOSE(back(format(Watt(v)), Dimension::power), v, 0.01);
        }
    }
    void tables_that_could_be_read_otherwise_are_refused_by_cell_data() {
        QTest::addColumn<QString>("table");
        QTest::addColumn<QString>("wanted");
        const auto row = [](const char* table, const char* wanted) {
            QTest::newRow(table) << table << wanted;
        };
        row("name,voltage (V),current (A)\nHeater,12,5,1,5\n", "5 cells under 3 headings");
        row("name,voltage (V),current (A),colour\nMotor,12,2,red\n", "colour");
        row("name,voltage (V),current (A),idle (A)\nA,5,2,5\n", "idle current, 5 A");
        row("name,voltage,current\nA,5,1\n", "head the column voltage (V)");
        row("name,voltage (V),volts,current (A)\nA,5,6,1\n", "both voltage");
        row("Pump,12V,1,5A\n", "decimal");
    }
    void tables_that_could_be_read_otherwise_are_refused_by_cell() {
        QFETCH(QString, table);
        QFETCH(QString, wanted);
        const auto loads = loads_from_csv(table.toStdString());
        QVERIFY(!loads);
        QVERIFY2(QString::fromStdString(loads.error().front().message).contains(wanted),
                 loads.error().front().message.c_str());
    }
    void headings_as_people_write_them() {
        const auto loads = loads_from_csv("name,voltage (V),current (A),peak current (A)\nMotor,12,2,35\n");
        QVERIFY(loads.has_value());
        QCOMPARE(raw(loads->front().peak), 35.0);
        const auto bare = loads_from_csv("Radio 12,6V 1A\n");
        QVERIFY(bare.has_value());
        QCOMPARE(bare->front().name, std::string("Radio"));
        QCOMPARE(raw(bare->front().nominal), 12.6);
    }
    void ids_and_limits_are_held_where_they_stand() {
        auto plan = test::demo();
        const auto whole = plan_to_json(plan);
        const auto reads = [](const std::string& text) { return plan_from_json(text, "x.json"); };
        QVERIFY(reads(whole));
        // An item's id is one's own, too.
        auto twice = plan;
        twice.feeds()[1].devices.push_back(twice.feeds()[0].devices[0]);
        const auto said = reads(plan_to_json(twice));
        QVERIFY(!said && said.error().find("/leads/1/items/") != std::string::npos);
        // Of leads in any order the file's own place is named.
        auto document = nlohmann::json::parse(whole);
        auto& leads = document["leads"];
        std::rotate(leads.begin(), leads.end() - 1, leads.end());
        leads[1]["to"] = "nobody";
        const auto place = reads(document.dump());
        QVERIFY2(!place && place.error().find("/leads/1/to") != std::string::npos, place.error().c_str());
        auto reversed = plan;
        reversed.loads[0].v_max = Volt(0);
        const auto refused = reads(plan_to_json(reversed));
        QVERIFY(!refused && refused.error().find("/loads/0/max_V") != std::string::npos);
        auto beyond = plan;
        beyond.loads[0].typical = Ampere(1e6);
        QVERIFY(!reads(plan_to_json(beyond)));
    }
    void a_text_s_limits_name_its_lines() {
        const auto read = plan_from_text("plan Shed\nplace A, across 2\n", test::parts());
        QVERIFY(!read);
        QCOMPARE(read.error().line, size_t{2});
    }
    void characters_that_no_xml_holds() {
        for (const char* bad : {"Pump \xEF\xBF\xBE", "Pump \xEF\xBF\xBF", "Pump \x7F", "Pump \x01"})
            QCOMPARE(xml_escaped(bad), std::string("Pump  "));
        QCOMPARE(xml_escaped("Pump \xEF\xBC\x8A"), std::string("Pump \xEF\xBC\x8A"));
    }
    void proposing_gives_ids_of_their_own() {
        auto plan = propose(test::demo("apiary-trailer"), test::parts())->plan;
        // A lead to elsewhere that has the id which a new one would get.
        QVERIFY(plan.feeds().size() > 2);
        std::swap(plan.feeds()[1].id, plan.feeds()[2].id);
        const auto again = propose(plan, test::parts());
        QVERIFY(again.has_value());
        const auto read = plan_from_json(plan_to_json(again->plan), "x.json");
        QVERIFY2(read.has_value(), read ? "" : read.error().c_str());
    }
};

SANGRE_SUITE(TestBrokenInput);
#include "test_broken_input.moc"
