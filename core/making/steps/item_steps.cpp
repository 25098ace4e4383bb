#include "making/steps/item_steps.h"

#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "making/steps/joint_words.h"
#include "wiring/item/covers.h"
#include "wiring/item/item_joint.h"
#include "wiring/item/work.h"

namespace sangre {
namespace {

Step return_step(const Plan& plan, const WireJoint& joint) {
    const auto& feed = plan.feeds()[joint.lead];
    const auto part = name_of(plan, feed.to);
    Step s;
    s.key = "return/" + feed.id, s.kind = StepKind::join_return, s.about = feed.id;
    s.after = {"cut/" + feed.id};
    s.why.title = say("Why at this point");
    if (joint.at == JointAt::frame) {
        s.title = say("Bolt {part} − to the frame", part);
        s.subtitle = say("a ring on bare metal");
        s.actions = {say("Scrape the spot bare, as wide as the ring."),
                     say("Ring, serrated washer, bolt; tight enough that the ring does not turn by hand."),
                     say("Grease or paint over it once it has been measured.")};
        s.tools = {to_say("file or scraper"), to_say("spanner"), to_say("crimping pliers")};
        s.minutes = 10;
        s.why.add(say("Paint under a ring leaves the return open, and cannot be seen."));
        return s;
    }
    const auto* other = by_id(plan.feeds(), feed.shared_with);
    s.title = say("Join {part} − to the return of {part_2}", part,
                  other ? name_of(plan, other->to) : say("another"));
    s.subtitle = say("one return for both");
    s.actions = {say("At {part}: its − and that of {part_2} in one joint.",
                     other ? name_of(plan, other->to) : say("the other"), part),
                 say("Covered as every other joint.")};
    s.tools = {to_say("strippers")};
    s.minutes = 8;
    s.why.add(say("They share a return; its drop shifts both grounds."));
    return s;
}

}  // namespace

std::vector<Step> item_steps(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                             size_t of) {
    const auto& wiring = figures.harness.wiring;
    const auto& feed = plan.leads[of];
    std::vector<Step> all;
    for (const auto& item : wiring.items_of(of)) {
        const auto& device = feed.devices[item.device];
        if (in_block(catalogue, device)) continue;
        auto work = item_work({plan, catalogue, feed, device});
        Step s;
        s.key = "item/" + device.id, s.kind = StepKind::item, s.about = feed.id, s.item = device.id;
        s.title = std::move(work.title), s.subtitle = std::move(work.subtitle);
        s.actions = std::move(work.actions), s.tools = std::move(work.tools);
        s.caution = std::move(work.caution);
        s.minutes = work.minutes;
        s.stamp = fmt::format("{} {:g} A {}", device.type, raw(device.rating), device.holder);
        s.after = {"cut/" + feed.id, "thread/" + feed.id, "sleeve/" + feed.id, "seat/" + device.id};
        s.why.title = say("Why at this point");
        const bool both_sides = item_joint(plan, catalogue, feed, device, false).has_value();
        const auto joints = crossing_wires(feed, device.kind) * (both_sides ? 2 : 1);
        const auto wide = splice_tube(plan, catalogue, feed, device);
        if (wide) {
            // On before anything is bared: nothing gets over a finished splice.
            std::vector<Words> first{
                wide->tube ? say("First the wide tube over all of it: {cut} of {tube}, pushed well back.",
                                 format(wide->cut), wide->tube->name)
                           : say("No tube passes {pass}: it is taped over all when each joint has its own.",
                                 format(wide->pass))};
            if (feed.jacket == Jacket::sheath)
                first.push_back(say("Strip {cut} of the sheath off both pieces, without nicking a core.",
                                    format(wide->cut - Millimetre(20))));
            s.actions.insert(s.actions.begin(), first.begin(), first.end());
        }
        if (const auto joint = item_joint(plan, catalogue, feed, device, true)) {
            // Whatever it is, its tubes wait on the wire before it is joined.
            if (joint->kind->tube && tube_school(plan.practices.insulation)) {
                const auto* tube = joint->tube ? joint->tube : joint->to_buy;
                s.actions.push_back(
                    say("{joints} × {cut} of {tube} on first, one for each joint, parked {parking} away.",
                        joints, format(joint->tube_cut), tube ? tube->name : say("tube that fits"),
                        format(joint->parking)));
                s.tools.push_back(to_say("tube"));
            }
            s.actions.push_back(both_sides   ? say("Then the joint on either side of it:")
                                : joints > 1 ? say("Then each joint:")
                                             : say("Then the joint:"));
            tell_joint(s, *joint, plan.practices);
            s.minutes += static_cast<double>(joints) * joint->kind->minutes;
        } else if (const auto behind = item_joint(plan, catalogue, feed, device, false)) {
            s.actions.push_back(say("Its lead to the wire:"));
            tell_joint(s, *behind, plan.practices);
            s.minutes += behind->kind->minutes;
        }
        if (wide && wide->tube)
            s.actions.push_back(
                say("All done: the wide tube over the lot, onto the lead on either side, and shrink it."));
        if (device.kind == DeviceKind::fuse && holder_of(catalogue, device))
            s.actions.push_back(say("Leave the fuse out."));
        s.why.add(say("On the bench, before both ends are joined: a joined lead is hard to cut."));
        all.push_back(std::move(s));
    }
    for (const auto& joint : wiring.joints_of(of))
        if (joint.at == JointAt::frame || joint.at == JointAt::other_return)
            all.push_back(return_step(plan, joint));
    return all;
}

}  // namespace sangre
