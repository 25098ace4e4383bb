#pragma once
// Steps that fix things in the machine: leads along their ways, parts by adhesive, items in panels.
#include "harness/holding.h"
#include "making/steps/steps.h"

namespace sangre {

/// One a way that anything runs along and that wants more than the clips that are there, after the live tests
/// and before the lid.
std::vector<Step> hold_steps(const Plan& plan, const Figures& figures);

/// One a part that is stuck down: after every lead of it is joined and beeped.
std::vector<Step> stick_steps(const Plan& plan, const std::vector<std::string>& joints);

/// One a place that stands on spacers over another: after every joint beneath it, measured.
std::vector<Step> stack_steps(const Plan& plan, const Catalogue& catalogue);

/// One an item that is seated in a wall: its hole, what goes on before it and after it.
std::vector<Step> panel_steps(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
