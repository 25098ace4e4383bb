#pragma once
// What comes next at each station of the work, and what was taken for granted so far.
#include "rules/study.h"

namespace sangre {

/// The seven stations, in the order of the work.
enum class Stage { loads, power, wiring, routing, build, bench, log };

/// The station at which a finding of that rule is mended.
Stage stage_of(const std::string& rule);

/// What to do next there, as a sentence: a danger first, then what is missing, then where to go on. Of Build
/// and Bench the study's steps and readings are worked out for it.
Words next_thing(Stage stage, const Plan& plan, const Study& study);

/// A feed whose length is guessed.
struct LengthToMeasure {
    size_t feed = 0;
    double lost_if_double = 0;  ///< share of its volts, were it twice as long
    bool decides = false;       ///< then its wire would no longer do
};
/// In the order in which they matter: those that decide first, each by what it would lose.
std::vector<LengthToMeasure> lengths_to_measure(const Plan& plan, const Study& study);

/// What nobody has said and the numbers rest on, the weightiest first: "the air is taken as 0 – 40 °C".
std::vector<Words> assumptions(const Plan& plan, const Study& study);

}  // namespace sangre
