#pragma once
// One feed laid out from its source to its end: every joint, device and wire on it, with the volts along the
// way.
#include "physics/network/circuit.h"
#include "wiring/network/solver.h"

namespace sangre {

enum class StripKind { source, joint, device, wire, end };

struct StripItem {
    StripKind kind = StripKind::device;
    Id device;        ///< of a device
    DeviceKind is{};  ///< of a device
    Words name;       ///< "standard blade fuse, 10 A", "0.75 m of 22 AWG", "soldered lap splice"
    Ohm supply{}, back{};
    Volt drop{};             ///< in both conductors, at the current of the moment
    Volt before{}, after{};  ///< plus to minus at its two ends
};

struct FeedStrip {
    std::vector<StripItem> items;  ///< source first, end last
    Ampere amps{};                 ///< into it from the source
};

/// The strip at an operating point of the plan, its copper as warm as it is there. The drops add up to the
/// feed's.
FeedStrip feed_strip(const Plan& plan, const Catalogue& catalogue, const OperatingPoint& point,
                     const Wiring& wiring, size_t feed);

}  // namespace sangre
