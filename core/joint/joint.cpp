#include "joint/joint.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "units/format.h"
#include "wire/conductor.h"

namespace sangre {

const TubeSize* choose_tube(const Catalogue& catalogue, Millimetre pass, Millimetre hold, bool adhesive) {
    const TubeSize* best = nullptr;
    for (const auto& t : catalogue.tubes)
        if (t.adhesive == adhesive && t.expanded >= pass * 1.1 && t.recovered <= hold * 0.9 &&
            (!best || t.expanded < best->expanded))
            best = &t;
    return best;
}

Millimetre parking_distance(const WireType& wire, Celsius tip, Second dwell) {
    if (raw(tip) <= 0) return Millimetre(0);
    constexpr double copper_k = 390, film_h = 15, diffusivity = 1.1e-4, tube_limit = 90, room = 23;
    const double area = raw(wire.area) * 1e-6, round = M_PI * raw(wire.outer) / 1e3;
    const double fin = std::sqrt(copper_k * area / (film_h * round));
    const double ratio = (raw(tip) - room) / (tube_limit - room);
    const double steady = fin * std::log(ratio);
    const double diffusion = 2 * std::sqrt(diffusivity * raw(dwell));
    // erfc(x) = 1/ratio gives how many diffusion lengths the 90 °C front has come.
    double x = 0;
    while (std::erfc(x) > 1 / ratio) x += 0.01;
    return Millimetre(std::ceil(std::min(steady, x * diffusion) * 1e3 + 10));
}

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

bool tube_school(InsulationSchool school) {
    return school == InsulationSchool::adhesive_tube || school == InsulationSchool::plain_tube ||
           school == InsulationSchool::sealant;
}

std::string covering_words(InsulationSchool school) {
    switch (school) {
        case InsulationSchool::tape:
            return "Tape, by practice: no heat gun needed, but tape creeps.";
        case InsulationSchool::hot_glue:
            return "Hot glue, by practice, once it is measured: it also holds the wire. Not where it gets hot.";
        case InsulationSchool::polyimide:
            return "Polyimide tape, by practice: flat pads, and where it gets hot.";
        case InsulationSchool::sealant:
            return "Plain tube with liquid sealant under its ends: sealed; an hour a coat.";
        case InsulationSchool::adhesive_tube:
            return "Adhesive tube: sealed; for wet and shaken places.";
        case InsulationSchool::plain_tube:
            return "Plain tube: quick and thin; for dry places.";
    }
    return {};
}

JointWork work_joint(const Catalogue& catalogue, const JointKind& kind, const WireType& wire,
                     InsulationSchool school) {
    JointWork w;
    w.kind = &kind;
    w.wire = &wire;
    w.joint_length = kind.strip + kind.overlap;
    if (kind.id == "lap-splice") w.joint_length = Millimetre(2 * raw(kind.strip) - raw(kind.overlap));
    // Laid side by side, two conductors are twice as wide as one; a barrel or cup about as wide as the
    // insulation.
    const Millimetre laid = kind.id == "lap-splice" ? wire.conductor * 2 : wire.conductor * 1.6;
    w.widest = std::max(laid, wire.outer);
    w.parking = parking_distance(wire, kind.iron, kind.dwell);
    // A tug tests; it does not tear: a quarter of the pull-out force.
    w.pull_newton = std::round(pull_out_force(wire.area) / 4);
    const Millimetre overlap(std::max(6.0, 2 * raw(wire.outer)));
    w.why.title = kind.name;
    w.why.add(fmt::format("{} {}: conductor {}, over insulation {}", wire.size,
                          find(catalogue.insulations, wire.insulation)
                              ? find(catalogue.insulations, wire.insulation)->name
                              : wire.insulation,
                          format(wire.conductor), format(wire.outer)));
    if (kind.tube && !tube_school(school)) {
        w.tape = true;
        w.why.add(covering_words(school), Tone::caution);
    } else if (kind.tube) {
        w.tube = choose_tube(catalogue, w.widest, wire.outer, school == InsulationSchool::adhesive_tube);
        w.tube_missing = !w.tube;
        // Tube shrinks 5–10 % in length, so it is cut longer.
        w.tube_cut = Millimetre(std::ceil((raw(w.joint_length) + 2 * raw(overlap)) / 0.93));
        w.why.heading("Tube");
        w.why.add(fmt::format("Must pass {} (expanded ≥ 1.1 ×) and grip {} (recovered ≤ 0.9 ×)",
                              format(w.widest), format(wire.outer)));
        if (w.tube)
            w.why.add(w.tube->name + " does both.", Tone::good);
        else
            w.why.add("No tube in the catalogue does both.", Tone::caution);
        w.why.add(fmt::format("Cut = ({} joint + 2 × {}) ÷ 0.93 = {}", format(w.joint_length),
                              format(overlap), format(w.tube_cut)));
        if (raw(w.parking) > 0)
            w.why.add(fmt::format("Tip {}, about {}: the 90 °C front stays within {}. Park the tube beyond.",
                                  format(kind.iron), format(kind.dwell), format(w.parking)));
    }
    w.why.heading("Expect");
    w.why.add(fmt::format("Below {}; tug with {:.0f} N.", format(kind.resistance * 2), w.pull_newton));
    w.why.source = kind.source;
    w.why.caution = kind.caution;
    return w;
}

}  // namespace sangre
