#include "output/diagram/packed.h"

namespace sangre {

void draw_packed(DiagramPen& pen, const Plan& plan, const HoleFill& fill, PaperPoint centre, double scale) {
    const auto dot = [&](const Circle& c, const Ink& ink) {
        pen.dot({centre.x + c.x * scale, centre.y + c.y * scale}, c.radius * scale, ink);
    };
    if (raw(fill.braid) > 0) pen.dot(centre, raw(fill.kept) / 2 * scale, "");
    for (const auto& r : fill.rounds) {
        if (r.what == RoundOf::jacket || r.what == RoundOf::already) dot(r.at, "tube");
        if (r.what == RoundOf::later || r.what == RoundOf::twisted) dot(r.at, "");
    }
    for (const auto& w : fill.wires) dot(w.at, "wire:" + colour_of(plan, w));
}

}  // namespace sangre
