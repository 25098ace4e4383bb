#include "joint/item_joint.h"

#include "joint/choose.h"
#include "wiring/item.h"

namespace sangre {

std::optional<JointWork> item_joint(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                                    const Device& device, bool before) {
    const auto* kind = find(catalogue.joints, before ? device.joint_in : device.joint_out);
    const auto* wire = find(catalogue.wires, feed.wire);
    if (!kind || !wire) return {};
    JointWires wires{wire, feed.conductors, nullptr};
    if (const auto* holder = holder_of(catalogue, device)) wires.other = find(catalogue.wires, holder->lead);
    return work_joint(catalogue, *kind, wires, plan.practices.insulation, plan.practices.tubes_at_hand);
}

Plan set_holder(Plan plan, const Catalogue& catalogue, const Id& fuse, const Id& holder) {
    for (auto& feed : plan.feeds)
        for (auto& d : feed.devices) {
            if (d.id != fuse || d.kind != DeviceKind::fuse) continue;
            d.holder = holder, d.own_lead.reset();
            const auto* type = holder_of(catalogue, d);
            const auto* own = type ? find(catalogue.wires, type->lead) : nullptr;
            const auto copper = lead_copper(catalogue, feed) + (own ? own->area : SquareMillimetre(0));
            const auto* kind =
                type ? choose_joint(catalogue, plan.practices, JointEnd::splice, copper) : nullptr;
            d.joint_in = d.joint_out = kind ? kind->id : Id();
        }
    return plan;
}

}  // namespace sangre
