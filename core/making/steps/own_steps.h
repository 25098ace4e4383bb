#pragma once
// What is done besides what follows from the plan: the builder's own steps, and what an edit has undone.
#include <optional>
#include <string>
#include <unordered_map>

#include "making/steps/steps.h"

namespace sangre {

std::string own_step_key(const Id& id);

/// Which step a builder means: by its key, or by its title as files have it, in English or the builder's own.
class StepNames {
  public:
    StepNames(const Plan& plan, const std::vector<Step>& steps);
    /// Its key; nothing where there is no such step.
    std::optional<std::string> key(const std::string& name) const;

  private:
    std::unordered_map<std::string, std::string>
        keys_;  ///< by key, by id of an own one, by title in small letters
};

/// The plan with steps named in its own steps as files name them: a title typed as the reader of this thread
/// reads it becomes the English one.
Plan with_titles_in_english(Plan plan, const std::vector<Step>& steps);

/// A step that takes back what one of the builder's own did, with its tools and as long: the lid on again.
/// Its id is new.
OwnStep step_back(const Plan& plan, const OwnStep& of);

/// Those of the builder's own, where they were put. What is taken apart comes before the work at the machine,
/// and back in reverse before the last fuse.
void add_own_steps(const Plan& plan, std::vector<Step>& steps);

/// What was done and is asked no more, or otherwise, is undone before anything is measured.
void take_back(const Plan& plan, std::vector<Step>& steps);

/// A step that still waits for a later one of this order waits for itself: its Why says so.
void say_circles(std::vector<Step>& steps);

}  // namespace sangre
