#include "mission/phase_draw.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace sangre {
namespace {

constexpr std::array first_charges{0.0, 0.1, 0.25, 0.5, 0.75, 1.0};
constexpr double straight_enough = 0.01;
constexpr int refinements = 2;

/// `fuller`: the point at the next higher charge, if any. A module that let go there has not started again
/// unless its input is above its restart voltage by now.
DrawPoint at_charge(const Plan& plan, const Solver& solver, const Demand& in_phase, double charge,
                    OperatingPoint& near, const DrawPoint* fuller) {
    auto demand = in_phase;
    demand.charge = charge;
    if (fuller) demand.locked = fuller->locked;
    near = solver.solve(demand, near);
    DrawPoint p;
    p.charge = charge;
    for (const auto& c : near.converters) p.locked.push_back(c.locked_out);
    for (const auto& b : near.batteries) p.amps += raw(b.amps);
    if (!near.batteries.empty()) p.volts = raw(near.batteries.back().volts);
    p.drawn_watts = raw(near.drawn);
    p.load_watts.reserve(plan.loads.size());
    for (const auto& l : near.loads) p.load_watts.push_back(raw(l.watts));
    for (const auto& b : near.brown_outs) p.brown_outs.push_back(b.load);
    return p;
}

/// How far a point lies from the line between its neighbours, as a share of the largest value.
double bend(const DrawPoint& a, const DrawPoint& b, const DrawPoint& c, double DrawPoint::*value) {
    const double x = (b.charge - a.charge) / (c.charge - a.charge);
    const double line = std::lerp(a.*value, c.*value, x);
    const double scale = std::max({std::abs(a.*value), std::abs(b.*value), std::abs(c.*value), 1e-6});
    return std::abs(b.*value - line) / scale;
}

}  // namespace

PhaseDraw::PhaseDraw(const Plan& plan, const Solver& solver, const Phase& phase, Celsius air) {
    auto demand = demand_in_phase(plan, solver.index(), phase, false);
    demand.air = air;
    OperatingPoint near;
    for (size_t i = first_charges.size(); i-- > 0;)
        points_.push_back(at_charge(plan, solver, demand, first_charges[i], near,
                                    points_.empty() ? nullptr : &points_.back()));
    std::reverse(points_.begin(), points_.end());
    for (int round = 0; round < refinements && !phase.charging; ++round) {
        std::vector<double> wanted;
        for (size_t i = 1; i + 1 < points_.size(); ++i) {
            const auto &a = points_[i - 1], &b = points_[i], &c = points_[i + 1];
            if (std::max(bend(a, b, c, &DrawPoint::amps), bend(a, b, c, &DrawPoint::volts)) < straight_enough)
                continue;
            wanted.push_back((a.charge + b.charge) / 2);
            wanted.push_back((b.charge + c.charge) / 2);
        }
        wanted.erase(std::unique(wanted.begin(), wanted.end()), wanted.end());
        std::vector<DrawPoint> more;
        for (const double charge : wanted) {
            const auto fuller = std::find_if(points_.begin(), points_.end(),
                                             [&](const auto& p) { return p.charge > charge; });
            more.push_back(at_charge(plan, solver, demand, charge, near, &*fuller));
        }
        points_.insert(points_.end(), more.begin(), more.end());
        std::sort(points_.begin(), points_.end(),
                  [](const auto& a, const auto& b) { return a.charge < b.charge; });
        if (wanted.empty()) break;
    }
}

size_t PhaseDraw::below(double charge) const {
    size_t i = 0;
    while (i + 2 < points_.size() && points_[i + 1].charge < charge) ++i;
    return i;
}

double PhaseDraw::read(double charge, double DrawPoint::*value) const {
    const auto &a = points_[below(charge)], &b = points_[below(charge) + 1];
    return std::lerp(a.*value, b.*value, std::clamp((charge - a.charge) / (b.charge - a.charge), 0.0, 1.0));
}

void PhaseDraw::add_energy(std::vector<WattHour>& by_load, double charge, double hours) const {
    const auto &a = points_[below(charge)], &b = points_[below(charge) + 1];
    const double x = std::clamp((charge - a.charge) / (b.charge - a.charge), 0.0, 1.0);
    for (size_t l = 0; l < by_load.size(); ++l)
        by_load[l] += WattHour(std::lerp(a.load_watts[l], b.load_watts[l], x) * hours);
}

}  // namespace sangre
