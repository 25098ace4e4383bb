#pragma once
// What is written on the ends of wires, and stands for them on every list and drawing.
#include <string>

#include "plan/plan.h"

namespace sangre {

/// "W3", or the number of its cable among all, "C2".
std::string lead_label(const Plan& plan, size_t feed);
/// The same of a cable by its place among all that have cores.
std::string cable_label(size_t cable);

/// The label at both ends of a feed's wires: "W3+" and "W3−" by its place in the plan; "/2" behind it for the
/// second of several alike.
std::string wire_label(size_t feed, bool in_return, int number = 1, int alike = 1);

}  // namespace sangre
