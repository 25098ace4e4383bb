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

/// The multiple of the rating whose fast edge is this duration: the gates read backwards. At most 100.
double melting_multiple(const FuseFamily& family, Second time) {
    const auto& g = family.gates;
    if (g.empty()) return 100;
    if (time >= g.front().fastest) return g.front().multiple;
    const double least = 1e-3;  // of any edge
    if (raw(time) < least) return 100;
    if (time <= g.back().fastest)
        return std::min(g.back().multiple * std::sqrt(raw(g.back().fastest) / raw(time)), 100.0);
    size_t i = 0;
    while (g[i + 1].fastest >= time) ++i;
    const double x =
        std::log(raw(time) / raw(g[i].fastest)) / std::log(raw(g[i + 1].fastest) / raw(g[i].fastest));
    return g[i].multiple * std::pow(g[i + 1].multiple / g[i].multiple, x);
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
    const double melts = raw(rating) * melting_multiple(family, time);
    return raw(current) * raw(current) <= 0.3 * melts * melts;
}

Ohm fuse_resistance(Ampere rating) { return Ohm(0.09 / raw(rating)); }

}  // namespace sangre
