#include "electrical/mission/worst.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/start_up.h"
#include "physics/battery/pack.h"
#include "plan/air.h"

namespace sangre {
namespace {

/// A corner is named the worst only where it is by more than what the network is solved to: of corners alike,
/// as a regulated rail makes them, the first.
const Volt alike_volts(1e-6);
constexpr double alike_share = 1e-7;

void note_feeds(WorstCase& w, const OperatingPoint& p, const Demand& d, bool peak, const Words& where) {
    for (size_t f = 0; f < w.feeds.size(); ++f) {
        auto& x = w.feeds[f];
        const auto& at = p.feeds[f];
        if (d.open[f] || raw(at.at_end) < 0.5) continue;  // off, here or further up
        const Ampere amps(std::abs(raw(at.supply)));
        x.lowest_end = std::min(x.lowest_end, at.at_end);
        x.highest_end = std::max(x.highest_end, at.at_end);
        x.lowest_source = std::min(x.lowest_source, at.at_source);
        x.highest_source = std::max(x.highest_source, at.at_source);
        x.peak = std::max(x.peak, amps);
        if (peak) continue;
        x.continuous = std::max(x.continuous, amps);
        const double share = raw(at.at_source) > 0.1 ? raw(at.drop) / raw(at.at_source) : 0;
        if (share > x.drop_share + alike_share)
            x.drop_share = share, x.drop = at.drop, x.drop_copper = at.copper, x.drop_where = where;
    }
}

void note_loads(WorstCase& w, const Plan& plan, const OperatingPoint& p, const Demand& d,
                const Words& where) {
    for (size_t l = 0; l < w.loads.size(); ++l) {
        auto& x = w.loads[l];
        x.highest = std::max(x.highest, p.loads[l].volts);
        if (d.states[l] == LoadState::off || raw(draw(plan.loads[l], d.states[l])) <= 0) continue;
        if (p.loads[l].volts < x.lowest - alike_volts) x.lowest = p.loads[l].volts, x.lowest_where = where;
    }
}

void note_converters(WorstCase& w, const OperatingPoint& p, bool peak, const Words& where) {
    for (size_t c = 0; c < w.converters.size(); ++c) {
        auto& x = w.converters[c];
        const auto& at = p.converters[c];
        if (raw(at.in) < 0.5) continue;  // behind an open switch
        x.in_lowest = std::min(x.in_lowest, at.in);
        x.in_highest = std::max(x.in_highest, at.in);
        x.peak = std::max(x.peak, at.out_amps);
        if (!peak) x.continuous = std::max(x.continuous, at.out_amps), x.heat = std::max(x.heat, at.heat);
        if ((at.dropout && raw(at.out_amps) > 1e-3) || at.limiting) x.where = where;
        x.dropout = x.dropout || (at.dropout && raw(at.out_amps) > 1e-3);
        x.limiting = x.limiting || at.limiting;
    }
}

void note_packs(WorstCase& w, const OperatingPoint& p, const Demand& d, bool peak, const Words& where) {
    for (size_t i = 0; i < w.packs.size(); ++i) {
        const auto& b = p.sources[i];
        auto& x = w.packs[i];
        x.highest = std::max(x.highest, b.volts);
        if (b.limiting && x.limits_at.empty()) x.limits_at = where;
        if (d.charging) continue;
        x.peak = std::max(x.peak, b.amps);
        if (!peak) x.continuous = std::max(x.continuous, b.amps);
        if (b.volts < x.lowest - alike_volts)
            x.lowest = b.volts, x.at_lowest = b.amps, x.charge = d.charge, x.air = d.air, x.where = where;
    }
}

/// The strongest second as a usual day has it.
void note_usual(WorstCase& w, const Plan& plan, const OperatingPoint& p, const Demand& d) {
    for (size_t l = 0; l < w.loads.size(); ++l)
        if (d.states[l] != LoadState::off && raw(draw(plan.loads[l], d.states[l])) > 0)
            w.loads[l].usual_lowest = std::min(w.loads[l].usual_lowest, p.loads[l].volts);
    for (size_t c = 0; c < w.converters.size(); ++c)
        if (raw(p.converters[c].in) >= 0.5)
            w.converters[c].usual_in_lowest = std::min(w.converters[c].usual_in_lowest, p.converters[c].in);
    for (size_t i = 0; i < w.packs.size() && !d.charging; ++i)
        w.packs[i].usual_lowest = std::min(w.packs[i].usual_lowest, p.sources[i].volts);
}

/// How long peaks last comes from the loads behind each feed, not from the network.
void note_pulses(WorstCase& w, const Plan& plan, const PlanIndex& index) {
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        auto& x = w.feeds[f];
        double rise = 0;
        const auto& behind = index.loads_behind(f);
        const auto peak_rise = [&](size_t l) {
            return raw(draw(plan.loads[l], LoadState::peak) - plan.loads[l].typical) *
                   raw(plan.loads[l].nominal);
        };
        for (const auto l : behind) rise = std::max(rise, peak_rise(l));
        // A small load's long peak does not stretch the large one's short peak.
        for (const auto l : behind)
            if (peak_rise(l) >= 0.2 * rise && rise > 0)
                x.peak_time = std::max(x.peak_time, plan.loads[l].peak_time);
        for (auto* volts : {&x.lowest_end, &x.lowest_source})
            if (raw(*volts) > 1e8) *volts = Volt(0);
    }
}

/// What an instant of starting does to everything.
void note_start(WorstCase& w, const Plan& plan, const PlanIndex& index, const OperatingPoint& p,
                const Demand& d, const SwitchingInstant& instant, const Words& where, bool usual) {
    for (size_t f = 0; f < w.feeds.size(); ++f) {
        const auto& behind = index.loads_behind(f);
        if (std::none_of(behind.begin(), behind.end(), [&](size_t l) { return instant.starting[l]; }))
            continue;
        auto& x = w.feeds[f];
        x.start = std::max(x.start, Ampere(std::abs(raw(p.feeds[f].supply))));
        x.start_time = std::max(x.start_time, instant.lasts);
    }
    for (size_t l = 0; l < w.loads.size(); ++l) {
        const auto& load = plan.loads[l];
        // What starts itself only starts slower.
        if (!restarts(load) || d.starting[l] || raw(draw(load, d.states[l])) <= 0) continue;
        auto& x = w.loads[l];
        if (usual) {
            x.usual_lowest_at_start = std::min(x.usual_lowest_at_start, p.loads[l].volts);
            continue;
        }
        if (p.loads[l].volts < x.lowest_at_start - alike_volts)
            x.lowest_at_start = p.loads[l].volts, x.start_where = where;
    }
    if (usual) return;
    for (size_t c = 0; c < w.converters.size(); ++c)
        if (p.converters[c].limiting && w.converters[c].limits_at_start.empty())
            w.converters[c].limits_at_start = where;
    for (size_t i = 0; i < w.packs.size(); ++i)
        if (p.sources[i].limiting && w.packs[i].limits_at.empty()) w.packs[i].limits_at = where;
}

void take_worse(FeedExtremes& x, const FeedExtremes& o) {
    x.continuous = std::max(x.continuous, o.continuous), x.peak = std::max(x.peak, o.peak);
    x.start = std::max(x.start, o.start), x.start_time = std::max(x.start_time, o.start_time);
    x.lowest_end = std::min(x.lowest_end, o.lowest_end);
    x.highest_end = std::max(x.highest_end, o.highest_end);
    x.lowest_source = std::min(x.lowest_source, o.lowest_source);
    x.highest_source = std::max(x.highest_source, o.highest_source);
    if (o.drop_share > x.drop_share + alike_share)
        x.drop_share = o.drop_share, x.drop = o.drop, x.drop_copper = o.drop_copper,
        x.drop_where = o.drop_where;
}

void take_worse(LoadExtremes& x, const LoadExtremes& o) {
    x.highest = std::max(x.highest, o.highest);
    if (o.lowest < x.lowest - alike_volts) x.lowest = o.lowest, x.lowest_where = o.lowest_where;
    x.usual_lowest = std::min(x.usual_lowest, o.usual_lowest);
    x.usual_lowest_at_start = std::min(x.usual_lowest_at_start, o.usual_lowest_at_start);
    if (o.lowest_at_start < x.lowest_at_start - alike_volts)
        x.lowest_at_start = o.lowest_at_start, x.start_where = o.start_where;
}

void take_worse(ConverterExtremes& x, const ConverterExtremes& o) {
    if (x.limits_at_start.empty()) x.limits_at_start = o.limits_at_start;
    x.usual_in_lowest = std::min(x.usual_in_lowest, o.usual_in_lowest);
    x.in_lowest = std::min(x.in_lowest, o.in_lowest), x.in_highest = std::max(x.in_highest, o.in_highest);
    x.continuous = std::max(x.continuous, o.continuous), x.peak = std::max(x.peak, o.peak);
    x.heat = std::max(x.heat, o.heat);
    if (!o.where.empty()) x.where = o.where;
    x.dropout = x.dropout || o.dropout, x.limiting = x.limiting || o.limiting;
}

void take_worse(PackExtremes& x, const PackExtremes& o) {
    const auto continuous = std::max(x.continuous, o.continuous), peak = std::max(x.peak, o.peak);
    const auto highest = std::max(x.highest, o.highest);
    const auto limits_at = x.limits_at.empty() ? o.limits_at : x.limits_at;
    const auto usual = std::min(x.usual_lowest, o.usual_lowest);
    if (o.lowest < x.lowest - alike_volts) x = o;
    x.limits_at = limits_at, x.usual_lowest = usual;
    x.continuous = continuous, x.peak = peak, x.highest = highest;
}

bool already_hard(const Plan& plan) {
    return !plan.phases.empty() && std::all_of(plan.phases.begin(), plan.phases.end(), [](const auto& p) {
        return p.shares.empty();
    }) && std::all_of(plan.loads.begin(), plan.loads.end(), [&](const auto& l) {
        return ever_works(plan, l);
    });
}

/// The phases as feeds must stand them, where they are not so already: what is on for a share of the time
/// takes all it takes while it is on, and what no phase has at work works one day all the same.
std::vector<Phase> as_hard_as_can_be(const Plan& plan) {
    if (already_hard(plan)) return {};
    auto phases = plan.phases;
    if (phases.empty()) {
        phases.push_back({"all", {}, Second(3600), false, {}, {}, {}, {}});
        for (const auto& l : plan.loads) phases[0].states[l.id] = LoadState::typical;
    }
    for (auto& phase : phases) phase.shares.clear();
    const bool only_charging =
        std::all_of(phases.begin(), phases.end(), [](const auto& p) { return p.charging; });
    for (const auto& load : plan.loads) {
        if (ever_works(plan, load)) continue;
        for (auto& phase : phases)
            if (!phase.charging || only_charging) phase.states[load.id] = LoadState::typical;
    }
    return phases;
}

}  // namespace

WorstCase worst_in_phases(const Plan& plan, const Solver& solver, size_t first, size_t last) {
    WorstCase w;
    w.feeds.resize(plan.feeds().size());
    w.loads.resize(plan.loads.size());
    w.converters.resize(plan.converters.size());
    w.packs.resize(plan.sources.size());
    const auto harder = as_hard_as_can_be(plan);
    const auto& phases = harder.empty() ? plan.phases : harder;
    Words where;
    const auto solved = [&](const Demand& demand, const OperatingPoint& near) {
        auto p = solver.solve(demand, near);
        if (!p.found && w.not_found_at.empty()) w.not_found_at = where;
        return p;
    };
    const std::array airs{plan.hottest_air, plan.coldest_air};
    constexpr std::array charges{1.0, nearly_empty};
    for (size_t i = first; i < std::min(last, phases.size()); ++i) {
        const auto& phase = phases[i];
        const auto called = phase.name.empty() ? say("All on") : Words(phase.name);
        std::array<OperatingPoint, airs.size() * charges.size()> running;  // by corner
        for (const bool peak : {false, true}) {
            auto demand = demand_in_phase(plan, solver.index(), phase, peak);
            demand.brief = peak;
            OperatingPoint near;
            for (size_t corner = 0; corner < running.size(); ++corner) {
                demand.air = airs[corner / charges.size()], demand.charge = charges[corner % charges.size()];
                if (phase.charging && demand.charge < 1) continue;
                where = say("{phase}, {charge:.0f} % charge, {air}{peak|, all at peak|}", called,
                            demand.charge * 100, format(demand.air), peak);
                if (peak) demand.rises = running[corner].branch_rise;
                near = solved(demand, near);
                if (!peak) running[corner] = near;
                if (!near.found) continue;
                note_feeds(w, near, demand, peak, where);
                note_loads(w, plan, near, demand, where);
                note_converters(w, near, peak, where);
                note_packs(w, near, demand, peak, where);
            }
            if (!peak || phase.charging) continue;
            demand.air = usual_air(plan), demand.charge = usual_charge;
            where = say("{phase}, {charge:.0f} % charge, {air}, all at peak", called, demand.charge * 100,
                        format(demand.air));
            if (const auto p = solved(demand, near); p.found) note_usual(w, plan, p, demand);
        }
        const auto* before = phases.size() > 1 ? &phases[(i + phases.size() - 1) % phases.size()] : nullptr;
        auto demand = demand_in_phase(plan, solver.index(), phase, false);
        demand.brief = true;
        for (const auto& instant : switching_instants(plan, solver.index(), phase, before))
            for (const auto& [corner, usual] :
                 {std::pair{size_t{0}, false}, {running.size() - 1, false}, {running.size() - 1, true}}) {
                demand.air = airs[corner / charges.size()], demand.charge = charges[corner % charges.size()];
                if (usual) demand.air = usual_air(plan), demand.charge = usual_charge;
                if (phase.charging && demand.charge < 1) continue;
                demand.starting = instant.starting, demand.rises = running[corner].branch_rise;
                demand.battery_scale = instant.lasts < Second(1) ? ohmic_share : 1;
                where = say("{phase}, {charge:.0f} % charge, {air}: {loads}", called, demand.charge * 100,
                            format(demand.air), instant.what);
                const auto p = solved(demand, running[corner]);
                if (p.found) note_start(w, plan, solver.index(), p, demand, instant, where, usual);
            }
    }
    // In full sun a panel's lead carries the most while nothing else takes anything.
    if (first == 0 && std::any_of(plan.sources.begin(), plan.sources.end(),
                                  [](const auto& s) { return s.kind == SourceKind::panel; })) {
        Demand sun;
        sun.states.assign(plan.loads.size(), LoadState::off);
        sun.open.assign(plan.feeds().size(), false);
        sun.charge = 0.5, sun.sun = 1, sun.air = plan.hottest_air;
        where = say("full sun, all loads off");
        if (const auto p = solved(sun, {}); p.found) note_feeds(w, p, sun, false, where);
    }
    return w;
}

bool restarts(const LoadExtremes& x, const Load& load) {
    const Volt least = load.v_min - Volt(0.005);
    const bool starved = raw(x.lowest) > 0 && x.lowest < least;
    return raw(x.lowest_at_start) > 0 && x.lowest_at_start < least && !starved;
}

bool starves_usually(const LoadExtremes& x, const Load& load) {
    return raw(x.usual_lowest) > 0 && x.usual_lowest < load.v_min - Volt(0.005);
}

bool restarts_usually(const LoadExtremes& x, const Load& load) {
    return raw(x.usual_lowest_at_start) > 0 && x.usual_lowest_at_start < load.v_min - Volt(0.005) &&
           !starves_usually(x, load);
}

WorstCase finish_worst_case(const Plan& plan, const PlanIndex& index, WorstCase w, const WorstCase& later) {
    for (size_t f = 0; f < w.feeds.size(); ++f) take_worse(w.feeds[f], later.feeds[f]);
    for (size_t l = 0; l < w.loads.size(); ++l) take_worse(w.loads[l], later.loads[l]);
    for (size_t c = 0; c < w.converters.size(); ++c) take_worse(w.converters[c], later.converters[c]);
    for (size_t b = 0; b < w.packs.size(); ++b) take_worse(w.packs[b], later.packs[b]);
    if (w.not_found_at.empty()) w.not_found_at = later.not_found_at;
    note_pulses(w, plan, index);
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        auto& x = w.loads[l];
        for (auto* volts : {&x.lowest, &x.lowest_at_start, &x.usual_lowest, &x.usual_lowest_at_start})
            if (raw(*volts) > 1e8) *volts = Volt(0);
        // From the rail the load hangs on: feeds up to the next converter or battery.
        for (const auto f : index.upstream(plan.loads[l].id)) {
            w.loads[l].drop_share += w.feeds[f].drop_share;
            if (index.source_of(f).kind == PartKind::converter) break;
        }
        if (w.loads[l].drop_share <= w.worst_drop_share) continue;
        w.worst_drop_share = w.loads[l].drop_share;
        w.worst_drop_feed = index.into(plan.loads[l].id).front();
    }
    for (auto& c : w.converters)
        for (auto* volts : {&c.in_lowest, &c.usual_in_lowest})
            if (raw(*volts) > 1e8) *volts = Volt(0);
    for (auto& b : w.packs)
        for (auto* volts : {&b.lowest, &b.usual_lowest})
            if (raw(*volts) > 1e8) *volts = Volt(0);
    return w;
}

WorstCase worst_case(const Plan& plan, const Solver& solver) {
    auto all = worst_in_phases(plan, solver, 0, std::max<size_t>(plan.phases.size(), 1));
    return finish_worst_case(plan, solver.index(), all, all);
}

}  // namespace sangre
