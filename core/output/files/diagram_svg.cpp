#include "output/files/diagram_svg.h"

#include <fmt/format.h>

#include <cmath>

#include "output/diagram/paper_ink.h"

namespace sangre {
namespace {

std::string colour(const Ink& ink) {
    const auto known = paper_colour(ink);
    return known.empty() ? "none" : known;
}

std::string shape_to_svg(const DiagramShape& s) {
    const auto see_through =
        ink_cover(s.fill) < 1 ? fmt::format(" fill-opacity=\"{:.2f}\"", ink_cover(s.fill)) : std::string();
    const auto stroke = see_through + (see_through.empty() ? "" : " ") +
                        fmt::format("stroke=\"{}\" stroke-width=\"{:.2f}\"{}", colour(s.stroke), s.width,
                                    s.dashed ? " stroke-dasharray=\"1.5 1\"" : "");
    const auto& a = s.points.front();
    const auto& b = s.points.back();
    switch (s.kind) {
        case ShapeKind::line:
            return fmt::format("<line x1=\"{:.2f}\" y1=\"{:.2f}\" x2=\"{:.2f}\" y2=\"{:.2f}\" {}/>", a.x, a.y,
                               b.x, b.y, stroke);
        case ShapeKind::rectangle:
            return fmt::format(
                "<rect x=\"{:.2f}\" y=\"{:.2f}\" width=\"{:.2f}\" height=\"{:.2f}\" rx=\"{:.2f}\" "
                "fill=\"{}\" "
                "{}/>",
                a.x, a.y, b.x - a.x, b.y - a.y, corner_of(s), colour(s.fill), stroke);
        case ShapeKind::circle:
            return fmt::format("<circle cx=\"{:.2f}\" cy=\"{:.2f}\" r=\"{:.2f}\" fill=\"{}\" {}/>", a.x, a.y,
                               std::hypot(b.x - a.x, b.y - a.y), colour(s.fill), stroke);
        case ShapeKind::text:
            return fmt::format(
                "<text x=\"{:.2f}\" y=\"{:.2f}\" font-size=\"{:.2f}\" fill=\"{}\" "
                "text-anchor=\"{}\"{}>{}</text>",
                a.x, a.y, s.size, colour(s.fill),
                s.align == TextAlign::left     ? "start"
                : s.align == TextAlign::centre ? "middle"
                                               : "end",
                s.bold ? " font-weight=\"bold\"" : "", xml_escaped(s.text));
    }
    return {};
}

}  // namespace

std::string xml_escaped(const std::string& text) {
    std::string out;
    // Nor may U+FFFE and U+FFFF stand in XML.
    const auto is_no_character = [&](size_t i) {
        return text.compare(i, 3, "\xEF\xBF\xBE") == 0 || text.compare(i, 3, "\xEF\xBF\xBF") == 0;
    };
    for (size_t i = 0; i < text.size(); ++i) switch (const char c = text[i]; c) {
            case '&':
                out += "&amp;";
                break;
            case '<':
                out += "&lt;";
                break;
            case '>':
                out += "&gt;";
                break;
            case '"':
                out += "&quot;";
                break;
            default:
                if (c == '\xEF' && is_no_character(i)) {
                    out += ' ', i += 2;
                    break;
                }
                // Control characters are not allowed in XML, not even escaped.
                out += static_cast<unsigned char>(c) < 0x20 || c == 0x7F ? ' ' : c;
        }
    return out;
}

std::string diagram_to_svg(const DiagramSheet& sheet) {
    std::string svg = fmt::format(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0}mm\" height=\"{1}mm\" viewBox=\"0 0 {2:.2f} "
        "{3:.2f}\" "
        "font-family=\"B612, sans-serif\">\n<rect width=\"{2:.2f}\" height=\"{3:.2f}\" fill=\"#FFFFFF\"/>\n",
        sheet.width, sheet.height, sheet.width / sheet.scale, sheet.height / sheet.scale);
    for (const auto& s : sheet.shapes) svg += shape_to_svg(s) + "\n";
    return svg + "</svg>\n";
}

}  // namespace sangre
