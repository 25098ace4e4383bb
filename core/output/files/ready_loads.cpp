#include "output/files/ready_loads.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "base/files/schema.h"
#include "plan/load_text.h"

namespace sangre {

tl::expected<std::vector<ReadyLoads>, std::string> ready_loads(const std::filesystem::path& data) {
    const auto file = data / "loads" / "typical.json";
    const auto document = read_checked_json(file, data / "schema" / "loads.schema.json");
    if (!document) return tl::unexpected(document.error());
    std::vector<ReadyLoads> groups;
    for (const auto& g : document->at("groups")) {
        ReadyLoads group{g.at("name"), {}};
        for (const std::string line : g.at("loads")) {
            const auto read = parse_load(line);
            if (!read.complete())
                return tl::unexpected(
                    fmt::format("{}: “{}”: {}", file.string(), line, read.problems.front().message));
            group.lines.push_back(line + " assumed");
        }
        groups.push_back(std::move(group));
    }
    return groups;
}

}  // namespace sangre
