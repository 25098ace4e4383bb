#pragma once
// A source as physics takes it.
#include <array>
#include <string>
#include <string_view>
#include <utility>

#include "base/units/quantity.h"
#include "physics/parts/id.h"

namespace sangre {

/// What power comes from: cells of one's own; a brick or a built-in low-voltage output; a circuit of the
/// vehicle that is there already; a solar panel with its charge controller.
enum class SourceKind { pack, supply, circuit, panel };
constexpr auto names(SourceKind) {
    return std::to_array<std::pair<SourceKind, std::string_view>>({{SourceKind::pack, "pack"},
                                                                   {SourceKind::supply, "supply"},
                                                                   {SourceKind::circuit, "circuit"},
                                                                   {SourceKind::panel, "panel"}});
}

/// What keeps a pack where it is when the machine moves.
enum class Held { unsaid, strap, bracket, tray };
constexpr auto names(Held) {
    return std::to_array<std::pair<Held, std::string_view>>(
        {{Held::unsaid, "unsaid"}, {Held::strap, "strap"}, {Held::bracket, "bracket"}, {Held::tray, "tray"}});
}

struct Source {
    Id id;
    std::string name;
    Id chemistry;
    int series = 1;
    int parallel = 1;
    AmpereHour cell_capacity{};
    Id place;
    std::string extra;
    double health = 1;             ///< share of the printed capacity that is left
    double resistance_factor = 1;  ///< of age: internal resistance over that of a new pack
    double weakest_cell = 1;       ///< capacity of the weakest cell over that of the others
    double charge_behind = 0;      ///< how far its charge lies below the plan's, 0 to 1
    SourceKind kind = SourceKind::pack;
    // Of what is no pack:
    Volt v_min{}, v_max{};  ///< between which it moves; of a panel what its controller charges up to, at both
    Ampere rated{};         ///< printed on a supply
    Ampere already{};       ///< that a supply or circuit feeds besides
    Ampere fuse{};          ///< of a circuit: that it hangs on; 0: not known
    Id fuse_type{};         ///< its family
    SquareMillimetre wire_area{};      ///< of its copper from there on; 0: not known
    Metre wire_length{};               ///< one way, to the tap; 0: not known
    bool with_key = false;             ///< of a circuit: live with the key alone, else always
    Watt power{};                      ///< of a panel in full sun
    double sun_low = 0, sun_high = 0;  ///< hours of full sun that a poor and a good day are worth
    // Of a pack, what it is charged by:
    Volt charger{};            ///< at which its charger ends; 0: not known
    Ampere charger_current{};  ///< that it gives
    Ohm cell_resistance{};  ///< of one new cell, charged, 20 °C, as its data sheet has it; 0: its chemistry's
    double c_rate = 0;      ///< continuous, multiples of capacity per hour, as printed; 0: its chemistry's
    double burst_c = 0;     ///< for ten seconds, as printed; 0: half as much again, or its chemistry's
    Held held = Held::unsaid;  ///< of a pack
    bool operator==(const Source&) const = default;
};

}  // namespace sangre
