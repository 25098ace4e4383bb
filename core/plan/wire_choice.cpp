#include "plan/wire_choice.h"

#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "physics/wire/thermal.h"

namespace sangre {
namespace {

constexpr double thinnest_mm2 = 0.2;

}  // namespace

Ampere bunched_ampacity(const Catalogue& catalogue, const WireType& wire, Celsius air, int bunched) {
    const auto* insulation = find(catalogue.insulations, wire.insulation);
    return insulation ? ampacity(wire, *insulation, air) * bunching_factor(bunched) : Ampere(0);
}

double wire_drop_share(const Catalogue& catalogue, const WireType& wire, const WireNeed& need) {
    const auto* insulation = find(catalogue.insulations, wire.insulation);
    const Celsius warm =
        insulation ? thermal_of(wire, *insulation, need.air, 1)->steady(need.continuous) : need.air;
    const double ohm =
        wire.ohm_per_m * raw(need.length) * (need.own_return ? 2 : 1) * temperature_factor(warm);
    return raw(need.volts) > 0 ? raw(need.continuous) * ohm / raw(need.volts) : 0;
}

const WireType* choose_wire(const Catalogue& catalogue, const WireNeed& need, WireSchool school) {
    for (const auto& w : catalogue.wires) {
        if (w.insulation != need.insulation || w.metric != need.metric || raw(w.area) < thinnest_mm2 ||
            !w.usual)
            continue;
        bool carries = false;
        switch (school) {
            case WireSchool::temperature:
                carries = true;
                break;
            case WireSchool::drop:
                carries = wire_drop_share(catalogue, w, need) <= need.drop_limit;
                break;
            case WireSchool::cautious:
                carries = cautious_current(w.area) >= need.continuous;
                break;
            case WireSchool::bold:
                carries = bold_current(w.area) >= need.continuous;
                break;
        }
        // The rules of thumb stand alone; the others never let the wire cook itself.
        const bool physics = school == WireSchool::temperature || school == WireSchool::drop;
        if (carries && physics)
            carries = bunched_ampacity(catalogue, w, need.air, need.bunched) >= need.continuous;
        if (carries) return &w;
    }
    return nullptr;
}

const WireType* next_thinner(const Catalogue& catalogue, const WireType& wire) {
    const WireType* best = nullptr;
    for (const auto& w : catalogue.wires)
        if (w.insulation == wire.insulation && w.metric == wire.metric && w.usual && w.area < wire.area &&
            raw(w.area) >= thinnest_mm2)
            best = &w;  // in the catalogue's order, thin to thick
    return best;
}

const WireType* next_thicker(const Catalogue& catalogue, const WireType& wire) {
    for (const auto& w : catalogue.wires)
        if (w.insulation == wire.insulation && w.metric == wire.metric && w.usual && w.area > wire.area)
            return &w;
    return nullptr;
}

}  // namespace sangre
