#pragma once
// Joints at what sits in a lead, where the wire meets leads of the item's own.
#include "wiring/joint/joint.h"

namespace sangre {

/// The joint before an item, or behind it: the feed's conductors against the item's own lead. Nothing where
/// no joint or no wire is chosen.
std::optional<JointWork> item_joint(const Plan& plan, const Catalogue& catalogue, const Lead& feed,
                                    const Device& device, bool before);

/// True where an item has ends of its own and no joint, or one that is made at something else.
bool wants_joints(const Catalogue& catalogue, const Device& device);

/// Joints of the builder's school on either side of every item that wants them, and none where there is
/// nothing to join; of one feed where it is named.
Plan fit_item_joints(Plan plan, const Catalogue& catalogue, const Id& feed = {});

/// Seats a fuse in a holder with leads of its own, each joined to the feed's wire by a splice of the
/// builder's school; an empty id seats it in any holder again, without joints of its own. Nothing changes
/// where the plan holds no such fuse.
Plan set_holder(Plan plan, const Catalogue& catalogue, const Id& fuse, const Id& holder);

}  // namespace sangre
