#include "output/files/usual_item.h"

#include <algorithm>

#include "electrical/protection/suiting.h"
#include "plan/source.h"

namespace sangre {
namespace {

/// The smallest of its kind that carries and withstands so much; of none that does, nothing.
Id smallest_inline(const Catalogue& catalogue, InlineKind kind, const ItemNeed& need) {
    const InlinePart* best = nullptr;
    for (const auto& t : catalogue.inlines)
        if (t.kind == kind && t.rated >= need.peak && t.voltage >= need.volts &&
            (!best || t.rated < best->rated))
            best = &t;
    return best ? best->id : Id();
}

std::optional<InlineKind> inline_kind(DeviceKind kind) {
    switch (kind) {
        case DeviceKind::diode:
            return InlineKind::diode;
        case DeviceKind::filter:
            return InlineKind::filter;
        case DeviceKind::shunt:
            return InlineKind::meter;
        case DeviceKind::precharge:
            return InlineKind::precharge;
        default:
            return {};
    }
}

}  // namespace

void take_usual_type(const Plan& plan, const Catalogue& catalogue, const Lead& lead, Device& item) {
    if (!item.type.empty()) return;
    const auto range = sources_range(plan, catalogue);
    ItemNeed need;
    need.volts = range ? range->high : Volt(0), need.everyday = true;
    if (const auto* load = by_id(plan.loads, lead.to))
        need.continuous = load->typical, need.peak = std::max(load->peak, load->typical), need.of_load = true;
    else
        for (const auto& l : plan.loads) need.continuous += l.typical, need.peak += l.typical;
    if (const auto* wire = find(catalogue.wires, lead.wire)) need.wire = wire->area;
    if (item.kind == DeviceKind::fuse) {
        for (const auto& family : catalogue.fuses)
            if (family.voltage >= need.volts && raw(item.rating) > 0 &&
                std::find(family.ratings.begin(), family.ratings.end(), item.rating) !=
                    family.ratings.end()) {
                item.type = family.id;
                return;
            }
    } else if (item.kind == DeviceKind::power_switch) {
        if (const auto* t = cheapest_switch(catalogue, need)) item.type = t->id;
    } else if (item.kind == DeviceKind::connector) {
        if (const auto* t = cheapest_plug(catalogue, need, {})) item.type = t->id;
    } else if (const auto kind = inline_kind(item.kind))
        item.type = smallest_inline(catalogue, *kind, need);
}

}  // namespace sangre
