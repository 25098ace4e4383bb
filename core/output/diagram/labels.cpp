#include "output/diagram/labels.h"

#include <fmt/format.h>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/pen.h"
#include "physics/parts/wire_size.h"

namespace sangre {
namespace {

constexpr double paper_wide = 210, paper_tall = 297, edge = 10;
constexpr double label_wide = 47.5, label_tall = 22;  // folded in half: 11 mm

}  // namespace

std::vector<WireLabel> wire_labels(const Plan& plan, const Harness& harness) {
    std::vector<WireLabel> labels;
    const auto twice = [&](const WireLabel& l) { labels.push_back(l), labels.push_back(l); };
    for (const auto& core : harness.wiring.cores) {
        if (core.of_cable >= 0) continue;  // a cable has one label for all of its cores
        const auto& feed = plan.feeds()[core.lead];
        const auto name = wire_label(core.lead, core.role == WireRole::back, core.number, core.alike);
        twice({name, feed_name(plan, feed),
               fmt::format("{} {} {}", core.wire ? size_words(*core.wire) : say("no wire"),
                           said(core_colour(plan, core)), format(core.length)),
               feed.id});
    }
    const auto cabled = cabled_leads(plan);
    for (size_t c = 0; c < cabled.size(); ++c) {
        const auto& cable = *cabled[c];
        twice({cable_label(c), lead_name(plan, cable), cable.label, cable.id});
    }
    return labels;
}

std::vector<DiagramSheet> label_sheets(const std::vector<WireLabel>& labels) {
    const auto across = static_cast<size_t>((paper_wide - 2 * edge) / label_wide);
    const auto down = static_cast<size_t>((paper_tall - 2 * edge) / label_tall);
    std::vector<DiagramSheet> sheets;
    for (size_t i = 0; i < labels.size(); ++i) {
        const size_t at = i % (across * down);
        if (at == 0) {
            sheets.emplace_back();
            sheets.back().width = paper_wide, sheets.back().height = paper_tall;
        }
        DiagramPen pen(sheets.back());
        const size_t row = at / across;
        const double x = edge + static_cast<double>(at % across) * label_wide,
                     y = edge + static_cast<double>(row) * label_tall;
        pen.block({x, y}, {x + label_wide - 1, y + label_tall - 1}, "muted", "");
        pen.line({x, y + (label_tall - 1) / 2}, {x + label_wide - 1, y + (label_tall - 1) / 2}, "muted", 0.15,
                 true);
        for (const double half : {0.0, (label_tall - 1) / 2}) {
            pen.words({x + 2, y + half + 4.6}, labels[i].title, 14, 3.6, TextAlign::left, true);
            pen.words({x + 14, y + half + 4.2}, labels[i].detail, label_wide - 16, 2.4);
            pen.words({x + 2, y + half + 8.4}, labels[i].more, label_wide - 4, 2.4, TextAlign::left, false,
                      "muted");
        }
        pen.spot({x, y}, {x + label_wide - 1, y + label_tall - 1}, labels[i].subject);
    }
    return sheets;
}

}  // namespace sangre
