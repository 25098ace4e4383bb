#pragma once
// Three wires and more that end in one joint, all in from one side, under a cap or in a tube.
#include "wiring/joint/joint.h"

namespace sangre {

/// One wire of a pigtail, or those alike of one feed.
struct PigtailEnd {
    size_t feed = 0;
    bool at_source = false;  ///< of that feed
    const WireType* wire = nullptr;
    int conductors = 1;
    bool operator==(const PigtailEnd&) const = default;
};

/// All ends of one polarity at a splice, joined at once.
struct Pigtail {
    size_t hub = 0;
    bool minus = false;
    const JointKind* kind = nullptr;
    std::vector<PigtailEnd> ends;
    int wires = 0;
    SquareMillimetre copper{};   ///< of all of them
    Millimetre over{}, bared{};  ///< across, packed: over their insulation, and bared
    JointSize size;
    const TubeSize* tube = nullptr;  ///< closed over the end; null where a cap does it or none is found
    bool tube_missing = false;       ///< wants a tube that is not at hand
    Millimetre tube_cut{};           ///< over joint and insulation, and a third folded or pinched shut
    bool operator==(const Pigtail&) const = default;
};

/// True for a kind that all ends at a splice are made with together.
bool is_pigtail(const JointKind& kind);

/// True where that end of a feed meets others in a pigtail: at a splice, by a kind that is one, and not
/// alone.
bool in_pigtail(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source);

/// Every pigtail of the plan, + before −, in the order of its hubs. Of a splice the ends whose joint kind is
/// one; the kind of the first counts for all. Ends without a wire are left out; a return that is shared or
/// goes to the frame has no end there.
std::vector<Pigtail> pigtails(const Plan& plan, const Catalogue& catalogue);

/// What a pigtail there must take: the copper of + or − together, whichever is more.
SquareMillimetre pigtail_copper(const Plan& plan, const Catalogue& catalogue, const Id& hub);

/// Chooses the joint at one end of a feed; of a pigtail, at all the ends that meet in it.
Plan set_end_joint(Plan plan, const Catalogue& catalogue, const Id& feed, bool at_source, const Id& kind);

/// Joins all that ends at a splice in a pigtail of the builder's school, by the copper of both polarities,
/// whichever is more. Unchanged where the hub is none, or holds fewer than two ends.
Plan set_pigtail(Plan plan, const Catalogue& catalogue, const Id& hub);

}  // namespace sangre
