#include "proposal/enough_pack.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/mission/mission.h"
#include "electrical/mission/worst.h"
#include "harness/harness.h"
#include "physics/battery/pack.h"
#include "plan/air.h"
#include "proposal/battery_choice.h"
#include "wiring/network/solver.h"

namespace sangre {
namespace {

constexpr double step = 1.3;
constexpr int most_steps = 8;

/// How many times its capacity the pack wants to be for its usual day to leave what its chemistry wants left;
/// 1 where it does.
double wanted_times(const Plan& plan, const Catalogue& catalogue) {
    const Solver solver(plan, catalogue, lay_routes(plan, catalogue).wiring);
    const auto* chemistry = find(catalogue.chemistries, plan.sources[0].chemistry);
    const auto day = play_mission(plan, catalogue, solver, usual_air(plan));
    if (!day.lasts) return step;
    const double wanted_left = 1 - (chemistry ? chemistry->usable : 0.8);
    // A little more than what was taken asks for: the larger pack's plan is another one.
    return day.lowest_charge >= wanted_left
               ? 1
               : std::min(1.02 * (1 - day.lowest_charge) / (1 - wanted_left), step);
}

bool restarts_something(const Plan& plan, const Catalogue& catalogue) {
    if (std::none_of(plan.loads.begin(), plan.loads.end(),
                     [](const auto& l) { return raw(l.start) > 0 || l.kind == LoadKind::motor; }))
        return false;
    const Solver solver(plan, catalogue, lay_routes(plan, catalogue).wiring);
    const auto worst = worst_case(plan, solver);
    for (size_t l = 0; l < plan.loads.size(); ++l)
        if (restarts(worst.loads[l], plan.loads[l])) return true;
    return false;
}

/// The old plan with the next pack that is sold and holds so many times as much; nothing where there is none.
std::optional<Plan> with_larger(const Plan& old, const Plan& made, const Catalogue& catalogue, double times) {
    const auto* chemistry = find(catalogue.chemistries, made.sources[0].chemistry);
    if (!chemistry) return {};
    const auto chosen = choose_battery(made, catalogue, pack_energy(made.sources[0], *chemistry) * times);
    if (!chosen) return {};
    auto larger = old;
    larger.sources = made.sources;
    auto pack = chosen->battery;
    pack.id = made.sources[0].id, pack.name = made.sources[0].name, pack.place = made.sources[0].place;
    larger.sources[0] = std::move(pack);
    return larger;
}

/// What came of a larger pack, with the words of what came before and why it was not enough.
Proposal continued(Proposal next, const Proposal& before, const Words& for_what) {
    next.why = before.why;
    const auto& pack = next.plan.sources[0];
    next.why.add(
        say("Then {capacity}, so that {for_what}.", format(pack.cell_capacity * pack.parallel), for_what));
    return next;
}

}  // namespace

bool enough_for_the_day(const Plan& plan, const Catalogue& catalogue) {
    if (wanted_times(plan, catalogue) > 1 || restarts_something(plan, catalogue)) return false;
    const Solver solver(plan, catalogue, lay_routes(plan, catalogue).wiring);
    const auto worst = worst_case(plan, solver);
    const auto& pack = plan.sources[0];
    const auto* chemistry = find(catalogue.chemistries, pack.chemistry);
    return chemistry && worst.packs[0].continuous <= pack_max_current(pack, *chemistry);
}

tl::expected<Proposal, Refusals> with_enough_pack(const Plan& old, const Catalogue& catalogue,
                                                  const ProposeFrom& once, const BringToRest& to_rest) {
    auto made = once(old);
    if (!made) return made;
    const bool chosen_here = !sources_range(old, catalogue) && made->plan.sources.size() == 1;
    for (int round = 0; chosen_here && round < most_steps; ++round) {
        const double times = wanted_times(made->plan, catalogue);
        if (times <= 1) break;
        const auto from = with_larger(old, made->plan, catalogue, times);
        if (!from) break;
        auto larger = once(*from);
        if (!larger) break;
        made = continued(std::move(*larger), *made, say("the pack keeps the reserve its cells need"));
    }
    const auto rested = to_rest(std::move(*made));
    if (!chosen_here) return rested;
    auto best = rested;
    for (int round = 0; restarts_something(best.plan, catalogue); ++round) {
        if (round == most_steps) return rested;
        const auto from = with_larger(old, best.plan, catalogue, step);
        if (!from) return rested;
        auto larger = once(*from);
        if (!larger) return rested;
        best = continued(to_rest(std::move(*larger)), best, say("no load resets when another one starts"));
    }
    return best;
}

}  // namespace sangre
