#pragma once
// The pictures that a plan names: files beside it.
#include "plan/plan.h"

namespace sangre {

/// What kind a log entry is whose text is a picture's name.
inline constexpr const char* photo_entry = "photo";

/// Of its sides, its own steps and its log, each once.
std::vector<std::string> pictures_of(const Plan& plan);

/// It is the name of a file alone: a plan from elsewhere says nothing of other folders.
bool names_a_file_beside(const std::string& name);

/// A picture that was taken at a step, written into the log.
Plan add_photo(Plan plan, const std::string& step, const std::string& file, const std::string& when);
/// The last one of a step; empty where there is none.
std::string photo_of(const Plan& plan, const std::string& step);

}  // namespace sangre
