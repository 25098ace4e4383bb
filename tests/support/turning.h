#pragma once
// Which motors are seen to turn before their leads are joined for good.
#include "fixtures.h"

namespace sangre::test {

/// A motor without a controller before it whose lead no hand undoes: its two wires may have to change places.
inline bool turns_first(const Plan& plan, const Lead& feed) {
    const auto* load = by_id(plan.loads, feed.to);
    const auto* joint = find(parts().joints, feed.joint_to);
    if (!load || !joint || load->kind != LoadKind::motor || has_controller(*load)) return false;
    switch (joint->end) {
        case JointEnd::stud:
        case JointEnd::housing:
        case JointEnd::screw:
        case JointEnd::blade:
        case JointEnd::plug:
        case JointEnd::branch:
        case JointEnd::pigtail:
            return false;
        default:
            return true;
    }
}

}  // namespace sangre::test
