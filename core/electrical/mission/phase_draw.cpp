#include "electrical/mission/phase_draw.h"

#include "electrical/mission/thermal_switches.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace sangre {
namespace {

constexpr std::array first_charges{0.0, 0.1, 0.25, 0.5, 0.75, 1.0};
constexpr double half_full = 0.5;  // where thermal switches are looked at
constexpr double straight_enough = 0.01;
constexpr int refinements = 2;

/// `fuller`: the point at the next higher charge, if any. A module that let go there has not started again
/// unless its input is above its restart voltage by now.
DrawPoint at_charge(const Plan& plan, const Solver& solver, const std::vector<PackGroup>& groups,
                    const Demand& in_phase, double charge, OperatingPoint& near, const DrawPoint* fuller) {
    auto demand = in_phase;
    demand.charge = charge;
    if (fuller) demand.locked = fuller->locked;
    near = solver.solve(demand, near);
    DrawPoint p;
    p.charge = charge, p.found = near.found;
    for (const auto& c : near.converters) p.locked.push_back(c.locked_out);
    for (const auto& g : groups) {
        auto& group = p.groups.emplace_back();
        for (const auto b : g.sources) group.amps += raw(near.sources[b].amps);
        group.volts = raw(near.sources[g.sources.back()].volts);
    }
    p.drawn_watts = raw(near.drawn);
    p.load_watts.reserve(plan.loads.size());
    for (const auto& l : near.loads) p.load_watts.push_back(raw(l.watts));
    for (const auto& b : near.brown_outs) p.brown_outs.push_back(b.load);
    return p;
}

/// How far a point lies from the line between its neighbours, as a share of the largest value.
double bend(const DrawPoint& a, const DrawPoint& b, const DrawPoint& c) {
    const double x = (b.charge - a.charge) / (c.charge - a.charge);
    double most = 0;
    for (size_t g = 0; g < a.groups.size(); ++g)
        for (const auto value : {&DrawGroup::amps, &DrawGroup::volts}) {
            const double at_a = a.groups[g].*value, at_b = b.groups[g].*value, at_c = c.groups[g].*value;
            const double scale = std::max({std::abs(at_a), std::abs(at_b), std::abs(at_c), 1e-6});
            most = std::max(most, std::abs(at_b - std::lerp(at_a, at_c, x)) / scale);
        }
    return most;
}

}  // namespace

PhaseDraw::PhaseDraw(const Plan& plan, const Solver& solver, const std::vector<PackGroup>& groups,
                     const Phase& phase, Celsius air) {
    auto demand = demand_in_phase(plan, solver.index(), phase, false);
    demand.air = air, demand.charge = half_full;
    demand = at_temperature(plan, solver, std::move(demand));
    OperatingPoint near;
    for (size_t i = first_charges.size(); i-- > 0;)
        points_.push_back(at_charge(plan, solver, groups, demand, first_charges[i], near,
                                    points_.empty() ? nullptr : &points_.back()));
    std::reverse(points_.begin(), points_.end());
    for (int round = 0; round < refinements && !phase.charging && found(); ++round) {
        std::vector<double> wanted;
        for (size_t i = 1; i + 1 < points_.size(); ++i) {
            const auto &a = points_[i - 1], &b = points_[i], &c = points_[i + 1];
            if (bend(a, b, c) < straight_enough) continue;
            wanted.push_back((a.charge + b.charge) / 2);
            wanted.push_back((b.charge + c.charge) / 2);
        }
        wanted.erase(std::unique(wanted.begin(), wanted.end()), wanted.end());
        std::vector<DrawPoint> more;
        for (const double charge : wanted) {
            const auto fuller = std::find_if(points_.begin(), points_.end(),
                                             [&](const auto& p) { return p.charge > charge; });
            more.push_back(at_charge(plan, solver, groups, demand, charge, near, &*fuller));
        }
        points_.insert(points_.end(), more.begin(), more.end());
        std::sort(points_.begin(), points_.end(),
                  [](const auto& a, const auto& b) { return a.charge < b.charge; });
        if (wanted.empty()) break;
    }
}

bool PhaseDraw::found() const {
    return std::all_of(points_.begin(), points_.end(), [](const auto& p) { return p.found; });
}

size_t PhaseDraw::below(double charge) const {
    size_t i = 0;
    while (i + 2 < points_.size() && points_[i + 1].charge < charge) ++i;
    return i;
}

double PhaseDraw::read(size_t group, double charge, double DrawGroup::*value) const {
    const auto &a = points_[below(charge)], &b = points_[below(charge) + 1];
    return std::lerp(a.groups[group].*value, b.groups[group].*value,
                     std::clamp((charge - a.charge) / (b.charge - a.charge), 0.0, 1.0));
}

void PhaseDraw::add_energy(std::vector<WattHour>& by_load, const std::vector<size_t>& loads, double charge,
                           double hours) const {
    const auto &a = points_[below(charge)], &b = points_[below(charge) + 1];
    const double x = std::clamp((charge - a.charge) / (b.charge - a.charge), 0.0, 1.0);
    for (const auto l : loads) by_load[l] += WattHour(std::lerp(a.load_watts[l], b.load_watts[l], x) * hours);
}

}  // namespace sangre
