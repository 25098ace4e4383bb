#pragma once
// The named points of a part that leads land on.
#include <array>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/say.h"

namespace sangre {

/// What a terminal is for: supply (of a module its input), return, a module's output, a signal, a motor's
/// phase.
enum class TerminalRole { plus, minus, out, signal, phase };
constexpr auto names(TerminalRole) {
    return std::to_array<std::pair<TerminalRole, std::string_view>>({{TerminalRole::plus, "+"},
                                                                     {TerminalRole::minus, "-"},
                                                                     {TerminalRole::out, "out"},
                                                                     {TerminalRole::signal, "signal"},
                                                                     {TerminalRole::phase, "phase"}});
}
/// What it takes a wire by.
enum class TerminalTakes { unsaid, screw, pad, stud, lever, blade, plug, lead };
constexpr auto names(TerminalTakes) {
    return std::to_array<std::pair<TerminalTakes, std::string_view>>(
        {{TerminalTakes::unsaid, to_say("unsaid")},
         {TerminalTakes::screw, to_say("screw")},
         {TerminalTakes::pad, to_say("pad")},
         {TerminalTakes::stud, to_say("stud")},
         {TerminalTakes::lever, to_say("lever")},
         {TerminalTakes::blade, to_say("blade")},
         {TerminalTakes::plug, to_say("plug")},
         {TerminalTakes::lead, to_say("lead")}});
}

struct Terminal {
    std::string name;  ///< as it is printed there: "V+", "GND", "M1"
    TerminalRole role = TerminalRole::plus;
    TerminalTakes takes = TerminalTakes::unsaid;
    Millimetre size{};  ///< bore of a screw or lever, width of a pad or blade, thread of a stud; 0: not known
    Millimetre along{};   ///< of a pad: its other side, along which the wire lies; 0: not known
    std::string where{};  ///< in words, seen from where it is wired: "left", "middle, behind"
    int wires = 1;        ///< that it takes at once
    std::string extra{};
    bool operator==(const Terminal&) const = default;
};

/// "+", "−", "out", "signal", "phase".
const char* role_word(TerminalRole role);

}  // namespace sangre
