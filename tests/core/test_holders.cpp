// A fuse in a holder with leads of its own: ohms, joints, thin copper, holes, steps, list, file.
#include "comparison/device_offers.h"
#include "electrical/protection/suiting.h"
#include "fixtures.h"
#include "making/steps/bom.h"
#include "plan/edits.h"
#include "wiring/conductors/resistances.h"
#include "wiring/item/item_joint.h"

using namespace sangre;
using test::parts;

namespace {

/// The rover with a blade fuse for the pump.
Plan bladed() {
    auto plan = test::demo();
    const auto feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()].id;
    return set_fuse(std::move(plan), feed, "standard-blade", Ampere(10));
}

/// The same with that fuse in a holder of that kind.
struct Seated {
    explicit Seated(const Id& holder, const Plan& from = bladed()) : plan(from) {
        at = feeds_into(plan, "load-fog-pump").front();
        fuse = device(plan.feeds()[at], DeviceKind::fuse)->id;
        plan = set_holder(std::move(plan), parts(), fuse, holder);
    }
    const Device& seat() const { return *by_id(plan.feeds()[at].devices, fuse); }
    Plan plan;
    size_t at = 0;
    Id fuse;
};

const HolderType& thin() { return *find(parts().holders, Id("inline-glass-5x20-awg18")); }

}  // namespace

class TestHolders : public QObject {
    Q_OBJECT
  private slots:
    void its_leads_and_joints_add_their_ohms() {
        const Seated s("inline-blade-awg16");
        const auto bare = feed_ohms(bladed(), bladed().leads[s.at], parts(), Metre(1));
        const auto seated = feed_ohms(s.plan, s.plan.feeds()[s.at], parts(), Metre(1));
        const auto& lead = *find(parts().wires, Id("awg16-pvc"));
        const auto& splice = *find(parts().joints, s.seat().joint_in);
        // Two leads of 12 cm, a joint on either side of the holder.
        CLOSE(raw(seated.supply - bare.supply), 2 * 0.12 * lead.ohm_per_m + 2 * raw(splice.resistance), 1e-9);
        CLOSE(raw(seated.back), raw(bare.back), 1e-12);
        auto cut = s.plan;
        by_id(cut.feeds()[s.at].devices, s.fuse)->own_lead = Metre(0.05);
        const auto shorter = feed_ohms(cut, cut.feeds()[s.at], parts(), Metre(1));
        CLOSE(raw(seated.supply - shorter.supply), 2 * 0.07 * lead.ohm_per_m, 1e-9);
    }
    void what_is_said_of_its_ohms_adds_up() {
        const Seated s("inline-blade-awg16");
        const auto wiring = wire_up_feed(s.plan, parts(), s.plan.feeds()[s.at], Metre(1));
        double sum = 0;
        bool leads = false;
        for (const auto& r : feed_resistances(s.plan.feeds()[s.at], parts(), wiring, 0)) {
            sum += raw(r.value);
            leads = leads || r.what == "leads of its holder";
        }
        QVERIFY(leads);
        const auto ohms = feed_ohms(wiring, 0);
        CLOSE(sum, raw(ohms.supply + ohms.back), 1e-12);
    }
    void thin_copper_of_a_holder_is_found_and_mended() {
        auto plan = test::demo();
        auto& feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        const auto fuse = device(feed, DeviceKind::fuse)->id;
        plan = set_fuse(std::move(plan), feed.id, "standard-blade", Ampere(40));
        const auto seat =
            device(plan.feeds()[feeds_into(plan, "load-fog-pump").front()], DeviceKind::fuse)->id;
        plan = set_holder(std::move(plan), parts(), seat, "inline-blade-awg16");
        const auto s = test::studied(plan);
        const Finding* thin_lead = nullptr;
        for (const auto& f : s.findings)
            if (f.rule == "feed-lead-unprotected") thin_lead = &f;
        QVERIFY(thin_lead);
        QVERIFY(thin_lead->sentence.str().find("leads of the in-line blade holder") != std::string::npos);
        QVERIFY(!thin_lead->fixes.empty());
        const auto mended = thin_lead->fixes.front().edit(plan);
        QVERIFY(!test::has(test::studied(mended), "feed-lead-unprotected"));
        QVERIFY(plan_from_json(plan_to_json(mended), "x"));
    }
    void a_holder_of_another_family_is_found() {
        const Seated s("inline-glass-5x20-awg18");
        QVERIFY(test::has(test::studied(s.plan), "feed-holder"));
        QVERIFY(!test::has(test::studied(Seated("inline-blade-awg16").plan), "feed-holder"));
        // One that is not there counts as any, and is named.
        auto plan = s.plan;
        by_id(plan.feeds()[s.at].devices, s.fuse)->holder = "no-such";
        const auto study = test::studied(plan);
        QVERIFY(study.now.found);
        QVERIFY(test::has(study, "feed-holder"));
    }
    void it_passes_a_hole_taken_apart() {
        Seated s("inline-blade-awg16");
        const auto before = test::studied(s.plan);
        for (auto& opening : s.plan.openings) opening.bore = Millimetre(16);
        const auto h = lay_harness(s.plan, parts());
        bool opened = false;
        for (const auto& hole : h.holes) {
            for (const auto item : hole.to_open) opened = opened || h.wiring.items[item].feed == s.at;
            if (!hole.to_open.empty()) QVERIFY(raw(hole.largest_end) >= 14);
        }
        bool goes_through = false;
        for (const auto p : h.routes[s.at].ways)
            goes_through = goes_through || meets(s.plan.ways[p], OnWayKind::opening);
        QCOMPARE(opened, goes_through);
        QVERIFY(goes_through);
    }
    void its_step_says_both_joints_and_its_list_both_parts() {
        const Seated s("inline-blade-awg16");
        const auto study = test::studied(s.plan);
        const auto& steps = study.steps();
        const auto step =
            std::find_if(steps.begin(), steps.end(), [&](const auto& x) { return x.item == s.fuse; });
        QVERIFY(step != steps.end());
        std::string said;
        for (const auto& a : step->actions) said += a + "\n";
        for (const char* words : {"Shorten each lead of the holder to 0.12 m (16 AWG)", "on either side",
                                  "Tug each side with", "Leave the fuse out"})
            QVERIFY2(said.find(words) != std::string::npos, said.c_str());
        const auto work = item_joint(s.plan, parts(), s.plan.feeds()[s.at], s.seat(), true);
        QVERIFY(work && work->wires.other && work->wires.other->size == "16 AWG");
        int holders = 0, joints = 0;
        const auto list = bill_of_materials(s.plan, parts(), study.harness);
        for (const auto& l : list) holders += l.item == "in-line blade holder, 16 AWG leads";
        QCOMPARE(holders, 1);
        const auto tube = [&](const std::vector<BomLine>& all) {
            double metres = 0;
            for (const auto& l : all)
                if (work->tube && l.item == work->tube->name.english()) metres += l.amount;
            return metres;
        };
        const auto without = bill_of_materials(bladed(), parts(), test::studied(bladed()).harness);
        QVERIFY(std::abs(tube(list) - tube(without) - 2 * raw(work->tube_cut) / 1e3) <
                0.0101);  // lists round up to a centimetre
        for (const auto& j : study.harness.wiring.joints_of(s.at))
            joints += j.item >= 0 && j.kind &&
                      study.harness.wiring.items[static_cast<size_t>(j.item)].kind == DeviceKind::fuse;
        QCOMPARE(joints, 2);
    }
    void it_is_offered_taken_and_given_back() {
        const auto plan = test::demo();
        const auto& feed = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        const auto study = test::studied(plan);
        bool offered = false;
        for (const auto& o : device_offers(plan, parts(), study, feed.id)) {
            if (o.purpose.str().find("two leads of") == std::string::npos) continue;
            offered = true;
            const auto taken = o.edit(plan);
            const auto& fuse = *device(*by_id(taken.leads, feed.id), DeviceKind::fuse);
            const auto* holder = find(parts().holders, fuse.holder);
            QVERIFY(holder && !fuse.joint_in.empty() && fuse.joint_in == fuse.joint_out);
            QVERIFY(!test::has(test::studied(taken), "feed-lead-unprotected"));
            QVERIFY(set_holder(taken, parts(), fuse.id, "") == plan);
            const auto read = plan_from_json(plan_to_json(taken), "x");
            QVERIFY(read && *read == taken);
        }
        QVERIFY(offered);
    }
    void every_holder_takes_families_that_are_there() {
        QVERIFY(parts().holders.size() >= 8);
        for (const auto& h : parts().holders) {
            QVERIFY2(h.ways > 0 ? h.lead.empty() && h.all >= h.each : !!find(parts().wires, h.lead),
                     h.id.c_str());
            for (const auto& id : h.takes) {
                const auto* family = find(parts().fuses, id);
                QVERIFY2(family && family->mount == FuseMount::holder, id.c_str());
            }
        }
        // Its own leads carry the rating that it is chosen for.
        const auto& family = *find(parts().fuses, Id("standard-blade"));
        const auto* small = suiting_holder(parts(), family, Ampere(5), Celsius(40));
        const auto* large = suiting_holder(parts(), family, Ampere(30), Celsius(40));
        QVERIFY(small && large && small->id != large->id);
        QVERIFY(!suiting_holder(parts(), family, Ampere(500), Celsius(40)));
        QCOMPARE(raw(thin().opened), 8.0);
    }
};

SANGRE_SUITE(TestHolders);
#include "test_holders.moc"
