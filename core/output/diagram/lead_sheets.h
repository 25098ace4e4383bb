#pragma once
// Cutting cards: every lead laid straight with what is on it at its distance, and the order it goes on in.
#include "making/laid_straight.h"
#include "output/diagram/diagram.h"

namespace sangre {

/// Of one feed, drawn into a sheet between these corners: the lead to scale from edge to edge, marks of the
/// cut, what is on it with its distance from the source, holds as short bars. Lower than `tall` where less is
/// wanted; how much it took, mm.
double draw_lead(DiagramSheet& sheet, const Plan& plan, const LaidStraight& laid, size_t feed, PaperPoint at,
                 double wide);

/// A4 across, as many to a sheet as go on it; true to scale within a lead, which its ends say.
std::vector<DiagramSheet> lead_sheets(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

}  // namespace sangre
