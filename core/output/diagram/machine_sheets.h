#pragma once
// The machine as drawings: its plan with every way and what is on it, and each opening in section.
#include "electrical/figures.h"
#include "output/diagram/diagram.h"

namespace sangre {

/// One A4 sheet across for each side, or one where there are none: bodies, places with what stands in them,
/// ways as thick as their bundles with their lengths, and what they meet at its distance. To scale where the
/// side's scale is known, with a bar that says so.
std::vector<DiagramSheet> machine_sheets(const Plan& plan, const Figures& figures);

/// Every opening that something goes through, in section with its wires in their colours, at 1:1 and, where
/// it is small, four times larger beside it; what is left, what does not pass, what closes it.
std::vector<DiagramSheet> section_sheets(const Plan& plan, const Catalogue& catalogue,
                                         const Figures& figures);

}  // namespace sangre
