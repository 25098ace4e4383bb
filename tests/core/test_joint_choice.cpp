// Which joint goes where, by school, tool and wire; joints of unlike wires and of several together.
#include <QTest>
#include <cmath>
#include <set>

#include "comparison/feeding.h"
#include "fixtures.h"
#include "making/steps/bom.h"
#include "physics/wire/conductor.h"
#include "plan/edits.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/joint.h"

using namespace sangre;
using test::parts;

namespace {

Id chosen(const Practices& practices, JointEnd end, double copper = 1) {
    const auto* kind = choose_joint(parts(), practices, end, SquareMillimetre(copper));
    return kind ? kind->id : Id("none");
}

Practices following(JointSchool school, TerminalSchool terminal = TerminalSchool::ferrule) {
    Practices p;
    p.joint = school, p.terminal = terminal;
    return p;
}

const WireType* wire(const char* id) { return find(parts().wires, Id(id)); }

JointWork lap(const JointWires& wires) {
    return work_joint(parts(), *find(parts().joints, "lap-splice"), wires, InsulationSchool::adhesive_tube);
}

}  // namespace

class TestJointChoice : public QObject {
    Q_OBJECT
  private slots:
    /// Strip, heat and tug of the same kind on thin copper and on thick.
    void a_kind_is_sized_by_its_copper() {
        const auto size = [](const char* kind, const char* wire) {
            const auto& w = *find(parts().wires, Id(wire));
            return joint_size(*find(parts().joints, Id(kind)), w.area, w.conductor);
        };
        QCOMPARE(raw(size("ring-crimp", "awg22-silicone").strip), 7.0);
        const auto& thick = *find(parts().wires, Id("awg2-silicone"));
        QCOMPARE(raw(size("ring-crimp", "awg2-silicone").strip), std::ceil(2 * raw(thick.conductor)));
        QVERIFY(raw(size("ring-crimp", "awg2-silicone").strip) >= 13);
        QCOMPARE(size("soldered-pad", "awg22-silicone").tug_newton, 5.0);
        QCOMPARE(size("crimped-contact", "awg16-silicone").tug_newton, 10.0);
        CLOSE(size("lap-splice", "awg18-silicone").tug_newton, pull_out_force(awg_area(18)) / 4, 0.05);
        // 3 s up to a square millimetre, with the root of the area beyond: 5.26 mm² want 7 s.
        QCOMPARE(raw(size("lap-splice", "awg22-silicone").dwell), 3.0);
        QCOMPARE(raw(size("lap-splice", "awg10-silicone").dwell), 7.0);
        QCOMPARE(raw(size("lap-splice", "awg22-silicone").iron), 350.0);
        QCOMPARE(raw(size("lap-splice", "awg12-silicone").iron), 380.0);
        QCOMPARE(size("lap-splice", "awg12-silicone").heat, std::string("iron of 60 W"));
        QCOMPARE(raw(size("lap-splice", "awg12-silicone").tip), 5.0);
        QVERIFY(size("soldered-cup", "awg4-silicone").heat.str().find("torch") != std::string::npos);
        QVERIFY(size("soldered-cup", "awg4-silicone").heat.str().find("torch") != std::string::npos);
        QCOMPARE(raw(size("ring-crimp", "awg2-silicone").iron), 0.0);
        QCOMPARE(raw(size("lap-splice", "awg22-silicone").overlap), 8.0);
    }
    void tape_wants_no_heat_gun() {
        Practices p;
        const auto& lap = *find(parts().joints, Id("lap-splice"));
        p.missing_tools = {"heat source"};
        QCOMPARE(missing_tools_of(lap, p), std::vector<std::string>{"heat source"});
        p.insulation = InsulationSchool::tape;
        QVERIFY(missing_tools_of(lap, p).empty());
        QCOMPARE(tools_of(lap, p), (std::vector<std::string>{"iron", "flux", "solder", "tape"}));
        for (const auto& k : parts().joints)
            for (const auto& a : k.actions)
                QVERIFY2(a.str().find("hrink") == std::string::npos, (k.id + ": " + a).str().c_str());
    }
    void each_school_has_its_way_data() {
        QTest::addColumn<int>("school");
        QTest::addColumn<int>("end");
        QTest::addColumn<QString>("kind");
        const auto row = [](JointSchool s, JointEnd e, const char* kind) {
            QTest::addRow("%s at %d", school_name(s).str().c_str(), static_cast<int>(e))
                << static_cast<int>(s) << static_cast<int>(e) << kind;
        };
        row(JointSchool::by_place, JointEnd::splice, "lap-splice");
        row(JointSchool::by_place, JointEnd::stud, "ring-crimp");
        row(JointSchool::by_place, JointEnd::cup, "soldered-cup");
        row(JointSchool::solder, JointEnd::stud, "ring-solder");
        row(JointSchool::solder, JointEnd::housing, "contact-solder");
        row(JointSchool::crimp, JointEnd::splice, "butt-crimp");
        row(JointSchool::crimp, JointEnd::cup, "cup-crimp");
        row(JointSchool::crimp, JointEnd::branch, "branch-clamp");
        row(JointSchool::crimp, JointEnd::pad, "soldered-pad");
        row(JointSchool::crimp_and_solder, JointEnd::stud, "ring-crimp-solder");
        row(JointSchool::crimp_and_solder, JointEnd::splice, "butt-crimp");
        row(JointSchool::no_solder, JointEnd::splice, "lever-clamp");
        row(JointSchool::no_solder, JointEnd::stud, "stud-clamp");
        row(JointSchool::no_solder, JointEnd::cup, "cup-crimp");
    }
    void each_school_has_its_way() {
        QFETCH(int, school);
        QFETCH(int, end);
        QFETCH(QString, kind);
        const auto s = static_cast<JointSchool>(school);
        QCOMPARE(QString::fromStdString(chosen(following(s), static_cast<JointEnd>(end))), kind);
        QVERIFY(!school_purpose(s).empty());
    }
    void screws_follow_their_own_school() {
        for (const auto school : {JointSchool::by_place, JointSchool::no_solder}) {
            QCOMPARE(chosen(following(school, TerminalSchool::ferrule), JointEnd::screw),
                     Id("ferrule-screw"));
            QCOMPARE(chosen(following(school, TerminalSchool::twist), JointEnd::screw), Id("twist-screw"));
            QCOMPARE(chosen(following(school, TerminalSchool::tin), JointEnd::screw), Id("tinned-screw"));
        }
    }
    void what_cannot_be_made_is_not_chosen() {
        auto p = following(JointSchool::crimp);
        p.missing_tools = {"crimping tool with the right die"};
        QCOMPARE(chosen(p, JointEnd::splice), Id("lever-clamp"));
        QCOMPARE(chosen(p, JointEnd::cup), Id("soldered-cup"));
        p.missing_tools.push_back("iron with a big tip");
        // Neither can be made: the school's own it is, and a rule says what is missing.
        QCOMPARE(chosen(p, JointEnd::cup), Id("cup-crimp"));
        const auto all = joint_tools(parts());
        QVERIFY(std::is_sorted(all.begin(), all.end()));
        p.missing_tools = all;
        for (const auto& k : parts().joints) QCOMPARE(missing_tools_of(k, p).size(), k.tools.size());
    }
    void what_does_not_take_the_wire_is_not_chosen() {
        const auto usual = following(JointSchool::by_place);
        QCOMPARE(chosen(usual, JointEnd::splice, 35), Id("butt-crimp"));
        QCOMPARE(chosen(usual, JointEnd::stud, 0.05), Id("stud-clamp"));
        QCOMPARE(chosen(usual, JointEnd::splice, 0), Id("lap-splice"));    // no wire yet
        QCOMPARE(chosen(usual, JointEnd::splice, 900), Id("lap-splice"));  // none takes it
        for (const auto& k : parts().joints) {
            QVERIFY2(raw(k.least) > 0 && k.least < k.most, k.id.c_str());
            QVERIFY(takes(k, k.least) && takes(k, k.most) && !takes(k, k.most * 1.01) &&
                    !takes(k, k.least * 0.99));
        }
    }
    void a_proposal_follows_tools_and_school() {
        auto plan = test::demo();
        plan.hubs.clear(), plan.converters.clear(), plan.replace_feeds({});
        plan.terminals.clear();  // a pad takes nothing but solder, whatever the school
        plan.practices.joint = JointSchool::no_solder;
        const auto made = propose(plan, parts());
        QVERIFY(made.has_value());
        for (const auto& f : made->plan.feeds())
            for (const auto& id : {f.joint_from, f.joint_to}) {
                const auto* k = find(parts().joints, id);
                QVERIFY2(k, f.id.c_str());
                QVERIFY2(takes(*k, lead_copper(parts(), f)), (f.id + " " + id).c_str());
                QVERIFY2(k->method != JointMethod::solder, (f.id + " " + id).c_str());
            }
        QVERIFY(!test::has(test::studied(made->plan), "joint-missing"));
    }
    void a_proposal_keeps_what_the_builder_chose() {
        auto plan = test::demo();
        auto& f = plan.feeds()[feeds_into(plan, "load-computer").front()];
        f.joint_to = "western-splice";
        const auto made = propose(plan, parts());
        QVERIFY(made.has_value());
        QCOMPARE(by_id(made->plan.feeds(), f.id)->joint_to, Id("western-splice"));
        plan.practices.joint = JointSchool::crimp;
        const auto again = propose(plan, parts());
        QCOMPARE(by_id(again->plan.feeds(), f.id)->joint_to, Id("western-splice"));
    }
    void the_whole_plan_follows_a_school_and_keeps_its_ends() {
        const auto plan = test::demo();
        for (const auto school : {JointSchool::by_place, JointSchool::solder, JointSchool::crimp,
                                  JointSchool::crimp_and_solder, JointSchool::no_solder}) {
            const auto next = follow_joint_school(plan, parts(), school);
            QCOMPARE(next.practices.joint, school);
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                QCOMPARE(find(parts().joints, next.feeds()[f].joint_from)->end,
                         find(parts().joints, plan.feeds()[f].joint_from)->end);
                QCOMPARE(next.feeds()[f].wire, plan.feeds()[f].wire);
            }
            QVERIFY(follow_joint_school(next, parts(), school) == next);
        }
    }
    void an_end_without_a_joint_gets_the_usual_one() {
        auto plan = test::demo();
        for (auto& f : plan.feeds()) f.joint_from.clear(), f.joint_to = "no such kind";
        plan = fit_joints(plan, parts());
        for (const auto& f : plan.feeds())
            for (const bool source : {true, false})
                QCOMPARE(find(parts().joints, source ? f.joint_from : f.joint_to)->end,
                         usual_end(plan, f, source));
        QCOMPARE(usual_end(plan, plan.feeds()[0], true), JointEnd::cup);
    }
    void a_feed_moved_to_the_pack_is_bolted_on_unless_it_has_a_plug() {
        const auto plan = test::demo();
        const auto own = own_line(plan, parts(), "load-work-lamp");
        QVERIFY(own.has_value());
        const auto& f = own->feeds()[feeds_into(*own, "load-work-lamp").front()];
        QVERIFY(!device(f, DeviceKind::connector));
        QCOMPARE(find(parts().joints, f.joint_from)->end, JointEnd::stud);
    }

    void unlike_wires_are_gripped_by_the_thinner_and_pass_the_thicker() {
        const auto* thick = wire("awg12-silicone");
        const auto* thin = wire("awg18-silicone");
        const auto alike = lap({thick}), mixed = lap({thick, 1, thin});
        QVERIFY(mixed.wires.other == thin && mixed.far == thin->outer);
        QCOMPARE(raw(mixed.widest), raw(std::max(thick->conductor + thin->conductor, thick->outer)));
        QCOMPARE(raw(mixed.thinnest), raw(thin->outer));
        QVERIFY(mixed.size.tug_newton < alike.size.tug_newton);
        CLOSE(mixed.size.tug_newton, pull_out_force(thin->area) / 4, 0.05);
        if (mixed.tube)
            QVERIFY(raw(mixed.tube->expanded) >= 1.1 * raw(mixed.widest) &&
                    raw(mixed.tube->recovered) <= 0.9 * raw(mixed.thinnest));
        // The same wire on both sides is no other wire.
        QVERIFY(!lap({thick, 1, thick}).wires.other);
        QCOMPARE(raw(lap({thick, 1, thick}).widest), raw(alike.widest));
    }
    void several_together_are_as_thick_as_their_bundle() {
        const auto* w = wire("awg16-silicone");
        const auto one = lap({w}), two = lap({w, 2}), seven = lap({w, 7});
        CLOSE(raw(two.bundle), 2 * raw(w->outer), 0.02);
        CLOSE(raw(seven.bundle), 3 * raw(w->outer), 0.03);
        QVERIFY(one.widest < two.widest && two.widest < seven.widest);
        CLOSE(two.size.tug_newton, pull_out_force(w->area * 2) / 4, 0.02);
        QCOMPARE(raw(lap({w, 0}).bundle), raw(w->outer));
    }
    void only_tubes_at_hand_are_chosen() {
        auto plan = test::demo();
        const auto f = feeds_into(plan, "load-work-lamp").front();
        const auto any = *feed_joint(plan, parts(), f, false);
        QVERIFY(any.tube && !any.tube_missing);
        // The next size up is in the drawer: it is taken, if it grips.
        std::vector<Id> larger;
        for (const auto& t : parts().tubes)
            if (t.adhesive == any.tube->adhesive && t.expanded > any.tube->expanded) larger.push_back(t.id);
        plan.practices.tubes_at_hand = larger;
        const auto other = *feed_joint(plan, parts(), f, false);
        QVERIFY(other.tube && other.tube->expanded > any.tube->expanded &&
                other.tube->recovered <= other.thinnest * 0.9);
        // Only one that does not fit: said, and what to get.
        plan.practices.tubes_at_hand = {larger.back()};
        const auto none = *feed_joint(plan, parts(), f, false);
        QVERIFY(!none.tube && none.tube_missing && none.to_buy == any.tube);
        const auto study = test::studied(plan);
        const auto* found = test::finding(study, "joint-bare");
        QVERIFY(found && found->sentence.str().find("at hand") != std::string::npos);
        const auto bought = found->fixes.at(0).edit(plan);
        QCOMPARE(bought.practices.tubes_at_hand.size(), size_t{2});
        QVERIFY(plan_from_json(plan_to_json(bought), "x")->practices == bought.practices);
        const auto lines = bill_of_materials(plan, parts(), study.harness);
        QVERIFY(std::any_of(lines.begin(), lines.end(),
                            [&](const auto& l) { return l.item == none.to_buy->name.english(); }));
    }
    void what_many_joints_lack_is_said_once_and_mended_at_once() {
        auto plan = test::demo();
        plan.practices.missing_tools = {"crimping tool with the right die"};
        const auto s = test::studied(plan);
        size_t told = 0, joints = 0;
        auto mended = plan;
        for (const auto& f : s.findings) {
            if (f.rule != "joint-no-tool") continue;
            ++told;
            QVERIFY2(!f.about.empty() && !f.fixes.empty(), f.sentence.str().c_str());
            mended = f.fixes[0].edit(mended);
        }
        for (const auto& f : plan.feeds())
            for (const auto& id : {f.joint_from, f.joint_to})
                joints += !missing_tools_of(*find(parts().joints, id), plan.practices).empty();
        QVERIFY(told >= 1 && told <= 3 && joints > 5);
        QVERIFY(!test::has(test::studied(mended), "joint-no-tool"));
        // The same of tubes: one finding a size to get.
        plan.practices.tubes_at_hand = {"tube2-1_2"};
        std::set<std::string> sizes;
        for (const auto& f : test::studied(plan).findings)
            if (f.rule == "joint-bare")
                QVERIFY2(sizes.insert(f.fixes.at(0).label).second, f.sentence.str().c_str());
        QVERIFY(!sizes.empty());
    }
    void a_feeds_joint_knows_the_loads_own_lead() {
        auto plan = test::demo();
        const auto f = feeds_into(plan, "load-computer").front();
        QVERIFY(!feed_joint(plan, parts(), f, false)->wires.other);
        by_id(plan.loads, Id("load-computer"))->lead = "awg28-silicone";
        QVERIFY(feed_joint(plan, parts(), f, false)->wires.other == wire("awg28-silicone"));
        QVERIFY(!feed_joint(plan, parts(), f, true)->wires.other);
        plan.feeds()[f].joint_to = "none";
        QVERIFY(!feed_joint(plan, parts(), f, false));
        plan.feeds()[f].wire = "none";
        QVERIFY(!feed_joint(plan, parts(), f, true));
    }
    void the_shopping_list_counts_what_joints_and_cables_take() {
        auto plan = follow_joint_school(test::demo(), parts(), JointSchool::crimp);
        plan.feeds()[3].conductors = 2;
        const auto lines = bill_of_materials(plan, parts(), test::studied(plan).harness);
        const auto amount = [&](const char* begins) {
            double n = 0;
            for (const auto& l : lines) n += l.item.str().starts_with(begins) ? l.amount : 0;
            return n;
        };
        QVERIFY(amount("butt splice") >= 2 && amount("ferrule") >= 2);
        QCOMPARE(amount("crimp pin of a battery plug"), 2.0);
        double cables = 0;
        const auto harness = lay_harness(plan, parts());
        for (size_t c = 0; c < plan.signal_leads().size(); ++c)
            cables += raw(harness.routes[plan.feeds().size() + c].cut);
        QVERIFY(!plan.signal_leads().empty() && cables > 0.5);
        CLOSE(amount("cable, "), cables, 0.02);
        double metres = 0;
        for (const auto& l : lines) metres += l.item.str().starts_with("wire ") ? l.amount : 0;
        auto single = plan;
        single.feeds()[3].conductors = 1;
        const auto study = test::studied(single);
        double fewer = 0;
        for (const auto& l : bill_of_materials(single, parts(), study.harness))
            fewer += l.item.str().starts_with("wire ") ? l.amount : 0;
        QVERIFY(std::abs(metres - fewer - 2 * raw(study.harness.routes[3].cut)) < 0.05);
    }
};

SANGRE_SUITE(TestJointChoice);
#include "test_joint_choice.moc"
