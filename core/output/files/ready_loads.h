#pragma once
// Ready-made generic loads to start from, until the builder has measured the own.
#include <filesystem>
#include <string>
#include <tl/expected.hpp>
#include <vector>

namespace sangre {

struct ReadyLoads {
    std::string group;
    std::vector<std::string> lines;  ///< as parse_load reads them, each marked as assumed
};

/// Reads data_directory/loads/typical.json. The error names the file, and the line that is not understood.
tl::expected<std::vector<ReadyLoads>, std::string> ready_loads(const std::filesystem::path& data_directory);

}  // namespace sangre
