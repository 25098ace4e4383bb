#include "harness/drill_holes.h"

#include <algorithm>
#include <cmath>

#include "base/enum_words.h"
#include "harness/fittings.h"
#include "wiring/item/item.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

constexpr double widest_twist_mm = 13;  // what a common chuck takes; above, and in thin wall, a step drill

}  // namespace

Millimetre standard_drill(Millimetre width) {
    const double w = raw(width) - 1e-6;
    return Millimetre(w <= widest_twist_mm ? std::max(std::ceil(w * 2) / 2, 1.0) : std::ceil(w));
}

std::vector<DrillHole> drill_holes(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    std::vector<DrillHole> holes;
    const auto add = [&](DrillHole hole, Millimetre width) {
        if (raw(width) <= 0) return;
        hole.drill = standard_drill(width);
        hole.step = raw(hole.drill) > widest_twist_mm;
        holes.push_back(std::move(hole));
    };
    for (size_t i = 0; i < plan.openings.size(); ++i) {
        const auto& opening = plan.openings[i];
        const auto needed = i < harness.holes.size() ? harness.holes[i].needed : Millimetre(0);
        const auto* fitting = fitting_of(catalogue, opening, needed);
        const auto* body = by_id(plan.bodies, opening.body);
        add({opening.id,
             opening.name.empty() ? opening_name(plan, opening) : Words(opening.name),
             body ? body->name : std::string(),
             fitting                             ? Words(fitting->name)
             : opening.kind == OpeningKind::hole ? Words()
                                                 : said_word(opening.kind),
             {},
             false},
            fitting && raw(fitting->hole) > 0 ? fitting->hole : opening.bore);
    }
    for (const auto& part : plan.passives) {
        const auto* body = body_of(plan, part.id);
        add({part.id,
             part.name,
             body ? body->name : std::string(),
             said_word(part.kind),
             {},
             false,
             part.seat.points},
            part.seat.cutout);
    }
    for (size_t i = 0; i < plan.leads.size(); ++i)
        for (const auto& item : plan.leads[i].devices)
            if (const auto* body = by_id(plan.bodies, item.panel)) {
                const auto name = item_name(catalogue, item);
                add({item.id,
                     item.name.empty() ? name : item.name,
                     body->name,
                     name,
                     {},
                     false,
                     item.seat.points},
                    panel_fit(catalogue, item).cutout);
            }
    return holes;
}

}  // namespace sangre
