#include "physics/wire/parallel.h"

#include <algorithm>

namespace sangre {
namespace {

double siemens(const ParallelConductor& c) { return 1 / (c.wire->ohm_per_m * std::max(raw(c.length), 1e-6)); }

/// What all together may carry when `broken` carries nothing: the first to reach its ampacity decides.
Ampere rating(const std::vector<ParallelConductor>& conductors, Celsius air, std::optional<size_t> broken) {
    const auto shares = share_current(conductors, Ampere(1), air, broken);
    double most = 0;
    for (const auto& s : shares) most = std::max(most, s.of_ampacity);
    return Ampere(most > 0 ? 1 / most : 0);
}

}  // namespace

std::vector<ParallelShare> share_current(const std::vector<ParallelConductor>& conductors, Ampere total,
                                         Celsius air, std::optional<size_t> broken) {
    double sum = 0;
    for (size_t i = 0; i < conductors.size(); ++i)
        if (i != broken) sum += siemens(conductors[i]);
    const int carrying = static_cast<int>(conductors.size()) - (broken ? 1 : 0);
    std::vector<ParallelShare> shares(conductors.size());
    for (size_t i = 0; i < conductors.size(); ++i) {
        const auto& c = conductors[i];
        auto& s = shares[i];
        s.warm = air;
        if (i == broken) continue;
        const double bunch = bunching_factor(carrying);
        s.current = total * (siemens(c) / sum);
        const double carries = raw(ampacity(*c.wire, *c.insulation, air)) * bunch;
        s.of_ampacity = carries > 0 ? raw(s.current) / carries : 1e9;
        s.overloaded = s.of_ampacity > 1;
        s.warm = WireThermal(*c.wire, *c.insulation, air, bunch).steady(s.current);
    }
    return shares;
}

ParallelRating parallel_rating(const std::vector<ParallelConductor>& conductors, Celsius air) {
    ParallelRating r;
    r.whole = rating(conductors, air, {});
    for (size_t i = 0; i < conductors.size() && conductors.size() > 1; ++i) {
        const auto left = rating(conductors, air, i);
        if (i == 0 || left < r.one_broken) r.one_broken = left, r.worst_broken = i;
    }
    return r;
}

}  // namespace sangre
