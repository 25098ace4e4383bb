#pragma once
// What every drawing of a step is made with: its sheet, words, a meter with its probes, an arrow.
#include "output/diagram/pen.h"
#include "output/diagram/step_drawing.h"

namespace sangre {

struct StepPen {
    static constexpr double wide = step_drawing_wide, tall = step_drawing_tall, middle_x = wide / 2,
                            middle_y = tall / 2;
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const Step& step;
    DiagramSheet sheet{};
    DiagramPen pen{sheet};

    void words(double x, double y, const std::string& text, double size = 3,
               TextAlign align = TextAlign::centre, bool bold = false, const Ink& ink = "ink");
    void meter(double x, double y, const std::string& value, const std::string& note, double w = 44,
               double h = 24);
    /// From the meter at its end to the point.
    void probe(PaperPoint from, PaperPoint to, bool red);
    void arrow(PaperPoint from, PaperPoint to);
};

/// Of a step on a lead: the piece to cut, its way through a wall, tubes, joint, item, pins.
void draw_lead_step(StepPen& pen, size_t lead);

}  // namespace sangre
