#pragma once
// Looking for shorts while nothing is powered: where the probes go, with which switches closed, and what the
// windings, filaments and electronics behind them read.
#include "bench/readings.h"

namespace sangre {

/// With no pack in and every fuse that goes into a holder left out, the wiring falls into stretches. Each is
/// measured from where a probe reaches it: at the pack's plug, a clip across its own fuse holder; at every
/// other empty holder, on the contact towards the load; at the output of a module. In each of them once with
/// its switches open, once along every way to its last switch, and once with all of them closed: what is
/// behind an open switch is seen by nobody. Windows come from what is reached: motors and filaments as they
/// are at rest, behind the resistance of their leads.
std::vector<Reading> short_readings(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

/// What has to be closed by hand for a meter to see through a lead: "Main on", "the pump relay bridged".
Words closed_words(const Catalogue& catalogue, const Device& power_switch);

}  // namespace sangre
