#pragma once
// Between which voltages a rail may be set, and why.
#include "base/why.h"
#include "plan/source.h"
#include "wiring/index/index.h"

namespace sangre {

/// What a load on a rail needs from its set voltage.
struct RailUser {
    const Load* load = nullptr;
    Ohm path{};     ///< out and back, from the module's output or the last block before it
    Volt before{};  ///< lost up to that block with all that hangs there at its peak
};

/// The window for a set voltage: low end = largest (least voltage + peak current × path), high end = smallest
/// greatest voltage, each less the module's tolerance.
struct SetWindow {
    Volt low{}, high{};
    Id low_by, high_by;  ///< the loads that bound it
    Volt proposed{};     ///< by the practice, inside the window when there is one
    Why why;
    bool empty() const { return low > high; }
    bool holds(Volt set) const { return set >= low && set <= high; }
};
/// "3.29 – 3.47 V"; where no voltage suits all, so much.
Words window_words(const SetWindow& window);
SetWindow set_window(const std::vector<RailUser>& users, const ConverterType& type, SetSchool school,
                     Volt highest_input = Volt(0));

/// The set-voltage window of one converter of the plan as it is wired.
SetWindow rail_window(const Plan& plan, const Catalogue& catalogue, size_t converter,
                      const std::vector<Metre>& lengths);
SetWindow rail_window(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue, size_t converter,
                      const std::vector<Metre>& lengths);

}  // namespace sangre
