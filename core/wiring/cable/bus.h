#pragma once
// Data buses: leads of data that share parts are one bus, with a resistor at each of its two ends.
#include "plan/plan.h"

namespace sangre {

struct DataBus {
    std::vector<const Lead*> leads;
    std::vector<Id> ends;     ///< parts that one of its leads alone ends at; two in a chain, none in a ring
    bool terminated = false;  ///< all of its leads say so
};

/// In the order of their first leads, as cabled_leads() has them.
std::vector<DataBus> data_buses(const Plan& plan);

/// Ends of a lead that are ends of its bus: those get a resistor.
std::vector<Id> bus_ends_of(const std::vector<DataBus>& buses, const Lead& lead);

}  // namespace sangre
