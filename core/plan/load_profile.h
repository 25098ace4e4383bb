#pragma once
// A load's figures from a log of what it drew.
#include <tl/expected.hpp>

#include "base/units/measured.h"
#include "base/why.h"
#include "plan/plan.h"

namespace sangre {

struct LoadProfile {
    Load load;  ///< the one asked about, with measured figures
    Why why;
};

/// Reads typical, idle, peak and start-up out of a log of at least 20 samples. Running is what lies above the
/// middle between quiet and busy (5th and 95th percentile); the mean of that is typical, what lies below is
/// idle. Peak is the 99th percentile of the running samples where it is a tenth above typical, with the
/// longest time spent in its upper half; start-up is the largest of the first tenth after it began to run,
/// where that stands out by half again. Voltages seen outside the load's window are told, not taken. The
/// error says what is wrong with the log.
tl::expected<LoadProfile, std::string> profile_from_log(const Load& load,
                                                        const std::vector<MeasuredSample>& log);

}  // namespace sangre
