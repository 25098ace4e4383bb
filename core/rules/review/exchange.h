#pragma once
// Fixes that exchange a device for one that suits.
#include "electrical/protection/suiting.h"
#include "plan/edits.h"
#include "rules/review/review.h"

namespace sangre {

/// An edit that makes a feed's device another type of its kind.
Edit exchanged(const Id& feed, const Id& device, const Id& type);

/// Fits that fuse.
Fix use_fuse(const Id& feed, const FuseChoice& fuse);

/// The cheapest keyed two-pole plug for this feed's wire, current and voltage, or null.
const ConnectorType* fitting_plug(const Context& context, size_t feed, const PlugWish& wish = {});

}  // namespace sangre
