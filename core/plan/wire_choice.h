#pragma once
// Which wire a feed should have, by each school.
#include <optional>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// What a feed asks of its wire.
struct WireNeed {
    Ampere continuous{};
    Volt volts{};    ///< at its source, for the drop
    Metre length{};  ///< one way
    bool own_return = true;
    double drop_limit = 0.03;
    Celsius air{40};
    int bunched = 1;
    Id insulation;
    bool metric = false;
};

/// The thinnest wire of that insulation and standard that the school accepts, not thinner than 24 AWG / 0.2
/// mm², which breaks where it is handled. Null when none in the catalogue is thick enough.
const WireType* choose_wire(const Catalogue& catalogue, const WireNeed& need, WireSchool school);

/// Ampacity in this bundle and air.
Ampere bunched_ampacity(const Catalogue& catalogue, const WireType& wire, Celsius air, int bunched);

/// Share of the voltage lost in the wire, out and back, as warm as its current makes it in that air.
double wire_drop_share(const Catalogue& catalogue, const WireType& wire, const WireNeed& need);

/// The next thicker wire of the same insulation and standard, or null.
const WireType* next_thicker(const Catalogue& catalogue, const WireType& wire);
/// The next thinner one, or null where it would break where it is handled.
const WireType* next_thinner(const Catalogue& catalogue, const WireType& wire);

}  // namespace sangre
