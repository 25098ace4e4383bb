#pragma once
// Capacitors behind a feed, charged in one go when it is joined to its source.
#include "wiring/network/solver.h"

namespace sangre {

/// What charges what, through what.
struct Charging {
    Farad capacitance{};  ///< of loads, modules and filters behind the feed, up to the next modules; 0: none
    Volt volts{};         ///< highest at the source
    Ohm loop{};           ///< to them and back, the pack's ohmic part included; 0 behind a module
    Ampere limit{};       ///< of the module before them, which charges them with no more; 0: there is none
    Ampere peak{};        ///< at the first instant
    Second lasts{};       ///< R·C, or C·V over the module's limit

    /// The square pulse of the same length and I²t: the peak ÷ √2 of an exponential, the limit of a module.
    Ampere square() const;
};

/// The arithmetic of it: "29.2 V through 84 mΩ charges 220 µF: 348 A at first, 18 µs."
Words charging_words(const Charging& charging);

/// By feed, in plan order. Full pack at its charger's voltage, everything discharged, no inductance: the most
/// there can be (IEC 60127 pulse rating wants I²t). Modules limit at 1.25 × their printed current.
std::vector<Charging> charging_currents(const Plan& plan, const Catalogue& catalogue, const Solver& solver);

}  // namespace sangre
