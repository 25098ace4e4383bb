#include "electrical/mission/box_air.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

// Natural convection and radiation together, W/m²K, on the inside and the outside of a small case (VDI heat
// atlas, typical).
constexpr double inside_film = 8, outside_film = 10;
// Of the sun on a roof in summer, and what a case of middling colour takes of it.
constexpr double sun_w_m2 = 900, sun_taken = 0.7;
constexpr double usual_wall_mm = 2.5;
constexpr double air_heat = 1200;  // J/m³K
constexpr double vent_flow = 0.6;  // of an opening with a grille
constexpr double fan_share = 0.6;  // of what is printed, behind a grille
// What becomes heat where it stands: of a motor's power, of a lamp's.
constexpr double motor_heat = 0.3, lamp_heat = 0.7;
constexpr double warming_s = 1800;
constexpr Watt worth_saying{0.05};

double conductivity(BodyMaterial m) {
    switch (m) {
        case BodyMaterial::plastic:
            return 0.2;
        case BodyMaterial::wood:
            return 0.15;
        case BodyMaterial::metal:
            return 50;
        case BodyMaterial::fabric:
            return 0.06;
        case BodyMaterial::foam:
            return 0.035;
    }
    return 0.2;
}

bool measured(const Body& b) { return raw(b.length) > 0 && raw(b.width) > 0 && raw(b.height) > 0; }

struct Walls {
    double area = 0, roof = 0, tall = 0;  // m², m², m
    double per_kelvin = 0;                // W/K through all of them
};

Walls walls_of(const Body& b) {
    const double l = raw(b.length) / 1e3, w = raw(b.width) / 1e3, h = raw(b.height) / 1e3;
    Walls walls{2 * (l * w + l * h + w * h), l * w, h, 0};
    const double wall = (raw(b.wall) > 0 ? raw(b.wall) : usual_wall_mm) / 1e3;
    walls.per_kelvin = walls.area / (1 / inside_film + wall / conductivity(b.material) + 1 / outside_film);
    return walls;
}

double through_roof(const Body& b, const Walls& walls) {
    if (!b.sun) return 0;
    return sun_w_m2 * sun_taken * walls.roof * (walls.per_kelvin / walls.area) / outside_film;
}

/// m³/s at that rise: in below and out above, by itself, and what a fan moves.
double moved_air(double vents_mm2, double fan_m3_h, double tall, double rise) {
    const double by_itself = vent_flow * vents_mm2 / 1e6 / std::sqrt(2) *
                             std::sqrt(2 * 9.81 * 0.7 * tall * std::max(rise, 0.0) / 310);
    return std::max(by_itself, fan_share * fan_m3_h / 3600);
}

/// Kelvin at which what is lost goes out.
double rise_at(double watts, const Walls& walls, double vents_mm2, double fan_m3_h) {
    double low = 0, high = 400;
    for (int i = 0; i < 60; ++i) {
        const double rise = (low + high) / 2;
        const double out =
            rise * (walls.per_kelvin + air_heat * moved_air(vents_mm2, fan_m3_h, walls.tall, rise));
        (out < watts ? low : high) = rise;
    }
    return (low + high) / 2;
}

/// What a load takes in one phase, and the share of it that is heat where it stands: a case takes half an
/// hour to get warm.
struct LoadHeat {
    double watts = 0, share = 0;
    double heat() const { return watts * share; }
};
LoadHeat heat_in(const Load& load, const Phase* phase) {
    if (load.heat_elsewhere) return {};
    // What turns something sends most of its power out through its shaft, its hose or its propeller.
    const bool turns = load.kind == LoadKind::motor || load.noisy || load.start > load.typical * 2;
    LoadHeat h{raw(load.nominal) * raw(load.typical), turns                        ? motor_heat
                                                      : load.kind == LoadKind::led ? lamp_heat
                                                                                   : 1};
    if (!phase) return h;
    const auto state = phase->states.find(load.id);
    if (state == phase->states.end() || state->second == LoadState::off) return {};
    if (state->second == LoadState::idle) h.watts = raw(load.nominal) * raw(load.idle);
    if (const auto share = phase->shares.find(load.id); share != phase->shares.end())
        h.watts *= share->second;
    h.share *= 1 - std::exp(-raw(phase->duration) / warming_s);
    return h;
}

bool within(const Plan& plan, const Body* body, const Id& outer) {
    for (size_t steps = 0; body && steps <= plan.bodies.size(); ++steps) {
        if (body->id == outer) return true;
        body = by_id(plan.bodies, body->in);
    }
    return false;
}

/// The phase in which what stands in that body makes the most heat; null where no day is described.
const Phase* hardest_phase(const Plan& plan, const PartPlaces& places, const Body& body) {
    const Phase* hardest = nullptr;
    double most = -1;
    for (const auto& phase : plan.phases) {
        double watts = 0;
        for (const auto& load : plan.loads)
            if (within(plan, places.body(load.id), body.id)) watts += heat_in(load, &phase).heat();
        if (watts > most) most = watts, hardest = &phase;
    }
    return hardest;
}

}  // namespace

std::vector<BoxAir> warm_bodies(const Plan& plan, const WorstCase& worst) {
    std::vector<BoxAir> boxes(plan.bodies.size());
    if (boxes.empty()) return boxes;
    const PartPlaces places(plan);
    for (size_t i = 0; i < plan.bodies.size(); ++i) {
        const auto& body = plan.bodies[i];
        auto& box = boxes[i];
        box.why.title = say("Air inside {body}", body.name);
        const auto* phase = hardest_phase(plan, places, body);
        if (phase)
            box.why.add(say("In {phase}, {duration} long; a case takes half an hour to get warm.",
                            phase->name, format(phase->duration)));
        for (size_t c = 0; c < plan.converters.size() && c < worst.converters.size(); ++c) {
            const auto heat = worst.converters[c].heat;
            if (!within(plan, places.body(plan.converters[c].id), body.id) || raw(heat) <= 0) continue;
            box.lost += heat;
            if (raw(heat) >= raw(worth_saying))
                box.why.add(compose("{}: {}", plan.converters[c].name, format(heat)));
        }
        for (const auto& load : plan.loads) {
            if (!within(plan, places.body(load.id), body.id)) continue;
            const auto h = heat_in(load, phase);
            box.lost += Watt(h.heat());
            if (h.heat() >= raw(worth_saying))
                box.why.add(compose("{}: {} × {} = {}", load.name, format(Watt(h.watts)),
                                    format_percent(h.share), format(Watt(h.heat()))));
        }
        // A frame or an arm without a lid holds no warm air.
        if (!measured(body) || body.open) continue;
        const auto walls = walls_of(body);
        box.sun = Watt(through_roof(body, walls));
        box.known = raw(box.lost) + raw(box.sun) > 0;
        const double vents = body.sealed ? 0 : raw(body.vents), fan = body.sealed ? 0 : body.fan;
        box.rise = rise_at(raw(box.lost + box.sun), walls, vents, fan);
        if (raw(box.sun) > 0) box.why.add(say("Sun on its roof, what comes through: {sun}", format(box.sun)));
        box.why.add(say("Walls {area} m², {per_kelvin} W a kelvin through them", format_number(walls.area),
                        format_number(walls.per_kelvin)));
        if (vents > 0 || fan > 0)
            box.why.add(say("Air moved: {moved_air} m³/h",
                            format_number(moved_air(vents, fan, walls.tall, box.rise) * 3600)));
        box.why.source =
            say("Heat balance of a case: films of 8 and 10 W/m²K, its walls, vents by their own draught, a "
                "fan at 60 % of its print; a motor keeps 30 % of its power as heat, a lamp 70 %, a socket "
                "nothing.");
    }
    // What is inside of another is in its air.
    for (size_t i = 0; i < boxes.size(); ++i) {
        double air = raw(plan.hottest_air);
        Id at = plan.bodies[i].id;
        for (size_t steps = 0; !at.empty() && steps <= plan.bodies.size(); ++steps) {
            const auto* b = by_id(plan.bodies, at);
            if (!b) break;
            const auto& box = boxes[static_cast<size_t>(b - plan.bodies.data())];
            if (box.known) air += box.rise;
            at = b->in;
        }
        boxes[i].air = Celsius(air);
        if (boxes[i].known)
            boxes[i].why.add(say("{air} + {rise} K = {air_2} inside", format(Celsius(air - boxes[i].rise)),
                                 format_number(boxes[i].rise), format(boxes[i].air)),
                             boxes[i].rise > 15 ? Tone::caution : Tone::good);
    }
    return boxes;
}

namespace {
Celsius air_in(const Plan& plan, const std::vector<BoxAir>& boxes, const Body* body) {
    const auto i = body ? static_cast<size_t>(body - plan.bodies.data()) : boxes.size();
    return i < boxes.size() ? std::max(boxes[i].air, plan.hottest_air) : plan.hottest_air;
}
}  // namespace

Celsius air_round(const Plan& plan, const std::vector<BoxAir>& boxes, const Id& part) {
    return plan.bodies.empty() ? plan.hottest_air : air_in(plan, boxes, body_of(plan, part));
}

Celsius air_along(const Plan& plan, const std::vector<BoxAir>& boxes, const Lead& lead) {
    return std::max(air_round(plan, boxes, lead.from), air_round(plan, boxes, lead.to));
}

Celsius air_along(const Plan& plan, const std::vector<BoxAir>& boxes, const Lead& lead,
                  const PartPlaces& places) {
    return std::max(air_in(plan, boxes, places.body(lead.from)), air_in(plan, boxes, places.body(lead.to)));
}

Venting venting_for(const BoxAir& box, const Body& body, double rise) {
    Venting v;
    if (!measured(body)) return v;
    const auto walls = walls_of(body);
    const double watts = raw(box.lost + box.sun);
    for (double cm2 = 2; cm2 <= 50; cm2 += cm2 < 10 ? 2 : 5)
        if (rise_at(watts, walls, cm2 * 100, 0) <= rise) {
            v.vents = SquareMillimetre(cm2 * 100);
            break;
        }
    for (const double fan : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0})
        if (rise_at(watts, walls, raw(body.vents), fan) <= rise) {
            v.fan = fan;
            break;
        }
    return v;
}

}  // namespace sangre
