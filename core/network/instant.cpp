#include "network/instant.h"

#include <cmath>

#include "battery/pack.h"
#include "wire/conductor.h"

namespace sangre {
namespace {

constexpr double charger_ohm = 0.005;

}  // namespace

Instant instant_of(const Demand& demand, const Plan& plan, const Circuit& circuit,
                   const std::vector<const ConverterType*>& types,
                   const std::vector<const Chemistry*>& chemistries) {
    Instant now;
    const double warm = temperature_factor(demand.air) * demand.wire_scale;
    now.conductance.reserve(circuit.branches.size());
    now.load_amps.reserve(plan.loads.size());
    for (size_t b = 0; b < circuit.branches.size(); ++b) {
        const auto& branch = circuit.branches[b];
        const bool open = !branch.in_return && branch.feed < demand.open.size() && demand.open[branch.feed];
        const double off_by = branch.feed < demand.branch_scale.size() ? demand.branch_scale[branch.feed] : 1;
        const double ohm = branch.ohm * (1 + circuit.copper_share[b] * (warm - 1)) * off_by;
        now.conductance.push_back(open ? 0 : 1 / std::max(ohm, 1e-6));
    }
    for (size_t i = 0; i < plan.loads.size(); ++i) {
        const auto state = i < demand.states.size() ? demand.states[i] : LoadState::off;
        double amps = raw(draw(plan.loads[i], state));
        if (demand.starting && state == LoadState::peak) amps = std::max(amps, raw(plan.loads[i].start));
        now.load_amps.push_back(amps * (i < demand.load_scale.size() ? demand.load_scale[i] : 1));
    }
    for (size_t i = 0; i < plan.converters.size(); ++i)
        now.set_volts.push_back(raw(plan.converters[i].set) *
                                (1 + (demand.converter_offset +
                                      (i < demand.converter_shift.size() ? demand.converter_shift[i] : 0)) *
                                         (types[i] ? types[i]->tolerance : 0)));
    for (size_t i = 0; i < plan.batteries.size(); ++i) {
        BatterySource s;
        if (const auto* chemistry = chemistries[i]) {
            const auto& b = plan.batteries[i];
            const double charge = std::max(0.0, demand.charge - b.charge_behind);
            s.volts = raw(demand.charging ? pack_charge_voltage(b, *chemistry)
                                          : pack_rest_voltage(b, *chemistry, charge));
            s.ohms = demand.charging
                         ? charger_ohm
                         : raw(pack_resistance(b, *chemistry, charge, demand.air)) * demand.battery_scale;
        }
        now.sources.push_back(s);
    }
    return now;
}

}  // namespace sangre
