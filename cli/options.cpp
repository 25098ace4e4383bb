#include "options.h"

#include <fmt/format.h>

#include <cstdio>

#include "files/plan_file.h"

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

}  // namespace sangre::cli
