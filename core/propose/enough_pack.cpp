#include "propose/enough_pack.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "harness/harness.h"
#include "mission/mission.h"
#include "mission/worst.h"
#include "network/solver.h"
#include "units/format.h"

namespace sangre {
namespace {

constexpr double wanted_left = 0.2, step = 1.3;
constexpr int most_steps = 8;

bool lasts(const Plan& plan, const Catalogue& catalogue, const Solver& solver) {
    const auto day = play_mission(plan, catalogue, solver, plan.coldest_air);
    return day.lasts && day.lowest_charge >= wanted_left;
}

bool restarts_something(const Plan& plan, const Solver& solver) {
    if (std::none_of(plan.loads.begin(), plan.loads.end(),
                     [](const auto& l) { return raw(l.start) > 0 || l.kind == LoadKind::motor; }))
        return false;
    const auto worst = worst_case(plan, solver);
    for (size_t l = 0; l < plan.loads.size(); ++l)
        if (restarts(worst.loads[l], plan.loads[l])) return true;
    return false;
}

AmpereHour next_larger(AmpereHour capacity) {
    const double wanted = raw(capacity) * step;
    const double unit = wanted < 10 ? 0.5 : wanted < 50 ? 1 : 5;
    return AmpereHour(std::ceil(wanted / unit) * unit);
}

}  // namespace

Proposal with_enough_pack(Proposal made, const Plan& old, const Catalogue& catalogue,
                          const ProposeAgain& again) {
    if (battery_range(old, catalogue) || made.plan.batteries.size() != 1) return made;
    std::optional<Proposal> lasting;
    for (int round = 0;; ++round) {
        const Solver solver(made.plan, catalogue, feed_lengths(lay_routes(made.plan, catalogue)));
        const bool long_enough = lasts(made.plan, catalogue, solver);
        if (long_enough && !restarts_something(made.plan, solver)) return made;
        if (long_enough && !lasting) lasting = made;
        if (round == most_steps) break;
        auto larger = old;
        larger.batteries = made.plan.batteries;
        larger.batteries[0].cell_capacity = next_larger(larger.batteries[0].cell_capacity);
        auto proposed = again(larger);
        if (!proposed) break;
        proposed->why = made.why;
        proposed->why.add(
            fmt::format("Then {}, so that {}.", format(proposed->plan.batteries[0].cell_capacity),
                        long_enough ? "nothing restarts when something starts" : "the day leaves a fifth"));
        made = std::move(*proposed);
    }
    return lasting ? *lasting : made;
}

}  // namespace sangre
