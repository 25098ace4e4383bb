#include "harness/conductors.h"

namespace sangre {

std::vector<FeedConductor> conductors_of(const Plan& plan, size_t feed) {
    const auto& f = plan.feeds[feed];
    const int alike = std::max(f.conductors, 1);
    std::vector<FeedConductor> all;
    for (const bool is_return : {false, true})
        for (int n = 1; n <= alike && !(is_return && f.ret != Return::own); ++n)
            all.push_back({feed, is_return, n, alike, is_return ? f.return_colour : f.supply_colour});
    return all;
}

}  // namespace sangre
