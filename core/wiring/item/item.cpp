#include "wiring/item/item.h"

#include <algorithm>
#include <array>

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {

const ItemKindRow& item_kind(DeviceKind kind) {
    static const std::array rows{&item_kinds::fuse,      &item_kinds::power_switch, &item_kinds::connector,
                                 &item_kinds::diode,     &item_kinds::filter,       &item_kinds::shunt,
                                 &item_kinds::precharge, &item_kinds::splice};
    return **std::find_if(rows.begin(), rows.end(), [&](const auto* row) { return row->kind == kind; });
}

std::optional<ItemEnds> item_ends(const Catalogue& catalogue, const Device& d) {
    const auto& row = item_kind(d.kind);
    return row.ends ? row.ends(catalogue, d) : std::nullopt;
}

std::optional<ItemValues> item_values(const Catalogue& catalogue, const Device& d) {
    return item_kind(d.kind).values(catalogue, d);
}

std::optional<ItemStands> item_stands(const Catalogue& catalogue, const Device& d) {
    const auto& row = item_kind(d.kind);
    return row.stands ? row.stands(catalogue, d) : std::nullopt;
}

Words item_name(const Catalogue& catalogue, const Device& d) { return item_kind(d.kind).name(catalogue, d); }

const char* kind_word(DeviceKind kind) { return item_kind(kind).word; }

ItemWork item_work(const ItemPlace& place) { return item_kind(place.device.kind).work(place); }

std::vector<SignStroke> item_sign(DeviceKind kind, bool open) { return item_kind(kind).sign(open); }
bool sits_in_both(DeviceKind kind) { return item_kind(kind).in_both; }

size_t used_wires(const Lead& lead) {
    if (lead.cores.empty()) return lead.ret == Return::own ? 2 : 1;
    return static_cast<size_t>(std::count_if(lead.cores.begin(), lead.cores.end(),
                                             [](const auto& c) { return c.role != CoreRole::unused; }));
}

size_t crossing_wires(const Lead& lead, DeviceKind kind) { return sits_in_both(kind) ? used_wires(lead) : 1; }

Words ItemPlace::lead() const { return say("{part} lead", name_of(plan, feed.to)); }

Words ItemPlace::where() const {
    const auto from = name_of(plan, feed.from);
    if (device.at && raw(*device.at) >= 0.005) return say("{at} from {part}", format(*device.at), from);
    return device.at || device.kind == DeviceKind::fuse ? say("as close to {from} as possible", from)
                                                        : say("where it is to sit");
}

bool is_thermal(const Catalogue& catalogue, const Device& d) {
    const auto* t = d.kind == DeviceKind::power_switch ? find(catalogue.switches, d.type) : nullptr;
    return t && t->kind == SwitchKind::thermal;
}

bool is_cut_out(const Catalogue& catalogue, const Device& d) {
    return is_thermal(catalogue, d) && find(catalogue.switches, d.type)->opens_above;
}

const Device* hand_switch(const Catalogue& catalogue, const Lead& lead) {
    for (const auto& d : lead.devices)
        if (d.kind == DeviceKind::power_switch && !is_thermal(catalogue, d)) return &d;
    return nullptr;
}

bool is_inline(DeviceKind kind) { return item_kind(kind).in_series; }

bool parts_the_wire(DeviceKind kind, const ItemValues& values) {
    return kind != DeviceKind::precharge && raw(values.bore) <= 0;
}

}  // namespace sangre
