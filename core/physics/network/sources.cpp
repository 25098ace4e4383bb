#include "physics/network/sources.h"

#include <algorithm>
#include <cmath>

#include "physics/battery/pack.h"

namespace sangre {
namespace {

constexpr double charger_ohm = 0.005;
constexpr double vehicle_battery_ohm = 0.01;
constexpr double copper_ohm_mm2_per_m = 0.0175;
constexpr double typical_drop = 0.3;  // V, at a circuit's fuse rating
constexpr double unknown_circuit_ohm = 0.05;
constexpr double regulation = 0.02;   // of a supply, no load to full load
constexpr double least_limit = 1e-3;  // A, of one that is used up already

SourceLaw pack_law(const Source& pack, const Chemistry& chemistry, const Demand& demand) {
    if (demand.charging) return {raw(pack_charge_voltage(pack, chemistry)), charger_ohm, 0, false};
    const double charge = std::max(0.0, demand.charge - pack.charge_behind);
    return {raw(pack_rest_voltage(pack, chemistry, charge)),
            raw(pack_resistance(pack, chemistry, charge, demand.air)) * demand.battery_scale, 0, false};
}

}  // namespace

Ohm circuit_resistance(const Source& s) {
    if (raw(s.wire_area) > 0 && raw(s.wire_length) > 0)
        return Ohm(vehicle_battery_ohm + 2 * copper_ohm_mm2_per_m * raw(s.wire_length) / raw(s.wire_area));
    return Ohm(raw(s.fuse) > 0 ? typical_drop / raw(s.fuse) : unknown_circuit_ohm);
}

SourceLaw source_law(const Source& s, const Chemistry* chemistry, const Demand& demand) {
    const double volts = std::lerp(raw(s.v_min), raw(s.v_max), std::clamp(demand.charge, 0.0, 1.0));
    switch (s.kind) {
        case SourceKind::pack:
            return chemistry ? pack_law(s, *chemistry, demand) : SourceLaw{};
        case SourceKind::supply: {
            const double rated = std::max(raw(s.rated), least_limit);
            return {volts, std::max(regulation * raw(s.v_max) / rated, 1e-4),
                    std::max(rated * supply_limit - raw(s.already), least_limit), true};
        }
        case SourceKind::circuit:
            return {volts, raw(circuit_resistance(s)), 0, false};
        case SourceKind::panel: {
            // In the dark its controller lets nothing through.
            if (demand.sun <= 0) return {raw(s.v_max), 1e9, 0, false};
            const double limit = raw(s.v_max) > 0 ? raw(s.power) / raw(s.v_max) * demand.sun : 0;
            return {raw(s.v_max), std::max(regulation * raw(s.v_max) / std::max(limit, 0.1), 1e-4),
                    std::max(limit, 1e-6), true};
        }
    }
    return {};
}

}  // namespace sangre
