#pragma once
// Measured logs from meters and loggers: time, volts, amperes.
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "base/units/measured.h"

namespace sangre {

/// Reads a table of time, voltage and current. With a header, columns are found by name ("time", "t",
/// "seconds"; "volt…", "V", "U"; "current", "amp…", "A", "I"; a unit in brackets or after _ is understood:
/// ms, min, h, mV, mA); without one they are taken in that order, in s, V, A. Comma, semicolon or tab;
/// decimal comma with the latter two. The error names the line and what would be right; time must rise and
/// every value be finite.
tl::expected<std::vector<MeasuredSample>, std::string> measured_log_from_csv(const std::string& text);

}  // namespace sangre
