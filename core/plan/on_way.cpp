#include "plan/on_way.h"

#include <algorithm>

#include "base/words/say.h"

namespace sangre {

const std::vector<OnWayRole>& on_way_roles() {
    static const std::vector<OnWayRole> roles{
        {OnWayKind::opening, to_say("opening")},
        // A moving wire wants braid and a loop, so a way past it counts half as long again.
        {OnWayKind::hinge, to_say("hinge"), 1.5, true,
         to_say("Past the hinge: a loop that opens and shuts with it, braid over it, a tie on either side."),
         ""},
        {OnWayKind::heat, to_say("hot place"), 1.25, false,
         to_say("Past the hot place: held off by a clip, or in a sleeve that withstands it."), ""},
        {OnWayKind::edge, to_say("sharp edge"), 1.25, false,
         to_say("Over the edge: edging or a grommet first."), ""},
        {OnWayKind::turning, to_say("turning part"), 2, true,
         to_say("Past what turns: tied on both sides, so short between that it cannot reach it."),
         to_say("What turns is stopped and cannot start.")},
        {OnWayKind::clip, to_say("clip"), 1, false, to_say("Press it into the clip that is there."), ""},
        {OnWayKind::aerial, to_say("aerial"), 1.5, false,
         to_say("Past the aerial: the pair twisted, at right angles to it, as far off as the place allows."),
         ""},
        {OnWayKind::water, to_say("wet place"), 1.25, false,
         to_say("Before the wet place: a loop that hangs lower than where it goes on, so that drops fall off "
                "it."),
         ""},
        {OnWayKind::fuel, to_say("fuel"), 3, false,
         to_say("Past fuel: tied well off it, no joint and no plug there."),
         to_say("No spark near fuel: battery off and apart, tank shut, air moving.")},
        {OnWayKind::airbag, to_say("airbag"), 3, false,
         to_say("Past the airbag: never over it or in front of it, its own plugs untouched."),
         to_say("Airbag: battery off and ten minutes gone before a panel near it is touched; its plugs are "
                "neither "
                "opened nor "
                "measured. Under your local code this may be for a licensed hand.")},
        {OnWayKind::compass, to_say("magnetic sensor"), 1.5, false,
         to_say(
             "Past the magnetic sensor: supply and return twisted together, as far off as the place allows."),
         ""},
        {OnWayKind::corner, to_say("corner"), 1, false,
         to_say("Round the corner in a curve as wide as it has room for, never pulled tight over it."), ""},
        {OnWayKind::knot, to_say("knot"), 1, false,
         to_say("An overhand knot here, pulled snug: a tug ends at the wall and not at the joint."), ""}};
    return roles;
}

const OnWayRole& role_of(OnWayKind kind) { return on_way_roles()[static_cast<size_t>(kind)]; }

double detour_of(const Way& way) {
    double most = 1;
    for (const auto& thing : way.on_it) most = std::max(most, role_of(thing.kind).detour);
    return most;
}

double turn_of(const OnWay& thing) { return thing.degrees > 0 ? thing.degrees : 90; }

}  // namespace sangre
