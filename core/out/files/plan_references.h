#pragma once
// What a plan names must be there.
#include "plan/plan.h"

namespace sangre {

/// Where the leads stand in the one list of the file: by their place among those that feed and among those
/// that carry signals. Empty: those that feed first, as a file is written.
struct LeadPlaces {
    std::vector<size_t> feeds, cables;
};

/// Ids, of items too, must be unique and references must lead somewhere; the first that does not is thrown as
/// a BadPlace. No load may have its least voltage above its greatest.
void check_references(const Plan& plan, const LeadPlaces& leads = {});

}  // namespace sangre
