#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

std::optional<ItemValues> switch_values(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.switches, d.type);
    if (!t) return {};
    ItemValues v;
    v.mass = t->mass, v.cost = t->cost, v.voltage = t->breaks, v.rated = t->rated;
    v.supply = t->contact;
    if (raw(t->coil) > 0) v.coil = t->coil, v.coil_current = t->coil_current;
    v.opens_above = t->opens_above, v.closes_above = t->closes_above;
    return v;
}

Words switch_name(const Catalogue& catalogue, const Device& d) { return entry_name(catalogue.switches, d); }

std::optional<ItemEnds> switch_ends(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.switches, d.type);
    if (t && t->ends) return ItemEnds{*t->ends};
    return {};
}

std::optional<ItemStands> switch_stands(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.switches, d.type);
    if (!t) return {};
    return ItemStands{t->name, t->rated, t->breaks, t->hottest};
}

ItemWork switch_work(const ItemPlace& p) {
    const auto* type = find(p.catalogue.switches, p.device.type);
    const auto kind = type ? type->kind : SwitchKind::manual;
    ItemWork w{say("{device} switch in the {lead}", p.device.name.empty() ? "A" : p.device.name, p.lead()),
               item_name(p.catalogue, p.device),
               {say("Cut the {supply} lead {place}; one end on each contact, a tube over both.",
                    p.feed.supply_colour, p.where())},
               {"cutters", "strippers"},
               {},
               8};
    if (kind == SwitchKind::relay) {
        w.actions.push_back(say("Its coil: + {plus}, − {minus} to the return.",
                                p.device.coil_from.empty()
                                    ? say("from before its contact")
                                    : say("from the supply of {part}", name_of(p.plan, p.device.coil_from)),
                                p.device.control.empty()
                                    ? say("through what switches it")
                                    : say("through {way}", name_of(p.plan, p.device.control))));
        w.actions.push_back(
            say("Across the coil a diode, its band to the coil's +, unless it has one inside."));
    }
    if (kind == SwitchKind::thermal) {
        w.actions.push_back(
            p.device.sits_on.empty()
                ? say("Hang it in the air that it watches, its leads short, nothing warm beside it.")
                : say("Fasten it flat on {part}, a smear of thermal paste between, where that is warmest.",
                      name_of(p.plan, p.device.sits_on)));
        w.caution =
            say("The metal case of a thermal switch may be live: keep it from the frame with film or tube.");
    }
    return w;
}

std::vector<SignStroke> switch_sign(bool open) {
    return {{StrokeKind::box, -3, -1.2, 3, 1.2, 0, true},
            {StrokeKind::dot, -3, 0, 0.6, 0},
            {StrokeKind::dot, 3, 0, 0.6, 0},
            {StrokeKind::line, -3, 0, open ? 2.4 : 3, open ? -2.0 : 0, 0.45}};
}

}  // namespace

const ItemKindRow item_kinds::power_switch{DeviceKind::power_switch,
                                           "switch",
                                           false,
                                           false,
                                           switch_values,
                                           switch_name,
                                           switch_ends,
                                           switch_stands,
                                           switch_work,
                                           switch_sign};

}  // namespace sangre
