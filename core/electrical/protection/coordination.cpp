#include "electrical/protection/coordination.h"

#include <algorithm>
#include <cmath>

namespace sangre {
namespace {

constexpr double short_time_s = 5;  // IEC 60949: up to here the adiabatic limit temperature is allowed
constexpr double overload_rise_k = 20;
constexpr double assumed_start_share = 2;  // of what flows: practice

Celsius overload_limit(const Insulation& insulation) {
    return Celsius(raw(insulation.max) + overload_rise_k);
}

}  // namespace

bool carries(const FuseFamily& family, Ampere rating, const FuseNeed& need) {
    if (continuous_limit(family, rating, need.air) < need.continuous) return false;
    return rides(family, rating, need.peak, need.peak_time, need.air) &&
           ((need.start_assumed && rating >= need.continuous * assumed_start_share) ||
            rides(family, rating, need.start, need.start_time, need.air)) &&
           rides(family, rating, need.inrush, need.inrush_time, need.air);
}

Ampere breaking_current(const FuseFamily& family, Ampere rating, const FuseNeed& need) {
    if (raw(need.prospective) <= 0 || raw(need.volts) <= 0) return Ampere(0);
    return Ampere(raw(need.volts) /
                  (raw(need.volts) / raw(need.prospective) + raw(fuse_resistance(family, rating))));
}

bool suits(const FuseFamily& family, Ampere rating, const FuseNeed& need) {
    return family.voltage >= need.volts &&
           (need.backed || family.breaking >= breaking_current(family, rating, need));
}

namespace {

/// No more than damage_time says, for one division: what the wire would stand if it lost no heat.
class LeastDamageTime {
  public:
    LeastDamageTime(const WireThermal& thermal, const Insulation& insulation, Celsius start)
        : damage_(thermal.adiabatic_heat(insulation.damage, start)),
          overload_(thermal.adiabatic_heat(overload_limit(insulation), start)) {}
    double at(double amps) const {
        const double quick = damage_ / (amps * amps);
        return quick <= short_time_s ? quick : std::max(short_time_s, overload_ / (amps * amps));
    }

  private:
    double damage_, overload_;
};

}  // namespace

Celsius allowed_for(const Insulation& insulation, Second lasts) {
    return raw(lasts) > short_time_s ? overload_limit(insulation) : insulation.damage;
}

Second damage_time(const WireThermal& thermal, const Insulation& insulation, Ampere current, Celsius start) {
    const double amps = std::abs(raw(current));
    const double quick = thermal.adiabatic_heat(insulation.damage, start) / std::max(amps * amps, 1e-12);
    if (quick <= short_time_s) return Second(quick);
    const Celsius overload = overload_limit(insulation);
    return std::max(Second(short_time_s), thermal.time_to(current, overload, std::min(start, overload)));
}

std::optional<Ampere> first_crossing(const FuseFamily& family, Ampere rating, const WireThermal& thermal,
                                     const Insulation& insulation, Celsius start, Ampere prospective) {
    if (thermal.steady(rating) > insulation.max + units::temperature::celsius_t(0.5)) return rating;
    if (family.gates.empty()) return rating;
    const double low = family.gates.front().multiple * raw(rating),
                 high = std::max(raw(prospective), low * 1.01);
    constexpr int points = 28;
    const LeastDamageTime least(thermal, insulation, start);
    const double ratio = std::pow(high / low, 1.0 / points);
    double amps = low;
    for (int i = 0; i <= points; ++i, amps *= ratio) {
        const Second opens = slow_edge(family, rating, Ampere(amps));
        if (raw(opens) <= least.at(amps)) continue;
        // Above the first gate but below the second the edge is in hours: what counts is the steady state.
        const Second stands = damage_time(thermal, insulation, Ampere(amps), start);
        if (std::isfinite(raw(stands)) && opens > stands) return Ampere(amps);
    }
    return std::nullopt;
}

bool protects(const FuseFamily& family, Ampere rating, const WireThermal& thermal,
              const Insulation& insulation, Celsius start, Ampere prospective) {
    return !first_crossing(family, rating, thermal, insulation, start, prospective);
}

std::vector<const FuseFamily*> suitable_families(const Catalogue& catalogue, const FuseNeed& need,
                                                 const std::vector<Id>& prefer) {
    std::vector<const FuseFamily*> found;
    const auto place = [&](const FuseFamily& f) {
        return std::find(prefer.begin(), prefer.end(), f.id) - prefer.begin();
    };
    const auto others = static_cast<std::ptrdiff_t>(prefer.size());
    for (const auto& f : catalogue.fuses)
        if (f.voltage >= need.volts && (f.action == FuseAction::fuse || place(f) < others))
            found.push_back(&f);
    std::stable_sort(found.begin(), found.end(), [&](const auto* a, const auto* b) {
        if (place(*a) != place(*b)) return place(*a) < place(*b);
        return a->cost < b->cost;
    });
    return found;
}

std::optional<FuseChoice> smallest_that_carries(const Catalogue& catalogue, const FuseNeed& need,
                                                const std::vector<Id>& prefer, Ampere least) {
    for (const auto* family : suitable_families(catalogue, need, prefer))
        for (const auto rating : family->ratings)
            if (rating >= least && suits(*family, rating, need) && carries(*family, rating, need))
                return FuseChoice{family, rating};
    return std::nullopt;
}

std::optional<Ampere> largest_that_protects(const FuseFamily& family, const WireThermal& thermal,
                                            const Insulation& insulation, Celsius start, Ampere prospective) {
    for (auto rating = family.ratings.rbegin(); rating != family.ratings.rend(); ++rating)
        if (protects(family, *rating, thermal, insulation, start, prospective)) return *rating;
    return std::nullopt;
}

}  // namespace sangre
