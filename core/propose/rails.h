#pragma once
// From loads to rails: who can share a voltage, what module makes it, and where to set it.
#include <optional>
#include <tl/expected.hpp>

#include "source/source.h"
#include "why.h"

namespace sangre {

/// True when a load can hang on the source directly.
bool accepts(const Load& load, SourceRange source);

/// Loads that share one converter; indices into plan.loads.
struct RailGroup {
    std::vector<size_t> loads;
    Volt volts{};  ///< one that suits them all
    bool always_on = false;
};

/// Groups the loads that cannot hang on the source: always-on apart from switched, noisy apart from sensitive
/// where that is the practice, and within each the fewest voltages that suit everyone (interval stabbing).
std::vector<RailGroup> group_rails(const Plan& plan, SourceRange source);

/// The cheapest module that makes `volts` from the source and is trusted with the currents; wants 25 % spare
/// on its highest input and takes less only when nothing else serves; likewise a tolerance that fits the
/// loads' `window`, (greatest − least voltage) ÷ rail voltage. The error says why none does.
tl::expected<const ConverterType*, std::string> choose_converter(const Catalogue& catalogue,
                                                                 SourceRange source, Volt volts,
                                                                 Ampere continuous, Ampere peak,
                                                                 double window = 1);

/// A load (empty id: the plan as a whole) that cannot be served.
struct Refusal {
    Id load;
    std::string reason;
};
using Refusals = std::vector<Refusal>;

/// What a group asks of its module for good and at its peak, at the rail's voltage.
struct RailCurrent {
    Ampere typical{}, peak{};
};
RailCurrent rail_current(const Plan& plan, const RailGroup& group);

struct RailModule {
    RailGroup group;
    const ConverterType* type = nullptr;
};
/// One module for the group, or several where no module carries it whole: it is halved until each part is
/// carried.
tl::expected<std::vector<RailModule>, Refusals> modules_for(const Plan& plan, const Catalogue& catalogue,
                                                            SourceRange source, const RailGroup& group);

/// Spare on the highest input: (rated maximum − highest source) ÷ highest source.
double input_spare(const ConverterType& type, Volt highest);

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
std::string window_words(const SetWindow& window);
SetWindow set_window(const std::vector<RailUser>& users, const ConverterType& type, SetSchool school,
                     Volt highest_input = Volt(0));

}  // namespace sangre
