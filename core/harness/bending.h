#pragma once
// How tightly leads may be bent, and how tightly their ways bend them.
#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Least radius on the inside of a bend, in outer diameters: of what lies still, and of what moves. Source:
/// typical of stranded copper of IEC 60228 classes 5 and 6.
inline constexpr double fixed_bend = 4, moving_bend = 8;

/// Across what is bent as one: a wire of a plain lead, the cores of a cable side by side; a ribbon bends by
/// its thickness. 0 where the wire is not known.
Millimetre bent_across(const Catalogue& catalogue, const Lead& lead);

/// The least radius that a lead may be bent to where it lies still; 0 where its wire is not known.
Millimetre least_bend(const Catalogue& catalogue, const Lead& lead);

/// The tightest bend of a way: its corners as they are said, and those of its line where it is drawn to
/// scale, each as round as the stretches on either side allow. Nothing where it has none.
std::optional<Millimetre> tightest_bend(const Plan& plan, const Way& way);
/// Of each way.
std::vector<std::optional<Millimetre>> tightest_bends(const Plan& plan);

/// Where a lead goes on from one way into another that is drawn on the same side, to scale.
struct TurnAtPlace {
    Id place;
    double degrees = 0;     ///< from straight on, 0 to 180
    Millimetre tightest{};  ///< as round as half of the stretch on either side allows
};
/// Nothing where they meet at no place, are not drawn to scale, or go straight on.
std::optional<TurnAtPlace> turn_between(const Plan& plan, const Way& from, const Way& on);

/// Wire that knots on a way take: each a dozen outer diameters of it.
Metre knots_take(const Catalogue& catalogue, const Lead& lead, const Way& way);

}  // namespace sangre
