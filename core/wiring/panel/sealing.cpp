#include "wiring/panel/sealing.h"

#include <algorithm>

#include "plan/bodies.h"
#include "wiring/panel/panel.h"

namespace sangre {
namespace {

/// In a sealed body, or in one that lies inside of one.
bool kept_dry(const Plan& plan, const Id& part) {
    for (const auto* body = body_of(plan, part); body; body = by_id(plan.bodies, body->in))
        if (body->sealed) return true;
    return false;
}

bool is_used(const Plan& plan, const Id& opening) {
    return std::any_of(plan.ways.begin(), plan.ways.end(), [&](const auto& way) {
        return std::any_of(way.on_it.begin(), way.on_it.end(),
                           [&](const auto& thing) { return thing.opening == opening; });
    });
}

}  // namespace

Sealing sealing(const Plan& plan, const Catalogue& catalogue) {
    Sealing s;
    for (const auto& o : plan.openings)
        if (needs_seal(plan, o.body) && is_used(plan, o.id))
            (o.kind == OpeningKind::gland ? s.glands : s.to_fill).push_back(o.id);
    const auto seat = [&](const Id& id, const Seat& in, const Id& body) {
        if (!needs_seal(plan, body) || raw(in.cutout) <= 0) return;
        s.seats.push_back(id), s.rings.push_back(in.cutout);
    };
    for (const auto& p : plan.passives)
        if (const auto* body = body_of(plan, p.id)) seat(p.id, p.seat, body->id);
    const bool wet =
        std::any_of(plan.bodies.begin(), plan.bodies.end(), [](const auto& b) { return b.sealed; });
    for (const auto& lead : plan.leads)
        for (const auto& d : lead.devices) {
            if (!d.panel.empty()) seat(d.id, panel_fit(catalogue, d), d.panel);
            const auto* plug = d.kind == DeviceKind::connector ? find(catalogue.connectors, d.type) : nullptr;
            if (wet && plug && plug->plug && !plug->sealed &&
                !(kept_dry(plan, lead.from) && kept_dry(plan, lead.to)))
                s.to_grease.push_back(d.id);
        }
    return s;
}

}  // namespace sangre
