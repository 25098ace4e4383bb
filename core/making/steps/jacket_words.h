#pragma once
// What goes over all wires of a lead, as the hands put it on.
#include <string>

#include "electrical/figures.h"

namespace sangre {

/// "Slide 0.83 m of braid over all of it, …"; of a sheath how it is taken off at its ends. Empty where
/// nothing is over them. `lead` as the wiring counts them.
Words jacket_action(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t lead);

/// " braid": what is over all wires, for what is done to be known again by; empty without.
std::string jacket_stamp(const Lead& lead);

}  // namespace sangre
