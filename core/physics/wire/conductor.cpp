#include "physics/wire/conductor.h"

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

double resistance_per_metre(SquareMillimetre area, Stranding stranding, Conductor material) {
    const double factor = material == Conductor::tinned                  ? 1.03
                          : material == Conductor::copper_clad_aluminium ? 1.6
                                                                         : 1.0;
    return resistance_per_metre(area, stranding) * factor;
}

double conductor_density(Conductor material) {
    return material == Conductor::tinned ? 8.94 : material == Conductor::copper_clad_aluminium ? 3.63 : 8.96;
}

double temperature_factor(Celsius t) { return std::max(0.1, 1 + 0.00393 * (raw(t) - 20)); }

}  // namespace sangre
