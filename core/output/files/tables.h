#pragma once
// Records as tables for a spreadsheet.
#include "bench/readings.h"

namespace sangre {

/// One row a reading: title, state, where the probes go, least, most, unit, measured, when, verdict. Numbers
/// are those of files, whatever is shown on screen. `between` parts the cells: a comma or a tab.
std::string readings_to_csv(const Plan& plan, const std::vector<Reading>& readings, char between = ',');
/// One row an entry, oldest first: when, kind, about, text.
std::string log_to_csv(const Plan& plan, char between = ',');

}  // namespace sangre
