#include "making/steps/seat_words.h"

#include "base/units/format.h"
#include "base/words/say.h"
#include "wiring/panel/panel.h"

namespace sangre {

void tell_seat(Step& s, const Plan& plan, const Seat& seat, SeatHold hold, const Id& body) {
    if (raw(seat.cutout) > 0) {
        s.subtitle = say("in an opening of {cutout}", format(seat.cutout));
        s.actions.push_back(
            say("Try it in its hole of {cutout}; a file takes the last tenth.", format(seat.cutout)));
    }
    if (raw(seat.behind) > 0)
        s.actions.push_back(
            say("It needs {behind} free behind the wall, its wires bent included.", format(seat.behind)));
    if (raw(seat.cutout) > 0 && needs_seal(plan, body))
        s.actions.push_back(say("Seal ring on the outside, under its flange, dry and not twisted."));
    if (!seat.points.empty()) s.actions.push_back(say("Turn it before it is fast: {points}.", seat.points));
    switch (hold) {
        case SeatHold::nut_behind:
            s.actions.push_back(
                say("Flange in front of the wall, washer and nut behind it; hand-tight and a quarter turn."));
            s.tools.push_back(to_say("spanner"));
            break;
        case SeatHold::nut_in_front:
            s.actions.push_back(
                say("From behind into the wall, ring nut in front; hand-tight and a quarter turn."));
            s.tools.push_back(to_say("spanner"));
            break;
        case SeatHold::clips:
            s.actions.push_back(
                say("Press it in from the front until its clips are heard; tug it from behind."));
            break;
        case SeatHold::screws:
            s.actions.push_back(say("Screws in a cross, none longer than what they go into is deep."));
            s.tools.push_back(to_say("screwdriver"));
            break;
        case SeatHold::glue:
            s.actions.push_back(
                say("Both faces wiped with alcohol, a thin ring of glue, held until it sets."));
            s.tools.push_back(to_say("glue"));
            break;
        case SeatHold::unsaid:
            break;
    }
    if (raw(seat.proud) > 0)
        s.actions.push_back(say("It stands {proud} out in front: keep lids and slides clear of it there.",
                                format(seat.proud)));
    s.minutes = raw(seat.cutout) > 0 ? 8 : 5;
    s.after = {"prepare"};
}

}  // namespace sangre
