#include "wiring/conductors/resistances.h"

#include "base/words/say.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

/// Of one of the cores of a role, the others alike beside it.
Ohm copper_of(const Wiring& wiring, size_t feed, WireRole role, Celsius warm) {
    for (const auto& core : wiring.cores_of(feed))
        if (core.role == role)
            return Ohm(core.wire
                           ? core.wire->ohm_per_m * temperature_factor(warm) * raw(core.length) / core.alike
                           : 0);
    return Ohm(0);
}

Ohm joints_of(const Wiring& wiring, size_t feed, WireRole role) {
    Ohm sum(0);
    for (const auto& j : wiring.joints_of(feed))
        if (j.role == role) sum += j.ohm;
    return sum;
}

}  // namespace

std::vector<Resistance> feed_resistances(const Lead& of, const Catalogue& catalogue, const Wiring& wiring,
                                         size_t feed, Celsius warm) {
    std::vector<Resistance> parts;
    for (const auto& item : wiring.items_of(feed)) {
        if (!item.known || !parts_the_wire(item.kind, item.values)) continue;
        const auto& device = of.devices[item.device];
        if (item.kind == DeviceKind::connector) {
            parts.push_back({say("connector +"), item.values.supply, false});
            parts.push_back({say("connector −"), item.values.back, true});
            continue;
        }
        if (raw(item.values.own_leads) > 0) {
            const bool fuse = item.kind == DeviceKind::fuse;
            parts.push_back({fuse ? say("fuse") : said(kind_word(item.kind)),
                             item.values.supply - item.values.own_leads, false});
            parts.push_back(
                {fuse ? say("leads of its holder") : say("leads of its own"), item.values.own_leads, false});
            continue;
        }
        parts.push_back({item.kind == DeviceKind::fuse           ? say("fuse")
                         : item.kind == DeviceKind::power_switch ? say("switch contact")
                                                                 : item_name(catalogue, device),
                         item.values.supply, false});
    }
    for (const auto role : {WireRole::supply, WireRole::back}) {
        const bool back = role == WireRole::back;
        if (back && !wiring.has_own_return(feed)) {
            const bool frame = wiring.joints_of(feed).back().at == JointAt::frame;
            parts.push_back({frame ? say("frame") : say("joint to the shared return"),
                             joints_of(wiring, feed, role), true, ResistanceOf::other_return});
            continue;
        }
        const std::string sign = back ? "−" : "+";
        parts.push_back(
            {say("wire {sign}", sign), copper_of(wiring, feed, role, warm), back, ResistanceOf::copper});
        parts.push_back(
            {say("joints {sign}", sign), joints_of(wiring, feed, role), back, ResistanceOf::joints});
    }
    return parts;
}

FeedOhms feed_ohms(const Plan& plan, const Lead& feed, const Catalogue& catalogue, Metre length,
                   Celsius copper) {
    return feed_ohms(wire_up_feed(plan, catalogue, feed, length), 0, copper);
}

FeedOhms feed_ohms(const Wiring& wiring, size_t feed, Celsius warm) {
    FeedOhms sum;
    sum.supply_copper = copper_of(wiring, feed, WireRole::supply, warm);
    sum.back_copper = copper_of(wiring, feed, WireRole::back, warm);
    Ohm supply = joints_of(wiring, feed, WireRole::supply), back = joints_of(wiring, feed, WireRole::back);
    for (const auto& item : wiring.items_of(feed)) {
        supply += item.values.supply, back += item.values.back;
        sum.forward += item.values.forward;
        sum.blocks = sum.blocks || item.blocks;
    }
    sum.copper = sum.supply_copper + sum.back_copper, sum.rest = supply + back;
    sum.supply = supply + sum.supply_copper, sum.back = back + sum.back_copper;
    return sum;
}

}  // namespace sangre
