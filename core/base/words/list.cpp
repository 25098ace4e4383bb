#include "words/list.h"

#include <fmt/format.h>

#include "words/say.h"

namespace sangre {
namespace {

std::string by_commas(const std::vector<std::string>& things, std::size_t first) {
    return fmt::to_string(fmt::join(things.begin(), things.begin() + static_cast<long>(first), ", "));
}

}  // namespace

std::string listed(const std::vector<std::string>& things) {
    if (things.size() < 2) return by_commas(things, things.size());
    return say("{list} and {last}", by_commas(things, things.size() - 1), things.back());
}

std::string either(const std::vector<std::string>& things) {
    if (things.size() < 2) return by_commas(things, things.size());
    return say("{list} or {last}", by_commas(things, things.size() - 1), things.back());
}

std::string first_few(const std::vector<std::string>& things, std::size_t most) {
    if (things.size() <= most) return by_commas(things, things.size());
    return say("{list} and {count} more", by_commas(things, most), things.size() - most);
}

}  // namespace sangre
