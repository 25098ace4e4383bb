#pragma once
// A battery for loads that have none: chemistry, cells in series, capacity.
#include <tl/expected.hpp>

#include "catalogue/catalogue.h"
#include "plan/plan.h"
#include "why.h"

namespace sangre {

struct BatteryChoice {
    Source battery;
    Why why;
};

/// Compares chemistry × series below 60 V: fewest rails first, then the share of energy that needs no
/// converter, then the current at the strongest second. Capacity covers the mission with a fifth left over
/// and the peak's C-rate.
tl::expected<BatteryChoice, std::string> choose_battery(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
