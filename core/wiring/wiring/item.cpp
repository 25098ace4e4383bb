#include "wiring/item.h"

#include "protection/fuse_curve.h"
#include "units/format.h"

namespace sangre {

const HolderType* holder_of(const Catalogue& catalogue, const Device& d) {
    return d.kind == DeviceKind::fuse && !d.holder.empty() ? find(catalogue.holders, d.holder) : nullptr;
}

Metre own_lead(const HolderType& holder, const Device& d) { return d.own_lead.value_or(holder.lead_length); }

std::optional<ItemEnds> item_ends(const Catalogue& catalogue, const Device& d) {
    if (const auto* holder = holder_of(catalogue, d))
        return ItemEnds{JointEnd::splice, find(catalogue.wires, holder->lead), own_lead(*holder, d)};
    if (d.kind == DeviceKind::power_switch) {
        const auto* t = find(catalogue.switches, d.type);
        if (t && t->ends) return ItemEnds{*t->ends};
        return {};
    }
    if (!is_inline(d.kind)) return {};
    const auto* t = find(catalogue.inlines, d.type);
    if (!t || !t->ends) return {};
    return ItemEnds{*t->ends, t->lead.empty() ? nullptr : find(catalogue.wires, t->lead),
                    d.own_lead.value_or(t->lead_length)};
}

std::optional<ItemValues> item_values(const Catalogue& catalogue, const Device& d) {
    ItemValues v;
    switch (d.kind) {
        case DeviceKind::fuse: {
            const auto* t = find(catalogue.fuses, d.type);
            if (!t) return {};
            v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = d.rating;
            v.supply = fuse_resistance(*t, d.rating);
            if (const auto* holder = holder_of(catalogue, d)) {
                v.mass = holder->mass, v.cost = holder->cost;
                v.passes = holder->passes, v.opened = holder->opened;
                if (const auto ends = item_ends(catalogue, d); ends && ends->lead) {
                    // A tap is its own slot on one side, and has a lead on the other alone.
                    v.own_leads = Ohm((holder->tap ? 1 : 2) * ends->lead->ohm_per_m * raw(ends->lead_length));
                    v.supply += v.own_leads;
                }
            }
            return v;
        }
        case DeviceKind::power_switch: {
            const auto* t = find(catalogue.switches, d.type);
            if (!t) return {};
            v.mass = t->mass, v.cost = t->cost, v.voltage = t->breaks, v.rated = t->rated;
            v.supply = t->contact;
            if (raw(t->coil) > 0) v.coil = t->coil, v.coil_current = t->coil_current;
            v.opens_above = t->opens_above, v.closes_above = t->closes_above;
            return v;
        }
        case DeviceKind::connector: {
            const auto* t = find(catalogue.connectors, d.type);
            if (!t) return {};
            v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = t->rated;
            v.supply = v.back = t->contact;
            v.passes = t->passes;
            return v;
        }
        case DeviceKind::diode:
        case DeviceKind::filter:
        case DeviceKind::shunt:
        case DeviceKind::precharge: {
            const auto* t = find(catalogue.inlines, d.type);
            if (!t) return {};
            v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = t->rated;
            if (is_inline(d.kind)) v.supply = t->resistance;
            v.bore = t->bore;
            if (const auto ends = item_ends(catalogue, d); ends && ends->lead) {
                v.own_leads = Ohm(2 * ends->lead->ohm_per_m * raw(ends->lead_length));
                v.supply += v.own_leads;
            }
            if (d.kind == DeviceKind::diode) v.forward = t->forward;
            return v;
        }
    }
    return {};
}

std::string item_name(const Catalogue& catalogue, const Device& d) {
    const auto named = [&](const auto& list) {
        const auto* t = find(list, d.type);
        return t ? t->name : d.type;
    };
    switch (d.kind) {
        case DeviceKind::fuse:
            return find(catalogue.fuses, d.type) ? named(catalogue.fuses) + ", " + format(d.rating) : d.type;
        case DeviceKind::power_switch:
            return named(catalogue.switches);
        case DeviceKind::connector:
            return named(catalogue.connectors);
        case DeviceKind::diode:
        case DeviceKind::filter:
        case DeviceKind::shunt:
        case DeviceKind::precharge:
            return named(catalogue.inlines);
    }
    return d.type;
}

const char* kind_word(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::fuse:
            return "fuse";
        case DeviceKind::power_switch:
            return "switch";
        case DeviceKind::connector:
            return "plug";
        case DeviceKind::diode:
            return "diode";
        case DeviceKind::filter:
            return "filter";
        case DeviceKind::shunt:
            return "meter";
        case DeviceKind::precharge:
            return "pre-charge";
    }
    return "";
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

bool is_inline(DeviceKind kind) {
    return kind == DeviceKind::diode || kind == DeviceKind::filter || kind == DeviceKind::shunt;
}

bool parts_the_wire(DeviceKind kind, const ItemValues& values) {
    return kind != DeviceKind::precharge && raw(values.bore) <= 0;
}

}  // namespace sangre
