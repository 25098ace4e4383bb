#pragma once
// Where builders disagree: each question with its ways, and what each would change here, as whole plans.
#include <functional>

#include "comparison/variants.h"

namespace sangre {

struct SchoolWay {
    Words name;     ///< "Two packs"
    Words purpose;  ///< what speaks for it
    bool followed = false;
    Words refusal;                       ///< why it cannot be done here; then the rest is empty
    Plan plan;                           ///< wired this way
    std::vector<VariantFigure> figures;  ///< against the way that is followed
    Words told;                          ///< the same in a line
};

struct SchoolQuestion {
    Words name;   ///< "One pack or two"
    Words about;  ///< what is disagreed about
    std::vector<SchoolWay> ways;
};

struct SchoolStudy {
    std::vector<SchoolQuestion> questions;
    bool complete = false;  ///< false where it was cancelled
};

/// Wires the plan anew once for every way of every question, all else as the builder follows it, and compares
/// each with the way that is followed. `subject` is the load that the last question asks about; any other id
/// takes the one that draws least. `progress` gets the share done and returns false to stop. A plan without
/// loads has no questions.
SchoolStudy compare_schools(
    const Plan& plan, const Catalogue& catalogue, const Id& subject = {},
    const std::function<bool(double)>& progress = [](double) { return true; });

}  // namespace sangre
