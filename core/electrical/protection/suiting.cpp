#include "electrical/protection/suiting.h"

#include <algorithm>

#include "physics/protection/inrush.h"

namespace sangre {
namespace {

constexpr double switch_spare = 1.25, brief_share = 1.5;

}  // namespace

ItemNeed item_need(const FeedProtection& p, const FeedExtremes& worst) {
    return {worst.continuous,
            worst.peak,
            p.family ? p.rating : Ampere(0),
            worst.highest_source,
            p.wire ? p.wire->area : SquareMillimetre(0),
            p.warm};
}

bool carries(Ampere rated, const ItemNeed& need) {
    return rated >= std::max(need.fuse, need.continuous) && rated * brief_share >= need.peak;
}

const SwitchType* cheapest_switch(const Catalogue& catalogue, const ItemNeed& need,
                                  const SwitchType* instead) {
    const auto serves = [&](const SwitchType& s) {
        if (!instead || (instead->kind != SwitchKind::thermal && instead->kind != SwitchKind::relay))
            return s.kind != SwitchKind::thermal && s.kind != SwitchKind::relay;
        return s.kind == instead->kind && s.coil == instead->coil && s.opens_above == instead->opens_above &&
               s.closes_above == instead->closes_above;
    };
    // What its wires are joined at carries the fuse beside it, too.
    const auto ends_carry = [&](const SwitchType& s) {
        if (!s.ends) return true;
        return std::any_of(catalogue.joints.begin(), catalogue.joints.end(), [&](const auto& j) {
            return j.end == *s.ends &&
                   (raw(j.rated) <= 0 || j.rated >= std::max(need.fuse, need.continuous)) &&
                   (raw(need.wire) <= 0 || j.most >= need.wire);
        });
    };
    // A hand moves a toggle or a rocker; a remote one needs its button; an isolator is turned; a key is
    // pulled.
    const auto rank = [&](const SwitchType& s) {
        if (!need.everyday) return 0;
        if (s.kind == SwitchKind::manual) return 0;
        return (s.kind == SwitchKind::isolator) == need.of_load ? 2 : 1;
    };
    const SwitchType* best = nullptr;
    for (const auto& s : catalogue.switches) {
        if (need.everyday && s.kind == SwitchKind::loop) continue;
        if (carries(s.rated, need) && s.rated >= need.continuous * switch_spare && s.breaks >= need.volts &&
            s.hottest >= need.warm && serves(s) && ends_carry(s) &&
            (!best || std::pair(rank(s), s.cost) < std::pair(rank(*best), best->cost)))
            best = &s;
    }
    return best;
}

const InlinePart* suiting_precharge(const Catalogue& catalogue, Volt volts, Farad capacitance) {
    const auto wanted = precharge(volts, capacitance);
    const InlinePart *best = nullptr, *smallest = nullptr;
    for (const auto& t : catalogue.inlines) {
        if (t.kind != InlineKind::precharge) continue;
        if (t.resistance <= wanted.resistor * 1.01 && (!best || t.resistance > best->resistance)) best = &t;
        if (!smallest || t.resistance < smallest->resistance) smallest = &t;
    }
    return best ? best : smallest;
}

const InlinePart* suiting_filter(const Catalogue& catalogue, const ItemNeed& need) {
    const InlinePart* best = nullptr;
    for (const auto& t : catalogue.inlines)
        if (t.kind == InlineKind::filter && raw(t.capacitance) > 0 && carries(t.rated, need) &&
            t.voltage >= need.volts && (raw(t.saturation) <= 0 || t.saturation >= need.peak) &&
            (!best || t.cost < best->cost))
            best = &t;
    return best;
}

const ConnectorType* cheapest_plug(const Catalogue& catalogue, const ItemNeed& need, const PlugWish& wish) {
    const ConnectorType* best = nullptr;
    for (const auto& t : catalogue.connectors)
        if (t.plug && (t.pack || !wish.pack) && t.poles == 2 && t.keyed && carries(t.rated, need) &&
            t.voltage >= need.volts && t.hottest >= need.warm &&
            (raw(need.wire) <= 0 || (t.smallest <= need.wire && t.largest >= need.wire)) &&
            (t.anti_spark || !wish.anti_spark) && t.mating_cycles >= wish.mating_cycles &&
            std::find(wish.but.begin(), wish.but.end(), t.id) == wish.but.end() &&
            (!best || t.cost < best->cost))
            best = &t;
    return best;
}

namespace {

/// The cheapest for that family whose own leads carry the rating; a tap or none.
const HolderType* cheapest_holder(const Catalogue& catalogue, const FuseFamily& family, Ampere rating,
                                  Celsius air, bool tap) {
    const HolderType* best = nullptr;
    for (const auto& h : catalogue.holders) {
        if (h.tap != tap || h.ways > 0 ||
            std::find(h.takes.begin(), h.takes.end(), family.id) == h.takes.end())
            continue;
        const auto* wire = find(catalogue.wires, h.lead);
        const auto* insulation = wire ? find(catalogue.insulations, wire->insulation) : nullptr;
        if (!insulation || ampacity(*wire, *insulation, air) < rating) continue;
        if (!best || h.cost < best->cost) best = &h;
    }
    return best;
}

}  // namespace

const HolderType* suiting_holder(const Catalogue& catalogue, const FuseFamily& family, Ampere rating,
                                 Celsius air) {
    return cheapest_holder(catalogue, family, rating, air, false);
}

const HolderType* suiting_tap(const Catalogue& catalogue, const FuseFamily& family, Ampere rating,
                              Celsius air) {
    return cheapest_holder(catalogue, family, rating, air, true);
}

}  // namespace sangre
