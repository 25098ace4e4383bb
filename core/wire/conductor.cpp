#include "wire/conductor.h"

#include <cmath>

namespace sangre {

SquareMillimetre awg_area(int gauge) {
    const double d = 0.127 * std::pow(92.0, (36.0 - gauge) / 39.0);
    return SquareMillimetre(M_PI / 4 * d * d);
}

Millimetre solid_diameter(SquareMillimetre area) { return Millimetre(std::sqrt(4 * raw(area) / M_PI)); }

double resistance_per_metre(SquareMillimetre area, Stranding stranding) {
    constexpr double resistivity = 1.7241e-8;
    return resistivity / (raw(area) * 1e-6) * (stranding == Stranding::stranded ? 1.02 : 1.0);
}

double temperature_factor(Celsius t) { return std::max(0.1, 1 + 0.00393 * (raw(t) - 20)); }

}  // namespace sangre
