#include "physics/parts/wire_size.h"

#include <fmt/format.h>

#include <cmath>
#include <numbers>

#include "base/units/format.h"

namespace sangre {
namespace {

/// The nearest gauge of that cross-section: d = 0.127 mm × 92^((36 − n) / 39), ASTM B258.
std::string nearest_gauge(SquareMillimetre area) {
    const double diameter = 2 * std::sqrt(raw(area) / std::numbers::pi);
    const auto n = std::lround(36 - 39 * std::log(diameter / 0.127) / std::log(92));
    return n > 0 ? fmt::format("{} AWG", n) : fmt::format("{}/0 AWG", 1 - n);
}

}  // namespace

Words size_words(const WireType& wire) {
    const Words other = wire.metric ? Words(nearest_gauge(wire.area)) : format(wire.area);
    return where_both_sizes(wire.size, wire.size + " · " + other);
}

}  // namespace sangre
