#pragma once
// What a device in a feed is, whatever its kind: its name, mass and cost in the catalogue.
#include <optional>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

struct DevicePart {
    std::string name;  ///< "standard blade fuse, 10 A"
    Gram mass{};
    double cost = 0;
    Ohm resistance{};  ///< in the supply conductor; of a pre-charge none, its switch bridges it
    Volt voltage{};    ///< it is made for
    Ampere rated{};    ///< it carries for good; of a fuse its rating
};

/// Empty where the catalogue does not hold its type.
std::optional<DevicePart> device_part(const Catalogue& catalogue, const Device& device);

}  // namespace sangre
