#pragma once
// What a bare number of volts is printed for: the battery that the thing runs from.
#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "physics/parts/load.h"

namespace sangre {

/// One way to take a printed voltage.
struct BareVolts {
    double printed = 0;         ///< V
    const char* taken_as = "";  ///< "four lithium cells"; said in the language of the look
    double low = 0, high = 0;   ///< V, empty to charging
    /// Packs that are called so: "nmc" stands for lithium cells of any make.
    struct Pack {
        std::string_view chemistry;
        int series = 0;
    };
    std::array<Pack, 4> packs{};
    const char* chemistry = "";  ///< of a pack that is called so; empty: of none
    int series = 0;              ///< its cells
    bool moved_by_any =
        false;  ///< a motor, a lamp or a heater of that name also runs from fewer lithium cells
    double lowest_of_such = 0;  ///< V, down to which those do
};

/// All readings of that number, the usual one first; none where it is no battery's name, so that the thing
/// asks for a regulated voltage. Source: what makers print on things that run from a battery; typical.
std::vector<BareVolts> readings_of(double volts);

/// The range of a load that a bare number was said of: its usual reading, for motors, lamps and heaters down
/// to what the fewer lithium cells of that name leave. Nothing where the number is no battery's name.
struct BareRange {
    double low = 0, high = 0;
    std::string taken_as;
};
std::optional<BareRange> bare_range(double volts, LoadKind kind);

/// How well a pack is what the load is named after: 1 where it is, 0.5 where it lies within the same range, 0
/// where the load merely runs from it. 1 of a load that names no battery.
double named_after(const Load& load, std::string_view chemistry, int series, Volt empty);

/// True where the load's range is what its bare nominal voltage would give it.
bool has_bare_range(const Load& load);

}  // namespace sangre
