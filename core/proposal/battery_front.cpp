#include "proposal/battery_front.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <set>

#include "base/words/say.h"
#include "physics/battery/pack.h"

namespace sangre {
namespace {

constexpr size_t few = 10;  // that a builder chooses from

/// The figures in which less is better.
std::array<double, 4> figures(const BatteryCandidate& c) {
    return {raw(c.mass), c.cost, 1 / std::max(raw(c.useful_time), 1.0), 1 + static_cast<double>(c.rails)};
}

bool beats(const BatteryCandidate& a, const BatteryCandidate& b) {
    const auto x = figures(a), y = figures(b);
    bool better = false;
    for (size_t i = 0; i < x.size(); ++i) {
        if (x[i] > y[i] * (1 + no_matter)) return false;
        better = better || x[i] < y[i] * (1 - no_matter);
    }
    return better;
}

bool alike(const BatteryCandidate& a, const BatteryCandidate& b) {
    const auto x = figures(a), y = figures(b);
    return std::equal(x.begin(), x.end(), y.begin(),
                      [](double p, double q) { return std::abs(p - q) <= no_matter * q; });
}

/// How different two packs are to the eye that chooses: sum of the ratios, as logarithms.
double apart(const BatteryCandidate& a, const BatteryCandidate& b) {
    const auto x = figures(a), y = figures(b);
    double sum = 0;
    for (size_t i = 0; i < x.size(); ++i)
        sum += std::abs(std::log(std::max(x[i], 1e-9) / std::max(y[i], 1e-9)));
    return sum;
}

/// Of a front too long to choose from, those that lie closest to another give way to it. The best in each
/// figure stay.
void thin_out(std::vector<BatteryCandidate>& list, const Catalogue& catalogue) {
    std::vector<BatteryCandidate*> front;
    for (auto& c : list)
        if (c.front) front.push_back(&c);
    std::set<const BatteryCandidate*> best;
    for (size_t figure = 0; figure < 4 && !front.empty(); ++figure)
        best.insert(*std::min_element(front.begin(), front.end(), [&](const auto* a, const auto* b) {
            return figures(*a)[figure] < figures(*b)[figure];
        }));
    while (front.size() > few) {
        double least = std::numeric_limits<double>::infinity();
        BatteryCandidate *goes = nullptr, *stands = nullptr;
        for (auto* c : front)
            for (auto* o : front) {
                if (c == o || best.contains(c) || apart(*c, *o) >= least) continue;
                least = apart(*c, *o), goes = c, stands = o;
            }
        if (!goes) return;
        goes->front = false;
        goes->why_not =
            say("close to {pack}, which stands for both",
                pack_short(stands->battery, *find(catalogue.chemistries, stands->battery.chemistry)));
        std::erase(front, goes);
    }
}

}  // namespace

void find_front(std::vector<BatteryCandidate>& list, const Catalogue& catalogue) {
    for (auto& c : list) c.front = c.serves;
    for (auto& c : list) {
        // Only what still stands can push another out, so that something always stands.
        const auto by = std::find_if(list.begin(), list.end(), [&](const auto& o) {
            return o.front && c.front && &o != &c && (beats(o, c) || (&o < &c && alike(o, c)));
        });
        if (by == list.end()) continue;
        c.front = false;
        const auto summary = pack_short(by->battery, *find(catalogue.chemistries, by->battery.chemistry));
        c.why_not =
            beats(*by, c)
                ? say("{summary} is about as good or better in mass, cost, run time and rails", summary)
                : say("hardly differs from {summary}", summary);
    }
    thin_out(list, catalogue);
    std::stable_sort(list.begin(), list.end(), [](const auto& a, const auto& b) {
        if (a.front != b.front) return a.front;
        if (a.serves != b.serves) return a.serves;
        return a.mass < b.mass;
    });
}

}  // namespace sangre
