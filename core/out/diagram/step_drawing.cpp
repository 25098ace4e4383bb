#include "diagram/step_drawing.h"

#include <algorithm>
#include <cmath>

#include "diagram/joint_shapes.h"
#include "diagram/pen.h"
#include "enum_words.h"
#include "harness/fittings.h"
#include "holds/holds.h"
#include "joint/pigtail.h"
#include "panel/panel.h"
#include "plan/on_way.h"
#include "units/format.h"
#include "wiring/marks.h"
#include "words/say.h"

namespace sangre {
namespace {

constexpr double wide = step_drawing_wide, tall = step_drawing_tall, middle_x = wide / 2, middle_y = tall / 2;

struct StepDrawer {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const Step& step;
    DiagramSheet sheet{};
    DiagramPen pen{sheet};

    std::optional<size_t> lead() const {
        for (size_t i = 0; i < plan.feeds.size() + plan.cables.size(); ++i)
            if (lead_at(plan, i).id == step.about) return i;
        return {};
    }
    void words(double x, double y, const std::string& text, double size = 3,
               TextAlign align = TextAlign::centre, bool bold = false, const Ink& ink = "ink") {
        pen.words({x, y}, text, wide, size, align, bold, ink);
    }
    void meter(double x, double y, const std::string& value, const std::string& note, double w = 44,
               double h = 24) {
        pen.block({x, y}, {x + w, y + h}, "ink", "card");
        pen.block({x + 2, y + 2}, {x + w - 2, y + h - 8}, "ink", "paper");
        pen.words({x + w / 2, y + h - 11}, value, w - 5, 5, TextAlign::centre, true);
        pen.words({x + w / 2, y + h - 2.6}, note, w - 4, 2.4, TextAlign::centre, false, "muted");
    }
    /// From the meter at its end to the point.
    void probe(PaperPoint from, PaperPoint to, bool red) {
        pen.line(from, {to.x, from.y}, red ? "wire:red" : "wire:black", 0.6);
        pen.line({to.x, from.y}, to, red ? "wire:red" : "wire:black", 0.6);
        pen.dot(to, 0.9, red ? "wire:red" : "wire:black");
    }
    void arrow(PaperPoint from, PaperPoint to) {
        pen.line(from, to, "accent", 0.7);
        const double a = std::atan2(to.y - from.y, to.x - from.x);
        for (const double turn : {2.6, -2.6})
            pen.line(to, {to.x + 2.4 * std::cos(a + turn), to.y + 2.4 * std::sin(a + turn)}, "accent", 0.7);
    }

    void cut(size_t i) {
        const auto& l = lead_at(plan, i);
        const auto& route = figures.harness.routes[i];
        const double left = 14, right = wide - 14;
        draw_dimension(sheet, left, right, 12, format(route.cut), "accent", true);
        if (!l.cores.empty()) {
            cores(l, 18);
            return;
        }
        double y = 24;
        const auto piece = [&](const std::string& colour, const std::string& mark, int alike) {
            for (int n = 0; n < std::min(alike, 3); ++n) {
                pen.block({left, y - 1.6}, {right, y + 1.6}, "muted", "wire:" + colour);
                for (const double x : {left + 8, right - 24}) {
                    pen.block({x, y - 2.8}, {x + 16, y + 2.8}, "muted", "card");
                    pen.words({x + 8, y + 1.1}, mark, 15, 3, TextAlign::centre, true);
                }
                y += 8;
            }
        };
        const int alike = std::max(l.conductors, 1);
        piece(l.supply_colour, wire_label(i, false), alike);
        if (l.ret == Return::own) piece(l.return_colour, wire_label(i, true), alike);
        words(middle_x, tall - 2, say("for {}", name_of(plan, l.to)), 3, TextAlign::centre, false, "muted");
    }
    /// Every core from pin to pin, both plugs seen from the side of their wires.
    void cores(const Lead& l, double top) {
        const double each =
            std::min(6.0, (tall - top - 8) / static_cast<double>(std::max<size_t>(l.cores.size(), 1)));
        const double left = 30, right = wide - 30;
        words(left, top - 0.5, name_of(plan, l.from), 2.8, TextAlign::centre, true);
        words(right, top - 0.5, name_of(plan, l.to), 2.8, TextAlign::centre, true);
        for (size_t i = 0; i < l.cores.size(); ++i) {
            const auto& c = l.cores[i];
            const double y = top + 1 + each * (static_cast<double>(i) + 0.5);
            const bool unused = c.role == CoreRole::unused;
            pen.block({left, y - each * 0.22}, {unused ? left + 10 : right, y + each * 0.22}, "muted",
                      "wire:" + c.colour);
            if (unused) pen.block({left + 10, y - each * 0.3}, {left + 16, y + each * 0.3}, "tube", "glass");
            pen.words({left - 2, y + 1}, c.from_pin, 24, 2.8, TextAlign::right, true);
            pen.words({right + 2, y + 1}, c.to_pin, 24, 2.8, TextAlign::left, true);
            pen.words({middle_x, y - each * 0.28}, c.signal, 60, 2.2, TextAlign::centre, false, "muted");
        }
        words(middle_x, tall - 1.5, say("both seen from the side of the wires"), 2.4, TextAlign::centre,
              false, "muted");
    }
    void thread(size_t i) {
        for (const auto w : figures.harness.routes[i].ways)
            for (const auto& thing : plan.ways[w].on_it) {
                const auto* opening = by_id(plan.openings, thing.opening);
                if (!opening) continue;
                const auto& fill = figures.harness.holes[static_cast<size_t>(opening - plan.openings.data())];
                const double bore = std::max({raw(opening->bore), raw(fill.needed), 1.0}), k = 40 / bore;
                const PaperPoint c{36, middle_y};
                pen.dot(c, bore / 2 * k, "");
                for (size_t n = 0; n < fill.wires.size(); ++n)
                    pen.dot({c.x + fill.wires[n].x * k, c.y + fill.wires[n].y * k}, fill.wires[n].radius * k,
                            "wire:" + core_colour(plan, figures.harness.wiring.cores[fill.wire_core[n]]));
                words(c.x, tall - 0.5, say("from the front, {}", format(Millimetre(bore))), 2.6,
                      TextAlign::centre, false, "muted");
                // From the side: the wall, what sits in it, the bare end that comes through.
                const double wall = 104;
                pen.block({wall - 1.5, 4}, {wall + 1.5, middle_y - 6}, "ink", "muted");
                pen.block({wall - 1.5, middle_y + 6}, {wall + 1.5, tall - 8}, "ink", "muted");
                if (opening->kind != OpeningKind::hole)
                    for (const double y : {middle_y - 6.0, middle_y + 4.0})
                        pen.block({wall - 4, y}, {wall + 4, y + 2}, "ink", "wire:black");
                if (opening->kind == OpeningKind::gland) {
                    pen.block({wall + 4, middle_y - 9}, {wall + 12, middle_y + 9}, "ink", "glass");
                    pen.block({wall - 9, middle_y - 8}, {wall - 4, middle_y + 8}, "ink", "glass");
                    words(wall + 14, 8, say("dome nut and seal outside"), 2.6, TextAlign::left);
                    words(wall - 12, 8, say("lock nut inside"), 2.6, TextAlign::right);
                }
                const auto& l = lead_at(plan, i);
                pen.block({66, middle_y - 2.6}, {140, middle_y - 0.4}, "muted", "wire:" + l.supply_colour);
                if (l.cores.empty() && l.ret == Return::own)
                    pen.block({66, middle_y + 0.4}, {140, middle_y + 2.6}, "muted",
                              "wire:" + l.return_colour);
                arrow({142, middle_y}, {154, middle_y});
                words(122, tall - 0.5, opening_name(plan, *opening), 2.6, TextAlign::centre, false, "muted");
                return;
            }
        hazard(i);
    }
    /// Past what it meets, without an opening.
    void hazard(size_t i) {
        const auto& l = lead_at(plan, i);
        pen.block({14, middle_y - 1.4}, {wide - 14, middle_y + 1.4}, "muted", "wire:" + l.supply_colour);
        double x = 40;
        for (const auto w : figures.harness.routes[i].ways)
            for (const auto& thing : plan.ways[w].on_it) {
                if (!thing.opening.empty() || x > wide - 30) continue;
                pen.line({x, middle_y - 9}, {x + 5, middle_y}, "caution", 0.6);
                pen.line({x + 5, middle_y}, {x - 5, middle_y}, "caution", 0.6);
                pen.line({x - 5, middle_y}, {x, middle_y - 9}, "caution", 0.6);
                words(x, middle_y - 11, on_way_words(thing), 2.8);
                if (thing.at)
                    words(x, middle_y + 6,
                          say("at {} from {}", format(*thing.at), name_of(plan, plan.ways[w].from)), 2.6,
                          TextAlign::centre, false, "muted");
                x += 46;
            }
    }
    void sleeve(size_t i) {
        const auto& l = lead_at(plan, i);
        double y = 16;
        for (const bool source : {true, false}) {
            const auto work = i < plan.feeds.size() ? feed_joint(plan, catalogue, i, source) : std::nullopt;
            if (!work || !work->tube || in_pigtail(plan, catalogue, l, source)) continue;
            const double end = source ? 26 : wide - 26, sign = source ? 1 : -1;
            const double length = std::min(raw(work->tube_cut), 30.0),
                         park = std::min(raw(work->parking), 60.0);
            const double stop = source ? wide - 30 : 30;
            pen.block({std::min(end, stop), y - 1.4}, {std::max(end, stop), y + 1.4}, "muted",
                      "wire:" + l.supply_colour);
            const double a = end + sign * park, b = a + sign * length;
            pen.block({std::min(a, b), y - 3}, {std::max(a, b), y + 3}, "tube", "glass");
            draw_dimension(sheet, std::min(a, b), std::max(a, b), y - 5, format(work->tube_cut), "muted",
                           true);
            if (raw(work->parking) > 0)
                draw_dimension(sheet, std::min(end, a), std::max(end, a), y + 5, "≥ " + format(work->parking),
                               "caution", false);
            words(end - sign * 2, y + 1, name_of(plan, source ? l.from : l.to), 2.8,
                  source ? TextAlign::right : TextAlign::left, true);
            y += 26;
        }
    }
    void join() {
        const auto work = feed_joint(plan, catalogue, step.joint->feed, step.joint->at_source);
        if (work)
            draw_joint(sheet, {6, 2}, {wide - 6, tall - 2}, *work, plan.feeds[step.joint->feed].supply_colour,
                       true);
    }
    void item(size_t i) {
        const auto& l = plan.feeds[i];
        const double left = 14, right = wide - 14, on = middle_y - 4, back = middle_y + 10;
        const bool own = l.ret == Return::own;
        words(left, 8, name_of(plan, l.from), 3, TextAlign::left, true);
        words(right, 8, name_of(plan, l.to), 3, TextAlign::right, true);
        pen.block({left, on - 0.7}, {right, on + 0.7}, "muted", "wire:" + l.supply_colour);
        if (own) pen.block({left, back - 0.7}, {right, back + 0.7}, "muted", "wire:" + l.return_colour);
        const double gap = (right - left) / static_cast<double>(l.devices.size() + 1);
        double x = left;
        for (const auto& d : l.devices) {
            x += gap;
            if (d.id == step.item) {
                pen.block({x - 8, on - 7}, {x + 8, (d.kind == DeviceKind::connector && own ? back : on) + 7},
                          "accent", "paper");
                if (d.at) words(x, tall - 2, say("{} from {}", format(*d.at), name_of(plan, l.from)), 2.8);
            }
            pen.item(d.kind, {x, on}, {x, own ? back : on});
        }
    }
    void seat(Millimetre cutout, Millimetre behind, const std::string& name) {
        const double wall = middle_x, half = std::clamp(raw(cutout) / 2, 4.0, 14.0);
        pen.block({wall - 1.5, 2}, {wall + 1.5, middle_y - half}, "ink", "muted");
        pen.block({wall - 1.5, middle_y + half}, {wall + 1.5, tall - 2}, "ink", "muted");
        pen.block({wall - 5, middle_y - half - 3}, {wall - 1.5, middle_y + half + 3}, "ink", "card");
        pen.block({wall - 9, middle_y - half + 1}, {wall - 5, middle_y + half - 1}, "ink", "accent");
        pen.block({wall + 1.5, middle_y - half - 2}, {wall + 5, middle_y + half + 2}, "ink", "solder");
        const double depth = raw(behind) > 0 ? std::min(raw(behind), 50.0) : 26;
        pen.block({wall - 1, middle_y - half + 0.5}, {wall + depth, middle_y + half - 0.5}, "ink", "glass");
        words(wall - 11, 8, say("in front: the ring"), 2.8, TextAlign::right);
        words(wall + 7, 8, say("behind: the nut"), 2.8, TextAlign::left);
        if (raw(cutout) > 0)
            words(wall - 12, middle_y + 1, say("hole {}", format(cutout)), 3.4, TextAlign::right, true);
        if (raw(behind) > 0)
            draw_dimension(sheet, wall + 1.5, wall + depth, middle_y + half + 4, format(behind), "ink",
                           false);
        words(wall - 12, tall - 2, name, 2.8, TextAlign::right, false, "muted");
    }
    void module() {
        pen.block({40, 12}, {104, 44}, "ink", "good");
        pen.block({46, 18}, {58, 30}, "ink", "wire:black");
        pen.dot({84, 24}, 7, "wire:brown");
        pen.block({66, 14}, {72, 20}, "ink", "wire:blue");
        pen.line({67, 17}, {71, 17}, "ink", 0.6);
        words(69, 10, say("the screw"), 2.8);
        for (const auto& [x, y, sign] : {std::tuple{42.0, 16.0, "IN +"},
                                         {42.0, 42.0, "IN −"},
                                         {102.0, 16.0, "OUT +"},
                                         {102.0, 42.0, "OUT −"}}) {
            pen.dot({x, y}, 1.4, "solder");
            pen.words({x + (x < 60 ? -3 : 3), y + 1}, sign, 16, 2.8,
                      x < 60 ? TextAlign::right : TextAlign::left, true);
        }
        pen.block({4, 24}, {20, 34}, "ink", "card");
        words(12, 30, say("1 A fuse"), 2.4);
        pen.line({20, 26}, {40, 16}, "wire:red", 0.6);
        pen.line({20, 32}, {40, 42}, "wire:black", 0.6);
        meter(114, 16, step.target ? step.target->value : "", step.target ? step.target->note : "", 44, 26);
        pen.line({104, 16}, {114, 22}, "wire:red", 0.6);
        pen.line({104, 42}, {114, 38}, "wire:black", 0.6);
        words(80, 52, say("nothing on its output"), 2.8, TextAlign::centre, false, "muted");
    }
    void measured(const std::string& value, const std::string& note) {
        meter(middle_x - 30, 6, value, note, 60, 30);
        probe({middle_x - 20, 36}, {middle_x - 44, 50}, true);
        probe({middle_x + 20, 36}, {middle_x + 44, 50}, false);
        words(middle_x - 44, 56.5, "+", 4, TextAlign::centre, true);
        words(middle_x + 44, 56.5, "−", 4, TextAlign::centre, true);
    }
    void beep() {
        pen.block({20, 44}, {wide - 20, 47}, "muted", "wire:red");
        pen.block({20, 50}, {wide - 20, 53}, "muted", "wire:black");
        meter(middle_x - 26, 4, ")))", say("nearly 0 Ω, end to end"), 52, 26);
        probe({middle_x - 18, 30}, {24, 45.5}, true);
        probe({middle_x + 18, 30}, {wide - 24, 45.5}, false);
    }
    void first_power() {
        pen.block({8, 18}, {40, 42}, "ink", "card");
        words(24, 31, plan.sources.empty() ? say("source") : plan.sources.front().name, 3, TextAlign::centre,
              true);
        pen.line({40, 24}, {70, 24}, "wire:red", 0.8);
        pen.dot({78, 24}, 8, "card");
        pen.line({73, 19}, {83, 29}, "ink", 0.5);
        pen.line({83, 19}, {73, 29}, "ink", 0.5);
        words(78, 12, say("lamp, or a 2 A fuse"), 2.8);
        pen.line({86, 24}, {112, 24}, "wire:red", 0.8);
        pen.line({40, 36}, {112, 36}, "wire:black", 0.8);
        pen.block({112, 14}, {152, 46}, "ink", "glass");
        words(132, 31, plan.name, 3, TextAlign::centre, true);
        words(132, 51, say("every switch off"), 2.8, TextAlign::centre, false, "muted");
    }
    void fuse() {
        pen.block({40, 34}, {120, 46}, "ink", "glass");
        for (const double x : {58.0, 96.0}) pen.block({x, 30}, {x + 6, 44}, "ink", "solder");
        pen.block({54, 8}, {106, 22}, "ink", "accent");
        for (const double x : {58.0, 96.0}) pen.block({x, 22}, {x + 6, 28}, "ink", "solder");
        arrow({130, 12}, {130, 30});
        pen.line({10, 40}, {40, 40}, "wire:red", 1);
        pen.line({120, 40}, {150, 40}, "wire:red", 1);
    }
    void holds() {
        const auto* way = by_id(plan.ways, step.about);
        if (!way) return;
        const auto on = holds_on_way(plan, figures.harness, static_cast<size_t>(way - plan.ways.data()));
        const double left = 26, right = wide - 26, k = (right - left) / std::max(raw(way->length), 1e-3);
        const double thick = std::clamp(raw(figures.harness.bundle[on.way]) * 0.6, 1.5, 8.0);
        words(left - 2, middle_y + 1, name_of(plan, way->from), 2.8, TextAlign::right, true);
        words(right + 2, middle_y + 1, name_of(plan, way->to), 2.8, TextAlign::left, true);
        pen.block({left, middle_y - thick / 2}, {right, middle_y + thick / 2}, "muted", "wire:grey");
        bool above = true;
        for (const auto& h : on.holds) {
            const double x = left + raw(h.at) * k;
            pen.block({x - 0.9, middle_y - thick / 2 - 2}, {x + 0.9, middle_y + thick / 2 + 2}, "ink",
                      h.why == HoldFor::there ? "card" : "ink");
            words(x, above ? middle_y - thick / 2 - 4 : middle_y + thick / 2 + 6, format(h.at), 2.6);
            above = !above;
        }
        words(middle_x, tall - 2, h_words(), 2.6, TextAlign::centre, false, "muted");
    }
    std::string h_words() const {
        return say("{}; hollow: there already", said(hold_word(plan.practices.hold)));
    }
    void pigtail() {
        const auto colour = [&](size_t i) {
            return plan.feeds.empty() ? std::string("red") : plan.feeds[i % plan.feeds.size()].supply_colour;
        };
        for (size_t i = 0; i < 3; ++i) {
            const double y = middle_y + (static_cast<double>(i) - 1) * 12;
            pen.line({10, y}, {66, middle_y + (static_cast<double>(i) - 1) * 2}, "wire:" + colour(i), 2);
        }
        for (int i = 0; i < 7; ++i)
            pen.line({68.0 + i * 3, middle_y - 3}, {70.0 + i * 3, middle_y + 3}, "copper", 1);
        pen.block({66, middle_y - 2}, {92, middle_y + 2}, "ink", "copper");
        pen.block({98, middle_y - 5}, {126, middle_y + 5}, "tube", "glass");
        arrow({134, middle_y}, {128, middle_y});
        words(80, middle_y - 7, say("twisted, then soldered or capped"), 2.8);
        words(112, middle_y + 10, say("over it"), 2.8);
    }
    void ring_on_metal() {
        const double base = tall - 14;
        pen.block({24, base}, {wide - 24, base + 8}, "ink", "muted");
        words(wide - 26, base + 6, say("bare metal"), 2.8, TextAlign::right, false, "card");
        double y = base;
        for (const auto& [word, h, w, ink] : {std::tuple{say("serrated washer"), 2.0, 24.0, "solder"},
                                              {say("ring"), 3.0, 30.0, "copper"},
                                              {say("washer"), 2.0, 24.0, "solder"},
                                              {say("bolt"), 9.0, 14.0, "solder"}}) {
            y -= h + 0.8;
            pen.block({middle_x - w / 2, y}, {middle_x + w / 2, y + h}, "ink", ink);
            words(middle_x + 20, y + h, word, 2.8, TextAlign::left);
        }
        pen.line({10, base - 5}, {middle_x - 15, base - 5}, "wire:black", 2);
    }
    void board_in_tube() {
        pen.block({30, 18}, {130, 40}, "tube", "glass");
        pen.block({42, 22}, {118, 36}, "ink", "good");
        for (const double x : {30.0, 122.0}) pen.block({x, 20}, {x + 8, 38}, "caution", "caution");
        for (const double y : {25.0, 33.0})
            pen.line({8, y}, {42, y}, y < 30 ? "wire:red" : "wire:black", 1.2),
                pen.line({118, y}, {152, y}, y < 30 ? "wire:red" : "wire:black", 1.2);
        words(34, 46, say("hot glue, pressed flat"), 2.8);
        words(126, 46, say("and here"), 2.8);
    }
    void aerial() {
        pen.block({50, 34}, {110, 52}, "ink", "card");
        words(80, 45, name_of(plan, step.about), 3.2, TextAlign::centre, true);
        pen.block({78, 28}, {82, 34}, "ink", "solder");
        pen.block({79, 6}, {81, 26}, "ink", "wire:black");
        arrow({94, 10}, {94, 28});
        words(98, 20, say("finger-tight"), 2.8, TextAlign::left);
    }
    void lid() {
        pen.block({36, 24}, {124, 52}, "ink", "glass");
        pen.block({32, 8}, {128, 14}, "ink", "muted");
        arrow({140, 10}, {140, 24});
        for (const double x : {44.0, 116.0}) pen.dot({x, 11}, 1.6, "solder");
        pen.line({50, 40}, {110, 40}, "wire:red", 1.2);
        for (const double x : {62.0, 80.0, 98.0}) pen.block({x - 0.8, 37}, {x + 0.8, 43}, "ink", "ink");
        words(80, 49, say("nothing pinched under the edge"), 2.8, TextAlign::centre, false, "muted");
    }
    void stick() {
        pen.block({30, 42}, {130, 48}, "ink", "muted");
        pen.block({44, 38}, {116, 41}, "ink", "caution");
        pen.block({44, 20}, {116, 34}, "ink", "card");
        words(80, 28.5, name_of(plan, step.about), 3, TextAlign::centre, true);
        arrow({80, 6}, {80, 17});
        for (const double y : {24.0, 30.0})
            pen.line({12, y}, {44, y}, y < 27 ? "wire:red" : "wire:black", 1.2);
        words(14, 38, say("plugged first"), 2.8, TextAlign::left);
    }
    void slot() {
        pen.block({20, 12}, {76, 46}, "ink", "card");
        for (const double x : {32.0, 56.0}) pen.block({x, 20}, {x + 8, 38}, "ink", "solder");
        words(48, 52, say("the slot, fuse out"), 2.8);
        meter(96, 10, step.target ? step.target->value : "", say("red in the slot, black on bare metal"), 58,
              26);
        probe({104, 36}, {36, 38}, true);
        probe({146, 36}, {146, 50}, false);
    }
    void bench() {
        double x = 10;
        for (const auto& word : {say("parts"), say("tools"), say("a bowl for screws"), say("photographs")}) {
            pen.block({x, 12}, {x + 32, 42}, "muted", "card");
            words(x + 16, 29, word, 2.8);
            x += 36;
        }
    }
    void glue() {
        pen.block({20, middle_y - 2}, {wide - 20, middle_y + 2}, "muted", "wire:red");
        pen.block({middle_x - 22, middle_y - 6}, {middle_x + 22, middle_y + 6}, "caution", "glass");
        words(middle_x, middle_y - 9, say("a drop all round, and a finger's width of wire"), 2.8);
        words(middle_x, middle_y + 14, say("hands off until it has set"), 2.8, TextAlign::centre, false,
              "muted");
    }
    void take_back() {
        pen.block({20, middle_y - 2}, {wide - 20, middle_y + 2}, "muted", "wire:grey");
        pen.line({middle_x - 10, middle_y - 10}, {middle_x + 10, middle_y + 10}, "accent", 1.2);
        pen.line({middle_x + 10, middle_y - 10}, {middle_x - 10, middle_y + 10}, "accent", 1.2);
    }

    DiagramSheet draw() {
        sheet.width = wide, sheet.height = tall;
        const auto is = [&](std::string_view prefix) { return step.key.starts_with(prefix); };
        const auto i = lead();
        const auto* cable = i && !lead_at(plan, *i).cores.empty() ? &lead_at(plan, *i) : nullptr;
        if (is("cut/") && i)
            cut(*i);
        else if (is("cable/") && cable)
            cores(*cable, 8);
        else if (is("thread/") && i)
            thread(*i);
        else if (is("sleeve/") && i)
            sleeve(*i);
        else if (step.joint)
            join();
        else if (is("item/") && i && *i < plan.feeds.size())
            item(*i);
        else if (is("set/"))
            module();
        else if (is("seat/"))
            seat_any();
        else if (is("hold/"))
            holds();
        else if (is("stick/"))
            stick();
        else if (is("test/beep"))
            beep();
        else if (is("test/shorts"))
            measured(say("open"), say("plus to minus, fuses out"));
        else if (is("test/first-power"))
            first_power();
        else if (is("find/"))
            slot();
        else if (is("live/"))
            live();
        else if (is("fit/"))
            fuse();
        else if (is("antenna/"))
            aerial();
        else if (is("glue/"))
            glue();
        else if (is("cover/"))
            board_in_tube();
        else if (is("return/"))
            ring_on_metal();
        else if (is("pigtail/"))
            pigtail();
        else if (is("close/") || is("check/"))
            lid();
        else if (is("undo/"))
            take_back();
        else if (is("prepare"))
            bench();
        else if (is("own/") && step.picture.empty())
            own();
        return std::move(sheet);
    }
    void seat_any() {
        if (const auto* p = by_id(plan.passives, step.about)) return seat(p->cutout, p->behind, p->name);
        for (const auto& l : plan.feeds)
            if (const auto* d = by_id(l.devices, step.about)) {
                const auto fit = panel_fit(catalogue, *d);
                return seat(fit.cutout, fit.behind, d->name);
            }
    }
    void live() {
        const auto* c = by_id(plan.converters, step.about);
        measured(c ? format(c->set) : say("0 V, then full"),
                 c ? say("at its output, fuses out") : say("behind each switch"));
    }
    void own() {
        pen.block({middle_x - 50, 12}, {middle_x + 50, 44}, "muted", "card");
        pen.words({middle_x, 30}, step.title, 96, 4, TextAlign::centre, true);
    }
};

}  // namespace

DiagramSheet step_drawing(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                          const Step& step) {
    return StepDrawer{plan, catalogue, figures, step}.draw();
}

}  // namespace sangre
