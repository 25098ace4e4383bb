#include "joint/size.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "wire/circles.h"
#include "wire/conductor.h"
#include "words/say.h"

namespace sangre {

double pull_out_force(SquareMillimetre area) {
    constexpr std::array<std::pair<int, double>, 4> table{{{22, 36}, {18, 89}, {14, 223}, {10, 356}}};
    const double x = std::log(raw(area));
    size_t i = 0;
    while (i + 2 < table.size() && std::log(raw(awg_area(table[i + 1].first))) < x) ++i;
    const double x0 = std::log(raw(awg_area(table[i].first))),
                 x1 = std::log(raw(awg_area(table[i + 1].first)));
    return std::exp(
        std::lerp(std::log(table[i].second), std::log(table[i + 1].second), (x - x0) / (x1 - x0)));
}

Millimetre bundled(Millimetre one, int n) {
    if (n <= 1) return one;
    return Millimetre(
        2 * enclosing_radius(pack_circles(std::vector<double>(static_cast<size_t>(n), raw(one) / 2))));
}

JointSize joint_size(const JointKind& kind, SquareMillimetre copper, Millimetre bared) {
    constexpr double big_tip_from = 2.5, torch_from = 10;
    constexpr Celsius big_tip(380), torch(400);
    constexpr Millimetre burnt(5);
    JointSize size;
    size.strip = std::max(kind.strip, Millimetre(std::ceil(kind.strip_conductors * raw(bared) - 1e-9)));
    size.overlap = raw(kind.strip) > 0 ? Millimetre(std::round(raw(kind.overlap * (size.strip / kind.strip))))
                                       : kind.overlap;
    size.iron = kind.iron, size.dwell = kind.dwell, size.heat = kind.heat;
    if (raw(kind.iron) > 0) {
        size.dwell = Second(std::round(raw(kind.dwell) * std::sqrt(std::max(1.0, raw(copper)))));
        if (raw(copper) >= torch_from)
            size.iron = std::max(kind.iron, torch), size.burn_back = burnt, size.heat = say("small torch");
        else if (raw(copper) >= big_tip_from)
            size.iron = std::max(kind.iron, big_tip), size.heat = say("iron of 60 W, 5 mm tip");
    }
    const double stands = raw(copper) > 0 ? pull_out_force(copper) : 0;
    size.tug_newton = std::round(std::min(stands / 4, kind.tug_newton));
    return size;
}

}  // namespace sangre
