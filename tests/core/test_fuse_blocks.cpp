// Five or more fused leads from one place begin in the ways of a fuse block. Ratings of blocks as makers
// print them, typed anew here.
#include <map>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/files/plan_text.h"
#include "rules/mends.h"
#include "wiring/item/item.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/fuse_block.h"

using namespace sangre;
using test::parts;

namespace {

/// A barge with so many lamps, each of which is switched alone and has a fuse of its own.
Plan lit_barge(int n, const char* volts = "24 V", const char* more = "") {
    std::string text = "plan Moth-survey barge, up to 30 °C, from 5 °C, shaken still\n";
    for (int i = 1; i <= n; ++i) text += fmt::format("load Lamp {} {} 2 A LED switched\n", i, volts);
    auto plan = plan_from_text(text + more, parts());
    if (!plan) qFatal("%s", error_text(plan.error()).c_str());
    const auto made = propose_and_mend(*plan, parts());
    if (!made) qFatal("%s", made.error().front().reason.str().c_str());
    return made->plan;
}

const Hub* block_in(const Plan& plan) {
    for (const auto& h : plan.hubs)
        if (h.kind == HubKind::block) return &h;
    return nullptr;
}

}  // namespace

class TestFuseBlocks : public QObject {
    Q_OBJECT
  private slots:
    void five_fused_leads_begin_in_a_block() {
        for (const int n : {5, 6, 8, 11}) {
            const auto plan = lit_barge(n);
            const auto* hub = block_in(plan);
            QVERIFY2(hub, qPrintable(QString::number(n)));
            const auto* type = block_of(parts(), *hub);
            QVERIFY(type && type->ways >= n && type->ways <= n + 3);
            const std::map<int, double> bars{{2, 50}, {4, 60}, {6, 80}, {8, 80}, {12, 100}};
            for (const auto f : feeds_into(plan, hub->id))
                if (const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse))
                    QVERIFY(raw(fuse->rating) <= bars.at(type->ways));
            for (const auto f : feeds_from(plan, hub->id)) {
                const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
                QVERIFY(fuse && in_block(parts(), *fuse) && raw(fuse->rating) <= 30);
                QCOMPARE(fuse->type, Id("standard-blade"));
                QVERIFY(fuse->joint_in.empty() && fuse->joint_out.empty());
                QCOMPARE(find(parts().joints, plan.feeds()[f].joint_from)->end, JointEnd::screw);
            }
            const auto study = test::studied(plan);
            for (const auto& finding : study.findings)
                QVERIFY2(finding.severity == Severity::note, finding.sentence.str().c_str());
            // One block, no holders for its fuses, nothing cut for them.
            for (const auto& line : bill_of_materials(plan, parts(), study.harness)) {
                if (line.item == type->name.english()) QVERIFY(line.amount == 1 && line.each > 0);
                QVERIFY2(line.item.str().find("holder for a standard blade") == std::string::npos ||
                             line.amount <= 1,
                         line.item.str().c_str());
            }
            for (const auto& step : study.steps())
                QVERIFY2(step.title.str().find("Fuse holder in the Lamp") == std::string::npos,
                         step.title.str().c_str());
            bool way = false;
            for (const auto& r : study.readings())
                way = way || r.red.str().starts_with("empty way of the fuse block");
            QVERIFY(way);
        }
    }
    void fewer_have_holders() {
        QVERIFY(!block_in(lit_barge(3)));
        QVERIFY(!block_in(lit_barge(4)));
    }
    void what_was_chosen_stays() {
        const auto plan = lit_barge(6);
        const auto again = propose(plan, parts());
        QVERIFY(again && again->plan == plan);
        const auto stud = set_hub_kind(plan, parts(), block_in(plan)->id, HubKind::stud);
        for (const auto& f : stud.feeds())
            for (const auto& d : f.devices) QVERIFY(!in_block(parts(), d));
        QVERIFY(stud.hubs.front().block.empty());
        const auto kept = propose(stud, parts());
        QVERIFY(kept && !block_in(kept->plan));
        const auto back = set_hub_kind(stud, parts(), stud.hubs.front().id, HubKind::block);
        QVERIFY(block_of(parts(), back.hubs.front()));
        QVERIFY(plan_from_json(plan_to_json(back), "plan") == back);
        const auto text = plan_from_text(plan_to_text(back, parts()), parts());
        QVERIFY(text && text->hubs.front().block == back.hubs.front().block);
        for (const auto& f : text->feeds())
            if (f.from == back.hubs.front().id) QVERIFY(in_block(parts(), *device(f, DeviceKind::fuse)));
    }
    void volts_above_its_own_want_another() {
        const auto plan = lit_barge(6, "48 V");
        const auto* hub = block_in(plan);
        QVERIFY(hub && raw(block_of(parts(), *hub)->voltage) >= 52);
        // Whatever family is in its leads: fuses for 32 V do not make one for 32 V do.
        auto wrong = plan;
        for (const auto f : feeds_from(wrong, hub->id))
            for (auto& d : wrong.feeds()[f].devices)
                if (d.kind == DeviceKind::fuse) d.type = "standard-blade";
        QVERIFY(raw(suiting_block(wrong, parts(), hub->id)->voltage) >= 52);
    }
    void beside_what_a_block_does_not_carry_it_stands_behind() {
        const auto plan = lit_barge(6, "24 V",
                                    "load Anchor winch 24 V 60 A peak 140 A 5 s motor noisy\n"
                                    "load Bow winch 24 V 50 A peak 120 A 5 s motor noisy\n");
        const auto* hub = block_in(plan);
        QVERIFY(hub && hub->id.starts_with("fuses-"));
        QCOMPARE(feeds_from(plan, hub->id).size(), size_t{6});
        const auto& lead = plan.feeds()[feeds_into(plan, hub->id).front()];
        QVERIFY(device(lead, DeviceKind::fuse) && by_id(plan.hubs, lead.from)->kind != HubKind::block);
    }
    void behind_a_module_too() {
        const auto plan = lit_barge(5, "12 V", "load Drive 48 V 20 A peak 40 A 5 s motor noisy\n");
        const auto* hub = block_in(plan);
        QVERIFY(hub && plan.converters.size() == 1);
        QCOMPARE(hub->id, "fuses-" + plan.converters[0].id);
        QCOMPARE(feeds_from(plan, hub->id).size(), size_t{5});
        // What the module gives is what may flow: its lead has no fuse, and the block is one for 12 V.
        QVERIFY(!device(plan.feeds()[feeds_into(plan, hub->id).front()], DeviceKind::fuse));
        QVERIFY(raw(block_of(parts(), *hub)->voltage) < 40);
        const auto again = propose(plan, parts());
        QVERIFY(again && again->plan == plan);
        for (const auto& finding : test::studied(plan).findings)
            QVERIFY2(finding.severity == Severity::note, finding.sentence.str().c_str());
    }
    void too_few_ways_and_too_small_a_bar_are_found_and_mended() {
        auto plan = lit_barge(6);
        auto& hub = *by_id(plan.hubs, block_in(plan)->id);
        hub.block = "block-standard-4";
        const auto few = test::studied(plan);
        const auto* found = test::finding(few, "hub-block");
        QVERIFY(found && found->severity == Severity::caution);
        const auto mended = found->fixes.front().edit(plan);
        QVERIFY(!test::has(test::studied(mended), "hub-block"));
        QVERIFY(block_of(parts(), *block_in(mended))->ways >= 6);
        for (const auto f : feeds_into(plan, hub.id))
            if (auto* fuse = const_cast<Device*>(device(plan.feeds()[f], DeviceKind::fuse)))
                fuse->type = "large-blade", fuse->rating = Ampere(100);
        hub.block = "block-standard-6";
        QVERIFY(test::has(test::studied(plan), "hub-block"));
        // Of twelve ways alone is the bar one for 100 A.
        QCOMPARE(suiting_block(plan, parts(), hub.id)->ways, 12);
    }
    void what_leaves_past_its_ways_is_found() {
        auto plan = lit_barge(6);
        const auto id = block_in(plan)->id;
        auto& lead = plan.feeds()[feeds_from(plan, id).front()];
        for (auto& d : lead.devices) d.holder.clear();
        const auto study = test::studied(plan);
        const auto* found = test::finding(study, "hub-block");
        QVERIFY(found && found->severity == Severity::caution);
        bool mended = false;
        for (const auto& fix : found->fixes)
            mended = mended || !test::has(test::studied(fix.edit(plan)), "hub-block");
        QVERIFY(mended);
        // Its figures are shown with where they come from.
        const auto why = explain(lit_barge(6), parts(), test::studied(lit_barge(6)), id);
        QVERIFY(!why.why.source.empty());
    }
    void every_block_is_one_of_those_that_are_sold() {
        int blocks = 0;
        for (const auto& h : parts().holders) {
            if (h.ways == 0) continue;
            ++blocks;
            QVERIFY(h.ways == 2 || h.ways == 4 || h.ways == 6 || h.ways == 8 || h.ways == 12);
            QVERIFY2(h.cost > 0 && h.all >= h.each && raw(h.each) <= 30, h.id.c_str());
            for (const auto& id : h.takes) QVERIFY(find(parts().fuses, id)->voltage >= h.voltage);
        }
        QVERIFY(blocks >= 10);
    }
};

SANGRE_SUITE(TestFuseBlocks);
#include "test_fuse_blocks.moc"
