#pragma once
// Switches that warmth moves: how warm it is where each sits, and what that does to a demand.
#include "electrical/mission/worst.h"
#include "wiring/network/solver.h"

namespace sangre {

/// A thermal switch at one instant.
struct ThermalSwitch {
    size_t feed = 0, device = 0;  ///< of the feed, by index
    Celsius air{};
    double rise = 0;  ///< K over the air, of what it sits on
    bool open = false;
    Celsius warm() const { return Celsius(raw(air) + rise); }
};

/// The demand with those feeds open whose thermal switch is, and the loads off that nothing else feeds. Each
/// switch starts as the air alone would have it and moves once at most, as what it sits on grows warm: a
/// cut-out that has opened stays open in that instant. A module's rise is its heat × K/W; a load's is what
/// was said, in proportion to its watts; 0 where nobody said. `found`, where given, gets all of them.
/// Without thermal switches the demand is returned as it came.
Demand at_temperature(const Plan& plan, const Solver& solver, Demand demand,
                      std::vector<ThermalSwitch>* found = nullptr);

/// Between which temperatures a thermal switch lives while it is closed: the coldest air, with what it sits
/// on at rest; the hottest air, with that at the most it does for long.
struct ThermalSpan {
    Celsius coldest{}, hottest{};
    bool known = true;  ///< false where it sits on a load that nobody said the warmth of
};
/// `hottest_air`: round what it sits on, inside of its body.
ThermalSpan thermal_span(const Plan& plan, const ThermalItem& item, const WorstCase& worst,
                         Celsius hottest_air);

}  // namespace sangre
