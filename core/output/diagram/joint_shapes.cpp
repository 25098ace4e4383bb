#include "output/diagram/joint_shapes.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/pen.h"

namespace sangre {
namespace {

constexpr double letters = 3;  // mm

/// One joint on its way to the paper: millimetres of the joint along the wire, `x` the end of the insulation.
struct Bench {
    DiagramPen pen;
    PaperPoint from, to;
    const JointWork& work;
    Ink wire;
    double scale = 1, x = 0, y = 0;

    double mm(Millimetre m) const { return raw(m) * scale; }
    double at(double millimetres) const { return x + millimetres * scale; }
    double joint() const { return raw(work.joint_length); }
    double thick() const { return mm(work.copper); }
    double far_thick() const { return work.wires.other ? mm(work.wires.other->conductor) : thick(); }
    double pitch() const { return std::max(mm(work.bundle) * 1.3, thick() * 1.8); }

    void bar(double x0, double x1, double middle, double tall, const Ink& ink) {
        pen.block({x0, middle - tall / 2}, {x1, middle + tall / 2}, "ink", ink);
    }
    void copper(double x0, double x1, double middle, double tall) {
        if (x1 <= x0) return;
        bar(x0, x1, middle, tall, "copper");
        for (const double k : {-0.25, 0.25})
            pen.line({x0 + 0.3, middle + k * tall}, {x1 - 0.3, middle + k * tall}, "ink", 0.08);
    }
    void metal(double x0, double y0, double x1, double y1) { pen.block({x0, y0}, {x1, y1}, "ink", "solder"); }
    void seen_through(double x0, double y0, double x1, double y1) {
        pen.block({x0, y0}, {x1, y1}, "ink", "glass");
    }
    void lead() {
        const double one = mm(work.wires.wire->outer), wide = mm(work.bundle);
        if (work.wires.conductors == 1) return bar(from.x, x, y, one, wire);
        const int seen = std::max(2, static_cast<int>(std::lround(wide / one)));
        for (int i = 0; i < seen; ++i)
            bar(from.x, x, y - wide / 2 + (i + 0.5) * wide / seen, wide / seen, wire);
    }
    double half_height() const {
        const double wide = std::max({mm(work.bundle), mm(work.far), 2 * thick()});
        switch (work.kind->end) {
            case JointEnd::screw:
                return std::max(wide * 1.5, 4 * scale) / 2 + 2.8 * scale;
            case JointEnd::plug:
            case JointEnd::housing:
                return std::max(wide * 1.5, 2.6 * scale) * 0.8;
            case JointEnd::stud:
                return std::max(wide * 0.9, 4.2 * scale);
            case JointEnd::cup:
                return std::max(wide, 2.2 * scale);
            case JointEnd::blade:
                return std::max(wide / 2, 3.4 * scale);
            case JointEnd::pigtail:
            case JointEnd::splice:
                return work.kind->method == JointMethod::lever ? wide * 1.25 : wide / 2;
            case JointEnd::branch:
                return work.kind->method == JointMethod::lever ? 1.6 * pitch() : wide / 2;
            case JointEnd::lug:
                return std::max(wide, 3.4 * scale);
            case JointEnd::pad:
                break;
        }
        return wide / 2;
    }
    void splice() {
        const double strip = raw(work.size.strip), end = at(joint());
        bar(end, to.x, y, mm(work.far), wire);
        if (work.kind->method == JointMethod::lever) {
            copper(x, at(strip), y, thick());
            copper(at(joint() - strip), end, y, far_thick());
            const double tall = std::max(mm(work.bundle), thick()) * 2.4;
            seen_through(at(-1), y - tall / 2, at(joint() + 1), y + tall / 2);
            for (const double c : {0.28, 0.72})
                pen.line({at(joint() * c) - 2, y - tall / 2 + 0.6}, {at(joint() * c) + 2, y - tall / 2 + 0.6},
                         "accent", 0.5);
            return;
        }
        if (raw(work.size.overlap) <= 0) {  // in a barrel, end to end
            copper(x, at(joint() / 2), y, thick());
            copper(at(joint() / 2), end, y, far_thick());
            const double tall = std::max(thick(), far_thick()) * 1.7;
            seen_through(at(1), y - tall / 2, at(joint() - 1), y + tall / 2);
            for (const double c : {0.25, 0.75})
                metal(at(joint() * c) - 1, y - tall * 0.36, at(joint() * c) + 1, y + tall * 0.36);
            return;
        }
        copper(x, at(strip), y - thick() / 2, thick());
        copper(at(joint() - strip), end, y + far_thick() / 2, far_thick());
        if (work.kind->strip > Millimetre(15)) {  // wound round each other
            const double begin = joint() - strip + 1, turn = std::max(1.6, raw(work.copper));
            for (int i = 0; begin + i * turn < strip - 1; ++i)
                pen.line({at(begin + i * turn), y - thick()}, {at(begin + i * turn + 1), y + far_thick()},
                         "ink", 0.35);
        }
    }
    void stud() {
        const double strip = raw(work.size.strip), barrel = std::max(mm(work.bundle) * 1.15, thick() * 1.6);
        copper(x, at(strip), y, thick());
        if (work.kind->method == JointMethod::lever)
            return metal(at(1), y - barrel, at(strip + 8), y + barrel);
        const double eye = std::max(barrel * 1.5, 8 * scale), middle = at(strip + 1) + eye / 2;
        seen_through(at(0.5), y - barrel / 2, at(strip + 1), y + barrel / 2);
        pen.dot({middle, y}, eye / 2, "solder");
        pen.dot({middle, y}, eye * 0.24, "card");
        for (const double c : {0.3, 0.7})
            pen.line({at(strip * c), y - barrel * 0.4}, {at(strip * c), y + barrel * 0.4}, "ink", 0.4);
    }
    void cup() {
        const double strip = raw(work.size.strip), tall = std::max(thick() * 1.5, 3.5 * scale);
        copper(x, at(strip), y, thick());
        seen_through(at(0.6), y - tall * 0.12, at(strip + 1), y + tall / 2);
        metal(at(strip + 1), y - tall * 0.62, at(strip + 3), y + tall * 0.62);
        metal(at(strip + 3), y - tall * 0.4, at(strip + 12), y + tall * 0.4);
    }
    void pad() {
        const double strip = raw(work.size.strip), under = y + thick() / 2;
        pen.block({at(-2), under + 1.2 * scale}, {at(strip + 6), under + 2.8 * scale}, "ink", "good");
        metal(at(-0.6), under + 0.7 * scale, at(strip + 1.8), under + 1.3 * scale);
        copper(x, at(strip), y, thick());
        seen_through(at(-0.4), y - thick() * 0.2, at(strip + 1), under + 0.8 * scale);
    }
    /// A plate with a hole, the wire hooked through it.
    void lug() {
        const double strip = raw(work.size.strip), tall = std::max(thick() * 2, 5 * scale),
                     hole = at(strip - 1);
        copper(x, hole, y, thick());
        metal(at(strip - 3), y - tall / 2, at(strip + 7), y + tall / 2);
        pen.dot({hole, y}, std::max(thick() * 0.7, 1.1 * scale), "card");
        copper(at(strip - 3), hole, y, thick());
        seen_through(at(strip - 3.5), y - tall * 0.4, at(strip + 1.5), y + tall * 0.4);
    }
    void housing() {
        const double strip = raw(work.size.strip), tall = std::max(mm(work.bundle) * 1.5, 2.6 * scale),
                     wide = mm(work.bundle);
        copper(x, at(strip), y, thick());
        metal(at(-1.6), y - wide * 0.62, at(0.2), y + wide * 0.62);
        metal(at(0.8), y - thick() * 0.7, at(strip - 0.4), y + thick() * 0.7);
        metal(at(strip + 0.2), y - tall * 0.3, at(strip + 6.2), y + tall * 0.3);
        for (const double side : {-1.0, 1.0})
            pen.line({at(-2.6), y + side * tall * 0.75}, {at(strip + 7.4), y + side * tall * 0.75}, "muted",
                     0.3, true);
        for (const double end : {-2.6, strip + 7.4})
            pen.line({at(end), y - tall * 0.75}, {at(end), y + tall * 0.75}, "muted", 0.3, true);
    }
    void screw() {
        const double strip = raw(work.size.strip), tall = std::max(mm(work.bundle) * 1.5, 4 * scale);
        copper(x, at(strip), y, thick());
        if (has_ferrule(*work.kind)) {
            metal(x, y - thick() * 0.62, at(strip), y + thick() * 0.62);
            bar(at(-2.4), at(0.6), y, std::max(mm(work.bundle) * 1.15, thick() * 1.5), "tube");
        }
        seen_through(at(1.4), y - tall / 2, at(strip + 4.4), y + tall / 2);
        const double middle = at(strip * 0.55), screw_top = y - tall / 2;
        metal(middle - 1.8 * scale, screw_top - 2.6 * scale, middle + 1.8 * scale, screw_top);
        pen.line({middle - scale, screw_top - 2 * scale}, {middle + scale, screw_top - 2 * scale}, "ink",
                 0.4);
    }
    void blade() {
        const double strip = raw(work.size.strip), barrel = std::max(mm(work.bundle) * 1.15, thick() * 1.6),
                     flat = std::max(6.3 * scale, barrel);
        copper(x, at(strip), y, thick());
        seen_through(at(0.5), y - barrel / 2, at(strip + 0.5), y + barrel / 2);
        metal(at(strip + 0.8), y - flat / 2, at(strip + 8.8), y + flat / 2);
        pen.line({at(strip / 2), y - barrel * 0.34}, {at(strip / 2), y + barrel * 0.34}, "ink", 0.5);
    }
    void branch() {
        const double strip = raw(work.size.strip), middle = at(joint() / 2);
        if (work.kind->method == JointMethod::lever) {  // the through wire is cut: three ends side by side
            for (const double row : {-1.0, 0.0, 1.0}) {
                if (row != 0) bar(from.x, x, y + row * pitch(), mm(work.bundle), wire);
                copper(x, at(strip), y + row * pitch(), thick());
            }
            seen_through(at(0.6), y - 1.6 * pitch(), at(strip + 3.6), y + 1.6 * pitch());
            for (const double row : {-1.0, 0.0, 1.0})
                pen.line({at(strip - 3), y + row * pitch()}, {at(strip + 2), y + row * pitch()}, "accent",
                         0.5);
            return;
        }
        bar(at(joint() / 2 + strip / 2), to.x, y, mm(work.bundle), wire);
        copper(x, at(joint() / 2 + strip / 2), y, thick());
        const double wide = mm(work.bundle);
        pen.block({middle - wide / 2, y + wide * 1.2}, {middle + wide / 2, to.y}, "ink", wire);
        pen.block({middle - thick() / 2, y - thick() / 2}, {middle + thick() / 2, y + wide * 1.2}, "ink",
                  "copper");
        for (int turn = -1; turn <= 1; ++turn)
            pen.line({middle + turn * thick() * 0.7 - 0.5, y - thick() * 0.8},
                     {middle + turn * thick() * 0.7 + 0.5, y + thick() * 0.8}, "ink", 0.4);
    }
};

}  // namespace

void draw_dimension(DiagramSheet& sheet, double x0, double x1, double y, const std::string& words,
                    const Ink& ink, bool above) {
    DiagramPen pen(sheet);
    pen.line({x0, y}, {x1, y}, ink, 0.25);
    for (const double end : {x0, x1}) pen.line({end, y - 0.8}, {end, y + 0.8}, ink, 0.25);
    pen.words({(x0 + x1) / 2, above ? y - 1.2 : y + letters + 0.4}, words, 90, letters, TextAlign::centre,
              false, ink);
}

void draw_joint(DiagramSheet& sheet, PaperPoint from, PaperPoint to, const JointWork& work,
                const std::string& colour, bool tube_waits) {
    if (!work.kind || !work.wires.wire) return;
    const double joint = raw(work.joint_length), over = std::max(raw(work.bundle), raw(work.far));
    const double tube = work.tube ? raw(work.tube_cut) : 0,
                 parking = tube_waits && work.tube ? raw(work.parking) : 0;
    // A parked tube stands off by centimetres: the gap is broken, not drawn to scale.
    const double shown = std::min(parking, 12.0);
    const double span = joint + std::max(tube, 14.0) + 16 + shown + (tube_waits ? tube : 0);
    const bool clamp = work.kind->end == JointEnd::branch && work.kind->method == JointMethod::lever;
    const double wide = to.x - from.x, tall = to.y - from.y;
    const double scale = std::min(wide / span, tall * 0.42 / std::max(over * (clamp ? 4.2 : 2), 4.0));
    Bench b{DiagramPen(sheet), from,  to, work,
            "wire:" + colour,  scale, 0,  (from.y + to.y) / 2 + (tube_waits ? 1 : 0)};
    if (work.kind->end == JointEnd::branch && !clamp) b.y += 3.5;  // two dimensions above it
    b.x = (from.x + to.x) / 2 - joint * scale / 2 + (tube_waits ? (tube + shown) * scale / 2 : 0);
    b.lead();
    switch (work.kind->end) {
        case JointEnd::pigtail:
        case JointEnd::splice:
            b.splice();
            break;
        case JointEnd::branch:
            b.branch();
            break;
        case JointEnd::stud:
            b.stud();
            break;
        case JointEnd::cup:
            b.cup();
            break;
        case JointEnd::pad:
            b.pad();
            break;
        case JointEnd::lug:
            b.lug();
            break;
        case JointEnd::housing:
            b.housing();
            break;
        case JointEnd::screw:
            b.screw();
            break;
        case JointEnd::blade:
            b.blade();
            break;
        case JointEnd::plug:
            break;
    }
    const double x0 = b.x, x1 = b.at(joint), half = b.half_height();
    const bool branch = work.kind->end == JointEnd::branch, both = is_splice(*work.kind),
               through = branch || both;
    const auto held = [&](double y) {
        return std::clamp(y, from.y + 4.6, std::max(from.y + 4.6, to.y - 4.6));
    };
    const double top = b.y - half, bottom = b.y + half, strip = raw(work.size.strip);
    if (work.tube) {
        // Over a terminal it ends with the barrel: what is bolted or plugged stays bare.
        const double begin = tube_waits ? x0 - (shown + tube) * scale
                             : through  ? (x0 + x1 - tube * scale) / 2
                                        : b.at(strip + 1 - tube);
        const double high = std::max(raw(work.widest), over * 1.35) * scale;
        b.pen.block({begin, b.y - high / 2}, {begin + tube * scale, b.y + high / 2}, "tube", "glass");
        if (tube_waits && parking > 0) {
            draw_dimension(sheet, begin + tube * scale, x0, held(bottom + 3.5), "≥ " + format(work.parking),
                           "caution", false);
            draw_dimension(sheet, begin, begin + tube * scale, held(top - 3.5),
                           say("tube waits here, {cut}", format(work.tube_cut)), "muted", true);
        } else
            draw_dimension(sheet, begin, begin + tube * scale, held(branch ? top - 3.5 : bottom + 3.5),
                           say("{tube}, cut {cut}", work.tube->name, format(work.tube_cut)), "muted", branch);
    }
    const auto words =
        both && raw(work.size.overlap) > 0
            ? say("strip {strip} each, overlap {overlap}", format(work.size.strip), format(work.size.overlap))
        : both ? say("strip {strip} each", format(work.size.strip))
               : say("strip {strip}", format(work.size.strip));
    const bool clash = work.tube && (tube_waits || branch), below = work.kind->end == JointEnd::screw;
    draw_dimension(sheet, x0, both ? x1 : b.at(strip), held(below ? bottom + 3.5 : top - (clash ? 9 : 3.5)),
                   words, "ink", !below);
}

}  // namespace sangre
