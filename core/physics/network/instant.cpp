#include "physics/network/instant.h"

#include <cmath>
#include <limits>

#include "physics/network/elements.h"
#include "physics/network/sources.h"
#include "physics/wire/conductor.h"

namespace sangre {

bool warm_to(Instant& now, const std::vector<double>& rise, double least) {
    std::vector<double> siemens(now.copper.size());
    double most = 0;
    for (size_t b = 0; b < siemens.size(); ++b) {
        const double ohm = now.rest[b] + now.copper[b] * temperature_factor(Celsius(now.air + rise[b]));
        siemens[b] = 1 / std::max(ohm, 1e-6);
        if (siemens[b] > 0) most = std::max(most, std::abs(now.conductance[b] / siemens[b] - 1));
    }
    if (most <= least) return false;
    now.conductance = std::move(siemens), now.rise = rise;
    return true;
}

Instant instant_of(const Demand& demand, const Network& network) {
    const auto& circuit = network.circuit;
    Instant now;
    now.air = raw(demand.air), now.brief = demand.brief;
    now.copper.reserve(circuit.branches.size()), now.rest.reserve(circuit.branches.size());
    now.load_amps.reserve(circuit.loads.size());
    const auto is_open = [&](size_t feed) { return feed < demand.open.size() && demand.open[feed]; };
    for (size_t b = 0; b < circuit.branches.size(); ++b) {
        const auto& branch = circuit.branches[b];
        const double off_by = branch.feed < demand.branch_scale.size() ? demand.branch_scale[branch.feed] : 1;
        const double share = circuit.copper_share[b];
        now.copper.push_back(branch.ohm * share * demand.wire_scale * off_by);
        now.rest.push_back(branch.ohm * (1 - share) * off_by);
        // Infinite where it is open.
        if (!branch.in_return && is_open(branch.feed))
            now.rest.back() = std::numeric_limits<double>::infinity();
    }
    now.conductance.assign(circuit.branches.size(), 0);
    warm_to(now, demand.rises.size() == circuit.branches.size() && demand.brief
                     ? demand.rises
                     : std::vector<double>(circuit.branches.size(), 0));
    for (const auto& coil : circuit.coils) now.coils.push_back(is_open(coil.feed) ? 0 : coil.siemens);
    for (size_t i = 0; i < circuit.loads.size(); ++i) {
        const auto state = i < demand.states.size() ? demand.states[i] : LoadState::off;
        double amps = raw(draw(network.loads[i], state));
        const bool starts = i < demand.starting.size() && demand.starting[i];
        const bool held = state == LoadState::stall && network.loads[i].kind == LoadKind::motor;
        now.at_rest.push_back(amps <= 0 ? 0
                              : held    ? raw(winding_resistance(network.loads[i]))
                              : starts  ? raw(start_resistance(network.loads[i]))
                                        : 0);
        now.load_amps.push_back(amps * (i < demand.load_scale.size() ? demand.load_scale[i] : 1));
    }
    for (size_t i = 0; i < circuit.converter_in.size(); ++i)
        now.set_volts.push_back(raw(network.set[i]) *
                                (1 + (demand.converter_offset +
                                      (i < demand.converter_shift.size() ? demand.converter_shift[i] : 0)) *
                                         (network.types[i] ? network.types[i]->tolerance : 0)));
    for (size_t i = 0; i < circuit.sources.size(); ++i) {
        now.sources.push_back(source_law(network.sources[i], network.chemistries[i], demand));
    }
    return now;
}

}  // namespace sangre
