#include "harness/fittings.h"

#include <algorithm>
#include <cmath>

#include "harness/holding.h"
#include "harness/stack.h"
#include "plan/on_way.h"
#include "wiring/joint/joint.h"

namespace sangre {
namespace {

constexpr double braid_more = 1.15;  // it shortens as it widens

/// What is bought for a hold, and how much of it.
std::pair<FittingKind, double> bought_for(HoldSchool school) {
    switch (school) {
        case HoldSchool::tie:
            return {FittingKind::tie, 1};
        case HoldSchool::clamp:
            return {FittingKind::clamp, 1};
        case HoldSchool::knot:
            return {FittingKind::cord, 0.3};  // m
        case HoldSchool::glue:
            return {FittingKind::glue, 0.05};  // sticks
        case HoldSchool::comb:
            return {FittingKind::comb, 1};
    }
    return {FittingKind::tie, 1};
}

}  // namespace

const FittingType* suiting_fitting(const Catalogue& catalogue, FittingKind kind, Millimetre bundle) {
    const FittingType* best = nullptr;
    for (const auto& f : catalogue.fittings)
        if (f.kind == kind && f.least <= bundle && bundle <= f.most &&
            (!best || f.most < best->most || (f.most == best->most && f.cost < best->cost)))
            best = &f;
    return best;
}

FittingKind fitting_kind(OpeningKind kind) {
    return kind == OpeningKind::gland ? FittingKind::gland : FittingKind::grommet;
}

const FittingType* suiting_fitting(const Catalogue& catalogue, OpeningKind kind, Millimetre bundle) {
    return kind == OpeningKind::hole ? nullptr : suiting_fitting(catalogue, fitting_kind(kind), bundle);
}

const FittingType* fitting_of(const Catalogue& catalogue, const Opening& opening, Millimetre bundle) {
    if (opening.kind == OpeningKind::hole) return nullptr;
    const auto kind = fitting_kind(opening.kind);
    if (raw(opening.bore) <= 0) return suiting_fitting(catalogue, opening.kind, bundle);
    const FittingType* best = nullptr;
    for (const auto& f : catalogue.fittings)
        if (f.kind == kind && f.most <= opening.bore && (!best || f.most > best->most)) best = &f;
    return best;
}

const TubeSize* jacket_tube(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire || lead.jacket != Jacket::tube) return nullptr;
    const auto inside = inside_jacket(lead, wire->outer, wires_of(lead));
    return choose_tube(catalogue, inside, inside, false);
}

const FittingType* jacket_braid(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire || lead.jacket != Jacket::braid) return nullptr;
    return suiting_fitting(catalogue, FittingKind::braid, inside_jacket(lead, wire->outer, wires_of(lead)));
}

Metre jacket_length(const Lead& lead, const FeedRoute& route) {
    const auto along = route.cut - route.end_from - route.end_to;
    return lead.jacket == Jacket::braid ? along * braid_more : along;
}

const FittingType* board_spacer(const Plan& plan, const Catalogue& catalogue, const Converter& converter) {
    if (converter.in_tube || !on_metal(plan, converter.id)) return nullptr;
    constexpr Millimetre off(5);
    return suiting_fitting(catalogue, FittingKind::spacer, off);
}

std::vector<FittingCount> fittings_wanted(const Plan& plan, const Catalogue& catalogue,
                                          const Harness& harness) {
    std::vector<FittingCount> all;
    const auto add = [&](const FittingType* fitting, double amount, const Words& used_for) {
        if (fitting) all.push_back({fitting, amount, used_for});
    };
    for (const auto& h : harness.holes)
        if (!h.wires.empty()) {
            const auto& opening = plan.openings[h.opening];
            add(fitting_of(catalogue, opening, h.needed), 1, name_of(plan, opening.id));
        }
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        const auto& way = plan.ways[w];
        if (harness.feeds_on_way[w].empty() && harness.cables_on_way[w].empty()) continue;
        const auto bundle = harness.bundle[w];
        double braid = 0;
        for (const auto& [from, to] : braided(way)) braid += raw(to - from);
        if (braid > 0)
            add(suiting_fitting(catalogue, FittingKind::braid, bundle), braid * braid_more,
                name_of(plan, way.id));
    }
    for (size_t i = 0; i < harness.routes.size(); ++i)
        if (const auto& lead = plan.leads[i]; lead.jacket == Jacket::braid)
            add(jacket_braid(catalogue, lead), raw(jacket_length(lead, harness.routes[i])),
                lead_name(plan, lead));
    const auto [kind, each] = bought_for(plan.practices.hold);
    for (const auto& on : holds_on_ways(plan, harness)) {
        const auto wanted =
            std::count_if(on.holds.begin(), on.holds.end(), [](const auto& h) { return is_made(h.why); });
        if (wanted > 0)
            add(suiting_fitting(catalogue, kind, harness.bundle[on.way]), static_cast<double>(wanted) * each,
                "");
    }
    for (const auto& s : stacks(plan, catalogue)) add(s.spacer, 4, name_of(plan, s.above));
    for (const auto& c : plan.converters)
        if (const auto* spacer = board_spacer(plan, catalogue, c)) add(spacer, 4, c.name);
    return all;
}

}  // namespace sangre
