#pragma once
// One lead laid straight from end to end: everything on it at its distance, and the order in which it all
// goes on and through.
#include "electrical/figures.h"
#include "making/steps/steps.h"

namespace sangre {

/// `slid`: a nut, a seal, a ring that is slid on and stays there; `boot`: what covers an end and waits beside
/// it; `hold`: where it is tied, which is no part of the order.
enum class LaidKind { end, tube, boot, slid, item, opening, hazard, braid, label, hold };

/// Something on a lead, by its distance from the end at the source, along the wire as it is cut.
struct LaidThing {
    LaidKind what = LaidKind::end;
    Words name;
    Metre at{};
    Metre length{};           ///< along the lead; 0: a point
    Millimetre across{};      ///< of what has to pass, or of what it passes through; 0: not known
    Id about;                 ///< the opening, the item or the way
    bool source_side = true;  ///< of an end, a tube or a label: which end it belongs to
    int way = -1;             ///< of what lies on a way: which, and which thing on it; −1: none
    size_t on_it = 0;
};

/// What the hands put on or through, one after the other.
struct GoesOn {
    size_t thing = 0;  ///< of LaidStraight::things
    Words words;       ///< "Through the 12 mm grommet Deck, left"
};

struct LaidStraight {
    Metre cut{};
    std::vector<LaidThing> things;  ///< from the source on
    std::vector<LaidThing> holds;   ///< where it is held along its ways, from the source on
    bool pulled_by_load = true;     ///< the end that stays unfitted until all is threaded
    std::vector<GoesOn> order;
    Why why;
};

/// Of a lead, by its index among all. The order is that of the steps: `steps` says which of its ends is made
/// first.
LaidStraight lay_straight(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t feed,
                          const std::vector<Step>& steps);

/// The plan with a thing of a feed at another distance from its source: an item in its lead, or what lies on
/// a way at its distance there, held to the way. Unchanged for what has no place of its own.
Plan move_on_lead(Plan plan, const Figures& figures, size_t feed, const LaidThing& thing, Metre at);

/// The order in which these go on, where the end at the load, or at the source, is the one pulled through;
/// indices of `things`.
std::vector<size_t> order_on(const std::vector<LaidThing>& things, bool pulled_by_load);
/// What is wrong with an order, in words; empty where it can be done. Each thing has to be in it once: tubes
/// and boots before the joint that they cover, what is slid on before what it does not pass over and before
/// the item that it belongs to, openings one after the other from the end that stays, what lies between
/// two of them in its turn, nothing through an opening that does not pass it, the pulled end after all but
/// the other, which stays bare until what covers it is on.
Words why_not_so(const std::vector<LaidThing>& things, const std::vector<size_t>& order, bool pulled_by_load);
/// How many items have to wait until the lead is through, because they do not pass an opening.
size_t items_to_wait(const std::vector<LaidThing>& things, bool pulled_by_load);

}  // namespace sangre
