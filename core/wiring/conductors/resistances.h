#pragma once
// What stands in the way of a feed's current: its copper, its items and its joints, each by name.
#include "wiring/conductors/wiring.h"

namespace sangre {

enum class ResistanceOf { item, copper, joints, other_return };

/// One resistance in a feed, for the arithmetic shown to the user.
struct Resistance {
    Words what;
    Ohm value{};
    bool in_return = false;
    ResistanceOf of = ResistanceOf::item;
};

/// All of one feed, its copper at `copper`. Parallel conductors share the current evenly.
std::vector<Resistance> feed_resistances(const Lead& of, const Catalogue& catalogue, const Wiring& wiring,
                                         size_t feed, Celsius copper = Celsius(20));
/// Their sums by role.
struct FeedOhms {
    Ohm copper{}, rest{};  ///< out and back together
    Ohm supply{}, back{};  ///< by role, copper included
    Ohm supply_copper{}, back_copper{};
    Volt forward{};       ///< of the diodes in the supply, together
    bool blocks = false;  ///< a diode the wrong way round
};
FeedOhms feed_ohms(const Wiring& wiring, size_t feed, Celsius copper = Celsius(20));
/// The same of a feed that stands alone; `length` is one way.
FeedOhms feed_ohms(const Plan& plan, const Lead& feed, const Catalogue& catalogue, Metre length,
                   Celsius copper = Celsius(20));

}  // namespace sangre
