// Drawings of the steps on one lead.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/joint_shapes.h"
#include "output/diagram/packed.h"
#include "output/diagram/step_pen.h"
#include "plan/landing.h"
#include "plan/on_way.h"
#include "wiring/conductors/marks.h"
#include "wiring/joint/joint.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

struct LeadStep {
    StepPen& draw;
    const Plan& plan = draw.plan;
    const Catalogue& catalogue = draw.catalogue;
    const Figures& figures = draw.figures;
    const Step& step = draw.step;
    DiagramSheet& sheet = draw.sheet;
    DiagramPen& pen = draw.pen;
    static constexpr double wide = StepPen::wide, tall = StepPen::tall, middle_x = StepPen::middle_x,
                            middle_y = StepPen::middle_y;
    void cut(size_t i) {
        const auto& l = plan.leads[i];
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
        draw.words(middle_x, tall - 2, say("for {part}", name_of(plan, l.to)), 3, TextAlign::centre, false,
                   "muted");
    }
    /// Every core from pin to pin, both plugs seen from the side of their wires.
    void cores(const Lead& l, double top) {
        const double each =
            std::min(6.0, (tall - top - 8) / static_cast<double>(std::max<size_t>(l.cores.size(), 1)));
        const double left = 30, right = wide - 30;
        draw.words(left, top - 0.5, name_of(plan, l.from), 2.8, TextAlign::centre, true);
        draw.words(right, top - 0.5, name_of(plan, l.to), 2.8, TextAlign::centre, true);
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
        draw.words(middle_x, tall - 1.5, say("both seen from the side of the wires"), 2.4, TextAlign::centre,
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
                draw_packed(pen, plan, fill, c, k);
                draw.words(c.x, tall - 0.5, say("from the front, {bore}", format(Millimetre(bore))), 2.6,
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
                    draw.words(wall + 14, 8, say("dome nut and seal outside"), 2.6, TextAlign::left);
                    draw.words(wall - 12, 8, say("lock nut inside"), 2.6, TextAlign::right);
                }
                const auto& l = plan.leads[i];
                pen.block({66, middle_y - 2.6}, {140, middle_y - 0.4}, "muted", "wire:" + l.supply_colour);
                if (l.cores.empty() && l.ret == Return::own)
                    pen.block({66, middle_y + 0.4}, {140, middle_y + 2.6}, "muted",
                              "wire:" + l.return_colour);
                draw.arrow({142, middle_y}, {154, middle_y});
                draw.words(122, tall - 0.5, opening_name(plan, *opening), 2.6, TextAlign::centre, false,
                           "muted");
                return;
            }
        hazard(i);
    }
    /// Past what it meets, without an opening.
    void hazard(size_t i) {
        const auto& l = plan.leads[i];
        pen.block({14, middle_y - 1.4}, {wide - 14, middle_y + 1.4}, "muted", "wire:" + l.supply_colour);
        double x = 40;
        for (const auto w : figures.harness.routes[i].ways)
            for (const auto& thing : plan.ways[w].on_it) {
                if (!thing.opening.empty() || x > wide - 30) continue;
                pen.line({x, middle_y - 9}, {x + 5, middle_y}, "caution", 0.6);
                pen.line({x + 5, middle_y}, {x - 5, middle_y}, "caution", 0.6);
                pen.line({x - 5, middle_y}, {x, middle_y - 9}, "caution", 0.6);
                draw.words(x, middle_y - 11, on_way_words(thing), 2.8);
                if (thing.at)
                    draw.words(
                        x, middle_y + 6,
                        say("at {at} from {part}", format(*thing.at), name_of(plan, plan.ways[w].from)), 2.6,
                        TextAlign::centre, false, "muted");
                x += 46;
            }
    }
    void sleeve(size_t i) {
        const auto& l = plan.leads[i];
        double y = 16;
        for (const bool source : {true, false}) {
            const auto work = feed_joint(plan, catalogue, i, source);
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
            draw.words(end - sign * 2, y + 1, name_of(plan, source ? l.from : l.to), 2.8,
                       source ? TextAlign::right : TextAlign::left, true);
            y += 26;
        }
    }
    void join() {
        if (!step.joint) return;
        const auto work = feed_joint(plan, catalogue, step.joint->feed, step.joint->at_source);
        if (!work) return;
        const auto& lead = plan.feeds()[step.joint->feed];
        draw_joint(sheet, {6, 2}, {wide - 6, tall - 2}, *work, lead.supply_colour, true);
        // As it is drawn the lead comes from the left.
        draw.words(2, tall - 1,
                   say("from {part}", name_of(plan, step.joint->at_source ? lead.to : lead.from)), 2.6,
                   TextAlign::left, false, "muted");
        const bool source = step.joint->at_source;
        const auto& part = source ? lead.from : lead.to;
        auto there = name_of(plan, part);
        if (plan.terminals.contains(part)) {
            there += ": " + landing_sign(plan, lead, {source, false});
            if (lead.ret == Return::own) there += ", " + landing_sign(plan, lead, {source, true});
        }
        draw.words(wide - 2, tall - 1, there, 2.8, TextAlign::right, true);
    }
    void item(size_t i) {
        const auto& l = plan.leads[i];
        const double left = 14, right = wide - 14, on = middle_y - 4, back = middle_y + 10;
        const bool own = l.ret == Return::own;
        draw.words(left, 8, name_of(plan, l.from), 3, TextAlign::left, true);
        draw.words(right, 8, name_of(plan, l.to), 3, TextAlign::right, true);
        pen.block({left, on - 0.7}, {right, on + 0.7}, "muted", "wire:" + l.supply_colour);
        if (own) pen.block({left, back - 0.7}, {right, back + 0.7}, "muted", "wire:" + l.return_colour);
        const double gap = (right - left) / static_cast<double>(l.devices.size() + 1);
        double x = left;
        for (const auto& d : l.devices) {
            x += gap;
            if (d.id == step.item) {
                pen.block({x - 8, on - 7}, {x + 8, (d.kind == DeviceKind::connector && own ? back : on) + 7},
                          "accent", "paper");
                if (d.at)
                    draw.words(x, tall - 2, say("{at} from {part}", format(*d.at), name_of(plan, l.from)),
                               2.8);
            }
            pen.item(d.kind, {x, on}, {x, own ? back : on});
        }
    }
};

}  // namespace

void draw_lead_step(StepPen& pen, size_t lead) {
    LeadStep of{pen};
    switch (pen.step.kind) {
        case StepKind::cut:
            return of.cut(lead);
        case StepKind::thread:
            return of.thread(lead);
        case StepKind::sleeve:
            return of.sleeve(lead);
        case StepKind::item:
            return of.item(lead);
        case StepKind::cable:
            return of.cores(pen.plan.leads[lead], 8);
        default:
            return of.join();
    }
}

}  // namespace sangre
