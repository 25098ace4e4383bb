#include "output/diagram/pen.h"

#include <cmath>

#include "wiring/item/sign.h"

namespace sangre {
namespace {

constexpr double mean_width = 0.525;  // of a letter over its size, B612

/// How many bytes the first n characters of UTF-8 take.
size_t bytes_of(const std::string& s, size_t n) {
    size_t i = 0;
    for (; i < s.size() && n > 0; --n) {
        ++i;
        while (i < s.size() && (static_cast<unsigned char>(s[i]) & 0xC0) == 0x80) ++i;
    }
    return i;
}

size_t letters(const std::string& s) {
    size_t n = 0;
    for (const char c : s) n += (static_cast<unsigned char>(c) & 0xC0) != 0x80;
    return n;
}

/// Letters of a text of that size that stand in so many millimetres; one at the least.
size_t letters_in(double room, double size, bool bold) {
    return static_cast<size_t>(std::max(1.0, room / (size * mean_width * (bold ? 1.08 : 1))));
}

}  // namespace

void DiagramPen::line(PaperPoint a, PaperPoint b, const Ink& ink, double width, bool dashed) {
    DiagramShape s;
    s.points = {a, b}, s.stroke = ink, s.width = width, s.dashed = dashed;
    sheet_.shapes.push_back(std::move(s));
}

void DiagramPen::block(PaperPoint from, PaperPoint to, const Ink& stroke, const Ink& fill) {
    DiagramShape s;
    s.kind = ShapeKind::rectangle, s.points = {from, to}, s.stroke = stroke, s.fill = fill;
    sheet_.shapes.push_back(std::move(s));
}

void DiagramPen::dot(PaperPoint at, double radius, const Ink& fill) {
    DiagramShape s;
    s.kind = ShapeKind::circle, s.points = {at, {at.x + radius, at.y}}, s.stroke = "ink", s.fill = fill,
    s.width = 0.25;
    sheet_.shapes.push_back(std::move(s));
}

bool DiagramPen::fits(const std::string& text, double room, double size, bool bold) {
    return letters(text) <= letters_in(room, size, bold);
}

void DiagramPen::words(PaperPoint at, const std::string& text, double room, double size, TextAlign align,
                       bool bold, const Ink& ink) {
    if (text.empty() || room < size) return;
    DiagramShape s;
    s.kind = ShapeKind::text, s.points = {at}, s.size = size, s.align = align, s.bold = bold, s.fill = ink;
    s.text = fits(text, room, size, bold)
                 ? text
                 : text.substr(0, bytes_of(text, letters_in(room, size, bold) - 1)) + "…";
    sheet_.shapes.push_back(std::move(s));
}

void DiagramPen::spot(PaperPoint from, PaperPoint to, const Id& subject) {
    sheet_.spots.push_back({from, to, subject});
}

void DiagramPen::item(DeviceKind kind, PaperPoint on, PaperPoint back, bool open) {
    const auto strokes = item_sign(kind, open);
    std::vector<PaperPoint> places{on};
    if (sits_in_both(kind)) places.push_back(back);
    for (const auto& at : places)
        for (const auto& s : strokes) {
            const PaperPoint a{at.x + s.x0, at.y + s.y0}, b{at.x + s.x1, at.y + s.y1};
            switch (s.kind) {
                case StrokeKind::line:
                    line(a, b, "ink", s.width);
                    break;
                case StrokeKind::box:
                    s.hides ? block(a, b, "", "paper") : block(a, b);
                    break;
                case StrokeKind::dot:
                    dot(a, s.x1, s.hides ? "card" : "ink");
                    break;
                case StrokeKind::letter:
                    words(a, std::string(1, s.letter), 4, 2.4, TextAlign::centre, true);
                    break;
            }
        }
}

void DiagramPen::frame(PaperPoint at) {
    line(at, {at.x, at.y + 1.6}, "muted");
    for (const double k : {0.0, 0.8, 1.6})
        line({at.x - 2 + k, at.y + 1.6 + k * 0.7}, {at.x + 2 - k, at.y + 1.6 + k * 0.7}, "muted");
}

}  // namespace sangre
