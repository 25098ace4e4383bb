#pragma once
// An electrical network: nodes, conductors, and what hangs between them.
//
// Supply and return are separate conductors, so a shared return lifts the ground of everything on it. The
// graph is general: several sources, frame returns, daisy chains, loops.
#include <memory>
#include <vector>

#include "physics/parts/id.h"
#include "physics/wire/warmth.h"

namespace sangre {

struct Terminals {
    int positive = -1;
    int negative = -1;
    bool operator==(const Terminals&) const = default;
};

/// A resistive branch; `feed` tells whose.
struct Branch {
    int a = 0, b = 0;
    double ohm = 0;
    double forward = 0;  ///< V across a diode in it; 0 without
    size_t feed = 0;
    bool in_return = false;
    bool operator==(const Branch&) const = default;
};

/// A relay's coil: it hangs before its own contact and draws while that is closed.
struct Coil {
    Terminals across;
    double siemens = 0;
    size_t feed = 0;  ///< in which its contact is
    Id device;
    bool operator==(const Coil&) const = default;
};

struct Circuit {
    std::vector<std::string> nodes;  ///< names, "hub-a +"; node 0 is the reference
    std::vector<Branch> branches;    ///< supply of feed i at 2i, its return at 2i+1, then frame bonds
    std::vector<Terminals> sources, hubs, loads;
    std::vector<Terminals> converter_in, converter_out;
    std::vector<int>
        leak_to;  ///< per node, where a trace of leakage goes: a supply's own return, else the reference
    std::vector<double> copper_share;  ///< per branch, the share of its resistance that is wire
    std::vector<std::shared_ptr<const WireWarmth>> warmth;  ///< by feed; null without a known wire
    std::vector<Coil> coils;
    size_t feeds = 0;
    bool operator==(const Circuit&) const = default;
};

}  // namespace sangre
