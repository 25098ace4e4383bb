#pragma once
// What a demand asks of a circuit, resolved to numbers once before Newton's method reads them many times.
#include "network/solver.h"

namespace sangre {

struct BatterySource {
    double volts = 0, ohms = 1;
    bool operator==(const BatterySource&) const = default;
};

/// One instant's numbers, resolved from the demand once and read in every iteration.
struct Instant {
    std::vector<double> conductance, load_amps, set_volts;
    std::vector<BatterySource> sources;
    double share = 1;     ///< of every load's current
    double rounding = 0;  ///< A, of the corner of a module's output
    double leak = 1e-12;  ///< S, from every node to its reference: keeps islands behind open switches regular
    bool operator==(const Instant&) const = default;
};

/// `types` and `chemistries` are the plan's modules and packs looked up, null where the catalogue holds none.
Instant instant_of(const Demand& demand, const Plan& plan, const Circuit& circuit,
                   const std::vector<const ConverterType*>& types,
                   const std::vector<const Chemistry*>& chemistries);

}  // namespace sangre
