#include "output/diagram/drill_template.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/pen.h"

namespace sangre {
namespace {

constexpr double template_wide = 210, template_tall = 297, rim = 12, ruler_room = 24, apart = 6;
constexpr double caption_tall = 15, least_wide = 58;

void ruler(DiagramPen& pen) {
    const double y = template_tall - rim - 6;
    pen.line({rim, y}, {rim + 100, y}, "ink", 0.3);
    for (int i = 0; i <= 10; ++i)
        pen.line({rim + i * 10.0, y - (i % 5 ? 1.5 : 3)}, {rim + i * 10.0, y}, "ink", 0.25);
    pen.words({rim + 104, y}, say("100 mm. Longer or shorter? Print once more at 100 %."),
              template_wide - 2 * rim - 104, 2.8);
    pen.words({rim, y + 5},
              say("Cut out, stick on where it is to be, punch the centre, drill small first, then to size; "
                  "deburr."),
              template_wide - 2 * rim, 2.6, TextAlign::left, false, "muted");
    pen.words({rim, y + 9}, say("Glasses on; nothing live behind the wall."), template_wide - 2 * rim, 2.6,
              TextAlign::left, false, "muted");
}

}  // namespace

std::vector<DiagramSheet> drill_sheets(const std::vector<DrillHole>& holes) {
    std::vector<DiagramSheet> sheets;
    double x = rim, y = rim, row = 0;
    const auto turn_page = [&] {
        sheets.emplace_back();
        sheets.back().width = template_wide, sheets.back().height = template_tall;
        DiagramPen pen(sheets.back());
        ruler(pen);
        x = rim, y = rim, row = 0;
    };
    for (const auto& hole : holes) {
        const double radius = raw(hole.drill) / 2, wide = std::max(2 * radius + 14, least_wide),
                     tall = 2 * radius + 14 + caption_tall;
        if (sheets.empty()) turn_page();
        if (x + wide > template_wide - rim) x = rim, y += row + apart, row = 0;
        // One that is larger than a sheet is drawn as far as the paper goes.
        if (y + tall > template_tall - rim - ruler_room && y > rim) turn_page();
        DiagramPen pen(sheets.back());
        const PaperPoint centre{x + wide / 2, y + 7 + radius};
        pen.block({x, y}, {x + wide, y + tall}, "muted", "");
        pen.dot(centre, radius, "");
        const double arm = radius + 5;
        pen.line({centre.x - arm, centre.y}, {centre.x + arm, centre.y}, "ink", 0.15);
        pen.line({centre.x, centre.y - arm}, {centre.x, centre.y + arm}, "ink", 0.15);
        pen.dot(centre, 0.5, "ink");
        // Up on the sheet, as it is stuck on.
        if (!hole.points.empty()) {
            pen.line({centre.x, centre.y - radius}, {centre.x, centre.y - arm - 1}, "accent", 0.6);
            pen.words({centre.x + 2, centre.y - radius - 1.5}, hole.points, wide / 2 - 3, 2.4);
        }
        const double words = y + 2 * radius + 14 + 3.6;
        pen.words({x + 2, words}, hole.name, wide - 4, 3, TextAlign::left, true);
        pen.words({x + 2, words + 4.2},
                  hole.step ? say("{drill}: step drill or hole saw", format(hole.drill))
                            : say("drill {drill}", format(hole.drill)),
                  wide - 4, 2.8);
        const auto more = hole.takes.empty() ? hole.in
                          : hole.in.empty()  ? hole.takes
                                             : say("{in}, for: {takes}", hole.in, hole.takes);
        pen.words({x + 2, words + 8.2}, more, wide - 4, 2.6, TextAlign::left, false, "muted");
        pen.spot({x, y}, {x + wide, y + tall}, hole.subject);
        x += wide + apart, row = std::max(row, tall);
    }
    return sheets;
}

}  // namespace sangre
