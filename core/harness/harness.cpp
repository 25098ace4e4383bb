#include "harness/harness.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/bending.h"
#include "harness/choose_paths.h"
#include "harness/passages.h"
#include "harness/stack.h"
#include "plan/on_way.h"
#include "wiring/joint/size.h"

namespace sangre {
namespace {

constexpr double service_loop_m = 0.08;
constexpr double usual_slack = 0.05;
constexpr double usual_trim_m = 0.02;

/// Wire that what moves on its way takes up and gives back: an arc of the tightest bend it withstands.
double moving_loop(const Plan& plan, const Catalogue& catalogue, const Lead& feed, const Path& path) {
    const double bend = raw(bent_across(catalogue, feed)) / 1e3 * moving_bend;
    double loop = 0;
    for (const auto w : path.ways)
        for (const auto& thing : plan.ways[w].on_it)
            if (role_of(thing.kind).moves) loop += bend * turn_of(thing) * std::numbers::pi / 180;
    return loop;
}

double end_allowance(const Plan& plan, const Catalogue& catalogue, const Lead& feed, bool at_source) {
    const auto* kind = find(catalogue.joints, at_source ? feed.joint_from : feed.joint_to);
    const double trim = feed.trim ? raw(*feed.trim) : usual_trim_m;
    if (!kind) return trim;
    if (kind->method == JointMethod::plugged) return 0;
    const auto* wire = find(catalogue.wires, feed.wire);
    const int n = std::max(feed.conductors, 1);
    const auto size = wire ? joint_size(*kind, wire->area * n, bundled(wire->conductor, n),
                                        landing_of(plan, feed, at_source))
                           : joint_size(*kind, SquareMillimetre(0), Millimetre(0));
    return raw(size.strip + size.overlap) / 1e3 + trim;
}

FeedRoute route(const Plan& plan, const Catalogue& catalogue, const Lead& feed, const ChosenPath& chosen,
                const PartPlaces& places) {
    FeedRoute r;
    const auto from = places.place(feed.from), to = places.place(feed.to);
    const auto& path = chosen.path;
    r.why.title = say("Length: {lead}", lead_name(plan, feed));
    r.pinned = chosen.pinned, r.went_round = chosen.went_round;
    if (r.pinned) r.why.add(say("By the ways that it is pinned to."));
    if (!r.went_round.empty())
        r.why.add(say("The shortest way is {length} past the {obstacle}; this goes round it: {length_2}.",
                      format(Metre(shortest_path(plan, from, to, plain_cost(plan)).length)), r.went_round,
                      format(Metre(path.length))));
    r.ways = path.ways;
    if (feed.length) {
        r.length = *feed.length;
        r.basis = LengthBasis::measured;
        r.why.add(say("Measured on the machine: {length}.", format(r.length)));
    } else if (path.found) {
        r.length = from == to ? same_place_length : Metre(path.length);
        r.basis = LengthBasis::routed;
        if (from == to)
            r.why.add(say("Both ends are in {part}: {length} taken.", name_of(plan, from), format(r.length)));
        for (const auto p : path.ways)
            r.why.add(compose("{}: {}", name_of(plan, plan.ways[p].id), format(plan.ways[p].length)));
    } else if (const auto up = length_in_stack(plan, catalogue, from, to)) {
        r.length = *up;
        r.basis = LengthBasis::routed;
        r.why.add(
            say("From board to board of one stack: up the spacers between and out over both edges, "
                "{length_in_stack}.",
                format(*up)));
    } else {
        r.length = guessed_length;
        r.why.add(
            say("No measured way joins the two ends; {length} is a guess. Measure it.", format(r.length)),
            Tone::caution);
    }
    r.end_from = Metre(end_allowance(plan, catalogue, feed, true));
    r.end_to = Metre(end_allowance(plan, catalogue, feed, false));
    const double ends = raw(r.end_from) + raw(r.end_to);
    const double loop = feed.loop ? raw(*feed.loop) : raw(r.length) > 0.2 ? service_loop_m : 0;
    const double slack = feed.slack.value_or(usual_slack);
    const double moving = moving_loop(plan, catalogue, feed, path);
    double knots = 0;
    for (const auto w : path.ways) knots += raw(knots_take(catalogue, feed, plan.ways[w]));
    const double exact = (raw(r.length) + loop + moving + knots) * (1 + slack) + ends;
    r.cut = Metre(std::ceil(exact * 100) / 100);
    r.why.heading(say("Cut"));
    if (moving > 0)
        r.why.add(
            say("What moves on the way takes {moving}: an arc of {moving_bend} times the wire's thickness "
                "through its angle.",
                format(Metre(moving)), format_number(moving_bend)));
    if (knots > 0)
        r.why.add(
            say("Knots on the way use {knots}: a dozen times its thickness each.", format(Metre(knots))));
    r.why.add(
        say("({length} path + {loop} service loop{moves| + {moving} moving loop|}{knotted| + {knots} "
            "knots|}) × {slack} slack + {ends} ends = {exact:.3f} m, rounded up to {cut}",
            format(r.length), format(Metre(loop)), moving > 0, format(Metre(moving)), knots > 0,
            format(Metre(knots)), format_number(1 + slack), format(Metre(ends)), exact, format(r.cut)));
    r.why.add(say("Cut long and trim later: a wire can be shortened, not lengthened."));
    return r;
}

/// Rounds of these leads and of what else is there, packed.
HoleFill bundle_of(const Harness& laid, const std::vector<size_t>& leads,
                   const std::vector<Millimetre>& already = {}, const std::vector<Millimetre>& later = {}) {
    HoleFill h;
    h.leads = leads;
    std::vector<std::pair<const Strand*, size_t>> strands;
    std::vector<double> radii;
    for (const auto f : leads)
        for (const auto& s : laid.strands[f]) strands.emplace_back(&s, f), radii.push_back(s.radius);
    for (const auto across : already) radii.push_back(raw(across) / 2);
    const size_t now = radii.size();
    for (const auto across : later) radii.push_back(raw(across) / 2);
    const auto placed = pack_circles(radii);
    h.kept = Millimetre(2 * enclosing_radius(placed));
    radii.resize(now);
    h.needed = later.empty() ? h.kept : Millimetre(2 * enclosing_radius(pack_circles(radii)));
    for (size_t i = 0; i < placed.size(); ++i) {
        if (i >= strands.size()) {
            h.rounds.push_back({placed[i], i < now ? RoundOf::already : RoundOf::later});
            continue;
        }
        const auto& [strand, lead] = strands[i];
        h.rounds.push_back({placed[i], strand->jacket        ? RoundOf::jacket
                                       : !strand->in.empty() ? RoundOf::twisted
                                                             : RoundOf::wire});
        if (strand->in.empty()) h.wires.push_back({placed[i], lead, strand->core});
        for (const auto& wire : strand->in)
            h.wires.push_back(
                {{placed[i].x + wire.at.x, placed[i].y + wire.at.y, wire.at.radius}, lead, wire.core});
    }
    return h;
}

/// That bundle through that opening.
HoleFill fill_opening(const Plan& plan, const Wiring& wiring, size_t opening, HoleFill h) {
    h.opening = opening;
    const double hole = raw(plan.openings[opening].bore);
    for (const auto f : h.leads)
        for (const auto& item : wiring.items_of(f)) {
            const auto& v = item.values;
            const bool opens = hole > 0 && raw(v.passes) > hole && raw(v.opened) > 0 && raw(v.opened) <= hole;
            if (opens) h.to_open.push_back(static_cast<size_t>(&item - wiring.items.data()));
            h.largest_end = std::max(h.largest_end, opens ? v.opened : v.passes);
        }
    // With a plug at either end one of them goes through, or the lead does not.
    for (const auto f : h.leads)
        if (hole > 0 && raw(plan.leads[f].plug) > hole && keeps_plugs(wiring, f)) h.plugs_stuck.push_back(f);
    h.needed += h.braid * 2, h.kept += h.braid * 2;
    double area = 0;
    for (const auto& r : h.rounds) area += 4 * r.at.radius * r.at.radius;
    h.fill = hole > 0 ? area / (hole * hole) : 0;
    h.fits = hole <= 0 || raw(h.kept) <= hole;
    h.ends_pass = hole <= 0 || raw(h.largest_end) <= hole;
    return h;
}

}  // namespace

bool keeps_plugs(const Wiring& wiring, size_t lead) {
    const auto kept = [&](JointAt at) {
        const auto joints = wiring.joints_of(lead);
        return std::any_of(joints.begin(), joints.end(), [&](const auto& j) {
            return j.at == at && j.kind && j.kind->method == JointMethod::plugged;
        });
    };
    return kept(JointAt::source) && kept(JointAt::end);
}

FeedRoute route_of(const Plan& plan, const Catalogue& catalogue, const Lead& lead) {
    ChosenPath chosen;
    const PartPlaces places(plan);
    const auto from = places.place(lead.from), to = places.place(lead.to);
    if (by_id(plan.places, from) && by_id(plan.places, to)) {
        chosen.path = path_by(plan, lead.by, from, to);
        chosen.pinned = chosen.path.found;
        if (!chosen.pinned) chosen.path = shortest_path(plan, from, to, cost_for(plan, catalogue, lead));
    }
    return route(plan, catalogue, lead, chosen, places);
}

Harness lay_routes(const Plan& plan, const Catalogue& catalogue) {
    Harness h;
    h.feeds_on_way.resize(plan.ways.size());
    const PartPlaces places(plan);
    const auto chosen = choose_paths(plan, catalogue, places);
    for (size_t i = 0; i < plan.feeds().size(); ++i) {
        h.routes.push_back(route(plan, catalogue, plan.feeds()[i], chosen[i], places));
        for (const auto p : h.routes.back().ways) h.feeds_on_way[p].push_back(i);
    }
    h.cables_on_way.resize(plan.ways.size());
    for (size_t i = 0; i < plan.signal_leads().size(); ++i) {
        h.routes.push_back(
            route(plan, catalogue, plan.signal_leads()[i], chosen[plan.feeds().size() + i], places));
        for (const auto p : h.routes.back().ways) h.cables_on_way[p].push_back(plan.feeds().size() + i);
    }
    for (auto& r : h.routes)
        for (const auto p : r.ways)
            r.bunched = std::max(r.bunched, static_cast<int>(h.feeds_on_way[p].size()));
    std::vector<Metre> cuts;
    for (const auto& r : h.routes) cuts.push_back(r.cut);
    h.wiring = wire_up(plan, PlanIndex(plan), catalogue, feed_lengths(h), cuts);
    for (size_t i = 0; i < h.routes.size(); ++i) {
        h.strands.push_back(strands_of(catalogue, plan.leads[i]));
        h.jacket_gram_per_m.push_back(jacket_gram_per_m(catalogue, plan.leads[i]));
    }
    return h;
}

void lay_bundles(const Plan& plan, Harness& laid) {
    std::vector<HoleFill> on_way;
    std::vector<std::vector<size_t>> through(plan.openings.size());  // ways, by opening
    std::vector<bool> braided(plan.openings.size());
    std::map<Id, size_t> opening_at;
    for (size_t i = 0; i < plan.openings.size(); ++i) opening_at[plan.openings[i].id] = i;
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        const auto& way = plan.ways[w];
        auto leads = laid.feeds_on_way[w];
        leads.insert(leads.end(), laid.cables_on_way[w].begin(), laid.cables_on_way[w].end());
        on_way.push_back(bundle_of(laid, leads));
        laid.bundle.push_back(on_way.back().needed);
        for (const auto& thing : way.on_it)
            if (const auto at = opening_at.find(thing.opening); at != opening_at.end()) {
                auto& ways = through[at->second];
                if (ways.empty() || ways.back() != w) ways.push_back(w);
                if (!leads.empty() && is_braided(way, place_on(way, thing))) braided[at->second] = true;
            }
    }
    for (size_t i = 0; i < through.size(); ++i) {
        const auto& opening = plan.openings[i];
        std::set<size_t> leads;
        for (const auto w : through[i]) leads.insert(on_way[w].leads.begin(), on_way[w].leads.end());
        std::vector<size_t> passing;
        for (const auto l : leads)
            passing.insert(
                passing.end(),
                std::max<size_t>(
                    passages(plan, place_of(plan, plan.leads[l].from), laid.routes[l].ways, opening.id), 1),
                l);
        HoleFill bundle;
        if (through[i].size() == 1 && passing.size() == leads.size() && opening.already.empty() &&
            opening.later.empty())
            bundle = on_way[through[i].front()];
        else {
            bundle = bundle_of(laid, passing, opening.already, opening.later);
            bundle.leads.assign(leads.begin(), leads.end());
        }
        if (braided[i]) bundle.braid = braid_wall;
        laid.holes.push_back(fill_opening(plan, laid.wiring, i, std::move(bundle)));
    }
}

static size_t beside_wires(const HoleFill& fill) {
    return static_cast<size_t>(std::count_if(fill.rounds.begin(), fill.rounds.end(), [](const auto& r) {
        return r.what == RoundOf::already || r.what == RoundOf::later;
    }));
}

Words packed_words(const HoleFill& fill) {
    const auto wires = fill.wires.size();
    const auto more = beside_wires(fill);
    if (fill.wires.empty() && more > 0) return say("What is there or is to come");
    return more == 0 ? say("{wires} {wires|wire|wires}", wires)
                     : say("{wires} {wires|wire|wires} and {more} more", wires, more);
}

const std::string& colour_of(const Plan& plan, const PackedWire& wire) {
    const auto& lead = plan.leads[wire.lead];
    if (!lead.cores.empty()) return lead.cores[wire.core].colour;
    const auto alike = static_cast<size_t>(std::max(lead.conductors, 1));
    return wire.core < alike ? lead.supply_colour : lead.return_colour;
}

bool packs_one(const HoleFill& fill) {
    return fill.wires.size() + beside_wires(fill) == 1 || fill.wires.empty();
}

Harness lay_harness(const Plan& plan, const Catalogue& catalogue) {
    auto h = lay_routes(plan, catalogue);
    lay_bundles(plan, h);
    return h;
}

Millimetre lead_thickness(const Harness& harness, size_t lead) { return bundle_of(harness, {lead}).needed; }

std::vector<Metre> feed_lengths(const Harness& harness) {
    std::vector<Metre> lengths;
    for (const auto& r : harness.routes) lengths.push_back(r.length);
    return lengths;
}

}  // namespace sangre
