#include "plan/drawn.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/number.h"
#include "base/words/say.h"
#include "plan/list_edits.h"

namespace sangre {
namespace {

/// Where the line from a to b is inside of the zone, as shares of it; nothing where it is not (Liang–Barsky).
std::optional<std::pair<double, double>> inside(const Zone& z, SidePoint a, SidePoint b) {
    double from = 0, to = 1;
    const auto clip = [&](double start, double step, double low, double high) {
        if (std::abs(step) < 1e-12) return start >= low && start <= high;
        auto t0 = (low - start) / step, t1 = (high - start) / step;
        if (t0 > t1) std::swap(t0, t1);
        from = std::max(from, t0), to = std::min(to, t1);
        return from < to;
    };
    if (!clip(a.x, b.x - a.x, z.left, z.left + z.width) || !clip(a.y, b.y - a.y, z.top, z.top + z.height))
        return {};
    return std::pair{from, to};
}

/// How far apart two points of a side are, in shares of its width.
double shares_apart(const Side& side, SidePoint a, SidePoint b) {
    return std::hypot(b.x - a.x, (b.y - a.y) * side.tall);
}

/// Of each stretch of a line.
std::vector<double> stretches(const Side& side, const std::vector<SidePoint>& line) {
    std::vector<double> shares;
    for (size_t i = 1; i < line.size(); ++i) shares.push_back(shares_apart(side, line[i - 1], line[i]));
    return shares;
}

const Side* side_of_way(const Plan& plan, const Way& way) {
    const auto *from = by_id(plan.places, way.from), *to = by_id(plan.places, way.to);
    const auto* side = from && to ? side_of(plan, *from) : nullptr;
    return side && side == side_of(plan, *to) ? side : nullptr;
}

}  // namespace

std::optional<std::vector<SidePoint>> bends_of(const Way& way) {
    std::vector<SidePoint> bends;
    std::string_view rest = way.bends;
    while (!rest.empty()) {
        const auto end = std::min(rest.find(' '), rest.size());
        const auto pair = rest.substr(0, end);
        rest.remove_prefix(std::min(end + 1, rest.size()));
        if (pair.empty()) continue;
        const auto comma = pair.find(',');
        if (comma == std::string_view::npos) return {};
        const auto x = plain_number(pair.substr(0, comma)), y = plain_number(pair.substr(comma + 1));
        if (!x || !y || *x < 0 || *x > 1 || *y < 0 || *y > 1) return {};
        bends.push_back({*x, *y});
    }
    return bends;
}

std::string bends_text(const std::vector<SidePoint>& bends) {
    std::string text;
    for (const auto& b : bends) text += (text.empty() ? "" : " ") + fmt::format("{:.4g},{:.4g}", b.x, b.y);
    return text;
}

std::string bends_wanted() { return say("points from 0 to 1 are expected, such as “0.31,0.4 0.5,0.42”"); }

const Side* side_of(const Plan& plan, const Place& place) {
    if (const auto* own = by_id(plan.sides, place.side)) return own;
    return plan.sides.empty() ? nullptr : &plan.sides.front();
}

const Side* side_of(const Plan& plan, const Zone& zone) {
    if (const auto* own = by_id(plan.sides, zone.side)) return own;
    return plan.sides.empty() ? nullptr : &plan.sides.front();
}

std::vector<SidePoint> line_of_way(const Plan& plan, const Way& way) {
    if (!side_of_way(plan, way)) return {};
    const auto *from = by_id(plan.places, way.from), *to = by_id(plan.places, way.to);
    std::vector<SidePoint> line{{from->x, from->y}};
    for (const auto& b : bends_of(way).value_or(std::vector<SidePoint>{})) line.push_back(b);
    line.push_back({to->x, to->y});
    return line;
}

Metre distance_on(const Side& side, SidePoint a, SidePoint b) {
    return Metre(raw(side.across) * shares_apart(side, a, b));
}

std::optional<Metre> drawn_length(const Plan& plan, const Way& way) {
    const auto* side = side_of_way(plan, way);
    if (!side || raw(side->across) <= 0) return {};
    double length = std::abs(raw(way.rise));
    for (const auto share : stretches(*side, line_of_way(plan, way))) length += share * raw(side->across);
    return Metre(std::clamp(std::ceil(length * 100 - 1e-6) / 100, 0.01, 100.0));
}

std::vector<ZoneMet> zones_met(const Plan& plan, const Way& way) {
    const auto* side = side_of_way(plan, way);
    const auto line = line_of_way(plan, way);
    if (!side || line.size() < 2) return {};
    const auto lengths = stretches(*side, line);
    double whole = 0;
    for (const auto l : lengths) whole += l;
    std::vector<ZoneMet> met;
    for (size_t z = 0; z < plan.zones.size() && whole > 0; ++z) {
        const auto& zone = plan.zones[z];
        if (side_of(plan, zone) != side) continue;
        double behind = 0, first = -1, last = 0;
        for (size_t i = 0; i + 1 < line.size(); ++i) {
            if (const auto part = inside(zone, line[i], line[i + 1])) {
                if (first < 0) first = behind + part->first * lengths[i];
                last = behind + part->second * lengths[i];
            }
            behind += lengths[i];
        }
        if (first >= 0) met.push_back({z, (first + last) / 2 / whole});
    }
    return met;
}

Plan as_drawn(Plan plan) {
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        if (plan.ways[w].drawn)
            if (const auto length = drawn_length(plan, plan.ways[w])) plan.ways[w].length = *length;
        auto& things = plan.ways[w].on_it;
        std::erase_if(things, [](const auto& thing) { return !thing.zone.empty(); });
        if (plan.zones.empty()) continue;
        for (const auto& met : zones_met(plan, plan.ways[w])) {
            const auto& zone = plan.zones[met.zone];
            OnWay thing;
            thing.kind = zone.kind, thing.zone = zone.id, thing.hot = zone.hot, thing.degrees = zone.degrees;
            thing.at = Metre(std::round(met.share * raw(plan.ways[w].length) * 100) / 100);
            things.push_back(std::move(thing));
        }
    }
    return plan;
}

tl::expected<Plan, std::string> set_scale(Plan plan, const Id& side, SidePoint a, SidePoint b,
                                          Metre distance) {
    auto* there = by_id(plan.sides, side);
    if (!there) return tl::unexpected(say("there is no side “{side}”", side));
    const double apart = shares_apart(*there, a, b);
    if (apart < 1e-3)
        return tl::unexpected(
            say("both marks lie on one spot; two points whose distance you know are needed"));
    if (!(raw(distance) > 0) || raw(distance) > 100)
        return tl::unexpected(say("a distance above zero, up to 100 m, is expected"));
    there->across = Metre(raw(distance) / apart);
    return as_drawn(std::move(plan));
}

Plan put_side(Plan plan, Side side) {
    if (side.id.empty()) side.id = fresh_id(plan, "side", side.name);
    put(plan.sides, std::move(side));
    return as_drawn(std::move(plan));
}

Side another_side(const Plan& plan) {
    Side side;
    side.name = plan.sides.empty() ? say("Above") : say("Side {count}", plan.sides.size() + 1);
    side.id = fresh_id(plan, "side", side.name);
    return side;
}

Plan put_picture(Plan plan, const Id& side, std::string file, double tall) {
    const auto* there = by_id(plan.sides, side);
    auto next = there ? *there : another_side(plan);
    constexpr double alike = 0.01;
    if (std::abs(tall - next.tall) > alike * tall) next.across = Metre(0);
    next.tall = std::clamp(tall, 0.05, 20.0), next.picture = std::move(file);
    return put_side(std::move(plan), std::move(next));
}

Plan remove_side(Plan plan, const Id& side) {
    if (!by_id(plan.sides, side)) return plan;
    std::erase_if(plan.zones, [&](const auto& z) {
        return z.side == side || (z.side.empty() && plan.sides.front().id == side);
    });
    std::erase_if(plan.sides, [&](const auto& s) { return s.id == side; });
    for (auto& place : plan.places)
        if (place.side == side) place.side.clear();
    return as_drawn(std::move(plan));
}

Plan put_zone(Plan plan, Zone zone) {
    if (zone.id.empty()) zone.id = fresh_id(plan, "zone", zone.name);
    zone.left = std::clamp(zone.left, 0.0, 1.0), zone.top = std::clamp(zone.top, 0.0, 1.0);
    zone.width = std::clamp(zone.width, 0.0, 1 - zone.left),
    zone.height = std::clamp(zone.height, 0.0, 1 - zone.top);
    put(plan.zones, std::move(zone));
    return as_drawn(std::move(plan));
}

Plan remove_zone(Plan plan, const Id& zone) {
    std::erase_if(plan.zones, [&](const auto& z) { return z.id == zone; });
    return as_drawn(std::move(plan));
}

Zone moved_by(Zone zone, double dx, double dy) {
    zone.left = std::clamp(zone.left + dx, 0.0, std::max(0.0, 1 - zone.width));
    zone.top = std::clamp(zone.top + dy, 0.0, std::max(0.0, 1 - zone.height));
    return zone;
}

Zone with_corner(Zone zone, SidePoint corner) {
    constexpr double least = 0.02;
    zone.width = std::clamp(corner.x - zone.left, std::min(least, 1 - zone.left), 1 - zone.left);
    zone.height = std::clamp(corner.y - zone.top, std::min(least, 1 - zone.top), 1 - zone.top);
    return zone;
}

Plan set_bends(Plan plan, const Id& way, const std::vector<SidePoint>& bends) {
    change(plan.ways, way, [&](auto& w) { w.bends = bends_text(bends), w.drawn = true; });
    return as_drawn(std::move(plan));
}

Plan measure_by_lines(Plan plan) {
    for (auto& way : plan.ways)
        if (drawn_length(plan, way)) way.drawn = true;
    return as_drawn(std::move(plan));
}

}  // namespace sangre
