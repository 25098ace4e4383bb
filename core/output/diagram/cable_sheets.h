#pragma once
// Cables with signals on sheets of their own: both ends as blocks with their pins, every core in its colour.
#include "output/diagram/diagram.h"

namespace sangre {

/// In two columns, a cable whole on one sheet; none for a plan without cables. A cable with more cores than a
/// sheet is tall goes on at the top of the next column.
std::vector<DiagramSheet> cable_sheets(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
