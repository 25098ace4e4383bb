#pragma once
// The schema of a plan file, made from the list of its fields.
#include <tl/expected.hpp>

#include <string>

namespace sangre {

/// JSON Schema (draft 7) of the format's present version: what may stand where comes from the fields that are
/// read and written (`plan_fields.h`), least and greatest values, what is required and what is said of a key
/// from schema/plan.limits.json. The error names a limit of a key that is no field.
tl::expected<std::string, std::string> plan_schema();

}  // namespace sangre
