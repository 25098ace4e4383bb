#pragma once
// A battery pack at a state of charge and temperature.
#include <string>

#include "physics/parts/source.h"
#include "physics/parts/types.h"

namespace sangre {

/// Rest voltage of one cell at a charge from 0 to 1, by line between the chemistry's 10 % points. Typical
/// values.
Volt cell_rest_voltage(const Chemistry& chemistry, double charge);

/// Rest voltage of the pack: its cells in series. `charge` is that of the weakest cell, which ends the
/// discharge.
Volt pack_rest_voltage(const Source& battery, const Chemistry& chemistry, double charge);

/// Resistance over that of a new pack: as measured, or 1 + 2·(1 − health) where it is not. Typical.
double ageing_factor(const Source& battery);

/// Share of a pack's resistance that shows below a second: its ohmic part. Typical.
inline constexpr double ohmic_share = 0.6;

/// Internal resistance: that of its cell, else mΩ·Ah ÷ Ah, times series, over parallel; grows exponentially
/// in the cold by the chemistry's factor at 0 °C, below 20 % charge by the chemistry's growth, and with age
/// by its ageing factor.
Ohm pack_resistance(const Source& battery, const Chemistry& chemistry, double charge, Celsius air);

/// Capacity in parallel strings at this temperature: full from 20 °C up, falling by line to the chemistry's
/// share at 0 °C and on, never below 30 %; times what age left and the weakest cell holds.
AmpereHour pack_capacity(const Source& battery, const Chemistry& chemistry, Celsius air);

/// How many times faster than its ampere-hours say a pack empties at this current: (I ÷ I_rated)^(k−1), never
/// below 1. Source: Peukert 1897; exponent and rated hours of the chemistry.
double peukert_factor(const Chemistry& chemistry, AmpereHour capacity, Ampere current);

/// Energy of the full pack at its nominal voltage and 20 °C; what air carriers ask for.
WattHour pack_energy(const Source& battery, const Chemistry& chemistry);

/// Voltage while a charger holds the pack full.
Volt pack_charge_voltage(const Source& battery, const Chemistry& chemistry);
/// Voltage at which the pack counts as empty.
Volt pack_cutoff_voltage(const Source& battery, const Chemistry& chemistry);
/// Multiples of its capacity per hour that a pack is rated for continuously: as printed, else its
/// chemistry's.
double pack_c_rate(const Source& battery, const Chemistry& chemistry);
/// Continuous current that the pack is rated for.
Ampere pack_max_current(const Source& battery, const Chemistry& chemistry);
/// Up to this long a current counts as a burst. Typical.
inline constexpr Second burst_time{10};
/// Current that the pack is rated for up to burst_time: as printed, half as much again as its printed
/// continuous rate, or its chemistry's.
Ampere pack_burst_current(const Source& battery, const Chemistry& chemistry);
Gram pack_mass(const Source& battery, const Chemistry& chemistry);
/// "8S LFP · 30 Ah".
Words pack_summary(const Source& battery, const Chemistry& chemistry);

/// The same with little room: "LFP 8S · 30 Ah", "Li-ion 7S 2P · 10 Ah".
Words pack_short(const Source& battery, const Chemistry& chemistry);

}  // namespace sangre
