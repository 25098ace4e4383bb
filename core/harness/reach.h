#pragma once
// What comes off before hands get at something.
#include "plan/plan.h"

namespace sangre {

struct InTheWay {
    std::vector<Id> lids;    ///< bodies that are opened, the outermost first
    std::vector<Id> places;  ///< whose parts are lifted off, the uppermost first
    size_t count() const { return lids.size() + places.size(); }
};

/// Before something at that place: the lids of the bodies that it is in (a frame has none) and the places
/// that lie over it and hold parts.
InTheWay in_the_way_of_place(const Plan& plan, const Id& place);
/// Before a part.
InTheWay in_the_way_of_part(const Plan& plan, const Id& part);
/// Before an item of a lead: it lies at the end that it is nearer to, within `length`; one in a wall is
/// reached from outside of it.
InTheWay in_the_way_of_item(const Plan& plan, const Lead& lead, const Device& item, Metre at, Metre length);

/// What that may be: nothing, one, or anything.
size_t most_in_the_way(Reach reach);
/// "Deck tub and Hub board"; empty where nothing is.
Words said_in_the_way(const Plan& plan, const InTheWay& way);

}  // namespace sangre
