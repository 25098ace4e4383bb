#pragma once
// What the meter reads in ohms while nothing is powered: leads end to end, thermal switches, igniters.
#include "bench/readings.h"

namespace sangre {

/// Each wire of each feed from end to end, and the returns that are no wire of their own.
void continuity(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                std::vector<Reading>& out);
/// Across each thermal switch, in the cold and past what it switches at: which of the two kinds was fitted.
void thermal_contacts(const Plan& plan, const Catalogue& catalogue, std::vector<Reading>& out);
/// The igniter alone: whole, and neither short nor open.
void igniter_ohms(const Load& load, std::vector<Reading>& out);

}  // namespace sangre
