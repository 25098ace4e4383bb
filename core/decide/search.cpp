#include "decide/search.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <future>
#include <mutex>

#include "propose/propose.h"
#include "decide/variants.h"

namespace sangre {
namespace {

struct Combination {
    Battery battery;
    double battery_cost = 0;
    Practices practices;
};

std::vector<Combination> combinations(const Plan& plan, const Catalogue& catalogue) {
    const auto compared = compare_batteries(plan, catalogue);
    std::vector<const BatteryCandidate*> batteries;
    if (compared.present) batteries.push_back(&*compared.present);
    for (const auto& c : compared.candidates)
        if (c.front) batteries.push_back(&c);
    std::vector<Combination> all;
    for (const auto* b : batteries)
        for (const auto wire :
             {WireSchool::drop, WireSchool::temperature, WireSchool::cautious, WireSchool::bold})
            for (const auto set : {SetSchool::middle, SetSchool::high, SetSchool::nominal})
                for (const auto noise : {NoiseSchool::own_converter, NoiseSchool::together}) {
                    auto practices = plan.practices;
                    practices.wire = wire, practices.set = set, practices.noise = noise;
                    all.push_back({b->battery, b->cost, practices});
                }
    return all;
}

std::optional<SearchedPlan> whole_plan(const Plan& plan, const Catalogue& catalogue, const Combination& c) {
    auto start = plan;
    start.practices = c.practices;
    auto next = take_battery(c.battery, catalogue)(start);
    if (next.feeds.empty()) return {};
    const auto s = study(next, catalogue, {});
    if (!s.mission.lasts || count(s.findings, Severity::danger) > 0) return {};
    SearchedPlan p;
    p.battery = next.batteries.front(), p.practices = c.practices;
    p.mass = s.mass, p.cost = s.cost + c.battery_cost, p.lost = lost_in_a_day(s);
    p.run_time = s.mission.run_time, p.worst_drop = s.worst.worst_drop_share,
    p.rails = next.converters.size();
    p.plan = std::move(next);
    return p;
}

std::array<double, 3> aims(const SearchedPlan& p) { return {raw(p.mass), p.cost, raw(p.lost)}; }

bool beats(const SearchedPlan& a, const SearchedPlan& b) {
    const auto x = aims(a), y = aims(b);
    bool better = false;
    for (size_t i = 0; i < x.size(); ++i) {
        if (x[i] > y[i]) return false;
        better = better || x[i] < y[i];
    }
    return better;
}

void order(std::vector<SearchedPlan>& plans) {
    // Ways of building that come to the same plan count once.
    std::vector<SearchedPlan> different;
    for (auto& p : plans)
        if (std::none_of(different.begin(), different.end(),
                         [&](const auto& o) { return aims(o) == aims(p) && o.battery == p.battery; }))
            different.push_back(std::move(p));
    plans = std::move(different);
    for (auto& p : plans)
        p.front = std::none_of(plans.begin(), plans.end(), [&](const auto& o) { return beats(o, p); });
    std::stable_sort(plans.begin(), plans.end(), [](const auto& a, const auto& b) {
        return a.front != b.front ? a.front : a.mass < b.mass;
    });
}

}  // namespace

const SearchedPlan* SearchResult::best(Aim aim) const {
    const auto at = static_cast<size_t>(aim);
    const auto found = std::min_element(
        plans.begin(), plans.end(), [&](const auto& a, const auto& b) { return aims(a)[at] < aims(b)[at]; });
    return found == plans.end() ? nullptr : &*found;
}

SearchResult search_plans(const Plan& plan, const Catalogue& catalogue,
                          const std::function<bool(double)>& progress) {
    SearchResult result;
    result.why.title = "The search";
    if (plan.loads.empty()) {
        result.why.add("Nothing to search for yet: type loads first.");
        return result;
    }
    const auto all = combinations(plan, catalogue);
    std::vector<std::optional<SearchedPlan>> found(all.size());
    std::atomic<size_t> next{0}, done{0};
    std::atomic<bool> stopped{false};
    std::mutex one_at_a_time;
    const auto work = [&] {
        for (size_t i = next++; i < all.size() && !stopped; i = next++) {
            found[i] = whole_plan(plan, catalogue, all[i]);
            const double share = static_cast<double>(++done) / static_cast<double>(all.size());
            const std::lock_guard lock(one_at_a_time);
            if (!progress(share)) stopped = true;
        }
    };
    auto second = std::async(std::launch::async, work);
    work();
    second.get();
    result.tried = done;
    result.complete = done == all.size();
    for (auto& f : found)
        if (f) result.plans.push_back(std::move(*f));
    result.refused = result.tried - result.plans.size();
    order(result.plans);
    auto& why = result.why;
    why.add(fmt::format(
        "{} whole plans proposed and studied: each battery worth having, with every way to size wires, "
        "set rails and keep noise apart.",
        result.tried));
    if (result.refused > 0)
        why.add(fmt::format("{} fell out: a danger is left in them, or they do not last the day.",
                            result.refused));
    why.add(result.complete ? "All were tried, so none of them is better than the best shown."
                            : "Stopped early: something better may not have been tried.",
            result.complete ? Tone::good : Tone::caution);
    return result;
}

std::string practices_in_words(const Practices& p) {
    const char* wire = p.wire == WireSchool::drop          ? "drop"
                       : p.wire == WireSchool::temperature ? "temperature"
                       : p.wire == WireSchool::cautious    ? "700 circular mils per ampere"
                                                           : "chassis wiring";
    const char* set = p.set == SetSchool::middle ? "in the middle"
                      : p.set == SetSchool::high ? "high"
                                                 : "at nominal";
    return fmt::format("wires by {}, rails {}, noise {}", wire, set,
                       p.noise == NoiseSchool::own_converter ? "apart" : "together");
}

}  // namespace sangre
