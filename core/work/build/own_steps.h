#pragma once
// What is done besides what follows from the plan: the builder's own steps, and what an edit has undone.
#include "build/steps.h"

namespace sangre {

std::string own_step_key(const Id& id);

/// The key of the step that a builder means: by its key, or by its title, also of one of the builder's own.
/// Nothing where there is no such step.
std::optional<std::string> step_called(const Plan& plan, const std::vector<Step>& steps,
                                       const std::string& name);

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
