#include "protection/fuse_curve.h"

#include <cmath>
#include <limits>

namespace sangre {
namespace {

constexpr double never = std::numeric_limits<double>::infinity();

Second edge(const FuseFamily& family, Ampere rating, Ampere current, Second Gate::*side) {
    const double multiple = std::abs(raw(current)) / raw(rating);
    const auto& g = family.gates;
    if (g.empty() || !(multiple >= g.front().multiple)) return Second(never);
    if (multiple >= g.back().multiple) {
        // Beyond the last gate the element melts adiabatically: constant I²t, not below 1 ms for arcing.
        const double ratio = g.back().multiple / multiple;
        return Second(std::max(1e-3, raw(g.back().*side) * ratio * ratio));
    }
    size_t i = 0;
    while (g[i + 1].multiple <= multiple) ++i;
    const double x = std::log(multiple / g[i].multiple) / std::log(g[i + 1].multiple / g[i].multiple);
    return Second(std::exp(std::lerp(std::log(raw(g[i].*side)), std::log(raw(g[i + 1].*side)), x)));
}

}  // namespace

Second slow_edge(const FuseFamily& family, Ampere rating, Ampere current) {
    return edge(family, rating, current, &Gate::slowest);
}

Second fast_edge(const FuseFamily& family, Ampere rating, Ampere current) {
    return edge(family, rating, current, &Gate::fastest);
}

Ampere continuous_limit(const FuseFamily& family, Ampere rating, Celsius air) {
    const double warmer = std::max(0.0, raw(air) - 23);
    return rating * family.continuous_share * std::max(0.05, 1 - family.derate_per_kelvin * warmer);
}

bool rides(const FuseFamily& family, Ampere rating, Ampere current, Second time) {
    if (raw(time) <= 0 || raw(current) <= 0) return true;
    // The fast edge's I²t at this duration: the current whose fast edge equals the duration.
    double low = raw(rating), high = raw(rating) * 100;
    for (int i = 0; i < 60; ++i) {
        const double middle = std::sqrt(low * high);
        if (fast_edge(family, rating, Ampere(middle)) > time)
            low = middle;
        else
            high = middle;
    }
    return raw(current) * raw(current) <= 0.3 * low * low;
}

Ohm fuse_resistance(Ampere rating) { return Ohm(0.09 / raw(rating)); }

}  // namespace sangre
