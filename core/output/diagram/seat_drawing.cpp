#include "output/diagram/seat_drawing.h"

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/joint_shapes.h"

namespace sangre {

void draw_seat(StepPen& draw, const Seat& seat, SeatHold hold, bool sealed, const std::string& name) {
    const double middle_y = StepPen::middle_y, tall = StepPen::tall, wall = StepPen::middle_x,
                 half = std::clamp(raw(seat.cutout) / 2, 4.0, 14.0);
    const double proud = raw(seat.proud) > 0 ? std::clamp(raw(seat.proud), 3.0, 30.0) : 3.5;
    draw.pen.block({wall - 1.5, 2}, {wall + 1.5, middle_y - half}, "ink", "muted");
    draw.pen.block({wall - 1.5, middle_y + half}, {wall + 1.5, tall - 2}, "ink", "muted");
    const double flange = hold == SeatHold::nut_in_front ? 0 : 3.5;
    if (flange > 0)
        draw.pen.block({wall - 1.5 - flange, middle_y - half - 3}, {wall - 1.5, middle_y + half + 3}, "ink",
                       "card");
    draw.pen.block({wall - 1.5 - flange - proud, middle_y - half + 1},
                   {wall - 1.5 - flange, middle_y + half - 1}, "ink", "accent");
    const double depth = raw(seat.behind) > 0 ? std::min(raw(seat.behind), 50.0) : 26;
    draw.pen.block({wall - 1, middle_y - half + 0.5}, {wall + depth, middle_y + half - 0.5}, "ink", "glass");
    const bool behind = hold == SeatHold::nut_behind, front = hold == SeatHold::nut_in_front;
    if (behind || front) {
        const double at = behind ? wall + 1.5 : wall - 5;
        for (const double sign : {-1.0, 1.0})
            draw.pen.block({at, middle_y + sign * (half - 0.5)}, {at + 3.5, middle_y + sign * (half + 2.5)},
                           "ink", "solder");
    }
    draw.words(wall - 11, 8, front ? say("in front: its nut") : say("in front: its flange"), 2.8,
               TextAlign::right);
    draw.words(wall + 7, 8,
               behind                     ? say("behind: washer and nut")
               : hold == SeatHold::clips  ? say("behind: its clips")
               : hold == SeatHold::screws ? say("behind: what its screws hold")
               : hold == SeatHold::glue   ? say("glued round its rim")
                                          : say("behind the wall"),
               2.8, TextAlign::left);
    if (sealed) {
        draw.pen.block({wall - 2.6, middle_y - half - 2.5}, {wall - 1.5, middle_y - half}, "ink",
                       "wire:black");
        draw.pen.block({wall - 2.6, middle_y + half}, {wall - 1.5, middle_y + half + 2.5}, "ink",
                       "wire:black");
        draw.words(wall - 11, 12, say("seal ring"), 2.8, TextAlign::right);
    }
    if (raw(seat.cutout) > 0)
        draw.words(wall - 14 - proud, middle_y + 1, say("hole {cutout}", format(seat.cutout)), 3.4,
                   TextAlign::right, true);
    if (raw(seat.proud) > 0)
        draw_dimension(draw.sheet, wall - 1.5 - flange - proud, wall - 1.5, middle_y + half + 5,
                       format(seat.proud), "ink", false);
    if (raw(seat.behind) > 0)
        draw_dimension(draw.sheet, wall + 1.5, wall + depth, middle_y + half + 4, format(seat.behind), "ink",
                       false);
    if (!seat.points.empty()) {
        const double x = wall - 1.5 - flange - proud / 2;
        draw.pen.line({x, middle_y - half - 1}, {x, middle_y - half - 9}, "accent", 0.6);
        draw.pen.line({x - 1.5, middle_y - half - 6}, {x, middle_y - half - 9}, "accent", 0.6);
        draw.pen.line({x + 1.5, middle_y - half - 6}, {x, middle_y - half - 9}, "accent", 0.6);
        draw.words(x - 4, middle_y - half - 5, seat.points, 2.8, TextAlign::right, true);
    }
    draw.words(wall - 12, tall - 2, name, 2.8, TextAlign::right, false, "muted");
}

}  // namespace sangre
