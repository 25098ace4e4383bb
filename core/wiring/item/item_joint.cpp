#include "wiring/item/item_joint.h"

#include "wiring/item/item.h"
#include "wiring/joint/choose.h"

namespace sangre {

std::optional<JointWork> item_joint(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                                    const Device& device, bool before) {
    const auto* kind = find(catalogue.joints, before ? device.joint_in : device.joint_out);
    const auto* wire = find(catalogue.wires, feed.wire);
    if (!kind || !wire) return {};
    JointWires wires{wire, feed.conductors, nullptr};
    if (const auto ends = item_ends(catalogue, device)) wires.other = ends->lead;
    return work_joint(catalogue, *kind, wires, plan.practices.insulation, plan.practices.tubes_at_hand);
}

namespace {

/// A tap is pushed into the slot that is there: no wire is joined before it.
bool joined_before(const Catalogue& catalogue, const Device& device) {
    const auto* holder = holder_of(catalogue, device);
    return !holder || !holder->tap;
}

/// A splice is one joint, not one on either side.
bool joined_behind(const Device& device) { return device.kind != DeviceKind::splice; }

/// The kind of joint that the school makes at an item's ends; null where it has none.
const JointKind* kind_for(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                          const Device& device) {
    const auto ends = item_ends(catalogue, device);
    if (!ends) return nullptr;
    const auto copper = lead_copper(catalogue, feed);
    const auto other = device.kind == DeviceKind::splice             ? copper
                       : ends->end == JointEnd::splice && ends->lead ? ends->lead->area
                                                                     : SquareMillimetre(0);
    return choose_joint(catalogue, plan.practices, ends->end, copper + other);
}

}  // namespace

bool wants_joints(const Catalogue& catalogue, const Device& device) {
    const auto ends = item_ends(catalogue, device);
    if (!ends) return false;
    const auto misses = [&](const Id& id) {
        const auto* now = find(catalogue.joints, id);
        return !now || now->end != ends->end;
    };
    return (joined_behind(device) && misses(device.joint_out)) ||
           (joined_before(catalogue, device) && misses(device.joint_in));
}

Plan fit_item_joints(Plan plan, const Catalogue& catalogue, const Id& only) {
    for (auto& feed : plan.leads) {
        if (!only.empty() && feed.id != only) continue;
        const auto copper = lead_copper(catalogue, feed);
        for (auto& d : feed.devices) {
            const auto ends = item_ends(catalogue, d);
            const JointKind* chosen =
                nullptr;  // looked for only where something is amiss: it is most of the work
            const auto fit = [&](Id& joint, bool wanted) {
                if (!ends || !wanted) return joint.clear();
                const auto* now = find(catalogue.joints, joint);
                if (now && now->end == ends->end && takes(*now, copper)) return;
                if (!chosen) chosen = kind_for(plan, catalogue, feed, d);
                if (chosen) joint = chosen->id;
            };
            fit(d.joint_in, joined_before(catalogue, d));
            fit(d.joint_out, joined_behind(d));
        }
    }
    return plan;
}

Plan set_holder(Plan plan, const Catalogue& catalogue, const Id& fuse, const Id& holder) {
    for (auto& feed : plan.leads)
        for (auto& d : feed.devices) {
            if (d.id != fuse || d.kind != DeviceKind::fuse) continue;
            d.holder = holder, d.own_lead.reset();
            const auto* kind = kind_for(plan, catalogue, feed, d);
            d.joint_in = kind && joined_before(catalogue, d) ? kind->id : Id();
            d.joint_out = kind ? kind->id : Id();
        }
    return plan;
}

}  // namespace sangre
