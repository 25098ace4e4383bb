#pragma once
// The rail tree rearranged by hand: a rail split, two merged, one fed from a lower one.
#include <tl/expected.hpp>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Takes these loads of a rail to a module of their own beside it, with the same set voltage and source. Its
/// module is the cheapest that carries them; the feeds that are new or carry something else now are sized.
/// The error says why it cannot be: no such rail, no load left on one side, or no module.
tl::expected<Plan, Words> split_rail(const Plan& plan, const Catalogue& catalogue, const Id& rail,
                                     const std::vector<Id>& loads);

/// Hangs everything of rail `gone` on rail `stays` and removes its module. The module that stays becomes a
/// stronger one where it must. The error names the loads whose voltages have nothing in common, or why no
/// module carries them all.
tl::expected<Plan, Words> merge_rails(const Plan& plan, const Catalogue& catalogue, const Id& stays,
                                      const Id& gone);

/// Feeds a rail's module from another source, such as a lower rail; it becomes one that can work from there.
/// The error says what would be a loop or that no module does.
tl::expected<Plan, Words> feed_rail_from(const Plan& plan, const Catalogue& catalogue, const Id& rail,
                                         const Id& source);

/// The loads on a rail, by id.
std::vector<Id> loads_on(const Plan& plan, const Id& rail);
/// Of those, the ones that are noisy and not sensitive: what is worth a module of its own beside quiet ones.
std::vector<Id> noisy_on(const Plan& plan, const Id& rail);

}  // namespace sangre
