#pragma once
// How warm the air inside of each body gets from what is lost in it.
#include "base/why.h"
#include "electrical/mission/worst.h"
#include "plan/part_places.h"

namespace sangre {

struct BoxAir {
    bool known = false;  ///< its outside is measured, and something is lost in it or the sun shines on it
    Watt lost{};         ///< by what stands in it and in bodies inside of it
    Watt sun{};          ///< that comes through its walls
    double rise = 0;     ///< K over what is round it
    Celsius air{};       ///< inside, in the hottest air
    Why why;
};

/// Of every body, by index, at the worst: what runs for long in it, in the hottest air. A body whose outside
/// is not measured is as warm as what is round it.
std::vector<BoxAir> warm_bodies(const Plan& plan, const WorstCase& worst);

/// The hottest air that a part stands in: of its body, else the plan's.
Celsius air_round(const Plan& plan, const std::vector<BoxAir>& boxes, const Id& part);
/// The hotter of both ends of a lead.
Celsius air_along(const Plan& plan, const std::vector<BoxAir>& boxes, const Lead& lead);
/// The same where it is asked of every lead.
Celsius air_along(const Plan& plan, const std::vector<BoxAir>& boxes, const Lead& lead,
                  const PartPlaces& places);

/// What lets the air of a body be no more than so many kelvin over what is round it.
struct Venting {
    SquareMillimetre vents{};  ///< in, and as much out; 0: no vents of at most 50 cm² do it
    double fan = 0;            ///< m³/h, as printed
};
Venting venting_for(const BoxAir& box, const Body& body, double rise);

}  // namespace sangre
