#include "proposal/placement.h"

#include <algorithm>
#include <map>

#include "harness/choose_paths.h"

namespace sangre {
namespace {

constexpr double worth_share = 0.15, worth_gram = 5;

struct Weigher {
    const Plan& plan;
    const Catalogue& catalogue;
    std::map<std::pair<Id, Id>, double> known{};  ///< m between places, by wire-less cost

    double between(const Id& a, const Id& b, const Lead& lead) {
        if (a == b) return raw(same_place_length);
        const auto key = std::minmax(a, b);
        if (const auto at = known.find(key); at != known.end()) return at->second;
        const auto path = shortest_path(plan, a, b, cost_for(plan, catalogue, lead));
        return known[key] = path.found ? path.length : closed_way;
    }
    /// Of the leads that end at a part, were it there: mass and wire. Infinite where a path is missing.
    std::pair<double, double> weigh(const std::vector<const Lead*>& leads, const Id& part, const Id& place) {
        double gram = 0, metre = 0;
        for (const auto* lead : leads) {
            const auto* wire = find(catalogue.wires, lead->wire);
            if (!wire) return {closed_way, closed_way};
            const auto other = place_of(plan, lead->from == part ? lead->to : lead->from);
            const double conductors =
                !lead->cores.empty() ? static_cast<double>(lead->cores.size())
                                     : std::max(lead->conductors, 1) * (lead->ret == Return::own ? 2.0 : 1.0);
            const double length = between(place, other, *lead) * conductors;
            metre += length, gram += length * wire->gram_per_m;
        }
        return {gram, metre};
    }
    std::optional<BetterPlace> of(const Id& part) {
        const auto here = place_of(plan, part);
        if (!by_id(plan.places, here)) return {};
        std::vector<const Lead*> leads;
        for (const auto& lead : plan.leads) {
            if (lead.from != part && lead.to != part) continue;
            const auto other = place_of(plan, lead.from == part ? lead.to : lead.from);
            if (lead.length || !lead.by.empty() || !by_id(plan.places, other)) return {};
            leads.push_back(&lead);
        }
        if (leads.size() < 2) return {};
        const auto [now, wire_now] = weigh(leads, part, here);
        if (now == closed_way) return {};
        BetterPlace best{part, here, Gram(now), Gram(now), Metre(wire_now), Metre(wire_now)};
        const bool module = by_id(plan.converters, part) != nullptr;
        for (const auto& place : plan.places) {
            // What gets warm itself does not move into another box.
            if (const auto* box = by_id(plan.bodies, place.body);
                module && box && !box->open && box != body_of(plan, part))
                continue;
            const auto [gram, wire] = weigh(leads, part, place.id);
            if (gram < raw(best.then) - 1e-9)
                best.place = place.id, best.then = Gram(gram), best.wire_then = Metre(wire);
        }
        if (best.place == here || raw(best.then) > now * (1 - worth_share) ||
            now - raw(best.then) < worth_gram)
            return {};
        return best;
    }
};

}  // namespace

std::vector<BetterPlace> better_places(const Plan& plan, const Catalogue& catalogue) {
    std::vector<BetterPlace> all;
    if (plan.ways.empty()) return all;
    Weigher weigher{plan, catalogue};
    for (const auto& h : plan.hubs)
        if (auto e = weigher.of(h.id)) all.push_back(std::move(*e));
    for (const auto& c : plan.converters)
        if (auto e = weigher.of(c.id)) all.push_back(std::move(*e));
    return all;
}

}  // namespace sangre
