#pragma once
// How sure a number is: the same study drawn many times over the tolerances of parts, charge and air.
#include <array>
#include <cstdint>

#include "base/why.h"
#include "electrical/mission/conditions.h"

namespace sangre {

/// How far each input may be off. Shares are of the value; all typical and replaceable.
struct Tolerances {
    double battery_resistance = 0.3;
    double battery_capacity = 0.1;
    double length = 0.1;         ///< of every conductor, its own draw each
    double load_current = 0.15;  ///< of every load, its own draw each
    // Set voltages: each module's own tolerance. Charge: nearly empty to full. Air: the plan's coldest to
    // hottest.
};

enum class Spread { battery_resistance, battery_capacity, lengths, load_currents, set_voltages, charge, air };
inline constexpr size_t spread_count = 7;
/// "the charge", "the loads' currents" …
const char* spread_name(Spread s);

struct Range {
    double low = 0, middle = 0, high = 0;         ///< 5th, 50th and 95th percentile
    std::array<double, spread_count> moved_by{};  ///< share of the variance that each input explains, 0 to 1
    Spread most() const;                          ///< the input that moves it the most
};

struct ToleranceStudy {
    size_t draws = 0, failed = 0;   ///< `failed`: no operating point
    std::vector<Range> load_volts;  ///< by load, V, while it runs
    std::vector<Range> feed_drop;   ///< by feed, V, out and back
    Range battery_amps, battery_volts;
    Range run_hours;                 ///< capacity over current, in this phase
    std::vector<double> browns_out;  ///< by load, share of the draws in which it does
};

/// Draws `count` times in one phase, seeded: the same seed gives the same study, however many threads share
/// the work. Each thread has its own solver.
ToleranceStudy study_tolerance(const Plan& plan, const Catalogue& catalogue,
                               const std::vector<Metre>& lengths, const Phase& phase, size_t count,
                               std::uint64_t seed = 1, const Tolerances& tolerances = {},
                               unsigned threads = 0);

/// How sure the numbers of a load, a feed or a pack are, as lines for its reasons; none for anything else.
Why explain_tolerance(const Plan& plan, const ToleranceStudy& study, const Phase& phase, const Id& subject);

}  // namespace sangre
