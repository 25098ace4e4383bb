#pragma once
// Which plug or switch suits a feed: one answer for proposing, judging and mending.
#include "electrical/protection/protection.h"

namespace sangre {

/// What a feed asks of an item that all its current goes through.
struct ItemNeed {
    Ampere continuous{}, peak{};
    Ampere fuse{};  ///< that protects it; it carries at least that
    Volt volts{};
    SquareMillimetre wire{};  ///< copper of one conductor; 0: not known
    Celsius warm{};           ///< of that conductor, continuously
    bool everyday = false;    ///< of a switch: moved every day, so that it is no key to pull
    bool of_load = false;     ///< of a switch: of one load, so that it is no battery isolator either
};
ItemNeed item_need(const FeedProtection& protection, const FeedExtremes& worst);

/// True where the item carries its fuse, and a quarter more than the load asks without one, and the peak is
/// no more than half over its rating.
bool carries(Ampere rated, const ItemNeed& need);

/// The cheapest switch that carries and breaks what is asked, or null. Thermal ones switch by themselves and
/// relays want a coil's supply: neither stands for a hand.
/// `instead`: what it takes the place of: a relay only by one with its coil, a thermal switch only by one
/// that acts at its temperature, anything else by what a hand moves.
const SwitchType* cheapest_switch(const Catalogue& catalogue, const ItemNeed& need,
                                  const SwitchType* instead = nullptr);

/// The resistor and button that charges so much within two seconds and sparks least; the smallest there is
/// where none is small enough. Null without any in the catalogue.
const InlinePart* suiting_precharge(const Catalogue& catalogue, Volt volts, Farad capacitance);

/// The cheapest LC filter that carries what is asked and does not saturate at the peak, or null.
const InlinePart* suiting_filter(const Catalogue& catalogue, const ItemNeed& need);

/// The cheapest in-line holder for a fuse of that family whose own leads carry its rating for good in that
/// air, or null.
const HolderType* suiting_holder(const Catalogue& catalogue, const FuseFamily& family, Ampere rating,
                                 Celsius air);
/// The same of fuse taps, which go into the slot of a circuit's own fuse of that family.
const HolderType* suiting_tap(const Catalogue& catalogue, const FuseFamily& family, Ampere rating,
                              Celsius air);

/// What a plug is wanted for.
struct PlugWish {
    bool pack = false;  ///< a pack's own plug
    bool anti_spark = false;
    std::vector<Id> but{};  ///< not one of these
    int mating_cycles = 0;
};
/// The cheapest keyed two-pole plug that carries what is asked and takes the wire, or null.
const ConnectorType* cheapest_plug(const Catalogue& catalogue, const ItemNeed& need, const PlugWish& wish);

}  // namespace sangre
