// Where builders disagree: every way is a whole plan, and what it changes is told.
#include "base/units/format.h"
#include "comparison/feeding.h"
#include "comparison/schools.h"
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "proposal/two_packs.h"
#include "wiring/packs/pack_groups.h"

using namespace sangre;
using test::parts;

namespace {

Plan demo_named(const char* name) {
    return *load_plan((data_directory() / "demos" / (std::string(name) + ".json")).string());
}

const SchoolWay* way(const SchoolStudy& s, const char* name) {
    for (const auto& q : s.questions)
        for (const auto& w : q.ways)
            if (w.name.str().starts_with(name)) return &w;
    return nullptr;
}

Plan wired(Plan plan) {
    const auto made = propose(plan, parts());
    if (!made) qFatal("%s", made.error().front().reason.str().c_str());
    return made->plan;
}

}  // namespace

class TestSchools : public QObject {
    Q_OBJECT
  private slots:
    void every_way_is_a_whole_plan_data() {
        QTest::addColumn<QString>("demo");
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"})
            QTest::newRow(name) << name;
    }
    void every_way_is_a_whole_plan() {
        QFETCH(QString, demo);
        const auto plan = demo_named(demo.toUtf8().constData());
        double last = -1;
        const auto s = compare_schools(plan, parts(), {}, [&](double share) {
            if (share < last) qFatal("progress went back");
            last = share;
            return true;
        });
        QVERIFY(s.complete && last == 1);
        QCOMPARE(s.questions.size(), size_t{6});
        for (const auto& q : s.questions) {
            QCOMPARE(std::count_if(q.ways.begin(), q.ways.end(), [](const auto& w) { return w.followed; }),
                     1);
            for (const auto& w : q.ways) {
                const auto name = q.name + ": " + w.name;
                if (!w.refusal.empty()) {
                    QVERIFY2(w.plan.feeds().empty() || w.told.empty(), name.str().c_str());
                    continue;
                }
                QVERIFY2(w.plan.loads == plan.loads, name.str().c_str());
                QVERIFY2(w.figures.size() == 10 || w.followed, name.str().c_str());
                QVERIFY2(w.followed == w.told.empty(), name.str().c_str());
                const auto judged = test::studied(w.plan);
                // Only the last question starts from the plan with what the builder left in it.
                if (&q != &s.questions.back())
                    QVERIFY2(count(judged.findings, Severity::danger) == 0, name.str().c_str());
                for (const auto& l : plan.loads)
                    QVERIFY2(feeds_into(w.plan, l.id).size() == 1, name.str().c_str());
            }
        }
    }
    void a_stop_is_heeded() {
        int asked = 0;
        const auto s = compare_schools(test::demo(), parts(), {}, [&](double) { return ++asked < 3; });
        QVERIFY(!s.complete);
        QCOMPARE(s.questions.size(), size_t{2});
        QVERIFY(compare_schools(Plan{}, parts()).questions.empty());
    }
    void two_packs_share_nothing() {
        auto plan = test::demo();
        plan.practices.supply = SupplySchool::two;
        QVERIFY(wants_two_packs(plan));
        const auto two = wired(plan);
        QCOMPARE(two.sources.size(), size_t{2});
        const PlanIndex index(two);
        const auto groups = pack_groups(two, index);
        QCOMPARE(groups.size(), size_t{2});
        QVERIFY(!groups[0].loads.empty() && !groups[1].loads.empty());
        for (const auto l : groups[1].loads) QVERIFY(two.loads[l].sensitive && !two.loads[l].noisy);
        for (const auto l : groups[0].loads) QVERIFY(!two.loads[l].sensitive || two.loads[l].noisy);
        // No current of one side passes a wire of the other.
        const auto s = test::studied(two);
        QCOMPARE(count(s.findings, Severity::danger), size_t{0});
        QCOMPARE(s.mission.packs.size(), size_t{2});
        QVERIFY(!test::has(s, "return-shared-noise"));
        // Proposed again it stays; with one pack again nothing of the quiet side is left.
        QVERIFY(wired(two) == two);
        auto back = two;
        back.practices.supply = SupplySchool::one;
        const auto one = wired(back);
        QCOMPARE(one.sources.size(), size_t{1});
        for (const auto& f : one.feeds()) QVERIFY(!f.id.ends_with(quiet_suffix));
        // A plan survives its file with it.
        QVERIFY(*plan_from_json(plan_to_json(two), "two") == two);
    }
    void each_of_two_packs_is_judged_by_itself() {
        auto plan = test::demo();
        plan.practices.supply = SupplySchool::two;
        const auto two = wired(plan);
        const auto s = test::studied(two);
        QVERIFY(!test::has(s, "battery-sags") && !test::has(s, "battery-c-rate"));
        // Each says its own figures: what stays within its voltages.
        QCOMPARE(s.worst.packs.size(), size_t{2});
        for (size_t b = 0; b < 2; ++b) {
            const auto& pack = two.sources[b];
            const auto& chemistry = *find(parts().chemistries, pack.chemistry);
            const auto& worst = s.worst.packs[b];
            QVERIFY(worst.lowest >= pack_cutoff_voltage(pack, chemistry));
            QVERIFY(worst.highest <= pack_charge_voltage(pack, chemistry) * 1.001);
            QVERIFY(worst.continuous > Ampere(0) && worst.at_lowest <= worst.peak);
            const auto why = explain(two, parts(), s, pack.id).why;
            const auto says = "Worst-case sag to " + format(worst.lowest);
            QVERIFY(std::any_of(why.lines.begin(), why.lines.end(),
                                [&](const auto& l) { return l.text.str().starts_with(says.str()); }));
        }
        // One that is too small is named, and only that one.
        for (size_t small = 0; small < 2; ++small) {
            auto worse = two;
            auto& pack = worse.sources[small];
            pack.cell_capacity = pack.cell_capacity * 0.02;
            const auto judged = test::studied(worse);
            for (const char* rule : {"battery-c-rate", "battery-sags", "battery-too-small"})
                for (const auto& f : judged.findings)
                    if (f.rule == rule) QCOMPARE(f.about, std::vector<Id>{pack.id});
            QVERIFY(test::has(judged, "battery-c-rate") || test::has(judged, "battery-sags"));
            QVERIFY(test::has(judged, "battery-too-small"));
        }
        auto both = two;
        for (auto& pack : both.sources) pack.cell_capacity = pack.cell_capacity * 0.02;
        const auto judged = test::studied(both).findings;
        QCOMPARE(std::count_if(judged.begin(), judged.end(),
                               [](const auto& f) { return f.rule == "battery-too-small"; }),
                 2);
    }
    void two_packs_need_something_for_each() {
        auto plan = test::demo();
        plan.practices.supply = SupplySchool::two;
        for (auto& l : plan.loads) l.sensitive = false;
        QVERIFY(!wants_two_packs(plan));
        QCOMPARE(wired(plan).sources.size(), size_t{1});
        for (auto& l : plan.loads) l.sensitive = true, l.noisy = false;
        QVERIFY(!wants_two_packs(plan));
    }
    void generous_is_never_weaker() {
        auto plan = test::demo();
        const auto tight = wired(plan);
        plan.practices.sizing = SizingSchool::generous;
        const auto generous = wired(plan);
        QCOMPARE(generous.feeds().size(), tight.feeds().size());
        for (size_t f = 0; f < tight.feeds().size(); ++f) {
            const auto *a = find(parts().wires, tight.feeds()[f].wire),
                       *b = find(parts().wires, generous.feeds()[f].wire);
            QVERIFY2(b->area >= a->area, tight.feeds()[f].id.c_str());
        }
        double before = 0, after = 0;
        for (const auto& c : tight.converters) before += raw(find(parts().converters, c.type)->rated);
        for (const auto& c : generous.converters) after += raw(find(parts().converters, c.type)->rated);
        QVERIFY(after > before);
    }
    void loads_that_stand_together_share_a_feed() {
        auto plan = test::demo();
        plan.practices.feeds = FeedSchool::grouped;
        const auto grouped = wired(plan);
        size_t blocks = 0;
        for (const auto& h : grouped.hubs) {
            if (!h.id.starts_with("block-")) continue;
            ++blocks;
            const auto out = feeds_from(grouped, h.id);
            QVERIFY(out.size() >= 2);
            for (const auto f : out) {
                const auto* l = by_id(grouped.loads, grouped.feeds()[f].to);
                QVERIFY(l && l->place == h.place);
                QVERIFY(device(grouped.feeds()[f], DeviceKind::fuse));
            }
            QCOMPARE(feeds_into(grouped, h.id).size(), size_t{1});
        }
        QVERIFY(blocks >= 1);
        QVERIFY(wired(grouped) == grouped);
        // A rail's window knows the loads behind a block, and what they lose on the way to it together.
        auto one = test::one_feed(2);
        one.converters.push_back({"rail", "Rail", "buck-8a-40v", Volt(5.1), {}, {}});
        one.hubs.push_back({"block", "Block", {}, {}});
        one.loads[0].v_min = Volt(4.75), one.loads[0].v_max = Volt(5.25), one.loads[0].nominal = Volt(5);
        one.feeds()[0].to = "rail";
        auto feed = one.feeds()[0];
        feed.id = "trunk", feed.from = "rail", feed.to = "block", feed.devices.clear();
        one.add_feed(feed);
        feed.id = "last", feed.from = "block", feed.to = "lamp";
        one.add_feed(feed);
        const auto alone = test::studied(one).windows[0];
        auto neighbour = one.loads[0];
        neighbour.id = "neighbour", neighbour.name = "Neighbour";
        one.loads.push_back(neighbour);
        feed.id = "other", feed.to = "neighbour";
        one.add_feed(feed);
        const auto both = test::studied(one).windows[0];
        QVERIFY(alone.low > Volt(4.75) && alone.low_by == "lamp");
        QVERIFY(both.low > alone.low);
    }
    void a_circuit_is_tapped_where_it_has_room() {
        auto plan = test::star(3);
        const auto s = test::studied(plan);
        plan.loads[1].place = plan.loads[0].place;
        const auto tapped = tap_circuit(plan, parts(), s, "load0", "load1");
        QVERIFY2(tapped.has_value(), tapped ? "" : tapped.error().str().c_str());
        QCOMPARE(tapped->hubs.size(), plan.hubs.size() + 1);
        const auto& tap = tapped->hubs.back().id;
        // Two fuses, the old circuit's and the new load's, and both still run.
        for (const auto f : feeds_from(*tapped, tap)) QVERIFY(device(tapped->feeds()[f], DeviceKind::fuse));
        const auto after = test::studied(*tapped);
        QVERIFY(after.now.brown_outs.empty());
        CLOSE(raw(after.now.feeds[feeds_into(*tapped, tap).front()].supply), 2.0, 0.01);
        // No room: its fuse would not carry both.
        auto full = plan;
        full.feeds()[2].devices = {{"f", DeviceKind::fuse, "standard-blade", Ampere(2), {}, {}}};
        const auto refused = tap_circuit(full, parts(), test::studied(full), "load0", "load1");
        QVERIFY(!refused && refused.error().str().find("2 A fuse") != std::string::npos);
        // Another voltage.
        auto other = plan;
        other.loads[0].v_min = Volt(4.5), other.loads[0].v_max = Volt(5.5);
        QVERIFY(!tap_circuit(other, parts(), test::studied(other), "load0", "load1"));
        QVERIFY(!tap_circuit(plan, parts(), s, "load0", "load0"));
        QVERIFY(!tap_circuit(plan, parts(), s, "load0", "nobody"));
    }
    void a_line_of_its_own_starts_at_the_pack() {
        const auto plan = test::star(3);
        const auto line = own_line(plan, parts(), "load1");
        QVERIFY(line);
        const auto& f = line->feeds()[feeds_into(*line, "load1").front()];
        QCOMPARE(f.from, Id("battery"));
        QVERIFY(device(f, DeviceKind::fuse));
        QVERIFY(!own_line(*line, parts(), "load1"));                 // it has one already
        QVERIFY(!own_line(test::demo(), parts(), "load-computer"));  // on a rail
        const auto s = compare_schools(test::demo(), parts(), "load-computer");
        QVERIFY(s.questions.back().name.str().find("Computer") != std::string::npos);
        QVERIFY(way(s, "Its own line")->refusal.str().find("rail") != std::string::npos);
    }
};

SANGRE_SUITE(TestSchools);
#include "test_schools.moc"
