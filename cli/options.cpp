#include "options.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdio>
#include <filesystem>

#include "output/files/plan_file.h"

namespace sangre::cli {

Catalogue catalogue() {
    auto loaded = load_catalogue(data_directory(), own_catalogue());
    if (!loaded) throw CannotRead{loaded.error()};
    for (const auto& why : loaded->refused) fmt::print(stderr, "sangre-cli: left out: {}\n", why);
    return std::move(*loaded);
}

Plan plan_of(const Options& o) {
    auto plan = load_plan(o.file);
    if (!plan) throw CannotRead{plan.error()};
    return std::move(*plan);
}

void check_output(const std::string& output, const std::vector<std::string>& endings,
                  const std::string& beside, const char* what) {
    const std::filesystem::path out(output);
    if (out.filename().empty()) throw CannotRead{"-o: the name of a file to write is expected"};
    if (!endings.empty() && std::find(endings.begin(), endings.end(), out.extension()) == endings.end())
        throw CannotRead{fmt::format("{}: {} ends in {}", output, what, fmt::join(endings, " or "))};
    std::error_code none;
    if (!beside.empty() && std::filesystem::equivalent(out, beside, none))
        throw CannotRead{
            fmt::format("{}: that is what is read here; choose another name for {}", output, what)};
}

}  // namespace sangre::cli
