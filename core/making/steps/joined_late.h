#pragma once
// Joints that are made after the tests: at what is live all the time, and at motors that have to turn first.
#include "making/steps/steps.h"
#include "wiring/index/index.h"

namespace sangre {

/// A joint at what is live all the time: a circuit that is there already, unless a tap is plugged into its
/// slot.
bool at_live_source(const Plan& plan, const Catalogue& catalogue, const Step& step);
/// What is joined to a live circuit is joined when all behind it is made and tested dead.
void make_live_ends_last(const Plan& plan, const Catalogue& catalogue, std::vector<Step>& steps);

/// Key of the step in which a load runs for the first time: its rail's, else that of all fed directly.
std::string proved_in(const Plan& plan, const PlanIndex& index, const Id& load);
/// Bare motors hang on clips until they were seen to turn: then their joints are made. Not those that
/// something else is built over. Gives their keys.
std::vector<std::string> make_motors_turn_first(const Plan& plan, const Catalogue& catalogue,
                                                const PlanIndex& index, std::vector<Step>& steps);

}  // namespace sangre
