#include <fmt/format.h>

#include "base/words/list.h"
#include "base/words/say.h"
#include "wiring/item/kinds.h"

namespace sangre {
namespace {

std::optional<ItemValues> plug_values(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.connectors, d.type);
    if (!t) return {};
    ItemValues v;
    v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = t->rated;
    v.supply = v.back = t->contact;
    v.passes = t->passes;
    return v;
}

Words plug_name(const Catalogue& catalogue, const Device& d) { return entry_name(catalogue.connectors, d); }

std::optional<ItemStands> plug_stands(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.connectors, d.type);
    if (!t) return {};
    return ItemStands{t->name, t->rated, t->voltage, t->hottest};
}

ItemWork plug_work(const ItemPlace& p) {
    // Of a cable every core that is used has a pin of its own.
    if (!p.feed.cores.empty()) {
        std::vector<Words> cores;
        for (const auto& c : p.feed.cores)
            if (c.role != CoreRole::unused)
                cores.push_back(said(c.colour) + (c.signal.empty() ? "" : " (" + c.signal + ")"));
        return {
            say("Fit the plug of the {lead}", p.lead()),
            item_name(p.catalogue, p.device),
            {say("Each core to the same pin of both halves: {cores}.", joined(cores, ", ")),
             say("Check both halves against one another before they meet: each is the mirror image of the "
                 "other."),
             say("Tug each contact in its housing.")},
            {"cutters", "strippers"},
            {},
            10};
    }
    return {say("Fit the plug of the {lead}", p.lead()),
            item_name(p.catalogue, p.device),
            {say("The half with covered contacts towards {part}, which stays live when it is open.",
                 name_of(p.plan, p.feed.from)),
             say("The {supply} wire to the pin marked +, the {return_wire} one to the other; check both "
                 "halves before they meet.",
                 p.feed.supply_colour, p.feed.ret == Return::own ? p.feed.return_colour : say("return")),
             say("Tug each contact in its housing.")},
            {"cutters", "strippers"},
            {},
            10};
}

std::vector<SignStroke> plug_sign(bool) {
    return {{StrokeKind::box, -2.2, -1.2, -0.2, 1.2}, {StrokeKind::box, 0.2, -1.2, 2.2, 1.2}};
}

}  // namespace

const ItemKindRow item_kinds::connector{
    DeviceKind::connector, "plug",    false,    true, plug_values, plug_name, nullptr,
    plug_stands,           plug_work, plug_sign};

}  // namespace sangre
