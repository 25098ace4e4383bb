#include "electrical/protection/bunching.h"

#include <algorithm>

#include "electrical/protection/protection.h"

namespace sangre {
namespace {

constexpr double light_share = 0.3;

int conductors_of(const Lead& feed) { return std::max(feed.conductors, 1); }

}  // namespace

std::vector<int> bunched_circuits(const Plan& plan, const Catalogue& catalogue, const Harness& harness,
                                  const WorstCase& worst) {
    std::vector<bool> light(plan.feeds().size());
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        const auto* wire = find(catalogue.wires, feed.wire);
        const auto* insulation = wire ? find(catalogue.insulations, wire->insulation) : nullptr;
        if (!insulation || harness.routes[f].bunched < 2) continue;
        const int all = harness.routes[f].bunched + conductors_of(feed) - 1;
        const auto free = thermal_of(*wire, *insulation, plan.hottest_air, 1)->free_ampacity();
        light[f] =
            worst.feeds[f].continuous < free * conductors_of(feed) * bunching_factor(all) * light_share;
    }
    std::vector<int> counted(plan.feeds().size());
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        counted[f] = conductors_of(plan.feeds()[f]);
        for (const auto p : harness.routes[f].ways) {
            int here = conductors_of(plan.feeds()[f]);
            for (const auto other : harness.feeds_on_way[p])
                if (other != f && !light[other]) here += conductors_of(plan.feeds()[other]);
            counted[f] = std::max(counted[f], here);
        }
    }
    return counted;
}

}  // namespace sangre
