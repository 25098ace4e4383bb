#include "harness/choose_paths.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <map>
#include <set>

#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/bending.h"
#include "harness/packing.h"
#include "harness/passages.h"
#include "plan/on_way.h"

namespace sangre {
namespace {

constexpr double beside_noise = 1.5;  // how much longer a way beside what disturbs counts
constexpr size_t exact_up_to = 6;     // leads that could go round, all choices of which are tried
constexpr size_t paths_tried = 4;

struct Chooser {
    const Plan& plan;
    const Catalogue& catalogue;
    const PartPlaces& places;
    size_t leads = plan.leads.size();
    std::vector<ChosenPath> chosen{};
    std::vector<std::vector<size_t>> openings{};  ///< by way
    std::vector<std::optional<Millimetre>> bends = tightest_bends(plan);

    const Lead& lead(size_t i) const { return plan.leads[i]; }
    WayCost cost(const Lead& l) const { return cost_for(plan, catalogue, l, bends); }
    /// Both its ends stand somewhere, and nobody has said its ways.
    bool free(size_t i) const {
        return chosen[i].path.found && !chosen[i].pinned && !chosen[i].path.ways.empty();
    }

    std::vector<std::vector<double>> radii = [&] {
        std::vector<std::vector<double>> all;
        for (size_t i = 0; i < leads; ++i) all.push_back(radii_of(catalogue, lead(i)));
        return all;
    }();

    static double widest(const std::vector<double>& all) {
        return all.empty() ? 0 : *std::max_element(all.begin(), all.end());
    }

    void begin() {
        std::map<Id, size_t> number;
        for (size_t o = 0; o < plan.openings.size(); ++o) number[plan.openings[o].id] = o;
        for (const auto& way : plan.ways) {
            auto& all = openings.emplace_back();
            for (const auto& thing : way.on_it)
                if (const auto at = number.find(thing.opening); at != number.end()) all.push_back(at->second);
        }
        // Leads of one wire between the same places go alike.
        std::map<std::array<Id, 3>, Path> known;
        for (size_t i = 0; i < leads; ++i) {
            const auto& l = lead(i);
            ChosenPath c;
            const auto from = places.place(l.from), to = places.place(l.to);
            if (!from.empty() && !to.empty() && by_id(plan.places, from) && by_id(plan.places, to)) {
                c.path = path_by(plan, l.by, from, to);
                c.pinned = c.path.found;
                if (!c.pinned) {
                    const std::array<Id, 3> key{
                        from, to, fmt::format("{} {}", widest(radii[i]), raw(least_bend(catalogue, l)))};
                    const auto at = known.find(key);
                    c.path =
                        at != known.end() ? at->second : known.emplace(key, best(i, cost(l))).first->second;
                }
            }
            chosen.push_back(std::move(c));
        }
    }
    /// Where every path is closed, the least costly one past what closes it.
    Path best(size_t i, const WayCost& cost) const {
        const auto from = places.place(lead(i).from), to = places.place(lead(i).to);
        auto path = shortest_path(plan, from, to, cost);
        if (path.found && cost_of(path, cost) < closed_way) return path;
        return shortest_path(plan, from, to,
                             [&](size_t w) { return raw(plan.ways[w].length) * detour_of(plan.ways[w]); });
    }

    bool disturbs(size_t i) const {
        const auto& l = lead(i);
        if (l.kind == CableKind::motor) return true;
        const auto* load = by_id(plan.loads, l.to);
        return l.cores.empty() && l.ret != Return::own && load &&
               (load->noisy || load->kind == LoadKind::motor);
    }
    bool disturbed(size_t i) const {
        const auto& l = lead(i);
        const auto* load = by_id(plan.loads, l.to);
        return !cores_of_role(l, CoreRole::signal).empty() || (load && load->sensitive);
    }
    void part() {
        std::vector<bool> noisy(plan.ways.size());
        for (size_t i = 0; i < leads; ++i)
            if (disturbs(i))
                for (const auto w : chosen[i].path.ways) noisy[w] = true;
        if (std::none_of(noisy.begin(), noisy.end(), [](bool n) { return n; })) return;
        for (size_t i = 0; i < leads; ++i) {
            if (!free(i) || !disturbed(i) || disturbs(i)) continue;
            const auto own = cost(lead(i));
            const auto apart = best(i, [&](size_t w) { return own(w) * (noisy[w] ? beside_noise : 1); });
            if (apart == chosen[i].path) continue;
            chosen[i].path = apart;
        }
    }

    bool goes_through(const Path& path, size_t opening) const {
        return std::any_of(path.ways.begin(), path.ways.end(), [&](size_t w) {
            return std::find(openings[w].begin(), openings[w].end(), opening) != openings[w].end();
        });
    }
    bool fits(size_t opening, const std::vector<size_t>& through) const {
        std::vector<double> all;
        for (const auto i : through) all.insert(all.end(), radii[i].begin(), radii[i].end());
        return pass_through(plan.openings[opening], std::move(all));
    }
    size_t times(size_t i, const Path& path, size_t opening) const {
        return goes_through(path, opening)
                   ? passages(plan, places.place(lead(i).from), path.ways, plan.openings[opening].id)
                   : 0;
    }
    /// The leads through an opening, each as often as it goes through.
    std::vector<size_t> through(size_t opening) const {
        std::vector<size_t> all;
        for (size_t i = 0; i < leads; ++i) all.insert(all.end(), times(i, chosen[i].path, opening), i);
        return all;
    }
    /// The least costly path of a lead round an opening, through others that still have room for it.
    struct Round {
        size_t lead = 0;
        Path path{};
        double more = 0;
    };
    std::optional<Round> round(size_t i, size_t opening) const {
        const auto own = cost(lead(i));
        const auto from = places.place(lead(i).from), to = places.place(lead(i).to);
        for (auto& path : shortest_paths(plan, from, to, own, paths_tried)) {
            if (goes_through(path, opening) || cost_of(path, own) == closed_way) continue;
            bool room = true;
            for (const auto w : path.ways)
                for (const auto o : openings[w]) {
                    auto there = through(o);
                    std::erase(there, i);
                    there.insert(there.end(), times(i, path, o), i);
                    room = room && fits(o, there);
                }
            if (room) {
                const double more = cost_of(path, own) - cost_of(chosen[i].path, own);
                return Round{i, std::move(path), more};
            }
        }
        return {};
    }
    /// True where all openings that any of these go through still have room.
    bool all_fit(const std::vector<Round>& rounds) const {
        std::set<size_t> met;
        for (const auto& r : rounds)
            for (const auto w : r.path.ways) met.insert(openings[w].begin(), openings[w].end());
        return std::all_of(met.begin(), met.end(), [&](size_t o) { return fits(o, through(o)); });
    }
    void relieve(size_t opening) {
        auto now = through(opening);
        if (fits(opening, now)) return;
        now.erase(std::unique(now.begin(), now.end()), now.end());
        std::vector<Round> rounds;
        for (const auto i : now)
            if (free(i) && !lead(i).length)
                if (auto r = round(i, opening)) rounds.push_back(std::move(*r));
        const auto take = [&](const std::vector<Round>& which) {
            for (const auto& r : which)
                chosen[r.lead].path = r.path,
                chosen[r.lead].went_round = say("full {opening}", opening_name(plan, plan.openings[opening]));
        };
        if (rounds.size() <= exact_up_to) {
            std::vector<std::pair<double, unsigned>> sets;
            for (unsigned set = 1; set < (1U << rounds.size()); ++set) {
                double more = 0;
                for (size_t k = 0; k < rounds.size(); ++k)
                    if (set >> k & 1U) more += rounds[k].more;
                sets.emplace_back(more, set);
            }
            std::sort(sets.begin(), sets.end());
            const auto before = chosen;
            for (const auto& [more, set] : sets) {
                std::vector<Round> which;
                for (size_t k = 0; k < rounds.size(); ++k)
                    if (set >> k & 1U) which.push_back(rounds[k]);
                take(which);
                if (fits(opening, through(opening)) && all_fit(which)) return;
                chosen = before;
            }
            return;
        }
        std::sort(rounds.begin(), rounds.end(), [](const auto& a, const auto& b) { return a.more < b.more; });
        for (const auto& r : rounds) {
            const auto before = chosen;
            take({r});
            if (!all_fit({r})) chosen = before;
            if (fits(opening, through(opening))) return;
        }
    }

    bool bends_tight(const Path& path, size_t i) const {
        const auto least = least_bend(catalogue, lead(i));
        return std::any_of(path.ways.begin(), path.ways.end(),
                           [&](size_t w) { return bends[w] && *bends[w] < least; });
    }
    /// What a shorter path would have met.
    void say_what_was_passed() {
        std::map<std::pair<Id, Id>, Path> known;
        for (size_t i = 0; i < leads; ++i) {
            auto& c = chosen[i];
            if (!c.path.found || c.pinned || c.path.ways.empty() || !c.went_round.empty()) continue;
            const std::pair ends(places.place(lead(i).from), places.place(lead(i).to));
            auto at = known.find(ends);
            if (at == known.end())
                at =
                    known.emplace(ends, shortest_path(plan, ends.first, ends.second, plain_cost(plan))).first;
            const auto& direct = at->second;
            if (direct.length >= c.path.length - 1e-9) continue;
            const OnWay* worst = nullptr;
            for (const auto w : direct.ways)
                for (const auto& thing : plan.ways[w].on_it)
                    if (!worst || role_of(thing.kind).detour > role_of(worst->kind).detour) worst = &thing;
            if (worst && role_of(worst->kind).detour > 1)
                c.went_round = on_way_words(*worst);
            else if (cost_of(direct, cost(lead(i))) == closed_way)
                c.went_round = bends_tight(direct, i) ? say("bend that is too tight for it")
                                                      : say("opening that it does not pass");
            else
                c.went_round = say("way of what disturbs it");
        }
    }
};

}  // namespace

WayCost cost_for(const Plan& plan, const Catalogue& catalogue, const Lead& lead) {
    return cost_for(plan, catalogue, lead, tightest_bends(plan));
}

WayCost cost_for(const Plan& plan, const Catalogue& catalogue, const Lead& lead,
                 const std::vector<std::optional<Millimetre>>& bends) {
    const double widest = widest_of(catalogue, lead);
    const auto least = least_bend(catalogue, lead);
    std::vector<double> costs;
    for (size_t w = 0; w < plan.ways.size(); ++w) {
        const auto& way = plan.ways[w];
        double cost = raw(way.length) * detour_of(way);
        for (const auto& thing : way.on_it)
            if (const auto* opening = by_id(plan.openings, thing.opening))
                if (raw(opening->bore) > 0 && widest > raw(opening->bore)) cost = closed_way;
        if (bends[w] && *bends[w] < least) cost = closed_way;
        costs.push_back(cost);
    }
    return [costs = std::move(costs)](size_t way) { return costs[way]; };
}

std::vector<ChosenPath> choose_paths(const Plan& plan, const Catalogue& catalogue, const PartPlaces& places) {
    Chooser chooser{plan, catalogue, places};
    chooser.begin();
    chooser.part();
    for (size_t o = 0; o < plan.openings.size(); ++o) chooser.relieve(o);
    chooser.say_what_was_passed();
    return std::move(chooser.chosen);
}

}  // namespace sangre
