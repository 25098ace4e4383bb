// Many wires in one joint: counted once in steps and list, of the size that all of them ask.
#include <algorithm>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "plan/edits.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/pigtail.h"

using namespace sangre;
using test::parts;

namespace {

/// The rover with its studs replaced by a splice of thin wires, all in one joint.
Plan twisted() {
    auto plan = test::demo();
    auto& hub = *by_id(plan.hubs, Id("hub"));
    hub.kind = HubKind::splice;
    for (auto& f : plan.feeds())
        if (f.from == hub.id || f.to == hub.id) f.wire = "awg20-silicone";
    return set_pigtail(std::move(plan), parts(), hub.id);
}

size_t ends_at_hub(const Plan& plan) {
    return static_cast<size_t>(std::count_if(plan.feeds().begin(), plan.feeds().end(),
                                             [](const auto& f) { return f.from == "hub" || f.to == "hub"; }));
}

}  // namespace

class TestPigtails : public QObject {
    Q_OBJECT
  private slots:
    void all_that_meets_is_in_it_once() {
        const auto plan = twisted();
        const auto all = pigtails(plan, parts());
        QCOMPARE(all.size(), size_t{2});
        QVERIFY(!all[0].minus && all[1].minus);
        QCOMPARE(all[0].ends.size(), ends_at_hub(plan));
        const auto& wire = *find(parts().wires, Id("awg20-silicone"));
        CLOSE(raw(all[0].copper), raw(wire.area) * all[0].wires, 1e-9);
        CLOSE(raw(pigtail_copper(plan, parts(), "hub")), raw(all[0].copper), 1e-9);
        // Packed circles: wider than one, no wider than all in a row, copper inside its own circle.
        QVERIFY(raw(all[0].over) > raw(wire.outer) && raw(all[0].over) < raw(wire.outer) * all[0].wires);
        QVERIFY(raw(all[0].bared) * raw(all[0].bared) >=
                raw(wire.conductor) * raw(wire.conductor) * all[0].wires);
        QVERIFY(takes(*all[0].kind, all[0].copper));
        // 8 mm back over the insulation, and a third more, which is pinched shut while it is hot.
        if (all[0].tube) QCOMPARE(raw(all[0].tube_cut), std::ceil((raw(all[0].size.strip) + 8) * 4 / 3));
        // A return that is shared has no end there.
        auto shared = plan;
        for (auto& f : shared.feeds())
            if (f.from == "hub") {
                f.ret = Return::frame;
                break;
            }
        QCOMPARE(pigtails(shared, parts())[1].ends.size() + 1, all[1].ends.size());
    }
    void it_is_one_step_after_all_its_wires() {
        const auto plan = twisted();
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        const auto at = [&](const std::string& key) {
            for (size_t i = 0; i < steps.size(); ++i)
                if (steps[i].key == key) return i + 1;
            return size_t{0};
        };
        const auto pigtail = at("pigtail/hub");
        QVERIFY(pigtail > 0);
        for (const auto& f : plan.feeds()) {
            if (f.from != "hub" && f.to != "hub") continue;
            QVERIFY(at("cut/" + f.id) > 0 && at("cut/" + f.id) < pigtail);
            for (const auto& d : f.devices)
                if (at("item/" + d.id) > 0) QVERIFY(at("item/" + d.id) < pigtail);
            // No joint of its own there; its other end keeps one.
            QCOMPARE(at("join/" + f.id + (f.from == "hub" ? "/source" : "/load")), size_t{0});
            QVERIFY(at("join/" + f.id + (f.from == "hub" ? "/load" : "/source")) > 0);
        }
        QVERIFY(at("test/beep") > pigtail);
        std::string said;
        for (const auto& a : steps[pigtail - 1].actions) said += a + "\n";
        QVERIFY2(said.find("All + together") != std::string::npos &&
                     said.find("All − together") != std::string::npos,
                 said.c_str());
    }
    /// Cores of a cable that feeds are twisted in with the rest: two of supply, one of ground.
    void cores_of_a_cable_are_in_it() {
        auto plan = twisted();
        const auto without = pigtails(plan, parts());
        auto& f = *std::find_if(plan.feeds().begin(), plan.feeds().end(),
                                [](const auto& x) { return x.from == "hub"; });
        f.cores = {{"+", CoreRole::supply, "1", "1", "red"},
                   {"+", CoreRole::supply, "2", "2", "yellow"},
                   {"-", CoreRole::ground, "3", "3", "black"},
                   {"", CoreRole::unused, "4", "4", "white"}};
        const auto both = pigtails(plan, parts());
        QCOMPARE(both.size(), size_t{2});
        QCOMPARE(both[0].wires, without[0].wires + 1);
        QCOMPARE(both[1].wires, without[1].wires);
        const auto* wire = find(parts().wires, f.wire);
        CLOSE(raw(both[0].copper), raw(without[0].copper + wire->area), 1e-9);
        QVERIFY(in_pigtail(plan, parts(), f, true));
        const auto s = test::studied(plan);
        const auto& steps = s.steps();
        const auto at = [&](const std::string& key) {
            return std::find_if(steps.begin(), steps.end(), [&](const auto& x) { return x.key == key; }) -
                   steps.begin();
        };
        QVERIFY(at("cable/" + f.id) < at("pigtail/hub"));
    }
    void its_cap_is_bought_once_for_each_polarity() {
        auto plan = twisted();
        for (auto& f : plan.feeds()) {
            if (f.from == "hub") f.joint_from = "pigtail-cap";
            if (f.to == "hub") f.joint_to = "pigtail-cap";
        }
        double caps = 0;
        for (const auto& l : bill_of_materials(plan, parts(), test::studied(plan).harness))
            if (l.item.str().starts_with("closed-end cap")) caps += l.amount;
        QCOMPARE(caps, 2.0);
    }
    void it_follows_the_builders_school_and_stays_a_pigtail() {
        auto plan = twisted();
        plan = follow_joint_school(std::move(plan), parts(), JointSchool::no_solder);
        const auto all = pigtails(plan, parts());
        QCOMPARE(all.size(), size_t{2});
        QVERIFY(all[0].kind->method != JointMethod::solder);
        QVERIFY(takes(*all[0].kind, all[0].copper));
        plan = follow_joint_school(std::move(plan), parts(), JointSchool::solder);
        QVERIFY(pigtails(plan, parts())[0].kind->method == JointMethod::solder ||
                !takes(*find(parts().joints, Id("pigtail-solder")), all[0].copper));
    }
    void one_alone_keeps_its_own_step() {
        // A kind for many at one end alone, or at studs, is an ordinary joint: nothing of it is lost.
        for (const bool splice : {true, false}) {
            auto plan = test::demo();
            if (splice) by_id(plan.hubs, Id("hub"))->kind = HubKind::splice;
            auto& feed = *std::find_if(plan.feeds().begin(), plan.feeds().end(),
                                       [](const auto& f) { return f.from == "hub"; });
            feed.joint_from = "pigtail-solder";
            QVERIFY(!in_pigtail(plan, parts(), feed, true));
            QVERIFY(pigtails(plan, parts()).empty());
            const auto s = test::studied(plan);
            QVERIFY(std::any_of(s.steps().begin(), s.steps().end(),
                                [&](const auto& x) { return x.key == "join/" + feed.id + "/source"; }));
        }
    }
    void choosing_at_one_end_chooses_at_all() {
        const auto plan = twisted();
        const auto& feed = *std::find_if(plan.feeds().begin(), plan.feeds().end(),
                                         [](const auto& f) { return f.from == "hub"; });
        const auto next = set_end_joint(plan, parts(), feed.id, true, "pigtail-cap");
        for (const auto& p : pigtails(next, parts())) QCOMPARE(p.kind->id, Id("pigtail-cap"));
        QCOMPARE(pigtails(next, parts())[0].ends.size(), ends_at_hub(plan));
        // Anything else is that end's own.
        const auto tee = set_end_joint(plan, parts(), feed.id, true, "tee-splice");
        QCOMPARE(pigtails(tee, parts())[0].ends.size() + 1, ends_at_hub(plan));
    }
    void two_ends_make_none_and_other_hubs_neither() {
        auto plan = test::demo();
        QVERIFY(set_pigtail(plan, parts(), "hub") == plan);  // studs
        QVERIFY(set_pigtail(plan, parts(), "no such") == plan);
        QVERIFY(pigtails(plan, parts()).empty());
        const auto kept = twisted();
        const auto back = plan_from_json(plan_to_json(kept), "x");
        QVERIFY(back && *back == kept);
    }
};

SANGRE_SUITE(TestPigtails);
#include "test_pigtails.moc"
