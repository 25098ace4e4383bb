#pragma once
// Plan files: JSON, "format": "sangre-plan", SI values with their unit in the key, unknown keys kept.
#include <filesystem>
#include <string>
#include <tl/expected.hpp>

#include "plan/plan.h"

namespace sangre {

inline constexpr int plan_version = 2;

/// Reads a plan. Errors name the file, the place in it (a JSON pointer, or line and column) and the reason.
/// Version 1 files are upgraded; a version newer than this program's is refused.
tl::expected<Plan, std::string> load_plan(const std::filesystem::path& file);

/// The same from text; `name` stands for the file in errors.
tl::expected<Plan, std::string> plan_from_json(const std::string& text, const std::string& name);

/// The plan as JSON text, keys in a fixed order, so that a diff between two saves reads well.
std::string plan_to_json(const Plan& plan);

/// Writes beside the file and renames, so that a crash leaves either the old file or the new one.
tl::expected<void, std::string> save_plan(const Plan& plan, const std::filesystem::path& file);

/// Writes text to a file the same careful way.
tl::expected<void, std::string> write_whole(const std::string& text, const std::filesystem::path& file);

}  // namespace sangre
