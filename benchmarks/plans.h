#pragma once
// Plans of any size to measure with.
#include "plan/plan.h"
#include "rules/study.h"

namespace sangre::bench {

const Catalogue& parts();
/// A pack, hubs, modules and loads over that many feeds; the same for the same number.
Plan plan_of(size_t feeds);
/// So many loads and nothing that feeds them.
Plan wish_of(size_t loads);
/// Its day played so many times over.
Plan days_of(Plan plan, int days);
/// With its parts spread over a grid of places, ways between neighbours, each with a bend, and openings.
Plan laid_out(Plan plan);
std::vector<Metre> lengths_of(const Plan& plan);
Demand all_on(const Plan& plan);

}  // namespace sangre::bench
