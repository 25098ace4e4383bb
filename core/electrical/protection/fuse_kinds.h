#pragma once
// Which kinds of fuse a builder takes for a machine of this size: few, and those that can be had and changed.
#include <vector>

#include "catalogue/catalogue.h"
#include "wiring/index/index.h"

namespace sangre {

/// The machine's scale, by which builders choose a kind of fuse: of the whole plan, once.
struct FuseHabit {
    Watt peak{};             ///< of all loads together
    bool low_volts = false;  ///< all sources stay within 32 V
};
FuseHabit fuse_habit(const Plan& plan, const Catalogue& catalogue);

/// Fuse families by their ids, the first that serves is taken: one for the branches by the machine's scale,
/// and at the most one more for the main. In a pocket what is soldered in; in the hand 5 × 20 mm and mini
/// blades; what rolls or stands has blades and a bolted or large-blade main; behind a tapped slot that slot's
/// own, in a fuse block what it takes. Source: practice.
std::vector<Id> usual_fuses(const Plan& plan, const Catalogue& catalogue, const PlanIndex& index, size_t feed,
                            const FuseHabit& habit);

/// What builders let a wire of that copper carry, by which what it ends in stays cool: the bold rule of
/// thumb.
Ampere usual_carry(const WireType& wire, int conductors);
/// A fuse is no larger than that, give or take a fifth for the nearest rating sold.
inline constexpr double fuse_over_carry = 1.2;
/// Nor more than so many times what is ever drawn through it. Source: practice.
inline constexpr double fuse_over_draw = 3;

}  // namespace sangre
