#pragma once
// Puts shapes on a sheet: lines, blocks, words and the symbols of devices.
#include "diagram/diagram.h"

namespace sangre {

class DiagramPen {
  public:
    explicit DiagramPen(DiagramSheet& sheet) : sheet_(sheet) {}

    void line(PaperPoint a, PaperPoint b, const Ink& ink, double width = 0.35, bool dashed = false);
    void block(PaperPoint from, PaperPoint to, const Ink& stroke = "ink", const Ink& fill = "card");
    void dot(PaperPoint at, double radius, const Ink& fill);
    /// Cut with an ellipsis where it is wider than `room`, judged by the font's mean width.
    void words(PaperPoint at, const std::string& text, double room, double size = 2.6,
               TextAlign align = TextAlign::left, bool bold = false, const Ink& ink = "ink");
    void spot(PaperPoint from, PaperPoint to, const Id& subject);
    /// A device in the supply at `on` (and in the return at `back` for what parts both), about 8 mm wide.
    void device(const Device& d, PaperPoint on, PaperPoint back);
    /// Three short lines: the machine's frame.
    void frame(PaperPoint at);

  private:
    DiagramSheet& sheet_;
};

}  // namespace sangre
