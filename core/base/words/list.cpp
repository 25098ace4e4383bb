#include "base/words/list.h"

#include "base/words/say.h"

namespace sangre {
namespace {

Words by_commas(const std::vector<Words>& things, std::size_t first) {
    return joined({things.begin(), things.begin() + static_cast<long>(first)}, ", ");
}

}  // namespace

Words joined(const std::vector<Words>& things, std::string_view between) {
    if (things.size() < 2) return things.empty() ? Words() : things.front();
    return later([things, between = std::string(between)] {
        std::string all;
        for (const auto& one : things) all += (&one == &things.front() ? "" : between) + one.str();
        return all;
    });
}

Words listed(const std::vector<Words>& things) {
    if (things.size() < 2) return by_commas(things, things.size());
    return say("{list} and {last}", by_commas(things, things.size() - 1), things.back());
}

Words either(const std::vector<Words>& things) {
    if (things.size() < 2) return by_commas(things, things.size());
    return say("{list} or {last}", by_commas(things, things.size() - 1), things.back());
}

Words first_few(const std::vector<Words>& things, std::size_t most) {
    if (things.size() <= most) return by_commas(things, things.size());
    return say("{list} and {count} more", by_commas(things, most), things.size() - most);
}

}  // namespace sangre
