#include "harness/bending.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "harness/packing.h"
#include "plan/drawn.h"
#include "wiring/joint/size.h"

namespace sangre {
namespace {

constexpr double least_turn = 0.09;  // 5°: less is the hand that drew it
constexpr double knot_takes = 12;    // outer diameters, an overhand knot pulled snug; typical

/// By how much a line turns at b, radians from straight on.
double turn_at(const Side& side, SidePoint a, SidePoint b, SidePoint c) {
    const double in_x = b.x - a.x, in_y = (b.y - a.y) * side.tall;
    const double on_x = c.x - b.x, on_y = (c.y - b.y) * side.tall;
    return std::abs(std::atan2(in_x * on_y - in_y * on_x, in_x * on_x + in_y * on_y));
}

/// The roundest bend by that turn of which neither leg is longer than `leg`.
Metre roundest(double leg, double turn) { return Metre(leg / std::tan(std::min(turn, 3.1) / 2)); }

/// Bends of a line in metres, each as round as fits between its neighbours.
std::optional<Metre> tightest_of_line(const Side& side, const std::vector<SidePoint>& line) {
    std::optional<Metre> least;
    for (size_t i = 1; i + 1 < line.size(); ++i) {
        const double turn = turn_at(side, line[i - 1], line[i], line[i + 1]);
        if (turn < least_turn) continue;
        // The stretch to the next bend is shared with it.
        const double in = raw(distance_on(side, line[i - 1], line[i])) / (i == 1 ? 1 : 2);
        const double on = raw(distance_on(side, line[i], line[i + 1])) / (i + 2 == line.size() ? 1 : 2);
        const auto radius = roundest(std::min(in, on), turn);
        if (!least || radius < *least) least = radius;
    }
    return least;
}

}  // namespace

Millimetre bent_across(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return {};
    const bool loose = lead.jacket == Jacket::none || lead.jacket == Jacket::braid;  // a braid gives way
    if (loose && (lead.cores.empty() || lead.kind == CableKind::ribbon)) return wire->outer;
    const auto rounds = strands_of(lead, wire->outer, wires_of(lead));
    if (rounds.size() == 1) return Millimetre(2 * rounds.front().radius);
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

std::optional<TurnAtPlace> turn_between(const Plan& plan, const Way& from, const Way& on) {
    const auto meet = from.to == on.from || from.to == on.to       ? from.to
                      : from.from == on.from || from.from == on.to ? from.from
                                                                   : Id();
    const auto* place = by_id(plan.places, meet);
    const auto* side = place ? side_of(plan, *place) : nullptr;
    auto come = line_of_way(plan, from), go = line_of_way(plan, on);
    if (!side || raw(side->across) <= 0 || come.size() < 2 || go.size() < 2) return {};
    if (from.to != meet) std::reverse(come.begin(), come.end());
    if (on.from != meet) std::reverse(go.begin(), go.end());
    const auto &before = come[come.size() - 2], &here = go[0], &after = go[1];
    const double turn = turn_at(*side, before, here, after);
    if (turn < least_turn) return {};
    const double leg =
        std::min(raw(distance_on(*side, before, here)), raw(distance_on(*side, here, after))) / 2;
    return TurnAtPlace{meet, turn * 180 / std::numbers::pi, Millimetre(raw(roundest(leg, turn)) * 1e3)};
}

Metre knots_take(const Catalogue& catalogue, const Lead& lead, const Way& way) {
    const auto knots = std::count_if(way.on_it.begin(), way.on_it.end(),
                                     [](const auto& thing) { return thing.kind == OnWayKind::knot; });
    return Metre(static_cast<double>(knots) * knot_takes * raw(bent_across(catalogue, lead)) / 1e3);
}

}  // namespace sangre
