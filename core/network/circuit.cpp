#include "network/circuit.h"

#include <algorithm>

#include "protection/fuse_curve.h"
#include "wire/conductor.h"

namespace sangre {
namespace {

constexpr double frame_bond_ohm = 0.001;  // a clean, bare, bolted ground point
constexpr double no_frame_ohm = 1e7;      // a "frame return" in plastic, wood or carbon conducts nothing
constexpr double blocked_ohm = 1e8;
constexpr double least_ohm = 1e-5;  // two bolted studs touching

Ohm joint_resistance(const Catalogue& catalogue, const Id& kind) {
    const auto* joint = find(catalogue.joints, kind);
    return joint ? joint->resistance : Ohm(0);
}

}  // namespace

std::vector<Resistance> feed_resistances(const Plan& plan, const Feed& feed, const Catalogue& catalogue,
                                         Metre length, Celsius warm) {
    std::vector<Resistance> parts;
    for (const auto& d : feed.devices) {
        if (d.kind == DeviceKind::fuse)
            if (const auto* family = find(catalogue.fuses, d.type))
                parts.push_back({"fuse", fuse_resistance(*family, d.rating), false});
        if (d.kind == DeviceKind::power_switch)
            if (const auto* type = find(catalogue.switches, d.type))
                parts.push_back({"switch contact", type->contact, false});
        if (d.kind == DeviceKind::connector)
            if (const auto* type = find(catalogue.connectors, d.type)) {
                parts.push_back({"connector +", type->contact, false});
                parts.push_back({"connector −", type->contact, true});
            }
        if (const auto* type = find(catalogue.inlines, d.type); type && is_inline(d.kind))
            parts.push_back({type->name, type->resistance, false});
    }
    const auto* wire = find(catalogue.wires, feed.wire);
    const Ohm copper(wire ? wire->ohm_per_m * temperature_factor(warm) * std::max(raw(length), 0.0) /
                                std::max(feed.conductors, 1)
                          : 0);
    const Ohm joints =
        joint_resistance(catalogue, feed.joint_from) + joint_resistance(catalogue, feed.joint_to);
    parts.push_back({"wire +", copper, false, ResistanceOf::copper});
    parts.push_back({"joints +", joints, false, ResistanceOf::joints});
    switch (feed.ret) {
        case Return::own:
            parts.push_back({"wire −", copper, true, ResistanceOf::copper});
            parts.push_back({"joints −", joints, true, ResistanceOf::joints});
            break;
        case Return::frame:
            parts.push_back({"frame", Ohm(plan.metal_frame ? frame_bond_ohm : no_frame_ohm), true,
                             ResistanceOf::other_return});
            break;
        case Return::shared:
            parts.push_back(
                {"joint to the shared return", Ohm(frame_bond_ohm), true, ResistanceOf::other_return});
            break;
    }
    return parts;
}

FeedOhms feed_ohms(const std::vector<Resistance>& resistances) {
    FeedOhms sum;
    for (const auto& r : resistances) (r.of == ResistanceOf::copper ? sum.copper : sum.rest) += r.value;
    return sum;
}

bool is_inline(DeviceKind kind) {
    return kind == DeviceKind::diode || kind == DeviceKind::filter || kind == DeviceKind::shunt;
}

Volt feed_forward_voltage(const Feed& feed, const Catalogue& catalogue) {
    Volt sum(0);
    for (const auto& d : feed.devices)
        if (const auto* type = find(catalogue.inlines, d.type); type && d.kind == DeviceKind::diode)
            sum += type->forward;
    return sum;
}

Circuit build_circuit(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
                      const std::vector<Metre>& lengths) {
    Circuit c;
    const auto node = [&](const std::string& name) {
        c.nodes.push_back(name);
        return static_cast<int>(c.nodes.size()) - 1;
    };
    // Node 0 is what every voltage is measured against: the first battery's minus.
    if (plan.batteries.empty()) node("reference");
    for (const auto& b : plan.batteries) {
        const int minus = node(b.id + " −");
        c.batteries.push_back({node(b.id + " +"), minus});
    }
    for (const auto& h : plan.hubs) {
        const int plus = node(h.id + " +");
        c.hubs.push_back({plus, node(h.id + " −")});
    }
    for (const auto& k : plan.converters) {
        const int in = node(k.id + " in");
        const int ground = node(k.id + " −");
        c.converter_in.push_back({in, ground});
        c.converter_out.push_back({node(k.id + " out"), ground});
    }
    for (const auto& l : plan.loads) {
        const int plus = node(l.id + " +");
        c.loads.push_back({plus, node(l.id + " −")});
    }
    const bool any_frame = std::any_of(plan.feeds.begin(), plan.feeds.end(),
                                       [](const auto& f) { return f.ret == Return::frame; });
    const int frame = any_frame ? node("frame") : -1;

    c.leak_to.assign(c.nodes.size(), 0);
    for (const auto* parts : {&c.hubs, &c.loads, &c.converter_in, &c.converter_out})
        for (const auto& part : *parts) c.leak_to[static_cast<size_t>(part.positive)] = part.negative;
    const auto terminals = [&](const Id& part, bool outlet) -> Terminals {
        const auto ref = index.part(part);
        switch (ref.kind) {
            case PartKind::battery:
                return c.batteries[ref.index];
            case PartKind::hub:
                return c.hubs[ref.index];
            case PartKind::converter:
                return outlet ? c.converter_out[ref.index] : c.converter_in[ref.index];
            case PartKind::load:
                return c.loads[ref.index];
            case PartKind::none:
                break;
        }
        return {0, 0};
    };
    for (size_t i = 0; i < plan.feeds.size(); ++i) {
        const auto& f = plan.feeds[i];
        const auto from = terminals(f.from, true), to = terminals(f.to, false);
        double supply = 0, back = 0, copper = 0;
        for (const auto& part : feed_resistances(plan, f, catalogue, lengths[i])) {
            (part.in_return ? back : supply) += raw(part.value);
            if (part.of == ResistanceOf::copper && !part.in_return) copper = raw(part.value);
        }
        int home = from.negative;
        if (f.ret == Return::frame) home = frame;
        if (f.ret == Return::shared)
            if (const auto* other = by_id(plan.feeds, f.shared_with))
                home = terminals(other->to, false).negative;
        // A diode the wrong way round: what passes it is its leakage.
        const bool blocked = std::any_of(f.devices.begin(), f.devices.end(), [](const auto& d) {
            return d.kind == DeviceKind::diode && d.reversed;
        });
        if (blocked) supply += blocked_ohm;
        c.branches.push_back({from.positive, to.positive, std::max(supply, least_ohm),
                              raw(feed_forward_voltage(f, catalogue)), i, false});
        c.branches.push_back({to.negative, home, std::max(back, least_ohm), 0, i, true});
        c.copper_share.push_back(copper / c.branches[2 * i].ohm);
        c.copper_share.push_back(f.ret == Return::own ? copper / c.branches[2 * i + 1].ohm : 0);
        const auto* wire = find(catalogue.wires, f.wire);
        const auto* insulation = wire ? find(catalogue.insulations, wire->insulation) : nullptr;
        c.warmth.push_back(insulation ? warmth_of(*wire, *insulation, std::max(f.conductors, 1)) : nullptr);
        for (const auto& d : f.devices)
            if (const auto* type = find(catalogue.switches, d.type);
                d.kind == DeviceKind::power_switch && type && raw(type->coil) > 0)
                c.coils.push_back({from, raw(type->coil_current) / raw(type->coil), i, d.id});
    }
    if (any_frame)
        for (const auto& b : c.batteries) {
            c.branches.push_back({frame, b.negative, frame_bond_ohm, 0, plan.feeds.size(), true});
            c.copper_share.push_back(0);
        }
    return c;
}

}  // namespace sangre
