#pragma once
// What the meter should read, where, and in which switch state.
#include <tl/expected.hpp>

#include "electrical/figures.h"

namespace sangre {

enum class ReadingUnit { ohm, volt, ampere };

/// What a reading is of: what a wrong one means depends on it.
enum class ReadingOf {
    lead,          ///< end to end
    core,          ///< of a cable, end to end
    core_out,      ///< one that has to be out
    bus_pair,      ///< across a data bus
    short_closed,  ///< plus to minus, nothing powered, every switch on the way closed
    short_open,    ///< the same with some of them open
    source,        ///< at rest
    source_off,    ///< a circuit without its key
    module,        ///< its output
    plug_empty,
    plug_running,
    behind_switch,  ///< that is open
    standing,       ///< current with everything off
    passive,        ///< across a part that draws nothing
    thermal,        ///< across a thermal switch, in the cold or warmed
    igniter,        ///< alone and unplugged
    own
};

struct Reading {
    ReadingOf of = ReadingOf::own;
    std::string key;    ///< stable: "plug/load-fog-pump/running"
    bool live = false;  ///< with power on
    Words title;
    Words state;       ///< switches and loads, in words
    Words red, black;  ///< where the probes go
    ReadingUnit unit = ReadingUnit::volt;
    /// Window; an infinite high means "or open". Both not a number where nothing can be expected: why says
    /// why.
    double low = 0, high = 0;
    Id about;
    Why why;
};

enum class Verdict { missing, pass, low, high };

inline bool outside(Verdict v) { return v == Verdict::low || v == Verdict::high; }

/// Judges a measured value: `missing` where there is no window; an open circuit passes where the window has
/// no upper end, and is high elsewhere.
Verdict judge(const Reading& reading, const Measured& measured);

/// What a meter shows, as it is typed or pasted: "12.2", "80 mA", "38k"; “open”, OL or ∞ for an open circuit.
tl::expected<Measured, Words> read_meter(const Reading& reading, const std::string& typed,
                                         const std::string& when);
/// "Hub + to Pump + (a clip on its fuse holder): 0.2 Ω, inside < 0.4 Ω", for the log.
Words record_text(const Reading& reading, const Measured& measured);

/// "11.5 – 12.2 V", "> 1 kΩ", "< 0.5 Ω".
Words window_text(const Reading& reading);
Words value_text(const Reading& reading, const Measured& measured);

/// All readings in the order they are taken: dead before live. Windows cover charge 10 – 100 %, module
/// tolerance, ±2 % copper and the meter's own error.
std::vector<Reading> bench_readings(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

/// What a reading outside its window most likely means, likeliest first. Empty when it passes.
std::vector<Words> suspects(const Plan& plan, const Catalogue& catalogue, const Reading& reading,
                            Verdict verdict);

}  // namespace sangre
