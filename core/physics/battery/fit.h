#pragma once
// What an old pack still holds: capacity and resistance fitted to a measured discharge.
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "base/units/measured.h"
#include "base/why.h"
#include "physics/battery/pack.h"

namespace sangre {

struct BatteryFit {
    AmpereHour drawn{};     ///< passed during the log
    AmpereHour capacity{};  ///< from full to empty
    Ohm resistance{};
    double start_charge = 1;  ///< where on the rest curve the log begins
    double health = 1;        ///< capacity over the printed one
    double resistance_factor = 1;
    Volt error{};  ///< root mean square of what the fit leaves
    Why why;
};

/// Current out of the pack counts positive.
/// Least squares of V = rest(start − Ah/capacity) − I·R over capacity, start and R, with the chemistry's rest
/// curve. Needs at least 10 samples and a twentieth of the printed capacity drawn; the error says what is
/// missing.
tl::expected<BatteryFit, Words> fit_discharge(const Source& battery, const Chemistry& chemistry,
                                              const std::vector<MeasuredSample>& samples);

}  // namespace sangre
