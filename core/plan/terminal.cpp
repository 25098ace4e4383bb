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

}  // namespace sangre
