#include "parts/wire_size.h"

#include <fmt/format.h>

#include <cmath>
#include <numbers>

#include "units/format.h"

namespace sangre {
namespace {

/// The nearest gauge of that cross-section: d = 0.127 mm × 92^((36 − n) / 39), ASTM B258.
std::string nearest_gauge(SquareMillimetre area) {
    const double diameter = 2 * std::sqrt(raw(area) / std::numbers::pi);
    const auto n = std::lround(36 - 39 * std::log(diameter / 0.127) / std::log(92));
    return n > 0 ? fmt::format("{} AWG", n) : fmt::format("{}/0 AWG", 1 - n);
}

}  // namespace

std::string size_words(const WireType& wire) {
    if (!presentation().both_sizes) return wire.size;
    return wire.size + " · " + (wire.metric ? nearest_gauge(wire.area) : format(wire.area));
}

}  // namespace sangre
