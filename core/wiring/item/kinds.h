#pragma once
// One row for each kind of item: how it is looked up, what it is to physics, how it is joined and fitted, its
// sign. A new kind is its word in the plan, a file with its row, and its line in the list.
#include "wiring/item/item.h"
#include "wiring/item/sign.h"
#include "wiring/item/work.h"

namespace sangre {

struct ItemKindRow {
    DeviceKind kind;
    const char* word;        ///< "fuse"
    bool in_series = false;  ///< in the supply and no more than that: no switch, no plug, no fuse
    bool in_both = false;    ///< its sign stands in the return as well
    std::optional<ItemValues> (*values)(const Catalogue&, const Device&) = nullptr;
    Words (*name)(const Catalogue&, const Device&) = nullptr;
    std::optional<ItemEnds> (*ends)(const Catalogue&, const Device&) = nullptr;
    std::optional<ItemStands> (*stands)(const Catalogue&, const Device&) = nullptr;
    ItemWork (*work)(const ItemPlace&) = nullptr;
    std::vector<SignStroke> (*sign)(bool open) = nullptr;
};

const ItemKindRow& item_kind(DeviceKind kind);

namespace item_kinds {
extern const ItemKindRow fuse, power_switch, connector, diode, filter, shunt, precharge, splice;
}

/// The name of the entry of that type, or the bare type.
template <class Entry>
Words entry_name(const std::vector<Entry>& entries, const Device& device) {
    const auto* entry = find(entries, device.type);
    return entry ? Words(entry->name) : Words(device.type);
}

// What kinds made of the catalogue's inline parts have in common.
std::optional<ItemValues> inline_values(const Catalogue& catalogue, const Device& device);
Words inline_name(const Catalogue& catalogue, const Device& device);
std::optional<ItemEnds> inline_ends(const Catalogue& catalogue, const Device& device);
std::optional<ItemStands> inline_stands(const Catalogue& catalogue, const Device& device);
/// The supply cut for it, nothing more.
ItemWork inline_work(const ItemPlace& place);

}  // namespace sangre
