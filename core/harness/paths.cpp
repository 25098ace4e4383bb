#include "harness/paths.h"

#include <algorithm>
#include <set>
#include <unordered_map>

namespace sangre {
namespace {

/// Places as numbers, and what each is joined to.
struct Net {
    struct Edge {
        size_t way, there;
    };
    std::unordered_map<Id, size_t> number;
    std::vector<std::vector<Edge>> from;

    size_t at(const Id& place) {
        const auto [it, made] = number.try_emplace(place, number.size());
        if (made) from.emplace_back();
        return it->second;
    }
    explicit Net(const Plan& plan) {
        for (size_t w = 0; w < plan.ways.size(); ++w) {
            const auto a = at(plan.ways[w].from), b = at(plan.ways[w].to);
            from[a].push_back({w, b}), from[b].push_back({w, a});
        }
    }
};

/// Without these ways and places.
Path search(const Plan& plan, const Net& net, size_t from, size_t to, const WayCost& cost,
            const std::set<size_t>& ways_shut, const std::vector<bool>& places_shut) {
    struct Reached {
        double cost = closed_way;
        size_t way = 0, before = 0;
        bool settled = false;
    };
    std::vector<Reached> at(net.from.size());
    at[from].cost = 0;
    for (;;) {
        size_t here = at.size();
        for (size_t i = 0; i < at.size(); ++i)
            if (!at[i].settled && at[i].cost < closed_way &&
                (here == at.size() || at[i].cost < at[here].cost))
                here = i;
        if (here == at.size()) return {};
        at[here].settled = true;
        if (here == to) break;
        for (const auto& edge : net.from[here]) {
            if (places_shut[edge.there] || at[edge.there].settled || ways_shut.contains(edge.way)) continue;
            const double there = at[here].cost + cost(edge.way);
            if (there < at[edge.there].cost) at[edge.there] = {there, edge.way, here, false};
        }
    }
    Path path{{}, 0, true};
    for (size_t here = to; here != from; here = at[here].before) {
        path.ways.push_back(at[here].way);
        path.length += raw(plan.ways[at[here].way].length);
    }
    std::reverse(path.ways.begin(), path.ways.end());
    return path;
}

double length_of(const Plan& plan, const std::vector<size_t>& ways) {
    double length = 0;
    for (const auto w : ways) length += raw(plan.ways[w].length);
    return length;
}

}  // namespace

WayCost plain_cost(const Plan& plan) {
    return [&plan](size_t way) { return raw(plan.ways[way].length); };
}

double cost_of(const Path& path, const WayCost& cost) {
    double sum = 0;
    for (const auto w : path.ways) sum += cost(w);
    return sum;
}

Path shortest_path(const Plan& plan, const Id& from, const Id& to, const WayCost& cost) {
    if (from == to) return {{}, 0, true};
    Net net(plan);
    const auto a = net.at(from), b = net.at(to);
    return search(plan, net, a, b, cost, {}, std::vector<bool>(net.from.size()));
}

std::vector<Path> shortest_paths(const Plan& plan, const Id& from, const Id& to, const WayCost& cost,
                                 size_t most) {
    if (from == to) return {Path{{}, 0, true}};
    Net net(plan);
    const auto a = net.at(from), b = net.at(to);
    const std::vector<bool> open(net.from.size());
    std::vector<Path> found;
    if (auto first = search(plan, net, a, b, cost, {}, open); first.found) found.push_back(std::move(first));
    std::vector<Path> waiting;
    while (!found.empty() && found.size() < most) {
        const auto& last = found.back();
        size_t spur = a;
        auto shut = open;
        for (size_t i = 0; i < last.ways.size(); ++i) {
            // From this place on another way than every path so far that began alike.
            std::set<size_t> ways_shut;
            for (const auto& p : found)
                if (p.ways.size() > i &&
                    std::equal(last.ways.begin(), last.ways.begin() + static_cast<std::ptrdiff_t>(i),
                               p.ways.begin()))
                    ways_shut.insert(p.ways[i]);
            shut[spur] = true;
            if (auto rest = search(plan, net, spur, b, cost, ways_shut, shut); rest.found) {
                Path whole{{last.ways.begin(), last.ways.begin() + static_cast<std::ptrdiff_t>(i)}, 0, true};
                whole.ways.insert(whole.ways.end(), rest.ways.begin(), rest.ways.end());
                whole.length = length_of(plan, whole.ways);
                const auto known = [&](const auto& list) {
                    return std::find(list.begin(), list.end(), whole) != list.end();
                };
                if (!known(found) && !known(waiting)) waiting.push_back(std::move(whole));
            }
            const auto& way = plan.ways[last.ways[i]];
            spur = net.at(way.from) == spur ? net.at(way.to) : net.at(way.from);
        }
        if (waiting.empty()) break;
        const auto next = std::min_element(waiting.begin(), waiting.end(), [&](const auto& x, const auto& y) {
            return std::pair(cost_of(x, cost), x.ways) < std::pair(cost_of(y, cost), y.ways);
        });
        found.push_back(*next);
        waiting.erase(next);
    }
    return found;
}

Path path_along(const Plan& plan, const Id& from, const Id& to, const WayCost& cost, size_t way) {
    Net net(plan);
    const auto a = net.at(from), b = net.at(to), u = net.at(plan.ways[way].from),
               v = net.at(plan.ways[way].to);
    Path best;
    for (const auto& [first, second] : {std::pair{u, v}, {v, u}}) {
        // To its near end without passing its far one, and on without what was passed.
        std::vector<bool> shut(net.from.size());
        shut[second] = true, shut[b] = first != b;
        if (first == b || second == a) continue;
        auto to_it = first == a ? Path{{}, 0, true} : search(plan, net, a, first, cost, {way}, shut);
        if (!to_it.found) continue;
        std::vector<bool> passed(net.from.size());
        size_t here = a;
        passed[here] = true;
        for (const auto w : to_it.ways) {
            here = net.at(plan.ways[w].from) == here ? net.at(plan.ways[w].to) : net.at(plan.ways[w].from);
            passed[here] = true;
        }
        auto on = second == b ? Path{{}, 0, true} : search(plan, net, second, b, cost, {way}, passed);
        if (!on.found) continue;
        to_it.ways.push_back(way);
        to_it.ways.insert(to_it.ways.end(), on.ways.begin(), on.ways.end());
        to_it.length = length_of(plan, to_it.ways);
        if (!best.found || cost_of(to_it, cost) < cost_of(best, cost)) best = std::move(to_it);
    }
    return best;
}

Path path_by(const Plan& plan, const std::vector<Id>& ways, const Id& from, const Id& to) {
    Path path;
    Id here = from;
    for (const auto& id : ways) {
        const auto* way = by_id(plan.ways, id);
        if (!way || (way->from != here && way->to != here)) return {};
        here = way->from == here ? way->to : way->from;
        path.ways.push_back(static_cast<size_t>(way - plan.ways.data()));
        path.length += raw(way->length);
    }
    path.found = here == to && !path.ways.empty();
    return path.found ? path : Path{};
}

}  // namespace sangre
