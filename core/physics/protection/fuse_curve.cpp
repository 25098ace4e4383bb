#include "physics/protection/fuse_curve.h"

#include <fmt/format.h>

#include <cmath>
#include <limits>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double never = std::numeric_limits<double>::infinity();

Second edge(const FuseFamily& family, Ampere rating, Ampere current, Second Gate::*side) {
    const double multiple = std::abs(raw(current)) / raw(rating);
    const auto& g = family.gates;
    if (g.empty() || !(multiple >= g.front().multiple)) return Second(never);
    if (multiple >= g.back().multiple) {
        // Beyond the last gate the element melts adiabatically: constant I²t. The slow edge has the arc on
        // top.
        const double ratio = g.back().multiple / multiple;
        const double arcing = side == &Gate::slowest ? 1e-3 : 0;
        return Second(std::max(arcing, raw(g.back().*side) * ratio * ratio));
    }
    size_t i = 0;
    while (g[i + 1].multiple <= multiple) ++i;
    const double x = std::log(multiple / g[i].multiple) / std::log(g[i + 1].multiple / g[i].multiple);
    return Second(std::exp(std::lerp(std::log(raw(g[i].*side)), std::log(raw(g[i + 1].*side)), x)));
}

/// The multiple of the rating whose fast edge is this duration: the gates read backwards. Infinite without
/// any.
double melting_multiple(const FuseFamily& family, Second time) {
    const auto& g = family.gates;
    if (g.empty()) return never;
    if (time >= g.front().fastest) return g.front().multiple;
    if (time <= g.back().fastest) return g.back().multiple * std::sqrt(raw(g.back().fastest) / raw(time));
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

Ampere rating_in(const FuseFamily& family, Ampere rating, Celsius air) {
    const double warmer = std::max(0.0, raw(air) - 23);
    return rating * std::max(0.05, 1 - family.derate_per_kelvin * warmer);
}

Ampere continuous_limit(const FuseFamily& family, Ampere rating, Celsius air) {
    return rating_in(family, rating, air) * family.continuous_share;
}

Words continuous_words(const FuseFamily& family, Ampere rating, Celsius air) {
    const auto limit = format(continuous_limit(family, rating, air));
    const double warmer = raw(air) - 23;
    const auto carried = compose("{} × {}", format(rating), format_percent(family.continuous_share));
    if (warmer <= 0) return compose("{} = {}", carried, limit);
    if (1 - family.derate_per_kelvin * warmer < 0.05)
        return say("{carried} × 5 %, too warm = {limit}", carried, limit);
    return say("{carried} × (1 − {derate_per_kelvin} × {warmer}) = {limit} at {air}", carried,
               format_number(family.derate_per_kelvin), format_number(warmer), limit, format(air));
}

bool rides(const FuseFamily& family, Ampere rating, Ampere current, Second time, Celsius air) {
    if (raw(time) <= 0 || current <= rating_in(family, rating, air)) return true;
    const double melts = raw(rating) * melting_multiple(family, time);
    return raw(current) * raw(current) <= 0.3 * melts * melts;
}

Ohm fuse_resistance(const FuseFamily& family, Ampere rating) {
    return Ohm(raw(rating) > 0 ? family.cold_ohm * std::pow(raw(rating), -family.cold_exponent) : 0);
}

}  // namespace sangre
