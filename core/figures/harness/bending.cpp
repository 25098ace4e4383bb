#include "harness/bending.h"

#include <algorithm>
#include <cmath>

#include "joint/size.h"
#include "plan/drawn.h"

namespace sangre {
namespace {

constexpr double least_turn = 0.09;  // 5°: less is the hand that drew it
constexpr double knot_takes = 12;    // outer diameters, an overhand knot pulled snug; typical

/// Bends of a line in metres, each as round as fits between its neighbours.
std::optional<Metre> tightest_of_line(const Side& side, const std::vector<SidePoint>& line) {
    std::optional<Metre> least;
    for (size_t i = 1; i + 1 < line.size(); ++i) {
        const double in_x = line[i].x - line[i - 1].x, in_y = (line[i].y - line[i - 1].y) * side.tall;
        const double on_x = line[i + 1].x - line[i].x, on_y = (line[i + 1].y - line[i].y) * side.tall;
        const double turn = std::abs(std::atan2(in_x * on_y - in_y * on_x, in_x * on_x + in_y * on_y));
        if (turn < least_turn) continue;
        // The stretch to the next bend is shared with it.
        const double in = raw(distance_on(side, line[i - 1], line[i])) / (i == 1 ? 1 : 2);
        const double on = raw(distance_on(side, line[i], line[i + 1])) / (i + 2 == line.size() ? 1 : 2);
        const Metre radius(std::min(in, on) / std::tan(std::min(turn, 3.1) / 2));
        if (!least || radius < *least) least = radius;
    }
    return least;
}

}  // namespace

Millimetre bent_across(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return {};
    if (lead.cores.empty() || lead.kind == CableKind::ribbon) return wire->outer;
    return bundled(wire->outer, static_cast<int>(lead.cores.size()));
}

Millimetre least_bend(const Catalogue& catalogue, const Lead& lead) {
    return bent_across(catalogue, lead) * fixed_bend;
}

std::optional<Millimetre> tightest_bend(const Plan& plan, const Way& way) {
    std::optional<Millimetre> least;
    const auto tighter = [&](Millimetre radius) {
        if (!least || radius < *least) least = radius;
    };
    for (const auto& thing : way.on_it)
        if (thing.kind == OnWayKind::corner && raw(thing.radius) > 0) tighter(thing.radius);
    if (way.bends.empty()) return least;
    const auto* from = by_id(plan.places, way.from);
    const auto* side = from ? side_of(plan, *from) : nullptr;
    if (side && raw(side->across) > 0)
        if (const auto drawn = tightest_of_line(*side, line_of_way(plan, way)))
            tighter(Millimetre(raw(*drawn) * 1e3));
    return least;
}

std::vector<std::optional<Millimetre>> tightest_bends(const Plan& plan) {
    std::vector<std::optional<Millimetre>> all;
    all.reserve(plan.ways.size());
    for (const auto& way : plan.ways) all.push_back(tightest_bend(plan, way));
    return all;
}

Metre knots_take(const Catalogue& catalogue, const Lead& lead, const Way& way) {
    const auto knots = std::count_if(way.on_it.begin(), way.on_it.end(),
                                     [](const auto& thing) { return thing.kind == OnWayKind::knot; });
    return Metre(static_cast<double>(knots) * knot_takes * raw(bent_across(catalogue, lead)) / 1e3);
}

}  // namespace sangre
