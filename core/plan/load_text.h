#pragma once
// A load typed the way people say it: "Fog pump 12V 4.6A start 14A 0.4s noisy".
#include <string>
#include <vector>

#include "plan/plan.h"
#include "units/parse.h"

namespace sangre {

/// What was understood, as one chip: the text to show and the words it came from (byte offsets).
struct LoadChip {
    enum class Kind { voltage, current, pulse, manner } kind;
    std::string text;
    size_t begin = 0, end = 0;
};

struct LoadText {
    Load load;  ///< complete when `problems` is empty
    std::vector<LoadChip> chips;
    std::vector<ParseError> problems;
    bool complete() const { return problems.empty(); }
};

/// Reads a load line. The name is what stands before the first quantity or keyword. Understands voltages ("12
/// V", "7–26V", "12V ±10 %"), currents, powers, resistances, "idle", "peak … for …", "start … for …", "always
/// on", "vital", "noisy", "sensitive", "transmitter", "switched", "motor" (whose "stall" is its winding),
/// "LED", "starter", "assumed". A lone voltage is taken ±5 %. Every problem has its place and what would be
/// right.
LoadText parse_load(std::string_view text);

/// The chips that describe a load.
std::vector<LoadChip> load_chips(const Load& load);

/// The line that parse_load reads back as the same load (id, place and kept keys excepted).
std::string load_line(const Load& load);

}  // namespace sangre
