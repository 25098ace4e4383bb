#pragma once
// How far what a cable speaks goes, and what disturbs it.
#include <vector>

#include "base/units/quantity.h"
#include "plan/signal.h"

namespace sangre {

struct SignalLimits {
    SignalKind kind;
    const char* word;  ///< "I²C bus"
    Metre most{};      ///< typical; beyond it errors are to be expected. 0: not known
    Volt noise{};      ///< that it bears between its pair before it is disturbed, typical. 0: not known
    Ohm across{};      ///< of sender and receiver in parallel, typical
    bool differential = false;  ///< its receiver takes the difference of a pair of its own
    const char* source = "";
    const char* further = "";  ///< what helps where it must go further
};

/// One row a kind, in the order of SignalKind.
const std::vector<SignalLimits>& signal_limits();
const SignalLimits& limits_of(SignalKind kind);

}  // namespace sangre
