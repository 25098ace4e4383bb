#pragma once
// The order of steps in which tools change least often.
#include <array>
#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <unordered_map>
#include <vector>

#include "base/words/say.h"

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

/// What waits for what among steps, found once, to order any part of them. What a step waits for and is not
/// among them counts as met. The steps have to outlive it.
class StepGraph {
  public:
    explicit StepGraph(const std::vector<Step>& steps);
    size_t size() const { return work_.size(); }
    Work work(size_t step) const { return work_[step]; }
    /// Steps that it waits for, and that wait for it, each in ascending order.
    const std::vector<size_t>& before(size_t step) const { return before_[step]; }
    const std::vector<size_t>& frees(size_t step) const { return frees_[step]; }
    std::optional<size_t> find(std::string_view key) const;
    /// Place among all by what comes first of what may: deeper in the machine, earlier rank, smaller key.
    size_t place(size_t step) const { return place_[step]; }

    /// A part of the steps, ascending, as least_changes() has it.
    StepOrder order(const std::vector<size_t>& part, const std::vector<std::string>& rather,
                    size_t most_states) const;

  private:
    std::unordered_map<std::string_view, size_t> at_;
    std::vector<Work> work_;
    std::vector<std::vector<size_t>> before_, frees_;
    std::vector<size_t> place_;
};

/// Every step after those that it has to come after; a key that is not there counts as met. Of all such
/// orders one with the fewest changes of work, found by A* over runs of one kind of work; where that takes
/// more than `most_states`, or 32 MB, the best one that was found, with its bound. Among equals what is
/// deeper in the machine first, then by rank and key, so that the order in which steps are given does not
/// matter. `rather`: keys that come as early as they can, one after the other, with all that they wait for.
StepOrder least_changes(const std::vector<Step>& steps, const std::vector<std::string>& rather = {},
                        size_t most_states = 4000);

/// The fewest changes with which the steps given can be gone through in that order.
size_t changes_in(const std::vector<Step>& steps, const std::vector<size_t>& order);

}  // namespace sangre
