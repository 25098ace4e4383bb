#pragma once
// Plan files: JSON, "format": "sangre-plan", SI values with their unit in the key, unknown keys kept.
#include <filesystem>
#include <string>
#include <tl/expected.hpp>

#include "base/files/safe_write.h"
#include "plan/plan.h"

namespace sangre {

inline constexpr int plan_version = 3;

/// Reads a plan. Errors name the file, the place in it (a JSON pointer, or line and column) and the reason.
/// Files of versions 1 and 2 are upgraded; a version newer than this program's is refused.
tl::expected<Plan, std::string> load_plan(const std::filesystem::path& file);

/// The same from text; `name` stands for the file in errors.
tl::expected<Plan, std::string> plan_from_json(const std::string& text, const std::string& name);

/// The plan as JSON text, keys in a fixed order, so that a diff between two saves reads well.
std::string plan_to_json(const Plan& plan);

/// Writes a plan with write_whole, after it has been read back from its own text: one that could not be
/// opened again is not written.
tl::expected<void, std::string> save_plan(const Plan& plan, const std::filesystem::path& file);

/// Whether what an edit has made can be saved and opened again: everything it touched against the schema, and
/// all references. The error says where and what would be right.
tl::expected<void, std::string> check_edit(const Plan& before, const Plan& now);

}  // namespace sangre
