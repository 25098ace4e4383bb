#include "harness/coupling.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace sangre {
namespace {

constexpr double mu0 = 4e-7 * std::numbers::pi;
constexpr double light = 299792458;
// Insulation and air together, between wires that lie in one bundle; typical.
constexpr double permittivity = 2.3;
// Of what a frame returns: how far its wire lies off the metal. Typical.
constexpr Metre off_frame{0.02};
// A coax of single braid, per metre, below a megahertz; typical.
constexpr double transfer_ohm_per_m = 0.02;
constexpr Volt borne_by_supply{0.05};  // ripple that a sensitive load's supply stands, typical

/// The wire of a lead as it lies beside others.
struct Pair {
    Metre spread{}, conductor{};
    Millimetre outer{};
    bool twisted = false;
};

std::optional<Pair> pair_of(const Plan& plan, const Harness& harness, size_t lead) {
    const auto cores = harness.wiring.cores_of(lead);
    if (cores.empty() || !cores.front().wire) return {};
    const auto& wire = *cores.front().wire;
    const auto& l = plan.leads[lead];
    Pair pair;
    pair.outer = wire.outer;
    pair.conductor = Metre(raw(wire.conductor) / 1e3);
    const bool own = !l.cores.empty() || l.ret == Return::own;
    pair.spread = own ? Metre(std::max(raw(wire.outer), raw(wire.conductor) * 1.05) / 1e3) : off_frame * 2;
    pair.twisted = is_twisted(l, harness.routes[lead].length);
    return pair;
}

/// Behind a motor's controller its phases go up and down by the whole supply.
Volt phase_volts(const Plan& plan, size_t lead) {
    const auto& l = plan.leads[lead];
    return l.kind == CableKind::motor && !cores_of_role(l, CoreRole::phase).empty() ? l.volts : Volt(0);
}

const Load* disturbed_load(const Plan& plan, size_t lead) {
    const auto* load = by_id(plan.loads, plan.leads[lead].to);
    return load && load->sensitive ? load : nullptr;
}

bool carries_signals(const Lead& lead) { return !cores_of_role(lead, CoreRole::signal).empty(); }

}  // namespace

bool is_twisted(const Lead& lead, Metre length) {
    if (!lead.cores.empty())
        return std::any_of(lead.cores.begin(), lead.cores.end(), [](const auto& c) { return c.twist > 0; }) ||
               limits_of(lead.signal).differential;
    return lead.ret == Return::own && raw(length) > 0.2;
}

double mutual_inductance(Metre a, Metre b, Metre gap) {
    const double d23 = raw(gap), d13 = raw(a + gap), d24 = raw(gap + b), d14 = raw(a + gap + b);
    return mu0 / (2 * std::numbers::pi) * std::abs(std::log(d14 * d23 / (d13 * d24)));
}

double pair_inductance(Metre spread, Metre conductor) {
    return mu0 / std::numbers::pi * std::acosh(std::max(raw(spread) / raw(conductor), 1.0 + 1e-9));
}

double field_of_pair(Ampere current, Metre spread, Metre off) {
    return mu0 * raw(current) * raw(spread) / (2 * std::numbers::pi * raw(off) * raw(off));
}

double field_of_one(Ampere current, Metre off) {
    return mu0 * raw(current) / (2 * std::numbers::pi * raw(off));
}

Ampere noisy_current(const Plan& plan, const PlanIndex& index, size_t lead) {
    Ampere sum{};
    if (lead >= plan.feeds().size()) return sum;
    for (const auto l : index.loads_behind(lead)) {
        const auto& load = plan.loads[l];
        if (load.noisy || load.kind == LoadKind::motor) sum += std::max(load.peak, load.typical);
    }
    return sum;
}

Volt noise_borne(const Plan& plan, size_t lead) {
    const auto& l = plan.leads[lead];
    if (carries_signals(l)) return limits_of(l.signal).noise;
    return disturbed_load(plan, lead) ? borne_by_supply : Volt(0);
}

bool can_disturb(const Plan& plan, const PlanIndex& index, size_t lead) {
    return raw(noisy_current(plan, index, lead)) > 0 || raw(phase_volts(plan, lead)) > 0;
}

bool can_be_disturbed(const Plan& plan, const PlanIndex& index, size_t lead) {
    // What carries the disturbance to a load is not disturbed by what it feeds itself.
    return (carries_signals(plan.leads[lead]) || disturbed_load(plan, lead)) &&
           raw(noisy_current(plan, index, lead)) <= 0;
}

std::optional<Coupling> coupling(const Plan& plan, const PlanIndex& index, const Harness& harness,
                                 size_t noisy, size_t quiet, const std::vector<size_t>& ways) {
    const auto a = pair_of(plan, harness, noisy), b = pair_of(plan, harness, quiet);
    if (!a || !b) return {};
    Coupling x;
    x.noisy = noisy, x.quiet = quiet, x.ways = ways;
    for (const auto w : ways) x.along += plan.ways[w].length;
    x.apart = (a->outer + b->outer) / 2.0;
    const Metre gap(raw(x.apart) / 1e3);
    x.henry_per_m = mutual_inductance(a->spread, b->spread, gap);
    x.ripple = noisy_current(plan, index, noisy) * ripple_share;
    x.shielded = plan.leads[quiet].kind == CableKind::coax;
    // The loop that picks up: of a coax its shield with the frame, grounded at both ends.
    const auto loop = x.shielded ? off_frame * 2 : b->spread;
    x.henry_per_m = mutual_inductance(a->spread, loop, gap);
    double volts = x.henry_per_m * raw(x.along) * raw(x.ripple) / raw(ripple_rise);
    if (x.shielded) {
        // The ripple drives a current round that loop, and the braid lets so much of it inside. Nothing
        // electric gets through.
        volts = transfer_ohm_per_m * raw(x.along) * raw(x.ripple) * x.henry_per_m /
                pair_inductance(loop, Metre(raw(b->outer) / 1e3));
    } else if (raw(phase_volts(plan, noisy)) > 0) {
        // Lines in one medium: [L]·[C] = µε, so the mutual capacitance follows from the inductances.
        const double la = pair_inductance(a->spread, a->conductor),
                     lb = pair_inductance(b->spread, b->conductor), m = x.henry_per_m;
        const double farad_per_m = permittivity / (light * light) * m / (la * lb - m * m);
        volts += farad_per_m * raw(x.along) * raw(phase_volts(plan, x.noisy)) / raw(phase_rise) *
                 raw(limits_of(plan.leads[x.quiet].signal).across);
    }
    x.twisted = a->twisted || (b->twisted && !x.shielded);
    x.untwisted = Volt(volts);
    x.couples = x.untwisted * (x.twisted ? left_by_twist : 1);
    x.bears = noise_borne(plan, x.quiet);
    return x;
}

std::vector<Coupling> couplings_along(const Plan& plan, const PlanIndex& index, const Harness& harness,
                                      size_t lead, const std::vector<size_t>& ways) {
    std::map<size_t, std::vector<size_t>> shared;
    for (const auto w : ways)
        for (const auto* on : {&harness.feeds_on_way[w], &harness.cables_on_way[w]})
            for (const auto other : *on)
                if (other != lead) shared[other].push_back(w);
    std::vector<Coupling> all;
    for (const auto& [other, along] : shared)
        for (const auto& [noisy, quiet] : {std::pair{lead, other}, {other, lead}})
            if (can_disturb(plan, index, noisy) && can_be_disturbed(plan, index, quiet))
                if (auto x = coupling(plan, index, harness, noisy, quiet, along))
                    all.push_back(std::move(*x));
    return all;
}

std::vector<Coupling> all_couplings(const Plan& plan, const PlanIndex& index, const Harness& harness) {
    const size_t leads = plan.leads.size();
    std::vector<char> noisy(leads), quiet(leads);
    for (size_t i = 0; i < leads; ++i)
        noisy[i] = can_disturb(plan, index, i), quiet[i] = can_be_disturbed(plan, index, i);
    std::map<std::pair<size_t, size_t>, std::vector<size_t>> shared;
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        auto on = harness.feeds_on_way[w];
        on.insert(on.end(), harness.cables_on_way[w].begin(), harness.cables_on_way[w].end());
        for (const auto a : on)
            if (noisy[a])
                for (const auto b : on)
                    if (b != a && quiet[b]) shared[{a, b}].push_back(w);
    }
    std::vector<Coupling> all;
    for (const auto& [who, ways] : shared)
        if (auto x = coupling(plan, index, harness, who.first, who.second, ways))
            all.push_back(std::move(*x));
    return all;
}

}  // namespace sangre
