#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "making/cut_list.h"
#include "making/shopping.h"
#include "output/book/book.h"
#include "output/diagram/labels.h"
#include "output/diagram/pen.h"
#include "output/diagram/step_drawing.h"

namespace sangre {
namespace {

constexpr double paper_x = 210, paper_y = 297, margin_x = 14, margin_y = 16;
constexpr double text_x = paper_x - 2 * margin_x;

size_t letters_of(const std::string& s) {
    return static_cast<size_t>(std::count_if(
        s.begin(), s.end(), [](char c) { return (static_cast<unsigned char>(c) & 0xC0) != 0x80; }));
}

/// Broken at blanks so that no line is wider than so many millimetres.
std::vector<std::string> wrapped(const std::string& text, double size, double room) {
    const auto most = static_cast<size_t>(room / (size * 0.55));
    std::vector<std::string> lines;
    std::string line, word;
    const auto put = [&] {
        if (word.empty()) return;
        if (!line.empty() && letters_of(line) + 1 + letters_of(word) > most)
            lines.push_back(std::exchange(line, {}));
        line += (line.empty() ? "" : " ") + std::exchange(word, {});
    };
    for (const char c : text)
        if (c == ' ' || c == '\n')
            put();
        else
            word += c;
    put();
    if (!line.empty()) lines.push_back(line);
    return lines;
}

/// A drawing inside of a sheet, smaller or larger.
void place(DiagramSheet& into, const DiagramSheet& drawing, PaperPoint at, double k) {
    for (auto s : drawing.shapes) {
        for (auto& p : s.points) p = {at.x + p.x * k, at.y + p.y * k};
        s.width *= k, s.size *= k;
        into.shapes.push_back(std::move(s));
    }
}

struct Writer {
    const Plan& plan;
    std::vector<DiagramSheet> sheets{};
    double y = paper_y;
    std::string running{};

    DiagramPen pen() { return DiagramPen(sheets.back()); }
    void page(const std::string& title) {
        sheets.emplace_back();
        sheets.back().width = paper_x, sheets.back().height = paper_y;
        pen().words({margin_x, paper_y - 8}, plan.name, 100, 2.4, TextAlign::left, false, "muted");
        pen().words({paper_x - margin_x, paper_y - 8}, fmt::format("{}", sheets.size()), 20, 2.4,
                    TextAlign::right, false, "muted");
        y = margin_y;
        running = title;
        if (!title.empty()) {
            pen().words({margin_x, y + 4}, title, text_x, 5, TextAlign::left, true);
            y += 11;
        }
    }
    void need(double tall) {
        if (y + tall > paper_y - 16) page(running);
    }
    void line(const std::string& text, double size = 3, bool bold = false, const Ink& ink = "ink",
              double indent = 0) {
        for (const auto& l : wrapped(text, size, text_x - indent)) {
            need(size * 1.5);
            pen().words({margin_x + indent, y + size}, l, text_x, size, TextAlign::left, bold, ink);
            y += size * 1.5;
        }
    }
    void box(double x) { pen().block({x, y + 0.3}, {x + 3.2, y + 3.5}, "ink", ""); }
    void cells(const std::vector<std::pair<double, std::string>>& columns, double size = 2.7,
               bool bold = false) {
        need(size * 1.7);
        for (size_t i = 0; i < columns.size(); ++i) {
            const double room =
                (i + 1 < columns.size() ? columns[i + 1].first : text_x) - columns[i].first - 1.5;
            pen().words({margin_x + columns[i].first, y + size + 0.4}, columns[i].second, room, size,
                        TextAlign::left, bold);
        }
        y += size * 1.7;
        pen().line({margin_x, y}, {paper_x - margin_x, y}, "muted", 0.1);
    }
};

void cover(Writer& w, const Study& s, const std::vector<Step>& steps) {
    w.page({});
    w.y = 60;
    w.line(w.plan.name, 10, true);
    w.y += 6;
    w.line(say("Build book"), 6, false, "muted");
    w.y += 10;
    const auto left = minutes_left(w.plan, steps);
    w.line(say("{count} steps, about {left} of handwork left.", steps.size(), format(Second(left * 60))), 4);
    w.line(say("{count} leads, {count_2} loads, {warm} of parts known by price.", w.plan.leads.size(),
               w.plan.loads.size(), fmt::format("{:.2f}", s.cost)),
           4);
    const auto dangers = count(s.findings, Severity::danger);
    if (dangers > 0) {
        w.y += 4;
        w.line(say("{dangers} {dangers|danger|dangers} in the plan: mend before anything is cut.", dangers),
               4, true, "caution");
        for (const auto& f : s.findings)
            if (f.severity == Severity::danger) w.line(f.sentence, 3.4, false, "ink", 4);
    }
    w.y += 8;
    for (const auto& part : {say("Cautions"), say("What to buy"), say("What to cut"), say("Steps"),
                             say("Readings to write in"), say("Wiring diagram"), say("Labels")})
        w.line(part, 3.6, false, "muted");
}

void buying(Writer& w, const Shopping& list) {
    w.page(say("What to buy"));
    w.cells({{0, ""}, {6, say("what")}, {104, say("needed")}, {128, say("to buy")}, {150, say("used for")}},
            2.7, true);
    for (const auto& l : list.lines) {
        w.need(5);
        w.box(margin_x);
        w.cells(
            {{6, l.need.item},
             {104, fmt::format("{} {}", format_number(l.need.amount), l.need.unit)},
             {128, l.to_buy > 0 ? compose("{} {}", format_number(l.to_buy), l.need.unit) : say("at hand")},
             {150, l.need.used_for}});
    }
    w.y += 3;
    w.line(say("{warm} by the catalogue's typical prices; {unpriced} without one.",
               fmt::format("{:.2f}", list.price), list.unpriced),
           3, false, "muted");
}

void cutting(Writer& w, const CutList& list) {
    w.page(say("What to cut"));
    // A scale, so that a length can be laid on it.
    auto pen = w.pen();
    for (int cm = 0; cm <= 18; ++cm) {
        const double x = margin_x + cm * 10;
        pen.line({x, w.y}, {x, w.y + (cm % 5 ? 2 : 4)}, "ink", 0.25);
        if (cm % 5 == 0) pen.words({x, w.y + 7}, fmt::format("{} cm", cm), 12, 2.4, TextAlign::centre);
    }
    pen.line({margin_x, w.y}, {margin_x + 180, w.y}, "ink", 0.3);
    w.y += 11;
    w.line(say("Longer or shorter than a ruler? Print once more at 100 %."), 2.6, false, "muted");
    for (const auto& g : list.groups) {
        w.y += 2;
        w.need(14);
        w.line(g.what, 3.2, true);
        for (const auto& from : g.from) {
            w.line(from.of.empty() ? say("new, {length} together", format(from.length))
                                   : say("from {of}, {length}: {left} left", from.of, format(from.length),
                                         format(from.left)),
                   2.7, false, "muted", 4);
            for (const auto& p : from.pieces) {
                w.need(5);
                w.box(margin_x + 8);
                w.cells({{14, format(p.length)}, {40, cut_words(p)}, {80, name_of(w.plan, p.lead)}});
            }
        }
    }
}

void steps_of(Writer& w, const Catalogue& catalogue, const Study& s, const std::vector<Step>& steps) {
    w.page(say("Steps"));
    size_t number = 0;
    for (const auto& step : steps) {
        ++number;
        const auto drawing = step_drawing(w.plan, catalogue, s, step);
        constexpr double k = 0.82;
        double tall = 12 + (drawing.shapes.empty() ? 0 : step_drawing_tall * k + 2);
        for (const auto& a : step.actions)
            tall += 4.5 * static_cast<double>(wrapped(a, 3, text_x - 12).size());
        if (!step.caution.empty())
            tall += 4.5 * static_cast<double>(wrapped(step.caution, 3, text_x - 12).size()) + 1;
        w.need(std::min(tall, 200.0));
        w.line(fmt::format("{}  {}", number, step.title), 4, true);
        if (!step.subtitle.empty()) w.line(step.subtitle, 2.8, false, "muted", 6);
        if (!drawing.shapes.empty()) {
            w.need(step_drawing_tall * k + 2);
            place(w.sheets.back(), drawing, {margin_x + (text_x - step_drawing_wide * k) / 2, w.y}, k);
            w.y += step_drawing_tall * k + 2;
        }
        for (const auto& a : step.actions) {
            w.need(5);
            w.box(margin_x + 2);
            w.line(a, 3, false, "ink", 8);
        }
        if (!step.caution.empty()) w.line("! " + step.caution, 3, true, "caution", 8);
        w.y += 4;
    }
}

void readings_of(Writer& w, const Study& s) {
    w.page(say("Readings to write in"));
    w.cells({{0, say("what")}, {78, say("with")}, {112, say("should read")}, {152, say("reads")}}, 2.7, true);
    bool live = false;
    for (const auto& r : s.readings()) {
        if (r.live && !std::exchange(live, true)) {
            w.y += 2;
            w.line(say("Under power"), 3.2, true);
        }
        w.cells({{0, r.title}, {78, r.state}, {112, window_text(r)}, {152, "…………………"}});
    }
}

}  // namespace

std::vector<DiagramSheet> book_sheets(const Plan& plan, const Catalogue& catalogue, const Study& s) {
    Writer w{plan};
    const auto& steps = s.steps();
    cover(w, s, steps);
    w.page(say("Cautions"));
    for (const auto& c : book_cautions(plan, catalogue, steps)) {
        w.line("! " + c.words, 3.6);
        w.y += 2;
    }
    buying(w, shopping(plan, catalogue, s));
    cutting(w, cut_list(plan, catalogue, s));
    steps_of(w, catalogue, s, steps);
    readings_of(w, s);
    auto all = std::move(w.sheets);
    for (auto& sheet : draw_diagram(plan, catalogue, s.harness).sheets) all.push_back(std::move(sheet));
    for (auto& sheet : label_sheets(wire_labels(plan, s.harness))) all.push_back(std::move(sheet));
    return all;
}

}  // namespace sangre
