// Everything that a builder reads can be said in another language: nothing English is left when a made-up
// language is spoken.
#include <QtTest>

#include "bench/readings.h"
#include "build/bom.h"
#include "build/steps.h"
#include "catalogue/catalogue.h"
#include "explain/explain.h"
#include "files/plan_file.h"
#include "fixtures.h"
#include "other_words.h"
#include "review/review.h"
#include "straight/laid_straight.h"
#include "study.h"
#include "words/say.h"

using namespace sangre;

class TestSay : public QObject {
    Q_OBJECT

  private slots:
    void cleanup() { speak(nullptr); }

    void is_english_until_another_is_spoken() {
        QCOMPARE(say("{} of {}", 1, 2), std::string("1 of 2"));
        speak(test::circled);
        QCOMPARE(say("{} of {}", 1, 2), std::string("1 ⓞⓕ 2"));
        QCOMPARE(said("of"), std::string("ⓞⓕ"));
        QCOMPARE(said(""), std::string());
        speak(nullptr);
        QCOMPARE(said("of"), std::string("of"));
    }

    void a_translation_that_asks_for_what_is_not_there_is_not_used() {
        speak([](std::string_view) -> std::string { return "{7} {} {"; });
        QCOMPARE(say("{} of {}", 1, 2), std::string("1 of 2"));
        speak([](std::string_view) -> std::string { return {}; });
        QCOMPARE(say("{} of {}", 1, 2), std::string("1 of 2"));
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
};

SANGRE_SUITE(TestSay);
#include "test_say.moc"
