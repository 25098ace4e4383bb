#pragma once
// One question, one answer: the core's functions for the bench, without a plan.
#include <string>
#include <tl/expected.hpp>
#include <utility>
#include <vector>

#include "base/why.h"
#include "catalogue/catalogue.h"

namespace sangre {

/// The answer in one sentence, the arithmetic behind it, and the numbers for scripts with their unit in the
/// name.
struct Calculation {
    std::string answer;
    Why why;
    std::vector<std::pair<std::string, double>> values;
};
/// The error says what was asked wrongly and what would be right.
using Answer = tl::expected<Calculation, std::string>;

/// Temperatures that may be asked about: beyond them the models say nothing.
inline constexpr Celsius coldest_asked{-60}, hottest_asked{300};

struct WireQuestion {
    std::string size = "14 AWG", insulation = "pvc-80", material = "copper";
    Celsius air{30};
    Metre altitude{};
    Millimetre sleeve{};
    int bunch = 1;
    int conductors = 1;
    Ampere current{};  ///< 0: only what it carries
    Metre length{};    ///< one way
    Volt volts{};      ///< to say the drop as a share
    bool solid = false;
};
/// What a wire carries and, with a current and a length, how warm it gets and what it drops.
Answer calc_wire(const Catalogue& catalogue, const WireQuestion& q);

struct FuseQuestion {
    std::string family = "standard-blade";
    Ampere rating{}, current{};
    Celsius air{23};
    Second pulse{};  ///< 0: for good
};
/// When a fuse opens at a current, what it carries, and whether it rides a pulse.
Answer calc_fuse(const Catalogue& catalogue, const FuseQuestion& q);

struct ShortQuestion {
    Volt volts{};
    Ohm source{};
    std::string size = "14 AWG", insulation = "pvc-80";
    Metre length{};
    std::string family = "standard-blade";
    Ampere rating{};
    Celsius start{30};
};
/// A bolted short at the far end: the current, when the fuse opens, how warm the wire gets.
Answer calc_short(const Catalogue& catalogue, const ShortQuestion& q);

struct TubeQuestion {
    Millimetre pass{}, hold{}, joint{};
    bool adhesive = false;
};
/// The tube that slips over and grips, and the length to cut.
Answer calc_tube(const Catalogue& catalogue, const TubeQuestion& q);

/// The hole that a bundle of "3x2.1mm" and such passes.
Answer calc_hole(const std::vector<std::string>& bundles);

struct BatteryQuestion {
    std::string chemistry = "lfp";
    int series = 4, parallel = 1;
    AmpereHour capacity{};
    Ampere current{};
    Celsius air{20};
    double charge = 1;
};
/// Voltages, sag and run time of a pack.
Answer calc_battery(const Catalogue& catalogue, const BatteryQuestion& q);

struct FilterQuestion {
    Henry inductance{};
    Farad capacitance{};
    Ohm resistance{}, esr{};
    Ampere current{}, peak{}, saturation{};
    Hertz noise{};
};
Answer calc_filter(const FilterQuestion& q);

/// Spark of plugging in, and the resistor against it.
Answer calc_precharge(Volt volts, Farad capacitance, Ohm loop, Second within);

/// The wire of that size, insulation and build; the error lists the nearest sizes there are.
tl::expected<WireType, std::string> wire_of_size(const Catalogue& catalogue, const std::string& size,
                                                 const std::string& insulation,
                                                 const std::string& material = "copper", bool solid = false);

}  // namespace sangre
