// What is computed knows no reader: it is worded when somebody looks, for whoever looks then.
#include <future>

#include "base/units/format.h"
#include "base/words/reader.h"
#include "base/words/say.h"
#include "fixtures.h"
#include "making/cut_list.h"
#include "making/laid_straight.h"
#include "making/steps/bom.h"
#include "making/steps/own_steps.h"
#include "other_words.h"
#include "output/explain/explain.h"
#include "random_plans.h"
#include "rules/study.h"

using namespace sangre;
using test::parts;

namespace {

const Reader circled{test::circled, {',', true, true}};

struct Studied {
    Study study;
    std::vector<Reading> readings;
    std::vector<BomLine> bought;
    CutList cut;
    std::vector<LaidStraight> straight;
    std::vector<Why> reasons;
};

/// All of it as one works it out who is read by that one.
Studied studied_by(const Plan& plan, const Reader& reader) {
    const ReadBy here(reader);
    Studied all{study(plan, parts(), {}), {}, {}, {}, {}, {}};
    const auto& s = all.study;
    s.steps(), s.wire_day();
    all.readings = s.readings();
    all.bought = bill_of_materials(plan, parts(), s.harness);
    all.cut = cut_list(plan, parts(), s);
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        all.straight.push_back(lay_straight(plan, parts(), s, f, s.steps()));
    const auto about = [&](const auto& list) {
        for (const auto& x : list) all.reasons.push_back(explain(plan, parts(), s, x.id).why);
    };
    about(plan.sources), about(plan.hubs), about(plan.converters), about(plan.loads), about(plan.feeds());
    return all;
}

/// Every word of it, as that one reads it.
std::vector<std::string> read_by(const Studied& all, const Reader& reader) {
    const ReadBy here(reader);
    std::vector<std::string> read;
    const auto see = [&](const Words& words) { read.push_back(words); };
    const auto see_why = [&](const Why& why) {
        see(why.title), see(why.source), see(why.caution);
        for (const auto& line : why.lines) see(line.text);
        for (const auto& school : why.schools)
            see(school.name), see(school.choice), see(school.purpose), see(school.about);
    };
    for (const auto& f : all.study.findings) {
        see(f.sentence), see_why(f.why);
        for (const auto& fix : f.fixes) see(fix.label);
    }
    for (const auto& step : all.study.steps()) {
        see(step.key), see(step.stamp), see(step.title), see(step.subtitle), see(step.caution),
            see_why(step.why);
        for (const auto& a : step.actions) see(a);
    }
    for (const auto& r : all.readings)
        see(r.key), see(r.title), see(r.state), see(r.red), see(r.black), see_why(r.why);
    for (const auto& line : all.bought) see(line.key), see(line.item), see(line.used_for);
    for (const auto& g : all.cut.groups) {
        see(g.key), see(g.what);
        for (const auto& from : g.from) {
            see(from.of);
            for (const auto& piece : from.pieces) see(cut_words(piece));
        }
    }
    for (const auto& laid : all.straight) {
        see_why(laid.why);
        for (const auto& on : laid.order) see(on.words);
    }
    for (const auto& why : all.reasons) see_why(why);
    return read;
}

std::string read_title(const Step& step, const Reader& reader) {
    const ReadBy here(reader);
    return step.title;
}

/// Studied by two at once who read otherwise, it reads the same to a third.
void expect_no_reader_in(const Plan& plan) {
    auto theirs = std::async(std::launch::async, [&] { return studied_by(plan, circled); });
    const auto ours = studied_by(plan, {});
    const auto other = theirs.get();
    const auto in_english = read_by(ours, {}), in_circles = read_by(ours, circled);
    const auto differ = [](const auto& a, const auto& b) {
        QStringList all;
        if (a.size() != b.size()) all << QStringLiteral("%1 texts, not %2").arg(a.size()).arg(b.size());
        for (size_t i = 0; i < std::min(a.size(), b.size()); ++i)
            if (a[i] != b[i]) all << QString::fromStdString(a[i] + "  |  " + b[i]);
        all.removeDuplicates();
        return all.mid(0, 40).join('\n');
    };
    const auto english = differ(in_english, read_by(other, {}));
    QVERIFY2(english.isEmpty(), qPrintable(english));
    const auto circles = differ(in_circles, read_by(other, circled));
    QVERIFY2(circles.isEmpty(), qPrintable(circles));
    QVERIFY(in_english.size() > 20 && in_english != in_circles);
}

}  // namespace

class TestWordedLast : public QObject {
    Q_OBJECT

  private slots:
    void a_study_knows_no_reader_data() { test::demo_rows(); }
    void a_study_knows_no_reader() {
        QFETCH(QString, demo);
        expect_no_reader_in(test::demo(demo));
    }

    void nor_does_one_of_any_plan() {
        for (unsigned seed = 1; seed <= 12; ++seed) {
            expect_no_reader_in(test::RandomPlans(seed).built());
            if (QTest::currentTestFailed()) return;
        }
    }

    /// A title typed as it was read is kept as files have it, so that it means the same step to any reader.
    void a_step_is_named_in_any_language() {
        auto plan = test::demo();
        const auto before = test::studied(plan).steps();
        const auto beep = std::find_if(before.begin(), before.end(),
                                       [](const auto& s) { return s.kind == StepKind::prove; });
        QVERIFY(beep != before.end());
        OwnStep glue;
        glue.id = "own-glue", glue.title = "Glue", glue.after = {read_title(*beep, circled)};
        plan.own_steps.push_back(glue);
        const auto waits = [&](const Plan& p) {
            const ReadBy here(circled);
            const auto steps = test::studied(p).steps();
            const auto own = std::find_if(steps.begin(), steps.end(),
                                          [&](const auto& s) { return s.key == own_step_key(glue.id); });
            return own != steps.end() &&
                   std::find(own->after.begin(), own->after.end(), beep->key) != own->after.end();
        };
        QVERIFY(!waits(plan));
        {
            const ReadBy here(circled);
            plan = with_titles_in_english(std::move(plan), before);
        }
        QCOMPARE(plan.own_steps.back().after, std::vector<std::string>{beep->title.english()});
        QVERIFY(waits(plan));
        expect_no_reader_in(plan);
    }

    void words_are_said_in_the_language_of_each_look() {
        const auto words = say("{wire} carries {amps}", "20 AWG", format(Ampere(4.5)));
        QCOMPARE(words.str(), std::string("20 AWG carries 4.5 A"));
        {
            const ReadBy here({test::circled, {',', false, false}});
            QCOMPARE(words.str(), std::string("20 AWG ⓒⓐⓡⓡⓘⓔⓢ 4,5 A"));
            QCOMPARE(words.english(), std::string("20 AWG carries 4.5 A"));
            {
                const ReadBy inside;
                QCOMPARE(words.str(), std::string("20 AWG carries 4.5 A"));
            }
            QVERIFY(speaks_another());
        }
        QVERIFY(!speaks_another());
        QCOMPARE((words + ", " + words).str(), words.str() + ", " + words.str());
        QVERIFY(Words().empty() && Words("").empty() && !words.empty());
        QCOMPARE(format(Metre(1)).str(), std::string("1.00 m"));
        const ReadBy inches({nullptr, {'.', true, false}});
        QCOMPARE(format(Metre(1)).str(), std::string("3.28 ft"));
    }
};

SANGRE_SUITE(TestWordedLast);
#include "test_worded_last.moc"
