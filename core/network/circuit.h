#pragma once
// The plan as an electrical network: nodes, conductors, and what hangs between them.
//
// Supply and return are separate conductors, so a shared return lifts the ground of everything on it. The
// graph is general: several sources, frame returns, daisy chains, loops.
#include <memory>
#include <vector>

#include "catalogue/catalogue.h"
#include "plan/index.h"
#include "wire/warmth.h"

namespace sangre {

/// What a resistance of a feed is of.
enum class ResistanceOf { item, copper, joints, other_return };

/// One resistance in a feed, for the arithmetic shown to the user.
struct Resistance {
    std::string what;
    Ohm value{};
    bool in_return = false;
    ResistanceOf of = ResistanceOf::item;
};

/// The resistances of a feed: fuse, switch, connectors, wire and joints; its copper at `copper`. `length` is
/// one way. Unknown catalogue ids count as nothing; findings name them.
std::vector<Resistance> feed_resistances(const Plan& plan, const Feed& feed, const Catalogue& catalogue,
                                         Metre length, Celsius copper = Celsius(20));
/// Those of its copper and all others, together.
struct FeedOhms {
    Ohm copper{}, rest{};
};
FeedOhms feed_ohms(const std::vector<Resistance>& resistances);

/// True for what is in series and of no other kind: diode, filter, shunt.
bool is_inline(DeviceKind kind);

/// Forward voltage of the diodes in a feed's supply, together.
Volt feed_forward_voltage(const Feed& feed, const Catalogue& catalogue);

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
    std::vector<Terminals> batteries, hubs, loads;
    std::vector<Terminals> converter_in, converter_out;
    std::vector<int>
        leak_to;  ///< per node, where a trace of leakage goes: a supply's own return, else the reference
    std::vector<double> copper_share;  ///< per branch, the share of its resistance that is wire
    std::vector<std::shared_ptr<const WireWarmth>> warmth;  ///< by feed; null without a known wire
    std::vector<Coil> coils;
    bool operator==(const Circuit&) const = default;
};

/// Lays the plan out as a circuit. `lengths` are the one-way lengths of the feeds, in plan order.
Circuit build_circuit(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
                      const std::vector<Metre>& lengths);

}  // namespace sangre
