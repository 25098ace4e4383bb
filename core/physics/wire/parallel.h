#pragma once
// Conductors in parallel: how they share a current, and what happens when one breaks.
#include <vector>

#include "physics/wire/thermal.h"

namespace sangre {

/// One of several conductors between the same two points.
struct ParallelConductor {
    const WireType* wire = nullptr;
    const Insulation* insulation = nullptr;
    Metre length{};  ///< must be positive
};

struct ParallelShare {
    Ampere current{};
    double of_ampacity = 0;  ///< current over what it carries here
    Celsius warm{};          ///< steady
    bool overloaded = false;
};

/// Splits a current by conductance at 20 °C; each lies in a bunch of all that carry. `broken` carries
/// nothing.
std::vector<ParallelShare> share_current(const std::vector<ParallelConductor>& conductors, Ampere total,
                                         Celsius air, std::optional<size_t> broken = {});

/// The largest current that no conductor minds, all whole; and with the one broken whose loss is worst.
struct ParallelRating {
    Ampere whole{}, one_broken{};
    size_t worst_broken = 0;
};
ParallelRating parallel_rating(const std::vector<ParallelConductor>& conductors, Celsius air);

}  // namespace sangre
