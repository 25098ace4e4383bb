#include "output/diagram/step_pen.h"

#include <cmath>

namespace sangre {

void StepPen::words(double x, double y, const std::string& text, double size, TextAlign align, bool bold,
                    const Ink& ink) {
    pen.words({x, y}, text, wide, size, align, bold, ink);
}
void StepPen::meter(double x, double y, const std::string& value, const std::string& note, double w,
                    double h) {
    pen.block({x, y}, {x + w, y + h}, "ink", "card");
    pen.block({x + 2, y + 2}, {x + w - 2, y + h - 8}, "ink", "paper");
    pen.words({x + w / 2, y + h - 11}, value, w - 5, 5, TextAlign::centre, true);
    pen.words({x + w / 2, y + h - 2.6}, note, w - 4, 2.4, TextAlign::centre, false, "muted");
}
void StepPen::probe(PaperPoint from, PaperPoint to, bool red) {
    pen.line(from, {to.x, from.y}, red ? "wire:red" : "wire:black", 0.6);
    pen.line({to.x, from.y}, to, red ? "wire:red" : "wire:black", 0.6);
    pen.dot(to, 0.9, red ? "wire:red" : "wire:black");
}
void StepPen::arrow(PaperPoint from, PaperPoint to) {
    pen.line(from, to, "accent", 0.7);
    const double a = std::atan2(to.y - from.y, to.x - from.x);
    for (const double turn : {2.6, -2.6})
        pen.line(to, {to.x + 2.4 * std::cos(a + turn), to.y + 2.4 * std::sin(a + turn)}, "accent", 0.7);
}

}  // namespace sangre
