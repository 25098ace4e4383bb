// What must hold of the build whatever the builder's schools: tube before heat, set before connect, dead
// before live, the battery's fuse last.
#include <QTest>
#include <map>

#include "fixtures.h"
#include "making/steps/steps.h"
#include "plan/edits.h"
#include "turning.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

const std::vector<JointSchool> all_joints{JointSchool::by_place, JointSchool::solder, JointSchool::crimp,
                                          JointSchool::crimp_and_solder, JointSchool::no_solder};
const std::vector<InsulationSchool> all_coverings{
    InsulationSchool::adhesive_tube, InsulationSchool::plain_tube, InsulationSchool::tape,
    InsulationSchool::sealant,       InsulationSchool::hot_glue,   InsulationSchool::polyimide};

std::map<std::string, size_t> places(const std::vector<Step>& steps) {
    std::map<std::string, size_t> at;
    for (size_t i = 0; i < steps.size(); ++i) at[steps[i].key] = i;
    return at;
}

bool says(const Step& s, const std::string& words) {
    return std::any_of(s.actions.begin(), s.actions.end(),
                       [&](const auto& a) { return a.str().find(words) != std::string::npos; });
}

}  // namespace

class TestBuildLaws : public QObject {
    Q_OBJECT
  private slots:
    void any_school_data() {
        QTest::addColumn<QString>("demo");
        QTest::addColumn<int>("joint");
        QTest::addColumn<int>("covering");
        for (const char* demo : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"})
            for (const auto j : all_joints)
                for (const auto c : all_coverings)
                    QTest::addRow("%s, %s, covering %d", demo, school_name(j).str().c_str(),
                                  static_cast<int>(c))
                        << demo << static_cast<int>(j) << static_cast<int>(c);
    }
    void any_school() {
        QFETCH(QString, demo);
        QFETCH(int, joint);
        QFETCH(int, covering);
        auto plan = test::demo(demo);
        plan = follow_joint_school(plan, parts(), static_cast<JointSchool>(joint));
        const auto school = static_cast<InsulationSchool>(covering);
        plan.practices.insulation = school;
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        const auto at = places(steps);
        QCOMPARE(at.size(), steps.size());
        QCOMPARE(at.contains("glue/joints"), school == InsulationSchool::hot_glue);
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            const auto& feed = plan.feeds()[f];
            if (!feed.cores.empty()) continue;  // made up pin by pin
            const auto cut = at.at("cut/" + feed.id);
            const auto sleeve = at.find("sleeve/" + feed.id);
            bool tube = false;
            for (const bool source : {true, false}) {
                const auto join = at.at("join/" + feed.id + (source ? "/source" : "/load"));
                const auto& step = steps[join];
                const auto work = *feed_joint(plan, parts(), f, source);
                // What is joined to a live circuit is joined when all behind it has been tested dead.
                const auto* live = source ? by_id(plan.sources, feed.from) : nullptr;
                if (live && live->kind == SourceKind::circuit)
                    QVERIFY(at.at("test/shorts") < join && join < at.at("test/first-power"));
                else if (!source && test::turns_first(plan, feed)) {
                    // A motor hangs on clips until it has turned; tied and glued is what is made.
                    QVERIFY(cut < join && at.at("test/first-power") < join && join < at.at("close/tie"));
                    const auto from = find_part(plan, feed.from).kind == PartKind::converter
                                          ? "live/" + feed.from
                                          : std::string("live/direct");
                    QVERIFY(at.at(from) < join && says(steps[at.at(from)], "by clips"));
                    QVERIFY(says(step, "No power anywhere"));
                    if (const auto glue = at.find("glue/joints"); glue != at.end())
                        QVERIFY(join < glue->second);
                } else
                    QVERIFY(cut < join && join < at.at("test/beep"));
                QVERIFY(says(step, "Strip "));
                QCOMPARE(step.tools, tools_of(*work.kind, work.size, plan.practices));
                QCOMPARE(says(step, covering_action(school)), work.kind->tube);
                tube = tube || work.kind->tube;
                if (sleeve != at.end()) QVERIFY(sleeve->second < join);
                // What an iron heats comes with its caution.
                QVERIFY(raw(work.kind->iron) <= 0 || !step.caution.empty());
            }
            QCOMPARE(sleeve != at.end(), tube && tube_school(school));
        }
        QVERIFY(at.at("test/beep") < at.at("test/shorts"));
        QVERIFY(at.at("test/shorts") < at.at("test/first-power"));
        if (const auto fit = at.find("fit/fuses"); fit != at.end())
            QVERIFY(at.at("test/shorts") < fit->second && fit->second < at.at("test/first-power"));
        QVERIFY(says(steps[at.at("test/shorts")], "Less than that: stop"));
        QVERIFY(steps.back().key.starts_with("fit/battery-fuse"));
        if (school == InsulationSchool::hot_glue)
            QVERIFY(at.at("live/direct") < at.at("glue/joints") && at.at("glue/joints") < at.at("close/tie"));
    }
    void sealant_is_waited_for() {
        auto plan = test::demo();
        const auto wait = [&] {
            double total = 0;
            for (const auto& s : test::studied(plan).steps()) total += s.wait_minutes;
            return total;
        };
        const auto before = wait();
        plan.practices.insulation = InsulationSchool::sealant;
        QVERIFY(wait() >= before + 60);
    }
    void crimping_takes_less_time_than_soldering() {
        const auto plan = test::demo();
        const auto minutes = [&](JointSchool school) {
            const auto p = follow_joint_school(plan, parts(), school);
            return minutes_left(p, test::studied(p).steps());
        };
        QVERIFY(minutes(JointSchool::no_solder) < minutes(JointSchool::crimp));
        QVERIFY(minutes(JointSchool::crimp) < minutes(JointSchool::solder));
        QVERIFY(minutes(JointSchool::solder) < minutes(JointSchool::crimp_and_solder) + 60);
    }
    void what_is_done_is_not_counted() {
        auto plan = test::demo();
        const auto steps = test::studied(plan).steps();
        plan.done.clear();
        const auto all = minutes_left(plan, steps);
        double before = all;
        for (const auto& s : steps) {
            plan.done[s.key] = "2026-11-20T20:00:00";
            const auto left = minutes_left(plan, steps);
            QVERIFY(left < before);
            before = left;
        }
        QCOMPARE(before, 0.0);
    }
    void every_cable_is_made_up_once() {
        for (const char* demo : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan = test::demo(demo);
            const auto s = test::studied(plan);
            const auto at = places(s.steps());
            for (const auto& c : plan.signal_leads()) {
                const auto& step = s.steps()[at.at("cable/" + c.id)];
                QVERIFY(says(step, "Label both ends “" + (c.label.empty() ? c.name : c.label) + "”"));
                for (const auto& core : c.cores)
                    QVERIFY2(says(step, core.colour), (c.name + " " + core.colour).c_str());
            }
        }
    }
    void nothing_wired_nothing_to_build() { QVERIFY(test::studied(Plan{}).steps().empty()); }
};

SANGRE_SUITE(TestBuildLaws);
#include "test_build_laws.moc"
