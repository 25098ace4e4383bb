#pragma once
// A battery for loads that have none: kind of cell, cells in series, the form and size that is sold.
#include <tl/expected.hpp>

#include "base/why.h"
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

struct BatteryChoice {
    Source battery;
    Why why;
};

/// Of every pack that the catalogue's cells make in a form that is sold, the one that a builder would take:
/// what uses most of the energy straight from the pack, few modules, the kind that suits the machine's size,
/// no more than the day asks (pack_practice.h). It lasts the day at its usual air with what its chemistry
/// leaves usable, gives the continuous current, and the peak at 30 % of its charge. `least`: it holds at
/// least that at its nominal voltage.
tl::expected<BatteryChoice, Words> choose_battery(const Plan& plan, const Catalogue& catalogue,
                                                  WattHour least = WattHour(0));

/// A pack of that cell: so many blocks in series, so many strings; with what the cell has of its own.
Source pack_of(const Catalogue& catalogue, const CellType& cell, int blocks, int strings);

}  // namespace sangre
