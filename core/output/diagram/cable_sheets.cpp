#include "output/diagram/cable_sheets.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/words/say.h"
#include "output/diagram/pen.h"
#include "physics/parts/wire_size.h"

namespace sangre {
namespace {

constexpr double edge_mm = 10, title_mm = 14, between_mm = 8;
constexpr double core_row = 6.4, cable_head = 9, cable_gap = 6;
constexpr double end_wide = 42, pin_wide = 7;

std::string words_on(const Core& c) {
    auto words = c.colour + (c.signal.empty() ? "" : "  " + c.signal);
    if (c.role == CoreRole::unused)
        return words + "  " + (c.cut_back ? say("unused, cut back") : say("unused"));
    if (c.twist > 0) words += "  " + say("twisted {twist}", c.twist);
    if (c.doubled > 0) words += "  " + say("doubled {doubled}", c.doubled);
    return words;
}

/// A piece of a cable that fits a column: its cores from `first` to before `last`.
class CableDrawing {
  public:
    CableDrawing(const Plan& plan, const Catalogue& catalogue, size_t cable, PaperPoint at, double wide)
        : plan_(plan),
          catalogue_(catalogue),
          number_(cable),
          cable_(*cabled_leads(plan)[cable]),
          at_(at),
          wide_(wide) {}

    void draw(DiagramSheet& sheet, size_t first, size_t last) const {
        DiagramPen pen(sheet);
        const auto* wire = find(catalogue_.wires, cable_.wire);
        pen.words({at_.x, at_.y + 3},
                  fmt::format("C{}  {}", number_ + 1,
                              cable_.name.empty() ? say("{part} lead", name_of(plan_, cable_.to))
                                                  : Words(cable_.name)),
                  wide_ * 0.62, 3.3, TextAlign::left, true);
        pen.words({at_.x + wide_, at_.y + 3},
                  say("{wire}{terminated|, a resistor at both ends|}",
                      wire ? size_words(*wire) : say("no wire"), cable_.terminated),
                  wide_ * 0.36, 2.6, TextAlign::right, false, "muted");
        if (!cable_.label.empty())
            pen.words({at_.x, at_.y + 6.6}, say("label: {label}", cable_.label), wide_, 2.4, TextAlign::left,
                      false, "muted");
        const double top = at_.y + cable_head, bottom = top + core_row * static_cast<double>(last - first);
        pen.block({at_.x, top}, {at_.x + end_wide, bottom});
        pen.block({at_.x + wide_ - end_wide, top}, {at_.x + wide_, bottom});
        const double middle = (top + bottom) / 2 + 1, room = end_wide - pin_wide - 3;
        pen.words({at_.x + 2, middle}, name_of(plan_, cable_.from), room, 2.8, TextAlign::left, true);
        pen.words({at_.x + wide_ - 2, middle}, name_of(plan_, cable_.to), room, 2.8, TextAlign::right, true);
        for (size_t i = first; i < last; ++i)
            core(pen, cable_.cores[i], top + core_row * (static_cast<double>(i - first) + 0.5));
        pen.spot(at_, {at_.x + wide_, bottom}, cable_.id);
    }

  private:
    void core(DiagramPen& pen, const Core& c, double y) const {
        const double x0 = at_.x + end_wide, x1 = at_.x + wide_ - end_wide;
        pen.words({x0 - 1.2, y + 0.9}, c.from_pin, pin_wide, 2.6, TextAlign::right, true);
        if (!c.to_pin.empty()) pen.words({x1 + 1.2, y + 0.9}, c.to_pin, pin_wide, 2.6, TextAlign::left, true);
        const auto ink = "wire:" + c.colour;
        if (c.role == CoreRole::unused) {
            const double stub = (x1 - x0) * 0.16;
            for (const auto& [from, to] : {std::pair{x0, x0 + stub}, {x1 - stub, x1}})
                pen.line({from, y + 0.8}, {to, y + 0.8}, ink, 0.7);
            pen.words({(x0 + x1) / 2, y + 1.6}, words_on(c), x1 - x0 - 2 * stub - 2, 2.4, TextAlign::centre,
                      false, "muted");
            return;
        }
        pen.line({x0, y + 0.8}, {x1, y + 0.8}, ink, 0.7);
        pen.words({(x0 + x1) / 2, y - 0.4}, words_on(c), x1 - x0 - 4, 2.4, TextAlign::centre);
    }

    const Plan& plan_;
    const Catalogue& catalogue_;
    size_t number_;
    const Lead& cable_;
    PaperPoint at_;
    double wide_;
};

}  // namespace

std::vector<DiagramSheet> cable_sheets(const Plan& plan, const Catalogue& catalogue) {
    std::vector<DiagramSheet> sheets;
    const DiagramSheet paper;
    const double wide = (paper.width - 2 * edge_mm - between_mm) / 2;
    const double first_y = edge_mm + title_mm, last_y = paper.height - edge_mm;
    int column = 2;
    double y = first_y;
    const auto next_column = [&] {
        y = first_y;
        if (++column < 2) return;
        column = 0;
        sheets.emplace_back();
        DiagramPen pen(sheets.back());
        pen.words({edge_mm, edge_mm + 3}, plan.name, paper.width / 2, 4, TextAlign::left, true);
        pen.words({paper.width - edge_mm, edge_mm + 3}, say("Cables, pin to pin"), 90, 3, TextAlign::right);
    };
    const auto cabled = cabled_leads(plan);
    for (size_t c = 0; c < cabled.size(); ++c) {
        const size_t cores = cabled[c]->cores.size();
        for (size_t first = 0; first < std::max<size_t>(cores, 1);) {
            const auto room = [&] { return std::max(0.0, std::floor((last_y - y - cable_head) / core_row)); };
            const double whole = std::floor((last_y - first_y - cable_head) / core_row);
            const auto left = static_cast<double>(cores - first);
            if (sheets.empty() || room() < std::min(left, whole)) next_column();
            const auto last = first + static_cast<size_t>(std::min(left, room()));
            CableDrawing(plan, catalogue, c, {edge_mm + column * (wide + between_mm), y}, wide)
                .draw(sheets.back(), first, last);
            y += cable_head + core_row * static_cast<double>(last - first) + cable_gap;
            first = std::max(last, first + 1);
        }
    }
    return sheets;
}

}  // namespace sangre
