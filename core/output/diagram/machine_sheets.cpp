#include "output/diagram/machine_sheets.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"
#include "harness/room.h"
#include "output/diagram/packed.h"
#include "output/diagram/paper_room.h"
#include "output/diagram/pen.h"
#include "plan/drawn.h"
#include "plan/on_way.h"
#include "plan/outline.h"

namespace sangre {
namespace {

constexpr double sheet_rim = 12, sheet_head = 14, sheet_foot = 12;
constexpr double letter = 0.56;  // of a letter over its size, bold ones included

double wide_of(const std::string& words, double size) {
    size_t n = 0;
    for (const char c : words) n += (static_cast<unsigned char>(c) & 0xC0) != 0x80;
    return static_cast<double>(n) * size * letter + 1;
}

/// One side of the machine on one sheet.
struct MachineDrawer {
    const Plan& plan;
    const Figures& figures;
    const Side* side;
    DiagramSheet sheet{};
    DiagramPen pen{sheet};
    PaperBox room{};
    PaperRoom free{{sheet_rim, sheet_rim, 297 - sheet_rim, 210 - sheet_rim}};
    std::map<Id, PaperBox> boxes{};

    bool shows(const Place& place) const { return side == side_of(plan, place); }
    PaperPoint on_sheet(SidePoint p) const {
        return {room.left + p.x * (room.right - room.left), room.top + p.y * (room.bottom - room.top)};
    }
    void begin() {
        const double wide = 297 - 2 * sheet_rim, tall = 210 - 2 * sheet_rim - sheet_head - sheet_foot;
        const double shape = side ? side->tall : tall / wide;
        const double w = std::min(wide, tall / shape);
        room = {(297 - w) / 2, sheet_rim + sheet_head, (297 + w) / 2, sheet_rim + sheet_head + w * shape};
        pen.words({sheet_rim, sheet_rim + 5}, plan.name, 150, 4.4, TextAlign::left, true);
        pen.words({sheet_rim, sheet_rim + 10.5}, side ? Words(side->name) : say("The machine from above"),
                  150, 3, TextAlign::left, false, "muted");
        pen.block({room.left, room.top}, {room.right, room.bottom}, "muted", "");
        if (!side || raw(side->across) <= 0) {
            pen.words({297 - sheet_rim, sheet_rim + 5}, say("not to scale"), 60, 3, TextAlign::right, false,
                      "muted");
            return;
        }
        // The longest round length that takes no more than a third of the width.
        const double mm_per_m = w / raw(side->across);
        double bar = 0.01;
        for (const double step : {0.02, 0.05, 0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0})
            if (step * mm_per_m <= w / 3) bar = step;
        const double y = 210 - sheet_rim - 2, x = sheet_rim;
        pen.line({x, y}, {x + bar * mm_per_m, y}, "ink", 0.5);
        for (const double end : {x, x + bar * mm_per_m}) pen.line({end, y - 1.5}, {end, y + 1.5}, "ink", 0.3);
        pen.words({x + bar * mm_per_m + 3, y + 1},
                  say("{bar} at 1:{scale}", format(Metre(bar)), format_number(std::round(1000 / mm_per_m))),
                  80, 3);
    }
    void place_boxes() {
        for (const auto& place : plan.places) {
            if (!shows(place)) continue;
            const auto at = on_sheet({place.x, place.y});
            const double w = std::max(wide_of(place.name, 3.2) + 4, 16.0),
                         x = std::clamp(at.x, sheet_rim + w / 2, 297 - sheet_rim - w / 2);
            boxes[place.id] = {x - w / 2, at.y - 3.4, x + w / 2, at.y + 3.4};
        }
        for (const auto& [id, box] : boxes) free.take(box);
    }
    void bodies() {
        for (const auto& body : plan.bodies) {
            PaperBox round{1e9, 1e9, -1e9, -1e9};
            for (const auto& place : plan.places)
                if (const auto at = boxes.find(place.id); at != boxes.end() && place.body == body.id)
                    round = {std::min(round.left, at->second.left), std::min(round.top, at->second.top),
                             std::max(round.right, at->second.right),
                             std::max(round.bottom, at->second.bottom)};
            if (round.right < round.left) continue;
            if (const auto outline = side ? outline_on(plan, *side, body) : std::nullopt) {
                // To scale, with the gap that is drawn round it taken off.
                const auto from = on_sheet(outline->from), to = on_sheet(outline->to);
                constexpr double gap = 6;
                round = {std::min(round.left, from.x + gap), std::min(round.top, from.y + gap),
                         std::max(round.right, to.x - gap), std::max(round.bottom, to.y - gap)};
            }
            const double gap = 6;
            for (const auto& [a, b] :
                 {std::pair{PaperPoint{round.left - gap, round.top - gap},
                            PaperPoint{round.right + gap, round.top - gap}},
                  {{round.right + gap, round.top - gap}, {round.right + gap, round.bottom + gap}},
                  {{round.right + gap, round.bottom + gap}, {round.left - gap, round.bottom + gap}},
                  {{round.left - gap, round.bottom + gap}, {round.left - gap, round.top - gap}}}) {
                pen.line(a, b, "muted", 0.3, true);
                free.take({std::min(a.x, b.x) - 0.4, std::min(a.y, b.y) - 0.4, std::max(a.x, b.x) + 0.4,
                           std::max(a.y, b.y) + 0.4});
            }
            const double w = wide_of(body.name, 2.8);
            const std::vector<PaperBox> candidates{
                {round.left - gap + 1, round.top - gap - 4, round.left - gap + 1 + w, round.top - gap - 0.5},
                {round.right + gap - 1 - w, round.top - gap - 4, round.right + gap - 1,
                 round.top - gap - 0.5},
                {round.left - gap + 1, round.bottom + gap + 0.5, round.left - gap + 1 + w,
                 round.bottom + gap + 4}};
            const auto label = candidates[free.find(candidates)];
            pen.words({label.left, label.bottom - 0.8}, body.name, w + 4, 2.8, TextAlign::left, false,
                      "muted");
        }
    }
    std::vector<PaperPoint> line(const Way& way) const {
        std::vector<PaperPoint> points;
        for (const auto& p : line_of_way(plan, way)) points.push_back(on_sheet(p));
        if (points.empty()) {
            const auto a = boxes.find(way.from), b = boxes.find(way.to);
            if (a == boxes.end() || b == boxes.end()) return {};
            for (const auto& box : {a->second, b->second})
                points.push_back({(box.left + box.right) / 2, (box.top + box.bottom) / 2});
        }
        return points;
    }
    static PaperPoint along(const std::vector<PaperPoint>& points, double share) {
        double whole = 0;
        for (size_t i = 1; i < points.size(); ++i)
            whole += std::hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y);
        double left = whole * share;
        for (size_t i = 1; i < points.size(); ++i) {
            const double part = std::hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y);
            if (left <= part && part > 0) {
                const double t = left / part;
                return {points[i - 1].x + (points[i].x - points[i - 1].x) * t,
                        points[i - 1].y + (points[i].y - points[i - 1].y) * t};
            }
            left -= part;
        }
        return points.back();
    }
    /// Where lines and signs lie, so that no words do.
    void take_lines() {
        for (const auto& way : plan.ways) {
            const auto points = line(way);
            if (points.empty()) continue;
            for (int k = 0; k <= 60; ++k) {
                const auto at = along(points, k / 60.0);
                free.take({at.x - 0.7, at.y - 0.7, at.x + 0.7, at.y + 0.7});
            }
            for (const auto& thing : way.on_it) {
                const auto at = along(points, share_on(way, thing));
                free.take({at.x - 2, at.y - 2, at.x + 2, at.y + 2});
            }
        }
    }
    static double share_on(const Way& way, const OnWay& thing) {
        return thing.at && raw(way.length) > 0 ? std::clamp(raw(*thing.at) / raw(way.length), 0.0, 1.0) : 0.4;
    }
    void label(PaperPoint at, const std::string& words, double size, bool bold, const Ink& ink, double off) {
        const double w = wide_of(words, size), t = size + 0.8;
        std::vector<PaperBox> candidates;
        for (const double far : {off, off + 4, off + 8, off + 13})
            for (const double rise : {0.0, -t, t, -2 * t, 2 * t}) {
                candidates.push_back({at.x + far, at.y - t / 2 + rise, at.x + far + w, at.y + t / 2 + rise});
                candidates.push_back({at.x - far - w, at.y - t / 2 + rise, at.x - far, at.y + t / 2 + rise});
                candidates.push_back({at.x - w / 2, at.y - far - t, at.x + w / 2, at.y - far});
                candidates.push_back({at.x - w / 2, at.y + far, at.x + w / 2, at.y + far + t});
            }
        const auto box = candidates[free.find(candidates)];
        pen.block({box.left - 0.3, box.top + 0.3}, {box.right, box.bottom}, "", "card");
        pen.words({box.left, box.bottom - 1}, words, w + 6, size, TextAlign::left, bold, ink);
    }
    void lines() {
        for (size_t w = 0; w < plan.ways.size(); ++w) {
            const auto points = line(plan.ways[w]);
            const bool used =
                !figures.harness.feeds_on_way[w].empty() || !figures.harness.cables_on_way[w].empty();
            for (size_t i = 1; i < points.size(); ++i)
                pen.line(points[i - 1], points[i], used ? "ink" : "muted",
                         used ? std::clamp(raw(figures.harness.bundle[w]) / 6, 0.4, 3.0) : 0.3, !used);
        }
    }
    void on_ways() {
        for (const auto& way : plan.ways) {
            const auto points = line(way);
            if (points.empty()) continue;
            label(along(points, 0.5), format(way.length), 2.8, false, "ink", 1.5);
            for (const auto& thing : way.on_it) {
                const auto at = along(points, share_on(way, thing));
                const auto* opening = by_id(plan.openings, thing.opening);
                if (opening) {
                    pen.dot(at, 1.6, "card");
                    if (opening->kind != OpeningKind::hole) pen.dot(at, 0.9, "card");
                } else {
                    pen.line({at.x, at.y - 1.8}, {at.x + 1.7, at.y + 1.2}, "ink", 0.4);
                    pen.line({at.x + 1.7, at.y + 1.2}, {at.x - 1.7, at.y + 1.2}, "ink", 0.4);
                    pen.line({at.x - 1.7, at.y + 1.2}, {at.x, at.y - 1.8}, "ink", 0.4);
                }
                label(
                    at,
                    say("{opening}{placed| at {at}|}", opening ? opening_size(*opening) : on_way_words(thing),
                        thing.at.has_value(), format(thing.at.value_or(Metre(0)))),
                    2.4, false, "muted", 2.4);
            }
        }
    }
    void places() {
        const auto names = [&](const Id& place) {
            std::string all;
            const auto take = [&](const auto& list) {
                for (const auto& part : list)
                    if (part.place == place) all += (all.empty() ? "" : ", ") + part.name;
            };
            take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.passives);
            return all;
        };
        for (const auto& place : plan.places) {
            const auto at = boxes.find(place.id);
            if (at == boxes.end()) continue;
            const auto& b = at->second;
            pen.block({b.left, b.top}, {b.right, b.bottom});
            pen.words({(b.left + b.right) / 2, b.bottom - 2.2}, place.name, b.right - b.left, 3.2,
                      TextAlign::centre, true);
            if (const auto here = names(place.id); !here.empty()) {
                const double w = std::min(wide_of(here, 2.2), 60.0);
                std::vector<PaperBox> candidates;
                for (const double off : {0.5, 4.0, 7.5})
                    for (const double left : {b.left, b.right - w, b.right, b.left - w})
                        for (const double top : {b.bottom + off, b.top - off - 3})
                            candidates.push_back({left, top, left + w, top + 3});
                const auto box = candidates[free.find(candidates)];
                pen.block({box.left - 0.3, box.top + 0.2}, {box.right, box.bottom}, "", "card");
                pen.words({box.left, box.bottom - 0.8}, here, w + 1, 2.2, TextAlign::left, false, "muted");
            }
            pen.spot({b.left, b.top}, {b.right, b.bottom}, place.id);
        }
    }
    DiagramSheet draw() {
        begin();
        place_boxes();
        take_lines();
        bodies();
        lines();
        places();
        on_ways();
        return std::move(sheet);
    }
};

constexpr double section_wide = 88, section_tall = 62;

}  // namespace

std::vector<DiagramSheet> machine_sheets(const Plan& plan, const Figures& figures) {
    std::vector<DiagramSheet> sheets;
    if (plan.places.empty()) return sheets;
    if (plan.sides.empty()) sheets.push_back(MachineDrawer{plan, figures, nullptr}.draw());
    for (const auto& side : plan.sides) sheets.push_back(MachineDrawer{plan, figures, &side}.draw());
    return sheets;
}

std::vector<DiagramSheet> section_sheets(const Plan& plan, const Catalogue& catalogue,
                                         const Figures& figures) {
    std::vector<DiagramSheet> sheets;
    double x = sheet_rim, y = 297;
    for (const auto& fill : figures.harness.holes) {
        if (fill.wires.empty()) continue;
        const auto& opening = plan.openings[fill.opening];
        const double bore = raw(opening.bore) > 0 ? raw(opening.bore) : raw(fill.needed);
        const double larger = bore < 14 ? 4 : bore < 28 ? 2 : 1;
        const double tall = std::max(section_tall, bore * larger + 40);
        if (y + tall > 297 - sheet_rim) {
            if (x + 2 * section_wide + 6 <= 210 - sheet_rim && !sheets.empty())
                x += section_wide + 10, y = sheet_rim + 14;
            else {
                sheets.emplace_back();
                sheets.back().width = 210, sheets.back().height = 297;
                x = sheet_rim, y = sheet_rim + 14;
                DiagramPen(sheets.back())
                    .words({sheet_rim, sheet_rim + 5}, say("Openings in section, {plan}", plan.name), 180,
                           4.4, TextAlign::left, true);
            }
        }
        DiagramPen pen(sheets.back());
        pen.block({x, y}, {x + section_wide, y + tall - 4}, "muted", "");
        pen.words({x + 3, y + 5.5}, opening_name(plan, opening), section_wide - 6, 3.4, TextAlign::left,
                  true);
        const auto section = [&](PaperPoint centre, double scale, const std::string& words) {
            pen.dot(centre, bore / 2 * scale, "");
            draw_packed(pen, plan, fill, centre, scale);
            pen.words({centre.x, centre.y + bore / 2 * scale + 4}, words, 30, 2.6, TextAlign::centre, false,
                      "muted");
        };
        const double middle = y + 10 + bore * larger / 2;
        section({x + 6 + bore / 2, middle}, 1, "1:1");
        if (larger > 1)
            section({x + bore + 16 + bore * larger / 2, middle}, larger,
                    say("{larger} times larger", format_number(larger)));
        double line = y + tall - 20;
        const auto tell = [&](const Words& words, const Ink& ink = "ink") {
            pen.words({x + 3, line}, words, section_wide - 6, 2.6, TextAlign::left, false, ink);
            line += 3.8;
        };
        tell(raw(opening.bore) > 0 ? say("{packed} fill {fill} of {bore}", packed_words(fill),
                                         format_percent(fill.fill), format(opening.bore))
                                   : say("{packed} need {needed}", packed_words(fill), format(fill.needed)));
        if (const auto left = room_left(opening, fill))
            tell(left->more_alike > 0 ? say("room for {more_alike} more of {alike}, or one of {one}",
                                            left->more_alike, format(left->alike), format(left->one))
                                      : say("room for one of {one}", format(left->one)),
                 "muted");
        if (const auto* fitting = fitting_of(catalogue, opening, fill.needed)) tell(fitting->name, "muted");
        if (!fill.ends_pass)
            tell(say("the {largest_end} plug does not pass: thread first", format(fill.largest_end)));
        pen.spot({x, y}, {x + section_wide, y + tall - 4}, opening.id);
        y += tall;
    }
    return sheets;
}

}  // namespace sangre
