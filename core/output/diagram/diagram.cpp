#include "output/diagram/diagram.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "output/diagram/arrangement.h"
#include "output/diagram/cable_sheets.h"
#include "output/diagram/pen.h"
#include "physics/battery/pack.h"
#include "physics/parts/wire_size.h"
#include "plan/landing.h"
#include "plan/source.h"
#include "wiring/item/item.h"

namespace sangre {
namespace {

constexpr double margin = 10, head = 12, foot = 5;
constexpr double half_pair = 2;   // supply above, return below a feed's level
constexpr double name_room = 18;  // of a terminal's name and side, beside its part
constexpr double device_step = 13;
constexpr double least_stretch = 0.78;

/// The diagram between two cuts, as one sheet.
class Sheet {
  public:
    Sheet(const Plan& plan, const Catalogue& catalogue, const Harness& harness, const Arrangement& a,
          double scale, double from, double to)
        : plan_(plan), catalogue_(catalogue), harness_(harness), a_(a), from_(from), to_(to), pen_(sheet_) {
        sheet_.scale = scale;
    }

    DiagramSheet drawn(size_t number, size_t of) {
        for (const auto& p : a_.parts)
            for (const auto f : p.feeds)
                if (const auto* end = a_.find(plan_.feeds()[f].to); end && shows(end->level))
                    draw_feed(p, *end, f);
        for (const auto f : a_.extra) draw_extra(f);
        for (const auto& p : a_.parts)
            if (p.bottom > from_ && p.top < to_) draw_block(p);
        draw_title(number, of);
        return std::move(sheet_);
    }

  private:
    bool shows(double level) const { return level >= from_ && level < to_; }
    double left(const Placed& p) const {
        const auto c = static_cast<size_t>(p.column);
        // Narrow parts stand at the left of a wide column.
        return margin + a_.left[c];
    }
    double right(const Placed& p) const {
        return left(p) + (p.part.kind == PartKind::hub
                              ? std::min(14.0, a_.wide[static_cast<size_t>(p.column)])
                              : a_.wide[static_cast<size_t>(p.column)]);
    }
    double y(double level) const { return margin + head + level - from_; }

    void draw_block(const Placed& p) {
        const double top = y(std::max(p.top, from_)), bottom = y(std::min(p.bottom, to_ - 1));
        const double x0 = left(p), x1 = right(p);
        pen_.block({x0, top}, {x1, bottom});
        pen_.spot({x0, top}, {x1, bottom}, p.id);
        const auto [title, detail, more] = words_of(p);
        if (p.part.kind == PartKind::hub) {
            pen_.words({(x0 + x1) / 2, top - 1.4}, title, 34, 3, TextAlign::centre, true);
        } else {
            const double words_room = x1 - x0 - (p.part.kind == PartKind::load ? 7 : 11);
            const double middle = std::clamp(y(p.level), top + 5, std::max(top + 5, bottom - 5));
            pen_.words({x0 + 5.5, middle - 0.6}, title, words_room, 3.3, TextAlign::left, true);
            pen_.words({x0 + 5.5, middle + 3.4}, detail, words_room, 2.7, TextAlign::left, false, "muted");
            if (bottom - top > 14)
                pen_.words({x0 + 5.5, middle + 7}, more, words_room, 2.7, TextAlign::left, false, "muted");
        }
        if (p.top < from_)
            pen_.words({x0 + 1, top + 3}, say("from the sheet before"), x1 - x0, 2, TextAlign::left, false,
                       "muted");
        if (p.bottom > to_)
            pen_.words({x0 + 1, bottom - 1}, say("goes on"), x1 - x0, 2, TextAlign::left, false, "muted");
    }

    std::tuple<std::string, std::string, std::string> words_of(const Placed& p) const {
        switch (p.part.kind) {
            case PartKind::source: {
                const auto& b = plan_.sources[p.part.index];
                const auto* k = find(catalogue_.chemistries, b.chemistry);
                if (b.kind != SourceKind::pack)
                    return {b.name, source_said(b.kind) + " " + source_volts(b), source_more(b)};
                return {b.name, k ? pack_short(b, *k) : "",
                        k ? say("{volts} full", format(pack_charge_voltage(b, *k))) : ""};
            }
            case PartKind::converter: {
                const auto& c = plan_.converters[p.part.index];
                const auto* t = find(catalogue_.converters, c.type);
                return {c.name, t ? t->name.spoken() : c.type, say("set to {setting}", format(c.set))};
            }
            case PartKind::load: {
                const auto& l = plan_.loads[p.part.index];
                return {l.name, format(l.nominal) + " " + format(l.typical), ""};
            }
            case PartKind::hub:
                return {plan_.hubs[p.part.index].name, "", ""};
            case PartKind::none:
                break;
        }
        return {p.id, "", ""};
    }

    bool named(const Id& part) const { return plan_.terminals.contains(part); }

    /// Of a part whose terminals have names, these and their sides, beside the block; else the signs, in it.
    void pins(double x, double level, bool outlet, size_t f) {
        const double side = outlet ? -1 : 1;
        const auto& feed = plan_.feeds()[f];
        if (named(outlet ? feed.from : feed.to)) {
            pen_.dot({x, y(level) - half_pair}, 0.7, "card"),
                pen_.dot({x, y(level) + half_pair}, 0.7, "card");
            const auto align = outlet ? TextAlign::left : TextAlign::right;
            for (const bool minus : {false, true}) {
                if (minus && feed.ret != Return::own) continue;
                const LeadEnd end{outlet, minus};
                const auto sign = landing_sign(plan_, feed, end);
                const auto* terminal = lands_on(plan_, feed, end);
                // A side too long for the sheet is left to the steps: half a word says nothing.
                const bool whole = !terminal || DiagramPen::fits(sign, name_room - 1.5, 2.2, true);
                pen_.words({x - side * 1.2, y(level) + (minus ? half_pair + 2.5 : -half_pair - 0.9)},
                           whole ? sign : terminal->name, name_room - 1.5, 2.2, align, true);
            }
            return;
        }
        pen_.dot({x, y(level) - half_pair}, 0.7, "card"), pen_.dot({x, y(level) + half_pair}, 0.7, "card");
        pen_.words({x + side * 2.6, y(level) - half_pair + 0.9}, "+", 4, 2.4, TextAlign::centre, true);
        pen_.words({x + side * 2.6, y(level) + half_pair + 0.9}, "−", 4, 2.4, TextAlign::centre, true);
    }

    void draw_feed(const Placed& from, const Placed& end, size_t f) {
        const double x0 = right(from), x1 = left(end), level = end.level;
        conductors({{x0, y(level)}, {x1, y(level)}}, f);
        along(x0, x1, level, f);
        pins(x0, level, true, f), pins(x1, level, false, f);
        pen_.spot({x0, y(level) - 3.5}, {x1, y(level) + 3.5}, plan_.feeds()[f].id);
    }

    /// Supply and return along a way of straight pieces.
    void conductors(const std::vector<PaperPoint>& way, size_t f) {
        const auto& feed = plan_.feeds()[f];
        for (size_t i = 0; i + 1 < way.size(); ++i) {
            const auto a = way[i], b = way[i + 1];
            // Side by side: one above the other where it runs level, beside each other where it goes down.
            const double dx = a.y == b.y ? 0 : half_pair, dy = a.y == b.y ? half_pair : 0;
            pen_.line({a.x - dx, a.y - dy}, {b.x - dx, b.y - dy}, "wire:" + feed.supply_colour, 0.7);
            if (feed.ret == Return::own)
                pen_.line({a.x + dx, a.y + dy}, {b.x + dx, b.y + dy}, "wire:" + feed.return_colour, 0.7);
        }
        if (feed.ret == Return::own) return;
        const auto begin = way.front(), end = way.back();
        for (const auto& [at, side] : {std::pair{begin, 4.0}, {end, -4.0}}) {
            pen_.line({at.x, at.y + half_pair}, {at.x + side, at.y + half_pair}, "muted", 0.35);
            if (feed.ret == Return::frame) pen_.frame({at.x + side, at.y + half_pair});
        }
        if (feed.ret == Return::shared)
            for (size_t other = 0; other < plan_.feeds().size(); ++other)
                if (plan_.feeds()[other].id == feed.shared_with)
                    pen_.words({end.x - 5, end.y + half_pair + 1},
                               say("returns by {wire_label}", wire_label(other, true)), 30, 2.2,
                               TextAlign::right, false, "muted");
    }

    /// Devices behind the source, then the wire's label, and its number at both ends.
    void along(double x0, double x1, double level, size_t f) {
        const auto& feed = plan_.feeds()[f];
        const double step =
            std::min(device_step, (x1 - x0) * (named(feed.from) || named(feed.to) ? 0.45 : 0.6) /
                                      std::max<double>(1, static_cast<double>(feed.devices.size())));
        const double first = named(feed.from) ? name_room : 0, last = named(feed.to) ? name_room : 0;
        double x = x0 + 3 + first + step / 2;
        for (const auto& d : feed.devices) {
            pen_.item(d.kind, {x, y(level) - half_pair}, {x, y(level) + half_pair});
            pen_.words({x, y(level) - half_pair - 2.2}, said_of(d), step - 0.6, 2.3, TextAlign::centre);
            x += step;
        }
        const auto* wire = find(catalogue_.wires, feed.wire);
        const double begin = x - step / 2 + 1, room = x1 - last - begin - 3;
        const auto size = wire ? size_words(*wire) : say("no wire");
        pen_.words({(begin + x1 - last) / 2 - 1.5, y(level) - half_pair - 1},
                   fmt::format("{}  {}", lead_label(plan_, f), size), room, 2.8, TextAlign::centre);
        const auto colours =
            feed.ret == Return::own ? feed.supply_colour + "/" + feed.return_colour : feed.supply_colour;
        // Below what sits in the supply alone there is room as well.
        const double free = device(feed, DeviceKind::connector) ? begin : x0 + first;
        pen_.words({(free + x1 - last) / 2, y(level) + half_pair + 2.9},
                   fmt::format("{}  {}", format(harness_.routes[f].length), colours), x1 - last - free - 8,
                   2.4, TextAlign::centre, false, "muted");
    }

    std::string said_of(const Device& d) const {
        if (d.kind == DeviceKind::fuse) return format(d.rating);
        if (!d.name.empty()) return d.name;
        // What is told apart by its amperes says them.
        const bool sized = d.kind == DeviceKind::connector || d.kind == DeviceKind::power_switch;
        const auto values = sized ? item_values(catalogue_, d) : std::nullopt;
        return (values ? format(values->rated) + " " : Words()) + said(kind_word(d.kind));
    }

    /// A feed to a part that is fed already: down its own lane left of the part.
    void draw_extra(size_t f) {
        const auto& feed = plan_.feeds()[f];
        const auto *from = a_.find(feed.from), *end = a_.find(feed.to);
        if (!from || !end || !shows(from->level) || !shows(end->level)) return;
        const double out = from->bottom - 3, in = std::min(end->bottom - 2.2, end->level + 4.5);
        const double lane = left(*end) - 6 - 5 * static_cast<double>(f % 3);
        const double x0 = right(*from), x1 = left(*end);
        conductors({{x0, y(out)}, {lane, y(out)}}, f);
        conductors({{lane, y(out)}, {lane, y(in)}}, f);
        conductors({{lane, y(in)}, {x1, y(in)}}, f);
        pen_.words({x0 + 4, y(out) - half_pair - 1}, fmt::format("W{}", f + 1), 20, 2.3);
        pen_.spot({std::min(x0, lane), std::min(y(out), y(in)) - 3}, {x1, std::max(y(out), y(in)) + 3},
                  feed.id);
    }

    void draw_title(size_t number, size_t of) {
        const double bottom = sheet_.height / sheet_.scale - margin + 2,
                     right = sheet_.width / sheet_.scale - margin;
        pen_.words({margin, margin + 3}, plan_.name, right - margin, 4, TextAlign::left, true);
        pen_.words(
            {right, margin + 3},
            of > 1 ? say("Wiring diagram, sheet {number} of {sheets}", number, of) : say("Wiring diagram"),
            90, 3, TextAlign::right);
        pen_.words({margin, bottom},
                   say("Below 60 V DC. Battery fuse last. W-numbers are the labels at both ends of a wire; "
                       "lengths are one way."),
                   right - margin, 2.3, TextAlign::left, false, "muted");
    }

    const Plan& plan_;
    const Catalogue& catalogue_;
    const Harness& harness_;
    const Arrangement& a_;
    double from_, to_;
    DiagramSheet sheet_;
    DiagramPen pen_;
};

/// Where the sheets end: as far down as fits, at a cut between rows.
std::vector<double> sheet_ends(const Arrangement& a, double room) {
    std::vector<double> ends;
    double begin = 0;
    while (begin < a.height - 1e-6) {
        double end = a.height;
        if (end - begin > room) {
            end = begin;
            for (const double cut : a.cuts)
                if (cut <= begin + room) end = std::max(end, cut);
            // A part taller than a sheet is drawn as far as it goes.
            if (end <= begin) end = begin + room;
        }
        ends.push_back(end);
        begin = end;
    }
    return ends;
}

/// How often wires of feeds that are led round cross those that run straight.
size_t crossings_of(const Plan& plan, const Arrangement& a) {
    size_t n = 0;
    for (const auto f : a.extra) {
        const auto *from = a.find(plan.feeds()[f].from), *to = a.find(plan.feeds()[f].to);
        if (!from || !to) continue;
        const double low = std::min(from->bottom - 3, to->level),
                     high = std::max(from->bottom - 3, to->level);
        for (const auto& p : a.parts)
            for (const auto straight : p.feeds) {
                const auto* end = a.find(plan.feeds()[straight].to);
                if (end && end->level > low && end->level < high && p.column < to->column &&
                    end->column >= to->column)
                    ++n;
            }
    }
    return n;
}

}  // namespace

double corner_of(const DiagramShape& rectangle) {
    const auto &a = rectangle.points.front(), &b = rectangle.points.back();
    return std::min(0.8, 0.2 * std::min(std::abs(b.x - a.x), std::abs(b.y - a.y)));
}

Diagram draw_diagram(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    Diagram d;
    if (plan.feeds().empty()) return d;
    const PlanIndex index(plan);
    auto a = arrange(plan, index);
    const DiagramSheet paper;
    const double room_across = paper.width - 2 * margin;
    double scale = std::min(1.0, room_across / a.width);
    // What is left over goes between the columns.
    if (a.width < room_across && a.left.size() > 1) {
        const double more = (room_across - a.width) / static_cast<double>(a.left.size() - 1);
        for (size_t c = 1; c < a.left.size(); ++c) a.left[c] += more * static_cast<double>(c);
    }
    scale = std::max(scale, 0.55);
    const double room_down = paper.height / scale - 2 * margin - head - foot;
    // Few rows take the sheet's whole height, a few too many are moved together, within what still reads as
    // rows.
    if (const double stretch = std::min(1.5, room_down / a.height); stretch > least_stretch) {
        const auto left = a.left;
        a = arrange(plan, index, 0.97 * stretch);
        a.left = left;
    }
    const auto ends = sheet_ends(a, room_down);
    double begin = 0;
    for (size_t i = 0; i < ends.size(); ++i) {
        d.sheets.push_back(
            Sheet(plan, catalogue, harness, a, scale, begin, ends[i]).drawn(i + 1, ends.size()));
        begin = ends[i];
    }
    for (auto& sheet : cable_sheets(plan, catalogue)) d.sheets.push_back(std::move(sheet));
    d.crossings = crossings_of(plan, a);
    return d;
}

}  // namespace sangre
