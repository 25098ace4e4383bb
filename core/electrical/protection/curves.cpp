#include "electrical/protection/curves.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double shortest_s = 1e-3, longest_s = 1e3;

template <class Time>
std::vector<CurrentTime> sweep(double low, double high, Time time) {
    std::vector<CurrentTime> points;
    constexpr int n = 80;
    for (int i = 0; i <= n; ++i) {
        const double amps = low * std::pow(high / low, static_cast<double>(i) / n);
        const double t = time(amps);
        if (std::isfinite(t)) points.push_back({amps, std::clamp(t, shortest_s, longest_s)});
    }
    return points;
}

}  // namespace

std::optional<size_t> fuse_before(const Plan& plan, const PlanIndex& index,
                                  const std::vector<FeedProtection>& feeds, size_t feed) {
    for (const auto up : index.upstream(plan.feeds()[feed].from))
        if (feeds[up].family && !feeds[up].inherited) return up;
    return {};
}

FeedCurves feed_curves(const FeedProtection& f, const FeedProtection* before) {
    FeedCurves c;
    if (!f.thermal) return c;
    c.prospective = raw(f.fault.current);
    const double steady = std::max(raw(f.need.continuous), 0.01);
    c.least_amps = 0.5 * std::min(steady, f.family ? raw(f.rating) : steady);
    c.most_amps = 1.5 * std::max({c.prospective, raw(f.ampacity) * 3, f.family ? raw(f.rating) * 8 : 0.0});
    c.wire = sweep(raw(f.ampacity), c.most_amps,
                   [&](double a) { return raw(damage_time(*f.thermal, *f.insulation, Ampere(a), f.warm)); });
    c.load = {{steady, longest_s}};
    const auto pulse = [&](Ampere amps, Second time) {
        if (raw(time) <= 0 || raw(amps) <= c.load.back().amps) return;
        c.load.push_back({c.load.back().amps, raw(time)});
        c.load.push_back({raw(amps), raw(time)});
    };
    if (f.need.peak_time >= f.need.start_time)
        pulse(f.need.peak, f.need.peak_time), pulse(f.need.start, f.need.start_time);
    else
        pulse(f.need.start, f.need.start_time), pulse(f.need.peak, f.need.peak_time);
    c.load.push_back({c.load.back().amps, shortest_s});
    if (before && before->family && !before->family->gates.empty()) {
        c.before_rating = before->rating;
        c.before =
            sweep(raw(before->rating) * before->family->gates.front().multiple, c.most_amps,
                  [&](double a) { return raw(fast_edge(*before->family, before->rating, Ampere(a))); });
    }
    if (!f.family) {
        c.sound = f.fault.outcome == FaultOutcome::limited || f.fault.outcome == FaultOutcome::opens;
        c.words = f.fault.outcome == FaultOutcome::limited
                      ? say("No fuse: its source gives {current} at the most, which the wire carries.",
                            format(f.fault.current))
                  : c.sound ? say("No fuse of its own: an upstream fuse opens before the wire is damaged.")
                            : say("No fuse: nothing opens before the wire is damaged.");
        return c;
    }
    c.fast = sweep(raw(f.rating) * f.family->gates.front().multiple, c.most_amps,
                   [&](double a) { return raw(fast_edge(*f.family, f.rating, Ampere(a))); });
    c.slow = sweep(raw(f.rating) * f.family->gates.front().multiple, c.most_amps,
                   [&](double a) { return raw(slow_edge(*f.family, f.rating, Ampere(a))); });
    c.sound = f.protects && (f.carries || f.inherited);
    const auto crossing =
        f.protects ? std::nullopt
                   : first_crossing(*f.family, f.rating, *f.thermal, *f.insulation, f.warm, f.fault.current);
    if (crossing)
        c.words = say("From {crossing} up the wire is damaged before the {rating} fuse opens.",
                      format(*crossing), format(f.rating));
    else if (!f.carries && !f.inherited)
        c.words = say("The {rating} fuse opens in normal use.", format(f.rating));
    else
        c.words =
            say("The {rating} fuse opens before the wire is damaged, at any current.", format(f.rating));
    return c;
}

}  // namespace sangre
