#pragma once
// Where leads are held along their ways, and by what: so that no tug reaches a joint, nothing hangs into what
// moves, and nothing rubs through.
#include "harness/harness.h"

namespace sangre {

enum class HoldFor {
    end,      ///< the first before the joints at a place
    pull,     ///< a second one there, where a pack is pulled or a vital lead must not come loose
    moving,   ///< on either side of what moves
    opening,  ///< before a bare hole or a grommet, which hold nothing
    spacing,  ///< so that it does not swing
    there,    ///< a clip that the machine has already
    knot      ///< a knot in the lead itself
};
/// It is put there by the hands that tie the leads; clips and knots are there by then.
constexpr bool is_made(HoldFor why) { return why != HoldFor::there && why != HoldFor::knot; }

struct Hold {
    Metre at{};  ///< along its way, from the way's first end
    HoldFor why = HoldFor::spacing;
    bool operator==(const Hold&) const = default;
};

struct WayHolds {
    size_t way = 0;
    std::vector<Hold> holds;  ///< in order
    Metre apart{};            ///< the most between two of them
    double gram_per_m = 0;    ///< of the bundle
};

/// The most that lies free between two holds: 0.30 m where the machine stands, 0.20 m where it moves, 0.10 m
/// where it is shaken hard, typical, for up to 50 g of bundle a metre; heavier ones by the square root of
/// their mass closer, to 40 mm, so that a span's sag and swing stay as small.
Metre span_between_holds(Shaking shaking, double gram_per_m);

/// Of every way that anything runs along. Two holds that would lie within 15 mm of one another are one.
std::vector<WayHolds> holds_on_ways(const Plan& plan, const Harness& harness);
/// Of one of them.
WayHolds holds_on_way(const Plan& plan, const Harness& harness, size_t way);

/// "cable tie", "clamp", "blob of glue": what holds by this school.
const char* hold_word(HoldSchool school);

}  // namespace sangre
