#include "electrical/protection/protection.h"

#include <algorithm>
#include <cmath>

#include "electrical/protection/bunching.h"
#include "electrical/protection/fuse_kinds.h"
#include "electrical/protection/prospective.h"

namespace sangre {
namespace {

/// A feed without a fuse hangs on the nearest one upstream, up to a module, which has its own limit.
void inherit_fuse(const Plan& plan, const PlanIndex& index, std::vector<FeedProtection>& feeds, size_t feed) {
    if (index.source_of(feed).kind == PartKind::converter) return;
    for (const auto up : index.upstream(plan.feeds()[feed].from)) {
        if (!feeds[up].family || feeds[up].inherited) {
            if (index.source_of(up).kind == PartKind::converter) return;
            continue;
        }
        feeds[feed].family = feeds[up].family;
        feeds[feed].rating = feeds[up].rating;
        feeds[feed].inherited = true;
        return;
    }
}

/// True where a fuse further up, before any module, breaks such a short and opens at it within a
/// second.
bool backed_up(const Plan& plan, const PlanIndex& index, const std::vector<FeedProtection>& feeds,
               size_t feed, Ampere prospective) {
    constexpr Second soon(1);
    if (index.source_of(feed).kind == PartKind::converter) return false;
    for (const auto up : index.upstream(plan.feeds()[feed].from)) {
        const auto& upper = feeds[up];
        if (upper.family && !upper.inherited && upper.family->breaking >= prospective &&
            slow_edge(*upper.family, upper.rating, prospective) <= soon)
            return true;
        if (index.source_of(up).kind == PartKind::converter) break;
    }
    return false;
}

/// True where of none of the loads behind a feed it was said what they draw at their start.
bool starts_are_assumed(const Plan& plan, const PlanIndex& index, size_t feed) {
    const auto& behind = index.loads_behind(feed);
    return std::none_of(behind.begin(), behind.end(), [&](size_t l) { return raw(plan.loads[l].start) > 0; });
}

/// What hangs on a circuit that is there already has that circuit's fuse before it.
void take_circuits_fuse(FeedProtection& p, const Source& circuit, const Catalogue& catalogue) {
    if (circuit.kind != SourceKind::circuit || raw(circuit.fuse) <= 0) return;
    p.family = find(catalogue.fuses, circuit.fuse_type.empty() ? Id("standard-blade") : circuit.fuse_type);
    if (!p.family) return;
    p.rating = circuit.fuse, p.of_circuit = true;
}

}  // namespace

Fault judge_fault(const Solver& solver, const std::vector<FeedProtection>& feeds, size_t feed,
                  const ShortCircuit& shorted, const FaultCourse& course) {
    Fault fault;
    const auto& p = feeds[feed];
    fault.current = shorted.current;
    if (!p.thermal) return fault;
    const auto own = std::find(course.feeds.begin(), course.feeds.end(), feed);
    fault.opener = course.run.opener;
    fault.time = course.run.time;
    fault.wire = own == course.feeds.end()
                     ? p.warm
                     : course.run.wires[static_cast<size_t>(own - course.feeds.begin())];
    const bool settles = !fault.opener;
    const bool hurt = fault.wire > allowed_for(*p.insulation, fault.time);
    if (settles)
        fault.outcome = shorted.limited && !hurt ? FaultOutcome::limited : FaultOutcome::never_opens;
    else
        fault.outcome = hurt ? FaultOutcome::hurts : FaultOutcome::opens;
    fault.dark = solver.index().loads_behind(fault.opener.value_or(feed));
    return fault;
}

FaultCourse fault_course(const Solver& solver, const std::vector<FeedProtection>& feeds, size_t feed,
                         const ShortCircuit& shorted, bool keep_moments) {
    FaultCourse course;
    std::vector<FaultWire> wires;
    std::vector<FaultFuse> fuses;
    const double whole = std::max(std::abs(raw(shorted.current)), 1e-9);
    const auto& circuit = solver.circuit();
    for (const auto& [f, amps] : shorted.through) {
        const double share = std::abs(raw(amps)) / whole;
        const auto& p = feeds[f];
        if (p.family && !p.inherited) fuses.push_back({f, p.family, p.rating, share});
        // A wire that carries next to nothing of it says nothing.
        if (!p.thermal || (share < 0.01 && f != feed)) continue;
        double copper = 0;
        for (const size_t b : {2 * f, 2 * f + 1}) copper += circuit.branches[b].ohm * circuit.copper_share[b];
        wires.push_back({p.thermal.get(), copper, share, p.warm});
        course.feeds.push_back(f);
    }
    course.run = run_fault(shorted.current, shorted.open, shorted.limited, wires, fuses, keep_moments);
    return course;
}

std::vector<FeedProtection> study_protection(const Plan& plan, const Catalogue& catalogue,
                                             const Harness& harness, const Solver& solver,
                                             const WorstCase& worst, const std::vector<ShortCircuit>& shorts,
                                             const std::vector<BoxAir>& boxes) {
    std::vector<FeedProtection> all(plan.feeds().size());
    const auto bunched = bunched_circuits(plan, catalogue, harness, worst);
    const auto charging = charging_currents(plan, catalogue, solver);
    const PartPlaces places(plan);
    const auto habit = fuse_habit(plan, catalogue);
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        auto& p = all[f];
        const auto& feed = plan.feeds()[f];
        const auto& x = worst.feeds[f];
        p.air = air_along(plan, boxes, feed, places);
        p.wire = find(catalogue.wires, feed.wire);
        if (p.wire) p.insulation = find(catalogue.insulations, p.wire->insulation);
        if (const auto* fuse = device(feed, DeviceKind::fuse); fuse && raw(fuse->rating) > 0) {
            p.family = find(catalogue.fuses, fuse->type);
            p.rating = fuse->rating;
        }
        if (!p.family && solver.index().source_of(f).kind == PartKind::source)
            take_circuits_fuse(p, plan.sources[solver.index().source_of(f).index], catalogue);
        if (!p.wire || !p.insulation) continue;
        const int conductors = std::max(feed.conductors, 1);
        p.bunched = bunched[f];
        p.thermal = thermal_of(*p.wire, *p.insulation, p.air, p.bunched, conductors);
        p.items = item_limits(plan, feed, catalogue);
        p.hottest = p.insulation->max, p.hottest_by = p.insulation->name;
        for (const auto& item : p.items)
            if (item.hottest < p.hottest) p.hottest = item.hottest, p.hottest_by = item.name;
        p.ampacity = current_at_temperature(*p.wire, *p.insulation, p.hottest, p.air) *
                     bunching_factor(p.bunched) * conductors;
        p.charging = charging[f];
        p.warm = p.thermal->steady(x.continuous);
        p.warmest = std::max(p.warm, p.thermal->after(x.peak, x.peak_time, p.warm));
    }
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        auto& p = all[f];
        if (!p.thermal) continue;
        const auto& x = worst.feeds[f];
        const auto& shorted = shorts[f];
        if (shorted.found)
            p.fault = judge_fault(solver, all, f, shorted, fault_course(solver, all, f, shorted));
        p.need = {x.continuous,
                  x.peak,
                  x.peak_time,
                  x.start,
                  x.start_time,
                  x.highest_end,
                  p.fault.current,
                  p.air,
                  false,
                  starts_are_assumed(plan, solver.index(), f),
                  p.charging.square(),
                  p.charging.lasts};
        // The fuse sits at the source: what it may have to break is a short right behind it, not at the far
        // end.
        // A module gives no more for being shorted nearer.
        if (shorted.found && raw(p.fault.current) > 0 && !shorted.limited) {
            const double open_volts = raw(shorted.open);
            const double source_ohm =
                std::max((open_volts - raw(shorted.at_source)) / raw(p.fault.current), 1e-4);
            p.need.prospective = std::max(p.fault.current, Ampere(open_volts / source_ohm));
        }
        p.need.backed = backed_up(plan, solver.index(), all, f, p.need.prospective);
        auto kinds = usual_fuses(plan, catalogue, solver.index(), f, habit);
        if (p.family) kinds.insert(kinds.begin(), p.family->id);
        p.smallest = smallest_that_carries(catalogue, p.need, kinds);
        const auto* family = p.family ? p.family : p.smallest ? p.smallest->family : nullptr;
        if (family)
            p.largest = largest_that_protects(*family, *p.thermal, *p.insulation, p.warm, p.fault.current);
        if (!p.family) {
            inherit_fuse(plan, solver.index(), all, f);
            if (p.inherited && p.family)
                p.protects =
                    protects(*p.family, p.rating, *p.thermal, *p.insulation, p.warm, p.fault.current);
            continue;
        }
        p.carries = carries(*p.family, p.rating, p.need);
        p.protects = protects(*p.family, p.rating, *p.thermal, *p.insulation, p.warm, p.fault.current);
    }
    return all;
}

}  // namespace sangre
