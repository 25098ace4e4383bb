#pragma once
// From loads to rails: who can share a voltage, what module makes it, and where to set it.
#include <optional>
#include <tl/expected.hpp>

#include "plan/module_choice.h"
#include "plan/source.h"

namespace sangre {

/// Loads that share one converter; indices into plan.loads.
struct RailGroup {
    std::vector<size_t> loads;
    Volt volts{};  ///< one that suits them all
    bool always_on = false;
};

/// Groups the loads that cannot hang on the source: always-on apart from switched, noisy apart from sensitive
/// where that is the practice, and within each the fewest voltages that suit everyone (interval stabbing).
std::vector<RailGroup> group_rails(const Plan& plan, SourceRange source);

/// A load (empty id: the plan as a whole) that cannot be served.
struct Refusal {
    Id load;
    Words reason;
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
/// carried. `there`: types that are there already, tried first.
tl::expected<std::vector<RailModule>, Refusals> modules_for(const Plan& plan, const Catalogue& catalogue,
                                                            SourceRange source, const RailGroup& group,
                                                            const std::vector<Id>& there = {});

}  // namespace sangre
