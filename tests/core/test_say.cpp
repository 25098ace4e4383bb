// Everything that a builder reads can be said in another language: nothing English is left when a made-up
// language is spoken.
#include <QFile>
#include <QXmlStreamReader>
#include <QtTest>
#include <set>

#include "base/words/list.h"
#include "base/words/reader.h"
#include "base/words/say.h"
#include "bench/readings.h"
#include "catalogue/catalogue.h"
#include "fixtures.h"
#include "making/laid_straight.h"
#include "making/steps/bom.h"
#include "making/steps/steps.h"
#include "other_words.h"
#include "output/explain/explain.h"
#include "output/files/plan_file.h"
#include "plan/load_text.h"
#include "rules/review/review.h"
#include "rules/study.h"

using namespace sangre;

class TestSay : public QObject {
    Q_OBJECT

  private slots:
    void cleanup() { speak(nullptr); }

    void is_english_until_another_is_spoken() {
        QCOMPARE(say("{part} of {whole}", 1, 2), std::string("1 of 2"));
        speak(test::circled);
        QCOMPARE(say("{part} of {whole}", 1, 2), std::string("1 ⓞⓕ 2"));
        QCOMPARE(said("of"), std::string("ⓞⓕ"));
        QCOMPARE(said(""), std::string());
        speak(nullptr);
        QCOMPARE(said("of"), std::string("of"));
    }

    void a_translation_that_asks_for_what_is_not_there_is_not_used() {
        for (const Tongue wrong :
             {Tongue([](std::string_view) -> std::string { return "{teil} {whole}"; }),
              Tongue([](std::string_view) -> std::string { return "{} {whole}"; }),
              Tongue([](std::string_view) -> std::string { return "{part} {whole"; }),
              Tongue([](std::string_view) -> std::string { return "{part:.1f} {whole}"; }),
              Tongue([](std::string_view) -> std::string { return {}; })}) {
            speak(wrong);
            QCOMPARE(say("{part} of {whole}", "all", 2), std::string("all of 2"));
        }
    }

    void places_are_named_and_may_come_in_another_order_or_again() {
        QCOMPARE(say("{wire}: {wire} at {heat:.1f} °C, {{so}}", "20 AWG", 71.26),
                 std::string("20 AWG: 20 AWG at 71.3 °C, {so}"));
        speak([](std::string_view) -> std::string { return "bei {heat:.0f} °C: {wire}"; });
        QCOMPARE(say("{wire}: {wire} at {heat:.1f} °C", "20 AWG", 71.26), std::string("bei 71 °C: 20 AWG"));
    }

    void forms_are_chosen_by_a_count_or_a_flag() {
        const auto steps = [](size_t n) { return say("{n} {n|step is|steps are} left", n); };
        QCOMPARE(steps(0), std::string("0 steps are left"));
        QCOMPARE(steps(1), std::string("1 step is left"));
        QCOMPARE(steps(2), std::string("2 steps are left"));
        const auto lead = [](bool decides) { return say("Measure{decides|, it decides|}.", decides); };
        QCOMPARE(lead(true), std::string("Measure, it decides."));
        QCOMPARE(lead(false), std::string("Measure."));
        const auto volts = [](bool known) { return say("Probe{known|: {volts} there|}.", known, 4.5); };
        QCOMPARE(volts(true), std::string("Probe: 4.5 there."));
        QCOMPARE(volts(false), std::string("Probe."));
        speak([](std::string_view) -> std::string { return "{n|ein Schritt|{n} Schritte}"; });
        QCOMPARE(steps(1), std::string("ein Schritt"));
        QCOMPARE(steps(2), std::string("2 Schritte"));
        speak([](std::string_view) -> std::string { return "noch {n} {n|Schritt|Schritte}"; });
        QCOMPARE(steps(2), std::string("noch 2 Schritte"));
    }

    void nothing_english_is_left_data() { test::demo_rows(); }
    void nothing_english_is_left() {
        QFETCH(QString, demo);
        auto plan = test::demo(demo);
        const auto data = test::data_words(plan);
        speak(test::circled);
        const auto catalogue = load_catalogue(SANGRE_SOURCE_DATA);
        QVERIFY(catalogue);
        const auto s = study(plan, *catalogue, {});
        QStringList left;
        const auto see = [&](const std::string& text) {
            left << test::english_in(QString::fromStdString(text), data);
        };
        const auto see_why = [&](const Why& why) {
            see(why.title), see(why.source), see(why.caution);
            for (const auto& line : why.lines) see(line.text);
            for (const auto& school : why.schools) see(school.name), see(school.purpose), see(school.about);
        };
        for (const auto& f : s.findings) {
            see(f.sentence), see_why(f.why);
            for (const auto& fix : f.fixes) see(fix.label);
        }
        for (const auto& step : build_steps(plan, *catalogue, s)) {
            see(step.title), see(step.subtitle), see(step.caution), see_why(step.why);
            for (const auto& a : step.actions) see(a);
        }
        for (const auto& r : bench_readings(plan, *catalogue, s))
            see(r.title), see(r.state), see(r.red), see(r.black), see_why(r.why);
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto laid = lay_straight(plan, *catalogue, s, f, s.steps());
            see_why(laid.why);
            for (const auto& on : laid.order) see(on.words);
        }
        const auto about = [&](const auto& list) {
            for (const auto& x : list) see_why(explain(plan, *catalogue, s, x.id).why);
        };
        about(plan.sources), about(plan.hubs), about(plan.converters), about(plan.loads), about(plan.feeds());
        about(plan.signal_leads()), about(plan.ways), about(plan.bodies), about(plan.openings),
            about(plan.places);
        for (const auto& line : bill_of_materials(plan, *catalogue, s.harness))
            see(line.item), see(line.used_for);
        left.removeDuplicates();
        QVERIFY2(left.isEmpty(),
                 qPrintable(QString::number(left.size()) + ":\n" + left.mid(0, 60).join('\n')));
    }

    void several_things_are_said_in_one_sentence() {
        QCOMPARE(listed({}), std::string());
        QCOMPARE(listed({"Pump"}), std::string("Pump"));
        QCOMPARE(listed({"Pump", "Lamp", "Fan"}), std::string("Pump, Lamp and Fan"));
        QCOMPARE(either({"brass", "steel"}), std::string("brass or steel"));
        QCOMPARE(first_few({"A", "B", "C"}, 3), std::string("A, B, C"));
        QCOMPARE(first_few({"A", "B", "C", "D"}, 2), std::string("A, B and 2 more"));
    }

    void what_the_catalogue_calls_things_is_translated_piece_by_piece() {
        QFile file(QStringLiteral(SANGRE_SOURCE_DATA "/words/de.ts"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        std::set<std::string> known;
        QXmlStreamReader xml(&file);
        while (!xml.atEnd())
            if (xml.readNextStartElement() && xml.name() == QStringLiteral("source"))
                known.insert(xml.readElementText().toStdString());
        QVERIFY(known.size() > 4000);
        const auto catalogue = load_catalogue(SANGRE_SOURCE_DATA);
        QVERIFY(catalogue);
        static std::set<std::string> asked;
        asked.clear();
        speak([](std::string_view english) {
            asked.emplace(english);
            return std::string();
        });
        const auto say_all = [](const auto& entries) {
            for (const auto& e : entries) (void)e.name.spoken();
        };
        say_all(catalogue->fuses), say_all(catalogue->converters);
        say_all(catalogue->fittings), say_all(catalogue->joints), say_all(catalogue->chemistries);
        QVERIFY(asked.size() > 100);
        for (const auto& piece : asked)
            if (std::count_if(piece.begin(), piece.end(), [](unsigned char c) { return std::isalpha(c); }) >
                1)
                QVERIFY2(known.contains(piece), piece.c_str());
    }

    void a_load_keeps_its_name_whatever_is_spoken() {
        speak([](std::string_view english) -> std::string {
            return english == "sensitive" ? "empfindlich" : english == "always on" ? "immer an" : "";
        });
        const auto read = parse_load("Fenster empfindlich 5 V 1 A immer an");
        QVERIFY(read.complete());
        QCOMPARE(read.load.name, std::string("Fenster empfindlich"));
        QVERIFY(read.load.always_on && !read.load.sensitive);
    }
};

SANGRE_SUITE(TestSay);
#include "test_say.moc"
