#include "harness/feed_strip.h"

#include <fmt/format.h>

#include "network/device_part.h"
#include "units/format.h"

namespace sangre {
namespace {

StripItem joint_item(const Catalogue& catalogue, const Id& kind, bool own_return) {
    StripItem item{StripKind::joint, {}, {}, "no joint chosen", {}, {}, {}, {}, {}};
    if (const auto* joint = find(catalogue.joints, kind)) {
        item.name = joint->name;
        item.supply = joint->resistance;
        if (own_return) item.back = joint->resistance;
    }
    return item;
}

/// Forward voltage of a diode, which is no resistance.
Volt forward_of(const Catalogue& catalogue, const Device& d) {
    const auto* type = d.kind == DeviceKind::diode ? find(catalogue.inlines, d.type) : nullptr;
    return type ? type->forward : Volt(0);
}

}  // namespace

FeedStrip feed_strip(const Plan& plan, const Catalogue& catalogue, const OperatingPoint& point, size_t feed,
                     Metre length) {
    const auto& f = plan.feeds[feed];
    const auto& at = point.feeds[feed];
    const bool own = f.ret == Return::own;
    FeedStrip strip;
    strip.amps = at.supply;
    strip.items.push_back({StripKind::source, {}, {}, name_of(plan, f.from), {}, {}, {}, {}, {}});
    strip.items.push_back(joint_item(catalogue, f.joint_from, own));
    Volt forward(0);
    for (const auto& d : f.devices) {
        const auto part = device_part(catalogue, d);
        StripItem item{StripKind::device, d.id, d.kind, part ? part->name : d.type, {}, {}, {}, {}, {}};
        if (part) item.supply = part->resistance;
        if (d.kind == DeviceKind::connector && part) item.back = part->resistance;
        forward += forward_of(catalogue, d);
        strip.items.push_back(std::move(item));
    }
    const auto* wire = find(catalogue.wires, f.wire);
    Ohm copper(0), back(0), rest_of_return(0);
    for (const auto& r : feed_resistances(plan, f, catalogue, length, at.copper))
        if (r.of == ResistanceOf::copper && !r.in_return) copper = r.value;
    for (const auto& r : feed_resistances(plan, f, catalogue, length, at.copper_back)) {
        if (r.of == ResistanceOf::copper && r.in_return) back = r.value;
        if (r.of == ResistanceOf::other_return) rest_of_return += r.value;
    }
    strip.items.push_back({StripKind::wire,
                           {},
                           {},
                           wire ? fmt::format("{} of {}", format(length), wire->size) : "no wire",
                           copper,
                           own ? back : rest_of_return,
                           {},
                           {},
                           {}});
    strip.items.push_back(joint_item(catalogue, f.joint_to, own));
    strip.items.push_back({StripKind::end, {}, {}, name_of(plan, f.to), {}, {}, {}, {}, {}});

    // Ohm's law along both conductors; what it leaves open, such as a switch or a diode in its own way,
    // stands at the first device that can.
    const auto drop_of = [&](const StripItem& i) {
        return Volt(raw(i.supply) * raw(at.supply) + raw(i.back) * raw(at.back));
    };
    Volt sum(0);
    for (auto& i : strip.items) i.drop = drop_of(i), sum += i.drop;
    const Volt left = at.at_source - at.at_end - sum;
    for (const auto kind : {DeviceKind::diode, DeviceKind::power_switch, DeviceKind::fuse}) {
        const auto found = std::find_if(strip.items.begin(), strip.items.end(), [&](const auto& i) {
            return i.kind == StripKind::device && i.is == kind;
        });
        if (found == strip.items.end() || (kind == DeviceKind::diode && raw(forward) <= 0)) continue;
        if (std::abs(raw(left)) > 1e-6) found->drop += left;
        break;
    }
    Volt volts = at.at_source;
    for (auto& i : strip.items) {
        i.before = volts;
        volts -= i.drop;
        i.after = volts;
    }
    return strip;
}

}  // namespace sangre
