#include "output/diagram/lead_sheets.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/paper_room.h"
#include "output/diagram/pen.h"
#include "physics/parts/wire_size.h"

namespace sangre {
namespace {

constexpr double paper_rim = 12, lead_room = 40, line_tall = 4.4;

double words_wide(const std::string& words, double size) {
    size_t n = 0;
    for (const char c : words) n += (static_cast<unsigned char>(c) & 0xC0) != 0x80;
    return static_cast<double>(n) * size * 0.56 + 1;
}

void draw_thing(DiagramPen& pen, const LaidThing& t, double x, double y, double length) {
    switch (t.what) {
        case LaidKind::end:
            pen.dot({x, y}, 1.3, "ink");
            break;
        case LaidKind::tube:
        case LaidKind::braid: {
            const double from = t.source_side ? x : x - length;
            pen.block({from, y - 1.8}, {from + std::max(length, 2.0), y + 1.8}, "ink", "");
            break;
        }
        case LaidKind::boot:
            pen.block({x - 2.5, y - 2.2}, {x + 2.5, y + 2.2}, "ink", "muted");
            break;
        case LaidKind::slid:
            pen.block({x - 0.6, y - 2.4}, {x + 0.6, y + 2.4}, "ink", "card");
            break;
        case LaidKind::item:
            pen.block({x - 2.5, y - 1.8}, {x + 2.5, y + 1.8}, "ink", "card");
            break;
        case LaidKind::opening:
            pen.line({x, y - 4}, {x, y - 1.4}, "ink", 0.7);
            pen.line({x, y + 1.4}, {x, y + 4}, "ink", 0.7);
            break;
        case LaidKind::hazard:
            pen.line({x, y - 2.6}, {x + 1.7, y + 1}, "ink", 0.4);
            pen.line({x + 1.7, y + 1}, {x - 1.7, y + 1}, "ink", 0.4);
            pen.line({x - 1.7, y + 1}, {x, y - 2.6}, "ink", 0.4);
            break;
        case LaidKind::label:
            pen.block({x - 1.6, y - 1.6}, {x + 1.6, y + 1.6}, "ink", "card");
            break;
        case LaidKind::hold:
            pen.line({x, y - 2}, {x, y + 2}, "ink", 0.5);
            break;
    }
}

}  // namespace

double draw_lead(DiagramSheet& sheet, const Plan& plan, const LaidStraight& laid, size_t feed, PaperPoint at,
                 double wide) {
    DiagramPen pen(sheet);
    const auto& lead = plan.leads[feed];
    const double y = at.y + 19, scale = wide / std::max(raw(laid.cut), 1e-3);
    const bool own = lead.ret == Return::own;
    pen.line({at.x, y - (own ? 0.7 : 0)}, {at.x + wide, y - (own ? 0.7 : 0)}, "wire:" + lead.supply_colour,
             1.2);
    if (own) pen.line({at.x, y + 0.7}, {at.x + wide, y + 0.7}, "wire:" + lead.return_colour, 1.2);
    PaperRoom room({at.x - 4, at.y, at.x + wide + 4, at.y + 36});
    room.take({at.x, y - 2, at.x + wide, y + 2});
    for (const auto& hold : laid.holds) draw_thing(pen, hold, at.x + raw(hold.at) * scale, y, 0);
    for (const auto& t : laid.things) {
        const double x = at.x + raw(t.at) * scale;
        draw_thing(pen, t, x, y, raw(t.length) * scale);
        if (t.what == LaidKind::end || t.what == LaidKind::label || t.what == LaidKind::braid) continue;
        const auto words = (t.what == LaidKind::tube ? format(t.length) : t.name) + " · " + format(t.at);
        const double w = words_wide(words, 2.4);
        std::vector<PaperBox> candidates;
        for (const int row : {0, 1, 2, 3})
            for (const bool above : {true, false})
                for (const double shift : {0.5, 0.2, 0.8, 0.0, 1.0}) {
                    const double left = x - w * shift, top = above ? y - 8 - 3.4 * row : y + 4.6 + 3.4 * row;
                    candidates.push_back({left, top, left + w, top + 3.2});
                }
        const auto& box = candidates[room.find(candidates)];
        pen.words({box.left, box.bottom - 0.7}, words, w + 8, 2.4);
    }
    pen.words({at.x, at.y + 38}, name_of(plan, lead.from), wide / 2, 2.8, TextAlign::left, true);
    pen.words({at.x + wide, at.y + 38}, name_of(plan, lead.to), wide / 2, 2.8, TextAlign::right, true);
    return lead_room;
}

std::vector<DiagramSheet> lead_sheets(const Plan& plan, const Catalogue& catalogue, const Figures& figures) {
    std::vector<DiagramSheet> sheets;
    double y = 210;
    const auto steps = build_steps(plan, catalogue, figures);
    for (size_t f = 0; f < figures.harness.routes.size(); ++f) {
        const auto laid = lay_straight(plan, catalogue, figures, f, steps);
        const auto rows = (laid.order.size() + 1) / 2;
        const double tall = lead_room + 12 + static_cast<double>(rows) * line_tall;
        if (y + tall > 210 - paper_rim) sheets.emplace_back(), y = paper_rim;
        auto& sheet = sheets.back();
        DiagramPen pen(sheet);
        const auto& lead = plan.leads[f];
        const auto* wire = find(catalogue.wires, lead.wire);
        pen.words({paper_rim, y + 4}, feed_name(plan, lead), 170, 3.8, TextAlign::left, true);
        pen.words({297 - paper_rim, y + 4},
                  say("cut {ret|2 × |}{cut} of {wire}", lead.ret == Return::own, format(laid.cut),
                      wire ? size_words(*wire) : Words(lead.wire)),
                  100, 3.4, TextAlign::right, true);
        draw_lead(sheet, plan, laid, f, {paper_rim + 6, y + 5}, 297 - 2 * paper_rim - 12);
        const double top = y + lead_room + 10, column = (297 - 2 * paper_rim) / 2;
        for (size_t i = 0; i < laid.order.size(); ++i)
            pen.words({paper_rim + static_cast<double>(i / rows) * column,
                       top + static_cast<double>(i % rows) * line_tall},
                      fmt::format("{}  {}", i + 1, laid.order[i].words), column - 3, 2.7);
        pen.line({paper_rim, y + tall - 2}, {297 - paper_rim, y + tall - 2}, "muted", 0.2);
        pen.spot({paper_rim, y}, {297 - paper_rim, y + tall - 2}, lead.id);
        y += tall;
    }
    return sheets;
}

}  // namespace sangre
