#include "harness/passages.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "harness/packing.h"

namespace sangre {

size_t passages(const Plan& plan, const Id& from, const std::vector<size_t>& ways, const Id& opening) {
    constexpr double apart = 0.02;  // m; nearer, two ways tell of one hole
    size_t count = 0;
    double gone = 0;
    std::optional<double> last;
    Id here = from;
    for (const auto w : ways) {
        const auto& way = plan.ways[w];
        const bool backwards = way.from != here;
        std::vector<std::optional<double>> met;
        for (const auto& thing : way.on_it) {
            if (thing.opening != opening) continue;
            const double along = raw(place_on(way, thing));
            met.push_back(thing.at ? std::optional(gone + (backwards ? raw(way.length) - along : along))
                                   : std::nullopt);
        }
        std::sort(met.begin(), met.end());
        for (const auto& at : met) {
            if (count == 0 || (at && last && std::abs(*at - *last) > apart)) ++count;
            last = at;
        }
        gone += raw(way.length);
        here = backwards ? way.from : way.to;
    }
    return count;
}

}  // namespace sangre
