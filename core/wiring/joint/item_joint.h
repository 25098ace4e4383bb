#pragma once
// Joints at what sits in a lead, where the wire meets leads of the item's own.
#include "joint/joint.h"

namespace sangre {

/// The joint before an item, or behind it: the feed's conductors against the item's own lead. Nothing where
/// no joint or no wire is chosen.
std::optional<JointWork> item_joint(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                                    const Device& device, bool before);

/// Seats a fuse in a holder with leads of its own, each joined to the feed's wire by a splice of the
/// builder's school; an empty id seats it in any holder again, without joints of its own. Nothing changes
/// where the plan holds no such fuse.
Plan set_holder(Plan plan, const Catalogue& catalogue, const Id& fuse, const Id& holder);

}  // namespace sangre
