#pragma once
// What is asked of a network at one instant, and what is found.
#include <optional>
#include <string>
#include <vector>

#include "base/units/quantity.h"
#include "physics/parts/load.h"

namespace sangre {

/// What is asked of the network at one instant.
struct Demand {
    std::vector<LoadState> states;  ///< by load, plan order
    std::vector<bool> open;         ///< by feed: a switch or fuse in it is open
    bool charging = false;          ///< a charger holds every pack at its charge voltage
    double charge =
        1;           ///< state of charge of the packs, 0 to 1; supplies and circuits as high in their range
    double sun = 0;  ///< on the panels, share of full sun
    Celsius air{20};
    std::optional<size_t> short_at;  ///< a bolted short across the far end of this feed
    std::vector<bool> starting;      ///< by load: in the instant of its start, motors at rest; empty: none
    bool brief = false;              ///< too short to warm any copper: it is as warm as `rises` says
    std::vector<double> rises;    ///< by branch, K of its copper over the air, of a brief demand; empty for 0
    double wire_scale = 1;        ///< tolerance on copper resistance
    double converter_offset = 0;  ///< −1, 0 or +1 times each module's tolerance
    std::vector<bool> locked;     ///< by converter: had let go before; starts again only above its restart
    std::vector<double> load_scale;       ///< by load, on its current; empty for 1
    std::vector<double> branch_scale;     ///< by feed, on the resistance of both conductors; empty for 1
    std::vector<double> converter_shift;  ///< by converter, share of its tolerance, −1 to 1; empty for 0
    double battery_scale = 1;             ///< on every pack's internal resistance
    bool operator==(const Demand&) const = default;
};

struct FeedPoint {
    Ampere supply{}, back{};  ///< current in each conductor, positive towards the load
    Volt at_source{}, at_end{};
    Volt drop{};  ///< out and back
    Volt lift{};  ///< of the far end's minus above the source's minus
    Watt heat{};
    Watt sent{};                          ///< leaving the source into this feed
    Celsius copper{20}, copper_back{20};  ///< temperatures of both conductors
};

struct PartPoint {
    Volt volts{};
    Ampere amps{};
    Watt watts{};
    bool limiting = false;  ///< a source that gives all it can
};

struct ConverterPoint {
    Volt in{}, out{};
    Ampere in_amps{}, out_amps{};
    Watt heat{};
    bool dropout = false;   ///< the output follows the input
    bool limiting = false;  ///< at its current limit
    bool locked_out = false;
    bool cycling = false;  ///< runs on no input it can hold: it lets go and starts again
    bool passing = false;  ///< a boost whose input reaches its output past the switch
};

/// A load that gets less than it needs.
struct BrownOut {
    size_t load = 0;
    Volt gets{}, needs{};
    Ohm too_much_ohm{};      ///< what its path has too much for the current it takes
    Ampere too_much_amps{};  ///< what it takes too much for its path
};

struct OperatingPoint {
    bool found = false;  ///< false: none was found; every number is then NaN, shown as a dash
    int iterations = 0;
    double residual = 0;  ///< largest |sum of currents| at a node, A
    double scale = 1;     ///< largest branch current or 1 A
    std::vector<double> node_volts, branch_amps;
    std::vector<double> branch_rise;  ///< K of each branch's copper over the air
    std::vector<FeedPoint> feeds;
    std::vector<PartPoint> sources, hubs, loads;
    std::vector<ConverterPoint> converters;
    std::vector<Ampere> coils;  ///< by coil of the circuit
    std::vector<BrownOut> brown_outs;
    Watt drawn{}, wire_heat{}, converter_heat{}, coil_heat{};
};

}  // namespace sangre
