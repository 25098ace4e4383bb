#include "making/alternatives.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/bending.h"
#include "harness/choose_paths.h"
#include "harness/coupling.h"
#include "plan/on_way.h"

namespace sangre {
namespace {

/// The opening with the lead's wires in it.
bool room_for(const Plan& plan, const Harness& harness, size_t opening, size_t lead) {
    const auto& hole = harness.holes[opening];
    if (std::find(hole.leads.begin(), hole.leads.end(), lead) != hole.leads.end()) return hole.fits;
    auto radii = radii_of(harness.strands[lead]);
    for (const auto other : hole.leads) {
        const auto more = radii_of(harness.strands[other]);
        radii.insert(radii.end(), more.begin(), more.end());
    }
    return pass_through(plan.openings[opening], std::move(radii));
}

Words more_or_less(const Words& amount, bool less) { return (less ? "−" : "+") + amount; }

}  // namespace

Alternative alternative_by(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t lead,
                           const Path& path) {
    auto l = plan.leads[lead];
    l.by.clear(), l.length.reset();
    for (const auto w : path.ways) l.by.push_back(plan.ways[w].id);
    Alternative a;
    a.ways = path.ways;
    const auto route = route_of(plan, catalogue, l);
    a.length = route.length, a.cut = route.cut;
    a.mass += Gram(figures.harness.jacket_gram_per_m[lead] * raw(a.cut));
    for (const auto& core : figures.harness.wiring.cores_of(lead))
        if (core.wire) a.mass += Gram(core.wire->gram_per_m * raw(a.cut));
    if (lead < plan.feeds().size() && figures.protection[lead].wire) {
        const auto& p = figures.protection[lead];
        const double conductors = std::max(l.conductors, 1);
        a.drop = Volt(raw(p.need.continuous) * p.wire->ohm_per_m * raw(a.length) *
                      (l.ret == Return::own ? 2 : 1) / conductors);
    }
    for (const auto w : path.ways)
        for (const auto& thing : plan.ways[w].on_it) {
            const auto* opening = by_id(plan.openings, thing.opening);
            if (!opening) {
                if (role_of(thing.kind).detour > 1)
                    a.against.push_back(say("past the {obstacle}", on_way_words(thing)));
                continue;
            }
            const auto o = static_cast<size_t>(opening - plan.openings.data());
            if (!room_for(plan, figures.harness, o, lead))
                a.against.push_back(say("no room left in the {opening}", opening_name(plan, *opening)));
        }
    const auto least = least_bend(catalogue, l);
    for (const auto w : path.ways)
        if (const auto bend = tightest_bend(plan, plan.ways[w]); bend && *bend < least)
            a.against.push_back(
                say("bent to {bend} where {least} is the least", format(*bend), format(least)));
    // What it would lie beside.
    for (const auto& x : couplings_along(plan, figures.solver->index(), figures.harness, lead, path.ways))
        if (x.too_much())
            a.against.push_back(say("{couples} coupled, beside {lead}", format(x.couples),
                                    lead_name(plan, plan.leads[x.other(lead)])));
    return a;
}

std::vector<Alternative> alternatives(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                      size_t lead, size_t most) {
    const auto& l = plan.leads[lead];
    const auto& now = figures.harness.routes[lead].ways;
    if (now.empty()) return {};
    auto paths = shortest_paths(plan, place_of(plan, l.from), place_of(plan, l.to),
                                cost_for(plan, catalogue, l), most);
    if (std::none_of(paths.begin(), paths.end(), [&](const auto& p) { return p.ways == now; })) {
        if (paths.size() == most) paths.pop_back();
        double length = 0;
        for (const auto w : now) length += raw(plan.ways[w].length);
        paths.insert(paths.begin(), Path{now, length, true});
    }
    std::vector<Alternative> all;
    for (const auto& path : paths) {
        all.push_back(alternative_by(plan, catalogue, figures, lead, path));
        all.back().now = path.ways == now;
    }
    return all;
}

Path lead_along(const Plan& plan, const Catalogue& catalogue, size_t lead, size_t way) {
    const auto& l = plan.leads[lead];
    const auto from = place_of(plan, l.from), to = place_of(plan, l.to);
    if (from.empty() || to.empty() || way >= plan.ways.size()) return {};
    return path_along(plan, from, to, cost_for(plan, catalogue, l), way);
}

Words alternative_words(const Plan& plan, const Alternative& now, const Alternative& other, size_t lead) {
    Words words;
    Id here = place_of(plan, plan.leads[lead].from);
    for (const auto w : other.ways) {
        here = plan.ways[w].from == here ? plan.ways[w].to : plan.ways[w].from;
        words += (words.empty() ? "" : ", ") + name_of(plan, here);
    }
    words += ": " + format(other.length);
    if (!other.now) {
        const auto by = other.cut - now.cut;
        words +=
            ", " + say("{more_or_less} of wire", more_or_less(format(Metre(std::abs(raw(by)))), raw(by) < 0));
        const auto mass = other.mass - now.mass;
        words += ", " + more_or_less(format(Gram(std::abs(raw(mass)))), raw(mass) < 0);
        const auto drop = other.drop - now.drop;
        if (std::abs(raw(drop)) >= 0.001)
            words += ", " + say("{more_or_less} of drop",
                                more_or_less(format(Volt(std::abs(raw(drop)))), raw(drop) < 0));
    }
    for (const auto& line : other.against) words += ", " + line;
    return words;
}

}  // namespace sangre
