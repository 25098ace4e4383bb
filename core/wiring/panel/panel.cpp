#include "wiring/panel/panel.h"

#include <algorithm>

namespace sangre {

Seat panel_fit(const Catalogue& catalogue, const Device& item) {
    Seat fit = item.seat;
    if (const auto* type = find(catalogue.switches, item.type)) {
        if (raw(fit.cutout) <= 0) fit.cutout = type->cutout;
        if (raw(fit.behind) <= 0) fit.behind = type->behind;
    }
    return fit;
}

SeatHold held_by(const Passive& part) {
    if (part.seat.hold != SeatHold::unsaid) return part.seat.hold;
    switch (part.kind) {
        case PassiveKind::button:
        case PassiveKind::lamp:
        case PassiveKind::aerial:
            return SeatHold::nut_behind;
        case PassiveKind::motor:
            return SeatHold::screws;
        case PassiveKind::sensor:
        case PassiveKind::sounder:
            return SeatHold::unsaid;
    }
    return SeatHold::unsaid;
}

SeatHold held_by(const Device& item) {
    return item.seat.hold == SeatHold::unsaid ? SeatHold::nut_behind : item.seat.hold;
}

bool seated_before_its_wires(const Passive& part) {
    return raw(part.seat.cutout) > 0 && held_by(part) == SeatHold::nut_behind;
}

bool needs_seal(const Plan& plan, const Id& body) {
    const auto* b = by_id(plan.bodies, body);
    return b && b->sealed;
}

std::optional<Millimetre> room_behind(const Body& body) {
    if (raw(body.length) <= 0 || raw(body.width) <= 0 || raw(body.height) <= 0) return {};
    const auto most = std::max({body.length, body.width, body.height});
    return Millimetre(std::max(raw(most) - 2 * raw(body.wall), 0.0));
}

}  // namespace sangre
