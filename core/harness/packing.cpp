#include "harness/packing.h"

#include <algorithm>
#include <map>
#include <numbers>

#include "plan/on_way.h"

namespace sangre {
namespace {

/// Nothing closes round its wires, and none are twisted.
bool lies_loose(const Lead& lead) {
    return lead.jacket == Jacket::none && lead.kind != CableKind::coax &&
           std::none_of(lead.cores.begin(), lead.cores.end(), [](const auto& c) { return c.twist > 0; });
}

/// Their wires, packed.
Strand round_of(const std::vector<Strand>& parts, bool jacket) {
    Strand all;
    all.jacket = jacket;
    const auto placed = pack_circles(radii_of(parts));
    for (size_t i = 0; i < parts.size(); ++i) {
        if (parts[i].in.empty()) all.in.push_back({placed[i], parts[i].core});
        for (auto wire : parts[i].in) {
            wire.at.x += placed[i].x, wire.at.y += placed[i].y;
            all.in.push_back(wire);
        }
    }
    all.radius = enclosing_radius(placed);
    return all;
}

Strand one_wire(double radius, size_t core) { return {radius, false, 0, core}; }

bool is_coax(const Lead& lead) { return lead.kind == CableKind::coax && lead.cores.size() == 2; }

/// A coax as it is bought: what is measured across is its own.
bool has_own_sheath(const Lead& lead) {
    return is_coax(lead) && (lead.jacket == Jacket::none || lead.jacket == Jacket::sheath);
}

/// The middle in its dielectric, in the shield that is the other core.
Strand coax(const Lead& lead, double radius) {
    const size_t middle = lead.cores[0].role == CoreRole::ground ? 1 : 0;
    const double over = raw(has_own_sheath(lead) && raw(lead.across) > 0 ? lead.across : usual_coax) / 2;
    const double shield =
        std::max(0.8 * over, std::min(over, radius));  // the sheath is a fifth of it; typical
    return {std::max(over, shield),
            true,
            std::max(over, shield) - shield,
            middle,
            {{{0, 0, shield}, 1 - middle}, {{0, 0, std::min(radius, shield / 2)}, middle}}};
}

/// Each wire alone, those that are twisted together as one.
std::vector<Strand> loose(const Lead& lead, double radius, size_t wires) {
    if (is_coax(lead)) return {coax(lead, radius)};
    std::vector<Strand> all;
    std::map<int, std::vector<Strand>> twisted;
    std::map<int, size_t> first;
    for (size_t i = 0; i < wires; ++i) {
        const int twist = i < lead.cores.size() ? lead.cores[i].twist : 0;
        if (twist <= 0) {
            all.push_back(one_wire(radius, i));
            continue;
        }
        if (twisted[twist].empty()) first[twist] = all.size(), all.emplace_back();
        twisted[twist].push_back(one_wire(radius, i));
    }
    for (const auto& [twist, parts] : twisted)
        all[first[twist]] = parts.size() > 1 ? round_of(parts, false) : parts.front();
    return all;
}

}  // namespace

Millimetre jacket_wall(Jacket jacket, Millimetre inside) {
    switch (jacket) {
        case Jacket::none:
            return {};
        case Jacket::sheath:
            return raw(inside) < 5 ? Millimetre(0.6) : raw(inside) < 8 ? Millimetre(0.8) : Millimetre(1);
        case Jacket::braid:
            return braid_wall;
        case Jacket::tube:
            return Millimetre(0.6);
    }
    return {};
}

size_t wires_of(const Lead& lead) {
    if (!lead.cores.empty()) return lead.cores.size();
    return static_cast<size_t>(std::max(lead.conductors, 1)) * (lead.ret == Return::own ? 2 : 1);
}

std::vector<double> radii_of(const std::vector<Strand>& strands) {
    std::vector<double> radii;
    for (const auto& s : strands) radii.push_back(s.radius);
    return radii;
}

Millimetre inside_jacket(const Lead& lead, Millimetre outer, size_t wires) {
    if (has_own_sheath(lead)) return outer;
    return Millimetre(2 * enclosing_radius(pack_circles(radii_of(loose(lead, raw(outer) / 2, wires)))));
}

std::vector<Strand> strands_of(const Lead& lead, Millimetre outer, size_t wires) {
    const double radius = raw(outer) / 2;
    if (lies_loose(lead)) {
        std::vector<Strand> all;
        all.reserve(wires);
        for (size_t i = 0; i < wires; ++i) all.push_back(one_wire(radius, i));
        return all;
    }
    auto all = loose(lead, radius, wires);
    if (lead.jacket == Jacket::none || has_own_sheath(lead) || all.empty()) return all;
    auto one = round_of(all, true);
    const Millimetre inside(2 * one.radius);
    one.radius = raw(raw(lead.across) > 0 ? std::max(lead.across, inside)
                                          : inside + jacket_wall(lead.jacket, inside) * 2) /
                 2;
    one.wall = one.radius - raw(inside) / 2;
    return {one};
}

Metre place_on(const Way& way, const OnWay& thing) {
    return thing.at ? std::clamp(*thing.at, Metre(0), way.length) : way.length / 2;
}

std::vector<std::pair<Metre, Metre>> braided(const Way& way) {
    std::vector<std::pair<Metre, Metre>> all;
    for (const auto& thing : way.on_it)
        if (role_of(thing.kind).moves) {
            const auto at = place_on(way, thing);
            all.emplace_back(std::max(at - braid_reach, Metre(0)), std::min(at + braid_reach, way.length));
        }
    std::sort(all.begin(), all.end());
    std::vector<std::pair<Metre, Metre>> apart;
    for (const auto& stretch : all)
        if (!apart.empty() && stretch.first <= apart.back().second)
            apart.back().second = std::max(apart.back().second, stretch.second);
        else
            apart.push_back(stretch);
    return apart;
}

bool is_braided(const Way& way, Metre at) {
    const auto all = braided(way);
    return std::any_of(all.begin(), all.end(),
                       [&](const auto& stretch) { return stretch.first <= at && at <= stretch.second; });
}

bool pass_through(const Opening& opening, std::vector<double> radii) {
    constexpr double surely_fits = 0.35;  // share of an opening's area
    const double hole = raw(opening.bore) / 2;
    if (hole <= 0 || radii.empty()) return true;
    for (const auto* others : {&opening.already, &opening.later})
        for (const auto across : *others) radii.push_back(raw(across) / 2);
    double area = 0;
    for (const double r : radii) area += r * r;
    if (area < surely_fits * hole * hole && *std::max_element(radii.begin(), radii.end()) <= hole / 2)
        return true;
    return circles_pass(radii, hole);
}

double jacket_gram_per_m(const Catalogue& catalogue, const Lead& lead) {
    if (lead.jacket == Jacket::none || has_own_sheath(lead)) return 0;
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return 0;
    const double density = lead.jacket == Jacket::sheath ? 1.35 : lead.jacket == Jacket::tube ? 1.1 : 0.6;
    const double inside = raw(inside_jacket(lead, wire->outer, wires_of(lead))) / 2;
    double outside = inside;
    for (const auto& s : strands_of(lead, wire->outer, wires_of(lead))) outside = std::max(outside, s.radius);
    return std::numbers::pi * (outside * outside - inside * inside) * density;  // mm² × g/cm³ = g/m
}

std::vector<Strand> strands_of(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    return wire ? strands_of(lead, wire->outer, wires_of(lead)) : std::vector<Strand>{};
}

std::vector<double> radii_of(const Catalogue& catalogue, const Lead& lead) {
    const auto* wire = find(catalogue.wires, lead.wire);
    if (!wire) return {};
    if (lies_loose(lead)) return std::vector<double>(wires_of(lead), raw(wire->outer) / 2);
    return radii_of(strands_of(lead, wire->outer, wires_of(lead)));
}

double widest_of(const Catalogue& catalogue, const Lead& lead) {
    const auto all = radii_of(catalogue, lead);
    return all.empty() ? 0 : 2 * *std::max_element(all.begin(), all.end());
}

}  // namespace sangre
