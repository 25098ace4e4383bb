#pragma once
// JSON documents read from disk and checked against a JSON Schema shipped in data/schema/.
#include <filesystem>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <tl/expected.hpp>

#include "base/files/safe_write.h"

namespace sangre {

/// Reads and parses a JSON file. Errors: "FILE: reason", with line and column where the text is broken.
tl::expected<nlohmann::json, std::string> read_json(const std::filesystem::path& file);

/// Parses JSON text; `name` stands for the file in errors.
tl::expected<nlohmann::json, std::string> parse_json(const std::string& text, const std::string& name);

/// Checks a document against a schema; the error lists each place as a JSON pointer with what is wrong there.
tl::expected<void, std::string> check_schema(const nlohmann::json& document,
                                             const std::filesystem::path& schema, const std::string& name);

/// read_json and check_schema in one.
tl::expected<nlohmann::json, std::string> read_checked_json(const std::filesystem::path& file,
                                                            const std::filesystem::path& schema);

}  // namespace sangre
