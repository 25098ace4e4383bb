#pragma once
// What a demand asks of a circuit, resolved to numbers once before Newton's method reads them many times.
#include "physics/network/network.h"
#include "physics/network/operating_point.h"

namespace sangre {

/// One instant's numbers, resolved from the demand once and read in every iteration.
struct Instant {
    std::vector<double> copper, rest;  ///< Ω by branch: of wire at 20 °C, and all else
    std::vector<double> conductance;   ///< S by branch, 0 where open; the copper as warm as it is
    std::vector<double> rise;          ///< K by branch, of the copper over the air
    std::vector<double> load_amps, set_volts;
    std::vector<double> at_rest;  ///< by load, Ω it is while it starts or is held; 0: it runs
    std::vector<double> coils;    ///< S by coil, 0 where its contact is open
    double air = 20;              ///< °C
    bool brief = false;           ///< the copper keeps its temperature
    std::vector<SourceLaw> sources;
    double share = 1;     ///< of every load's current
    double rounding = 0;  ///< A, of the corner of a module's output
    double leak = 1e-12;  ///< S, from every node to its reference: keeps islands behind open switches regular
    bool operator==(const Instant&) const = default;
};

/// Gives each branch its conductance with its copper so many K over the air. False, and nothing is changed,
/// where none would change by more than this share.
bool warm_to(Instant& now, const std::vector<double>& rise, double least = -1);

Instant instant_of(const Demand& demand, const Network& network);

}  // namespace sangre
