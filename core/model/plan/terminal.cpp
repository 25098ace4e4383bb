#include "plan/terminal.h"

namespace sangre {

const char* role_word(TerminalRole role) {
    switch (role) {
        case TerminalRole::plus:
            return "+";
        case TerminalRole::minus:
            return "−";
        case TerminalRole::out:
            return "out";
        case TerminalRole::signal:
            return "signal";
        case TerminalRole::phase:
            return "phase";
    }
    return "";
}

const char* takes_word(TerminalTakes takes) {
    switch (takes) {
        case TerminalTakes::unsaid:
            return "";
        case TerminalTakes::screw:
            return "screw";
        case TerminalTakes::pad:
            return "pad";
        case TerminalTakes::stud:
            return "stud";
        case TerminalTakes::lever:
            return "lever";
        case TerminalTakes::blade:
            return "blade";
        case TerminalTakes::plug:
            return "plug";
        case TerminalTakes::lead:
            return "lead";
    }
    return "";
}

}  // namespace sangre
