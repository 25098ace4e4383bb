#include "comparison/search.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <future>
#include <mutex>

#include "base/units/format.h"
#include "base/words/say.h"
#include "comparison/improve.h"
#include "comparison/variants.h"
#include "proposal/propose.h"

namespace sangre {
namespace {

struct Combination {
    Source battery;
    double battery_cost = 0;
    Practices practices;
};

std::vector<Combination> combinations(const Plan& plan, const BatteryComparison& compared) {
    std::vector<const BatteryCandidate*> batteries;
    if (compared.present) batteries.push_back(&*compared.present);
    for (const auto& c : compared.candidates)
        if (c.front) batteries.push_back(&c);
    std::vector<Combination> all;
    for (const auto* b : batteries)
        for (const auto wire :
             {WireSchool::drop, WireSchool::temperature, WireSchool::cautious, WireSchool::bold})
            for (const auto set : {SetSchool::middle, SetSchool::high, SetSchool::nominal})
                for (const auto noise : {NoiseSchool::own_converter, NoiseSchool::together})
                    for (const auto feeds : {FeedSchool::own, FeedSchool::grouped}) {
                        auto practices = plan.practices;
                        practices.wire = wire, practices.set = set, practices.noise = noise;
                        practices.feeds = feeds;
                        all.push_back({b->battery, b->cost, practices});
                    }
    return all;
}

std::optional<SearchedPlan> whole_plan(const Plan& plan, const Catalogue& catalogue, const Combination& c) {
    auto start = plan;
    start.practices = c.practices;
    auto next = take_battery(c.battery, catalogue)(start);
    if (next.feeds().empty()) return {};
    const auto s = study(next, catalogue, {});
    if (!s.mission.lasts || count(s.findings, Severity::danger) > 0) return {};
    auto p = searched_plan(std::move(next), s, c.battery_cost);
    p.practices = c.practices;
    return p;
}

constexpr std::array all_aims{Aim::mass, Aim::cost, Aim::loss};

std::array<double, 3> aims(const SearchedPlan& p) {
    return {aim_of(p, Aim::mass), aim_of(p, Aim::cost), aim_of(p, Aim::loss)};
}

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

constexpr size_t most_steps = 500;    // plans studied for one aim: some seconds
constexpr double share_of_all = 0.6;  // of the progress, for trying all

/// The best for each aim, bettered; those that no step betters are left out.
std::vector<SearchedPlan> bettered(const SearchResult& result, const Catalogue& catalogue,
                                   std::atomic<size_t>& studied, std::atomic<bool>& whole,
                                   const std::function<bool(double)>& progress) {
    std::array<std::optional<SearchedPlan>, 3> found;
    std::atomic<size_t> next{0};
    std::mutex one_at_a_time;
    const auto work = [&] {
        for (size_t a = next++; a < all_aims.size(); a = next++) {
            const auto* best = result.best(all_aims[a]);
            size_t mine = 0, before = 0;
            const auto carry_on = [&] {
                studied += mine - before, before = mine;
                const std::lock_guard lock(one_at_a_time);
                const double share =
                    static_cast<double>(studied) / static_cast<double>(all_aims.size() * most_steps);
                if (mine >= most_steps || !progress(share_of_all + (1 - share_of_all) * std::min(share, 1.0)))
                    whole = false;
                return mine < most_steps && whole;
            };
            auto better = improve_plan(*best, catalogue, all_aims[a], mine, carry_on);
            studied += mine - before;
            if (!better.steps.empty()) found[a] = std::move(better);
        }
    };
    auto second = std::async(std::launch::async, work);
    work();
    second.get();
    std::vector<SearchedPlan> plans;
    for (auto& f : found)
        if (f) plans.push_back(std::move(*f));
    return plans;
}

/// How far from the best of all plans, tried or not, the best found may be.
void tell_bounds(const SearchResult& result, const BatteryComparison& compared, Why& why) {
    why.heading(say("How far from the best of all"));
    const auto mass = bound_of(compared, Aim::mass), cost = bound_of(compared, Aim::cost);
    if (const auto* best = result.best(Aim::mass); best && mass && raw(best->mass) > 0)
        why.add(
            say("{mass}; the lightest pack that serves weighs {mass_2}: no plan is lighter by more than "
                "{margin}.",
                format(best->mass), format(Gram(*mass)),
                format_percent(std::max(0.0, 1 - *mass / raw(best->mass)))));
    if (const auto* best = result.best(Aim::cost); best && cost && best->cost > 0)
        why.add(
            say("{cost:.0f}; the cheapest pack that serves costs {cost_2:.0f}: no plan is cheaper by more "
                "than {margin}.",
                best->cost, *cost, format_percent(std::max(0.0, 1 - *cost / best->cost))));
    if (const auto* best = result.best(Aim::loss))
        why.add(say("{lost} lost a day; nothing is lost at best.", format(best->lost)));
}

}  // namespace

double aim_of(const SearchedPlan& p, Aim aim) {
    return aim == Aim::mass ? raw(p.mass) : aim == Aim::cost ? p.cost : raw(p.lost);
}

SearchedPlan searched_plan(Plan plan, const Study& s, double battery_cost) {
    SearchedPlan p;
    p.battery = plan.sources.front(), p.practices = plan.practices;
    p.battery_cost = battery_cost;
    p.mass = s.mass, p.cost = s.cost + battery_cost, p.lost = lost_in_a_day(s);
    p.run_time = s.mission.run_time, p.worst_drop = s.worst.worst_drop_share;
    p.rails = plan.converters.size();
    p.plan = std::move(plan);
    return p;
}

const SearchedPlan* SearchResult::best(Aim aim) const {
    const auto found = std::min_element(plans.begin(), plans.end(), [&](const auto& a, const auto& b) {
        return aim_of(a, aim) < aim_of(b, aim);
    });
    return found == plans.end() ? nullptr : &*found;
}

SearchResult search_plans(const Plan& plan, const Catalogue& catalogue,
                          const std::function<bool(double)>& progress) {
    SearchResult result;
    result.why.title = say("The search");
    if (plan.loads.empty()) {
        result.why.add(say("Nothing to search for yet: type loads first."));
        return result;
    }
    const auto compared = compare_batteries(plan, catalogue);
    const auto all = combinations(plan, compared);
    std::vector<std::optional<SearchedPlan>> found(all.size());
    std::atomic<size_t> next{0}, done{0};
    std::atomic<bool> stopped{false};
    std::mutex one_at_a_time;
    const auto work = [&] {
        for (size_t i = next++; i < all.size() && !stopped; i = next++) {
            found[i] = whole_plan(plan, catalogue, all[i]);
            const double share = static_cast<double>(++done) / static_cast<double>(all.size());
            const std::lock_guard lock(one_at_a_time);
            if (!progress(share * share_of_all)) stopped = true;
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
    std::atomic<size_t> stepped{0};
    std::atomic<bool> whole{true};
    if (result.complete && !result.plans.empty()) {
        for (auto& p : bettered(result, catalogue, stepped, whole, progress))
            result.plans.push_back(std::move(p));
        order(result.plans);
    }
    result.stepped = stepped;
    result.complete = result.complete && whole;
    auto& why = result.why;
    why.add(say(
        "{tried} whole plans proposed and studied: each battery that no other beats, with every way to size "
        "wires, set rails, separate noise and group leads.",
        result.tried));
    if (result.refused > 0)
        why.add(say("{refused} ruled out: unsafe, or too small for the day.", result.refused));
    if (result.stepped > 0)
        why.add(
            say("{stepped} more derived from the best ones: rails merged or fed from one another, other "
                "converters, "
                "single wires thinner or thicker, as long as it helped.",
                result.stepped));
    if (!result.plans.empty()) tell_bounds(result, compared, why);
    why.add(result.complete ? say("All were tried, and no step betters the best shown.")
                            : say("Stopped early: something better may not have been tried."),
            result.complete ? Tone::good : Tone::caution);
    return result;
}

Words practices_in_words(const Practices& p) {
    const auto wire = p.wire == WireSchool::drop          ? say("drop")
                      : p.wire == WireSchool::temperature ? say("temperature")
                      : p.wire == WireSchool::cautious    ? say("700 circular mils per ampere")
                                                          : say("chassis wiring");
    const auto set = p.set == SetSchool::middle ? say("in the middle")
                     : p.set == SetSchool::high ? say("high")
                                                : say("at nominal");
    return say("wires by {school}, rails {setting}, noise {noise|apart|together}{feeds|, feeds grouped|}",
               wire, set, p.noise == NoiseSchool::own_converter, p.feeds == FeedSchool::grouped);
}

}  // namespace sangre
