#pragma once
// The wiring diagram: every part with its pins, every wire in its colours with gauge, length and label, on
// sheets to print.
//
// What it returns are shapes in millimetres of paper, so that a window, a printer and an SVG file draw the
// same.
#include "harness/harness.h"
#include "wiring/conductors/marks.h"
#include "wiring/index/index.h"

namespace sangre {

struct PaperPoint {
    double x = 0, y = 0;
    bool operator==(const PaperPoint&) const = default;
};

/// What a shape is drawn with: a role that the theme has a colour for, or "wire:red" for insulation of that
/// colour.
using Ink = std::string;

enum class ShapeKind { line, rectangle, circle, text };
enum class TextAlign { left, centre, right };

/// A line has its points; a rectangle two corners; a circle its centre and a point on it; a text where it
/// stands.
struct DiagramShape {
    ShapeKind kind = ShapeKind::line;
    std::vector<PaperPoint> points;
    Ink stroke, fill;    ///< empty: none
    double width = 0.3;  ///< of the line, mm
    bool dashed = false;
    std::string text;
    double size = 2.6;  ///< of the text, mm
    TextAlign align = TextAlign::left;
    bool bold = false;
    bool operator==(const DiagramShape&) const = default;
};

/// How round the corners of a rectangle are, mm: less on small ones, so that they stay boxes.
double corner_of(const DiagramShape& rectangle);

/// Where a part or a feed is drawn, for pointing at it.
struct DiagramSpot {
    PaperPoint from, to;
    Id subject;
    bool operator==(const DiagramSpot&) const = default;
};

struct DiagramSheet {
    double width = 297, height = 210;  ///< A4 across
    double scale = 1;                  ///< of everything drawn, so that the columns fit the width
    std::vector<DiagramShape> shapes;
    std::vector<DiagramSpot> spots;
    bool operator==(const DiagramSheet&) const = default;
};

struct Diagram {
    std::vector<DiagramSheet> sheets;
    size_t crossings = 0;  ///< of wires with wires; none where every part is fed once
    bool operator==(const Diagram&) const = default;
};

/// Lays the plan out in columns from packs to loads, each part level with what it feeds, so that the wires of
/// a plan in which every part is fed once run straight and cross nowhere. Rows follow the order of the plan:
/// an edit of one part moves only what comes after it. More rows than fit a sheet go on on the next, between
/// two loads; then the cables. A plan without feeds has no sheets.
Diagram draw_diagram(const Plan& plan, const Catalogue& catalogue, const Harness& harness);

}  // namespace sangre
