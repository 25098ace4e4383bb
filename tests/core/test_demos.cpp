// Every demo: whole, pure, explained, and honest under other conditions.
#include <set>

#include "electrical/mission/tolerance.h"
#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/files/report.h"
#include "plan/edits.h"
#include "wiring/index/index.h"

using namespace sangre;
using test::parts;

namespace {

std::vector<std::filesystem::path> demo_files() {
    std::vector<std::filesystem::path> files;
    for (const auto& e : std::filesystem::directory_iterator(data_directory() / "demos"))
        if (e.path().extension() == ".json") files.push_back(e.path());
    std::sort(files.begin(), files.end());
    return files;
}
Plan demo_of(const QString& file) {
    auto plan = load_plan(file.toStdString());
    if (!plan) qFatal("%s", plan.error().c_str());
    return *plan;
}
void demos() {
    QTest::addColumn<QString>("file");
    for (const auto& f : demo_files()) QTest::newRow(f.stem().c_str()) << QString::fromStdString(f.string());
}
bool sane(const std::string& text) {
    for (const char* bad : {"nan", "inf ", " inf", "-0 ", "{}", "1e+"})
        if (text.find(bad) != std::string::npos) return false;
    return !text.empty();
}

}  // namespace

class TestDemos : public QObject {
    Q_OBJECT
  private slots:
    void there_are_four() { QVERIFY(demo_files().size() >= 4); }
    void a_study_is_pure_data() { demos(); }
    void a_study_is_pure() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto a = test::studied(plan), b = test::studied(plan);
        QCOMPARE(study_to_json(plan, a), study_to_json(plan, b));
        QCOMPARE(a.steps().size(), b.steps().size());
        for (size_t i = 0; i < a.readings().size(); ++i) {
            QCOMPARE(a.readings()[i].key, b.readings()[i].key);
            QCOMPARE(a.readings()[i].low, b.readings()[i].low);
        }
    }
    void conditions_are_answered_alike_from_an_earlier_study_data() { demos(); }
    void conditions_are_answered_alike_from_an_earlier_study() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto earlier = test::studied(plan);
        for (const auto& phase : plan.phases) {
            Conditions c;
            c.phase = phase.id, c.charge = 0.35, c.air = Celsius(5);
            const auto quick = at_conditions(plan, parts(), earlier, c), whole = study(plan, parts(), c);
            for (size_t f = 0; f < plan.feeds().size(); ++f)
                QVERIFY(std::abs(raw(quick.now.feeds[f].supply - whole.now.feeds[f].supply)) < 1e-6);
            CLOSE(raw(quick.mission.run_time) + 1, raw(whole.mission.run_time) + 1, 1e-3);
            QCOMPARE(quick.findings.size(), whole.findings.size());
        }
    }
    void everything_has_its_why_data() { demos(); }
    void everything_has_its_why() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto s = test::studied(plan);
        std::vector<Id> subjects;
        for (const auto& x : plan.loads) subjects.push_back(x.id);
        for (const auto& x : plan.converters) subjects.push_back(x.id);
        for (const auto& x : plan.feeds()) subjects.push_back(x.id);
        for (const auto& x : plan.sources) subjects.push_back(x.id);
        for (const auto& x : plan.ways) subjects.push_back(x.id);
        for (const auto& x : s.steps()) subjects.push_back(x.key);
        for (const auto& x : s.readings()) subjects.push_back(x.key);
        for (const auto& id : subjects) {
            const auto why = explain(plan, parts(), s, id).why;
            QVERIFY2(!why.title.empty() && !why.lines.empty(), id.c_str());
            for (const auto& line : why.lines)
                QVERIFY2(sane(line.text), (id + ": " + line.text).str().c_str());
        }
        QVERIFY(explain(plan, parts(), s, "nobody").why.title.empty());
    }
    void schools_can_be_followed_data() { demos(); }
    void schools_can_be_followed() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto s = test::studied(plan);
        size_t followed = 0;
        for (const auto& f : plan.feeds()) {
            const auto told = explain(plan, parts(), s, f.id);
            for (size_t i = 0; i < told.why.schools.size(); ++i) {
                const auto& school = told.why.schools[i];
                QVERIFY(!school.name.empty() && !school.choice.empty());
                if (!told.follow[i].here) continue;
                const auto next = told.follow[i].here(plan);
                QVERIFY(plan_from_json(plan_to_json(next), "x"));
                QVERIFY(test::studied(next).now.found);
                if (++followed > 12) return;
            }
        }
        QVERIFY(followed > 0);
    }
    void findings_and_steps_read_well_data() { demos(); }
    void findings_and_steps_read_well() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto s = test::studied(plan);
        for (const auto& f : s.findings) {
            QVERIFY2(sane(f.sentence) && f.sentence.str().back() == '.', f.sentence.str().c_str());
            for (const auto& fix : f.fixes) QVERIFY(!fix.label.empty());
        }
        std::set<std::string> keys;
        for (const auto& step : s.steps()) {
            QVERIFY2(keys.insert(step.key).second, step.key.c_str());
            QVERIFY2(!step.title.empty() && !step.actions.empty() && step.minutes > 0, step.key.c_str());
            // What must come before and is a step at all has been.
            for (const auto& before : step.after)
                QVERIFY2(
                    keys.contains(before) || std::none_of(s.steps().begin(), s.steps().end(),
                                                          [&](const auto& x) { return x.key == before; }),
                    (step.key + " after " + before).c_str());
        }
        for (const auto& r : s.readings())
            QVERIFY2(r.low <= r.high && std::isfinite(r.low) && sane(window_text(r)), r.key.c_str());
    }
    void kirchhoff_in_every_phase_data() { demos(); }
    void kirchhoff_in_every_phase() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto s = test::studied(plan);
        for (const auto& phase : plan.phases)
            for (const double charge : {1.0, 0.4, 0.0})
                for (const bool peak : {false, true}) {
                    auto d = demand_in_phase(plan, phase, peak);
                    d.charge = charge;
                    const auto p = s.solver->solve(d);
                    QVERIFY2(p.found, phase.name.c_str());
                    QVERIFY(test::worst_kirchhoff(plan, *s.solver, p) < 1e-9);
                    double source = 0;
                    for (const auto& b : p.sources) source += raw(b.watts);
                    QVERIFY(std::abs(source - raw(p.drawn + p.wire_heat + p.converter_heat)) <=
                            1e-6 * std::max(1.0, source));
                }
    }
    void the_shopping_list_covers_the_plan_data() { demos(); }
    void the_shopping_list_covers_the_plan() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto lines = bill_of_materials(plan, parts(), lay_harness(plan, parts()));
        double metres = 0, pieces = 0;
        for (const auto& l : lines) {
            QVERIFY2(l.amount > 0 && !l.item.empty(), l.item.str().c_str());
            if (l.item.str().starts_with("cable, ")) continue;
            (l.unit == "m" ? metres : pieces) += l.amount;
        }
        double cut = 0;
        const auto harness = lay_harness(plan, parts());
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            if (plan.feeds()[f].cores.empty())
                cut += raw(harness.routes[f].cut) * (plan.feeds()[f].ret == Return::own ? 2 : 1);
        QVERIFY(metres >= cut * 0.99 && metres <= cut * 1.3);
        QVERIFY(pieces >= static_cast<double>(plan.converters.size()));
        const auto csv = bom_to_csv(lines);
        QCOMPARE(static_cast<size_t>(std::count(csv.begin(), csv.end(), '\n')), lines.size() + 1);
    }
    void the_index_says_what_searching_says_data() { demos(); }
    void the_index_says_what_searching_says() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const PlanIndex index(plan);
        std::vector<Id> ids{"nobody"};
        for (const auto& x : plan.loads) ids.push_back(x.id);
        for (const auto& x : plan.converters) ids.push_back(x.id);
        for (const auto& x : plan.hubs) ids.push_back(x.id);
        for (const auto& x : plan.sources) ids.push_back(x.id);
        for (const auto& id : ids) {
            QVERIFY(index.part(id) == find_part(plan, id));
            QVERIFY(index.into(id) == feeds_into(plan, id));
            QVERIFY(index.from(id) == feeds_from(plan, id));
            QVERIFY(index.upstream(id) == upstream_feeds(plan, id));
            QCOMPARE(index.name(id), name_of(plan, id));
        }
        for (size_t f = 0; f < plan.feeds().size(); ++f) {
            QCOMPARE(index.feed_name(plan.feeds()[f]), feed_name(plan, plan.feeds()[f]));
            QVERIFY(index.source_of(f) == find_part(plan, plan.feeds()[f].from));
            for (const auto l : index.loads_behind(f)) {
                if (!index.is_tree()) continue;
                const auto chain = upstream_feeds(plan, plan.loads[l].id);
                QVERIFY(std::find(chain.begin(), chain.end(), f) != chain.end());
            }
        }
    }
    void tolerance_names_a_mover_data() { demos(); }
    void tolerance_names_a_mover() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto s =
            study_tolerance(plan, parts(), feed_lengths(lay_harness(plan, parts())), plan.phases[1], 120);
        QCOMPARE(s.failed, size_t{0});
        QVERIFY(s.battery_amps.low < s.battery_amps.middle && s.battery_amps.middle < s.battery_amps.high);
        if (!is_endless(plan.sources[0])) QVERIFY(s.run_hours.low > 0);
        QVERIFY(s.battery_amps.moved_by[static_cast<size_t>(s.battery_amps.most())] > 0.05);
    }
    void more_load_takes_more_and_lasts_less_data() { demos(); }
    void more_load_takes_more_and_lasts_less() {
        QFETCH(QString, file);
        const auto plan = demo_of(file);
        const auto before = test::studied(plan);
        auto more = plan;
        for (auto& l : more.loads) l.typical = l.typical * 1.1, l.peak = l.peak * 1.1, l.idle = l.idle * 1.1;
        const auto after = test::studied(more);
        if (before.mission.run_time_capped) return;  // a circuit or a brick does not run empty
        QVERIFY(after.mission.run_time < before.mission.run_time);
        QVERIFY(after.worst.packs[0].continuous > before.worst.packs[0].continuous);
        auto bigger = plan;
        for (auto& b : bigger.sources) b.cell_capacity = b.cell_capacity * 1.5;
        const auto longer = test::studied(bigger);
        QVERIFY(longer.mission.run_time > before.mission.run_time * 1.15);
        QVERIFY(longer.mass > before.mass);
    }
};

SANGRE_SUITE(TestDemos);
#include "test_demos.moc"
