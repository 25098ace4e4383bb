#include "wiring/joint/size.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "base/words/say.h"
#include "physics/wire/circles.h"
#include "physics/wire/conductor.h"
#include "plan/landing.h"

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

namespace {

/// Which tip, how hot and how long, by the width of the pad: as wide as it at the most, and no hotter than
/// the bond of so little copper to its board bears.
struct PadHeat {
    double widest_mm, tip_mm, iron_c, dwell_s, solder_mm;
};
// Typical workmanship of hand soldering: IPC-7711 tip as wide as the land; 1 to 2 s on small lands.
constexpr std::array pad_heats{PadHeat{1.0, 0.8, 310, 1, 0.3}, PadHeat{1.6, 1.2, 320, 1, 0.5},
                               PadHeat{2.5, 1.6, 330, 2, 0.5}, PadHeat{4.0, 2.4, 340, 2, 0.8},
                               PadHeat{7.0, 3.2, 360, 3, 0.8}, PadHeat{1e9, 5.0, 400, 5, 1.2}};
// Along the board, per millimetre of the pad's width: some fifth of the peel strength of 1.05 N/mm times the
// length over which a wire that is laid flat shares it (IPC-4101 laminate, 35 µm).
constexpr double tug_per_pad_mm = 2;

/// Thin copper is lost under a tip made for thick: the chisel for so much copper with nothing else to heat.
double tip_for(SquareMillimetre copper) {
    constexpr double awg28 = 0.09, awg22 = 0.35;
    return raw(copper) <= awg28 ? 1.2 : raw(copper) <= awg22 ? 1.6 : 2.4;
}

Millimetre half_up(double mm) { return Millimetre(std::ceil(mm * 2 - 1e-9) / 2); }

void on_pad(JointSize& size, const JointKind& kind, SquareMillimetre copper, const Landing& pad) {
    if (raw(pad.size) <= 0) return;
    const double width = std::min(raw(pad.size), raw(pad.along) > 0 ? raw(pad.along) : raw(pad.size));
    const auto& heat = *std::find_if(pad_heats.begin(), pad_heats.end(),
                                     [&](const auto& h) { return width <= h.widest_mm; });
    constexpr double shortest = 1;
    size.strip = raw(pad.along) > 0 ? half_up(std::max(raw(pad.along), shortest))
                                    : std::min(size.strip, half_up(std::max(1.5 * raw(pad.size), shortest)));
    if (raw(kind.iron) > 0 && raw(copper) < 2.5) {
        size.tip = Millimetre(heat.tip_mm), size.iron = Celsius(heat.iron_c);
        size.dwell = std::max(Second(heat.dwell_s), raw(copper) > 1 ? size.dwell : Second(0));
        size.wire_solder = Millimetre(heat.solder_mm), size.heat = say("iron");
    }
    size.tug_newton = std::min(size.tug_newton, std::max(1.0, std::round(tug_per_pad_mm * width)));
}

void in_bore(JointSize& size, const JointKind& kind, const Landing& screw) {
    // A ferrule is as long as it is; bare strands go in as deep as such blocks usually are for their bore.
    constexpr double depth = 4, per_bore = 1.3;
    if (raw(screw.size) > 0 && kind.part.empty()) size.strip = half_up(depth + per_bore * raw(screw.size));
}

}  // namespace

Landing landing_of(const Plan& plan, const Lead& lead, bool at_source) {
    Landing narrow;
    for (const bool minus : {false, true}) {
        const auto* t = lands_on(plan, lead, {at_source, minus});
        if (!t || (narrow.takes == t->takes && raw(narrow.size) > 0 &&
                   (raw(t->size) <= 0 || t->size >= narrow.size)))
            continue;
        if (narrow.takes == TerminalTakes::unsaid || narrow.takes == t->takes)
            narrow = {t->takes, t->size, t->along};
    }
    return narrow;
}

JointSize joint_size(const JointKind& kind, SquareMillimetre copper, Millimetre bared,
                     const Landing& landing) {
    constexpr double big_tip_from = 2.5, torch_from = 10;
    constexpr Celsius big_tip(380), torch(400);
    constexpr Millimetre burnt(5);
    JointSize size;
    if (kind.method == JointMethod::plugged) return size;
    size.strip = std::max(kind.strip, Millimetre(std::ceil(kind.strip_conductors * raw(bared) - 1e-9)));
    size.overlap = raw(kind.strip) > 0 ? Millimetre(std::round(raw(kind.overlap * (size.strip / kind.strip))))
                                       : kind.overlap;
    size.iron = kind.iron, size.dwell = kind.dwell, size.heat = kind.heat, size.tip = kind.tip;
    if (raw(size.tip) > 0 && raw(copper) > 0) size.tip = std::min(size.tip, Millimetre(tip_for(copper)));
    if (raw(kind.iron) > 0) {
        size.dwell = Second(std::round(raw(kind.dwell) * std::sqrt(std::max(1.0, raw(copper)))));
        if (raw(copper) >= torch_from)
            size.iron = std::max(kind.iron, torch), size.burn_back = burnt, size.heat = say("small torch"),
            size.tip = Millimetre(0);
        else if (raw(copper) >= big_tip_from)
            size.iron = std::max(kind.iron, big_tip), size.heat = say("iron of 60 W"),
            size.tip = Millimetre(5);
    }
    const double stands = raw(copper) > 0 ? pull_out_force(copper) : 0;
    size.tug_newton = std::round(std::min(stands / 4, kind.tug_newton));
    if (landing.takes == TerminalTakes::pad && kind.end == JointEnd::pad) on_pad(size, kind, copper, landing);
    if (landing.takes == TerminalTakes::screw && kind.end == JointEnd::screw) in_bore(size, kind, landing);
    return size;
}

}  // namespace sangre
