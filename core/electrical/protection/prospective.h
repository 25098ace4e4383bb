#pragma once
// The current that a bolted short draws, and through which feeds.
#include <optional>

#include "wiring/network/solver.h"

namespace sangre {

struct ShortCircuit {
    bool found = false;
    Ampere current{};                                ///< in the shorted feed
    Volt at_source{};                                ///< left at that feed's source
    Volt open{};                                     ///< there before the short
    bool limited = false;                            ///< a module or a supply holds the current down
    std::vector<std::pair<size_t, Ampere>> through;  ///< feeds that carry a share worth a fuse's notice
};

/// A bolted short (0.1 mΩ) at the far end of a feed: full pack, all loads off, every switch closed, wires at
/// 20 °C, so that the current is the largest there can be. Where the plan is a tree below one pack the path's
/// resistances are summed; anything else goes through the network.
ShortCircuit short_circuit(const Plan& plan, const Catalogue& catalogue, const Solver& solver, size_t feed);

/// Of every feed, in plan order.
std::vector<ShortCircuit> short_circuits(const Plan& plan, const Catalogue& catalogue, const Solver& solver);

/// The same by the network alone, whatever the plan's shape.
ShortCircuit short_circuit_by_network(const Plan& plan, const Solver& solver, size_t feed);

}  // namespace sangre
