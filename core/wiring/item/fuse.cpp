#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/parts/wire_size.h"
#include "physics/protection/fuse_curve.h"
#include "wiring/item/item_joint.h"
#include "wiring/item/kinds.h"

namespace sangre {

const HolderType* holder_of(const Catalogue& catalogue, const Device& d) {
    return d.kind == DeviceKind::fuse && !d.holder.empty() ? find(catalogue.holders, d.holder) : nullptr;
}

bool begins_in_tap(const Catalogue& catalogue, const Lead& lead) {
    return std::any_of(lead.devices.begin(), lead.devices.end(), [&](const auto& d) {
        const auto* holder = holder_of(catalogue, d);
        return holder && holder->tap;
    });
}

bool in_block(const Catalogue& catalogue, const Device& d) {
    const auto* holder = holder_of(catalogue, d);
    return holder && holder->ways > 0;
}

Metre own_lead(const HolderType& holder, const Device& d) { return d.own_lead.value_or(holder.lead_length); }

namespace {

std::optional<ItemEnds> fuse_ends(const Catalogue& catalogue, const Device& d) {
    const auto* holder = holder_of(catalogue, d);
    if (!holder || holder->ways > 0) return {};
    return ItemEnds{JointEnd::splice, find(catalogue.wires, holder->lead), own_lead(*holder, d)};
}

std::optional<ItemValues> fuse_values(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.fuses, d.type);
    if (!t) return {};
    ItemValues v;
    v.mass = t->mass, v.cost = t->cost, v.voltage = t->voltage, v.rated = d.rating;
    v.supply = fuse_resistance(*t, d.rating);
    if (const auto* holder = holder_of(catalogue, d); holder && !in_block(catalogue, d)) {
        v.mass = holder->mass, v.cost = holder->cost;
        v.passes = holder->passes, v.opened = holder->opened;
        if (const auto ends = fuse_ends(catalogue, d); ends && ends->lead) {
            // A tap is its own slot on one side, and has a lead on the other alone.
            v.own_leads = Ohm((holder->tap ? 1 : 2) * ends->lead->ohm_per_m * raw(ends->lead_length));
            v.supply += v.own_leads;
        }
    }
    return v;
}

Words fuse_name(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.fuses, d.type);
    return t ? t->name + ", " + format(d.rating) : d.type;
}

/// The fuse itself is judged against its wire; its holder's temperature counts.
std::optional<ItemStands> holder_stands(const Catalogue& catalogue, const Device& d) {
    const auto* t = find(catalogue.fuses, d.type);
    if (!t) return {};
    if (in_block(catalogue, d)) {
        const auto& block = *holder_of(catalogue, d);
        return ItemStands{say("way of the {block}", block.name), block.each, block.voltage, t->hottest};
    }
    return ItemStands{say("holder of the {fuse}", t->name), {}, {}, t->hottest};
}

/// On the bench its lead is joined to the wire; it goes into the slot last of all.
ItemWork tap_work(const ItemPlace& p, const HolderType& tap) {
    return {say("Fuse tap on the {lead}", p.lead()),
            tap.name,
            {say("The {supply} wire begins at the tap's own lead: nothing of it is joined at {part}.",
                 said(p.feed.supply_colour), name_of(p.plan, p.feed.from)),
             say("Both its places stay empty: it goes into the slot last of all.")},
            {"cutters", "strippers"},
            {},
            4};
}

ItemWork holder_work(const ItemPlace& p, const HolderType& holder) {
    if (holder.tap) return tap_work(p, holder);
    const auto* wire = find(p.catalogue.wires, holder.lead);
    ItemWork w{say("Fuse holder in the {lead}", p.lead()),
               holder.name,
               {say("Cut the {supply} lead {place}.", p.feed.supply_colour, p.where()),
                say("Shorten each lead of the holder to {length}{known| ({wire})|}.",
                    format(own_lead(holder, p.device)), wire != nullptr, wire ? size_words(*wire) : "")},
               {"cutters", "strippers"},
               {},
               12};
    return w;
}

ItemWork fuse_work(const ItemPlace& p) {
    if (const auto* holder = holder_of(p.catalogue, p.device)) return holder_work(p, *holder);
    const auto* family = find(p.catalogue.fuses, p.device.type);
    const auto mount = family ? family->mount : FuseMount::holder;
    const auto name = item_name(p.catalogue, p.device);
    const auto cut = say("Cut the {supply} lead {place}", p.feed.supply_colour, p.where());
    if (mount == FuseMount::leads)
        return {say("Fuse in the {lead}", p.lead()),
                name,
                {say("{cut} and solder the fuse in by its own leads.", cut),
                 say("A tube over all of it: its leads are bare.")},
                {to_say("soldering iron"), "cutters", "strippers"},
                {},
                8};
    if (mount == FuseMount::panel)
        return {
            say("Breaker in the {lead}", p.lead()),
            name,
            {say("{cut}; a lug on each of its studs, the side marked LINE or BAT towards the source.", cut),
             say("Leave it open.")},
            {to_say("crimping pliers"), "spanner"},
            {},
            10};
    if (mount == FuseMount::bolted)
        return {say("Fuse holder in the {lead}", p.lead()),
                name,
                {say("{cut}; a lug of the bolts' size on both ends, tube over their barrels.", cut),
                 say("Both under the nuts of the holder for the {rating} fuse. Leave the link out.",
                     format(p.device.rating))},
                {"cutters", to_say("crimping pliers"), "spanner"},
                {},
                15};
    return {say("Fuse holder in the {lead}", p.lead()),
            name,
            {say("{cut} and fit the holder for the {rating} fuse there.", cut, format(p.device.rating)),
             say("Both its leads joined and covered. Leave the fuse out.")},
            {"cutters", "strippers"},
            {},
            8};
}

std::vector<SignStroke> fuse_sign(bool) {
    return {{StrokeKind::box, -3.2, -1.3, 3.2, 1.3}, {StrokeKind::line, -3.2, 0, 3.2, 0}};
}

}  // namespace

const ItemKindRow item_kinds::fuse{DeviceKind::fuse, "fuse",    false,         false,     fuse_values,
                                   fuse_name,        fuse_ends, holder_stands, fuse_work, fuse_sign};

}  // namespace sangre
