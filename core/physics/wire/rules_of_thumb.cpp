#include "physics/wire/rules_of_thumb.h"

#include <array>
#include <cmath>

#include "physics/wire/conductor.h"

namespace sangre {

Ampere cautious_current(SquareMillimetre area) {
    constexpr double square_mm_per_circular_mil = 5.067075e-4;
    return Ampere(raw(area) / square_mm_per_circular_mil / 700);
}

Ampere bold_current(SquareMillimetre area) {
    struct Row {
        int gauge;
        double amps;
    };
    constexpr std::array table{Row{30, 0.86}, Row{28, 1.4}, Row{26, 2.2}, Row{24, 3.5}, Row{22, 7},
                               Row{20, 11},   Row{18, 16},  Row{16, 22},  Row{14, 32},  Row{12, 41},
                               Row{10, 55},   Row{8, 73},   Row{6, 101},  Row{4, 135},  Row{2, 181},
                               Row{0, 245},   Row{-3, 380}};
    const double x = std::log(raw(area));
    size_t i = 0;
    while (i + 2 < table.size() && std::log(raw(awg_area(table[i + 1].gauge))) < x) ++i;
    const double x0 = std::log(raw(awg_area(table[i].gauge))),
                 x1 = std::log(raw(awg_area(table[i + 1].gauge)));
    return Ampere(
        std::exp(std::lerp(std::log(table[i].amps), std::log(table[i + 1].amps), (x - x0) / (x1 - x0))));
}

}  // namespace sangre
