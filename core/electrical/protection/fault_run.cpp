#include "electrical/protection/fault_run.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "physics/protection/fuse_curve.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

constexpr double for_good_s = 3600;
constexpr double adiabatic_s =
    5;                          // IEC 60949: up to here the wire must withstand it with all heat in its metal
constexpr double stride_k = 5;  // no wire warms by more in a step
constexpr double hottest_c = 1000;
constexpr double at_no_time = std::numeric_limits<double>::infinity();

class Course {
  public:
    Course(Ampere cold, Volt open, bool limited, const std::vector<FaultWire>& wires,
           const std::vector<FaultFuse>& fuses)
        : wires_(wires),
          fuses_(fuses),
          cold_(raw(cold)),
          open_(raw(open)),
          limited_(limited || raw(open) <= 0 || raw(cold) <= 0),
          used_(fuses.size(), 0.0),
          square_seconds_(wires.size(), 0.0) {
        for (const auto& w : wires) warm_.push_back(raw(w.start));
    }

    double amps() const {
        if (limited_) return cold_;
        double ohm = open_ / cold_;
        for (size_t w = 0; w < wires_.size(); ++w)
            ohm += wires_[w].ohm * wires_[w].share * (temperature_factor(Celsius(warm_[w])) - 1);
        return open_ / std::max(ohm, 1e-6);
    }
    /// The fuse that would open first at this current for good, and when from now on.
    std::pair<std::optional<size_t>, double> next_to_open(double amps) const {
        std::optional<size_t> first;
        double soonest = at_no_time;
        for (size_t f = 0; f < fuses_.size(); ++f) {
            const double left = (1 - used_[f]) * raw(slow_edge(*fuses_[f].family, fuses_[f].rating,
                                                               Ampere(amps * fuses_[f].share)));
            if (left < soonest) soonest = left, first = f;
        }
        return {first, soonest};
    }
    /// The longest step over which the rates of now hold: fuses feel the current, and that follows the
    /// copper.
    double step(double amps) const {
        double dt = for_good_s;
        for (size_t w = 0; w < wires_.size(); ++w) {
            if (warm_[w] >= hottest_c) continue;
            const double rate =
                std::abs(wires_[w].thermal->rate(Ampere(amps * wires_[w].share), Celsius(warm_[w])));
            dt = std::min(dt, stride_k / std::max(rate, 1e-6));
        }
        return dt;
    }
    void advance(double amps, double dt) {
        for (size_t w = 0; w < wires_.size(); ++w) {
            const Ampere through(amps * wires_[w].share);
            square_seconds_[w] += raw(through) * raw(through) * dt;
            warm_[w] =
                std::min(raw(wires_[w].thermal->after(through, Second(dt), Celsius(warm_[w]))), hottest_c);
        }
        for (size_t f = 0; f < fuses_.size(); ++f)
            used_[f] +=
                dt / raw(slow_edge(*fuses_[f].family, fuses_[f].rating, Ampere(amps * fuses_[f].share)));
    }
    std::vector<Celsius> lumped() const { return {warm_.begin(), warm_.end()}; }
    /// At this time since the short: as long as it counts, no cooler than with all heat in the metal.
    std::vector<Celsius> temperatures(double time) const {
        std::vector<Celsius> all(warm_.begin(), warm_.end());
        for (size_t w = 0; w < all.size() && time <= adiabatic_s; ++w)
            all[w] =
                std::max(all[w], wires_[w].thermal->after_adiabatic(square_seconds_[w], wires_[w].start));
        return all;
    }
    /// True where no wire moves any more.
    bool settled(double amps) const {
        for (size_t w = 0; w < wires_.size(); ++w)
            if (warm_[w] < hottest_c &&
                std::abs(raw(wires_[w].thermal->steady(Ampere(amps * wires_[w].share))) - warm_[w]) > 0.5)
                return false;
        return true;
    }

  private:
    const std::vector<FaultWire>& wires_;
    const std::vector<FaultFuse>& fuses_;
    double cold_, open_;
    bool limited_;
    std::vector<double> warm_, used_, square_seconds_;
};

}  // namespace

FaultRun run_fault(Ampere cold, Volt open, bool limited, const std::vector<FaultWire>& wires,
                   const std::vector<FaultFuse>& fuses, bool keep_moments) {
    Course course(cold, open, limited, wires, fuses);
    FaultRun run;
    run.at_first = Ampere(course.amps());
    double time = 0;
    const auto note = [&](double amps) {
        if (keep_moments) run.moments.push_back({Second(time), Ampere(amps), course.lumped()});
    };
    run.time = Second(at_no_time);
    for (int i = 0; i < 4000 && time < for_good_s; ++i) {
        const double amps = course.amps();
        note(amps);
        const auto [fuse, left] = course.next_to_open(amps);
        const double dt = std::min(course.step(amps), for_good_s - time);
        if (fuse && left <= dt) {
            course.advance(amps, left);
            time += left;
            run.opener = fuses[*fuse].feed;
            run.time = Second(time);
            note(course.amps());
            break;
        }
        course.advance(amps, dt);
        time += dt;
        if (!std::isfinite(left) && course.settled(course.amps())) break;
    }
    run.wires = course.temperatures(time);
    if (!run.opener)
        for (size_t w = 0; w < wires.size(); ++w)
            run.wires[w] =
                std::max(run.wires[w], wires[w].thermal->steady(Ampere(course.amps() * wires[w].share)));
    return run;
}

}  // namespace sangre
