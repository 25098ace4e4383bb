#include "output/diagram/step_drawing.h"

#include <algorithm>
#include <cmath>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/drill_holes.h"
#include "harness/holding.h"
#include "harness/stack.h"
#include "output/diagram/joint_shapes.h"
#include "output/diagram/seat_drawing.h"
#include "output/diagram/step_pen.h"
#include "plan/on_way.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

struct StepDrawer : StepPen {
    std::optional<size_t> lead() const {
        for (size_t i = 0; i < plan.leads.size(); ++i)
            if (plan.leads[i].id == step.about) return i;
        return {};
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
        words(80, 52, say("seen from above; nothing on its output"), 2.8, TextAlign::centre, false, "muted");
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
        if (const auto* lead = by_id(plan.leads, step.about)) {
            words(18, tall - 1, name_of(plan, lead->from), 2.8, TextAlign::left, true);
            words(wide - 18, tall - 1, name_of(plan, lead->to), 2.8, TextAlign::right, true);
        }
    }
    void first_power() {
        pen.block({8, 18}, {40, 42}, "ink", "card");
        words(24, 31, plan.sources.empty() ? say("source") : Words(plan.sources.front().name), 3,
              TextAlign::centre, true);
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
        if (const auto* lead = by_id(plan.leads, step.about)) {
            words(10, 54, name_of(plan, lead->from), 2.8, TextAlign::left, true);
            words(150, 54, name_of(plan, lead->to), 2.8, TextAlign::right, true);
        }
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
        return say("{hold_word}; hollow: there already", said(hold_word(plan.practices.hold)));
    }
    void pigtail() {
        const auto colour = [&](size_t i) {
            return plan.feeds().empty() ? std::string("red")
                                        : plan.feeds()[i % plan.feeds().size()].supply_colour;
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
        words(80, 49, say("no wire pinched under the edge"), 2.8, TextAlign::centre, false, "muted");
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
    void source() {
        const auto* s = by_id(plan.sources, step.about);
        if (s && s->kind == SourceKind::circuit) return slot();
        measured(step.target ? step.target->value : "", step.target ? step.target->note : "");
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

    /// The holes to one scale, each with its drill and where it is; more than nine are on the template alone.
    void holes() {
        const auto all = drill_holes(plan, catalogue, figures.harness);
        constexpr size_t columns = 3, most = 9;
        const size_t shown = all.size() > most ? most - 1 : all.size(),
                     rows = (std::min(all.size(), most) + columns - 1) / columns;
        if (rows == 0) return;
        constexpr double cell_wide = (wide - 4) / columns, circle_room = 18;
        const double cell_tall = tall / static_cast<double>(rows);
        double widest = 0;
        for (const auto& hole : all) widest = std::max(widest, raw(hole.drill));
        const double scale = (std::min(cell_tall, circle_room) - 2) / widest;
        const auto corner = [&](size_t i) {
            return PaperPoint{2 + cell_wide * static_cast<double>(i % columns),
                              cell_tall * static_cast<double>(i / columns)};
        };
        for (size_t i = 0; i < shown; ++i) {
            const auto at = corner(i);
            const PaperPoint centre{at.x + circle_room / 2, at.y + cell_tall / 2};
            const double x = at.x + circle_room + 1, room = cell_wide - circle_room - 2;
            pen.dot(centre, std::max(raw(all[i].drill) * scale / 2, 0.6), "");
            pen.words({x, centre.y - 0.4}, format(all[i].drill), room, 4.6, TextAlign::left, true);
            pen.words({x, centre.y + 4.8}, all[i].name, room, 3.3, TextAlign::left, false, "muted");
        }
        if (shown == all.size()) return;
        const auto at = corner(shown);
        pen.words({at.x + 2, at.y + cell_tall / 2 + 1}, say("and {more} more", all.size() - shown),
                  cell_wide - 4, 3.4, TextAlign::left, false, "muted");
    }

    DiagramSheet draw() {
        sheet.width = wide, sheet.height = tall;
        switch (step.kind) {
            case StepKind::cut:
            case StepKind::thread:
            case StepKind::sleeve:
            case StepKind::join:
            case StepKind::item:
            case StepKind::cable:
                if (const auto i = lead()) draw_lead_step(*this, *i);
                break;
            case StepKind::prepare:
                bench();
                break;
            case StepKind::drill:
                holes();
                break;
            case StepKind::find_source:
                source();
                break;
            case StepKind::set_module:
                module();
                break;
            case StepKind::seat:
                seat_any();
                break;
            case StepKind::pigtail:
                pigtail();
                break;
            case StepKind::join_return:
                ring_on_metal();
                break;
            case StepKind::cover:
                board_in_tube();
                break;
            case StepKind::beep:
                beep();
                break;
            case StepKind::shorts:
                measured(say("open"), say("plus to minus, fuses out"));
                break;
            case StepKind::glue:
                glue();
                break;
            case StepKind::fit_fuses:
            case StepKind::last_fuse:
                fuse();
                break;
            case StepKind::antenna:
                aerial();
                break;
            case StepKind::first_power:
                first_power();
                break;
            case StepKind::prove:
                live();
                break;
            case StepKind::stick:
                stick();
                break;
            case StepKind::hold:
                holds();
                break;
            case StepKind::recheck:
            case StepKind::close_up:
                lid();
                break;
            case StepKind::own:
                if (step.picture.empty()) own();
                break;
            case StepKind::undo:
                take_back();
                break;
        }
        return std::move(sheet);
    }
    /// Two boards from the side, spacers between.
    void stacked(const Stacked& s) {
        const double half = std::clamp(raw(s.gap()) / 2, 5.0, 13.0);
        for (const double x : {middle_x - 34, middle_x + 30})
            pen.block({x, middle_y - half}, {x + 4, middle_y + half}, "ink", "glass");
        pen.block({middle_x - 10, middle_y + half - s.tall / s.gap() * 2 * half},
                  {middle_x + 10, middle_y + half}, "ink", "muted");
        for (const double y : {middle_y - half - 3, middle_y + half})
            pen.block({middle_x - 40, y}, {middle_x + 40, y + 3}, "ink", "good");
        words(middle_x, middle_y - half - 6, name_of(plan, s.above), 3.2, TextAlign::centre, true);
        words(middle_x, middle_y + half + 8, name_of(plan, s.below), 3.2, TextAlign::centre, true);
        words(middle_x + 44, middle_y + 1, say("{gap} between", format(s.gap())), 3, TextAlign::left);
        words(middle_x - 44, middle_y + 1, s.spacer ? say("4 × spacer") : say("threaded rod"), 3,
              TextAlign::right);
    }
    void seat_any() {
        for (const auto& s : stacks(plan, catalogue))
            if (step.about == s.below) return stacked(s);
        if (const auto* p = by_id(plan.passives, step.about)) {
            const auto* body = body_of(plan, p->id);
            return draw_seat(*this, p->seat, held_by(*p), body && needs_seal(plan, body->id), p->name);
        }
        for (size_t i = 0; i < plan.leads.size(); ++i)
            if (const auto* d = by_id(plan.leads[i].devices, step.about))
                return draw_seat(*this, panel_fit(catalogue, *d), held_by(*d), needs_seal(plan, d->panel),
                                 d->name);
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
    return StepDrawer{{plan, catalogue, figures, step}}.draw();
}

}  // namespace sangre
