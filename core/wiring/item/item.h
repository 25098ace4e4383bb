#pragma once
// What sits in or on a lead, as physics and the scales take it: one row for each kind of item.
#include <optional>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

struct ItemValues {
    Gram mass{};
    double cost = 0;
    Ohm supply{};         ///< in series with the supply; of a pre-charge none: its switch bridges it
    Ohm back{};           ///< in series with the return, of what parts both
    Volt forward{};       ///< of a diode
    Volt voltage{};       ///< it is made for
    Ampere rated{};       ///< it carries for good; of a fuse its rating
    Millimetre passes{};  ///< the least hole that it goes through as it is; 0 where it is not put through one
    Millimetre opened{};  ///< and taken apart; 0 where it is not taken apart
    Ohm own_leads{};      ///< of `supply`, the copper of its own leads, both together
    Millimetre bore{};    ///< of what closes round the lead, which is then not cut
    Volt coil{};
    Ampere coil_current{};                             ///< that a relay's coil draws at that
    std::optional<Celsius> opens_above, closes_above;  ///< of a thermal switch
    bool operator==(const ItemValues&) const = default;
};

/// The holder that a fuse sits in, with leads of its own, or the block; null for any other item and where
/// none is said.
const HolderType* holder_of(const Catalogue& catalogue, const Device& device);
/// True for a lead whose supply begins in a fuse tap: of its ends there the return alone is joined.
bool begins_in_tap(const Catalogue& catalogue, const Lead& lead);
/// True for a fuse in a way of the block that its lead begins at: no wire is cut for it.
bool in_block(const Catalogue& catalogue, const Device& device);
/// Of each of its leads, as they are cut.
Metre own_lead(const HolderType& holder, const Device& device);

/// What an item has on either side for the wire to be joined to.
struct ItemEnds {
    JointEnd end = JointEnd::splice;
    const WireType* lead = nullptr;  ///< of its own leads; null: lugs, screws or blades
    Metre lead_length{};             ///< of each, as it is cut
};
/// Nothing where its contacts take the wire as they are, or nobody knows.
std::optional<ItemEnds> item_ends(const Catalogue& catalogue, const Device& device);

/// What it withstands, and under which name that is said. What is 0 is not limited by it.
struct ItemStands {
    Words name;
    Ampere rated{};
    Volt voltage{};
    Celsius hottest{1000};  ///< that the conductor in it may be
};
/// Of a fuse its holder's temperature. Nothing where nothing is known to limit.
std::optional<ItemStands> item_stands(const Catalogue& catalogue, const Device& device);

/// Empty where the catalogue does not hold its type.
std::optional<ItemValues> item_values(const Catalogue& catalogue, const Device& device);
/// "standard blade fuse, 10 A"; the bare type where the catalogue does not hold it.
Words item_name(const Catalogue& catalogue, const Device& device);

/// "fuse", "switch", "plug", "diode", "filter", "meter", "pre-charge".
const char* kind_word(DeviceKind kind);

/// True for a switch that warmth moves.
bool is_thermal(const Catalogue& catalogue, const Device& device);
/// True for one that is closed in the cold: it cannot be opened on the bench.
bool is_cut_out(const Catalogue& catalogue, const Device& device);
/// The first switch of a lead that a hand or a control moves; null without one.
const Device* hand_switch(const Catalogue& catalogue, const Lead& lead);

/// Wires of a lead that are in use: its cores but the unused, or its supply and its own return.
size_t used_wires(const Lead& lead);
/// Of those, what is cut for an item of that kind: the supply, or all.
size_t crossing_wires(const Lead& lead, DeviceKind kind);

/// True for what is in series and of no other kind: diode, filter, shunt.
bool is_inline(DeviceKind kind);
/// True where the conductor is cut for it; a pre-charge lies across its switch, a bead closes round the lead.
bool parts_the_wire(DeviceKind kind, const ItemValues& values);

}  // namespace sangre
