#pragma once
// What each kind of part lets through at given voltages: current, and its derivative for Newton's method.
//
// Every characteristic is continuous with a continuous slope: corners are rounded over a narrow band, so that
// a path of operating points can be followed through them.
#include <array>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// Current a load takes at a terminal voltage, and its derivative; below three quarters of its least voltage
/// a load lets go and behaves as a resistance, so that every network has an operating point. Proportional to
/// `amps_at_nominal`.
struct LoadCurrent {
    double amps, slope;
};
LoadCurrent load_current(const Load& load, double amps_at_nominal, double volts);

/// A current with its derivatives by the voltages of a module's in, ground and out node.
struct Sensitive {
    double value = 0;
    std::array<double, 3> by{};
};

struct ConverterCurrents {
    Sensitive in, out;  ///< drawn from the in node; pushed into the out node
    bool dropout = false, limiting = false, locked_out = false;
};

/// Output regulated to `set` behind 4 mΩ, never sinking; it follows the input in dropout, is held at 1.25 ×
/// the printed current, and lets go over the last tenth of a volt per volt below the least input. A switching
/// module takes P_out/η + V_in·I_q from its input, a linear one the output current itself.
ConverterCurrents converter_currents(const ConverterType& type, double set, double v_in, double v_out);

}  // namespace sangre
