#pragma once
// Edits that take things out of a plan, each with what makes no sense without it.
#include <set>

#include "plan/plan.h"

namespace sangre {

// Parts go with the leads that end at them. An id that the plan does not hold changes nothing.
Plan remove_load(Plan plan, const Id& load);
Plan remove_source(Plan plan, const Id& source);
Plan remove_hub(Plan plan, const Id& hub);
Plan remove_converter(Plan plan, const Id& converter);
Plan remove_passive(Plan plan, const Id& passive);

Plan remove_cable(Plan plan, const Id& cable);  ///< a lead of either list
Plan remove_phase(Plan plan, const Id& phase);
Plan remove_item(Plan plan, const Id& item);        ///< out of its lead
Plan remove_opening(Plan plan, const Id& opening);  ///< and off the ways that go through it

/// All of these, whatever they are; what leads feed is settled anew.
Plan remove_things(Plan plan, const std::set<Id>& things);

}  // namespace sangre
