// What a diode, a filter, a meter and a pre-charge have in common.
#include <fmt/format.h>

#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {

std::optional<ItemEnds> inline_ends(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.inlines, d.type);
    if (!t || !t->ends) return {};
    return ItemEnds{*t->ends, t->lead.empty() ? nullptr : find(catalogue.wires, t->lead),
                    d.own_lead.value_or(t->lead_length)};
}

std::optional<ItemValues> inline_values(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.inlines, d.type);
    if (!t) return {};
    ItemValues v;
    v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = t->rated;
    v.supply = t->resistance;
    v.bore = t->bore;
    if (const auto ends = inline_ends(catalogue, d); ends && ends->lead) {
        v.own_leads = Ohm(2 * ends->lead->ohm_per_m * raw(ends->lead_length));
        v.supply += v.own_leads;
    }
    return v;
}

Words inline_name(const Catalogue& catalogue, const Device& d) { return entry_name(catalogue.inlines, d); }

std::optional<ItemStands> inline_stands(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.inlines, d.type);
    if (!t) return {};
    return ItemStands{t->name, t->rated, t->voltage};
}

ItemWork inline_work(const ItemPlace& p) {
    return {say("In the {lead}: {item_name}", p.lead(), item_name(p.catalogue, p.device)),
            p.where(),
            {say("Cut the {supply} lead {place} and join both ends.", p.feed.supply_colour, p.where())},
            {"cutters", "strippers"},
            {},
            8};
}

}  // namespace sangre
