// Items with ends of their own: lugs joined, coils wired, taps, beads, a bridge, chargers, wide tubes.
#include <algorithm>

#include "comparison/device_offers.h"
#include "electrical/protection/suiting.h"
#include "fixtures.h"
#include "harness/fittings.h"
#include "making/steps/bom.h"
#include "plan/edits.h"
#include "plan/load_text.h"
#include "plan/pack_text.h"
#include "plan/source_text.h"
#include "wiring/conductors/resistances.h"
#include "wiring/item/covers.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

size_t feed_of(const Plan& plan, const Id& load) { return feeds_into(plan, load).front(); }

/// The rover with that in its work lamp's lead.
Plan with_item(DeviceKind kind, const Id& type) {
    auto plan = test::demo();
    auto& feed = plan.feeds()[feed_of(plan, "load-work-lamp")];
    std::erase_if(feed.devices, [&](const auto& d) { return d.kind == kind; });
    feed.devices.push_back({"it", kind, type, {}, "Lamp", {}});
    return plan;
}

const Device& it(const Plan& plan) {
    return *by_id(plan.feeds()[feed_of(plan, "load-work-lamp")].devices, Id("it"));
}

std::string actions_of(const Study& s, const std::string& key) {
    std::string words;
    for (const auto& step : s.steps())
        if (step.key == key) {
            words += step.title + "\n";
            for (const auto& a : step.actions) words += a + "\n";
        }
    return words;
}

bool says(const std::string& words, const char* part) { return words.find(part) != std::string::npos; }

}  // namespace

class TestItemEnds : public QObject {
    Q_OBJECT
  private slots:
    void lugs_are_joined_by_their_kind() {
        const auto bare = with_item(DeviceKind::power_switch, "rocker-16a");
        const auto s = test::studied(bare);
        const auto* f = test::finding(s, "item-joint-missing");
        QVERIFY(f && !f->fixes.empty());
        const auto plan = f->fixes[0].edit(bare);
        QVERIFY(!test::has(test::studied(plan), "item-joint-missing"));
        const auto* kind = find(parts().joints, it(plan).joint_in);
        QVERIFY(kind && kind->end == JointEnd::blade && it(plan).joint_out == it(plan).joint_in);
        // Two more joints in its ohms.
        const auto f0 = feed_of(plan, "load-work-lamp");
        const auto a = feed_ohms(bare, bare.feeds()[f0], parts(), Metre(1)),
                   b = feed_ohms(plan, plan.feeds()[f0], parts(), Metre(1));
        CLOSE(raw(b.supply - a.supply), 2 * raw(kind->resistance), 1e-9);
        const auto words = actions_of(test::studied(plan), "item/it");
        QVERIFY2(says(words, "on either side of it:") && says(words, "Tug "), words.c_str());
    }
    void every_item_with_ends_can_be_joined() {
        const auto joined = [&](const Plan& plan) {
            const auto next = fit_item_joints(plan, parts());
            const auto& d = it(next);
            const auto ends = item_ends(parts(), d);
            if (!ends) return d.joint_in.empty() && d.joint_out.empty();
            const auto* kind = find(parts().joints, d.joint_out);
            return kind && kind->end == ends->end && plan_from_json(plan_to_json(next), "plan").has_value() &&
                   fit_item_joints(next, parts()) == next;
        };
        int with = 0;
        for (const auto& t : parts().switches) {
            QVERIFY2(joined(with_item(DeviceKind::power_switch, t.id)), t.id.c_str());
            with += t.ends.has_value();
        }
        for (const auto& t : parts().inlines) {
            const auto kind = t.kind == InlineKind::diode       ? DeviceKind::diode
                              : t.kind == InlineKind::filter    ? DeviceKind::filter
                              : t.kind == InlineKind::precharge ? DeviceKind::precharge
                                                                : DeviceKind::shunt;
            QVERIFY2(joined(with_item(kind, t.id)), t.id.c_str());
            with += t.ends.has_value();
        }
        QVERIFY(with > 30);
    }
    void another_kind_of_ends_wants_another_joint() {
        auto plan = fit_item_joints(with_item(DeviceKind::power_switch, "rocker-16a"), parts());
        plan = set_device_type(plan, "it", "isolator-50a");
        QVERIFY(test::has(test::studied(plan), "item-joint-missing"));
        plan = fit_item_joints(plan, parts());
        QVERIFY(find(parts().joints, it(plan).joint_in)->end == JointEnd::stud);
        plan = fit_item_joints(set_device_type(plan, "it", "loop-key-60a"), parts());
        QVERIFY(it(plan).joint_in.empty());
    }
    void leads_of_a_meter_count() {
        const auto plan = with_item(DeviceKind::shunt, "meter-10a");
        const auto* wire = find(parts().wires, Id("awg16-pvc"));
        const auto v = item_values(parts(), it(plan));
        CLOSE(raw(v->own_leads), 2 * 0.1 * wire->ohm_per_m, 1e-9);
        CLOSE(raw(v->supply), 0.01 + 2 * 0.1 * wire->ohm_per_m, 1e-9);
    }
    void a_coil_draws_where_it_hangs() {
        auto plan = with_item(DeviceKind::power_switch, "relay-10a-5v");
        QVERIFY(test::has(test::studied(plan), "coil-volts", Severity::danger));  // on the pack
        const auto rail = test::rail_of(plan, "load-computer");
        plan = with_device(plan, "it", [&](Device& d) { d.coil_from = rail; });
        const auto s = test::studied(plan);
        QVERIFY(!test::has(s, "coil-volts"));
        const auto& circuit = s.solver->circuit();
        QCOMPARE(circuit.coils.size(), size_t{1});
        const double set = raw(by_id(plan.converters, rail)->set);
        Demand on;
        on.states.assign(plan.loads.size(), LoadState::typical);
        on.open.assign(plan.feeds().size(), false);
        CLOSE(raw(s.solver->solve(on).coils[0]), circuit.coils[0].siemens * set, 0.02);
        const auto words = actions_of(s, "item/it");
        QVERIFY2(says(words, ("+ from the supply of " + name_of(plan, rail)).c_str()), words.c_str());
        // And is offered there, and says what closes it.
        plan.passives.push_back({"arm", "Arm button"});
        const auto offers = device_offers(plan, parts(), test::studied(plan),
                                          plan.feeds()[feed_of(plan, "load-work-lamp")].id);
        bool closed = false;
        for (const auto& o : offers)
            if (o.name == "closed by Arm button") {
                const auto next = o.edit(plan);
                QCOMPARE(it(next).control, Id("arm"));
                QVERIFY(says(actions_of(test::studied(next), "item/it"), "− through Arm button"));
                QVERIFY(it(remove_passive(next, "arm")).control.empty());
                closed = true;
            }
        QVERIFY(closed);
    }
    void a_bead_closes_round_the_lead() {
        const auto plan = with_item(DeviceKind::filter, "ferrite-clamp");
        const auto with = lay_harness(plan, parts()), without = lay_harness(test::demo(), parts());
        QCOMPARE(with.wiring.joints.size(), without.wiring.joints.size());  // nothing is cut for it
        QVERIFY(says(actions_of(test::studied(plan), "item/it"), "Clip it round all its wires"));
        auto thick = with_item(DeviceKind::filter, "ferrite-clamp-5");
        thick.feeds()[feed_of(thick, "load-work-lamp")].wire = "awg12-silicone";
        const auto s = test::studied(thick);
        const auto* f = test::finding(s, "bead-bore");
        QVERIFY(f && !f->fixes.empty());
        // Two wires side by side are as thick as both.
        const auto* wire = find(parts().wires, Id("awg12-silicone"));
        CLOSE(raw(lead_thickness(s.harness, feed_of(thick, "load-work-lamp"))), 2 * raw(wire->outer), 0.01);
        QVERIFY(!test::has(test::studied(f->fixes[0].edit(thick)), "bead-bore"));
    }
    void blocks_in_a_ring_are_found() {
        auto plan = test::demo();
        plan.hubs.push_back({"ra", "Ring A", {}, {}}), plan.hubs.push_back({"rb", "Ring B", {}, {}});
        for (const auto& [id, from, to] : {std::tuple{"l1", "ra", "rb"}, {"l2", "rb", "ra"}}) {
            Lead lead;
            lead.id = id, lead.from = from, lead.to = to, lead.wire = "awg18-silicone";
            plan.add_feed(lead);
        }
        const auto s = test::studied(plan);
        const auto* f = test::finding(s, "rail-loop");
        QVERIFY(f && f->sentence.str().starts_with("Ring A is fed from itself"));
        QVERIFY(s.now.found);
    }
    void a_tap_takes_both_fuses_in_a_slot_that_is_there() {
        auto plan = test::demo();
        plan.sources[0] = Source{};
        auto& s = plan.sources[0];
        s.id = test::demo().sources[0].id, s.name = "Roof circuit", s.kind = SourceKind::circuit;
        s.v_min = Volt(22), s.v_max = Volt(29), s.fuse = Ampere(30), s.fuse_type = "standard-blade";
        const auto feed = plan.feeds()[feeds_from(plan, s.id).front()].id;
        plan = set_fuse(std::move(plan), feed, "standard-blade", Ampere(10));
        const auto fuse = device(*by_id(plan.feeds(), feed), DeviceKind::fuse)->id;
        bool offered = false;
        for (const auto& o : device_offers(plan, parts(), test::studied(plan), feed))
            if (o.name.str().starts_with("fuse tap")) {
                const auto next = o.edit(plan);
                const auto& d = *by_id(by_id(next.feeds(), feed)->devices, fuse);
                QCOMPARE(d.holder, Id("tap-standard-awg16"));
                QVERIFY(d.joint_in.empty() && !d.joint_out.empty());
                const auto study = test::studied(next);
                QVERIFY(!test::has(study, "tap-slot") && !test::has(study, "item-joint-missing"));
                // On the bench its lead is joined; into the slot it goes last of all.
                QVERIFY(says(actions_of(study, "item/" + fuse), "it goes into the slot last of all"));
                std::string words;
                for (const auto& step : study.steps())
                    if (step.kind == StepKind::last_fuse && step.about == feed)
                        for (const auto& action : step.actions) words += action + "\n";
                QVERIFY2(says(words, "which side of its slot is live") && says(words, "That fuse, 30 A"),
                         words.c_str());
                // One lead, one joint.
                const auto v = *item_values(parts(), d);
                const auto* wire = find(parts().wires, Id("awg16-pvc"));
                CLOSE(raw(v.own_leads), 0.15 * wire->ohm_per_m, 1e-9);
                auto other = next;
                other.sources[0].fuse_type = "mini-blade";
                const auto wrong = test::studied(other);
                const auto* f = test::finding(wrong, "tap-slot");
                QVERIFY(f && !f->fixes.empty());
                QVERIFY(!test::has(test::studied(f->fixes[0].edit(other)), "tap-slot"));
                offered = true;
            }
        QVERIFY(offered);
    }
    void a_holder_of_the_plan_is_no_tap() {
        for (const auto& family : parts().fuses) {
            const auto* h = suiting_holder(parts(), family, Ampere(5), Celsius(25));
            QVERIFY(!h || !h->tap);
        }
    }
    void a_bridge_is_read_and_takes_its_share() {
        const auto read = parse_load("Drum motor 24 V 4 A stall 20 A 1 s bridge 0.3 Ω bridge 1.2 V");
        QVERIFY2(read.complete(), read.problems.empty() ? "" : read.problems[0].message.str().c_str());
        QCOMPARE(raw(read.load.bridge), 0.3);
        QCOMPARE(raw(read.load.bridge_drop), 1.2);
        QVERIFY(parse_load(load_line(read.load)).load == read.load);
        CLOSE(raw(bridge_volts(read.load, Ampere(4))), 0.3 * 4 + 1.2, 1e-12);
        CLOSE(raw(bridge_loss(read.load, Ampere(4))), 4 * (0.3 * 4 + 1.2), 1e-12);
        QCOMPARE(raw(bridge_loss(read.load, Ampere(0))), 0.0);
        for (const char* wrong :
             {"Lamp 24 V 4 A bridge 0.3 Ω", "Drum motor 24 V 4 A bridge", "Drum motor 24 V 4 A bridge 3 A",
              "Drum motor 24 V 4 A bridge 11 V", "Drum motor 24 V 4 A bridge 1–2 V"})
            QVERIFY2(!parse_load(wrong).complete(), wrong);
    }
    void a_bridge_stands_in_series_with_the_winding() {
        auto load = parse_load("Drum motor 24 V 4 A stall 20 A 1 s").load;
        load.id = "drum";
        const auto held = [&](Load l) {
            auto plan = test::one_feed();
            l.id = plan.loads[0].id;
            plan.loads[0] = l;
            Demand d;
            d.states = {LoadState::stall};
            d.open.assign(plan.feeds().size(), false);
            const auto s = test::studied(plan);
            const auto p = s.solver->solve(d);
            return raw(p.loads[0].volts) / raw(p.loads[0].amps);
        };
        const double own = held(load);
        load.bridge = Ohm(0.3);
        CLOSE(held(load) - own, 0.3, 0.01);
    }
    void chargers_are_read_and_judged() {
        const auto pack = parse_source(parts(), {}, "8S LFP 35 Ah charger 29.2 V 5 A");
        QVERIFY2(pack.has_value(), pack ? "" : pack.error().message.str().c_str());
        QCOMPARE(raw(pack->charger), 29.2);
        QCOMPARE(raw(pack->charger_current), 5.0);
        QCOMPARE(pack->series, 8);
        const auto again = parse_source(parts(), *pack, source_line(*pack, parts()));
        QVERIFY(again && *again == *pack);
        QVERIFY(raw(parse_source(parts(), *pack, "8S LFP 35 Ah no charger")->charger) == 0);
        QCOMPARE(raw(parse_source(parts(), *pack, "charger 28 V")->charger), 28.0);
        for (const char* wrong :
             {"8S LFP charger", "8S LFP charger 5 A", "8S LFP charger 70 V", "8S LFP charger 29 V 5 Ah",
              "8S LFP charger 28–29 V", "8S LFP charger 29 V 5 A 3 A"}) {
            const auto read = parse_source(parts(), {}, wrong);
            QVERIFY2(!read, wrong);
            QVERIFY(read.error().end <= std::string(wrong).size());
        }
        // What is missing is asked for, and what no pack has refused.
        for (const char* wrong : {"8S LFP", "8S 35 Ah", "8S LFP 35 pAh", "12 MV LFP 35 Ah", "charger 29 V"})
            QVERIFY2(!parse_source(parts(), {}, wrong), wrong);
        auto plan = test::demo();
        auto& s = plan.sources[0];
        const auto* k = find(parts().chemistries, s.chemistry);
        const Volt right = k->charge * s.series;
        const auto severity = [&](double share) {
            s.charger = right * share;
            const auto study = test::studied(plan);
            const auto* f = test::finding(study, "charger-volts");
            if (!f) return 0;
            if (test::has(test::studied(f->fixes[0].edit(plan)), "charger-volts")) return -1;
            return f->severity == Severity::danger ? 2 : 1;
        };
        QCOMPARE(severity(1), 0);
        QCOMPARE(severity(1.004), 0);
        QCOMPARE(severity(1.006), 2);
        QCOMPARE(severity(0.975), 0);
        QCOMPARE(severity(0.965), 1);
    }
    void a_wide_tube_goes_over_both() {
        auto plan = test::demo();
        const auto f = feed_of(plan, "load-work-lamp");
        QVERIFY(!over_tube(plan, parts(), f, false));
        plan.practices.over_tube = true;
        const auto over = over_tube(plan, parts(), f, false);
        QVERIFY(over && over->tube);
        const auto one = feed_joint(plan, parts(), f, false);
        QVERIFY(over->tube->expanded >= one->widest * 2 && over->tube->recovered < one->bundle * 2);
        QCOMPARE(raw(over->cut), std::ceil(raw(one->tube_cut) + 20));  // a centimetre beyond on either side
        const auto s = test::studied(plan);
        QVERIFY(says(actions_of(s, "sleeve/" + plan.feeds()[f].id), over->tube->name.english().c_str()));
        QVERIFY(says(actions_of(s, "join/" + plan.feeds()[f].id + "/load"), "the wide tube over both"));
        double metres = 0, before = 0;
        for (const auto& l : bill_of_materials(plan, parts(), s.harness))
            if (l.item == over->tube->name.english()) metres = l.amount;
        for (const auto& l : bill_of_materials(test::demo(), parts(), s.harness))
            if (l.item == over->tube->name.english()) before = l.amount;
        QVERIFY(metres > before);
    }
    void a_lighter_shrinks_with_its_caution() {
        auto plan = test::demo();
        plan.practices.heat = HeatSchool::lighter;
        const auto key = "join/" + plan.feeds()[feed_of(plan, "load-work-lamp")].id + "/load";
        for (const auto& step : test::studied(plan).steps())
            if (step.key == key) {
                QVERIFY(step.caution.str().find("open flame") != std::string::npos);
                QVERIFY(std::find(step.tools.begin(), step.tools.end(), "lighter") != step.tools.end());
                QVERIFY(std::find(step.tools.begin(), step.tools.end(), "heat source") == step.tools.end());
            }
        for (const auto& step : test::studied(test::demo()).steps())
            QVERIFY(step.caution.str().find("open flame") == std::string::npos);
    }
    void a_hub_of_another_kind_has_other_joints() {
        const auto plan = test::demo();
        for (const auto kind :
             {HubKind::strip, HubKind::board, HubKind::splice, HubKind::fork, HubKind::stud}) {
            const auto other = set_hub_kind(plan, parts(), "hub", kind);
            for (const auto& f : other.feeds())
                for (const bool source : {true, false})
                    if ((source ? f.from : f.to) == "hub" && other != plan)
                        QVERIFY(find(parts().joints, source ? f.joint_from : f.joint_to)->end ==
                                usual_end(other, f, source));
            QVERIFY(plan_from_json(plan_to_json(other), "plan").has_value());
        }
    }
    void fittings_suit_what_goes_through() {
        const auto* m16 = suiting_fitting(parts(), FittingKind::gland, Millimetre(7));
        QVERIFY(m16 && m16->id == "gland-m16");
        QVERIFY(!suiting_fitting(parts(), FittingKind::gland, Millimetre(90)));
        for (const auto& f : parts().fittings) {
            QVERIFY2(f.least < f.most, f.id.c_str());
            if (f.kind == FittingKind::gland || f.kind == FittingKind::grommet)
                QVERIFY2(f.hole > f.most * 0.99, f.id.c_str());
        }
        const Opening bored{"o", {}, {}, OpeningKind::grommet, Millimetre(12.5)};
        QCOMPARE(fitting_of(parts(), bored, Millimetre(3))->id, Id("grommet-12"));
        QVERIFY(!fitting_of(parts(), {"o", {}, {}, OpeningKind::hole, Millimetre(12)}, Millimetre(3)));
        const auto plan = test::demo("book-trike");
        const auto h = lay_harness(plan, parts());
        int braids = 0, ties = 0;
        for (const auto& f : fittings_wanted(plan, parts(), h)) {
            braids += f.fitting->kind == FittingKind::braid;
            ties += f.fitting->kind == FittingKind::tie;
            QVERIFY(f.amount > 0);
        }
        QVERIFY(braids > 0 && ties > braids);
        bool listed = false;
        for (const auto& l : bill_of_materials(plan, parts(), h))
            listed = listed || l.item.str().starts_with("cable tie");
        QVERIFY(listed);
    }
    void a_bare_board_goes_into_a_tube() {
        auto plan = test::demo();
        for (const auto& c : parts().converters) {
            auto one = plan.converters[0];
            one.type = c.id;
            QVERIFY(!board_tube(plan, parts(), one));
            one.in_tube = true;
            const auto tube = board_tube(plan, parts(), one);
            QVERIFY(tube.has_value());
            if (raw(c.width) <= 0 || !tube->tube) continue;
            QVERIFY(raw(tube->tube->expanded) * M_PI >= 2 * raw(c.width + c.height));
            QVERIFY(raw(tube->tube->recovered) * M_PI < 2 * raw(c.width + c.height));
        }
        const auto id = plan.converters[0].id;
        plan = set_in_tube(plan, id, true);
        const auto s = test::studied(plan);
        std::vector<std::string> keys;
        for (const auto& step : s.steps()) keys.push_back(step.key);
        const auto at = [&](const std::string& key) {
            return std::find(keys.begin(), keys.end(), key) - keys.begin();
        };
        QVERIFY(at("cover/" + id) < static_cast<std::ptrdiff_t>(keys.size()));
        QVERIFY(at("cover/" + id) > at("set/" + id));
        for (const auto f : feeds_from(plan, id))
            QVERIFY(at("cover/" + id) > at("join/" + plan.feeds()[f].id + "/source"));
    }
};

SANGRE_SUITE(TestItemEnds);
#include "test_item_ends.moc"
