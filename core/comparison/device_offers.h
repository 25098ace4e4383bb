#pragma once
// What may be put into a feed, each in the size that this feed asks for, and what is
// there to seat or to take out.
#include "plan/edits.h"
#include "rules/study.h"

namespace sangre {

struct DeviceOffer {
    enum class Group { protect, turn_off, quieten, watch, seat, coil, warmth, take_out };
    Group group = Group::protect;
    Words name;     ///< "sealed toggle switch 30 A"
    Words purpose;  ///< what it is for here, with its figures
    Edit edit;
};

/// Of each kind the cheapest that carries the feed's worst currents and stands its voltage: fuse,
/// reverse-polarity diode, pre-charge; switch, remote switch, thermal switches; LC filter, ferrite; volt and
/// ampere meter. Kinds that the feed has are offered for taking out instead. Kinds that nothing in the
/// catalogue serves are left out. `study` is the plan's.
std::vector<DeviceOffer> device_offers(const Plan& plan, const Catalogue& catalogue, const Study& study,
                                       const Id& feed);

}  // namespace sangre
