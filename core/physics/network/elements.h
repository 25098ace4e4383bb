#pragma once
// What each kind of part lets through at given voltages: current, and its derivative for Newton's method.
//
// Every characteristic is continuous with a continuous slope: corners are rounded over a narrow band, so that
// a path of operating points can be followed through them.
#include <array>

#include "physics/parts/load.h"
#include "physics/parts/types.h"

namespace sangre {

struct LoadCurrent {
    double amps, slope;
};

/// What of a load its current depends on, close together: Newton's method reads it for every load each time.
struct LoadLaw {
    LoadLaw(const Load& load);
    LoadKind kind = LoadKind::power;
    double nominal = 0, v_min = 0;
    double winding_ohm = 0;  ///< of a motor
    bool operator==(const LoadLaw&) const = default;
};

/// Current a load takes at a terminal voltage, and its derivative. Below three quarters of its least voltage
/// a constant-current or constant-power load lets go and behaves as a resistance, so that every network has
/// an operating point. A motor draws what its torque asks, down to the voltage at which its winding no longer
/// passes that and it stands still. An LED string is dark below three quarters of nominal.
/// One `at_rest` of so many ohms, starting or held fast, is that resistance at any voltage.
LoadCurrent load_current(const LoadLaw& load, double amps_at_nominal, double volts, double at_rest = 0);

/// Nominal ÷ stall current; without a stall current six times the running one is taken (typical).
Ohm winding_resistance(const Load& motor);
/// What a load draws at nominal voltage in the instant it is switched on, beyond its peak: as said; of a
/// motor without a peak or start of its own six times its running current (typical); 0: nothing of note.
Ampere start_current(const Load& load);
/// Nominal ÷ start current: a winding at rest, a cold filament, an empty capacitor behind its resistor; 0
/// where there is none.
Ohm start_resistance(const Load& load);
/// What an ohmmeter finds across it while nothing is powered: at the least: a motor its winding, what
/// starts with a rush nominal ÷ start current, another heater or lamp, cold, a tenth of what it is when hot
/// (a filament); 0 where there are only electronics, whose capacitors charge until the reading is high.
Ohm resistance_at_rest(const Load& load);
/// For how long; 0.3 s where nothing is said (typical).
Second start_duration(const Load& load);
/// Speed over that without load at nominal voltage: back-EMF over back-EMF; 0 when stalled.
double motor_speed_share(const Load& motor, Ampere amps, Volt volts);

struct BranchCurrent {
    double amps, slope;
};

/// A source at one instant.
struct SourceLaw {
    double volts = 0, ohms = 1;
    double limit = 0;      ///< A, which it gives at the most; 0: as much as its resistance lets through
    bool one_way = false;  ///< it takes nothing back
    bool operator==(const SourceLaw&) const = default;
};

/// What a source pushes out at these volts across it: (E − v)/R, held to its limit, where it gives a little
/// more into a lower voltage still.
BranchCurrent source_current(const SourceLaw& source, double volts);
/// True at its limit.
bool at_limit(const SourceLaw& source, double amps);

/// A conductor, or a diode of that forward voltage in series with it, which blocks the other way.
BranchCurrent branch_current(double siemens, double forward, double volts);

/// A current with its derivatives by the voltages of a module's in, ground and out node.
struct Sensitive {
    double value = 0;
    std::array<double, 3> by{};
};

struct ConverterCurrents {
    Sensitive in, out;  ///< drawn from the in node; pushed into the out node
    bool dropout = false, limiting = false, locked_out = false, cycling = false;
    bool passing = false;  ///< a boost whose input reaches the output past its switch
};

/// Resistance of a boost's choke and diode beyond the diode's forward voltage: 0.1 V over the printed
/// current. Typical.
Ohm pass_resistance(const ConverterType& boost);

/// Output regulated to `set` behind 4 mΩ, never sinking; it follows the input in dropout, is held at 1.25 ×
/// the printed current, and lets go over the last tenth of a volt per volt below the least input. A switching
/// module takes P_out·(1 + (1/η − 1)(½ + I/1.2 I_rated)) + V_in·I_q from its input, so that η holds at 0.6 of
/// the printed current; a step-down one no less than its switch passes, V_out/(V_in − dropout) of the output
/// current, and no more than that current, so that in dropout both are alike. A linear one takes the output
/// current itself. A boost lets its input through to the output by its choke and diode when that lies lower:
/// asleep, overloaded, shorted or fed above what it is set to. A module that had let go starts again
/// only above its least input times its restart factor. The corner where the output stops giving is rounded
/// over ± `rounding` amperes: for following a path, not for the answer, where an idle output rests right
/// there.
ConverterCurrents converter_currents(const ConverterType& type, double set, double v_in, double v_out,
                                     bool was_locked = false, double rounding = 0);

/// How much warmer than the air around it a module's hottest part gets with this heat, K: its thermal
/// resistance times the heat.
double temperature_rise(const ConverterType& type, Watt heat);

}  // namespace sangre
