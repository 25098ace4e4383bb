#include "harness/stack.h"

#include <algorithm>

#include "harness/fittings.h"

namespace sangre {
namespace {

constexpr Millimetre air_over{2};
constexpr Metre over_edge{0.02};  // from its plug out over the edge of a board; typical

Stacked stacked(const Catalogue& catalogue, const Place& place) {
    Stacked s;
    s.below = place.id, s.above = place.under, s.tall = place.tall, s.wanted = place.tall + air_over;
    s.spacer = suiting_fitting(catalogue, FittingKind::spacer, s.wanted);
    return s;
}

bool stands_below(const Plan& plan, const Place& place) {
    return raw(place.tall) > 0 && by_id(plan.places, place.under);
}

/// Up from a place to another; nothing where that does not stand over it.
std::optional<Millimetre> height_between(const Plan& plan, const Catalogue& catalogue, const Id& from,
                                         const Id& to) {
    Millimetre sum{};
    const auto* here = by_id(plan.places, from);
    for (size_t i = 0; here && i <= plan.places.size(); ++i) {
        if (here->id == to) return sum;
        if (!stands_below(plan, *here)) return {};
        sum += stacked(catalogue, *here).gap();
        here = by_id(plan.places, here->under);
    }
    return {};
}

}  // namespace

std::vector<Stacked> stacks(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Stacked> all;
    for (const auto& place : plan.places)
        if (stands_below(plan, place)) all.push_back(stacked(catalogue, place));
    return all;
}

std::optional<Metre> length_in_stack(const Plan& plan, const Catalogue& catalogue, const Id& a, const Id& b) {
    if (a == b) return {};
    auto up = height_between(plan, catalogue, a, b);
    if (!up) up = height_between(plan, catalogue, b, a);
    if (!up) return {};
    return Metre(raw(*up) / 1e3) + over_edge * 2;
}

}  // namespace sangre
