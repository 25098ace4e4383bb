#pragma once
// Where the parts of a diagram stand: columns from packs to loads, rows in the order of the plan.
#include <map>

#include "output/diagram/diagram.h"

namespace sangre {

struct Placed {
    Id id;
    PartRef part;
    int column = 0;
    double top = 0, bottom = 0;    ///< of its block, mm from the top of the first row
    double level = 0;              ///< where its inlet is, and its outlet if it has but one
    std::optional<size_t> fed_by;  ///< the feed that put it into its column
    std::vector<size_t> feeds;     ///< that go straight to what they feed, in order
};

struct Arrangement {
    std::vector<Placed> parts;
    std::vector<size_t> extra;       ///< feeds to parts that are fed already: they are led round
    std::vector<double> left, wide;  ///< of each column, mm
    double width = 0, height = 0;
    std::vector<double> cuts;  ///< where a sheet may end: between two rows
    const Placed* find(const Id& id) const;
};

/// `stretch` widens the rows, to fill a sheet.
Arrangement arrange(const Plan& plan, const PlanIndex& index, double stretch = 1);

}  // namespace sangre
