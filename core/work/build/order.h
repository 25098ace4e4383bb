#pragma once
// The order of steps in which tools change least often.
#include <array>
#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

#include "words/say.h"

namespace sangre {

/// What the hands hold: steps of one kind can be done one after the other without putting anything away.
enum class Work {
    prepare,
    meter,
    cut,
    machine,
    drill,
    tube,
    iron,
    crimp,
    screw,
    strip,
    glue,
    power,
    hold,
    other
};
const char* work_word(Work work);  ///< "at the iron"

struct Step;
/// By its tools, else by what kind of step it is.
Work work_of(const Step& step);

struct StepOrder {
    std::vector<size_t> order;  ///< indices of the steps; those of a circle come last as they were given
    size_t changes = 0;         ///< of the kind of work, from one step to the next
    size_t bound = 0;           ///< fewer are not possible
    bool exact = false;         ///< changes == bound
};

/// Every step after those that it has to come after; a key that is not there counts as met. Of all such
/// orders one with the fewest changes of work, found by A* over runs of one kind of work; where that takes
/// more than `most_states`, the best one that was found, with its bound. Among equals what is deeper in the
/// machine first, then by rank and key, so that the order in which steps are given does not matter. `rather`:
/// keys that come as early as they can, one after the other, with all that they wait for.
StepOrder least_changes(const std::vector<Step>& steps, const std::vector<std::string>& rather = {},
                        size_t most_states = 4000);

/// The fewest changes with which the steps given can be gone through in that order.
size_t changes_in(const std::vector<Step>& steps, const std::vector<size_t>& order);

}  // namespace sangre
