#include "diagram/pen.h"

#include <cmath>

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

void DiagramPen::words(PaperPoint at, const std::string& text, double room, double size, TextAlign align,
                       bool bold, const Ink& ink) {
    if (text.empty() || room < size) return;
    DiagramShape s;
    s.kind = ShapeKind::text, s.points = {at}, s.size = size, s.align = align, s.bold = bold, s.fill = ink;
    const auto fits = static_cast<size_t>(std::max(1.0, room / (size * mean_width * (bold ? 1.08 : 1))));
    s.text = letters(text) <= fits ? text : text.substr(0, bytes_of(text, fits - 1)) + "…";
    sheet_.shapes.push_back(std::move(s));
}

void DiagramPen::spot(PaperPoint from, PaperPoint to, const Id& subject) {
    sheet_.spots.push_back({from, to, subject});
}

void DiagramPen::item(DeviceKind kind, PaperPoint on, PaperPoint back, bool open) {
    const double x = on.x, y = on.y;
    switch (kind) {
        case DeviceKind::fuse:
            block({x - 3.2, y - 1.3}, {x + 3.2, y + 1.3});
            line({x - 3.2, y}, {x + 3.2, y}, "ink");
            break;
        case DeviceKind::power_switch:
            block({x - 3, y - 1.2}, {x + 3, y + 1.2}, "", "paper");
            dot({x - 3, y}, 0.6, "ink"), dot({x + 3, y}, 0.6, "ink");
            line({x - 3, y}, {x + (open ? 2.4 : 3), open ? y - 2 : y}, "ink", 0.45);
            break;
        case DeviceKind::connector:
            for (const auto& at : {on, back}) {
                block({at.x - 2.2, at.y - 1.2}, {at.x - 0.2, at.y + 1.2});
                block({at.x + 0.2, at.y - 1.2}, {at.x + 2.2, at.y + 1.2});
            }
            break;
        case DeviceKind::diode:
            line({x - 1.8, y - 1.6}, {x - 1.8, y + 1.6}, "ink"),
                line({x - 1.8, y - 1.6}, {x + 1.6, y}, "ink");
            line({x - 1.8, y + 1.6}, {x + 1.6, y}, "ink"),
                line({x + 1.6, y - 1.6}, {x + 1.6, y + 1.6}, "ink", 0.5);
            break;
        case DeviceKind::filter:
            block({x - 3.2, y - 1.3}, {x + 3.2, y + 1.3});
            for (const double k : {-2.1, 0.0, 2.1})
                line({x + k - 0.9, y + 0.5}, {x + k, y - 0.7}, "ink"),
                    line({x + k, y - 0.7}, {x + k + 0.9, y + 0.5}, "ink");
            break;
        case DeviceKind::shunt:
            dot(on, 1.9, "card");
            words({x, y + 0.9}, "A", 4, 2.4, TextAlign::centre, true);
            break;
        case DeviceKind::precharge:
            block({x - 2.4, y - 4}, {x + 2.4, y - 2.4});
            line({x - 3.6, y}, {x - 2.4, y - 3.2}, "ink"), line({x + 2.4, y - 3.2}, {x + 3.6, y}, "ink");
            break;
    }
}

void DiagramPen::frame(PaperPoint at) {
    line(at, {at.x, at.y + 1.6}, "muted");
    for (const double k : {0.0, 0.8, 1.6})
        line({at.x - 2 + k, at.y + 1.6 + k * 0.7}, {at.x + 2 - k, at.y + 1.6 + k * 0.7}, "muted");
}

}  // namespace sangre
