#pragma once
// A load typed the way people say it: "Fog pump 12V 4.6A start 14A 0.4s noisy".
#include <string>
#include <vector>

#include "base/units/parse.h"
#include "plan/plan.h"

namespace sangre {

/// What was understood, as one chip: the text to show and the words it came from (byte offsets).
struct LoadChip {
    enum class Kind { voltage, current, pulse, manner } kind;
    std::string text;
    size_t begin = 0, end = 0;
    bool assumed = false;  ///< not said: taken from its name, or from a voltage that is a battery's name
};

/// How many alike were said, and by which words.
struct HowMany {
    int count = 1;
    size_t begin = 0, end = 0;  ///< byte offsets; equal where it was not said
};

struct LoadText {
    Load load;  ///< complete when `problems` is empty
    std::vector<LoadChip> chips;
    std::vector<ParseError> problems;
    HowMany how_many{};
    bool complete() const { return problems.empty(); }
    /// All that were said, named "Servo 1" and "Servo 2"; one as it is called.
    std::vector<Load> each() const;
};

/// Of those that are said at once at the most: "64 lamps".
inline constexpr int most_alike = 64;

/// The name of the nth of several alike, from 1: "Servo 2".
std::string nth_name(const std::string& name, int nth);

/// Reads a load line. The name is what stands before the first quantity or keyword. Understands voltages ("12
/// V", "7–26V", "12..15V", "12V ±10 %"), currents, powers, resistances, "idle", "peak … for …", "start … for
/// …", "always on", "vital", "noisy", "sensitive", "transmitter", "switched", "motor" (whose "stall" is its
/// winding and which may have a "bridge" of ohms or volts before it), "LED", "starter",
/// "igniter", "heat elsewhere" (what it draws warms something else), "assumed",
/// "constant-current", "constant-power", "resistive". A kind's word counts in the name too: "Drive motor". A
/// lone voltage that is a battery's name, such as 12 or 14.8 V, is that battery's from empty to charging
/// (bare_volts.h) unless it is "regulated"; any other is taken ±5 %. "2 servos 5V 1A", "Servo 5 V 1 A x2" are
/// two alike. Every problem has its place and what would be right.
LoadText parse_load(std::string_view text);

/// The kind that a load's name says, if it says one: "Drive motor", not "Motor controller".
std::optional<LoadKind> kind_said_by_name(const std::string& name);

/// The chips that describe a load. What was not said but taken from its name or a bare voltage is so marked.
std::vector<LoadChip> load_chips(const Load& load);

/// What was taken for granted of a load, and the other way to take it.
struct OtherWay {
    std::string label;  ///< "12 V is regulated: 11.4 – 12.6 V"
    Load load;          ///< taken that way
};
std::vector<OtherWay> other_ways(const Load& load);

/// A load as its newly typed line has it; what no line says is kept.
Load with_line(const Load& before, Load typed);

/// The line that parse_load reads back as the same load (id, place and kept keys excepted).
std::string load_line(const Load& load);

}  // namespace sangre
