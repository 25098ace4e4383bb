#pragma once
// Boards that stand over one another: what holds them apart, and how long what joins them is.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// One place that stands on spacers over another.
struct Stacked {
    Id below, above;                      ///< places
    Millimetre tall{};                    ///< of the tallest thing below
    Millimetre wanted{};                  ///< between their boards: the tallest thing below and 2 mm of air
    const FittingType* spacer = nullptr;  ///< the shortest that is as long, four of them; null: none is known
    Millimetre gap() const { return spacer ? spacer->most : wanted; }
};

/// Places that say how tall what stands there is, and over which another lies; in the order of the places.
std::vector<Stacked> stacks(const Plan& plan, const Catalogue& catalogue);

/// Along which a lead goes from a place to another that stands over it, over any number of boards: out over
/// the edge of both, 20 mm each, and up. Nothing where they are not of one stack.
std::optional<Metre> length_in_stack(const Plan& plan, const Catalogue& catalogue, const Id& a, const Id& b);

}  // namespace sangre
