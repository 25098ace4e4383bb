#include "wiring/network/solver.h"

#include <algorithm>

#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

constexpr double blocked_ohm = 1e8;
constexpr double least_ohm = 1e-5;  // two bolted studs touching

std::string node_name(const Plan& plan, const Wiring& wiring, size_t terminal) {
    const auto& t = wiring.terminals[terminal];
    const auto sign = [&](const Id& id) { return id + (t.pole == Pole::minus ? " −" : " +"); };
    switch (t.part.kind) {
        case PartKind::source:
            return sign(plan.sources[t.part.index].id);
        case PartKind::hub:
            return sign(plan.hubs[t.part.index].id);
        case PartKind::load:
            return sign(plan.loads[t.part.index].id);
        case PartKind::converter: {
            const auto& id = plan.converters[t.part.index].id;
            return id + (t.pole == Pole::plus ? " in" : t.pole == Pole::out ? " out" : " −");
        }
        case PartKind::none:
            break;
    }
    return static_cast<int>(terminal) == wiring.frame ? "frame" : "reference";
}

/// The nodes of the parts: terminals stand part by part, a pack's minus first.
void place_parts(Circuit& c, const Wiring& wiring) {
    for (int i = 0; i < static_cast<int>(wiring.terminals.size()); ++i) {
        const auto& t = wiring.terminals[static_cast<size_t>(i)];
        if (t.part.kind == PartKind::source && t.pole == Pole::plus) c.sources.push_back({i, i - 1});
        if (t.pole != Pole::plus) continue;
        if (t.part.kind == PartKind::hub) c.hubs.push_back({i, i + 1});
        if (t.part.kind == PartKind::load) c.loads.push_back({i, i + 1});
        if (t.part.kind != PartKind::converter) continue;
        c.converter_in.push_back({i, i + 1});
        c.converter_out.push_back({i + 2, i + 1});
    }
    c.leak_to.assign(c.nodes.size(), 0);
    for (const auto* parts : {&c.hubs, &c.loads, &c.converter_in, &c.converter_out})
        for (const auto& part : *parts) c.leak_to[static_cast<size_t>(part.positive)] = part.negative;
}

Circuit circuit_of(const Plan& plan, const Wiring& wiring) {
    Circuit c;
    c.nodes.reserve(wiring.terminals.size());
    for (size_t i = 0; i < wiring.terminals.size(); ++i) c.nodes.push_back(node_name(plan, wiring, i));
    place_parts(c, wiring);
    const size_t feeds = c.feeds = wiring.feeds;
    for (size_t f = 0; f < feeds; ++f) {
        const auto& at = wiring.leads[f];
        const auto ohms = feed_ohms(wiring, f);
        // A diode the wrong way round: what passes it is its leakage.
        const double supply = raw(ohms.supply) + (ohms.blocks ? blocked_ohm : 0);
        c.branches.push_back(
            {at.from_plus, at.to_plus, std::max(supply, least_ohm), raw(ohms.forward), f, false});
        c.branches.push_back({at.to_minus, at.home, std::max(raw(ohms.back), least_ohm), 0, f, true});
        c.copper_share.push_back(raw(ohms.supply_copper) / c.branches[2 * f].ohm);
        c.copper_share.push_back(raw(ohms.back_copper) / c.branches[2 * f + 1].ohm);
        const auto& core = wiring.cores_of(f).front();
        c.warmth.push_back(core.insulation ? warmth_of(*core.wire, *core.insulation, core.alike) : nullptr);
        for (const auto& item : wiring.items_of(f))
            if (raw(item.values.coil) > 0)
                c.coils.push_back({{item.coil_plus, item.coil_minus},
                                   raw(item.values.coil_current) / raw(item.values.coil),
                                   f,
                                   plan.feeds()[f].devices[item.device].id});
    }
    if (wiring.frame >= 0)
        for (const auto& b : c.sources) {
            c.branches.push_back({wiring.frame, b.negative, frame_bond_ohm, 0, feeds, true});
            c.copper_share.push_back(0);
        }
    return c;
}

std::vector<ThermalItem> thermal_items_of(const Plan& plan, const PlanIndex& index,
                                          const Catalogue& catalogue, const Wiring& wiring) {
    std::vector<ThermalItem> all;
    for (const auto& item : wiring.items) {
        // One in a lead that feeds nothing switches nothing.
        if (item.feed >= wiring.feeds || (!item.values.opens_above && !item.values.closes_above)) continue;
        const auto& d = plan.feeds()[item.feed].devices[item.device];
        ThermalItem t{item.feed, item.device, item.values.opens_above, item.values.closes_above, {},
                      nullptr,   d.warmer_k};
        if (!d.sits_on.empty()) t.on = index.part(d.sits_on);
        if (t.on.kind == PartKind::converter && !t.warmer_k)
            t.type = find(catalogue.converters, plan.converters[t.on.index].type);
        all.push_back(t);
    }
    return all;
}

}  // namespace

Network network_of(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
                   const Wiring& wiring) {
    Network n;
    n.circuit = circuit_of(plan, wiring);
    n.loads = plan.loads, n.sources = plan.sources;
    for (const auto& l : plan.loads) {
        n.laws.emplace_back(l);
        n.into_load.push_back(index.into(l.id));
    }
    for (const auto& c : plan.converters) {
        n.types.push_back(find(catalogue.converters, c.type));
        n.set.push_back(c.set);
    }
    for (const auto& s : plan.sources) n.chemistries.push_back(find(catalogue.chemistries, s.chemistry));
    return n;
}

Solver::Solver(const Plan& plan, const Catalogue& catalogue, const Wiring& wiring)
    : index_(plan),
      nodes_(std::make_shared<Network>(network_of(plan, index_, catalogue, wiring))),
      thermal_(thermal_items_of(plan, index_, catalogue, wiring)) {}

Solver::Solver(const Plan& plan, const Catalogue& catalogue, const std::vector<Metre>& lengths)
    : Solver(plan, catalogue, wire_up(plan, PlanIndex(plan), catalogue, lengths)) {}

}  // namespace sangre
