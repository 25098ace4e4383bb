#pragma once
// A study as JSON, for scripts: SI values with their unit in the key.
#include <string>

#include "electrical/mission/tolerance.h"
#include "rules/study.h"

namespace sangre {

/// Nodes and branches are there so that Kirchhoff's law can be checked from outside: at each node the
/// currents of its branches, with its batteries', converters' and loads', sum to zero within 1e-9 × scale_A.
std::string study_to_json(const Plan& plan, const Study& study);

/// How sure the numbers are: 5th, 50th and 95th percentile of each, and what moves it the most.
std::string tolerance_to_json(const Plan& plan, const Phase& phase, const ToleranceStudy& study);

}  // namespace sangre
