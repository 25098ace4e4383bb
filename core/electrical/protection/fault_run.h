#pragma once
// A short as it runs its course: copper warms, the current falls with it, a fuse opens or none does.
#include <optional>
#include <vector>

#include "catalogue/catalogue.h"
#include "physics/wire/thermal.h"

namespace sangre {

/// A feed's conductor that the short flows through.
struct FaultWire {
    const WireThermal* thermal = nullptr;
    double ohm = 0;    ///< of its copper at 20 °C, out and back
    double share = 1;  ///< of the fault current that it carries
    Celsius start{20};
};

struct FaultFuse {
    size_t feed = 0;
    const FuseFamily* family = nullptr;
    Ampere rating{};
    double share = 1;  ///< of the fault current that it carries
};

struct FaultMoment {
    Second time{};
    Ampere current{};
    std::vector<Celsius> wires;  ///< in the order they were given
};

struct FaultRun {
    std::optional<size_t> opener;  ///< the feed whose fuse opens first; none: nothing opens within the hour
    Second time{};                 ///< of its opening; infinite where none does
    Ampere at_first{};             ///< with the wires as warm as they were
    std::vector<Celsius> wires;    ///< when it opens, or settled
    std::vector<FaultMoment> moments;
};

/// Integrates from the instant of the short. `cold`: the current with all copper at 20 °C; where a module or
/// a charger `limited` it, it stays. Otherwise I = E/(R + ΣΔR) with the copper's resistance at its
/// temperature of the moment. A fuse is spent by ∫dt/t_slow(I): at constant current it opens at its slow
/// edge. Wires: lumped heat balance of WireThermal, and for the first 5 s no cooler than the adiabatic limit
/// of IEC 60949 has them. An hour is for good. `moments` are kept only when asked for.
FaultRun run_fault(Ampere cold, Volt open, bool limited, const std::vector<FaultWire>& wires,
                   const std::vector<FaultFuse>& fuses, bool keep_moments = false);

}  // namespace sangre
