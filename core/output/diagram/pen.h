#pragma once
// Puts shapes on a sheet: lines, blocks, words and the symbols of devices.
#include "output/diagram/diagram.h"

namespace sangre {

class DiagramPen {
  public:
    explicit DiagramPen(DiagramSheet& sheet) : sheet_(sheet) {}

    void line(PaperPoint a, PaperPoint b, const Ink& ink, double width = 0.35, bool dashed = false);
    void block(PaperPoint from, PaperPoint to, const Ink& stroke = "ink", const Ink& fill = "card");
    /// Without a fill its outline alone.
    void dot(PaperPoint at, double radius, const Ink& fill);
    /// Whether a text of that size stands whole in so many millimetres, judged by the font's mean width.
    static bool fits(const std::string& text, double room, double size, bool bold);
    /// Cut with an ellipsis where it is wider than `room`.
    void words(PaperPoint at, const std::string& text, double room, double size = 2.6,
               TextAlign align = TextAlign::left, bool bold = false, const Ink& ink = "ink");
    void spot(PaperPoint from, PaperPoint to, const Id& subject);
    /// An item in the supply at `on` (and in the return at `back` for what parts both), about 8 mm wide; the
    /// one sign of its kind on paper and on screen. `open`: of a switch.
    void item(DeviceKind kind, PaperPoint on, PaperPoint back, bool open = true);
    /// Three short lines: the machine's frame.
    void frame(PaperPoint at);

  private:
    DiagramSheet& sheet_;
};

}  // namespace sangre
