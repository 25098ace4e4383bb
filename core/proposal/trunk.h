#pragma once
// From the sources to the hubs that everything hangs on.
#include "plan/plan.h"

namespace sangre {

/// The lead between two parts: the one that was there, under its own id or by way of a block that has come
/// into it since, else a new one. With `fused` it has a fuse of any rating: sizing chooses.
Lead make_feed(const Plan& old, const Id& from, const Id& to, bool fused);

/// Puts an item of that kind into a lead that has none.
void ensure(Lead& feed, DeviceKind kind, const Id& type, const std::string& name);

/// The source that the trunk begins at: a panel only where there is nothing else.
size_t main_source(const Plan& plan);

/// The hubs of the trunk: what stays on, and what the main switch turns off; the same where there is one.
struct Trunk {
    Id always, switched;
};

/// Battery → always-live hub → main switch → switched hub; one hub where nothing must stay on.
Trunk lay_trunk(Plan& next, const Plan& old, bool any_always, bool any_switched);

/// What else the side is fed from joins the trunk where it did before, else at its always-live hub: a second
/// pack with its fuse and plug; a panel's lead with its fuse at the pack's end. A supply or a circuit that
/// feeds nothing is not joined to a pack by itself.
void join_others(Plan& next, const Plan& old, const Trunk& trunk);

}  // namespace sangre
